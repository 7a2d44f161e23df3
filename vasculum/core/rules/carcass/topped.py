"""A case with a board over it, of whatever kind. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="height that the top of the case takes", per="carcass.new")
def case_top_taken(case_top_thickness: Mm) -> Mm:
    """A top takes its thickness of the height."""
    return case_top_thickness


@rule(source="geometry", label="thickness of the top, where boards are compared", per="carcass.new")
def case_top_counts(case_top_thickness: Mm) -> Mm:
    """Beside sides and bottom the top counts with its thickness."""
    return case_top_thickness


@rule(source="geometry", label="joints above, left and right", per="carcass.new", unit="count")
def upper_joints() -> Mm:
    """What lies above meets both sides."""
    return Mm(2)


@rule(source="geometry", label="boards housed in the top by", per="carcass.new")
def case_housed_above(case_housed: Mm) -> Mm:
    """What stands under the top is let into it as into the bottom."""
    return case_housed
