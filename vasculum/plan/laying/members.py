"""The kinds of the boards between places, and of the packing beside them: what they end at, and how they are joined."""

from __future__ import annotations

from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import Choices, Plan, Space
from vasculum.plan.laying.carcass import is_bottomless, is_new, is_topless
from vasculum.plan.laying.layout import Node, chosen_kind, divider_of, hangs_on_posts, holds_boxes, is_even_stack


def board_before_kinds(plan: Plan, node: Node) -> set[str]:
    """Whether a board stands before this part of a split."""
    is_after = node.number > 0 and divider_of(plan, plan.places[node.parent or ""]) == "board"
    held, reach = (chosen_kind(plan, f, node.outer).partition(".")[2] for f in ("divider_held", "rail_reach"))
    found = {f"board_before.{node.of}", "has_board", f"board_on.{held}", f"board_reaches.{reach}"}
    return found if is_after else set()


def split_kinds(plan: Plan, node: Node, levels: tuple[Choices, ...]) -> set[str]:
    """How a split is divided: what stands between its parts, how that is joined and held, and what its fronts share."""
    divider = divider_of(plan, node.place)
    kinds = {"split", f"split.{node.place.holds}", f"divided.{divider}"}
    if divider == "board":
        kinds.add("upright.board" if node.place.holds == "columns" else "lying.board")
        kinds |= {chosen_kind(plan, "divider_held", levels)} | _ends_kinds(plan, node, levels)
    if node.place.holds == "columns" and node.place.divider == "none" and divider == "board":
        kinds.add("boards_kept")
    kinds |= {"dry"} if _of_case(plan, node, "case_joint") == "case_joint.knock_down" else set()
    if is_even_stack(plan, node):
        kinds |= {"stack.even", chosen_kind(plan, "surplus", levels)}
    return kinds


def _ends_kinds(plan: Plan, node: Node, levels: tuple[Choices, ...]) -> set[str]:
    """What the boards of a split end at, low and high, and so whether they can be let into it."""
    is_upright = node.place.holds == "columns"
    edges = (node.is_bottom_edge, node.is_top_edge) if is_upright else (node.is_left_edge, node.is_right_edge)
    are_open = (node.is_open_below, node.is_open_above) if is_upright else (False, False)
    space = plan.spaces[node.space]
    at_edge = "case" if is_new(plan, space) else "existing"
    low, high = (at_edge if is_edge else "divider" for is_edge in edges)
    high = "nothing" if is_upright and high == "case" and is_topless(plan, space) else high
    low = "nothing" if is_upright and low == "case" and is_bottomless(plan, space) else low
    joint = chosen_kind(plan, "divider_joint", levels)
    shown = the_catalogue().with_shared({_of_case(plan, node, "outside_shown")})
    ends_at_shown = (
        "top_shows" in shown and high == "case" if is_upright else "sides_show" in shown and "case" in (low, high)
    )
    kinds = {f"low_end.{low}", f"high_end.{high}", chosen_kind(plan, "rail_reach", levels)}
    kinds |= {"ends_in_the_air"} if any(are_open) else set()
    on_angles = is_upright and high == "case" and _of_case(plan, node, "top_held") == "top_held.angles"
    is_whole = "whole_top" in the_catalogue().with_shared({_of_case(plan, node, "case_top")})
    kinds |= {"under_angles"} if on_angles and is_whole else set()
    kinds |= {"staggered"} if "divider" in (low, high) and node.number % 2 else set()
    kinds |= {"ends_at_shown"} if ends_at_shown else set()
    if joint == "divider_joint.housed" and (any(are_open) or "existing" in (low, high)):
        return kinds | {"divider_joint.butted", "divider_unhoused"}
    return kinds | {joint}


def _of_case(plan: Plan, node: Node, family: str) -> str:
    """How the new case around a place is built; empty where it exists already."""
    space = plan.spaces[node.space]
    return chosen_kind(plan, family, [space.choices, plan.choices]) if is_new(plan, space) else ""


def is_packed(plan: Plan, space: Space) -> bool:
    """Whether it is known how far the walls stand off what is clear."""
    return space.kind == "frameless" or any(
        one.survey == space.case and one.of == "width" for one in plan.readings.values()
    )


def is_packing_bay(plan: Plan, node: Node) -> bool:
    """Whether boards of packing stand on both sides of a place: of a space, or of each row between reaching rails."""
    space = plan.spaces[node.space]
    levels = [space.choices, plan.choices]
    is_of_boards = chosen_kind(plan, "packing_made", levels) == "packing_made.boards"
    if is_new(plan, space) or not is_of_boards or not is_packed(plan, space):
        return False
    root = plan.places[space.holds]
    is_parted = root.holds == "rows" and divider_of(plan, root) == "board"
    is_parted = is_parted and chosen_kind(plan, "rail_reach", [root.choices, *levels]) == "rail_reach.walls"
    is_bay = node.parent == space.holds if is_parted else node.parent is None
    return is_bay and holds_boxes(plan, node.place) and not hangs_on_posts(plan, node.place, node.outer)


def packing_kinds(plan: Plan, node: Node) -> set[str]:
    """What packing is made of at a place, and whether its layers stand there; posts are packed out by themselves."""
    if hangs_on_posts(plan, node.place, node.outer):
        return {"packing_made.planed"}
    space = plan.spaces[node.space]
    made = chosen_kind(plan, "packing_made", [space.choices, plan.choices])
    is_bay = is_packing_bay(plan, node)
    is_layered = is_bay or (made == "packing_made.layers" and not is_new(plan, space) and is_packed(plan, space))
    if made == "packing_made.layers" and not is_layered:
        made = "packing_made.planed"
    return {made} | ({"packing_bay"} if is_bay else set()) | ({"packing_in_layers"} if is_layered else set())
