"""Edges that are thick enough for a screw."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


def _edge_takes(edge: Mm, diameter: Mm, times: Mm, what: str, key: str) -> Finding | None:
    least = diameter * times
    if edge >= least:
        return None
    return Finding(
        "edge-too-thin-for-a-screw",
        "attention",
        f"Screws of {{diameter}} in {what} want an edge of {{least}}; it is {{edge}} thick, and splits.",
        "Hold it by brads, pocket screws or glue, or take a thicker part.",
        {"diameter": diameter, "least": least, "edge": edge},
        (key,),
    )


@check(source="common practice", per=("butt_corners", "corner_held.screws"))
def corners_take_their_screws(corner_edge: Mm, corner_screw_diameter: Mm, edge_diameters: Mm) -> Finding | None:
    """The ends that corner screws bite into are thick enough."""
    return _edge_takes(corner_edge, corner_screw_diameter, edge_diameters, "the corners", "corner_edge")


@check(source="common practice", per=("bottom.planted", "bottom_held.screws"))
def walls_take_the_screws_of_the_bottom(
    bottom_edge: Mm, bottom_screw_diameter: Mm, edge_diameters: Mm
) -> Finding | None:
    """The walls that screws of a planted bottom bite into are thick enough."""
    return _edge_takes(bottom_edge, bottom_screw_diameter, edge_diameters, "the bottom", "bottom_edge")


@check(source="common practice", per="case_screwed")
def case_boards_take_their_screws(case_screwed_edge: Mm, case_screw_diameter: Mm, edge_diameters: Mm) -> Finding | None:
    """The boards that case screws bite into are thick enough."""
    return _edge_takes(case_screwed_edge, case_screw_diameter, edge_diameters, "the case", "case_screwed_edge")


@check(source="common practice", per=("divided.board", "divider_held.screws"))
def dividers_take_their_screws(divider_thickness: Mm, divider_screw_diameter: Mm, edge_diameters: Mm) -> Finding | None:
    """The ends of dividers that screws bite into are thick enough."""
    return _edge_takes(divider_thickness, divider_screw_diameter, edge_diameters, "a divider", "divider_screw_diameter")
