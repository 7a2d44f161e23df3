"""What the tape said, and which reading governs.

A reading is a place of its own below its survey, so a station may be missing, or taken several times. Exact mm.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="narrowest width", per="survey.width")
def governing_width(each_width: tuple[Mm | None, ...]) -> Mm:
    """The narrowest reading governs the width.

    Raises:
        CannotDerive: ``no-width-read``.
    """
    return smallest(*_at_least_one(each_width, "width", "left to right"))


@rule(source="common practice", label="lowest height", per="survey.height")
def governing_height(each_height: tuple[Mm | None, ...]) -> Mm:
    """The lowest reading governs the height.

    Raises:
        CannotDerive: ``no-height-read``.
    """
    return smallest(*_at_least_one(each_height, "height", "from the floor up"))


@rule(source="common practice", label="shallowest depth", per="survey.depth")
def governing_depth(each_depth: tuple[Mm | None, ...]) -> Mm:
    """The shallowest reading governs the depth.

    From the front face of the case or frame to the nearest thing behind.

    Raises:
        CannotDerive: ``no-depth-read``.
    """
    return smallest(*_at_least_one(each_depth, "depth", "from the front face to the back"))


def _at_least_one(readings: tuple[Mm | None, ...], size: str, how: str) -> tuple[Mm, ...]:
    found = taken(readings)
    if not found:
        raise CannotDerive(f"no-{size}-read", f"No {size} has been read here yet.", f"Measure the {size}, {how}.")
    return found


@rule(source="common practice", label="widest less narrowest", per="survey.width")
def width_spread(each_width: tuple[Mm | None, ...]) -> Mm:
    """The spread is the widest reading less the narrowest."""
    found = _at_least_one(each_width, "width", "left to right")
    return largest(*found) - smallest(*found)


@rule(source="geometry", per="width_at.front")
def front_width(width: Mm) -> Mm:
    """A width taken at the front."""
    return width


@rule(source="geometry", label="width at the back", per="width_at.back")
def back_width(width: Mm) -> Mm:
    """A width taken at the back."""
    return width


@rule(source="geometry", label="width in the middle", per="width_at.middle")
def middle_width(width: Mm) -> Mm:
    """A width taken in the middle."""
    return width


@rule(source="geometry", label="width at the front, low", per="width_at.front_low")
def front_low_width(width: Mm) -> Mm:
    """A width taken at the front, low."""
    return width


@rule(source="geometry", label="width at the front, high", per="width_at.front_high")
def front_high_width(width: Mm) -> Mm:
    """A width taken at the front, high."""
    return width


@rule(source="geometry", label="width at the back, low", per="width_at.back_low")
def back_low_width(width: Mm) -> Mm:
    """A width taken at the back, low."""
    return width


@rule(source="geometry", label="width at the back, high", per="width_at.back_high")
def back_high_width(width: Mm) -> Mm:
    """A width taken at the back, high."""
    return width


@rule(source="common practice", label="walls bulge in the middle by", per="survey.bulging")
def width_bulge(
    each_front_width: tuple[Mm | None, ...],
    each_middle_width: tuple[Mm | None, ...],
    each_back_width: tuple[Mm | None, ...],
) -> Mm:
    """The bulge is what the middle is narrower than halfway between front and back.

    Plus bulges in. Asked only where all three were read.
    """
    ends = smallest(*taken(each_front_width)) + smallest(*taken(each_back_width))
    return ends / 2 - smallest(*taken(each_middle_width))


@rule(source="common practice", label="walls twist by", per="survey.twisting")
def width_twist(
    each_front_low_width: tuple[Mm | None, ...],
    each_front_high_width: tuple[Mm | None, ...],
    each_back_low_width: tuple[Mm | None, ...],
    each_back_high_width: tuple[Mm | None, ...],
) -> Mm:
    """The twist is what the walls open upwards more at the front than at the back.

    Asked only where front and back were read low and high.
    """
    front = smallest(*taken(each_front_high_width)) - smallest(*taken(each_front_low_width))
    back = smallest(*taken(each_back_high_width)) - smallest(*taken(each_back_low_width))
    return front - back


@rule(source="common practice", label="width narrows towards the back by", per="survey.tapered")
def width_taper(each_front_width: tuple[Mm | None, ...], each_back_width: tuple[Mm | None, ...]) -> Mm:
    """The taper is the narrowest width at the front less the narrowest at the back.

    Plus narrows towards the back. Asked only where both ends were read.
    """
    return smallest(*taken(each_front_width)) - smallest(*taken(each_back_width))


@rule(source="geometry", label="opening leans by", per="survey.diagonals")
def lean(
    each_diagonal_rising_right: tuple[Mm | None, ...],
    each_diagonal_rising_left: tuple[Mm | None, ...],
    governing_width: Mm,
) -> Mm:
    """The lean over the whole height is the difference of the squared diagonals over four widths.

    For a parallelogram; plus leans right. Asked only where both diagonals were read.
    """
    rising_right = smallest(*taken(each_diagonal_rising_right))
    rising_left = smallest(*taken(each_diagonal_rising_left))
    return (rising_right * rising_right - rising_left * rising_left) / (4 * governing_width)


@rule(source="common practice", label="width of the frame's hole", per="survey.frame")
def frame_width(governing_width: Mm) -> Mm:
    """The face frame's opening is as wide as its narrowest reading."""
    return governing_width


@rule(source="common practice", label="height of the frame's hole", per="survey.frame")
def frame_height(governing_height: Mm) -> Mm:
    """The face frame's opening is as high as its lowest reading."""
    return governing_height


@rule(source="common practice", label="width of the inside", per="survey.case")
def case_width(governing_width: Mm) -> Mm:
    """The inside of the case is as wide as its narrowest reading."""
    return governing_width


@rule(source="common practice", label="height of the inside", per="survey.case_height")
def case_height(governing_height: Mm) -> Mm:
    """The inside of the case is as high as its lowest reading."""
    return governing_height


@rule(source="common practice", label="depth of the inside as measured", per="survey.case_depth")
def case_depth(governing_depth: Mm) -> Mm:
    """The case is as deep as its shallowest reading."""
    return governing_depth


@rule(source="common practice", label="usable width of the space", per="survey.niche_width")
def space_width(governing_width: Mm, lean: Mm = NOTHING) -> Mm:
    """What is built upright between walls that lean alike has the narrowest width less the lean.

    Walls 24 in apart that lean by 1/2 take only 23 1/2 upright.
    """
    return governing_width - (lean if lean > 0 else -lean)


@rule(source="common practice", label="height of the space as measured", per="survey.niche_height")
def space_height(governing_height: Mm) -> Mm:
    """The space is as high as its lowest reading."""
    return governing_height


@rule(source="common practice", label="depth of the space as measured", per="survey.niche_depth")
def space_depth(governing_depth: Mm) -> Mm:
    """The space is as deep as its shallowest reading."""
    return governing_depth
