"""A back planted on: it squares the case, and its edges show. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down

alternative(
    "case_back.planted",
    title="Planted behind",
    about="Covers everything from behind and squares the case; its edges show.",
    order=1,
)


@rule(source="common practice", per="case_back.planted")
def back_behind(case_back_thickness: Mm) -> Mm:
    """A planted back stands behind the case by its thickness."""
    return case_back_thickness


@rule(source="common practice", per="case_back.planted")
def back_within() -> Mm:
    """A planted back is let into nothing."""
    return Mm(0)


@rule(source="common practice", per="case_back.planted")
def case_back_width_cut(case_outside_width: Mm, increment: Mm) -> Mm:
    """A planted back is as wide as the case, down to the shop's increment, so that it does not stand out."""
    return snap_down(case_outside_width, increment)


@rule(source="common practice", per="case_back.planted")
def case_back_height_cut(case_outside_height: Mm, plinth: Mm, increment: Mm) -> Mm:
    """A planted back is as high as the case above its plinth, down to the shop's increment."""
    return snap_down(case_outside_height - plinth, increment)
