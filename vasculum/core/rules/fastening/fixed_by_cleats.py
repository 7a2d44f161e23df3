"""A divider without fasteners in its ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("divided.board", "divider_held.cleats"))
def divider_fixings() -> tuple[Mm, ...]:
    """A divider that lies on cleats is held by nothing at its ends."""
    return ()
