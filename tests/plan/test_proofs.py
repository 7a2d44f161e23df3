"""What a search proved is kept with the plan, and said while the same parts are cut from the same sheet."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, solved, step, with_choices
from tests.plan.test_boards_in_hand import runners_of_wood
from tests.plan.test_own_parts import with_own
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.on_stock import stocks_of
from vasculum.plan.telling.sheets import RowShown, rows_shown
from vasculum.proposing.sheets import LayoutsFound, better_layouts, nothing_yet

PATIENCE = 60
SEVERAL = {"length": "18 in", "price": "2"}, {"length": "40 in", "price": "3"}


def of_board(plan: Plan) -> RowShown:
    return next(one for one in rows_shown(solved(plan)) if one.noun == "board")


def in_lengths() -> Plan:
    """Two runners of 17, each all across: out of one board of 40 for 3, or two of 18 for 4."""
    plan = runners_of_wood(thickness="1 in")
    row = of_board(plan).row
    for sold in SEVERAL:
        plan = act(plan, "add-panel-size", sheet=row, **sold)
    return plan


def two_of_18() -> Plan:
    plan = in_lengths()
    one = next(one for one in stocks_of(solved(plan)) if one.noun == "board")
    return act(plan, "move-part", row=one.row, aim="sheets", part=one.parts[0].name, sheet=2)


def found_for(plan: Plan) -> LayoutsFound:
    told = [nothing_yet()]
    better_layouts(solved(plan), PATIENCE, told.append)
    return told[-1]


def test_a_cheaper_mix_is_found_proved_kept_and_said_again_from_the_file() -> None:
    plan = two_of_18()
    assert of_board(plan).says.startswith("2 boards of 18; a cheaper mix may be possible")
    assert of_board(plan).could_be_fewer
    (found,) = found_for(plan).rows
    assert found.says == "1 board of 40; no cheaper mix will do: proved"
    kept = read_plan(write_plan(patched(plan, found.patch)).encode())
    assert of_board(kept).says == found.says
    assert not of_board(kept).could_be_fewer
    assert found_for(kept).rows == []


def test_a_proof_is_said_only_while_it_is_of_the_same() -> None:
    plan = two_of_18()
    (found,) = found_for(plan).rows
    row = of_board(plan).row
    proved = patched(plan, [one for one in found.patch if one.path == f"/proved/{row}"])
    dear = changed(proved, step(f"/proved/{row}/least", "4", "replace"))
    assert of_board(dear).says == "2 boards of 18; no cheaper mix will do: proved"
    for other in (
        with_choices(dear, blade_kerf="1/16 in"),
        with_choices(dear, play_above="1/2 in", cut_oversize="1/16 in"),
        changed(dear, step(f"/library/boards/{row}/price", "7")),
        act(dear, "add-panel-size", sheet=row, length="20", price="2"),
    ):
        assert "proved" not in of_board(other).says
    assert "proved" not in of_board(proved).says  # 4 is more than the 3 that are the least


def test_a_proof_is_not_said_beside_what_was_sawn_and_belongs_to_nothing_any_more() -> None:
    """Proved, then a part of one's own more, sawn with the others, and taken out: the parts are those of the proof."""
    plan = two_of_18()
    (found,) = found_for(plan).rows
    proved, row = patched(plan, found.patch), of_board(plan).row
    more, own = with_own(proved, "own_parts", "Ledge", length="10 in", width="1 1/2 in", stock=row)
    sawn = act(more, "saw-sheet", row=row, aim="kept", sheet=len(of_board(more).ways[-1].first_cuts), is_sawn=True)
    gone = act(sawn, "take-own-out", own=own)
    assert "no cheaper mix" in of_board(proved).says
    assert "proved" not in of_board(gone).says
    assert [note for note in of_board(gone).notes if "belongs to nothing" in note]


@pytest.mark.parametrize("proof", [{"least": "1.5", "of": "0" * 32}, {"least": "2", "of": "here"}, {"least": "2"}])
def test_a_damaged_proof_is_refused(proof: dict[str, str]) -> None:
    with pytest.raises(FaultyPlan):
        changed(runners_of_wood(), step("/proved", {of_board(runners_of_wood()).row: proof}))
