"""Columns side by side: the split, and each of its columns. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="geometry", label="size that is divided", per="split.columns")
def split_clear(cell_width: Mm) -> Mm:
    """Columns divide the width."""
    return cell_width


@rule(source="geometry", per="split.columns", shared_out_as="cell_from_left")
def cells_from_left(cell_from_left: Mm, between: Mm, each_row_size: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """Each column stands beside the columns on its left and what stands between them.

    From the clear left of the space, leftmost first.
    """
    positions, at = [], cell_from_left
    for size in each_row_size:
        positions.append(at)
        at = at + size + between
    return tuple(positions)


@rule(source="geometry", label="size of the row or column", per="cell.column")
def row_size(fixed_part: Mm, weight: Mm, outer_unit_size: Mm) -> Mm:
    """A column is its fixed part and its share of what is left."""
    return fixed_part + weight * outer_unit_size


@rule(source="geometry", label="cell width", per="cell.column")
def cell_width(row_size: Mm) -> Mm:
    """A column is as wide as it was settled."""
    return row_size


@rule(source="geometry", label="cell height", per="cell.column")
def cell_height(outer_cell_height: Mm) -> Mm:
    """A column is as high as what it divides."""
    return outer_cell_height


@rule(source="geometry", label="depth that a place is offered", per="cell.column")
def depth_offered(outer_cell_depth: Mm) -> Mm:
    """A column is as deep as what it divides."""
    return outer_cell_depth


@rule(source="geometry", label="cell above the floor", per="cell.column")
def cell_from_floor(outer_cell_from_floor: Mm) -> Mm:
    """A column stands where what it divides stands."""
    return outer_cell_from_floor


@rule(source="geometry", label="width that the face covers", per="cell.column")
def face_width(cell_width: Mm, face_left_of_cell: Mm, face_right_of_cell: Mm) -> Mm:
    """A column's face is as wide as the column, and at the outside reaches to the edge of the opening."""
    return cell_width + face_left_of_cell + face_right_of_cell


@rule(source="geometry", label="height that the face covers", per="cell.column")
def face_height(outer_face_height: Mm) -> Mm:
    """A column's face is as high as the face it divides."""
    return outer_face_height
