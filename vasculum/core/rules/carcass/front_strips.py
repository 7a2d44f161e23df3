"""Strips on the outside of the sides along their front edges: a square case fills a space that widens to the front.

Exact mm.
"""

from __future__ import annotations

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.cutting import cut_down
from vasculum.core.rules.fastening.sold import count_along, longest_into
from vasculum.core.rules.obstructions.free import NOTHING

SAID = ("front_strip",)


@rule(source="common practice", label="width of the strips at the front, cut", per="carcass.new", when=SAID)
def front_strip_width_cut(front_strip_width: Mm, increment: Mm) -> Mm:
    """Strips are ripped to their width, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(front_strip_width, increment, "The width of the strips")


@rule(source="geometry", label="outside width at the front", per="carcass.new", when=SAID)
def case_front_width(case_outside_width: Mm, front_strip: Mm) -> Mm:
    """At the front the case is wider by both strips."""
    return case_outside_width + 2 * front_strip


@piece(
    "front_strip_left",
    per="carcass.new",
    title="Strip at the front, left",
    length="case_side_length_cut",
    width="front_strip_width_cut",
    thickness="front_strip",
    stock="sheet_in_hand",
    hand="L",
    where="front_strip_width_cut",
    order=51,
)
def front_strip_left(case_from_left: Mm, case_sides_from_floor: Mm, front_strip: Mm = NOTHING) -> Stand:
    """On the outside of the left side, flush with its front edge."""
    return Stand(case_from_left - front_strip, NOTHING, case_sides_from_floor, "up", "back", 1)


@piece(
    "front_strip_right",
    per="carcass.new",
    title="Strip at the front, right",
    length="case_side_length_cut",
    width="front_strip_width_cut",
    thickness="front_strip",
    stock="sheet_in_hand",
    hand="R",
    where="front_strip_width_cut",
    order=51,
)
def front_strip_right(case_right_side_from_left: Mm, case_side_thickness: Mm, case_sides_from_floor: Mm) -> Stand:
    """On the outside of the right side, flush with its front edge."""
    return Stand(case_right_side_from_left + case_side_thickness, NOTHING, case_sides_from_floor, "up", "back", -1)


@rule(source="common practice", label="brads in the strips at the front", per="carcass.new", when=SAID, unit="count")
def front_strip_brads(case_side_length_cut: Mm, brad_margin: Mm, brad_pitch: Mm) -> Mm:
    """With glue, along the middle of each strip."""
    return Mm(2 * count_along(case_side_length_cut, brad_margin, brad_pitch, 2))


@rule(source="common practice", label="length of brads in the strips at the front", per="carcass.new", when=SAID)
def front_strip_brad_length(
    front_strip: Mm,
    case_side_thickness: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    brad_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the side."""
    return longest_into(brad_lengths, front_strip, case_side_thickness, thin_stock, least_thin_cover, least_screw_cover)


good(
    "brad",
    per="carcass.new",
    title="Brad for the strips at the front",
    count="front_strip_brads",
    size="front_strip_brad_length",
    through=("front_strip",),
    into=("case_side_thickness",),
    where="front_strip_brads",
)
