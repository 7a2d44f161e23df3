"""A planted bottom as wide as its box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "bottom_spans.box",
    title="The box",
    about="From the outside of one side to that of the other.",
    order=1,
)


@rule(source="common practice", per=("bottom.planted", "bottom_spans.box"))
def bottom_width(outside_width: Mm) -> Mm:
    """The bottom covers the whole width of the box.

    Left to right.
    """
    return outside_width
