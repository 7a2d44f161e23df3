"""A guide 4 7/8 from the blade, by hand; what is small is so below its length, not at it."""

from __future__ import annotations

import pytest

from tests.helpers import mm
from vasculum.core.sawing import falls_free, guide_from_edge, wants_a_stop_block


@pytest.mark.parametrize(("size", "at"), [("38 1/2", "33 5/8"), ("4 7/8", "0")])
def test_the_guide_lies_nearer_than_the_cut(size: str, at: str) -> None:
    assert guide_from_edge(mm(size), mm("4 7/8")) == mm(at)


def test_a_strip_narrower_than_the_shoe_has_its_guide_beyond_the_edge() -> None:
    assert guide_from_edge(mm("2 3/4"), mm("4 7/8")) == -mm("2 1/8")


@pytest.mark.parametrize(("size", "is_small"), [("5 15/16", True), ("6", False), ("6 1/16", False)])
def test_what_is_as_long_as_the_least_is_not_small(size: str, is_small: bool) -> None:
    assert wants_a_stop_block(mm(size), mm("6")) is is_small
    assert falls_free(mm(size), mm("6")) is is_small
