"""Bottom between the walls, flush with their lower edges: pocket screws or glue. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "bottom.between",
    title="Between the walls",
    about="Flush with the lower edges, with pocket screws or glue; nothing to groove.",
    needs="pocket_jig",
    instead="Strips glued inside the walls hold it up.",
    shares=("flush_bottom",),
    order=4,
)


@rule(source="common practice", per="bottom.between")
def bottom_width(inside_width: Mm) -> Mm:
    """The bottom stands between the sides.

    Left to right.
    """
    return inside_width


@rule(source="common practice", per="bottom.between")
def bottom_depth(inside_depth: Mm) -> Mm:
    """The bottom stands between front and back.

    Front to back.
    """
    return inside_depth
