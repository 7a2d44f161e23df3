"""A divider that ends at another one. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per=("divided.board", "low_end.divider"))
def low_end_host(outer_divider_thickness: Mm) -> Mm:
    """A divider in a part of a split ends at the divider beside that part."""
    return outer_divider_thickness


@rule(source="geometry", per=("divided.board", "high_end.divider"))
def high_end_host(outer_divider_thickness: Mm) -> Mm:
    """A divider in a part of a split ends at the divider beside that part."""
    return outer_divider_thickness
