"""A row that shares what is left, between dividers. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="sizing.share_board")
def fixed_part() -> Mm:
    """Between dividers a row has no fixed part."""
    return Mm(0)


@rule(source="geometry", per="sizing.share_board", unit="ratio")
def weight(row_share: Mm) -> Mm:
    """A row takes its share of what is left."""
    return row_share
