"""Dividers on metal angles: one under each end, screwed to the wall and up into the divider. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import smallest, snap_nearest
from vasculum.core.rules.fastening.sold import cover_in, longest_inside, longest_into
from vasculum.core.rules.layout.dividing import left_of

ON_ANGLES = ("divided.board", "divider_held.angles")


def angle_holes(short_front: Mm, length: Mm, count: Mm, increment: Mm) -> tuple[Mm, ...]:
    """So many holes, each in the middle of its share of the angle; from the front edge of the divider."""
    each = length / count
    return tuple(
        snap_nearest(short_front + each * number + each / 2, increment) for number in range(pieces(count, Mm(1)))
    )


@rule(source="common practice", label="number of angles", per=ON_ANGLES, unit="count")
def angle_count(each_weight: tuple[Mm, ...], divider_held_ends: Mm) -> Mm:
    """One angle stands at each end of a divider that is held."""
    return divider_held_ends * (len(each_weight) - 1)


@rule(source="common practice", label="length of an angle", per=ON_ANGLES)
def angle_length(divider_depth_cut: Mm, angle_short_front: Mm, angle_short_back: Mm, increment: Mm) -> Mm:
    """An angle is as long as the divider is deep, less what it stays short in front and at the back.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(divider_depth_cut, angle_short_front + angle_short_back, increment)


good("angle", per=ON_ANGLES, title="Angle for dividers", count="angle_count", size="angle_length", gauge="angle_leg")


@rule(source="common practice", label="screws of the angles into the walls", per=ON_ANGLES, unit="count")
def angle_wall_screw_count(angle_count: Mm, divider_fixings: tuple[Mm, ...]) -> Mm:
    """Each angle is screwed to its wall through each of its holes there."""
    return angle_count * len(divider_fixings)


@rule(source="common practice", label="length of angle screws into the walls", per=ON_ANGLES)
def angle_wall_screw_length(
    low_end_host: Mm,
    high_end_host: Mm,
    angle_metal: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the thinner wall."""
    wall = smallest(low_end_host, high_end_host)
    return longest_inside(
        screw_lengths, angle_metal + wall - cover_in(wall, thin_stock, least_thin_cover, least_screw_cover)
    )


good(
    "screw",
    per=ON_ANGLES,
    title="Screw for angles, into the wall",
    count="angle_wall_screw_count",
    size="angle_wall_screw_length",
    through=("angle_metal",),
    holds="walls",
)


@rule(source="common practice", label="screws of the angles into the dividers", per=ON_ANGLES, unit="count")
def angle_board_screw_count(angle_count: Mm, angle_board_screws: Mm) -> Mm:
    """Each angle is screwed up into its divider."""
    return angle_count * angle_board_screws


@rule(source="common practice", label="length of angle screws into the dividers", per=ON_ANGLES)
def angle_board_screw_length(
    divider_thickness: Mm,
    angle_metal: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the divider: nothing shows above."""
    return longest_into(screw_lengths, angle_metal, divider_thickness, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="geometry", label="bite of angle screws in the dividers", per=ON_ANGLES)
def angle_board_bite(angle_board_screw_length: Mm, angle_metal: Mm) -> Mm:
    """In the divider bites what reaches past the metal."""
    return angle_board_screw_length - angle_metal


good(
    "screw",
    per=ON_ANGLES,
    title="Screw for angles, into the divider",
    count="angle_board_screw_count",
    size="angle_board_screw_length",
    through=("angle_metal",),
    into=("divider_thickness",),
    bite="angle_board_bite",
)
