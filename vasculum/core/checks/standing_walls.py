"""Walls that stand and that nobody measured: how long a screw into them may be is only taken to be so."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


def _unmeasured(what: str, standing_wall: Mm | None) -> Finding | None:
    if standing_wall is not None:
        return None
    return Finding(
        "wall-not-measured",
        "note",
        f"Nobody said how thick the walls are that {what} are screwed into: as thick as those, it is taken.",
        "Measure a wall at its edge, or at a hole.",
        {},
        ("standing_wall",),
    )


@check(source="common practice", per="packing_bay")
def walls_behind_packing_were_measured(standing_wall: Mm | None = None) -> Finding | None:
    """Packing boards are screwed into the walls of what stands."""
    return _unmeasured("packing boards", standing_wall)


@check(source="common practice", per=("divided.board", "low_end.existing", "divider_held.angles"))
def walls_under_angles_were_measured(standing_wall: Mm | None = None) -> Finding | None:
    """Angles are screwed to the walls of what stands."""
    return _unmeasured("angles", standing_wall)


@check(source="common practice", per=("divided.board", "low_end.existing", "divider_held.cleats"))
def walls_under_cleats_were_measured(standing_wall: Mm | None = None) -> Finding | None:
    """Cleats are screwed to the walls of what stands."""
    return _unmeasured("cleats", standing_wall)
