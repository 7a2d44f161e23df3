"""Sheets as DXF for a machine: full size in millimetres, every part lying where it is cut, one layer for each depth.

Parts lie with their inside face up. *THROUGH* is cut through, *DEPTH_6_35* is 6.35 deep from the face that is up,
*BELOW_6_35* so deep from the other face; *HOLES* has the centres of holes, *NAMES* what each part is called, *SHEET*
the sheets, beside one another. What is cut into edges and ends is not in it.
"""

from __future__ import annotations

import io
from collections.abc import Iterator

from ezdxf import units
from ezdxf.enums import TextEntityAlignment
from ezdxf.filemanagement import new
from ezdxf.layouts.layout import Modelspace

from vasculum.core.lengths import Mm
from vasculum.cutting.model import Piece as Leaf
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.blanks import made_as
from vasculum.plan.making.on_stock import layout_of, stocks_of
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import made_of
from vasculum.plan.making.regions import Region, points, regions
from vasculum.plan.telling.sheets import part_called

BETWEEN = Mm(100)
"""Between sheets."""
TALL = 12
"""Names of parts, mm."""
SHEET, THROUGH, HOLES, NAMES = "SHEET", "THROUGH", "HOLES", "NAMES"
Point = tuple[Mm, Mm]


def cut_sheets_dxf(plan: SolvedPlan) -> bytes:
    """Every offcut and sheet of every row; their order runs to the right."""
    document = new("R2010", setup=True)
    document.units = units.MM
    space, at, pieces = document.modelspace(), Mm(0), made_of(plan).by_id
    for one in stocks_of(plan):
        offcuts = [(offcut.length, offcut.width, piece) for offcut, piece in one.on_offcuts]
        sheets = [(*one.stock.under(piece), piece) for piece in one.as_cut(layout_of(one.laid)[1].sheets)]
        for length, width, whole in (*offcuts, *sheets):
            _path(space, SHEET, _box((at, Mm(0)), (at + length, width)))
            for leaf in whole.leaves():
                if leaf.part:
                    _part(space, plan, leaf._replace(x=leaf.x + at), pieces.get(made_as(leaf.part)))
            at += length + BETWEEN
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")


def _part(space: Modelspace, plan: SolvedPlan, leaf: Leaf, piece: Piece | None) -> None:
    _path(space, THROUGH, _box((leaf.x, leaf.y), (leaf.x + leaf.length, leaf.y + leaf.width)))
    name = space.add_text(part_called(plan, leaf.part), height=TALL, dxfattribs={"layer": NAMES})
    middle = (float(leaf.x + leaf.length / 2), float(leaf.y + leaf.width / 2))
    name.set_placement(middle, align=TextEntityAlignment.MIDDLE_CENTER)
    if piece is None or piece.size is None:
        return
    for cut in piece.cuts:
        for layer, region in _from_faces(regions(plan, piece, cut), piece.size[2]):
            low, high = ((region.along[end], region.across[end]) for end in (0, 1))
            _path(space, layer, _box(_lying(leaf, low), _lying(leaf, high)))
        for point in points(plan, piece, cut):
            x, y = _lying(leaf, point)
            space.add_point((float(x), float(y)), dxfattribs={"layer": HOLES})


def _from_faces(boxes: list[Region], thickness: Mm) -> Iterator[tuple[str, Region]]:
    """What is cut from a face, and the layer of its depth."""
    for one in boxes:
        low, high = one.deep
        if low == 0 and high == thickness:
            yield THROUGH, one
        elif low == 0:
            yield f"DEPTH_{_depth(high)}", one
        elif high == thickness:
            yield f"BELOW_{_depth(high - low)}", one


def _depth(size: Mm) -> str:
    return f"{round(float(size), 2):g}".replace(".", "_")


def _lying(leaf: Leaf, point: Point) -> Point:
    """A point of a part, along and across, where the part lies on its sheet."""
    along, across = point
    return (leaf.x + leaf.length - across, leaf.y + along) if leaf.is_turned else (leaf.x + along, leaf.y + across)


def _box(low: Point, high: Point) -> list[Point]:
    return [low, (high[0], low[1]), high, (low[0], high[1])]


def _path(space: Modelspace, layer: str, corners: list[Point]) -> None:
    path = [(float(x), float(y)) for x, y in corners]
    space.add_lwpolyline(path, close=True, dxfattribs={"layer": layer})
