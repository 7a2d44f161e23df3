"""Solids cut through by a plane: the outlines of what is cut. Float mm."""

from __future__ import annotations

from vasculum.core.flow.things import Axis
from vasculum.solid.solids import Solid

Outline = list[tuple[float, float]]
LAID: dict[Axis, tuple[tuple[float, ...], ...]] = {
    "across": ((0, 1, 0, 0), (0, 0, 1, 0), (1, 0, 0, 0)),
    "back": ((1, 0, 0, 0), (0, 0, 1, 0), (0, 1, 0, 0)),
    "up": ((1, 0, 0, 0), (0, 1, 0, 0), (0, 0, 1, 0)),
}
"""How space is turned so that the plane lies flat: the two other axes, across before back before up, then its own."""


def cut_through(solid: Solid, axis: Axis, at: float) -> list[Outline]:
    """Where a plane across an axis cuts a solid: each outline in the two other axes, across before back before up."""
    laid = solid.built().translate(solid.corner).transform(LAID[axis])
    return [[(float(x), float(y)) for x, y in outline] for outline in laid.slice(at).to_polygons()]
