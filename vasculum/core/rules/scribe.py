"""A scribe strip between a case and a wavy wall: a blank as wide as the widest station, cut to a template. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down, snap_up, taken


@rule(source="common practice", label="scribe strip width at this station", per="scribe_station")
def strip_width_here(scribe_gap: Mm, scribe_reveal: Mm, scribe_caulk: Mm) -> Mm:
    """At this station the strip fills from the case's edge to the wall, less the reveal and the caulk.

    Raises:
        CannotDerive: ``no-room-for-scribe``.
    """
    width = scribe_gap - scribe_reveal - scribe_caulk
    if width <= 0:
        raise CannotDerive(
            "no-room-for-scribe",
            "Reveal of {reveal} and caulk of {caulk} fill a gap of {gap}.",
            "Take less reveal, or move the case away from the wall.",
            reveal=scribe_reveal,
            caulk=scribe_caulk,
            gap=scribe_gap,
        )
    return width


@rule(source="geometry", label="station along the scribe strip", per="scribe_station")
def strip_station(scribe_at: Mm) -> Mm:
    """A station stands as far along the strip as was measured."""
    return scribe_at


@rule(source="common practice", label="scribe strip width, cut", per="scribe")
def strip_width_cut(each_strip_width_here: tuple[Mm | None, ...], increment: Mm) -> Mm:
    """The blank is ripped to the widest station, up to the shop's increment: scribing takes the rest off."""
    return snap_up(largest(*taken(each_strip_width_here)), increment)


@rule(source="common practice", label="scribe strip length, cut", per="scribe")
def strip_length_cut(each_strip_station: tuple[Mm | None, ...], increment: Mm) -> Mm:
    """The strip is as long as its last station, down to the shop's increment."""
    return snap_down(largest(*taken(each_strip_station)), increment)


@piece(
    "scribe",
    per="scribe",
    title="Blank",
    length="strip_length_cut",
    width="strip_width_cut",
    thickness="front_thickness",
    stock="front_sheet",
    order=40,
)
def scribe() -> None:
    """A scribe strip stands between the edge of the case and a wall that only its template knows."""
