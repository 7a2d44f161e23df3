"""A grid in a drawer: its strips interlock, fill the floor and come out with it; things lie in its cells."""

from __future__ import annotations

from itertools import product

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, space_of, step, with_choices
from vasculum.drawing.above import above
from vasculum.drawing.primitives import Rect
from vasculum.plan.document import Plan
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import regions
from vasculum.plan.making.stored import stored_in
from vasculum.plan.telling.cuts import in_words
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove


def gridded(across: int = 4, deep: int = 3, **choices: str) -> Plan:
    return frameless("22 1/2", "9", "20", fitted="grid", grid_across=str(across), grid_deep=str(deep), **choices)


def strips(plan: Plan, way: str) -> list[Piece]:
    return [one for one in pieces_of(solved(plan)) if one.role.startswith(f"grid_{way}")]


@pytest.mark.parametrize(("across", "deep"), [(1, 1), (2, 1), (1, 3), (4, 3), (12, 12), (7, 2)])
@pytest.mark.parametrize("increment", ["1/32 in", "1/8 in", "1 mm"])
def test_strips_interlock_and_fill_the_floor(across: int, deep: int, increment: str) -> None:
    """So many less one in each direction; together nothing meets, with every strip on the bottom."""
    plan = changed(gridded(across, deep), step("/units/increment", increment, "replace"))
    done = solved(plan)
    assert [len(strips(plan, way)) for way in ("lengthwise", "crosswise")] == [across - 1, deep - 1]
    assert prove(done).meetings == ()
    for one, other in product(strips(plan, "lengthwise"), strips(plan, "crosswise")):
        (notch,) = (region for cut in one.cuts for region in regions(done, one, cut) if _at(one, region.along, other))
        assert notch.along[1] - notch.along[0] > other.size[2] if other.size else False
        assert one.stand is not None
        assert other.stand is not None
        assert one.stand.up == other.stand.up


def _at(one: Piece, along: tuple[object, object], other: Piece) -> bool:
    """Whether a notch of a lengthwise strip is where a crosswise one stands."""
    assert one.stand is not None
    assert other.stand is not None
    assert other.size is not None
    middle = other.stand.back + other.size[2] / 2 - one.stand.back
    low, high = along
    return low < middle < high  # type: ignore[operator]


def test_its_parts_are_alike_and_say_their_notches_from_an_end() -> None:
    plan = gridded()
    rows = {row.name: row for row in solution_of(solved(plan)).parts if row.name.startswith("Grid")}
    assert {name: row.count for name, row in rows.items()} == {"Grid strip, lengthwise": 3, "Grid strip, crosswise": 2}
    (strip, *_) = strips(plan, "crosswise")
    (cut,) = strip.cuts
    said = in_words(solved(plan), strip, cut)
    assert said == (
        "Notches from below: middles 5 1/16 in, 10 1/4 in, 15 7/16 in from the left end, 17/64 in wide, "
        "4 1/64 in deep from the lower edge, right through"
    )


def test_a_lower_grid_of_another_sheet_with_play_stands_in_the_middle() -> None:
    plan = gridded(2, 2, wanted_grid_height="2 in", grid_play="1/8 in")
    plan = with_choices(plan, grid_sheet=plan.choices["side_sheet"])
    (strip,) = strips(plan, "crosswise")
    assert strip.size == (mm("20 3/8"), mm("2"), mm("1/2"))
    assert prove(solved(plan)).meetings == ()


@pytest.mark.parametrize("choices", [{"grid_across": "13"}, {"grid_deep": "200"}])
def test_too_many_cells_are_refused_with_the_sum(choices: dict[str, str]) -> None:
    assert "no-room-for-cells" in codes(with_choices(gridded(), **choices), "stop")


def test_things_lie_in_its_cells_and_what_is_larger_is_left_over() -> None:
    """Cells 4 15/16 x 5 1/2: boxes of 4 1/2 go in one each, one of 6 in none."""
    plan = gridded()
    for name, size in (("Box", "4 1/2"), ("Crate", "6")):
        plan = act(plan, "add-thing", name=name, length=size, width=size, height="2")
    box, crate = plan.things
    plan = changed(plan, step(f"/things/{box}/count", 13, "replace"))
    for id_ in (box, crate):
        plan = act(plan, "put-thing", thing=id_, place=drawer_of(plan))
    done = solved(plan)
    (stored,) = stored_in(done)
    assert len(stored.floor.placed) == 12
    assert {(left.thing, left.many) for left in stored.left} == {(box, 1), (crate, 1)}
    for placed in stored.floor.placed:
        for strip in strips(plan, "lengthwise"):
            assert strip.stand is not None
            at = strip.stand.across - (done.solved.value(drawer_of(plan), "box_from_left") + mm("1/2"))
            assert placed.from_left + placed.across <= at or placed.from_left >= at + mm("1/4")


def test_it_is_drawn_from_above() -> None:
    plan = gridded()
    drawn = above(solved(plan), space_of(plan), drawer_of(plan), numbers_of(plan)).primitives
    thin = [
        one for one in drawn if isinstance(one, Rect) and one.layer == "box" and mm("1/4") in (one.width, one.height)
    ]
    assert len(thin) == 5
