"""A thin tray for small parts: the ends of its base are lips that run between strips on both walls. Exact mm.

Of one thin sheet: sides and back are let into the base, the front is glued on before everything, with bars in its
corners, and hides the strips. Each pair of strips keeps the tray below from tipping and carries the one above.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import cut, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.flow.things import Hand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import bites_in_wall
from vasculum.core.rules.obstructions.free import NOTHING

TRAY = "parts_tray"
IN_LISTS = 5
"""Where its parts stand among those of its place; its strips come after them."""
FROM_THE_FRONT = ("parts_front", "parts_start_left", "parts_start_right")
"""What of it is seen from the front."""
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", label="length of the tray's base", per=TRAY)
def parts_base_length_cut(free_width: Mm, parts_play: Mm, increment: Mm) -> Mm:
    """The base reaches from wall to wall, less its play; its ends are the lips."""
    return snap_down(free_width - parts_play, increment)


@rule(source="common practice", label="depth of the tray's base", per=TRAY)
def parts_base_depth_cut(free_depth: Mm, parts_behind: Mm, parts_thickness: Mm, increment: Mm) -> Mm:
    """The base is as deep as the place, less the front before it and the air behind.

    Raises:
        CannotDerive: ``no-depth-for-tray``.
    """
    deep = snap_down(free_depth - parts_behind - parts_thickness, increment)
    if deep <= 0:
        raise CannotDerive(
            "no-depth-for-tray",
            "A front of {parts_thickness} and air of {parts_behind} fill a depth of {free_depth}.",
            "Leave less air behind, or measure the depth again.",
            parts_thickness=parts_thickness,
            parts_behind=parts_behind,
            free_depth=free_depth,
        )
    return deep


@rule(source="geometry", label="start strips", per=TRAY)
def parts_start() -> Mm:
    """The lowest tray lies on a floor, any other on the strips of the tray below it."""
    return NOTHING


@rule(source="common practice", label="pitch of the trays", per=TRAY)
def parts_pitch(cell_height: Mm, parts_start: Mm, taken_below: Mm = NOTHING, taken_above: Mm = NOTHING) -> Mm:
    """From base to base a tray has the height of its place, less strips to start with."""
    return cell_height - parts_start - taken_below - taken_above


@rule(source="common practice", label="height of the tray's front", per=TRAY)
def parts_front_height_cut(parts_pitch: Mm, parts_between: Mm, increment: Mm) -> Mm:
    """The front is as high as the pitch, less what stays between two fronts."""
    return snap_down(parts_pitch - parts_between, increment)


@rule(source="geometry", label="height inside the tray", per=TRAY)
def parts_inside_height(parts_front_height_cut: Mm, parts_thickness: Mm) -> Mm:
    """Over the base the tray is as high as its front is.

    Raises:
        CannotDerive: ``no-height-for-tray``.
    """
    height = parts_front_height_cut - parts_thickness
    if height <= 0:
        raise CannotDerive(
            "no-height-for-tray",
            "A base of {parts_thickness} fills a front {front} high.",
            "Give the row more height, or take a thinner sheet.",
            parts_thickness=parts_thickness,
            front=parts_front_height_cut if parts_front_height_cut > 0 else NOTHING,
        )
    return height


@rule(source="geometry", label="height of the tray's sides and back", per=TRAY)
def parts_wall_cut(parts_inside_height: Mm, parts_housing: Mm) -> Mm:
    """Sides and back are as high as the inside, and what is let into the base."""
    return parts_inside_height + parts_housing


@rule(source="common practice", label="height of the keeper strips", per=TRAY)
def parts_keeper_height(parts_pitch: Mm, parts_thickness: Mm, parts_slot_play: Mm) -> Mm:
    """The slot for a base is as high as the base and its play; the strip fills the rest of the pitch.

    Raises:
        CannotDerive: ``no-height-for-tray``.
    """
    height = parts_pitch - parts_thickness - parts_slot_play
    if height <= 0:
        raise CannotDerive(
            "no-height-for-tray",
            "A slot for a base of {parts_thickness} fills a pitch of {parts_pitch}.",
            "Give the row more height, or take a thinner sheet.",
            parts_thickness=parts_thickness,
            parts_pitch=parts_pitch if parts_pitch > 0 else NOTHING,
        )
    return height


@rule(source="geometry", label="width over the tray's sides", per=TRAY)
def parts_body(parts_base_length_cut: Mm, parts_set_in: Mm) -> Mm:
    """The sides stand in from both ends of the base.

    Raises:
        CannotDerive: ``no-inside-width``.
    """
    body = parts_base_length_cut - 2 * parts_set_in
    if body <= 0:
        raise CannotDerive(
            "no-inside-width",
            "Lips of {parts_set_in} on both sides fill a base {base} long.",
            "Set the sides in less.",
            parts_set_in=parts_set_in,
            base=parts_base_length_cut if parts_base_length_cut > 0 else NOTHING,
        )
    return body


@rule(source="geometry", label="play of the tray's body between the strips", per=TRAY)
def parts_body_play(free_width: Mm, parts_strip: Mm, parts_body: Mm) -> Mm:
    """Between the strips the body has what its lips leave; overall."""
    return free_width - 2 * parts_strip - parts_body


@rule(source="common practice", label="lip on its strip, at the least", per=TRAY)
def parts_engagement(parts_strip: Mm, free_width: Mm, parts_base_length_cut: Mm) -> Mm:
    """Pushed to one wall, the other lip lies on its strip by the strip's thickness less the play, as cut."""
    return parts_strip - (free_width - parts_base_length_cut)


@rule(source="geometry", label="length of the tray's back", per=TRAY)
def parts_back_cut(parts_body: Mm, parts_thickness: Mm) -> Mm:
    """The back stands between the sides.

    Raises:
        CannotDerive: ``no-inside-width``.
    """
    length = parts_body - 2 * parts_thickness
    if length <= 0:
        raise CannotDerive(
            "no-inside-width",
            "Two sides of {parts_thickness} fill a tray {parts_body} wide.",
            "Set the sides in less, or take a thinner sheet.",
            parts_thickness=parts_thickness,
            parts_body=parts_body,
        )
    return length


@rule(source="geometry", label="depth inside the tray", per=TRAY)
def parts_inside_depth(parts_base_depth_cut: Mm, parts_set_in: Mm, parts_thickness: Mm) -> Mm:
    """Behind the front, up to the back, which is set in as the sides are.

    Raises:
        CannotDerive: ``no-inside-depth``.
    """
    depth = parts_base_depth_cut - parts_set_in - parts_thickness
    if depth <= 0:
        raise CannotDerive(
            "no-inside-depth",
            "The back and what it is set in fill a base {parts_base_depth_cut} deep.",
            "Set it in less.",
            parts_base_depth_cut=parts_base_depth_cut,
        )
    return depth


@rule(source="geometry", per=TRAY)
def runner_length(parts_base_depth_cut: Mm) -> Mm:
    """Drawn all the way it comes out: as far as its base is deep."""
    return parts_base_depth_cut


@rule(source="common practice", label="screws in the tray's strips", per=TRAY, unit="count")
def parts_screws(parts_strip_screws: Mm, parts_start: Mm) -> Mm:
    """So many in each strip, on both walls."""
    return 2 * parts_strip_screws * (1 if parts_start == 0 else 2)


@rule(source="common practice", label="length of screws in the tray's strips", per=TRAY)
def parts_screw_length(
    parts_strip: Mm,
    least_screw_bite: Mm,
    screw_lengths: tuple[Mm, ...],
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    standing_wall: Mm | None = None,
) -> Mm:
    """Through a strip: the shortest that bites, or the longest that stays inside a wall that was measured.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    covers = (thin_stock, least_thin_cover, least_screw_cover)
    return bites_in_wall(screw_lengths, parts_strip, least_screw_bite, standing_wall, covers)


good(
    "screw",
    per=TRAY,
    title="Screw for the strips of trays",
    count="parts_screws",
    size="parts_screw_length",
    through=("parts_strip",),
    holds="walls",
)


# ---- where it stands ---------------------------------------------------------------------------------------------


@rule(source="geometry", label="tray begins, from the left", per=TRAY)
def parts_from_left(cell_from_left: Mm, free_width: Mm, parts_base_length_cut: Mm, taken_left: Mm = NOTHING) -> Mm:
    """It stands in the middle of its play."""
    return cell_from_left + taken_left + (free_width - parts_base_length_cut) / 2


@rule(source="geometry", label="tray's base above the floor", per=TRAY)
def parts_from_floor(cell_from_floor: Mm, parts_start: Mm, taken_below: Mm = NOTHING) -> Mm:
    """It lies on what its row begins with."""
    return cell_from_floor + taken_below + parts_start


@rule(source="geometry", label="tray's walls begin above the floor", per=TRAY)
def parts_walls_from_floor(parts_from_floor: Mm, parts_thickness: Mm, parts_housing: Mm) -> Mm:
    """They are let into the base."""
    return parts_from_floor + parts_thickness - parts_housing


def of_sheet(role: str, title: str, length: str, width: str) -> Callable[[S], S]:
    """A part of the thin sheet; the function says where it stands."""
    return piece(
        role,
        per=TRAY,
        title=title,
        length=length,
        width=width,
        thickness="parts_thickness",
        stock="parts_sheet",
        moves=True,
        order=IN_LISTS,
    )


@of_sheet("parts_base", "Tray base", "parts_base_length_cut", "parts_base_depth_cut")
def parts_base(parts_from_left: Mm, parts_thickness: Mm, parts_from_floor: Mm) -> Stand:
    """Behind the front."""
    return Stand(parts_from_left, parts_thickness, parts_from_floor, "across", "back", 1)


@of_sheet("parts_front", "Tray front", "parts_base_length_cut", "parts_front_height_cut")
def parts_front(parts_from_left: Mm, parts_from_floor: Mm) -> Stand:
    """Before base and walls."""
    return Stand(parts_from_left, NOTHING, parts_from_floor, "across", "up", 1)


@of_sheet("parts_side_left", "Tray side", "parts_base_depth_cut", "parts_wall_cut")
def parts_side_left(parts_from_left: Mm, parts_set_in: Mm, parts_thickness: Mm, parts_walls_from_floor: Mm) -> Stand:
    """In its dado, at the left."""
    return Stand(parts_from_left + parts_set_in, parts_thickness, parts_walls_from_floor, "back", "up", 1)


@of_sheet("parts_side_right", "Tray side", "parts_base_depth_cut", "parts_wall_cut")
def parts_side_right(
    parts_from_left: Mm, parts_set_in: Mm, parts_body: Mm, parts_thickness: Mm, parts_walls_from_floor: Mm
) -> Stand:
    """In its dado, at the right."""
    across = parts_from_left + parts_set_in + parts_body - parts_thickness
    return Stand(across, parts_thickness, parts_walls_from_floor, "back", "up", -1)


@of_sheet("parts_back", "Tray back", "parts_back_cut", "parts_wall_cut")
def parts_back(
    parts_from_left: Mm,
    parts_set_in: Mm,
    parts_thickness: Mm,
    parts_inside_depth: Mm,
    parts_walls_from_floor: Mm,
) -> Stand:
    """In its groove, between the sides."""
    across = parts_from_left + parts_set_in + parts_thickness
    return Stand(across, parts_thickness + parts_inside_depth, parts_walls_from_floor, "across", "up", -1)


@of_sheet("parts_bar_left", "Tray bar", "parts_inside_height", "parts_thickness")
def parts_bar_left(parts_from_left: Mm, parts_set_in: Mm, parts_thickness: Mm, parts_from_floor: Mm) -> Stand:
    """Square, in the front corner at the left."""
    across, up = parts_from_left + parts_set_in + parts_thickness, parts_from_floor + parts_thickness
    return Stand(across, parts_thickness, up, "up", "across", 1)


@of_sheet("parts_bar_right", "Tray bar", "parts_inside_height", "parts_thickness")
def parts_bar_right(
    parts_from_left: Mm, parts_set_in: Mm, parts_body: Mm, parts_thickness: Mm, parts_from_floor: Mm
) -> Stand:
    """Square, in the front corner at the right."""
    across = parts_from_left + parts_set_in + parts_body - 2 * parts_thickness
    return Stand(across, parts_thickness, parts_from_floor + parts_thickness, "up", "across", 1)


cut(
    "dado",
    per=TRAY,
    into="parts_base",
    title="Dado for the sides",
    datums=("left", "right"),
    at="parts_set_in",
    width="parts_thickness",
    depth="parts_housing",
)
cut(
    "groove",
    per=TRAY,
    into="parts_base",
    title="Groove for the back",
    datums="back",
    at="parts_set_in",
    width="parts_thickness",
    depth="parts_housing",
)


# ---- its strips --------------------------------------------------------------------------------------------------


def strip(role: str, title: str, height: str, hand: Hand, where: str = "") -> Callable[[S], S]:
    """A strip on a wall, as long as the base is deep; the function says where it stands."""
    return piece(
        role,
        per=TRAY,
        title=title,
        length="parts_base_depth_cut",
        width=height,
        thickness="parts_strip",
        stock="hardwood_strip",
        hand=hand,
        where=where,
        order=IN_LISTS + 1,
    )


@rule(source="geometry", label="strips begin behind the front edge", per=TRAY)
def parts_strips_behind(parts_thickness: Mm, parts_strip_behind: Mm) -> Mm:
    """Behind the front of the tray, and a little: fronts come flush with the edge."""
    return parts_thickness + parts_strip_behind


@rule(source="geometry", label="right strips begin, from the left", per=TRAY)
def parts_right_strip(cell_from_left: Mm, cell_width: Mm, parts_strip: Mm, taken_right: Mm = NOTHING) -> Mm:
    """Against what stands on the right."""
    return cell_from_left + cell_width - taken_right - parts_strip


@rule(source="geometry", label="keeper strips above the floor", per=TRAY)
def parts_keepers_from_floor(parts_from_floor: Mm, parts_thickness: Mm, parts_slot_play: Mm) -> Mm:
    """Over the slot of the tray's base."""
    return parts_from_floor + parts_thickness + parts_slot_play


@strip("parts_keeper_left", "Keeper strip", "parts_keeper_height", "L")
def parts_keeper_left(
    cell_from_left: Mm, parts_strips_behind: Mm, parts_keepers_from_floor: Mm, taken_left: Mm = NOTHING
) -> Stand:
    """Above its tray, below the next."""
    return Stand(cell_from_left + taken_left, parts_strips_behind, parts_keepers_from_floor, "back", "up", 1)


@strip("parts_keeper_right", "Keeper strip", "parts_keeper_height", "R")
def parts_keeper_right(parts_right_strip: Mm, parts_strips_behind: Mm, parts_keepers_from_floor: Mm) -> Stand:
    """Above its tray, below the next."""
    return Stand(parts_right_strip, parts_strips_behind, parts_keepers_from_floor, "back", "up", -1)


@strip("parts_start_left", "Start strip", "parts_start", "L", "parts_start")
def parts_start_left(
    cell_from_left: Mm,
    parts_strips_behind: Mm,
    parts_from_floor: Mm,
    parts_start: Mm,
    taken_left: Mm = NOTHING,
) -> Stand:
    """Under the lowest tray."""
    return Stand(cell_from_left + taken_left, parts_strips_behind, parts_from_floor - parts_start, "back", "up", 1)


@strip("parts_start_right", "Start strip", "parts_start", "R", "parts_start")
def parts_start_right(parts_right_strip: Mm, parts_strips_behind: Mm, parts_from_floor: Mm, parts_start: Mm) -> Stand:
    """Under the lowest tray."""
    return Stand(parts_right_strip, parts_strips_behind, parts_from_floor - parts_start, "back", "up", -1)
