"""Bottom planted under the box with glue, brads or screws. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.rules.bottoms.lying import bottom_piece

alternative(
    "bottom.planted",
    title="Planted under the box",
    about="Quickest; loses only the bottom's thickness, and its edge shows.",
    order=2,
)


@rule(source="common practice", per="bottom.planted")
def wall_height(box_height: Mm, bottom_thickness: Mm) -> Mm:
    """The walls stand on the bottom, so its thickness comes off their height.

    Raises:
        CannotDerive: ``no-height-for-walls``.
    """
    height = box_height - bottom_thickness
    if height <= 0:
        raise CannotDerive(
            "no-height-for-walls",
            "A bottom {bottom_thickness} thick fills a box {box_height} high.",
            "Use a thinner bottom, or make the box higher.",
            bottom_thickness=bottom_thickness,
            box_height=box_height,
        )
    return height


@rule(source="geometry", per="bottom.planted")
def outside_height(wall_height_cut: Mm, bottom_thickness: Mm) -> Mm:
    """Assembled, the box is as high as its walls and the bottom under them."""
    return wall_height_cut + bottom_thickness


@rule(source="common practice", per="bottom.planted")
def bottom_width(outside_width: Mm) -> Mm:
    """The bottom covers the whole width of the box.

    Left to right.
    """
    return outside_width


@rule(source="common practice", per="bottom.planted")
def bottom_depth(outside_depth: Mm) -> Mm:
    """The bottom covers the whole depth of the box.

    Front to back.
    """
    return outside_depth


@rule(source="common practice", per="bottom.planted")
def bottom_loss(bottom_thickness: Mm) -> Mm:
    """A planted bottom takes its own thickness."""
    return bottom_thickness


@rule(source="geometry", per="bottom.planted")
def inside_height(wall_height_cut: Mm) -> Mm:
    """Inside is as high as the walls, for the bottom lies under them."""
    return wall_height_cut


@rule(source="geometry", label="runner line on the side piece", per=("lined", "bottom.planted"))
def runner_line_on_wall(box_runner_line: Mm, bottom_thickness: Mm) -> Mm:
    """The walls begin above the bottom, so its thickness comes off the runner line on the side.

    Above the side's lower edge.
    """
    return box_runner_line - bottom_thickness


@rule(source="common practice", per="bottom.planted")
def back_wall_height(wall_height_cut: Mm) -> Mm:
    """The back is as high as the sides are cut."""
    return wall_height_cut


@bottom_piece(per="bottom.planted")
def bottom(
    box_from_left: Mm,
    outside_width: Mm,
    bottom_width_cut: Mm,
    set_back: Mm,
    outside_depth: Mm,
    bottom_depth_cut: Mm,
    box_from_floor: Mm,
) -> Stand:
    """A planted bottom lies under the middle of the box."""
    across = box_from_left + (outside_width - bottom_width_cut) / 2
    return Stand(across, set_back + (outside_depth - bottom_depth_cut) / 2, box_from_floor, "across", "back", 1)
