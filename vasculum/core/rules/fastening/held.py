"""What holds a joint beside its glue: the alternatives, for each kind of joint."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

GLUED = {"divider_held.screws": ("glued_ends",), "divider_held.pocket": ("glued_ends",),
         "divider_held.glue": ("glued_ends",)}  # fmt: skip
"""Ends of dividers that are glued as well; angles and cleats come off again."""

alternative(
    "corner_held.brads", "bottom_held.brads", "back_held.brads",
    title="Brads", about="Through the thinner part, two to three times as long.", order=1,
)  # fmt: skip
alternative(
    "corner_held.screws", "bottom_held.screws", "back_held.screws", "divider_held.screws",
    title="Screws", about="Through one part into the edge of the other, with a pilot hole.",
    shares=GLUED, order=2,
)  # fmt: skip
alternative(
    "corner_held.pocket", "divider_held.pocket",
    title="Pocket screws", about="Slantwise from inside: nothing shows outside.", shares=GLUED, order=3,
)  # fmt: skip
alternative(
    "divider_held.dowels",
    title="Dowels",
    about="In the middle of its ends: nothing shows, and it stands where it was drilled.",
    needs="dowel_jig",
    instead="Screw it, or pocket-screw it.",
    shares=("dowelled", "glued_ends"),
    order=4,
)
alternative(
    "divider_held.angles",
    title="Metal angles", about="Under both ends, screwed to the walls and up into the divider; it comes off again.",
    order=5,
)  # fmt: skip
alternative(
    "divider_held.cleats",
    title="Cleats", about="Strips on the walls that a lying divider rests on, loose.",
    order=6,
)  # fmt: skip
alternative(
    "corner_held.glue", "bottom_held.glue", "back_held.glue", "divider_held.glue",
    title="Glue alone", about="Clamped until it holds.", shares=GLUED, order=7,
)  # fmt: skip
