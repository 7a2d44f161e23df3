"""Holes of the drawer member, as the runner in hand has them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import cut, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(
    source="common practice",
    label="holes for the runner on the side, from its front end",
    per=("screwed", "runner_holed_in_box"),
)
def side_holes(runner_box_holes: tuple[Mm, ...], side_from_front: Mm) -> tuple[Mm, ...]:
    """On the side, each hole stands where the member has it, less what the front takes before the side begins.

    From the side's front end, on the runner line.

    Raises:
        CannotDerive: ``hole-before-the-side``.
    """
    holes = tuple(hole - side_from_front for hole in runner_box_holes)
    if any(hole <= 0 for hole in holes):
        raise CannotDerive(
            "hole-before-the-side",
            "The first hole of the runner, {hole} in, comes into the box front, which takes {taken}.",
            "Use the next hole of the member, or join the front so that the sides run past it.",
            hole=runner_box_holes[0],
            taken=side_from_front,
        )
    return holes


@rule(source="geometry", label="side begins behind the front end of its runner", per=("screwed", "runner_holed_in_box"))
def side_from_front(side_loss_front: Mm, ahead_of_members: Mm = NOTHING) -> Mm:
    """The side begins behind the front end of its member by what it loses to the front, less what stands ahead of it.

    Less than nothing where the side begins before its member.
    """
    return side_loss_front - ahead_of_members


cut(
    "holes",
    per=("screwed", "runner_holed_in_box"),
    into=("side_left", "side_right"),
    title="Holes for the runner, on its line",
    face="outside",
    at="runner_line_on_wall",
    depth="runner_screw_reach",
    holes="side_holes",
)
