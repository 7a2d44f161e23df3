"""A door that hangs on the right. Exact mm, from the clear left of the space."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "door.right",
    title="On the right",
    about="The leaf swings from the right edge.",
    order=2,
)


@rule(source="geometry", per="door.right", when=("door_width",))
def door_hangs_at(opening_width: Mm, clear_stands_in: Mm) -> Mm:
    """The door hangs at the right edge of the opening."""
    return opening_width - clear_stands_in
