"""A back in rabbets of sides, top and bottom: its edges are hidden. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "case_back.in_rabbet",
    title="In a rabbet",
    about="Let into sides, top and bottom; its edges are hidden.",
    needs="router|dado_set|table_saw",
    instead="Plant it behind, or glue strips inside to stop it.",
    shares=("back_let_in", "back_fastened"),
    order=2,
)


@rule(source="geometry", label="case back set in from the back edges", per="case_back.in_rabbet")
def case_back_set_in() -> Mm:
    """A back in a rabbet lies flush with the back edges."""
    return NOTHING


cut(
    "rabbet",
    per="case_back.in_rabbet",
    into=("case_side_left", "case_side_right", "case_bottom", "case_top"),
    title="Rabbet for the case back",
    datums="back",
    width="case_back_thickness",
    depth="case_back_rabbet",
)
