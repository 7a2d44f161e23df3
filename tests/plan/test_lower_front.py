"""Box fronts that are lower than their sides."""

from __future__ import annotations

import pytest

from tests.helpers import codes, frameless, kinds_in, mm, solved, value, with_choices
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.solid.proof import prove


def tray(**choices: str) -> Plan:
    return frameless("22 1/2", "9", "20", **choices)


@pytest.mark.parametrize("joint", ["butt_between", "butt_around"])
@pytest.mark.parametrize("bottom", kinds_in("bottom"))
def test_a_butted_front_may_be_lower_than_its_sides(joint: str, bottom: str) -> None:
    plan = with_choices(tray(joint=joint, bottom=bottom, front="none"), wanted_front_wall_height="3 1/2 in")
    done = solved(plan)
    by_role = {one.role: one.size for one in pieces_of(done) if one.size}
    assert by_role["box_front"][1] == mm("3 1/2")
    assert by_role["side_left"][1] > mm("3 1/2")
    assert value(done, "inside_height") == value(tray(joint=joint, bottom=bottom, front="none"), "inside_height")
    assert prove(done).meetings == ()


@pytest.mark.parametrize(
    ("height", "code"), [("30 in", "front-higher-than-sides"), ("1/4 in", "front-lower-than-bottom")]
)
def test_a_front_that_overtops_its_sides_or_holds_no_bottom_is_refused(height: str, code: str) -> None:
    plan = with_choices(tray(front="none"), wanted_front_wall_height=height)
    assert code in codes(plan, "stop")


def test_a_dovetailed_front_stays_as_high_as_its_sides() -> None:
    plan = with_choices(tray(joint="through_dovetail", front="none"), wanted_front_wall_height="3 1/2 in")
    by_role = {one.role: one.size for one in pieces_of(solved(plan)) if one.size}
    assert by_role["box_front"][1] == by_role["side_left"][1]
