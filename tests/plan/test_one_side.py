"""Narrow boxes that are carried on one side, by themselves and beside a hanging post: worked by hand, and in space."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, codes, drawer_of, mm, solved, split, step, with_choices, with_runner
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import findings_of
from vasculum.solid.proof import prove


def lids(divider: str = "none", middle: str = "hanging", **choices: str) -> tuple[Plan, list[str]]:
    """A cabinet of 748: lid boxes carried on both walls by carriers of 18, packed 12 and 6; between them a post."""
    plan = new_plan("Lids", "frameless", "mm", "748", "715", "555")
    columns = (
        {"holds": "tray", "size": {"by": "fixed", "length": "158.7 mm"}},
        {"holds": middle},
        {"holds": "tray", "size": {"by": "fixed", "length": "152.7 mm"}},
    )
    plan, ids = split(plan, drawer_of(plan), "columns", *columns, divider=divider)
    for id_, own in (
        (ids[0], {"carrier_packing": "12 mm"}),
        (ids[2], {"carrier_packing": "6 mm", "carried_on": "right"}),
    ):
        plan = act(plan, "carry", at=id_, system="one_side")
        said = {**own, "wanted_box_height": "140 mm"}
        plan = changed(plan, *(step(f"/places/{id_}/choices/{name}", text) for name, text in said.items()))
    of_all = {
        "front": "none",
        "joint": "butt_between",
        "bottom": "between",
        "side_sheet": "sheet-7",
        "bottom_sheet": "sheet-7",
    }
    return with_choices(plan, **{**of_all, "runner_play": "0 mm", "standing_wall": "16 mm", **choices}), ids


def test_lid_boxes_as_they_were_worked_by_hand() -> None:
    """Packing 30 and 24 with the carrier; boxes of 116 from 42.7 to 158.7 and 595.3 to 711.3; lines at 35 and 105."""
    plan, (left, _, right) = lids()
    done = solved(plan)
    for box, out, begins in ((left, 30, "42.7 mm"), (right, 24, "595.3 mm")):
        assert done.solved.value(box, "carrier_out") == out
        assert done.solved.value(box, "outside_width") == 116
        assert done.solved.value(box, "outside_depth") == 550
        assert done.solved.value(box, "inside_width") == 80
        assert done.solved.value(box, "box_from_left") == mm(begins)
        assert [done.solved.value(box, f"{which}_of_two") for which in ("lower", "upper")] == [35, 105]
    bought = [(one.what, one.through) for one in hardware_of(done) if "carrier" in one.what]
    assert bought == [
        ("Screw for the carrier, 40 mm", "through carrier 30 mm into the walls, bites 10 mm"),
        ("Screw for the carrier, 35 mm", "through carrier 24 mm into the walls, bites 11 mm"),
    ]
    sizes = {(one.place, one.role): one.size for one in pieces_of(done)}
    assert sizes[left, "carrier"] == sizes[right, "carrier"] == (550, 140, 18)
    assert sizes[left, "carrier_strip"] == (550, 140, 12)
    assert sizes[right, "carrier_strip"] == (550, 140, 6)


def test_no_board_stands_between_them_and_all_come_out() -> None:
    done = solved(lids()[0])
    assert not [one for one in pieces_of(done) if one.role == "divider"]
    assert "columns-want-boards" not in {one.code for one in findings_of(done)}
    assert not codes(done, "stop")
    assert prove(done).meetings == ()


def test_carried_on_the_inner_side_it_wants_a_board() -> None:
    plan, (left, *_) = lids()
    turned = changed(plan, step(f"/places/{left}/choices/carried_on", "right"))
    assert [one for one in pieces_of(solved(turned)) if one.role == "divider"]
    assert prove(solved(turned)).meetings == ()


def test_both_runners_stand_on_the_carrier_beside_the_box() -> None:
    plan, (left, _, right) = lids()
    bodies = {(one.place, one.role): one for one in made_of(solved(plan)).bodies}
    for box, begins in ((left, 30), (right, mm("711.3 mm"))):
        for which, line in (("lower", 35), ("upper", 105)):
            stand = bodies[box, f"member_{which}"].stand
            assert stand is not None
            assert stand.across == begins
            assert stand.up == 3 + line - mm("22.5 mm")


@pytest.mark.parametrize(("choices", "code", "severity"), [
    ({"wanted_box_height": "80 mm"}, "no-room-for-two-runners", "stop"),
    ({"contents_weight": "30 kg"}, "heavy-on-one-side", "attention"), ({"carrier_packing": "160 mm"}, "no-room-for-box", "stop"),
])  # fmt: skip
def test_what_goes_wrong_is_said(choices: dict[str, str], code: str, severity: str) -> None:
    plan, (left, *_) = lids()
    worse = changed(plan, *(step(f"/places/{left}/choices/{name}", text) for name, text in choices.items()))
    assert code in codes(worse, severity)
    assert code not in codes(plan)


@pytest.mark.parametrize("hand", ["left", "right"])
@pytest.mark.parametrize("bottom", ["grooved", "planted", "between"])
@pytest.mark.parametrize("front", ["none", "inset", "overlay"])
@pytest.mark.parametrize("unit", ["in", "mm"])
def test_alone_in_an_opening_it_goes_together(hand: str, bottom: str, front: str, unit: str) -> None:
    size = ("7", "12", "22") if unit == "in" else ("170", "300", "560")
    plan = new_plan("Alone", "frameless", "in" if unit == "in" else "mm", *size)
    plan = with_choices(with_runner(plan, "one_side"), carried_on=hand, bottom=bottom, front=front)
    done = solved(plan)
    assert prove(done).meetings == ()
    side = next(one for one in pieces_of(done) if one.role == f"side_{hand}")
    assert sum(cut.rule.what == "line" for cut in side.cuts) == 2
