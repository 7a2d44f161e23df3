"""Which of the runners that stay carry the new box."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per="drawer", when=("kept_runner_low", "kept_runner_top"))
def lowest_and_highest_pair_carry(kept_runner_low: Mm, kept_runner_top: Mm, runner_height: Mm) -> Finding | None:
    """A deep box hangs on two pairs, one low and one high."""
    if kept_runner_top - kept_runner_low < 2 * runner_height:
        return None
    return Finding(
        "two-pairs",
        "note",
        "A box over {height} of runners hangs on two pairs, the lowest and the highest; those between stay empty.",
        "A soft-closing pair goes below: above it does nothing.",
        {"height": kept_runner_top - kept_runner_low},
        ("outside_height",),
    )
