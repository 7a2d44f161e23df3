"""Slots in both sides: loose dividers run across. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.organizers.slotted import LOOSE, loose_piece

SIDES = "fitted.slotted_sides"

alternative(
    SIDES,
    title="Slots in the sides",
    about="Loose dividers run across, and go from slot to slot.",
    shares=("slotted", "from_inside"),
    order=3,
)


@rule(source="geometry", label="run of the slotted walls", per=SIDES)
def slots_run(inside_depth: Mm) -> Mm:
    """Slots stand along the inside of the sides."""
    return inside_depth


@rule(source="geometry", label="between the slotted walls", per=SIDES)
def slots_across(inside_width: Mm) -> Mm:
    """A divider reaches from side to side."""
    return inside_width


@rule(source="geometry", label="wall that is slotted", per=SIDES)
def slotted_wall(side_thickness: Mm) -> Mm:
    """Slots go into the sides."""
    return side_thickness


@rule(source="geometry", label="slots on the sides, from their front ends", per=SIDES)
def slots_on_sides(slot_middles: tuple[Mm, ...], inside_from_front: Mm, sides_from_front: Mm) -> tuple[Mm, ...]:
    """On a side the slots begin behind what its front end is behind the inside."""
    return tuple(at + inside_from_front - sides_from_front for at in slot_middles)


def across(number: int) -> Callable[..., Stand]:
    """Where the divider of this number stands."""

    def loose_across(
        inside_from_left: Mm,
        slots_across: Mm,
        loose_length_cut: Mm,
        inside_from_front: Mm,
        loose_middles: tuple[Mm, ...],
        grid_thickness: Mm,
        inside_from_floor: Mm,
    ) -> Stand:
        """A loose divider stands in the middle between the sides."""
        left = inside_from_left + (slots_across - loose_length_cut) / 2
        back = inside_from_front + loose_middles[number] - grid_thickness / 2
        return Stand(left, back, inside_from_floor, "across", "up", 1)

    return loose_across


for number in range(len(LOOSE)):
    loose_piece(number, SIDES)(across(number))
cut(
    "slots",
    per=SIDES,
    into=("side_left", "side_right"),
    title="Slots for loose dividers",
    datums="front",
    width="slot_width",
    depth="slot_depth",
    holes="slots_on_sides",
    holes_from="front",
)
