"""A shelf behind a cross wall, banded on its back edge. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.bands.core import core_of


@rule(
    source="common practice",
    label="depth of the shelf behind without its band",
    per="walled_behind",
    when=("case_band_thickness", "shelf_behind"),
)
def shelf_behind_depth_core(shelf_behind_depth_cut: Mm, case_band_thickness: Mm) -> Mm:
    """The core of the shelf is less deep by the band on its back edge.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(shelf_behind_depth_cut, case_band_thickness)
