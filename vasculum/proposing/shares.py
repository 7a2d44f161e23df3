"""What is to be shared out among the drawers of a space, and what came of it. No solver, no plan."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Literal, NamedTuple

from vasculum.core.lengths import Mm

Goal = Literal["fewest", "closest", "in_reach", "heavy_low", "together", "balanced"]
GOALS: tuple[Goal, ...] = ("fewest", "closest", "in_reach", "heavy_low", "together", "balanced")
"""Fewest drawers, least air over things, daily things at hand, weight below, what belongs together in one drawer, and
as much weight on the left as on the right."""
WHERE_IT_STANDS: tuple[Goal, ...] = ("in_reach", "heavy_low")
"""These say which row a thing stands in; by the others rows are free to stand in the order of their heights."""
MOST_ROWS = 8
"""In one column."""


@dataclass(frozen=True)
class Wanted:
    """A thing, or several that stand together: what it wants of a drawer."""

    id: str
    height: Mm
    """How high it stands, with headroom of its own."""
    area: Mm
    """Of the floor, mm²."""
    weight: Fraction
    """Kilograms of all of them; nothing where nobody said."""
    use: str
    group: str
    """What it belongs with; empty where it stands alone."""


class Carried(NamedTuple):
    """What the runners of a drawer carry beside it, kilograms: so much of a drawer of no height, and less by the mm."""

    most: Fraction
    per_mm: Fraction

    def beside(self, height: Mm) -> Fraction:
        """What is left for things in a drawer for things so high."""
        return self.most - self.per_mm * height


class Columns(NamedTuple):
    """Columns alike: how many, how high, what each row loses, and the floor of a drawer, mm and mm²."""

    many: int
    height: Mm
    loss: Mm
    floor: Mm
    carries: Carried | None = None
    """None where nobody said what the runners are rated for."""
    reach: tuple[Mm, Mm] | None = None
    """Between which heights above its lower edge things are at hand, mm; none where nobody said how high it stands."""


class Shared(NamedTuple):
    """What lives where: column by column, row by row from above, the ids of the things; and what is left over."""

    columns: tuple[tuple[tuple[str, ...], ...], ...]
    left: tuple[str, ...]
    is_best: bool
    """Whether it was proved that nothing better can be had by this goal."""
