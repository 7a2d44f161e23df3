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


UPGRADES: dict[int, Callable[[dict[str, Any]], dict[str, Any]]] = {1: _from_1}
"""Version → the function that makes the next version of such a document."""


def upgraded(document: dict[str, Any]) -> dict[str, Any]:
    """The document in the newest version; the one given stays as it is."""
    while step := UPGRADES.get(document["version"]):
        document = step(document)
    return document
