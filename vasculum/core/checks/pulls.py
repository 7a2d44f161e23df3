"""Pulls that find room."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="from memory", per="pull.hand_hole")
def hand_hole_leaves_wood(
    hand_hole_from_edge: Mm,
    hand_hole_from_left: Mm,
    hand_hole_height: Mm,
    hand_hole_width: Mm,
    front_height_cut: Mm,
    front_width_cut: Mm,
    least_beside_hole: Mm,
) -> Finding | None:
    """A hand-hole leaves enough of the front around it, both ways."""
    for beside, way, hole, front, about in (
        (hand_hole_from_edge, "high", hand_hole_height, front_height_cut, "front_height_cut"),
        (hand_hole_from_left, "wide", hand_hole_width, front_width_cut, "front_width_cut"),
    ):
        if beside < least_beside_hole:
            return Finding(
                "hand-hole-too-large",
                "attention",
                f"A hand-hole {{hole}} {way} leaves less than {{least}} around it in a front {{front}} {way}.",
                "Use a pull, or notch the upper edge.",
                {"hole": hole, "least": least_beside_hole, "front": front},
                (about,),
            )
    return None


@check(source="from memory", per=("pull.hand_hole", "front_walled"))
def hand_hole_leaves_wood_in_the_box(
    hand_hole_from_wall_edge: Mm, hand_hole_in_wall: Mm, wall_height_cut: Mm, least_beside_hole: Mm
) -> Finding | None:
    """Behind the front the hand-hole leaves enough of the box front below and above it."""
    over = wall_height_cut - hand_hole_from_wall_edge - hand_hole_in_wall
    if hand_hole_in_wall == 0 or (hand_hole_from_wall_edge >= least_beside_hole and over >= least_beside_hole):
        return None
    return Finding(
        "hand-hole-at-the-box-edge",
        "attention",
        "The hand-hole leaves {below} below and {over} above it in the box front.",
        "Make the box as high as its front allows, cut the hole elsewhere, or use a pull.",
        {"below": hand_hole_from_wall_edge, "over": over},
        ("wall_height_cut",),
    )


@check(source="common practice", per="pulled", when=("door_width",))
def pull_clears_the_door(pull_projection: Mm, pull_count: Mm) -> Finding | None:
    """A pull behind a door stands out into it."""
    if pull_projection == 0 or pull_count == 0:
        return None
    return Finding(
        "pull-meets-door",
        "attention",
        "The pull stands out {projection}, and a door closes before the front.",
        "Cut a hand-hole, leave the front out, or set the drawer back by as much.",
        {"projection": pull_projection},
        ("pull_screw_length",),
    )
