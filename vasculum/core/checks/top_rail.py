"""An upright rail at the top of a case, and what runs into it."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="geometry", per=("under_rail", "drawer"))
def box_passes_the_top_rail(
    room_from_floor: Mm,
    room_below_box: Mm,
    outside_height: Mm,
    opening_height: Mm,
    top_rail_width_cut: Mm,
    set_back: Mm,
    outside_depth: Mm,
    top_rail_from_front: Mm,
) -> Finding | None:
    """A box under the rail ends below it, or before it."""
    over = room_from_floor + room_below_box + outside_height - (opening_height - top_rail_width_cut)
    behind = set_back + outside_depth - top_rail_from_front
    if over <= 0 or behind <= 0:
        return None
    return Finding(
        "box-meets-top-rail",
        "stop",
        "The box reaches {over} up and {behind} back into the rail at the top of the case.",
        "Make the box lower by {over} or less deep by {behind}, or put a narrower rail there.",
        {"over": over, "behind": behind},
        ("outside_height", "outside_depth"),
    )


@check(source="geometry", per=("under_rail", "divided.board", "upright.board"))
def uprights_pass_the_top_rail(divider_set_back: Mm, divider_depth_cut: Mm, top_rail_from_front: Mm) -> Finding | None:
    """Upright dividers end before the rail."""
    behind = divider_set_back + divider_depth_cut - top_rail_from_front
    if behind <= 0:
        return None
    return Finding(
        "dividers-meet-top-rail",
        "stop",
        "Upright dividers run {behind} into the rail at the top of the case.",
        "End them {behind} further before the back, or hold the sides apart with stretchers.",
        {"behind": behind},
        ("divider_depth_cut",),
    )
