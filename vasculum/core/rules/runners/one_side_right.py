"""A box carried on its right side: where box, runners and carrier stand. Exact mm, from the clear left of the space."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.runners.one_side import ONE_SIDE

KIND = (ONE_SIDE, "carried_on.right")

alternative("carried_on.right", title="The right", about="Its carrier is on the wall at the right.", order=2)


@rule(source="geometry", per=("drawer", *KIND))
def box_from_left(carried_from_left: Mm, free_width: Mm, carrier_out: Mm, beside_box: Mm, outside_width: Mm) -> Mm:
    """The box stands beside its runners."""
    return carried_from_left + free_width - carrier_out - beside_box - outside_width


@rule(source="geometry", label="carrier begins, from the left", per=KIND)
def carrier_from_left(carried_from_left: Mm, free_width: Mm, carrier_out: Mm) -> Mm:
    """Before its strip."""
    return carried_from_left + free_width - carrier_out


@rule(source="geometry", label="strip behind the carrier begins, from the left", per=KIND)
def strip_from_left(carried_from_left: Mm, free_width: Mm, carrier_packing: Mm) -> Mm:
    """At the wall."""
    return carried_from_left + free_width - carrier_packing


@rule(source="geometry", label="runners on one side begin, from the left", per=KIND)
def two_from_left(carried_from_left: Mm, free_width: Mm, carrier_out: Mm, beside_box: Mm) -> Mm:
    """Between carrier and box."""
    return carried_from_left + free_width - carrier_out - beside_box


for title, line in (
    ("Line of the lower runner", "lower_of_two_on_wall"),
    ("Line of the upper runner", "upper_of_two_on_wall"),
):
    cut("line", per=KIND, into="side_right", title=title, face="outside", at=line)
for title, line in (("Line of the lower runner", "lower_of_two"), ("Line of the upper runner", "upper_of_two")):
    cut("line", per=KIND, into="carrier", title=title, face="outside", at=line)
