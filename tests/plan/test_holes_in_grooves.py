"""Screws and dowels keep off the groove for the back of a case. Common practice."""

from __future__ import annotations

import pytest

from tests.helpers import codes, frameless, mm, solved
from vasculum.plan.document import Plan
from vasculum.plan.making.holes_in_grooves import holes_in_grooves


def case(**choices: str) -> Plan:
    """A case 18 deep with its back 1/4 thick in a groove 1/2 before the back edge: 1/2 to 3/4 off it."""
    return frameless("30", "20", "18", carcass="new", case_back="grooved", **choices)


@pytest.mark.parametrize(("margin", "sixteenths"), [
    ("3/8 in", None), ("7/16 in", 1), ("1/2 in", 0), ("5/8 in", -2), ("3/4 in", 0), ("13/16 in", 1), ("7/8 in", None),
    ("2 in", None),
])  # fmt: skip
def test_screws_stay_an_eighth_off_the_groove(margin: str, sixteenths: int | None) -> None:
    """A margin is as far from the front edge as from the back; the groove is in both sides."""
    plan = case(case_hole_margin=margin)
    found = {(one.board.role, one.apart) for one in holes_in_grooves(solved(plan))}
    off = [] if sixteenths is None else [sixteenths * mm("1/16")]
    assert found == {(side, apart) for side in ("case_side_left", "case_side_right") for apart in off}
    assert ("hole-in-a-groove" in codes(plan, "attention")) == bool(off)


def test_dowels_keep_off_it_too() -> None:
    assert "hole-in-a-groove" in codes(case(case_joint="knock_down", dowel_margin="3/4 in"))
    assert "hole-in-a-groove" not in codes(case(case_joint="knock_down", dowel_margin="1 1/2 in"))


@pytest.mark.parametrize("back", ["planted", "between", "in_rabbet", "none"])
def test_a_case_without_a_groove_has_nothing_to_miss(back: str) -> None:
    plan = frameless("30", "20", "18", carcass="new", case_back=back, case_hole_margin="5/8 in")
    assert "hole-in-a-groove" not in codes(plan)
