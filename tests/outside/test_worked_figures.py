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
    ("box_width", "drawer when old_box_width", {"old_box_width": "20", "empty_runner_pad": "1/4"}, "19 1/2", "common practice: old = new + 2 pads"),
    ("box_height", "drawer when kept_runner_low, kept_runner_top", {"kept_runner_low": "2", "kept_runner_top": "11 1/2", "kept_runner_room": "1/4"}, "9 3/4", "common practice"),
    ("kept_runner_nominal", "drawer when kept_runner_length", {"kept_runner_length": "21 1/4", "nominal_step": "2"}, "22", "common practice: the next even inch up"),
    ("kept_runner_nominal", "drawer when kept_runner_length", {"kept_runner_length": "22", "nominal_step": "2"}, "22", "worked here"),
    ("height_left_open", "space when matched_height", {"matched_height": "36", "caster_height": "4", "base_height": "3", "top_thickness": "1 1/2"}, "27 1/2", "worked here"),
    ("toe_kick", "space when caster_height", {"caster_height": "3", "toe_kick_clearance": "1/8"}, "2 7/8", "common practice"),
    ("caster_inset", "space when caster_offset, caster_wheel", {"caster_offset": "1 1/4", "caster_wheel": "3"}, "2 3/4", "common practice"),
    ("margin_across", "space when mattress_length, mattress_width, platform_length, platform_width", {"platform_width": "62", "mattress_width": "60"}, "1", "worked here"),
    ("margin_along", "space when mattress_length, mattress_width, platform_length, platform_width", {"platform_length": "2010 mm", "mattress_length": "2000 mm"}, "5 mm", "worked here"),
    ("base_width", "space when mattress_length, mattress_width, platform_length, platform_width", {"platform_width": "62", "platform_overhang": "2"}, "58", "worked here"),
    ("base_length", "space when mattress_length, mattress_width, platform_length, platform_width", {"platform_length": "82", "platform_overhang": "2"}, "78", "worked here"),
    ("half_depth", "space when mattress_length, mattress_width, middle_support, platform_length, platform_width", {"base_width": "58", "middle_support": "3/4"}, "28 5/8", "worked here"),
    ("sleeping_height", "space when bed_box_height, mattress_thickness, slat_thickness, toe_height", {"toe_height": "3", "bed_box_height": "14", "slat_thickness": "3/4", "mattress_thickness": "8"}, "25 3/4", "worked here"),
    ("hinge_line", "space when lid_thickness", {"lid_thickness": "3/4"}, "3/4", "common practice: set back by the lid's thickness"),
    ("mat_width", "set.vehicle", {"opening_width": "1048 mm", "mat_trim": "5 mm"}, "1038 mm", "worked here"),
    ("mat_length", "set.vehicle", {"clear_depth": "1500 mm", "mat_trim": "5 mm"}, "1490 mm", "worked here"),
    ("deck_inside", "space when deck_length, deck_out", {"deck_length": "60", "deck_out": "40"}, "20", "worked here"),
    ("room_needed_ahead", "drawer when room_in_front", {"runner_length": "20", "standing_room": "24"}, "44", "worked here"),
    ("turning_up", "space when turning_room", {"turning_room": "36"}, "36", "worked here"),
    ("turning_along", "set.vehicle", {"clear_depth": "1500 mm"}, "1500 mm", "worked here"),
    ("beside_box", "runner.undermount", {"runner_side_clearance": "21 mm", "side_thickness": "15 mm"}, "6 mm", "from memory: clear - 42 + 2 ts"),
    ("beside_box", "clearing", {"runner_side_clearance": "3/4"}, "3/4", "common practice"),
    ("runner_length", "sliding", {"usable_depth": "17 1/4", "air_behind": "1/4", "increment": "1/16"}, "17", "worked here"),
    ("runner_groove_width", "runner.wooden", {"runner_height": "3/4", "runner_groove_play": "1/32"}, "25/32", "common practice: runner + 1/32"),
    ("runner_projects", "runner.wooden", {"beside_box": "1/16", "runner_groove_depth": "1/4", "runner_groove_play": "1/32"}, "9/32", "common practice: clearance + groove - 1/32"),
    ("runner_groove_depth", "runner.wooden", {"side_thickness": "1/2", "thickness_increment": "1/64"}, "1/4", "common practice: half the side"),
    ("runner_groove_from_edge", "runner.wooden", {"runner_line_on_wall": "3", "runner_groove_width": "1"}, "2 1/2", "worked here"),
    ("runner_seat", "seated", {"room_below_box": "14 mm"}, "14 mm", "worked here"),
    ("box_width", "drawer", {"free_width": "22 1/2", "beside_box": "1/2", "runner_shim": "0", "runner_play": "0"}, "21 1/2", "common practice"),
    ("box_width", "drawer", {"free_width": "22 1/2", "beside_box": "3/4", "runner_shim": "0", "runner_play": "1/16"}, "20 15/16", "worked here"),
    ("box_width", "drawer", {"free_width": "600 mm", "beside_box": "12.7 mm", "runner_shim": "0", "runner_play": "0"}, "574.6 mm", "worked here"),
    ("box_front_length", "joint.butt_between", {"box_width": "21 1/2", "side_thickness": "1/2"}, "20 1/2", "common practice"),
    ("box_front_length", "joint.butt_between", {"box_width": "21 1/2", "side_thickness": "15/32"}, "20 9/16", "worked here"),
    ("box_front_length", "joint.rabbet_in_ends", {"box_width": "21 1/2"}, "21 1/2", "common practice"),
    ("side_length", "drawer", {"box_depth": "21 7/8", "side_loss_front": "0", "side_loss_back": "0"}, "21 7/8", "common practice"),
    ("side_length", "drawer", {"box_depth": "21 7/8", "side_loss_front": "1/4", "side_loss_back": "1/4"}, "21 3/8", "common practice"),
    ("side_loss_front", "joint.rabbet_in_ends", {"box_front_thickness": "15/32", "rabbet_depth_front": "15/64"}, "15/64", "common practice"),
    ("side_length", "drawer", {"box_depth": "21 7/8", "side_loss_front": "15/64", "side_loss_back": "15/64"}, "21 13/32", "common practice"),
    ("rabbet_depth_front", "joint.rabbet_in_ends", {"box_front_thickness": "15/32", "thickness_increment": "1/64"}, "15/64", "common practice"),
    ("rabbet_depth_back", "back.rabbet_in_ends", {"box_back_thickness": "1/2", "thickness_increment": "1/64"}, "1/4", "common practice"),
    ("outside_width", "joint.butt_between", {"box_front_length_cut": "20 1/2", "side_thickness": "1/2"}, "21 1/2", "worked here"),
    ("outside_depth", "drawer", {"side_length_cut": "21 3/8", "side_loss_front": "1/4", "side_loss_back": "1/4"}, "21 7/8", "worked here"),
    ("box_front_length", "joint.butt_around", {"box_width": "21 1/2"}, "21 1/2", "common practice"),
    ("side_loss_front", "joint.butt_around", {"box_front_thickness": "1/2"}, "1/2", "common practice"),
    ("box_front_length", "joint.rabbet_in_sides", {"box_width": "21 1/2", "side_thickness": "1/2", "side_rabbet_front": "1/4"}, "21", "common practice: W - 2 (ts - r)"),
    ("box_back_length", "back.dado", {"outside_width": "21 1/2", "side_thickness": "15/32", "dado_depth_back": "15/64"}, "21 1/32", "worked here"),
    ("box_front_length", "joint.dado_tongue", {"box_width": "21 1/2", "side_thickness": "3/4", "dado_depth_front": "3/8"}, "20 3/4", "common practice"),
    ("dado_from_back", "back.dado_tongue", {"box_back_thickness": "1/2", "tongue_back": "1/4"}, "1/4", "common practice: a = tf - q"),
    ("box_front_length", "joint.finger", {"box_width": "400 mm"}, "400 mm", "common practice"),
    ("finger_width_front", "joint.finger", {"wall_height_cut": "4 3/8", "finger_count_front": "9 mm"}, "35/72 in", "worked here"),
    ("socket_depth_front", "joint.half_blind", {"box_front_thickness": "3/4", "socket_web": "1/8"}, "5/8", "worked here"),
    ("side_loss_front", "joint.half_blind", {"box_front_thickness": "3/4", "socket_depth_front": "5/8"}, "1/8", "common practice: tf - s"),
    ("box_front_length", "joint.sliding_dovetail", {"box_width": "20", "sliding_set_in": "3/8"}, "20 3/4", "common practice: Wo + 2 e"),
    ("outside_width", "joint.sliding_dovetail", {"box_front_length_cut": "20 3/4", "sliding_set_in": "3/8"}, "20", "worked here"),
    ("inside_depth", "drawer", {"outside_depth": "20", "front_wall": "1/2", "box_back_thickness": "1/2", "set_in_front": "1/2", "set_in_back": "1/2"}, "18", "common practice: D - 2 a - tf - tk"),
    ("tail_pitch_front", "tails_front", {"wall_height_cut": "6", "tail_count_front": "4 mm"}, "1 1/2", "worked here"),
    ("bottom_width", "in_grooves", {"inside_width": "20 1/2", "groove_depth_side": "1/4", "bottom_play": "1/16"}, "20 15/16", "common practice"),
    ("bottom_depth", "bottom.grooved", {"inside_depth": "12 1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/4", "bottom_play": "1/16"}, "12 11/16", "common practice"),
    ("bottom_width", "in_grooves", {"inside_width": "13 3/4", "groove_depth_side": "15/64", "bottom_play": "0"}, "14 7/32", "common practice"),
    ("groove_depth_side", "in_grooves", {"side_thickness": "3/4", "most_groove_depth": "1/4", "thickness_increment": "1/64"}, "1/4", "common practice"),
    ("groove_depth_side", "in_grooves", {"side_thickness": "15/32", "most_groove_depth": "1/4", "thickness_increment": "1/64"}, "15/64", "common practice"),
    ("groove_depth_side", "in_grooves", {"side_thickness": "12 mm", "most_groove_depth": "6 mm", "thickness_increment": "0.1 mm"}, "6 mm", "worked here"),
    ("inside_height", "in_grooves", {"outside_height": "6", "bottom_raise": "3/8", "bottom_thickness": "1/4"}, "5 3/8", "worked here"),
    ("inside_height", "bottom.planted", {"wall_height_cut": "5 3/4"}, "5 3/4", "worked here"),
    ("wall_height", "bottom.planted", {"box_height": "6", "bottom_thickness": "1/4"}, "5 3/4", "common practice"),
    ("bottom_width", "bottom.planted", {"outside_width": "21 1/2"}, "21 1/2", "common practice"),
    ("back_wall_height", "bottom.slid_in", {"wall_height_cut": "6", "bottom_raise": "3/8", "bottom_thickness": "1/4"}, "5 3/8", "common practice: H - u - tb"),
    ("bottom_depth", "bottom.slid_in", {"outside_depth": "20", "front_wall": "1/2", "groove_depth_front": "1/4", "bottom_play": "1/16"}, "19 23/32", "common practice: D - tf + g - play / 2"),
    ("bottom_width", "bottom.between", {"inside_width": "20 1/2"}, "20 1/2", "common practice: W - 2 ts"),
    ("bottom_width", "bottom.in_rabbet", {"inside_width": "20 1/2", "edge_rabbet_side": "1/4", "bottom_rabbet_play": "1/32"}, "20 31/32", "common practice: inside + 2 r - play"),
    ("bottom_depth", "bottom.in_rabbet", {"inside_depth": "400 mm", "edge_rabbet_front": "6 mm", "edge_rabbet_back": "5 mm", "bottom_rabbet_play": "1 mm"}, "410 mm", "worked here"),
    ("inside_height", "flush_bottom", {"outside_height": "6", "bottom_thickness": "1/4"}, "5 3/4", "worked here"),
    ("front_width", "front.inset", {"face_width": "22 1/2", "gap": "1/8"}, "22 1/4", "common practice"),
    ("front_height", "fronted", {"face_height": "241 mm", "gap_above": "3 mm", "gap_below": "3 mm"}, "235 mm", "worked here"),
    ("opening_by_front", "faced + front.inset", {"front_width_cut": "15", "gap": "1/16"}, "15 1/8", "common practice"),
    ("opening_by_box", "faced", {"outside_width": "14 1/8", "beside_box": "1/2", "runner_shim": "0", "runner_play": "0", "face_width": "15 1/8", "free_width": "15 1/8"}, "15 1/8", "common practice"),
    ("usable_depth", "drawer", {"free_depth": "18", "set_back": "3/4"}, "17 1/4", "common practice"),
    ("runner_depth_spare", "rolling", {"usable_depth": "17 1/4", "runner_length": "16"}, "1 1/4", "common practice"),
    ("spacer_block", "lined", {"runner_line": "4 5/8", "runner_height": "1 3/4"}, "3 3/4", "worked here"),
    ("box_runner_line", "lined", {"runner_line_built": "4 5/8", "room_below_box": "1/8"}, "4 1/2", "worked here"),
    ("runner_screw_reach", "screwed", {"runner_screw_length": "3/4", "runner_screw_washer": "0", "runner_metal": "0", "shim_beside": "1/4"}, "1/2", "common practice"),
    ("front_screw_bite", "faced + front_walled", {"front_screw_reach": "1", "box_front_thickness": "1/2", "before_box_front": "0"}, "1/2", "worked here"),
    ("box_height", "drawer", {"room_height": "9 7/16", "play_above": "1/4", "play_below": "1/8"}, "9 1/16", "worked here"),
]  # fmt: skip


@pytest.mark.parametrize(("name", "kind", "inputs", "answer", "provenance"), BY_RULE)
def test_a_rule_gives_the_hand_worked_figure(
    name: str, kind: str, inputs: dict[str, str], answer: str, provenance: str
) -> None:
    assert RULES[name][kind].function(**{n: mm(text) for n, text in inputs.items()}) == mm(answer), provenance


# kilograms, newtons and shares: worked here from volume x density, weight / 3, W (e - L/2) / (L - e), 0.8 W g / n
JUDGED: list[tuple[str, str, dict[str, Any], float]] = [
    ("pull_force", "sliding", {"carried_weight": 10.0, "sliding_friction": Fraction(2, 5)}, 39.2266),
    ("pull_force", "rolling", {"carried_weight": 10.0, "rolling_friction": Fraction(1, 50)}, 1.96133),
    ("front_weight", "fronted", {"front_width_cut": 500, "front_height_cut": 200, "front_thickness": 18, "front_density": 600}, 1.08),
    ("front_wall_weight", "front_walled", {"box_front_length_cut": 400, "front_wall_height_cut": 100, "box_front_thickness": 12, "box_front_density": 600}, 0.288),
    ("divider_weight", "divided.board", {"divider_length_cut": 1000, "divider_depth_cut": 500, "divider_thickness": 12, "divider_density": 700}, 4.2),
    (
        "box_weight", "drawer",
        {"side_length_cut": 500, "wall_height_cut": 100, "back_wall_height_cut": 100, "side_thickness": 12, "side_density": 600, "front_wall_weight": 0.288, "box_back_length_cut": 400,
         "box_back_thickness": 10, "box_back_density": 500, "bottom_weight": 0.72},
        0.72 + 0.288 + 0.2 + 0.72,
    ),
    ("bottom_weight", "box_bottomed", {"bottom_width_cut": 400, "bottom_depth_cut": 500, "bottom_thickness": 6, "bottom_density": 600}, 0.72),
    ("fitted_weight", "slotted", {"loose_dividers": 3, "loose_length_cut": 500, "loose_height": 100, "grid_thickness": 6, "grid_density": 600}, 0.54),
    ("carried_weight", "drawer", {"box_weight": 2.0, "front_weight": 1.0, "contents_weight": 7}, 10.0),
    ("carried_weight", "drawer", {"box_weight": 2.0}, 2.0),
    ("carried_weight", "drawer", {"box_weight": 2.0, "fitted_weight": 0.5}, 2.5),
    ("caster_load", "space when caster_rating, standing_weight", {"standing_weight": 120, "casters_carrying": 3}, 40),
    ("payload_share", "space when load_weight, payload", {"load_weight": 300, "payload": 400}, 0.75),
    ("anchor_force", "space when load_weight, tie_downs", {"load_weight": 100, "tie_downs": 4}, 196.133),
    ("keeper_force", "space when deck_length, deck_out, deck_weight", {"deck_length": 1500, "deck_out": 1000, "deck_inside": 500, "deck_weight": 40}, 40 * 9.80665 * 250 / 500),
    ("keeper_force", "space when deck_length, deck_out, deck_weight", {"deck_length": 1500, "deck_out": 700, "deck_inside": 800, "deck_weight": 40}, 0),
    ("standing_up", "drawer when mouth_height, mouth_width", {"carried_depth": 300, "carried_height": 400}, 500),
    ("door_stands_in", "drawer when door_width", {"door_width": 400, "door_opens": 60}, 200),
    ("door_stands_in", "drawer when door_width", {"door_width": 400, "door_opens": 110}, 0),
]  # fmt: skip


@pytest.mark.parametrize(
    ("name", "kind", "inputs", "answer"), JUDGED, ids=[f"{j[0]}-{n}" for n, j in enumerate(JUDGED)]
)
def test_a_weight_or_a_force_is_the_hand_worked_one(
    name: str, kind: str, inputs: dict[str, Any], answer: float
) -> None:
    given = {n: Fraction(v) if isinstance(v, int) else v for n, v in inputs.items()}
    assert RULES[name][kind].function(**given) == pytest.approx(answer)


@pytest.mark.parametrize(
    ("height", "side", "count"),
    [("4 3/8", "1/2", 9), ("3", "3/4", 5), ("5", "1/2", 11), ("5 5/8", "1/2", 11), ("1/2", "3/4", 3)],
)
def test_fingers_are_an_odd_count_nearest_to_height_over_thickness(height: str, side: str, count: int) -> None:
    """Worked here: 8 3/4 is nearest to 9; 4 and 10 lie between two and go up; 11 1/4 to 11; three at least."""
    rule = RULES["finger_count_front"]["joint.finger"]
    assert rule.function(wall_height_cut=mm(height), side_thickness=mm(side)) == count


def test_a_screw_through_a_thin_side() -> None:
    """3/4 screw, 1/4 shim, 15/32 stock, no metal: through by 1/32. Common practice."""
    cover = RULES["runner_screw_cover"]["screwed"].function
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
    assert value(plan, "front_overhang_left") == value(plan, "front_overhang_right") == mm("3/8")


WHOLE: list[tuple[str, Any, dict[str, str]]] = [
    # a whole drawer, worked by hand here from the figures above
    (
        "butt, grooved, nominal stock",
        lambda: frameless("22 1/2", "9 7/16", "18"),
        {
            "box_width": "21 1/2", "box_front_length_cut": "20 1/2", "side_length_cut": "16", "wall_height_cut": "9 1/16",
            "inside_width": "20 1/2", "inside_depth": "15", "bottom_width_cut": "20 15/16", "bottom_depth_cut": "15 7/16",
            "front_width_cut": "22 1/4", "front_height_cut": "9 3/16", "runner_length": "16", "inside_height": "8 7/16",
        },
    ),
    (
        "butt, grooved, measured 15/32 sides and 7/32 bottom",
        lambda: measured(frameless("22 1/2", "9 7/16", "18"), side_sheet="15/32 in", bottom_sheet="7/32 in"),
        {
            "box_front_length": "20 9/16", "outside_width": "21 1/2", "inside_depth": "15 1/16", "groove_depth_side": "15/64",
            "bottom_width": "20 31/32", "bottom_width_cut": "20 15/16", "bottom_play_across": "3/32",
            "groove_width": "7/32", "inside_height": "8 15/32",
        },
    ),
    (
        "rabbets in the ends, planted bottom",
        lambda: frameless("22 1/2", "9 7/16", "18", joint="rabbet_in_ends", bottom="planted"),
        {
            "box_front_length_cut": "21 1/2", "side_length_cut": "15 1/2", "outside_depth": "16", "inside_width": "20 1/2",
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
    from vasculum.plan.document.starting import new_plan

    plan = new_plan("Metric", "frameless", "mm", "600", "180", "510")
    sizes = {
        "box_width": "574.6 mm", "box_front_length": "550.6 mm", "box_front_length_cut": "550.5 mm",
        "outside_width": "574.5 mm", "runner_play_built": "0.1 mm", "usable_depth": "492 mm", "runner_length": "450 mm",
        "wall_height_cut": "171 mm", "bottom_width_cut": "561 mm", "bottom_depth_cut": "436.5 mm",
        "front_width_cut": "594 mm", "front_height_cut": "174 mm", "inside_height": "155 mm",
    }  # fmt: skip
    assert {name: value(plan, name) for name in sizes} == {name: mm(text) for name, text in sizes.items()}
