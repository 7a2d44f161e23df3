"""Behind a runner on the left that hangs on a divider. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="packing behind the left runner", per="left.divider")
def behind_left(taken_left: Mm = NOTHING, carries_left: Mm = NOTHING) -> Mm:
    """On the left, behind a runner at a divider, stands only the strip past what is in the way."""
    return taken_left - carries_left
