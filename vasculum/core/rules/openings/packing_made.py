"""What packing is made of: strips planed to thickness, or boards of the sheets in hand. The alternatives."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "packing_made.planed",
    title="Strips, planed",
    about="One strip behind each runner, planed to the thickness.",
    order=1,
)
alternative(
    "packing_made.boards",
    title="Boards from sheets",
    about="One board a side behind all runners, of one to three layers of the sheets in hand.",
    order=2,
)
alternative(
    "packing_made.layers",
    title="Strips from sheets",
    about="One strip behind each runner, of one to three layers of the sheets in hand.",
    order=3,
)
