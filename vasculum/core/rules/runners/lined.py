"""Runners at the side of the box have a line: the centre of both members. Exact mm.

The runner line is in the case above the floor of the box's room, on the box above its lower edge. A spacer block under
the cabinet member sets it without measuring.
"""

from __future__ import annotations

from vasculum.core.catalogue import cut, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", label="spacer block", per="lined")
def spacer_block(runner_line: Mm, runner_height: Mm) -> Mm:
    """The spacer block under the cabinet member is the runner line less half the runner's height.

    Raises:
        CannotDerive: ``runner-below-the-floor``.
    """
    block = runner_line - runner_height / 2
    if block < 0:
        raise CannotDerive(
            "runner-below-the-floor",
            "A runner {runner_height} high, centred {runner_line} up, would reach below the floor.",
            "Put the runner line higher, or use a lower runner.",
            runner_height=runner_height,
            runner_line=runner_line,
        )
    return block


@rule(source="common practice", per="lined")
def spacer_block_cut(spacer_block: Mm, increment: Mm) -> Mm:
    """The spacer block is cut down to the shop's increment, and the runner line follows it."""
    return snap_down(spacer_block, increment)


@rule(source="geometry", per="lined")
def runner_line_built(spacer_block_cut: Mm, runner_height: Mm) -> Mm:
    """On its cut block, the runner's centre stands the block and half the runner's height above the floor."""
    return spacer_block_cut + runner_height / 2


@rule(source="geometry", label="runner line on the box", per="lined")
def box_runner_line(runner_line_built: Mm, room_below_box: Mm) -> Mm:
    """On the box, the runner line stands lower by the play below the box.

    Above the box's lower edge.
    """
    return runner_line_built - room_below_box


@rule(source="geometry", label="runner line above the opening's floor", per="lined")
def runner_from_floor(room_from_floor: Mm, runner_line_built: Mm) -> Mm:
    """In the case, the runner stands its own line above where its room begins.

    Its centre, above the floor of the space.
    """
    return room_from_floor + runner_line_built


@rule(source="geometry", per="lined")
def runner_line_on_wall(box_runner_line: Mm) -> Mm:
    """The walls end where the box ends, so the runner line stands as high on the side as on the box.

    Above the side's lower edge.
    """
    return box_runner_line


cut(
    "line",
    per="lined",
    into=("side_left", "side_right"),
    title="Runner line, outside face",
    face="outside",
    at="runner_line_on_wall",
)


@rule(source="geometry", label="lower edge of the runner above the floor", per=("drawer", "lined"))
def carrier_from_floor(runner_from_floor: Mm, runner_height: Mm) -> Mm:
    """A runner on its line begins half its height below it.

    Its lower edge, above the floor of the space.
    """
    return runner_from_floor - runner_height / 2
