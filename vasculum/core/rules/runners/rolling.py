"""Runners that roll come in stock lengths, and the box is as deep as they are long. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import longest_not_over, smallest
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="rolling")
def runner_length(
    usable_depth: Mm,
    runner_stock_lengths: tuple[Mm, ...],
    wanted_runner_length: Mm | None = None,
    ahead_of_members: Mm = NOTHING,
) -> Mm:
    """The runner is the longest stock length that is not over the usable depth, or the length in hand.

    Of the usable depth it has what a front that reaches past the sides leaves behind it.

    Raises:
        CannotDerive: ``no-runner-short-enough``.
    """
    if wanted_runner_length is not None:
        return wanted_runner_length
    length = longest_not_over(usable_depth - ahead_of_members, runner_stock_lengths)
    if length is None:
        raise CannotDerive(
            "no-runner-short-enough",
            "The shortest stock length is {shortest}; the usable depth is {usable_depth}.",
            "Use a thinner or an overlay front, another kind of runner, or enter the length in hand.",
            shortest=smallest(*runner_stock_lengths),
            usable_depth=usable_depth,
        )
    return length


@rule(source="geometry", label="depth spare behind the runner", per="rolling")
def runner_depth_spare(usable_depth: Mm, runner_length: Mm, ahead_of_members: Mm = NOTHING) -> Mm:
    """Behind the runner stays what the usable depth leaves."""
    return usable_depth - ahead_of_members - runner_length


@rule(source="common practice", label="box depth", per="rolling")
def box_depth(runner_length: Mm, wanted_box_depth: Mm | None = None, ahead_of_members: Mm = NOTHING) -> Mm:
    """The box is as deep as the runner is long, and what stands ahead of it; or as deep as was chosen.

    Outside to outside, without an applied front.
    """
    return runner_length + ahead_of_members if wanted_box_depth is None else wanted_box_depth
