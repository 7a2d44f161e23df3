"""The lowest of several trays for small parts, over something else: strips to start with. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("parts_tray", "parts_begin"))
def parts_start(parts_start_strip: Mm) -> Mm:
    """Nothing carries the lowest tray yet: its row begins with a strip on both walls."""
    return parts_start_strip
