"""What stands in for parts that come out or never were: a stiffener behind a rail, a partition for a wall. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along, shortest


@piece(
    "stiffener",
    per="stood_in.stiffener",
    title="Stiffener",
    length="stand_in_length",
    width="stand_in_width",
    thickness="stand_in_thickness",
    stock="hardwood_strip",
    order=42,
)
def stiffener() -> None:
    """A stiffener is glued and screwed where who builds it says."""


@piece(
    "partition",
    per="stood_in.partition",
    title="Partition",
    length="stand_in_length",
    width="stand_in_width",
    thickness="stand_in_thickness",
    stock="sheet_in_hand",
    order=42,
)
def partition() -> None:
    """A partition stands where who builds it says."""


@rule(source="from memory", label="screws of the stiffener", per="stood_in.stiffener", unit="count")
def stiffener_screws(stand_in_length: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Along a stiffener screws stand as along any joint, two at least; it is glued as well."""
    return Mm(count_along(stand_in_length, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="common practice", label="length of screws of the stiffener", per="stood_in.stiffener")
def stiffener_screw_length(stand_in_thickness: Mm, least_screw_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through the stiffener and bites into the rail; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, stand_in_thickness + least_screw_bite, "screw")


good(
    "screw",
    per="stood_in.stiffener",
    title="Screw for the stiffener",
    count="stiffener_screws",
    size="stiffener_screw_length",
    through=("stand_in_thickness",),
    holds="next_board",
)
