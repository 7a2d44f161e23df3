"""No back: something else keeps the case square. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="case_back.none")
def back_behind() -> Mm:
    """Without a back nothing stands behind the inside."""
    return Mm(0)


@rule(source="common practice", per="case_back.none")
def back_within() -> Mm:
    """Without a back nothing is let in."""
    return Mm(0)
