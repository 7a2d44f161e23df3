"""What all dovetails share: how many tails, and their pitch. Half a pin stands at each edge. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, snap_nearest


@rule(source="from memory", label="number of tails at the box front", per="tails_front", unit="count")
def tail_count_front(wall_height_cut: Mm, tail_pitch: Mm) -> Mm:
    """As many tails as go into the height of the wall at the pitch that was chosen, one at least."""
    return largest(Mm(1), snap_nearest(wall_height_cut / tail_pitch, Mm(1)))


@rule(source="geometry", label="tails at the box front, middle to middle", per="tails_front")
def tail_pitch_front(wall_height_cut: Mm, tail_count_front: Mm) -> Mm:
    """Tails share the height of the wall, with half a pin at each edge: from the middle of one to the next."""
    return wall_height_cut / tail_count_front


@rule(source="from memory", label="number of tails at the box back", per="tails_back", unit="count")
def tail_count_back(back_wall_height_cut: Mm, tail_pitch: Mm) -> Mm:
    """As many tails as go into the height of the back at the pitch that was chosen, one at least."""
    return largest(Mm(1), snap_nearest(back_wall_height_cut / tail_pitch, Mm(1)))


@rule(source="geometry", label="tails at the box back, middle to middle", per="tails_back")
def tail_pitch_back(back_wall_height_cut: Mm, tail_count_back: Mm) -> Mm:
    """Tails share the height of the back, with half a pin at each edge: from the middle of one to the next."""
    return back_wall_height_cut / tail_count_back
