"""Pockets behind each other: partitions run across, screwed from the sides. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many, snap_down
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.organizers.pocketed import PARTITIONS, POCKETED, begins, partition, shared_out

POCKETS = "fitted.pockets"

alternative(
    POCKETS,
    title="Pockets behind each other",
    about="Partitions across, screwed so that they may move; blocks keep tools from sliding.",
    shares=(POCKETED, "from_inside"),
    order=6,
)


@rule(source="common practice", label="depths of the pockets", per=POCKETS)
def pocket_depths(inside_depth: Mm, side_thickness: Mm, wanted_pockets: tuple[Mm, ...] | None = None) -> tuple[Mm, ...]:
    """From the front, as told; the last takes what is left.

    Raises:
        CannotDerive: ``no-room-for-pockets``, ``too-many-pockets``.
    """
    return shared_out(inside_depth, side_thickness, wanted_pockets)


@rule(source="geometry", label="pockets begin, to the back", per=POCKETS)
def pocket_fronts(pocket_depths: tuple[Mm, ...], side_thickness: Mm) -> tuple[Mm, ...]:
    """Each begins behind those before it, and their partitions."""
    return begins(pocket_depths, side_thickness)


@rule(source="geometry", label="widths of the pockets", per=POCKETS)
def pocket_widths(inside_width: Mm, pocket_depths: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each is as wide as the inside."""
    return (inside_width,) * how_many(*pocket_depths).numerator


@rule(source="geometry", label="pockets begin, to the right", per=POCKETS)
def pocket_lefts(pocket_depths: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each begins at the left side."""
    return (NOTHING,) * how_many(*pocket_depths).numerator


@rule(source="common practice", label="length of the partitions", per=POCKETS)
def pocket_run_cut(inside_width: Mm, increment: Mm) -> Mm:
    """A partition reaches from side to side, down to the shop's increment."""
    return snap_down(inside_width, increment)


@rule(source="geometry", label="partitions begin, from the inside corner", per=POCKETS)
def pocket_partitions(pocket_fronts: tuple[Mm, ...], side_thickness: Mm) -> tuple[Mm, ...]:
    """Each stands before its pocket."""
    return tuple(at - side_thickness for at in pocket_fronts[1:])


def across(number: int) -> Callable[..., Stand]:
    """Where the partition of this number stands."""

    def pocket_partition(
        inside_from_left: Mm,
        inside_width: Mm,
        pocket_run_cut: Mm,
        inside_from_front: Mm,
        pocket_partitions: tuple[Mm, ...],
        inside_from_floor: Mm,
    ) -> Stand:
        """On the floor, between the sides."""
        left = inside_from_left + (inside_width - pocket_run_cut) / 2
        return Stand(left, inside_from_front + pocket_partitions[number], inside_from_floor, "across", "up", 1)

    return pocket_partition


for number in range(len(PARTITIONS)):
    partition(number, POCKETS)(across(number))
