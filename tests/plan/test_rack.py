"""An upright rack: strips above mirror those below, dividers go in over the lip and stay in the upper strips."""

from __future__ import annotations

from itertools import pairwise

import pytest

from tests.helpers import (
    act,
    changed,
    codes,
    drawer_of,
    frameless,
    mm,
    solved,
    space_of,
    split,
    step,
    value,
    with_choices,
)
from vasculum.core.rules.organizers.rack import DIVIDERS, HIGH, LOW
from vasculum.drawing.above import above
from vasculum.drawing.opening import elevation
from vasculum.drawing.primitives import CAPITAL, Text
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.stored import stored_in
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove


def racked(width: str = "13 3/16", height: str = "20 7/32", depth: str = "21 1/4", **choices: str) -> Plan:
    """Strips of 3/4, dividers that measure 7/32; the increment 1/32."""
    plan = frameless(width, height, depth)
    plan = changed(
        plan,
        step("/units/increment", "1/32 in", "replace"),
        step(f"/places/{drawer_of(plan)}/holds", "rack", "replace"),
    )
    sheets = {plan.choices["bottom_sheet"]: "7/32 in", plan.choices["side_sheet"]: "3/4 in"}
    plan = changed(plan, *(step(f"/library/sheets/{id_}/measured", size) for id_, size in sheets.items()))
    return with_choices(plan, **choices)


WIDE = {"wanted_rack_first": "2 1/2 in", "rack_lip": "13/32 in"}


def test_a_rack_for_trays_as_it_was_worked_by_hand() -> None:
    """Slot 7/32 + 1/16, pitch 1 1/2 more; a first strip of 2 1/2 and six slots fill 13 3/16. Lip 13/32 over the plate."""
    done = solved(racked(**WIDE))
    assert value(done, "rack_slot") == mm("9/32")
    assert value(done, "rack_pitch") == mm("1 25/32")
    assert value(done, "rack_slots") == 6
    assert value(done, "rack_divider_height") == mm("19 3/4")
    assert value(done, "rack_engagement") == mm("9/32")
    edges = [at - value(done, "rack_slot") / 2 for at in value(done, "rack_middles")]
    assert edges == [mm(text) for text in ("2 1/2", "4 9/32", "6 1/16", "7 27/32", "9 5/8", "11 13/32")]


def test_its_pieces_mirror_each_other_and_nothing_meets() -> None:
    done = solved(racked(**WIDE))
    by_role = {one.role: one for one in pieces_of(done)}
    assert len([role for role in by_role if role.startswith("rack_")]) == 2 + 3 * 6
    for lower, upper in zip(LOW[:6], HIGH[:6], strict=True):
        assert by_role[lower].size == by_role[upper].size
        low, high = by_role[lower].stand, by_role[upper].stand
        assert low is not None
        assert high is not None
        assert (low.across, low.back) == (high.across, high.back)
    assert by_role[DIVIDERS[0]].size == (mm("21 1/4"), mm("19 3/4"), mm("7/32"))
    assert prove(done).meetings == ()
    (brads,) = (one for one in solution_of(done).hardware if "strips of the rack" in one.what)
    assert brads.count == value(done, "rack_brads") > 0


@pytest.mark.parametrize(
    ("lip", "severity"), [("13/32", None), ("1/2", "attention"), ("11/16", "stop"), ("1 1/4", "stop")]
)
def test_a_divider_that_does_not_stay_in_the_upper_strips_is_named(lip: str, severity: str | None) -> None:
    """3/4 less the lip and 1/16 stays: 9/32, 3/16, nothing, less than nothing."""
    plan = racked(rack_lip=f"{lip} in")
    known = [level for level in ("stop", "attention") if "rack-divider-falls" in codes(plan, level)]
    assert known == ([] if severity is None else [severity])


@pytest.mark.parametrize(("width", "code"), [("1 3/4", "no-room-for-rack"), ("60", "too-many-slots")])
def test_a_bay_too_narrow_or_too_wide_is_named(width: str, code: str) -> None:
    assert code in {one.refusal.code for one in solved(racked(width)).solved.quantities.values() if one.refusal}


def test_things_stand_between_the_dividers() -> None:
    plan = racked(**WIDE)
    for name, thick in (("Roasting tray", "1 5/8"), ("Baking sheets", "1 1/2"), ("Too thick", "2 5/8")):
        plan = act(plan, "add-thing", name=name, length="18", width=thick, height="14")
        plan = act(plan, "put-thing", thing=list(plan.things)[-1], place=drawer_of(plan))
    (stored,) = stored_in(solved(plan))
    names = {plan.things[one.name.partition("#")[0]].name for one in stored.floor.placed}
    assert names == {"Roasting tray", "Baking sheets"}
    assert [plan.things[left.thing].name for left in stored.left] == ["Too thick"]
    done = solved(plan)
    ends = [at for middle in value(done, "rack_middles") for at in (middle - mm("7/64"), middle + mm("7/64"))]
    for one in stored.floor.placed:
        assert not any(one.from_left < end < one.from_left + one.across for end in ends)


@pytest.mark.parametrize("increment", ["1/64 in", "1/8 in", "1 mm", "5 mm"])
@pytest.mark.parametrize("beside", ["drawer", "shelf", "rack", "bin"])
def test_a_rack_beside_another_place_goes_together(increment: str, beside: str) -> None:
    plan = with_choices(racked("36"), bin_width="8 in", bin_height="8 in", bin_depth="8 in")
    plan, _ = split(plan, drawer_of(plan), "columns", {"holds": "rack"}, {"holds": beside})
    done = solved(changed(plan, step("/units/increment", increment, "replace")))
    assert prove(done).meetings == ()
    strips = sorted(
        (one.stand.across, one.size[1]) for one in pieces_of(done)
        if one.role in LOW and one.stand is not None and one.size is not None
    )  # fmt: skip
    assert all(at + wide < after for (at, wide), (after, _) in pairwise(strips))


@pytest.mark.parametrize("on", ["left", "right", "back", "floor", "top"])
@pytest.mark.parametrize("unit", ["in", "mm"])
def test_a_rack_keeps_clear_of_what_is_in_the_way(on: str, unit: str) -> None:
    """Beside it, before it, over or under it: what stands in takes its room, and no piece reaches into it."""
    plan = racked("24") if unit == "in" else new_plan("M", "frameless", "mm", "612", "514", "540")
    if unit == "mm":
        plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "rack", "replace"))
    free, held = solved(plan), "2 in" if unit == "in" else "50 mm"
    plan = act(plan, "obstruct", name="Pipe", what="pipe", space=space_of(plan), on=on, projection=held)
    done = solved(plan)
    assert prove(done).meetings == ()
    assert [one for one in pieces_of(done) if one.role in LOW]
    grown = {"left": "rack_slots", "right": "rack_slots", "back": "rack_run_cut"}.get(on, "rack_height")
    assert value(done, grown) < value(free, grown)


def test_its_name_and_number_lie_on_no_line() -> None:
    """In the elevation under the upper strips, before the first divider; in the plan view in its first bay."""
    plan = racked("36", height="16")
    done, place = solved(plan), drawer_of(plan)
    bay = value(done, "rack_middles")[0] - value(done, "grid_thickness") / 2
    strip = value(done, "divider_thickness")
    for sheet in (elevation(done, space_of(plan)), above(done, space_of(plan), place, numbers_of(plan))):
        (label,) = (one for one in sheet.primitives if isinstance(one, Text) and one.role == "label")
        high = label.height * sheet.scale
        across = high * len(label.text) * 11 / 20
        left = label.at[0] - (0 if label.anchor == "start" else across / 2)
        assert left >= 0
        assert left + across <= bay
        if sheet.name == "elevation":
            assert strip < label.at[1]
            assert label.at[1] + high * CAPITAL < value(done, "rack_height") - strip
