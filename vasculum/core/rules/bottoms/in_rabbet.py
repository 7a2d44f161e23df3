"""Bottom in a rabbet around the lower edges, from below. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.bottoms.lying import bottom_piece
from vasculum.core.rules.joints.ends import SIDES, half_depth
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "bottom.in_rabbet",
    title="In a rabbet from below",
    about="Drops in from below and is nailed or glued; loses only its thickness, and its edge is hidden.",
    needs="table_saw|router|dado_set",
    instead="Strips glued inside the walls hold it up.",
    shares=("flush_bottom",),
    order=5,
)


@rule(source="common practice", label="depth of the bottom's rabbet in the sides", per="bottom.in_rabbet")
def edge_rabbet_side(side_thickness: Mm, thickness_increment: Mm) -> Mm:
    """The rabbet along a side is half its thickness deep, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(side_thickness, thickness_increment, None)


@rule(source="common practice", label="depth of the bottom's rabbet in the box front", per="bottom.in_rabbet")
def edge_rabbet_front(front_stock: Mm, thickness_increment: Mm) -> Mm:
    """The rabbet along the front is half its thickness deep, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(front_stock, thickness_increment, None)


@rule(source="common practice", label="depth of the bottom's rabbet in the box back", per="bottom.in_rabbet")
def edge_rabbet_back(box_back_thickness: Mm, thickness_increment: Mm) -> Mm:
    """The rabbet along the back is half its thickness deep, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_back_thickness, thickness_increment, None)


@rule(source="common practice", per="bottom.in_rabbet")
def bottom_width(inside_width: Mm, edge_rabbet_side: Mm, bottom_rabbet_play: Mm) -> Mm:
    """The bottom reaches into both rabbets of the sides, less its play.

    Left to right.
    """
    return inside_width + 2 * edge_rabbet_side - bottom_rabbet_play


@rule(source="common practice", per="bottom.in_rabbet")
def bottom_depth(inside_depth: Mm, edge_rabbet_front: Mm, edge_rabbet_back: Mm, bottom_rabbet_play: Mm) -> Mm:
    """The bottom reaches into the rabbets of front and back, less its play.

    Front to back.
    """
    return inside_depth + edge_rabbet_front + edge_rabbet_back - bottom_rabbet_play


@bottom_piece(per="bottom.in_rabbet")
def bottom(
    box_from_left: Mm,
    outside_width: Mm,
    bottom_width_cut: Mm,
    set_back: Mm,
    front_wall: Mm,
    edge_rabbet_front: Mm,
    edge_rabbet_back: Mm,
    inside_depth: Mm,
    bottom_depth_cut: Mm,
    box_from_floor: Mm,
    set_in_front: Mm = NOTHING,
) -> Stand:
    """A bottom in rabbets lies in the middle of them, flush with the lower edges."""
    across = box_from_left + (outside_width - bottom_width_cut) / 2
    play = inside_depth + edge_rabbet_front + edge_rabbet_back - bottom_depth_cut
    back = set_back + set_in_front + front_wall - edge_rabbet_front + play / 2
    return Stand(across, back, box_from_floor, "across", "back", 1)


def _rabbet(into: str | tuple[str, ...], depth: str, per: str | tuple[str, ...] = "bottom.in_rabbet") -> None:
    cut("rabbet", per=per, into=into, title="Rabbet for the bottom", width="bottom_thickness", depth=depth)


_rabbet(SIDES, "edge_rabbet_side")
_rabbet("box_front", "edge_rabbet_front", ("bottom.in_rabbet", "front_walled"))
_rabbet("box_back", "edge_rabbet_back")
