"""Fixed partitions in a drawer, and blocks that keep tools from sliding: screwed, so that they may move. Exact mm.

Partitions are of the sides' sheet. Pockets are told in order, from the left or from the front; the last takes the rest.
"""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from typing import TypeVar

from vasculum.core.catalogue import good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many, snap_down, total
from vasculum.core.rules.fastening.sold import shortest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.weights import weight_of

POCKETED = "pocketed"
MOST_POCKETS = 6
"""In one drawer."""
IN_LISTS = 9
"""Where partitions and blocks stand among the parts of their drawer."""
PARTITIONS = tuple(f"pocket_partition_{number}" for number in range(1, MOST_POCKETS))
BLOCKS = tuple(f"pocket_block_{number}" for number in range(1, 2 * MOST_POCKETS + 1))
S = TypeVar("S", bound=Callable[..., Stand | None])


def shared_out(run: Mm, thickness: Mm, wanted: tuple[Mm, ...] | None) -> tuple[Mm, ...]:
    """Pockets as they were told, and the last one with what they and the partitions leave; two alike without a word.

    Raises:
        CannotDerive: ``no-room-for-pockets``, ``too-many-pockets``.
    """
    told = ((run - thickness) / 2,) if wanted is None else wanted
    rest = run - total(*told) - thickness * len(told)
    if len(told) >= MOST_POCKETS:
        raise CannotDerive(
            "too-many-pockets",
            "{many} pockets and the last one, with what is left: six are the most of one drawer.",
            "Take fewer, or another way to fit it.",
            many=Mm(len(told)),
        )
    if rest <= 0 or 0 in told:
        raise CannotDerive(
            "no-room-for-pockets",
            "Pockets of {told} together, with partitions of {thickness}, leave nothing of {run} for the last.",
            "Make them smaller, or take fewer.",
            told=total(*told),
            thickness=thickness,
            run=run,
        )
    return (*told, rest)


def begins(pockets: tuple[Mm, ...], thickness: Mm) -> tuple[Mm, ...]:
    """Where each pocket begins, after those before it and their partitions."""
    return tuple(total(NOTHING, *pockets[:number]) + thickness * number for number in range(len(pockets)))


@rule(source="common practice", label="height of the partitions", per=POCKETED)
def pocket_height(inside_height: Mm, increment: Mm, wanted_grid_height: Mm | None = None) -> Mm:
    """The partitions are as high as the inside, unless another height was chosen."""
    return snap_down(inside_height, increment) if wanted_grid_height is None else wanted_grid_height


@rule(source="common practice", label="screws in the partitions", per=POCKETED, unit="count")
def pocket_screws(pocket_partitions: tuple[Mm, ...]) -> Mm:
    """Two into each end, without glue: a partition may be moved."""
    return Mm(4 * how_many(*pocket_partitions))


@rule(source="common practice", label="blocks begin, from the inside corner to the back", per=POCKETED)
def block_fronts(
    pocket_fronts: tuple[Mm, ...],
    pocket_depths: tuple[Mm, ...],
    block_thickness: Mm,
    pocket_things: tuple[Mm, ...] | None = None,
) -> tuple[Mm, ...]:
    """A tool whose length was told lies in the middle of its pocket, a block before it and one behind it.

    Raises:
        CannotDerive: ``tool-longer-than-pocket``, ``more-tools-than-pockets``.
    """
    found: list[Mm] = []
    told = () if pocket_things is None else pocket_things
    if len(told) > len(pocket_depths):
        raise CannotDerive(
            "more-tools-than-pockets",
            "Lengths of {tools} tools were told for {pockets} pockets.",
            "Tell one length for each pocket, 0 for one without blocks.",
            tools=Mm(len(told)),
            pockets=Mm(len(pocket_depths)),
        )
    for front, deep, thing in zip(pocket_fronts, pocket_depths, told, strict=False):
        if not thing:
            continue
        free = (deep - thing) / 2
        if free < block_thickness:
            raise CannotDerive(
                "tool-longer-than-pocket",
                "A tool {thing} long and two blocks of {block} do not go into a pocket {deep} deep.",
                "Make its pocket deeper, or the blocks thinner.",
                thing=thing,
                block=block_thickness,
                deep=deep,
            )
        found += [front + free - block_thickness, front + deep - free]
    return tuple(found)


@rule(source="common practice", label="blocks begin, from the inside corner to the right", per=POCKETED)
def block_lefts(
    pocket_lefts: tuple[Mm, ...],
    pocket_widths: tuple[Mm, ...],
    block_length: Mm,
    pocket_things: tuple[Mm, ...] | None = None,
) -> tuple[Mm, ...]:
    """A block lies in the middle across its pocket."""
    told = () if pocket_things is None else pocket_things
    lefts = zip(pocket_lefts, pocket_widths, told, strict=False)
    at = [left + (wide - block_length) / 2 for left, wide, thing in lefts if thing]
    return tuple(left for left in at for _ in range(2))


@rule(source="common practice", label="blocks in the pockets", per=POCKETED, unit="count")
def pocket_blocks(block_fronts: tuple[Mm, ...]) -> Mm:
    """One before and one behind each tool whose length was told."""
    return Mm(how_many(*block_fronts))


@rule(source="common practice", label="length of screws in the partitions", per=POCKETED)
def pocket_screw_length(side_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """Through a wall of the box into the end of a partition; the shortest that bites.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, side_thickness + edge_bite, "screw")


good(
    "screw",
    per=POCKETED,
    title="Screw for partitions",
    count="pocket_screws",
    size="pocket_screw_length",
    through=("side_thickness",),
    holds="divider_ends",
    where="pocket_screws",
)


@rule(source="common practice", label="screws in the blocks", per=(POCKETED, "box_bottomed"), unit="count")
def pocket_block_screws(pocket_blocks: Mm) -> Mm:
    """Two up through the bottom into each block, without glue."""
    return 2 * pocket_blocks


@rule(source="common practice", label="length of screws in the blocks", per=(POCKETED, "box_bottomed"))
def pocket_block_screw_length(bottom_thickness: Mm, least_screw_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """Up through the bottom into a block; the shortest that bites.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, bottom_thickness + least_screw_bite, "screw")


good(
    "screw",
    per=(POCKETED, "box_bottomed"),
    title="Screw for blocks",
    count="pocket_block_screws",
    size="pocket_block_screw_length",
    through=("bottom_thickness",),
    holds="blocks",
    where="pocket_block_screws",
)


@rule(source="geometry", per=POCKETED, unit="kg", judgement=True)
def fitted_weight(
    pocket_partitions: tuple[Mm, ...],
    pocket_run_cut: Mm,
    pocket_height: Mm,
    side_thickness: Mm,
    side_density: Fraction,
) -> float:
    """The partitions weigh their volume times their density; blocks are left out, they are scraps."""
    many = how_many(*pocket_partitions)
    return weight_of(many * pocket_run_cut * pocket_height * side_thickness, side_density)


def partition(number: int, *per: str) -> Callable[[S], S]:
    """One partition; the function says where it stands."""
    return piece(
        PARTITIONS[number],
        per=(POCKETED, *per),
        title="Partition",
        length="pocket_run_cut",
        width="pocket_height",
        thickness="side_thickness",
        stock="side_sheet",
        moves=True,
        where="pocket_partitions",
        nth=number,
        order=IN_LISTS,
    )


def lying(number: int) -> Callable[..., Stand]:
    """Where the block of this number lies."""

    def pocket_block(
        inside_from_left: Mm,
        inside_from_front: Mm,
        inside_from_floor: Mm,
        block_lefts: tuple[Mm, ...],
        block_fronts: tuple[Mm, ...],
    ) -> Stand:
        """On the floor, before or behind its tool."""
        across, back = inside_from_left + block_lefts[number], inside_from_front + block_fronts[number]
        return Stand(across, back, inside_from_floor, "across", "up", 1)

    return pocket_block


for number, role in enumerate(BLOCKS):
    piece(
        role,
        per=POCKETED,
        title="Block",
        length="block_length",
        width="block_height",
        thickness="block_thickness",
        stock="hardwood_strip",
        moves=True,
        where="block_fronts",
        nth=number,
        order=IN_LISTS + 1,
    )(lying(number))
