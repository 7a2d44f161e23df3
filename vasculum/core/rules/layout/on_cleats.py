"""Lying dividers that rest on cleats, loose or screwed: a strip under each end, on the wall there. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.fastening.sold import count_along, longest_into
from vasculum.core.rules.layout.dividing import left_of

ON_CLEATS = ("board_before.row", "board_on.cleats")


@rule(source="common practice", label="length of the cleats", per=ON_CLEATS)
def cleat_length(
    board_depth_cut: Mm, cell_depth: Mm, outer_divider_set_back: Mm, cleat_short_front: Mm, increment: Mm
) -> Mm:
    """A cleat is as long as the divider is deep, less what it stays short in front; it ends before a cross wall.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(smallest(board_depth_cut, cell_depth - outer_divider_set_back), cleat_short_front, increment)


@piece(
    "cleat_left",
    per=ON_CLEATS,
    title="Cleat, left",
    length="cleat_length",
    width="cleat_height",
    thickness="cleat_thickness",
    stock="hardwood_strip",
    order=24,
)
def cleat_left(
    cell_from_left: Mm,
    outer_reaches_left: Mm,
    outer_divider_set_back: Mm,
    cleat_short_front: Mm,
    cell_from_floor: Mm,
    cell_height: Mm,
    cleat_height: Mm,
) -> Stand:
    """The left cleat stands on the wall at the left, under the divider."""
    back, up = outer_divider_set_back + cleat_short_front, cell_from_floor + cell_height - cleat_height
    return Stand(cell_from_left - outer_reaches_left, back, up, "back", "up", 1)


@piece(
    "cleat_right",
    per=ON_CLEATS,
    title="Cleat, right",
    length="cleat_length",
    width="cleat_height",
    thickness="cleat_thickness",
    stock="hardwood_strip",
    order=25,
)
def cleat_right(
    cell_from_left: Mm,
    cell_width: Mm,
    outer_reaches_right: Mm,
    cleat_thickness: Mm,
    outer_divider_set_back: Mm,
    cleat_short_front: Mm,
    cell_from_floor: Mm,
    cell_height: Mm,
    cleat_height: Mm,
) -> Stand:
    """The right cleat stands on the wall at the right, under the divider."""
    back, up = outer_divider_set_back + cleat_short_front, cell_from_floor + cell_height - cleat_height
    across = cell_from_left + cell_width + outer_reaches_right - cleat_thickness
    return Stand(across, back, up, "back", "up", -1)


@rule(source="common practice", label="screws of the cleats", per=ON_CLEATS, unit="count")
def cleat_screws(cleat_length: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Both cleats are screwed to their walls, by two screws at least."""
    return Mm(2 * count_along(cleat_length, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="common practice", label="length of cleat screws", per=ON_CLEATS)
def cleat_screw_length(
    cleat_thickness: Mm,
    outer_low_end_host: Mm,
    outer_high_end_host: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the thinner wall."""
    wall = smallest(outer_low_end_host, outer_high_end_host)
    return longest_into(screw_lengths, cleat_thickness, wall, thin_stock, least_thin_cover, least_screw_cover)


good(
    "screw",
    per=ON_CLEATS,
    title="Screw for cleats",
    count="cleat_screws",
    size="cleat_screw_length",
    through=("cleat_thickness",),
    holds="walls",
)
