"""A full overlay above and below the case: each edge laps over its own board, less its own reveal. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("above.lap_end", "front.overlay"))
def gap_above(end_panel_above: Mm, reveal: Mm, reveal_above: Mm | None = None) -> Mm:
    """Above, the front laps over the top less the reveal that is wanted there: its gap is less than nothing."""
    return (reveal if reveal_above is None else reveal_above) - end_panel_above


@rule(source="common practice", per=("below.lap_end", "front.overlay"))
def gap_below(end_panel_below: Mm, reveal: Mm, reveal_below: Mm | None = None) -> Mm:
    """Below, the front laps over the bottom less the reveal that is wanted there: its gap is less than nothing."""
    return (reveal if reveal_below is None else reveal_below) - end_panel_below


@rule(source="common practice", label="thickness that fronts lap over above", per="space")
def end_panel_above(end_panel_thickness: Mm) -> Mm:
    """Above the opening it is as thick as at its sides, unless a new case says otherwise."""
    return end_panel_thickness


@rule(source="common practice", label="thickness that fronts lap over below", per="space")
def end_panel_below(end_panel_thickness: Mm) -> Mm:
    """Below the opening it is as thick as at its sides, unless a new case says otherwise."""
    return end_panel_thickness
