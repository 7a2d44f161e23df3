"""The arithmetic behind a number.

To answer *why*, a rule is run once more with numbers that remember what was done to them. They are real Fractions, so
floor, format and table look-ups work; comparisons are recorded; the functions below narrate themselves. Rules use them
instead of bare ``min``, ``max`` and ``floor``, so that the reason names what governs.
"""

from __future__ import annotations

import operator
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Any

from vasculum.core.errors import CannotDerive, ReplayDiffers

CUBIC_MM_PER_LITRE = 1_000_000

# ---- what was done, as a tree -----------------------------------------------------------------------------------


@dataclass(frozen=True, slots=True)
class Quantity:
    """A quantity that went in, by its key."""

    place: str
    name: str
    value: Fraction


@dataclass(frozen=True, slots=True)
class Constant:
    """A plain number of the rule's own, such as the 2 of two sides."""

    value: Fraction


@dataclass(frozen=True, slots=True)
class Done:
    """An operation: ``+ − × ÷``, a comparison, or a narrating function by name."""

    mark: str
    parts: tuple[Expression, ...]
    value: Fraction


Expression = Quantity | Constant | Done


class Remembering(Fraction):
    """A Fraction that remembers the arithmetic done to it."""

    __slots__ = ("expression", "told")

    expression: Expression
    told: list[Done]

    def __new__(cls, value: Fraction | int, expression: Expression, told: list[Done]) -> Remembering:
        self = super().__new__(cls, value)
        self.expression = expression
        self.told = told
        return self

    def __neg__(self) -> Fraction:
        return _remembered(-Fraction(self), "negated", self)


def remember(place: str, name: str, value: Any, told: list[Done]) -> Any:
    """Wrap one input of a rule; counts, texts and holes stay as they are, tuples are wrapped one by one."""
    if isinstance(value, tuple):
        return tuple(remember(place, name, each, told) for each in value)
    if isinstance(value, Fraction):
        return Remembering(value, Quantity(place, name, Fraction(value)), told)
    return value


def expression_of(number: Any) -> Expression:
    """How a number came about; a plain number is a constant."""
    return number.expression if isinstance(number, Remembering) else Constant(Fraction(number))


def _told_by(*numbers: Any) -> list[Done] | None:
    return next((n.told for n in numbers if isinstance(n, Remembering)), None)


def _are_plain(*numbers: Any) -> bool:
    """Whether nobody asks why: numbers that remember nothing."""
    return all(type(number) is Fraction for number in numbers)


def _remembered(value: Fraction | int, mark: str, *numbers: Any) -> Fraction:
    told = _told_by(*numbers)
    if told is None:
        return Fraction(value)
    return Remembering(value, Done(mark, tuple(expression_of(n) for n in numbers), Fraction(value)), told)


def _is_own(number: Any, value: int) -> bool:
    """Whether a number is the rule's own, and this one."""
    return not isinstance(number, Remembering) and number == value


def _left_as_it_is(mark: str, a: Any, b: Any) -> Any:
    """The number that an operation with the rule's own 0 or 1 leaves as it is, which is not told; or None."""
    neutral = 0 if mark in "+−" else 1
    if mark in "+−×÷" and _is_own(b, neutral):
        return a
    return b if mark in "+×" and _is_own(a, neutral) else None


def _arithmetic(name: str, operation: Callable[[Any, Any], Any], mark: str) -> None:
    def forward(a: Any, b: Any) -> Any:
        if isinstance(a, float) or isinstance(b, float):
            return operation(float(a), float(b))
        same = _left_as_it_is(mark, a, b)
        return _remembered(operation(Fraction(a), Fraction(b)), mark, a, b) if same is None else same

    setattr(Remembering, f"__{name}__", forward)
    setattr(Remembering, f"__r{name}__", lambda b, a: forward(a, b))


def _comparison(name: str, mark: str) -> None:
    plain = getattr(Fraction, f"__{name}__")

    def compare(a: Remembering, b: Any) -> Any:
        answer = plain(Fraction(a), b)
        if isinstance(b, (int, Fraction)):
            a.told.append(Done(mark, (expression_of(a), expression_of(b)), Fraction(bool(answer))))
        return answer

    setattr(Remembering, f"__{name}__", compare)


for _name, _operation, _mark in (
    ("add", operator.add, "+"),
    ("sub", operator.sub, "−"),
    ("mul", operator.mul, "×"),
    ("truediv", operator.truediv, "÷"),
    ("floordiv", operator.floordiv, "whole times"),
    ("mod", operator.mod, "left over"),
):
    _arithmetic(_name, _operation, _mark)
for _name, _mark in (("lt", "<"), ("le", "≤"), ("gt", ">"), ("ge", "≥"), ("eq", "=")):
    _comparison(_name, _mark)
Remembering.__hash__ = Fraction.__hash__  # type: ignore[method-assign]


# ---- functions that narrate themselves --------------------------------------------------------------------------


def smallest(*sizes: Fraction) -> Fraction:
    """The smallest of several."""
    if _are_plain(*sizes):
        return min(sizes)
    return _remembered(min(Fraction(s) for s in sizes), "smallest", *sizes)


def largest(*sizes: Fraction) -> Fraction:
    """The largest of several."""
    if _are_plain(*sizes):
        return max(sizes)
    return _remembered(max(Fraction(s) for s in sizes), "largest", *sizes)


def total(*sizes: Fraction) -> Fraction:
    """All of them together; nothing comes to nothing."""
    if not sizes:
        return Fraction(0)
    first, *rest = sizes
    for size in rest:
        first = first + size
    return first


def snap_down(size: Fraction, increment: Fraction) -> Fraction:
    """The largest multiple of the increment that is not larger: what goes inside something rounds down."""
    if _are_plain(size, increment):
        return size // increment * increment
    return _remembered(Fraction(size) // Fraction(increment) * Fraction(increment), "down to", size, increment)


def snap_up(size: Fraction, increment: Fraction) -> Fraction:
    """The smallest multiple of the increment that is not smaller."""
    if _are_plain(size, increment):
        return -(-size // increment) * increment
    return _remembered(-(-Fraction(size) // Fraction(increment)) * Fraction(increment), "up to", size, increment)


def snap_nearest(size: Fraction, increment: Fraction) -> Fraction:
    """The nearest multiple of the increment; half-way goes up."""
    steps = (Fraction(size) / Fraction(increment) + Fraction(1, 2)) // 1
    return _remembered(steps * Fraction(increment), "to the nearest", size, increment)


def times_over(ratio: Fraction, times: Fraction) -> Fraction:
    """A ratio multiplied by itself as often as a whole number says; no times is 1."""
    return _remembered(Fraction(ratio) ** int(times), "to the power", ratio, times)


def longest_not_over(limit: Fraction, stock: Sequence[Fraction]) -> Fraction | None:
    """The longest stock length that is not over the limit, or None."""
    fitting = [length for length in stock if Fraction(length) <= Fraction(limit)]
    if not fitting:
        return None
    return _remembered(max(Fraction(f) for f in fitting), "longest stock not over", limit)


def shortest_not_under(limit: Fraction, stock: Sequence[Fraction]) -> Fraction | None:
    """The shortest stock length that is not under the limit, or None."""
    fitting = [length for length in stock if Fraction(length) >= Fraction(limit)]
    if not fitting:
        return None
    return _remembered(min(Fraction(f) for f in fitting), "shortest stock not under", limit)


def how_many(*things: Fraction) -> Fraction:
    """The count of several."""
    return _remembered(len(things), "how many", *things)


def litres(volume: Fraction) -> Fraction:
    """A volume of cubic millimetres."""
    if _are_plain(volume):
        return volume / CUBIC_MM_PER_LITRE
    return _remembered(Fraction(volume) / CUBIC_MM_PER_LITRE, "in litres", volume)


def taken(sizes: Iterable[Fraction | None]) -> tuple[Fraction, ...]:
    """The sizes that are there: an ``each_`` input has a hole where a child lacks the name."""
    return tuple(size for size in sizes if size is not None)


# ---- why? -------------------------------------------------------------------------------------------------------


@dataclass(frozen=True, slots=True)
class Replay:
    """A rule run once more: the sum behind its answer, and what was compared on the way.

    Where a rule only judged its inputs there is no sum, but what it compared.
    """

    expression: Expression | None
    compared: tuple[Done, ...]
    refused: CannotDerive | None = None


def replay(function: Callable[..., Any], inputs: dict[str, Any], planned: Any, share: int | None = None) -> Replay:
    """Run a rule with remembering inputs; its answer must equal the planned value.

    Args:
        inputs: parameter → wrapped value, made by :func:`remember`.
        share: which element of a shared-out result is asked for.

    Raises:
        ReplayDiffers: when it does not.
    """
    told: list[Done] = next((n.told for n in _flat(inputs.values()) if isinstance(n, Remembering)), [])
    try:
        answer = function(**inputs)
    except CannotDerive as refused:
        return Replay(None, tuple(told), refused)
    compared = tuple(dict.fromkeys(told))
    if share is not None:
        answer = answer[share]
    if answer != planned:
        raise ReplayDiffers(f"{function.__name__} gave {answer} when asked why, {planned} when planned.")
    expression = expression_of(answer) if isinstance(answer, Fraction) else None
    return Replay(None if inputs and isinstance(expression, Constant) else expression, compared)


def _flat(values: Iterable[Any]) -> Iterable[Any]:
    for value in values:
        if isinstance(value, tuple):
            yield from _flat(value)
        else:
            yield value


def render(
    expression: Expression, show_quantity: Callable[[Quantity], str], show_number: Callable[[Fraction], str]
) -> str:
    """The sum in words and signs, with as few parentheses as it needs."""
    return _rendered(expression, show_quantity, show_number)


_STRENGTH = {
    "+": 1, "−": 1, "negated": 2, "×": 2, "÷": 2, "to the power": 3, "smallest": 4, "largest": 4, "how many": 4,
}  # fmt: skip


def _rendered(at: Expression, quantity: Callable[[Quantity], str], number: Callable[[Fraction], str]) -> str:
    if isinstance(at, Quantity):
        return quantity(at)
    if isinstance(at, Constant):
        return number(at.value)
    texts = [_rendered(part, quantity, number) for part in at.parts]
    if at.mark in ("smallest", "largest"):
        return f"{at.mark} of ({', '.join(texts)})" if len(texts) > 1 else texts[0]
    if at.mark == "how many":
        return f"{at.mark} of ({', '.join(texts)})"
    if at.mark == "in litres":
        return f"{texts[0]}, {at.mark}"
    if at.mark == "negated":
        return f"−{_held(at.parts[0], texts[0], 2)}"
    if at.mark == "shortest stock not under":
        return f"shortest stock length not under {texts[0]}"
    if at.mark == "longest stock not over":
        return f"longest stock length not over {texts[0]}"
    if at.mark in ("down to", "up to", "to the nearest"):
        which = "multiple of" if at.mark == "to the nearest" else "the next multiple of"
        return f"{_held(at.parts[0], texts[0], 2)} {at.mark} {which} {texts[1]}"
    strength = _STRENGTH.get(at.mark, 0)
    left = _held(at.parts[0], texts[0], strength)
    right = _held(at.parts[1], texts[1], strength + (1 if at.mark in "−÷" else 0))
    return f"{left} {at.mark} {right}"


def _held(part: Expression, text: str, strength: int) -> str:
    """Parentheses where the inner sum is weaker than what is done with it."""
    if isinstance(part, Done) and _STRENGTH.get(part.mark, 0) < strength:
        return f"({text})"
    return text
