"""How far the screws of rows reach into the walls beside them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@rule(source="geometry", per="split.rows")
def screw_into_left(each_screw_into_left: tuple[Mm | None, ...]) -> Mm:
    """Into the wall on the left of a stack goes the deepest screw of any of its rows."""
    return largest(Mm(0), *(one for one in each_screw_into_left if one is not None))


@rule(source="geometry", per="split.rows")
def screw_into_right(each_screw_into_right: tuple[Mm | None, ...]) -> Mm:
    """Into the wall on the right of a stack goes the deepest screw of any of its rows."""
    return largest(Mm(0), *(one for one in each_screw_into_right if one is not None))
