"""Packing as boards from the sheets in hand, one a side in each bay, of one to three layers. Exact mm."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import piece, rule
from vasculum.core.flow import Stand
from vasculum.core.flow.things import Hand
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down
from vasculum.core.rules.layout.dividing import left_of
from vasculum.core.rules.openings.packing_screws import screwed_layers

BAY = "packing_bay"
S = TypeVar("S", bound=Callable[..., Stand | None])


@rule(source="common practice", label="length of the packing boards, cut", per=BAY)
def packing_board_length_cut(cell_depth: Mm, posts_deep: Mm, packing_short_behind: Mm, increment: Mm) -> Mm:
    """Packing begins behind the posts of a frame, and ends short of the back.

    Raises:
        CannotDerive: ``nothing-left-of-divider``.
    """
    return left_of(cell_depth, posts_deep + packing_short_behind, increment)


@rule(source="common practice", label="height of the packing boards, cut", per=BAY)
def packing_board_height_cut(cell_height: Mm, packing_play: Mm, increment: Mm) -> Mm:
    """A packing board is as high as its bay, less a little to go in, down to the shop's increment."""
    return snap_down(cell_height - packing_play, increment)


def layer_of(number: str, side: Hand, at: int) -> Callable[[S], S]:
    """One layer of the packing on one side; the function says where it stands."""
    word = "left" if side == "L" else "right"
    return piece(
        f"packing_board_{number}_{word}",
        per=BAY,
        title=f"Packing board, {word}, {number} layer",
        length="packing_board_length_cut",
        width="packing_board_height_cut",
        thickness=f"packing_{number}_{word}",
        stock="sheet_in_hand",
        hand=side,
        where=f"packing_{number}_{word}",
        order=at,
    )


@layer_of("first", "L", 24)
def first_left(wall_left_from_left: Mm, posts_deep: Mm, cell_from_floor: Mm) -> Stand:
    """On the left wall."""
    return Stand(wall_left_from_left, posts_deep, cell_from_floor, "back", "up", 1)


@layer_of("second", "L", 25)
def second_left(wall_left_from_left: Mm, packing_first_left: Mm, posts_deep: Mm, cell_from_floor: Mm) -> Stand:
    """On the first layer."""
    return Stand(wall_left_from_left + packing_first_left, posts_deep, cell_from_floor, "back", "up", 1)


@layer_of("third", "L", 26)
def third_left(
    wall_left_from_left: Mm, packing_first_left: Mm, packing_second_left: Mm, posts_deep: Mm, cell_from_floor: Mm
) -> Stand:
    """On the second layer."""
    across = wall_left_from_left + packing_first_left + packing_second_left
    return Stand(across, posts_deep, cell_from_floor, "back", "up", 1)


@layer_of("first", "R", 27)
def first_right(wall_right_from_left: Mm, packing_first_right: Mm, posts_deep: Mm, cell_from_floor: Mm) -> Stand:
    """On the right wall."""
    return Stand(wall_right_from_left - packing_first_right, posts_deep, cell_from_floor, "back", "up", -1)


@layer_of("second", "R", 28)
def second_right(
    wall_right_from_left: Mm, packing_first_right: Mm, packing_second_right: Mm, posts_deep: Mm, cell_from_floor: Mm
) -> Stand:
    """On the first layer."""
    across = wall_right_from_left - packing_first_right - packing_second_right
    return Stand(across, posts_deep, cell_from_floor, "back", "up", -1)


@layer_of("third", "R", 29)
def third_right(
    wall_right_from_left: Mm,
    packing_first_right: Mm,
    packing_second_right: Mm,
    packing_third_right: Mm,
    posts_deep: Mm,
    cell_from_floor: Mm,
) -> Stand:
    """On the second layer."""
    across = wall_right_from_left - packing_first_right - packing_second_right - packing_third_right
    return Stand(across, posts_deep, cell_from_floor, "back", "up", -1)


for word in ("left", "right"):
    screwed_layers(word, "Screw for packing boards", "packing_board_screws", BAY)
