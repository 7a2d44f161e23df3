"""A tray that slides over the lower half of a drawer: it goes in, lies on both risers, and leaves room below."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, frameless, mm, pinned, solved, step, value, with_choices
from vasculum.plan.document import Plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.stored import stored_in
from vasculum.plan.telling.hardware import hardware_of
from vasculum.solid.proof import prove


def trayed(**choices: str) -> Plan:
    return frameless("22 1/2", "9", "20", fitted="upper_tray", **choices)


def test_its_parts_follow_from_the_inside() -> None:
    """20 1/2 x 17 x 8 1/8 inside: half of each, less 1/16 of play and 1/32 of air; risers and bottom of 1/4, walls of 1/2."""
    plan = trayed()
    done = solved(plan)
    inside = [value(done, name) for name in ("inside_width", "inside_depth", "inside_height")]
    assert inside == [mm("20 1/2"), mm("17"), mm("8")]
    sizes = {one.role: one.size for one in pieces_of(done)}
    assert sizes["riser_left"] == sizes["riser_right"] == (mm("17"), mm("4"), mm("1/4"))
    assert sizes["upper_bottom"] == (mm("20 7/16"), mm("8 1/2"), mm("1/4"))
    assert sizes["upper_side_left"] == (mm("8 1/2"), mm("3 11/16"), mm("1/2"))
    assert sizes["upper_end_back"] == (mm("19 7/16"), mm("3 11/16"), mm("1/2"))
    assert value(done, "upper_travel") == mm("8 1/2")
    (brads,) = (one for one in hardware_of(done) if "upper tray" in one.what)
    assert (brads.count, brads.through) == (20, "through bottom 1/4 in into the edges that it closes, bites 3/4 in")


@pytest.mark.parametrize("choices", [
    {}, {"joint": "butt_around"}, {"joint": "dado"}, {"bottom": "planted"}, {"front": "none"}, {"wanted_lower_room": "2 in"},
    {"wanted_upper_depth": "12 in"}, {"upper_play": "1/8 in"}, {"joint": "integral"}, {"wanted_box_height": "5 in"},
])  # fmt: skip
@pytest.mark.parametrize("increment", ["1/32 in", "1/16 in", "1/2 mm"])
def test_it_goes_into_any_drawer_and_nothing_meets(choices: dict[str, str], increment: str) -> None:
    plan = changed(trayed(**choices), step("/units/increment", increment, "replace"))
    assert prove(solved(plan)).meetings == ()
    assert not codes(plan, "stop")


@pytest.mark.parametrize(("choices", "code", "severity"), [
    ({"upper_play": "3/16 in"}, "upper-tray-falls", "attention"), ({"upper_play": "1/4 in"}, "upper-tray-falls", "stop"),
    ({"wanted_upper_depth": "10 in"}, "upper-tray-hides", "note"), ({"wanted_upper_depth": "18 in"}, "upper-tray-too-deep", "stop"),
    ({"wanted_lower_room": "7 7/8 in"}, "no-room-for-upper-tray", "stop"),
])  # fmt: skip
def test_what_does_not_work_is_said(choices: dict[str, str], code: str, severity: str) -> None:
    assert code in codes(trayed(**choices), severity)
    assert code not in codes(trayed())


def test_flat_things_lie_in_the_tray_and_high_ones_below() -> None:
    """Tray 19 7/16 x 7 1/2, walls of 3 11/16; below 20 x 17 under 4."""
    plan = trayed()
    for name, size in (("Pencils", ("8", "3", "1")), ("Ink", ("3", "3", "4")), ("Vase", ("4", "4", "5"))):
        plan = act(plan, "add-thing", name=name, length=size[0], width=size[1], height=size[2])
    pencils, ink, vase = plan.things
    plan = changed(plan, step(f"/things/{pencils}/count", 8, "replace"))
    for id_ in (pencils, ink, vase):
        plan = act(plan, "put-thing", thing=id_, place=drawer_of(plan))
    (stored,) = stored_in(solved(plan))
    assert stored.upper is not None
    above, below = ([one.name.partition("#")[0] for one in floor.placed] for floor in (stored.upper, stored.floor))
    assert set(above) == {pencils}
    assert ink in below
    assert above.count(pencils) + below.count(pencils) == 8
    assert [(left.thing, left.why) for left in stored.left] == [(vase, "too_high")]
    assert not stored_in(solved(with_choices(plan, fitted="none")))[0].left


def test_play_that_a_coarse_increment_leaves_counts_too() -> None:
    """To a quarter the tray is 20 1/4 wide in 20 1/2: as much play as the risers are thick."""
    coarse = changed(trayed(), step("/units/increment", "1/4 in", "replace"))
    assert value(solved(coarse), "upper_play_left") == mm("1/4")
    assert "upper-tray-falls" in codes(coarse, "stop")


def test_the_proof_slides_the_tray_back_in_its_drawer() -> None:
    """Free all the way, 8 1/2; said to travel 9 1/2 it meets the back of the box, and only then."""
    assert prove(solved(trayed())).meetings == ()
    meetings = prove(solved(pinned(trayed(), upper_travel="9 1/2 in"))).meetings
    met = {(one.first.partition("/")[2], one.second.partition("/")[2], one.how) for one in meetings}
    assert ("upper_end_back", "box_back", "on its way") in met
    assert {first.partition("_")[0] for first, _, _ in met} == {"upper"}
