"""A case that is there already. Exact counts."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "carcass.existing",
    title="The inside of what is there",
    about="What was measured is filled.",
    order=1,
)


@rule(source="geometry", per="carcass.existing", unit="count")
def case_boards() -> Mm:
    """What exists takes no boards."""
    return Mm(0)
