"""Plan files: read as written, or refused with the place."""

from __future__ import annotations

import json
from collections.abc import Callable
from itertools import pairwise
from typing import Any

import jsonschema
import pytest

from tests.helpers import framed, solved
from vasculum.core.errors import PlanRefused
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, plan_from, read_plan, write_plan
from vasculum.plan.document.schema import plan_schema


@pytest.fixture
def document() -> dict[str, Any]:
    """A whole plan as parsed JSON: surveys 1 and 2, place 3, space 4, readings 5 to 7, sheets 8 to 10, runner 11."""
    made: dict[str, Any] = json.loads(write_plan(framed()))
    return made


Damage = Callable[[dict[str, Any]], Any]


def put(path: str, value: Any) -> Damage:
    """Put a value at a path of keys."""

    def damage(document: dict[str, Any]) -> None:
        *way, last = path.split("/")
        at = document
        for key in way:
            at = at[key]
        at[last] = value

    return damage


def drop(path: str) -> Damage:
    def damage(document: dict[str, Any]) -> None:
        *way, last = path.split("/")
        at = document
        for key in way:
            at = at[key]
        del at[last]

    return damage


def nest(document: dict[str, Any], deep: int) -> None:
    """So many splits of one part in each other."""
    number = document["next_id"]
    chain = ["place-3", *(f"place-{n}" for n in range(number, number + deep))]
    for outer, inner in pairwise(chain):
        document["places"][outer] = {"name": "x", "holds": "rows", "children": [inner]}
    document["places"][chain[-1]] = {"name": "x", "holds": "drawer"}
    document["next_id"] = number + deep


FAULTS: list[tuple[str, Damage, str, str]] = [
    ("foreign format", put("format", "other"), "/format", "vasculum-plan"),
    ("no format", drop("format"), "/format", "vasculum-plan"),
    ("no version", drop("version"), "/version", "whole number"),
    ("version of words", put("version", "1"), "/version", "whole number"),
    ("version true", put("version", True), "/version", "whole number"),
    ("from the future", put("version", 99), "/version", "version 99"),
    ("unknown field", put("colour", "green"), "/colour", "Extra inputs"),
    ("missing name", drop("name"), "/name", "required"),
    ("empty name", put("name", ""), "/name", "at least 1"),
    ("name of number", put("name", 5), "/name", "string"),
    ("reading without unit", put("readings/reading-5/value", "22 1/2"), "/readings/reading-5/value", "no unit"),
    ("reading of nonsense", put("readings/reading-5/value", "12..5 in"), "/readings/reading-5/value", "cannot be read"),
    ("reading below zero", put("readings/reading-5/value", "-3 in"), "/readings/reading-5/value", "minus"),
    ("reading of nothing", put("readings/reading-5/value", "0 in"), "/readings/reading-5/value", "more than nothing"),
    ("reading as number", put("readings/reading-5/value", 22.5), "/readings/reading-5/value", "string"),
    ("reading of no survey", put("readings/reading-5/survey", "survey-9"), "/readings/reading-5/survey", "no survey"),
    ("reading at no station", put("readings/reading-5/level", "top"), "/readings/reading-5/level", "low"),
    ("order names nothing", put("reading_order", ["reading-5", "reading-6", "reading-99"]), "/reading_order/2", "reading-99"),
    ("order names twice", put("reading_order", ["reading-5", "reading-5", "reading-6", "reading-7"]), "/reading_order", "2 times"),
    ("order leaves out", put("reading_order", ["reading-5"]), "/reading_order", "missing from the order"),
    ("space order leaves out", put("space_order", []), "/space_order", "missing from the order"),
    ("id of no form", put("places/Place", {"name": "x", "holds": "drawer"}), "/places/Place", "match"),
    ("id beyond next", put("next_id", 11), "/library/runners/runner-11", "not below next_id"),
    ("id used twice", put("places/survey-1", {"name": "x", "holds": "drawer"}), "/places/survey-1", "already used"),
    ("place in no space", lambda d: (put("places/place-12", {"name": "x", "holds": "drawer"})(d), put("next_id", 13)(d)), "/places/place-12", "stands in no space"),
    ("survey of no space", lambda d: (put("surveys/survey-12", {"what": "case"})(d), put("next_id", 13)(d)), "/surveys/survey-12", "belongs to no space"),
    ("space holds nothing", put("spaces/space-4/holds", "place-99"), "/spaces/space-4/holds", "no place"),
    ("space without its frame", put("spaces/space-4/frame", None), "/spaces/space-4/frame", "framed"),
    ("frame where a case should be", put("spaces/space-4/case", "survey-1"), "/spaces/space-4/case", "of a frame"),
    ("divided drawer", put("places/place-3/children", ["place-3"]), "/places/place-3/children", "not divided"),
    ("a split of nothing", put("places/place-3/holds", "rows"), "/places/place-3/children", "split of nothing"),
    ("a child that is missing", lambda d: d["places"]["place-3"].update(holds="rows", children=["place-9"]), "/places/place-3/children/0", "no place"),
    ("a child twice", lambda d: (d["places"]["place-3"].update(holds="rows", children=["place-12", "place-12"]), put("places/place-12", {"name": "x", "holds": "open"})(d), put("next_id", 13)(d)), "/places/place-3/children/1", "already belongs"),
    ("a loop", lambda d: (d["places"]["place-3"].update(holds="rows", children=["place-12"]), put("places/place-12", {"name": "x", "holds": "columns", "children": ["place-3"]})(d), put("next_id", 13)(d)), "/places/place-3/children", "turns in a circle"),
    ("a fixed row without length", lambda d: (d["places"]["place-3"].update(holds="rows", children=["place-12"]), put("places/place-12", {"name": "x", "holds": "open", "size": {"by": "fixed"}})(d), put("next_id", 13)(d)), "/places/place-12/size/length", "needs its length"),
    ("a thousand and one rows", lambda d: d["places"]["place-3"].update(holds="rows", children=["place-9"] * 1001), "/places/place-3/children", "at most 1000"),
    ("forty-one splits in each other", lambda d: nest(d, 41), "/places/place-52", "More than 40 splits"),
    ("a name with a bell", put("name", "a\x07b"), "/name", "U+0007"),
    ("a name on two lines", put("places/place-3/name", "a\nb"), "/places/place-3/name", "U+000A"),
    ("half of a pair", put("note", "a\ud800b"), "/note", "unicode"),
    ("a note that ends a line as nobody does", put("note", "a\u2028b"), "/note", "U+2028"),
    ("next number far away", put("next_id", 900_000_000), "/next_id", "far above"),
    ("mark never given", put("marks", {"place-3/front": "ZZ"}), "/marks/place-3~1front", "that were given"),
    ("mark that is none", put("marks", {"place-3/front": "I"}), "/marks/place-3~1front", "that were given"),
    ("mark given twice", lambda d: d.update(marks={"place-3/front": "B", "place-3/bottom": "B"}, marks_given=2), "/marks/place-3~1bottom", "place-3/front already"),
    ("a share of nothing", put("places/place-3/size", {"share": 0}), "/places/place-3/size/share", "greater than or equal to 1"),
    ("choice of nothing known", put("choices/colour", "green"), "/choices/colour", "can be chosen"),
    ("choice without unit", put("choices/gap", "1/8"), "/choices/gap", "no unit"),
    ("count that is none", put("choices/front_screws", "4.5"), "/choices/front_screws", "no count"),
    ("joint that is none", put("choices/joint", "glue"), "/choices/joint", "butt_between"),
    ("sheet that is none", put("choices/side_sheet", "sheet-99"), "/choices/side_sheet", "no sheet"),
    ("runner that is none", put("choices/runner", "runner-99"), "/choices/runner", "no runner"),
    ("no side sheet", drop("choices/side_sheet"), "/choices", "no side_sheet"),
    ("choice in a cell", put("places/place-3/choices", {"gap": "x"}), "/places/place-3/choices/gap", "a number should stand"),
    ("choice in a space", put("spaces/space-4/choices", {"gap": "x"}), "/spaces/space-4/choices/gap", "a number should stand"),
    ("sheet of no thickness", put("library/sheets/sheet-8/nominal", "0 in"), "/library/sheets/sheet-8/nominal", "nothing"),
    ("stock length twice", put("library/runners/runner-11/stock_lengths", ["8 in", "203.2 mm"]), "/library/runners/runner-11/stock_lengths", "twice"),
    ("no stock length", put("library/runners/runner-11/stock_lengths", []), "/library/runners/runner-11/stock_lengths", "at least 1"),
    ("increment of nothing", put("units/increment", "0 in"), "/units/increment", "nothing"),
    ("unknown edition", put("defaults_edition", "1999-01"), "/defaults_edition", "no defaults edition"),
    ("pin that is no key", put("as_built/box", "5 in"), "/as_built/box", "no key"),
    ("pin of no unit", put("as_built", {"place-3/side_length_cut": "5"}), "/as_built/place-3~1side_length_cut", "no unit"),
    ("wrong type", put("readings", []), "/readings", "dictionary"),
    ("not an object", put("spaces/space-4", "x"), "/spaces/space-4", "dictionary"),
]  # fmt: skip


@pytest.mark.parametrize(("what", "damage", "where", "words"), FAULTS, ids=[f[0] for f in FAULTS])
def test_a_damaged_plan_is_refused_with_the_place(
    document: dict[str, Any], what: str, damage: Damage, where: str, words: str
) -> None:
    damage(document)
    with pytest.raises(FaultyPlan) as refused:
        plan_from(document)
    places = {fault.where: fault.message for fault in refused.value.faults}
    assert where in places
    assert words in places[where]


def test_all_faults_are_listed_together(document: dict[str, Any]) -> None:
    put("choices/gap", "x")(document)
    put("readings/reading-5/survey", "survey-9")(document)
    with pytest.raises(FaultyPlan) as refused:
        plan_from(document)
    assert {f.where for f in refused.value.faults} == {"/choices/gap", "/readings/reading-5/survey"}
    assert "and 1 more" in refused.value.message


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("", "not whole JSON"),
        ("{", "not whole JSON"),
        ('{"format": "vasculum-plan",\n "version" 1}', "line 2 column 12"),
        ("[]", "vasculum-plan"),
        ("null", "vasculum-plan"),
        ('"plan"', "vasculum-plan"),
        ('{"a": NaN}', "NaN is not a number"),
        ('{"a": Infinity}', "Infinity"),
        ('{"a": 1, "a": 2}', "stands 2 times"),
        ("[" * 100 + "]" * 100, "nested too deeply"),
        ("[" * 100_000 + "]" * 100_000, "nested too deeply"),
        (b"\xff\xfe\x00", "not UTF-8"),
        (" " * 2_000_001, "larger than 2 MB"),
    ],
)
def test_a_file_that_is_no_plan_is_refused_in_words(text: str | bytes, words: str) -> None:
    with pytest.raises(PlanRefused) as refused:
        read_plan(text)
    assert words in refused.value.message


def test_a_plan_reads_as_it_was_written(document: dict[str, Any]) -> None:
    plan = plan_from(document)
    assert read_plan(write_plan(plan)) == plan


def test_a_byte_order_mark_does_no_harm() -> None:
    assert read_plan(b"\xef\xbb\xbf" + write_plan(framed()).encode()) == framed()


def test_the_schema_is_a_schema_and_plans_fit_it(document: dict[str, Any]) -> None:
    schema = plan_schema()
    jsonschema.Draft202012Validator.check_schema(schema)
    jsonschema.validate(document, schema)
    document["colour"] = "green"
    with pytest.raises(jsonschema.ValidationError):
        jsonschema.validate(document, schema)


def test_the_schema_asks_for_what_the_reader_asks_for(document: dict[str, Any]) -> None:
    assert set(plan_schema()["required"]) <= set(document)
    assert Plan.model_validate(document).model_dump(mode="json") == document


def test_forty_splits_in_each_other_are_read(document: dict[str, Any]) -> None:
    nest(document, 40)
    assert solved(plan_from(document)).solved.quantities


def test_a_very_deep_layout_is_refused_at_once(document: dict[str, Any]) -> None:
    nest(document, 1500)
    with pytest.raises(FaultyPlan, match="More than 40 splits"):
        plan_from(document)


@pytest.mark.parametrize(
    ("text", "words"),
    [('{"format": "vasculum-plan", "version": ' + "9" * 5000 + "}", "5000 digits"), ("[" * 100_000, "nested too deeply")],
    ids=["a number of 5,000 digits", "a hundred thousand brackets"],
)  # fmt: skip
def test_a_text_that_no_plan_can_be_is_refused(text: str, words: str) -> None:
    with pytest.raises(PlanRefused, match=words):
        read_plan(text)


def test_a_byte_order_mark_is_no_fault() -> None:
    text = write_plan(framed())
    assert read_plan("\ufeff" + text) == read_plan(text) == read_plan(("\ufeff" + text).encode())


def test_a_refusal_quotes_a_place_and_no_document(document: dict[str, Any]) -> None:
    for damage in (put("version", "x" * 10_000), put("x" * 10_000, 1), put("choices/" + "y" * 10_000, "1")):
        broken = json.loads(json.dumps(document))
        damage(broken)
        with pytest.raises(FaultyPlan) as refused:
            plan_from(broken)
        assert all(len(fault.where) + len(fault.message) < 1300 for fault in refused.value.faults)
        assert len(refused.value.message) <= 600
