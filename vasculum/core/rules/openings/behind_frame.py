"""Behind a face frame whose inside was measured: the packing, and what stays clear between. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken
from vasculum.core.rules.openings.clear import checked_clear_width


@rule(source="geometry", label="both lips of the frame together", per="case_width.read")
def frame_lip_overall(each_case_width: tuple[Mm | None, ...], each_frame_width: tuple[Mm | None, ...]) -> Mm:
    """The frame's two lips together are what the inside is wider than the opening.

    Overall, both sides together; less than nothing where the walls stand in past a wider frame.
    """
    return taken(each_case_width)[0] - taken(each_frame_width)[0]


@rule(source="common practice", label="left lip of the frame", per="case_width.read")
def lip_left(frame_lip_overall: Mm, frame_lip_left: Mm | None = None, frame_lip_right: Mm | None = None) -> Mm:
    """The left lip is what was measured there, or the rest of both lips, or half of both."""
    return _lip(frame_lip_overall, frame_lip_left, frame_lip_right)


@rule(source="common practice", label="right lip of the frame", per="case_width.read")
def lip_right(frame_lip_overall: Mm, frame_lip_left: Mm | None = None, frame_lip_right: Mm | None = None) -> Mm:
    """The right lip is what was measured there, or the rest of both lips, or half of both."""
    return _lip(frame_lip_overall, frame_lip_right, frame_lip_left)


def _lip(overall: Mm, here: Mm | None, opposite: Mm | None) -> Mm:
    if here is not None:
        return here
    return overall / 2 if opposite is None else overall - opposite


@rule(source="common practice", label="packing on the left", per="case_width.read")
def packing_left(lip_left: Mm, lip_clearance: Mm, wanted_packing_left: Mm | None = None) -> Mm:
    """The left runner is packed out past the frame's lip and a little more; a thickness that was chosen is final."""
    return _packing(lip_left, lip_clearance, wanted_packing_left)


@rule(source="common practice", label="packing on the right", per="case_width.read")
def packing_right(lip_right: Mm, lip_clearance: Mm, wanted_packing_right: Mm | None = None) -> Mm:
    """The right runner is packed out past the frame's lip and a little more; a thickness that was chosen is final."""
    return _packing(lip_right, lip_clearance, wanted_packing_right)


def _packing(lip: Mm, clearance: Mm, wanted: Mm | None) -> Mm:
    if wanted is not None:
        return wanted
    return lip + clearance if lip > 0 else Mm(0)


@rule(source="geometry", label="clear width begins right of the opening's edge by", per="case_width.read")
def clear_stands_in(packing_left: Mm, lip_left: Mm, wiggle_width: Mm) -> Mm:
    """On the left the packing stands in past the frame's edge by what it is thicker than the lip; then half the wiggle.

    Less than nothing where the packing stays behind the frame.
    """
    return packing_left - lip_left + wiggle_width / 2


@rule(source="common practice", label="clear width", per="case_width.read")
def clear_width(each_case_width: tuple[Mm | None, ...], packing_left: Mm, packing_right: Mm, wiggle_width: Mm) -> Mm:
    """Clear between the packing is the inside width less the packing on both sides and the wiggle room.

    Raises:
        CannotDerive: ``no-clear-width``.
    """
    return checked_clear_width(taken(each_case_width)[0] - packing_left - packing_right - wiggle_width)
