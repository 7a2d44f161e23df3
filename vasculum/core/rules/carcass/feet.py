"""Feet under a case: blocks in a row at the front and one at the back, as high as the base is. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import how_many
from vasculum.core.rules.fastening.sold import longest_into
from vasculum.core.rules.obstructions.free import NOTHING

SAID = ("feet_in_a_row", "base_height")
PLACES = ("first", "second", "third", "fourth", "fifth")
"""The feet of a row, from the left: as many as it may have."""
AFTER_THE_BOARDS = 58


@rule(source="common practice", label="feet, from the left", per="carcass.new", when=SAID)
def foot_places(case_from_left: Mm, case_outside_width: Mm, foot_width: Mm, feet_in_a_row: Mm) -> tuple[Mm, ...]:
    """The outer feet are flush with the sides, the others share out what is between.

    Their left faces, from the clear left of the space.

    Raises:
        CannotDerive: ``feet-do-not-fit``.
    """
    count = pieces(feet_in_a_row, Mm(1))
    if count < 2 or count > len(PLACES) or count * foot_width > case_outside_width:
        raise CannotDerive(
            "feet-do-not-fit",
            "A row of feet, each {foot_width} wide, has two at least and five at most, under a case {width} wide.",
            "Choose another number of feet, or narrower ones.",
            foot_width=foot_width,
            width=case_outside_width,
        )
    step = (case_outside_width - foot_width) / (count - 1)
    return tuple(case_from_left + step * number for number in range(count))


@rule(source="geometry", label="back feet behind the front edges", per="carcass.new", when=SAID)
def back_feet_from_front(case_panel_depth_cut: Mm, foot_width: Mm) -> Mm:
    """The back feet are flush with the back edges."""
    return case_panel_depth_cut - foot_width


@rule(source="geometry", label="feet below the inside's floor", per="carcass.new", when=SAID)
def feet_from_floor(case_bottom_taken: Mm, plinth: Mm, base_height: Mm) -> Mm:
    """Feet stand under the bottom, or under the plinth."""
    return -case_bottom_taken - plinth - base_height


def standing(number: int, is_back: bool) -> Callable[..., Stand | None]:
    """Where the foot of this number stands in its row."""

    def foot(foot_places: tuple[Mm, ...], back_feet_from_front: Mm, feet_from_floor: Mm) -> Stand:
        """A foot stands under the edge of the case."""
        return Stand(
            foot_places[number], back_feet_from_front if is_back else NOTHING, feet_from_floor, "up", "back", 1
        )

    return foot


for is_back, row in ((False, "front"), (True, "back")):
    for number, word in enumerate(PLACES):
        piece(
            f"foot_{row}_{word}",
            per="carcass.new",
            title="Foot",
            length="base_height",
            width="foot_width",
            thickness="foot_width",
            stock="hardwood_strip",
            where="foot_places",
            nth=number,
            order=AFTER_THE_BOARDS,
        )(standing(number, is_back))


@rule(source="common practice", label="number of feet", per="carcass.new", when=SAID, unit="count")
def foot_count(foot_places: tuple[Mm, ...]) -> Mm:
    """A row at the front, and one at the back."""
    return 2 * how_many(*foot_places)


@rule(source="common practice", label="length of foot screws", per="carcass.new", when=SAID)
def foot_screw_length(
    base_height: Mm,
    case_bottom_counts: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """One screw up through each foot: the longest that is sold and ends inside the board over it."""
    return longest_into(screw_lengths, base_height, case_bottom_counts, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="geometry", label="bite of foot screws", per="carcass.new", when=SAID)
def foot_screw_bite(foot_screw_length: Mm, base_height: Mm) -> Mm:
    """Past the foot it bites."""
    return foot_screw_length - base_height


good(
    "screw",
    per="carcass.new",
    title="Screw for feet",
    count="foot_count",
    size="foot_screw_length",
    through=("base_height",),
    into=("case_bottom_counts",),
    bite="foot_screw_bite",
    where="foot_count",
)
