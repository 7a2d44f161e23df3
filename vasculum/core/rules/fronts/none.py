"""No front: a pull-out tray, or a drawer behind doors. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "front.none",
    title="None",
    about="A pull-out tray behind a door, or with a finger notch.",
    order=5,
)


@rule(source="common practice", per="front.none")
def set_back(tray_set_back: Mm) -> Mm:
    """Without a front the runners begin at the front face, or as far behind it as was chosen."""
    return tray_set_back
