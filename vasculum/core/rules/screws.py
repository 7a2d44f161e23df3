"""How far a screw reaches: through what it must pass, into what must hold it, and short of the far face. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import cover_in
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="front screw reaches", per=("faced", "front_walled"))
def front_screw_reach(front_screw_length: Mm, front_screw_washer: Mm, front_screw_counterbore: Mm) -> Mm:
    """A front screw reaches its length less the washer, and deeper by the counterbore.

    From the inside face of the box front.
    """
    return front_screw_length - front_screw_washer + front_screw_counterbore


@rule(source="common practice", label="number of front screws", per=("faced", "front_walled"), unit="count")
def front_screw_count(front_screws: Mm) -> Mm:
    """A front is held by the screws that were chosen for it."""
    return front_screws


@rule(source="geometry", label="space between box front and front", per="faced")
def before_box_front(lock_stand_off: Mm, set_in_front: Mm = NOTHING) -> Mm:
    """Between front and box front is any stand-off, and what the box front is set in from the ends of the sides."""
    return lock_stand_off + set_in_front


@rule(source="common practice", label="bite of a front screw", per=("faced", "front_walled"))
def front_screw_bite(front_screw_reach: Mm, box_front_thickness: Mm, before_box_front: Mm) -> Mm:
    """In the front bites what reaches past the box front, and past any space between them."""
    return front_screw_reach - box_front_thickness - before_box_front


@rule(source="common practice", label="cover before a front screw's point", per=("faced", "front_walled"))
def front_screw_cover(box_front_thickness: Mm, front_thickness: Mm, before_box_front: Mm, front_screw_reach: Mm) -> Mm:
    """Before the point stays what the screw does not reach of box front, any space and front together."""
    return box_front_thickness + before_box_front + front_thickness - front_screw_reach


@rule(source="common practice", label="runner screw reaches into the side", per="screwed")
def runner_screw_reach(
    runner_screw_length: Mm, runner_screw_washer: Mm, runner_metal: Mm, shim_beside: Mm = NOTHING
) -> Mm:
    """A runner screw reaches its length less a washer, the runner's metal and any pad between it and the side.

    From the outside face of the side.
    """
    return runner_screw_length - runner_screw_washer - runner_metal - shim_beside


@rule(source="common practice", label="cover that a runner screw wants", per="screwed")
def runner_cover_wanted(side_thickness: Mm, thin_stock: Mm, least_thin_cover: Mm, least_screw_cover: Mm) -> Mm:
    """Before its point a runner screw wants the least cover; in thin stock the smaller one, so that it still bites."""
    return cover_in(side_thickness, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="common practice", label="cover that a front screw wants", per=("faced", "front_walled"))
def front_cover_wanted(front_thickness: Mm, thin_stock: Mm, least_thin_cover: Mm, least_screw_cover: Mm) -> Mm:
    """Before its point a front screw wants the least cover; in thin stock the smaller one, so that it still bites."""
    return cover_in(front_thickness, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="common practice", label="runner screw reaches into the wall", per="screwed")
def wall_screw_reach(runner_screw_length: Mm, runner_screw_washer: Mm, runner_metal: Mm, runner_shim: Mm) -> Mm:
    """Towards the wall it reaches its length less the metal and any shim between the cabinet member and the wall."""
    return runner_screw_length - runner_screw_washer - runner_metal - runner_shim


@rule(source="common practice", label="cover before a runner screw's point", per="screwed")
def runner_screw_cover(side_thickness: Mm, runner_screw_reach: Mm) -> Mm:
    """Before the point stays what the screw does not reach of the side; less than nothing comes through.

    To the inside face of the side.
    """
    return side_thickness - runner_screw_reach
