"""No back: something else keeps the case square. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "case_back.none",
    title="None",
    about="Something else keeps the case square.",
    order=5,
)


@rule(source="common practice", per="case_back.none")
def back_behind() -> Mm:
    """Without a back nothing stands behind the inside."""
    return Mm(0)


@rule(source="common practice", per="case_back.none")
def back_within() -> Mm:
    """Without a back nothing is let in."""
    return Mm(0)
