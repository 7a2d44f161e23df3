"""Proposals: everything goes in or is named, each is a plan that can be cut, and no better one is overlooked."""

from __future__ import annotations

import json
from fractions import Fraction
from functools import cache
from itertools import product
from random import Random

import pytest
from click.testing import CliRunner

from tests.helpers import act, changed, frameless, solved, space_of, split, step, with_choices, with_runner
from vasculum.cli import main
from vasculum.core.errors import NoSuchQuantity
from vasculum.core.lengths import Mm
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.reading import write_plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.edits.things_csv import read_things, things_taken_in
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.making.stored import stored_in
from vasculum.proposing.asked import Asked, asked
from vasculum.proposing.first import shared_at_once
from vasculum.proposing.layouts import LEFT, SHARE, Slot, divided
from vasculum.proposing.probing import probed
from vasculum.proposing.proposals import MOST_AT_ONCE, at_once, goals_of, propose
from vasculum.proposing.shares import GOALS, Carried, Columns, Goal, Shared, Wanted
from vasculum.proposing.sharing import share_out
from vasculum.proposing.told import Proposal, Proposals
from vasculum.proposing.wanting import columns_of, lie_together, wanted_in
from vasculum.solid.proof import prove

SHED = """name,length,width,height,count,weight,use,stack,belongs_with
Circular saw,14,9,9,1,11,weekly,1,sawing
Drill case,13,11,4,2,8,daily,2,
Sander box,12,7,9 1/8,1,9,weekly,1,
Glue bottle,3 1/2,3 1/2,8,3,2,daily,1,
Chisel roll,14,5,3,1,4,daily,1,
Plane,10,3,6,2,5,daily,1,
Marking box,10,7,3,1,3,daily,1,sawing
Bit case,9,6,2,2,2,daily,2,
Screw tray,12,5,2,1,3,weekly,1,
"""
"""Tools for two drawers 27 5/8 wide under a bench; worked by hand they share an upper one of 6 and a lower one of 9 1/8."""


def stocked(table: str = SHED, plan: Plan | None = None) -> Plan:
    base = frameless("27 5/8", "24", "20 3/8") if plan is None else plan
    return changed(base, *things_taken_in(base, read_things(base, table)))


def whole(plan: Plan) -> Asked:
    """All of its space asked for."""
    return asked(plan, space_of(plan))


def with_rating(rating: str, plan: Plan) -> Plan:
    plan = with_runner(plan, "side_mount")
    return changed(plan, step(f"/library/runners/{plan.choices['runner']}/rating", rating, "replace"))


def last_of(plan: Plan) -> Proposals:
    *_, last = propose(whole(plan))
    return last


@cache
def found_for_the_shed() -> Proposals:
    """Worked out once."""
    return last_of(stocked())


def things(*heights: int, area: int = 10, weight: int = 1) -> list[Wanted]:
    return [
        Wanted(f"thing-{n}", Mm(height), Mm(area), Fraction(weight), "daily" if n % 2 else "seldom", "")
        for n, height in enumerate(heights, 1)
    ]


# ---- shared out ---------------------------------------------------------------------------------------------------------


def is_sound(shared: Shared, wanted: list[Wanted], columns: Columns) -> bool:
    """Each thing once, no column too high, no floor too full."""
    by_id = {one.id: one for one in wanted}
    kept = [id_ for rows in shared.columns for row in rows for id_ in row]
    if sorted([*kept, *shared.left]) != sorted(by_id):
        return False
    for rows in shared.columns:
        heights = [max(by_id[id_].height for id_ in row) for row in rows]
        if sum(heights) + columns.loss * len(rows) > columns.height:
            return False
        if any(sum(by_id[id_].area for id_ in row) > columns.floor for row in rows):
            return False
    return True


@pytest.mark.parametrize("goal", GOALS)
@pytest.mark.parametrize("seed", range(5))
def test_what_is_shared_out_is_sound(goal: Goal, seed: int) -> None:
    random = Random(seed)
    wanted = [
        Wanted(f"t{n}", Mm(random.randint(20, 200)), Mm(random.randint(50, 400)), Fraction(random.randint(0, 9)),
               random.choice(["daily", "weekly", "seldom"]), random.choice(["", "a", "b"]))
        for n in range(random.randint(2, 9))
    ]  # fmt: skip
    columns = Columns(random.randint(1, 3), Mm(random.randint(150, 700)), Mm(random.randint(10, 40)), Mm(900))
    shared = share_out(wanted, columns, goal)
    if shared is None:
        assert min(one.height for one in wanted) + columns.loss > columns.height
        return
    assert is_sound(shared, wanted, columns)
    assert shared == share_out(wanted, columns, goal)  # the same list, the same answer


def by_trying_all(wanted: list[Wanted], columns: Columns, rows: int) -> tuple[int, int]:
    """Exhaustive: the fewest left over, and then the fewest drawers, in one column."""
    best = (len(wanted) + 1, 0)
    for homes in product(range(rows + 1), repeat=len(wanted)):
        inside = [[one for one, home in zip(wanted, homes, strict=True) if home == row] for row in range(1, rows + 1)]
        used = [row for row in inside if row]
        high = sum(max(one.height for one in row) + columns.loss for row in used)
        if high <= columns.height and all(sum(one.area for one in row) <= columns.floor for row in used):
            best = min(best, (homes.count(0), len(used)))
    return best


@pytest.mark.parametrize("seed", range(12))
def test_fewest_drawers_are_no_more_than_by_trying_all(seed: int) -> None:
    random = Random(100 + seed)
    wanted = [
        Wanted(f"t{n}", Mm(random.randint(20, 150)), Mm(random.randint(100, 500)), Fraction(1), "daily", "")
        for n in range(5)
    ]
    columns = Columns(1, Mm(random.randint(180, 500)), Mm(20), Mm(900))
    shared = share_out(wanted, columns, "fewest")
    assert shared is not None
    assert shared.is_best
    assert (len(shared.left), sum(map(len, shared.columns))) == by_trying_all(wanted, columns, 5)


def test_things_that_do_not_lie_on_one_floor_are_parted() -> None:
    wanted, columns = things(50, 50), Columns(1, Mm(300), Mm(20), Mm(100))
    together = share_out(wanted, columns, "fewest")
    assert together is not None
    assert len(together.columns[0]) == 1
    parted = share_out(wanted, columns, "fewest", [frozenset({"thing-1", "thing-2"})])
    assert parted is not None
    assert len(parted.columns[0]) == 2


def test_each_goal_is_met() -> None:
    """Four things in two rows: heavy ones below, daily ones above, and what belongs together in one."""
    base = things(50, 50, 60, 60)
    columns = Columns(1, Mm(170), Mm(20), Mm(20))
    heavy = [
        one if n else Wanted(one.id, one.height, one.area, Fraction(40), "seldom", "") for n, one in enumerate(base)
    ]
    low = share_out(heavy, columns, "heavy_low")
    assert low is not None
    assert "thing-1" in low.columns[0][-1]
    reach = share_out(base, columns, "in_reach")
    assert reach is not None
    assert set(reach.columns[0][0]) == {"thing-1", "thing-3"}
    grouped = [
        Wanted(o.id, o.height, o.area, o.weight, o.use, "g" if o.id in ("thing-1", "thing-4") else "") for o in base
    ]
    together = share_out(grouped, columns, "together")
    assert together is not None
    assert any({"thing-1", "thing-4"} <= set(row) for row in together.columns[0])


def test_what_is_used_daily_stands_between_knee_and_shoulder() -> None:
    """Of four rows the second and third from above are at hand; without a height the uppermost is the best."""
    wanted = things(100, 100, 100, 100)
    high = Columns(1, Mm(480), Mm(20), Mm(10), reach=(Mm(130), Mm(360)))
    found = share_out(wanted, high, "in_reach")
    assert found is not None
    assert {id_ for row in found.columns[0][1:3] for id_ in row} == {"thing-1", "thing-3"}
    without = share_out(wanted, high._replace(reach=None), "in_reach")
    assert without is not None
    assert {id_ for row in without.columns[0][:2] for id_ in row} == {"thing-1", "thing-3"}


def test_no_drawer_holds_more_than_its_runners_carry() -> None:
    wanted = [Wanted(f"t{n}", Mm(50), Mm(10), Fraction(kg), "daily", "") for n, kg in enumerate((6, 6, 5, 25))]
    columns = Columns(1, Mm(300), Mm(20), Mm(900), carries=Carried(Fraction(12), Fraction(0)))
    found = share_out(wanted, columns, "fewest")
    assert found is not None
    assert found.left == ("t3",)
    by_id = {one.id: one.weight for one in wanted}
    assert all(sum(by_id[id_] for id_ in row) <= 12 for row in found.columns[0])
    assert len(found.columns[0]) == 2


@pytest.mark.parametrize("seed", range(6))
def test_left_and_right_weigh_as_much_as_can_be(seed: int) -> None:
    """Against trying every side for every thing, in two columns with one row each."""
    random = Random(seed)
    weights = [random.randint(1, 30) for _ in range(7)]
    wanted = [Wanted(f"t{n}", Mm(50), Mm(1), Fraction(kg), "daily", "") for n, kg in enumerate(weights)]
    found = share_out(wanted, Columns(2, Mm(80), Mm(20), Mm(900)), "balanced")
    assert found is not None
    by_id = {one.id: one.weight for one in wanted}
    sides = [sum(by_id[id_] for row in column for id_ in row) for column in found.columns]
    least = min(abs(sum(w if way else -w for w, way in zip(weights, ways, strict=True)))
                for ways in product((True, False), repeat=len(weights)))  # fmt: skip
    assert abs(sides[0] - sides[1]) == least


def test_where_no_row_goes_nothing_is_shared() -> None:
    assert share_out(things(300), Columns(1, Mm(310), Mm(20), Mm(100)), "fewest") is None
    assert share_out([], Columns(1, Mm(310), Mm(20), Mm(100)), "fewest") is None


# ---- probed and built ---------------------------------------------------------------------------------------------------


@pytest.mark.parametrize("columns", [1, 2, 3])
@pytest.mark.parametrize("choices", [{}, {"front": "overlay"}, {"bottom": "planted"}, {"runner_play": "1/16 in"}])
def test_what_a_row_loses_is_what_the_rules_take(columns: int, choices: dict[str, str]) -> None:
    """Rows for 3, 4 and what is left add up to the height that was probed."""
    plan = frameless("27 5/8", "24", "20 3/8", **choices)
    probe = probed(whole(plan), columns)
    assert probe is not None
    rows = [
        Slot("a", {"by": "contents", "length": "3 in"}),
        Slot("b", {"by": "contents", "length": "4 in"}),
        Slot("c", LEFT),
    ]
    built = solved(patched(plan, divided(whole(plan), [rows] * columns)))
    cells = cells_of(built.plan, space_of(plan))[:3]
    heights = [built.solved.value(cell.id, "cell_height") for cell in cells]
    assert built.solved.value(cells[0].id, "inside_width") == probe.width
    left = probe.height - (plan.length("3 in") + probe.loss) - (plan.length("4 in") + probe.loss)
    assert abs(left - heights[2]) <= probe.loss / 4  # the last row has no neighbour below


def test_a_space_is_divided_anew_and_what_lived_there_lives_nowhere() -> None:
    plan = stocked()
    plan, rows = split(plan, "place-2", "rows", {}, {})
    first, second = list(plan.things)[:2]
    plan = changed(plan, step(f"/things/{first}/lives_in", rows[0]), step(f"/things/{second}/lives_in", rows[1]))
    after = patched(plan, divided(whole(plan), [[Slot("A", SHARE, (first,)), Slot("B", SHARE)], [Slot("C", SHARE)]]))
    cells = cells_of(after, space_of(after))
    assert [cell.place.name for cell in cells] == ["A", "B", "C"]
    assert after.things[first].lives_in == cells[0].id
    assert after.things[second].lives_in is None
    assert not after.places.keys() & set(rows)


def test_what_stands_beside_the_place_stays_with_what_lives_there() -> None:
    plan = stocked()
    plan, (left, right) = split(plan, plan.spaces[space_of(plan)].holds, "columns", {}, {})
    first, second = list(plan.things)[:2]
    plan = changed(plan, step(f"/things/{first}/lives_in", left), step(f"/things/{second}/lives_in", right))
    part = asked(plan, space_of(plan), right)
    assert part.things.keys() == plan.things.keys() - {first}
    *_, last = propose(part)
    for one in last.proposals:
        taken = patched(plan, one.patch)
        assert taken.places[left] == plan.places[left]
        assert taken.things[first].lives_in == left
        assert right not in taken.places
        done = solved(taken)
        assert prove(done).meetings == ()
        before = solved(plan).solved.value(left, "cell_width")
        assert done.solved.value(left, "cell_width") == before
    with pytest.raises(NoSuchQuantity, match="no place 'nowhere'"):
        asked(plan, space_of(plan), "nowhere")


def test_what_runners_carry_and_what_is_at_hand_is_read_of_the_plan() -> None:
    """A pair for 20 kg, four fifths of it used, less the drawer; a space that begins at 300 mm."""
    plan = with_rating("20 kg", with_choices(frameless("27 5/8", "24", "20 3/8"), space_above_floor="300 mm"))
    probe = probed(whole(plan), 1)
    assert probe is not None
    assert probe.carries is not None
    beside = [_carries_in(plan, height) for height in ("3 in", "6 in", "12 in")]
    assert [float(probe.carries.beside(plan.length(h))) for h in ("3 in", "6 in", "12 in")] == pytest.approx(
        beside, abs=0.3
    )
    assert probe.reach == (Mm(508 - 300), Mm(1397 - 300))
    heavy = stocked("name,length,width,height,weight\nVice,8,8,8,30 lb\nBook,8,6,2,1 lb\n", plan)
    found = last_of(heavy)
    assert [said.partition(":")[0] for said in found.too_large] == ["Vice"]
    assert "more than the runners of a drawer carry" in found.too_large[0]
    assert found.proposals[0].left == ["Vice"]


def _carries_in(plan: Plan, height: str) -> float:
    """What is left of four fifths of 20 kg once a drawer for things so high is weighed."""
    slots = [Slot("a", {"by": "contents", "length": height}), Slot("b", LEFT)]
    done = solved(patched(plan, divided(whole(plan), [slots])))
    cell = cells_of(done.plan, space_of(done.plan))[0].id
    return 16 - float(done.solved.value(cell, "carried_weight"))


@pytest.mark.parametrize("seed", range(8))
def test_the_first_answer_is_sound_and_no_better_than_the_search(seed: int) -> None:
    random = Random(seed)
    rows = [f"T{n},{random.randint(2, 14)},{random.randint(2, 10)},{random.randint(1, 8)}" for n in range(9)]
    plan = stocked("name,length,width,height\n" + "\n".join(rows) + "\n")
    probe = probed(whole(plan), 1)
    assert probe is not None
    shared = shared_at_once(whole(plan), probe)
    assert shared is not None
    wanted = wanted_in(whole(plan), probe)
    assert is_sound(shared, wanted, columns_of(probe))
    assert all(lie_together(whole(plan), row, probe) for row in shared.columns[0])
    searched = share_out(wanted, columns_of(probe), "fewest")
    assert searched is not None
    assert (len(searched.left), len(searched.columns[0])) <= (len(shared.left), len(shared.columns[0]))


# ---- proposals ------------------------------------------------------------------------------------------------------------


def test_tools_share_two_drawers_as_they_were_worked_out_by_hand() -> None:
    fewest = found_for_the_shed().proposals[0]
    assert (fewest.title, fewest.columns, fewest.drawers, fewest.left) == ("Fewest drawers", 1, 2, [])
    upper, lower = (set(drawer.things) for drawer in fewest.lies)
    assert upper == {"Chisel roll", "Plane", "Marking box", "Bit case", "Screw tray"}
    assert lower == {"Circular saw", "Drill case", "Sander box", "Glue bottle"}
    assert [drawer.tallest for drawer in fewest.lies] == ["6 in", "9 1/8 in"]


def test_three_to_five_really_differ_and_each_is_best_at_something() -> None:
    ways = [one for one in found_for_the_shed().proposals if one.title != "Equal rows"]
    assert 2 <= len(ways) <= 5
    layouts = {tuple((drawer.column, drawer.row, *sorted(drawer.things)) for drawer in one.lies) for one in ways}
    assert len(layouts) == len(ways)
    assert all(one.best_at for one in ways)
    assert {title for one in ways for title in one.best_at} >= {
        "Fewest drawers",
        "Least empty height",
        "Heavy things low",
    }


def test_the_equal_split_is_among_them_and_one_row_more_is_reckoned() -> None:
    (equal,) = (one for one in found_for_the_shed().proposals if one.title == "Equal rows")
    assert equal.drawers == found_for_the_shed().proposals[0].drawers
    assert len({drawer.inside for drawer in equal.lies}) == 1
    assert found_for_the_shed().one_more.startswith("3 rows want at least 9 1/8 in + 2 in + 3 in for things, and 3 × ")
    assert found_for_the_shed().one_more.endswith("one row more goes.")


def test_a_row_that_does_not_go_says_the_sum() -> None:
    """Two of 9 and 8 share 20; a third row wants the lowest once more, 2."""
    table = "name,length,width,height\nSaw,20,15,9\nCase,20,15,8\nTray,20,15,2\n"
    room = frameless("27 5/8", "20", "20 3/8")
    found = last_of(stocked(table, room))
    assert len(found.proposals[0].left) == 1
    assert "3 rows want at least 9 in + 2 in + 8 in for things" in found.one_more
    assert found.one_more.endswith("more than the 20 in that are there.")


def test_each_can_be_taken_assembled_and_proved() -> None:
    plan = stocked()
    for one in found_for_the_shed().proposals:
        taken_and_proved(plan, one)


def taken_and_proved(plan: Plan, one: Proposal) -> None:
    taken = patched(plan, one.patch)
    done = solved(taken)
    assert prove(done).meetings == ()
    homes = {thing.lives_in for thing in taken.things.values()}
    assert None not in homes
    assert all(not stored.left for stored in stored_in(done))
    assert {stored.place for stored in stored_in(done)} == homes


def test_they_get_better_and_are_the_same_every_time() -> None:
    few = stocked("name,length,width,height,use\nBook,8,6,2,daily\nBox,9,9,4,weekly\nJar,5,5,7,seldom\n")
    every = list(propose(whole(few)))
    assert [one.progress for one in every] == sorted(one.progress for one in every)
    assert [one.done for one in every] == [False] * (len(every) - 1) + [True]
    assert every[0].proposals
    assert every[-1] == last_of(few)


def test_a_thing_larger_than_any_drawer_is_named_with_what_would_have_to_give() -> None:
    table = "name,length,width,height\nSkis,70,4,4\nLamp,10,10,30\nBook,8,6,2\n"
    found = last_of(stocked(table))
    assert [said.partition(":")[0] for said in found.too_large] == ["Skis", "Lamp"]
    assert "larger than the floor of the widest drawer" in found.too_large[0]
    assert "higher than one drawer as high as the whole space takes" in found.too_large[1]
    fewest = found.proposals[0]
    assert sorted(fewest.left) == ["Lamp", "Skis"]
    assert fewest.lies[0].things == ["Book"]


@pytest.mark.parametrize("increment", ["0.5 mm", "5 mm"])
@pytest.mark.parametrize("on", [None, "left", "floor"])
@pytest.mark.parametrize("place", [None, "right"])
def test_in_millimetres_beside_a_pipe_and_a_neighbour_the_first_answer_goes_together(
    increment: str, on: str | None, place: str | None
) -> None:
    """Taken, nothing meets, what is left over was said, and the neighbour stays."""
    plan = new_plan("M", "frameless", "mm", "1100", "620", "560")
    plan = changed(plan, step("/units/increment", increment, "replace"))
    plan, (left, right) = split(plan, plan.spaces[space_of(plan)].holds, "columns", {}, {}, divider="board")
    if on is not None:
        plan = act(plan, "obstruct", name="Pipe", what="pipe", space=space_of(plan), on=on, projection="40 mm")
    plan = stocked("name,length,width,height,count\nCan,180,180,150,2\nBox,300,200,90,3\nTin,80,80,40,6\n", plan)
    wanted = asked(plan, space_of(plan), right if place else None)
    found = at_once(wanted)
    assert found.proposals
    for one in found.proposals:
        taken = patched(plan, one.patch)
        done = solved(taken)
        assert prove(done).meetings == ()
        said = set(one.left)
        kept = {taken.things[left.thing].name for stored in stored_in(done) for left in stored.left}
        assert {thing.name for thing in taken.things.values() if thing.lives_in is None} | kept == {
            name.partition(",")[0] for name in said
        }
        assert (left in taken.places) is (place is not None)


@pytest.mark.parametrize("holds", ["tray", "drawer", "open"])
def test_where_only_trays_stood_trays_are_proposed(holds: str) -> None:
    plan = frameless("27 5/8", "24", "20 3/8")
    plan = changed(plan, step(f"/places/{plan.spaces[space_of(plan)].holds}/holds", holds, "replace"))
    plan = stocked("name,length,width,height\nSaw,20,15,9\nCase,20,15,8\n", plan)
    for one in at_once(whole(plan)).proposals:
        taken = patched(plan, one.patch)
        cells = {cell.place.holds for cell in cells_of(taken, space_of(taken))}
        assert cells == {"tray" if holds == "tray" else "drawer"}


def test_of_many_things_the_first_answer_is_left_to_the_search() -> None:
    rows = "\n".join(f"T{n},4,3,2" for n in range(MOST_AT_ONCE + 1))
    few = at_once(whole(stocked("name,length,width,height\n" + rows.rpartition("\n")[0] + "\n")))
    many = at_once(whole(stocked("name,length,width,height\n" + rows + "\n")))
    assert few.proposals
    assert (many.proposals, many.done) == ([], False)


def test_only_goals_that_something_is_about_are_followed() -> None:
    plain = stocked("name,length,width,height\nBook,8,6,2\nBox,9,9,4\n")
    assert goals_of(whole(plain)) == ["fewest", "closest"]
    assert goals_of(whole(stocked())) == [goal for goal in GOALS if goal != "balanced"]
    van = changed(stocked(), step(f"/spaces/{space_of(stocked())}/what", "vehicle", "replace"))
    assert goals_of(whole(van)) == list(GOALS)


def test_nothing_is_proposed_for_an_empty_list() -> None:
    (only,) = propose(whole(frameless()))
    assert only.done
    assert only.proposals == []


def test_proposals_on_the_command_line(tmp_path: object) -> None:
    file = tmp_path / "plan.json"  # type: ignore[operator]
    plan = stocked("name,length,width,height\nBook,8,6,2\nBox,9,9,4\n")
    file.write_text(write_plan(plan))
    said = CliRunner().invoke(main, ["propose", str(file)])
    assert said.exit_code == 0
    assert said.output.startswith("Fewest drawers: 1 drawer in 1 column")
    quick = CliRunner().invoke(main, ["propose", str(file), "--seconds", "0", "--json"])
    found = json.loads(quick.output)
    assert found["proposals"][0]["title"] == "Fewest drawers"
    assert not found["done"]
