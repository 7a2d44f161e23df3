"""A case that ends, in depth, before something that stands in. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="case_ends.in_depth")
def ends_behind(begins_from_front: Mm, niche_depth: Mm) -> Mm:
    """The case ends in depth where the thing begins, behind the front of the space."""
    return niche_depth - begins_from_front
