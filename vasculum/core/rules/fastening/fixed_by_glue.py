"""A divider without fasteners in its ends. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("divided.board", "divider_held.glue"))
def divider_fixings() -> tuple[Mm, ...]:
    """Glue alone asks for no holes."""
    return ()
