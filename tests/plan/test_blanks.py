"""Spare parts, and parts that are cut from one piece, in their order: laid out, ordered at the saw, labelled. By hand."""

from __future__ import annotations

import pytest

from tests.helpers import act, changed, mm, solved, step, told, with_choices
from tests.plan.test_laying_out import row_of, shown
from tests.plan.test_sheets import bank
from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.cutting.model import Layout
from vasculum.drawing.cut_sheet import cut_sheet
from vasculum.drawing.primitives import Rect
from vasculum.export.cut_sheets_csv import cut_sheets_csv
from vasculum.export.cut_sheets_dxf import cut_sheets_dxf
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan, read_plan, write_plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.labels import part_labels
from vasculum.plan.telling.solution import solution_of


def sides(plan: Plan) -> list[str]:
    """The sides of the drawers, two and two."""
    return [
        piece.id
        for piece in pieces_of(solved(plan))
        if "side" in piece.role and piece.sheet == plan.choices["side_sheet"]
    ]


def paired() -> tuple[Plan, list[list[str]]]:
    plan = bank()
    ids = sides(plan)
    groups = [
        [one for one in ids if one.startswith(f"{place}/")]
        for place in dict.fromkeys(id_.partition("/")[0] for id_ in ids)
    ]
    return act(plan, "cut-together", groups=groups), groups


def test_both_sides_of_a_drawer_lie_one_after_the_other_with_a_kerf_between() -> None:
    plan, groups = paired()
    assert [len(group) for group in groups] == [2, 2, 2]
    one = row_of(plan)
    by_name = {piece.id: piece for piece in pieces_of(solved(plan))}
    for group, blank in zip(groups, one.blanks.values(), strict=True):
        (length, width), kerf = by_name[group[0]].size[:2], mm("1/8")  # type: ignore[index]
        assert blank.whole[1:3] == (2 * length + kerf, width)
    (layout,) = [Layout(tuple(one.as_cut(one.laid.best.sheets)))]
    lying = {leaf.part: leaf for leaf in layout.parts()}
    for first, second in groups:
        here, there = lying[first], lying[second]
        step_x, step_y = there.x - here.x, there.y - here.y
        assert (step_x, step_y) in ((here.length + mm("1/8"), 0), (0, here.width + mm("1/8")))


def test_the_order_at_the_saw_cuts_pairs_apart_and_every_list_has_both() -> None:
    plan, groups = paired()
    way = shown(plan).ways[0]
    by_name = {piece.id: piece for piece in pieces_of(solved(plan))}
    called = [shown(plan).called[part] for group in groups for part in group]
    at_saw = [part for setting in way.order for part in setting.parts]
    assert sorted(part for part in at_saw if part in called) == sorted(called)
    assert way.order[-1].size == "18"
    assert by_name[groups[0][0]].size[0] == mm("18")  # type: ignore[index]
    csv_text = cut_sheets_csv(solved(plan)).decode()
    assert all(part in csv_text for part in called)
    assert all(part.encode() in cut_sheets_dxf(solved(plan)) for part in called)
    drawn = [cut_sheet(solved(plan), f"{row_of(plan).row}:sheets:{number + 1}") for number in range(way.sheets)]
    filled = {one.key for sheet in drawn for one in sheet.primitives if isinstance(one, Rect) and one.role == "fill"}
    assert filled >= {part for group in groups for part in group}
    rows = solution_of(solved(plan)).parts
    said = {one.text for row in rows if groups[0][0] in row.ids for one in row.joinery}
    assert f"{plan.marks.get(groups[0][0], '')} and {plan.marks.get(groups[0][1], '')} from one piece" in said
    kept = {label.kept for label in part_labels(solved(plan))}
    assert sum("sheet 1" in text for text in kept) >= 3


def test_faces_of_a_matched_column_are_drawn_in_their_order_on_the_sheet() -> None:
    plan = bank(grain="matched")
    one = row_of(plan, "front_sheet")
    (blank,) = one.blanks.values()
    cells = plan.places[plan.spaces[plan.space_order[0]].holds].children
    assert [part.name.partition("/")[0] for part in blank.parts] == cells
    leaves = [leaf for sheet in one.as_cut(one.laid.best.sheets) for leaf in sheet.leaves() if leaf.part]
    assert [leaf.part.partition("/")[0] for leaf in sorted(leaves, key=lambda leaf: (leaf.x, leaf.y))] == cells
    trimmed = row_of(with_choices(plan, panel_trim="1/16 in"), "front_sheet")
    (wider,) = trimmed.blanks.values()
    assert wider.whole.length == blank.whole.length + 2 * mm("1/16")


def test_one_of_a_pair_is_moved_with_the_other() -> None:
    plan, groups = paired()
    moved = act(plan, "move-part", row=row_of(plan).row, aim="sheets", part=groups[0][1], sheet=2)
    one = row_of(moved)
    assert one.laid.kept is not None
    second = {leaf.part for leaf in one.as_cut([one.laid.kept.sheets[1]])[0].leaves()}
    assert set(groups[0]) <= second


def test_a_part_that_the_saw_alone_forbids_is_refused_as_that() -> None:
    """Where nothing shorter than 30 in is ripped, a side of 18 in does not go beside what lies in its strip."""
    plan = with_choices(bank(), least_ripped="30 in")
    one = row_of(plan)
    parts = [leaf.part for leaf in one.laid.fewest_sheets.sheets[0].leaves() if leaf.part]
    refused = []
    for x, y in ((x, y) for x in range(0, 2400, 150) for y in range(0, 1200, 100)):
        try:
            act(plan, "move-part", row=one.row, aim="sheets", part=parts[-1], sheet=1, x=x, y=y)
        except PlanRefused as refusal:
            refused.append(refusal.code)
    assert "too-many-cuts" in refused


def test_they_are_laid_apart_again_and_what_no_longer_goes_together_is_told() -> None:
    plan, groups = paired()
    apart = act(plan, "cut-apart", groups=list(plan.together))
    assert row_of(apart).laid == row_of(bank()).laid
    assert "by themselves" in told(plan, "cut-apart", groups=list(plan.together))
    assert "and 2 more" in told(bank(), "cut-together", groups=groups)
    assert read_plan(write_plan(plan).encode()) == plan
    front = next(piece.id for piece in pieces_of(solved(plan)) if piece.role == "front")
    mixed = changed(apart, step("/together", {"blank-99": [groups[0][0], front]}, "replace"))
    assert shown(mixed).notes[0].startswith(shown(mixed).called[groups[0][0]])
    assert "should be of one piece with" in shown(mixed).notes[0]
    gone = changed(apart, step("/together", {"blank-99": [*groups[0], "drawer-99/side"]}, "replace"))
    assert len(row_of(gone).blanks) == 1


@pytest.mark.parametrize("count", [1, 3])
def test_spare_parts_are_laid_out_labelled_and_counted(count: int) -> None:
    plan = bank()
    ids = next(row.ids for row in solution_of(solved(plan)).parts if row.name == "Box side, left")
    spare = act(plan, "cut-spare", parts=ids, count=count)
    one, before = row_of(spare), row_of(plan)
    assert len(one.parts) == len(before.parts) + count
    assert (
        sum(part[1:] == one.parts[0][1:] for part in one.parts)
        == sum(p[1:] == before.parts[0][1:] for p in before.parts) + count
    )
    assert sum("spare" in called for called in shown(spare).called.values()) == count
    assert sum(label.kept.startswith("spare") for label in part_labels(solved(spare))) == count
    (row,) = (row for row in solution_of(solved(spare)).parts if ids[0] in row.ids)
    assert row.count == len(ids)
    assert [one.text for one in row.joinery][-1] == f"{count} spare, cut as well"
    line = next(line for line in solution_of(solved(spare)).shopping.lines if line.what == one.sheet.name)
    assert f"and {count} spare" in line.need
    assert act(spare, "cut-spare", parts=ids, count=0).spares == {}


def test_spare_parts_take_area_and_edge_band_too() -> None:
    """Of a sheet whose size nobody said the area is told: with two more of a side, that much more."""
    plan = bank()
    side = next(piece for piece in pieces_of(solved(plan)) if piece.id == sides(plan)[0])
    unknown = changed(plan, step(f"/library/sheets/{plan.choices['side_sheet']}/length", None))

    def need(at: Plan) -> str:
        name = at.library.sheets[at.choices["side_sheet"]].name
        return next(line.need for line in solution_of(solved(at)).shopping.lines if line.what == name)

    def square_feet(text: str) -> float:
        return float(text.split(", ")[1].split(" sq ft", maxsplit=1)[0])

    spare = act(unknown, "cut-spare", parts=[side.id], count=2)
    assert side.size is not None
    more = float(2 * side.size[0] * side.size[1] / mm("12") ** 2)
    assert square_feet(need(spare)) - square_feet(need(unknown)) == pytest.approx(more, abs=0.11)
    assert "and 2 spare" in need(spare)


def test_a_spare_one_of_a_pair_lies_by_itself() -> None:
    plan, groups = paired()
    spare = act(plan, "cut-spare", parts=groups[0], count=1)
    names = {part.name for part in row_of(spare).parts}
    assert f"{groups[0][0]}~1" in names
    assert groups[0][0] not in names


def test_what_cannot_be_is_refused() -> None:
    plan = bank(grain="matched")
    faces = [piece.id for piece in pieces_of(solved(plan)) if piece.grain == "matched"]
    side = sides(plan)[0]
    with pytest.raises(PlanRefused, match="runs on"):
        act(plan, "cut-together", groups=[faces[:2]])
    with pytest.raises(PlanRefused, match="runs on"):
        act(plan, "cut-spare", parts=faces[:1], count=1)
    plain = bank()
    front = next(piece.id for piece in pieces_of(solved(plain)) if piece.role == "front")
    with pytest.raises(PlanRefused, match="different sheets"):
        act(plain, "cut-together", groups=[[sides(plain)[0], front]])
    with pytest.raises(NoSuchQuantity):
        act(plain, "cut-spare", parts=["nothing/side"], count=1)
    with pytest.raises(NoSuchQuantity):
        act(plain, "cut-apart", groups=["blank-1"])
    with pytest.raises(FaultyPlan, match="twice"):
        act(plain, "cut-together", groups=[[side, side]])
