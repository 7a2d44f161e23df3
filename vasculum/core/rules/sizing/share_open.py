"""A row that shares what is left, without rails: its front shares. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", per="sizing.share_open")
def fixed_part(gap_above: Mm, gap_below: Mm, edge_allowance: Mm = NOTHING) -> Mm:
    """Without rails the gaps round its front are fixed, and what a pull on its edge takes."""
    return gap_above + gap_below + edge_allowance


@rule(source="geometry", per="sizing.share_open", unit="ratio")
def weight(row_share: Mm) -> Mm:
    """A row takes its share of what is left."""
    return row_share
