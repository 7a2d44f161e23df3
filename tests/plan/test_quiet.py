"""What is as it should be is not complained of: a finding is worth reading."""

from __future__ import annotations

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    solved,
    split,
    step,
    with_runner,
)
from vasculum.plan.document import Setting
from vasculum.plan.document.settings import SETTINGS
from vasculum.plan.document.starting import new_plan
from vasculum.plan.telling.solution import findings_of
from vasculum.solid.proof import prove

FRESH = [
    (one.what, kind, unit, sizes)
    for one in SETTINGS
    for kind in (("framed", "frameless") if one.may_be_framed else ("frameless",))
    for unit, sizes in (
        ("in", ("22 1/2", "9", "20")), ("in", ("24", "20", "20")), ("mm", ("600", "220", "500")), ("mm", ("564", "450", "560")),
    )
]  # fmt: skip
"""Openings as they are met: a drawer's, and a cupboard's."""


@pytest.mark.parametrize(("what", "kind", "unit", "sizes"), FRESH)
def test_a_fresh_plan_says_no_more_than_that_its_sizes_were_taken_once(
    what: Setting, kind: str, unit: str, sizes: tuple[str, str, str]
) -> None:
    plan = solved(new_plan("Fresh", kind, unit, *sizes, what=what))  # type: ignore[arg-type]
    said = {one.code for one in findings_of(plan, prove(plan))}
    taken_once = {f"{size}-taken-once" for size in ("width", "height", "depth")}
    assert said == (set() if what == "unit" else taken_once)


def test_play_that_was_chosen_is_not_too_much() -> None:
    assert "box-too-loose" not in codes(frameless("22 1/2", "9", "20", runner_play="1/4 in"))
    coarse = changed(
        frameless("22 1/2", "9", "20", joint="rabbet_in_ends"), step("/units/increment", "1 in", "replace")
    )
    assert "box-too-loose" in codes(coarse)


def test_advice_fits_what_carries_the_box() -> None:
    coarse = changed(
        frameless("22 1/2", "9", "20", joint="rabbet_in_ends"), step("/units/increment", "1 in", "replace")
    )
    for system, is_shimmed in (("side_mount", True), ("friction", False), ("wooden", False)):
        fixes = [one.fix for one in findings_of(solved(with_runner(coarse, system))) if one.code == "box-too-loose"]
        assert fixes
        assert all(("Shim" in fix) == is_shimmed for fix in fixes)


def test_a_box_as_deep_as_its_measured_runner_is_not_short() -> None:
    kept = {"kept_runner_length": "17 3/8 in", "wanted_runner_length": "18 in"}
    assert "box-shorter-than-runner" not in codes(frameless("22 1/2", "9", "20", wanted_box_depth="17 3/8 in", **kept))
    assert "box-shorter-than-runner" in codes(frameless("22 1/2", "9", "20", wanted_box_depth="17 in", **kept))


def test_drawers_do_not_open_in_a_cubby() -> None:
    plan = new_plan("Cubby", "frameless", "in", "24", "40", "18", "unit")
    assert "fix-to-the-wall" in codes(plan)
    for holds in ("open", "shelf"):
        assert "fix-to-the-wall" not in codes(changed(plan, step(f"/places/{drawer_of(plan)}/holds", holds, "replace")))


@pytest.mark.parametrize(("unit", "force"), [("in", "lbf"), ("mm", " N")])
def test_forces_and_weights_are_in_the_units_of_the_plan(unit: str, force: str) -> None:
    sizes = ("30", "9", "20") if unit == "in" else ("760", "220", "500")
    plan = new_plan("Heavy", "frameless", unit, *sizes)  # type: ignore[arg-type]
    plan = changed(with_runner(plan, "friction"), step("/choices/contents_weight", "40 kg"))
    (pulled,) = (one for one in findings_of(solved(plan)) if one.code == "hard-to-pull")
    assert force in pulled.message


def test_the_same_of_several_drawers_is_one_finding_with_its_places() -> None:
    plan = framed("36", "9", "20", runner_screw_length="3/4 in")
    plan, columns = split(plan, drawer_of(plan), "columns", {"name": "Left"}, {"name": "Right"})
    (said,) = (one for one in findings_of(solved(plan)) if one.code == "runner-screw-comes-through")
    assert said.places == columns
    assert said.place_name == "Left, Right"
    assert {key.split("/")[0] for key in said.keys} == set(columns)
