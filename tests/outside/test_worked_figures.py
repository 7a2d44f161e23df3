"""Hand-worked figures of the trade, each with where it comes from.

``common practice`` figures were worked on paper by practitioners and carry no published source; ``worked here`` were
worked by hand for this test from the rule's formula.
"""

from __future__ import annotations

from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import codes, framed, frameless, measured, mm, value, with_choices, with_readings
from vasculum.core.catalogue import the_catalogue

RULES = the_catalogue().rules

BY_RULE: list[tuple[str, str, dict[str, str], str, str]] = [
    # rule, kind, inputs, answer, provenance
    ("box_width", "runner.side_mount", {"cell_width": "22 1/2", "runner_side_clearance": "1/2", "runner_play": "0"}, "21 1/2", "common practice"),
    ("box_width", "runner.side_mount", {"cell_width": "22 1/2", "runner_side_clearance": "3/4", "runner_play": "1/16"}, "20 15/16", "worked here"),
    ("box_width", "runner.side_mount", {"cell_width": "600 mm", "runner_side_clearance": "12.7 mm", "runner_play": "0"}, "574.6 mm", "worked here"),
    ("front_back_length", "joint.butt_between", {"box_width": "21 1/2", "side_thickness": "1/2"}, "20 1/2", "common practice"),
    ("front_back_length", "joint.butt_between", {"box_width": "21 1/2", "side_thickness": "15/32"}, "20 9/16", "worked here"),
    ("front_back_length", "joint.rabbet_in_ends", {"box_width": "21 1/2"}, "21 1/2", "common practice"),
    ("side_length", "joint.butt_between", {"box_depth": "21 7/8"}, "21 7/8", "common practice"),
    ("side_length", "joint.rabbet_in_ends", {"box_depth": "21 7/8", "box_front_thickness": "1/2", "box_back_thickness": "1/2", "rabbet_depth_front": "1/4", "rabbet_depth_back": "1/4"}, "21 3/8", "common practice"),
    ("side_length", "joint.rabbet_in_ends", {"box_depth": "21 7/8", "box_front_thickness": "15/32", "box_back_thickness": "15/32", "rabbet_depth_front": "15/64", "rabbet_depth_back": "15/64"}, "21 13/32", "common practice"),
    ("rabbet_depth_front", "joint.rabbet_in_ends", {"box_front_thickness": "15/32", "thickness_increment": "1/64"}, "15/64", "common practice"),
    ("rabbet_depth_back", "joint.rabbet_in_ends", {"box_back_thickness": "1/2", "thickness_increment": "1/64"}, "1/4", "common practice"),
    ("outside_width", "joint.butt_between", {"front_back_length_cut": "20 1/2", "side_thickness": "1/2"}, "21 1/2", "worked here"),
    ("outside_depth", "joint.rabbet_in_ends", {"side_length_cut": "21 3/8", "box_front_thickness": "1/2", "box_back_thickness": "1/2", "rabbet_depth_front": "1/4", "rabbet_depth_back": "1/4"}, "21 7/8", "worked here"),
    ("bottom_width", "bottom.grooved", {"inside_width": "20 1/2", "groove_depth_side": "1/4", "bottom_play": "1/16"}, "20 15/16", "common practice"),
    ("bottom_depth", "bottom.grooved", {"inside_depth": "12 1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/4", "bottom_play": "1/16"}, "12 11/16", "common practice"),
    ("bottom_width", "bottom.grooved", {"inside_width": "13 3/4", "groove_depth_side": "15/64", "bottom_play": "0"}, "14 7/32", "common practice"),
    ("groove_depth_side", "bottom.grooved", {"side_thickness": "3/4", "most_groove_depth": "1/4", "thickness_increment": "1/64"}, "1/4", "common practice"),
    ("groove_depth_side", "bottom.grooved", {"side_thickness": "15/32", "most_groove_depth": "1/4", "thickness_increment": "1/64"}, "15/64", "common practice"),
    ("groove_depth_side", "bottom.grooved", {"side_thickness": "12 mm", "most_groove_depth": "6 mm", "thickness_increment": "0.1 mm"}, "6 mm", "worked here"),
    ("inside_height", "bottom.grooved", {"outside_height": "6", "bottom_raise": "3/8", "bottom_thickness": "1/4"}, "5 3/8", "worked here"),
    ("inside_height", "bottom.planted", {"wall_height_cut": "5 3/4"}, "5 3/4", "worked here"),
    ("wall_height", "bottom.planted", {"box_height": "6", "bottom_thickness": "1/4"}, "5 3/4", "common practice"),
    ("bottom_width", "bottom.planted", {"outside_width": "21 1/2"}, "21 1/2", "common practice"),
    ("front_width", "front.inset", {"face_width": "22 1/2", "gap": "1/8"}, "22 1/4", "common practice"),
    ("front_height", "front.inset", {"face_height": "241 mm", "gap_above": "3 mm", "gap_below": "3 mm"}, "235 mm", "worked here"),
    ("opening_by_front", "faced", {"front_width_cut": "15", "gap": "1/16"}, "15 1/8", "common practice"),
    ("opening_by_box", "faced", {"outside_width": "14 1/8", "runner_side_clearance": "1/2", "runner_play": "0", "face_width": "15 1/8", "cell_width": "15 1/8"}, "15 1/8", "common practice"),
    ("usable_depth", "runner.side_mount", {"cell_depth": "18", "set_back": "3/4"}, "17 1/4", "common practice"),
    ("runner_depth_spare", "runner.side_mount", {"usable_depth": "17 1/4", "runner_length": "16"}, "1 1/4", "common practice"),
    ("spacer_block", "runner.side_mount", {"runner_line": "4 5/8", "runner_height": "1 3/4"}, "3 3/4", "worked here"),
    ("box_runner_line", "runner.side_mount", {"runner_line_built": "4 5/8", "play_below": "1/8"}, "4 1/2", "worked here"),
    ("runner_screw_reach", "runner.side_mount", {"runner_screw_length": "3/4", "runner_metal": "0", "runner_shim": "1/4"}, "1/2", "common practice"),
    ("front_screw_bite", "faced", {"front_screw_reach": "1", "box_front_thickness": "1/2"}, "1/2", "worked here"),
    ("box_height", "drawer", {"room_height": "9 7/16", "play_above": "1/4", "play_below": "1/8"}, "9 1/16", "worked here"),
]  # fmt: skip


@pytest.mark.parametrize(("name", "kind", "inputs", "answer", "provenance"), BY_RULE)
def test_a_rule_gives_the_hand_worked_figure(
    name: str, kind: str, inputs: dict[str, str], answer: str, provenance: str
) -> None:
    assert RULES[name][kind].function(**{n: mm(text) for n, text in inputs.items()}) == mm(answer), provenance


def test_a_screw_through_a_thin_side() -> None:
    """3/4 screw, 1/4 shim, 15/32 stock, no metal: through by 1/32. Common practice."""
    cover = RULES["runner_screw_cover"]["runner.side_mount"].function
    assert cover(side_thickness=mm("15/32"), runner_screw_reach=mm("1/2")) == -mm("1/32")


@pytest.mark.parametrize(
    ("depth", "inset", "runner"),
    [
        ("14", "3/4", "12"),  # common practice: 14 would need 14 3/4
        ("14 3/4", "3/4", "14"),  # common practice
        ("18", "3/4", "16"),  # common practice
        ("16 3/4", "3/4", "16"),  # worked here
        ("16 11/16", "3/4", "14"),  # worked here
        ("28 3/4", "3/4", "28"),  # worked here
        ("40", "3/4", "28"),  # worked here: the longest there is
    ],
)
def test_the_longest_stock_runner_behind_an_inset_front(depth: str, inset: str, runner: str) -> None:
    plan = measured(frameless(depth=depth), front_sheet=f"{inset} in")
    assert value(plan, "runner_length") == mm(runner)


def test_a_taper_is_packed_out_at_the_front_only() -> None:
    """24 at the front, 23 1/2 at the back, 1/2 a side: 1/4 strips at the front only, 22 1/2 at both ends. Common practice."""
    plan = with_readings(
        frameless(width="24"), "case", {"of": "width", "value": "23 1/2 in", "along": "back", "level": "middle"}
    )
    from tests.helpers import solved

    done = solved(plan)
    front, back = (i for i in plan.reading_order if plan.readings[i].of == "width")
    assert done.solved.value(front, "packing_left_here") == mm("1/4")
    assert done.solved.value(front, "packing_right_here") == mm("1/4")
    assert done.solved.value(back, "packing_left_here") == 0
    assert value(done, "box_width") == mm("22 1/2")
    assert done.solved.value(plan.readings[front].survey, "width_taper") == mm("1/2")


@pytest.mark.parametrize(
    ("width", "rising_right", "rising_left", "lean"),
    [
        # worked here: 15² + 175 = 20², 9² + 175 = 16²
        ("12", "20", "16", "3"),
        ("12", "16", "20", "-3"),
        ("12", "20", "20", "0"),
    ],
)
def test_lean_by_diagonals(width: str, rising_right: str, rising_left: str, lean: str) -> None:
    answer = RULES["lean"]["survey.diagonals"].function((mm(rising_right),), (mm(rising_left),), mm(width))
    assert answer == Fraction(lean) * mm("1")


def test_packing_behind_a_face_frame_is_the_lip_and_a_sixteenth() -> None:
    """Opening 22 1/2, inside 24: lips of 3/4, packing 13/16 a side, 22 3/8 clear. Worked here from the usual 1/16."""
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    assert value(plan, "packing_left") == value(plan, "packing_right") == mm("13/16")
    assert value(plan, "clear_width") == mm("22 3/8")


@pytest.mark.parametrize(
    ("choices", "left", "right", "clear"),
    [
        # worked here; opening 22 1/2, inside 24
        ({"frame_lip_left": "1 in"}, "1 1/16", "9/16", "22 3/8"),
        ({"frame_lip_right": "1 in"}, "9/16", "1 1/16", "22 3/8"),
        ({"frame_lip_left": "1/2 in", "frame_lip_right": "1 in"}, "9/16", "1 1/16", "22 3/8"),
        ({"wanted_packing_left": "3/4 in", "wanted_packing_right": "3/4 in"}, "3/4", "3/4", "22 1/2"),
        ({"lip_clearance": "0 in"}, "3/4", "3/4", "22 1/2"),
        ({"frame_lip_left": "0 in"}, "0", "1 9/16", "22 7/16"),
    ],
)
def test_lips_are_measured_and_a_chosen_thickness_is_final(
    choices: dict[str, str], left: str, right: str, clear: str
) -> None:
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    plan = with_choices(plan, **choices)
    assert (value(plan, "packing_left"), value(plan, "packing_right")) == (mm(left), mm(right))
    assert value(plan, "clear_width") == mm(clear)


def test_the_front_stands_out_beside_the_box_by_runner_less_gap() -> None:
    """Runner 1/2, gap 1/8, play 0: 3/8 a side. Common practice."""
    plan = frameless()
    assert value(plan, "runner_play_built") == 0
    assert value(plan, "front_overhang") == mm("3/8")


WHOLE: list[tuple[str, Any, dict[str, str]]] = [
    # a whole drawer, worked by hand here from the figures above
    (
        "butt, grooved, nominal stock",
        lambda: frameless("22 1/2", "9 7/16", "18"),
        {
            "box_width": "21 1/2", "front_back_length_cut": "20 1/2", "side_length_cut": "16", "wall_height_cut": "9 1/16",
            "inside_width": "20 1/2", "inside_depth": "15", "bottom_width_cut": "20 15/16", "bottom_depth_cut": "15 7/16",
            "front_width_cut": "22 1/4", "front_height_cut": "9 3/16", "runner_length": "16", "inside_height": "8 7/16",
        },
    ),
    (
        "butt, grooved, measured 15/32 sides and 7/32 bottom",
        lambda: measured(frameless("22 1/2", "9 7/16", "18"), side_sheet="15/32 in", bottom_sheet="7/32 in"),
        {
            "front_back_length": "20 9/16", "outside_width": "21 1/2", "inside_depth": "15 1/16", "groove_depth_side": "15/64",
            "bottom_width": "20 31/32", "bottom_width_cut": "20 15/16", "bottom_play_across": "3/32",
            "groove_width": "7/32", "inside_height": "8 15/32",
        },
    ),
    (
        "rabbets in the ends, planted bottom",
        lambda: frameless("22 1/2", "9 7/16", "18", joint="rabbet_in_ends", bottom="planted"),
        {
            "front_back_length_cut": "21 1/2", "side_length_cut": "15 1/2", "outside_depth": "16", "inside_width": "20 1/2",
            "wall_height_cut": "8 13/16", "outside_height": "9 1/16", "bottom_width_cut": "21 1/2", "bottom_depth_cut": "16",
            "inside_height": "8 13/16", "runner_line_on_wall": "4 1/4",
        },
    ),
    (
        "a chosen runner line, lower than the middle",
        lambda: frameless("22 1/2", "9 7/16", "18", wanted_runner_line="2 in"),
        {"spacer_block_cut": "1 1/8", "runner_line_built": "2", "box_runner_line": "1 7/8"},
    ),
    (
        "chosen box height and depth",
        lambda: frameless("22 1/2", "9 7/16", "20", wanted_box_height="6 in", wanted_box_depth="17 1/2 in"),
        {"wall_height_cut": "6", "side_length_cut": "17 1/2", "runner_length": "18", "play_above_built": "3 5/16"},
    ),
]  # fmt: skip


@pytest.mark.parametrize(("title", "make", "sizes"), WHOLE, ids=[w[0] for w in WHOLE])
def test_a_whole_drawer_by_hand(title: str, make: Any, sizes: dict[str, str]) -> None:
    plan = make()
    assert {name: value(plan, name) for name in sizes} == {name: mm(text) for name, text in sizes.items()}
    assert not codes(plan, "stop")


def test_a_metric_drawer_by_hand() -> None:
    """600 wide, 180 high, 510 deep, 12 mm sides, 18 mm front, 6 mm bottom; cut to 0.5 mm. Worked here."""
    from vasculum.plan.starting import new_plan

    plan = new_plan("Metric", "frameless", "mm", "600", "180", "510")
    sizes = {
        "box_width": "574.6 mm", "front_back_length": "550.6 mm", "front_back_length_cut": "550.5 mm",
        "outside_width": "574.5 mm", "runner_play_built": "0.1 mm", "usable_depth": "492 mm", "runner_length": "450 mm",
        "wall_height_cut": "171 mm", "bottom_width_cut": "561 mm", "bottom_depth_cut": "436.5 mm",
        "front_width_cut": "594 mm", "front_height_cut": "174 mm", "inside_height": "155 mm",
    }  # fmt: skip
    assert {name: value(plan, name) for name in sizes} == {name: mm(text) for name, text in sizes.items()}
