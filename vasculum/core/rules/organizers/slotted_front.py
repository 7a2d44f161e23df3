"""Slots in box front and back: loose dividers run from the front to the back. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.organizers.slotted import LOOSE, loose_piece

FRONT = "fitted.slotted_front"
WALLED = (FRONT, "front_walled")

alternative(
    FRONT,
    title="Slots in front and back",
    about="Loose dividers run to the back, and go from slot to slot.",
    shares=("slotted", "from_inside"),
    order=4,
)


@rule(source="geometry", per=FRONT)
def slots_run(inside_width: Mm) -> Mm:
    """Slots stand along the inside of box front and back."""
    return inside_width


@rule(source="geometry", per=FRONT)
def slots_across(inside_depth: Mm) -> Mm:
    """A divider reaches from front to back."""
    return inside_depth


@rule(source="geometry", per=WALLED)
def slotted_wall(box_front_thickness: Mm, box_back_thickness: Mm) -> Mm:
    """The thinner of both walls."""
    return smallest(box_front_thickness, box_back_thickness)


@rule(source="geometry", label="slots on the box front, from its left end", per=WALLED)
def slots_on_front(slot_middles: tuple[Mm, ...], box_front_length_cut: Mm, inside_width: Mm) -> tuple[Mm, ...]:
    """The box front is in the middle of the box: it begins before the inside by half of what it is longer."""
    return tuple(at + (box_front_length_cut - inside_width) / 2 for at in slot_middles)


@rule(source="geometry", label="slots on the box back, from its left end", per=WALLED)
def slots_on_back(slot_middles: tuple[Mm, ...], box_back_length_cut: Mm, inside_width: Mm) -> tuple[Mm, ...]:
    """The box back is in the middle of the box: it begins before the inside by half of what it is longer."""
    return tuple(at + (box_back_length_cut - inside_width) / 2 for at in slot_middles)


def deep(number: int) -> Callable[..., Stand]:
    """Where the divider of this number stands."""

    def loose_deep(
        inside_from_left: Mm,
        loose_middles: tuple[Mm, ...],
        grid_thickness: Mm,
        inside_from_front: Mm,
        slots_across: Mm,
        loose_length_cut: Mm,
        inside_from_floor: Mm,
    ) -> Stand:
        """A loose divider stands in the middle between front and back."""
        left = inside_from_left + loose_middles[number] - grid_thickness / 2
        back = inside_from_front + (slots_across - loose_length_cut) / 2
        return Stand(left, back, inside_from_floor, "back", "up", 1)

    return loose_deep


for number in range(len(LOOSE)):
    loose_piece(number, *WALLED)(deep(number))
for part, places in (("box_front", "slots_on_front"), ("box_back", "slots_on_back")):
    cut(
        "slots",
        per=WALLED,
        into=part,
        title="Slots for loose dividers",
        datums="left",
        width="slot_width",
        depth="slot_depth",
        holes=places,
        holes_from="left",
    )
