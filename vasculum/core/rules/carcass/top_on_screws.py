"""A top that is joined as the bottom is."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "top_held.alike",
    title="As the bottom is",
    about="By the joint of the case.",
    order=1,
)
