"""Doubts about what was measured."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import taken


@check(source="common practice", per=("survey.width", "survey.measured"))
def width_taken_once(each_width: tuple[Mm | None, ...]) -> Finding | None:
    """A width is taken at more than one station."""
    return _once("width", taken(each_width), "Take it at the front, middle and back, low and high.")


@check(source="common practice", per=("survey.height", "survey.measured"))
def height_taken_once(each_height: tuple[Mm | None, ...]) -> Finding | None:
    """A height is taken at more than one station."""
    return _once("height", taken(each_height), "Take it left and right.")


@check(source="common practice", per=("survey.depth", "survey.measured"))
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


@check(source="from memory", per=("survey.width", "survey.measured"))
def narrowest_stands_alone(each_width: tuple[Mm | None, ...], doubtful: Mm) -> Finding | None:
    """The width that governs is near the next one."""
    return _alone("width", taken(each_width), doubtful)


@check(source="from memory", per=("survey.height", "survey.measured"))
def lowest_stands_alone(each_height: tuple[Mm | None, ...], doubtful: Mm) -> Finding | None:
    """The height that governs is near the next one."""
    return _alone("height", taken(each_height), doubtful)


@check(source="from memory", per=("survey.depth", "survey.measured"))
def shallowest_stands_alone(each_depth: tuple[Mm | None, ...], doubtful: Mm) -> Finding | None:
    """The depth that governs is near the next one."""
    return _alone("depth", taken(each_depth), doubtful)


def _alone(size: str, readings: tuple[Mm, ...], doubtful: Mm) -> Finding | None:
    """Where three or more were read and one of them is far below the rest: it governs, so it is asked about."""
    if len(readings) < 2 + 1:
        return None
    first, second, *_ = sorted(readings)
    if second - first < doubtful:
        return None
    return Finding(
        f"{size}-stands-alone",
        "note",
        f"The smallest {size}, {{first}}, is {{off}} below the next one.",
        "Read it again: it governs. If something stands there, note it as in the way.",
        {"first": first, "off": second - first},
        (f"governing_{size}",),
    )


@check(source="geometry", per="survey.diagonals")
def diagonals_are_longer_than_sides(
    each_diagonal_rising_right: tuple[Mm | None, ...],
    each_diagonal_rising_left: tuple[Mm | None, ...],
    governing_width: Mm,
    governing_height: Mm,
) -> Finding | None:
    """A diagonal is longer than either side."""
    for diagonal in (*taken(each_diagonal_rising_right), *taken(each_diagonal_rising_left)):
        for side, name in ((governing_width, "width"), (governing_height, "height")):
            if diagonal <= side:
                return Finding(
                    "diagonal-shorter-than-side",
                    "attention",
                    f"A diagonal of {{diagonal}} contradicts the {name} of {{side}}: it cannot be shorter.",
                    "Read both again.",
                    {"diagonal": diagonal, "side": side},
                    (f"governing_{name}",),
                )
    return None


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


@check(source="common practice", per="survey.bulging")
def walls_run_straight(width_bulge: Mm, tape_tolerance: Mm) -> Finding | None:
    """Between front and back the walls run straight, as far as a tape can tell."""
    if -tape_tolerance <= width_bulge <= tape_tolerance:
        return None
    way = "in" if width_bulge > 0 else "out"
    return Finding(
        "walls-bulge",
        "note",
        f"In the middle the walls bulge {way} by {{bulge}}, both together.",
        "The strips are shaped station by station, so that the runners stay straight.",
        {"bulge": width_bulge if width_bulge > 0 else -width_bulge},
        ("width_bulge",),
    )


@check(source="common practice", per="survey.twisting")
def walls_do_not_twist(width_twist: Mm, tape_tolerance: Mm) -> Finding | None:
    """The walls open upwards alike at the front and at the back, as far as a tape can tell."""
    if -tape_tolerance <= width_twist <= tape_tolerance:
        return None
    return Finding(
        "walls-twist",
        "note",
        "From low to high the walls open by {twist} more at one end than at the other: they twist.",
        "Set each strip by a straight edge from front to back, not by the wall.",
        {"twist": width_twist if width_twist > 0 else -width_twist},
        ("width_twist",),
    )
