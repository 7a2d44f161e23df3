"""What the pieces weigh: volume times density. Judgements in kg: they size nothing."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.weights import weight_of


@rule(source="geometry", label="weight of the box", per="drawer", unit="kg", judgement=True)
def box_weight(
    side_length_cut: Mm,
    wall_height_cut: Mm,
    back_wall_height_cut: Mm,
    side_thickness: Mm,
    side_density: Fraction,
    front_wall_weight: float,
    box_back_length_cut: Mm,
    box_back_thickness: Mm,
    box_back_density: Fraction,
    bottom_weight: float = 0.0,
) -> float:
    """The box weighs what its sides, front, back and bottom do: volume times density."""
    sides = weight_of(2 * side_length_cut * wall_height_cut * side_thickness, side_density)
    back = weight_of(box_back_length_cut * back_wall_height_cut * box_back_thickness, box_back_density)
    return sides + front_wall_weight + back + bottom_weight


@rule(source="geometry", label="weight of the bottom", per="box_bottomed", unit="kg", judgement=True)
def bottom_weight(bottom_width_cut: Mm, bottom_depth_cut: Mm, bottom_thickness: Mm, bottom_density: Fraction) -> float:
    """The bottom weighs its volume times its density."""
    return weight_of(bottom_width_cut * bottom_depth_cut * bottom_thickness, bottom_density)


@rule(source="geometry", label="weight of the front", per="fronted", unit="kg", judgement=True)
def front_weight(front_width_cut: Mm, front_height_cut: Mm, front_thickness: Mm, front_density: Fraction) -> float:
    """The front weighs its volume times its density."""
    return weight_of(front_width_cut * front_height_cut * front_thickness, front_density)


@rule(source="geometry", label="weight of a divider", per="divided.board", unit="kg", judgement=True)
def divider_weight(
    divider_length_cut: Mm, divider_depth_cut: Mm, divider_thickness: Mm, divider_density: Fraction
) -> float:
    """A divider weighs its volume times its density."""
    return weight_of(divider_length_cut * divider_depth_cut * divider_thickness, divider_density)


@rule(source="geometry", label="weight carried in", per="drawer", unit="kg", judgement=True)
def carried_weight(
    box_weight: float,
    front_weight: float = 0.0,
    fitted_weight: float = 0.0,
    mat_weight: float = 0.0,
    contents_weight: Fraction | None = None,
) -> float:
    """Carried in, a drawer weighs its box, its front, what is fitted inside, its mat and what stays in it."""
    contents = 0.0 if contents_weight is None else float(contents_weight)
    return box_weight + front_weight + fitted_weight + mat_weight + contents


@rule(source="common practice", label="load of the runners", per="rated", unit="share", judgement=True)
def runner_load(carried_weight: float, runner_rating: Fraction) -> float:
    """Of its rating a pair of runners carries what drawer, front and contents weigh.

    The rating is for the pair at its length, as the sheet that came with it says.
    """
    return float(carried_weight) / float(runner_rating) if runner_rating > 0 else 0.0
