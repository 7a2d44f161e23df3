"""An upright divider in a case without a top and without a bottom: nothing holds it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

NEITHER = ("upright.board", "low_end.nothing", "high_end.nothing")


@rule(source="geometry", per=NEITHER)
def low_end_host(case_side_thickness: Mm) -> Mm:
    """Where nothing is above or below, boards are as thick as the sides."""
    return case_side_thickness


@rule(source="geometry", per=NEITHER)
def high_end_host(case_side_thickness: Mm) -> Mm:
    """Where nothing is above or below, boards are as thick as the sides."""
    return case_side_thickness


@rule(source="geometry", per=("divided.board", *NEITHER))
def divider_held_ends() -> Mm:
    """It is held nowhere."""
    return NOTHING
