"""Older versions of the plan format, brought up to the newest one step at a time.

A new version adds one function here, from the version before it, and one golden file in tests.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any


def _from_1(document: dict[str, Any]) -> dict[str, Any]:
    """Version 2 adds splits and sizing; packing strips belong to their drawer, and keep their marks."""
    spaces = document.get("spaces")
    holders = (
        {id_: s.get("holds") for id_, s in spaces.items() if isinstance(s, dict)} if isinstance(spaces, dict) else {}
    )
    marks = document.get("marks")
    if isinstance(marks, dict):
        marks = {_of_drawer(part, holders): mark for part, mark in marks.items()}
        document = {**document, "marks": marks}
    return {**document, "version": 2}


def _of_drawer(part: str, holders: dict[str, Any]) -> str:
    place, _, role = part.partition("/")
    return f"{holders[place]}/{role}" if role.startswith("packing_") and holders.get(place) else part


def _from_2(document: dict[str, Any]) -> dict[str, Any]:
    """Version 3 adds rows from contents, what is left, ratios and bins: every version 2 plan is one already."""
    return {**document, "version": 3}


def _from_3(document: dict[str, Any]) -> dict[str, Any]:
    """Version 4 says what a space is, who read the tape and when, and knows profiles: version 3 plans are cabinets.

    Front and back of a box have a length each: a pin of both becomes a pin of either.
    """
    pins = document.get("as_built")
    if isinstance(pins, dict):
        document = {**document, "as_built": dict(pin for key, size in pins.items() for pin in _of_each_end(key, size))}
    return {**document, "version": 4}


def _of_each_end(key: str, size: Any) -> list[tuple[str, Any]]:
    place, slash, name = key.partition("/")
    if not name.startswith("front_back_length"):
        return [(key, size)]
    return [(place + slash + name.replace("front_back", end), size) for end in ("box_front", "box_back")]


UPGRADES: dict[int, Callable[[dict[str, Any]], dict[str, Any]]] = {1: _from_1, 2: _from_2, 3: _from_3}
"""Version → the function that makes the next version of such a document."""


def upgraded(document: dict[str, Any]) -> dict[str, Any]:
    """The document in the newest version; the one given stays as it is."""
    while step := UPGRADES.get(document["version"]):
        document = step(document)
    return document
