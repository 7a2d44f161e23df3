"""A case that is butted, glued and screwed. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="case_joint.butted")
def case_housed() -> Mm:
    """A butted board is let into nothing."""
    return Mm(0)
