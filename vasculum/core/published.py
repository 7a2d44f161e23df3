"""Numbers from published sources that no shop changes. Each with its source."""

from __future__ import annotations

from fractions import Fraction

GRAVITY = Fraction(980_665, 100_000)
"""Newtons that a kilogram weighs: standard gravity (NIST SP 811, Appendix B.8)."""
BRAKING = Fraction(8, 10)
"""Of its weight, what holds a load forward: 0.8 g (49 CFR 393.102, written for commercial vehicles)."""
