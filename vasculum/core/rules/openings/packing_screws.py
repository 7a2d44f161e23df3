"""Layers of packing, as boards or as strips: how long the screws of each layer are. Exact mm.

Screwed layer by layer: the first into the wall behind it, each next into the one before. A wall that nobody measured
is taken to be as thick as the first layer.
"""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.flow.things import Holder
from vasculum.core.lengths import Mm
from vasculum.core.rules.fastening.sold import longest_into

HELD: tuple[tuple[str, Holder], ...] = (("first", "walls"), ("second", "layer_behind"), ("third", "layer_behind"))
"""What each layer is screwed into."""


def screwed_layers(side: str, title: str, count: str, *per: str) -> None:
    """The screws of every layer on one side of a place."""
    for number, holds in HELD:
        good(
            "screw",
            per=per,
            title=title,
            count=count,
            size=f"packing_screw_{number}_{side}",
            through=(f"packing_{number}_{side}",),
            holds=holds,
            where=f"packing_{number}_{side}",
        )


@rule(source="from memory", label="length of screws of the first layer, left", per="packing_in_layers")
def packing_screw_first_left(
    packing_first_left: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
    standing_wall: Mm | None = None,
) -> Mm:
    """The longest that is sold and ends inside the wall; until that was measured, one as thick as the layer."""
    wall = packing_first_left if standing_wall is None else standing_wall
    return longest_into(screw_lengths, packing_first_left, wall, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="from memory", label="length of screws of the first layer, right", per="packing_in_layers")
def packing_screw_first_right(
    packing_first_right: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
    standing_wall: Mm | None = None,
) -> Mm:
    """The longest that is sold and ends inside the wall; until that was measured, one as thick as the layer."""
    wall = packing_first_right if standing_wall is None else standing_wall
    return longest_into(screw_lengths, packing_first_right, wall, thin_stock, least_thin_cover, least_screw_cover)


@rule(source="from memory", label="length of screws of the second layer, left", per="packing_in_layers")
def packing_screw_second_left(
    packing_second_left: Mm,
    packing_first_left: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the layer behind it."""
    return longest_into(
        screw_lengths, packing_second_left, packing_first_left, thin_stock, least_thin_cover, least_screw_cover
    )


@rule(source="from memory", label="length of screws of the second layer, right", per="packing_in_layers")
def packing_screw_second_right(
    packing_second_right: Mm,
    packing_first_right: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the layer behind it."""
    return longest_into(
        screw_lengths, packing_second_right, packing_first_right, thin_stock, least_thin_cover, least_screw_cover
    )


@rule(source="from memory", label="length of screws of the third layer, left", per="packing_in_layers")
def packing_screw_third_left(
    packing_third_left: Mm,
    packing_second_left: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the layer behind it."""
    return longest_into(
        screw_lengths, packing_third_left, packing_second_left, thin_stock, least_thin_cover, least_screw_cover
    )


@rule(source="from memory", label="length of screws of the third layer, right", per="packing_in_layers")
def packing_screw_third_right(
    packing_third_right: Mm,
    packing_second_right: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
) -> Mm:
    """The longest that is sold and ends inside the layer behind it."""
    return longest_into(
        screw_lengths, packing_third_right, packing_second_right, thin_stock, least_thin_cover, least_screw_cover
    )
