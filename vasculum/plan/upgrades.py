"""Older versions of the plan format, brought up to the newest one step at a time.

Version 1 is the first. A new version adds one function here, from the version before it, and one golden file in tests.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

UPGRADES: dict[int, Callable[[dict[str, Any]], dict[str, Any]]] = {}
"""Version → the function that makes the next version of such a document."""


def upgraded(document: dict[str, Any]) -> dict[str, Any]:
    """The document in the newest version; the one given stays as it is."""
    while step := UPGRADES.get(document["version"]):
        document = step(document)
    return document
