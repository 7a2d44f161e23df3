"""What is asked at a place is what something there reads: the rest would move nothing, and is not shown."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import (
    RUNNER_SYSTEMS,
    changed,
    drawer_of,
    framed,
    frameless,
    kinds_in,
    solved,
    space_of,
    split,
    step,
    with_choices,
    with_runner,
)
from vasculum.core.errors import PlanRefused
from vasculum.core.tables import choosables
from vasculum.plan.document import Plan
from vasculum.plan.laying.asked import asked_at


def asked(plan: Plan, place: str = "") -> frozenset[str]:
    done = solved(plan)
    return asked_at(done.plan, done.laid)[place or drawer_of(plan)]


ASKED = [
    # the choices of the drawer, what is asked, and what is not; as the rules of each kind read them
    ({"front": "inset"}, {"gap", "front_sheet"}, {"overlay", "partial_lap", "lip_lap"}),
    ({"front": "partial"}, {"partial_lap", "front_sheet"}, {"lip_lap"}),
    ({"front": "lipped"}, {"lip_lap", "front_sheet"}, {"partial_lap"}),
    ({"joint": "dado"}, {"side_sheet"}, set()),
    ({"joint": "through_dovetail"}, {"side_sheet", "bottom_sheet"}, set()),
    ({"bottom": "between"}, {"bottom_sheet"}, {"bottom_play"}),
    ({"bottom": "grooved"}, {"bottom_sheet", "bottom_play"}, set()),
]


@pytest.mark.parametrize(("choices", "there", "not_there"), ASKED, ids=lambda one: "-".join(sorted(one))[:40])
def test_a_drawer_is_asked_for_what_its_own_kinds_read(
    choices: dict[str, str], there: set[str], not_there: set[str]
) -> None:
    known = choosables()
    found = asked(frameless(**choices))
    assert {name for name in there if name in known} == there
    assert there <= found
    assert not found & not_there


def otherwise(plan: Plan, name: str) -> Plan | None:
    """The plan with another number for a choice; None where the choice is of a kind, or the number is refused."""
    one = choosables()[name]
    if one.kind not in ("length", "count"):
        return None
    worth: Any = "3" if one.kind == "count" else "7/8 in"
    try:
        return with_choices(plan, **{name: worth})
    except PlanRefused:
        return None


def sizes(plan: Plan) -> dict[tuple[str, str], Fraction | None]:
    quantities = solved(plan).solved.quantities
    return {key: one.value for key, one in quantities.items() if isinstance(one.value, Fraction)}


BESIDE = [
    *({"front": front} for front in kinds_in("front")),
    *({"joint": joint} for joint in kinds_in("joint")),
    *({"bottom": bottom} for bottom in kinds_in("bottom")),
]


@pytest.mark.parametrize("choices", BESIDE, ids=lambda one: "-".join(one.values()))
def test_what_is_not_asked_anywhere_would_move_nothing(choices: dict[str, str]) -> None:
    plan, _ = split(frameless("36", "12", "20", **choices), "place-2", "columns", {}, {"holds": "shelf"})
    tried, other = set(), plan
    for name in choosables().keys() - asked(plan, "plan"):
        if (one := otherwise(other, name)) is not None:
            tried.add(("plan", name))
            other = one
    assert len(tried) > 5
    before, after = sizes(plan), sizes(other)
    assert {key for key in before if before[key] != after.get(key)} <= tried


@pytest.mark.parametrize("system", RUNNER_SYSTEMS)
def test_every_runner_is_asked_for_wherever_a_box_runs_on_it(system: str) -> None:
    plan = with_runner(frameless(), system)
    assert "runner" in asked(plan)
    assert "side_sheet" in asked(plan)


def test_a_cell_without_a_box_is_not_asked_for_one() -> None:
    plan, (box, shelf, nothing) = split(
        frameless("36", "12", "20"), "place-2", "columns", {}, {"holds": "shelf"}, {"holds": "open"}
    )
    about_boxes = {"joint", "bottom", "runner", "bottom_sheet"}
    assert about_boxes <= asked(plan, box)
    assert not about_boxes & asked(plan, shelf)
    assert not about_boxes & asked(plan, nothing)


def test_what_is_asked_below_is_asked_above() -> None:
    """A choice is made for one drawer, for the space, or for the plan: each offers what stands under it."""
    plan, ids = split(frameless("36", "12", "20"), "place-2", "columns", {}, {"holds": "tray"})
    space, whole = asked(plan, space_of(plan)), asked(plan, "plan")
    for id_ in ids:
        assert asked(plan, id_) <= space <= whole


def test_a_frame_is_asked_about_where_there_is_one() -> None:
    about_frames = asked(framed(), "plan") - asked(frameless(), "plan")
    assert about_frames
    assert all("frame" in name or "lip" in name or "packing" in name for name in about_frames), about_frames


def test_one_drawer_of_its_own_kind_is_asked_for_its_own() -> None:
    plan, (one, other) = split(frameless("36", "12", "20", front="inset"), "place-2", "columns", {}, {})
    plan = changed(plan, step(f"/places/{other}/choices/front", "partial"))
    assert "partial_lap" not in asked(plan, one)
    assert "partial_lap" in asked(plan, other)
    assert "partial_lap" in asked(plan, "plan")
