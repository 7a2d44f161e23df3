"""Slots in front and back of a box whose front is its own face: there are none. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


@rule(source="common practice", per="fitted.slotted_front")
def slotted_wall() -> Mm:
    """A front that is its own face is not slotted.

    Raises:
        CannotDerive: ``slots-want-a-box-front``.
    """
    raise CannotDerive(
        "slots-want-a-box-front",
        "Slots in front and back want a box front of its own.",
        "Slot the sides, or take a corner joint with a box front.",
    )
