"""A case without a sheet laid on it: another top, or none. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="top on the case", per="carcass.new")
def top_over(top_thickness: Mm = NOTHING) -> Mm:
    """On the case lies the top that was said for the height to match, or nothing."""
    return top_thickness
