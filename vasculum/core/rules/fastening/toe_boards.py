"""The plinth of a case: pocket screws hold its toe boards, nothing shows in front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along, pocket_length

TOES = ("carcass.new", "has_plinth")


@rule(source="common practice", label="pocket screws of the toe boards", per=TOES, unit="count")
def toe_board_pockets(toe_board_length_cut: Mm, toe_board_count: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """Along the upper edge of each toe board, up into the bottom, two at least."""
    return toe_board_count * count_along(toe_board_length_cut, pocket_margin, pocket_pitch, 2)


@rule(source="common practice", label="length of pocket screws of the toe boards", per=TOES)
def toe_board_pocket_length(
    plinth_thickness: Mm,
    case_bottom_counts: Mm,
    pocket_thicknesses: tuple[Mm, ...],
    pocket_lengths: tuple[Mm, ...],
) -> Mm:
    """They go by the thinner of toe board and bottom."""
    return pocket_length(plinth_thickness, case_bottom_counts, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per=TOES,
    title="Pocket screw for the toe boards",
    count="toe_board_pockets",
    size="toe_board_pocket_length",
    through=("plinth_thickness",),
    holds="case",
)
