"""A tray on risers in a drawer whose back is cut down: it slides back over what is left of it. Exact mm.

Risers stand on the bottom of the drawer, inside both sides, a little higher than the rest of the back.
They narrow what stands below the tray. All sizes in the frame of the drawer's inside.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, snap_down
from vasculum.core.rules.obstructions.free import NOTHING

RISERS = "runner.risers"
IN_LISTS = 10
"""Where risers and cleats stand among the parts of their tray."""

alternative(
    RISERS,
    title="Tray on risers, over a back cut down",
    about="In the upper half of a drawer that is there: it slides back over what is left of the drawer's back.",
    shares=("sliding", "clearing", "seated"),
    order=13,
)
alternative(
    "old_back.between",
    title="Between the sides",
    about="Cut down along the inner faces of the sides, then across.",
    order=1,
)
alternative(
    "old_back.over_ends",
    title="Over the ends of the sides",
    about="Its glue line stands on the ends of the sides: it cannot be cut flush.",
    order=2,
)


@rule(source="common practice", label="height of the tray's risers", per=RISERS)
def tray_riser_height(box_from_floor: Mm) -> Mm:
    """The tray lies on its risers, which stand on the bottom of the drawer."""
    return box_from_floor


@rule(source="common practice", label="length of the tray's risers", per=RISERS)
def tray_riser_length(free_depth: Mm, increment: Mm) -> Mm:
    """Risers run along all of the drawer."""
    return snap_down(free_depth, increment)


@rule(source="common practice", label="rest of the drawer's back", per=RISERS)
def back_rest(tray_riser_height: Mm, riser_over_rest: Mm, wanted_back_rest: Mm | None = None) -> Mm:
    """The back is cut down to a little less than the risers are high, or it was measured after the cut.

    Above the bottom of the drawer.
    """
    if wanted_back_rest is not None:
        return wanted_back_rest
    return largest(tray_riser_height - riser_over_rest, NOTHING)


@rule(source="geometry", label="tray on risers, play as cut", per=RISERS)
def tray_riser_play(free_width: Mm, outside_width: Mm) -> Mm:
    """Its play, and what snapping takes; overall."""
    return free_width - outside_width


@rule(source="common practice", label="bearing of the tray on a riser", per=RISERS)
def tray_bearing(grid_thickness: Mm, tray_riser_play: Mm) -> Mm:
    """Pushed to one side it still lies on the other riser by its thickness less its play."""
    return grid_thickness - tray_riser_play


@rule(source="common practice", label="farthest that the tray goes back", per=RISERS)
def tray_most_travel(outside_depth: Mm, tip_margin: Mm) -> Mm:
    """Nothing holds it down: it goes back by half its depth, less a margin; beyond that it tips."""
    return largest(outside_depth / 2 - tip_margin, NOTHING)


@rule(source="common practice", label="travel of the tray, to the back", per=RISERS)
def tray_travel(
    tray_most_travel: Mm,
    increment: Mm,
    room_behind_open: Mm | None = None,
    wanted_tray_travel: Mm | None = None,
) -> Mm:
    """It slides back as far as it may, or as far as there is room behind the drawer as it stands open, or as chosen."""
    if wanted_tray_travel is not None:
        return wanted_tray_travel
    room = tray_most_travel if room_behind_open is None else smallest(tray_most_travel, room_behind_open)
    return snap_down(room, increment)


@rule(source="geometry", label="depth that stays free in front of the tray", per=RISERS)
def free_before_tray(free_depth: Mm, outside_depth: Mm, tray_travel: Mm) -> Mm:
    """Pushed back, it leaves what it travels and what it is less deep than the drawer."""
    return smallest(free_depth, free_depth - outside_depth + tray_travel)


@piece(
    "runner_left",
    per=RISERS,
    title="Riser, left",
    length="tray_riser_length",
    width="tray_riser_height",
    thickness="grid_thickness",
    stock="grid_sheet",
    hand="L",
    where="tray_riser_height",
    order=IN_LISTS,
)
def tray_riser_left(cell_from_left: Mm) -> Stand:
    """On the bottom of the drawer, glued to its left side."""
    return Stand(cell_from_left, NOTHING, NOTHING, "back", "up", 1)


@piece(
    "runner_right",
    per=RISERS,
    title="Riser, right",
    length="tray_riser_length",
    width="tray_riser_height",
    thickness="grid_thickness",
    stock="grid_sheet",
    hand="R",
    where="tray_riser_height",
    order=IN_LISTS,
)
def tray_riser_right(cell_from_left: Mm, cell_width: Mm, grid_thickness: Mm) -> Stand:
    """On the bottom of the drawer, glued to its right side."""
    return Stand(cell_from_left + cell_width - grid_thickness, NOTHING, NOTHING, "back", "up", -1)
