"""Pull-out shelves on clip rails between posts, their height changed by a step. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, body, good, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down

alternative(
    "runner.posts",
    title="Clip rails between posts",
    about="Pull-out shelves whose height changes by a step; posts and rails come off the width.",
    shares=(
        "rolling",
        "lined",
        "screwed",
    ),
    order=11,
)


@rule(source="common practice", per="runner.posts")
def beside_box(runner_side_clearance: Mm, post_thickness: Mm, clip_rail_thickness: Mm) -> Mm:
    """Beside the box stand the runner's clearance, the rail that it is on, and the post that carries the rail.

    One side.
    """
    return runner_side_clearance + post_thickness + clip_rail_thickness


@rule(source="common practice", label="foot of the posts above the floor", per="runner.posts")
def post_from_floor(cell_from_floor: Mm) -> Mm:
    """The posts of a bay stand on its floor.

    Above the floor of the space.
    """
    return cell_from_floor


@rule(source="common practice", per="runner.posts")
def runner_line(
    room_below_box: Mm,
    outside_height: Mm,
    post_step: Mm,
    room_from_floor: Mm,
    post_from_floor: Mm,
    wanted_runner_line: Mm | None = None,
) -> Mm:
    """The runner line is on the step of the posts at or below half-way up the box, or at or below where it was chosen.

    Steps begin at the foot of the posts. Above the floor of the box's room, to the centre of the runner.
    """
    wanted = room_below_box + outside_height / 2 if wanted_runner_line is None else wanted_runner_line
    foot = room_from_floor - post_from_floor
    return snap_down(foot + wanted, post_step) - foot


@rule(source="geometry", per=("lined", "runner.posts"))
def runner_line_built(runner_line: Mm) -> Mm:
    """Clip rails need no block: the line is on the step of the posts."""
    return runner_line


@rule(source="common practice", label="number of clip rails", per="runner.posts", unit="count")
def clip_rail_count(rails_a_shelf: Mm) -> Mm:
    """Each shelf lies on the rails that were chosen for it: one on both sides."""
    return rails_a_shelf


@rule(source="common practice", label="number of posts", per="runner.posts", unit="count")
def post_count(posts_a_bay: Mm) -> Mm:
    """A bay stands between the posts that were chosen for it: one in each corner."""
    return posts_a_bay


@rule(source="geometry", per="runner.posts")
def runner_thick(runner_side_clearance: Mm) -> Mm:
    """Between box and clip rail the members of the runner fill its clearance."""
    return runner_side_clearance


RAIL = ("runner_length", "runner_height", "clip_rail_thickness")
"""A clip rail is taken as long and as high as the runner that it carries; nobody measures it."""


@body("clip_rail_left", "runner.posts", "Clip rail, left", *RAIL)
def clip_rail_left(
    box_from_left: Mm,
    runner_thick: Mm,
    clip_rail_thickness: Mm,
    members_from_front: Mm,
    runner_from_floor: Mm,
    runner_height: Mm,
) -> Stand:
    """The left clip rail stands between the runner and its post."""
    across = box_from_left - runner_thick - clip_rail_thickness
    return Stand(across, members_from_front, runner_from_floor - runner_height / 2, "back", "up", 1)


@body("clip_rail_right", "runner.posts", "Clip rail, right", *RAIL)
def clip_rail_right(
    box_from_left: Mm,
    outside_width: Mm,
    runner_thick: Mm,
    members_from_front: Mm,
    runner_from_floor: Mm,
    runner_height: Mm,
) -> Stand:
    """The right clip rail stands between the runner and its post."""
    across = box_from_left + outside_width + runner_thick
    return Stand(across, members_from_front, runner_from_floor - runner_height / 2, "back", "up", -1)


good("clip_rail", per="runner.posts", title="Clip rail", count="clip_rail_count")
