"""Cleats that keep a tray on risers from tipping: over its rim, at the rear end of both sides. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import bites_in_wall, count_along
from vasculum.core.rules.runners.risers import IN_LISTS, RISERS

KEPT = (RISERS, "tray_kept.cleats")

alternative("tray_kept.freely", title="By nothing", about="It goes back by less than half of its depth.", order=1)
alternative(
    "tray_kept.cleats",
    title="By cleats over its rim",
    about="At the rear end of both sides, with a slip of paper under them: two thirds of the tray may stand out.",
    order=2,
)


@rule(source="common practice", per=("drawer", *KEPT))
def box_height(
    room_height: Mm,
    play_above: Mm,
    play_below: Mm,
    keeper_thickness: Mm,
    keeper_play: Mm,
    wanted_box_height: Mm | None = None,
) -> Mm:
    """The tray ends below its cleats and their play, or is as high as was chosen.

    Raises:
        CannotDerive: ``no-height-for-box``.
    """
    if wanted_box_height is not None:
        return wanted_box_height
    height = room_height - play_above - play_below - keeper_thickness - keeper_play
    if height <= 0:
        raise CannotDerive(
            "no-height-for-box",
            "Cleats of {keeper_thickness} and their play fill the height of {room_height}.",
            "Take thinner cleats, or give the tray more height.",
            keeper_thickness=keeper_thickness,
            room_height=room_height,
        )
    return height


@rule(source="from memory", per=KEPT)
def tray_most_travel(outside_depth: Mm, kept_share: Mm) -> Mm:
    """Under the cleats a share of its depth has to stay."""
    return outside_depth * (1 - kept_share)


@rule(source="common practice", label="length of the cleats over the tray", per=KEPT)
def keeper_length(outside_depth: Mm, tray_travel: Mm, increment: Mm) -> Mm:
    """They are as long as what of the tray stays in.

    Raises:
        CannotDerive: ``tray-slides-out``.
    """
    length = snap_down(outside_depth - tray_travel, increment)
    if length <= 0:
        raise CannotDerive(
            "tray-slides-out",
            "A tray {outside_depth} deep that goes back {tray_travel} comes off its risers.",
            "Let it travel less.",
            outside_depth=outside_depth,
            tray_travel=tray_travel,
        )
    return length


@rule(source="geometry", label="cleat over the tray's rim, at the least", per=KEPT)
def keeper_lap(keeper_width: Mm, tray_riser_play: Mm) -> Mm:
    """Pushed to the other side the tray is still under the cleat by its width less the play."""
    return keeper_width - tray_riser_play


@rule(source="geometry", label="what the cleats hold down", per=KEPT, unit="kg", judgement=True)
def keepers_hold(carried_weight: float, outside_depth: Mm, tray_travel: Mm, keeper_length: Mm) -> float:
    """Evenly loaded, and out by more than half, the tray turns about the back of the drawer: both cleats together."""
    over = tray_travel - outside_depth / 2
    return float(carried_weight) * float(over) / float(keeper_length) if over > 0 else 0.0


@rule(source="common practice", label="brads in the cleats", per=KEPT, unit="count")
def keeper_brads(keeper_length: Mm, brad_margin: Mm, planted_pitch: Mm) -> Mm:
    """Each cleat is glued, and bradded along its length."""
    return Mm(2 * count_along(keeper_length, brad_margin, planted_pitch))


@rule(source="common practice", label="length of brads in the cleats", per=KEPT)
def keeper_brad_length(
    keeper_width: Mm,
    keeper_bite: Mm,
    brad_lengths: tuple[Mm, ...],
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    standing_wall: Mm | None = None,
) -> Mm:
    """Through the width of the cleat: the shortest that bites, or what stays inside a side that was measured.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    covers = (thin_stock, least_thin_cover, least_screw_cover)
    return bites_in_wall(brad_lengths, keeper_width, keeper_bite, standing_wall, covers, "brad")


good(
    "brad",
    per=KEPT,
    title="Brad for the cleats over the tray",
    count="keeper_brads",
    size="keeper_brad_length",
    through=("keeper_width",),
    holds="walls",
)


@piece(
    "keeper_left",
    per=KEPT,
    title="Cleat over the tray, left",
    length="keeper_length",
    width="keeper_width",
    thickness="keeper_thickness",
    stock="hardwood_strip",
    hand="L",
    order=IN_LISTS + 1,
)
def keeper_left(
    cell_from_left: Mm,
    free_depth: Mm,
    keeper_length: Mm,
    cell_from_floor: Mm,
    cell_height: Mm,
    keeper_thickness: Mm,
) -> Stand:
    """At the rear end of the drawer's left side, level with its rim."""
    up = cell_from_floor + cell_height - keeper_thickness
    return Stand(cell_from_left, free_depth - keeper_length, up, "back", "across", -1)


@piece(
    "keeper_right",
    per=KEPT,
    title="Cleat over the tray, right",
    length="keeper_length",
    width="keeper_width",
    thickness="keeper_thickness",
    stock="hardwood_strip",
    hand="R",
    order=IN_LISTS + 1,
)
def keeper_right(
    cell_from_left: Mm,
    cell_width: Mm,
    keeper_width: Mm,
    free_depth: Mm,
    keeper_length: Mm,
    cell_from_floor: Mm,
    cell_height: Mm,
    keeper_thickness: Mm,
) -> Stand:
    """At the rear end of the drawer's right side, level with its rim."""
    across, up = cell_from_left + cell_width - keeper_width, cell_from_floor + cell_height - keeper_thickness
    return Stand(across, free_depth - keeper_length, up, "back", "across", -1)
