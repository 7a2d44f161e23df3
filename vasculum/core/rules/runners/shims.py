"""Shims behind a runner that rolls: a pad on the box, or a strip on the wall. Exact mm, one a side."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@piece(
    "shim_left",
    per=("lined", "rolling"),
    title="Shim behind the runner, left",
    length="runner_length",
    width="runner_height",
    thickness="runner_shim",
    stock="packing_strip",
    hand="L",
    where="runner_shim",
    order=22,
)
def shim_left(
    box_from_left: Mm,
    beside_box: Mm,
    runner_shim: Mm,
    members_from_front: Mm,
    carrier_from_floor: Mm,
    shim_beside: Mm = NOTHING,
) -> Stand:
    """The left shim stands between the runner and what it is fixed to."""
    across = box_from_left - shim_beside - beside_box - runner_shim
    return Stand(across, members_from_front, carrier_from_floor, "back", "up", 1)


@piece(
    "shim_right",
    per=("lined", "rolling"),
    title="Shim behind the runner, right",
    length="runner_length",
    width="runner_height",
    thickness="runner_shim",
    stock="packing_strip",
    hand="R",
    where="runner_shim",
    order=23,
)
def shim_right(
    box_from_left: Mm,
    outside_width: Mm,
    beside_box: Mm,
    members_from_front: Mm,
    carrier_from_floor: Mm,
    shim_beside: Mm = NOTHING,
) -> Stand:
    """The right shim stands between the runner and what it is fixed to."""
    across = box_from_left + outside_width + shim_beside + beside_box
    return Stand(across, members_from_front, carrier_from_floor, "back", "up", -1)


@rule(source="common practice", label="length of the pads", per=("lined", "rolling"))
def pad_length(runner_length: Mm, kept_runner_length: Mm | None = None) -> Mm:
    """A pad is as long as the runner; where the runner stays, as long as the tape reads it."""
    return runner_length if kept_runner_length is None else kept_runner_length


@piece(
    "pad_left",
    per=("lined", "rolling"),
    title="Pad between box and runner, left",
    length="pad_length",
    width="runner_height",
    thickness="shim_beside",
    stock="packing_strip",
    hand="L",
    where="shim_beside",
    moves=True,
    order=24,
)
def pad_left(box_from_left: Mm, shim_beside: Mm, members_from_front: Mm, carrier_from_floor: Mm) -> Stand:
    """The left pad is on the box, under the runner."""
    return Stand(box_from_left - shim_beside, members_from_front, carrier_from_floor, "back", "up", 1)


@piece(
    "pad_right",
    per=("lined", "rolling"),
    title="Pad between box and runner, right",
    length="pad_length",
    width="runner_height",
    thickness="shim_beside",
    stock="packing_strip",
    hand="R",
    where="shim_beside",
    moves=True,
    order=25,
)
def pad_right(box_from_left: Mm, outside_width: Mm, members_from_front: Mm, carrier_from_floor: Mm) -> Stand:
    """The right pad is on the box, under the runner."""
    return Stand(box_from_left + outside_width, members_from_front, carrier_from_floor, "back", "up", -1)
