"""Laws of a case that is built into a space: it never asks for more than the tape allows, and its sum always closes."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.helpers import changed, kinds_in, solved, space_of, step, with_obstruction, with_readings
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.solid.proof import prove

STATIONS: dict[str, list[dict[str, str]]] = {
    "width": [{"level": level, "along": along} for along in ("front", "middle", "back") for level in ("low", "high")],
    "height": [{"side": side} for side in ("left", "right")],
    "depth": [{"side": side, "level": level} for side in ("left", "right") for level in ("low", "high")],
}
OUTSIDE = {"width": "case_outside_width", "height": "standing_height", "depth": "case_outside_depth"}
INCREMENTS = {"in": ["1/32 in", "1/16 in", "1/8 in"], "mm": ["0.5 mm", "1 mm", "2 mm"]}
LEAST = {"width": 500, "height": 400, "depth": 420}


@st.composite
def cases(draw: st.DrawFn) -> tuple[SolvedPlan, dict[str, Fraction]]:
    """A case in a space that is read at many stations, of uneven stock, past a baseboard; and its smallest readings."""
    unit = draw(st.sampled_from(["in", "mm"]))
    plan: Plan = new_plan(
        "Any", "frameless", unit, what=draw(st.sampled_from(["alcove", "vehicle"])), carcass="in_space"
    )
    increment = draw(st.sampled_from(INCREMENTS[unit]))
    measured = {"front_sheet": draw(st.integers(120, 230)), "bottom_sheet": draw(st.integers(30, 90))}
    chosen = {family: draw(st.sampled_from(kinds_in(family))) for family in ("through", "case_joint", "case_back")}
    chosen |= {"front": draw(st.sampled_from(["inset", "overlay"]))}
    chosen |= {"plinth_height": "70 mm"} if draw(st.booleans()) else {}
    plan = changed(
        plan,
        step("/units/increment", increment, "replace"),
        *(step(f"/library/sheets/{plan.choices[s]}/measured", f"{t}/10 mm") for s, t in measured.items()),
        *(step(f"/choices/{name}", value) for name, value in chosen.items()),
    )
    readings: list[dict[str, Any]] = []
    for of, stations in STATIONS.items():
        taken = draw(st.lists(st.sampled_from(stations), min_size=1, unique_by=str))
        readings += [{"of": of, "value": f"{LEAST[of] * 10 + draw(st.integers(0, 300))}/10 mm", **at} for at in taken]
    plan = with_readings(plan, "case", *readings)
    if draw(st.booleans()):
        side, passes = draw(st.sampled_from(["left", "right", "back"])), draw(st.sampled_from(["beside", "above"]))
        plan = with_obstruction(plan, side, f"{draw(st.integers(5, 30))} mm", height="60 mm", passes=passes)
    smallest = {
        of: min(plan.length(one["value"]) for one in readings if one["of"] == of) for of in STATIONS
    }  # fmt: skip
    return solved(plan), smallest


def of_space(done: SolvedPlan, name: str) -> Fraction:
    found: Fraction = done.solved.value(space_of(done.plan), name)
    return found


@settings(max_examples=60, deadline=None)
@given(cases())
def test_the_outside_never_exceeds_what_the_readings_allow(case: tuple[SolvedPlan, dict[str, Fraction]]) -> None:
    done, smallest = case
    before = of_space(done, "front_before")
    lost = {
        "width": 2 * of_space(done, "fitting_room") + of_space(done, "lost_on_left") + of_space(done, "lost_on_right"),
        "height": of_space(done, "lost_below"),
        "depth": before + of_space(done, "lost_behind"),
    }
    for of, name in OUTSIDE.items():
        assert of_space(done, name) + lost[of] <= smallest[of], of


@settings(max_examples=60, deadline=None)
@given(cases())
def test_inside_and_boards_are_the_outside_after_snapping(case: tuple[SolvedPlan, dict[str, Fraction]]) -> None:
    done, _ = case
    fine = done.plan.length(done.plan.units.thickness_increment)
    boards = {"width": "boards_across", "height": "boards_up"}
    inside = {"width": "opening_width", "height": "opening_height"}
    for of, name in boards.items():
        left = of_space(done, OUTSIDE[of]) - of_space(done, inside[of]) - of_space(done, name)
        assert 0 <= left < fine, of
    deep = of_space(done, "case_outside_depth") + of_space(done, "front_before")
    assert deep == of_space(done, "depth_inside") + of_space(done, "boards_deep")


@settings(max_examples=40, deadline=None)
@given(cases())
def test_the_case_stands_in_its_space_and_meets_nothing(case: tuple[SolvedPlan, dict[str, Fraction]]) -> None:
    proof = prove(case[0])
    assert not proof.waiting
    assert proof.meetings == ()
