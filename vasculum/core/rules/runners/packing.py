"""Strips that pack a runner out: past the frame's lip, or past what stands in the way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per="drawer")
def carrier_from_floor(box_from_floor: Mm) -> Mm:
    """What carries a box without a line begins where the box begins.

    Its lower edge, above the floor of the space.
    """
    return box_from_floor


@rule(source="from memory", label="packing past what stands in on the left", per="drawer")
def strip_past_left(
    thickest_strip: Mm,
    taken_left: Mm = NOTHING,
    carries_left: Mm = NOTHING,
    filled_left: Mm = NOTHING,
    strip_left_length: Mm = NOTHING,
) -> Mm:
    """On the left a strip fills what the thing in the way takes; past a thickness an upright board is built.

    The board is no strip: nothing then. Nor is a strip wanted where a partition carries, or the thing itself
    stands all along.
    """
    thick = taken_left - carries_left - filled_left
    return thick if taken_left <= thickest_strip and strip_left_length > 0 else NOTHING


@rule(source="from memory", label="packing past what stands in on the right", per="drawer")
def strip_past_right(
    thickest_strip: Mm,
    taken_right: Mm = NOTHING,
    carries_right: Mm = NOTHING,
    filled_right: Mm = NOTHING,
    strip_right_length: Mm = NOTHING,
) -> Mm:
    """On the right a strip fills what the thing in the way takes; past a thickness an upright board is built.

    The board is no strip: nothing then. Nor is a strip wanted where a partition carries, or the thing itself
    stands all along.
    """
    thick = taken_right - carries_right - filled_right
    return thick if taken_right <= thickest_strip and strip_right_length > 0 else NOTHING


@rule(source="common practice", label="thickness of the left packing strip", per=("drawer", "left.edge"))
def packing_strip_left(packing_blank_left: Mm = NOTHING, post_recess_left: Mm = NOTHING) -> Mm:
    """The strip on the left is as thick as the packing at its thickest, less what a post stands in place of."""
    return packing_blank_left - post_recess_left


@piece(
    "packing_left",
    per=("drawer", "left.edge", "packing_made.planed"),
    title="Packing strip, left",
    length="runner_length",
    width="runner_height",
    thickness="packing_strip_left",
    stock="packing_strip",
    hand="L",
    where="packing_strip_left",
    order=20,
)
def packing_left(set_back: Mm, carrier_from_floor: Mm, wall_left_from_left: Mm = NOTHING) -> Stand:
    """The left packing strip stands between the inside of the case and the clear width, behind the runner."""
    return Stand(wall_left_from_left, set_back, carrier_from_floor, "back", "up", 1)


@rule(source="common practice", label="thickness of the right packing strip", per=("drawer", "right.edge"))
def packing_strip_right(packing_blank_right: Mm = NOTHING, post_recess_right: Mm = NOTHING) -> Mm:
    """The strip on the right is as thick as the packing at its thickest, less what a post stands in place of."""
    return packing_blank_right - post_recess_right


@piece(
    "packing_right",
    per=("drawer", "right.edge", "packing_made.planed"),
    title="Packing strip, right",
    length="runner_length",
    width="runner_height",
    thickness="packing_strip_right",
    stock="packing_strip",
    hand="R",
    where="packing_strip_right",
    order=21,
)
def packing_right(
    packing_strip_right: Mm, set_back: Mm, carrier_from_floor: Mm, wall_right_from_left: Mm = NOTHING
) -> Stand:
    """The right packing strip stands between the clear width and the inside of the case, behind the runner."""
    return Stand(wall_right_from_left - packing_strip_right, set_back, carrier_from_floor, "back", "up", -1)


@piece(
    "strip_left",
    per=("drawer", "obstructed.left"),
    title="Strip past what is in the way, left",
    length="strip_left_length",
    width="runner_height",
    thickness="strip_past_left",
    stock="packing_strip",
    hand="L",
    where="strip_past_left",
    order=30,
)
def strip_left(cell_from_left: Mm, filled_left: Mm, strip_left_begins: Mm, carrier_from_floor: Mm) -> Stand:
    """The strip on the left fills what the thing in the way takes, behind the runner."""
    return Stand(cell_from_left + filled_left, strip_left_begins, carrier_from_floor, "back", "up", 1)


@piece(
    "strip_right",
    per=("drawer", "obstructed.right"),
    title="Strip past what is in the way, right",
    length="strip_right_length",
    width="runner_height",
    thickness="strip_past_right",
    stock="packing_strip",
    hand="R",
    where="strip_past_right",
    order=31,
)
def strip_right(
    cell_from_left: Mm,
    cell_width: Mm,
    filled_right: Mm,
    strip_past_right: Mm,
    strip_right_begins: Mm,
    carrier_from_floor: Mm,
) -> Stand:
    """The strip on the right fills what the thing in the way takes, behind the runner."""
    return Stand(
        cell_from_left + cell_width - filled_right - strip_past_right,
        strip_right_begins,
        carrier_from_floor,
        "back",
        "up",
        -1,
    )
