"""Behind a runner on the right that hangs on a divider. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="packing behind the right runner", per="right.divider")
def behind_right(taken_right: Mm = NOTHING, carries_right: Mm = NOTHING) -> Mm:
    """On the right, behind a runner at a divider, stands only the strip past what is in the way."""
    return taken_right - carries_right
