"""A post that slides between rails under a plate: worked downward from the top, pans from the front."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, mm, solved, space_of, split, step, value, with_choices
from vasculum.drawing.opening import elevation
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.marking_out import marked_out
from vasculum.solid.proof import prove

PANS = {
    "pans_left": "300 mm; 240 mm", "pans_right": "200 mm; 160 mm; 140 mm", "longest_pan": "520 mm", "highest_pan": "110 mm",
    "hung_from_thickness": "18 mm", "wanted_hanging_plate": "170 mm", "hanging_sheet": "sheet-7",
}  # fmt: skip


def hung(width: str = "748", height: str = "715", depth: str = "555", **choices: str) -> Plan:
    """A cabinet with one hanging post; plate of 18, runners 45 high and 12.7 thick."""
    plan = new_plan("Pans", "frameless", "mm", width, height, depth)
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "hanging", "replace"))
    return with_choices(plan, **choices)


def test_a_post_for_pans_as_it_was_worked_by_hand() -> None:
    """2 x 38 + 2 x 12.7 + 38 = 139.4 across; rails 18 to 81 below the top, runners from 36, post to 176, hooks at 146."""
    done = solved(hung(**PANS))
    assert value(done, "hanging_across") == mm("139.4 mm")
    assert value(done, "runner_length") == 550
    below = {
        one.role: tuple(float(715 - up) for up in (one.stand.up + one.size[1], one.stand.up))
        for one in pieces_of(done)
        if one.stand is not None and one.size is not None and one.stand.width == "up"
    }
    assert below["hanging_rail_left"] == below["hanging_rail_right"] == (18, 81)
    assert below["hanging_post"] == (36, 176)
    assert value(done, "hooks_below") == 146
    assert value(done, "hanging_line_below") == mm("58.5 mm")
    assert value(done, "free_below_pans") == 715 - 146 - 520
    across = {one.role: one.stand.across for one in pieces_of(done) if one.stand is not None}
    assert across["hanging_plate"] == 289
    assert (across["hanging_rail_left"], across["hanging_rail_right"]) == (mm("304.3 mm"), mm("405.7 mm"))
    assert across["hanging_post"] == 355


def test_hooks_stand_under_the_middles_of_their_pans() -> None:
    """Behind the front edge by 3 more: left 153 and 433, right 103, 293 and 453; 0 and 30 of the post are left over."""
    done = solved(hung(**PANS))
    back = value(done, "hanging_set_back")
    hooks = [[one + back for one in value(done, name)] for name in ("hooks_left", "hooks_right")]  # type: ignore[attr-defined]
    assert hooks == [[153, 433], [103, 293, 453]]
    assert (value(done, "post_left_over_left"), value(done, "post_left_over_right")) == (0, 30)
    bought = {one.what.partition(",")[0]: one for one in hardware_of(done)}
    assert bought["Hook"].count == 5
    assert bought["Side-mount ball-bearing runner"].count == 1
    assert "30 mm" in bought["Screw up into the top"].what
    assert bought["Screw up into the top"].through.endswith("bites 12 mm")


def test_it_slides_out_and_meets_nothing() -> None:
    assert prove(solved(hung(**PANS))).meetings == ()
    assert not codes(hung(**PANS), "stop", "attention")


@pytest.mark.parametrize(("choices", "code", "severity"), [
    ({"hanging_rail_height": "38 mm"}, "runner-over-its-rail", "stop"), ({"hanging_post_height": "70 mm"}, "hooks-behind-runners", "stop"),
    ({"pans_left": "300 mm; 240 mm; 270 mm"}, "pans-past-the-post", "stop"), ({"longest_pan": "600 mm"}, "pans-stand-on-the-floor", "stop"),
    ({"highest_pan": "340 mm"}, "pans-meet-the-wall", "stop"), ({"wanted_hanging_plate": "760 mm"}, "hanging-too-wide", "stop"),
    ({"hanging_post_height": "700 mm"}, "post-reaches-the-floor", "stop"),
    ({"pans_left": "200 mm", "pans_right": "210 mm"}, "hooks-meet", "stop"),
])  # fmt: skip
def test_what_goes_wrong_is_said(choices: dict[str, str], code: str, severity: str) -> None:
    assert code in codes(hung(**{**PANS, **choices}), severity)


def test_the_top_is_asked_for_until_it_was_measured() -> None:
    assert "top-over-post-unmeasured" in codes(hung(), "note")
    assert "top-over-post-unmeasured" not in codes(hung(**PANS))
    assert "no-runner-short-enough" in codes(hung(depth="150"), "stop")


@pytest.mark.parametrize("increment", ["1 mm", "1/4 in"])
@pytest.mark.parametrize(
    "choices", [{}, {"hanging_rail_thickness": "18 mm"}, {"wanted_hanging_from_left": "5 mm"}, PANS]
)
@pytest.mark.parametrize("beside", ["drawer", "shelf", "rack", "blocked"])
def test_beside_anything_it_hangs_free(increment: str, choices: dict[str, str], beside: str) -> None:
    plan = new_plan("Beside", "frameless", "mm", "748", "715", "555")
    plan, _ = split(plan, drawer_of(plan), "columns", {"holds": "hanging"}, {"holds": beside})
    plan = changed(with_choices(plan, **choices), step("/units/increment", increment, "replace"))
    assert prove(solved(plan)).meetings == ()


def test_past_something_under_the_top_it_hangs_lower() -> None:
    plan = act(hung(), "obstruct", name="Rail", what="other", space=space_of(hung()), on="top", projection="32 mm")
    done = solved(plan)
    assert value(done, "hanging_from_floor") < 715 - 32
    assert prove(done).meetings == ()


def test_it_is_drawn_and_marked() -> None:
    done = solved(hung(**PANS))
    cell = cells_of(done.plan, space_of(done.plan))[0].id
    assert any(cell in one.key for one in elevation(done, space_of(done.plan)).primitives)
    (post,) = (one for one in pieces_of(done) if one.role == "hanging_post")
    assert [cut.rule.face for cut in post.cuts] == ["inside", "outside"]
    assert marked_out(done) is not None


def test_inches_too() -> None:
    plan = new_plan("Inches", "frameless", "in", "30", "28", "22 1/2")
    plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "hanging", "replace"))
    done = solved(with_choices(plan, pans_left="12 in; 9 in"))
    assert value(done, "runner_length") == mm("22")
    assert value(done, "hooks_left") == (mm("6"), mm("16 7/8"))
    assert prove(done).meetings == ()
