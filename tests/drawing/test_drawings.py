"""Drawings: to scale, from the solved plan, one list for every renderer."""

from __future__ import annotations

import re
from fractions import Fraction
from pathlib import Path

import pytest

from tests.helpers import (
    drawer_of,
    framed,
    frameless,
    mm,
    pinned,
    solved,
    space_of,
    split,
    value,
    with_choices,
    with_readings,
)
from vasculum.core.errors import NoSuchQuantity
from vasculum.core.lengths import show
from vasculum.drawing.above import above
from vasculum.drawing.opening import elevation, opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Arc, Dimension, Line, Rect, Sheet, Text, points_of, scale_for
from vasculum.drawing.section import section
from vasculum.drawing.shown import drawings_of, sheet_of
from vasculum.drawing.stations import front_stations, top_stations
from vasculum.drawing.strokes import PathStroke, TextStroke, bounds_of, printed_strokes_of, strokes_of
from vasculum.drawing.tints import TINTS, tint_of
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import pieces_of


def dimensions(sheet: Sheet) -> dict[str, Dimension]:
    return {p.key.split("/")[1]: p for p in sheet.primitives if isinstance(p, Dimension)}


def rects(sheet: Sheet, name: str) -> list[Rect]:
    return [p for p in sheet.primitives if isinstance(p, Rect) and p.key.endswith("/" + name)]


@pytest.fixture(params=["framed", "behind a frame", "frameless", "planted", "rabbeted", "as built"])
def plan(request: pytest.FixtureRequest) -> SolvedPlan:
    inside = {"of": "width", "value": "24 in", "along": "front", "level": "low"}
    made = {
        "framed": framed,
        "behind a frame": lambda: with_readings(framed(), "case", inside),
        "frameless": frameless,
        "planted": lambda: frameless(bottom="planted"),
        "rabbeted": lambda: frameless(joint="rabbet_in_ends"),
        "as built": lambda: pinned(frameless(), box_front_length_cut="20 15/32 in"),
    }[request.param]
    return solved(made())


def test_every_dimension_measures_what_it_says(plan: SolvedPlan) -> None:
    sheets = [*opening_sheets(plan), *(part_sheet(plan, part) for part in pieces_of(plan))]
    shown = [p for sheet in sheets for p in sheet.primitives if isinstance(p, Dimension)]
    assert len(shown) > 20
    for one in shown:
        at = 0 if one.way == "across" else 1
        assert one.text == show(abs(one.end[at] - one.start[at]), "in"), one.key


def test_box_runners_and_front_stand_where_they_are_built(plan: SolvedPlan) -> None:
    sheet = elevation(plan, space_of(plan.plan))
    (box,) = rects(sheet, "outside_width")
    assert (box.width, box.height) == (value(plan, "outside_width"), value(plan, "outside_height"))
    assert box.corner[1] == value(plan, "play_below")
    left, right = rects(sheet, "runner_line_built")
    assert left.corner[0] + left.width == box.corner[0]
    assert right.corner[0] == box.corner[0] + box.width
    assert left.corner[1] + left.height / 2 == value(plan, "runner_line_built")
    (front,) = [r for r in rects(sheet, "front_width_cut") if r.role == "fill"]
    (opening,) = rects(sheet, "opening_width")
    assert front.corner[0] - opening.corner[0] == value(plan, "gap_beside")
    assert opening.width == value(plan, "opening_width")


def test_the_origin_is_the_clear_front_lower_left_corner() -> None:
    behind = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    (opening,) = rects(elevation(solved(behind), space_of(behind)), "opening_width")
    assert opening.corner == (-mm("1/16"), 0)


def test_nothing_in_the_section_leaves_the_depth(plan: SolvedPlan) -> None:
    depth = value(plan, "clear_depth")
    sheet = section(plan, drawer_of(plan.plan))
    for one in sheet.primitives:
        if isinstance(one, Rect):
            assert 0 <= one.corner[0] <= one.corner[0] + one.width <= depth, one.key


def test_the_bottom_is_drawn_in_its_grooves() -> None:
    plan = solved(frameless())
    (bottom,) = rects(section(plan, drawer_of(plan.plan)), "bottom_depth_cut")
    play = value(plan, "bottom_play_along") / 2
    assert bottom.corner[0] == mm("3/4") + mm("1/2") - value(plan, "groove_depth_front") + play
    assert bottom.corner[1] == value(plan, "play_below") + value(plan, "bottom_raise")


@pytest.mark.parametrize(("front", "face"), [("inset", "0"), ("overlay", "-1"), ("none", None)])
def test_a_front_stands_off_its_box_in_section_and_plan_view(front: str, face: str | None) -> None:
    """A lock wants 1/4: a front of 3/4 before the case reaches 1 before it, an inset one is flush and its box begins at 1."""
    plan = solved(frameless("22 1/2", "9", "20", front=front, lock_stand_off="1/4 in"))
    drawer = drawer_of(plan.plan)
    from_side = section(plan, drawer).primitives
    from_above = above(plan, space_of(plan.plan), drawer, numbers_of(plan.plan)).primitives
    faces = [one.corner[0] for one in from_side if isinstance(one, Rect) and one.layer == "front"]
    faces += [one.corner[1] for one in from_above if isinstance(one, Rect) and one.layer == "front"]
    assert faces == ([] if face is None else [int(face) * mm("1")] * 2)
    (box,) = (one for one in from_side if isinstance(one, Rect) and one.key == f"{drawer}/outside_depth")
    assert box.corner[0] == (mm("1") if front == "inset" else 0)


def test_origins_travel_with_dimensions() -> None:
    plan = solved(pinned(frameless(), front_width_cut="22 3/16 in"))
    found = dimensions(elevation(plan, space_of(plan.plan)))
    assert found["front_width_cut"].origin == "as built"
    assert found["opening_width"].origin == "worked out"
    assert found["outside_width"].origin == "assumed"


def test_readings_are_drawn_where_the_tape_was_held() -> None:
    plan = with_readings(framed(), "frame", {"of": "width", "value": "22 7/16 in", "level": "high"})
    sheet = elevation(solved(plan), space_of(plan))
    texts = {p.text for p in sheet.primitives if isinstance(p, Text) and p.role == "reading"}
    assert texts == {"22 1/2", "22 7/16", "9 7/16"}


@pytest.mark.parametrize("missing", ["width", "height", "depth"])
def test_what_has_no_size_is_left_out_and_the_rest_is_drawn(missing: str) -> None:
    sizes = {"width": "22", "height": "9", "depth": "18"} | {missing: None}
    plan = solved(new_plan("Half", "frameless", "in", **sizes))
    front, side, top = opening_sheets(plan)
    assert bool(front.primitives) == (missing == "depth")
    assert bool(side.primitives) == (missing == "width")
    assert bool(top.primitives) == (missing == "height")
    for name in ("section", "above"):
        assert sheet_of(plan, name, drawer_of(plan.plan)).width > 0


def test_an_empty_plan_draws_nothing_and_fails_nothing() -> None:
    plan = solved(new_plan("Empty", "framed", "in"))
    assert all(not sheet.strokes for sheet in drawings_of(plan))
    assert not sheet_of(plan, "above", drawer_of(plan.plan)).strokes


def test_a_groove_is_drawn_at_its_height_in_the_part() -> None:
    plan = solved(frameless())
    side = next(p for p in pieces_of(plan) if p.role == "side_left")
    found = dimensions(part_sheet(plan, side))
    assert found["bottom_raise"].text == "3/8"
    assert found["groove_depth_side"].text == "1/4"
    assert found["side_length_cut"].text == "16"
    assert found["runner_line_on_wall"].end[1] == value(plan, "runner_line_on_wall")


def test_a_rabbet_is_drawn_at_both_ends() -> None:
    plan = solved(frameless(joint="rabbet_in_ends"))
    front = next(p for p in pieces_of(plan) if p.role == "box_front")
    sheet = part_sheet(plan, front)
    length, width = value(plan, "box_front_length_cut"), mm("1/2")
    lines = [p for p in sheet.primitives if p.role == "cut" and p.layer == "joinery"]
    across = {p.start[0] for p in lines if hasattr(p, "start") and p.start[0] == p.end[0]}  # type: ignore[union-attr]
    assert across == {width, length - width}


@pytest.mark.parametrize(
    ("width", "height", "scale"), [(100, 50, 1), (121, 50, 2), (600, 100, 5), (100, 400, 8), (1_000_000, 1, 100)]
)
def test_the_largest_usual_scale_that_goes_on_the_paper(width: int, height: int, scale: int) -> None:
    assert scale_for(Fraction(width), Fraction(height), 120, 60) == scale


def test_a_dimension_becomes_lines_ticks_and_a_text_with_its_key() -> None:
    sheet = Sheet("x", "X", 5)
    zero, far = Fraction(0), Fraction(400)
    sheet.add(Dimension("dimensions", (zero, zero), (far, zero), "across", Fraction(8), "15 3/4", "p/n"))
    strokes = strokes_of(sheet)
    assert [type(s) for s in strokes] == [PathStroke] * 5 + [TextStroke]
    assert {s.key for s in strokes} == {"p/n"}
    text = strokes[-1]
    assert isinstance(text, TextStroke)
    assert (text.x, text.turn) == (200.0, 0)
    assert text.y > 40
    line = strokes[2]
    assert isinstance(line, PathStroke)
    assert line.points == ((0.0, 40.0), (400.0, 40.0))


def test_a_dimension_too_short_for_its_text_puts_it_beside() -> None:
    sheet = Sheet("x", "X", 5)
    zero = Fraction(0)
    sheet.add(Dimension("dimensions", (zero, zero), (zero, Fraction(6)), "up", Fraction(8), "23/32", "p/n"))
    text = strokes_of(sheet)[-1]
    assert isinstance(text, TextStroke)
    assert (text.turn, text.anchor) == (0, "start")


def test_an_arc_runs_from_angle_to_angle() -> None:
    sheet = Sheet("x", "X")
    sheet.add(Arc("outline", "opening", (Fraction(0), Fraction(0)), Fraction(10), 0, 90))
    (path,) = strokes_of(sheet)
    assert isinstance(path, PathStroke)
    assert path.points[0] == pytest.approx((10, 0))
    assert path.points[-1] == pytest.approx((0, 10))
    assert all(x * x + y * y == pytest.approx(100) for x, y in path.points)
    assert sorted(points_of(sheet.primitives[0])) == [(-10, -10), (10, 10)]


def test_bounds_hold_every_stroke(plan: SolvedPlan) -> None:
    for sheet in opening_sheets(plan):
        left, bottom, width, height = bounds_of(strokes_of(sheet), sheet.scale)
        for stroke in strokes_of(sheet):
            points = stroke.points if isinstance(stroke, PathStroke) else ((stroke.x, stroke.y),)
            assert all(left <= x <= left + width and bottom <= y <= bottom + height for x, y in points)


@pytest.mark.parametrize("make", [front_stations, top_stations])
def test_station_pictures_name_every_station(make: object) -> None:
    texts = {p.text for p in make().primitives if isinstance(p, Text)}  # type: ignore[operator]
    assert len(texts) >= 5


def test_the_screen_gets_the_strokes_of_the_files(plan: SolvedPlan) -> None:
    for sheet in opening_sheets(plan):
        shown = sheet_of(plan, sheet.name, sheet.place)
        assert len(strokes_of(sheet)) == len(shown.strokes)
        assert shown.scale == sheet.scale


@pytest.mark.parametrize(
    ("name", "of"), [("section", "place-99"), ("above", "space-1"), ("part", "x/y"), ("nothing", "plan")]
)
def test_a_sheet_of_nothing_is_refused(name: str, of: str) -> None:
    with pytest.raises(NoSuchQuantity):
        sheet_of(solved(frameless()), name, of)


def bank() -> tuple[SolvedPlan, dict[str, str]]:
    """Two columns: three drawers over each other, and a bin over a shelf over a blocked cell."""
    bin_ = {"holds": "bin", "choices": {"bin_width": "8 in", "bin_height": "5 in", "bin_depth": "12 in"}}
    plan = frameless("24 1/2", "25", "18")
    plan, (left, right) = split(plan, drawer_of(plan), "columns", {}, {})
    plan, (top, middle, low) = split(plan, left, "rows", {}, {}, {"choices": {"play_above": "1/2 in"}})
    plan, cells = split(plan, right, "rows", bin_, {"holds": "shelf"}, {"holds": "blocked"}, divider="board")
    names = {"top": top, "middle": middle, "low": low, "left": left}
    return solved(plan), names | dict(zip(("bin", "shelf", "blocked"), cells, strict=True))


def test_the_plan_view_shows_the_box_in_its_cell_and_what_stands_beside_it() -> None:
    plan, at = bank()
    sheet = above(plan, space_of(plan.plan), at["middle"], numbers_of(plan.plan))
    (box,) = (r for r in rects(sheet, "outside_width") if r.key.startswith(at["middle"]))
    cell = plan.solved.value(at["middle"], "cell_width")
    assert box.corner == ((cell - box.width) / 2, plan.solved.value(at["middle"], "set_back"))
    (inside,) = rects(sheet, "inside_width")
    assert inside.height == plan.solved.value(at["middle"], "inside_depth")
    texts = {p.text for p in sheet.primitives if isinstance(p, Text)}
    assert texts == {"2", "5"}, "the shelf beside it, nothing above or below"
    (divider,) = rects(sheet, "divider_thickness")
    assert divider.corner[0] == cell


def test_every_boundary_inside_a_split_can_be_taken_hold_of() -> None:
    plan, at = bank()
    sheet = elevation(plan, space_of(plan.plan))
    handles = {p.key: p for p in sheet.primitives if isinstance(p, Rect) and p.role == "handle"}
    rows = [f"{at[name]}/cell_height" for name in ("top", "middle", "bin", "shelf")]
    assert set(handles) == {f"{at['left']}/cell_width", *rows}
    below_top = handles[rows[0]]
    assert (below_top.corner[1], below_top.height) == (plan.solved.value(at["top"], "cell_from_floor"), 0)
    assert handles[f"{at['left']}/cell_width"].width == mm("1/2")


def test_what_is_only_to_be_touched_is_not_printed() -> None:
    plan, _ = bank()
    sheet = elevation(plan, space_of(plan.plan))
    assert {s.role for s in strokes_of(sheet)} - {s.role for s in printed_strokes_of(sheet)} == {"cell", "handle"}


def test_a_cell_that_differs_is_starred_and_named() -> None:
    plan, _ = bank()
    sheet = elevation(plan, space_of(plan.plan))
    labels = [p.text for p in sheet.primitives if isinstance(p, Text) and p.role == "label"]
    assert [label[:2] for label in labels if label.startswith("3")] == ["3*"]
    assert [label[0] for label in labels] == ["1", "2", "3", "4", "5", "6"]


def test_every_drawer_has_its_own_tint_and_the_screen_the_same() -> None:
    theme = (Path(__file__).parents[2] / "frontend/src/theme.scss").read_text()
    light, dark = (
        re.findall(r"--tint-(\d): (#[0-9a-f]{6});", half) for half in theme.split("[data-bs-theme='dark']", 1)
    )
    assert light == [(str(n), tint_of(n)) for n in range(1, 9)]
    assert len({tint for _, tint in dark}) == len(TINTS) == 8
    assert tint_of(9) == tint_of(1)


@pytest.mark.parametrize(
    ("door", "hinge", "tip"), [("left", "0", ("12", "-20.785")), ("right", "30", ("18", "-20.785"))]
)
def test_a_door_is_drawn_open_in_the_plan_view_where_it_hangs(door: str, hinge: str, tip: tuple[str, str]) -> None:
    """A leaf of 24 opened by 60 degrees: half of it across, 20.785 before the opening."""
    plan = solved(with_choices(frameless("30", "10", "20"), door_width="24 in", door_opens="60", door=door))
    (leaf,) = [
        one
        for one in above(plan, plan.plan.space_order[0], drawer_of(plan.plan), {drawer_of(plan.plan): 1}).primitives
        if isinstance(one, Line) and one.layer == "opening"
    ]
    assert leaf.start == (mm(hinge), 0)
    assert [float(c) for c in leaf.end] == pytest.approx([float(c) * 25.4 for c in tip], abs=0.6)
