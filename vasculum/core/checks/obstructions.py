"""Does what is built in stay clear of what stands in the way."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@check(source="common practice", per="in_the_opening")
def front_passes_what_stands_in_its_plane(
    face_taken_left: Mm = NOTHING,
    face_taken_right: Mm = NOTHING,
    face_taken_below: Mm = NOTHING,
    face_taken_above: Mm = NOTHING,
) -> Finding | None:
    """A front in the opening is smaller where something stands in its plane."""
    across, up = face_taken_left + face_taken_right, face_taken_below + face_taken_above
    if across + up == 0:
        return None
    return Finding(
        "front-passes-obstruction",
        "note",
        "Something stands in the plane of the front: the front is "
        + " and ".join((["{across} narrower"] if across > 0 else []) + (["{up} lower"] if up > 0 else []))
        + " for it.",
        "Where it only stands further in, say how far behind the front it begins.",
        {"across": across, "up": up},
        ("front_width", "front_height"),
    )


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


@check(source="common practice", per=("drawer", "obstructed.left"))
def strip_has_room_left(
    taken_left: Mm, thickest_strip: Mm, strip_left_length: Mm, carries_left: Mm = NOTHING
) -> Finding | None:
    """Where something is passed on the left, a strip lies before or behind it, and the runner on that."""
    return _no_strip("left", taken_left - carries_left, thickest_strip, strip_left_length)


@check(source="common practice", per=("drawer", "obstructed.right"))
def strip_has_room_right(
    taken_right: Mm, thickest_strip: Mm, strip_right_length: Mm, carries_right: Mm = NOTHING
) -> Finding | None:
    """Where something is passed on the right, a strip lies before or behind it, and the runner on that."""
    return _no_strip("right", taken_right - carries_right, thickest_strip, strip_right_length)


def _no_strip(side: str, thick: Mm, thickest: Mm, length: Mm) -> Finding | None:
    """Past a thickness a board is built, and said so elsewhere."""
    if not 0 < thick <= thickest or length > 0:
        return None
    return Finding(
        "no-room-for-a-strip",
        "note",
        f"On the {side} the thing itself stands all along the runner: no strip of {{thick}} goes there.",
        "Say how far in it begins and how deep it is, or fix the runner to what stands there.",
        {"thick": thick},
        (f"taken_{side}",),
    )
