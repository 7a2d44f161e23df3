"""Tell why: the chain of reasons behind one quantity, in the plan's words and unit."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import Key, MeasureUnit, Origin, Reason, key_text, why
from vasculum.core.reasons import Constant, Done, Expression, Quantity, render
from vasculum.plan.document import Model
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import Problem, Shown, label_at, quantity_shown
from vasculum.plan.telling.words import label_of, number_text, place_name, unit_of


class ReasonShown(Model):
    """One link of the chain."""

    key: str
    label: str
    place_name: str
    value: Shown | None
    planned: Shown | None
    origin: Origin
    sentence: str
    """The rule in plain words; empty where a person or a default gave the value."""
    source: str
    sum: str
    compared: list[str]
    inputs: list[str]
    problem: Problem | None


def tell(plan: SolvedPlan, key: Key) -> list[ReasonShown]:
    """The asked quantity first, then everything it rests on, each once, back to the tape.

    Raises:
        NoSuchQuantity: when the key names nothing in this plan.
    """
    return [_told(plan, reason) for reason in why(plan.solved, key)]


def _told(plan: SolvedPlan, reason: Reason) -> ReasonShown:
    key = reason.derivation.key
    one = quantity_shown(plan, key)
    return ReasonShown(
        key=key_text(key),
        label=label_at(plan, key),
        place_name=place_name(plan.plan, key[0]),
        value=one.value,
        planned=one.planned,
        origin=one.origin,
        sentence=reason.rule.sentence if reason.rule else "",
        source=reason.rule.source if reason.rule else (reason.given.source if reason.given else ""),
        sum=_sum(plan, reason.expression) if reason.expression else "",
        compared=[_compared(plan, done) for done in reason.compared],
        inputs=[key_text(k) for k in reason.inputs],
        problem=one.problem,
    )


def _sum(plan: SolvedPlan, expression: Expression) -> str:
    unit, edition = plan.plan.units.length, plan.plan.defaults_edition

    def quantity(one: Quantity) -> str:
        is_reading = one.place in plan.plan.readings
        label = place_name(plan.plan, one.place) if is_reading else label_of(one.name, edition)
        return f"{label} {number_text(one.value, unit, unit_of(one.name, edition))}"

    def number(value: Fraction) -> str:
        return str(value)

    return render(expression, quantity, number)


def _compared(plan: SolvedPlan, done: Done) -> str:
    """A comparison by its two values; how a sum came about stands in its own reason."""
    measure: MeasureUnit = next(filter(None, (_measure(plan, part) for part in done.parts)), "count")
    left, right = (_compared_side(plan, part, measure) for part in done.parts)
    return f"{left} {done.mark} {right}: {'yes' if done.value else 'no'}"


def _compared_side(plan: SolvedPlan, part: Expression, measure: MeasureUnit) -> str:
    if isinstance(part, Quantity) or _measure(plan, part) == "count":
        return _sum(plan, part)
    return number_text(part.value, plan.plan.units.length, measure)


def _measure(plan: SolvedPlan, at: Expression) -> MeasureUnit | None:
    """In what a value is told: a length stays one when it is halved or doubled; None for a plain number."""
    if isinstance(at, Quantity):
        return unit_of(at.name, plan.plan.defaults_edition)
    if isinstance(at, Constant):
        return None
    if at.mark in ("how many", "whole times", "to the power"):
        return "count"
    told = [_measure(plan, part) for part in at.parts]
    known = [measure for measure in told if measure not in (None, "count", "ratio")]
    if at.mark in "×÷" and len(known) > 1:
        return "count"
    return known[0] if known else next(filter(None, told), None)
