"""The picture of the way in: what stands in it is what the rules say."""

from __future__ import annotations

from math import hypot

import pytest

from tests.helpers import changed, drawer_of, frameless, mm, solved, space_of, step, with_choices
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.primitives import Dimension, Polyline, Rect, Sheet, Text
from vasculum.drawing.way_in import brought_in
from vasculum.plan.laying.solving import SolvedPlan


def crate(**choices: str) -> SolvedPlan:
    """A box 24 wide, 10 high and 20 deep."""
    plan = with_choices(frameless("25", "10 3/8", "20 3/4"), wanted_box_height="10 in", **choices)
    return solved(plan)


def drawn(plan: SolvedPlan) -> Sheet:
    return brought_in(plan, drawer_of(plan.plan), 1)


def words(sheet: Sheet) -> list[str]:
    return [one.text for one in sheet.primitives if isinstance(one, Text)]


def test_without_a_mouth_there_is_no_picture_and_none_is_printed() -> None:
    assert not drawn(crate()).primitives
    assert "way_in" not in [sheet.name for sheet in opening_sheets(crate())]


def test_a_box_that_goes_straight_in_is_drawn_in_its_mouth_and_not_turned() -> None:
    sheet = drawn(crate(mouth_width="30 in", mouth_height="12 in"))
    mouth, end = [one for one in sheet.primitives if isinstance(one, Rect)]
    assert (mouth.width, mouth.height, end.width, end.height) == (mm("30"), mm("12"), mm("24"), mm("10"))
    assert not [one for one in sheet.primitives if isinstance(one, Polyline)]
    assert words(sheet) == ["In the mouth, end on"]


def test_a_turn_shows_its_angles_within_the_room_and_its_sweep() -> None:
    """On its side, 10 across and 24 up, then rolled back: it sweeps 26."""
    sheet = drawn(crate(mouth_width="12 in", mouth_height="25 in", turning_room="27 in", turning_width="30 in"))
    angles = [one for one in sheet.primitives if isinstance(one, Polyline)]
    assert len(angles) == len({0, 23, 30, 60, 90})
    room = [one for one in sheet.primitives if isinstance(one, Rect)][2]
    assert (room.width, room.height) == (mm("30"), mm("27"))
    for one in angles:
        for x, y in one.points:
            assert room.corner[0] <= x <= room.corner[0] + room.width
            assert room.corner[1] <= y <= room.corner[1] + room.height
    sweep = [one for one in sheet.primitives if isinstance(one, Dimension)][-1]
    assert float(sweep.end[0] - sweep.start[0]) == pytest.approx(hypot(24, 10) * 25.4, abs=0.02)
    assert words(sheet)[-1] == "Seen from the mouth: turns free"


@pytest.mark.parametrize(
    ("choices", "said"),
    [
        ({"mouth_width": "9 in", "mouth_height": "25 in"}, "It does not pass"),
        (
            {"mouth_width": "12 in", "mouth_height": "25 in", "turning_room": "15 in"},
            "Seen from the mouth: meets the wall",
        ),
    ],
)
def test_what_is_in_the_way_is_said(choices: dict[str, str], said: str) -> None:
    assert said in words(drawn(crate(**choices)))


def test_inside_a_vehicle_it_turns_within_what_was_measured() -> None:
    plan = crate(mouth_width="12 in", mouth_height="25 in").plan
    van = solved(changed(plan, step(f"/spaces/{space_of(plan)}/what", "vehicle", "replace")))
    assert "Seen from the mouth: meets the wall" in words(drawn(van))
