"""A top over the fronts, banded on its front edge, or on both. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.bands.core import core_of


@rule(
    source="common practice",
    label="depth of a top over the fronts without its band",
    per=("case_top.oversailing", "upper.over"),
    when=("case_band_thickness",),
)
def case_top_depth_core(case_top_depth_cut: Mm, case_band_thickness: Mm, banded_edges: Mm) -> Mm:
    """The core of the top is less deep by the bands on its edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(case_top_depth_cut, case_band_thickness * banded_edges)
