"""Obstructions and the cells beside them: which kinds a crossing has, and what a cell is told of it."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from itertools import pairwise

from vasculum.core.lengths import Mm
from vasculum.plan.document import UPRIGHT, Obstruction, Plan

BUILT_IN = ("drawer", "tray", "shelf", "rack", "parts_tray", "hanging", "bin")
"""What has to stay clear of everything in the way."""
PASSING = (*BUILT_IN, "false_front")
"""What is told of things in the way at all: a false front closes before them."""
SIDES = {"left": "left", "right": "right", "back": "behind", "floor": "below", "top": "above"}
"""On which side of the space → on which side of the cell it takes."""
_IN = ("begins_from_front", "stretch_deep")
_UP, _ACROSS = ("begins_from_floor", "stretch_up"), ("begins_from_left", "stretch_across")
CROSSING_SIZES: dict[str, tuple[str, ...]] = {
    "left": ("projection", *_IN, *_UP), "right": ("projection", *_IN, *_UP), "back": ("projection", *_UP, *_ACROSS),
    "floor": ("projection", *_IN, *_ACROSS), "top": ("projection", *_IN, *_ACROSS),
}  # fmt: skip
"""What an obstruction on each side is asked for."""
_OPPOSITE = {"left": "right", "right": "left"}


def crossing_ids(cell: str, obstruction: str, one: Obstruction, is_board: bool = False) -> list[str]:
    """Where an obstruction and a cell meet: *place-3+obstruction-7*, or one for each stretch of a profile.

    With the board before the cell: *place-3+obstruction-7+board*.
    """
    stretches, at = len(one.profile) - 1, f"{cell}+{obstruction}{'+board' if is_board else ''}"
    if stretches < 1:
        return [at]
    return [f"{at}+{number}" for number in range(1, stretches + 1)]


def board_crossing_kinds(one: Obstruction, of: str) -> frozenset[str]:
    """The kinds of a crossing with the board before a row or a column."""
    return frozenset({"board_crossing", f"board_crossing.{of}.{SIDES[one.on]}"})


def crossing_kinds(one: Obstruction) -> frozenset[str]:
    """The kinds of a crossing; packed out alike it takes on the other side too."""
    if one.passes == "before":
        return frozenset({"crossing", "stopping", f"stopping.{SIDES[one.on]}"})
    way = "leaning" if leans(one) else "crossing"
    kinds = {"crossing", way, f"{way}.{SIDES[one.on]}"}
    if one.what == "missing_wall" and one.on in _OPPOSITE and not leans(one):
        kinds.add("in_the_way.missing_wall")
    if is_mirrored(one):
        kinds.add(f"crossing.{one.on}_and_{_OPPOSITE[one.on]}")
    return frozenset(kinds)


def crossing_sizes(one: Obstruction) -> list[dict[str, str]]:
    """What was measured, for each of its crossings in order: every stretch of a profile leans, or stands upright."""
    if one.profile:
        across = {"begins_from_left": one.from_left or "0 mm"} | ({"stretch_across": one.width} if one.width else {})
        deep = {"begins_from_front": one.from_front or "0 mm"} | ({"stretch_deep": one.depth} if one.depth else {})
        along = across if one.on == "back" else deep
        return [
            {"projection": low.projection, "projection_above": high.projection, "begins_from_floor": low.at,
             "ends_from_floor": high.at} | along
            for low, high in pairwise(one.profile)
        ]  # fmt: skip
    sizes = {
        "projection": one.projection, "begins_from_floor": one.from_floor or "0 mm",
        "begins_from_left": one.from_left or "0 mm", "stretch_up": one.height, "stretch_across": one.width,
        "projection_above": one.projection_above if leans(one) else None,
        "begins_from_front": one.from_front or "0 mm", "stretch_deep": one.depth,
    }  # fmt: skip
    wanted = (*CROSSING_SIZES[one.on], "projection_above")
    return [{name: text for name, text in sizes.items() if name in wanted and text is not None}]


def obstructed_kinds(ones: Iterable[Obstruction]) -> frozenset[str]:
    """The sides on which a cell with these obstructions has to ask what is taken."""
    kinds = set()
    for one in ones:
        kinds.add("obstructed.behind" if one.passes == "before" else f"obstructed.{SIDES[one.on]}")
        if is_mirrored(one):
            kinds.add(f"obstructed.{_OPPOSITE[one.on]}")
    return frozenset(kinds)


def leans(one: Obstruction) -> bool:
    """Whether it stands in by another size high than low."""
    return (one.projection_above is not None or bool(one.profile)) and one.on in UPRIGHT


def is_mirrored(one: Obstruction) -> bool:
    """Whether the other side is packed out alike."""
    return one.both_sides and one.on in _OPPOSITE and one.passes == "beside"


def beside_case_kinds(one: Obstruction) -> set[str]:
    """How a case that is built into a space keeps clear of something: it ends before it, or stands above it."""
    if one.what == "missing_wall":
        return set()
    if one.passes == "above" or (one.on == "floor" and one.width is None):
        return {"case_stands_over"}
    return {"case_ends.in_depth" if one.passes == "before" else f"case_ends.{one.on}"}


def beside_case_sizes(plan: Plan, one: Obstruction) -> Iterator[tuple[str, Mm | tuple[Mm, ...]]]:
    """What such a case is told of it: its outline from below, where it begins, how high it reaches.

    One height less than reaches where it runs all the way up.
    """
    begins, low = plan.length(one.from_floor or "0 mm"), plan.length(one.projection)
    heights = [begins, begins + plan.length(one.height)] if one.height else [begins]
    reaches = [low, plan.length(one.projection_above) if one.projection_above else low]
    if one.profile:
        heights = [plan.length(point.at) for point in one.profile]
        reaches = [plan.length(point.projection) for point in one.profile]
    if one.on in UPRIGHT:
        yield "reach_heights", tuple(heights)
        yield "reaches", tuple(reaches)
    yield "over_height", heights[-1] if one.on in UPRIGHT else low
    yield "begins_from_front", plan.length(one.from_front or "0 mm")
    yield "begins_from_left", plan.length(one.from_left or "0 mm")
    if one.width:
        yield "stretch_across", plan.length(one.width)
