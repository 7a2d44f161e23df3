"""Whatever number a person chooses, nothing included, the plan is worked out or refused in words: it never breaks."""

from __future__ import annotations

import pytest

from tests.helpers import (
    act,
    changed,
    codes,
    drawer_of,
    frameless,
    solved,
    space_of,
    split,
    step,
    with_choices,
    with_runner,
)
from vasculum.core.tables import Choosable, choosables
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.plan.document import Plan
from vasculum.plan.document.choices import NUMBERS
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.laying.asked import asked_at
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import solution_of

KNOWN = [one for one in choosables().values() if one.kind in NUMBERS]
NOTHING = {"length": "0 mm", "lengths": "0 mm", "count": "0", "weight": "0 kg", "ratio": "0"}
MUCH = {"length": "99999 mm", "lengths": "1 mm; 99999 mm", "count": "9999", "weight": "9999 kg", "ratio": "99"}
SOME = {"length": "300 mm", "lengths": "300 mm", "count": "4", "weight": "30 kg", "ratio": "0.5"}
OF_OTHER_ROADS = ("wanted_", "kept_runner", "old_box", "frame_lip")
"""What a person may want instead of what follows: each is tried on its own, not all at once."""


def asked_everything(system: str, **choices: str) -> Plan:
    """A plan in which everything was said, so that every rule that reads a choice is at work."""
    plan = with_runner(frameless("22 1/2", "9", "20", **choices), system)
    said = {
        one.name: SOME[one.kind]
        for one in KNOWN
        if one.inch is None and not one.name.startswith(OF_OTHER_ROADS)
    }  # fmt: skip
    plan = changed(plan, step(f"/spaces/{space_of(plan)}/what", "vehicle", "replace"))
    return with_choices(plan, **said)


def mixed() -> Plan:
    """Beside each other in a new case: a drawer, a bin, a shelf and a tray past something in the way, before a wavy wall."""
    plan = asked_everything(
        "side_mount", carcass="new", case_joint="housed", case_top="stretchers", case_back="in_rabbet"
    )
    plan, _ = split(
        plan,
        drawer_of(plan),
        "columns",
        {},
        {"holds": "bin"},
        {"holds": "shelf"},
        {"holds": "tray"},
        {"holds": "rack"},
        {"holds": "parts_tray"},
        {"holds": "hanging"},
    )
    plan = act(plan, "obstruct", name="Pipe", what="pipe", space=space_of(plan), on="left", projection="1")
    plan = act(plan, "scribe", space=space_of(plan), side="right")
    (strip,) = plan.scribes
    return act(act(plan, "station", scribe=strip, at="0", gap="1/2"), "station", scribe=strip, at="9", gap="3/4")


def shelved(**choices: str) -> Plan:
    """A shelf over an open bay in a new case, joined as is said."""
    plan = asked_everything("side_mount", carcass="new", **choices)
    return split(plan, drawer_of(plan), "rows", {"holds": "shelf"}, {"holds": "open"}, divider="board")[0]


PLANS = [
    asked_everything("wooden", joint="half_blind", back_joint="dado_tongue"),
    asked_everything("undermount", joint="sliding_dovetail", back_joint="dado", bottom="in_rabbet", front="overlay"),
    asked_everything("side_mount", joint="finger", back_joint="through_dovetail", bottom="slid_in"),
    asked_everything("hung", front="partial", pull="hand_hole"),
    asked_everything("posts", front="lipped", pull="top_edge", carcass="new", case_joint="knock_down"),
    asked_everything("batten", front="none", carcass="new"),
    asked_everything("side_mount", pull="flush", fitted="grid"),
    asked_everything("side_mount", fitted="slotted_sides"),
    asked_everything("side_mount", fitted="upper_tray"),
    asked_everything("side_mount", fitted="pockets", wanted_pockets="5 in", mat_sheet="sheet-9"),
    asked_everything("posts", posts_are="made", carcass="new"),
    asked_everything("roller", carcass="in_space", corner_held="pocket", bottom="planted", case_top="oversailing"),
    asked_everything(
        "roller",
        carcass="of_outside",
        wanted_outside_width="40 in",
        wanted_outside_height="30 in",
        wanted_outside_depth="24 in",
    ),
    mixed(),
    shelved(divider_held="angles", divider_joint="housed", fixed_to="studs"),
    shelved(divider_held="cleats", fixed_to="masonry", shelf_rests="pins"),
    shelved(divider_held="dowels", fixed_to="frame", top_held="angles", base_skirt="mitred"),
    asked_everything("one_side", carrier_packing="1/2 in"),
    asked_everything("risers", tray_kept="cleats", wanted_tray_travel="4 in"),
    asked_everything("side_mount", packing_made="boards", wanted_packing_left="1 1/4 in", rail_reach="walls"),
]


def asked_in(plan: Plan) -> set[str]:
    """The choices that something reads anywhere in a plan."""
    done = solved(plan)
    return {name for names in asked_at(done.plan, done.laid).values() for name in names}


ASKED = [asked_in(plan) for plan in PLANS]


def reading(name: str) -> list[Plan]:
    """Two of the plans in which a choice is asked; the last where it is read of the whole plan."""
    return [plan for plan, asked in zip(PLANS, ASKED, strict=True) if name in asked][-2:] or PLANS[-1:]


def test_nearly_every_choice_is_asked_in_one_of_the_plans() -> None:
    unasked = [one.name for one in KNOWN if not any(one.name in asked for asked in ASKED)]
    assert len(unasked) * 8 < len(KNOWN), unasked


def test_a_plan_in_which_everything_was_said_is_worked_out() -> None:
    for plan in PLANS:
        assert solution_of(solved(plan)).parts


@pytest.mark.parametrize("worth", [NOTHING, MUCH], ids=["nothing", "much"])
@pytest.mark.parametrize("one", KNOWN, ids=lambda one: one.name)
def test_no_number_breaks_the_plan(one: Choosable, worth: dict[str, str]) -> None:
    for plan in reading(one.name):
        try:
            after = with_choices(plan, **{one.name: worth[one.kind]})
        except FaultyPlan as refused:
            assert one.is_above_zero
            assert worth is NOTHING
            assert [fault.where for fault in refused.faults] == [f"/choices/{one.name}"]
            continue
        assert not (one.is_above_zero and worth is NOTHING)
        done = solved(after)
        solution = solution_of(done)
        assert opening_sheets(done)
        assert all(part_sheet(done, part).title for part in pieces_of(done))
        assert all("{" not in found.message + found.fix for found in solution.findings)


def test_a_deck_that_is_out_all_the_way_comes_off() -> None:
    deck = {"deck_length": "60 in", "deck_weight": "80 lb"}
    assert "deck-comes-off" in codes(frameless(**deck, deck_out="60 in"), "stop")
    assert "deck-comes-off" in codes(frameless(**deck, deck_out="70 in"), "stop")
    assert codes(frameless(**deck, deck_out="31 in"), "attention") == {"deck-tips"}
