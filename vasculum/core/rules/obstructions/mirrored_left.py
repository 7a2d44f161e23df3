"""What stands in from the right, packed out alike on the left. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per="crossing.right_and_left")
def takes_left(takes_right: Mm) -> Mm:
    """The same is taken on the left, so that the box hangs in the middle."""
    return takes_right
