"""The place that fills its space, divided or not. Exact mm, from the clear front lower left corner."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="cell.whole")
def cell_width(clear_width: Mm) -> Mm:
    """What fills the space is as wide as what is clear."""
    return clear_width


@rule(source="geometry", per="cell.whole")
def cell_height(clear_height: Mm) -> Mm:
    """What fills the space is as high as what is clear."""
    return clear_height


@rule(source="geometry", per="cell.whole")
def depth_offered(clear_depth: Mm) -> Mm:
    """What fills the space is as deep as what is clear."""
    return clear_depth


@rule(source="geometry", per="cell.whole")
def cell_from_left() -> Mm:
    """What fills the space begins at the clear left."""
    return Mm(0)


@rule(source="geometry", per="cell.whole")
def cell_from_floor() -> Mm:
    """What fills the space begins at the floor."""
    return Mm(0)


@rule(source="geometry", per="cell.whole")
def face_width(opening_width: Mm) -> Mm:
    """Its face is as wide as the opening."""
    return opening_width


@rule(source="geometry", per="cell.whole")
def face_height(opening_height: Mm) -> Mm:
    """Its face is as high as the opening."""
    return opening_height
