"""A mat on the floor of a drawer: cut from a sheet of its own, loose or glued. Exact mm."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.organizers.inside import INSIDE
from vasculum.core.weights import weight_of

MATTED = "matted"
IN_LISTS = 8
"""Where it stands among the parts of its drawer."""


def over_mat(outside_height: Mm, bottom_loss: Mm, mat_thickness: Mm) -> Mm:
    """Inside is what bottom and mat leave of the outside height.

    Raises:
        CannotDerive: ``no-inside-height``.
    """
    height = outside_height - bottom_loss - mat_thickness
    if height <= 0:
        raise CannotDerive(
            "no-inside-height",
            "A mat {mat_thickness} thick fills a box {outside_height} high.",
            "Use a thinner mat, or make the box higher.",
            mat_thickness=mat_thickness,
            outside_height=outside_height,
        )
    return height


over_mat.__name__ = "inside_height"
for bottom in ("bottom.planted", "in_grooves", "flush_bottom"):
    rule(source="geometry", per=(bottom, MATTED))(over_mat)


@rule(source="geometry", per=(INSIDE, MATTED))
def inside_from_floor(box_from_floor: Mm, bottom_loss: Mm, mat_thickness: Mm) -> Mm:
    """What is built in stands on the mat."""
    return box_from_floor + bottom_loss + mat_thickness


@rule(source="common practice", label="width of the mat", per=MATTED)
def mat_width_cut(inside_width: Mm, mat_play: Mm, increment: Mm) -> Mm:
    """A mat is as wide as the inside, less its play."""
    return snap_down(inside_width - mat_play, increment)


@rule(source="common practice", label="depth of the mat", per=MATTED)
def mat_depth_cut(inside_depth: Mm, mat_play: Mm, increment: Mm) -> Mm:
    """A mat is as deep as the inside, less its play."""
    return snap_down(inside_depth - mat_play, increment)


@rule(source="geometry", label="weight of the mat", per=MATTED, unit="kg", judgement=True)
def mat_weight(mat_width_cut: Mm, mat_depth_cut: Mm, mat_thickness: Mm, mat_density: Fraction) -> float:
    """A mat weighs its volume times its density."""
    return weight_of(mat_width_cut * mat_depth_cut * mat_thickness, mat_density)


@piece(
    "mat",
    per=MATTED,
    title="Mat",
    length="mat_width_cut",
    width="mat_depth_cut",
    thickness="mat_thickness",
    stock="mat_sheet",
    moves=True,
    order=IN_LISTS,
)
def mat(
    inside_from_left: Mm,
    inside_width: Mm,
    mat_width_cut: Mm,
    inside_from_front: Mm,
    inside_depth: Mm,
    mat_depth_cut: Mm,
    inside_from_floor: Mm,
    mat_thickness: Mm,
) -> Stand:
    """On the bottom, in the middle."""
    across = inside_from_left + (inside_width - mat_width_cut) / 2
    back = inside_from_front + (inside_depth - mat_depth_cut) / 2
    return Stand(across, back, inside_from_floor - mat_thickness, "across", "back", 1)
