"""Inside a vehicle there is no more room to turn than what was measured. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="set.vehicle")
def turning_across(clear_width: Mm) -> Mm:
    """Inside the vehicle it turns within the clear width."""
    return clear_width


@rule(source="common practice", per="set.vehicle")
def turning_up(clear_height: Mm) -> Mm:
    """Inside the vehicle it is stood up within the clear height."""
    return clear_height


@rule(source="common practice", per="set.vehicle")
def turning_along(clear_depth: Mm) -> Mm:
    """Inside the vehicle it turns within the clear depth."""
    return clear_depth
