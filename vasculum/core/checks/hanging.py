"""A hanging pull-out: whether its runners fit their rails, hooks meet, pans go on the post, and hang free."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest

HANGING = "hanging"


@check(source="geometry", per=HANGING)
def rails_take_their_runners(hanging_rail_height: Mm, runner_height: Mm) -> Finding | None:
    """A runner is screwed to its rail all along its height."""
    if runner_height <= hanging_rail_height:
        return None
    return Finding(
        "runner-over-its-rail",
        "stop",
        "A runner {runner} high does not go on a rail {rail} high: it is higher by {over}.",
        "Use higher rails, or lower runners.",
        {"runner": runner_height, "rail": hanging_rail_height, "over": runner_height - hanging_rail_height},
        ("hanging_rail_height",),
    )


@check(source="geometry", per=HANGING)
def a_post_takes_runner_and_hooks(hanging_post_height: Mm, runner_height: Mm, hook_above_edge: Mm) -> Finding | None:
    """Hooks stand below the runners on the post."""
    free = hanging_post_height - runner_height - hook_above_edge
    if free > 0:
        return None
    return Finding(
        "hooks-behind-runners",
        "stop",
        "On a post {post} high hooks {hook} above its lower edge stand behind runners {runner} high.",
        "Use a higher post, or set the hooks lower.",
        {"post": hanging_post_height, "hook": hook_above_edge, "runner": runner_height},
        ("hanging_post_height",),
    )


@check(source="common practice", per=HANGING)
def hooks_do_not_meet_in_the_post(
    hooks_left: tuple[Mm, ...],
    hooks_right: tuple[Mm, ...],
    hook_thread: Mm,
    hanging_post_thickness: Mm,
    least_stagger: Mm,
    least_thin_cover: Mm,
) -> Finding | None:
    """Screwed in from both faces, hooks share the thickness of the post, or stand apart along it."""
    if 2 * hook_thread <= hanging_post_thickness - least_thin_cover or not hooks_left or not hooks_right:
        return None
    nearest = smallest(*(largest(one - other, other - one) for one in hooks_left for other in hooks_right))
    if nearest >= least_stagger:
        return None
    return Finding(
        "hooks-meet",
        "stop",
        "Hooks {thread} deep from both faces of a post {post} thick stand {apart} apart; {wanted} is wanted.",
        "Hang a pan further back on one face, or take shorter hooks.",
        {"thread": hook_thread, "post": hanging_post_thickness, "apart": nearest, "wanted": least_stagger},
        ("hooks_left", "hooks_right"),
    )


@check(source="geometry", per=HANGING)
def pans_go_on_the_post(post_left_over_left: Mm, post_left_over_right: Mm, runner_length: Mm) -> Finding | None:
    """Pans side by side are no longer than the post."""
    over = [("left", post_left_over_left), ("right", post_left_over_right)]
    short = [(side, -left) for side, left in over if left < 0]
    if not short:
        return None
    words = " and ".join(f"the {side} face by {{{side}}}" for side, _ in short)
    return Finding(
        "pans-past-the-post",
        "stop",
        f"On a post {{post}} long pans reach past {words}.",
        "Hang one of them on the other face, or leave it out.",
        {"post": runner_length, **dict(short)},
        ("post_left_over_left", "post_left_over_right"),
    )


@check(source="geometry", per=HANGING)
def a_post_hangs_above_the_floor(free_below_post: Mm, hanging_post_height: Mm) -> Finding | None:
    """Rails, runners and post have their height under what it hangs from."""
    if free_below_post >= 0:
        return None
    return Finding(
        "post-reaches-the-floor",
        "stop",
        "A post {post} high under its rails reaches {over} below the floor of its place.",
        "Use a lower post, or make the place higher.",
        {"post": hanging_post_height, "over": -free_below_post},
        ("free_below_post",),
    )


@check(source="geometry", per=HANGING, when=("longest_pan",))
def pans_hang_free(free_below_pans: Mm, longest_pan: Mm) -> Finding | None:
    """The longest pan hangs above the floor of its place."""
    if free_below_pans >= 0:
        return None
    return Finding(
        "pans-stand-on-the-floor",
        "stop",
        "A pan {long} long from its hook reaches {over} below the floor of its place.",
        "Hang it elsewhere, or make the place higher.",
        {"long": longest_pan, "over": -free_below_pans},
        ("free_below_pans",),
    )


@check(source="geometry", per=HANGING, when=("highest_pan",))
def pans_pass_what_is_beside(free_left_of_pans: Mm, highest_pan: Mm) -> Finding | None:
    """Beside the post a pan stands out by its hook and its height."""
    if free_left_of_pans >= 0:
        return None
    return Finding(
        "pans-meet-the-wall",
        "stop",
        "A pan {high} high on its hook stands out {over} more than there is room for beside the post.",
        "Make the place wider, or hang lower pans.",
        {"high": highest_pan, "over": -free_left_of_pans},
        ("free_left_of_pans",),
    )


@check(source="common practice", per=HANGING)
def the_top_over_a_post_was_measured(hung_from_thickness: Mm | None = None) -> Finding | None:
    """A screw that is too long comes through, or meets stone."""
    if hung_from_thickness is not None:
        return None
    return Finding(
        "top-over-post-unmeasured",
        "note",
        "Nobody said how thick what the post hangs from is: a screw must not come through it, nor reach stone.",
        "Measure it where the plate goes.",
        {},
        ("hanging_top_screw",),
    )
