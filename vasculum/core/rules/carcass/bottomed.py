"""A case with boards under it, of whatever kind. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="height that the bottom of the case takes", per="carcass.new")
def case_bottom_taken(case_bottom_thickness: Mm) -> Mm:
    """A bottom takes its thickness of the height."""
    return case_bottom_thickness


@rule(source="geometry", label="thickness of the bottom, where boards are compared", per="carcass.new")
def case_bottom_counts(case_bottom_thickness: Mm) -> Mm:
    """Beside sides and top the bottom counts with its thickness."""
    return case_bottom_thickness


@rule(source="geometry", label="joints below, left and right", per="carcass.new", unit="count")
def lower_joints() -> Mm:
    """What lies below meets both sides."""
    return Mm(2)


@rule(source="geometry", label="boards housed in the bottom by", per="carcass.new")
def case_housed_below(case_housed: Mm) -> Mm:
    """What stands on the bottom is let into it by as much as elsewhere."""
    return case_housed
