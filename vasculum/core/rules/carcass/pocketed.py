"""A case that is butted, glued and held by pocket screws: nothing shows outside. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along, pocket_length

alternative(
    "case_joint.pocket",
    title="Butted, pocket screws",
    about="Glue, and screws slantwise from below or behind: nothing shows outside.",
    shares=("stays_together",),
    order=4,
)


@rule(source="common practice", per="case_joint.pocket")
def case_housed() -> Mm:
    """A butted board is let into nothing."""
    return Mm(0)


@rule(source="common practice", label="pocket screws of the case", per="case_joint.pocket", unit="count")
def case_pockets(
    case_side_depth_cut: Mm, lower_joints: Mm, upper_joints: Mm, pocket_margin: Mm, pocket_pitch: Mm
) -> Mm:
    """Along both joints of what lies below, and of what lies above, two at least in each."""
    return (lower_joints + upper_joints) * count_along(case_side_depth_cut, pocket_margin, pocket_pitch, 2)


@rule(source="common practice", label="length of pocket screws of the case", per="case_joint.pocket")
def case_pocket_length(
    case_screwed_edge: Mm,
    case_housing_thickness: Mm,
    pocket_thicknesses: tuple[Mm, ...],
    pocket_lengths: tuple[Mm, ...],
) -> Mm:
    """Pocket screws go by the thinner of the two parts."""
    return pocket_length(case_screwed_edge, case_housing_thickness, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per="case_joint.pocket",
    title="Pocket screw for the case",
    count="case_pockets",
    size="case_pocket_length",
    through=("case_screwed_edge",),
    holds="next_board",
)
