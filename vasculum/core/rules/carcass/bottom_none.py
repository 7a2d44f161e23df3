"""A case without a bottom: what is in it stands on the floor. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_bottom.none",
    title="No bottom",
    about="What is in it stands on the floor, or hangs on its runners; the sides stand on the floor too.",
    order=3,
)
NONE = ("carcass.new", "case_bottom.none")


@rule(source="geometry", per=NONE)
def case_bottom_taken() -> Mm:
    """What is not there takes nothing."""
    return NOTHING


@rule(source="geometry", per=NONE)
def case_bottom_counts(case_side_thickness: Mm) -> Mm:
    """Without a bottom nothing counts beside the sides."""
    return case_side_thickness


@rule(source="geometry", per=NONE)
def case_housed_below() -> Mm:
    """Nothing is let into what is not there."""
    return NOTHING


@rule(source="geometry", per=NONE, unit="count")
def lower_joints() -> Mm:
    """Below nothing meets the sides."""
    return NOTHING


@rule(source="geometry", per=("case_screwed", "case_bottom.none"))
def lower_hole_places() -> tuple[Mm, ...]:
    """Below there is nothing to screw into."""
    return ()


@rule(source="geometry", per=("case_joint.knock_down", "case_bottom.none"))
def lower_dowels() -> Mm:
    """Below there is nothing to locate."""
    return NOTHING


@rule(source="geometry", per=("back_let_in", "case_bottom.none"))
def back_rabbet_below() -> Mm:
    """Below there is no rabbet: the back ends where the sides end."""
    return NOTHING
