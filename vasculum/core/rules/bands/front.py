"""A front banded on all four edges. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


def core_of(size: Mm, band: Mm) -> Mm:
    """What is cut, so that with a band on both edges it comes to its size.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    core = size - 2 * band
    if core <= 0:
        raise CannotDerive(
            "bands-fill-the-part",
            "Two bands of {band} fill a part of {size}.",
            "Use a thinner band, or leave it off.",
            band=band,
            size=size,
        )
    return core


@rule(source="common practice", per="front_banded")
def front_core_width(front_width_cut: Mm, front_band_thickness: Mm) -> Mm:
    """The core of a banded front is narrower than it by a band on both edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(front_width_cut, front_band_thickness)


@rule(source="common practice", per="front_banded")
def front_core_height(front_height_cut: Mm, front_band_thickness: Mm) -> Mm:
    """The core of a banded front is lower than it by a band on both edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(front_height_cut, front_band_thickness)
