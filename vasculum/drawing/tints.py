"""The tint of a drawer: each keeps its own in drawings, lists and prints, and after eight they begin again."""

from __future__ import annotations

TINTS = ("#dfe9dc", "#efe3cb", "#dde6ea", "#f0dcd2", "#e6e0ec", "#e3e7c8", "#d7e8e3", "#eee0e0")
"""Pale enough for ink on them, on a light ground."""


def tint_of(number: int) -> str:
    """The tint of drawer 1, 2, 3 …"""
    return TINTS[(number - 1) % len(TINTS)]
