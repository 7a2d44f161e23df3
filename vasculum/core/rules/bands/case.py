"""A case banded on its front edge, or on both. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.bands.core import core_of


@rule(
    source="common practice",
    label="depth of a case board without its band",
    per="carcass.new",
    when=("case_band_thickness",),
)
def case_panel_depth_core(case_panel_depth_cut: Mm, case_band_thickness: Mm, banded_edges: Mm) -> Mm:
    """The core of a board of the case is less deep by the bands on its edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(case_panel_depth_cut, case_band_thickness * banded_edges)


@rule(
    source="common practice",
    label="depth of the case bottom without its band",
    per="whole_bottom",
    when=("case_band_thickness",),
)
def bottom_depth_core(bottom_depth_cut: Mm, case_band_thickness: Mm, banded_edges: Mm) -> Mm:
    """The core of the bottom is less deep by the bands on its edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(bottom_depth_cut, case_band_thickness * banded_edges)


@rule(
    source="common practice",
    label="depth of the case top without its band",
    per="whole_top",
    when=("case_band_thickness",),
)
def top_depth_core(top_depth_cut: Mm, case_band_thickness: Mm, banded_edges: Mm) -> Mm:
    """The core of the top is less deep by the bands on its edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(top_depth_cut, case_band_thickness * banded_edges)


@rule(
    source="common practice",
    label="depth of a case side without its band",
    per="carcass.new",
    when=("case_band_thickness",),
)
def case_side_depth_core(case_side_depth_cut: Mm, case_band_thickness: Mm, banded_edges: Mm) -> Mm:
    """The core of a side of the case is less deep by the bands on its edges.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    return core_of(case_side_depth_cut, case_band_thickness * banded_edges)
