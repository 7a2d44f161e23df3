"""What carries a box besides its runner stands in the elevation, where its sizes say."""

from __future__ import annotations

import pytest

from tests.helpers import drawer_of, frameless, mm, solved, space_of, value, with_runner
from vasculum.drawing.opening import elevation
from vasculum.drawing.primitives import Line, Rect
from vasculum.drawing.section import section
from vasculum.plan.laying.solving import SolvedPlan

SEATED = ("roller", "undermount", "skid")


def on(system: str) -> SolvedPlan:
    return solved(with_runner(frameless("22 1/2", "9", "20"), system))


def drawn(plan: SolvedPlan, name: str) -> list[Rect]:
    sheet = elevation(plan, space_of(plan.plan))
    return [p for p in sheet.primitives if isinstance(p, Rect) and p.layer == "runners" and p.key.endswith(f"/{name}")]


def test_rails_hang_under_the_top_at_both_walls() -> None:
    plan = on("hung")
    left, right = drawn(plan, "hung_rail_thickness")
    runner, _ = drawn(plan, "runner_line_built")
    assert (runner.corner[0], runner.width) == (mm("3/4"), mm("1/2")), "between the rail and the box"
    assert (left.corner[0], right.corner[0] + right.width) == (0, mm("22 1/2"))
    assert left.corner[1] + left.height == right.corner[1] + right.height == mm("9")
    assert (left.width, left.height) == (mm("3/4"), mm("2"))


def test_posts_stand_the_whole_height_of_the_bay() -> None:
    left, right = drawn(on("posts"), "post_thickness")
    assert (left.corner, right.corner) == ((0, 0), (mm("21 1/2"), 0))
    assert left.height == mm("9")


def test_a_batten_ends_where_the_tray_begins() -> None:
    plan = on("batten")
    left, _ = drawn(plan, "runner_projects")
    assert left.corner[1] + left.height == value(plan, "room_from_floor") + value(plan, "play_below")
    assert left.width > value(plan, "beside_box")


@pytest.mark.parametrize("system", SEATED)
def test_what_a_box_rides_on_is_under_its_sides(system: str) -> None:
    plan = on(system)
    left, right = drawn(plan, "runner_seat")
    box = plan.solved.value(drawer_of(plan.plan), "box_from_left")
    assert left.corner[0] == box
    assert right.corner[0] + right.width == box + value(plan, "outside_width")
    assert left.height == value(plan, "play_below")


def test_a_clip_rail_stands_between_its_post_and_the_runner() -> None:
    plan = on("posts")
    (post, _), rails = (
        drawn(plan, "post_thickness"), [*drawn(plan, "runner_line_built"), *drawn(plan, "clip_rail_thickness")]
    )  # fmt: skip
    edges = sorted((one.corner[0], one.corner[0] + one.width) for one in rails)[:2]
    assert [post.corner[0] + post.width, edges[0][1]] == [one[0] for one in edges]
    assert edges[1][1] == plan.solved.value(drawer_of(plan.plan), "box_from_left")


def test_a_wooden_runner_reaches_into_the_groove_of_the_side() -> None:
    plan = on("wooden")
    left, _ = drawn(plan, "runner_projects")
    box = plan.solved.value(drawer_of(plan.plan), "box_from_left")
    assert 0 == left.corner[0] < box < left.width == value(plan, "runner_projects")


def test_side_mount_runners_need_nothing_more() -> None:
    plan = on("side_mount")
    assert not [*drawn(plan, "runner_seat"), *drawn(plan, "hung_rail_thickness"), *drawn(plan, "post_thickness")]


def test_a_box_on_two_pairs_that_stay_shows_the_line_of_each() -> None:
    kept = {"kept_runner_low": "1 1/2 in", "kept_runner_top": "10 3/4 in"}
    plan = solved(frameless("20 1/2", "13", "18 3/4", front="none", **kept))
    half = value(plan, "runner_height") / 2
    for sheet in (elevation(plan, space_of(plan.plan)), section(plan, drawer_of(plan.plan))):
        lines = [one for one in sheet.primitives if isinstance(one, Line) and one.role == "centre"]
        heights = sorted(one.start[1] for one in lines if one.layer == "runners")
        assert heights == [mm("1 1/2") + half, mm("10 3/4") - half]


def test_one_rail_is_under_the_middle_of_the_bottom() -> None:
    plan = on("centre_mount")
    (rail,) = drawn(plan, "runner_height")
    assert rail.corner[0] + rail.width / 2 == mm("11 1/4"), "the middle of 22 1/2"
    assert rail.corner[1] + rail.height == value(plan, "box_from_floor")
    assert (rail.width, rail.corner[1]) == (value(plan, "runner_height"), value(plan, "room_from_floor"))
    assert not drawn(plan, "runner_seat")
