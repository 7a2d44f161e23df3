"""What of a plan's own words cannot be printed: named before the paper comes out."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, NamedTuple
from unicodedata import normalize

from vasculum.export.pdf.type import without_glyph
from vasculum.plan.document import Plan

MOST_SHOWN = 40
"""Signs of a text that are quoted where it is named."""


class Unprintable(NamedTuple):
    """One text of the plan with signs that no shipped font has: each comes out as a box."""

    text: str
    signs: str


def unprintable(plan: Plan) -> list[Unprintable]:
    """Every text of the plan that cannot be printed as it is, each once."""
    texts = _texts(plan.model_dump(mode="json", exclude={"marks"}))
    found = {text: "".join(without_glyph(normalize("NFC", text))) for text in texts}
    return [
        Unprintable(text=text if len(text) <= MOST_SHOWN else f"{text[:MOST_SHOWN]}…", signs=signs)
        for text, signs in found.items()
        if signs
    ]


def _texts(value: Any) -> Iterator[str]:
    if isinstance(value, str):
        yield value
    elif isinstance(value, (dict, list)):
        for inner in value.values() if isinstance(value, dict) else value:
            yield from _texts(inner)
