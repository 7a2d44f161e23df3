"""Adjustable shelves on pins: two rows of holes in each wall of their place, and where the shelves begin. Exact mm.

Heights are told from the floor of the place, rows from the front of the case.
"""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import how_many, longest_not_over, smallest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.shelves.board import SHELVES, shelf_piece

ON_PINS = ("shelf", "shelf_rests.pins")

alternative(
    "shelf_rests.pins",
    title="On pins, adjustable",
    about="Two rows of holes in each wall; four pins hold a shelf.",
    order=2,
)


@rule(source="common practice", label="rows of pin holes, from the front", per=ON_PINS)
def pin_rows(shelf_depth_cut: Mm, pin_row_inset: Mm) -> tuple[Mm, ...]:
    """One row stands behind the front edge of the shelf, one as far before its back edge.

    Raises:
        CannotDerive: ``pin-rows-meet``.
    """
    back = shelf_depth_cut - pin_row_inset
    if back <= pin_row_inset:
        raise CannotDerive(
            "pin-rows-meet",
            "A shelf {shelf_depth_cut} deep has no room for two rows of holes, each {pin_row_inset} from its edge.",
            "Set the rows nearer to the edges, or make the shelf deeper.",
            shelf_depth_cut=shelf_depth_cut,
            pin_row_inset=pin_row_inset,
        )
    return (pin_row_inset, back)


@rule(source="common practice", label="pin holes, from the floor of the place", per=ON_PINS)
def pin_holes(cell_height: Mm, pin_first: Mm, pin_pitch: Mm, pin_last_below: Mm, pin_diameter: Mm) -> tuple[Mm, ...]:
    """From the first hole on, one at each step, up to where a shelf is of no more use.

    Raises:
        CannotDerive: ``no-room-for-pins``, ``pin-holes-meet``.
    """
    if pin_pitch <= pin_diameter:
        raise CannotDerive(
            "pin-holes-meet",
            "Holes {pin_diameter} thick, {pin_pitch} from middle to middle, run into each other.",
            "Set them further apart, or take thinner pins.",
            pin_diameter=pin_diameter,
            pin_pitch=pin_pitch,
        )
    room = cell_height - pin_first - pin_last_below
    if room < 0:
        raise CannotDerive(
            "no-room-for-pins",
            "The first hole {pin_first} up and the last {pin_last_below} down do not fit a place {cell_height} high.",
            "Begin lower or end higher, or make the place higher.",
            pin_first=pin_first,
            pin_last_below=pin_last_below,
            cell_height=cell_height,
        )
    places = (pin_first + pin_pitch * number for number in range(pieces(room, pin_pitch) + 1))
    return tuple(place for place in places if place <= pin_first + room)


@rule(source="common practice", label="undersides of the shelves, from the floor of the place", per=ON_PINS)
def shelf_heights(
    pin_holes: tuple[Mm, ...], cell_height: Mm, shelf_count: Mm, pin_diameter: Mm, shelf_thickness: Mm
) -> tuple[Mm, ...]:
    """Shelves are shared out evenly to begin with, each on the next hole under its place; they lie on the pins.

    Raises:
        CannotDerive: ``too-many-shelves``.
    """
    wanted = range(1, pieces(shelf_count, Mm(1)) + 1)
    share = (cell_height - shelf_count * shelf_thickness) / (shelf_count + 1)
    at = [share * number + shelf_thickness * (number - 1) for number in wanted]
    under = [longest_not_over(height - pin_diameter / 2, pin_holes) for height in at]
    holes = [smallest(*pin_holes) if hole is None else hole for hole in under]
    if len(holes) > len(SHELVES) or len({*holes}) < len(holes):
        raise CannotDerive(
            "too-many-shelves",
            "So many shelves do not find a hole each in a place {cell_height} high; one place holds six at most.",
            "Take fewer shelves, or divide the place.",
            cell_height=cell_height,
        )
    return tuple(hole + pin_diameter / 2 for hole in holes)


def lying(number: int) -> Callable[..., Stand | None]:
    """Where the shelf of this number lies: on its pins, in the middle of what is free."""

    def shelf(
        cell_from_left: Mm,
        free_width: Mm,
        shelf_length_cut: Mm,
        cell_from_floor: Mm,
        shelf_heights: tuple[Mm, ...],
        taken_left: Mm = NOTHING,
    ) -> Stand:
        """A shelf lies on its pins, in the middle of what is free."""
        across = cell_from_left + taken_left + (free_width - shelf_length_cut) / 2
        return Stand(across, NOTHING, cell_from_floor + shelf_heights[number], "across", "back", 1)

    return shelf


for number, role in enumerate(SHELVES):
    shelf_piece(role, *ON_PINS, where="shelf_heights", nth=number)(lying(number))


@rule(source="common practice", label="number of shelf pins", per=ON_PINS, unit="count")
def shelf_pin_count(shelf_heights: tuple[Mm, ...], pin_rows: tuple[Mm, ...]) -> Mm:
    """A pin in each row of both walls for every shelf."""
    return Mm(2 * how_many(*shelf_heights) * how_many(*pin_rows))


good(
    "shelf_pin",
    per=ON_PINS,
    title="Shelf pin",
    count="shelf_pin_count",
    size="pin_hole_depth",
    gauge="pin_diameter",
)
