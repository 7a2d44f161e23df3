"""The box, whatever its joint and bottom: how high it may be, what is cut, what it measures assembled.

``box_…`` is what the space allows, outside to outside. A size that somebody sets a fence for exists twice: exact, and
``…_cut`` to the shop's increment, always on the side that still goes in. ``outside_…`` is what the cut parts make,
and everything built after them reads it. Exact mm; thicknesses are of the measured sheet.
"""

from __future__ import annotations

from math import hypot

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, litres, snap_down
from vasculum.core.rules.cutting import cut_down
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="box height", per="drawer")
def box_height(room_height: Mm, play_above: Mm, play_below: Mm, wanted_box_height: Mm | None = None) -> Mm:
    """The box is the clear height less the play above and below, or the height that was chosen.

    Raises:
        CannotDerive: ``no-height-for-box``.
    """
    if wanted_box_height is not None:
        return wanted_box_height
    height = room_height - play_above - play_below
    if height <= 0:
        raise CannotDerive(
            "no-height-for-box",
            "Play of {play_above} above and {play_below} below fills the height of {room_height}.",
            "Take less play, or give the drawer more height.",
            play_above=play_above,
            play_below=play_below,
            room_height=room_height,
        )
    return height


@rule(source="common practice", per="drawer")
def wall_height_cut(wall_height: Mm, increment: Mm) -> Mm:
    """Sides and front are ripped to one height, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(wall_height, increment, "The height of the sides")


@rule(source="common practice", per="drawer")
def back_wall_height_cut(back_wall_height: Mm, increment: Mm) -> Mm:
    """The back is ripped to its height, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(back_wall_height, increment, "The height of the back")


@rule(source="common practice", per="drawer")
def side_length_cut(side_length: Mm, increment: Mm) -> Mm:
    """Sides are cut to length, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(side_length, increment, "The length of the sides")


@rule(source="common practice", per="drawer")
def box_back_length_cut(box_back_length: Mm, increment: Mm, thickness_increment: Mm) -> Mm:
    """The box back is cut to fill the width that the cut front makes, down to the finer of the two increments.

    Joined like the front it comes out as long; joined in another way its joints close to the increment for thickness.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    finer = snap_down(box_back_length, thickness_increment)
    return largest(finer, cut_down(box_back_length, increment, "The length of the box back"))


@rule(source="common practice", label="box side length", per="drawer")
def side_length(box_depth: Mm, side_loss_front: Mm, side_loss_back: Mm) -> Mm:
    """The sides are as long as the box is deep, less what they lose to front and back.

    Raises:
        CannotDerive: ``no-room-for-sides``.
    """
    length = box_depth - side_loss_front - side_loss_back
    if length <= 0:
        raise CannotDerive(
            "no-room-for-sides",
            "Front and back fill a box {box_depth} deep.",
            "Use thinner ends or a longer runner.",
            box_depth=box_depth,
        )
    return length


@rule(source="geometry", label="outside depth", per="drawer")
def outside_depth(side_length_cut: Mm, side_loss_front: Mm, side_loss_back: Mm) -> Mm:
    """Assembled, the box is as deep as its cut sides and what they lose to front and back."""
    return side_length_cut + side_loss_front + side_loss_back


@rule(source="common practice", per="box_bottomed")
def bottom_width_cut(bottom_width: Mm, increment: Mm) -> Mm:
    """The bottom is cut to width, down to the shop's increment, so that it still drops in.

    Left to right.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(bottom_width, increment, "The width of the bottom")


@rule(source="common practice", per="box_bottomed")
def bottom_depth_cut(bottom_depth: Mm, increment: Mm) -> Mm:
    """The bottom is cut to depth, down to the shop's increment, so that it still drops in.

    Front to back.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(bottom_depth, increment, "The depth of the bottom")


@rule(source="geometry", label="inside width", per="drawer")
def inside_width(outside_width: Mm, side_thickness: Mm) -> Mm:
    """Inside is the outside width less both sides.

    Raises:
        CannotDerive: ``no-inside-width``.
    """
    width = outside_width - 2 * side_thickness
    if width <= 0:
        raise CannotDerive(
            "no-inside-width",
            "Two sides of {side_thickness} fill a box {outside_width} wide.",
            "Use thinner sides or a wider opening.",
            side_thickness=side_thickness,
            outside_width=outside_width,
        )
    return width


@rule(source="geometry", label="inside depth", per="drawer")
def inside_depth(
    outside_depth: Mm,
    front_wall: Mm,
    box_back_thickness: Mm,
    set_in_front: Mm = NOTHING,
    set_in_back: Mm = NOTHING,
) -> Mm:
    """Inside is the outside depth less the box's front and back, and what they are set in from the ends of the sides.

    Raises:
        CannotDerive: ``no-inside-depth``.
    """
    depth = outside_depth - set_in_front - front_wall - box_back_thickness - set_in_back
    if depth <= 0:
        raise CannotDerive(
            "no-inside-depth",
            "Front and back fill a box {outside_depth} deep.",
            "Use thinner stock or a longer runner.",
            outside_depth=outside_depth,
        )
    return depth


@rule(source="geometry", label="box begins, from the left", per="drawer")
def box_from_left(
    cell_from_left: Mm,
    free_width: Mm,
    outside_width: Mm,
    taken_left: Mm = NOTHING,
    post_recess_left: Mm = NOTHING,
) -> Mm:
    """The box hangs in the middle of what is free of its cell.

    Its left side, from the clear left of the space.
    """
    return cell_from_left + taken_left - post_recess_left + (free_width - outside_width) / 2


@rule(source="geometry", per="drawer")
def play_above_built(room_height: Mm, room_below_box: Mm, outside_height: Mm) -> Mm:
    """Above the box stays what the height leaves over it: the play that was wanted, and what snapping gave back."""
    return room_height - room_below_box - outside_height


@rule(source="geometry", label="what the box holds", per="drawer", unit="litre")
def inside_volume(inside_width: Mm, inside_depth: Mm, inside_height: Mm) -> Mm:
    """The box holds inside width by depth by height, in litres."""
    return litres(inside_width * inside_depth * inside_height)


@rule(source="geometry", label="both diagonals of the box", per="drawer", judgement=True)
def box_diagonal(outside_width: Mm, outside_depth: Mm) -> float:
    """Both diagonals of a square box are the root of width squared plus depth squared; equal diagonals are square.

    Outside corner to outside corner, a float of mm: it judges the box, and sizes nothing.
    """
    return hypot(float(outside_width), float(outside_depth))
