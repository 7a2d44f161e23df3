"""Packing made of the sheets in hand: one to three layers whose sum meets the thickness that is wanted. Exact mm."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterator
from itertools import combinations_with_replacement

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import total
from vasculum.core.rules.obstructions.free import NOTHING


def layers_for(wanted: Mm, sheets: tuple[Mm, ...], within: Mm) -> tuple[Mm, ...]:
    """The fewest layers whose sum is short of what is wanted by no more than a tolerance; else the nearest under it.

    Never more than is wanted: what stands before them would meet them. Thickest first; none where nothing is wanted,
    or where the thinnest sheet is too thick.
    """
    if wanted <= 0:
        return ()
    stacks = [stack for stack in _stacks(wanted, tuple(sorted(sheets))) if total(*stack) <= wanted]
    meeting = [stack for stack in stacks if wanted - total(*stack) <= within]
    if not stacks:
        return ()
    best = sorted(
        meeting or stacks, key=lambda stack: (len(stack) if meeting else 0, wanted - total(*stack), len(stack))
    )
    return tuple(reversed(best[0]))


def _stacks(wanted: Mm, sheets: tuple[Mm, ...]) -> Iterator[tuple[Mm, ...]]:
    """One layer, two, or two and the thickest third that still goes."""
    yield from ((sheet,) for sheet in sheets)
    for thin, thick in combinations_with_replacement(sheets, 2):
        yield (thin, thick)
        third = bisect_right(sheets, wanted - thin - thick)
        if third:
            yield tuple(sorted((thin, thick, sheets[third - 1])))


@rule(source="common practice", label="sheets that make the left packing", per="packed")
def packing_layers_left(packing_left: Mm, sheet_thicknesses: tuple[Mm, ...], tape_tolerance: Mm) -> tuple[Mm, ...]:
    """On the left packing is made of sheets whose sum meets it, as near as a tape can tell, or comes nearest."""
    return layers_for(packing_left, sheet_thicknesses, tape_tolerance)


@rule(source="common practice", label="sheets that make the right packing", per="packed")
def packing_layers_right(packing_right: Mm, sheet_thicknesses: tuple[Mm, ...], tape_tolerance: Mm) -> tuple[Mm, ...]:
    """On the right packing is made of sheets whose sum meets it, as near as a tape can tell, or comes nearest."""
    return layers_for(packing_right, sheet_thicknesses, tape_tolerance)


def layer(layers: tuple[Mm, ...], number: int) -> Mm:
    """How thick one layer is, counted from the wall; nothing where the packing has fewer."""
    return layers[number] if number < len(layers) else NOTHING


@rule(source="geometry", label="first layer of the left packing", per="packed")
def packing_first_left(packing_layers_left: tuple[Mm, ...]) -> Mm:
    """On the wall stands the thickest sheet."""
    return layer(packing_layers_left, 0)


@rule(source="geometry", label="second layer of the left packing", per="packed")
def packing_second_left(packing_layers_left: tuple[Mm, ...]) -> Mm:
    """On the first layer stands the next, where there are two."""
    return layer(packing_layers_left, 1)


@rule(source="geometry", label="third layer of the left packing", per="packed")
def packing_third_left(packing_layers_left: tuple[Mm, ...]) -> Mm:
    """On the second layer stands the third, where there are three."""
    return layer(packing_layers_left, 2)


@rule(source="geometry", label="first layer of the right packing", per="packed")
def packing_first_right(packing_layers_right: tuple[Mm, ...]) -> Mm:
    """On the wall stands the thickest sheet."""
    return layer(packing_layers_right, 0)


@rule(source="geometry", label="second layer of the right packing", per="packed")
def packing_second_right(packing_layers_right: tuple[Mm, ...]) -> Mm:
    """On the first layer stands the next, where there are two."""
    return layer(packing_layers_right, 1)


@rule(source="geometry", label="third layer of the right packing", per="packed")
def packing_third_right(packing_layers_right: tuple[Mm, ...]) -> Mm:
    """On the second layer stands the third, where there are three."""
    return layer(packing_layers_right, 2)
