"""No pull. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "pull.none",
    title="None",
    about="Pushed to open, or pulled by what is behind.",
    order=6,
)


@rule(source="common practice", per="pull.none", unit="count")
def pull_count() -> Mm:
    """Nothing is screwed on."""
    return Mm(0)
