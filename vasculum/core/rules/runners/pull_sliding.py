"""How hard a drawer that slides wood on wood is to pull. A judgement in N."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.published import GRAVITY


@rule(source="Wood Handbook FPL-GTR-282, ch. 4", per="sliding", unit="N", judgement=True)
def pull_force(carried_weight: float, sliding_friction: Fraction) -> float:
    """Wood on wood, a drawer is pulled with its weight times the friction of smooth dry wood."""
    return carried_weight * float(GRAVITY * sliding_friction)
