"""A shelf that holds tools: holes that they hang in, or pegs that they stand on, in one row. Exact mm.

A hole is as wide as what was measured, and a play; pegs are as thick as what was measured, less it.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_nearest, total
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.shelves.board import SHELVES

HELD = "holding"
HOLES = ("shelf", "shelf_holds.holes")
MOST_HELD = 8
"""Holes or pegs in one shelf."""

alternative("shelf_holds.things", title="What lies on it", about="A plain board.", order=1)
alternative(
    "shelf_holds.holes",
    title="Tools in holes",
    about="A row of holes; each is as wide as its tool was measured, and a play.",
    shares=(HELD,),
    order=2,
)


@rule(source="common practice", label="middles of holes and pegs, from the left end", per=HELD)
def held_middles(
    shelf_length_cut: Mm, least_between_held: Mm, increment: Mm, held_sizes: tuple[Mm, ...] = ()
) -> tuple[Mm, ...]:
    """The same wood stays between each two of them, and at both ends.

    Raises:
        CannotDerive: ``no-room-for-holders``, ``too-many-holders``.
    """
    many = len(held_sizes)
    if many > MOST_HELD:
        raise CannotDerive(
            "too-many-holders",
            "{many} holes or pegs were told; eight are the most of one shelf.",
            "Divide the place, and take two shelves.",
            many=Mm(many),
        )
    between = (shelf_length_cut - total(NOTHING, *held_sizes)) / (many + 1)
    if many and between < least_between_held:
        raise CannotDerive(
            "no-room-for-holders",
            "{many} of them leave {between} between each two on a shelf {shelf_length_cut} long; {least} is the least.",
            "Take fewer of them, or a longer shelf.",
            many=Mm(many),
            between=between if between > 0 else NOTHING,
            shelf_length_cut=shelf_length_cut,
            least=least_between_held,
        )
    return tuple(
        snap_nearest(between * (number + 1) + total(NOTHING, *held_sizes[:number]) + size / 2, increment)
        for number, size in enumerate(held_sizes)
    )


@rule(source="common practice", label="widths of the holes", per=HOLES)
def bore_widths(held_middles: tuple[Mm, ...], held_play: Mm, held_sizes: tuple[Mm, ...] = ()) -> tuple[Mm, ...]:
    """A hole is as wide as what hangs in it was measured, and the play."""
    return tuple(size + held_play for size, _ in zip(held_sizes, held_middles, strict=True))


@rule(source="geometry", label="row of holes or pegs, behind the front edge", per=HELD)
def held_behind(shelf_depth_cut: Mm) -> Mm:
    """The row runs along the middle of the shelf."""
    return shelf_depth_cut / 2


cut(
    "bores",
    per=("shelf", HELD),
    into=SHELVES,
    title="Holes",
    face="through",
    datums="front",
    at="held_behind",
    width="bore_widths",
    holes="held_middles",
    holes_from="left",
    is_centred=True,
)
