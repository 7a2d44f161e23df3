"""Runners higher than their row, beside a row that a cross wall ends."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


def _into_wall(over: Mm, where: str) -> Finding | None:
    if over <= 0:
        return None
    return Finding(
        "runner-meets-cross-wall",
        "stop",
        f"The runners reach {{over}} into the row {where}, which a cross wall ends.",
        "Move the runner line, use a lower runner, or make the row higher by {over}.",
        {"over": over},
        ("runner_line", "runner_height"),
    )


@check(source="geometry", per=("lined", "walled_above"))
def runners_stay_below_a_cross_wall(
    runner_from_floor: Mm, runner_height: Mm, cell_from_floor: Mm, cell_height: Mm
) -> Finding | None:
    """A runner ends below the cross wall of the row over it."""
    return _into_wall(runner_from_floor + runner_height / 2 - cell_from_floor - cell_height, "above")


@check(source="geometry", per=("lined", "walled_below"))
def runners_stay_above_a_cross_wall(runner_from_floor: Mm, runner_height: Mm, cell_from_floor: Mm) -> Finding | None:
    """A runner ends above the cross wall of the row under it."""
    return _into_wall(cell_from_floor - runner_from_floor + runner_height / 2, "below")
