"""Which kinds each place of a plan has: what answers for it in the catalogue. Values come elsewhere."""

from __future__ import annotations

from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import SPLITS, Choices, Place, Plan, Reading, Space
from vasculum.plan.laying.carcass import (
    carcass_kinds,
    inside_kinds,
    is_bottomless,
    is_new,
    is_railed,
    is_skirted,
    is_topless,
    niche_sizes,
    top_oversails,
    unasked,
    wanting_kinds,
)
from vasculum.plan.laying.crossings import BUILT_IN
from vasculum.plan.laying.layout import (
    BOXES,
    Node,
    chosen,
    chosen_kind,
    divider_of,
    front_of,
    hangs_on_posts,
    holds_boxes,
    laps,
    meets_edges_singly,
    nearest_choice,
    nodes_of,
    shows_fronts,
)
from vasculum.plan.laying.members import board_before_kinds, packing_kinds, split_kinds

CONTENT = {"drawer": "box", "tray": "box", "bin": "bin", "shelf": "shelf", "parts_tray": "parts_tray"}
"""What sizes a place by its contents; a bay where it is not said."""


def kinds_of(plan: Plan, node: Node) -> frozenset[str]:
    """Every kind that holds at a place of the layout."""
    place, levels = node.place, node.levels
    front = front_of(plan, place, node.outer)
    kinds = {"cell", f"cell.{node.of}", place.holds} | _edge_kinds(plan, node, front)
    kinds |= {"built_in"} if place.holds in BUILT_IN else set()
    kinds |= {"parts_begin"} if _begins_parts_trays(plan, node) else set()
    kinds |= {"lowest"} if node.is_bottom_edge else set()
    kinds |= packing_kinds(plan, node)
    kinds |= {"over_skirt"} if node.is_bottom_edge and is_skirted(plan, plan.spaces[node.space]) else set()
    kinds |= {"under_rail"} if node.is_top_edge and is_railed(plan, plan.spaces[node.space]) else set()
    kinds |= wanting_kinds(plan, place) if is_new(plan, plan.spaces[node.space]) else set()
    kinds |= {"walled_behind"} if "room_behind" in place.choices else set()
    kinds |= _walled_beside(plan, node)
    kinds |= _beside_risers(node)
    if node.of != "whole":
        kinds |= _sizing_kinds(plan, node, front)
        kinds |= board_before_kinds(plan, node)
    kinds |= {chosen_kind(plan, "case_edges", levels)} if place.holds == "shelf" or "has_board" in kinds else set()
    kinds |= {chosen_kind(plan, "rack_made", levels)} if place.holds == "rack" else set()
    if place.holds == "shelf":
        kinds |= {chosen_kind(plan, family, levels) for family in ("shelf_rests", "shelf_holds")}
    if place.holds in SPLITS:
        kinds = kinds - {place.holds} | split_kinds(plan, node, levels) | _grain_kinds(plan, node, levels)
        return frozenset(the_catalogue().with_shared(kinds))
    if place.holds in BOXES:
        kinds |= {"drawer", f"front.{front}", chosen_kind(plan, "door", levels)} | _joints(plan, levels, front)
        kinds |= {chosen_kind(plan, "fitted", levels)} | _mat_kinds(levels, kinds)
        kinds |= _runner_kinds(plan, levels, plan.spaces[node.space].what == "vehicle")
        kinds |= set() if "runner.standing" in kinds else {"slides_out"}
        kinds |= _kept_kinds(levels, the_catalogue().with_shared(kinds))
        kinds |= {"sides_mirror"} if _has_handed_sides(the_catalogue().with_shared(kinds)) else set()
        kinds |= {"begins_bay"} if _begins_bay(plan, node) else set()
        kinds |= _post_kinds(plan, node) if "runner.posts" in kinds else set()
        stacked = "room.lapped" if laps(front) else "room.stacked"
        kinds.add(stacked if node.is_stacked else "room.own")
    if front != "none":
        kinds |= {f"front.{front}", "fronted", f"front_snap.{'stacked' if node.is_stacked else 'own'}"}
        kinds |= {chosen_kind(plan, "face", levels)}
        if place.holds in BOXES:
            pull = chosen_kind(plan, "pull", levels)
            is_screwed = "pull_screwed" in the_catalogue().with_shared({pull})
            kinds |= {"faced", pull} | ({chosen_kind(plan, "pull_held", levels)} if is_screwed else set())
        else:
            kinds.add("false_front")
        kinds |= {"front_in_panel"} if node.parent and _is_panel(plan, node.parent, node.outer) else set()
    return frozenset(the_catalogue().with_shared(kinds))


def _is_panel(plan: Plan, split: str, levels: tuple[Choices, ...]) -> bool:
    """Whether the fronts of a split are cut from one panel; with what was chosen there and further out."""
    place = plan.places[split]
    fronts = [id_ for id_ in place.children if front_of(plan, plan.places[id_], levels) != "none"]
    is_column = place.holds == "rows" and len(fronts) > 1
    return is_column and chosen_kind(plan, "grain", levels) == "grain.matched"


def _grain_kinds(plan: Plan, node: Node, levels: tuple[Choices, ...]) -> set[str]:
    """Whether the figure runs on over a column of fronts."""
    fronts = [id_ for id_ in node.place.children if front_of(plan, plan.places[id_], levels) != "none"]
    return {chosen_kind(plan, "grain", levels)} if node.place.holds == "rows" and len(fronts) > 1 else set()


def space_kinds(plan: Plan, space_id: str) -> set[str]:
    """What a space is: its setting, its case, and where the sizes of its inside come from."""
    space = plan.spaces[space_id]
    kinds = {"space", f"space.{space.kind}", f"set.{space.what}"} | inside_kinds(plan, space)
    if space.what in ("cabinet", "chest", "unit"):
        kinds.add("standing")
    if chosen_kind(plan, "grain", [space.choices, plan.choices]) == "grain.matched" and not _has_panel(plan, space_id):
        kinds.add("grain_unmatched")
    if holds_boxes(plan, plan.places[space.holds]):
        kinds.add("drawers_open")
    return the_catalogue().with_shared(kinds | carcass_kinds(plan, space))


def _has_panel(plan: Plan, space: str) -> bool:
    """Whether any column of a space has fronts over which a figure may run."""
    return any(_is_panel(plan, node.id, node.levels) for node in nodes_of(plan, space) if node.place.holds == "rows")


def _holds_trays(plan: Plan, place: Place, outer: tuple[Choices, ...]) -> bool:
    """Whether something is pulled out of a place, or of anything it is divided into, that has no front."""
    inner = (place.choices, *outer)
    is_tray = place.holds in BOXES and front_of(plan, place, outer) == "none"
    return is_tray or any(_holds_trays(plan, plan.places[id_], inner) for id_ in place.children)


def _has_handed_sides(kinds: set[str]) -> bool:
    """Turned end for end, a left side is a right one, unless its ends are worked differently."""
    ends = {kind.partition(".")[2] for kind in kinds if kind.partition(".")[0] in ("joint", "back")}
    return len(ends) > 1 or {"screwed", "runner_holed_in_box"} <= kinds


def _walled_beside(plan: Plan, node: Node) -> set[str]:
    """Whether the row over or under this one, with nothing between, is ended by a cross wall."""
    if node.of != "row" or node.parent is None or divider_of(plan, plan.places[node.parent]) != "open":
        return set()
    rows = plan.places[node.parent].children
    beside = {"walled_above": rows[: node.number][-1:], "walled_below": rows[node.number + 1 :][:1]}
    return {kind for kind, row in beside.items() if any("room_behind" in plan.places[one].choices for one in row)}


def _beside_risers(node: Node) -> set[str]:
    """On which sides a riser of the tray that slides over a place stands in it."""
    if not node.is_under_tray or node.place.holds in SPLITS:
        return set()
    edges = {"riser.left": node.is_left_edge, "riser.right": node.is_right_edge}
    return {kind for kind, is_edge in edges.items() if is_edge}


def _post_kinds(plan: Plan, node: Node) -> set[str]:
    """Whether a place has posts of its own or the first of a stack has them for all, and stand beyond its divider."""
    over = [] if node.of != "row" or node.parent is None else plan.places[node.parent].children
    right = node.beyond[1]
    beyond = {"posts_beyond"} if right is not None and hangs_on_posts(plan, *right) else set()
    is_shared = node.is_open_below or node.is_open_above
    is_shared = is_shared and all(hangs_on_posts(plan, plan.places[id_], node.outer) for id_ in over)
    if not is_shared:
        return {"posts_begin", "posts_alone", *beyond}
    return {"posts_begin", *beyond} if node.number == 0 else set()


def _begins_parts_trays(plan: Plan, node: Node) -> bool:
    """Whether a tray for small parts stands over something else, with no board between."""
    if node.place.holds != "parts_tray" or node.of != "row" or not node.is_open_below or node.parent is None:
        return False
    below = plan.places[node.parent].children[node.number + 1 :][:1]
    return not any(plan.places[id_].holds == "parts_tray" for id_ in below)


def _begins_bay(plan: Plan, node: Node) -> bool:
    """Whether no box stands over this one in the same stack: what a bay has once is counted with its first box."""
    if node.of != "row" or node.parent is None:
        return True
    over = plan.places[node.parent].children[: node.number]
    return not any(plan.places[id_].holds in BOXES for id_ in over)


def _joints(plan: Plan, levels: tuple[Choices, ...], front: str) -> set[str]:
    """Joint at the front, joint at the back, and how the bottom is held; without a choice the back is joined alike.

    A face that is the front of the box has no like at the back, and there is none where there is no front: the sides
    are butted then.
    """
    joint = chosen_kind(plan, "joint", levels)
    back = nearest_choice(levels, "back_joint") or joint.partition(".")[2]
    if joint == "joint.integral" and front == "none":
        joint = "joint.butt_around"
    ends = {joint, f"back.{'butt_between' if back == 'integral' else back}"}
    bottom = chosen_kind(plan, "bottom", levels)
    held = {chosen_kind(plan, "corner_held", levels)} if any("butt" in end for end in ends) else set()
    if bottom == "bottom.planted":
        held.add(chosen_kind(plan, "bottom_held", levels))
        runs_past = "front_past_sides" in the_catalogue().with_shared({joint})
        held |= {chosen_kind(plan, "bottom_spans", levels)} if runs_past else set()
    has_bottom = set() if bottom == "bottom.none" else {"box_bottomed"}
    return ends | {bottom} | held | has_bottom


def _mat_kinds(levels: tuple[Choices, ...], kinds: set[str]) -> set[str]:
    """Whether a mat lies on the bottom of a box; one without a bottom has none."""
    is_matted = nearest_choice(levels, "mat_sheet") is not None and "box_bottomed" in kinds
    return {"matted", "from_inside"} if is_matted else set()


def _kept_kinds(levels: tuple[Choices, ...], kinds: set[str]) -> set[str]:
    """Whether the box hangs on pairs that stay, where it was said how high the lowest and the highest hang."""
    is_said = all(nearest_choice(levels, name) for name in ("kept_runner_low", "kept_runner_top"))
    return {"kept_pairs"} if is_said and {"rolling", "lined", "clearing"} <= kinds else set()


def _runner_kinds(plan: Plan, levels: tuple[Choices, ...], is_moving: bool) -> set[str]:
    """The system of the runner that is chosen, and what its row says of it."""
    row = plan.library.runners[nearest_choice(levels, "runner") or ""]
    found = {f"runner.{row.kind}"}
    found |= {chosen_kind(plan, "posts_are", levels)} if row.kind == "posts" else set()
    if row.kind == "risers":
        found |= {chosen_kind(plan, family, levels) for family in ("tray_kept", "old_back")}
    found |= {chosen_kind(plan, "carried_on", levels)} if row.kind == "one_side" else set()
    found |= {"runner_holed_in_case"} if row.case_holes else set()
    found |= {"runner_holed_in_box"} if row.box_holes else set()
    if row.rating:
        found |= {"rated", "rated_in_vehicle"} if is_moving else {"rated"}
    return found


def _edge_kinds(plan: Plan, node: Node, front: str) -> set[str]:
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
        case = plan.spaces[node.space]
        is_under_top = side == "above" and is_end and (top_oversails(plan, case) or is_topless(plan, case))
        is_over_floor = side == "below" and is_end and is_bottomless(plan, case)
        is_lapped = (
            laps(front) and not (is_under_top or is_over_floor) and not (is_end and _is_inset(plan, node, front, side))
        )
        kinds.add(f"{side}.open" if is_open else f"{side}.{lapped if is_lapped else 'solid'}")
    if laps(front):
        kinds |= {"front_edge.asked"} if meets_edges_singly(front) else set()
        for side, is_end in (("left", node.is_left_edge), ("right", node.is_right_edge)):
            met = "inset" if is_end and _is_inset(plan, node, front, side) else "end" if is_end else "divider"
            kinds.add(f"lap_{side}.{met}")
        beside = [one for one in node.beyond if one is not None]
        kinds |= {"divider_shared"} if any(shows_fronts(plan, *one) for one in beside) else set()
        kinds |= {"beside_a_tray"} if any(_holds_trays(plan, *one) for one in beside) else set()
    return kinds


def _is_inset(plan: Plan, node: Node, front: str, side: str) -> bool:
    """Whether a front that laps elsewhere ends inside the opening at one edge of the case."""
    return meets_edges_singly(front) and chosen(plan, node.levels, f"front_edge_{side}") == "inset"


def _sizing_kinds(plan: Plan, node: Node, front: str) -> set[str]:
    """How a row or column is sized."""
    parent, place = plan.places[node.parent or ""], node.place
    by = place.size.by
    if by == "fixed":
        return {"sizing.fixed"}
    if by == "contents":
        content = CONTENT.get(place.holds, "bay")
        content = "bay" if content == "parts_tray" and node.of == "column" else content
        stacked = "contents_lapped" if laps(front) else "contents_stacked"
        kind = stacked if node.is_stacked else "contents"
        return {f"sizing.{kind}", "content.bay" if content == "bay" else f"content.{content}_{node.of}"}
    relative = "graduated_ratio" if by == "graduated" and parent.ratio else "share" if by == "left" else by
    return {f"sizing.{relative}_{'open' if _shares_faces(plan, parent, node.outer[1:]) else 'board'}"}


def _shares_faces(plan: Plan, split: Place, outer: tuple[Choices, ...]) -> bool:
    """Whether what is shared out is fronts with their gaps: over each other without rails, and any of them there."""
    return split.holds == "rows" and divider_of(plan, split) == "open" and shows_fronts(plan, split, outer)


def survey_kinds(plan: Plan, space: Space, survey: str, readings: list[Reading]) -> frozenset[str]:
    """What is governed by the readings of one survey; sizes that the layout says are not asked of it."""
    is_frame, not_asked = survey == space.frame, unasked(plan, space)
    niche = niche_sizes(plan, space)
    kinds = {"survey", "survey.frame"} if is_frame else {"survey"}
    kinds |= set() if is_new(plan, space) else {"survey.measured"}
    taken = {r.of for r in readings}
    if is_frame or space.kind == "frameless":
        kinds |= {f"survey.{of}" for of in ("width", "height") if of not in not_asked}
    if niche:
        kinds |= {f"survey.niche_{of}" for of in niche} | ({"survey.depth"} & {f"survey.{of}" for of in niche})
    elif not is_frame:
        kinds |= {"survey.depth", "survey.case_depth"} if "depth" not in not_asked else set()
        if space.kind == "frameless":
            kinds |= {"survey.case"} if "width" not in not_asked else set()
            kinds |= {"survey.case_height"} if "height" not in not_asked else set()
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
