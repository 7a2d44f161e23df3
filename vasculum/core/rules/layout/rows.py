"""Rows over each other: the split, and each of its rows. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", per="split.rows")
def split_clear(cell_height: Mm) -> Mm:
    """Rows divide the height."""
    return cell_height


@rule(source="geometry", per="split.rows", shared_out_as="cell_from_floor")
def cells_from_floor(cell_from_floor: Mm, between: Mm, each_row_size: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each row stands on the rows below it and what lies between them.

    Above the floor of the space, uppermost row first.
    """
    positions, at = [], cell_from_floor
    for size in reversed(each_row_size):
        positions.append(at)
        at = at + size + between
    return tuple(reversed(positions))


@rule(source="geometry", per="cell.row")
def row_size(fixed_part: Mm, weight: Mm, outer_unit_size: Mm) -> Mm:
    """A row is its fixed part and its share of what is left."""
    return fixed_part + weight * outer_unit_size


@rule(source="geometry", per="cell.row")
def cell_height(row_size: Mm) -> Mm:
    """A row is as high as it was settled."""
    return row_size


@rule(source="geometry", per="cell.row")
def cell_width(outer_cell_width: Mm) -> Mm:
    """A row is as wide as what it divides."""
    return outer_cell_width


@rule(source="geometry", per="cell.row")
def depth_offered(outer_cell_depth: Mm) -> Mm:
    """A row is as deep as what it divides."""
    return outer_cell_depth


@rule(source="geometry", label="cell begins, from the left", per="cell.row")
def cell_from_left(outer_cell_from_left: Mm) -> Mm:
    """A row begins where what it divides begins."""
    return outer_cell_from_left


@rule(source="geometry", per="cell.row")
def face_width(outer_face_width: Mm) -> Mm:
    """A row's face is as wide as the face it divides."""
    return outer_face_width


@rule(source="geometry", per="cell.row")
def face_height(cell_height: Mm) -> Mm:
    """A row's face is as high as the row."""
    return cell_height
