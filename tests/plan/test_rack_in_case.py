"""A rack in a case of its own beside hinges: worked by hand, notched past them, mirrored plates, and pushed in."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, mm, solved, space_of, split, step, value, with_choices
from tests.plan.test_rack import WIDE, racked
from vasculum.core.rules.organizers.rack import CASE, DIVIDERS, HIGH
from vasculum.plan.document import Plan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.cuts import in_words
from vasculum.plan.telling.hardware import hardware_of
from vasculum.solid.proof import prove


def cased(width: str = "14 5/8", height: str = "21 7/8", depth: str = "22", **choices: str) -> Plan:
    """Case of 23/32, plates of 15/32, strips of 3/4, dividers of 7/32; a lip of 7/8 before it."""
    plan = racked(width, height, depth, **WIDE)
    number = plan.next_id
    row = plan.library.sheets[plan.choices["side_sheet"]].model_dump()
    for name, size in (("3/4 in", "23/32 in"), ("1/2 in", "15/32 in")):
        sheet = {**row, "name": name, "nominal": name, "measured": size}
        plan = changed(
            plan, step(f"/library/sheets/sheet-{plan.next_id}", sheet), step("/next_id", plan.next_id + 1, "replace")
        )
    sheets = {"rack_sheet": f"sheet-{number}", "rack_plate_sheet": f"sheet-{number + 1}"}
    return with_choices(plan, **{"rack_made": "case", "rack_lip": "7/8 in", **sheets, **choices})


def hinged(plan: Plan, on: str = "left") -> Plan:
    """With two hinges 1 3/8 off a wall, 2 1/2 back, at 4 and at 20 above the floor."""
    for floor in ("4 in", "20 in"):
        plan = act(plan, "obstruct", name="Hinge", what="other", space=space_of(plan), on=on, projection="1 3/8")
        one = list(plan.obstructions)[-1]
        sizes = {"from_floor": floor, "height": "2 1/8 in", "depth": "2 1/2 in", "from_front": "0 in"}
        plan = changed(plan, *(step(f"/obstructions/{one}/{name}", text, "replace") for name, text in sizes.items()))
    return plan


def by_role(plan: Plan) -> dict[str, Piece]:
    return {one.role: one for one in pieces_of(solved(plan))}


def test_a_case_for_trays_as_it_was_worked_by_hand() -> None:
    """Clear 13 3/16 in a case of 14 5/8; sides 21 5/32, 20 7/32 between the plates; the plate takes 15/32 off the lip."""
    plan = cased()
    done = solved(plan)
    assert value(done, "rack_clear_width") == mm("13 3/16")
    assert value(done, "rack_slots") == 6
    assert value(done, "rack_height") == mm("20 7/32")
    assert value(done, "rack_step") == mm("13/32")
    assert value(done, "rack_divider_height") == mm("19 3/4")
    assert value(done, "rack_engagement") == mm("9/32")
    sizes = {role: one.size for role, one in by_role(plan).items()}
    assert sizes["rack_side_left"] == sizes["rack_side_right"] == (mm("21 5/32"), mm("22"), mm("23/32"))
    assert sizes["rack_back"] == (mm("21 5/32"), mm("13 3/16"), mm("23/32"))
    assert sizes["rack_plate_low"] == sizes["rack_plate_high"] == (mm("21 9/32"), mm("13 3/16"), mm("15/32"))
    assert sizes["rack_top"] == (mm("14 5/8"), mm("22"), mm("23/32"))
    assert sizes[DIVIDERS[0]] == (mm("21 5/32"), mm("19 3/4"), mm("7/32"))
    assert not [role for role in CASE if by_role(plan)[role].cuts]
    assert prove(done).meetings == ()


def test_it_is_notched_past_hinges_as_it_was_worked_by_hand() -> None:
    """Side 2 9/16 deep, 3 15/16 to 6 3/16 and from 19 15/16 up; top plate 23/32, top 1 7/16; the right side has none."""
    plan = hinged(cased())
    done, pieces = solved(plan), by_role(hinged(cased()))
    said = {role: [in_words(done, one, cut).partition(": ")[2] for cut in one.cuts] for role, one in pieces.items()}
    assert said["rack_side_left"] == [
        "3 15/16 in to 6 3/16 in from the lower end, 2 9/16 in deep from the front edge, right through",
        "19 15/16 in to 21 5/32 in from the lower end, 2 9/16 in deep from the front edge, right through",
    ]
    assert said["rack_plate_high"] == [
        "0 in to 2 9/16 in from the front end, 23/32 in deep from the left edge, right through"
    ]
    assert said["rack_top"] == [
        "0 in to 1 7/16 in from the left end, 2 9/16 in deep from the front edge, right through"
    ]
    assert [role for role, cuts in said.items() if cuts] == [
        "rack_side_left", "rack_plate_high", "rack_top", "rack_first_high",
    ]  # fmt: skip
    assert value(done, "rack_first_bay") == mm("2 17/32") - (mm("1 7/16") - mm("23/32"))
    assert value(done, "rack_slots") == 6
    assert prove(done).meetings == ()


@pytest.mark.parametrize("on", ["left", "right"])
@pytest.mark.parametrize("increment", ["1/32 in", "1/8 in", "1 mm"])
@pytest.mark.parametrize("beside", [None, "drawer", "shelf", "hanging"])
def test_whatever_stands_beside_it_nothing_meets(on: str, increment: str, beside: str | None) -> None:
    plan = cased("36" if beside else "14 5/8")
    if beside:
        holds = [{"holds": "rack"}, {"holds": beside}]
        plan, _ = split(plan, drawer_of(plan), "columns", *(holds if on == "left" else holds[::-1]))
    plan = hinged(changed(plan, step("/units/increment", increment, "replace")), on)
    met = prove(solved(plan)).meetings
    assert [one for one in met if "rack" in one.first + one.second and "divider" not in one.first + one.second] == []


def test_a_hinge_that_is_pushed_elsewhere_takes_its_notch_along() -> None:
    plan = hinged(cased())
    one = next(iter(plan.obstructions))
    moved = changed(plan, step(f"/obstructions/{one}/from_floor", "8 in", "replace"))
    first = by_role(moved)["rack_side_left"].cuts[0]
    assert first.stood["at"] == mm("7 15/16")
    assert not by_role(changed(cased(), step("/name", "Without", "replace")))["rack_side_left"].cuts


def test_what_holds_it_together_is_counted() -> None:
    bought = {one.what.partition(",")[0]: one for one in hardware_of(solved(cased()))}
    assert "1 in" in bought["Brad for the strips of the rack"].what
    assert bought["Pocket screw for the rack's case"].count > 0
    assert bought["Screw for the rack's top"].count > 0


@pytest.mark.parametrize(("choices", "size", "code"), [
    ({}, ("1 3/8", "21 7/8", "22"), "no-inside-width"), ({}, ("14 5/8", "1 1/2", "22"), "no-height-for-rack"),
    ({}, ("14 5/8", "21 7/8", "5/8"), "no-inside-depth"), ({"rack_lip": "1 1/4 in"}, ("14 5/8", "21 7/8", "22"), "rack-divider-falls"),
])  # fmt: skip
def test_what_does_not_go_is_said(choices: dict[str, str], size: tuple[str, str, str], code: str) -> None:
    """A lip of 1 1/4 leaves dividers of 19 3/8: 3/32 short of the upper strips."""
    plan = cased(*size, **choices)
    assert code in codes(plan, "stop") | {q.refusal.code for q in solved(plan).solved.quantities.values() if q.refusal}


def test_strips_above_mirror_those_below_in_the_case_too() -> None:
    pieces = by_role(cased())
    for role in HIGH[:6]:
        low, high = pieces[role.replace("high", "low")].stand, pieces[role].stand
        assert low is not None
        assert high is not None
        assert (low.across, low.back) == (high.across, high.back)
