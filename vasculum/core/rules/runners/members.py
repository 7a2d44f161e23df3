"""The room that the members of a runner take beside a box. Exact mm, in the space's frame."""

from __future__ import annotations

from vasculum.core.catalogue import body, good, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("lined", "clearing"))
def runner_thick(beside_box: Mm) -> Mm:
    """The members of a runner together fill what it takes beside the box.

    One side.
    """
    return beside_box


@body("member_left", ("lined", "rolling"), "Runner, left", "runner_length", "runner_height", "runner_thick")
def member_left(
    box_from_left: Mm, runner_thick: Mm, members_from_front: Mm, runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The left runner hangs on the left of the box, its centre on the line."""
    return Stand(
        box_from_left - runner_thick, members_from_front, runner_from_floor - runner_height / 2, "back", "up", 1
    )


@body("member_right", ("lined", "rolling"), "Runner, right", "runner_length", "runner_height", "runner_thick")
def member_right(
    box_from_left: Mm, outside_width: Mm, members_from_front: Mm, runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The right runner hangs on the right of the box, its centre on the line."""
    return Stand(
        box_from_left + outside_width, members_from_front, runner_from_floor - runner_height / 2, "back", "up", -1
    )


good("runner", per="rolling", title="runner", unit="pair", size="runner_length", row="runner")
good(
    "screw",
    per="screwed",
    title="Screw for the runner",
    count="runner_screw_count",
    size="runner_screw_length",
    through=("runner_metal", "runner_shim"),
    into=("side_thickness",),
    holds="case",
)
