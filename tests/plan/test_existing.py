"""What is there before anything is built: what stays, is used again or comes out, and what stands in for it."""

from __future__ import annotations

from io import BytesIO

import pytest
from pypdf import PdfReader

from tests.helpers import act, changed, codes, framed, frameless, mm, solved, space_of, step
from vasculum.export.files import EXPORTS
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.edits.verbs import only_measures
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import solution_of


def noted(what: str = "stile", fate: str = "taken_out", plan: Plan | None = None) -> tuple[Plan, str]:
    """A plan in which one part is noted, and its id."""
    base = framed() if plan is None else plan
    after = act(base, "note-existing", space=space_of(base), name="Middle stile", what=what, fate=fate)
    (new,) = set(after.existing) - set(base.existing)
    return after, new


def stood_in(by: str, **sizes: str) -> Plan:
    plan, one = noted()
    steps = [step(f"/existing/{one}/stand_in", by)]
    return changed(plan, *steps, *(step(f"/existing/{one}/stand_in_{of}", size) for of, size in sizes.items()))


def test_a_part_is_noted_and_taken_off_the_list() -> None:
    plan, one = noted()
    assert plan.existing[one].fate == "taken_out"
    again, other = noted(plan=plan)
    assert [again.existing[id_].name for id_ in (one, other)] == ["Middle stile", "Middle stile 2"]
    assert not act(plan, "forget-existing", existing=one).existing


@pytest.mark.parametrize("what", ["stile", "rail", "wall"])
def test_what_carried_something_asks_for_a_stand_in(what: str) -> None:
    assert "taken-out-without-a-stand-in" in codes(noted(what)[0], "attention")
    for fate in ("stays", "reused"):
        assert "taken-out-without-a-stand-in" not in codes(noted(what, fate)[0])


def test_a_shelf_comes_out_without_a_word() -> None:
    assert not codes(noted("shelf")[0]) - codes(framed())


def test_a_stiffener_is_a_part_with_its_screws() -> None:
    """26 1/2 x 2 x 1: a screw passes 1 and wants 3/8 behind it; 1 1/2 is the shortest sold so long."""
    plan = frameless()
    plan, one = noted(plan=plan)
    sizes = {"length": "26 1/2 in", "width": "2 in", "thickness": "1 in"}
    plan = changed(
        plan,
        step(f"/existing/{one}/stand_in", "stiffener"),
        *(step(f"/existing/{one}/stand_in_{of}", size) for of, size in sizes.items()),
    )
    done = solved(plan)
    (piece,) = (piece for piece in pieces_of(done) if piece.role == "stiffener")
    assert piece.size == (mm("26 1/2"), mm("2"), mm("1"))
    (row,) = (part for part in solution_of(done).parts if part.name == "Stiffener for Middle stile")
    assert row.material == "Hardwood, planed to thickness"
    (screws,) = (good for good in hardware_of(done) if good.what.startswith("Screw for the stiffener"))
    assert screws.what == "Screw for the stiffener, 1 1/2 in"  # 1 and 3/8
    assert screws.count == 6  # an inch from both ends of 26 1/2, no more than 6 apart
    assert "taken-out-without-a-stand-in" not in codes(done)


def test_a_partition_comes_from_the_sheet_that_measures_so() -> None:
    plan = stood_in("partition", length="20 in", width="5 1/2 in", thickness="3/4 in")
    (piece,) = (piece for piece in pieces_of(solved(plan)) if piece.role == "partition")
    assert piece.sheet == plan.choices["front_sheet"]
    other = stood_in("partition", length="20 in", width="5 1/2 in", thickness="11/16 in")
    (row,) = (part for part in solution_of(solved(other)).parts if part.name.startswith("Partition"))
    assert row.material == "A sheet of this thickness"


def test_what_stands_in_has_all_of_its_sizes_or_is_asked_for_them() -> None:
    plan = stood_in("stiffener", length="26 in", width="2 in")
    assert "stand-in-without-sizes" in codes(plan, "attention")
    assert not [piece for piece in pieces_of(solved(plan)) if piece.role == "stiffener"]


def test_a_space_takes_what_is_there_with_it() -> None:
    plan, _ = noted()
    mirrored = act(plan, "mirror", space=space_of(plan))
    assert sorted(one.space for one in mirrored.existing.values()) == sorted(mirrored.space_order)
    alone = act(mirrored, "take-space-out", space=space_of(plan))
    assert {one.space for one in alone.existing.values()} == set(alone.space_order)


def test_what_is_there_stands_in_a_space() -> None:
    plan, one = noted()
    with pytest.raises(FaultyPlan, match="There is no space"):
        changed(plan, step(f"/existing/{one}/space", "space-99", "replace"))


def test_who_only_measures_may_note_what_is_there() -> None:
    from vasculum.plan.edits.existing import NoteExisting

    plan = framed()
    verb = NoteExisting(do="note-existing", space=space_of(plan), name="Old shelf", what="shelf", fate="taken_out")
    assert only_measures(solved(plan), verb)


def test_the_pack_lists_what_is_there() -> None:
    plan, _ = noted("shelf", "reused")
    pages = PdfReader(BytesIO(EXPORTS["sheet.pdf"].make(solved(plan), 1))).pages
    said = "\n".join(page.extract_text() for page in pages)
    assert "What is there" in said
    assert "is used again" in said
