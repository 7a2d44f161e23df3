"""A library goes out as JSON and comes in again; a bad row is refused by its number, a foreign file whole."""

from __future__ import annotations

import json
from typing import Any

import pytest

from tests.helpers import frameless, with_runner
from vasculum.core.errors import PlanRefused
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.starting import new_plan
from vasculum.plan.edits.library_file import KINDS, library_json, library_taken_in, read_library

BOARD = {"name": "Board", "thickness": "3/4 in", "width": "3 1/2 in", "length": "96 in", "price": "6.10"}
BAND = {"name": "Band", "thickness": "1/32 in"}


def file_of(**rows: Any) -> str:
    return json.dumps({"format": "vasculum-library", "version": 1, **rows})


def test_what_went_out_comes_in_again_on_another_plan_as_it_was() -> None:
    plan = with_runner(frameless(), "wooden")
    plan = patched(plan, library_taken_in(plan, read_library(file_of(boards=[BOARD], bands=[BAND]))))
    other: Plan = new_plan("Other", "frameless", "mm", "600", "200", "500")
    taken = patched(other, library_taken_in(other, read_library(library_json(plan).decode())))
    for kind in KINDS:
        wanted = list(getattr(plan.library, kind).values())
        assert [row for row in getattr(taken.library, kind).values() if row in wanted] == wanted


def test_what_is_there_already_is_not_taken_twice() -> None:
    plan = frameless()
    assert library_taken_in(plan, read_library(library_json(plan).decode())) == []


BAD = [
    ("boards", {**BOARD, "thickness": "0 in"}, "thickness"),
    ("boards", {k: v for k, v in BOARD.items() if k != "width"}, "width"),
    ("boards", {**BOARD, "price": "cheap"}, "price"),
    ("bands", {**BAND, "colour": "red"}, "colour"),
    ("sheets", {"name": "", "nominal": "1/2 in"}, "name"),
    ("runners", "a runner", "valid"),
    ("runners", {"name": "Mine", "kind": "magnet"}, "kind"),
]


@pytest.mark.parametrize(("kind", "row", "said"), BAD)
def test_a_bad_row_says_why_by_its_number_and_the_good_ones_stand(kind: str, row: Any, said: str) -> None:
    good = {"boards": [BOARD], "bands": [BAND]}
    rows = read_library(file_of(**good | {kind: [*good.get(kind, []), row]}))
    bad = [one for one in rows if one.row is None]
    assert [(one.kind, one.line) for one in bad] == [(kind, len(good.get(kind, [])) + 1)]
    assert said in bad[0].problem
    assert len(library_taken_in(frameless(), rows)) == 3


@pytest.mark.parametrize(
    "text",
    [
        "", "{", "[]", "{}", '{"format": "vasculum-plan", "version": 1}',
        file_of(version=2), file_of(hinges=[]), file_of(boards={"a": 1}), file_of(boards=[BOARD] * 201),
    ],
)  # fmt: skip
def test_a_foreign_file_is_refused_whole(text: str) -> None:
    with pytest.raises(PlanRefused):
        read_library(text)


def test_a_byte_order_mark_is_no_fault_and_a_number_without_end_is_one() -> None:
    plan = frameless()
    text = library_json(plan).decode()
    assert read_library("\ufeff" + text) == read_library(text)
    with pytest.raises(PlanRefused, match="no whole JSON"):
        read_library('{"format": "vasculum-library", "version": ' + "9" * 5000 + "}")
