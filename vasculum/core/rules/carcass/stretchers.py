"""Two stretchers instead of a top: a worktop covers them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down

alternative(
    "case_top.stretchers",
    title="Two stretchers",
    about="Less wood where a top is laid on it.",
    order=2,
)


@rule(source="common practice", per="case_top.stretchers", unit="count")
def stretcher_count() -> Mm:
    """One stretcher at the front, one at the back."""
    return Mm(2)


@rule(source="common practice", per="case_top.stretchers")
def stretcher_width_cut(stretcher_width: Mm, increment: Mm) -> Mm:
    """Stretchers are ripped to their width, down to the shop's increment."""
    return snap_down(stretcher_width, increment)
