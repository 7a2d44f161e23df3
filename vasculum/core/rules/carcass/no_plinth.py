"""A case that stands on its bottom, or on casters. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="plinth", per="carcass.new")
def plinth() -> Mm:
    """Below the bottom stands nothing."""
    return Mm(0)
