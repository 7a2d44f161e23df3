"""Hung under a top: runners on rails below a plate, the line in the middle of the rails. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest

alternative(
    "runner.hung",
    title="Hung under a top",
    about="Runners on rails under a plate or a bench top; the floor below stays free.",
    shares=(
        "rolling",
        "lined",
        "screwed",
    ),
    order=10,
)


@rule(source="common practice", per="runner.hung")
def beside_box(runner_side_clearance: Mm, hung_rail_thickness: Mm) -> Mm:
    """Beside the box stand the runner's clearance and the rail that it hangs on.

    One side.
    """
    return runner_side_clearance + hung_rail_thickness


@rule(source="common practice", per=("drawer", "runner.hung"))
def room_below_box(room_height: Mm, play_above: Mm, outside_height: Mm) -> Mm:
    """A box hangs with its play under the top, however low it is: below it stays the rest of the height."""
    return room_height - play_above - outside_height


@rule(source="common practice", per=("drawer", "runner.hung"))
def passes_beside(runner_side_clearance: Mm) -> Mm:
    """The rails stay: past the opening comes the box with the members between."""
    return runner_side_clearance


@rule(source="common practice", label="rail under the top, above the floor", per="runner.hung")
def rail_from_floor(room_from_floor: Mm, room_height: Mm, hung_rail_height: Mm) -> Mm:
    """The rails hang right under the top.

    Their lower edge, above the floor of the space.
    """
    return room_from_floor + room_height - hung_rail_height


@rule(source="common practice", label="runner line in the case", per="runner.hung")
def runner_line(room_height: Mm, hung_rail_height: Mm, runner_height: Mm, room_below_box: Mm, outside_height: Mm) -> Mm:
    """The runner line is in the middle of the rails under the top, or lower, where the runner still is on the side.

    Above the cell's floor.

    Raises:
        CannotDerive: ``runner-taller-than-rail``, ``rail-fills-the-room``.
    """
    if runner_height > hung_rail_height:
        raise CannotDerive(
            "runner-taller-than-rail",
            "A runner {runner} high does not go on a rail {rail} high.",
            "Use higher rails, or lower runners.",
            runner=runner_height,
            rail=hung_rail_height,
        )
    line = room_height - hung_rail_height / 2
    if line <= runner_height / 2:
        raise CannotDerive(
            "rail-fills-the-room",
            "A rail {rail} high fills a room of {room}.",
            "Use lower rails, or give the drawer more height.",
            rail=hung_rail_height,
            room=room_height,
        )
    return smallest(line, room_below_box + outside_height - runner_height / 2)


@rule(source="geometry", label="width of the plate", per="runner.hung")
def hung_across(outside_width: Mm, beside_box: Mm) -> Mm:
    """Across, the plate carries the box, and runner and rail on both sides: no narrower."""
    return outside_width + 2 * beside_box


@rule(source="common practice", label="height that a hung drawer needs", per="runner.hung")
def hung_height_needed(hung_rail_height: Mm, runner_height: Mm) -> Mm:
    """Hung, a drawer needs the height of two rails, or of its runner, whichever is more."""
    return largest(2 * hung_rail_height, runner_height)


@piece(
    "runner_left",
    per="runner.hung",
    title="Rail, left",
    length="runner_length",
    width="hung_rail_height",
    thickness="hung_rail_thickness",
    stock="hardwood_strip",
    hand="L",
    order=10,
)
def rail_left(box_from_left: Mm, beside_box: Mm, set_back: Mm, rail_from_floor: Mm) -> Stand:
    """The left rail hangs under the top, outside the runner that is on it."""
    return Stand(box_from_left - beside_box, set_back, rail_from_floor, "back", "up", 1)


@piece(
    "runner_right",
    per="runner.hung",
    title="Rail, right",
    length="runner_length",
    width="hung_rail_height",
    thickness="hung_rail_thickness",
    stock="hardwood_strip",
    hand="R",
    order=11,
)
def rail_right(
    box_from_left: Mm,
    outside_width: Mm,
    beside_box: Mm,
    hung_rail_thickness: Mm,
    set_back: Mm,
    rail_from_floor: Mm,
) -> Stand:
    """The right rail hangs under the top, outside the runner that is on it."""
    return Stand(
        box_from_left + outside_width + beside_box - hung_rail_thickness,
        set_back,
        rail_from_floor,
        "back",
        "up",
        -1,
    )


@rule(source="geometry", label="runner thickness", per="runner.hung")
def runner_thick(runner_side_clearance: Mm) -> Mm:
    """Between box and rail the members of the runner fill its clearance."""
    return runner_side_clearance
