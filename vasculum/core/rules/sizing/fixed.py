"""A row of a height that was chosen: a clear height. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="sizing.fixed")
def fixed_part(wanted_row_size: Mm) -> Mm:
    """A fixed row is as large as was chosen."""
    return wanted_row_size


@rule(source="geometry", per="sizing.fixed", unit="ratio")
def weight() -> Mm:
    """A fixed row takes no share of what is left."""
    return Mm(0)
