"""A size typed over in the drawing comes out as it was typed, for what is a choice; what is a result is refused."""

from __future__ import annotations

import pytest

from tests.helpers import changed, drawer_of, frameless, mm, solved, split, step, value
from vasculum.core.errors import PlanRefused
from vasculum.core.lengths import read_length
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.primitives import Dimension
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.typing_over import TypeOver
from vasculum.plan.laying.solving import SolvedPlan


def typed_over(plan: SolvedPlan, key: str, length: str | None) -> SolvedPlan:
    act = TypeOver(do="type-over", key=key, length=length)
    return solved(patched(plan.plan, act.steps(plan)))


def bank(**choices: str) -> tuple[SolvedPlan, list[str]]:
    plan = frameless("22 1/2", "29 5/8", "20", **choices)
    plan, rows = split(plan, drawer_of(plan), "rows", {}, {}, {})
    return solved(plan), rows


@pytest.mark.parametrize("front", ["inset", "overlay", "partial", "none"])
def test_a_row_is_typed_over_by_its_front_or_its_own_height(front: str) -> None:
    plan, rows = bank(front=front)
    name = "cell_height" if front == "none" else "front_height_cut"
    assert typed_over(plan, f"{rows[1]}/{name}", "6").solved.value(rows[1], name) == mm("6")


def test_a_column_is_typed_over_by_its_width() -> None:
    plan = frameless("45", "9", "20")
    plan, columns = split(plan, drawer_of(plan), "columns", {}, {})
    done = typed_over(solved(plan), f"{columns[0]}/cell_width", "20 1/4")
    assert done.solved.value(columns[0], "cell_width") == mm("20 1/4")


@pytest.mark.parametrize(
    ("name", "typed"),
    [("outside_height", "5"), ("outside_depth", "15"), ("runner_length", "16"), ("runner_line_built", "2 1/2")],
)
def test_a_wish_for_one_box_of_several_is_of_that_box_alone(name: str, typed: str) -> None:
    plan, rows = bank()
    done = typed_over(plan, f"{rows[1]}/{name}", typed)
    assert done.solved.value(rows[1], name) == mm(typed)
    assert done.solved.value(rows[0], name) == plan.solved.value(rows[0], name)
    back = typed_over(done, f"{rows[1]}/{name}", None)
    assert back.solved.value(rows[1], name) == plan.solved.value(rows[1], name)


def test_of_a_single_box_the_wish_is_of_the_plan() -> None:
    done = typed_over(solved(frameless()), f"{drawer_of(frameless())}/outside_height", "5 1/2")
    assert value(done, "outside_height") == mm("5 1/2")
    assert "wanted_box_height" in done.plan.choices


@pytest.mark.parametrize("name", ["outside_width", "opening_width", "clear_depth", "front_width_cut"])
def test_what_is_worked_out_is_refused(name: str) -> None:
    plan = solved(frameless())
    with pytest.raises(PlanRefused, match="worked out"):
        typed_over(plan, f"{drawer_of(plan.plan)}/{name}", "5")


def test_what_was_built_is_not_typed_over_for_no_wish_moves_it() -> None:
    plan, rows = bank()
    key = f"{rows[1]}/front_height_cut"
    built = solved(changed(plan.plan, step(f"/as_built/{rows[1]}~1front_height_cut", "7 in")))
    with pytest.raises(PlanRefused, match="or built"):
        typed_over(built, key, "6")
    assert typed_over(built, f"{rows[0]}/front_height_cut", "6").solved.value(rows[1], "front_height_cut") == mm("7")


@pytest.mark.parametrize(("unit", "increment", "typed"), [("mm", "5 mm", "150"), ("in", "1/4 in", "6 1/4")])
def test_a_coarse_increment_and_the_other_unit(unit: str, increment: str, typed: str) -> None:
    plan, rows = bank(front="overlay")
    units = {"length": unit, "increment": increment, "thickness_increment": "0.5 mm"}
    coarse = solved(changed(plan.plan, step("/units", units, "replace")))
    done = typed_over(coarse, f"{rows[1]}/front_height_cut", typed)
    assert done.solved.value(rows[1], "front_height_cut") == read_length(typed, unit).mm  # type: ignore[arg-type]


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_every_dimension_that_says_it_is_a_choice_takes_the_length_that_it_shows(name: str) -> None:
    """Typed over with what it shows, nothing that is cut becomes otherwise."""
    plan = solved(demo_plan(name))
    keys = {
        one.key
        for sheet in opening_sheets(plan)
        for one in sheet.primitives
        if isinstance(one, Dimension) and one.is_choice
    }
    assert keys
    for key in sorted(keys):
        place, _, size = key.partition("/")
        now = plan.solved.value(place, size)
        assert typed_over(plan, key, f"{now} mm").solved.value(place, size) == now, key
