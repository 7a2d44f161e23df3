"""What holds a joint beside its glue: the alternatives, for each kind of joint."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "corner_held.brads", "bottom_held.brads", "back_held.brads",
    title="Brads", about="Through the thinner part, two to three times as long.", order=1,
)  # fmt: skip
alternative(
    "corner_held.screws", "bottom_held.screws", "back_held.screws", "divider_held.screws",
    title="Screws", about="Through one part into the edge of the other, with a pilot hole.", order=2,
)  # fmt: skip
alternative(
    "corner_held.pocket", "divider_held.pocket",
    title="Pocket screws", about="Slantwise from inside: nothing shows outside.", order=3,
)  # fmt: skip
alternative(
    "corner_held.glue", "bottom_held.glue", "back_held.glue", "divider_held.glue",
    title="Glue alone", about="Clamped until it holds.", order=4,
)  # fmt: skip
