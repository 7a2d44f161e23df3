"""Findings name the fields that decide them: what a person has said first, then the nearest."""

from __future__ import annotations

from typing import Any

import pytest

from vasculum.demo import demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.marking import marked
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.solution import section_of
from vasculum.solid.proof import prove


def found(plan: Plan, before: SolvedPlan | None = None) -> list[FindingShown]:
    solved = marked(plan, before)
    told: list[FindingShown] = section_of(solved, "findings", prove(solved))
    return told


def with_choice(name: str, value: str) -> Plan:
    plan = demo_plan("scullery-cupboard")
    return plan.model_copy(update={"choices": {**plan.choices, name: value}})


MENDED: list[tuple[str, str, str, str]] = [
    ("front_screw_length", "1/2 in", "front-screw-too-short", "plan/front_screw_length"),
    ("wanted_box_height", "20 in", "box-too-high", "plan/wanted_box_height"),
]


@pytest.mark.parametrize(("name", "value", "code", "field"), MENDED)
def test_what_was_said_stands_first(name: str, value: str, code: str, field: str) -> None:
    one = next(one for one in found(with_choice(name, value)) if one.code == code)
    assert one.mends[0].key == field
    assert one.mends[0].group
    assert len({mend.key for mend in one.mends}) == len(one.mends)


def test_a_finding_of_the_tape_names_the_reading() -> None:
    plan = demo_plan("scullery-cupboard")
    id_, reading = next((k, r) for k, r in plan.readings.items() if r.of == "height")
    far: dict[str, Any] = {**plan.readings, id_: reading.model_copy(update={"value": "1 in"})}
    grave = [one for one in found(plan.model_copy(update={"readings": far})) if one.severity in ("stop", "attention")]
    fields = {mend.key for one in grave for mend in one.mends}
    assert any(field.startswith(f"{id_}/") for field in fields)


def test_notes_name_no_field() -> None:
    assert all(not one.mends for one in found(demo_plan("scullery-cupboard")) if one.severity == "note")


def test_what_stands_first_does_not_rest_on_what_was_looked_at_before() -> None:
    """The same wiring, the same finding, and in between the person said what decides it."""
    bare = with_choice("wanted_box_height", "20 in")
    before = marked(bare)
    assert section_of(before, "findings", prove(before))
    said = bare.model_copy(update={"choices": {**bare.choices, "play_below": "3/16 in"}})
    fresh, after = ([one for one in found(said, was) if one.code == "box-too-high"] for was in (None, before))
    assert [one.mends for one in fresh] == [one.mends for one in after]
    assert {mend.key for mend in fresh[0].mends[:2]} == {"plan/wanted_box_height", "plan/play_below"}


def test_what_was_never_read_names_the_size_to_read() -> None:
    grave = [one for one in found(new_plan("Empty", "framed", "in")) if one.severity == "stop"]
    assert {mend.key.partition("/")[2] for one in grave for mend in one.mends} == {"width", "height", "depth"}
    half = found(new_plan("Half", "frameless", "mm", "600"))
    assert [one.mends for one in half if one.code == "no-width-read"] == []
    (lacking,) = [one for one in half if one.code == "no-height-read"]
    assert [mend.label for mend in lacking.mends] == ["height"]
