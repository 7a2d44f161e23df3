"""Dividers between what they divide: screws through what they end at, or pocket screws, at both ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many
from vasculum.core.rules.fastening.sold import pocket_length, screw_for, shortest


@rule(
    source="common practice",
    label="number of fasteners at the ends of the dividers",
    per="divided.board",
    unit="count",
)
def divider_fastener_count(each_weight: tuple[Mm, ...], divider_held_ends: Mm, divider_fixings: tuple[Mm, ...]) -> Mm:
    """Each divider is held alike at all ends where it is held."""
    return divider_held_ends * (len(each_weight) - 1) * how_many(*divider_fixings)


@rule(
    source="common practice",
    label="length of pocket screws of the dividers",
    per=("divided.board", "divider_held.pocket"),
)
def divider_pocket_length(
    divider_thickness: Mm, pocket_thicknesses: tuple[Mm, ...], pocket_lengths: tuple[Mm, ...]
) -> Mm:
    """Pocket screws go by the thickness of the divider that is drilled."""
    return pocket_length(divider_thickness, divider_thickness, pocket_thicknesses, pocket_lengths)


good(
    "pocket_screw",
    per=("divided.board", "divider_held.pocket"),
    title="Pocket screw for dividers",
    count="divider_fastener_count",
    size="divider_pocket_length",
    through=("divider_thickness",),
    holds="next_board",
)


@rule(source="from memory", label="length of screws of the dividers", per=("divided.board", "divider_held.screws"))
def divider_screw_length(divider_passed: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through what the divider ends at, and bites into its end; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, divider_passed + edge_bite, "screw")


@rule(
    source="common practice", label="diameter of screws of the dividers", per=("divided.board", "divider_held.screws")
)
def divider_screw_diameter(divider_thickness: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the end of the divider takes."""
    return screw_for(divider_thickness, screw_diameters, edge_diameters)


good(
    "screw",
    per=("divided.board", "divider_held.screws"),
    title="Screw for dividers",
    count="divider_fastener_count",
    size="divider_screw_length",
    through=("divider_passed",),
    holds="divider_ends",
    gauge="divider_screw_diameter",
)
