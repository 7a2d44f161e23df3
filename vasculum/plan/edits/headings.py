"""What the columns of somebody's own table of things mean: guessed from what they are called, or as they say."""

from __future__ import annotations

import re
from collections.abc import Mapping
from typing import Literal

from vasculum.core.tables import headings
from vasculum.plan.document import Model
from vasculum.plan.edits.pasted import Heading

UnitOfTable = Literal["as the plan", "mm", "cm", "in"]
_UNIT = re.compile(r"^(.*?)[\s,;:(\[]+(mm|cm|in|inch|inches|kg|g|lb|lbs|oz)[.)\]]*$", re.IGNORECASE)
_IN_WORDS = {"inch": "in", "inches": "in", "lbs": "lb"}
_NUMBER = re.compile(r"[0-9]+([.,][0-9]+)?|([0-9]+ )?[0-9]+/[0-9]+")
LEFT_OUT = ""
"""What a column is said to be that is not read."""


class HeadingRead(Model):
    """A column of the table: what it is called there, what it is taken for, and the unit of its bare numbers."""

    given: str
    column: str | None
    """None where nobody knows, or it is left out."""
    unit: str
    """Empty where it says none."""


def read_headings(given: list[str], said: Mapping[str, str]) -> list[HeadingRead]:
    """Each as somebody said, else as it is called, with its unit; of two that may be the same the first is taken.

    Args:
        said: heading → column, or nothing where it is left out.
    """
    found: list[HeadingRead] = []
    taken = set(said.values())
    for one in given:
        plain, unit = _apart(one)
        column = said.get(one, headings().get(plain))
        if one not in said and column in taken:
            column = None
        if column:
            taken.add(column)
        found.append(HeadingRead(given=one, column=column or None, unit=unit))
    return found


def _apart(heading: str) -> tuple[str, str]:
    """Its name as it is looked up, and its unit."""
    read = _UNIT.match(heading.strip())
    name, unit = (read.group(1), read.group(2).lower()) if read else (heading, "")
    return " ".join(name.lower().replace("_", " ").split()), _IN_WORDS.get(unit, unit)


def as_headings(read: list[HeadingRead]) -> list[Heading]:
    """For reading the rows by."""
    return [Heading(one.given, one.column) for one in read]


def with_unit(cell: str, unit: str) -> str:
    """A bare number in the unit of its column; anything else as it stands."""
    return f"{cell} {unit}" if unit and _NUMBER.fullmatch(cell.strip()) else cell
