"""The mark printed on each part: given once, kept in the plan, never renumbered and never given again."""

from __future__ import annotations

from collections.abc import Iterable

from vasculum.plan.document import Plan


def mark_text(number: int) -> str:
    """The n-th mark, from 1: A … Z, AA, AB …; I and O are left out, for they read like numbers."""
    letters = "ABCDEFGHJKLMNPQRSTUVWXYZ"
    text = ""
    while number > 0:
        number, at = divmod(number - 1, len(letters))
        text = letters[at] + text
    return text


def with_marks(plan: Plan, part_ids: Iterable[str]) -> Plan:
    """The plan with a mark for every part that had none."""
    new = [part for part in part_ids if part not in plan.marks]
    if not new:
        return plan
    marks = dict(plan.marks)
    for number, part in enumerate(new, plan.marks_given + 1):
        marks[part] = mark_text(number)
    return plan.model_copy(update={"marks": marks, "marks_given": plan.marks_given + len(new)})
