"""A case without a top: what stands over it is the top, or things are put in from above."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "case_top.none",
    title="No top",
    about="What it stands under is its top; a rail near the upper edge holds the sides apart.",
    shares=("topless",),
    order=4,
)
