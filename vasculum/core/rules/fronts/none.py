"""No front: a pull-out tray, or a drawer behind doors. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="front.none")
def set_back() -> Mm:
    """Without a front the runners begin at the front face."""
    return Mm(0)
