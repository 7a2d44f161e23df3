"""The room that the members of a runner take beside a box. Exact mm, in the space's frame."""

from __future__ import annotations

from vasculum.core.catalogue import body, good, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per=("lined", "clearing"))
def runner_thick(beside_box: Mm) -> Mm:
    """The members of a runner together fill what it takes beside the box.

    One side.
    """
    return beside_box


@rule(source="geometry", label="left runner, from the left", per=("lined", "rolling"))
def member_left_from_left(box_from_left: Mm, runner_thick: Mm, shim_beside: Mm = NOTHING) -> Mm:
    """The left runner begins beside the box by its own thickness, past any pad between them.

    From the clear left of the space.
    """
    return box_from_left - shim_beside - runner_thick


@rule(source="geometry", label="right runner, from the left", per=("lined", "rolling"))
def member_right_from_left(box_from_left: Mm, outside_width: Mm, shim_beside: Mm = NOTHING) -> Mm:
    """The right runner begins where the box ends, past any pad between them.

    From the clear left of the space.
    """
    return box_from_left + outside_width + shim_beside


@body("member_left", ("lined", "rolling"), "Runner, left", "runner_length", "runner_height", "runner_thick")
def member_left(member_left_from_left: Mm, members_from_front: Mm, runner_from_floor: Mm, runner_height: Mm) -> Stand:
    """The left runner hangs on the left of the box, its centre on the line."""
    return Stand(member_left_from_left, members_from_front, runner_from_floor - runner_height / 2, "back", "up", 1)


@body("member_right", ("lined", "rolling"), "Runner, right", "runner_length", "runner_height", "runner_thick")
def member_right(member_right_from_left: Mm, members_from_front: Mm, runner_from_floor: Mm, runner_height: Mm) -> Stand:
    """The right runner hangs on the right of the box, its centre on the line."""
    return Stand(member_right_from_left, members_from_front, runner_from_floor - runner_height / 2, "back", "up", -1)


@rule(source="geometry", label="pad under the members on the box", per="screwed")
def pad_under_members(shim_beside: Mm = NOTHING) -> Mm:
    """Between the box and the members on it lies the pad, if there is one."""
    return shim_beside


@rule(source="common practice", per="rolling", unit="count")
def pairs_to_buy() -> Mm:
    """One pair carries a box."""
    return Mm(1)


good(
    "runner",
    per="rolling",
    title="runner",
    unit="pair",
    count="pairs_to_buy",
    size="runner_length",
    row="runner",
    where="pairs_to_buy",
)
good(
    "screw",
    per="screwed",
    title="Screw for the runner",
    count="runner_screw_count",
    size="runner_screw_length",
    bite="runner_screw_reach",
    through=("runner_metal", "pad_under_members"),
    into=("side_thickness",),
    holds="case",
    where="pairs_to_buy",
)
