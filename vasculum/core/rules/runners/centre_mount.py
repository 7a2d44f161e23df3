"""One rail below the middle of a narrow box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm

alternative(
    "runner.centre_mount",
    title="Centre-mount",
    about="One rail below the middle; for narrow and light boxes.",
    shares=(
        "rolling",
        "clearing",
        "seated",
    ),
    order=5,
)


@rule(source="common practice", label="height of the rail under the bottom", per="runner.centre_mount")
def rail_under_bottom(room_below_box: Mm) -> Mm:
    """One rail stands under the middle of the bottom, as high as what is free below the box."""
    return room_below_box


@piece(
    "rail_under_bottom",
    per="runner.centre_mount",
    title="Rail under the bottom",
    length="runner_length",
    width="rail_under_bottom",
    thickness="runner_height",
    stock="",
    where="rail_under_bottom",
)
def rail(box_from_left: Mm, outside_width: Mm, runner_height: Mm, members_from_front: Mm, room_from_floor: Mm) -> Stand:
    """The rail runs from front to back under the middle of the box, flat."""
    across = box_from_left + (outside_width - runner_height) / 2
    return Stand(across, members_from_front, room_from_floor, "back", "up", 1)
