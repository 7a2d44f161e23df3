"""Why one quantity is what it is: the chain of reasons back to the tape."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

from vasculum.core.errors import NoSuchQuantity, Unwired
from vasculum.core.flow.catalogue import Key, Rule, key_text
from vasculum.core.flow.solving import Derivation, Given, Solved
from vasculum.core.flow.wiring import Task
from vasculum.core.reasons import Done, Expression, remember, replay


@dataclass(frozen=True, slots=True)
class Reason:
    """Why one quantity is what it is: the sentence, the sum, what was compared, and what went in."""

    derivation: Derivation
    rule: Rule | None
    given: Given | None
    expression: Expression | None
    compared: tuple[Done, ...]
    inputs: tuple[Key, ...]


def why(solved: Solved, key: Key) -> list[Reason]:
    """The chain of reasons: the asked quantity first, then everything it rests on, each once, back to the tape.

    Raises:
        NoSuchQuantity: when the key names nothing in this plan.
        ReplayDiffers: when a sum does not give its planned value.
    """
    if key not in solved.quantities:
        raise NoSuchQuantity(
            "no-such-key", f"Nothing in this plan is called {key_text(key)}.", "Look at the list of keys."
        )
    chain: dict[Key, Reason] = {}
    to_tell = [key]
    while to_tell:
        at = to_tell.pop(0)
        if at not in chain:
            chain[at] = _reason(solved, at)
            to_tell.extend(chain[at].inputs)
    return list(chain.values())


def _reason(solved: Solved, key: Key) -> Reason:
    derivation = solved.quantities[key]
    task = solved.wiring.task(key)
    if task is None:
        return Reason(derivation, None, solved.given[key], None, (), ())
    if task.share is not None:
        parent = solved.wiring.task(task.after[0])
        if parent is None:
            raise Unwired(f"{key_text(key)} is shared out by nothing")
        return _replayed(solved, derivation, parent, task.share)
    return _replayed(solved, derivation, task, None)


def _replayed(solved: Solved, derivation: Derivation, task: Task, share: int | None) -> Reason:
    if any(solved.quantities[k].is_missing for k in task.after):
        return Reason(derivation, task.rule, None, None, (), task.after)
    told: list[Done] = []

    def wrapped(key: Key | None) -> Any:
        return None if key is None else remember(*key, solved.quantities[key].value, told)

    inputs = {need: wrapped(key) for need, key in task.feeds}
    inputs |= {need: tuple(wrapped(key) for key in keys) for need, keys in task.each}
    told_again = replay(task.rule.function, inputs, derivation.planned, share)
    return Reason(derivation, task.rule, None, told_again.expression, told_again.compared, task.after)
