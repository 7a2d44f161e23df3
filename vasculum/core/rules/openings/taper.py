"""Packing that takes a taper out: as thick at each station as the wall asks, thickest where it stands furthest off.

Exact mm. The blank of a strip is as thick as it is anywhere; what each station asks is in the survey.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="thickest packing on the left", per="survey.case")
def packing_most_left(each_packing_left_here: tuple[Mm | None, ...]) -> Mm:
    """On the left the packing is thickest at the station where the walls stand furthest apart."""
    return largest(NOTHING, *taken(each_packing_left_here))


def packing_blank_left(packing_left: Mm, each_packing_most_left: tuple[Mm | None, ...], tape_tolerance: Mm) -> Mm:
    """On the left the blank is as thick as the packing is anywhere, if a tape can tell the difference."""
    most = largest(packing_left, *taken(each_packing_most_left))
    return most if most - packing_left > tape_tolerance else packing_left


@rule(source="geometry", label="thickest packing on the right", per="survey.case")
def packing_most_right(each_packing_right_here: tuple[Mm | None, ...]) -> Mm:
    """On the right the packing is thickest at the station where the walls stand furthest apart."""
    return largest(NOTHING, *taken(each_packing_right_here))


def packing_blank_right(packing_right: Mm, each_packing_most_right: tuple[Mm | None, ...], tape_tolerance: Mm) -> Mm:
    """On the right the blank is as thick as the packing is anywhere, if a tape can tell the difference."""
    most = largest(packing_right, *taken(each_packing_most_right))
    return most if most - packing_right > tape_tolerance else packing_right


for inside in ("space.frameless", "case_width.read"):
    rule(source="common practice", label="blank for the left packing", per=inside)(packing_blank_left)
    rule(source="common practice", label="blank for the right packing", per=inside)(packing_blank_right)
