"""Glue: the area of the joints that are glued, and how much of it they take. Areas in exact mm², amounts in ml."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.rules.obstructions.free import NOTHING

SQUARE_MM = 10**6
"""In a square metre."""
MILLILITRES = 10**3
"""In a litre."""


def glue_for(area: Mm, coverage: Mm) -> Mm:
    """Whole millilitres for an area, by how many square metres a litre covers."""
    return Mm(pieces(area, coverage * SQUARE_MM / MILLILITRES))


@rule(source="from memory", label="area of the corners that are glued", per="drawer", unit="area")
def corners_glued(wall_height_cut: Mm, back_wall_height_cut: Mm, side_thickness: Mm) -> Mm:
    """Along both corners of both ends, as wide as the sides are thick; fingers and tails take more."""
    return 2 * (wall_height_cut + back_wall_height_cut) * side_thickness


@rule(source="common practice", label="area of a planted bottom that is glued", per="bottom.planted", unit="area")
def bottom_glued(bottom_width_cut: Mm, bottom_depth_cut: Mm, bottom_edge: Mm) -> Mm:
    """All round, as wide as the walls over it are thick."""
    return 2 * (bottom_width_cut + bottom_depth_cut) * bottom_edge


@rule(source="from memory", label="glue for the box", per="drawer", unit="ml")
def box_glue(corners_glued: Mm, glue_coverage: Mm, bottom_glued: Mm = NOTHING) -> Mm:
    """What its corners take, and a bottom that is planted."""
    return glue_for(corners_glued + bottom_glued, glue_coverage)


@rule(source="from memory", label="glue for the dividers", per=("divided.board", "glued_ends"), unit="ml")
def divider_glue(
    each_weight: tuple[Mm, ...],
    divider_held_ends: Mm,
    divider_depth_cut: Mm,
    divider_thickness: Mm,
    divider_housed: Mm,
    glue_coverage: Mm,
) -> Mm:
    """The ends of each divider where it is held, and both sides of what is let in there."""
    each = divider_held_ends * divider_depth_cut * (divider_thickness + 2 * divider_housed)
    return glue_for((len(each_weight) - 1) * each, glue_coverage)


@rule(source="from memory", label="glue for the case", per="stays_together", unit="ml")
def case_glue(
    lower_joints: Mm,
    upper_joints: Mm,
    case_side_depth_cut: Mm,
    case_screwed_edge: Mm,
    case_housed: Mm,
    glue_coverage: Mm,
) -> Mm:
    """The joints below and above, as long as the case is deep, and both sides of what is housed."""
    return glue_for(
        (lower_joints + upper_joints) * case_side_depth_cut * (case_screwed_edge + 2 * case_housed), glue_coverage
    )


for per, count in ((("drawer",), "box_glue"), (("divided.board", "glued_ends"), "divider_glue")):
    good("glue", per=per, title="Wood glue", unit="ml", count=count, at_least=True, where=count)
good("glue", per="stays_together", title="Wood glue", unit="ml", count="case_glue", at_least=True)
