"""Bottom between the walls, flush with their lower edges: pocket screws or glue. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.bottoms.lying import bottom_piece
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "bottom.between",
    title="Between the walls",
    about="Flush with the lower edges, with pocket screws or glue; nothing to groove.",
    needs="pocket_jig",
    instead="Strips glued inside the walls hold it up.",
    shares=("flush_bottom",),
    order=4,
)


@rule(source="common practice", label="box bottom width", per="bottom.between")
def bottom_width(inside_width: Mm) -> Mm:
    """The bottom stands between the sides.

    Left to right.
    """
    return inside_width


@rule(source="common practice", label="box bottom depth", per="bottom.between")
def bottom_depth(inside_depth: Mm) -> Mm:
    """The bottom stands between front and back.

    Front to back.
    """
    return inside_depth


@bottom_piece(per="bottom.between")
def bottom(
    box_from_left: Mm,
    outside_width: Mm,
    bottom_width_cut: Mm,
    set_back: Mm,
    front_wall: Mm,
    inside_depth: Mm,
    bottom_depth_cut: Mm,
    box_from_floor: Mm,
    set_in_front: Mm = NOTHING,
) -> Stand:
    """A bottom between the walls lies in the middle, flush with their lower edges."""
    across = box_from_left + (outside_width - bottom_width_cut) / 2
    back = set_back + set_in_front + front_wall + (inside_depth - bottom_depth_cut) / 2
    return Stand(across, back, box_from_floor, "across", "back", 1)
