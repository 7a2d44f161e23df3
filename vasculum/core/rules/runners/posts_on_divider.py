"""Posts that are made, beside a divider: it holds their screws. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.runners.posts_made import MADE


@rule(source="geometry", per=(*MADE, "left.divider"))
def post_wall_left(divider_thickness: Mm) -> Mm:
    """On the left they are screwed to the divider."""
    return divider_thickness


@rule(source="geometry", per=(*MADE, "right.divider"))
def post_wall_right(divider_thickness: Mm) -> Mm:
    """On the right they are screwed to the divider."""
    return divider_thickness
