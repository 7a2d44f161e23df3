"""Thin trays whose lips run between strips: they lie on both, run free, fill their heights, and follow what was cut."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, mm, solved, space_of, split, step, with_choices
from vasculum.core.lengths import Mm
from vasculum.drawing.opening import elevation
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.stored import stored_in
from vasculum.solid.proof import prove

HOLDS = {"holds": "parts_tray"}


def trays(*heights: str, below: str = "open", unit: str = "mm", **choices: str) -> Plan:
    """Trays from above, over another place that takes the rest, in a cupboard of 517 by 300 by 283."""
    plan = new_plan("Trays", "frameless", "mm", "517", "300", "283")
    fixed = ({**HOLDS, "size": {"by": "fixed", "length": height}} for height in heights)
    plan, _ = split(plan, drawer_of(plan), "rows", *fixed, {"holds": below, "size": {"by": "left"}})
    plan = changed(plan, step("/units/length", unit, "replace"))
    return with_choices(plan, **choices)


def of_first(plan: Plan, name: str) -> Mm:
    found: Mm = solved(plan).solved.value(cells_of(plan, space_of(plan))[0].id, name)
    return found


def test_each_lies_on_the_strips_of_the_one_below_and_the_lowest_on_start_strips() -> None:
    plan = trays("21 mm", "27 mm", "49 mm")
    done = solved(plan)
    first, second, third, _ = (one.id for one in cells_of(plan, space_of(plan)))
    starts = [done.solved.value(one, "parts_start") for one in (first, second, third)]
    assert starts == [0, 0, 12]
    pitches = [done.solved.value(one, "parts_pitch") for one in (first, second, third)]
    assert pitches == [21, 27, 37]
    roles = {(one.place, one.role): one.stand for one in pieces_of(done)}
    base, keeper = roles[first, "parts_base"], roles[second, "parts_keeper_left"]
    assert base is not None
    assert keeper is not None
    assert base.up == keeper.up + done.solved.value(second, "parts_keeper_height")
    assert prove(done).meetings == ()


def test_on_a_floor_or_a_board_no_strip_is_wanted() -> None:
    plan = new_plan("One", "frameless", "mm", "517", "60", "283")
    alone = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "parts_tray", "replace"))
    assert of_first(alone, "parts_start") == 0
    railed, _ = split(plan, drawer_of(plan), "rows", HOLDS, {"holds": "open"}, divider="board")
    assert of_first(railed, "parts_start") == 0


@pytest.mark.parametrize(("choices", "code", "severity"), [
    ({"parts_play": "6 mm"}, "parts-tray-falls", "attention"), ({"parts_play": "8 mm"}, "parts-tray-falls", "stop"),
    ({"parts_set_in": "5 mm"}, "parts-tray-jams", "stop"), ({"parts_housing": "4 mm"}, "parts-base-cut-through", "attention"),
    ({"parts_housing": "6 mm"}, "parts-base-cut-through", "stop"), ({"parts_between": "15 mm"}, "no-height-for-tray", "stop"),
    ({"parts_set_in": "255 mm"}, "no-inside-width", "stop"), ({"parts_behind": "280 mm"}, "no-depth-for-tray", "stop"),
])  # fmt: skip
def test_what_goes_wrong_is_said(choices: dict[str, str], code: str, severity: str) -> None:
    assert code in codes(trays("21 mm", **choices), severity)
    assert code not in codes(trays("21 mm"))


def test_a_base_cut_too_short_falls_and_what_is_not_cut_follows() -> None:
    """Cut 502 for 514: a play of 15, a lip of 8 falls by 7; the back, not yet cut, is 474."""
    plan = trays("21 mm")
    cell = cells_of(plan, space_of(plan))[0].id
    cut = changed(plan, step(f"/as_built/{cell}~1parts_base_length_cut", "502 mm"))
    assert of_first(cut, "parts_engagement") == -7
    assert of_first(cut, "parts_back_cut") == 474
    assert "parts-tray-falls" in codes(cut, "stop")


def test_a_row_that_its_heap_sizes() -> None:
    """Heap 13, base 6, 2 between the fronts: pitch 21; with strips to start with 12 more."""
    for begins, high in ((False, 21), (True, 33)):
        below = {"holds": "open"} if begins else HOLDS
        plan = new_plan("By its heap", "frameless", "mm", "517", "300", "283")
        sized = {**HOLDS, "size": {"by": "contents", "length": "13 mm"}}
        plan, _ = split(plan, drawer_of(plan), "rows", sized, {**below, "size": {"by": "left"}})
        assert of_first(plan, "cell_height") == high


@pytest.mark.parametrize("choices", [
    {}, {"parts_set_in": "12 mm", "parts_strip": "12 mm"}, {"parts_between": "0 mm"}, {"parts_housing": "0 mm"},
    {"parts_slot_play": "0 mm"}, {"parts_strip_behind": "0 mm"}, {"parts_start_strip": "20 mm"},
])  # fmt: skip
@pytest.mark.parametrize("increment", ["0.5 mm", "1/16 in", "5 mm"])
@pytest.mark.parametrize("below", ["open", "drawer", "parts_tray", "shelf"])
def test_beside_anything_they_go_together_and_come_out(choices: dict[str, str], increment: str, below: str) -> None:
    plan = trays("40 mm", "30 mm", "60 mm", below=below, **choices)
    plan = changed(plan, step("/units/increment", increment, "replace"))
    assert prove(solved(plan)).meetings == ()


def test_beside_something_in_the_way_they_are_narrower() -> None:
    plan = trays("30 mm", "40 mm")
    plan = act(plan, "obstruct", name="Pipe", what="pipe", space=space_of(plan), on="right", projection="30 mm")
    done = solved(plan)
    first = cells_of(plan, space_of(plan))[0].id
    assert done.solved.value(first, "parts_base_length_cut") < 514 - 30
    assert prove(done).meetings == ()


def test_things_lie_in_them_and_what_is_higher_is_left_over() -> None:
    plan = trays("37 mm")
    for name, high in (("Washers", "12 mm"), ("Hinge", "40 mm")):
        plan = act(plan, "add-thing", name=name, length="60 mm", width="40 mm", height=high)
        plan = act(plan, "put-thing", thing=list(plan.things)[-1], place=cells_of(plan, space_of(plan))[0].id)
    (stored,) = stored_in(solved(plan))
    assert [one.name.partition("#")[0] for one in stored.floor.placed] == [next(iter(plan.things))]
    assert [left.why for left in stored.left] == ["too_high"]
    assert stored.room.width == 486


def test_they_are_drawn_from_the_front() -> None:
    done = solved(trays("30 mm", "40 mm"))
    layers = {one.key.partition("/")[0] for one in elevation(done, space_of(done.plan)).primitives}
    assert {one.id for one in cells_of(done.plan, space_of(done.plan))} <= layers


def test_inches_too() -> None:
    plan = new_plan("Inches", "frameless", "in", "20", "3", "11")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "parts_tray", "replace"))
    assert of_first(plan, "parts_base_length_cut") == mm("19 7/8")
    assert of_first(plan, "parts_engagement") == mm("3/16")
    assert prove(solved(plan)).meetings == ()
