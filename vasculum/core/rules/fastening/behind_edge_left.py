"""Behind a runner at the left edge of the case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="left.edge")
def behind_left(packing_strip_left: Mm = NOTHING, taken_left: Mm = NOTHING, carries_left: Mm = NOTHING) -> Mm:
    """On the left, behind a runner, stand the packing and the strip past what is in the way."""
    return packing_strip_left + taken_left if carries_left == 0 else taken_left - carries_left
