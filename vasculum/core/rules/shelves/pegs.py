"""Pegs through a shelf, for rolls that stand on it. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.shelves.board import IN_LISTS
from vasculum.core.rules.shelves.holders import HELD, MOST_HELD

PEGS = ("shelf", "shelf_holds.pegs")
PEG_ROLES = tuple(f"shelf_peg_{number}" for number in range(1, MOST_HELD + 1))

alternative(
    "shelf_holds.pegs",
    title="Rolls on pegs",
    about="A row of pegs through a shelf on the floor of its place, as thick as the narrowest roll takes.",
    shares=(HELD,),
    order=3,
)


@rule(source="common practice", label="thickness of the pegs", per=PEGS)
def peg_thickness(held_play: Mm, held_sizes: tuple[Mm, ...] = ()) -> Mm:
    """All pegs are of one stick: as thick as the narrowest roll was measured inside, less the play.

    Raises:
        CannotDerive: ``peg-is-all-play``.
    """
    narrowest = smallest(*held_sizes) if held_sizes else held_play
    if held_sizes and narrowest <= held_play:
        raise CannotDerive(
            "peg-is-all-play",
            "A play of {held_play} leaves no peg in a roll that measures {narrowest} inside.",
            "Measure the roll again, or take less play.",
            held_play=held_play,
            narrowest=narrowest,
        )
    return narrowest - held_play


@rule(source="common practice", label="length of the pegs", per=PEGS)
def peg_length(peg_height: Mm, shelf_thickness: Mm) -> Mm:
    """A peg goes through the shelf, and ends level with its underside."""
    return peg_height + shelf_thickness


@rule(source="common practice", per=PEGS)
def bore_widths(held_middles: tuple[Mm, ...], peg_thickness: Mm) -> tuple[Mm, ...]:
    """A peg is glued into a hole as wide as it is thick."""
    return tuple(peg_thickness for _ in held_middles)


def standing(number: int) -> Callable[..., Stand]:
    """Where the peg of this number stands."""

    def shelf_peg(
        cell_from_left: Mm,
        free_width: Mm,
        shelf_length_cut: Mm,
        held_middles: tuple[Mm, ...],
        held_behind: Mm,
        peg_thickness: Mm,
        cell_from_floor: Mm,
        taken_left: Mm = NOTHING,
        taken_below: Mm = NOTHING,
    ) -> Stand:
        """Through the shelf, in the middle of its depth."""
        across = cell_from_left + taken_left + (free_width - shelf_length_cut) / 2 + held_middles[number]
        back, up = held_behind - peg_thickness / 2, cell_from_floor + taken_below
        return Stand(across - peg_thickness / 2, back, up, "up", "across", 1)

    return shelf_peg


for number, role in enumerate(PEG_ROLES):
    piece(
        role,
        per=(*PEGS, "shelf_rests.floor"),
        title="Peg",
        length="peg_length",
        width="peg_thickness",
        thickness="peg_thickness",
        stock="hardwood_strip",
        where="held_middles",
        nth=number,
        order=IN_LISTS,
    )(standing(number))
