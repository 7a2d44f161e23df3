"""A system of runners for one drawer of several: brought in from stock where the plan has none of it."""

from __future__ import annotations

import pytest

from tests.helpers import drawer_of, frameless, solved, split
from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.choosing import Carry
from vasculum.plan.laying.solving import SolvedPlan


def carried(plan: SolvedPlan, at: str | None, system: str) -> SolvedPlan:
    return solved(patched(plan.plan, Carry(do="carry", at=at, system=system).steps(plan)))


def test_one_drawer_slides_on_wood_and_the_others_stay_as_they_are() -> None:
    plan = frameless("22 1/2", "29 5/8", "20")
    plan, rows = split(plan, drawer_of(plan), "rows", {}, {}, {})
    before = solved(plan)
    done = carried(before, rows[1], "wooden")
    assert done.solved.value(rows[1], "runner_groove_depth") is not None
    assert [done.solved.value(row, "box_width") == before.solved.value(row, "box_width") for row in rows] == [
        True,
        False,
        True,
    ]
    again = carried(done, rows[2], "wooden")
    assert again.plan.library.runners.keys() == done.plan.library.runners.keys(), "its row is there already"


def test_the_whole_plan_may_be_carried_by_another_system_and_one_that_is_none_is_refused() -> None:
    done = carried(solved(frameless()), None, "skid")
    assert done.plan.library.runners[done.plan.choices["runner"]].kind == "skid"
    with pytest.raises(NoSuchQuantity, match="no runner of the kind"):
        carried(solved(frameless()), None, "magnet")
