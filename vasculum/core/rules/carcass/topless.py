"""A case without a board over it, with a rail or without: what is not there takes nothing. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per=("carcass.new", "topless"))
def case_top_taken() -> Mm:
    """What is not there takes nothing."""
    return NOTHING


@rule(source="geometry", per=("carcass.new", "topless"))
def case_top_counts(case_bottom_counts: Mm) -> Mm:
    """Without a top the bottom alone counts beside the sides."""
    return case_bottom_counts


@rule(source="geometry", per=("carcass.new", "topless"))
def case_housed_above() -> Mm:
    """Nothing is let into what is not there."""
    return NOTHING


@rule(source="geometry", per=("carcass.new", "topless"), unit="count")
def upper_joints() -> Mm:
    """Above nothing meets the sides."""
    return NOTHING


@rule(source="geometry", per=("case_screwed", "topless"))
def upper_hole_places() -> tuple[Mm, ...]:
    """Above there is nothing to screw into."""
    return ()


@rule(source="geometry", per=("case_joint.knock_down", "topless"))
def upper_dowels() -> Mm:
    """Above there is nothing to locate."""
    return NOTHING


@rule(source="geometry", per=("back_let_in", "topless"))
def back_rabbet_above() -> Mm:
    """Above there is no rabbet: the back ends where the sides end."""
    return NOTHING
