"""Box joint: fingers of sides and ends interlock, both full length. Exact mm, along the grain."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, SIDES, odd_near
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "joint.finger",
    "back.finger",
    title="Box joint",
    about="Fingers interlock; much glue, shows its ends. A jig at the saw or router.",
    needs="finger_jig;table_saw|router",
    instead="Mark and cut by hand with a fine saw and chisels: an hour a corner.",
    shares={"joint.finger": ("front_walled", "across_front"), "back.finger": ("across_back",)},
    order=7,
)


@rule(source="common practice", per="joint.finger")
def box_front_length(box_width: Mm) -> Mm:
    """The front runs the full width of the box, its fingers through the sides."""
    return box_width


@rule(source="common practice", per="back.finger")
def box_back_length(outside_width: Mm) -> Mm:
    """The back runs the full width of the box, its fingers through the sides."""
    return outside_width


@rule(source="geometry", per="joint.finger")
def outside_width(box_front_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return box_front_length_cut


@rule(source="geometry", per="joint.finger")
def side_loss_front() -> Mm:
    """The sides run through the front: they lose nothing."""
    return NOTHING


@rule(source="geometry", per="back.finger")
def side_loss_back() -> Mm:
    """The sides run through the back: they lose nothing."""
    return NOTHING


@rule(source="common practice", label="number of fingers at the box front", per="joint.finger", unit="count")
def finger_count_front(wall_height_cut: Mm, side_thickness: Mm) -> Mm:
    """Fingers are about as wide as the side is thick, the odd count nearest to height over thickness, from three up."""
    return odd_near(wall_height_cut / side_thickness)


@rule(source="geometry", label="width of a finger at the box front", per="joint.finger")
def finger_width_front(wall_height_cut: Mm, finger_count_front: Mm) -> Mm:
    """Fingers share the height of the wall; the first and the last are of the same part."""
    return wall_height_cut / finger_count_front


@rule(source="common practice", label="number of fingers at the box back", per="back.finger", unit="count")
def finger_count_back(back_wall_height_cut: Mm, side_thickness: Mm) -> Mm:
    """Fingers are about as wide as the side is thick, the odd count nearest to height over thickness, from three up."""
    return odd_near(back_wall_height_cut / side_thickness)


@rule(source="geometry", label="width of a finger at the box back", per="back.finger")
def finger_width_back(back_wall_height_cut: Mm, finger_count_back: Mm) -> Mm:
    """Fingers share the height of the back; the first and the last are of the same part."""
    return back_wall_height_cut / finger_count_back


for family, end in ENDS:
    cut(
        "fingers",
        per=f"{family}.finger",
        into=SIDES,
        title="Fingers",
        face="through",
        datums=end,
        begins="back_wall_from_edge" if end == "back" else "",
        length=f"box_{end}_thickness",
        first=1,
        width=f"finger_width_{end}",
        count=f"finger_count_{end}",
    )
    cut(
        "fingers",
        per=f"{family}.finger",
        into=f"box_{end}",
        title="Fingers",
        face="through",
        datums=BOTH_ENDS,
        length="side_thickness",
        width=f"finger_width_{end}",
        count=f"finger_count_{end}",
    )
