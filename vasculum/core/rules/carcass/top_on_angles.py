"""A whole top held from below by metal angles: nothing is screwed through it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.top_oversailing import ON
from vasculum.core.rules.fastening.sold import longest_into
from vasculum.core.rules.layout.dividing import left_of

alternative(
    "top_held.angles",
    title="Angles from below",
    about="Screwed to the sides and uprights and up into the top: nothing shows above, and it comes off again.",
    order=2,
)
HELD = ("carcass.new", "whole_top", "top_held.angles")
UPRIGHT = ("divided.board", "upright.board", "under_angles")


@rule(source="geometry", per=("case_screwed", "whole_top", "top_held.angles"))
def upper_hole_places() -> tuple[Mm, ...]:
    """Nothing is screwed through the top, or through the sides into it."""
    return ()


@rule(source="geometry", per=(*ON, "case_screwed", "top_held.angles"))
def top_hole_places() -> tuple[Mm, ...]:
    """Nothing is screwed through the top."""
    return ()


@rule(source="common practice", label="length of angles under the top", per=HELD)
def top_angle_length(case_side_depth_cut: Mm, angle_short_front: Mm, angle_short_back: Mm, increment: Mm) -> Mm:
    """An angle is as long as the sides are deep, less what it stays short in front and at the back.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(case_side_depth_cut, angle_short_front + angle_short_back, increment)


@rule(source="common practice", label="angles under the top, at the sides", per=HELD, unit="count")
def top_angle_count() -> Mm:
    """One at each side."""
    return Mm(2)


@rule(source="common practice", label="angles under the top, at uprights", per=UPRIGHT, unit="count")
def upright_angle_count(each_weight: tuple[Mm, ...]) -> Mm:
    """One on both faces of each upright."""
    return Mm(2 * (len(each_weight) - 1))


@rule(source="common practice", label="screws of the angles into the sides", per=HELD, unit="count")
def top_angle_wall_screws(top_angle_count: Mm, angle_wall_screws: Mm) -> Mm:
    """Each is screwed to its side."""
    return top_angle_count * angle_wall_screws


@rule(source="common practice", label="screws of the angles into the top", per=HELD, unit="count")
def top_angle_board_screws(top_angle_count: Mm, angle_board_screws: Mm) -> Mm:
    """Each is screwed up into the top."""
    return top_angle_count * angle_board_screws


@rule(source="common practice", label="screws of the angles into the uprights", per=UPRIGHT, unit="count")
def upright_angle_wall_screws(upright_angle_count: Mm, angle_wall_screws: Mm) -> Mm:
    """Each is screwed to its upright."""
    return upright_angle_count * angle_wall_screws


@rule(source="common practice", label="screws of the angles at uprights into the top", per=UPRIGHT, unit="count")
def upright_angle_board_screws(upright_angle_count: Mm, angle_board_screws: Mm) -> Mm:
    """Each is screwed up into the top."""
    return upright_angle_count * angle_board_screws


@rule(source="common practice", label="length of angle screws into the sides", per=HELD)
def top_angle_wall_screw_length(
    case_side_thickness: Mm,
    angle_metal: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the side."""
    return longest_into(
        screw_lengths, angle_metal, case_side_thickness, thin_stock, least_thin_cover, least_screw_cover
    )


@rule(source="common practice", label="length of angle screws into the top", per=HELD)
def top_angle_board_screw_length(
    case_top_thickness: Mm,
    angle_metal: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the top: nothing shows above."""
    return longest_into(screw_lengths, angle_metal, case_top_thickness, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="common practice", label="length of angle screws into the uprights", per=UPRIGHT)
def upright_angle_wall_screw_length(
    divider_thickness: Mm,
    angle_metal: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the upright."""
    return longest_into(screw_lengths, angle_metal, divider_thickness, thin_stock, least_thin_cover, least_screw_cover)


for per, counted in ((HELD, "top_angle"), (UPRIGHT, "upright_angle")):
    good(
        "angle",
        per=per,
        title="Angle under the top",
        count=f"{counted}_count",
        size="top_angle_length",
        gauge="angle_leg",
    )
    good(
        "screw",
        per=per,
        title="Screw for angles, into the wall",
        count=f"{counted}_wall_screws",
        size=f"{counted}_wall_screw_length",
        through=("angle_metal",),
        holds="walls",
    )
    good(
        "screw",
        per=per,
        title="Screw for angles, into the top",
        count=f"{counted}_board_screws",
        size="top_angle_board_screw_length",
        through=("angle_metal",),
        holds="top_from_below",
    )
