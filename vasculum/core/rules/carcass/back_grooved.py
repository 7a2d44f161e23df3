"""A back in grooves of sides, top and bottom: held without a fastener, put in before the last board. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm

alternative(
    "case_back.grooved",
    title="In a groove",
    about="Stands in grooves all round, before the back edges; it goes in before the last board and wants no fastener.",
    needs="router|dado_set|table_saw",
    instead="Plant it behind, or stand it between strips.",
    shares=("back_let_in",),
    order=4,
)


@rule(source="common practice", per="case_back.grooved")
def case_back_set_in(back_groove_in: Mm) -> Mm:
    """A back in a groove stands so far before the back edges: wood has to stay behind it."""
    return back_groove_in


cut(
    "groove",
    per="case_back.grooved",
    into=("case_side_left", "case_side_right", "case_bottom", "case_top"),
    title="Groove for the case back",
    datums="back",
    at="case_back_set_in",
    width="case_back_thickness",
    depth="case_back_rabbet",
)
