"""A box on two pairs of runners that stay in the case: it stands where they hang. Exact mm, above the floor.

Only the members on the box are bought and screwed; the pairs between stay empty.
"""

from __future__ import annotations

from vasculum.core.catalogue import body, cut, good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per=("drawer", "kept_pairs"))
def room_below_box(kept_runner_low: Mm, kept_runner_room: Mm, room_from_floor: Mm) -> Mm:
    """The box reaches under the lowest kept runner by half of the room that was added to their height."""
    return kept_runner_low - kept_runner_room / 2 - room_from_floor


@rule(source="geometry", per=("line.halfway", "kept_pairs"))
def runner_line(kept_runner_low: Mm, runner_height: Mm, room_from_floor: Mm) -> Mm:
    """The line of the lower pair is where it hangs: half its height above its lower edge.

    Above the cell's floor.
    """
    return kept_runner_low + runner_height / 2 - room_from_floor


@rule(source="geometry", per=("lined", "kept_pairs"))
def runner_line_built(runner_line: Mm) -> Mm:
    """A runner that stays needs no block: its line is where it is."""
    return runner_line


@rule(source="geometry", label="upper runner line in the case", per=("lined", "kept_pairs"))
def upper_runner_from_floor(kept_runner_top: Mm, runner_height: Mm) -> Mm:
    """The line of the upper pair is half its height below its upper edge.

    Its centre, above the floor of the space.
    """
    return kept_runner_top - runner_height / 2


@rule(source="geometry", label="upper runner line on the side piece", per=("lined", "kept_pairs"))
def upper_line_on_wall(upper_runner_from_floor: Mm, walls_from_floor: Mm) -> Mm:
    """On the sides the line of the upper pair stands as high as the pair hangs over their lower edge."""
    return upper_runner_from_floor - walls_from_floor


@rule(source="common practice", label="pairs of runners to buy", per=("rolling", "kept_pairs"), unit="count")
def pairs_to_buy() -> Mm:
    """No pair is bought: the members in the case stay."""
    return Mm(0)


@rule(source="common practice", label="pairs of box members to buy", per=("rolling", "kept_pairs"), unit="count")
def members_to_buy() -> Mm:
    """Members on the box are bought to mate with the lowest and with the highest pair."""
    return Mm(2)


@rule(source="from memory", per=("screwed", "kept_pairs"), unit="count")
def runner_screw_count(runner_screws: Mm, members_to_buy: Mm) -> Mm:
    """Of the screws of a pair only those of its members on the box are driven: half of them, for each pair in use."""
    return snap_down(runner_screws * members_to_buy / 2, Mm(1))


MEMBER = ("runner_length", "runner_height", "runner_thick")
KIND = ("lined", "rolling", "kept_pairs")


@body("member_upper_left", KIND, "Upper runner, left", *MEMBER)
def member_upper_left(
    member_left_from_left: Mm, members_from_front: Mm, upper_runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The left runner of the upper pair hangs on the left of the box."""
    up = upper_runner_from_floor - runner_height / 2
    return Stand(member_left_from_left, members_from_front, up, "back", "up", 1)


@body("member_upper_right", KIND, "Upper runner, right", *MEMBER)
def member_upper_right(
    member_right_from_left: Mm, members_from_front: Mm, upper_runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The right runner of the upper pair hangs on the right of the box."""
    up = upper_runner_from_floor - runner_height / 2
    return Stand(member_right_from_left, members_from_front, up, "back", "up", -1)


@piece(
    "pad_upper_left",
    per=KIND,
    title="Pad between box and upper runner, left",
    length="pad_length",
    width="runner_height",
    thickness="shim_beside",
    stock="packing_strip",
    hand="L",
    where="shim_beside",
    moves=True,
    order=26,
)
def pad_upper_left(
    box_from_left: Mm, shim_beside: Mm, members_from_front: Mm, upper_runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The left pad of the upper pair is on the box, under its runner."""
    up = upper_runner_from_floor - runner_height / 2
    return Stand(box_from_left - shim_beside, members_from_front, up, "back", "up", 1)


@piece(
    "pad_upper_right",
    per=KIND,
    title="Pad between box and upper runner, right",
    length="pad_length",
    width="runner_height",
    thickness="shim_beside",
    stock="packing_strip",
    hand="R",
    where="shim_beside",
    moves=True,
    order=27,
)
def pad_upper_right(
    box_from_left: Mm, outside_width: Mm, members_from_front: Mm, upper_runner_from_floor: Mm, runner_height: Mm
) -> Stand:
    """The right pad of the upper pair is on the box, under its runner."""
    up = upper_runner_from_floor - runner_height / 2
    return Stand(box_from_left + outside_width, members_from_front, up, "back", "up", -1)


cut(
    "line",
    per=("lined", "kept_pairs"),
    into=("side_left", "side_right"),
    title="Line of the upper runner, outside face",
    face="outside",
    at="upper_line_on_wall",
)
good(
    "runner",
    per=("rolling", "kept_pairs"),
    title="members on the box, for a runner that stays",
    unit="pair",
    count="members_to_buy",
    size="runner_length",
)
good(
    "screw",
    per=("screwed", "kept_pairs"),
    title="Screw for the members on the box",
    count="runner_screw_count",
    size="runner_screw_length",
    bite="runner_screw_reach",
    through=("runner_metal", "pad_under_members"),
    into=("side_thickness",),
)
