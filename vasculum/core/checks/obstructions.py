"""Does what is built in stay clear of what stands in the way."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per="front.inset")
def front_beside_obstruction(
    gap_beside: Mm, taken_left: Mm | None = None, taken_right: Mm | None = None
) -> Finding | None:
    """An inset front closes beside what stands in from a side."""
    for taken in (taken_left, taken_right):
        if taken is not None and taken > 0:
            return Finding(
                "front-meets-obstruction",
                "note",
                "Something stands in beside the box by {taken}; the inset front keeps only {gap} from the edge.",
                "If it stands in the front's plane, leave the front off behind doors, or notch it.",
                {"taken": taken, "gap": gap_beside},
                ("gap_beside",),
            )
    return None


@check(source="from memory", per="drawer")
def strip_is_still_a_strip(
    thickest_strip: Mm, taken_left: Mm | None = None, taken_right: Mm | None = None
) -> Finding | None:
    """A strip past something in the way is thin enough to be one."""
    for taken in (taken_left, taken_right):
        if taken is not None and taken > thickest_strip:
            return Finding(
                "strip-is-a-partition",
                "note",
                "A strip of {taken} past what is in the way is thicker than {most}.",
                "Hang the runner on an upright board there instead, and take its thickness off the box.",
                {"taken": taken, "most": thickest_strip},
                ("free_width",),
            )
    return None


@check(source="geometry", per="crossing")
def obstruction_stands_in_the_space(
    opening_height: Mm, opening_width: Mm, begins_from_floor: Mm | None = None, begins_from_left: Mm | None = None
) -> Finding | None:
    """What stands in the way stands in the space at all."""
    for begins, size, way in ((begins_from_floor, opening_height, "up"), (begins_from_left, opening_width, "across")):
        if begins is not None and begins >= size:
            return Finding(
                "obstruction-outside",
                "attention",
                f"It begins {{begins}} {way}, but the opening ends at {{size}}: one contradicts the other.",
                "Measure both again.",
                {"begins": begins, "size": size},
                ("opening_height" if way == "up" else "opening_width",),
            )
    return None
