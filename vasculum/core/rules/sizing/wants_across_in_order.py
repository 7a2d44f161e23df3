"""What a split into columns wants, all parts being absolute: bins and baskets size what holds them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import total


@rule(source="common practice", per="wants_across.in_order")
def wanted_across(each_fixed_part: tuple[Mm, ...], between: Mm) -> Mm:
    """All parts and what stands between them: so wide does the inside have to be."""
    return total(*each_fixed_part) + (len(each_fixed_part) - 1) * between
