"""Integral front: the face itself is the front of the box; sides are butted to its back, or housed in it. Exact mm.

The depth of the box is what stands behind the face, as with an applied front; with the face it is deeper by its
thickness.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.cutting import cut_down
from vasculum.core.rules.joints.ends import BOTH_ENDS, within

alternative(
    "joint.integral",
    title="Integral front",
    about="The face itself is the front of the box: one board less, and its joint is seen from within only.",
    needs="router|dado_set|table_saw",
    instead="Butt the sides to the back of the face, with screws or dowels.",
    order=11,
)


@rule(source="common practice", per="joint.integral")
def side_loss_front(front_housing: Mm) -> Mm:
    """The sides lose nothing to the face: housed in its back they are longer by the depth of the housing."""
    return -front_housing


@rule(source="common practice", label="depth of the housing in the front", per="joint.integral")
def front_housing(housing_depth: Mm, front_thickness: Mm) -> Mm:
    """The housing is as deep as was chosen, nothing where the sides are butted, and never through the face.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return within(housing_depth, front_thickness, "housing") if housing_depth > 0 else housing_depth


@rule(source="common practice", per="joint.integral")
def outside_width(box_width: Mm, increment: Mm) -> Mm:
    """Over the sides the box is what its runners leave, down to the shop's increment.

    Raises:
        CannotDerive: ``nothing-left-to-cut``.
    """
    return cut_down(box_width, increment, "The width of the box")


@rule(source="geometry", label="box front takes of the depth", per="joint.integral")
def front_wall() -> Mm:
    """Of the depth behind the face no front wall takes anything."""
    return Mm(0)


@rule(source="geometry", label="thickness that the front joint is cut in", per="joint.integral")
def front_stock(front_thickness: Mm) -> Mm:
    """What is cut into the front is cut into the back of the face."""
    return front_thickness


@rule(source="geometry", label="weight of the box front", per="joint.integral", unit="kg", judgement=True)
def front_wall_weight() -> float:
    """There is no box front: the face is weighed as the front."""
    return 0.0


@rule(source="geometry", label="groove above the front's lower edge", per=("joint.integral", "in_grooves"))
def face_groove_from_edge(front_edge_to_box_edge: Mm, bottom_raise: Mm) -> Mm:
    """On the face the groove begins above its lower edge by where the box begins and what stands below the bottom."""
    return front_edge_to_box_edge + bottom_raise


for hand in BOTH_ENDS:
    cut(
        "dado",
        per="joint.integral",
        into="front",
        title=f"Housing for the {hand} side",
        datums=hand,
        at=f"front_overhang_{hand}",
        width="side_thickness",
        depth="front_housing",
    )
cut(
    "stopped_groove",
    per=("joint.integral", "in_grooves"),
    into="front",
    title="Groove for the bottom",
    at="face_groove_from_edge",
    width="groove_width",
    depth="groove_depth_front",
    begins="front_overhang_left",
    length="outside_width",
)
cut(
    "stopped_groove",
    per=("joint.integral", "bottom.in_rabbet"),
    into="front",
    title="Groove for the bottom's edge",
    at="front_edge_to_box_edge",
    width="bottom_thickness",
    depth="edge_rabbet_front",
    begins="front_overhang_left",
    length="outside_width",
)
