"""Halves are mirror images: layout, readings, things in the way, and every part with its hand."""

from __future__ import annotations

from collections import Counter
from fractions import Fraction

import pytest

from tests.helpers import changed, drawer_of, fixed, framed, mm, solved, space_of, split, step, with_readings
from tests.plan.test_obstructions import with_obstruction
from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.mirroring import mirrored_space
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.making.pieces import pieces_of


@pytest.fixture
def half() -> Plan:
    """A frame with uneven lips, a narrow and two wider columns, a hinge on the left, a pipe and an anchor."""
    inside = {"of": "width", "value": "49 in", "along": "front", "level": "low"}
    rising = {"of": "diagonal_rising_right", "value": "60 in"}
    plan = with_readings(framed("48", "24", "24"), "case", inside)
    plan = with_readings(plan, "frame", rising, {"of": "height", "value": "24 1/4 in", "side": "right"})
    plan = changed(plan, step(f"/spaces/{space_of(plan)}/choices/frame_lip_left", "3/8 in"))
    plan, columns = split(plan, drawer_of(plan), "columns", fixed("10 in"), {}, {"holds": "blocked"})
    plan, _ = split(plan, columns[1], "rows", {}, {"holds": "tray"}, divider="board")
    plan = with_obstruction(plan, "left", "3/4 in", from_floor="2 in", height="3 in")
    plan = with_obstruction(plan, "back", "3 in", from_left="14 in", width="4 in")
    return with_obstruction(plan, "floor", "1 in", from_left="20 in")


def both(plan: Plan) -> Plan:
    return solved(patched(plan, mirrored_space(plan, space_of(plan)))).plan


def test_the_cells_of_one_half_are_those_of_the_other_seen_in_a_mirror(half: Plan) -> None:
    done = solved(both(half))
    left, right = done.plan.space_order
    whole = done.solved.value(right, "clear_width")

    def spans(space: str) -> list[tuple[Fraction, ...]]:
        names = ("cell_from_left", "cell_width", "cell_from_floor", "cell_height", "taken_left", "taken_right",
                 "taken_behind", "taken_below")  # fmt: skip
        return [tuple(done.solved.value(cell.id, n) or mm("0") for n in names) for cell in cells_of(done.plan, space)]

    seen = [(whole - x - w, w, y, h, tr, tl, tb, tf) for x, w, y, h, tl, tr, tb, tf in spans(left)]
    assert sorted(seen) == sorted(spans(right))
    assert any(tl for _, _, _, _, tl, _, _, _ in spans(left)), "the hinge counts on one side"


def test_the_parts_of_both_halves_are_as_many_of_each_size(half: Plan) -> None:
    done = solved(both(half))

    def sizes(space: str) -> Counter[tuple[object, ...]]:
        cells = {cell.id for cell in cells_of(done.plan, space)}
        own = [p for p in pieces_of(done) if p.place in cells]
        return Counter((p.sheet, *(done.solved.value(*k) for k in (p.length, p.width, p.thickness))) for p in own)

    left, right = done.plan.space_order
    assert sizes(left) == sizes(right)
    assert sizes(left).total() > 15


def test_mirrored_twice_it_stands_as_it_stood(half: Plan) -> None:
    once = both(half)
    mirrored = once.space_order[1]
    again = patched(once, mirrored_space(once, mirrored))
    first, third = once.space_order[0], again.space_order[2]
    done = solved(again)
    widths = [[done.solved.value(c.id, "cell_from_left") for c in cells_of(again, s)] for s in (first, third)]
    assert widths[0] == widths[1]
    choices = again.spaces[third].choices
    assert choices == again.spaces[first].choices


def test_nothing_built_or_marked_is_taken_over(half: Plan) -> None:
    built = changed(half, step(f"/as_built/{cells_of(half, space_of(half))[0].id}~1outside_width", "8 in"))
    plan = both(built)
    assert len(plan.as_built) == 1
    assert len(set(plan.marks.values())) == len(plan.marks)


def test_a_space_that_is_not_there_has_no_mirror_image(half: Plan) -> None:
    with pytest.raises(NoSuchQuantity):
        mirrored_space(half, "space-99")
