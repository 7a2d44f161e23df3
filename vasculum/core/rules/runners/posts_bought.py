"""Posts as they are bought, in every corner of the bay."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, body, good
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm

alternative(
    "posts_are.bought",
    title="Bought",
    about="As they come with their clip rails; taken as square, and as high as the place.",
    order=1,
)
BOUGHT = ("runner.posts", "posts_are.bought")
POST = ("cell_height", "post_thickness", "post_thickness")
"""A post is taken as square, and as high as the cell; nobody measures it."""


@body("post_left_front", BOUGHT, "Post, left, in front", *POST)
def post_left_front(box_from_left: Mm, beside_box: Mm, members_from_front: Mm, cell_from_floor: Mm) -> Stand:
    """A post stands in the left front corner of the bay, behind the front."""
    return Stand(box_from_left - beside_box, members_from_front, cell_from_floor, "up", "back", 1)


@body("post_left_back", BOUGHT, "Post, left, behind", *POST)
def post_left_back(
    box_from_left: Mm,
    beside_box: Mm,
    members_from_front: Mm,
    runner_length: Mm,
    post_thickness: Mm,
    cell_from_floor: Mm,
) -> Stand:
    """A post stands on the left where the clip rails end."""
    back = members_from_front + runner_length - post_thickness
    return Stand(box_from_left - beside_box, back, cell_from_floor, "up", "back", 1)


@body("post_right_front", BOUGHT, "Post, right, in front", *POST)
def post_right_front(
    box_from_left: Mm,
    outside_width: Mm,
    beside_box: Mm,
    post_thickness: Mm,
    members_from_front: Mm,
    cell_from_floor: Mm,
) -> Stand:
    """A post stands in the right front corner of the bay, behind the front."""
    across = box_from_left + outside_width + beside_box - post_thickness
    return Stand(across, members_from_front, cell_from_floor, "up", "back", -1)


@body("post_right_back", BOUGHT, "Post, right, behind", *POST)
def post_right_back(
    box_from_left: Mm,
    outside_width: Mm,
    beside_box: Mm,
    post_thickness: Mm,
    members_from_front: Mm,
    runner_length: Mm,
    cell_from_floor: Mm,
) -> Stand:
    """A post stands on the right where the clip rails end."""
    across = box_from_left + outside_width + beside_box - post_thickness
    return Stand(across, members_from_front + runner_length - post_thickness, cell_from_floor, "up", "back", -1)


good("post", per=(*BOUGHT, "begins_bay"), title="Post", count="post_count")
