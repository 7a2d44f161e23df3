"""A bottom between the walls: pocket screws from below along all four edges. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along, pocket_length


@rule(source="common practice", label="pocket screws of the bottom", per="bottom.between", unit="count")
def bottom_pockets(bottom_width_cut: Mm, bottom_depth_cut: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """They stand along all four edges of the bottom, two at least in each, no further apart than was chosen."""
    return Mm(2 * sum(count_along(run, pocket_margin, pocket_pitch, 2) for run in (bottom_width_cut, bottom_depth_cut)))


@rule(source="common practice", label="length of pocket screws of the bottom", per="bottom.between")
def bottom_pocket_length(
    bottom_thickness: Mm,
    side_thickness: Mm,
    pocket_thicknesses: tuple[Mm, ...],
    pocket_lengths: tuple[Mm, ...],
) -> Mm:
    """They go by the thinner of bottom and sides."""
    return pocket_length(bottom_thickness, side_thickness, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per="bottom.between",
    title="Pocket screw for the bottom",
    count="bottom_pockets",
    size="bottom_pocket_length",
    through=("bottom_thickness",),
    holds="next_board",
)
