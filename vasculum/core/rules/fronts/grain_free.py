"""Fronts cut wherever the sheet has room. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "grain.free",
    title="Runs free",
    about="Each front is cut where the sheet has room.",
    order=1,
)


@rule(source="geometry", label="number of fronts out of one panel", per="grain.free", unit="count")
def faces_from_panel() -> Mm:
    """None of the fronts has to come out of one panel."""
    return Mm(0)
