"""Loose dividers in slots: slots face each other, dividers stand in them, come out with the drawer, and part its floor."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, solved, step, with_choices
from vasculum.plan.document import Plan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import regions
from vasculum.plan.making.stored import stored_in
from vasculum.plan.telling.cuts import in_words
from vasculum.solid.proof import prove

WALLS = {"slotted_sides": ("side_left", "side_right"), "slotted_front": ("box_front", "box_back")}


def slotted(fitted: str, **choices: str) -> Plan:
    return frameless("22 1/2", "9", "20", fitted=fitted, **choices)


def places_of_slots(plan: Plan, role: str) -> list[object]:
    """The middles of the slots of one wall, in the space."""
    done = solved(plan)
    (wall,) = (one for one in pieces_of(done) if one.role == role)
    assert wall.stand is not None
    begins = wall.stand.back if wall.stand.length == "back" else wall.stand.across
    spans = [region.along for cut in wall.cuts if cut.rule.what == "slots" for region in regions(done, wall, cut)]
    return sorted(begins + (low + high) / 2 for low, high in spans)


def dividers(plan: Plan) -> list[Piece]:
    return [one for one in pieces_of(solved(plan)) if one.role.startswith("loose")]


@pytest.mark.parametrize(
    "joint", ["butt_between", "butt_around", "dado", "rabbet_in_sides", "finger", "through_dovetail"]
)
@pytest.mark.parametrize("fitted", WALLS)
def test_slots_of_facing_walls_face_each_other_and_nothing_meets(fitted: str, joint: str) -> None:
    plan = slotted(fitted, joint=joint, loose_dividers="3")
    low, high = (places_of_slots(plan, role) for role in WALLS[fitted])
    assert low == high
    assert len(low) > 8
    assert len(dividers(plan)) == 3
    assert prove(solved(plan)).meetings == ()
    for one in dividers(plan):
        assert one.stand is not None
        assert one.size is not None
        middle = (one.stand.back if fitted == "slotted_sides" else one.stand.across) + one.size[2] / 2
        assert middle in low


@pytest.mark.parametrize("choices", [
    {"bottom": "planted"}, {"front": "none"}, {"wanted_box_height": "6 in"}, {"slot_pitch": "2 in"}, {"wanted_slots": "4"},
    {"wanted_grid_height": "3 in"},
])  # fmt: skip
@pytest.mark.parametrize("fitted", WALLS)
def test_dividers_stand_on_whatever_bottom_and_nothing_meets(fitted: str, choices: dict[str, str]) -> None:
    assert prove(solved(slotted(fitted, **choices))).meetings == ()


def test_a_wall_says_its_slots_in_one_line() -> None:
    plan = slotted("slotted_sides")
    (side,) = (one for one in pieces_of(solved(plan)) if one.role == "side_left")
    (said,) = (in_words(solved(plan), side, cut) for cut in side.cuts if cut.rule.what == "slots")
    assert said == (
        "Slots for loose dividers: middles 1 1/2 in, then every 1 in up to 16 1/2 in (16 slots) from the front end, "
        "17/64 in wide, 7/32 in deep, inside face"
    )


def test_a_front_that_is_its_own_face_is_not_slotted() -> None:
    assert "slots-want-a-box-front" in codes(slotted("slotted_front", joint="integral"), "stop")
    assert "slots-want-a-box-front" not in codes(slotted("slotted_sides", joint="integral"))


@pytest.mark.parametrize(
    ("choices", "code"), [({"loose_dividers": "9"}, "too-many-dividers"), ({"wanted_slots": "40"}, "no-room-for-slots")]
)
def test_what_does_not_go_in_is_refused(choices: dict[str, str], code: str) -> None:
    assert code in codes(with_choices(slotted("slotted_sides"), **choices), "stop")


@pytest.mark.parametrize("fitted", WALLS)
def test_things_lie_between_the_dividers(fitted: str) -> None:
    """Two dividers make three parts; a thing as large as the whole floor finds none."""
    plan = act(slotted(fitted), "add-thing", name="Box", length="4", width="4", height="2")
    plan = act(plan, "add-thing", name="Board", length="16", width="12", height="2")
    box, board = plan.things
    plan = changed(plan, step(f"/things/{box}/count", 6, "replace"))
    for id_ in (box, board):
        plan = act(plan, "put-thing", thing=id_, place=drawer_of(plan))
    (stored,) = stored_in(solved(plan))
    assert [left.thing for left in stored.left] == [board]
    assert len(stored.floor.placed) == 6
    assert mm("4") in {one.across for one in stored.floor.placed}
