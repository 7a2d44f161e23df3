"""A divider banded on its front edge. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


@rule(source="common practice", per="divider_banded")
def divider_depth_core(divider_depth_cut: Mm, case_band_thickness: Mm) -> Mm:
    """The core of a divider is less deep by the band on its front edge.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    core = divider_depth_cut - case_band_thickness
    if core <= 0:
        raise CannotDerive(
            "bands-fill-the-part",
            "A band of {band} fills a part {size} deep.",
            "Use a thinner band, or leave it off.",
            band=case_band_thickness,
            size=divider_depth_cut,
        )
    return core
