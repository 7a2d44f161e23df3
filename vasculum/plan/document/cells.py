"""Texts in the cells of a table that leaves: none of them is run as a formula by whoever opens it."""

from __future__ import annotations

STARTS = ("=", "+", "-", "−", "@", "\t", "\r", "\n")
"""With these a spreadsheet begins a formula, or may slip into one."""


def harmless(cell: object) -> object:
    """A text that a spreadsheet would run as a formula is marked as text; anything else stays."""
    return f"'{cell}" if isinstance(cell, str) and cell.startswith(STARTS) else cell


def as_written(cell: str) -> str:
    """A text of such a table as it was before it was marked."""
    return cell[1:] if cell.startswith("'") and cell[1:].startswith(STARTS) else cell
