"""Parts that no rule makes and things to buy that none asks for: on every list, in drawings, in the proof."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import act, changed, codes, frameless, mm, sheet_of, solved, space_of, step, with_choices
from vasculum.core.errors import NoSuchQuantity, PlanRefused
from vasculum.core.rules.own_parts import LIES
from vasculum.drawing.above import above
from vasculum.drawing.opening import elevation
from vasculum.drawing.section import section
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import FaultyPlan
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.making.goods import goods_of
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.shopping import shopping_of
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

MADE_HERE = "invented for this test"


def with_own(plan: Plan, kind: str, name: str, **fields: Any) -> tuple[Plan, str]:
    """A plan with a part or a thing of one's own, and its id."""
    after = act(plan, "add-own", kind=kind, space=space_of(plan), name=name)
    (new,) = set(getattr(after, kind)) - set(getattr(plan, kind))
    return changed(after, *(step(f"/{kind}/{new}/{field}", value) for field, value in fields.items())), new


def part(plan: Plan, **fields: Any) -> tuple[Plan, str]:
    sizes = {"length": "10 in", "width": "3 in", "stock": plan.choices["front_sheet"]}
    return with_own(plan, "own_parts", fields.pop("called", "Rack"), **{**sizes, **fields})


def good(plan: Plan, **fields: Any) -> tuple[Plan, str]:
    return with_own(plan, "own_goods", "Hook screw", **fields)


def meetings(plan: Plan) -> set[frozenset[str]]:
    return {frozenset((one.first, one.second)) for one in prove(solved(plan)).meetings}


# ---- parts --------------------------------------------------------------------------------------------------------


def test_a_part_is_cut_weighed_and_bought_with_the_rest() -> None:
    """Two of 10 x 3 x 3/4 at 35 lb a cubic foot weigh 0.456 lb each; the sheet has two parts more."""
    plain = with_choices(frameless(), sheet_density="560")
    plan, one = part(plain, count=2, note="slots 9/16 wide")
    done = solved(plan)
    (row,) = (row for row in solution_of(done).parts if row.name == "Rack")
    assert (row.count, row.length.value and row.length.value.text, row.material) == (2, "10", "Plywood 3/4")
    assert row.weight == "0.455 lb"  # 22.5 cubic inches at 560 kg a cubic metre
    assert [cut.text for cut in row.joinery] == ["slots 9/16 wide"]
    (before,) = (
        line.need for line in shopping_of(solved(plain), pieces_of(solved(plain)), ()).lines if "3/4" in line.what
    )
    (after,) = (line.need for line in shopping_of(done, pieces_of(done), ()).lines if "3/4" in line.what)
    assert before.startswith("1 part,")
    assert after.startswith("3 parts,")
    assert len({piece.id for piece in pieces_of(done) if piece.place == one}) == 2


@pytest.mark.parametrize("lies", LIES)
def test_it_lies_as_it_is_said(lies: str) -> None:
    plan, one = part(frameless(), lies=lies, from_left="1 in", from_front="2 in", from_floor="3 in")
    (piece,) = (piece for piece in pieces_of(solved(plan)) if piece.place == one)
    assert piece.stand is not None
    extent = dict(zip(("across", "back", "up"), piece.stand.extent(mm("10"), mm("3"), mm("3/4")), strict=True))
    length, width = LIES[lies]
    assert (extent.pop(length), extent.pop(width)) == (mm("10"), mm("3"))
    assert set(extent.values()) == {mm("3/4")}
    assert piece.stand[:3] == (mm("1"), mm("2"), mm("3"))


@pytest.mark.parametrize(("steps", "axis"), [("across", 0), ("back", 1), ("up", 2)])
def test_each_further_one_stands_a_step_on(steps: str, axis: int) -> None:
    plan, one = part(frameless(), count=3, lies="facing", from_left="1 in", step="4 in", steps=steps)
    stands = [piece.stand for piece in pieces_of(solved(plan)) if piece.place == one]
    assert [stand and stand[axis] - stands[0][axis] for stand in stands if stands[0]] == [0, mm("4"), mm("8")]


def test_what_stands_outward_is_before_the_corner() -> None:
    fields = {"from_left": "1 in", "from_front": "3/4 in", "from_floor": "2 in"}
    plan, one = part(frameless(), lies="facing", outward=["left", "front", "floor"], **fields)
    (piece,) = (piece for piece in pieces_of(solved(plan)) if piece.place == one)
    assert piece.stand is not None
    assert piece.stand[:3] == (-mm("1"), -mm("3/4"), -mm("2"))


def test_it_is_drawn_from_every_side_and_cut_where_it_is_cut_through() -> None:
    plan, one = part(frameless(), lies="beside", from_left="5 in", from_front="1/2 in", length="16 in", width="9 in")
    done = solved(plan)
    drawer = next(iter(numbers_of(plan)))
    sheets = (elevation(done, space_of(plan)), above(done, space_of(plan), drawer, numbers_of(plan)))
    for sheet in sheets:
        assert [line for line in sheet.primitives if line.key.startswith(one)], sheet.name
    assert not [line for line in section(done, drawer).primitives if line.key.startswith(one)]  # not in the middle
    middle = changed(plan, step(f"/own_parts/{one}/from_left", "11 in"))
    assert [line for line in section(solved(middle), drawer).primitives if line.key.startswith(one)]


def test_a_part_in_the_way_of_a_drawer_is_found_by_the_proof() -> None:
    clear, _ = part(frameless(), lies="flat", from_floor="3/4 in", outward=["floor"], is_wall=True)
    assert not meetings(clear)
    through, one = part(frameless(), lies="beside", from_left="5 in", from_front="2 in", from_floor="1 in")
    assert any({f"{one}+1/own"} < pair for pair in meetings(through))


def test_what_was_measured_to_is_a_wall_and_meets_none() -> None:
    """A panel where the wall is: the tape was held to it."""
    fields = {"from_left": "3/4 in", "length": "9 in", "width": "12 in", "outward": ["left"]}
    panel, one = part(frameless(), lies="beside_upright", **fields)
    assert any(f"{one}+1/own" in pair for pair in meetings(panel))
    assert not meetings(changed(panel, step(f"/own_parts/{one}/is_wall", True)))


def test_a_shelf_notched_round_posts_goes_past_them() -> None:
    """Notches 1 x 2 in front and 1 x 1 behind: what is left is told, and posts stand in them."""
    base = frameless("22", "9", "18", front="none")
    notches = {
        "front_notch_wide": "1 in",
        "front_notch_deep": "2 in",
        "back_notch_wide": "1 in",
        "back_notch_deep": "1 in",
    }
    shelf, one = part(
        base, lies="flat", length="22 in", width="18 in", from_floor="3/4 in", outward=["floor"], **notches
    )
    shelf = changed(shelf, step(f"/own_parts/{one}/is_wall", True))
    (row,) = (row for row in solution_of(solved(shelf)).parts if row.name == "Rack")
    assert [cut.text for cut in row.joinery] == [
        "Notch in front: both ends, 1 in wide, 2 in deep from the front edge, right through",
        "Notch in back: both ends, 1 in wide, 1 in deep from the back edge, right through",
    ]
    post = {"called": "Post", "length": "3 in", "width": "1 in", "thickness": "1 in", "stock": None}
    standing = {"lies": "facing_upright", "from_floor": "2 in", "outward": ["floor"]}
    corner, clear = part(shelf, **{**post, **standing, "from_front": "1 in"})
    assert not any(f"{clear}+1/own" in pair and f"{one}+1/own" in pair for pair in meetings(corner))
    further, meets = part(shelf, **{**post, **standing, "from_front": "3/2 in"})
    assert any({f"{meets}+1/own", f"{one}+1/own"} == pair for pair in meetings(further))


def test_a_notch_that_is_half_said_is_named_and_not_cut() -> None:
    whole = {"front_notch_wide": "1 in", "front_notch_deep": "1 in"}
    for lies, notches, named in (
        ("flat", whole, False),
        ("flat", {"front_notch_wide": "1 in"}, True),
        ("flat", whole | {"back_notch_deep": "1 in"}, True),
        (None, whole, True),
    ):
        plan = part(frameless(), lies=lies, **notches)[0]
        assert ("notch-without-sizes" in codes(plan, "attention")) is named, (lies, notches)


def test_notches_leave_something_of_the_part() -> None:
    notches = {"front_notch_wide": "5 in", "front_notch_deep": "1 in"}
    plan, one = part(frameless(), lies="flat", **notches)
    assert "notches-leave-nothing" in codes(plan, "stop")
    assert "notches-leave-nothing" not in codes(changed(plan, step(f"/own_parts/{one}/front_notch_wide", "4 in")))


@pytest.mark.parametrize("without", ["length", "width", "stock"])
def test_a_part_without_a_size_is_asked_for_it_and_on_no_list(without: str) -> None:
    plan, one = part(frameless(), **{without: None})
    assert "own-part-without-sizes" in codes(plan, "attention")
    assert not [piece for piece in pieces_of(solved(plan)) if piece.place == one]
    assert "own-part-without-sizes" not in codes(part(frameless())[0])


def test_a_part_of_nothing_in_the_library_says_its_thickness() -> None:
    plan, _ = part(frameless(), stock=None, thickness="5/8 in")
    (row,) = (row for row in solution_of(solved(plan)).parts if row.name == "Rack")
    assert (row.thickness.value and row.thickness.value.text, row.material, row.weight) == (
        "5/8", "As its owner says", "",
    )  # fmt: skip


def test_a_part_larger_than_its_sheet_is_named() -> None:
    plan, _ = part(frameless(), length="100 in")
    assert "larger-than-its-sheet" in codes(plan)


def test_its_sheet_is_measured_once_for_all() -> None:
    """The sheet of the fronts, measured 23/32, gives the thickness of the part too; until then it is assumed."""
    plan, one = part(frameless())
    before = solved(plan).solved.quantities[one, "own_thickness"]
    assert (before.value, before.origin) == (mm("3/4"), "assumed")
    after = changed(plan, step(f"/library/sheets/{sheet_of(plan, 'front_sheet')}/measured", "23/32 in"))
    assert solved(after).solved.value(one, "own_thickness") == mm("23/32")
    (piece,) = (piece for piece in pieces_of(solved(after)) if piece.place == one)
    assert piece.size is not None
    assert piece.size[2] == mm("23/32")


def test_its_stock_may_change_though_it_measures_the_same() -> None:
    plan, one = part(frameless())
    first = solved(plan)
    made_of(first)
    number = plan.next_id
    row = plan.library.sheets[plan.choices["front_sheet"]].model_dump(exclude_none=True)
    other = changed(
        plan,
        step(f"/library/sheets/sheet-{number}", {**row, "name": "Other ply"}),
        step("/next_id", number + 1, "replace"),
        step(f"/own_parts/{one}/stock", f"sheet-{number}"),
    )
    from vasculum.plan.making.marking import marked

    (piece,) = (piece for piece in pieces_of(marked(other, first)) if piece.place == one)
    assert piece.sheet == f"sheet-{number}"


def test_stock_that_a_part_is_cut_from_stays() -> None:
    number = frameless().next_id
    base = frameless()
    row = {"name": "Cherry 3/4", "nominal": "3/4 in", "source": MADE_HERE}
    base = changed(base, step(f"/library/sheets/sheet-{number}", row), step("/next_id", number + 1, "replace"))
    plan, _ = part(base, stock=f"sheet-{number}")
    with pytest.raises(PlanRefused, match="Cherry 3/4 is in use: Rack"):
        act(plan, "take-stock-out", kind="sheets", row=f"sheet-{number}")
    assert f"sheet-{number}" not in act(base, "take-stock-out", kind="sheets", row=f"sheet-{number}").library.sheets


@pytest.mark.parametrize(("field", "value", "says"), [
    ("stock", "sheet-999", "no sheet and no board"), ("count", 0, "greater than or equal"), ("length", "0 in", "zero"),
    ("lies", "upside_down", "Input should be"), ("space", "space-99", "There is no space"),
])  # fmt: skip
def test_what_cannot_be_is_refused_and_changes_nothing(field: str, value: object, says: str) -> None:
    plan, one = part(frameless())
    with pytest.raises(FaultyPlan, match=says):
        changed(plan, step(f"/own_parts/{one}/{field}", value))


def test_parts_and_goods_of_one_name_get_numbers_and_are_taken_out() -> None:
    plan, one = part(frameless())
    again, other = part(plan)
    assert [again.own_parts[id_].name for id_ in (one, other)] == ["Rack", "Rack 2"]
    assert set(act(again, "take-own-out", own=one).own_parts) == {other}
    with pytest.raises(NoSuchQuantity, match="part-99"):
        act(again, "take-own-out", own="part-99")


def test_a_space_takes_its_parts_and_goods_with_it() -> None:
    plan, _ = part(frameless())
    plan, _ = good(plan)
    for do in ("mirror", "copy-space"):
        twice = act(plan, do, space=space_of(plan))
        for kind in ("own_parts", "own_goods"):
            assert sorted(one.space for one in getattr(twice, kind).values()) == sorted(twice.space_order), do
        alone = act(twice, "take-space-out", space=space_of(plan))
        assert len(alone.own_parts) == len(alone.own_goods) == 1


@pytest.mark.parametrize(("fields", "from_left", "outward"), [
    ({"from_left": "1 in"}, "23/2", []),
    ({"from_left": "1 in", "outward": ["left"]}, "27/2", []),
    ({"from_left": "20 in"}, "15/2", ["left"]),
    ({"from_left": "1 in", "count": 3, "step": "2 in"}, "15/2", []),
])  # fmt: skip
def test_a_mirror_image_stands_as_far_from_the_other_edge(fields: Any, from_left: str, outward: list[str]) -> None:
    """In a space 22 1/2 wide a part 10 long."""
    plan, one = part(frameless(), lies="facing", **fields)
    twice = act(plan, "mirror", space=space_of(plan))
    (copy,) = (it for id_, it in twice.own_parts.items() if id_ != one)
    assert twice.length(copy.from_left or "0 mm") == mm(from_left)
    assert list(copy.outward) == outward


# ---- what is bought -----------------------------------------------------------------------------------------------


@pytest.mark.parametrize(("fields", "what", "through"), [
    ({}, "Hook screw", ""),
    ({"length": "48 3/8 in"}, "Hook screw, 48 3/8 in", ""),
    ({"length": "3/4 in", "passes": "3/16 in"}, "Hook screw, 3/4 in",
     "through what is before it 3/16 in, bites 9/16 in"),
    ({"length": "3/4 in", "passes": "3/16 in", "into": "23/32 in"}, "Hook screw, 3/4 in",
     "through what is before it 3/16 in into what holds it 23/32 in, bites 9/16 in"),
])  # fmt: skip
def test_what_is_bought_says_as_much_as_was_said(fields: dict[str, str], what: str, through: str) -> None:
    """A frame screw 3/4 through steel 1/8 and a washer 1/16 into a panel 23/32 bites 9/16; 5/32 are left."""
    plan, _ = good(frameless(), count=22, **fields)
    (row,) = (row for row in hardware_of(solved(plan)) if row.what.startswith("Hook screw"))
    assert (row.what, row.amount) == (what, "22 pieces")
    assert row.through == through
    assert not codes(plan) & {"own-fastener-too-short", "own-fastener-comes-through", "own-fastener-near-the-face"}


@pytest.mark.parametrize(("length", "code", "severity"), [
    ("1/2 in", "own-fastener-too-short", "attention"),
    ("3/4 in", None, None),
    ("7/8 in", "own-fastener-near-the-face", "attention"),
    ("1 in", "own-fastener-comes-through", "stop"),
])  # fmt: skip
def test_a_fastener_bites_and_stays_inside(length: str, code: str | None, severity: str | None) -> None:
    """Through 3/16 into 23/32: 3/8 is the least bite, 1/8 the least cover."""
    plan, _ = good(frameless(), length=length, passes="3/16 in", into="23/32 in")
    every = {"own-fastener-too-short", "own-fastener-near-the-face", "own-fastener-comes-through"}
    assert codes(plan) & every == ({code} if code else set())
    if code and severity:
        assert code in codes(plan, severity)


def test_one_thing_is_counted_together_and_two_prices_are_two_lines() -> None:
    plan, _ = good(frameless(), count=4, price="0.50")
    same, other = good(plan, count=2, price="0.50")
    same = changed(same, step(f"/own_goods/{other}/name", "Hook screw"))
    (one,) = (line for line in shopping_of(solved(same), (), goods_of(solved(same))).lines if "Hook" in line.what)
    assert (one.buy, one.cost) == ("6 pieces", "3.00")
    dearer = changed(same, step(f"/own_goods/{other}/price", "0.75"))
    lines = [line for line in shopping_of(solved(dearer), (), goods_of(solved(dearer))).lines if "Hook" in line.what]
    assert sorted((line.buy, line.cost) for line in lines) == [("2 pieces", "1.50"), ("4 pieces", "2.00")]


def test_pairs_are_counted_in_pairs() -> None:
    plan, _ = good(frameless(), count=4, unit="pair")
    (row,) = (row for row in hardware_of(solved(plan)) if row.what == "Hook screw")
    assert row.amount == "4 pairs"
