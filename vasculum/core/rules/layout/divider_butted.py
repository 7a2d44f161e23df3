"""Dividers that end at what they stand between. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "divider_joint.butted",
    title="Butted",
    about="Ends at the boards it stands between; spacers hold it while it is fixed.",
    order=1,
)


@rule(source="common practice", label="let in at each end of a divider", per="divider_joint.butted")
def divider_housed() -> Mm:
    """A butted divider is let into nothing."""
    return NOTHING
