"""Screws that hold, and do not come through."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken


@check(source="common practice", per=("faced", "front_walled"))
def front_screws_hold(front_screw_bite: Mm, least_screw_bite: Mm) -> Finding | None:
    """A front screw bites deep enough."""
    if front_screw_bite >= least_screw_bite:
        return None
    return Finding(
        "front-screw-too-short",
        "attention",
        "A front screw bites {bite} into the front; {least} is the least.",
        "Use screws longer by {short}.",
        {
            "bite": front_screw_bite if front_screw_bite > 0 else Mm(0),
            "least": least_screw_bite,
            "short": least_screw_bite - front_screw_bite,
        },
        ("front_screw_bite",),
    )


@check(source="common practice", per=("faced", "front_walled"))
def front_screws_stay_inside(front_screw_cover: Mm, front_cover_wanted: Mm) -> Finding | None:
    """A front screw ends inside the front."""
    return _too_long("front-screw", "the front", front_screw_cover, front_cover_wanted, "front_screw_cover")


@check(source="common practice", per="screwed")
def runner_screws_hold(runner_screw_reach: Mm, least_runner_bite: Mm) -> Finding | None:
    """A runner screw bites deep enough into the side."""
    if runner_screw_reach >= least_runner_bite:
        return None
    return Finding(
        "runner-screw-too-short",
        "attention",
        "A runner screw bites {bite} into the side; {least} is the least.",
        "Use screws longer by {short}.",
        {
            "bite": runner_screw_reach if runner_screw_reach > 0 else Mm(0),
            "least": least_runner_bite,
            "short": least_runner_bite - runner_screw_reach,
        },
        ("runner_screw_reach",),
    )


@check(source="common practice", per="screwed")
def runner_screws_stay_inside(runner_screw_cover: Mm, runner_cover_wanted: Mm) -> Finding | None:
    """A runner screw ends inside the side."""
    return _too_long("runner-screw", "the side", runner_screw_cover, runner_cover_wanted, "runner_screw_cover")


@check(source="common practice", per="upright.board")
def screws_do_not_meet(
    divider_thickness: Mm,
    each_screw_into_left: tuple[Mm | None, ...],
    each_screw_into_right: tuple[Mm | None, ...],
    between_tips: Mm,
    runner_screw_stagger: Mm,
    least_stagger: Mm,
) -> Finding | None:
    """Screws from both sides of one divider do not meet in it, unless they are staggered."""
    if runner_screw_stagger >= least_stagger:
        return None
    pairs = list(zip(each_screw_into_right, each_screw_into_left[1:], strict=False))
    reaches = [right + left for right, left in pairs if right is not None and left is not None]
    deepest = largest(Mm(0), *reaches)
    if deepest <= divider_thickness - between_tips:
        return None
    return Finding(
        "screws-meet",
        "note",
        "Runner screws from both sides of a divider {thickness} thick reach {reach} together.",
        "Stagger them by {least}, or use screws shorter by {over}.",
        {
            "thickness": divider_thickness,
            "reach": deepest,
            "least": least_stagger,
            "over": (deepest - divider_thickness + between_tips) / 2,
        },
        ("divider_thickness",),
    )


@check(source="common practice", per="upright.board")
def screws_stay_in_their_divider(
    divider_thickness: Mm,
    each_screw_into_left: tuple[Mm | None, ...],
    each_screw_into_right: tuple[Mm | None, ...],
) -> Finding | None:
    """A runner screw ends inside the divider it goes into, whatever is on the other side: a drawer or an open bay."""
    into = (*each_screw_into_left[1:], *each_screw_into_right[:-1])
    return _comes_through(largest(Mm(0), *taken(into)), divider_thickness, "divider")


@check(source="common practice", per=("space", "carcass.new"))
def screws_stay_in_the_case(
    case_side_thickness: Mm,
    each_screw_into_left: tuple[Mm | None, ...],
    each_screw_into_right: tuple[Mm | None, ...],
) -> Finding | None:
    """A runner screw ends inside the side of the case."""
    deepest = largest(Mm(0), *taken(each_screw_into_left), *taken(each_screw_into_right))
    return _comes_through(deepest, case_side_thickness, "side of the case")


def _comes_through(reach: Mm, thickness: Mm, wall: str) -> Finding | None:
    if reach <= thickness:
        return None
    return Finding(
        "runner-screw-through-the-wall",
        "attention",
        f"Runner screws reach {{reach}} into a {wall} {{thickness}} thick: they come through by {{over}}.",
        "Use screws shorter by {over}, or put a washer under the head.",
        {"reach": reach, "thickness": thickness, "over": reach - thickness},
        ("screw_into_left", "screw_into_right"),
    )


@check(source="common practice", per=("screwed", "runner_holed_in_box"))
def holes_are_on_the_member(runner_box_holes: tuple[Mm, ...], runner_length: Mm) -> Finding | None:
    """Every hole that was said is on a member of this length."""
    return _past(runner_box_holes, runner_length, "drawer")


@check(source="common practice", per=("screwed", "runner_holed_in_case"))
def case_holes_are_on_the_member(runner_case_holes: tuple[Mm, ...], runner_length: Mm) -> Finding | None:
    """Every hole that was said is on a member of this length."""
    return _past(runner_case_holes, runner_length, "cabinet")


def _past(holes: tuple[Mm, ...], length: Mm, member: str) -> Finding | None:
    last = largest(Mm(0), *holes)
    if last < length:
        return None
    return Finding(
        "hole-past-the-runner",
        "attention",
        f"A hole of the {member} member was said at {{hole}}; the runner is {{length}} long.",
        "Measure the holes of this length again.",
        {"hole": last, "length": length},
        ("runner_length",),
    )


def _too_long(screw: str, part: str, cover: Mm, least: Mm, about: str) -> Finding | None:
    if cover >= least:
        return None
    name = screw.replace("-", " ").capitalize()
    fix = "Use screws shorter by {over}, or put a washer under the head."
    if cover < 0:
        return Finding(
            f"{screw}-comes-through", "stop", f"{name}s come through {part} by {{through}}.", fix,
            {"through": -cover, "over": least - cover}, (about,),
        )  # fmt: skip
    return Finding(
        f"{screw}-near-the-face", "attention",
        f"{name}s end {{cover}} short of the far face of {part}; {{least}} is wanted.", fix,
        {"cover": cover, "least": least, "over": least - cover}, (about,),
    )  # fmt: skip
