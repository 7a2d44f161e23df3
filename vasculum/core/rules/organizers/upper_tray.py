"""A tray in the upper half of a drawer, that slides on risers along both sides. Exact mm.

Its sides run through, its ends stand between them, its bottom is planted under all four. It is less deep than the
drawer, so that what lies below is reached in front of it or behind it.
"""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from typing import TypeVar

from vasculum.core.catalogue import alternative, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import brad_length, count_along
from vasculum.core.weights import weight_of

UPPER = "fitted.upper_tray"
IN_LISTS = 9
"""Where its parts stand among those of the drawer."""
TRAY = ("upper_side_left", "upper_side_right", "upper_end_front", "upper_end_back")
"""The walls of the tray."""
WALL = ("upper_wall_cut", "upper_thickness", "upper_sheet")
"""Width, thickness and stock of its walls."""
S = TypeVar("S", bound=Callable[..., Stand | None])

alternative(
    UPPER,
    title="Sliding upper tray",
    about="On risers along both sides, half as deep as the drawer: push it back to reach what lies below.",
    shares=("from_inside",),
    order=5,
)


@rule(source="common practice", label="height of the risers", per=UPPER)
def riser_height(inside_height: Mm, increment: Mm, wanted_lower_room: Mm | None = None) -> Mm:
    """Risers are as high as the room below the tray: half of the inside, unless it was chosen."""
    return snap_down(inside_height / 2, increment) if wanted_lower_room is None else wanted_lower_room


@rule(source="common practice", label="length of the risers", per=UPPER)
def riser_length_cut(inside_depth: Mm, increment: Mm) -> Mm:
    """Risers run along all of the inside."""
    return snap_down(inside_depth, increment)


@rule(source="common practice", label="width of the upper tray", per=UPPER)
def upper_width_cut(inside_width: Mm, upper_play: Mm, increment: Mm) -> Mm:
    """The tray is as wide as the inside, less its play."""
    return snap_down(inside_width - upper_play, increment)


@rule(source="common practice", label="depth of the upper tray", per=UPPER)
def upper_depth_cut(inside_depth: Mm, upper_share: Mm, increment: Mm, wanted_upper_depth: Mm | None = None) -> Mm:
    """The tray takes a share of the depth, or as much as was chosen; the rest is how far it travels.

    Raises:
        CannotDerive: ``upper-tray-too-deep``.
    """
    if wanted_upper_depth is None:
        return snap_down(inside_depth * upper_share, increment)
    if wanted_upper_depth > inside_depth:
        raise CannotDerive(
            "upper-tray-too-deep",
            "A tray {wanted_upper_depth} deep does not go into {inside_depth}.",
            "Make it less deep by {over}.",
            wanted_upper_depth=wanted_upper_depth,
            inside_depth=inside_depth,
            over=wanted_upper_depth - inside_depth,
        )
    return wanted_upper_depth


@rule(source="common practice", label="height of the upper tray's walls", per=UPPER)
def upper_wall_cut(inside_height: Mm, riser_height: Mm, upper_clear: Mm, grid_thickness: Mm, increment: Mm) -> Mm:
    """Over risers, bottom and the air under the rim the walls have what is left.

    Raises:
        CannotDerive: ``no-room-for-upper-tray``.
    """
    wall = snap_down(inside_height - riser_height - upper_clear - grid_thickness, increment)
    if wall <= 0:
        raise CannotDerive(
            "no-room-for-upper-tray",
            "Risers of {riser_height} and a bottom of {grid_thickness} leave no walls in {inside_height}.",
            "Leave less room below the tray, or make the drawer higher.",
            riser_height=riser_height,
            grid_thickness=grid_thickness,
            inside_height=inside_height,
        )
    return wall


@rule(source="common practice", label="length of the upper tray's ends", per=UPPER)
def upper_end_cut(upper_width_cut: Mm, upper_thickness: Mm) -> Mm:
    """Its ends stand between its sides.

    Raises:
        CannotDerive: ``no-inside-width``.
    """
    length = upper_width_cut - 2 * upper_thickness
    if length <= 0:
        raise CannotDerive(
            "no-inside-width",
            "Two sides of {upper_thickness} fill a tray {upper_width_cut} wide.",
            "Use thinner sides for it.",
            upper_thickness=upper_thickness,
            upper_width_cut=upper_width_cut,
        )
    return length


@rule(source="geometry", label="travel of the upper tray", per=UPPER)
def upper_travel(inside_depth: Mm, upper_depth_cut: Mm) -> Mm:
    """It slides by what it is less deep than the inside."""
    return inside_depth - upper_depth_cut


@rule(source="geometry", label="play of the upper tray, as cut", per=UPPER)
def upper_play_left(inside_width: Mm, upper_width_cut: Mm) -> Mm:
    """Its play, and what snapping takes."""
    return inside_width - upper_width_cut


@rule(source="common practice", label="bearing of the upper tray on a riser", per=UPPER)
def upper_bearing(grid_thickness: Mm, upper_play_left: Mm) -> Mm:
    """Pushed to one side it still lies on the other riser by its thickness less its play."""
    return grid_thickness - upper_play_left


@rule(source="geometry", label="between the risers", per=UPPER)
def between_risers(inside_width: Mm, grid_thickness: Mm) -> Mm:
    """Below the tray the risers take their thickness on both sides."""
    return inside_width - 2 * grid_thickness


@rule(source="common practice", label="brads in the upper tray's bottom", per=UPPER, unit="count")
def upper_brads(upper_width_cut: Mm, upper_depth_cut: Mm, brad_margin: Mm, planted_pitch: Mm) -> Mm:
    """Brads stand along all four edges."""
    return Mm(2 * sum(count_along(run, brad_margin, planted_pitch) for run in (upper_width_cut, upper_depth_cut)))


@rule(source="common practice", label="length of brads in the upper tray's bottom", per=UPPER)
def upper_brad_length(grid_thickness: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """A brad is twice as long as the bottom is thick, and bites beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(grid_thickness, brad_bite, brad_lengths)


good(
    "brad",
    per=UPPER,
    title="Brad for the bottom of the upper tray",
    count="upper_brads",
    size="upper_brad_length",
    through=("grid_thickness",),
    holds="edges",
)


@rule(source="geometry", per=UPPER, unit="kg", judgement=True)
def fitted_weight(
    riser_length_cut: Mm,
    riser_height: Mm,
    upper_width_cut: Mm,
    upper_depth_cut: Mm,
    upper_end_cut: Mm,
    upper_wall_cut: Mm,
    grid_thickness: Mm,
    grid_density: Fraction,
    upper_thickness: Mm,
    upper_density: Fraction,
) -> float:
    """Risers, bottom and walls of the tray weigh their volume times their density."""
    thin = 2 * riser_length_cut * riser_height + upper_width_cut * upper_depth_cut
    walls = 2 * (upper_depth_cut + upper_end_cut) * upper_wall_cut
    return weight_of(thin * grid_thickness, grid_density) + weight_of(walls * upper_thickness, upper_density)


def part(role: str, title: str, length: str, width: str, thickness: str, stock: str) -> Callable[[S], S]:
    """A part of the tray or what it slides on; the function says where it stands, the tray pushed to the front."""
    return piece(
        role,
        per=UPPER,
        title=title,
        length=length,
        width=width,
        thickness=thickness,
        stock=stock,
        moves=True,
        order=IN_LISTS,
    )


@part("riser_left", "Riser", "riser_length_cut", "riser_height", "grid_thickness", "grid_sheet")
def riser_left(inside_from_left: Mm, inside_from_front: Mm, inside_from_floor: Mm) -> Stand:
    """Glued to the inside of the left side."""
    return Stand(inside_from_left, inside_from_front, inside_from_floor, "back", "up", 1)


@part("riser_right", "Riser", "riser_length_cut", "riser_height", "grid_thickness", "grid_sheet")
def riser_right(
    inside_from_left: Mm, inside_width: Mm, grid_thickness: Mm, inside_from_front: Mm, inside_from_floor: Mm
) -> Stand:
    """Glued to the inside of the right side."""
    across = inside_from_left + inside_width - grid_thickness
    return Stand(across, inside_from_front, inside_from_floor, "back", "up", -1)


@rule(source="geometry", label="upper tray begins, from the left", per=UPPER)
def upper_from_left(inside_from_left: Mm, inside_width: Mm, upper_width_cut: Mm) -> Mm:
    """It stands in the middle of its play."""
    return inside_from_left + (inside_width - upper_width_cut) / 2


@rule(source="geometry", label="upper tray stands above the floor", per=UPPER)
def upper_from_floor(inside_from_floor: Mm, riser_height: Mm) -> Mm:
    """Its bottom lies on the risers."""
    return inside_from_floor + riser_height


@part("upper_bottom", "Bottom of the upper tray", "upper_width_cut", "upper_depth_cut", "grid_thickness", "grid_sheet")
def upper_bottom(upper_from_left: Mm, inside_from_front: Mm, upper_from_floor: Mm) -> Stand:
    """Planted under its walls."""
    return Stand(upper_from_left, inside_from_front, upper_from_floor, "across", "back", 1)


@part(
    "upper_side_left", "Side of the upper tray", "upper_depth_cut", "upper_wall_cut", "upper_thickness", "upper_sheet"
)
def upper_side_left(upper_from_left: Mm, inside_from_front: Mm, upper_from_floor: Mm, grid_thickness: Mm) -> Stand:
    """On its bottom, at the left."""
    return Stand(upper_from_left, inside_from_front, upper_from_floor + grid_thickness, "back", "up", 1)


@part(
    "upper_side_right", "Side of the upper tray", "upper_depth_cut", "upper_wall_cut", "upper_thickness", "upper_sheet"
)
def upper_side_right(
    upper_from_left: Mm,
    upper_width_cut: Mm,
    upper_thickness: Mm,
    inside_from_front: Mm,
    upper_from_floor: Mm,
    grid_thickness: Mm,
) -> Stand:
    """On its bottom, at the right."""
    across = upper_from_left + upper_width_cut - upper_thickness
    return Stand(across, inside_from_front, upper_from_floor + grid_thickness, "back", "up", -1)


@part("upper_end_front", "End of the upper tray", "upper_end_cut", *WALL)
def upper_end_front(
    upper_from_left: Mm, upper_thickness: Mm, inside_from_front: Mm, upper_from_floor: Mm, grid_thickness: Mm
) -> Stand:
    """Between its sides, in front."""
    across = upper_from_left + upper_thickness
    return Stand(across, inside_from_front, upper_from_floor + grid_thickness, "across", "up", 1)


@part("upper_end_back", "End of the upper tray", "upper_end_cut", *WALL)
def upper_end_back(
    upper_from_left: Mm,
    upper_thickness: Mm,
    inside_from_front: Mm,
    upper_depth_cut: Mm,
    upper_from_floor: Mm,
    grid_thickness: Mm,
) -> Stand:
    """Between its sides, behind."""
    across, back = upper_from_left + upper_thickness, inside_from_front + upper_depth_cut - upper_thickness
    return Stand(across, back, upper_from_floor + grid_thickness, "across", "up", -1)
