"""Lanes beside each other: partitions run from the front to the back, screwed from both ends. Exact mm."""

from __future__ import annotations

from collections.abc import Callable

from vasculum.core.catalogue import alternative, rule
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many, snap_down
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.organizers.pocketed import PARTITIONS, POCKETED, begins, partition, shared_out

LANES = "fitted.lanes"

alternative(
    LANES,
    title="Lanes beside each other",
    about="Partitions from front to back, screwed so that they may move; blocks keep tools from sliding.",
    shares=(POCKETED, "from_inside"),
    order=7,
)


@rule(source="common practice", per=LANES)
def pocket_widths(inside_width: Mm, side_thickness: Mm, wanted_pockets: tuple[Mm, ...] | None = None) -> tuple[Mm, ...]:
    """From the left, as told; the last takes what is left.

    Raises:
        CannotDerive: ``no-room-for-pockets``, ``too-many-pockets``.
    """
    return shared_out(inside_width, side_thickness, wanted_pockets)


@rule(source="geometry", per=LANES)
def pocket_lefts(pocket_widths: tuple[Mm, ...], side_thickness: Mm) -> tuple[Mm, ...]:
    """Each begins right of those before it, and their partitions."""
    return begins(pocket_widths, side_thickness)


@rule(source="geometry", per=LANES)
def pocket_depths(inside_depth: Mm, pocket_widths: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each is as deep as the inside."""
    return (inside_depth,) * how_many(*pocket_widths).numerator


@rule(source="geometry", per=LANES)
def pocket_fronts(pocket_widths: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each begins behind the front."""
    return (NOTHING,) * how_many(*pocket_widths).numerator


@rule(source="common practice", per=LANES)
def pocket_run_cut(inside_depth: Mm, increment: Mm) -> Mm:
    """A partition reaches from front to back, down to the shop's increment."""
    return snap_down(inside_depth, increment)


@rule(source="geometry", per=LANES)
def pocket_partitions(pocket_lefts: tuple[Mm, ...], side_thickness: Mm) -> tuple[Mm, ...]:
    """Each stands left of its pocket."""
    return tuple(at - side_thickness for at in pocket_lefts[1:])


def along(number: int) -> Callable[..., Stand]:
    """Where the partition of this number stands."""

    def pocket_partition(
        inside_from_left: Mm,
        pocket_partitions: tuple[Mm, ...],
        inside_from_front: Mm,
        inside_depth: Mm,
        pocket_run_cut: Mm,
        inside_from_floor: Mm,
    ) -> Stand:
        """On the floor, between front and back."""
        back = inside_from_front + (inside_depth - pocket_run_cut) / 2
        return Stand(inside_from_left + pocket_partitions[number], back, inside_from_floor, "back", "up", 1)

    return pocket_partition


for number in range(len(PARTITIONS)):
    partition(number, LANES)(along(number))
