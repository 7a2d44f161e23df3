"""A partition where the side wall is missing, on the right: it carries the runners there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per=("crossing.right", "in_the_way.missing_wall"))
def takes_right(
    projection: Mm, clear_stands_in: Mm, opening_width: Mm, outer_cell_from_left: Mm, outer_cell_width: Mm
) -> Mm:
    """A partition takes its thickness: runners go on it, so nothing is kept clear of it."""
    return largest(NOTHING, projection - (opening_width - clear_stands_in - outer_cell_from_left - outer_cell_width))


@rule(source="geometry", label="partition on the right carries", per=("crossing.right", "in_the_way.missing_wall"))
def partition_right(takes_right: Mm) -> Mm:
    """Of what a partition takes all of it carries."""
    return takes_right


@rule(source="geometry", label="wood to screw into on the right", per="obstructed.right")
def carries_right(each_partition_right: tuple[Mm | None, ...]) -> Mm:
    """On the right stands what can be screwed into, where a partition stands for the wall that is missing."""
    return largest(NOTHING, *taken(each_partition_right))


@piece(
    "partition",
    per=("in_the_way.missing_wall", "in_the_way.on_right"),
    title="Partition, right",
    length="opening_height",
    width="clear_depth",
    thickness="projection",
    stock="partition_board",
    order=9,
)
def partition(opening_width: Mm, clear_stands_in: Mm, projection: Mm) -> Stand:
    """The partition stands at the edge of the opening, from floor to top."""
    return Stand(opening_width - clear_stands_in - projection, NOTHING, NOTHING, "up", "back", -1)
