"""A row that shares what is left, without rails: its front shares. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="sizing.share_open")
def fixed_part(gap_above: Mm, gap_below: Mm) -> Mm:
    """Without rails the gaps round its front are fixed."""
    return gap_above + gap_below


@rule(source="geometry", per="sizing.share_open", unit="ratio")
def weight(row_share: Mm) -> Mm:
    """A row takes its share of what is left."""
    return row_share
