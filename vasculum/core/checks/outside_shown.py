"""Faces that show take no screws from outside."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding


def _pierced(what: str, face: str) -> Finding:
    return Finding(
        "screws-in-a-face-that-shows",
        "attention",
        f"{what} is screwed through {face}, which shows.",
        "House it, or hold it by pocket screws, dowels or angles; or plug the holes.",
        {},
        (),
    )


@check(source="common practice", per=("sides_show", "sides_screwed", "case_screwed"))
def sides_that_show_are_not_pierced() -> Finding | None:
    """Where sides run through, top and bottom are screwed through them."""
    return _pierced("The case", "its sides")


@check(source="common practice", per=("top_shows", "upper.over", "case_screwed", "topped", "top_held.alike"))
def a_top_that_shows_is_not_pierced() -> Finding | None:
    """Where top and bottom run through, they are screwed to the sides from above and below."""
    return _pierced("The case", "its top")


@check(source="common practice", per=("lying.board", "divider_held.screws", "ends_at_shown"))
def shown_sides_are_not_pierced_for_dividers() -> Finding | None:
    """Screws of lying dividers come through the sides that they end at."""
    return _pierced("A lying divider", "a side of the case")


@check(source="common practice", per=("upright.board", "divider_held.screws", "ends_at_shown"))
def a_shown_top_is_not_pierced_for_dividers() -> Finding | None:
    """Screws of upright dividers come through the top that they end at."""
    return _pierced("An upright divider", "the top of the case")
