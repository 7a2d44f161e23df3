"""Which outside faces of a case show, and so may not be pierced. The alternatives."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative("outside_shown.none", title="None of them", about="Between walls, or painted over filled heads.", order=1)
alternative(
    "outside_shown.sides", title="The sides", about="No screw may come through them from outside.",
    shares=("sides_show",), order=2,
)  # fmt: skip
alternative(
    "outside_shown.top", title="The top", about="No screw may come through it from above.",
    shares=("top_shows",), order=3,
)  # fmt: skip
alternative(
    "outside_shown.sides_and_top", title="Sides and top", about="No screw may come through either.",
    shares=("sides_show", "top_shows"), order=4,
)  # fmt: skip
