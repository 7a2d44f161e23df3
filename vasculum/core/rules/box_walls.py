"""Where a box stands, and its walls: sides and back, whatever their joints and bottom. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="room below the box", per="drawer")
def room_below_box(play_below: Mm) -> Mm:
    """Below the box stays the play that was wanted."""
    return play_below


@rule(source="common practice", label="box above the floor of its room", per="drawer")
def box_from_floor(room_from_floor: Mm, room_below_box: Mm) -> Mm:
    """The box stands above the floor of its room by what stays below it.

    Its lower edge, above the floor of the space.
    """
    return room_from_floor + room_below_box


@rule(source="geometry", label="box walls above the floor of their room", per="drawer")
def walls_from_floor(box_from_floor: Mm, outside_height: Mm, wall_height_cut: Mm) -> Mm:
    """The walls end where the box ends, and begin lower by their own height: above a bottom that lies under them."""
    return box_from_floor + outside_height - wall_height_cut


@rule(source="geometry", label="sides begin behind the box front's face", per="drawer")
def sides_from_front(set_back: Mm, side_loss_front: Mm) -> Mm:
    """The sides begin behind the face of the box by what they lose to the front.

    From the front face of the case.
    """
    return set_back + side_loss_front


@rule(source="geometry", label="box back ends, from the box front's face", per="drawer")
def back_from_front(set_back: Mm, outside_depth: Mm, box_back_thickness: Mm, set_in_back: Mm = NOTHING) -> Mm:
    """The box back ends with the box, or before the ends of the sides by what it is set in.

    Its inner face, from the front face of the case.
    """
    return set_back + outside_depth - set_in_back - box_back_thickness


@rule(source="geometry", label="box back above the lower edge of the sides", per="drawer")
def back_wall_from_edge(wall_height_cut: Mm, back_wall_height_cut: Mm) -> Mm:
    """A back that is cut down begins above the lower edge of the sides by what they are higher."""
    return wall_height_cut - back_wall_height_cut


@piece(
    "side_left",
    per="drawer",
    title="Box side, left",
    length="side_length_cut",
    width="wall_height_cut",
    thickness="side_thickness",
    stock="side_sheet",
    hand="L",
    moves=True,
    order=1,
)
def side_left(box_from_left: Mm, sides_from_front: Mm, walls_from_floor: Mm) -> Stand:
    """The left side stands on its edge, its inside to the right."""
    return Stand(box_from_left, sides_from_front, walls_from_floor, "back", "up", 1)


@piece(
    "side_right",
    per="drawer",
    title="Box side, right",
    length="side_length_cut",
    width="wall_height_cut",
    thickness="side_thickness",
    stock="side_sheet",
    hand="R",
    moves=True,
    order=2,
)
def side_right(
    box_from_left: Mm, outside_width: Mm, side_thickness: Mm, sides_from_front: Mm, walls_from_floor: Mm
) -> Stand:
    """The right side stands on its edge, its inside to the left."""
    across = box_from_left + outside_width - side_thickness
    return Stand(across, sides_from_front, walls_from_floor, "back", "up", -1)


@piece(
    "box_back",
    per="drawer",
    title="Box back",
    length="box_back_length_cut",
    width="back_wall_height_cut",
    thickness="box_back_thickness",
    stock="box_back_sheet",
    moves=True,
    order=4,
)
def box_back(
    box_from_left: Mm,
    outside_width: Mm,
    box_back_length_cut: Mm,
    back_from_front: Mm,
    walls_from_floor: Mm,
    back_wall_from_edge: Mm,
) -> Stand:
    """The box back stands in the middle of the box, its inside to the front."""
    across = box_from_left + (outside_width - box_back_length_cut) / 2
    return Stand(across, back_from_front, walls_from_floor + back_wall_from_edge, "across", "up", -1)
