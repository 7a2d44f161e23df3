"""A box with a front wall of its own: what it takes of the depth, and the stock that grooves are cut into. Exact mm."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.cutting import cut_down
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


@rule(source="geometry", per="front_walled", unit="kg", judgement=True)
def front_wall_weight(
    box_front_length_cut: Mm, wall_height_cut: Mm, box_front_thickness: Mm, box_front_density: Fraction
) -> float:
    """The box front weighs its volume times its density."""
    return weight_of(box_front_length_cut * wall_height_cut * box_front_thickness, box_front_density)
