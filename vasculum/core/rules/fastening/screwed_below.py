"""Upright dividers on dowels that are screwed from below as well: through the bottom of a case, where nobody sees it.

Exact mm.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along

alternative(
    "divider_held.dowels_screwed",
    title="Dowels, and screws from below",
    about="Dowels locate it at both ends; screws up through the bottom of a case hold it. Nothing shows above.",
    needs="dowel_jig",
    instead="Screw it, or pocket-screw it.",
    shares=("divider_held.dowels", "dowelled", "glued_ends"),
    order=4,
)
BELOW = ("divided.board", "upright.board", "divider_held.dowels_screwed", "low_end.case")


@rule(source="common practice", label="screws up into the dividers", per=BELOW, unit="count")
def screwed_below_count(
    each_weight: tuple[Mm, ...], divider_depth_cut: Mm, case_hole_margin: Mm, case_hole_pitch: Mm
) -> Mm:
    """Along its lower end as along a joint of the case, two at least in each."""
    return Mm((len(each_weight) - 1) * count_along(divider_depth_cut, case_hole_margin, case_hole_pitch, 2))


@rule(source="common practice", label="bite of screws up into the dividers", per=BELOW)
def screwed_below_bite(case_screw_length: Mm, low_end_host: Mm) -> Mm:
    """Past what it stands on it bites in the divider's end."""
    return case_screw_length - low_end_host


good(
    "screw",
    per=BELOW,
    title="Screw up into dividers",
    count="screwed_below_count",
    size="case_screw_length",
    through=("low_end_host",),
    into=("divider_thickness",),
    bite="screwed_below_bite",
)
