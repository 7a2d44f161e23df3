"""A box with a front wall of its own: what it takes of the depth, and the stock that grooves are cut into. Exact mm."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.cutting import cut_down
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.weights import weight_of


@rule(source="geometry", per="front_walled")
def front_wall(box_front_thickness: Mm) -> Mm:
    """Of the depth of the box its front takes its thickness."""
    return box_front_thickness


@rule(source="geometry", per="front_walled")
def front_stock(box_front_thickness: Mm) -> Mm:
    """What is cut into the front is cut into the box front."""
    return box_front_thickness


@rule(source="common practice", per="front_walled")
def box_front_length_cut(box_front_length: Mm, increment: Mm) -> Mm:
    """The box front is cut to length, down to the shop's increment: the box must still go between its runners.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(box_front_length, increment, "The length of the box front")


@rule(source="common practice", label="height of the box front", per="front_walled")
def front_wall_height(wall_height: Mm) -> Mm:
    """The box front is as high as the sides."""
    return wall_height


@rule(source="common practice", label="height of the box front, cut", per="front_walled")
def front_wall_height_cut(front_wall_height: Mm, increment: Mm) -> Mm:
    """The box front is ripped to its height, down to the shop's increment, as the sides are.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(front_wall_height, increment, "The height of the box front")


@rule(source="geometry", per="front_walled", unit="kg", judgement=True)
def front_wall_weight(
    box_front_length_cut: Mm, front_wall_height_cut: Mm, box_front_thickness: Mm, box_front_density: Fraction
) -> float:
    """The box front weighs its volume times its density."""
    return weight_of(box_front_length_cut * front_wall_height_cut * box_front_thickness, box_front_density)


@piece(
    "box_front",
    per="front_walled",
    title="Box front",
    length="box_front_length_cut",
    width="front_wall_height_cut",
    thickness="box_front_thickness",
    stock="box_front_sheet",
    moves=True,
    order=3,
)
def box_front(
    box_from_left: Mm,
    outside_width: Mm,
    box_front_length_cut: Mm,
    set_back: Mm,
    walls_from_floor: Mm,
    set_in_front: Mm = NOTHING,
) -> Stand:
    """The box front stands in the middle of the box, its inside to the back."""
    across = box_from_left + (outside_width - box_front_length_cut) / 2
    return Stand(across, set_back + set_in_front, walls_from_floor, "across", "up", 1)
