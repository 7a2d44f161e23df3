"""A search for less to buy: layouts, better and better; of sheets by a library of tree searches, where it is installed.

The library's wheel wants Python 3.12 or newer. What it answers is its own affair only until our checker has seen it.
"""

from __future__ import annotations

import importlib.util
from collections import defaultdict
from collections.abc import Sequence
from math import gcd
from typing import Any

from vasculum.cutting.bound import fits
from vasculum.cutting.checked import faults
from vasculum.cutting.lengths import Found, are_lengths, search_lengths
from vasculum.cutting.model import NOTHING, Layout, Mm, Part, Stock, Way
from vasculum.cutting.slices import Slice, placed
from vasculum.cutting.sold import in_their_sizes
from vasculum.cutting.strips import scale_of

LIBRARY = "packingsolver"
STAGES = (3, 2)
"""Cuts one after the other in different directions, with a trimming cut beyond them: three fill better, two want fewer
settings of the fence."""
SHARES = (2, 1)
"""Of the time, for each of them; what has more stages than the saw is given is left out."""
MOST_KINDS = 200
"""Of more different sizes the library finds nothing in the time that it is given, and goes on beyond it."""
NO_COPIES = 10**6
"""So many sheets, where nobody said how many there are."""


def is_installed() -> bool:
    """Whether there is a search on this machine."""
    return importlib.util.find_spec(LIBRARY) is not None


def search(parts: Sequence[Part], stock: Stock, seconds: float, found: Found) -> None:
    """Look for better layouts of parts on sheets, and tell each, with what is needed at least.

    Args:
        seconds: for all of it; it ends before where nothing better is possible.
        found: is told a layout that our checker has passed, without parts that come out of no sheet; and the least that
            is bought, as ``bought`` counts it, in the most stages that were tried; 0 where nothing was proved.
    """
    fitting = [part for part in parts if fits(part, stock)]
    if fitting and are_lengths(fitting, stock):
        search_lengths(fitting, stock, seconds, found)
        return
    kinds = {part[1:] for part in fitting}
    if not 0 < len(kinds) <= MOST_KINDS or not is_installed():
        return
    shares = {stages: share for stages, share in zip(STAGES, SHARES, strict=True) if stages < stock.stages}
    for stages, share in shares.items():
        _search(fitting, stock, stages, seconds * share / sum(shares.values()), found)


def _search(parts: list[Part], stock: Stock, stages: int, seconds: float, found: Found) -> None:
    from packingsolver import rectangleguillotine as library

    scale = scale_of(parts, stock)
    length, width = (int(size * scale) for size in stock.usable)
    kerf = int(stock.kerf * scale)
    alike: defaultdict[tuple[int, int, bool], list[str]] = defaultdict(list)
    for part in parts:
        alike[int(part.length * scale), int(part.width * scale), part.may_turn].append(part.name)
    unit = gcd(length, width, kerf, *(size for key in alike for size in key[:2]))
    asked = library.InstanceBuilder()
    asked.set_objective(library.Objective.BinPacking)
    asked.set_number_of_stages(stages)
    asked.set_cut_type(library.CutType.NonExact)
    asked.set_first_stage_orientation(library.CutOrientation.Any)
    asked.set_cut_thickness(kerf // unit)
    asked.add_bin_type(length // unit, width // unit, copies=stock.copies or NO_COPIES)
    for (long, wide, may_turn), names in alike.items():
        asked.add_item_type(long // unit, wide // unit, copies=len(names), oriented=not may_turn)
    given = library.OptimizeParameters()
    given.time_limit, given.verbosity_level = seconds, 0
    known, sizes = {part.name: part for part in parts}, list(alike)

    def tell(answer: Any) -> None:
        if answer.solution.full():
            names = [list(alike[size]) for size in sizes]
            sheets = [
                _slice(sheet.nodes, 0, names, [size[0] // unit for size in sizes])
                for sheet in (answer.solution.bin(at) for at in range(answer.solution.number_of_different_bins()))
                for _ in range(sheet.copies)
            ]
            whole = [placed(one, known, stock) for one in sheets if one is not None]
            layout = Layout(in_their_sizes(whole, known, stock))
            if not faults(layout, parts, stock):
                is_proof = stages == STAGES[0] and not stock.others
                found(layout, max(NOTHING, Mm(answer.bin_packing_bound) - stock.in_hand) if is_proof else NOTHING)

    given.new_solution_callback = tell
    tell(library.optimize(asked.build(), given))


def _slice(nodes: Sequence[Any], at: int, names: list[list[str]], lengths: list[int]) -> Slice | None:
    """A node of the library's tree; each part of many that are alike takes the next name."""
    node = nodes[at]
    if node.item_type_id >= 0 and not node.children:
        long = node.r - node.l
        return Slice(names[node.item_type_id].pop(), is_turned=long != lengths[node.item_type_id])
    children = [nodes[child] for child in node.children]
    within = (_slice(nodes, child, names, lengths) for child in node.children)
    left = tuple(child for child in within if child is not None)
    if not left:
        return None
    cut: Way = "rip" if all((child.l, child.r) == (node.l, node.r) for child in children) else "crosscut"
    return left[0] if len(children) == 1 == len(left) and _fills(children[0], node) else Slice(cut=cut, children=left)


def _fills(child: Any, node: Any) -> bool:
    return bool((child.l, child.r, child.b, child.t) == (node.l, node.r, node.b, node.t))
