"""What always holds, over random trees of rows and columns."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

from hypothesis import assume, given, settings
from hypothesis import strategies as st

from tests.helpers import GRADUATED, drawer_of, fixed, frameless, share, solved, split
from vasculum.plan.document import Plan
from vasculum.plan.layout import divider_of, is_even_stack, nodes_of
from vasculum.plan.parts import merged, parts_of
from vasculum.plan.reading import read_plan, write_plan
from vasculum.plan.solving import SolvedPlan

MANY = settings(max_examples=40, deadline=None, derandomize=True)

holdings = st.sampled_from(["drawer", "drawer", "drawer", "tray", "shelf", "open", "false_front", "blocked"])


@st.composite
def parts(draw: st.DrawFn, most: int) -> list[dict[str, Any]]:
    made = []
    for _ in range(draw(st.integers(1, most))):
        kind = draw(st.sampled_from(["share", "share", "fixed", "graduated"]))
        size = {"share": share(draw(st.integers(1, 3))), "fixed": fixed("7 1/2 in"), "graduated": GRADUATED}[kind]
        made.append({**size, "holds": draw(holdings)})
    return made


@st.composite
def banks(draw: st.DrawFn) -> SolvedPlan:
    """A space of random size, split into columns and those into rows, every row large enough to hold something."""
    width, height = draw(st.integers(30 * 16, 60 * 16)), draw(st.integers(30 * 16, 60 * 16))
    plan: Plan = frameless(
        f"{width}/16", f"{height}/16", "20", surplus=draw(st.sampled_from(["bottom", "top", "spread"]))
    )
    plan, columns = split(plan, drawer_of(plan), "columns", *[{} for _ in range(draw(st.integers(1, 3)))])
    for column in columns:
        if draw(st.booleans()):
            divider = draw(st.sampled_from(["board", "open"]))
            plan, _ = split(plan, column, "rows", *draw(parts(3)), divider=divider, step="1/2 in")
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
        board = plan.solved.value("plan", "divider_thickness") if divider_of(node.place) == "board" else Fraction(0)
        filled = sum(plan.solved.value(c, name) for c in children) + board * (len(children) - 1)
        assert filled == plan.solved.value(node.id, name)


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
    increment, gap = plan.solved.value("plan", "increment"), plan.solved.value("defaults", "gap")
    for node in nodes_of(plan.plan, plan.plan.space_order[0]):
        if not is_even_stack(plan.plan, node):
            continue
        fronts = [plan.solved.value(c, "front_height_cut") for c in node.place.children]
        at_floor = plan.solved.value(node.id, "gap_at_floor")
        assert sum(fronts) + len(fronts) * gap + at_floor == plan.solved.value(node.id, "face_height")
        assert gap <= at_floor < gap + increment
        assert all(front % increment == 0 for front in fronts)


@MANY
@given(banks())
def test_every_box_goes_into_its_cell(plan: SolvedPlan) -> None:
    for node in nodes_of(plan.plan, plan.plan.space_order[0]):
        width = plan.solved.value(node.id, "outside_width")
        if width is None:
            continue
        low = plan.solved.value(node.id, "room_from_floor") + plan.solved.value("defaults", "play_below")
        top = low + plan.solved.value(node.id, "outside_height")
        floor, height = (plan.solved.value(node.id, n) for n in ("cell_from_floor", "cell_height"))
        assert width < plan.solved.value(node.id, "cell_width")
        slack = plan.solved.value("plan", "increment") * 3 + plan.solved.value("defaults", "gap")
        assert floor - slack <= low
        assert top <= floor + height + slack


@MANY
@given(banks())
def test_merging_loses_no_part(plan: SolvedPlan) -> None:
    every = parts_of(plan)
    together = [part.id for group in merged(plan, every) for part in group]
    assert sorted(together) == sorted(part.id for part in every)
    assert len(set(together)) == len(together)
    assert set(plan.plan.marks) == set(together)


@MANY
@given(banks())
def test_a_bank_reads_as_it_was_written(plan: SolvedPlan) -> None:
    assert read_plan(write_plan(plan.plan)) == plan.plan
