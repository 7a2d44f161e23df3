"""The mark printed on each part: given once, kept in the plan, never renumbered and never given again."""

from __future__ import annotations

from collections.abc import Container, Iterable

from vasculum.plan.document import Plan

LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ"
"""I and O are left out, for they read like numbers."""


def mark_text(number: int) -> str:
    """The n-th mark, from 1: A … Z, AA, AB …"""
    text = ""
    while number > 0:
        number, at = divmod(number - 1, len(LETTERS))
        text = LETTERS[at] + text
    return text


def number_of_mark(text: str) -> int | None:
    """Which mark a text is, from 1; None where it is none."""
    number = 0
    for letter in text:
        if letter not in LETTERS:
            return None
        number = number * len(LETTERS) + LETTERS.index(letter) + 1
    return number or None


def with_marks(plan: Plan, part_ids: Iterable[str], places: Container[str]) -> Plan:
    """The plan with a mark for every part that had none, and none of a place that is gone.

    A place that is gone comes back only with the revision that has it, and its marks with it: no number is used twice.
    """
    marks = {part: mark for part, mark in plan.marks.items() if part.partition("/")[0] in places}
    new = [part for part in part_ids if part not in marks]
    if not new and len(marks) == len(plan.marks):
        return plan
    for number, part in enumerate(new, plan.marks_given + 1):
        marks[part] = mark_text(number)
    return plan.model_copy(update={"marks": marks, "marks_given": plan.marks_given + len(new)})
