"""How far fronts stand before a case: what is laid on it covers the one that stands out most. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="fronts stand before the case by", per="split")
def stands_before(each_stands_before: tuple[Mm | None, ...]) -> Mm:
    """Of the fronts of a split the one that stands out most counts."""
    return largest(NOTHING, *taken(each_stands_before))


@rule(source="geometry", label="what stands before the case", per="carcass.new")
def front_before(each_stands_before: tuple[Mm | None, ...]) -> Mm:
    """Before the case stands what its fronts stand out, the thickest with any stand-off."""
    return largest(NOTHING, *taken(each_stands_before))
