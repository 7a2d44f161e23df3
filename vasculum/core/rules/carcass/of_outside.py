"""A case whose outside was decided: the boards come off it, and what is read is the space around it. Exact mm.

The outside is kept as it was chosen: its bays stay exact, and what stands in them takes the snap.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_nearest
from vasculum.core.rules.carcass.in_space import inside_left

alternative(
    "carcass.of_outside",
    title="The outside of a new case",
    about="Its outside is decided, and the boards come off it; what was measured is the space around it.",
    shares=("carcass.new", "in_niche"),
    order=3,
)


def _said(outside: Mm | None, size: str) -> Mm:
    if outside is not None:
        return outside
    raise CannotDerive(f"no-outside-{size}", f"Nobody said the outside {size} of the case.", f"Say its outside {size}.")


@rule(source="common practice", per="inside_width.of_outside")
def opening_width(boards_across: Mm, wanted_outside_width: Mm | None = None) -> Mm:
    """Inside it is as wide as its sides leave of the outside that was chosen.

    Raises:
        CannotDerive: ``no-outside-width``, ``outside-all-boards``.
    """
    return inside_left(_said(wanted_outside_width, "width"), boards_across, "width")


@rule(source="common practice", per="inside_height.of_outside")
def opening_height(boards_up: Mm, wanted_outside_height: Mm | None = None) -> Mm:
    """Inside it is as high as its boards, base and casters leave of the outside that was chosen.

    Raises:
        CannotDerive: ``no-outside-height``, ``outside-all-boards``.
    """
    return inside_left(_said(wanted_outside_height, "height"), boards_up, "height")


@rule(source="common practice", per="inside_depth.of_outside")
def depth_inside(boards_deep: Mm, wanted_outside_depth: Mm | None = None) -> Mm:
    """Inside it is as deep as back and fronts leave of the outside that was chosen.

    Raises:
        CannotDerive: ``no-outside-depth``, ``outside-all-boards``.
    """
    return inside_left(_said(wanted_outside_depth, "depth"), boards_deep, "depth")


@rule(source="common practice", per=("carcass.new", "inside_depth.of_outside"))
def case_panel_depth_cut(case_panel_depth: Mm, thickness_increment: Mm) -> Mm:
    """Where the outside was chosen the boards are cut to it, to the increment for thickness."""
    return snap_nearest(case_panel_depth, thickness_increment)
