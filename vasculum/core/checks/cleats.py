"""Cleats that dividers rest on, and what comes near them."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per=("upright.board", "divider_held.cleats"))
def uprights_do_not_lie_on_cleats() -> Finding | None:
    """Cleats carry what lies on them; an upright divider lies on nothing."""
    return Finding(
        "uprights-on-cleats",
        "attention",
        "Upright dividers were chosen to rest on cleats; they do not lie, and nothing holds them.",
        "Hold them by screws, dowels or angles.",
        {},
        ("divider_length_cut",),
    )


@check(source="geometry", per=("board_before.row", "board_on.cleats", "drawer"))
def box_passes_its_cleats(
    room_from_floor: Mm,
    room_below_box: Mm,
    outside_height: Mm,
    cell_from_floor: Mm,
    cell_height: Mm,
    cleat_height: Mm,
    box_from_left: Mm,
    cell_from_left: Mm,
    cleat_thickness: Mm,
) -> Finding | None:
    """A box ends below the cleats over it, or passes between them."""
    over = room_from_floor + room_below_box + outside_height - (cell_from_floor + cell_height - cleat_height)
    beside = box_from_left - cell_from_left
    if over <= 0 or beside >= cleat_thickness:
        return None
    return Finding(
        "box-meets-cleats",
        "stop",
        "The box reaches {over} up beside cleats {thick} thick, and stands {beside} off their wall.",
        "Make the box lower by {over}, or hold the divider over it in another way.",
        {"over": over, "thick": cleat_thickness, "beside": beside},
        ("outside_height",),
    )
