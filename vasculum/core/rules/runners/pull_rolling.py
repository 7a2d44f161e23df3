"""How hard a drawer on rolling runners is to pull. A judgement in N."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.published import GRAVITY


@rule(source="from memory", label="force to pull it out", per="rolling", unit="N", judgement=True)
def pull_force(carried_weight: float, rolling_friction: Fraction) -> float:
    """On rolling runners a drawer is pulled with a small share of what it weighs."""
    return carried_weight * float(GRAVITY * rolling_friction)
