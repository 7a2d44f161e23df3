"""Doubts about what was measured."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken


@check(source="common practice", per="survey.width")
def width_taken_once(each_width: tuple[Mm | None, ...]) -> Finding | None:
    """A width is taken at more than one station."""
    return _once("width", taken(each_width), "Take it at the front, middle and back, low and high.")


@check(source="common practice", per="survey.height")
def height_taken_once(each_height: tuple[Mm | None, ...]) -> Finding | None:
    """A height is taken at more than one station."""
    return _once("height", taken(each_height), "Take it left and right.")


@check(source="common practice", per="survey.depth")
def depth_taken_once(each_depth: tuple[Mm | None, ...]) -> Finding | None:
    """A depth is taken at more than one station."""
    return _once("depth", taken(each_depth), "Take it left, middle and right.")


def _once(size: str, readings: tuple[Mm, ...], fix: str) -> Finding | None:
    if len(readings) != 1:
        return None
    return Finding(
        f"{size}-taken-once",
        "note",
        f"The {size} was taken once, {{reading}}: nothing says that it is the smallest.",
        fix,
        {"reading": readings[0]},
        (f"governing_{size}",),
    )


@check(source="common practice", per="survey.width")
def width_readings_differ(width_spread: Mm, governing_width: Mm) -> Finding | None:
    """The widths agree."""
    if width_spread == 0:
        return None
    return Finding(
        "widths-differ",
        "note",
        "The widths differ by {spread}; the smallest, {governing}, governs.",
        "Read the wide ones again if that is more than you expected.",
        {"spread": width_spread, "governing": governing_width},
        ("width_spread", "governing_width"),
    )


@check(source="common practice", per="survey.diagonals")
def opening_out_of_square(lean: Mm, gap: Mm) -> Finding | None:
    """The diagonals agree."""
    size = lean if lean >= 0 else -lean
    if size == 0:
        return None
    return Finding(
        "out-of-square",
        "attention" if size > gap else "note",
        f"By its diagonals the opening leans {'right' if lean > 0 else 'left'} by {{lean}} over its height.",
        "A front cut square shows the lean in its gap of {gap}: plane it to the opening, or enlarge the gap.",
        {"lean": size, "gap": gap},
        ("lean",),
    )


@check(source="common practice", per="survey.tapered")
def runners_need_parallel_walls(width_taper: Mm) -> Finding | None:
    """Both runners are parallel front to back."""
    if width_taper == 0:
        return None
    wide, narrow = ("front", "back") if width_taper > 0 else ("back", "front")
    return Finding(
        "walls-taper",
        "note",
        f"The walls stand {{taper}} further apart at the {wide} than at the {narrow}.",
        f"Pack the {wide} out, so that the runners stand parallel: the strips are in the parts.",
        {"taper": width_taper if width_taper > 0 else -width_taper},
        ("width_taper",),
    )
