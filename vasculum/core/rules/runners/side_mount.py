"""Side-mount ball-bearing runners: half an inch a side is usual; measure the pair in your hand. Exact mm.

The runner line is the centre of both members: in the case above the floor of the box's room, on the box above its
lower edge. A spacer block under the cabinet member sets it without measuring.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import longest_not_over, smallest, snap_down


@rule(source="common practice", per="runner.side_mount")
def box_width(cell_width: Mm, runner_side_clearance: Mm, runner_play: Mm) -> Mm:
    """The box is the clear width less the runner's clearance on each side and the play.

    Outside to outside; the play is overall.

    Raises:
        CannotDerive: ``no-room-for-box``, when the runners fill the opening.
    """
    width = cell_width - 2 * runner_side_clearance - runner_play
    if width <= 0:
        raise CannotDerive(
            "no-room-for-box",
            "Two runners of {runner_side_clearance} and their play fill a clear width of {cell_width}.",
            "Choose narrower runners, or measure the width again.",
            runner_side_clearance=runner_side_clearance,
            cell_width=cell_width,
        )
    return width


@rule(source="common practice", per="runner.side_mount")
def usable_depth(cell_depth: Mm, set_back: Mm) -> Mm:
    """Usable is the depth to the nearest thing behind, less the set-back.

    Raises:
        CannotDerive: ``front-fills-the-depth``.
    """
    depth = cell_depth - set_back
    if depth <= 0:
        raise CannotDerive(
            "front-fills-the-depth",
            "A front {set_back} thick fills a depth of {cell_depth}.",
            "Use a thinner front, or measure the depth again.",
            set_back=set_back,
            cell_depth=cell_depth,
        )
    return depth


@rule(source="common practice", per="runner.side_mount")
def runner_length(usable_depth: Mm, runner_stock_lengths: tuple[Mm, ...], wanted_runner_length: Mm | None = None) -> Mm:
    """The runner is the longest stock length that is not over the usable depth, or the length in hand.

    Raises:
        CannotDerive: ``no-runner-short-enough``.
    """
    if wanted_runner_length is not None:
        return wanted_runner_length
    length = longest_not_over(usable_depth, runner_stock_lengths)
    if length is None:
        raise CannotDerive(
            "no-runner-short-enough",
            "The shortest stock length is {shortest}; the usable depth is {usable_depth}.",
            "Use a thinner or an overlay front, another kind of runner, or enter the length in hand.",
            shortest=smallest(*runner_stock_lengths),
            usable_depth=usable_depth,
        )
    return length


@rule(source="geometry", per="runner.side_mount")
def runner_depth_spare(usable_depth: Mm, runner_length: Mm) -> Mm:
    """Behind the runner stays what the usable depth leaves."""
    return usable_depth - runner_length


@rule(source="common practice", per="runner.side_mount")
def box_depth(runner_length: Mm, wanted_box_depth: Mm | None = None) -> Mm:
    """The box is as deep as the runner is long, or as deep as was chosen.

    Outside to outside, without an applied front.
    """
    return runner_length if wanted_box_depth is None else wanted_box_depth


@rule(source="geometry", per="runner.side_mount")
def runner_play_built(cell_width: Mm, runner_side_clearance: Mm, outside_width: Mm) -> Mm:
    """With the runners in, the play is what is left of the clear width: the play wanted, and what snapping gave back.

    Overall, both sides together; less than nothing does not go in.
    """
    return cell_width - 2 * runner_side_clearance - outside_width


@rule(source="common practice", per="runner.side_mount")
def runner_line(play_below: Mm, outside_height: Mm, increment: Mm, wanted_runner_line: Mm | None = None) -> Mm:
    """The runner line is half-way up the box, down to the shop's increment, or where it was chosen.

    Above the cell's floor, to the centre of the runner.
    """
    if wanted_runner_line is not None:
        return wanted_runner_line
    return snap_down(play_below + outside_height / 2, increment)


@rule(source="common practice", per="runner.side_mount")
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


@rule(source="common practice", per="runner.side_mount")
def spacer_block_cut(spacer_block: Mm, increment: Mm) -> Mm:
    """The spacer block is cut down to the shop's increment, and the runner line follows it."""
    return snap_down(spacer_block, increment)


@rule(source="geometry", per="runner.side_mount")
def runner_line_built(spacer_block_cut: Mm, runner_height: Mm) -> Mm:
    """On its cut block, the runner's centre stands the block and half the runner's height above the floor."""
    return spacer_block_cut + runner_height / 2


@rule(source="geometry", per="runner.side_mount")
def box_runner_line(runner_line_built: Mm, play_below: Mm) -> Mm:
    """On the box, the runner line stands lower by the play below the box.

    Above the box's lower edge.
    """
    return runner_line_built - play_below


@rule(source="geometry", per="runner.side_mount")
def runner_from_floor(room_from_floor: Mm, runner_line_built: Mm) -> Mm:
    """In the case, the runner stands its own line above where its room begins.

    Its centre, above the floor of the space.
    """
    return room_from_floor + runner_line_built
