"""A finding as it is shown: what, where, what would help, and the fields that decide it."""

from __future__ import annotations

from vasculum.core.flow import Severity
from vasculum.plan.document import Model, as_usual
from vasculum.plan.telling.mending import Mend


class FindingShown(Model):
    """What a person should know, in the plan's unit."""

    code: str
    severity: Severity
    place: str
    """Where it was found; the first of several places where the same was found."""
    places: list[str]
    """All of them."""
    place_name: str
    """What they are called."""
    message: str
    fix: str
    keys: list[str]
    pieces: list[str]
    """Of a meeting: the pieces that meet."""
    group: int = as_usual(0)
    """Findings of one number are shown as one line, the first of them and how many more there are like it."""
    mends: list[Mend] = as_usual([])
    """The fields that decide it: what a person has said first, then the nearest; a note has none."""
