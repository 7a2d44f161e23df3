"""What a saw is set to: a size down to the shop's increment. Exact mm."""

from __future__ import annotations

from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


def cut_down(size: Mm, increment: Mm, part: str) -> Mm:
    """A size down to the shop's increment, when something is left of it.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    cut = snap_down(size, increment)
    if cut <= 0:
        raise CannotDerive(
            "nothing-left-to-cut",
            f"{part} comes to {{size}}, less than one step of {{increment}}.",
            "Choose a finer increment, thinner stock, or give the drawer more room.",
            size=size,
            increment=increment,
        )
    return cut
