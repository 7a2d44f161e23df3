"""Fasteners of dividers that stand where they are wanted. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", label="fasteners of a divider stand further back by", per="divided.board")
def fixings_further_back() -> Mm:
    """No divider ends at the other side of the boards that these end at, or its fasteners make room."""
    return NOTHING


@rule(source="common practice", label="fasteners from both sides of a board apart", per="divided.board")
def fixings_apart(least_stagger: Mm) -> Mm:
    """Screws from both sides of a board stand off each other by the least stagger."""
    return least_stagger
