"""A face frame whose inside is not measured yet: the box follows from the frame, the packing waits. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken
from vasculum.core.rules.openings.clear import checked_clear_width


@rule(source="common practice", per="case_width.unread")
def clear_width(each_frame_width: tuple[Mm | None, ...], lip_clearance: Mm, wiggle_width: Mm) -> Mm:
    """Until the inside is measured, clear is the frame's opening less a little on both sides and the wiggle room.

    Raises:
        CannotDerive: ``no-clear-width``.
    """
    return checked_clear_width(taken(each_frame_width)[0] - 2 * lip_clearance - wiggle_width)


@rule(source="common practice", per="case_width.unread")
def clear_stands_in(lip_clearance: Mm, wiggle_width: Mm) -> Mm:
    """On the left clear begins past the frame's edge by the clearance past a lip, and half of the wiggle room."""
    return lip_clearance + wiggle_width / 2
