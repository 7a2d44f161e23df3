"""A front banded on all four edges. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.bands.core import core_of


@rule(source="common practice", label="front width without its bands", per="fronted", when=("front_band_thickness",))
def front_core_width(front_width_cut: Mm, front_band_thickness: Mm) -> Mm:
    """The core of a banded front is narrower than it by a band on both edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(front_width_cut, 2 * front_band_thickness)


@rule(source="common practice", label="front height without its bands", per="fronted", when=("front_band_thickness",))
def front_core_height(front_height_cut: Mm, front_band_thickness: Mm) -> Mm:
    """The core of a banded front is lower than it by a band on both edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(front_height_cut, 2 * front_band_thickness)
