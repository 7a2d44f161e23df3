"""A tray on battens: its sides ride on strips along both walls. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

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


@rule(source="geometry", per="runner.batten")
def tray_play(free_width: Mm, outside_width: Mm) -> Mm:
    """Between the walls the tray has the play that its width leaves.

    Overall, both sides together.
    """
    return free_width - outside_width


@rule(source="common practice", per="runner.batten")
def batten_engagement(batten_projection: Mm, tray_play: Mm) -> Mm:
    """Pushed to one wall, the tray still rides on the other batten by its projection less the play."""
    return batten_projection - tray_play


@rule(source="common practice", per="runner.batten")
def runner_projects(batten_projection: Mm) -> Mm:
    """The batten stands out from the wall by what was chosen.

    Its thickness.
    """
    return batten_projection
