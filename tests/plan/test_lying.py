"""Things laid by hand: they stay where they were laid, the others lie round them, and what is amiss is said."""

from __future__ import annotations

from fractions import Fraction
from itertools import combinations
from random import Random

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, split, step
from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.packing.floor import Placed
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.edits.things_csv import read_things, things_taken_in
from vasculum.plan.making.by_hand import stack_of, thing_of
from vasculum.plan.making.stored import Stored, stored_in
from vasculum.plan.telling.solution import solution_of

TRAYS = "name,length,width,height,count\nTray,8,6,2,3\nBox,5,4,3,2\nTin,3,3,2,1\n"


def drawer(table: str = TRAYS, **choices: str) -> Plan:
    plan = frameless("27 5/8", "12", "20", **choices)
    plan = changed(plan, *things_taken_in(plan, read_things(plan, table)))
    return changed(plan, *(step(f"/things/{id_}/lives_in", drawer_of(plan)) for id_ in plan.things))


def kept_in(plan: Plan) -> Stored:
    (stored,) = stored_in(solved(plan))
    return stored


def lying(plan: Plan) -> dict[str, Placed]:
    return {one.name: one for one in kept_in(plan).floor.placed}


def laps(one: Placed, other: Placed) -> bool:
    return (
        one.from_left < other.from_left + other.across and other.from_left < one.from_left + one.across
        and one.from_front < other.from_front + other.back and other.from_front < one.from_front + one.back
    )  # fmt: skip


def moved(plan: Plan, name: str, **by: object) -> Plan:
    return act(plan, "lay-thing", thing=thing_of(name), stack=stack_of(name), **by)


def test_a_stack_is_moved_snapped_and_everything_else_stays() -> None:
    plan = drawer()
    before = lying(plan)
    name = next(one for one in before if plan.things[thing_of(one)].name == "Tin")
    after = lying(moved(plan, name, across=-31.3, back=12.2))
    assert {k: v for k, v in after.items() if k != name} == {k: v for k, v in before.items() if k != name}
    increment = mm("1/16")
    for got, was, by in ((after[name].from_left, before[name].from_left, Fraction("-31.3")),
                         (after[name].from_front, before[name].from_front, Fraction("12.2"))):  # fmt: skip
        assert got % increment == 0
        assert abs(got - was - by) <= increment / 2
    nudged = lying(moved(plan, name, across=-2, in_steps=True))
    assert nudged[name].from_left == before[name].from_left - 2 * increment


def test_it_stops_at_the_walls() -> None:
    plan = drawer()
    room = kept_in(plan).room
    name = next(iter(lying(plan)))
    for across, back, corner in ((9999, 9999, None), (-9999, -9999, (0, 0))):
        one = lying(moved(plan, name, across=across, back=back))[name]
        assert (one.from_left, one.from_front) == (corner or (room.width - one.across, room.depth - one.back))


def test_a_turned_stack_takes_its_floor_the_other_way_and_only_where_it_may() -> None:
    plan = drawer()
    name, was = next((name, one) for name, one in lying(plan).items() if plan.things[thing_of(name)].name == "Tray")
    one = lying(moved(plan, name, turn=True))[name]
    assert (one.across, one.back, one.is_turned) == (was.back, was.across, not was.is_turned)
    again = lying(moved(moved(plan, name, turn=True), name, turn=True))[name]
    assert (again.across, again.back) == (was.across, was.back)
    fixed = changed(plan, step(f"/things/{thing_of(name)}/may_turn", False, "replace"))
    with pytest.raises(PlanRefused, match="may not be turned"):
        moved(fixed, name, turn=True)


def test_what_lies_on_something_else_or_beyond_the_floor_is_said() -> None:
    plan = drawer()
    first, second, *_ = lying(plan)
    a, b = lying(plan)[first], lying(plan)[second]
    on = moved(plan, first, across=float(b.from_left - a.from_left), back=float(b.from_front - a.from_front))
    (found,) = (one for one in solution_of(solved(on)).findings if one.code == "thing-laid-amiss")
    assert "laid" in found.message
    assert "onto" in found.message
    assert "thing-laid-amiss" not in codes(plan)
    anew = act(on, "lay-anew", place=drawer_of(on))
    assert lying(anew) == lying(plan)
    assert not any(one.lies_at for one in anew.things.values())
    edge = moved(plan, first, across=9999)
    narrow = changed(edge, *(step(f"/readings/{id_}/value", "25 in", "replace") for id_, one in plan.readings.items()
                             if one.of == "width"))  # fmt: skip
    (found,) = (one for one in solution_of(solved(narrow)).findings if one.code == "thing-laid-amiss")
    assert "2 5/8 in beyond the floor" in found.message


def test_across_a_strip_of_a_grid_it_is_amiss_too() -> None:
    plan = drawer(fitted="grid", grid_across="3", grid_deep="2")
    assert "thing-laid-amiss" not in codes(plan)
    name, one = next(iter(lying(plan).items()))
    middle = kept_in(plan).room.width / 3 - one.across / 2
    assert "thing-laid-amiss" in codes(moved(plan, name, across=float(middle - one.from_left)))


def test_what_is_put_elsewhere_is_no_longer_laid_by_hand() -> None:
    plan, (here, there) = split(drawer(), "place-2", "rows", {}, {})
    plan = changed(plan, *(step(f"/things/{id_}/lives_in", here, "replace") for id_ in plan.things))
    name = next(iter(lying(plan)))
    by_hand = moved(plan, name, across=5)
    assert by_hand.things[thing_of(name)].lies_at
    assert not act(by_hand, "put-thing", thing=thing_of(name), place=there).things[thing_of(name)].lies_at
    with pytest.raises(PlanRefused, match="lies in no drawer"):
        moved(act(plan, "put-thing", thing=thing_of(name), place=None), name, across=5)
    with pytest.raises(NoSuchQuantity):
        act(plan, "lay-thing", thing="thing-99", stack=0)
    with pytest.raises(NoSuchQuantity):
        act(plan, "lay-anew", place="place-99")
    gone = act(by_hand, "take-out", place=here)
    assert not any(one.lies_at or one.lives_in for one in gone.things.values())


def test_a_stack_lies_in_one_place_only() -> None:
    plan = drawer()
    twice = [{"stack": 0, "from_left": "1 in", "from_front": f"{n} in"} for n in (1, 2)]
    with pytest.raises(FaultyPlan, match="one place only"):
        changed(plan, step(f"/things/{next(iter(plan.things))}/lies_at", twice, "replace"))
    more = [{"stack": 900, "from_left": "1 in", "from_front": "1 in"}]  # there are not so many: it waits
    assert lying(changed(plan, step(f"/things/{next(iter(plan.things))}/lies_at", more, "replace"))) == lying(plan)


@pytest.mark.parametrize("seed", range(12))
def test_whatever_is_laid_the_rest_lies_round_it(seed: int) -> None:
    """One is laid somewhere; more of another thing come in: none of them lies on it, and none is lost."""
    random = Random(seed)
    plan = drawer()
    name = random.choice(list(lying(plan)))
    plan = moved(plan, name, across=random.uniform(-300, 300), back=random.uniform(-300, 300))
    mine = lying(plan)[name]
    extra = (
        f"name,length,width,height,count\nBall,{random.randint(2, 4)},{random.randint(2, 4)},2,{random.randint(2, 9)}\n"
    )
    plan = changed(plan, *things_taken_in(plan, read_things(plan, extra)))
    new = list(plan.things)[-1]
    plan = act(plan, "put-thing", thing=new, place=drawer_of(plan))
    stored = kept_in(plan)
    assert lying(plan)[name] == mine
    fresh = [one for one in stored.floor.placed if thing_of(one.name) == new]
    others = [one for one in stored.floor.placed if thing_of(one.name) != new]
    assert not any(laps(one, other) for one in fresh for other in others)
    assert not any(laps(one, other) for one, other in combinations(fresh, 2))
    left = sum(one.many for one in stored.left if one.thing == new)
    assert len(fresh) + left == plan.things[new].count
