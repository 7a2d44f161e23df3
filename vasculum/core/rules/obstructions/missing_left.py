"""A partition where the side wall is missing, on the left: it carries the runners there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per=("crossing.left", "in_the_way.missing_wall"))
def takes_left(projection: Mm, clear_stands_in: Mm, outer_cell_from_left: Mm) -> Mm:
    """A partition takes its thickness: runners go on it, so nothing is kept clear of it."""
    return largest(NOTHING, projection - clear_stands_in - outer_cell_from_left)


@rule(source="geometry", label="partition on the left carries", per=("crossing.left", "in_the_way.missing_wall"))
def partition_left(takes_left: Mm) -> Mm:
    """Of what a partition takes all of it carries."""
    return takes_left


@rule(source="geometry", label="wood to screw into on the left", per="obstructed.left")
def carries_left(each_partition_left: tuple[Mm | None, ...]) -> Mm:
    """On the left stands what can be screwed into, where a partition stands for the wall that is missing."""
    return largest(NOTHING, *taken(each_partition_left))


@piece(
    "partition",
    per=("in_the_way.missing_wall", "in_the_way.on_left"),
    title="Partition, left",
    length="opening_height",
    width="clear_depth",
    thickness="projection",
    stock="partition_board",
    order=9,
)
def partition(clear_stands_in: Mm) -> Stand:
    """The partition stands at the edge of the opening, from floor to top."""
    return Stand(-clear_stands_in, NOTHING, NOTHING, "up", "back", 1)
