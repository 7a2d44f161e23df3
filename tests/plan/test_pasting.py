"""Readings pasted as a table: every row read, every bad one named, nothing taken before somebody decides."""

from __future__ import annotations

import pytest

from tests.helpers import framed, frameless, solved, space_of
from vasculum.core.errors import PlanRefused
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.pasted import MOST_ROWS
from vasculum.plan.edits.readings_csv import read_readings, taken_in

TABLE = """of,along,level,reading,plus_minus,note
width,front,low,24,,
width,back,low,23 1/2,1/32,wavy here
height,,,18 in,,
"""


def test_a_table_is_taken_in_and_governs() -> None:
    plan = frameless("30", "20", "18")
    rows = read_readings(plan, space_of(plan), TABLE)
    assert [row.problem for row in rows] == [""] * 3
    assert [row.station for row in rows] == ["width, low, front", "width, low, back", "height"]
    done = solved(patched(plan, taken_in(plan, rows)))
    case = plan.spaces[space_of(plan)].case
    assert done.solved.value(case, "governing_width") == solved(frameless("23 1/2")).solved.value(
        frameless().spaces[space_of(plan)].case, "governing_width"
    )
    last = done.plan.readings[done.plan.reading_order[-2]]
    assert (last.plus_minus, last.note) == ("1/32 in", "wavy here")


@pytest.mark.parametrize("delimiter", [";", "\t"])
def test_other_delimiters_are_read_too(delimiter: str) -> None:
    plan = frameless()
    rows = read_readings(plan, space_of(plan), TABLE.replace(",", delimiter))
    assert all(row.reading for row in rows)


BAD: list[tuple[str, str]] = [
    ("width,front,low,24..5", "Read '24..5'"),
    ("width,front,deep,24", "level: 'deep' is not known"),
    ("girth,front,low,24", "of: 'girth' is not known"),
    ("width,front,low,0", "more than nothing"),
    ("width,front,low,", "reading is missing"),
    ("width", "reading is missing"),
    ("width,front,low,24,wavy", "5 cells, and the first row names 4"),
]


@pytest.mark.parametrize(("row", "said"), BAD)
def test_a_bad_row_says_why_and_the_others_are_read(row: str, said: str) -> None:
    plan = frameless()
    rows = read_readings(plan, space_of(plan), f"of,along,level,reading\n{row}\nwidth,back,low,23")
    assert [one.line for one in rows] == [2, 3]
    assert said in rows[0].problem
    assert rows[0].text == row
    assert len([step for step in taken_in(plan, rows) if step.path.startswith("/readings/")]) == 1


def test_behind_a_frame_a_survey_may_be_named() -> None:
    plan = framed()
    space = plan.spaces[space_of(plan)]
    text = "of,survey,reading\nwidth,,22\nwidth,inside,24\ndepth,,20\nwidth,door,9"
    rows = read_readings(plan, space_of(plan), text)
    assert [row.reading and row.reading.survey for row in rows] == [space.frame, space.case, space.case, None]
    assert "frame or inside" in rows[3].problem


@pytest.mark.parametrize(
    ("text", "code"),
    [
        ("", "no-table"),
        ("24,23 1/2", "no-table"),
        ("of,size\nwidth,24", "no-table"),
        ("of,reading,colour\nwidth,24,red", "no-table"),
        ("of,reading\n" + "width,24\n" * (MOST_ROWS + 1), "too-many-rows"),
    ],
)
def test_what_is_no_table_is_refused(text: str, code: str) -> None:
    plan = frameless()
    with pytest.raises(PlanRefused) as refused:
        read_readings(plan, space_of(plan), text)
    assert refused.value.code == code


UNREADABLE: list[tuple[str, str, str]] = [
    ("a quote that is not closed", 'of,reading,note\nwidth,24,flat\nheight,18,"wavy\ndepth,20,', "line 3"),
    ("text after a closed quote", 'of,reading\nwidth,"24"x', "line 2"),
    ("a cell without end", "of,reading,note\nwidth,24," + "x" * 131_073, "line 2"),
    ("a column twice", "of,reading,of\nwidth,24,height", "twice"),
]


@pytest.mark.parametrize(("what", "text", "said"), UNREADABLE, ids=[one[0] for one in UNREADABLE])
def test_a_damaged_table_is_refused_with_its_row(what: str, text: str, said: str) -> None:
    plan = frameless()
    with pytest.raises(PlanRefused, match=said) as refused:
        read_readings(plan, space_of(plan), text)
    assert len(refused.value.message) < 300


def test_a_byte_order_mark_and_inch_marks_are_no_damage() -> None:
    plan = frameless()
    rows = read_readings(plan, space_of(plan), '\ufeffof,reading,note\nwidth,22 1/2","two\nlines"\r\nheight,9"\r\n')
    assert [(row.line, row.reading and row.reading.value) for row in rows] == [(2, '22 1/2"'), (4, '9"')]
    assert rows[0].text == 'width,22 1/2","two\nlines"'


@pytest.mark.parametrize("note", ["a\x00b", "a\x0bb", "a\x85b"])
def test_a_control_character_in_a_cell_is_named_in_its_row(note: str) -> None:
    plan = frameless()
    (row,) = read_readings(plan, space_of(plan), f"of,reading,note\nwidth,24,{note}")
    assert "control character" in row.problem
