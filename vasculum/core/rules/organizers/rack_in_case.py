"""A rack in a case of its own, made outside and pushed in: sides, back, plates that carry the strips, a top. Exact mm.

Sides run from the floor to the top, which lies over all; back and plates stand between the sides, the plates before the
back. What stands in the way at the left or right takes nothing of it: the case is notched past it.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import alternative, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down
from vasculum.core.rules.fastening.sold import count_along, longest_inside, pocket_length, shortest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.organizers.rack import RACK

IN_CASE = (RACK, "rack_made.case")
IN_LISTS = 19
"""Where its parts stand in the lists, before the strips."""
S = TypeVar("S", bound=Callable[..., Stand | None])

alternative(
    "rack_made.place",
    title="In its place",
    about="Strips on the floor and under the top of the place.",
    order=1,
)
alternative(
    "rack_made.case",
    title="In a case of its own",
    about="Made outside, pushed in, and notched past what stands at its sides.",
    order=2,
)


@rule(source="geometry", per=IN_CASE)
def rack_clear_width(cell_width: Mm, rack_thickness: Mm) -> Mm:
    """Between the sides of its case.

    Raises:
        CannotDerive: ``no-inside-width``.
    """
    width = cell_width - 2 * rack_thickness
    if width <= 0:
        raise CannotDerive(
            "no-inside-width",
            "Two sides of {rack_thickness} fill a place {cell_width} wide.",
            "Use thinner sides, or make the place wider.",
            rack_thickness=rack_thickness,
            cell_width=cell_width,
        )
    return width


@rule(source="geometry", per=IN_CASE)
def rack_step(rack_lip: Mm, rack_plate_thickness: Mm) -> Mm:
    """The lower plate takes its thickness off what a divider is lifted over."""
    return largest(rack_lip - rack_plate_thickness, NOTHING)


@rule(source="common practice", label="depth of the rack's case", per=IN_CASE)
def rack_case_depth_cut(free_depth: Mm, increment: Mm) -> Mm:
    """The case is as deep as is free, down to the shop's increment."""
    return snap_down(free_depth, increment)


@rule(source="common practice", per=IN_CASE)
def rack_run_cut(rack_case_depth_cut: Mm, rack_thickness: Mm) -> Mm:
    """Plates and strips run from the front to the back of the case.

    Raises:
        CannotDerive: ``no-inside-depth``.
    """
    run = rack_case_depth_cut - rack_thickness
    if run <= 0:
        raise CannotDerive(
            "no-inside-depth",
            "A back of {rack_thickness} fills a case {deep} deep.",
            "Use a thinner back, or measure the depth again.",
            rack_thickness=rack_thickness,
            deep=rack_case_depth_cut if rack_case_depth_cut > 0 else NOTHING,
        )
    return run


@rule(source="common practice", per=IN_CASE)
def rack_divider_cut(rack_run_cut: Mm, rack_divider_short: Mm, increment: Mm) -> Mm:
    """A divider ends short of the back, so that it drops in."""
    return snap_down(rack_run_cut - rack_divider_short, increment)


@rule(source="geometry", label="height of the rack's case", per=IN_CASE)
def rack_case_height(cell_height: Mm, taken_below: Mm = NOTHING, taken_above: Mm = NOTHING) -> Mm:
    """Between what stands on the floor and what hangs under the top."""
    return cell_height - taken_below - taken_above


@rule(source="common practice", label="length of the rack's sides", per=IN_CASE)
def rack_side_cut(rack_case_height: Mm, rack_thickness: Mm, increment: Mm) -> Mm:
    """Sides and back run from the floor to the top."""
    return snap_down(rack_case_height - rack_thickness, increment)


@rule(source="geometry", per=IN_CASE)
def rack_height(rack_side_cut: Mm, rack_plate_thickness: Mm) -> Mm:
    """The strips have what is clear between the plates.

    Raises:
        CannotDerive: ``no-height-for-rack``.
    """
    height = rack_side_cut - 2 * rack_plate_thickness
    if height <= 0:
        raise CannotDerive(
            "no-height-for-rack",
            "Plates of {plate} above and below fill sides {side} high.",
            "Give the rack more height, or take thinner plates.",
            plate=rack_plate_thickness,
            side=rack_side_cut if rack_side_cut > 0 else NOTHING,
        )
    return height


@rule(source="geometry", per=IN_CASE)
def rack_from_left(cell_from_left: Mm, rack_thickness: Mm) -> Mm:
    """The strips begin beside the left side."""
    return cell_from_left + rack_thickness


@rule(source="geometry", label="rack's case stands above the floor", per=IN_CASE)
def rack_case_from_floor(cell_from_floor: Mm, taken_below: Mm = NOTHING) -> Mm:
    """It stands on what stands on the floor of its place."""
    return cell_from_floor + taken_below


@rule(source="geometry", per=IN_CASE)
def rack_from_floor(rack_case_from_floor: Mm, rack_plate_thickness: Mm) -> Mm:
    """The strips lie on the lower plate."""
    return rack_case_from_floor + rack_plate_thickness


@rule(source="geometry", label="first bay beside what stands in", per=IN_CASE)
def rack_first_bay(
    rack_first: Mm, rack_slot: Mm, grid_thickness: Mm, rack_thickness: Mm, taken_left: Mm = NOTHING
) -> Mm:
    """What stands in past the left side takes from the first bay, as high as it stands."""
    return rack_first + (rack_slot - grid_thickness) / 2 - largest(taken_left - rack_thickness, NOTHING)


@rule(source="common practice", per=IN_CASE)
def rack_brad_length(
    rack_plate_thickness: Mm, divider_thickness: Mm, least_thin_cover: Mm, brad_lengths: tuple[Mm, ...]
) -> Mm:
    """From the far side, through the plate into the strip: the longest that stays inside it."""
    return longest_inside(brad_lengths, rack_plate_thickness + divider_thickness - least_thin_cover)


@rule(source="common practice", label="pocket screws in the rack's case", per=IN_CASE, unit="count")
def rack_pocket_screws(rack_run_cut: Mm, rack_side_cut: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """Both plates and the back to both sides."""
    plates = 2 * count_along(rack_run_cut, pocket_margin, pocket_pitch, 2)
    return Mm(2 * (plates + count_along(rack_side_cut, pocket_margin, pocket_pitch, 2)))


@rule(source="common practice", label="length of pocket screws in the rack's case", per=IN_CASE)
def rack_pocket_length(
    rack_plate_thickness: Mm, rack_thickness: Mm, pocket_thicknesses: tuple[Mm, ...], pocket_lengths: tuple[Mm, ...]
) -> Mm:
    """By the thinner of the two, as it is drilled."""
    return pocket_length(rack_plate_thickness, rack_thickness, pocket_thicknesses, pocket_lengths)


@rule(source="common practice", label="screws in the rack's top", per=IN_CASE, unit="count")
def rack_top_screws(rack_case_depth_cut: Mm, rack_clear_width: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Down into sides and back."""
    sides = 2 * count_along(rack_case_depth_cut, joint_screw_margin, joint_screw_pitch, 2)
    return Mm(sides + count_along(rack_clear_width, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="common practice", label="length of screws in the rack's top", per=IN_CASE)
def rack_top_screw(rack_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """Through the top into the edges below it; the shortest that bites.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, rack_thickness + edge_bite, "screw")


good(
    "pocket_screw",
    per=IN_CASE,
    title="Pocket screw for the rack's case",
    count="rack_pocket_screws",
    size="rack_pocket_length",
)
good(
    "screw",
    per=IN_CASE,
    title="Screw for the rack's top",
    count="rack_top_screws",
    size="rack_top_screw",
    through=("rack_thickness",),
    holds="edges",
)


# ---- where it stands ---------------------------------------------------------------------------------------------


def board(role: str, title: str, length: str, width: str, is_plate: bool = False) -> Callable[[S], S]:
    """A board of the case, or a plate that carries strips; the function says where it stands."""
    return piece(
        role,
        per=IN_CASE,
        title=title,
        length=length,
        width=width,
        thickness="rack_plate_thickness" if is_plate else "rack_thickness",
        stock="rack_plate_sheet" if is_plate else "rack_sheet",
        order=IN_LISTS,
    )


@board("rack_side_left", "Rack side, left", "rack_side_cut", "rack_case_depth_cut")
def rack_side_left(cell_from_left: Mm, rack_case_from_floor: Mm) -> Stand:
    """On the floor, at the left."""
    return Stand(cell_from_left, NOTHING, rack_case_from_floor, "up", "back", 1)


@board("rack_side_right", "Rack side, right", "rack_side_cut", "rack_case_depth_cut")
def rack_side_right(cell_from_left: Mm, cell_width: Mm, rack_thickness: Mm, rack_case_from_floor: Mm) -> Stand:
    """On the floor, at the right."""
    return Stand(cell_from_left + cell_width - rack_thickness, NOTHING, rack_case_from_floor, "up", "back", -1)


@board("rack_back", "Rack back", "rack_side_cut", "rack_clear_width")
def rack_back(rack_from_left: Mm, rack_run_cut: Mm, rack_case_from_floor: Mm) -> Stand:
    """Between the sides, behind the plates."""
    return Stand(rack_from_left, rack_run_cut, rack_case_from_floor, "up", "across", -1)


@board("rack_plate_low", "Rack plate, below", "rack_run_cut", "rack_clear_width", is_plate=True)
def rack_plate_low(rack_from_left: Mm, rack_case_from_floor: Mm) -> Stand:
    """Between the sides, on the floor."""
    return Stand(rack_from_left, NOTHING, rack_case_from_floor, "back", "across", 1)


@board("rack_plate_high", "Rack plate, above", "rack_run_cut", "rack_clear_width", is_plate=True)
def rack_plate_high(rack_from_left: Mm, rack_case_from_floor: Mm, rack_side_cut: Mm, rack_plate_thickness: Mm) -> Stand:
    """Between the sides, under the top."""
    up = rack_case_from_floor + rack_side_cut - rack_plate_thickness
    return Stand(rack_from_left, NOTHING, up, "back", "across", -1)


@board("rack_top", "Rack top", "cell_width", "rack_case_depth_cut")
def rack_top(cell_from_left: Mm, rack_case_from_floor: Mm, rack_side_cut: Mm) -> Stand:
    """Over sides and back."""
    return Stand(cell_from_left, NOTHING, rack_case_from_floor + rack_side_cut, "across", "back", -1)
