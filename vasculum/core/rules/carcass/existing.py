"""A case that is there already. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="carcass.existing", unit="count")
def case_boards() -> Mm:
    """What exists takes no boards."""
    return Mm(0)
