"""Cleats that dividers rest on, and what comes near them."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


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
    runner_line_built: Mm | None = None,
    runner_height: Mm | None = None,
) -> Finding | None:
    """A box ends below the cleats over it, or passes between them; its runners end below them."""
    cleat = cell_from_floor + cell_height - cleat_height
    over, beside = room_from_floor + room_below_box + outside_height - cleat, box_from_left - cell_from_left
    if runner_line_built is not None and runner_height is not None:
        runner = room_from_floor + runner_line_built + runner_height / 2 - cleat
        if runner > 0:
            return Finding(
                "runner-meets-cleats",
                "stop",
                "The runners reach {over} up beside the cleats over them.",
                "Put the runner line lower by {over}, or hold the divider over it in another way.",
                {"over": runner},
                ("runner_line",),
            )
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


@check(source="geometry", per=("board_before.row", "board_on.cleats", "drawer", "runner.posts"))
def posts_pass_the_cleats(box_from_left: Mm, beside_box: Mm, cell_from_left: Mm, cleat_thickness: Mm) -> Finding | None:
    """Posts are as high as their bay: under a divider on cleats they stand inside the cleats, or meet them."""
    beside = box_from_left - beside_box - cell_from_left
    if beside >= cleat_thickness:
        return None
    return Finding(
        "posts-meet-cleats",
        "stop",
        "Posts {beside} off their wall reach up into cleats {thick} thick.",
        "Hold the divider over the posts in another way.",
        {"beside": beside, "thick": cleat_thickness},
        ("cleat_thickness",),
    )


@check(source="geometry", per=("board_before.row", "board_on.cleats", "rack"))
def rack_passes_its_cleats(
    rack_from_left: Mm,
    cell_from_left: Mm,
    cell_width: Mm,
    rack_first: Mm,
    rack_slots: Mm,
    rack_pitch: Mm,
    cleat_thickness: Mm,
) -> Finding | None:
    """The upper strips of a rack lie under the board over it, between its cleats."""
    left = rack_from_left - cell_from_left
    right = cell_width - left - rack_first - rack_slots * rack_pitch
    beside = smallest(left, right)
    if beside >= cleat_thickness:
        return None
    return Finding(
        "rack-meets-cleats",
        "stop",
        "The upper strips of the rack stand {beside} off the walls; cleats {thick} thick carry the board over it.",
        "Hold that board in another way.",
        {"beside": largest(Mm(0), beside), "thick": cleat_thickness},
        ("rack_slots",),
    )


@check(source="geometry", per=("board_before.row", "board_on.cleats", "rack", "rack_made.case"))
def a_cased_rack_has_no_cleats_over_it(cleat_thickness: Mm) -> Finding:
    """The case of a rack fills its place from wall to wall, up to the board over it."""
    return Finding(
        "rack-case-meets-cleats",
        "stop",
        "The rack's case fills its place, where cleats {thick} thick carry the board over it.",
        "Hold that board in another way.",
        {"thick": cleat_thickness},
        ("cleat_thickness",),
    )


@check(source="geometry", per=("board_before.row", "board_on.cleats", "parts_tray"))
def trays_for_parts_have_no_cleats_over_them(cleat_thickness: Mm) -> Finding:
    """The strips over a tray for parts reach up to the board over them."""
    return Finding(
        "parts-tray-meets-cleats",
        "stop",
        "Tray and strips reach up to a board that cleats {thick} thick carry: they stand in the way.",
        "Hold that board in another way.",
        {"thick": cleat_thickness},
        ("cleat_thickness",),
    )
