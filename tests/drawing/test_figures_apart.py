"""Figures of dimensions never lie on each other: in many rows, many columns, both units, every view and part."""

from __future__ import annotations

from collections.abc import Callable
from itertools import combinations, pairwise

import pytest

from tests.any_plan import any_plan
from tests.helpers import drawer_of, frameless, solved, space_of, split
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.opening import behind, elevation, opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Dimension, Sheet
from vasculum.drawing.stations import front_stations, top_stations
from vasculum.drawing.strokes import Box, PathStroke, TextStroke, box_of, printed_strokes_of, strokes_of
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of


def figures(sheet: Sheet) -> list[TextStroke]:
    return [one for one in strokes_of(sheet) if isinstance(one, TextStroke) and one.role == "dimension"]


def lying_on_each_other(sheet: Sheet) -> list[tuple[str, str]]:
    return [(a.text, b.text) for a, b in combinations(figures(sheet), 2) if box_of(a).meets(box_of(b))]


def divided(how: str, count: int, unit: str) -> Plan:
    plan = frameless("45 3/4", "29 5/8", "18") if unit == "in" else frameless("1162 mm", "752 mm", "457 mm")
    plan = plan.model_copy(update={"units": plan.units.model_copy(update={"length": unit})})
    return split(plan, drawer_of(plan), how, *[{}] * count)[0]


@pytest.mark.parametrize("unit", ["in", "mm"])
@pytest.mark.parametrize(("how", "count"), [("rows", 6), ("rows", 10), ("columns", 8)])
def test_every_figure_is_there_and_by_itself(how: str, count: int, unit: str) -> None:
    plan = solved(divided(how, count, unit))
    for sheet in opening_sheets(plan):
        assert len(figures(sheet)) == sum(isinstance(one, Dimension) for one in sheet.primitives)
        assert lying_on_each_other(sheet) == []


def test_figures_that_have_no_room_near_their_lines_are_left_out_and_the_lines_stay() -> None:
    tall = frameless("30", "480", "20")
    plan = solved(split(tall, drawer_of(tall), "rows", *[{}] * 120)[0])
    sheet = elevation(plan, space_of(plan.plan))
    wanted = [one for one in sheet.primitives if isinstance(one, Dimension)]
    assert 0 < len(figures(sheet)) < len(wanted)
    assert lying_on_each_other(sheet) == []
    assert {one.key for one in strokes_of(sheet) if one.role == "dimension"} == {one.key for one in wanted}


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_the_demos_on_screen_and_on_paper(name: str) -> None:
    plan = solved(demo_plan(name))
    parts = [part_sheet(plan, piece, 1, room) for piece in pieces_of(plan) for room in ((110, 42), (34, 34))]
    for sheet in (*opening_sheets(plan), *behind(plan, (42, 70)), *parts):
        assert lying_on_each_other(sheet) == [], sheet.title


@pytest.mark.parametrize("number", range(12))
def test_any_plan(number: int) -> None:
    plan = solved(any_plan(number))
    for sheet in (*opening_sheets(plan), *(part_sheet(plan, piece) for piece in pieces_of(plan))):
        assert lying_on_each_other(sheet) == [], sheet.title


def crosses(box: Box, start: tuple[float, float], end: tuple[float, float]) -> bool:
    """Whether a line runs through a text, but for a hair at its edges (clipped after Liang and Barsky)."""
    hair = (box.high - box.low) * 0.12
    (x, y), (to_x, to_y) = start, end
    across, up = to_x - x, to_y - y
    begins, ends = 0.0, 1.0
    for towards, room in (
        (-across, x - box.left - hair), (across, box.right - hair - x), (-up, y - box.low - hair), (up, box.high - hair - y),
    ):  # fmt: skip
        if towards == 0:
            if room < 0:
                return False
        elif towards < 0:
            begins = max(begins, room / towards)
        else:
            ends = min(ends, room / towards)
    return begins <= ends


def on_lines(sheet: Sheet, without: str = "readings") -> list[str]:
    """Names and figures that a line runs through; readings are shown by themselves."""
    strokes = [one for one in printed_strokes_of(sheet) if one.layer != without]
    texts = [one for one in strokes if isinstance(one, TextStroke)]
    found = []
    for path in strokes:
        if isinstance(path, PathStroke):
            points = [*path.points, path.points[0]] if path.is_closed else list(path.points)
            for start, end in pairwise(points):
                found += [one.text for one in texts if crosses(box_of(one), start, end)]
    return found


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_no_name_and_no_figure_lies_on_a_line(name: str) -> None:
    plan = solved(demo_plan(name))
    for sheet in opening_sheets(plan):
        assert on_lines(sheet) == [], sheet.title


@pytest.mark.parametrize(("how", "count"), [("rows", 6), ("columns", 8)])
def test_nor_in_six_rows_or_eight_columns(how: str, count: int) -> None:
    plan = solved(divided(how, count, "in"))
    for sheet in opening_sheets(plan):
        assert on_lines(sheet) == [], sheet.title


@pytest.mark.parametrize("picture", [front_stations, top_stations])
def test_nor_do_the_names_of_stations_on_the_measuring_sheet(picture: Callable[[], Sheet]) -> None:
    assert on_lines(picture(), without="") == []
