"""A top laid on the case: it covers what stands before it, and overhangs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_down


@rule(source="common practice", per="carcass.new", when=("worktop_thickness",))
def worktop_length_cut(case_outside_width: Mm, worktop_overhang: Mm, increment: Mm) -> Mm:
    """The top overhangs on both sides, down to the shop's increment."""
    return snap_down(case_outside_width + 2 * worktop_overhang, increment)


@rule(source="common practice", per="carcass.new", when=("worktop_thickness",))
def worktop_depth_cut(case_outside_depth: Mm, front_before: Mm, worktop_overhang: Mm, increment: Mm) -> Mm:
    """The top covers the case, the fronts before it and any stand-off, and overhangs at the front."""
    return snap_down(case_outside_depth + front_before + worktop_overhang, increment)


@rule(source="geometry", per="carcass.new", when=("worktop_thickness",))
def top_over(worktop_thickness: Mm) -> Mm:
    """The top stands on the case by its thickness."""
    return worktop_thickness
