"""An egg-crate grid: strips that cross each other in notches, loose in a drawer or pressed in. Exact mm.

Places along a strip are told from its left end, or its front end.
"""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from typing import TypeVar

from vasculum.core.catalogue import alternative, cut, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import largest, snap_down, snap_nearest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.weights import weight_of

GRID = "fitted.grid"
MOST_STRIPS = 11
"""In each direction: twelve cells."""
IN_LISTS = 9
"""Where strips stand among the parts of their drawer."""
LENGTHWISE = tuple(f"grid_lengthwise_{number}" for number in range(1, MOST_STRIPS + 1))
CROSSWISE = tuple(f"grid_crosswise_{number}" for number in range(1, MOST_STRIPS + 1))
S = TypeVar("S", bound=Callable[..., Stand | None])

alternative(
    GRID,
    title="Grid of strips",
    about="Strips cross each other in notches; lifted out, or pressed in without glue.",
    shares=("from_inside",),
    order=2,
)


def cell_of(inside: Mm, many: Mm, thickness: Mm, which: str) -> Mm:
    """So many cells share the inside, less the strips between them.

    Raises:
        CannotDerive: ``no-room-for-cells``.
    """
    cell = (inside - (many - 1) * thickness) / many
    if cell <= 0 or many > MOST_STRIPS + 1:
        raise CannotDerive(
            "no-room-for-cells",
            "{many} cells " + which + ", with strips of {thickness} between them, have no room in {inside}.",
            "Take fewer cells, twelve at most, or thinner strips.",
            many=many,
            thickness=thickness,
            inside=inside,
        )
    return cell


def centres(cell: Mm, many: Mm, thickness: Mm, play: Mm, run: Mm, increment: Mm) -> tuple[Mm, ...]:
    """Middles of the strips along a run: each from the nearer end, so that the strip reads alike from both ends."""
    count = pieces(many, Mm(1)) - 1
    exact = [cell * k + thickness * (k - Mm(1, 2)) - play / 2 for k in range(1, count + 1)]
    near = [snap_nearest(at, increment) for at in exact]
    return tuple(at if 2 * k <= count + 1 else run - near[count - k] for k, at in enumerate(near, 1))


@rule(source="common practice", label="cell of the grid, across", per=GRID)
def grid_cell_across(inside_width: Mm, grid_across: Mm, grid_thickness: Mm) -> Mm:
    """The cells across share the inside, less the strips between them.

    Raises:
        CannotDerive: ``no-room-for-cells``.
    """
    return cell_of(inside_width, grid_across, grid_thickness, "across")


@rule(source="common practice", label="cell of the grid, to the back", per=GRID)
def grid_cell_deep(inside_depth: Mm, grid_deep: Mm, grid_thickness: Mm) -> Mm:
    """The cells to the back share the inside, less the strips between them.

    Raises:
        CannotDerive: ``no-room-for-cells``.
    """
    return cell_of(inside_depth, grid_deep, grid_thickness, "to the back")


@rule(source="common practice", label="length of the crosswise strips", per=GRID)
def grid_crosswise_cut(inside_width: Mm, grid_play: Mm, increment: Mm) -> Mm:
    """A crosswise strip is as long as the inside is wide, less its play."""
    return snap_down(inside_width - grid_play, increment)


@rule(source="common practice", label="length of the lengthwise strips", per=GRID)
def grid_lengthwise_cut(inside_depth: Mm, grid_play: Mm, increment: Mm) -> Mm:
    """A lengthwise strip is as long as the inside is deep, less its play."""
    return snap_down(inside_depth - grid_play, increment)


@rule(source="common practice", label="height of the grid", per=GRID)
def grid_height(inside_height: Mm, increment: Mm, wanted_grid_height: Mm | None = None) -> Mm:
    """The strips are as high as the inside, unless another height was chosen."""
    return snap_down(inside_height, increment) if wanted_grid_height is None else wanted_grid_height


@rule(source="common practice", label="width of a notch", per=GRID)
def grid_notch(grid_thickness: Mm, notch_play: Mm) -> Mm:
    """A notch is as wide as the strip that goes into it, and a little."""
    return grid_thickness + notch_play


@rule(source="common practice", label="depth of a notch", per=GRID)
def grid_notch_deep(grid_height: Mm, notch_play: Mm) -> Mm:
    """A notch goes through half the strip, and a little, so that both lie on the floor."""
    return grid_height / 2 + notch_play


@rule(source="geometry", label="notch begins above the lower edge", per=GRID)
def grid_notch_from_edge(grid_height: Mm, grid_notch_deep: Mm) -> Mm:
    """One sawn from above ends so far above the lower edge of its strip."""
    return grid_height - grid_notch_deep


@rule(source="geometry", label="notch from below begins", per=GRID)
def grid_notch_at_edge() -> Mm:
    """One sawn from below begins at the lower edge."""
    return NOTHING


@rule(source="common practice", label="shim for the notches", per=GRID)
def grid_shim(grid_notch: Mm, blade_kerf: Mm) -> Mm:
    """A blade narrower than the notch takes a second pass, the strip moved by a shim of what is missing."""
    return largest(grid_notch - blade_kerf, NOTHING)


@rule(source="common practice", label="middles of the lengthwise strips, from the left", per=GRID)
def grid_centres_across(
    grid_cell_across: Mm,
    grid_across: Mm,
    grid_thickness: Mm,
    grid_play: Mm,
    grid_crosswise_cut: Mm,
    increment: Mm,
) -> tuple[Mm, ...]:
    """Notches of the crosswise strips are marked from the ends, not added up, and read alike from both."""
    return centres(grid_cell_across, grid_across, grid_thickness, grid_play, grid_crosswise_cut, increment)


@rule(source="common practice", label="middles of the crosswise strips, from the front", per=GRID)
def grid_centres_deep(
    grid_cell_deep: Mm,
    grid_deep: Mm,
    grid_thickness: Mm,
    grid_play: Mm,
    grid_lengthwise_cut: Mm,
    increment: Mm,
) -> tuple[Mm, ...]:
    """Notches of the lengthwise strips are marked from the ends, not added up, and read alike from both."""
    return centres(grid_cell_deep, grid_deep, grid_thickness, grid_play, grid_lengthwise_cut, increment)


@rule(source="geometry", label="grid begins, from the left", per=GRID)
def grid_from_left(inside_from_left: Mm, inside_width: Mm, grid_crosswise_cut: Mm) -> Mm:
    """It stands in the middle of the inside."""
    return inside_from_left + (inside_width - grid_crosswise_cut) / 2


@rule(source="geometry", label="grid begins behind the front", per=GRID)
def grid_from_front(inside_from_front: Mm, inside_depth: Mm, grid_lengthwise_cut: Mm) -> Mm:
    """It stands in the middle of the inside."""
    return inside_from_front + (inside_depth - grid_lengthwise_cut) / 2


@rule(source="geometry", label="weight of what is fitted inside", per=GRID, unit="kg", judgement=True)
def fitted_weight(
    grid_across: Mm,
    grid_deep: Mm,
    grid_lengthwise_cut: Mm,
    grid_crosswise_cut: Mm,
    grid_height: Mm,
    grid_thickness: Mm,
    grid_density: Fraction,
) -> float:
    """The strips weigh their volume times their density; what the notches take off is left in."""
    runs = (grid_across - 1) * grid_lengthwise_cut + (grid_deep - 1) * grid_crosswise_cut
    return weight_of(runs * grid_height * grid_thickness, grid_density)


def strip_of(role: str, title: str, length: str, where: str, nth: int) -> Callable[[S], S]:
    """One strip of the grid; the function says where it stands."""
    return piece(
        role,
        per=GRID,
        title=title,
        length=length,
        width="grid_height",
        thickness="grid_thickness",
        stock="grid_sheet",
        moves=True,
        where=where,
        nth=nth,
        order=IN_LISTS,
    )


def lengthwise(number: int) -> Callable[..., Stand]:
    """Where the lengthwise strip of this number stands."""

    def grid_lengthwise(
        grid_from_left: Mm,
        grid_from_front: Mm,
        inside_from_floor: Mm,
        grid_thickness: Mm,
        grid_centres_across: tuple[Mm, ...],
    ) -> Stand:
        """A lengthwise strip runs from the front to the back."""
        across = grid_from_left + grid_centres_across[number] - grid_thickness / 2
        return Stand(across, grid_from_front, inside_from_floor, "back", "up", 1)

    return grid_lengthwise


def crosswise(number: int) -> Callable[..., Stand]:
    """Where the crosswise strip of this number stands."""

    def grid_crosswise(
        grid_from_left: Mm,
        grid_from_front: Mm,
        inside_from_floor: Mm,
        grid_thickness: Mm,
        grid_centres_deep: tuple[Mm, ...],
    ) -> Stand:
        """A crosswise strip runs from side to side."""
        back = grid_from_front + grid_centres_deep[number] - grid_thickness / 2
        return Stand(grid_from_left, back, inside_from_floor, "across", "up", 1)

    return grid_crosswise


for number, role in enumerate(LENGTHWISE):
    strip_of(role, "Grid strip, lengthwise", "grid_lengthwise_cut", "grid_centres_across", number)(lengthwise(number))
for number, role in enumerate(CROSSWISE):
    strip_of(role, "Grid strip, crosswise", "grid_crosswise_cut", "grid_centres_deep", number)(crosswise(number))
for roles, at, end, begins in (
    (LENGTHWISE, "grid_centres_deep", "front", "grid_notch_from_edge"),
    (CROSSWISE, "grid_centres_across", "left", "grid_notch_at_edge"),
):
    cut(
        "notches",
        per=GRID,
        into=roles,
        title="Notches from above" if roles is LENGTHWISE else "Notches from below",
        face="through",
        datums="front" if end == "front" else "left",
        width="grid_notch",
        begins=begins,
        length="grid_notch_deep",
        holes=at,
        holes_from="front" if end == "front" else "left",
    )
