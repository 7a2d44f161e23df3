"""A tray on battens: its sides ride on strips along both walls. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, piece, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "runner.batten",
    title="Tray on battens",
    about="A shallow tray rides on strips along both walls; nothing to buy, and it lifts out.",
    shares=(
        "sliding",
        "clearing",
        "seated",
    ),
    order=9,
)


@rule(source="geometry", label="play of the tray between the walls", per="runner.batten")
def tray_play(free_width: Mm, outside_width: Mm) -> Mm:
    """Between the walls the tray has the play that its width leaves.

    Overall, both sides together.
    """
    return free_width - outside_width


@rule(source="common practice", label="least that the tray rides on a batten", per="runner.batten")
def batten_engagement(batten_projection: Mm, tray_play: Mm) -> Mm:
    """Pushed to one wall, the tray still rides on the other batten by its projection less the play."""
    return batten_projection - tray_play


@rule(source="common practice", label="runner stands out from the wall by", per="runner.batten")
def runner_projects(batten_projection: Mm) -> Mm:
    """The batten stands out from the wall by what was chosen.

    Its thickness.
    """
    return batten_projection


@piece(
    "runner_left",
    per="runner.batten",
    title="Batten, left",
    length="runner_length",
    width="runner_height",
    thickness="runner_projects",
    stock="hardwood_strip",
    hand="L",
    order=10,
)
def batten_left(
    cell_from_left: Mm, set_back: Mm, box_from_floor: Mm, runner_height: Mm, taken_left: Mm = NOTHING
) -> Stand:
    """The left batten is fixed to the wall, its upper edge where the tray rides."""
    return Stand(cell_from_left + taken_left, set_back, box_from_floor - runner_height, "back", "up", 1)


@piece(
    "runner_right",
    per="runner.batten",
    title="Batten, right",
    length="runner_length",
    width="runner_height",
    thickness="runner_projects",
    stock="hardwood_strip",
    hand="R",
    order=11,
)
def batten_right(
    cell_from_left: Mm,
    cell_width: Mm,
    runner_projects: Mm,
    set_back: Mm,
    box_from_floor: Mm,
    runner_height: Mm,
    taken_right: Mm = NOTHING,
) -> Stand:
    """The right batten is fixed to the wall, its upper edge where the tray rides."""
    return Stand(
        cell_from_left + cell_width - taken_right - runner_projects,
        set_back,
        box_from_floor - runner_height,
        "back",
        "up",
        -1,
    )
