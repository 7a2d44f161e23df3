"""Behind a runner at the right edge of the case. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per="right.edge")
def behind_right(packing_strip_right: Mm = NOTHING, taken_right: Mm = NOTHING, carries_right: Mm = NOTHING) -> Mm:
    """On the right, behind a runner, stand the packing and the strip past what is in the way."""
    return packing_strip_right + taken_right if carries_right == 0 else taken_right - carries_right
