"""What stands beside a box, whatever carries it: width, play and depth. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="box width", per="drawer")
def box_width(free_width: Mm, beside_box: Mm, runner_play: Mm, runner_shim: Mm) -> Mm:
    """The box is the clear width less what the runner and any shim take beside the box on each side, and the play.

    Outside to outside; the play is overall.

    Raises:
        CannotDerive: ``no-room-for-box``, when the runners fill the opening.
    """
    width = free_width - 2 * (beside_box + runner_shim) - runner_play
    if width <= 0:
        raise CannotDerive(
            "no-room-for-box",
            "Two runners of {beside_box} and their play fill a clear width of {free_width}.",
            "Choose narrower runners, or measure the width again.",
            beside_box=beside_box + runner_shim,
            free_width=free_width,
        )
    return width


@rule(source="common practice", label="width that runners take, both sides together", per="drawer")
def runner_width_loss(beside_box: Mm, runner_play: Mm, runner_shim: Mm) -> Mm:
    """Runners and any shims take their room on both sides, and the play."""
    return 2 * (beside_box + runner_shim) + runner_play


@rule(source="common practice", label="usable depth for runners", per="drawer")
def usable_depth(free_depth: Mm, set_back: Mm) -> Mm:
    """Usable is the depth to the nearest thing behind, less the set-back.

    Raises:
        CannotDerive: ``front-fills-the-depth``.
    """
    depth = free_depth - set_back
    if depth <= 0:
        raise CannotDerive(
            "front-fills-the-depth",
            "A front {set_back} thick fills a depth of {free_depth}.",
            "Use a thinner front, or measure the depth again.",
            set_back=set_back,
            free_depth=free_depth,
        )
    return depth


@rule(source="geometry", per="drawer")
def runner_play_built(
    free_width: Mm, beside_box: Mm, outside_width: Mm, runner_shim: Mm, shim_beside: Mm = NOTHING
) -> Mm:
    """With the runners in, the play is what is left of the clear width: the play wanted, and what snapping gave back.

    Overall, both sides together; less than nothing does not go in.
    """
    return free_width - 2 * (beside_box + runner_shim + shim_beside) - outside_width


@rule(source="geometry", label="width that passes the opening", per="drawer")
def passes_beside(beside_box: Mm) -> Mm:
    """Past the opening comes the box with what is beside it.

    One side.
    """
    return beside_box


@rule(source="common practice", label="runner beside the box, one side", per="clearing")
def beside_box(runner_side_clearance: Mm) -> Mm:
    """Beside the box the runner takes its clearance.

    One side.
    """
    return runner_side_clearance


@rule(source="common practice", label="room behind the box", per="drawer")
def room_behind_box(free_depth: Mm, set_back: Mm, outside_depth: Mm) -> Mm:
    """Behind the box stays what depth and set-back leave: a stop there is as thick, so that the front comes flush.

    Less than nothing where the box is chosen deeper than there is room.
    """
    return free_depth - set_back - outside_depth


@rule(source="common practice", label="front ends of the runners, from the face", per="drawer")
def members_from_front(set_back: Mm, ahead_of_members: Mm = NOTHING) -> Mm:
    """What carries a box beside it begins at the set-back, or behind a front that reaches past the sides.

    From the front face of the case.
    """
    return set_back + ahead_of_members
