"""Shelves on pins: rows of holes where boards stand, and where the shelves begin. Worked by hand."""

from __future__ import annotations

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    mm,
    solved,
    split,
    step,
    with_choices,
    with_obstruction,
    with_readings,
)
from tests.plan.test_members import bought, case
from vasculum.drawing.opening import elevation
from vasculum.drawing.primitives import Rect
from vasculum.drawing.section import section
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import points
from vasculum.plan.telling.cuts import in_words
from vasculum.plan.telling.solution import findings_of
from vasculum.solid.proof import prove

TITLE = "Holes for shelf pins"


def shelved(plan: Plan, **choices: str) -> Plan:
    """All of a space holds shelves on pins."""
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "shelf", "replace"))
    return with_choices(plan, shelf_rests="pins", **choices)


def rows(plan: Plan) -> dict[str, list[str]]:
    """By the title of the board: its rows of holes, in words."""
    done = solved(plan)
    told = {
        one.rule.title: [in_words(done, one, c) for c in one.cuts if c.rule.title == TITLE] for one in pieces_of(done)
    }
    return {title: lines for title, lines in told.items() if lines}


def test_two_shelves_lie_on_the_holes_under_a_third_and_two_thirds_of_a_tower() -> None:
    """Inside 42 1/2 high, holes 8, 9 1/4 ... 33, the last 9 1/2 or more below the top: 21 holes a row."""
    plan = shelved(
        case(height="44"), shelf_count="2", pin_first="8 in", pin_last_below="9 1/2 in", pin_pitch="1 1/4 in"
    )
    done = solved(plan)
    cell = drawer_of(plan)
    holes = done.solved.value(cell, "pin_holes")
    assert (holes[0], holes[-1], len(holes)) == (mm("8"), mm("33"), 21)
    # (42 1/2 - 2 x 1/2) / 3 = 13 5/6: the hole at 13 is the last under it; 28 1/6: the one at 28; they lie 1/8 higher.
    assert done.solved.value(cell, "shelf_heights") == (mm("13 1/8"), mm("28 1/8"))
    assert done.solved.value(cell, "pin_rows") == (mm("1 1/2"), mm("16 1/4"))  # 17 3/4 deep, less 1 1/2
    assert bought(plan)["Shelf pin, 1/4 in × 3/8 in"] == ("8 pieces", "")
    shelves = [one for one in pieces_of(done) if one.rule.title == "Shelf"]
    assert [one.stand and one.stand.up for one in shelves] == [mm("13 1/8"), mm("28 1/8")]
    assert prove(done).meetings == ()


def test_the_rows_are_told_from_the_edge_that_everything_is_told_from_and_the_end_of_the_board() -> None:
    """The sides begin 3/4 below the floor: the first hole is 4 3/4 from their lower end."""
    front = "in a row 1 1/2 in from the front edge, at 4 3/4 in, then every 1 1/4 in up to 13 1/2 in (8 holes)"
    told = rows(shelved(case()))
    assert set(told) == {"Case side, left", "Case side, right"}
    assert told["Case side, left"][0] == f"{TITLE}: {front} from the lower end, 3/8 in deep, inside face"
    from_back = rows(shelved(case(), marking_datum="back"))["Case side, left"]
    assert "in a row 16 1/4 in from the back edge" in from_back[0]
    assert "in a row 1 1/2 in from the back edge" in from_back[1]


def test_holes_stand_where_the_shelf_lies_on_them_whatever_band_the_board_gets() -> None:
    """Seen in the board, a hole is half a pin under the shelf that lies on it."""
    done = solved(shelved(case()))
    (shelf,) = (one for one in pieces_of(done) if one.rule.title == "Shelf")
    side = next(one for one in pieces_of(done) if one.role == "case_side_left")
    assert shelf.stand is not None
    assert side.stand is not None
    at = {along for cut in side.cuts if cut.rule.title == TITLE for along, _ in points(done, side, cut)}
    assert shelf.stand.up - side.stand.up - mm("1/8") in at


def columns(plan: Plan, *holds: str) -> Plan:
    plan, cells = split(plan, drawer_of(plan), "columns", *({"name": one} for one in holds))
    steps = [step(f"/places/{cell}/holds", one, "replace") for cell, one in zip(cells, holds, strict=True)]
    return with_choices(changed(plan, *steps), shelf_rests="pins")


def test_pins_from_both_sides_of_a_thin_divider_meet_in_it() -> None:
    """3/8 + 3/8 in a divider of 1/2; in one of 3/4 still right through, 5/16 a side is not."""
    assert "pin-holes-through" in codes(columns(case(), "shelf", "shelf"), "stop")
    thick = columns(case(divider_sheet=case().choices["front_sheet"]), "shelf", "shelf")
    assert "pin-holes-through" in codes(thick, "stop")
    assert "pin-holes-through" not in codes(with_choices(thick, pin_hole_depth="5/16 in"))


def test_beside_an_open_bay_only_one_face_of_the_divider_is_bored() -> None:
    plan = columns(case(), "open", "shelf")
    (left, right) = rows(plan)["Divider"]
    assert "inside face" in left or "outside face" in left
    assert left.split(", ")[-1] == right.split(", ")[-1]
    assert "pin-holes-through" not in codes(plan)


def test_in_a_cabinet_that_stands_the_walls_are_bored_and_nobody_says_they_are_boards_of_the_plan() -> None:
    plan = shelved(frameless("24", "30", "20"))
    assert rows(plan) == {}
    assert "pins-in-what-stands" in codes(plan, "note")


def test_a_row_that_no_board_reaches_is_said() -> None:
    """Dividers 6 short of the back end at 11 3/4; the back row stands at 16 1/4."""
    plan = columns(case(divider_short_behind="6 in"), "shelf", "open")
    assert "pins-find-no-board" in codes(plan, "attention")
    assert len(rows(plan)["Divider"]) == 1
    (said,) = (f.message for f in findings_of(solved(plan)) if f.code == "pins-find-no-board")
    assert said.endswith("no board reaches the row of pins 16 1/4 in behind the front.")
    assert "pins-find-no-board" not in codes(columns(case(), "shelf", "open"))


@pytest.mark.parametrize(
    ("choices", "code"),
    [
        ({"pin_first": "20 in"}, "no-room-for-pins"),
        ({"pin_row_inset": "9 in"}, "pin-rows-meet"),
        ({"pin_pitch": "1/4 in"}, "pin-holes-meet"),
        ({"shelf_count": "7"}, "too-many-shelves"),
        ({"shelf_count": "4", "pin_pitch": "6 in"}, "too-many-shelves"),
    ],
)
def test_what_does_not_go_is_said(choices: dict[str, str], code: str) -> None:
    assert code in codes(shelved(case(), **choices))


def test_shelves_nearer_together_than_they_are_thick_meet_in_the_proof() -> None:
    """Six of 1/2 on holes 1/8 apart, 3 1/2 high: the second hangs on a hole 1/4 over the first one's."""
    plan = shelved(
        case(height="5"),
        shelf_count="6",
        pin_pitch="1/8 in",
        pin_diameter="1/16 in",
        pin_first="1/4 in",
        pin_last_below="1/4 in",
    )
    assert ("shelf", "shelf_second") in {
        (one.first.partition("/")[2], one.second.partition("/")[2]) for one in prove(solved(plan)).meetings
    }


def test_every_shelf_is_drawn_in_the_elevation_and_in_the_section() -> None:
    """Three shelves are three boards seen on edge: so many more of that thickness than one shelf has."""
    drawn = {}
    for count in ("1", "3"):
        done = solved(shelved(case(height="44"), shelf_count=count))
        cell = drawer_of(done.plan)
        for sheet, name in ((elevation(done, done.plan.space_order[0]), "front"), (section(done, cell), "side")):
            edges = [one for one in sheet.primitives if isinstance(one, Rect) and mm("1/2") in (one.width, one.height)]
            drawn[name, count] = len(edges)
    assert drawn["front", "3"] == drawn["front", "1"] + 2
    assert drawn["side", "3"] == drawn["side", "1"] + 2


@pytest.mark.parametrize(("stands_in", "is_missed"), [("1/8", False), ("1/4", True), ("2", True)])
def test_a_shelf_beside_something_in_the_way_has_to_reach_its_pins(stands_in: str, is_missed: bool) -> None:
    """A pin stands out 3/8; the shelf has 1/16 of play, and keeps 1/16 off what is in the way."""
    plan = with_obstruction(shelved(frameless("22", "24", "20", carcass="new")), "left", f"{stands_in} in", what="pipe")
    assert ("shelf-misses-its-pins" in codes(plan, "stop")) is is_missed


def test_behind_a_frame_a_shelf_on_pins_wants_its_lips_packed_out() -> None:
    inside = [{"of": "width", "value": "24 in", "along": along} for along in ("front", "back")]
    lipped = with_readings(framed("22", "24", "20"), "case", *inside)
    assert "shelf-misses-its-pins" in codes(shelved(lipped), "stop")
    assert "shelf-misses-its-pins" not in codes(shelved(frameless("22", "24", "20")))
