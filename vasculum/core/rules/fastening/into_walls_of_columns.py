"""How far the screws of columns reach into the walls beside them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@rule(source="geometry", per="split.columns")
def screw_into_left(each_screw_into_left: tuple[Mm | None, ...]) -> Mm:
    """Into the wall on the left of columns goes what the first of them screws there."""
    return largest(Mm(0), *(one for one in each_screw_into_left[:1] if one is not None))


@rule(source="geometry", per="split.columns")
def screw_into_right(each_screw_into_right: tuple[Mm | None, ...]) -> Mm:
    """Into the wall on the right of columns goes what the last of them screws there."""
    return largest(Mm(0), *(one for one in each_screw_into_right[-1:] if one is not None))
