"""A planted bottom as wide as the front, past the sides and under the runners. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "bottom_spans.front",
    title="The box front",
    about="As long as a front that runs on past the sides; runners hang above it.",
    order=2,
)


@rule(source="common practice", per=("front_past_sides", "bottom.planted", "bottom_spans.front"))
def bottom_width(box_front_length_cut: Mm) -> Mm:
    """The bottom is as wide as the front is long.

    Left to right.
    """
    return box_front_length_cut
