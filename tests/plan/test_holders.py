"""A shelf with holes that tools hang in, or with pegs that rolls stand on."""

from __future__ import annotations

from itertools import pairwise

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, space_of, step, value, with_choices
from vasculum.core.rules.shelves.pegs import PEG_ROLES
from vasculum.drawing.part import part_sheet
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.cuts import in_words
from vasculum.solid.proof import prove
from vasculum.solid.solids import solid_of


def holding(what: str, sizes: str | None = "88 mm; 32 mm; 40 mm", **choices: str) -> Plan:
    """A shelf in an opening of 600 by 200 by 300."""
    from vasculum.plan.document.starting import new_plan

    plan = new_plan("Holders", "frameless", "mm", "600", "200", "300")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "shelf", "replace"))
    said = {} if sizes is None else {"held_sizes": sizes}
    return with_choices(plan, shelf_holds=what, **said, **choices)


def test_a_hole_is_as_wide_as_its_tool_and_the_play_with_the_same_wood_between() -> None:
    """88, 32 and 40 on a shelf of 597: 437 are left, 109.25 between each two; holes 0.4 wider."""
    done = solved(holding("holes"))
    long = value(done, "shelf_length_cut")
    between = (long - 160) / 4
    assert value(done, "bore_widths") == (mm("88.4 mm"), mm("32.4 mm"), mm("40.4 mm"))
    middles = value(done, "held_middles")
    exact = (between + 44, 2 * between + 88 + 16, 3 * between + 120 + 20)
    assert all(abs(one - at) <= mm("0.25 mm") for one, at in zip(middles, exact, strict=True))  # type: ignore[call-overload]
    (shelf,) = (one for one in pieces_of(done) if one.role == "shelf")
    (bores,) = (one for one in shelf.cuts if one.rule.what == "bores")
    said = in_words(done, shelf, bores)
    assert "88.4" in said
    assert "right through" in said
    assert part_sheet(done, shelf).title


def test_the_holes_are_taken_out_of_the_solid() -> None:
    done = solved(holding("holes"))
    (shelf,) = (one for one in pieces_of(done) if one.role == "shelf")
    assert shelf.size is not None
    solid = solid_of(done, shelf)
    assert solid is not None
    long, deep, thick = map(float, shelf.size)
    wood = sum(float(w) ** 2 for w in value(done, "bore_widths")) * thick  # type: ignore[attr-defined]
    assert solid.built().volume() == pytest.approx(long * deep * thick - wood)


def test_pegs_go_through_the_shelf_as_thick_as_the_narrowest_roll_takes() -> None:
    done = solved(holding("pegs", "76 mm; 26 mm"))
    pegs = [one for one in pieces_of(done) if one.role in PEG_ROLES]
    thick = value(done, "shelf_thickness")
    assert [one.size for one in pegs] == [(75 + thick, mm("25.6 mm"), mm("25.6 mm"))] * 2
    assert prove(done).meetings == ()


@pytest.mark.parametrize(("what", "sizes", "code"), [
    ("holes", "500 mm; 90 mm", "no-room-for-holders"), ("holes", "; ".join(["9 mm"] * 9), "too-many-holders"),
    ("pegs", "0.4 mm", "peg-is-all-play"),
])  # fmt: skip
def test_what_does_not_go_is_said(what: str, sizes: str, code: str) -> None:
    assert code in codes(holding(what, sizes), "stop")


def test_without_sizes_the_shelf_is_plain_and_nothing_is_no_size() -> None:
    for what in ("holes", "pegs", "things"):
        done = solved(holding(what, None))
        assert [one.role for one in pieces_of(done)] == ["shelf"]
        assert not [cut for one in pieces_of(done) for cut in one.cuts if cut.rule.what == "bores"]
        assert not codes(done, "stop")
    with pytest.raises(FaultyPlan, match="more than nothing"):
        holding("holes", "0 mm; 3 mm")


@pytest.mark.parametrize("what", ["holes", "pegs"])
@pytest.mark.parametrize("rests", ["floor", "pins"])
def test_beside_a_pipe_and_on_pins_the_row_stays_on_its_shelf(what: str, rests: str) -> None:
    plan = holding(what, "40 mm; 30 mm", shelf_rests=rests)
    plan = act(plan, "obstruct", name="Pipe", what="pipe", space=space_of(plan), on="left", projection="60")
    done = solved(plan)
    middles = value(done, "held_middles")
    assert all(0 < one < value(done, "shelf_length_cut") for one in middles)  # type: ignore[attr-defined]
    assert all(b > a for a, b in pairwise(middles))  # type: ignore[call-overload]
    assert prove(done).meetings == ()


def test_inches_too() -> None:
    plan = frameless("24", "10", "12")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "shelf", "replace"))
    done = solved(with_choices(plan, shelf_holds="holes", held_sizes="3 1/2 in"))
    assert value(done, "bore_widths") == (mm("3 33/64"),)
    assert value(done, "held_middles")[0] == value(done, "shelf_length_cut") / 2  # type: ignore[index]
