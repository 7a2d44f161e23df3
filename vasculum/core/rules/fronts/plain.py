"""A front that is what it seems. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "face.plain",
    title="One front",
    order=1,
)


@rule(source="geometry", per="face.plain", unit="count")
def faces_shown() -> Mm:
    """A plain front reads as one."""
    return Mm(1)
