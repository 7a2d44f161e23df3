"""A tray whose butted front is lower than its sides: things are seen and taken over it. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


@rule(source="common practice", per=("front_walled", "butt_front", "front.none"), when=("wanted_front_wall_height",))
def front_wall_height(wanted_front_wall_height: Mm, wall_height: Mm, bottom_loss: Mm) -> Mm:
    """The box front is as high as was chosen, and no higher than the sides.

    Raises:
        CannotDerive: ``front-higher-than-sides``, ``front-lower-than-bottom``.
    """
    if wanted_front_wall_height > wall_height:
        raise CannotDerive(
            "front-higher-than-sides",
            "A box front {wanted_front_wall_height} high stands over sides that are {wall_height} high.",
            "Make it lower, or the box higher.",
            wanted_front_wall_height=wanted_front_wall_height,
            wall_height=wall_height,
        )
    if wanted_front_wall_height <= bottom_loss:
        raise CannotDerive(
            "front-lower-than-bottom",
            "A box front {wanted_front_wall_height} high holds no bottom that takes {bottom_loss}.",
            "Make it higher, or plant the bottom.",
            wanted_front_wall_height=wanted_front_wall_height,
            bottom_loss=bottom_loss,
        )
    return wanted_front_wall_height
