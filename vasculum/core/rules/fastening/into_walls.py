"""How far the screws of a runner reach into the walls beside it, through what stands behind the runner. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@rule(source="common practice", label="runner screw goes into the left wall by", per="screwed")
def screw_into_left(wall_screw_reach: Mm, behind_left: Mm) -> Mm:
    """Into the wall on the left goes what the screw reaches past what stands behind the runner."""
    return largest(Mm(0), wall_screw_reach - behind_left)


@rule(source="common practice", label="runner screw goes into the right wall by", per="screwed")
def screw_into_right(wall_screw_reach: Mm, behind_right: Mm) -> Mm:
    """Into the wall on the right goes what the screw reaches past what stands behind the runner."""
    return largest(Mm(0), wall_screw_reach - behind_right)


@rule(source="common practice", label="screw through the left packing", per="screwed")
def packing_screw_left(behind_left: Mm, least_screw_bite: Mm) -> Mm:
    """A screw through the packing on the left is as long as that is thick and the bite it needs behind it."""
    return behind_left + least_screw_bite


@rule(source="common practice", label="screw through the right packing", per="screwed")
def packing_screw_right(behind_right: Mm, least_screw_bite: Mm) -> Mm:
    """A screw through the packing on the right is as long as that is thick and the bite it needs behind it."""
    return behind_right + least_screw_bite


for hand in ("left", "right"):
    good(
        "screw",
        per=("screwed", "packing_made.planed"),
        title="Screw for the packing",
        count="packing_screws",
        size=f"packing_screw_{hand}",
        through=(f"behind_{hand}",),
        holds="case",
        at_least=True,
        where=f"behind_{hand}",
    )
