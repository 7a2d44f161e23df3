"""A lying divider that goes on past the packing to the walls, and is notched round the posts in front. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="common practice", per=("lying.board", "low_end.existing", "rail_reach.walls"))
def reaches_left(packing_blank_left: Mm = NOTHING) -> Mm:
    """It goes on by the packing."""
    return packing_blank_left


@rule(source="common practice", per=("lying.board", "high_end.existing", "rail_reach.walls"))
def reaches_right(packing_blank_right: Mm = NOTHING) -> Mm:
    """It goes on by the packing."""
    return packing_blank_right


for side in ("left", "right"):
    cut(
        "notch",
        per=("board_before.row", "board_reaches.walls"),
        into="divider",
        title="Notch for the post",
        face="through",
        datums="left" if side == "left" else "right",
        width=f"outer_reaches_{side}",
        begins="notch_begins",
        length="posts_deep",
    )


@rule(
    source="geometry", label="notches begin behind the divider's front", per=("board_before.row", "board_reaches.walls")
)
def notch_begins() -> Mm:
    """Notches are open to the front."""
    return NOTHING
