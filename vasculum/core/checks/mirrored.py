"""Parts that come in hands."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding


@check(source="common practice", per="has_mirrored_sides")
def left_and_right_sides_differ() -> Finding:
    """Sides whose two ends are worked differently are mirror images of each other."""
    return Finding(
        "sides-are-mirror-images",
        "note",
        "Front and back ends of the sides are worked differently: left and right sides are mirror images.",
        "Lay each pair inside face to inside face, front ends together, and mark L and R before the first cut.",
    )
