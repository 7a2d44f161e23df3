"""The room of a bought bin or basket: it sizes its cell, or the cell is checked against it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


def _measured(size: Mm | None, which: str) -> Mm:
    if size is None:
        raise CannotDerive(
            "bin-not-measured", f"The bin's {which} is not known.", f"Measure the bin's {which} outside."
        )
    return size


@rule(source="common practice", label="width that a bin needs", per="bin")
def bin_room_width(bin_clearance_side: Mm, bin_width: Mm | None = None) -> Mm:
    """A bin needs its width at the widest, and its clearance on both sides.

    Raises:
        CannotDerive: ``bin-not-measured``.
    """
    return _measured(bin_width, "width") + 2 * bin_clearance_side


@rule(source="common practice", label="height that a bin needs", per="bin")
def bin_room_height(bin_clearance_above: Mm, bin_height: Mm | None = None) -> Mm:
    """A bin needs its height, and its clearance above.

    Raises:
        CannotDerive: ``bin-not-measured``.
    """
    return _measured(bin_height, "height") + bin_clearance_above


@rule(source="common practice", label="depth that a bin needs", per="bin")
def bin_room_depth(bin_depth: Mm | None = None) -> Mm:
    """A bin needs its depth.

    Raises:
        CannotDerive: ``bin-not-measured``.
    """
    return _measured(bin_depth, "depth")
