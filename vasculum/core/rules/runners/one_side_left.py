"""A box carried on its left side: where box, runners and carrier stand. Exact mm, from the clear left of the space."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.runners.one_side import ONE_SIDE

KIND = (ONE_SIDE, "carried_on.left")

alternative("carried_on.left", title="The left", about="Its carrier is on the wall at the left.", order=1)


@rule(source="geometry", per=("drawer", *KIND))
def box_from_left(carried_from_left: Mm, carrier_out: Mm, beside_box: Mm) -> Mm:
    """The box stands beside its runners."""
    return carried_from_left + carrier_out + beside_box


@rule(source="geometry", label="carrier begins, from the left", per=KIND)
def carrier_from_left(carried_from_left: Mm, carrier_packing: Mm) -> Mm:
    """Before its strip."""
    return carried_from_left + carrier_packing


@rule(source="geometry", label="strip behind the carrier begins, from the left", per=KIND)
def strip_from_left(carried_from_left: Mm) -> Mm:
    """At the wall."""
    return carried_from_left


@rule(source="geometry", label="runners on one side begin, from the left", per=KIND)
def two_from_left(carried_from_left: Mm, carrier_out: Mm) -> Mm:
    """Between carrier and box."""
    return carried_from_left + carrier_out


for title, line in (
    ("Line of the lower runner", "lower_of_two_on_wall"),
    ("Line of the upper runner", "upper_of_two_on_wall"),
):
    cut("line", per=KIND, into="side_left", title=title, face="outside", at=line)
for title, line in (("Line of the lower runner", "lower_of_two"), ("Line of the upper runner", "upper_of_two")):
    cut("line", per=KIND, into="carrier", title=title, face="inside", at=line)
