"""A case from the space that it goes into, and from its outside: worked by hand, and proved in its space.

Case of 3/4, back of 1/4 planted behind; common practice, unless a row says else.
"""

from __future__ import annotations

from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    frameless,
    measured,
    mm,
    solved,
    space_of,
    step,
    with_choices,
    with_obstruction,
    with_readings,
)
from vasculum.drawing.opening import elevation
from vasculum.drawing.section import section
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.edits.choosing import Choose
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

OUTSIDE = ("case_outside_width", "case_outside_height", "case_outside_depth")
INSIDE = ("opening_width", "opening_height", "depth_inside")


def of_space(plan: Plan | SolvedPlan, *names: str) -> list[Any]:
    done = plan if isinstance(plan, SolvedPlan) else solved(plan)
    return [done.solved.value(space_of(done.plan), name) for name in names]


def alcove(**choices: str) -> Plan:
    """24 wide in front and 23 1/2 at the back, 30 high, 20 deep: a case is built into it."""
    plan = frameless("24", "30", "20", carcass="in_space", **choices)
    return with_readings(plan, "case", {"of": "width", "value": "23 1/2 in", "level": "middle", "along": "back"})


BY_HAND = [
    # what is chosen, outside width, height, depth, inside width, height, depth
    # 23 1/2 - 2 x 1/8; 30 - 1/8; 20 - 1/4
    ({}, ("23 1/4", "29 7/8", "19 3/4"), ("21 3/4", "28 3/8", "19 1/2")),
    ({"through": "top"}, ("23 1/4", "29 7/8", "19 3/4"), ("21 3/4", "28 3/8", "19 1/2")),
    ({"case_joint": "housed"}, ("23 1/4", "29 7/8", "19 3/4"), ("21 3/4", "28 3/8", "19 1/2")),
    ({"fitting_room_walls": "1/4 in"}, ("23", "29 7/8", "19 3/4"), ("21 1/2", "28 3/8", "19 1/2")),
    ({"fitting_room_behind": "1 in"}, ("23 1/4", "29 7/8", "19"), ("21 3/4", "28 3/8", "18 3/4")),
    ({"plinth_height": "4 in"}, ("23 1/4", "29 7/8", "19 3/4"), ("21 3/4", "24 3/8", "19 1/2")),
    # the fronts stand within the space: 20 - 1/4 - 3/4
    ({"front": "overlay"}, ("23 1/4", "29 7/8", "19"), ("21 3/4", "28 3/8", "18 3/4")),
    # the back is let in: the boards are as deep as the outside
    ({"case_back": "in_rabbet"}, ("23 1/4", "29 7/8", "19 3/4"), ("21 3/4", "28 3/8", "19 1/2")),
    # one size of the outside was decided
    ({"wanted_outside_width": "20 in"}, ("20", "29 7/8", "19 3/4"), ("18 1/2", "28 3/8", "19 1/2")),
]


@pytest.mark.parametrize(
    ("choices", "outside", "inside"), BY_HAND, ids=lambda one: str(one) if isinstance(one, dict) else ""
)
def test_a_case_in_its_space_by_hand(
    choices: dict[str, str], outside: tuple[str, ...], inside: tuple[str, ...]
) -> None:
    done = solved(alcove(**choices))
    assert of_space(done, *OUTSIDE) == list(map(mm, outside))
    assert of_space(done, *INSIDE) == list(map(mm, inside))
    assert prove(done).meetings == ()
    assert not codes(done, "stop", "attention")


def test_a_case_is_never_wider_than_its_space_without_a_word() -> None:
    """The same readings, as what they are: an inside makes a case of 25, a space one of 23 1/4."""
    around = with_choices(alcove(), carcass="new")
    assert of_space(around, "case_outside_width") == [mm("25")]
    assert of_space(alcove(), "case_outside_width", "room_beside_case") == [mm("23 1/4"), mm("1/8")]


def test_what_snapping_leaves_goes_to_the_fitting_room() -> None:
    """23 1/4 less two sides of 23/32 is 21 13/16; in sixteenths that stays, in eighths it is 21 3/4."""
    plan = measured(alcove(), front_sheet="23/32 in")
    assert of_space(plan, "opening_width", "case_outside_width") == [mm("21 13/16"), mm("23 1/4")]
    coarse = changed(plan, step("/units/increment", "1/8 in", "replace"))
    assert of_space(coarse, "opening_width", "room_beside_case") == [mm("21 3/4"), mm("5/32")]


def test_an_outside_that_was_decided_is_kept_and_its_bays_stay_exact() -> None:
    """Outside 38 1/2 x 12 1/2 x 33 1/4 of boards of 23/32 and a back of 7/32."""
    plan = new_plan("Wagon", "frameless", "in", "38 1/2", "12 1/2", "33 1/4", "vehicle", "of_outside")
    plan = measured(plan, front_sheet="23/32 in", bottom_sheet="7/32 in")
    assert of_space(plan, *OUTSIDE) == [mm("38 1/2"), mm("12 1/2"), mm("33 1/4")]
    assert of_space(plan, *INSIDE) == [mm("37 1/16"), mm("11 1/16"), mm("33 1/32")]
    assert not plan.readings
    assert "no-width-read" not in codes(plan)


def test_a_decided_outside_is_compared_with_the_space_that_was_read() -> None:
    """Trims 39 7/8 apart take 38 1/2, and not 40; 39 3/4 leaves less than 3/16 on each side."""
    plan = new_plan("Wagon", "frameless", "in", "38 1/2", "12 1/2", "33 1/4", "vehicle", "of_outside")
    plan = with_readings(plan, "case", {"of": "width", "value": "39 7/8 in", "level": "low", "along": "front"})
    assert of_space(plan, "room_beside_case") == [mm("11/16")]
    for outside, severity, code in (("40", "stop", "case-too-wide"), ("39 3/4", "attention", "case-tight-when-wide")):
        other = changed(plan, step(f"/spaces/{space_of(plan)}/choices/wanted_outside_width", f"{outside} in"))
        assert code in codes(other, severity)
    assert [(m.first, m.second) for m in prove(solved(other)).meetings] == []


def test_boards_may_not_fill_what_was_decided() -> None:
    plan = new_plan("Thin", "frameless", "in", "1", "12", "20", "unit", "of_outside")
    found = {f.code: f.message for f in solution_of(solved(plan)).findings}
    assert found["outside-all-boards"].startswith("An outside width of 1 in is less than its boards, 1 1/2 in")
    waiting = new_plan("Waiting", "frameless", "in", what="unit", carcass="of_outside")
    assert {"no-outside-width", "no-outside-height", "no-outside-depth"} <= codes(waiting)


IN_THE_WAY = [
    # on which side, how it stands, what the case loses on the left, right, behind, above, below
    ("left", {"projection": "1 in"}, ("1", "0", "0", "0", "0")),
    ("right", {"projection": "3/4 in", "from_floor": "0 in", "height": "4 in"}, ("0", "3/4", "0", "0", "0")),
    ("right", {"projection": "3/4 in", "from_floor": "0 in", "height": "4 in", "passes": "above"}, ("0", "0", "0", "0", "4")),
    ("back", {"projection": "5/8 in", "from_floor": "0 in", "height": "4 in"}, ("0", "0", "5/8", "0", "0")),
    ("top", {"projection": "2 in"}, ("0", "0", "0", "2", "0")),
    ("floor", {"projection": "1/2 in"}, ("0", "0", "0", "0", "1/2")),
    ("floor", {"projection": "1/2 in", "from_left": "1 in", "width": "2 in"}, ("3", "0", "0", "0", "0")),
    ("floor", {"projection": "1/2 in", "from_left": "20 in", "width": "2 in"}, ("0", "3 1/2", "0", "0", "0")),
    ("left", {"projection": "4 in", "from_front": "15 in", "passes": "before"}, ("0", "0", "5", "0", "0")),
    # leans in from nothing at the floor to 3 at the top of 30: at the top of a case of 29 7/8
    ("back", {"projection": "0 in", "projection_above": "3 in"}, ("0", "0", "2 79/80", "0", "0")),
]  # fmt: skip


@pytest.mark.parametrize(("on", "how", "lost"), IN_THE_WAY, ids=lambda one: str(one))
def test_a_case_keeps_clear_of_what_is_in_the_way(on: str, how: dict[str, str], lost: tuple[str, ...]) -> None:
    done = solved(with_obstruction(alcove(), on, **how))
    names = ("lost_on_left", "lost_on_right", "lost_behind", "lost_above", "lost_below")
    assert of_space(done, *names) == list(map(mm, lost))
    assert prove(done).meetings == ()
    assert not codes(done, "stop")


def test_a_raked_wall_takes_its_depth_at_the_height_of_the_case() -> None:
    """Seat backs 37 1/4 from the hatch at the floor and 31 3/4 at 20 above it: at 12 1/2 they leave 33 13/16."""
    plan = new_plan("Wagon", "frameless", "in", "39 7/8", "30 9/16", "37 1/4", "vehicle", "in_space")
    rake = [{"at": "0 in", "projection": "0 in"}, {"at": "20 in", "projection": "5 1/2 in"}]
    plan = with_obstruction(plan, "back", "0 in", what="seat_back", profile=rake)
    plan = with_choices(plan, wanted_outside_height="12 1/2 in", fitting_room_behind="0 in")
    assert of_space(plan, "standing_height", "deepest_outside") == [mm("12 1/2"), mm("33 13/16")]
    done = solved(plan)
    assert prove(done).meetings == ()


def test_a_case_set_above_a_sill_meets_the_raked_wall_higher_up() -> None:
    """A sill of 4 raises a case of 12 1/2: its back edge is at 16 1/2, where the seats stand in 5 1/2 x 16 1/2 / 20."""
    plan = new_plan("Wagon", "frameless", "in", "39 7/8", "30 9/16", "37 1/4", "vehicle", "in_space")
    rake = [{"at": "0 in", "projection": "0 in"}, {"at": "20 in", "projection": "5 1/2 in"}]
    plan = with_obstruction(plan, "back", "0 in", what="seat_back", profile=rake)
    plan = with_choices(plan, wanted_outside_height="12 1/2 in", fitting_room_behind="0 in")
    done = solved(with_obstruction(plan, "floor", "4 in", what="sill"))
    assert of_space(done, "lost_below", "lost_behind") == [mm("4"), mm("4 43/80")]
    assert prove(done).meetings == ()


def test_what_is_below_a_raised_case_takes_none_of_its_width() -> None:
    """A baseboard 4 high that the case stands above, and another 3 high beside it on the other side."""
    plan = with_obstruction(alcove(), "right", "3/4 in", height="4 in", passes="above")
    plan = with_obstruction(plan, "left", "1 in", height="3 in")
    done = solved(plan)
    assert of_space(done, "lost_below", "lost_on_left", "lost_on_right") == [mm("4"), 0, 0]
    assert prove(done).meetings == ()


def test_walls_that_lean_alike_take_less_than_they_stand_apart() -> None:
    """24 apart everywhere and 24 high, leaning by 1/2: 23 1/2 upright."""
    plan = frameless("24", "24", "20", carcass="in_space")
    rising = {
        "right": Fraction(577) + 24,
        "left": Fraction(577) - 24,
    }  # squares of diagonals that differ by 4 x 24 x 1/2
    read = [
        {"of": f"diagonal_rising_{way}", "value": f"{float(square) ** 0.5 * 25.4:.6f} mm"}
        for way, square in rising.items()
    ]
    (usable,) = [
        solved(p).solved.value(p.spaces[space_of(p)].case, "space_width") for p in [with_readings(plan, "case", *read)]
    ]
    assert abs(usable - mm("23 1/2")) < Fraction(1, 1000)


def test_the_drawing_shows_the_space_round_the_case_and_everything_opens_again() -> None:
    done = solved(with_obstruction(alcove(), "left", "1 in", what="baseboard", height="4 in"))
    keys = {one.key for one in elevation(done, space_of(done.plan)).primitives}
    assert f"{space_of(done.plan)}/niche_width" in keys
    assert Choose(do="choose", at=space_of(done.plan), name="carcass", value="new").told(done) == "What is built"


def test_a_board_longer_than_its_sheet_is_named_with_what_is_too_much() -> None:
    """A top of 100 out of a sheet of 96 x 48: 4 too much; out of one of 120 it comes."""
    plan = new_plan("Long", "frameless", "in", "100", "30", "20", "unit", "of_outside")
    plan = with_choices(plan, through="top")
    found = {f.message for f in solution_of(solved(plan)).findings if f.code == "larger-than-its-sheet"}
    assert "Case top is 100 in by 19 3/4 in; Plywood 3/4 is sold as 96 in by 48 in: 4 in too much." in found
    longer = changed(plan, step(f"/library/sheets/{plan.choices['front_sheet']}/length", "120 in", "replace"))
    messages = [f.message for f in solution_of(solved(longer)).findings if f.code == "larger-than-its-sheet"]
    assert not [message for message in messages if message.startswith("Case top")]


def test_a_small_case_in_a_large_space_is_drawn_at_a_scale_at_which_the_space_goes_on_the_paper() -> None:
    plan = new_plan("Small", "frameless", "in", "100", "96", "60", "alcove", "in_space")
    small = {"wanted_outside_width": "14 in", "wanted_outside_height": "8 in", "wanted_outside_depth": "20 in"}
    done = solved(with_obstruction(with_choices(plan, **small), "back", "1 in", height="90 in"))
    large = solved(plan)
    for view in (elevation, lambda of, space: section(of, drawer_of(of.plan))):
        assert view(done, space_of(plan)).scale == view(large, space_of(plan)).scale


@pytest.mark.parametrize(
    ("front", "back", "code"),
    [("24", "23 1/2", ""), ("23 1/2", "24", "strips-where-it-is-narrow"), ("23 3/4", "23 1/2", "strips-too-thick")],
)
def test_strips_at_the_front_fill_what_is_wider_there(front: str, back: str, code: str) -> None:
    """Two of 1/4: the space has to be 1/2 wider at its front; the proof agrees with the rule."""
    plan = new_plan("Alcove", "frameless", "in", f"{front} in", "30 in", "20 in", "cabinet", "in_space")
    readings = [
        {"of": "width", "value": f"{at} in", "along": along} for at, along in ((front, "front"), (back, "back"))
    ]
    plan = with_choices(with_readings(plan, "case", *readings), front_strip="1/4 in")
    said = {one for one in codes(plan, "stop") if one.startswith("strips")}
    assert said == ({code} if code else set())
    met = {one.first.partition("/")[2] for one in prove(solved(plan)).meetings}
    assert bool(met & {"front_strip_left", "front_strip_right"}) is bool(code)
