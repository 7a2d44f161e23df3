"""Pulls by the width of the front. Exact mm, from the front's lower left corner."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", label="number of pulls", per="pulled", unit="count")
def pull_count(front_width_cut: Mm, pull_widest: Mm) -> Mm:
    """One pull serves a front up to a width, two a wider one."""
    return Mm(1) if front_width_cut <= pull_widest else Mm(2)


@rule(source="common practice", label="pulls, from the front's left edge", per="pulled")
def pulls_from_left(front_width_cut: Mm, pull_count: Mm) -> tuple[Mm, ...]:
    """One pull stands in the middle of the front, two in the middle of its halves."""
    if pull_count == 1:
        return (front_width_cut / 2,)
    return (front_width_cut / 4, front_width_cut - front_width_cut / 4)
