"""What a case built into a space loses to each thing in the way: it ends before it, or stands above it. Exact mm.

From the walls of the space that was read. What leans, or has a profile, counts over the height of the case.
"""

from __future__ import annotations

from itertools import pairwise

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest
from vasculum.core.rules.obstructions.free import NOTHING


def reach_between(reach_heights: tuple[Mm, ...], reaches: tuple[Mm, ...], whole: Mm, foot: Mm, top: Mm) -> Mm:
    """The most that something stands in between two heights; straight between its points.

    ``reach_heights`` rise from the floor, one for each of ``reaches``; one that runs all the way up ends at the
    ``whole`` height. Nothing where all of it is below ``foot`` or above ``top``.
    """
    found = [NOTHING]
    heights = reach_heights if len(reach_heights) == len(reaches) else (*reach_heights, whole)
    points = tuple(zip(heights, reaches, strict=True))
    for (low, here), (high, there) in pairwise(points):
        if low < high and foot < high and low < top:
            more = (there - here) / (high - low)
            found += [here + more * (largest(low, foot) - low), here + more * (smallest(high, top) - low)]
    return largest(*found)


@rule(source="common practice", label="case ends before it on the left by", per="case_ends.left")
def ends_left(
    reach_heights: tuple[Mm, ...], reaches: tuple[Mm, ...], niche_height: Mm, lost_below: Mm, standing_height: Mm
) -> Mm:
    """The case ends before what stands in from the left, by its largest reach over the height of the case."""
    return reach_between(reach_heights, reaches, niche_height, lost_below, lost_below + standing_height)


@rule(source="common practice", label="case ends before it on the right by", per="case_ends.right")
def ends_right(
    reach_heights: tuple[Mm, ...], reaches: tuple[Mm, ...], niche_height: Mm, lost_below: Mm, standing_height: Mm
) -> Mm:
    """The case ends before what stands in from the right, by its largest reach over the height of the case."""
    return reach_between(reach_heights, reaches, niche_height, lost_below, lost_below + standing_height)


@rule(source="common practice", label="case ends before it behind by", per="case_ends.back")
def ends_behind(
    reach_heights: tuple[Mm, ...], reaches: tuple[Mm, ...], niche_height: Mm, lost_below: Mm, standing_height: Mm
) -> Mm:
    """The case ends before what stands in from behind; a raked wall takes its depth at the height of the case."""
    return reach_between(reach_heights, reaches, niche_height, lost_below, lost_below + standing_height)


@rule(source="common practice", label="case ends below it by", per="case_ends.top")
def ends_above(projection: Mm) -> Mm:
    """The case ends below what hangs from above."""
    return projection


@rule(source="common practice", label="case stands above it by", per="case_stands_over")
def stands_over(over_height: Mm) -> Mm:
    """The case stands above it, as high as it reaches."""
    return over_height
