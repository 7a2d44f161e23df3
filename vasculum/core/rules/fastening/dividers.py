"""Dividers between what they divide: screws through what they end at, or pocket screws, at both ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import count_along, pocket_length, screw_for, shortest


@rule(
    source="common practice",
    label="pocket screws of the dividers",
    per=("divided.board", "divider_held.pocket"),
    unit="count",
)
def divider_pockets(each_weight: tuple[Mm, ...], divider_depth_cut: Mm, pocket_margin: Mm, pocket_pitch: Mm) -> Mm:
    """Each divider takes pocket screws along both of its ends, two at least."""
    return Mm(2 * (len(each_weight) - 1) * count_along(divider_depth_cut, pocket_margin, pocket_pitch, 2))


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
    count="divider_pockets",
    size="divider_pocket_length",
    through=("divider_thickness",),
    holds="next_board",
)


@rule(
    source="common practice", label="screws of the dividers", per=("divided.board", "divider_held.screws"), unit="count"
)
def divider_screws(
    each_weight: tuple[Mm, ...], divider_depth_cut: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm
) -> Mm:
    """Each divider is held by screws along both of its ends, two at least."""
    return Mm(2 * (len(each_weight) - 1) * count_along(divider_depth_cut, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="from memory", label="length of screws of the dividers", per=("divided.board", "divider_held.screws"))
def divider_screw_length(divider_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through a board as thick as the divider, and bites into its end; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, divider_thickness + edge_bite, "screw")


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
    count="divider_screws",
    size="divider_screw_length",
    holds="divider_ends",
    gauge="divider_screw_diameter",
)
