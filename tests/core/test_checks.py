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
from vasculum.plan.solution import findings_of

CHECKS = the_catalogue().checks


def ask(name: str, **inputs: Any) -> Finding | None:
    """A check called with plain numbers; texts are inches."""
    (rule,) = CHECKS[name].values()
    given = {n: tuple(map(mm, v)) if isinstance(v, tuple) else mm(v) for n, v in inputs.items()}
    found: Finding | None = rule.function(**given)
    return found


SPEAKS: list[tuple[str, dict[str, Any], str, str]] = [
    ("fit_in_width", {"runner_play_built": -mm("1/32"), "most_runner_play": "1/16"}, "box-too-wide", "stop"),
    ("fit_in_width", {"runner_play_built": "3/32", "most_runner_play": "1/16"}, "box-too-loose", "attention"),
    ("fit_in_height", {"play_above_built": -mm("1/32"), "play_above": "1/4"}, "box-too-high", "stop"),
    ("fit_in_height", {"play_above_built": "3/16", "play_above": "1/4"}, "little-room-above", "attention"),
    ("fit_in_depth", {"usable_depth": "17", "outside_depth": "17 1/16"}, "box-too-deep", "stop"),
    ("runner_too_long", {"usable_depth": "17 1/4", "runner_length": "18"}, "runner-too-long", "stop"),
    ("box_shorter_than_runner", {"outside_depth": "15", "runner_length": "16", "increment": "1/16"}, "box-shorter-than-runner", "attention"),
    ("runner_on_the_side", {"runner_line_on_wall": "1/2", "runner_height": "1 3/4", "wall_height_cut": "6"}, "runner-off-the-side", "attention"),
    ("runner_on_the_side", {"runner_line_on_wall": "5 1/2", "runner_height": "1 3/4", "wall_height_cut": "6"}, "runner-off-the-side", "attention"),
    ("passes_the_opening", {"face_width": "22 1/2", "outside_width": "21 5/8", "runner_side_clearance": "1/2"}, "frame-in-the-way", "stop"),
    ("front_in_the_opening", {"gap_beside": -mm("1/16"), "gap_above_below": "1/8"}, "front-too-wide", "stop"),
    ("front_in_the_opening", {"gap_beside": "1/8", "gap_above_below": -mm("1/16")}, "front-too-high", "stop"),
    ("two_roads_to_the_opening", {"opening_by_front": "15 1/8", "opening_by_box": "15", "increment": "1/16"}, "two-roads-differ", "note"),
    ("two_roads_to_the_opening", {"opening_by_front": "15", "opening_by_box": "15 1/8", "increment": "1/16"}, "two-roads-differ", "note"),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/16", "gap": "1/8", "increment": "1/16"}, "fronts-over", "attention"),
    ("fronts_fill_the_opening", {"gap_at_floor": -mm("1/16"), "gap": "1/8", "increment": "1/16"}, "fronts-over", "stop"),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/4", "gap": "1/8", "increment": "1/16"}, "fronts-under", "attention"),
    ("bottom_enters_its_groove", {"bottom_thickness": "1/4", "groove_width": "7/32"}, "bottom-thicker-than-groove", "stop"),
    ("bottom_goes_in", {"bottom_play_across": -mm("1/32"), "bottom_play_along": "0"}, "bottom-too-wide", "stop"),
    ("bottom_goes_in", {"bottom_play_across": "0", "bottom_play_along": -mm("1/32")}, "bottom-too-deep", "stop"),
    ("bottom_stays_in", {"bottom_play_across": "1/4", "bottom_play_along": "0", "groove_depth_side": "1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/4"}, "bottom-falls-out", "stop"),
    ("bottom_stays_in", {"bottom_play_across": "0", "bottom_play_along": "1/8", "groove_depth_side": "1/4", "groove_depth_front": "1/4", "groove_depth_back": "1/8"}, "bottom-falls-out", "stop"),
    ("front_screws_hold", {"front_screw_bite": "1/4", "least_screw_bite": "3/8"}, "front-screw-too-short", "attention"),
    ("front_screws_stay_inside", {"front_screw_cover": "1/16", "least_screw_cover": "1/8"}, "front-screw-near-the-face", "attention"),
    ("front_screws_stay_inside", {"front_screw_cover": -mm("1/16"), "least_screw_cover": "1/8"}, "front-screw-comes-through", "attention"),
    ("runner_screws_hold", {"runner_screw_reach": "1/4", "least_screw_bite": "3/8"}, "runner-screw-too-short", "attention"),
    ("runner_screws_stay_inside", {"runner_screw_cover": "1/16", "least_screw_cover": "1/8"}, "runner-screw-near-the-face", "note"),
    ("runner_screws_stay_inside", {"runner_screw_cover": -mm("1/32"), "least_screw_cover": "1/8"}, "runner-screw-comes-through", "attention"),
    ("width_taken_once", {"each_width": ("22",)}, "width-taken-once", "note"),
    ("height_taken_once", {"each_height": ("9",)}, "height-taken-once", "note"),
    ("depth_taken_once", {"each_depth": ("18",)}, "depth-taken-once", "note"),
    ("width_readings_differ", {"width_spread": "1/16", "governing_width": "22"}, "widths-differ", "note"),
    ("runners_need_parallel_walls", {"width_taper": "1/4"}, "walls-taper", "note"),
    ("opening_out_of_square", {"lean": "1/16", "gap": "1/8"}, "out-of-square", "note"),
    ("opening_out_of_square", {"lean": -mm("1/4"), "gap": "1/8"}, "out-of-square", "attention"),
    ("small_parts_at_the_saw", {"wall_height_cut": "3", "front_back_length_cut": "20", "small_part": "6"}, "small-parts", "caution"),
    ("small_parts_at_the_saw", {"wall_height_cut": "9", "front_back_length_cut": "5", "small_part": "6"}, "small-parts", "caution"),
    ("thin_strips_at_the_saw", {"packing_left": "1/4", "packing_right": "3/8", "thin_strip": "1/2"}, "thin-strips", "caution"),
]  # fmt: skip

IS_SILENT: list[tuple[str, dict[str, Any]]] = [
    ("fit_in_width", {"runner_play_built": "0", "most_runner_play": "1/16"}),
    ("fit_in_width", {"runner_play_built": "1/16", "most_runner_play": "1/16"}),
    ("fit_in_height", {"play_above_built": "1/4", "play_above": "1/4"}),
    ("fit_in_depth", {"usable_depth": "17", "outside_depth": "17"}),
    ("runner_too_long", {"usable_depth": "18", "runner_length": "18"}),
    ("box_shorter_than_runner", {"outside_depth": "15 31/32", "runner_length": "16", "increment": "1/16"}),
    ("runner_on_the_side", {"runner_line_on_wall": "7/8", "runner_height": "1 3/4", "wall_height_cut": "1 3/4"}),
    ("passes_the_opening", {"face_width": "22 1/2", "outside_width": "21 1/2", "runner_side_clearance": "1/2"}),
    ("front_in_the_opening", {"gap_beside": "0", "gap_above_below": "0"}),
    ("two_roads_to_the_opening", {"opening_by_front": "15 1/8", "opening_by_box": "15 1/8", "increment": "1/16"}),
    ("fronts_fill_the_opening", {"gap_at_floor": "1/8", "gap": "1/8", "increment": "1/16"}),
    ("bottom_enters_its_groove", {"bottom_thickness": "7/32", "groove_width": "7/32"}),
    ("bottom_goes_in", {"bottom_play_across": "0", "bottom_play_along": "0"}),
    ("bottom_stays_in", {"bottom_play_across": "1/16", "bottom_play_along": "1/16", "groove_depth_side": "1/8", "groove_depth_front": "1/8", "groove_depth_back": "1/8"}),
    ("front_screws_hold", {"front_screw_bite": "3/8", "least_screw_bite": "3/8"}),
    ("front_screws_stay_inside", {"front_screw_cover": "1/8", "least_screw_cover": "1/8"}),
    ("runner_screws_hold", {"runner_screw_reach": "3/8", "least_screw_bite": "3/8"}),
    ("runner_screws_stay_inside", {"runner_screw_cover": "1/8", "least_screw_cover": "1/8"}),
    ("width_taken_once", {"each_width": ("22", "22")}),
    ("width_taken_once", {"each_width": ()}),
    ("width_readings_differ", {"width_spread": "0", "governing_width": "22"}),
    ("runners_need_parallel_walls", {"width_taper": "0"}),
    ("opening_out_of_square", {"lean": "0", "gap": "1/8"}),
    ("small_parts_at_the_saw", {"wall_height_cut": "6", "front_back_length_cut": "20", "small_part": "6"}),
    ("thin_strips_at_the_saw", {"packing_left": "0", "packing_right": "3/8", "thin_strip": "1/2"}),
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
    assert {row[0] for row in IS_SILENT} >= set(CHECKS) - {"height_taken_once", "depth_taken_once"}


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
    from vasculum.plan.starting import new_plan

    done = solved(new_plan("Half", "frameless", "in", **sizes))
    drawer = drawer_of(done.plan)
    assert code in codes(done, "stop")
    assert value(done, stands) > 0
    waiting = done.solved.quantities[drawer, waits]
    assert waiting.value is None
    assert {name for _, name in waiting.waits_for} == {f"governing_{missing}"}


def test_pins_are_checked_like_planned_sizes() -> None:
    assert "box-too-wide" in codes(pinned(frameless(), front_back_length_cut="20 9/16 in"), "stop")
    assert "box-too-loose" in codes(pinned(frameless(), front_back_length_cut="20 3/8 in"), "attention")
    assert "bottom-too-wide" in codes(pinned(frameless(), bottom_width_cut="21 1/16 in"), "stop")
    assert "bottom-falls-out" in codes(pinned(frameless(), bottom_width_cut="20 11/16 in"), "stop")
    assert "front-too-wide" in codes(pinned(frameless(), front_width_cut="22 9/16 in"), "stop")


def test_a_first_drawer_has_no_finding_that_stops() -> None:
    for plan in (framed(), frameless(), with_choices(frameless(), joint="rabbet_in_ends", bottom="planted")):
        assert not codes(plan, "stop", "attention")


def test_a_box_wider_than_the_frame_does_not_pass_it() -> None:
    plan = with_readings(framed(), "case", {"of": "width", "value": "24 in", "along": "front", "level": "low"})
    assert "frame-in-the-way" in codes(with_choices(plan, wanted_packing_left="1/4 in"), "stop")
