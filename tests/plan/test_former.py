"""The arrangement before, measured inside, against what is planned."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, drawer_of, frameless, solved, split, step, value
from vasculum.core.errors import LengthRefused, NoSuchQuantity
from vasculum.plan.document import Plan
from vasculum.plan.telling.before_after import BeforeAfter
from vasculum.plan.telling.solution import solution_of


def compared(plan: Plan) -> dict[str, BeforeAfter]:
    return {one.what: one for one in solution_of(solved(plan)).contents.compared}


def test_one_of_it_is_put_down_and_taken_out() -> None:
    plan = act(frameless(), "add-former", name="Old drawer", width="20", depth="16", height="4")
    (former,) = plan.former
    assert plan.former[former].width == "20 in"
    assert act(plan, "take-former-out", former=former).former == {}
    with pytest.raises(LengthRefused):
        act(plan, "add-former", name="Old drawer", width="x", depth="16", height="4")
    with pytest.raises(NoSuchQuantity):
        act(plan, "take-former-out", former="former-99")


def test_floor_and_room_are_compared_all_together() -> None:
    """Two old drawers of 20 by 16 by 4 against one new one: half the places, and its own floor and room."""
    plan = frameless("22 1/2", "12", "20")
    assert compared(plan) == {}
    plan = act(plan, "add-former", name="Old drawer", width="20", depth="16", height="4", count=2)
    found, done = compared(plan), solved(plan)
    across, deep, high = (value(done, name) for name in ("inside_width", "inside_depth", "inside_height"))
    before = 2 * 20 * 16 * 25.4**2
    assert (found["places"].before, found["places"].after, found["places"].more) == ("2", "1", "-50%")
    assert found["floor"].more == f"{float(across * deep) / before - 1:+.0%}"
    assert found["room"].more == f"{float(across * deep * high) / (before * 4 * 25.4) - 1:+.0%}"


def test_every_cell_counts_and_while_one_waits_nothing_is_said() -> None:
    plan = act(frameless("22 1/2", "24", "20"), "add-former", name="Bay", width="22", depth="20", height="24")
    rows, _ = split(plan, drawer_of(plan), "rows", {}, {"holds": "open"}, {"holds": "blocked"})
    assert compared(rows)["places"].after == "2"
    waits = changed(plan, step("/readings", {}, "replace"), step("/reading_order", [], "replace"))
    assert compared(waits) == {}
