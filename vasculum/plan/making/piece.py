"""One piece of a plan with what is cut into it: keys of the solution and numbers, no words."""

from __future__ import annotations

from collections.abc import Mapping
from types import MappingProxyType
from typing import Any, Literal, NamedTuple

from vasculum.core.flow import TOWARDS, CutRule, Key, PieceRule, Stand
from vasculum.core.flow.things import Axis, Datum
from vasculum.core.lengths import Mm
from vasculum.plan.laying.solving import SolvedPlan

Grain = Literal["length", "free", "matched"]
"""Along the length, as it comes, or in its place on a panel that several pieces are cut from."""
STRIPS = ("packing_strip", "hardwood_strip")
"""Stock that is ripped from boards."""
OF_ANY_ROW = ("sheet_in_hand", "own_stock")
"""Stock that is a row of the library, whichever part that row is chosen for."""
NOTHING = Mm(0)


class Cut(NamedTuple):
    """Something taken out of a piece, or marked on it: its rule, and the key behind each name."""

    rule: CutRule
    keys: Mapping[str, Key]
    stood: Mapping[str, Any] = MappingProxyType({})
    """What follows from where two pieces stand, by name: its key then leads to what says where."""

    def key(self, name: str) -> Key | None:
        """The key behind one of its names; none where the rule names none."""
        return self.keys[name] if name else None

    def value(self, plan: SolvedPlan, name: str) -> Any:
        """What one of its names is worth: a length, or several; none while it waits, or where the rule names none."""
        if name in self.stood:
            return self.stood[name]
        return plan.solved.value(*self.keys[name]) if name else None


class Piece(NamedTuple):
    """One piece: its rule, its sizes by key, the sheet it comes from, what is cut into it, where it stands."""

    id: str
    place: str
    rule: PieceRule
    length: Key
    width: Key
    thickness: Key
    size: tuple[Mm, Mm, Mm] | None
    """Length, width and thickness; none while one of them waits."""
    stand: Stand | None
    """Where it stands in its space; none while it waits, or where nobody can say."""
    space: str
    sheet: str | None = None
    grain: Grain = "length"
    bands: tuple[Datum, ...] = ()
    """Which edges are banded: its sizes are of the core."""
    band: str | None = None
    """The edge band, as the library has it."""
    banded_by: Mm = NOTHING
    """How thick the band is."""
    cuts: tuple[Cut, ...] = ()
    let_in: Key | None = None
    """How deep both of its ends go into what they end at."""
    fixed_at: Key | None = None
    """Where fasteners stand along both of its ends, from its front edge."""

    def bands_along(self, way: Literal[0, 1]) -> Mm:
        """The bands at both ends of its length, or at both edges of its width, together."""
        return self.banded_by * sum(TOWARDS[edge][0] == self._axis(way) for edge in self.bands)

    def low_band(self, way: Literal[0, 1]) -> Mm:
        """The band at the low end of its length, or at the low edge of its width; nothing where that has none."""
        return self.banded_by * ((self._axis(way), -1) in [TOWARDS[edge] for edge in self.bands])

    def _axis(self, way: Literal[0, 1]) -> Axis | None:
        return None if self.stand is None else (self.stand.length, self.stand.width)[way]

    @property
    def role(self) -> str:
        """What it is in its place: ``side_left``."""
        return self.rule.role

    @property
    def hand(self) -> Literal["L", "R"] | None:
        """Left or right, where it is one of a pair."""
        return self.rule.hand
