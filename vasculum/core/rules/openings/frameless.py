"""An opening without a face frame: the inside is the opening. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.openings.clear import checked_clear_width


@rule(source="common practice", per="space.frameless")
def packing_left(wanted_packing_left: Mm | None = None) -> Mm:
    """Without a frame nothing is packed out on the left, unless a thickness was chosen."""
    return Mm(0) if wanted_packing_left is None else wanted_packing_left


@rule(source="common practice", per="space.frameless")
def packing_right(wanted_packing_right: Mm | None = None) -> Mm:
    """Without a frame nothing is packed out on the right, unless a thickness was chosen."""
    return Mm(0) if wanted_packing_right is None else wanted_packing_right


@rule(source="common practice", per="space.frameless")
def clear_width(opening_width: Mm, packing_left: Mm, packing_right: Mm, wiggle_width: Mm) -> Mm:
    """Clear is the inside width less packing and wiggle room.

    Raises:
        CannotDerive: ``no-clear-width``.
    """
    return checked_clear_width(opening_width - packing_left - packing_right - wiggle_width)


@rule(source="geometry", per="space.frameless")
def clear_stands_in(packing_left: Mm, wiggle_width: Mm) -> Mm:
    """On the left the clear width begins where the packing ends, and half of the wiggle room."""
    return packing_left + wiggle_width / 2
