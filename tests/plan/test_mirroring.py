"""Halves are mirror images: layout, readings, things in the way, and every part with its hand."""

from __future__ import annotations

from collections import Counter
from fractions import Fraction

import pytest

from tests.helpers import (
    changed,
    drawer_of,
    fixed,
    framed,
    mm,
    solved,
    space_of,
    split,
    step,
    with_obstruction,
    with_readings,
)
from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Plan, Reading
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.mirroring import mirrored_space
from vasculum.plan.edits.spaces import CopySpace
from vasculum.plan.laying.layout import cells_of, nodes_of
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
        own = [p for p in pieces_of(done) if p.space == space]
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


def mirror_of(plan: Plan) -> tuple[Plan, str, str]:
    """The plan with both halves, and the spaces of both."""
    twice = both(plan)
    return twice, *twice.space_order  # type: ignore[return-value]


def test_graduated_columns_grow_the_other_way() -> None:
    plan = framed("48", "24", "24")
    graded = {"size": {"by": "graduated"}}
    for growth in ({"step": "1 in"}, {"ratio": "5/4"}):
        grown, _ = split(plan, drawer_of(plan), "columns", graded, graded, graded, **growth)
        done = solved(both(grown))
        left, right = (
            [done.solved.value(cell.id, "cell_width") for cell in cells_of(done.plan, space)]
            for space in done.plan.space_order
        )
        assert left[0] < left[1] < left[2]
        assert right == left[::-1]


def test_a_door_hangs_on_the_other_side_in_a_mirror() -> None:
    plan = changed(framed("48", "24", "24"), step("/choices/door_width", "24 in"))
    twice, left, right = mirror_of(plan)
    done = solved(twice)
    assert "door" not in twice.spaces[left].choices
    assert twice.spaces[right].choices["door"] == "right"
    hangs = [done.solved.value(cell.id, "door_hangs_at") for space in (left, right) for cell in cells_of(twice, space)]
    assert hangs[0] != hangs[1]


def test_packing_and_lips_of_the_whole_plan_are_exchanged() -> None:
    inside = {"of": "width", "value": "49 in", "along": "front", "level": "low"}
    plan = with_readings(
        framed("48", "24", "24", wanted_packing_left="3/4 in", frame_lip_left="1/4 in"), "case", inside
    )
    done = solved(both(plan))
    left, right = done.plan.space_order
    for one, other in (("left", "right"), ("right", "left")):
        assert done.solved.value(right, f"packing_{one}") == done.solved.value(left, f"packing_{other}")
        assert done.solved.value(right, f"lip_{one}") == done.solved.value(left, f"lip_{other}")


def test_scribe_strips_stand_on_the_other_side() -> None:
    plan = framed("48", "24", "24")
    for side, stations in (("left", ("0 in", "12 in")), ("top", ("2 in", "20 in"))):
        strip = {
            "name": side, "space": space_of(plan), "side": side,
            "stations": [{"at": at, "gap": gap} for at, gap in zip(stations, ("1/2 in", "3/4 in"), strict=True)],
        }  # fmt: skip
        plan = changed(
            plan,
            step(f"/scribes/scribe-{plan.next_id}", strip),
            step("/next_id", plan.next_id + 1, "replace"),
        )
    twice, _, right = mirror_of(plan)
    copies = {one.side: one for one in twice.scribes.values() if one.space == right}
    assert set(copies) == {"right", "top"}
    assert [twice.length(one.at) for one in copies["right"].stations] == [0, mm("12")]
    assert [(twice.length(one.at), one.gap) for one in copies["top"].stations] == [
        (mm("28"), "3/4 in"), (mm("46"), "1/2 in"),
    ]  # fmt: skip


def test_a_stretch_from_the_left_edge_ends_at_the_right_one() -> None:
    plan = with_obstruction(framed("48", "24", "24"), "floor", "1 in", width="6 in")
    twice, _, right = mirror_of(plan)
    (copy,) = (one for one in twice.obstructions.values() if one.space == right)
    assert twice.length(copy.from_left or "0 in") == mm("42")


def test_a_copy_is_laid_out_and_made_alike_and_is_measured_by_itself(half: Plan) -> None:
    (space,) = half.space_order
    done = patched(half, list(CopySpace(do="copy-space", space=space).steps(solved(half))))
    first, copy = (done.spaces[one] for one in done.space_order)
    assert (copy.kind, copy.what, copy.choices) == (first.kind, first.what, first.choices)
    kinds = [
        [(node.place.holds, node.place.name, node.place.choices) for node in nodes_of(done, one)]
        for one in done.space_order
    ]
    assert kinds[0] == kinds[1]
    assert not {id_ for id_, reading in done.readings.items() if reading.survey in (copy.frame, copy.case)}
    assert not any(one.space == done.space_order[1] for one in (*done.obstructions.values(), *done.scribes.values()))
    assert done.readings == half.readings
    assert solved(done).solved.value(copy.holds, "cell_width") is None
    (outer,) = [survey for survey in (copy.frame,) if survey]
    read = Reading(survey=outer, of="width", value="48 in")
    measured = done.model_copy(update={"readings": {**done.readings, "reading-999": read}})
    measured = measured.model_copy(update={"reading_order": [*done.reading_order, "reading-999"], "next_id": 1000})
    assert solved(measured).solved.value(copy.holds, "cell_width") is not None
    assert solved(measured).solved.value(outer, "governing_width") == mm("48")
