"""A case that is butted, glued and screwed. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "case_joint.butted",
    title="Butted and screwed",
    about="Glue and screws, from outside.",
    shares=("case_screwed", "stays_together"),
    order=1,
)


@rule(source="common practice", label="boards housed in the case sides by", per="case_joint.butted")
def case_housed() -> Mm:
    """A butted board is let into nothing."""
    return Mm(0)
