"""One piece to cut: its role, its sizes by key, and what is cut into it."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from vasculum.core.flow import Key
from vasculum.plan.joinery import Joinery

Hand = Literal["L", "R"]
Role = Literal[
    "side_left",
    "side_right",
    "box_front",
    "box_back",
    "bottom",
    "front",
    "shelf",
    "divider",
    "packing_left",
    "packing_right",
    "strip_left",
    "strip_right",
    "scribe",
    "runner_left",
    "runner_right",
    "case_side_left",
    "case_side_right",
    "case_top",
    "case_bottom",
    "case_back",
    "stretcher_front",
    "stretcher_back",
    "toe_board_front",
    "toe_board_back",
    "toe_end_left",
    "toe_end_right",
    "worktop",
]
Grain = Literal["length", "free", "matched"]
"""Along the length, as it comes, or in its place on a panel that several pieces are cut from."""


@dataclass(frozen=True, slots=True)
class Part:
    """One piece to cut: its sizes by key, the sheet it comes from, and what is cut into it."""

    id: str
    place: str
    role: Role
    name: str
    length: Key
    width: Key
    thickness: Key
    sheet: str | None
    hand: Hand | None = None
    grain: Grain = "length"
    joinery: tuple[Joinery, ...] = ()
    bands: tuple[str, ...] = ()
    """Which edges are banded: its sizes are of the core."""
    band: str | None = None
    """The edge band, as the library has it."""
