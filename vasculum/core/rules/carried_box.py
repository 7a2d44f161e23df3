"""What is carried in of a box whose front is hung inside: the box alone. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@rule(source="geometry", label="width carried in", per=("drawer", "front_walled"))
def carried_width(outside_width: Mm, box_front_length_cut: Mm, box_back_length_cut: Mm) -> Mm:
    """A box is carried in as wide as it is over its sides, or as a front or back that reaches past them."""
    return largest(outside_width, box_front_length_cut, box_back_length_cut)


@rule(source="geometry", label="height carried in", per=("drawer", "front_walled"))
def carried_height(outside_height: Mm) -> Mm:
    """A box is carried in as high as it is."""
    return outside_height


@rule(source="geometry", label="depth carried in", per=("drawer", "front_walled"))
def carried_depth(outside_depth: Mm) -> Mm:
    """A box is carried in as deep as it is, without a front that is hung later."""
    return outside_depth
