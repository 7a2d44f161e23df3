"""A case without a top: what stands over it is the top, or things are put in from above. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_top.none",
    title="No top",
    about="What it stands under is its top; a rail near the upper edge holds the sides apart.",
    order=4,
)


@rule(source="geometry", per=("carcass.new", "case_top.none"))
def case_top_taken() -> Mm:
    """What is not there takes nothing."""
    return NOTHING


@rule(source="geometry", per=("carcass.new", "case_top.none"))
def case_top_counts(case_bottom_counts: Mm) -> Mm:
    """Without a top the bottom alone counts beside the sides."""
    return case_bottom_counts


@rule(source="geometry", per=("carcass.new", "case_top.none"))
def case_housed_above() -> Mm:
    """Nothing is let into what is not there."""
    return NOTHING


@rule(source="geometry", per=("carcass.new", "case_top.none"), unit="count")
def upper_joints() -> Mm:
    """Above nothing meets the sides."""
    return NOTHING


@rule(source="geometry", per=("case_screwed", "case_top.none"))
def upper_hole_places() -> tuple[Mm, ...]:
    """Above there is nothing to screw into."""
    return ()


@rule(source="geometry", per=("case_joint.knock_down", "case_top.none"))
def upper_dowels() -> Mm:
    """Above there is nothing to locate."""
    return NOTHING


@rule(source="geometry", per=("back_let_in", "case_top.none"))
def back_rabbet_above() -> Mm:
    """Above there is no rabbet: the back ends where the sides end."""
    return NOTHING
