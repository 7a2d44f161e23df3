"""At the saw: where a guide lies, and which pieces want care. Exact mm."""

from __future__ import annotations

from vasculum.core.lengths import Mm


def guide_from_edge(size: Mm, saw_guide: Mm) -> Mm:
    """Where the guide of a saw held by hand lies on the side that is kept; below nothing it lies beyond the edge.

    Source: common practice: cut line less the way from the edge of the shoe to the near side of the blade.
    """
    return size - saw_guide


def wants_a_stop_block(length: Mm, small_part: Mm) -> bool:
    """Whether what is crosscut is so short that it would be trapped between fence and blade.

    Source: common practice; the length is from memory.
    """
    return length < small_part


def falls_free(width: Mm, thin_strip: Mm) -> bool:
    """Whether a rip is so thin that it is made to fall on the free side of the blade.

    Source: common practice; the width is from memory.
    """
    return width < thin_strip
