"""Pulls that find room."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest


@check(source="from memory", per="holed")
def a_hole_leaves_wood(
    pull_hole_from_edge: Mm,
    pull_hole_from_left: Mm,
    pull_hole_height: Mm,
    pull_hole_width: Mm,
    front_height_cut: Mm,
    front_width_cut: Mm,
    least_beside_hole: Mm,
) -> Finding | None:
    """A hole for a hand or a handle leaves enough of the front around it, both ways."""
    over = front_height_cut - pull_hole_from_edge - pull_hole_height
    for beside, way, hole, front, about in (
        (smallest(pull_hole_from_edge, over), "high", pull_hole_height, front_height_cut, "front_height_cut"),
        (pull_hole_from_left, "wide", pull_hole_width, front_width_cut, "front_width_cut"),
    ):
        if beside < least_beside_hole:
            return Finding(
                "hand-hole-too-large",
                "attention" if beside > 0 else "stop",
                f"A hole {{hole}} {way} leaves less than {{least}} around it in a front {{front}} {way}.",
                "Use a pull, or notch the upper edge.",
                {"hole": hole, "least": least_beside_hole, "front": front},
                (about,),
            )
    return None


@check(source="from memory", per=("holed", "front_walled"))
def a_hole_leaves_wood_in_the_box(
    pull_hole_from_wall_edge: Mm, pull_hole_in_wall: Mm, wall_height_cut: Mm, least_beside_hole: Mm
) -> Finding | None:
    """Behind the front the hole leaves enough of the box front below and above it."""
    over = wall_height_cut - pull_hole_from_wall_edge - pull_hole_in_wall
    if pull_hole_in_wall == 0 or (pull_hole_from_wall_edge >= least_beside_hole and over >= least_beside_hole):
        return None
    return Finding(
        "hand-hole-at-the-box-edge",
        "attention",
        "The hole for the pull leaves {below} below and {over} above it in the box front.",
        "Make the box as high as its front allows, cut the hole elsewhere, or use a pull.",
        {"below": pull_hole_from_wall_edge, "over": over},
        ("wall_height_cut",),
    )


@check(source="from memory", per=("holed", "front_walled"))
def a_hole_leaves_wood_beside_it_in_the_box(
    pull_hole_from_wall_left: Mm,
    pull_hole_in_wall: Mm,
    pull_hole_width: Mm,
    box_front_length_cut: Mm,
    least_beside_hole: Mm,
) -> Finding | None:
    """Behind the front the hole keeps away from both ends of the box front."""
    right = box_front_length_cut - pull_hole_from_wall_left - pull_hole_width
    if pull_hole_in_wall == 0 or smallest(pull_hole_from_wall_left, right) >= least_beside_hole:
        return None
    return Finding(
        "hand-hole-at-the-box-end",
        "attention" if smallest(pull_hole_from_wall_left, right) > 0 else "stop",
        "The hole for the pull is {hole} wide in a box front {front} long: less than {least} is left at an end.",
        "Make the hole narrower, or use a pull.",
        {"hole": pull_hole_width, "front": box_front_length_cut, "least": least_beside_hole},
        ("box_front_length_cut",),
    )


@check(source="common practice", per="pull_screwed")
def holes_of_pulls_are_in_the_front(pull_holes_from_left: tuple[Mm, ...], front_width_cut: Mm) -> Finding | None:
    """The holes of every pull are between the edges of the front."""
    beyond = [one for one in pull_holes_from_left if not 0 < one < front_width_cut]
    if not beyond:
        return None
    return Finding(
        "pull-wider-than-front",
        "stop",
        "{holes} of the holes for pulls are not in a front {front} wide.",
        "Take a pull whose holes are closer, or fewer pulls.",
        {"holes": Mm(len(beyond)), "front": front_width_cut},
        ("pull_holes_from_left",),
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


@check(source="common practice", per="pull_screwed")
def pull_screws_are_sunk_in_the_wood(
    pull_counterbore: Mm, pull_passed: Mm, least_beside_counterbore: Mm
) -> Finding | None:
    """A counterbore leaves enough under the heads of the screws."""
    if pull_passed - pull_counterbore >= least_beside_counterbore:
        return None
    return Finding(
        "counterbore-too-deep",
        "stop",
        "The pull's screws would have to be sunk {deep} into {passed}; {least} has to stay under their heads.",
        "Take longer screws.",
        {"deep": pull_counterbore, "passed": pull_passed, "least": least_beside_counterbore},
        ("pull_counterbore",),
    )


@check(source="common practice", per="pull_screwed", when=("wanted_pull_screw",))
def pull_screws_end_in_the_thread(pull_screw_length: Mm, pull_passed: Mm, pull_thread: Mm) -> Finding | None:
    """A screw longer than stack and thread does not draw the pull tight."""
    over = pull_screw_length - pull_passed - pull_thread
    if over <= 0:
        return None
    return Finding(
        "pull-screw-too-long",
        "attention",
        "A screw {screw} long reaches {over} deeper than the thread of the pull, and does not draw it tight.",
        "Cut the screws off by {over}, put washers under their heads, or take shorter ones.",
        {"screw": pull_screw_length, "over": over},
        ("pull_screw_length",),
    )


@check(source="common practice", per="pull.flush")
def a_flush_handle_has_a_cut_out(pull_hole_width: Mm, pull_hole_height: Mm, flush_flange: Mm) -> Finding | None:
    """A handle is wider and higher than its flange is on both sides."""
    if pull_hole_width > 0 and pull_hole_height > 0:
        return None
    return Finding(
        "handle-all-flange",
        "stop",
        "With a flange {flange} wide all round nothing of the handle is left to be let in.",
        "Measure the handle in hand: its outline over the flange, and the flange.",
        {"flange": flush_flange},
        ("pull_hole_width",),
    )


@check(source="common practice", per="pull.flush")
def flange_screws_stay_inside(flush_cover: Mm, flush_cover_wanted: Mm) -> Finding | None:
    """Screws of a flange end inside the front."""
    if flush_cover >= flush_cover_wanted:
        return None
    return Finding(
        "flange-screw-too-long",
        "attention",
        "Before the points of the handle's screws {left} of the front is left; {wanted} is wanted.",
        "Let a thicker front carry it, or say a smaller least bite.",
        {"left": flush_cover if flush_cover > 0 else Mm(0), "wanted": flush_cover_wanted},
        ("flush_cover",),
    )


@check(source="common practice", per=("pull_screwed", "pull_held.box"))
def short_pull_screws_are_sunk(pull_counterbore: Mm) -> Finding | None:
    """Screws that are too short for box front and front are sunk inside the box, once the front hangs."""
    if pull_counterbore == 0:
        return None
    return Finding(
        "pull-screws-sunk",
        "note",
        "The pull's screws in hand are {deep} too short: sink their heads by so much inside the box.",
        "Counterbore the box front, take longer screws, or screw the pull to the front alone.",
        {"deep": pull_counterbore},
        ("pull_counterbore",),
    )
