"""A box that is carried on one side: whether its two runners have room over each other, and what pulls on the upper."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.published import GRAVITY

ONE_SIDE = "runner.one_side"


@check(source="geometry", per=ONE_SIDE)
def two_runners_go_over_each_other(
    lower_of_two: Mm, upper_of_two: Mm, runner_height: Mm, outside_height: Mm
) -> Finding | None:
    """A quarter and three quarters of the height are at least a runner apart."""
    if upper_of_two - lower_of_two >= runner_height and 2 * lower_of_two >= runner_height:
        return None
    return Finding(
        "no-room-for-two-runners",
        "stop",
        "Two runners {high} high do not go over each other on a box {box} high.",
        "Make the box twice as high as a runner at least, or use lower runners.",
        {"high": runner_height, "box": outside_height},
        ("lower_of_two", "upper_of_two"),
    )


@check(source="from memory", per=ONE_SIDE)
def screws_hold_what_hangs_on_one_side(pull_on_upper: float, one_screw_holds: Fraction) -> Finding | None:
    """One screw into a wall of particle board holds so much; the upper row of the carrier has several."""
    holds = one_screw_holds * GRAVITY
    if pull_on_upper <= holds:
        return None
    return Finding(
        "heavy-on-one-side",
        "attention",
        "Hanging on one side, the box pulls on its upper runner with {pull_n}; one screw in the wall holds {holds_n}.",
        "Set several screws along the upper line, make the box higher or narrower, or carry it on both sides.",
        {"pull_n": pull_on_upper, "holds_n": holds},
        ("pull_on_upper",),
    )
