"""Loose dividers in slots at one pitch, in two walls that face each other. Exact mm.

Places of slots are told from the inside corner, at the left or in front: both ends of a wall are alike.
"""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from typing import TypeVar

from vasculum.core.catalogue import piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import how_many, largest, snap_down, snap_nearest
from vasculum.core.weights import weight_of

MOST_LOOSE = 8
"""Loose dividers in one drawer."""
LOOSE = tuple(f"loose_divider_{number}" for number in range(1, MOST_LOOSE + 1))
IN_LISTS = 9
"""Where they stand among the parts of their drawer."""
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", label="number of slots in a wall", per="slotted", unit="count")
def slot_count(slots_run: Mm, slot_pitch: Mm, wanted_slots: Mm | None = None) -> Mm:
    """As many slots as leave about a pitch at both ends, unless a number was chosen."""
    if wanted_slots is not None:
        return wanted_slots
    return largest(Mm(1), snap_down(slots_run / slot_pitch, Mm(1)) - 1)


@rule(source="common practice", label="first slot, from the inside corner", per="slotted")
def slot_first(slots_run: Mm, slot_count: Mm, slot_pitch: Mm) -> Mm:
    """What the slots leave of a wall is shared out to both of its ends.

    Raises:
        CannotDerive: ``no-room-for-slots``.
    """
    first = (slots_run - (slot_count - 1) * slot_pitch) / 2
    if first <= 0:
        raise CannotDerive(
            "no-room-for-slots",
            "{slot_count} slots at {slot_pitch} have no room in a wall {slots_run} long.",
            "Take fewer slots, or a smaller pitch.",
            slot_count=slot_count,
            slot_pitch=slot_pitch,
            slots_run=slots_run,
        )
    return first


@rule(source="common practice", label="middles of the slots, from the inside corner", per="slotted")
def slot_middles(slot_first: Mm, slot_pitch: Mm, slot_count: Mm) -> tuple[Mm, ...]:
    """Slots stand at one pitch, so that a divider goes from wall to wall whichever it takes."""
    return tuple(slot_first + slot_pitch * number for number in range(pieces(slot_count, Mm(1))))


@rule(source="common practice", label="width of a slot", per="slotted")
def slot_width(grid_thickness: Mm, notch_play: Mm) -> Mm:
    """A slot is as wide as a divider is thick, and a little."""
    return grid_thickness + notch_play


@rule(source="common practice", label="depth of a slot", per="slotted")
def slot_depth(slotted_wall: Mm, slot_share: Mm, thickness_increment: Mm) -> Mm:
    """A slot goes into its wall by a share of it, less than half; the thinner wall decides."""
    return snap_down(slotted_wall * slot_share, thickness_increment)


@rule(source="common practice", label="length of a loose divider", per="slotted")
def loose_length_cut(slots_across: Mm, slot_depth: Mm, loose_play: Mm, increment: Mm) -> Mm:
    """A divider goes into the slots of both walls, less its play."""
    return snap_down(slots_across + 2 * slot_depth - loose_play, increment)


@rule(source="common practice", label="height of a loose divider", per="slotted")
def loose_height(inside_height: Mm, increment: Mm, wanted_grid_height: Mm | None = None) -> Mm:
    """A divider is as high as the inside, unless another height was chosen."""
    return snap_down(inside_height, increment) if wanted_grid_height is None else wanted_grid_height


@rule(source="common practice", label="slots with dividers, from the inside corner", per="slotted")
def loose_middles(slot_middles: tuple[Mm, ...], loose_dividers: Mm) -> tuple[Mm, ...]:
    """To begin with dividers share the slots out evenly; each may be moved to any other.

    Raises:
        CannotDerive: ``too-many-dividers``.
    """
    many = how_many(*slot_middles)
    if loose_dividers > many or loose_dividers > MOST_LOOSE:
        raise CannotDerive(
            "too-many-dividers",
            "{loose_dividers} dividers want as many slots; there are {many}, and eight dividers go into one drawer.",
            "Take fewer dividers, or a smaller pitch.",
            loose_dividers=loose_dividers,
            many=Mm(many),
        )
    count = pieces(loose_dividers, Mm(1))
    at = (snap_nearest(Mm((many + 1) * number, count + 1), Mm(1)) for number in range(1, count + 1))
    return tuple(slot_middles[one.numerator - 1] for one in at)


@rule(source="geometry", per="slotted", unit="kg", judgement=True)
def fitted_weight(
    loose_dividers: Mm, loose_length_cut: Mm, loose_height: Mm, grid_thickness: Mm, grid_density: Fraction
) -> float:
    """The loose dividers weigh their volume times their density; what the slots take off the walls is left in."""
    return weight_of(loose_dividers * loose_length_cut * loose_height * grid_thickness, grid_density)


def loose_piece(number: int, *per: str) -> Callable[[S], S]:
    """One loose divider; the function says where it stands."""
    return piece(
        LOOSE[number],
        per=("slotted", *per),
        title="Loose divider",
        length="loose_length_cut",
        width="loose_height",
        thickness="grid_thickness",
        stock="grid_sheet",
        moves=True,
        where="loose_middles",
        nth=number,
        order=IN_LISTS,
    )
