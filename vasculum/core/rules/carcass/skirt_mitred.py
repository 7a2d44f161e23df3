"""Boards round the base, in front and at both sides, that cover feet and the bottom's edge; mitred. Exact mm.

Lengths are to the long points of the mitres.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import brad_length, count_along

alternative(
    "base_skirt.mitred",
    title="Boards round it, mitred",
    about="In front and at both sides, up to the floor of the inside; they stand proud of the case.",
    order=2,
)
SKIRT = ("carcass.new", "base_skirt.mitred")
AFTER_THE_BOARDS = 59


@rule(source="common practice", per=SKIRT, when=("base_height",))
def skirt_past(plinth_thickness: Mm) -> Mm:
    """They stand proud of the case by their thickness."""
    return plinth_thickness


@rule(source="common practice", label="height of the boards round the base, cut", per=SKIRT, when=("base_height",))
def skirt_height_cut(base_height: Mm, plinth: Mm, case_bottom_taken: Mm, increment: Mm) -> Mm:
    """They cover the base and the edge of the bottom, down to the shop's increment."""
    return snap_down(base_height + plinth + case_bottom_taken, increment)


@rule(source="common practice", label="length of the board before the base", per=SKIRT, when=("base_height",))
def skirt_front_length(case_outside_width: Mm, plinth_thickness: Mm) -> Mm:
    """In front it is as long as the case is wide, and a thickness more at both ends."""
    return case_outside_width + 2 * plinth_thickness


@rule(source="common practice", label="length of the boards beside the base", per=SKIRT, when=("base_height",))
def skirt_side_length(case_panel_depth_cut: Mm, plinth_thickness: Mm) -> Mm:
    """At the sides they are as long as the case is deep, and a thickness more in front."""
    return case_panel_depth_cut + plinth_thickness


@rule(source="geometry", label="boards round the base, below the inside's floor", per=SKIRT, when=("base_height",))
def skirt_from_floor(case_bottom_taken: Mm, plinth: Mm, base_height: Mm) -> Mm:
    """They stand where the base stands."""
    return -case_bottom_taken - plinth - base_height


@piece(
    "skirt_front",
    per=SKIRT,
    title="Board before the base",
    length="skirt_front_length",
    width="skirt_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    where="skirt_height_cut",
    order=AFTER_THE_BOARDS,
)
def skirt_front(case_from_left: Mm, plinth_thickness: Mm, skirt_from_floor: Mm) -> Stand:
    """Before the base, from corner to corner."""
    return Stand(case_from_left - plinth_thickness, -plinth_thickness, skirt_from_floor, "across", "up", 1)


@piece(
    "skirt_left",
    per=SKIRT,
    title="Board beside the base, left",
    length="skirt_side_length",
    width="skirt_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    hand="L",
    where="skirt_height_cut",
    order=AFTER_THE_BOARDS,
)
def skirt_left(case_from_left: Mm, plinth_thickness: Mm, skirt_from_floor: Mm) -> Stand:
    """Along the left, from the corner in front."""
    return Stand(case_from_left - plinth_thickness, -plinth_thickness, skirt_from_floor, "back", "up", 1)


@piece(
    "skirt_right",
    per=SKIRT,
    title="Board beside the base, right",
    length="skirt_side_length",
    width="skirt_height_cut",
    thickness="plinth_thickness",
    stock="plinth_sheet",
    hand="R",
    where="skirt_height_cut",
    order=AFTER_THE_BOARDS,
)
def skirt_right(case_from_left: Mm, case_outside_width: Mm, plinth_thickness: Mm, skirt_from_floor: Mm) -> Stand:
    """Along the right, from the corner in front."""
    return Stand(case_from_left + case_outside_width, -plinth_thickness, skirt_from_floor, "back", "up", -1)


cut(
    "mitre",
    per=SKIRT,
    into="skirt_front",
    title="Mitre",
    face="through",
    datums=("left", "right"),
    width="plinth_thickness",
)
cut(
    "mitre",
    per=SKIRT,
    into=("skirt_left", "skirt_right"),
    title="Mitre",
    face="through",
    datums="front",
    width="plinth_thickness",
    first=1,
)


@rule(source="common practice", label="brads round the base", per=SKIRT, when=("base_height",), unit="count")
def skirt_brads(skirt_front_length: Mm, skirt_side_length: Mm, brad_margin: Mm, brad_pitch: Mm) -> Mm:
    """With glue, along the bottom's edge."""
    front, side = (count_along(run, brad_margin, brad_pitch, 2) for run in (skirt_front_length, skirt_side_length))
    return Mm(front + 2 * side)


@rule(source="common practice", label="length of brads round the base", per=SKIRT)
def skirt_brad_length(plinth_thickness: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """A brad is twice as long as what it goes through, and bites beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(plinth_thickness, brad_bite, brad_lengths)


good(
    "brad",
    per=SKIRT,
    title="Brad round the base",
    count="skirt_brads",
    size="skirt_brad_length",
    through=("plinth_thickness",),
    holds="edges",
    where="skirt_brads",
)
