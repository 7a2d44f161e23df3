"""Which kinds each place of a plan has: what answers for it in the catalogue. Values come elsewhere."""

from __future__ import annotations

from vasculum.core.tables import choosables
from vasculum.plan.carcass import by_layout, carcass_kinds, inside_kinds, is_new, wanting_kinds
from vasculum.plan.crossings import BUILT_IN
from vasculum.plan.document import Choices, Plan, Reading, Space
from vasculum.plan.layout import (
    BOXES,
    LAPPING,
    SPLITS,
    Node,
    chosen,
    divider_of,
    front_of,
    is_even_stack,
    levels_of,
    nearest_choice,
)


def chosen_kind(plan: Plan, family: str, levels: list[Choices]) -> str:
    """Which alternative of a family holds: the nearest choice, or the edition's default."""
    known = choosables(plan.defaults_edition)
    name = next(n for n, one in known.items() if one.kind == family and one.inch is not None)
    return f"{family}.{chosen(plan, levels, name)}"


def kinds_of(plan: Plan, node: Node) -> frozenset[str]:
    """Every kind that holds at a place of the layout."""
    place, levels = node.place, levels_of(plan, node.space, node.place)
    front = front_of(plan, node.space, place)
    kinds = {"cell", f"cell.{node.of}", place.holds} | _edge_kinds(node, front)
    kinds |= {"built_in"} if place.holds in BUILT_IN else set()
    kinds |= wanting_kinds(plan, place) if is_new(plan, plan.spaces[node.space]) else set()
    if node.of != "whole":
        kinds |= _sizing_kinds(plan, node, front)
    has_mouth = "through_mouth" in _asked(_ASKED_OF_BOX, levels)
    kinds |= {"shelf_through_mouth"} if has_mouth and place.holds == "shelf" else set()
    has_band = nearest_choice(levels, "case_band") is not None
    kinds |= {"shelf_banded"} if has_band and place.holds == "shelf" else set()
    if place.holds in SPLITS:
        kinds |= {"divider_through_mouth"} if has_mouth and divider_of(place) == "board" else set()
        kinds |= {"divider_banded"} if has_band and divider_of(place) == "board" else set()
        return frozenset(kinds - {place.holds} | _split_kinds(plan, node, levels) | _grain_kinds(plan, node, levels))
    if place.holds in BOXES:
        kinds |= {"drawer"} | _joints(plan, levels, front)
        kinds |= _runner_kinds(plan, levels, kinds, plan.spaces[node.space].what == "vehicle")
        kinds.add("carried.box" if "front_walled" in kinds else "carried.with_face")
        kinds |= {"sides_mirror"} if _has_handed_sides(kinds) else set()
        kinds |= _kept_runner_kinds(levels)
        kinds |= _asked(_ASKED_OF_BOX, levels)
        kinds |= {chosen_kind(plan, "door", levels)} if "doored" in kinds else set()
        stacked = "room.lapped" if front in LAPPING else "room.stacked"
        kinds.add(stacked if node.is_stacked else "room.own")
        kinds.add(f"front.{front}")
    if front != "none":
        snap = "stacked" if node.is_stacked else "own"
        kinds |= {f"front.{front}", "fronted", f"front_snap.{snap}"}
        kinds |= {f"front_gap.{snap}"} if front == "inset" else {"lapping"}
        kinds.add(chosen_kind(plan, "face", levels))
        kinds |= {"front_banded"} if nearest_choice(levels, "front_band") else set()
        kinds |= {"front_through_mouth"} if has_mouth else set()
        if place.holds in BOXES:
            kinds |= {"faced", "inset_box" if front == "inset" else "lapping_box"}
            kinds |= {"front_screwed"} if "front_walled" in kinds else set()
            kinds |= _pull_kinds(plan, levels, kinds)
        else:
            kinds.add("false_front")
    return frozenset(kinds)


def _grain_kinds(plan: Plan, node: Node, levels: list[Choices]) -> set[str]:
    """Whether the figure runs on over a column of fronts, and what the panel was said to be."""
    fronts = [id_ for id_ in node.place.children if front_of(plan, node.space, plan.places[id_]) != "none"]
    if node.place.holds != "rows" or len(fronts) < 2:
        return set()
    grain = chosen_kind(plan, "grain", levels)
    if grain == "grain.free":
        return {grain}
    return {grain} | _asked({"panel_said": ("panel_length",), "panel_width_said": ("panel_width",)}, levels)


def _pull_kinds(plan: Plan, levels: list[Choices], kinds: set[str]) -> set[str]:
    """What a drawer with a front is pulled by."""
    pull = chosen_kind(plan, "pull", levels)
    if pull not in ("pull.centred", "pull.on_line"):
        return {pull}
    return {pull, "pulled", "pull_screwed"} | ({"pulled_behind_door"} if "doored" in kinds else set())


_ASKED_OF_SPACE: dict[str, tuple[str, ...]] = {
    "matched": ("matched_height",),
    "on_casters": ("caster_height",),
    "swivelling": ("caster_offset", "caster_wheel"),
    "caster_loaded": ("caster_rating", "standing_weight"),
    "bed": ("mattress_width", "mattress_length", "platform_width", "platform_length"),
    "bed_in_room": (
        "mattress_width", "mattress_length", "platform_width", "platform_length", "room_width", "room_length",
    ),
    "bed_stacked": ("toe_height", "bed_box_height", "slat_thickness", "mattress_thickness"),
    "laden": ("payload", "load_weight"),
    "tied_down": ("tie_downs", "load_weight"),
    "lidded": ("lid_thickness",),
    "sliding_deck": ("deck_length", "deck_out"),
    "deck_loaded": ("deck_length", "deck_out", "deck_weight"),
}  # fmt: skip
"""What a space is asked about, once all of this is known of it."""
_ASKED_OF_BOX: dict[str, tuple[str, ...]] = {
    "through_mouth": ("mouth_width", "mouth_height"),
    "room_ahead": ("room_in_front",),
    "doored": ("door_width",),
}
_TURNING = {
    "turning_across": "turning_width", "turning_up": "turning_room", "turning_along": "turning_depth",
}  # fmt: skip


def space_kinds(plan: Plan, space: Space) -> set[str]:
    """What a space is: its setting, a height to match, casters, a bed, a load."""
    levels = [space.choices, plan.choices]
    kinds = {"space", f"space.{space.kind}", f"set.{space.what}"} | _asked(_ASKED_OF_SPACE, levels)
    if space.what in ("cabinet", "chest", "unit"):
        kinds.add("standing")
    if "bed" in kinds:
        kinds.add("bed_from_both_sides" if nearest_choice(levels, "middle_support") else "bed_unsupported")
    kinds |= inside_kinds(plan, space) | carcass_kinds(plan, space, kinds)
    for turning, name in _TURNING.items():
        if nearest_choice(levels, name):
            kinds.add(f"{turning}.said")
        elif space.what == "vehicle":
            kinds.add(f"{turning}.vehicle")
    return kinds


def _asked(asked: dict[str, tuple[str, ...]], levels: list[Choices]) -> set[str]:
    return {kind for kind, names in asked.items() if all(nearest_choice(levels, name) for name in names)}


def _has_handed_sides(kinds: set[str]) -> bool:
    """Turned end for end, a left side is a right one, unless its ends are worked differently."""
    ends = {kind.partition(".")[2] for kind in kinds if kind.partition(".")[0] in ("joint", "back")}
    return len(ends) > 1 or "box_holed" in kinds


def _joints(plan: Plan, levels: list[Choices], front: str) -> set[str]:
    """Joint at the front, joint at the back, and how the bottom is held; without a choice the back is joined alike.

    A face that is the front of the box has no like at the back, and there is none where there is no front: the sides
    are butted then.
    """
    joint = chosen_kind(plan, "joint", levels)
    back = nearest_choice(levels, "back_joint") or joint.partition(".")[2]
    bottom = chosen_kind(plan, "bottom", levels)
    if joint == "joint.integral" and front == "none":
        joint = "joint.butt_around"
    kinds = (joint, f"back.{'butt_between' if back == 'integral' else back}", bottom)
    found = {*kinds, *(shared for kind in kinds for shared in SHARED_BY.get(kind, ()))}
    return found | ({"integral_grooved"} if joint == "joint.integral" and "in_grooves" in found else set())


SHARED_BY = {
    "bottom.grooved": ("in_grooves",), "bottom.slid_in": ("in_grooves",),
    "bottom.between": ("flush_bottom",), "bottom.in_rabbet": ("flush_bottom",),
    "joint.butt_between": ("front_walled",), "joint.butt_around": ("front_walled",),
    "joint.rabbet_in_ends": ("front_walled",), "joint.rabbet_in_sides": ("front_walled",),
    "joint.dado": ("front_walled",), "joint.dado_tongue": ("front_walled",), "joint.finger": ("front_walled",),
    "joint.sliding_dovetail": ("front_walled",),
    "joint.through_dovetail": ("front_walled", "tails_front"), "joint.half_blind": ("front_walled", "tails_front"),
    "back.through_dovetail": ("tails_back",), "back.half_blind": ("tails_back",),
}  # fmt: skip
"""Alternatives that have something in common → the kind that answers for it."""


RUNS: dict[str, tuple[str, ...]] = {
    "side_mount": ("rolling", "clearing", "lined", "line.halfway", "screwed"),
    "heavy_side_mount": ("rolling", "clearing", "lined", "line.halfway", "screwed"),
    "roller": ("rolling", "clearing", "seated"),
    "undermount": ("rolling", "seated"),
    "centre_mount": ("rolling", "clearing", "seated"),
    "wooden": ("sliding", "clearing", "lined", "line.halfway"),
    "skid": ("sliding", "clearing", "seated"),
    "friction": ("sliding", "clearing", "seated"),
    "batten": ("sliding", "clearing", "seated"),
    "hung": ("rolling", "lined", "screwed"),
    "posts": ("rolling", "lined", "screwed"),
}
"""What each system of runners shares with others: how it runs, what it takes beside the box, where it holds it."""


def _runner_kinds(plan: Plan, levels: list[Choices], kinds: set[str], is_moving: bool) -> set[str]:
    runner = plan.library.runners[nearest_choice(levels, "runner") or ""].kind
    found = {f"runner.{runner}", *RUNS[runner]}
    if plan.library.runners[nearest_choice(levels, "runner") or ""].rating:
        found |= {"rated", "rated_in_vehicle"} if is_moving else {"rated"}
    if "screwed" in found:
        row = plan.library.runners[nearest_choice(levels, "runner") or ""]
        found |= {"case_holed"} if row.case_holes else set()
        found |= {"box_holed"} if row.box_holes else set()
        found.add("screws.by_holes" if row.case_holes and row.box_holes else "screws.counted")
    if "lined" in found:
        found.add("lined_planted" if "bottom.planted" in kinds else "lined_within")
    if runner == "hung" and nearest_choice(levels, "hung_plate_width"):
        found.add("plated")
    if runner == "wooden" and "in_grooves" in kinds:
        found.add("wooden_grooved")
    if runner == "undermount":
        found.add("undermount_grooved" if "in_grooves" in kinds else "undermount_flush")
    return found


def _kept_runner_kinds(levels: list[Choices]) -> set[str]:
    """Whether width, height and length of a box come from runners that stay where they are."""
    has_heights = all(nearest_choice(levels, name) for name in ("kept_runner_low", "kept_runner_top"))
    kinds = {
        "width.from_old_box" if nearest_choice(levels, "old_box_width") else "width.from_cell",
        "height.from_kept_runners" if has_heights else "height.from_room",
    }
    return kinds | ({"runner_read"} if nearest_choice(levels, "kept_runner_length") else set())


def _edge_kinds(node: Node, front: str) -> set[str]:
    """What borders a place on its four sides; a front that laps stands over what is solid there."""
    kinds = {
        "left.edge" if node.is_left_edge else "left.divider",
        "right.edge" if node.is_right_edge else "right.divider",
    }
    for side, is_open, is_end in (
        ("above", node.is_open_above, node.is_top_edge),
        ("below", node.is_open_below, node.is_bottom_edge),
    ):
        lapped = "lap_end" if is_end else "lap_divider"
        kinds.add(f"{side}.open" if is_open else f"{side}.{lapped if front in LAPPING else 'solid'}")
    if front in LAPPING:
        kinds.add("lap_left.end" if node.is_left_edge else "lap_left.divider")
        kinds.add("lap_right.end" if node.is_right_edge else "lap_right.divider")
    return kinds


def _sizing_kinds(plan: Plan, node: Node, front: str) -> set[str]:
    """How a row or column is sized."""
    parent, place = plan.places[node.parent or ""], node.place
    by = place.size.by
    if by == "fixed":
        return {"sizing.fixed"}
    if by == "contents":
        content = {"drawer": "box", "tray": "box", "bin": "bin", "shelf": "shelf"}.get(place.holds, "bay")
        stacked = "contents_lapped" if front in LAPPING else "contents_stacked"
        kind = stacked if node.is_stacked else "contents"
        return {f"sizing.{kind}", "content.bay" if content == "bay" else f"content.{content}_{node.of}"}
    relative = "graduated_ratio" if by == "graduated" and parent.ratio else "share" if by == "left" else by
    return {f"sizing.{relative}_{divider_of(parent)}"}


def _split_kinds(plan: Plan, node: Node, levels: list[Choices]) -> set[str]:
    divider = divider_of(node.place)
    kinds = {"split", f"split.{node.place.holds}", f"divided.{divider}"}
    if divider == "board":
        kinds.add("upright.board" if node.place.holds == "columns" else "lying.board")
    if is_even_stack(plan, node):
        kinds |= {"stack.even", chosen_kind(plan, "surplus", levels)}
    return kinds


def survey_kinds(plan: Plan, space: Space, survey: str, readings: list[Reading]) -> frozenset[str]:
    """What is governed by the readings of one survey; sizes that the layout says are not asked of it."""
    is_frame, unasked = survey == space.frame, by_layout(plan, space)
    kinds = {"survey", "survey.frame"} if is_frame else {"survey"}
    taken = {r.of for r in readings}
    if is_frame or space.kind == "frameless":
        kinds |= {f"survey.{of}" for of in ("width", "height") if of not in unasked}
    if not is_frame:
        kinds |= {"survey.depth", "survey.case_depth"} if "depth" not in unasked else set()
        if space.kind == "frameless":
            kinds |= {"survey.case"} if "width" not in unasked else set()
            kinds |= {"survey.case_height"} if "height" not in unasked else set()
        elif "width" in taken:
            kinds |= {"survey.width", "survey.case"}
    if {"diagonal_rising_right", "diagonal_rising_left"} <= taken and "survey.width" in kinds:
        kinds.add("survey.diagonals")
    along = {r.along for r in readings if r.of == "width"}
    if {"front", "back"} <= along:
        kinds.add("survey.tapered")
        kinds |= {"survey.bulging"} if "middle" in along else set()
    corners = {(r.along, r.level) for r in readings if r.of == "width"}
    if {(along, level) for along in ("front", "back") for level in ("low", "high")} <= corners:
        kinds.add("survey.twisting")
    return frozenset(kinds)


def reading_kinds(reading: Reading, has_strips: bool) -> frozenset[str]:
    kinds = {"reading", f"reading.{reading.of}"}
    if reading.of == "width":
        if reading.along:
            kinds.add(f"width_at.{reading.along}")
        if reading.along in ("front", "back") and reading.level in ("low", "high"):
            kinds.add(f"width_at.{reading.along}_{reading.level}")
        if has_strips:
            kinds.add("strip.left_and_right")
    return frozenset(kinds)
