"""What every front has in common, inset or overlay: its height, its cut sizes, how the box stands behind it. Exact mm.

A face rounds down, so that its gap does not close; what is over is spread on both sides.
"""

from __future__ import annotations

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Edges, Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_down
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="front height", per="fronted")
def front_height(
    face_height: Mm,
    gap_above: Mm,
    gap_below: Mm,
    edge_allowance: Mm = NOTHING,
    face_taken_below: Mm = NOTHING,
    face_taken_above: Mm = NOTHING,
) -> Mm:
    """A front is the height of its face in the opening less its gaps above and below, and a pull on its edge.

    And less what stands in its plane; over a lap, where a gap is less than nothing, it is more.

    Raises:
        CannotDerive: ``no-room-for-front``.
    """
    free = face_height - face_taken_below - face_taken_above
    height = free - gap_above - gap_below - edge_allowance
    if height <= 0:
        raise CannotDerive(
            "no-room-for-front",
            "Gaps of {gap_above} and {gap_below} fill an opening of {opening}.",
            "Take a smaller gap, or give the front more room.",
            gap_above=gap_above,
            gap_below=gap_below,
            opening=free,
        )
    return height


@rule(source="common practice", per="fronted")
def front_width_cut(front_width: Mm, increment: Mm) -> Mm:
    """The front is cut to width, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_width, increment)


@rule(source="common practice", per="front_snap.own")
def front_height_cut(front_height: Mm, increment: Mm) -> Mm:
    """The front is cut to height, down to the shop's increment, so that its gap does not close."""
    return snap_down(front_height, increment)


@rule(source="geometry", label="front's lower edge above its cell's floor", per="front_snap.own")
def front_from_floor(
    cell_from_floor: Mm, gap_below: Mm, front_height: Mm, front_height_cut: Mm, face_taken_below: Mm = NOTHING
) -> Mm:
    """The front's lower edge stands above its cell's floor, or a sill, by its gap and half of what snapping left."""
    return cell_from_floor + face_taken_below + gap_below + (front_height - front_height_cut) / 2


@rule(source="geometry", label="front past the box on the left", per="faced")
def front_overhang_left(box_from_left: Mm, front_from_left: Mm) -> Mm:
    """On the left the front stands out beside the box by what it begins before it."""
    return box_from_left - front_from_left


@rule(source="geometry", label="front past the box on the right", per="faced")
def front_overhang_right(front_width_cut: Mm, outside_width: Mm, front_overhang_left: Mm) -> Mm:
    """On the right the front stands out beside the box by what it is wider, less what stands out on the left."""
    return front_width_cut - outside_width - front_overhang_left


@rule(source="geometry", label="front's lower edge up to the box's", per="faced")
def front_edge_to_box_edge(room_from_floor: Mm, room_below_box: Mm, front_from_floor: Mm) -> Mm:
    """From the front's lower edge up to the box's is where the box stands less where the front does."""
    return room_from_floor + room_below_box - front_from_floor


@rule(source="geometry", label="opening, reckoned from the box", per="faced")
def opening_by_box(
    outside_width: Mm,
    beside_box: Mm,
    runner_play: Mm,
    face_width: Mm,
    free_width: Mm,
    runner_shim: Mm,
    shim_beside: Mm = NOTHING,
) -> Mm:
    """By the box, the opening is box, runners with pads and shims, their play, and what is taken beside them."""
    return outside_width + 2 * (beside_box + runner_shim + shim_beside) + runner_play + (face_width - free_width)


@rule(source="geometry", label="front's face before the box front's", per="fronted")
def front_from_front(set_back: Mm, lock_stand_off: Mm, front_thickness: Mm) -> Mm:
    """A front stands before the box, and before any stand-off, by its thickness.

    Its face, from the front face of the case; less than nothing stands before the case.
    """
    return set_back - lock_stand_off - front_thickness


@rule(source="geometry", per="fronted")
def stands_before(front_from_front: Mm) -> Mm:
    """A front stands before the case by where its face is, or not at all where it stands in it."""
    return largest(NOTHING, -front_from_front)


@piece(
    "front",
    per="fronted",
    title="Front",
    length="front_width_cut",
    width="front_height_cut",
    thickness="front_thickness",
    stock="front_sheet",
    moves=True,
    bands=Edges("front_band", ("upper", "lower", "left", "right"), "front_core_width", "front_core_height"),
    order=6,
)
def front(front_from_left: Mm, front_from_front: Mm, front_from_floor: Mm) -> Stand:
    """A front stands upright, its back to the box."""
    return Stand(front_from_left, front_from_front, front_from_floor, "across", "up", 1)


@piece(
    "front",
    per=("fronted", "false_front"),
    title="Front",
    length="front_width_cut",
    width="front_height_cut",
    thickness="front_thickness",
    stock="front_sheet",
    bands=Edges("front_band", ("upper", "lower", "left", "right"), "front_core_width", "front_core_height"),
    order=6,
)
def false_front(front_from_left: Mm, front_from_front: Mm, front_from_floor: Mm) -> Stand:
    """A false front stands as a front does, and stays."""
    return Stand(front_from_left, front_from_front, front_from_floor, "across", "up", 1)


good(
    "screw",
    per=("faced", "front_walled"),
    title="Screw for the front",
    count="front_screw_count",
    size="front_screw_length",
    bite="front_screw_bite",
    through=("box_front_thickness", "before_box_front"),
    into=("front_thickness",),
)
