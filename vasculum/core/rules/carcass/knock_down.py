"""A case that comes apart: dowels locate it, screws hold it, no glue. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm

alternative(
    "case_joint.knock_down",
    title="Comes apart",
    about="Dowels locate, screws hold, no glue; travels flat.",
    shares=("case_screwed",),
    order=3,
)


@rule(source="common practice", per="case_joint.knock_down")
def case_housed() -> Mm:
    """A board that comes off again is let into nothing."""
    return Mm(0)


@rule(source="common practice", label="number of dowels in the case", per="case_joint.knock_down", unit="count")
def case_dowel_count(case_boards: Mm) -> Mm:
    """Two dowels locate each of the joints, and there are as many joints as boards."""
    return 2 * case_boards


good("dowel", per="case_joint.knock_down", title="Dowel for the case", count="case_dowel_count")
