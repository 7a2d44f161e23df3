"""What stands in from the left, packed out alike on the right. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="crossing.left_and_right")
def takes_right(takes_left: Mm) -> Mm:
    """The same is taken on the right, so that the box hangs in the middle."""
    return takes_left
