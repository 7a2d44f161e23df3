"""A new case that stands as it should, and fits the space that it is built into."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.passing import Room, Sizes, way_in, ways_through
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.insertion import MOUTH


@check(source="common practice", per="carcass.new", when=("matched_height",))
def unit_meets_its_neighbour(standing_height: Mm, matched_height: Mm) -> Finding | None:
    """The unit stands as high as its neighbour."""
    off = standing_height - matched_height
    if off == 0:
        return None
    return Finding(
        "unit-misses-its-neighbour",
        "attention",
        f"The unit stands {{stands}} high, {{off}} {'over' if off > 0 else 'under'} the {{wanted}} to match.",
        f"Make the inside {'lower' if off > 0 else 'higher'} by {{off}}, or change plinth, casters or top.",
        {"stands": standing_height, "off": off if off > 0 else -off, "wanted": matched_height},
        ("standing_height",),
    )


@check(source="common practice", per="case_screwed")
def case_screws_hold(case_screw_bite: Mm, least_screw_bite: Mm, case_screw_length: Mm) -> Finding | None:
    """A screw through a board of the case bites into the end of the next."""
    if case_screw_bite >= least_screw_bite:
        return None
    return Finding(
        "case-screw-too-short",
        "attention",
        "Case screws of {length} bite {bite} into the end of a board; {least} is the least.",
        "Use longer screws.",
        {
            "length": case_screw_length,
            "bite": case_screw_bite if case_screw_bite > 0 else Mm(0),
            "least": least_screw_bite,
        },
        ("case_screw_bite",),
    )


@check(source="common practice", per="case_top.stretchers")
def stretchers_are_covered(stretcher_width: Mm, worktop_thickness: Mm | None = None) -> Finding | None:
    """Stretchers alone are no top."""
    if worktop_thickness is not None:
        return None
    return Finding(
        "stretchers-uncovered",
        "note",
        "Two stretchers {width} wide stand open above.",
        "Lay a top on the case, or give it a whole one.",
        {"width": stretcher_width},
        ("stretcher_width_cut",),
    )


@check(source="common practice", per="stays_together", when=MOUTH)
def case_is_brought_in(
    case_outside_width: Mm,
    case_outside_height: Mm,
    case_outside_depth: Mm,
    mouth_width: Mm,
    mouth_height: Mm,
    turning_across: Mm | None = None,
    turning_up: Mm | None = None,
    turning_along: Mm | None = None,
) -> Finding | None:
    """A case that stays together passes the door, and is turned into place."""
    case: Sizes = {"width": case_outside_width, "height": case_outside_height, "depth": case_outside_depth}
    room: Room = {"across": turning_across, "up": turning_up, "along": turning_along}
    mouth = (mouth_width, mouth_height)
    if way_in(case, mouth, room) is not None:
        return None
    numbers = {
        "width": case_outside_width,
        "height": case_outside_height,
        "depth": case_outside_depth,
        "narrow": smallest(*mouth),
        "wide": largest(*mouth),
    }
    can_pass = bool(ways_through(case, mouth))
    return Finding(
        "case-cannot-be-turned" if can_pass else "case-does-not-pass",
        "attention",
        "The case, {width} by {height} by {depth}, "
        + ("passes the mouth but cannot be turned into place." if can_pass else "does not pass {narrow} by {wide}."),
        "Put it together inside, or build it so that it comes apart.",
        numbers,
        ("case_outside_width", "case_outside_height", "case_outside_depth"),
    )


@check(source="common practice", per="niche.width")
def case_fits_across(
    room_beside_case: Mm, fitting_room: Mm, niche_width: Mm, lost_on_left: Mm, lost_on_right: Mm
) -> Finding | None:
    """The case goes between what stands on its left and on its right, with fitting room on both sides."""
    sizes = ("case_outside_width", "room_beside_case")
    between = niche_width - lost_on_left - lost_on_right
    return _goes_in("wide", between - 2 * room_beside_case, between, 2 * room_beside_case, 2 * fitting_room, sizes)


@check(source="common practice", per="niche.height")
def case_fits_upwards(
    room_above_case: Mm, fitting_room_above: Mm, standing_height: Mm, niche_height: Mm, lost_above: Mm, lost_below: Mm
) -> Finding | None:
    """The case stands under what is above it, with fitting room to put it in."""
    sizes = ("standing_height", "room_above_case")
    between = niche_height - lost_above - lost_below
    return _goes_in("high", standing_height, between, room_above_case, fitting_room_above, sizes)


@check(source="common practice", per="niche.depth")
def case_fits_in_depth(
    room_behind_case: Mm,
    fitting_room_behind: Mm,
    case_whole_depth: Mm,
    niche_depth: Mm,
    lost_behind: Mm,
) -> Finding | None:
    """The case with its fronts stands before what is behind it, with fitting room."""
    sizes = ("case_whole_depth", "room_behind_case")
    outside, between = case_whole_depth, niche_depth - lost_behind
    return _goes_in("deep", outside, between, room_behind_case, fitting_room_behind, sizes)


def _goes_in(way: str, outside: Mm, between: Mm, left: Mm, wanted: Mm, about: tuple[str, ...]) -> Finding | None:
    """A stop where it does not go in, attention where it has less than its fitting room."""
    if left >= wanted:
        return None
    numbers = {"outside": outside, "between": between}
    if left < 0:
        return Finding(
            f"case-too-{way}",
            "stop",
            f"The case is {{outside}} {way}, and what is there leaves {{between}}: {{over}} too much.",
            "Make its outside smaller by {over} and its fitting room, or let it stand above what is in the way.",
            {**numbers, "over": -left},
            about,
        )
    return Finding(
        f"case-tight-when-{way}",
        "attention",
        f"The case is {{outside}} {way} in {{between}}: {{left}} of fitting room overall; {{wanted}} was wanted.",
        "Make its outside smaller, or take less fitting room.",
        {**numbers, "left": left, "wanted": wanted},
        about,
    )


@check(source="common practice", per="survey.niche_width")
def case_is_square_in_its_space(width_spread: Mm, tape_tolerance: Mm) -> Finding | None:
    """A case is square: where walls are not, it fits the narrowest place."""
    if width_spread <= tape_tolerance:
        return None
    return Finding(
        "case-square-between-walls",
        "note",
        "The walls differ by {spread}: the case is square and fits where they are narrowest.",
        "Scribe, pack or trim the up to {spread} that stays elsewhere.",
        {"spread": width_spread},
        ("width_spread",),
    )


@check(source="geometry", per="survey.niche_width", when=("front_strip",))
def strips_find_their_room(width_spread: Mm, front_strip: Mm) -> Finding | None:
    """Strips at the front fill what the space is wider there, and no more."""
    over = 2 * front_strip - width_spread
    if over <= 0:
        return None
    return Finding(
        "strips-too-thick",
        "stop",
        "Two strips of {strip} are {over} more than the {spread} by which the space is wider where it is widest.",
        "Take thinner strips, or read the space at its front and its back.",
        {"strip": front_strip, "over": over, "spread": width_spread},
        ("front_strip", "width_spread"),
    )


@check(source="geometry", per=("survey.niche_width", "survey.tapered"), when=("front_strip",))
def strips_stand_where_it_is_wider(width_taper: Mm, width_spread: Mm, front_strip: Mm) -> Finding | None:
    """Strips stand at the front: it is there that the space has to be wider than at its back."""
    over = 2 * front_strip - width_taper
    if over <= 0 or 2 * front_strip > width_spread:
        return None
    return Finding(
        "strips-where-it-is-narrow",
        "stop",
        "Two strips of {strip} at the front are {over} more than the space is wider there than at its back.",
        "Take thinner strips, or leave them out.",
        {"strip": front_strip, "over": over},
        ("front_strip", "width_taper"),
    )


@check(source="common practice", per=("case_top.oversailing", "upper.between"))
def a_top_runs_over_its_fronts(front_before: Mm) -> Finding | None:
    """A top that runs over the fronts lies on the sides."""
    return Finding(
        "top-between-sides",
        "attention",
        "The top stands between the sides, so it cannot run over what stands {before} before the case.",
        "Let top and bottom run through, or lay a top on the case.",
        {"before": front_before},
        ("front_before",),
    )
