"""Moving what stands between two parts: worked by hand, snapped, and never at the cost of a third where it need not."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import changed, drawer_of, fixed, frameless, mm, solved, space_of, split, step
from vasculum.core.errors import PlanRefused
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.dragging import dragged, pushed
from vasculum.plan.laying.solving import SolvedPlan

CASES: list[tuple[str, list[dict[str, Any]], dict[str, Any], int, str, str, list[str]]] = [
    # height 25; parts, of the split, which divider, by, what is asked, answers from above
    ("rails, snapped to sixteenths", [{}, {}, {}], {"divider": "board"}, 0, "1.03", "cell_height", ["9", "7 1/2", "7 1/2"]),
    ("upwards", [{}, {}, {}], {"divider": "board"}, 0, "-2", "cell_height", ["6", "9", "9"]),
    ("the second takes from the third", [fixed("6 in"), {}, {}], {"divider": "board"}, 1, "1", "cell_height", ["6", "10", "8"]),
    ("the only share goes on sharing", [{}, fixed("6 in")], {"divider": "board"}, 0, "-1", "cell_height", ["17 1/2", "7"]),
    ("two fixed ones pass it on", [fixed("6 in"), fixed("8 in"), {}], {"divider": "board"}, 0, "1", "cell_height", ["7", "7", "10"]),
    ("all fixed still fill the height", [fixed("12 in"), fixed("12 1/2 in")], {"divider": "board"}, 0, "1/2", "cell_height", ["12 1/2", "12"]),
    ("without rails the front is snapped", [{}, {}], {}, 0, "1.01", "front_height_cut", ["13 5/16", "11 5/16"]),
    ("no further than one increment", [{}, {}], {"divider": "board"}, 0, "90", "cell_height", ["24 7/16", "1/16"]),
    ("nor to nothing", [{}, {}], {"divider": "board"}, 0, "-90", "cell_height", ["1/16", "24 7/16"]),
]  # fmt: skip


@pytest.mark.parametrize(("title", "parts", "more", "at", "by", "name", "answers"), CASES, ids=[c[0] for c in CASES])
def test_a_drag_by_hand(
    title: str, parts: list[dict[str, Any]], more: dict[str, Any], at: int, by: str, name: str, answers: list[str]
) -> None:
    plan = frameless("22 1/2", "25", "18")
    plan, ids = split(plan, drawer_of(plan), "rows", *parts, **more)
    way = -mm(by[1:]) if by.startswith("-") else mm(by)
    before = solved(plan)
    patch, size = dragged(before, ids[at], way)
    after = solved(patched(plan, patch))
    assert [after.solved.value(i, name) for i in ids] == [mm(a) for a in answers]
    assert after.solved.value(ids[at], "cell_height") == size


def test_columns_are_dragged_by_their_width() -> None:
    plan = frameless("24 1/2", "9", "18")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    patch, size = dragged(solved(plan), left, mm("1"))
    after = solved(patched(plan, patch))
    assert size == after.solved.value(left, "cell_width") == mm("13")
    assert after.solved.value(right, "cell_width") == mm("11")


def test_a_size_that_no_inch_says_is_kept_as_a_fraction_of_a_millimetre() -> None:
    """A gap of 3 mm in an inch plan: the front is snapped, the row is what it comes to."""
    plan = frameless("22 1/2", "25", "18", gap="3 mm")
    plan, (top, _) = split(plan, drawer_of(plan), "rows", {}, {})
    patch, size = dragged(solved(plan), top, mm("1"))
    after = solved(patched(plan, patch))
    assert after.plan.places[top].size.length == f"{size} mm"
    assert after.solved.value(top, "front_height") % mm("1/16") == 0


def test_where_nothing_stands_nothing_is_moved() -> None:
    plan = frameless("22 1/2", "25", "18")
    plan, (_, low) = split(plan, drawer_of(plan), "rows", {}, {})
    for place in (low, drawer_of(plan), "place-999"):
        with pytest.raises(PlanRefused, match="Nothing stands"):
            dragged(solved(plan), place, mm("1"))


def test_a_split_without_sizes_waits() -> None:
    plan = frameless("22 1/2", "25", "18")
    plan, (top, _) = split(plan, drawer_of(plan), "rows", fixed("20 in"), fixed("20 in"))
    with pytest.raises(PlanRefused, match="no sizes yet"):
        dragged(solved(plan), top, mm("1"))
    fits = changed(plan, step(f"/places/{top}/size/length", "5 in", "replace"))
    assert dragged(solved(fits), top, mm("0"))[1] == mm("5")


# ---- what stands in the way ---------------------------------------------------------------------------------------


def standing(on: str, **more: Any) -> SolvedPlan:
    plan = frameless("24", "20", "18")
    one = {"name": "Thing", "what": "other", "space": space_of(plan), "on": on, "projection": "1 in", **more}
    number = plan.next_id
    return solved(
        changed(plan, step(f"/obstructions/obstruction-{number}", one), step("/next_id", number + 1, "replace"))
    )


def after_push(plan: SolvedPlan, across: str, up: str) -> Any:
    (id_,) = plan.plan.obstructions
    way = (
        mm(across.removeprefix("-")) * (-1 if across[0] == "-" else 1),
        mm(up.removeprefix("-")) * (-1 if up[0] == "-" else 1),
    )
    return patched(plan.plan, pushed(plan, id_, way)).obstructions[id_]


@pytest.mark.parametrize(
    ("on", "where", "by", "moved"),
    [
        ("left", {"from_floor": "4 in", "height": "2 in"}, ("5", "1 1/64"), {"from_floor": "5 in", "from_left": None}),
        ("right", {"height": "2 in"}, ("5", "3"), {"from_floor": "3 in"}),
        ("back", {"width": "3 in", "from_floor": "2 in"}, ("-1", "-5"), {"from_left": "0 in", "from_floor": "0 in"}),
        ("floor", {"from_left": "4 in"}, ("-1 1/2", "3"), {"from_left": "2 1/2 in", "from_floor": None}),
    ],
)
def test_what_stands_in_the_way_moves_along_its_wall_snapped_and_not_past_the_corner(
    on: str, where: dict[str, str], by: tuple[str, str], moved: dict[str, str | None]
) -> None:
    one = after_push(standing(on, **where), *by)
    for name, text in moved.items():
        found = getattr(one, name)
        assert (None if found is None else mm(found)) == (None if text is None else mm(text))


def test_a_profile_moves_as_a_whole() -> None:
    profile = [{"at": "1 in", "projection": "2 in"}, {"at": "5 in", "projection": "1 in"}]
    one = after_push(standing("left", profile=profile), "0", "2")
    assert [(mm(p.at), p.projection) for p in one.profile] == [(mm("3"), "2 in"), (mm("7"), "1 in")]


def test_what_runs_all_along_its_wall_has_nowhere_to_go() -> None:
    with pytest.raises(PlanRefused, match="all along"):
        after_push(standing("left"), "0", "2")
    with pytest.raises(PlanRefused, match="Nothing of that name"):
        pushed(standing("left"), "obstruction-99", (mm("1"), mm("1")))
