"""Rabbet in front and back: the ends run full width, the sides reach into their rabbets.

A rabbet is cut into its own part's thickness; it is as wide as the side is thick. Exact mm, along the grain.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import BOTH_ENDS, ENDS, half_depth

alternative(
    "joint.rabbet_in_ends",
    "back.rabbet_in_ends",
    title="Rabbet in front and back",
    about="Ends run full width and are cut as one piece, so the width is sure. Needs a router or dado set.",
    needs="router|dado_set|table_saw",
    instead="Glue a narrower layer onto a wider one: the step is the rabbet.",
    shares={"joint.rabbet_in_ends": ("front_walled", "across_front"), "back.rabbet_in_ends": ("across_back",)},
    order=2,
)


@rule(source="common practice", label="depth of the rabbet in the box front", per="joint.rabbet_in_ends")
def rabbet_depth_front(box_front_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the front is half its thickness deep, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_front_thickness, thickness_increment, wanted_rabbet_depth)


@rule(source="common practice", label="depth of the rabbet in the box back", per="back.rabbet_in_ends")
def rabbet_depth_back(box_back_thickness: Mm, thickness_increment: Mm, wanted_rabbet_depth: Mm | None = None) -> Mm:
    """The rabbet in the back is half its thickness deep, down to the increment for thickness, unless chosen.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(box_back_thickness, thickness_increment, wanted_rabbet_depth)


@rule(source="common practice", per="joint.rabbet_in_ends")
def box_front_length(box_width: Mm) -> Mm:
    """The front runs the full width of the box."""
    return box_width


@rule(source="common practice", per="back.rabbet_in_ends")
def box_back_length(outside_width: Mm) -> Mm:
    """The back runs the full width of the box."""
    return outside_width


@rule(source="geometry", per="joint.rabbet_in_ends")
def outside_width(box_front_length_cut: Mm) -> Mm:
    """Assembled, the box is as wide as its cut front."""
    return box_front_length_cut


@rule(source="common practice", per="joint.rabbet_in_ends")
def side_loss_front(box_front_thickness: Mm, rabbet_depth_front: Mm) -> Mm:
    """The sides lose what is left of the front behind its rabbets."""
    return box_front_thickness - rabbet_depth_front


@rule(source="common practice", per="back.rabbet_in_ends")
def side_loss_back(box_back_thickness: Mm, rabbet_depth_back: Mm) -> Mm:
    """The sides lose what is left of the back behind its rabbets."""
    return box_back_thickness - rabbet_depth_back


for family, end in ENDS:
    cut(
        "rabbet",
        per=f"{family}.rabbet_in_ends",
        into=f"box_{end}",
        title="Rabbet for the sides",
        datums=BOTH_ENDS,
        width="side_thickness",
        depth=f"rabbet_depth_{end}",
    )
