"""A door that hangs on the left. Exact mm, from the clear left of the space."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "door.left",
    title="On the left",
    about="The leaf swings from the left edge.",
    order=1,
)


@rule(source="geometry", label="hinge edge of the door, from the left", per="door.left", when=("door_width",))
def door_hangs_at(clear_stands_in: Mm) -> Mm:
    """The door hangs at the left edge of the opening."""
    return -clear_stands_in
