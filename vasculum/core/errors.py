"""Everything that can be refused, in one tree.

VasculumError            code, what happened, what would help
├── LengthRefused        a text that is no length
├── WeightRefused        a text that is no weight
├── NumberRefused        a text that is no count and no ratio
├── CannotDerive         a rule has no answer for these numbers; what depends on it waits
├── Unwired              the catalogue and the plan do not meet: a fault of ours
├── ReplayDiffers        a reason that does not give the planned value: a fault of ours
├── NoSuchQuantity       a key that names nothing in this plan
├── PlanRefused          a plan document that is damaged, foreign or contradicts itself
├── TableRefused         a packaged table with a row that cannot be used: a fault of ours
└── StoreRefused         the keeper of plans will not do it
    ├── NoSuchPlan
    ├── NoSuchRevision   a number that this plan never had, or that was thinned out
    ├── PlanMovedOn      the change was made against a revision that is no longer the newest
    └── NothingToUndo
"""

from __future__ import annotations

from collections.abc import Mapping
from fractions import Fraction


class VasculumError(Exception):
    """A refusal with a stable ``code``, a message in plain words, and what would help."""

    def __init__(self, code: str, message: str, fix: str = "", where: str = "") -> None:
        super().__init__(cut_short(message))
        self.code = code
        self.message = cut_short(message)
        self.fix = cut_short(fix)
        self.where = cut_short(where)


MOST_SAID = 600
"""Characters of a message: it quotes a place or a word, never a whole document."""


def cut_short(text: str) -> str:
    """A text as it is, or its beginning where it would be longer than a message may be."""
    return text if len(text) <= MOST_SAID else f"{text[: MOST_SAID - 1]}…"


class LengthRefused(VasculumError):
    """A text that is no length: says what was read and what would be accepted."""


class WeightRefused(VasculumError):
    """A text that is no weight: says what was read and what would be accepted."""


class NumberRefused(VasculumError):
    """A text that is no count, or no ratio: says what was read and what would be accepted."""


class CannotDerive(VasculumError):
    """A rule has no answer. ``message`` and ``fix`` name ``numbers`` in braces; they are shown in the plan's unit."""

    def __init__(self, code: str, message: str, fix: str = "", **numbers: Fraction) -> None:
        super().__init__(code, message, fix)
        self.numbers: Mapping[str, Fraction] = numbers


class Unwired(VasculumError):
    """The catalogue and the plan do not meet."""

    def __init__(self, message: str) -> None:
        super().__init__("unwired", message)


class ReplayDiffers(VasculumError):
    """Working a size out once more for its reason gave another value."""

    def __init__(self, message: str) -> None:
        super().__init__("replay-differs", message)


class NoSuchQuantity(VasculumError):
    """A key that names nothing in this plan."""


class PlanRefused(VasculumError):
    """A plan document that cannot be taken; ``where`` is a JSON pointer to the place."""


class TableRefused(VasculumError):
    """A packaged table with a row that cannot be used; ``where`` is the table and the row."""


class StoreRefused(VasculumError):
    """The keeper of plans will not do it."""


class NoSuchPlan(StoreRefused):
    """No plan by that id, or it was deleted."""


class NoSuchRevision(StoreRefused):
    """A number that this plan never had, or that was thinned out."""


class PlanMovedOn(StoreRefused):
    """The change was made against a revision that is no longer the newest."""

    def __init__(self, base: int, head: int) -> None:
        super().__init__(
            "plan-moved-on",
            f"The change was made at revision {base}; the plan is now at {head}.",
            "Look at what changed, then make the change again.",
        )
        self.base, self.head = base, head


class NothingToUndo(StoreRefused):
    """The end of the history in that direction."""
