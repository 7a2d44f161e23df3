"""Strips that pack a runner out: past the frame's lip, or past what stands in the way. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm


@rule(source="geometry", per="drawer")
def carrier_from_floor(box_from_floor: Mm) -> Mm:
    """What carries a box without a line begins where the box begins.

    Its lower edge, above the floor of the space.
    """
    return box_from_floor


@piece(
    "packing_left",
    per=("drawer", "left.edge"),
    title="Packing strip, left",
    length="runner_length",
    width="runner_height",
    thickness="packing_left",
    stock="packing_strip",
    hand="L",
    where="packing_left",
    order=20,
)
def packing_left(packing_left: Mm, set_back: Mm, carrier_from_floor: Mm) -> Stand:
    """The left packing strip stands between the inside of the case and the clear width, behind the runner."""
    return Stand(-packing_left, set_back, carrier_from_floor, "back", "up", 1)


@piece(
    "packing_right",
    per=("drawer", "right.edge"),
    title="Packing strip, right",
    length="runner_length",
    width="runner_height",
    thickness="packing_right",
    stock="packing_strip",
    hand="R",
    where="packing_right",
    order=21,
)
def packing_right(clear_width: Mm, set_back: Mm, carrier_from_floor: Mm) -> Stand:
    """The right packing strip stands between the clear width and the inside of the case, behind the runner."""
    return Stand(clear_width, set_back, carrier_from_floor, "back", "up", -1)


@piece(
    "strip_left",
    per="drawer",
    title="Strip past what is in the way, left",
    length="runner_length",
    width="runner_height",
    thickness="taken_left",
    stock="packing_strip",
    hand="L",
    where="taken_left",
    order=30,
)
def strip_left(cell_from_left: Mm, set_back: Mm, carrier_from_floor: Mm) -> Stand:
    """The strip on the left fills what the thing in the way takes, behind the runner."""
    return Stand(cell_from_left, set_back, carrier_from_floor, "back", "up", 1)


@piece(
    "strip_right",
    per="drawer",
    title="Strip past what is in the way, right",
    length="runner_length",
    width="runner_height",
    thickness="taken_right",
    stock="packing_strip",
    hand="R",
    where="taken_right",
    order=31,
)
def strip_right(cell_from_left: Mm, cell_width: Mm, taken_right: Mm, set_back: Mm, carrier_from_floor: Mm) -> Stand:
    """The strip on the right fills what the thing in the way takes, behind the runner."""
    return Stand(cell_from_left + cell_width - taken_right, set_back, carrier_from_floor, "back", "up", -1)
