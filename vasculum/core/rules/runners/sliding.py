"""What slides wood on wood is of any length: as deep as the space, with a little air behind. Exact mm, N."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="sliding")
def runner_length(usable_depth: Mm, air_behind: Mm, increment: Mm, wanted_runner_length: Mm | None = None) -> Mm:
    """What it slides on is as long as the usable depth, less the air behind, down to the increment; or as chosen.

    Raises:
        CannotDerive: ``no-runner-short-enough``.
    """
    if wanted_runner_length is not None:
        return wanted_runner_length
    length = snap_down(usable_depth - air_behind, increment)
    if length <= 0:
        raise CannotDerive(
            "no-runner-short-enough",
            "Air of {air} behind fills a usable depth of {usable}.",
            "Leave less air behind, or measure the depth again.",
            air=air_behind,
            usable=usable_depth,
        )
    return length


@rule(source="common practice", per="sliding")
def box_depth(runner_length: Mm, wanted_box_depth: Mm | None = None) -> Mm:
    """The box is as deep as what it slides on, or as deep as was chosen.

    Outside to outside, without an applied front.
    """
    return runner_length if wanted_box_depth is None else wanted_box_depth
