"""What always holds, over random trees of rows and columns."""

from __future__ import annotations

from fractions import Fraction
from random import Random
from typing import Any

from hypothesis import assume, given, settings
from hypothesis import strategies as st
from shapely import Polygon
from shapely import box as rectangle

from tests.helpers import (
    GRADUATED,
    changed,
    drawer_of,
    fixed,
    frameless,
    mm,
    share,
    solved,
    space_of,
    split,
    step,
    with_readings,
)
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import read_plan, write_plan
from vasculum.plan.edits.restoring import brought_back
from vasculum.plan.laying.layout import boxes_of, divider_of, is_even_stack, nodes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.marking import marked
from vasculum.plan.making.pieces import merged, pieces_of

MANY = settings(max_examples=40)

holdings = st.sampled_from(["drawer", "drawer", "drawer", "tray", "shelf", "open", "bin", "false_front", "blocked"])
BIN = {"bin_width": "3 in", "bin_height": "4 in", "bin_depth": "12 in"}


@st.composite
def parts(draw: st.DrawFn, most: int) -> list[dict[str, Any]]:
    made = []
    for _ in range(draw(st.integers(1, most))):
        kind = draw(st.sampled_from(["share", "share", "fixed", "contents", "left", "graduated"]))
        size = {
            "share": share(draw(st.integers(1, 3))),
            "fixed": fixed("7 1/2 in"),
            "contents": {"size": {"by": "contents", "length": f"{draw(st.integers(30, 90))}/16 in"}},
            "left": {"size": {"by": "left"}},
            "graduated": GRADUATED,
        }[kind]
        made.append({**size, "holds": draw(holdings), "choices": BIN})
    return made


@st.composite
def banks(draw: st.DrawFn) -> SolvedPlan:
    """A space of random size, split into columns and those into rows, every row large enough to hold something."""
    width, height = draw(st.integers(30 * 16, 60 * 16)), draw(st.integers(30 * 16, 60 * 16))
    plan: Plan = frameless(
        f"{width}/16",
        f"{height}/16",
        "20",
        surplus=draw(st.sampled_from(["bottom", "top", "spread"])),
        front=draw(st.sampled_from(["inset", "overlay"])),
    )
    plan, columns = split(plan, drawer_of(plan), "columns", *[{} for _ in range(draw(st.integers(1, 3)))])
    for column in columns:
        if draw(st.booleans()):
            divider = draw(st.sampled_from(["board", "open"]))
            grading = draw(st.sampled_from([{"step": "1/2 in"}, {"ratio": "5/4"}]))
            plan, _ = split(plan, column, "rows", *draw(parts(3)), divider=divider, **grading)
    done = solved(plan)
    assume(not any(one.refusal for one in done.solved.quantities.values()))
    return done


@MANY
@given(banks())
def test_rows_and_dividers_fill_the_space_exactly(plan: SolvedPlan) -> None:
    space = plan.plan.space_order[0]
    for node in nodes_of(plan.plan, space):
        children = node.place.children
        if not children:
            continue
        name = "cell_height" if node.place.holds == "rows" else "cell_width"
        board = (
            plan.solved.value("plan", "divider_thickness")
            if divider_of(plan.plan, node.place) == "board"
            else Fraction(0)
        )
        filled = sum(plan.solved.value(c, name) for c in children) + board * (len(children) - 1)
        assert filled == plan.solved.value(node.id, name)


@given(
    st.lists(
        st.tuples(st.sampled_from(["front", "middle", "back"]), st.integers(600 * 64, 620 * 64)), min_size=2, max_size=9
    )
)
def test_the_governing_width_exceeds_no_reading_and_packed_sides_are_parallel_exactly(
    readings: list[tuple[str, int]],
) -> None:
    """At every station the two strips and the clear width add up to what was read there."""
    rows = [{"of": "width", "along": along, "value": f"{size}/64 in"} for along, size in readings]
    plan = with_readings(frameless("1000"), "case", *rows)
    done = solved(plan).solved
    space = plan.spaces[space_of(plan)]
    widths = [done.value(id_, "width") for id_ in plan.reading_order if plan.readings[id_].of == "width"]
    governing = done.value(space.case, "governing_width")
    assert governing == min(widths)
    for id_ in plan.reading_order:
        if plan.readings[id_].of == "width":
            strips = done.value(id_, "packing_left_here"), done.value(id_, "packing_right_here")
            assert done.value(id_, "width") - sum(strips) == done.value(space_of(plan), "clear_width")
            assert strips[0] == strips[1] >= 0


@MANY
@given(banks())
def test_cells_stand_beside_and_over_each_other_without_overlap(plan: SolvedPlan) -> None:
    cells = [n for n in nodes_of(plan.plan, plan.plan.space_order[0]) if not n.place.children]
    names = ("cell_from_left", "cell_from_floor", "cell_width", "cell_height")
    boxes = [tuple(plan.solved.value(c.id, n) for n in names) for c in cells]
    for at, (x, y, w, h) in enumerate(boxes):
        assert x >= 0
        assert y >= 0
        for x2, y2, w2, h2 in boxes[at + 1 :]:
            assert x + w <= x2 or x2 + w2 <= x or y + h <= y2 or y2 + h2 <= y


@MANY
@given(banks())
def test_a_column_of_fronts_and_gaps_fills_its_face_to_the_last_increment(plan: SolvedPlan) -> None:
    increment, gap = plan.solved.value("plan", "increment"), plan.solved.value("plan", "gap")
    for node in nodes_of(plan.plan, plan.plan.space_order[0]):
        if not is_even_stack(plan.plan, node):
            continue
        children = node.place.children
        fronts = [plan.solved.value(c, "front_height_cut") for c in children]
        at_floor, wanted = plan.solved.value(node.id, "gap_at_floor"), plan.solved.value(children[-1], "gap_below")
        above = plan.solved.value(children[0], "gap_above")
        filled = sum(fronts) + (len(fronts) - 1) * gap + at_floor + above
        assert filled == plan.solved.value(node.id, "face_height")
        assert wanted <= at_floor < wanted + increment
        assert all(front % increment == 0 for front in fronts)


@MANY
@given(banks())
def test_no_front_comes_nearer_to_another_than_the_gap(plan: SolvedPlan) -> None:
    cells = [n.id for n in nodes_of(plan.plan, plan.plan.space_order[0]) if not n.place.children]
    names = ("front_from_left", "front_from_floor", "front_width_cut", "front_height_cut")
    fronts = [tuple(plan.solved.value(c, n) for n in names) for c in cells]
    gap, slack = plan.solved.value("plan", "gap"), plan.solved.value("plan", "increment") * 3
    for at, (x, y, w, h) in enumerate(fronts):
        for x2, y2, w2, h2 in fronts[at + 1 :] if w is not None else ():
            if w2 is not None:
                apart = max(x2 - x - w, x - x2 - w2, y2 - y - h, y - y2 - h2)
                assert apart >= gap - slack


@MANY
@given(banks())
def test_a_row_from_contents_holds_them(plan: SolvedPlan) -> None:
    for node in nodes_of(plan.plan, plan.plan.space_order[0]):
        inside = plan.solved.value(node.id, "inside_height")
        if node.of == "row" and node.place.size.by == "contents" and inside is not None:
            assert inside >= plan.solved.value(node.id, "contents_size") + plan.solved.value("plan", "headroom")


@MANY
@given(banks())
def test_every_box_goes_into_its_cell(plan: SolvedPlan) -> None:
    for node in nodes_of(plan.plan, plan.plan.space_order[0]):
        width = plan.solved.value(node.id, "outside_width")
        if width is None:
            continue
        low = plan.solved.value(node.id, "room_from_floor") + plan.solved.value("plan", "play_below")
        top = low + plan.solved.value(node.id, "outside_height")
        floor, height = (plan.solved.value(node.id, n) for n in ("cell_from_floor", "cell_height"))
        assert width < plan.solved.value(node.id, "cell_width")
        slack = plan.solved.value("plan", "increment") * 3 + plan.solved.value("plan", "gap")
        assert floor - slack <= low
        assert top <= floor + height + slack


@MANY
@given(banks())
def test_merging_loses_no_part(plan: SolvedPlan) -> None:
    every = pieces_of(plan)
    together = [part.id for group in merged(plan, every) for part in group]
    assert sorted(together) == sorted(part.id for part in every)
    assert len(set(together)) == len(together)
    assert set(plan.plan.marks) == set(together)


@MANY
@given(banks())
def test_a_bank_reads_as_it_was_written(plan: SolvedPlan) -> None:
    assert read_plan(write_plan(plan.plan)) == plan.plan


@MANY
@given(banks(), st.sampled_from(["side_sheet", "bottom_sheet", "bottom_play", "play_below", "wanted_runner_line"]))
def test_an_override_moves_nothing_outside_its_cell(plan: SolvedPlan, name: str) -> None:
    """Where no row is sized by its contents, what a drawer is made of is nobody else's business."""
    places = plan.plan.places
    box = next((b for b in boxes_of(plan.plan) if b.place.size.by != "contents"), None)
    assume(box is not None)
    value = plan.plan.choices["front_sheet"] if name.endswith("sheet") else "3/8 in"
    after = marked(changed(plan.plan, step(f"/places/{box.id}/choices/{name}", value)), plan)
    elsewhere = {key for key in plan.solved.quantities if key[0] != box.id and key[0] in places}
    assert all(after.solved.value(*key) == plan.solved.value(*key) for key in elsewhere)
    own = [key for key in after.solved.quantities if key[0] == box.id]
    assert any(after.solved.value(*key) != plan.solved.value(*key) for key in own)


@MANY
@given(banks(), st.randoms(use_true_random=False))
def test_taking_out_and_bringing_back_restores_every_key_and_mark(plan: SolvedPlan, random: Random) -> None:
    splits = [id_ for id_, place in plan.plan.places.items() if len(place.children) > 1]
    assume(splits)
    split_id = random.choice(splits)
    gone = random.choice(plan.plan.places[split_id].children)
    below = [gone, *plan.plan.places[gone].children]
    kept = [c for c in plan.plan.places[split_id].children if c != gone]
    without = [step(f"/places/{split_id}/children", kept)] + [step(f"/places/{id_}", op="remove") for id_ in below]
    fewer = marked(changed(plan.plan, *without), plan)
    assert not any(key[0] in below for key in fewer.solved.quantities)
    again = marked(brought_back(plan.plan, fewer.plan), fewer)
    assert again.solved.quantities == plan.solved.quantities
    assert again.plan.marks == plan.plan.marks


@st.composite
def in_the_way(draw: st.DrawFn, space: str) -> dict[str, Any]:
    """Something on any side, over any stretch."""
    sixteenths = st.integers(0, 480)
    one: dict[str, Any] = {"name": "Thing", "what": "other", "space": space}
    one["on"] = draw(st.sampled_from(["left", "right", "back", "floor", "top"]))
    one["projection"] = f"{draw(st.integers(1, 64))}/16 in"
    for start, size in (("from_floor", "height"), ("from_left", "width")):
        if draw(st.booleans()):
            one |= {start: f"{draw(sixteenths)}/16 in", size: f"{draw(st.integers(1, 160))}/16 in"}
    one["both_sides"] = draw(st.booleans())
    return one


def solids_of(plan: SolvedPlan, one: dict[str, Any]) -> tuple[Polygon, Polygon]:
    """The obstruction from the front and from above, worked out here once more."""

    def inches(text: str | None, otherwise: float) -> float:
        return otherwise if text is None else float(mm(text) / mm("1"))

    space = plan.plan.space_order[0]
    width, height, depth, left = (
        float(plan.solved.value(space, n) / mm("1"))
        for n in ("opening_width", "opening_height", "clear_depth", "clear_stands_in")
    )
    out = inches(one["projection"], 0)
    x, w = inches(one.get("from_left"), 0), inches(one.get("width"), 999)
    y, h = inches(one.get("from_floor"), 0), inches(one.get("height"), 999)
    spans = {
        "left": ((0, out), (y, y + h), (0, depth)), "right": ((width - out, width), (y, y + h), (0, depth)),
        "back": ((x, x + w), (y, y + h), (depth - out, depth)), "floor": ((x, x + w), (0, out), (0, depth)),
        "top": ((x, x + w), (height - out, height), (0, depth)),
    }[one["on"]]  # fmt: skip
    (x1, x2), (y1, y2), (z1, z2) = spans
    return rectangle(x1 - left, y1, x2 - left, y2), rectangle(x1 - left, z1, x2 - left, z2)


@MANY
@given(banks(), st.data())
def test_no_box_overlaps_what_stands_in_its_way(plan: SolvedPlan, data: st.DataObject) -> None:
    """From the front and from above by shapely: what overlaps in both views overlaps in space."""
    one = data.draw(in_the_way(plan.plan.space_order[0]))
    number = plan.plan.next_id
    more = changed(plan.plan, step(f"/obstructions/obstruction-{number}", one), step("/next_id", number + 1, "replace"))
    done = marked(more, plan)
    front, top = solids_of(done, one)
    for node in boxes_of(done.plan):
        names = ("box_from_left", "outside_width", "room_from_floor", "outside_height", "set_back", "outside_depth")
        sizes = [done.solved.value(node.id, n) for n in names]
        if None in sizes:
            continue
        x, w, floor, h, z, d = (float(s / mm("1")) for s in sizes)
        y = floor + float(done.solved.value("plan", "play_below") / mm("1"))
        is_over = front.intersection(rectangle(x, y, x + w, y + h)).area > 1e-9
        assert not (is_over and top.intersection(rectangle(x, z, x + w, z + d)).area > 1e-9)
