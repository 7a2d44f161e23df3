"""Findings: each says what, how much and what would help, and only when it should."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    framed,
    frameless,
    measured,
    mm,
    pinned,
    solved,
    step,
    value,
    with_choices,
    with_readings,
)
from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import Finding
from vasculum.plan.telling.solution import findings_of

CHECKS = the_catalogue().checks


def ask(name: str, **inputs: Any) -> Finding | None:
    """A check called with plain numbers; texts are inches."""
    (rule,) = (one for one in CHECKS[name].values() if set(one.needs) - one.optional <= set(inputs) <= set(one.needs))
    given = {n: tuple(map(mm, v)) if isinstance(v, tuple) else mm(v) for n, v in inputs.items()}
    found: Finding | None = rule.function(**given)
    return found


BED = {"platform_width": "62", "platform_length": "82", "room_width": "62", "room_length": "120"}
OPENING = {"opening_height": "12", "opening_width": "24"}
DIAGONALS = {
    "each_diagonal_rising_right": ("24 3/8",), "each_diagonal_rising_left": ("24 1/2",),
    "governing_width": "22", "governing_height": "9",
}  # fmt: skip
BIN_CELL = {
    "free_width": "12", "cell_height": "8", "free_depth": "15",
    "bin_room_width": "12", "bin_room_height": "8", "bin_room_depth": "15",
}  # fmt: skip

GROOVES = {
    "runner_groove_from_edge": "1/2", "runner_groove_width": "25/32", "runner_groove_depth": "1/4",
    "bottom_raise": "3/8", "groove_width": "1/4", "groove_depth_side": "1/4", "side_thickness": "1/2",
}  # fmt: skip
CRATE = {
    "carried_width": "24", "carried_height": "10", "carried_depth": "32", "passes_flat": "10", "passes_upright": "24",
}  # fmt: skip
BOARD = {"front_width_cut": "30", "front_height_cut": "14", "front_thickness": "3/4"}
ALWAYS = {"load_stays_within_the_papers", "anchors_hold_it", "pipes_are_left_to_the_licensed", "plugs_need_room_and_air",
          "a_stile_carries_something", "anchors_stay_usable",
          "a_partition_stands_where_no_wall_is", "a_stone_top_stays_carried", "stretchers_are_covered", "a_top_runs_over_its_fronts",
          "left_and_right_sides_differ", "grain_has_nothing_to_run_over",
          "dividers_are_housed_in_new_boards", "dividers_end_at_boards", "sides_that_show_are_not_pierced", "a_top_that_shows_is_not_pierced",
          "shown_sides_are_not_pierced_for_dividers", "a_shown_top_is_not_pierced_for_dividers",
          "a_stile_is_stood_in_for", "a_rail_is_stood_in_for",
          "a_wall_is_stood_in_for", "a_stand_in_has_its_sizes", "a_top_is_screwed_through_boards", "boards_stay_where_they_are_wanted", "uprights_do_not_lie_on_cleats",
          "uprights_are_held_somewhere", "a_plinth_hangs_on_a_bottom", "sides_are_held_apart",
          "a_back_over_the_ends_is_not_cut_flush", "a_cased_rack_has_no_cleats_over_it", "trays_for_parts_have_no_cleats_over_them",
          "a_tray_comes_forward_before_the_drawer_shuts",
          "what_is_cut_out_of_the_back_is_said", "an_own_part_has_its_sizes", "a_notch_has_both_its_sizes"}  # fmt: skip
"""Cautions that go with what was noted: they are said wherever it stands."""

NOTCHED = {
    "own_length": "10", "own_width": "3", "own_front_notch_wide": "1", "own_front_notch_deep": "1/2",
    "own_back_notch_wide": "4", "own_back_notch_deep": "1",
}  # fmt: skip

SPEAKS: list[tuple[str, dict[str, Any], str, str]] = [
    ("fit_on_runners", {"runner_play_built": -mm("1/32"), "runner_play": "0", "most_runner_play": "1/16"}, "box-too-wide", "stop"),
    ("fit_between_walls", {"runner_play_built": "3/8", "runner_play": "1/4", "most_runner_play": "1/16"}, "box-too-loose", "attention"),
    ("fit_on_runners", {"runner_play_built": "3/32", "runner_play": "0", "most_runner_play": "1/16"}, "box-too-loose", "attention"),
    ("fit_in_height", {"play_above_built": -mm("1/32"), "play_above": "1/4"}, "box-too-high", "stop"),
    ("fit_in_height", {"play_above_built": "3/16", "play_above": "1/4"}, "little-room-above", "attention"),
    ("fit_in_depth", {"usable_depth": "17", "outside_depth": "17 1/16"}, "box-too-deep", "stop"),
    ("runner_too_long", {"usable_depth": "17 1/4", "runner_length": "18"}, "runner-too-long", "stop"),
    ("box_shorter_than_runner", {"outside_depth": "15", "runner_length": "16", "increment": "1/16"}, "box-shorter-than-runner", "attention"),
    ("runner_on_the_side", {"runner_line_on_wall": "1/2", "runner_height": "1 3/4", "wall_height_cut": "6"}, "runner-off-the-side", "attention"),
    ("runner_on_the_side", {"runner_line_on_wall": "5 1/2", "runner_height": "1 3/4", "wall_height_cut": "6"}, "runner-off-the-side", "attention"),
    ("passes_the_opening", {"face_width": "22 1/2", "outside_width": "21 5/8", "passes_beside": "1/2", "box_from_left": "7/16", "cell_from_left": "0", "face_left_of_cell": "0"}, "frame-in-the-way", "stop"),
    ("front_in_the_opening", {"gap_beside": -mm("1/16"), "gap_above_below": "1/8"}, "front-too-wide", "stop"),
    ("front_in_the_opening", {"gap_beside": "1/8", "gap_above_below": -mm("1/16")}, "front-too-high", "stop"),
    ("two_roads_to_the_opening", {"opening_by_front": "15 1/8", "opening_by_box": "15", "increment": "1/16"}, "two-roads-differ", "note"),
    ("two_roads_to_the_opening", {"opening_by_front": "15", "opening_by_box": "15 1/8", "increment": "1/16"}, "two-roads-differ", "note"),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/16", "each_gap_below": ("1/16", "1/8"), "each_face_taken_below": (), "increment": "1/16"}, "fronts-over", "attention"),
    ("fronts_fill_the_opening", {"gap_at_floor": -mm("1/16"), "each_gap_below": ("1/16", "1/8"), "each_face_taken_below": (), "increment": "1/16"}, "fronts-over", "stop"),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/4", "each_gap_below": ("1/16", "1/8"), "each_face_taken_below": (), "increment": "1/16"}, "fronts-under", "attention"),
    ("fronts_fill_the_opening", {"gap_at_floor": -mm("3/4"), "each_gap_below": (-mm("11/16"),), "each_face_taken_below": (), "increment": "1/16"}, "fronts-over", "attention"),
    ("front_laps_as_planned", {"front_width": "20", "front_width_cut": "20 1/16", "increment": "1/16"}, "overlay-too-wide", "attention"),
    ("front_laps_as_planned", {"front_width": "20", "front_width_cut": "19 7/8", "increment": "1/16"}, "overlay-too-narrow", "attention"),
    ("bin_fits_its_cell", {**BIN_CELL, "bin_room_width": "12 1/2"}, "bin-too-wide", "stop"),
    ("bin_fits_its_cell", {**BIN_CELL, "bin_room_height": "8 1/16"}, "bin-too-high", "stop"),
    ("bin_fits_its_cell", {**BIN_CELL, "bin_room_depth": "15 1/4"}, "bin-too-deep", "stop"),
    ("mattress_lies_on_its_platform", {"margin_across": -mm("1/2"), "margin_along": "1"}, "mattress-wider", "attention"),
    ("mattress_lies_on_its_platform", {"margin_across": "0", "margin_along": -mm("1")}, "mattress-longer", "attention"),
    ("bed_goes_into_the_room", {**BED, "room_width": "60"}, "bed-larger-than-room", "stop"),
    ("bed_goes_into_the_room", {**BED, "room_length": "81 1/2"}, "bed-larger-than-room", "stop"),
    ("narrowest_stands_alone", {"each_width": ("22", "21", "22 1/8"), "doubtful": "1/2"}, "width-stands-alone", "note"),
    ("lowest_stands_alone", {"each_height": ("9", "12", "12"), "doubtful": "1/2"}, "height-stands-alone", "note"),
    ("shallowest_stands_alone", {"each_depth": ("18", "17 1/2", "18"), "doubtful": "1/2"}, "depth-stands-alone", "note"),
    ("diagonals_are_longer_than_sides", {**DIAGONALS, "governing_width": "24 1/2"}, "diagonal-shorter-than-side", "attention"),
    ("diagonals_are_longer_than_sides", {**DIAGONALS, "governing_height": "26"}, "diagonal-shorter-than-side", "attention"),
    ("obstruction_stands_in_the_space", {**OPENING, "begins_from_floor": "12"}, "obstruction-outside", "attention"),
    ("obstruction_stands_in_the_space", {**OPENING, "begins_from_left": "25"}, "obstruction-outside", "attention"),
    ("box_is_brought_in", {**CRATE, "mouth_width": "30", "mouth_height": "9 1/2"}, "box-does-not-pass", "attention"),
    ("box_is_brought_in", {**CRATE, "mouth_width": "23", "mouth_height": "12"}, "box-does-not-pass", "attention"),
    # on its side it is 10 across and 24 up; rolled back it sweeps 26, the root of 24 x 24 + 10 x 10
    ("box_is_brought_in", {**CRATE, "mouth_width": "10", "mouth_height": "24"}, "goes-in-turned", "note"),
    ("box_is_brought_in", {**CRATE, "mouth_width": "12", "mouth_height": "33", "turning_up": "26", "turning_across": "26"}, "goes-in-turned", "note"),
    ("box_is_brought_in", {**CRATE, "mouth_width": "12", "mouth_height": "33", "turning_up": "25 15/16"}, "box-cannot-be-turned", "attention"),
    ("front_is_carried_in", {**BOARD, "mouth_width": "10", "mouth_height": "10"}, "board-does-not-pass", "attention"),
    ("divider_is_carried_in", {"divider_length_cut": "30", "divider_depth_cut": "16", "divider_thickness": "3/4", "mouth_width": "10", "mouth_height": "10"}, "board-does-not-pass", "attention"),
    ("shelf_is_carried_in", {"shelf_length_cut": "30", "shelf_depth_cut": "16", "shelf_thickness": "3/4", "mouth_width": "10", "mouth_height": "10"}, "board-does-not-pass", "attention"),
    ("bottom_is_carried_in", {"bottom_width_cut": "30", "bottom_depth_cut": "16", "bottom_thickness": "1/4", "mouth_width": "10", "mouth_height": "10"}, "board-does-not-pass", "attention"),
    ("side_is_carried_in", {"side_length_cut": "30", "wall_height_cut": "16", "side_thickness": "1/2", "mouth_width": "10", "mouth_height": "10"}, "board-does-not-pass", "attention"),
    ("one_person_carries_it", {"carried_weight": 25, "lift_alone": 22}, "two-carry", "caution"),
    ("casters_carry_it", {"caster_load": 50, "caster_rating": 45}, "casters-overloaded", "attention"),
    ("swivels_stand_inside", {"caster_inset": "3", "opening_width": "30", "clear_depth": "11"}, "swivels-meet", "attention"),
    ("load_stays_within_the_papers", {"load_weight": 300, "payload": 400, "payload_share": Fraction(3, 4)}, "payload", "caution"),
    ("load_stays_within_the_papers", {"load_weight": 500, "payload": 400, "payload_share": Fraction(5, 4)}, "payload-over", "attention"),
    ("anchors_hold_it", {"anchor_force": 800, "tie_downs": 4}, "tie-down", "caution"),
    ("deck_stays_on_its_rails", {"deck_length": "60", "deck_out": "31"}, "deck-tips", "attention"),
    ("drawer_comes_out", {"runner_length": "20", "room_needed_ahead": "44", "room_in_front": "40"}, "little-room-in-front", "note"),
    ("drawer_comes_out", {"runner_length": "20", "room_needed_ahead": "44", "room_in_front": "19"}, "drawer-meets-what-is-in-front", "attention"),
    ("door_is_out_of_the_way", {"door_stands_in": 20, "door_opens": 75}, "door-in-the-way", "attention"),
    ("bed_stands_on_its_middle", {"platform_width": "60", "unsupported_bed": "54"}, "middle-support", "note"),
    ("halves_meet", {"half_depth": "29", "clear_depth": "29 1/2"}, "halves-overlap", "stop"),
    ("tall_units_are_fixed", {"opening_height": "27", "tall_unit": "27"}, "fix-to-the-wall", "caution"),
    ("tall_units_are_fixed", {"opening_height": "20", "tall_unit": "27", "matched_height": "36"}, "fix-to-the-wall", "caution"),
    ("pipes_are_left_to_the_licensed", {"projection": "2"}, "pipe", "caution"),
    ("plugs_need_room_and_air", {"projection": "2"}, "socket", "caution"),
    ("a_stile_carries_something", {"projection": "2"}, "centre-stile", "caution"),
    ("anchors_stay_usable", {"projection": "2"}, "anchor", "note"),
    ("a_partition_stands_where_no_wall_is", {"projection": "3/4"}, "partition", "note"),
    ("a_stone_top_stays_carried", {"projection": "2"}, "stone-top", "caution"),
    ("lowest_and_highest_pair_carry", {"kept_runner_low": "1", "kept_runner_top": "10", "runner_height": "1 3/4"}, "two-pairs", "note"),
    ("groove_leaves_its_edge", {"bottom_raise": "3/16", "least_groove_edge": "1/4"}, "groove-near-the-edge", "attention"),
    ("screws_stay_in_their_divider", {"divider_thickness": "1/2", "each_screw_into_left": ("0", "5/8"), "each_screw_into_right": ("0", "0")}, "runner-screw-through-the-wall", "attention"),
    ("screws_stay_in_the_case", {"case_side_thickness": "1/2", "each_screw_into_left": ("5/8",), "each_screw_into_right": ("0",)}, "runner-screw-through-the-wall", "attention"),
    ("battens_have_their_room", {"room_below_box": "1/8", "runner_height": "3/4"}, "no-room-for-battens", "stop"),
    ("back_is_as_high_as_its_sides_ask", {"back_wall_height_cut": "8 1/4", "back_wall_height": "8", "increment": "1/16"}, "back-wall-height-off", "attention"),
    ("back_is_as_wide_as_its_front", {"box_back_length_cut": "20 3/4", "box_back_length": "20 1/2", "increment": "1/16"}, "box-back-length-off", "attention"),
    ("dividers_are_housed_in_new_boards", {}, "nothing-to-be-let-into", "attention"),
    ("box_passes_its_cleats", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "7", "cell_from_floor": "0", "cell_height": "9", "cleat_height": "1 1/2", "box_from_left": "1/2", "cell_from_left": "0", "cleat_thickness": "3/4", "runner_line_built": "7", "runner_height": "1 3/4"}, "runner-meets-cleats", "stop"),
    ("box_passes_its_cleats", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "8", "cell_from_floor": "0", "cell_height": "9", "cleat_height": "1 1/2", "box_from_left": "1/2", "cell_from_left": "0", "cleat_thickness": "3/4"}, "box-meets-cleats", "stop"),
    ("boards_stay_where_they_are_wanted", {}, "columns-want-boards", "attention"),
    ("the_cabinet_was_measured", {}, "fixed-to-what", "attention"),
    ("the_worktop_was_measured", {}, "fixed-to-what", "attention"),
    ("the_frame_was_measured", {}, "fixed-to-what", "attention"),
    ("fixing_screws_hold", {"fixing_screw_length": "1", "fixing_passed": "3/4", "least_screw_bite": "3/8"}, "fixing-screw-too-short", "attention"),
    ("a_top_is_screwed_through_boards", {}, "nothing-to-screw-up-through", "attention"),
    ("a_stile_is_stood_in_for", {}, "taken-out-without-a-stand-in", "attention"),
    ("a_rail_is_stood_in_for", {}, "taken-out-without-a-stand-in", "attention"),
    ("a_wall_is_stood_in_for", {}, "taken-out-without-a-stand-in", "attention"),
    ("a_stand_in_has_its_sizes", {}, "stand-in-without-sizes", "attention"),
    ("pull_screws_are_sunk_in_the_wood", {"pull_counterbore": "5/8", "pull_passed": "3/4", "least_beside_counterbore": "1/4"}, "counterbore-too-deep", "stop"),
    ("short_pull_screws_are_sunk", {"pull_counterbore": "1/8"}, "pull-screws-sunk", "note"),
    ("pull_screws_end_in_the_thread", {"pull_screw_length": "1 1/4", "pull_passed": "3/4", "pull_thread": "3/8"}, "pull-screw-too-long", "attention"),
    ("a_flush_handle_has_a_cut_out", {"pull_hole_width": "0", "pull_hole_height": "2", "flush_flange": "2"}, "handle-all-flange", "stop"),
    ("a_flush_handle_has_a_cut_out", {"pull_hole_width": "2", "pull_hole_height": -mm("1"), "flush_flange": "2"}, "handle-all-flange", "stop"),
    ("flange_screws_stay_inside", {"flush_cover": -mm("1/16"), "flush_cover_wanted": "1/8"}, "flange-screw-too-long", "attention"),
    ("rails_take_their_runners", {"hanging_rail_height": "1 1/2", "runner_height": "1 3/4"}, "runner-over-its-rail", "stop"),
    ("a_post_takes_runner_and_hooks", {"hanging_post_height": "3", "runner_height": "1 3/4", "hook_above_edge": "1 1/4"}, "hooks-behind-runners", "stop"),
    ("hooks_do_not_meet_in_the_post", {"hooks_left": ("4",), "hooks_right": ("4 1/4",), "hook_thread": "3/4", "hanging_post_thickness": "1 1/2", "least_stagger": "1/2", "least_thin_cover": "1/16"}, "hooks-meet", "stop"),
    ("pans_go_on_the_post", {"post_left_over_left": -mm("1"), "post_left_over_right": "1", "runner_length": "22"}, "pans-past-the-post", "stop"),
    ("a_post_hangs_above_the_floor", {"free_below_post": -mm("1"), "hanging_post_height": "5 1/2"}, "post-reaches-the-floor", "stop"),
    ("pans_hang_free", {"free_below_pans": -mm("1"), "longest_pan": "20"}, "pans-stand-on-the-floor", "stop"),
    ("pans_pass_what_is_beside", {"free_left_of_pans": -mm("1"), "highest_pan": "5"}, "pans-meet-the-wall", "stop"),
    ("the_top_over_a_post_was_measured", {}, "top-over-post-unmeasured", "note"),
    ("a_cased_rack_has_no_cleats_over_it", {"cleat_thickness": "3/4"}, "rack-case-meets-cleats", "stop"),
    ("trays_for_parts_have_no_cleats_over_them", {"cleat_thickness": "3/4"}, "parts-tray-meets-cleats", "stop"),
    ("two_runners_go_over_each_other", {"lower_of_two": "1", "upper_of_two": "3", "runner_height": "2 1/4", "outside_height": "4"}, "no-room-for-two-runners", "stop"),
    ("screws_hold_what_hangs_on_one_side", {"pull_on_upper": 100, "one_screw_holds": Fraction(9)}, "heavy-on-one-side", "attention"),
    ("lips_lie_on_their_strips", {"parts_engagement": "1/16", "parts_strip": "5/16", "least_bearing": "1/8"}, "parts-tray-falls", "attention"),
    ("lips_lie_on_their_strips", {"parts_engagement": -mm("7 mm"), "parts_strip": "5/16", "least_bearing": "1/8"}, "parts-tray-falls", "stop"),
    ("a_tray_runs_between_its_strips", {"parts_body_play": "0", "parts_body": "20"}, "parts-tray-jams", "stop"),
    ("a_base_is_not_cut_through", {"parts_housing": "3/16", "parts_thickness": "1/4"}, "parts-base-cut-through", "attention"),
    ("a_base_is_not_cut_through", {"parts_housing": "1/4", "parts_thickness": "1/4"}, "parts-base-cut-through", "stop"),
    ("a_tray_lies_on_both_risers", {"tray_bearing": "1/16", "tray_riser_play": "1/8", "least_bearing": "1/8"}, "tray-falls-off-risers", "attention"),
    ("a_tray_lies_on_both_risers", {"tray_bearing": -mm("1/16"), "tray_riser_play": "1/4", "least_bearing": "1/8"}, "tray-falls-off-risers", "stop"),
    ("risers_stand_over_the_rest_of_the_back", {"tray_riser_height": "2 1/2", "back_rest": "2 1/2", "riser_over_rest": "1/32"}, "tray-catches-on-the-back", "attention"),
    ("risers_stand_over_the_rest_of_the_back", {"tray_riser_height": "2 1/4", "back_rest": "2 1/2", "riser_over_rest": "1/32"}, "tray-catches-on-the-back", "stop"),
    ("a_free_tray_does_not_tip", {"tray_travel": "11 1/2", "tray_most_travel": "8 1/4", "outside_depth": "17 1/2"}, "tray-tips", "stop"),
    ("enough_of_a_tray_stays_under_its_cleats", {"tray_travel": "12", "tray_most_travel": "11 2/3", "keeper_length": "5 1/2"}, "little-under-cleats", "attention"),
    ("cleats_lap_the_rim", {"keeper_lap": "1/16", "least_bearing": "1/8"}, "cleat-misses-the-rim", "attention"),
    ("cleats_lap_the_rim", {"keeper_lap": "0", "least_bearing": "1/8"}, "cleat-misses-the-rim", "stop"),
    ("brads_of_cleats_stay_inside", {"keeper_brad_length": "1", "keeper_width": "1/2", "standing_wall": "1/2"}, "cleat-brad-comes-through", "stop"),
    ("a_tray_has_room_behind_the_drawer", {"tray_travel": "11 1/2", "room_behind_open": "11"}, "no-room-behind-for-tray", "stop"),
    ("a_tray_comes_forward_before_the_drawer_shuts", {"tray_travel": "11 1/2"}, "room-behind-not-said", "note"),
    ("a_tray_comes_forward_before_the_drawer_shuts", {"tray_travel": "11 1/2", "room_behind_open": "16 1/4"}, "tray-first-then-shut", "note"),
    ("a_back_over_the_ends_is_not_cut_flush", {"back_rest": "2 1/2"}, "back-over-the-ends", "stop"),
    ("a_cut_meets_no_fastener", {"back_rest": "2 1/2", "cut_clear": "1/16"}, "fasteners-not-looked-for", "attention"),
    ("a_cut_meets_no_fastener", {"back_rest": "2 1/2", "cut_clear": "1/16", "old_back_screws": ("2 1/2",)}, "fastener-on-the-cut", "stop"),
    ("fasteners_above_the_cut_come_out_first", {"back_rest": "2 1/2", "old_back_screws": ("4 1/2",), "old_back_brads": ("2 3/8", "3 1/2")}, "fasteners-above-the-cut", "note"),
    ("what_is_cut_out_of_the_back_is_said", {"back_rest": "2 1/2", "cell_width": "19 9/16", "cell_from_floor": "2 17/32", "cell_height": "2 23/32"}, "back-is-cut-down", "note"),
    ("risers_stand_against_the_sides", {"cell_from_left": "1", "cell_width": "18", "opening_width": "19", "cell_from_floor": "2"}, "risers-held-by-nothing", "stop"),
    ("an_upper_tray_lies_on_both_risers", {"upper_bearing": "1/16", "upper_play_left": "1/8", "least_bearing": "1/8"}, "upper-tray-falls", "attention"),
    ("an_upper_tray_lies_on_both_risers", {"upper_bearing": -mm("1/16"), "upper_play_left": "1/4", "least_bearing": "1/8"}, "upper-tray-falls", "stop"),
    ("an_upper_tray_leaves_room_below", {"upper_travel": "6", "upper_depth_cut": "11", "inside_depth": "17"}, "upper-tray-hides", "note"),
    ("an_own_part_has_its_sizes", {}, "own-part-without-sizes", "attention"),
    ("a_notch_has_both_its_sizes", {}, "notch-without-sizes", "attention"),
    ("notches_leave_a_part", NOTCHED | {"own_front_notch_wide": "5"}, "notches-leave-nothing", "stop"),
    ("notches_leave_a_part", NOTCHED | {"own_back_notch_deep": "2 1/2"}, "notches-leave-nothing", "stop"),
    ("an_own_fastener_holds", {"own_good_bite": "1/4", "least_screw_bite": "3/8"}, "own-fastener-too-short", "attention"),
    ("an_own_fastener_holds", {"own_good_bite": -mm("1/4"), "least_screw_bite": "3/8"}, "own-fastener-too-short", "attention"),
    ("an_own_fastener_stays_inside", {"own_good_cover": "1/16", "own_good_cover_wanted": "1/8"}, "own-fastener-near-the-face", "attention"),
    ("an_own_fastener_stays_inside", {"own_good_cover": -mm("1/16"), "own_good_cover_wanted": "1/8"}, "own-fastener-comes-through", "stop"),
    ("sides_that_show_are_not_pierced", {}, "screws-in-a-face-that-shows", "attention"),
    ("a_top_that_shows_is_not_pierced", {}, "screws-in-a-face-that-shows", "attention"),
    ("shown_sides_are_not_pierced_for_dividers", {}, "screws-in-a-face-that-shows", "attention"),
    ("a_shown_top_is_not_pierced_for_dividers", {}, "screws-in-a-face-that-shows", "attention"),
    ("fasteners_stay_on_their_divider", {"divider_fixings": ("1", "18 1/4"), "divider_depth_cut": "18"}, "fastener-past-the-edge", "attention"),
    ("walls_behind_packing_were_measured", {}, "wall-not-measured", "note"),
    ("walls_under_angles_were_measured", {}, "wall-not-measured", "note"),
    ("posts_pass_the_cleats", {"box_from_left": "2", "beside_box": "1 3/4", "cell_from_left": "0", "cleat_thickness": "3/4"}, "posts-meet-cleats", "stop"),
    ("uprights_are_held_somewhere", {}, "divider-held-nowhere", "attention"),
    ("a_plinth_hangs_on_a_bottom", {"plinth_height": "4"}, "plinth-without-bottom", "attention"),
    ("sides_are_held_apart", {}, "sides-not-held-apart", "attention"),
    ("strips_find_their_room", {"width_spread": "3/8", "front_strip": "7/32"}, "strips-too-thick", "stop"),
    ("box_passes_the_top_rail", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "8", "opening_height": "9", "top_rail_width_cut": "3", "set_back": "0", "outside_depth": "19 1/4", "top_rail_from_front": "19"}, "box-meets-top-rail", "stop"),
    ("uprights_pass_the_top_rail", {"divider_set_back": "0", "divider_depth_cut": "20", "top_rail_from_front": "19"}, "dividers-meet-top-rail", "stop"),
    ("fronts_end_over_the_skirt", {"gap_below": Fraction(-9)}, "front-meets-skirt", "stop"),
    ("shelves_reach_pins_in_the_left_wall", {"cell_from_left": "0", "shelf_play": "1/16", "pin_hole_depth": "3/8", "wall_left_from_left": Fraction(-12)}, "shelf-misses-its-pins", "stop"),
    ("shelves_reach_pins_in_the_right_wall", {"cell_from_left": "0", "cell_width": "20", "shelf_play": "1/16", "pin_hole_depth": "3/8", "wall_right_from_left": "20 1/2"}, "shelf-misses-its-pins", "stop"),
    ("angle_screws_of_both_faces_stand_apart", {"upright_angle_wall_screw_length": "5/8", "angle_metal": "1/16", "divider_thickness": "3/4", "least_thin_cover": "1/16", "least_stagger": "1/2"}, "stagger-screws", "note"),
    ("post_screws_of_both_faces_stand_apart", {"post_screw_right": "1 1/4", "post_thickness": "3/4", "divider_thickness": "3/4", "least_thin_cover": "1/16", "least_stagger": "1/2"}, "stagger-screws", "note"),
    ("strips_stand_where_it_is_wider", {"width_taper": "1/4", "width_spread": "1/2", "front_strip": "7/32"}, "strips-where-it-is-narrow", "stop"),
    ("a_frame_stands_on_a_floor", {"room_below_box": "1/8"}, "box-without-bottom", "stop"),
    ("feet_stand_under_a_bottom", {"feet_in_a_row": Fraction(3)}, "feet-under-nothing", "stop"),
    ("runners_stay_below_a_cross_wall", {"runner_from_floor": "3", "runner_height": "2", "cell_from_floor": "0", "cell_height": "3 1/2"}, "runner-meets-cross-wall", "stop"),
    ("runners_stay_above_a_cross_wall", {"runner_from_floor": "8 1/2", "runner_height": "2", "cell_from_floor": "8"}, "runner-meets-cross-wall", "stop"),
    ("walls_under_cleats_were_measured", {}, "wall-not-measured", "note"),
    ("dividers_end_at_boards", {}, "divider-ends-at-nothing", "attention"),
    ("uprights_do_not_lie_on_cleats", {}, "uprights-on-cleats", "attention"),
    ("housings_leave_their_boards", {"divider_housed": "3/8", "low_end_host": "3/4", "high_end_host": "1/2"}, "dado-too-deep", "attention"),
    ("dowels_stay_in_their_board", {"dowel_face_depth": "5/8", "dowelled_host": "11/16", "least_screw_cover": "1/8"}, "dowel-hole-near-the-face", "attention"),
    ("dowels_stay_in_their_board", {"dowel_face_depth": "29/32", "dowelled_host": "3/4", "least_screw_cover": "1/8"}, "dowel-hole-through", "stop"),
    ("edges_take_their_dowels", {"dowel_diameter": "1/4", "dowelled_edge": "15/32"}, "edge-too-thin-for-a-dowel", "attention"),
    ("dowels_keep_clear_of_screws", {"dowel_places": ("3/4", "3"), "hole_places": ("2",), "dowel_diameter": "3/8", "edge_diameters": 3}, "dowels-near-screws", "attention"),
    ("the_jig_reaches_the_middle", {"jig_packing": -mm("1/16"), "dowelled_edge": "5/8"}, "jig-past-the-middle", "attention"),
    ("divider_reaches_what_holds_it", {"divider_length_cut": "8", "divider_length": "9", "increment": "1/16"}, "divider-length-off", "attention"),
    ("divider_fills_its_depth", {"divider_depth_cut": "19 3/4", "cell_depth": "20", "divider_set_back": "1/2", "divider_short_behind": "1/4", "increment": "1/16"}, "divider-depth-off", "attention"),
    ("shelf_goes_between_its_walls", {"shelf_length_cut": "22 5/8", "free_width": "22 1/2", "shelf_length": "22 3/8", "increment": "1/16"}, "shelf-length-off", "attention"),
    ("shelf_is_as_deep_as_is_free", {"shelf_depth_cut": "19", "shelf_depth": "20", "increment": "1/16"}, "shelf-depth-off", "attention"),
    ("boards_across_hold_the_inside_apart", {"case_across_length_cut": "29", "case_across_length": "30", "thickness_increment": "1/64"}, "case-board-off", "attention"),
    ("sides_hold_the_inside_apart", {"case_side_length_cut": "26", "case_side_length": "25 1/2", "thickness_increment": "1/64"}, "case-board-off", "attention"),
    ("panels_are_as_deep_as_the_inside", {"case_panel_depth_cut": "19", "case_panel_depth": "20", "increment": "1/16"}, "case-board-off", "attention"),
    ("bottom_between_goes_in_and_is_held", {"bottom_width_cut": "20 1/4", "inside_width": "20 1/2", "bottom_depth_cut": "17", "inside_depth": "17", "increment": "1/16"}, "bottom-not-held", "stop"),
    ("planted_bottom_covers_its_walls", {"bottom_width_cut": "21 5/8", "bottom_width": "21 1/2", "bottom_depth_cut": "18", "outside_depth": "18", "side_thickness": "1/2"}, "bottom-too-wide", "stop"),
    ("bottom_in_a_rabbet_goes_in_and_is_held", {"bottom_width_cut": "21", "inside_width": "20 1/2", "edge_rabbet_side": "1/4", "bottom_depth_cut": "17", "inside_depth": "17", "edge_rabbet_front": "1/4", "edge_rabbet_back": "1/4"}, "bottom-not-held", "stop"),
    ("some_play_is_wanted", {"play_above": "0", "room_below_box": "1/8"}, "no-play", "note"),
    ("friction_box_does_not_bind", {"outside_height": "9", "room_height": "9"}, "box-binds", "stop"),
    ("grain_has_nothing_to_run_over", {}, "grain-not-matched", "note"),
    ("inset_front_hides_its_box", {"front_overhang_left": -mm("1/4"), "front_overhang_right": "1/4", "front_edge_to_box_edge": "0", "front_height_cut": "9", "outside_height": "8", "gap": "1", "increment": "1/16"}, "box-shows-past-front", "note"),
    ("laps_leave_the_way_out", {"shared_lap": "5/8", "divider_thickness": "1/2"}, "lap-before-a-tray", "stop"),
    ("strip_has_room_left", {"taken_left": "1", "thickest_strip": "2", "strip_left_length": "0"}, "no-room-for-a-strip", "note"),
    ("strip_has_room_right", {"taken_right": "1", "thickest_strip": "2", "strip_right_length": "0"}, "no-room-for-a-strip", "note"),
    ("integral_front_closes_its_joint", {"lock_stand_off": "1/4"}, "stand-off-opens-the-joint", "stop"),
    ("back_passes_its_runners", {"box_back_length_cut": "22 1/4", "outside_width": "21 1/2"}, "back-meets-runner", "stop"),
    ("front_keeps_to_its_room", {"box_front_length_cut": "22 5/8", "free_width": "22 1/2"}, "front-past-its-room", "stop"),
    ("back_keeps_to_its_room", {"box_back_length_cut": "22 5/8", "free_width": "22 1/2"}, "back-past-its-room", "stop"),
    ("laps_share_their_divider", {"shared_lap": "3/8", "divider_thickness": "3/4", "gap": "1/8"}, "lap-past-its-half", "stop"),
    # a runner groove from 1/2 up beside a bottom groove from 3/8 to 5/8, each half of the side deep
    ("grooves_do_not_meet", GROOVES, "grooves-meet", "stop"),
    ("front_is_thick_enough_for_sockets", {"socket_depth_front": "1/4", "least_socket": "5/16"}, "dovetail-in-thin-stock", "attention"),
    ("slot_leaves_its_end", {"sliding_set_in": "1/4", "least_set_in": "3/8"}, "short-grain", "attention"),
    ("box_does_not_rack", {"outside_width": "24 1/16", "runner_length": "16", "rack_ratio": Fraction(3, 2)}, "box-racks", "note"),
    ("undermount_hooks_in", {"side_thickness": "3/4", "undermount_side": "5/8"}, "side-too-thick-for-runner", "stop"),
    ("bottom_stands_over_the_runner", {"bottom_raise": "3/8", "undermount_raise": "1/2"}, "bottom-meets-runner", "attention"),
    ("bottom_stands_over_the_runner", {"undermount_raise": "1/2"}, "bottom-meets-runner", "attention"),
    ("centre_mount_stays_narrow", {"outside_width": "25", "centre_widest": "24"}, "wide-on-one-rail", "attention"),
    ("pulled_with_one_hand", {"pull_force": 51, "hard_pull": 50}, "hard-to-pull", "note"),
    ("walls_run_straight", {"width_bulge": "1/8", "tape_tolerance": "1/32"}, "walls-bulge", "note"),
    ("walls_run_straight", {"width_bulge": -mm("1/8"), "tape_tolerance": "1/32"}, "walls-bulge", "note"),
    ("walls_do_not_twist", {"width_twist": -mm("1/8"), "tape_tolerance": "1/32"}, "walls-twist", "note"),
    ("strip_is_still_a_strip", {"thickest_strip": "2", "taken_left": "2 1/16"}, "strip-is-a-partition", "note"),
    ("strip_is_still_a_strip", {"thickest_strip": "2", "taken_right": "8"}, "strip-is-a-partition", "note"),
    ("front_passes_what_stands_in_its_plane", {"face_taken_left": "7/16"}, "front-passes-obstruction", "note"),
    ("front_passes_what_stands_in_its_plane", {"face_taken_below": "1/2"}, "front-passes-obstruction", "note"),
    ("bottom_enters_its_groove", {"bottom_thickness": "1/4", "groove_width": "7/32"}, "bottom-thicker-than-groove", "stop"),
    ("bottom_goes_in", {"bottom_play_across": -mm("1/32"), "bottom_play_along": "0"}, "bottom-too-wide", "stop"),
    ("bottom_goes_in", {"bottom_play_across": "0", "bottom_play_along": -mm("1/32")}, "bottom-too-deep", "stop"),
    ("bottom_stays_in", {"bottom_play_across": "1/4", "bottom_play_along": "0", "groove_depth_side": "1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/4"}, "bottom-falls-out", "stop"),
    ("bottom_stays_in", {"bottom_play_across": "0", "bottom_play_along": "1/8", "groove_depth_side": "1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/8"}, "bottom-falls-out", "stop"),
    ("slid_bottom_stays_in", {"bottom_play_across": "1/4", "groove_depth_side": "1/4"}, "bottom-falls-out", "stop"),
    ("front_screws_hold", {"front_screw_bite": "1/4", "least_screw_bite": "3/8"}, "front-screw-too-short", "attention"),
    ("front_screws_stay_inside", {"front_screw_cover": "1/16", "front_cover_wanted": "1/8"}, "front-screw-near-the-face", "attention"),
    ("front_screws_stay_inside", {"front_screw_cover": -mm("1/16"), "front_cover_wanted": "1/8"}, "front-screw-comes-through", "stop"),
    ("runner_screws_hold", {"runner_screw_reach": "3/16", "least_runner_bite": "1/4"}, "runner-screw-too-short", "attention"),
    ("runner_screws_stay_inside", {"runner_screw_cover": "1/16", "runner_cover_wanted": "1/8"}, "runner-screw-near-the-face", "attention"),
    ("runner_screws_stay_inside", {"runner_screw_cover": -mm("1/32"), "runner_cover_wanted": "1/8"}, "runner-screw-comes-through", "stop"),
    ("width_taken_once", {"each_width": ("22",)}, "width-taken-once", "note"),
    ("height_taken_once", {"each_height": ("9",)}, "height-taken-once", "note"),
    ("depth_taken_once", {"each_depth": ("18",)}, "depth-taken-once", "note"),
    ("width_readings_differ", {"width_spread": "1/16", "governing_width": "22"}, "widths-differ", "note"),
    ("runners_need_parallel_walls", {"width_taper": "1/4"}, "walls-taper", "note"),
    ("opening_out_of_square", {"lean": "1/16", "gap": "1/8"}, "out-of-square", "note"),
    ("opening_out_of_square", {"lean": -mm("1/4"), "gap": "1/8"}, "out-of-square", "attention"),
    ("small_parts_at_the_saw", {"wall_height_cut": "3", "box_back_length_cut": "5 1/2", "small_part": "6"}, "small-parts", "caution"),
    ("small_parts_at_the_saw", {"wall_height_cut": "5 1/2", "box_back_length_cut": "5", "small_part": "6"}, "small-parts", "caution"),
    ("thin_strips_at_the_saw", {"packing_left": "1/4", "packing_right": "3/8", "thin_strip": "1/2"}, "thin-strips", "caution"),
    ("screws_do_not_meet", {"divider_thickness": "3/4", "each_screw_into_left": ("0", "3/8"), "each_screw_into_right": ("3/8", "0"), "between_tips": "1/16", "runner_screw_stagger": "0", "least_stagger": "1/2"}, "screws-meet", "note"),
    ("holes_are_on_the_member", {"runner_box_holes": ("1", "14"), "runner_length": "14"}, "hole-past-the-runner", "attention"),
    ("case_holes_are_on_the_member", {"runner_case_holes": ("1", "14"), "runner_length": "14"}, "hole-past-the-runner", "attention"),
    ("a_hole_leaves_wood_beside_it_in_the_box", {"pull_hole_from_wall_left": "1/2", "pull_hole_in_wall": "1 1/4", "pull_hole_width": "4", "box_front_length_cut": "5", "least_beside_hole": "3/4"}, "hand-hole-at-the-box-end", "attention"),
    ("a_hole_leaves_wood_beside_it_in_the_box", {"pull_hole_from_wall_left": "1", "pull_hole_in_wall": "1 1/4", "pull_hole_width": "4", "box_front_length_cut": "5", "least_beside_hole": "3/4"}, "hand-hole-at-the-box-end", "stop"),
    ("holes_of_pulls_are_in_the_front", {"pull_holes_from_left": ("1/2", "6 1/2"), "front_width_cut": "6"}, "pull-wider-than-front", "stop"),
    ("rack_passes_its_cleats", {"rack_from_left": "10 1/4", "cell_from_left": "10", "cell_width": "20", "rack_first": "2", "rack_slots": Fraction(8), "rack_pitch": "2", "cleat_thickness": "3/4"}, "rack-meets-cleats", "stop"),
    ("rack_passes_its_cleats", {"rack_from_left": "11 1/2", "cell_from_left": "10", "cell_width": "20", "rack_first": "2", "rack_slots": Fraction(8), "rack_pitch": "2", "cleat_thickness": "3/4"}, "rack-meets-cleats", "stop"),
    ("dividers_stay_in_the_upper_strips", {"rack_engagement": "3/16", "least_engagement": "1/4"}, "rack-divider-falls", "attention"),
    ("dividers_stay_in_the_upper_strips", {"rack_engagement": "0", "least_engagement": "1/4"}, "rack-divider-falls", "stop"),
    ("slots_leave_more_than_half_of_their_wall", {"slot_depth": "1/4", "slotted_wall": "1/2"}, "slots-too-deep", "attention"),
    ("slots_leave_more_than_half_of_their_wall", {"slot_depth": "1/2", "slotted_wall": "1/2"}, "slots-too-deep", "stop"),
    ("a_hole_leaves_wood_in_the_box", {"pull_hole_from_wall_edge": "1/2", "pull_hole_in_wall": "1 1/4", "wall_height_cut": "4", "least_beside_hole": "3/4"}, "hand-hole-at-the-box-edge", "attention"),
    ("a_hole_leaves_wood_in_the_box", {"pull_hole_from_wall_edge": "2 1/4", "pull_hole_in_wall": "1 1/4", "wall_height_cut": "4", "least_beside_hole": "3/4"}, "hand-hole-at-the-box-edge", "attention"),
    ("a_hole_leaves_wood", {"pull_hole_from_edge": "5/8", "pull_hole_from_left": "5", "pull_hole_height": "1 1/4", "pull_hole_width": "4", "front_height_cut": "2 1/2", "front_width_cut": "14", "least_beside_hole": "3/4"}, "hand-hole-too-large", "attention"),
    ("a_hole_leaves_wood", {"pull_hole_from_edge": "1", "pull_hole_from_left": -mm("1/2"), "pull_hole_height": "1 1/4", "pull_hole_width": "15", "front_height_cut": "4", "front_width_cut": "14", "least_beside_hole": "3/4"}, "hand-hole-too-large", "stop"),
    ("pull_clears_the_door", {"pull_projection": "1 1/4", "pull_count": Fraction(1)}, "pull-meets-door", "attention"),
    ("panel_is_long_enough", {"panel_length": "29 1/2", "panel_length_needed": "29 3/4", "faces_from_panel": Fraction(3), "blade_kerf": "1/8"}, "panel-too-short", "stop"),
    ("panel_is_wide_enough", {"panel_width": "20", "panel_width_needed": "21 3/4"}, "panel-too-narrow", "stop"),
    ("unit_meets_its_neighbour", {"standing_height": "30 1/2", "matched_height": "30"}, "unit-misses-its-neighbour", "attention"),
    ("unit_meets_its_neighbour", {"standing_height": "29 1/2", "matched_height": "30"}, "unit-misses-its-neighbour", "attention"),
    ("case_screws_hold", {"case_screw_bite": "1/4", "least_screw_bite": "3/8", "case_screw_length": "1"}, "case-screw-too-short", "attention"),
    ("stretchers_are_covered", {"stretcher_width": "3"}, "stretchers-uncovered", "note"),
    ("a_top_runs_over_its_fronts", {"front_before": "3/4"}, "top-between-sides", "attention"),
    ("runners_carry_it", {"runner_load": Fraction(9, 10), "most_runner_load": Fraction(4, 5), "carried_weight": Fraction(40), "runner_rating": Fraction(45)}, "runner-near-its-rating", "attention"),
    ("runners_carry_it", {"runner_load": Fraction(10, 9), "most_runner_load": Fraction(4, 5), "carried_weight": Fraction(50), "runner_rating": Fraction(45)}, "runner-overloaded", "stop"),
    ("tray_stays_on_its_battens", {"batten_engagement": "0", "batten_projection": "1/8", "tray_play": "1/8"}, "tray-falls-between", "stop"),
    ("plate_carries_what_hangs", {"hung_across": "22 1/2", "hung_plate_width": "22"}, "plate-too-narrow", "stop"),
    ("case_is_brought_in", {"case_outside_width": "32", "case_outside_height": "34", "case_outside_depth": "33", "mouth_width": "31", "mouth_height": "80"}, "case-does-not-pass", "attention"),
    ("case_is_brought_in", {"case_outside_width": "60", "case_outside_height": "34", "case_outside_depth": "20", "mouth_width": "36", "mouth_height": "40", "turning_across": "61", "turning_along": "61"}, "case-cannot-be-turned", "attention"),
    ("case_fits_across", {"room_beside_case": Fraction(-2), "fitting_room": "1/8", "niche_width": "24", "lost_on_left": "0", "lost_on_right": "0"}, "case-too-wide", "stop"),
    ("case_fits_across", {"room_beside_case": "1/16", "fitting_room": "1/8", "niche_width": "24", "lost_on_left": "1", "lost_on_right": "0"}, "case-tight-when-wide", "attention"),
    ("case_fits_upwards", {"room_above_case": Fraction(-25), "fitting_room_above": "1/8", "standing_height": "31", "niche_height": "30", "lost_above": "0", "lost_below": "0"}, "case-too-high", "stop"),
    ("case_fits_in_depth", {"room_behind_case": Fraction(-6), "fitting_room_behind": "1/4", "case_whole_depth": "20 3/4", "niche_depth": "20 1/2", "lost_behind": "0"}, "case-too-deep", "stop"),
    ("case_is_square_in_its_space", {"width_spread": "1/2", "tape_tolerance": "1/32"}, "case-square-between-walls", "note"),
    ("packing_on_the_left_is_made_of_sheets", {"packing_left": "1 3/16", "packing_layers_left": ("23/32", "15/32"), "tape_tolerance": "1/32"}, "packing-of-sheets", "note"),
    ("packing_on_the_right_is_made_of_sheets", {"packing_right": "1 1/4", "packing_layers_right": ("23/32", "15/32"), "tape_tolerance": "1/32"}, "packing-wants-a-shim", "note"),
    ("corners_take_their_screws", {"corner_edge": Fraction(10), "corner_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}, "edge-too-thin-for-a-screw", "attention"),
    ("walls_take_the_screws_of_the_bottom", {"bottom_edge": Fraction(10), "bottom_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}, "edge-too-thin-for-a-screw", "attention"),
    ("case_boards_take_their_screws", {"case_screwed_edge": Fraction(10), "case_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}, "edge-too-thin-for-a-screw", "attention"),
    ("dividers_take_their_screws", {"divider_thickness": Fraction(10), "divider_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}, "edge-too-thin-for-a-screw", "attention"),
    ("runners_are_sold_so_long", {"wanted_runner_length": "17", "runner_stock_lengths": ("14", "16", "18")}, "runner-not-sold-so-long", "note"),
    ("runners_are_sold_so_long", {"wanted_runner_length": "9", "runner_stock_lengths": ("14", "16", "18")}, "runner-not-sold-so-long", "note"),
    ("left_and_right_sides_differ", {}, "sides-are-mirror-images", "note"),
    ("room_takes_the_rails", {"room_height": "3", "hung_height_needed": "4"}, "no-room-for-rails", "stop"),
    ("runners_carry_it_on_the_road", {"runner_load": Fraction(3, 5), "most_runner_load_moving": Fraction(1, 2), "carried_weight": Fraction(27), "runner_rating": Fraction(45)}, "runner-loaded-on-the-road", "attention"),
]  # fmt: skip

IS_SILENT: list[tuple[str, dict[str, Any]]] = [
    ("notches_leave_a_part", NOTCHED),
    ("rails_take_their_runners", {"hanging_rail_height": "1 3/4", "runner_height": "1 3/4"}),
    ("a_post_takes_runner_and_hooks", {"hanging_post_height": "5 1/2", "runner_height": "1 3/4", "hook_above_edge": "1 1/4"}),
    ("hooks_do_not_meet_in_the_post", {"hooks_left": ("4",), "hooks_right": ("4 1/2",), "hook_thread": "3/4", "hanging_post_thickness": "1 1/2", "least_stagger": "1/2", "least_thin_cover": "1/16"}),
    ("pans_go_on_the_post", {"post_left_over_left": "0", "post_left_over_right": "1", "runner_length": "22"}),
    ("a_post_hangs_above_the_floor", {"free_below_post": "0", "hanging_post_height": "5 1/2"}),
    ("pans_hang_free", {"free_below_pans": "0", "longest_pan": "20"}),
    ("pans_pass_what_is_beside", {"free_left_of_pans": "0", "highest_pan": "5"}),
    ("the_top_over_a_post_was_measured", {"hung_from_thickness": "3/4"}),
    ("two_runners_go_over_each_other", {"lower_of_two": "1 3/8", "upper_of_two": "4 1/8", "runner_height": "1 3/4", "outside_height": "5 1/2"}),
    ("screws_hold_what_hangs_on_one_side", {"pull_on_upper": 33, "one_screw_holds": Fraction(9)}),
    ("lips_lie_on_their_strips", {"parts_engagement": "3/16", "parts_strip": "5/16", "least_bearing": "1/8"}),
    ("a_tray_runs_between_its_strips", {"parts_body_play": "1/8", "parts_body": "20"}),
    ("a_base_is_not_cut_through", {"parts_housing": "1/8", "parts_thickness": "1/4"}),
    ("a_tray_lies_on_both_risers", {"tray_bearing": "5/32", "tray_riser_play": "1/16", "least_bearing": "1/8"}),
    ("risers_stand_over_the_rest_of_the_back", {"tray_riser_height": "2 17/32", "back_rest": "2 1/2", "riser_over_rest": "1/32"}),
    ("a_free_tray_does_not_tip", {"tray_travel": "8 1/4", "tray_most_travel": "8 1/4", "outside_depth": "17 1/2"}),
    ("enough_of_a_tray_stays_under_its_cleats", {"tray_travel": "11 1/2", "tray_most_travel": "11 2/3", "keeper_length": "6"}),
    ("cleats_lap_the_rim", {"keeper_lap": "7/16", "least_bearing": "1/8"}),
    ("brads_of_cleats_stay_inside", {"keeper_brad_length": "7/8", "keeper_width": "1/2", "standing_wall": "1/2"}),
    ("a_tray_has_room_behind_the_drawer", {"tray_travel": "11 1/2", "room_behind_open": "16 1/4"}),
    ("a_cut_meets_no_fastener", {"back_rest": "2 1/2", "cut_clear": "1/16", "old_back_screws": ("4 1/2",), "old_back_brads": ("2 3/8", "3 1/2")}),
    ("fasteners_above_the_cut_come_out_first", {"back_rest": "2 1/2", "old_back_brads": ("3/8", "1 3/8")}),
    ("risers_stand_against_the_sides", {"cell_from_left": "0", "cell_width": "19", "opening_width": "19", "cell_from_floor": "2"}),
    ("an_upper_tray_lies_on_both_risers", {"upper_bearing": "1/8", "upper_play_left": "1/16", "least_bearing": "1/8"}),
    ("an_upper_tray_leaves_room_below", {"upper_travel": "8 1/2", "upper_depth_cut": "8 1/2", "inside_depth": "17"}),
    ("pull_screws_are_sunk_in_the_wood", {"pull_counterbore": "1/2", "pull_passed": "3/4", "least_beside_counterbore": "1/4"}),
    ("short_pull_screws_are_sunk", {"pull_counterbore": "0"}),
    ("pull_screws_end_in_the_thread", {"pull_screw_length": "1 1/8", "pull_passed": "3/4", "pull_thread": "3/8"}),
    ("a_flush_handle_has_a_cut_out", {"pull_hole_width": "1/2", "pull_hole_height": "2", "flush_flange": "2"}),
    ("flange_screws_stay_inside", {"flush_cover": "1/8", "flush_cover_wanted": "1/8"}),
    ("an_own_fastener_holds", {"own_good_bite": "3/8", "least_screw_bite": "3/8"}),
    ("an_own_fastener_stays_inside", {"own_good_cover": "1/8", "own_good_cover_wanted": "1/8"}),
    ("fit_on_runners", {"runner_play_built": "1/4", "runner_play": "1/4", "most_runner_play": "1/16"}),
    ("fit_between_walls", {"runner_play_built": "1/16", "runner_play": "0", "most_runner_play": "1/16"}),
    ("fit_in_height", {"play_above_built": "1/4", "play_above": "1/4"}),
    ("fit_in_depth", {"usable_depth": "17", "outside_depth": "17"}),
    ("runner_too_long", {"usable_depth": "18", "runner_length": "18"}),
    ("box_shorter_than_runner", {"outside_depth": "15 31/32", "runner_length": "16", "increment": "1/16"}),
    ("runner_on_the_side", {"runner_line_on_wall": "7/8", "runner_height": "1 3/4", "wall_height_cut": "1 3/4"}),
    ("passes_the_opening", {"face_width": "22 1/2", "outside_width": "21 1/2", "passes_beside": "1/2", "box_from_left": "1/2", "cell_from_left": "0", "face_left_of_cell": "0"}),
    ("front_in_the_opening", {"gap_beside": "0", "gap_above_below": "0"}),
    ("front_laps_as_planned", {"front_width": "20 1/32", "front_width_cut": "20", "increment": "1/16"}),
    ("bin_fits_its_cell", BIN_CELL),
    ("front_passes_what_stands_in_its_plane", {"face_taken_left": "0"}),
    ("strip_is_still_a_strip", {"thickest_strip": "2", "taken_left": "2", "taken_right": "0"}),
    ("box_is_brought_in", {**CRATE, "mouth_width": "24", "mouth_height": "10", "turning_up": "1", "turning_across": "1"}),
    ("front_is_carried_in", {**BOARD, "mouth_width": "1", "mouth_height": "14"}),
    ("front_is_carried_in", {**BOARD, "mouth_width": "10 1/2", "mouth_height": "10 1/2"}),  # tilted: 14 and a root of 1/2 are 10.43
    ("divider_is_carried_in", {"divider_length_cut": "30", "divider_depth_cut": "10", "divider_thickness": "3/4", "mouth_width": "10", "mouth_height": "10"}),
    ("shelf_is_carried_in", {"shelf_length_cut": "30", "shelf_depth_cut": "10", "shelf_thickness": "3/4", "mouth_width": "10", "mouth_height": "10"}),
    ("bottom_is_carried_in", {"bottom_width_cut": "30", "bottom_depth_cut": "10", "bottom_thickness": "1/4", "mouth_width": "10", "mouth_height": "10"}),
    ("side_is_carried_in", {"side_length_cut": "30", "wall_height_cut": "10", "side_thickness": "1/2", "mouth_width": "10", "mouth_height": "10"}),
    ("one_person_carries_it", {"carried_weight": 22, "lift_alone": 22}),
    ("casters_carry_it", {"caster_load": 45, "caster_rating": 45}),
    ("swivels_stand_inside", {"caster_inset": "3", "opening_width": "30", "clear_depth": "12"}),
    ("deck_stays_on_its_rails", {"deck_length": "60", "deck_out": "30"}),
    ("drawer_comes_out", {"runner_length": "20", "room_needed_ahead": "44", "room_in_front": "44"}),
    ("door_is_out_of_the_way", {"door_stands_in": 0, "door_opens": 90}),
    ("bed_stands_on_its_middle", {"platform_width": "54", "unsupported_bed": "54"}),
    ("halves_meet", {"half_depth": "29", "clear_depth": "29"}),
    ("tall_units_are_fixed", {"opening_height": "26 15/16", "tall_unit": "27"}),
    ("lowest_and_highest_pair_carry", {"kept_runner_low": "1", "kept_runner_top": "4", "runner_height": "1 3/4"}),
    ("groove_leaves_its_edge", {"bottom_raise": "1/4", "least_groove_edge": "1/4"}),
    ("screws_stay_in_their_divider", {"divider_thickness": "1/2", "each_screw_into_left": ("5/8", "1/2"), "each_screw_into_right": ("1/2", "0")}),
    ("screws_stay_in_the_case", {"case_side_thickness": "3/4", "each_screw_into_left": ("5/8",), "each_screw_into_right": ("0",)}),
    ("battens_have_their_room", {"room_below_box": "3/4", "runner_height": "3/4"}),
    ("back_is_as_high_as_its_sides_ask", {"back_wall_height_cut": "8", "back_wall_height": "8 1/32", "increment": "1/16"}),
    ("back_is_as_wide_as_its_front", {"box_back_length_cut": "20 1/2", "box_back_length": "20 17/32", "increment": "1/16"}),
    ("divider_reaches_what_holds_it", {"divider_length_cut": "9", "divider_length": "9 1/32", "increment": "1/16"}),
    ("housings_leave_their_boards", {"divider_housed": "1/4", "low_end_host": "3/4", "high_end_host": "1/2"}),
    ("dowels_stay_in_their_board", {"dowel_face_depth": "1/2", "dowelled_host": "3/4", "least_screw_cover": "1/8"}),
    ("edges_take_their_dowels", {"dowel_diameter": "3/8", "dowelled_edge": "3/4"}),
    ("dowels_keep_clear_of_screws", {"dowel_places": ("3/4",), "hole_places": ("2",), "dowel_diameter": "3/8", "edge_diameters": 3}),
    ("box_passes_its_cleats", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "7 1/4", "cell_from_floor": "0", "cell_height": "9", "cleat_height": "1 1/2", "box_from_left": "1/2", "cell_from_left": "0", "cleat_thickness": "3/4"}),
    ("the_cabinet_was_measured", {"fixed_to_thickness": "5/8"}),
    ("the_worktop_was_measured", {"fixed_to_thickness": "1 3/4"}),
    ("the_frame_was_measured", {"fixed_to_thickness": "1/8"}),
    ("fixing_screws_hold", {"fixing_screw_length": "1 1/4", "fixing_passed": "3/4", "least_screw_bite": "3/8"}),
    ("fasteners_stay_on_their_divider", {"divider_fixings": ("1", "17"), "divider_depth_cut": "18"}),
    ("fasteners_stay_on_their_divider", {"divider_fixings": (), "divider_depth_cut": "18"}),
    ("walls_behind_packing_were_measured", {"standing_wall": "5/8"}),
    ("walls_under_angles_were_measured", {"standing_wall": "5/8"}),
    ("posts_pass_the_cleats", {"box_from_left": "2 1/2", "beside_box": "1 3/4", "cell_from_left": "0", "cleat_thickness": "3/4"}),
    ("strips_find_their_room", {"width_spread": "7/16", "front_strip": "7/32"}),
    ("box_passes_the_top_rail", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "5", "opening_height": "9", "top_rail_width_cut": "3", "set_back": "0", "outside_depth": "19 1/4", "top_rail_from_front": "19"}),
    ("box_passes_the_top_rail", {"room_from_floor": "0", "room_below_box": "1/8", "outside_height": "8", "opening_height": "9", "top_rail_width_cut": "3", "set_back": "0", "outside_depth": "18", "top_rail_from_front": "19"}),
    ("uprights_pass_the_top_rail", {"divider_set_back": "0", "divider_depth_cut": "19", "top_rail_from_front": "19"}),
    ("fronts_end_over_the_skirt", {"gap_below": "1/8"}),
    ("shelves_reach_pins_in_the_left_wall", {"cell_from_left": "0", "shelf_play": "1/16", "pin_hole_depth": "3/8", "wall_left_from_left": "0"}),
    ("shelves_reach_pins_in_the_right_wall", {"cell_from_left": "0", "cell_width": "20", "shelf_play": "1/16", "pin_hole_depth": "3/8", "wall_right_from_left": "20"}),
    ("angle_screws_of_both_faces_stand_apart", {"upright_angle_wall_screw_length": "5/8", "angle_metal": "1/16", "divider_thickness": "1 1/4", "least_thin_cover": "1/16", "least_stagger": "1/2"}),
    ("post_screws_of_both_faces_stand_apart", {"post_screw_right": "1 1/4", "post_thickness": "3/4", "divider_thickness": "1 1/8", "least_thin_cover": "1/16", "least_stagger": "1/2"}),
    ("strips_stand_where_it_is_wider", {"width_taper": "7/16", "width_spread": "1/2", "front_strip": "7/32"}),
    ("strips_stand_where_it_is_wider", {"width_taper": "1/4", "width_spread": "1/4", "front_strip": "7/32"}),
    ("a_frame_stands_on_a_floor", {"room_below_box": "0"}),
    ("feet_stand_under_a_bottom", {"feet_in_a_row": Fraction(2)}),
    ("runners_stay_below_a_cross_wall", {"runner_from_floor": "3", "runner_height": "2", "cell_from_floor": "0", "cell_height": "4"}),
    ("runners_stay_above_a_cross_wall", {"runner_from_floor": "9", "runner_height": "2", "cell_from_floor": "8"}),
    ("walls_under_cleats_were_measured", {"standing_wall": "5/8"}),
    ("the_jig_reaches_the_middle", {"jig_packing": "1/16", "dowelled_edge": "3/4"}),
    ("divider_fills_its_depth", {"divider_depth_cut": "19 1/2", "cell_depth": "20 1/32", "divider_set_back": "1/2", "divider_short_behind": "0", "increment": "1/16"}),
    ("shelf_goes_between_its_walls", {"shelf_length_cut": "22 3/8", "free_width": "22 1/2", "shelf_length": "22 3/8", "increment": "1/16"}),
    ("shelf_is_as_deep_as_is_free", {"shelf_depth_cut": "20", "shelf_depth": "20", "increment": "1/16"}),
    ("boards_across_hold_the_inside_apart", {"case_across_length_cut": "30", "case_across_length": "30", "thickness_increment": "1/64"}),
    ("sides_hold_the_inside_apart", {"case_side_length_cut": "25 1/2", "case_side_length": "25 1/2", "thickness_increment": "1/64"}),
    ("panels_are_as_deep_as_the_inside", {"case_panel_depth_cut": "20 1/16", "case_panel_depth": "20 1/32", "increment": "1/16"}),
    ("bottom_between_goes_in_and_is_held", {"bottom_width_cut": "20 1/2", "inside_width": "20 1/2", "bottom_depth_cut": "17", "inside_depth": "17 1/32", "increment": "1/16"}),
    ("planted_bottom_covers_its_walls", {"bottom_width_cut": "21 1/2", "bottom_width": "21 1/2", "bottom_depth_cut": "17 3/4", "outside_depth": "18", "side_thickness": "1/2"}),
    ("bottom_in_a_rabbet_goes_in_and_is_held", {"bottom_width_cut": "20 31/32", "inside_width": "20 1/2", "edge_rabbet_side": "1/4", "bottom_depth_cut": "17 7/16", "inside_depth": "17", "edge_rabbet_front": "1/4", "edge_rabbet_back": "1/4"}),
    ("some_play_is_wanted", {"play_above": "1/4", "room_below_box": "1/8"}),
    ("friction_box_does_not_bind", {"outside_height": "8 5/8", "room_height": "9"}),
    ("inset_front_hides_its_box", {"front_overhang_left": "3/8", "front_overhang_right": "3/8", "front_edge_to_box_edge": -mm("1/32"), "front_height_cut": "9", "outside_height": "8", "gap": "1/8", "increment": "1/16"}),
    ("laps_leave_the_way_out", {"shared_lap": "1/2", "divider_thickness": "1/2"}),
    ("strip_has_room_left", {"taken_left": "1", "thickest_strip": "2", "strip_left_length": "12"}),
    ("strip_has_room_right", {"taken_right": "1", "thickest_strip": "2", "strip_right_length": "0", "carries_right": "1"}),
    ("integral_front_closes_its_joint", {"lock_stand_off": "0"}),
    ("back_passes_its_runners", {"box_back_length_cut": "20 1/2", "outside_width": "21 1/2"}),
    ("front_keeps_to_its_room", {"box_front_length_cut": "22 1/4", "free_width": "22 1/2"}),
    ("back_keeps_to_its_room", {"box_back_length_cut": "22 1/4", "free_width": "22 1/2"}),
    ("laps_share_their_divider", {"shared_lap": "5/16", "divider_thickness": "3/4", "gap": "1/8"}),
    ("grooves_do_not_meet", {**GROOVES, "runner_groove_from_edge": "5/8"}),
    ("grooves_do_not_meet", {**GROOVES, "groove_depth_side": "15/64"}),
    ("front_is_thick_enough_for_sockets", {"socket_depth_front": "5/16", "least_socket": "5/16"}),
    ("slot_leaves_its_end", {"sliding_set_in": "3/8", "least_set_in": "3/8"}),
    ("box_does_not_rack", {"outside_width": "24", "runner_length": "16", "rack_ratio": Fraction(3, 2)}),
    ("undermount_hooks_in", {"side_thickness": "5/8", "undermount_side": "5/8"}),
    ("bottom_stands_over_the_runner", {"bottom_raise": "1/2", "undermount_raise": "1/2"}),
    ("centre_mount_stays_narrow", {"outside_width": "24", "centre_widest": "24"}),
    ("pulled_with_one_hand", {"pull_force": 50, "hard_pull": 50}),
    ("walls_run_straight", {"width_bulge": "1/32", "tape_tolerance": "1/32"}),
    ("walls_do_not_twist", {"width_twist": -mm("1/32"), "tape_tolerance": "1/32"}),
    ("mattress_lies_on_its_platform", {"margin_across": "0", "margin_along": "1"}),
    ("bed_goes_into_the_room", BED),
    ("narrowest_stands_alone", {"each_width": ("21", "22"), "doubtful": "1/2"}),
    ("lowest_stands_alone", {"each_height": ("12", "12", "12 3/8"), "doubtful": "1/2"}),
    ("shallowest_stands_alone", {"each_depth": ("18", "18 1/2", "18 1/4"), "doubtful": "1/2"}),
    ("diagonals_are_longer_than_sides", DIAGONALS),
    ("obstruction_stands_in_the_space", {**OPENING, "begins_from_floor": "11", "begins_from_left": "0"}),
    ("two_roads_to_the_opening", {"opening_by_front": "15 1/8", "opening_by_box": "15 1/8", "increment": "1/16"}),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/8", "each_gap_below": ("1/16", "1/8"), "each_face_taken_below": (), "increment": "1/16"}),
    ("bottom_enters_its_groove", {"bottom_thickness": "7/32", "groove_width": "7/32"}),
    ("bottom_goes_in", {"bottom_play_across": "0", "bottom_play_along": "0"}),
    ("bottom_stays_in", {"bottom_play_across": "1/16", "bottom_play_along": "1/16", "groove_depth_side": "1/8", "groove_depth_front": "1/8", "groove_depth_back": "1/8"}),
    ("slid_bottom_stays_in", {"bottom_play_across": "1/16", "groove_depth_side": "1/8"}),
    ("front_screws_hold", {"front_screw_bite": "3/8", "least_screw_bite": "3/8"}),
    ("front_screws_stay_inside", {"front_screw_cover": "1/8", "front_cover_wanted": "1/8"}),
    ("runner_screws_hold", {"runner_screw_reach": "1/4", "least_runner_bite": "1/4"}),
    ("runner_screws_stay_inside", {"runner_screw_cover": "1/8", "runner_cover_wanted": "1/8"}),
    ("width_taken_once", {"each_width": ("22", "22")}),
    ("width_taken_once", {"each_width": ()}),
    ("width_readings_differ", {"width_spread": "0", "governing_width": "22"}),
    ("runners_need_parallel_walls", {"width_taper": "0"}),
    ("opening_out_of_square", {"lean": "0", "gap": "1/8"}),
    ("screws_do_not_meet", {"divider_thickness": "3/4", "each_screw_into_left": ("0", "5/16"), "each_screw_into_right": ("3/8", "0"), "between_tips": "1/16", "runner_screw_stagger": "0", "least_stagger": "1/2"}),
    ("screws_do_not_meet", {"divider_thickness": "3/4", "each_screw_into_left": ("0", "3/4"), "each_screw_into_right": ("3/4", "0"), "between_tips": "1/16", "runner_screw_stagger": "1/2", "least_stagger": "1/2"}),
    ("holes_are_on_the_member", {"runner_box_holes": ("1", "13 7/8"), "runner_length": "14"}),
    ("case_holes_are_on_the_member", {"runner_case_holes": ("1", "13 7/8"), "runner_length": "14"}),
    ("a_hole_leaves_wood_beside_it_in_the_box", {"pull_hole_from_wall_left": "3/4", "pull_hole_in_wall": "1 1/4", "pull_hole_width": "4", "box_front_length_cut": "5 1/2", "least_beside_hole": "3/4"}),
    ("a_hole_leaves_wood_beside_it_in_the_box", {"pull_hole_from_wall_left": "0", "pull_hole_in_wall": "0", "pull_hole_width": "4", "box_front_length_cut": "5 1/2", "least_beside_hole": "3/4"}),
    ("holes_of_pulls_are_in_the_front", {"pull_holes_from_left": ("1", "5"), "front_width_cut": "6"}),
    ("rack_passes_its_cleats", {"rack_from_left": "11", "cell_from_left": "10", "cell_width": "20", "rack_first": "2", "rack_slots": Fraction(8), "rack_pitch": "2", "cleat_thickness": "3/4"}),
    ("dividers_stay_in_the_upper_strips", {"rack_engagement": "1/4", "least_engagement": "1/4"}),
    ("slots_leave_more_than_half_of_their_wall", {"slot_depth": "15/64", "slotted_wall": "1/2"}),
    ("a_hole_leaves_wood_in_the_box", {"pull_hole_from_wall_edge": "3/4", "pull_hole_in_wall": "1 1/4", "wall_height_cut": "2 3/4", "least_beside_hole": "3/4"}),
    ("a_hole_leaves_wood_in_the_box", {"pull_hole_from_wall_edge": "6", "pull_hole_in_wall": "0", "wall_height_cut": "4", "least_beside_hole": "3/4"}),
    ("a_hole_leaves_wood", {"pull_hole_from_edge": "3/4", "pull_hole_from_left": "5", "pull_hole_height": "1 1/4", "pull_hole_width": "4", "front_height_cut": "2 3/4", "front_width_cut": "14", "least_beside_hole": "3/4"}),
    ("panel_is_long_enough", {"panel_length": "29 3/4", "panel_length_needed": "29 3/4", "faces_from_panel": Fraction(3), "blade_kerf": "1/8"}),
    ("panel_is_wide_enough", {"panel_width": "21 3/4", "panel_width_needed": "21 3/4"}),
    ("unit_meets_its_neighbour", {"standing_height": "30", "matched_height": "30"}),
    ("runners_carry_it", {"runner_load": Fraction(4, 5), "most_runner_load": Fraction(4, 5), "carried_weight": Fraction(36), "runner_rating": Fraction(45)}),
    ("case_screws_hold", {"case_screw_bite": "3/8", "least_screw_bite": "3/8", "case_screw_length": "1 1/8"}),
    ("tray_stays_on_its_battens", {"batten_engagement": "1/16", "batten_projection": "3/16", "tray_play": "1/8"}),
    ("plate_carries_what_hangs", {"hung_across": "22 1/2", "hung_plate_width": "22 1/2"}),
    ("case_is_brought_in", {"case_outside_width": "32", "case_outside_height": "34", "case_outside_depth": "20", "mouth_width": "33", "mouth_height": "80"}),
    ("case_fits_across", {"room_beside_case": "1/8", "fitting_room": "1/8", "niche_width": "24", "lost_on_left": "0", "lost_on_right": "0"}),
    ("case_fits_upwards", {"room_above_case": "1/8", "fitting_room_above": "1/8", "standing_height": "29 7/8", "niche_height": "30", "lost_above": "0", "lost_below": "0"}),
    ("case_fits_in_depth", {"room_behind_case": "1/4", "fitting_room_behind": "1/4", "case_whole_depth": "20 3/4", "niche_depth": "21", "lost_behind": "0"}),
    ("case_is_square_in_its_space", {"width_spread": "1/32", "tape_tolerance": "1/32"}),
    ("packing_on_the_left_is_made_of_sheets", {"packing_left": "0", "packing_layers_left": (), "tape_tolerance": "1/32"}),
    ("packing_on_the_right_is_made_of_sheets", {"packing_right": "1/16", "packing_layers_right": (), "tape_tolerance": "1/32"}),
    ("corners_take_their_screws", {"corner_edge": Fraction(21, 2), "corner_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}),
    ("walls_take_the_screws_of_the_bottom", {"bottom_edge": Fraction(21, 2), "bottom_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}),
    ("case_boards_take_their_screws", {"case_screwed_edge": Fraction(21, 2), "case_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}),
    ("dividers_take_their_screws", {"divider_thickness": Fraction(21, 2), "divider_screw_diameter": Fraction(35, 10), "edge_diameters": Fraction(3)}),
    ("runners_are_sold_so_long", {"wanted_runner_length": "16", "runner_stock_lengths": ("14", "16", "18")}),
    ("room_takes_the_rails", {"room_height": "4", "hung_height_needed": "4"}),
    ("runners_carry_it_on_the_road", {"runner_load": Fraction(1, 2), "most_runner_load_moving": Fraction(1, 2), "carried_weight": Fraction(22), "runner_rating": Fraction(45)}),
    ("pull_clears_the_door", {"pull_projection": "0", "pull_count": Fraction(1)}),
    ("small_parts_at_the_saw", {"wall_height_cut": "3", "box_back_length_cut": "20", "small_part": "6"}),
    ("thin_strips_at_the_saw", {"packing_left": "0", "packing_right": "3/4", "thin_strip": "1/2"}),
    ("thin_strips_at_the_saw", {"packing_left": "1/2", "packing_right": "1/2", "thin_strip": "1/2"}),
]  # fmt: skip


@pytest.mark.parametrize(("name", "inputs", "code", "severity"), SPEAKS)
def test_a_check_speaks_when_it_should(name: str, inputs: dict[str, Any], code: str, severity: str) -> None:
    found = ask(name, **inputs)
    assert found is not None
    assert (found.code, found.severity) == (code, severity)
    assert found.fix
    assert all(number >= 0 for number in found.numbers.values())


@pytest.mark.parametrize(("name", "inputs"), IS_SILENT)
def test_a_check_is_silent_when_nothing_is_wrong(name: str, inputs: dict[str, Any]) -> None:
    assert ask(name, **inputs) is None


def test_every_check_is_tried_both_ways() -> None:
    assert {row[0] for row in SPEAKS} == set(CHECKS)
    assert {row[0] for row in IS_SILENT} >= set(CHECKS) - {"height_taken_once", "depth_taken_once"} - ALWAYS


@pytest.mark.parametrize(("name", "inputs", "code", "severity"), SPEAKS)
def test_every_message_can_be_filled_with_its_numbers(
    name: str, inputs: dict[str, Any], code: str, severity: str
) -> None:
    found = ask(name, **inputs)
    assert found is not None
    for words in (found.message, found.fix):
        assert words.format(**found.numbers)


# ---- bad input, whole plans: a finding with the numbers and what would help, never a negative part ---------------


def _runner_of(plan: Any) -> str:
    return str(plan.choices["runner"])


def thick_runners() -> Any:
    plan = frameless("9", "6", "18")
    return changed(plan, step(f"/library/runners/{_runner_of(plan)}/side_clearance", "4 1/2 in", "replace"))


BAD_INPUT = [
    ("runners that fill the opening", thick_runners, "no-room-for-box"),
    ("a front thicker than the depth", lambda: measured(frameless(depth="3/4"), front_sheet="3/4 in"), "front-fills-the-depth"),
    ("a depth below the shortest runner", lambda: frameless(depth="8"), "no-runner-short-enough"),
    ("a groove deeper than the side", lambda: frameless(wanted_groove_depth="1/2 in"), "groove-through-the-wall"),
    ("a groove of no depth", lambda: frameless(wanted_groove_depth="0 in"), "groove-through-the-wall"),
    ("a bottom thicker than its groove", lambda: frameless(wanted_groove_width="7/32 in"), "bottom-thicker-than-groove"),
    ("a rabbet through the end", lambda: frameless(joint="rabbet_in_ends", wanted_rabbet_depth="3/4 in"), "rabbet-through-the-end"),
    ("sides that fill the box", lambda: measured(frameless(width="3 in", height="6"), side_sheet="1 1/4 in"), "no-room-for-ends"),
    ("play that fills the height", lambda: frameless(play_above="9 in", play_below="1 in"), "no-height-for-box"),
    ("a bottom raised above the box", lambda: frameless(bottom_raise="9 in"), "no-inside-height"),
    ("a planted bottom thicker than the box", lambda: measured(frameless(height="2 1/2", bottom="planted"), bottom_sheet="3 in"), "no-height-for-walls"),
    ("gaps that fill the opening", lambda: frameless(gap="5 in"), "no-room-for-front"),
    ("wiggle that fills the width", lambda: frameless(wiggle_width="23 in"), "no-clear-width"),
    ("wiggle that fills the height", lambda: frameless(wiggle_height="23 in"), "no-clear-height"),
    ("wiggle that fills the depth", lambda: frameless(wiggle_depth="23 in"), "no-clear-depth"),
    ("packing that fills the width", lambda: frameless(wanted_packing_left="23 in"), "no-clear-width"),
    ("a runner that is too long", lambda: frameless(wanted_runner_length="20 in"), "runner-too-long"),
    ("a runner line below the floor", lambda: frameless(wanted_runner_line="1/2 in"), "runner-below-the-floor"),
    ("a runner higher than the box", lambda: frameless(height="2", wanted_runner_line="1 1/8 in"), "runner-off-the-side"),
    ("a box too high for its opening", lambda: frameless(wanted_box_height="10 in"), "box-too-high"),
    ("a box too deep", lambda: frameless(wanted_box_depth="18 in"), "box-too-deep"),
    ("less than one increment", lambda: changed(frameless(), step("/units/increment", "90 in", "replace")), "nothing-left-to-cut"),
]  # fmt: skip


@pytest.mark.parametrize(("what", "make", "code"), BAD_INPUT, ids=[b[0] for b in BAD_INPUT])
def test_bad_input_gets_a_finding_and_never_a_negative_part(what: str, make: Any, code: str) -> None:
    done = solved(make())
    finding = next(f for f in findings_of(done) if f.code == code)
    assert finding.message
    assert finding.fix
    assert "{" not in finding.message + finding.fix
    for (_, name), one in done.solved.quantities.items():
        if name.endswith(("_cut", "_length", "_thickness")) and isinstance(one.value, Fraction):
            assert one.value >= 0, name


@pytest.mark.parametrize(("what", "make", "code"), BAD_INPUT, ids=[b[0] for b in BAD_INPUT])
def test_a_root_refusal_appears_once(what: str, make: Any, code: str) -> None:
    findings = [(f.code, f.place, f.message) for f in findings_of(solved(make()))]
    assert len(findings) == len(set(findings))


@pytest.mark.parametrize(
    ("missing", "code", "stands", "waits"),
    [
        ("width", "no-width-read", "runner_length", "box_width"),
        ("height", "no-height-read", "box_width", "box_height"),
        ("depth", "no-depth-read", "box_width", "runner_length"),
    ],
)
def test_a_missing_reading_lets_its_followers_wait_and_the_rest_stand(
    missing: str, code: str, stands: str, waits: str
) -> None:
    sizes = {"width": "22 1/2", "height": "9 7/16", "depth": "18"} | {missing: None}
    from vasculum.plan.document.starting import new_plan

    done = solved(new_plan("Half", "frameless", "in", **sizes))
    drawer = drawer_of(done.plan)
    assert code in codes(done, "stop")
    assert value(done, stands) > 0
    waiting = done.solved.quantities[drawer, waits]
    assert waiting.value is None
    assert {name for _, name in waiting.waits_for} == {f"governing_{missing}"}


def test_pins_are_checked_like_planned_sizes() -> None:
    assert "box-too-wide" in codes(pinned(frameless(), box_front_length_cut="20 9/16 in"), "stop")
    assert "box-too-loose" in codes(pinned(frameless(), box_front_length_cut="20 3/8 in"), "attention")
    assert "bottom-too-wide" in codes(pinned(frameless(), bottom_width_cut="21 1/16 in"), "stop")
    assert "bottom-falls-out" in codes(pinned(frameless(), bottom_width_cut="20 11/16 in"), "stop")
    assert "front-too-wide" in codes(pinned(frameless(), front_width_cut="22 9/16 in"), "stop")


def test_a_first_drawer_has_no_finding_that_stops() -> None:
    for plan in (framed(), frameless(), with_choices(frameless(), joint="rabbet_in_ends", bottom="planted")):
        assert not codes(plan, "stop", "attention")


def test_a_box_wider_than_the_frame_does_not_pass_it() -> None:
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    assert "frame-in-the-way" in codes(with_choices(plan, wanted_packing_left="1/4 in"), "stop")
