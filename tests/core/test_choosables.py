"""Whatever number a person chooses, nothing included, the plan is worked out or refused in words: it never breaks."""

from __future__ import annotations

import pytest

from tests.helpers import changed, codes, frameless, solved, space_of, step, with_choices, with_runner
from vasculum.core.tables import Choosable, choosables
from vasculum.drawing.opening import opening_sheets
from vasculum.drawing.part import part_sheet
from vasculum.plan.document import Plan
from vasculum.plan.document.choices import NUMBERS
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import solution_of

KNOWN = [one for one in choosables().values() if one.kind in NUMBERS]
NOTHING = {"length": "0 mm", "count": "0", "weight": "0 kg", "ratio": "0"}
MUCH = {"length": "99999 mm", "count": "9999", "weight": "9999 kg", "ratio": "99"}
SOME = {"length": "300 mm", "count": "4", "weight": "30 kg", "ratio": "0.5"}
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


PLANS = [
    asked_everything("wooden", joint="half_blind", back_joint="dado_tongue"),
    asked_everything("undermount", joint="sliding_dovetail", back_joint="dado", bottom="in_rabbet", front="overlay"),
    asked_everything("side_mount", joint="finger", back_joint="through_dovetail", bottom="slid_in"),
]


def test_a_plan_in_which_everything_was_said_is_worked_out() -> None:
    for plan in PLANS:
        assert solution_of(solved(plan)).parts


@pytest.mark.parametrize("worth", [NOTHING, MUCH], ids=["nothing", "much"])
@pytest.mark.parametrize("one", KNOWN, ids=lambda one: one.name)
def test_no_number_breaks_the_plan(one: Choosable, worth: dict[str, str]) -> None:
    for plan in PLANS:
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
