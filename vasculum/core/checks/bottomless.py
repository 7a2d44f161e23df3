"""A case or a box without a bottom: what then has nothing to stand on or to be held by."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per=("divided.board", "upright.board", "low_end.nothing", "high_end.nothing"))
def uprights_are_held_somewhere() -> Finding | None:
    """An upright wants a board at one of its ends."""
    return Finding(
        "divider-held-nowhere",
        "attention",
        "The case has neither top nor bottom: nothing holds its upright dividers.",
        "Give the case stretchers above or below.",
        {},
        ("divider_length_cut",),
    )


@check(source="common practice", per=("case_bottom.none", "has_plinth"))
def a_plinth_hangs_on_a_bottom(plinth_height: Mm) -> Finding | None:
    """Toe boards are screwed up into the bottom."""
    return Finding(
        "plinth-without-bottom",
        "attention",
        "A plinth {height} high was chosen under a case without a bottom: its toe boards have nothing to hang on.",
        "Take two stretchers below instead, or leave the plinth out.",
        {"height": plinth_height},
        ("plinth_height",),
    )


@check(source="common practice", per="case_bottom.none", when=("feet_in_a_row", "base_height"))
def feet_stand_under_a_bottom(feet_in_a_row: Mm) -> Finding | None:
    """Feet between the sides want a board over them."""
    if feet_in_a_row <= 2:
        return None
    return Finding(
        "feet-under-nothing",
        "stop",
        "The case has no bottom: feet between its sides stand under nothing.",
        "Take two feet in a row, or two stretchers below.",
        {},
        ("feet_in_a_row",),
    )


@check(source="common practice", per=("case_bottom.none", "case_top.none"))
def sides_are_held_apart() -> Finding | None:
    """Sides want a board across somewhere."""
    return Finding(
        "sides-not-held-apart",
        "attention",
        "The case has neither top nor bottom: its back and its dividers alone hold the sides apart.",
        "Give the case stretchers above or below.",
        {},
        ("case_outside_width",),
    )


@check(source="common practice", per="bottom.none")
def a_frame_stands_on_a_floor(room_below_box: Mm) -> Finding | None:
    """What has no bottom of its own stands on one."""
    if room_below_box <= 0:
        return None
    return Finding(
        "box-without-bottom",
        "stop",
        "The box has no bottom and hangs {below} above what is under it: things fall through.",
        "Give it a bottom, or let it stand plain in its cell.",
        {"below": room_below_box},
        ("room_below_box",),
    )
