"""A library of runners goes out as a table and comes in again; a bad row is refused by its number."""

from __future__ import annotations

import pytest

from tests.helpers import changed, frameless, step, with_runner
from vasculum.core.errors import PlanRefused
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.runners_csv import COLUMNS, read_runners, runners_csv, taken_in

HEADING = "name,kind,side_clearance,height,metal,stock_lengths,measured"


def test_what_went_out_comes_in_again_as_it_was() -> None:
    plan = with_runner(with_runner(frameless(), "roller"), "wooden")
    rows = read_runners(frameless(), runners_csv(plan).decode())
    assert [row.runner for row in rows] == list(plan.library.runners.values())
    other = patched(frameless(), taken_in(frameless(), rows))
    assert list(other.library.runners.values())[1:] == list(plan.library.runners.values())


def test_a_bare_number_takes_the_plans_unit_and_stock_lengths_are_the_plans_own_where_none_are_said() -> None:
    plan = frameless()
    (row,) = read_runners(plan, "name;kind;side_clearance;height;measured\nMine;side_mount;17/32;1 7/8;yes")
    assert row.runner is not None
    assert (row.runner.side_clearance, row.runner.measured) == ("17/32 in", True)
    assert row.runner.stock_lengths == next(iter(plan.library.runners.values())).stock_lengths


BAD = [
    ("Mine,side_mount,,1 3/4,0,,", "side_clearance is missing"),
    ("Mine,side_mount,1/2 x,1 3/4,0,,", "1/2 x"),
    ("Mine,side_mount,40 in,1 3/4,0,,", "more than any runner takes"),
    ("Mine,side_mount,0,1 3/4,0,,", "side_clearance"),
    ("Mine,magnet,1/2,1 3/4,0,,", "kind: 'magnet' is not known"),
    ("Mine,side_mount,1/2,1 3/4,0,14; 14,", "twice"),
    ("Mine,side_mount,1/2,1 3/4,0,,perhaps", "neither yes nor no"),
]


@pytest.mark.parametrize(("row", "said"), BAD)
def test_a_bad_row_says_why_by_its_number_and_the_good_ones_stand(row: str, said: str) -> None:
    plan = frameless()
    good = "Mine,side_mount,1/2,1 3/4,0,14; 16,no"
    rows = read_runners(plan, "\n".join((HEADING, good, row)))
    assert [(one.line, one.runner is None) for one in rows] == [(2, False), (3, True)]
    assert said in rows[1].problem
    assert len(taken_in(plan, rows)) == 2


@pytest.mark.parametrize("text", ["", "name,kind\nMine,side_mount", HEADING + ",colour\nMine,side_mount,1/2,2,0,,,red"])
def test_a_table_without_its_columns_is_refused_whole(text: str) -> None:
    with pytest.raises(PlanRefused, match="column"):
        read_runners(frameless(), text)


def test_nothing_good_changes_nothing() -> None:
    assert taken_in(frameless(), read_runners(frameless(), HEADING + "\nMine,magnet,1/2,2,0,,")) == []


def test_every_column_is_written() -> None:
    assert runners_csv(frameless()).decode().splitlines()[0].split(",") == list(COLUMNS)


@pytest.mark.parametrize("start", ["=", "+", "-", "−", "@"])
def test_a_name_that_a_spreadsheet_would_run_goes_out_as_text_and_comes_back_as_it_was(start: str) -> None:
    plan = frameless()
    runner = next(iter(plan.library.runners))
    plan = changed(plan, step(f"/library/runners/{runner}/name", f"{start}1+1", "replace"))
    table = runners_csv(plan).decode()
    assert f"'{start}1+1" in table
    assert read_runners(plan, table)[0].runner == plan.library.runners[runner]
