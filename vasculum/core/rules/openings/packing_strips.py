"""Packing as strips of the sheets in hand behind each runner, of one to three layers. Exact mm."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.flow.things import Hand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.openings.packing_screws import screwed_layers

LAYERED = ("drawer", "packing_made.layers")
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", label="height of the packing strips", per=LAYERED)
def layered_strip_height(runner_height: Mm, wanted_strip_height: Mm | None = None) -> Mm:
    """A strip is as high as the runner before it, unless a height was chosen."""
    return runner_height if wanted_strip_height is None else wanted_strip_height


@rule(source="common practice", label="packing strips above the floor", per=LAYERED)
def layered_strip_from_floor(
    carrier_from_floor: Mm,
    runner_height: Mm,
    layered_strip_height: Mm,
    cell_from_floor: Mm,
    wanted_strip_from_floor: Mm | None = None,
) -> Mm:
    """A strip stands with its middle behind the runner, but not below the floor of its place; or as was chosen."""
    if wanted_strip_from_floor is not None:
        return cell_from_floor + wanted_strip_from_floor
    return largest(cell_from_floor, carrier_from_floor + (runner_height - layered_strip_height) / 2)


def layer_of(number: str, side: Hand, at: int) -> Callable[[S], S]:
    """One layer of the strip on one side; the function says where it stands."""
    word = "left" if side == "L" else "right"
    return piece(
        f"packing_strip_{number}_{word}",
        per=(*LAYERED, f"{word}.edge"),
        title=f"Packing strip, {word}, {number} layer",
        length="runner_length",
        width="layered_strip_height",
        thickness=f"packing_{number}_{word}",
        stock="sheet_in_hand",
        hand=side,
        where=f"packing_{number}_{word}",
        order=at,
    )


@layer_of("first", "L", 20)
def first_left(wall_left_from_left: Mm, set_back: Mm, layered_strip_from_floor: Mm) -> Stand:
    """On the left wall."""
    return Stand(wall_left_from_left, set_back, layered_strip_from_floor, "back", "up", 1)


@layer_of("second", "L", 20)
def second_left(wall_left_from_left: Mm, packing_first_left: Mm, set_back: Mm, layered_strip_from_floor: Mm) -> Stand:
    """On the first layer."""
    return Stand(wall_left_from_left + packing_first_left, set_back, layered_strip_from_floor, "back", "up", 1)


@layer_of("third", "L", 20)
def third_left(
    wall_left_from_left: Mm,
    packing_first_left: Mm,
    packing_second_left: Mm,
    set_back: Mm,
    layered_strip_from_floor: Mm,
) -> Stand:
    """On the second layer."""
    across = wall_left_from_left + packing_first_left + packing_second_left
    return Stand(across, set_back, layered_strip_from_floor, "back", "up", 1)


@layer_of("first", "R", 21)
def first_right(wall_right_from_left: Mm, packing_first_right: Mm, set_back: Mm, layered_strip_from_floor: Mm) -> Stand:
    """On the right wall."""
    across = wall_right_from_left - packing_first_right
    return Stand(across, set_back, layered_strip_from_floor, "back", "up", -1)


@layer_of("second", "R", 21)
def second_right(
    wall_right_from_left: Mm,
    packing_first_right: Mm,
    packing_second_right: Mm,
    set_back: Mm,
    layered_strip_from_floor: Mm,
) -> Stand:
    """On the first layer."""
    across = wall_right_from_left - packing_first_right - packing_second_right
    return Stand(across, set_back, layered_strip_from_floor, "back", "up", -1)


@layer_of("third", "R", 21)
def third_right(
    wall_right_from_left: Mm,
    packing_first_right: Mm,
    packing_second_right: Mm,
    packing_third_right: Mm,
    set_back: Mm,
    layered_strip_from_floor: Mm,
) -> Stand:
    """On the second layer."""
    across = wall_right_from_left - packing_first_right - packing_second_right - packing_third_right
    return Stand(across, set_back, layered_strip_from_floor, "back", "up", -1)


for word in ("left", "right"):
    screwed_layers(word, "Screw for packing strips", "packing_screws", *LAYERED, f"{word}.edge")
