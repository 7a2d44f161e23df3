"""A place that ends at a cross wall: what stands behind it is reached from the back. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import count_along, pocket_length, screw_for, shortest
from vasculum.core.rules.obstructions.free import NOTHING

WALLED = ("cell", "walled_behind")
DIVIDED = ("walled_behind", "upright.board")


@rule(source="geometry", per=WALLED)
def cell_depth(depth_offered: Mm, room_behind: Mm, divider_thickness: Mm) -> Mm:
    """Before a cross wall stays what the wall and the room behind it leave.

    Raises:
        CannotDerive: ``nothing-before-the-wall``.
    """
    left = depth_offered - room_behind - divider_thickness
    if left > 0:
        return left
    raise CannotDerive(
        "nothing-before-the-wall",
        "A cross wall of {wall} with {room} behind it takes all of a depth of {depth}.",
        "Keep less room behind it.",
        wall=divider_thickness,
        room=room_behind,
        depth=depth_offered,
    )


@rule(source="common practice", label="length of the cross wall, cut", per=WALLED)
def cross_wall_length_cut(cell_width: Mm, increment: Mm) -> Mm:
    """A cross wall is as long as the place is wide, down to the shop's increment."""
    return snap_down(cell_width, increment)


@rule(source="common practice", label="height of the cross wall, cut", per=WALLED)
def cross_wall_height_cut(cell_height: Mm, increment: Mm) -> Mm:
    """A cross wall is as high as the place, down to the shop's increment."""
    return snap_down(cell_height, increment)


@piece(
    "cross_wall",
    per=WALLED,
    title="Cross wall",
    length="cross_wall_length_cut",
    width="cross_wall_height_cut",
    thickness="divider_thickness",
    stock="divider_sheet",
    order=9,
)
def cross_wall(cell_from_left: Mm, cell_depth: Mm, cell_from_floor: Mm) -> Stand:
    """It stands behind everything in its place."""
    return Stand(cell_from_left, cell_depth, cell_from_floor, "across", "up", -1)


@rule(source="common practice", label="pocket screws of the cross wall", per=WALLED, unit="count")
def cross_wall_pockets(cross_wall_length_cut: Mm, cross_wall_height_cut: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """Pocket screws stand along all four edges, drilled from behind, two at least along each."""
    runs = (cross_wall_length_cut, cross_wall_height_cut)
    return Mm(2 * sum(count_along(run, pocket_margin, pocket_pitch, 2) for run in runs))


@rule(source="common practice", label="length of pocket screws of the cross wall", per=WALLED)
def cross_wall_pocket_length(
    divider_thickness: Mm, pocket_thicknesses: tuple[Mm, ...], pocket_lengths: tuple[Mm, ...]
) -> Mm:
    """They go by the thickness of the wall that is drilled."""
    return pocket_length(divider_thickness, divider_thickness, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per=WALLED,
    title="Pocket screw for the cross wall",
    count="cross_wall_pockets",
    size="cross_wall_pocket_length",
    through=("divider_thickness",),
    holds="next_board",
)


@rule(source="common practice", label="depth of the shelf behind, cut", per=WALLED, when=("shelf_behind",))
def shelf_behind_depth_cut(room_behind: Mm, increment: Mm) -> Mm:
    """A shelf behind a cross wall is as deep as the room there, down to the shop's increment."""
    return snap_down(room_behind, increment)


@piece(
    "shelf_behind",
    per=WALLED,
    title="Shelf behind",
    length="cross_wall_length_cut",
    width="shelf_behind_depth_cut",
    thickness="divider_thickness",
    stock="divider_sheet",
    bands=Edges("case_band", ("back",), width="shelf_behind_depth_core"),
    where="shelf_behind_depth_cut",
    order=9,
)
def shelf_behind(
    cell_from_left: Mm, cell_depth: Mm, divider_thickness: Mm, cell_from_floor: Mm, shelf_behind: Mm = NOTHING
) -> Stand:
    """Its underside lies as high above the floor of the place as was chosen."""
    return Stand(cell_from_left, cell_depth + divider_thickness, cell_from_floor + shelf_behind, "across", "back", 1)


@rule(source="common practice", label="screws of the cross wall into dividers", per=DIVIDED, unit="count")
def cross_wall_screws(
    each_weight: tuple[Mm, ...], cross_wall_height_cut: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm
) -> Mm:
    """Into the back edge of each divider before it the wall is screwed from behind, by two screws at least."""
    return Mm((len(each_weight) - 1) * count_along(cross_wall_height_cut, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="from memory", label="length of screws of the cross wall", per=WALLED)
def cross_wall_screw_length(divider_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through the wall, and bites into the edge of what it holds; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, divider_thickness + edge_bite, "screw")


@rule(source="common practice", label="diameter of screws of the cross wall", per=WALLED)
def cross_wall_screw_diameter(divider_thickness: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the edge takes."""
    return screw_for(divider_thickness, screw_diameters, edge_diameters)


@rule(
    source="common practice",
    label="pocket screws of the shelf behind",
    per=WALLED,
    when=("shelf_behind",),
    unit="count",
)
def shelf_behind_pockets(shelf_behind_depth_cut: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """At both ends, two at least."""
    return Mm(2 * count_along(shelf_behind_depth_cut, pocket_margin, pocket_pitch, 2))


@rule(source="common practice", label="screws into the shelf behind", per=WALLED, when=("shelf_behind",), unit="count")
def shelf_behind_screws(cross_wall_length_cut: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Through the wall into the front edge of the shelf."""
    return Mm(count_along(cross_wall_length_cut, joint_screw_margin, joint_screw_pitch, 2))


for per, title, count in (
    (DIVIDED, "Screw for the cross wall, into dividers", "cross_wall_screws"),
    (WALLED, "Screw for the shelf behind", "shelf_behind_screws"),
):
    good(
        "screw",
        per=per,
        title=title,
        count=count,
        size="cross_wall_screw_length",
        through=("divider_thickness",),
        holds="edges",
        gauge="cross_wall_screw_diameter",
        where=count,
    )
good(
    "pocket_screw",
    per=WALLED,
    title="Pocket screw for the shelf behind",
    count="shelf_behind_pockets",
    size="cross_wall_pocket_length",
    through=("divider_thickness",),
    holds="next_board",
    where="shelf_behind_pockets",
)
