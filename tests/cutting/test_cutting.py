"""Parts on sheets: worked figures, laws, the checker against a general-purpose geometry library, and the bound."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from itertools import permutations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely import box, union_all

from tests.helpers import mm
from vasculum.cutting.around import filled
from vasculum.cutting.bound import bound, fits
from vasculum.cutting.checked import faults, shortest_ripped, stages_of
from vasculum.cutting.model import Layout, Mm, Part, Piece, Stock, Trims, Zone
from vasculum.cutting.order import settings_of
from vasculum.cutting.search import is_installed, search
from vasculum.cutting.slices import placed, slice_of
from vasculum.cutting.strips import strips
from vasculum.cutting.tried import setting_count
from vasculum.cutting.ways import Kept, Offcut, laid_out, waste_of

SHEET = Stock(mm("96"), mm("48"), mm("1/8"))
METRIC = Stock(Mm(2440), Mm(1220), Mm(3))


def parts_of(*sizes: tuple[str, str, int], turn: bool = True) -> tuple[Part, ...]:
    """So many parts of each length and width."""
    rows = [(mm(length), mm(width)) for length, width, count in sizes for _ in range(count)]
    return tuple(Part(f"part {number}", length, width, turn) for number, (length, width) in enumerate(rows))


# ---- worked figures ----------------------------------------------------------------------------------------------


def test_four_panels_want_four_sheets_though_their_area_would_do_with_three() -> None:
    """40 x 66 on 48 x 96: each takes more than half both ways. By area 2.3 sheets."""
    laid = laid_out(parts_of(("66", "40", 4)), SHEET)
    assert len(laid.fewest_sheets.sheets) == 4
    assert laid.bound == (4, "large")


@pytest.mark.parametrize(("many", "sheets"), [(12, 1), (15, 1), (16, 1), (17, 2)])
def test_rips_of_two_widths_share_a_sheet(many: int, sheets: int) -> None:
    """16 3/4 x 15 1/4: 12 by rips of 16 3/4, 15 by rips of 15 1/4, 16 mixed. Common practice, worked by hand."""
    assert len(laid_out(parts_of(("16 3/4", "15 1/4", many)), SHEET).fewest_sheets.sheets) == sheets


def test_three_strips_of_sixteen_do_not_come_out_of_forty_eight() -> None:
    """Two kerfs are in the way: 15 11/12 is the most."""
    for wide, sheets in (("16", 2), ("15 11/12", 1)):
        assert len(laid_out(parts_of(("96", wide, 3), turn=False), SHEET).fewest_sheets.sheets) == sheets


def test_a_cupboard_of_parts_comes_out_of_one_sheet() -> None:
    """Rack, pot drawer and shelf of 23/32, grain free: one sheet was laid out by hand, 21 5/32 and 14 5/8 wide."""
    parts = parts_of(
        ("22", "21 5/32", 2), ("21 5/32", "13 3/16", 1), ("22", "14 5/8", 1), ("22", "6", 2), ("16 1/16", "6", 1),
        ("16 1/16", "3 1/2", 1), ("20 9/16", "16 1/16", 1), ("22", "3 7/8", 2), ("19 7/8", "19 5/16", 1),
    )  # fmt: skip
    assert len(laid_out(parts, SHEET).fewest_sheets.sheets) == 1


def test_one_strip_of_boards_by_hand() -> None:
    """Rips 300 of 2440: four of 600 and three kerfs, 31 left: one rip, four crosscuts, an offcut of 28 behind the last."""
    layout = strips(tuple(Part(str(n), Mm(600), Mm(300)) for n in range(4)), METRIC, is_pure=True)
    assert setting_count(layout) == 2
    assert sum(sheet.cuts() for sheet in layout.sheets) == 5
    assert [(one.length, one.width) for one in layout.offcuts()] == [(2440, 917), (28, 300)]
    assert waste_of(layout, METRIC) == 1 - Fraction(4 * 600 * 300, 2440 * 1220)


def test_trims_come_off_every_edge_first() -> None:
    for trim, sheets in ((0, 1), (5, 2)):
        stock = METRIC._replace(trims=Trims(*[Mm(trim)] * 4))
        layout = laid_out((Part("a", Mm(2440), Mm(600)), Part("b", Mm(2430), Mm(600))), stock)
        assert len(layout.fewest_sheets.sheets) + len(layout.fewest_sheets.left) == sheets
        assert all(one.x >= trim and one.y >= trim for one in layout.fewest_sheets.parts())


def test_grain_is_kept_and_what_comes_out_of_nothing_is_named() -> None:
    tall = Part("tall", Mm(1000), Mm(2000))
    assert laid_out((tall,), METRIC).fewest_sheets.left == ("tall",)
    (laid,) = laid_out((tall._replace(may_turn=True),), METRIC).fewest_sheets.parts()
    assert laid.is_turned
    assert laid_out((Part("long", Mm(2441), Mm(3), True),), METRIC).fewest_sheets.left == ("long",)


def test_of_two_sheets_in_hand_the_rest_is_left() -> None:
    layout = strips(parts_of(("66", "40", 4)), SHEET._replace(copies=2))
    assert (len(layout.sheets), len(layout.left)) == (2, 2)
    assert faults(layout, parts_of(("66", "40", 4)), SHEET._replace(copies=2)) == []


# ---- laws --------------------------------------------------------------------------------------------------------

SIZES = st.integers(30, 1300)
DRAWN = st.lists(st.tuples(SIZES, SIZES, st.booleans()), min_size=1, max_size=18).map(
    lambda rows: tuple(Part(f"p{n}", Mm(a), Mm(b), turn) for n, (a, b, turn) in enumerate(rows))
)
KERFS = st.sampled_from([Mm(0), Mm(3), Mm(127, 40), Mm(50)])
TRIMMED = st.sampled_from([Trims(), Trims(*[Mm(5)] * 4), Trims(Mm(2), Mm(0), Mm(7), Mm(1))])
STOCKS = st.tuples(st.integers(1500, 2800).map(Mm), st.integers(900, 1300).map(Mm), KERFS, TRIMMED).map(
    lambda sizes: Stock(*sizes)
)


@settings(max_examples=40, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_every_layout_can_be_cut_and_loses_nothing(parts: tuple[Part, ...], stock: Stock) -> None:
    laid = laid_out(parts, stock)
    for layout in (laid.fewest_sheets, laid.fewest_settings):
        assert faults(layout, parts, stock) == []
        assert sorted(layout.left) == sorted(part.name for part in parts if not fits(part, stock))
        assert len(layout.sheets) >= laid.bound.sheets
    assert len(laid.fewest_sheets.sheets) <= len(laid.fewest_settings.sheets)
    assert setting_count(laid.fewest_settings) <= setting_count(laid.fewest_sheets)


@settings(max_examples=20, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_parts_and_offcuts_keep_a_kerf_apart_as_another_library_sees_them(
    parts: tuple[Part, ...], stock: Stock
) -> None:
    for sheet in laid_out(parts, stock).fewest_sheets.sheets:
        boxes = [box(*map(float, (one.x, one.y, one.x + one.length, one.y + one.width))) for one in sheet.leaves()]
        assert union_all(boxes).area == pytest.approx(sum(one.area for one in boxes))
        assert box(0, 0, float(stock.length), float(stock.width)).buffer(1e-9).contains(union_all(boxes))
        for number, one in enumerate(boxes):
            assert all(one.distance(other) >= float(stock.kerf) - 1e-9 for other in boxes[number + 1 :])


def sawn(one: Piece, kerf: Mm) -> Mm:
    """The area that saw cuts take of a piece, and what is lost beyond the last."""
    if one.cut is None:
        return Mm(0)
    across = one.length if one.cut == "rip" else one.width
    return across * (kerf * (len(one.children) - 1) + one.lost) + sum(
        (sawn(child, kerf) for child in one.children), Mm(0)
    )


@settings(max_examples=20, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_parts_kerfs_and_offcuts_make_up_the_sheet_exactly(parts: tuple[Part, ...], stock: Stock) -> None:
    length, width = stock.usable
    for sheet in laid_out(parts, stock).fewest_sheets.sheets:
        pieces = sum((one.length * one.width for one in sheet.leaves()), Mm(0))
        assert pieces + sawn(sheet, stock.kerf) == length * width


@settings(max_examples=15, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_the_order_in_which_parts_are_told_changes_little_and_the_same_order_nothing(
    parts: tuple[Part, ...], stock: Stock
) -> None:
    again = strips(parts, stock)
    assert again == strips(parts, stock)
    assert len(laid_out(parts[::-1], stock).fewest_sheets.parts()) == len(laid_out(parts, stock).fewest_sheets.parts())


def best_of_every_order(parts: tuple[Part, ...], stock: Stock) -> int:
    """The fewest sheets of shelves filled in every order of parts: a search of another kind, for a few parts."""

    def shelves(order: tuple[Part, ...]) -> int:
        used, x, y, shelf = 1, Mm(0), Mm(0), Mm(0)
        for one in order:
            if x + one.length > stock.length:
                x, y, shelf = Mm(0), y + shelf + stock.kerf, Mm(0)
            if y + one.width > stock.width:
                used, x, y, shelf = used + 1, Mm(0), Mm(0), Mm(0)
            x, shelf = x + one.length + stock.kerf, max(shelf, one.width)
        return used

    return min(shelves(order) for order in permutations(parts))


@pytest.mark.parametrize("seed", range(12))
def test_of_few_parts_never_a_sheet_more_than_every_order_of_shelves(seed: int) -> None:
    from random import Random

    random = Random(seed)
    parts = tuple(Part(f"p{n}", Mm(random.randint(300, 1500)), Mm(random.randint(200, 900))) for n in range(6))
    assert len(laid_out(parts, METRIC).fewest_sheets.sheets) <= best_of_every_order(parts, METRIC)


# ---- the checker -------------------------------------------------------------------------------------------------

PAIR = (Part("a", Mm(1000), Mm(500)), Part("b", Mm(800), Mm(500)))


def spoilt() -> Iterator[tuple[str, Layout]]:
    """A good layout of two parts in one strip, spoilt in one way each."""
    good = strips(PAIR, METRIC)
    (sheet,) = good.sheets
    strip, rest = sheet.children
    first, second, *others = strip.children

    def with_strip(*children: Piece, **of_strip: object) -> Layout:
        changed = strip._replace(children=children, **of_strip)  # type: ignore[arg-type]
        return Layout((sheet._replace(children=(changed, rest)),))

    yield "laid out 0 times", with_strip(first._replace(part=""), second, *others)
    yield "laid out 2 times", with_strip(first, second._replace(part="a"), *others)
    yield "nobody asked", with_strip(first, second._replace(part="c"), *others)
    yield "not 1000 x 500", with_strip(first._replace(length=Mm(999)), second, *others)
    yield "begins at", with_strip(first, second._replace(x=second.x - 1), *others)
    yield "stops inside", with_strip(first._replace(width=Mm(499)), second, *others)
    yield "come to", with_strip(first, second)
    yield (
        "against its grain",
        with_strip(first._replace(is_turned=True, length=Mm(500), width=Mm(1000)), second, *others),
    )
    yield "what trimming leaves", Layout((sheet._replace(x=Mm(1)),))
    yield "not what trimming", Layout((sheet._replace(length=sheet.length + 1),))


@pytest.mark.parametrize(("fault", "layout"), list(spoilt()), ids=lambda one: one if isinstance(one, str) else "")
def test_the_checker_names_what_cannot_be_cut(fault: str, layout: Layout) -> None:
    assert faults(strips(PAIR, METRIC), PAIR, METRIC) == []
    assert any(fault in one for one in faults(layout, PAIR, METRIC))


def test_a_wider_saw_spoils_a_layout_and_so_do_too_many_stages_or_sheets() -> None:
    good = strips(PAIR, METRIC)
    assert faults(good, PAIR, METRIC._replace(kerf=Mm(4)))
    assert any("stages" in one for one in faults(good, PAIR, METRIC._replace(stages=1)))
    assert any("sheets of 0" in one for one in faults(good, PAIR, METRIC._replace(copies=0)))


@pytest.mark.parametrize(("sizes", "expected"), [
    ([("96", "48", 3)], (3, "area")), ([("66", "40", 3), ("10", "4", 1)], (3, "large")), ([("20", "10", 1)], (1, "area")),
])  # fmt: skip
def test_the_bound_by_hand(sizes: list[tuple[str, str, int]], expected: tuple[int, str]) -> None:
    assert bound(parts_of(*sizes, turn=False), SHEET) == expected


def test_two_thousand_parts_are_laid_out_whole() -> None:
    parts = tuple(Part(f"p{n}", Mm(100 + n % 40 * 10), Mm(60 + n % 7 * 30), n % 2 == 0) for n in range(2000))
    layout = strips(parts, METRIC)
    assert faults(layout, parts, METRIC) == []
    assert not layout.left


# ---- the order at the saw ----------------------------------------------------------------------------------------


def test_one_setting_for_each_size_with_everything_of_it_over_all_sheets() -> None:
    """Panels 66 x 40 on four sheets: the fence stands at 40 for four rips, then at 66 for four crosscuts."""
    layout = strips(parts_of(("66", "40", 4), turn=False), SHEET, is_pure=True)
    order = settings_of(layout.sheets)
    assert [(one.stage, one.way, one.size, one.pieces, len(one.parts)) for one in order] == [
        (1, "rip", mm("40"), 4, 0), (2, "crosscut", mm("66"), 4, 4),
    ]  # fmt: skip


@settings(max_examples=20, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_settings_come_down_stage_by_stage_and_every_part_comes_off_once(parts: tuple[Part, ...], stock: Stock) -> None:
    layout = laid_out(parts, stock).fewest_sheets
    order = settings_of(layout.sheets)
    assert [one.stage for one in order] == sorted(one.stage for one in order)
    for stage in {one.stage for one in order}:
        for way in ("rip", "crosscut"):
            sizes = [one.size for one in order if (one.stage, one.way) == (stage, way)]
            assert sizes == sorted(set(sizes), reverse=True)
    off = [name for one in order for name in one.parts]
    uncut = [sheet.part for sheet in layout.sheets if sheet.part]
    assert sorted(off + uncut) == sorted(one.part for one in layout.parts())


# ---- offcuts -----------------------------------------------------------------------------------------------------


def test_what_offcuts_might_have_held_is_no_proof_that_a_sheet_is_needed() -> None:
    """An offcut of 1300 x 700 is filled by one part or by two; none of four large ones fits it, so four are needed."""
    rack = (Offcut("rack", Mm(1300), Mm(700)),)
    large = [Part(f"large {n}", Mm(1400), Mm(800)) for n in range(4)]
    assert laid_out(tuple(large), METRIC, rack).bound == (4, "large")
    held = [Part(f"held {n}", Mm(1300), Mm(700)) for n in range(4)]
    laid = laid_out(tuple(held), METRIC, rack)
    assert (len(laid.on_offcuts), len(laid.fewest_sheets.sheets)) == (1, 3)
    assert laid.bound == (1, "area")


@settings(max_examples=15, deadline=None)
@given(parts=DRAWN, stock=STOCKS, sizes=st.lists(st.tuples(SIZES, SIZES), min_size=1, max_size=3))
def test_with_a_rack_nothing_is_lost_and_the_bound_stays_below(
    parts: tuple[Part, ...], stock: Stock, sizes: list[tuple[int, int]]
) -> None:
    rack = tuple(Offcut(f"o{n}", Mm(a), Mm(b)) for n, (a, b) in enumerate(sizes))
    laid = laid_out(parts, stock, rack)
    of_rack = [leaf.part for _, piece in laid.on_offcuts for leaf in piece.leaves() if leaf.part]
    names = [*of_rack, *(one.part for one in laid.fewest_sheets.parts()), *laid.fewest_sheets.left]
    assert sorted(names) == sorted(part.name for part in parts)
    assert laid.bound.sheets <= len(laid.fewest_sheets.sheets)
    assert laid.bound.sheets <= laid_out(parts, stock).bound.sheets


# ---- bad places --------------------------------------------------------------------------------------------------


@settings(max_examples=60, deadline=None)
@given(
    parts=DRAWN,
    corner=st.tuples(st.integers(-50, 1600), st.integers(-50, 900)),
    size=st.tuples(st.integers(1, 700), st.integers(1, 500)),
)
def test_parts_move_away_from_a_bad_place(
    parts: tuple[Part, ...], corner: tuple[int, int], size: tuple[int, int]
) -> None:
    zone = Zone(*map(Mm, corner), *map(Mm, size))
    stock = METRIC._replace(length=Mm(1500), width=Mm(900), bad=(zone,), copies=1)
    slice_ = filled(parts, stock)
    if slice_ is None:
        return
    sheet = placed(slice_, {part.name: part for part in parts}, stock)
    lain = {leaf.part for leaf in sheet.leaves()}
    assert faults(Layout((sheet,)), [part for part in parts if part.name in lain], stock) == []


def test_a_bad_corner_takes_no_more_than_itself() -> None:
    """100 x 100 off a corner of 1500 x 900: a part 1397 x 900 lies beside it, one of 1398 does not, and none is whole."""
    stock = METRIC._replace(length=Mm(1500), width=Mm(900), bad=(Zone(Mm(0), Mm(0), Mm(100), Mm(100)),), copies=1)
    for length, fits_it in ((1397, True), (1398, False)):
        assert (filled([Part("a", Mm(length), Mm(900))], stock) is not None) is fits_it


# ---- kept and sawn -----------------------------------------------------------------------------------------------


def kept_of(layout: Layout) -> tuple[Kept, ...]:
    return tuple(Kept(slice_of(sheet)) for sheet in layout.sheets)


@settings(max_examples=40, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_a_layout_that_is_kept_comes_back_cut_for_cut(parts: tuple[Part, ...], stock: Stock) -> None:
    first = laid_out(parts, stock)
    again = laid_out(parts, stock, (), kept_of(first.fewest_settings))
    assert again.kept == first.fewest_settings or not first.fewest_settings.sheets
    assert again.fewest_sheets == first.fewest_sheets


def test_a_kept_sheet_takes_a_part_that_has_grown_while_it_fits() -> None:
    strip = strips(PAIR, METRIC, is_pure=True)
    for longer, broken in ((1637, 0), (1638, 1)):
        grown = (PAIR[0]._replace(length=Mm(longer)), PAIR[1])
        again = laid_out(grown, METRIC, (), kept_of(strip))
        assert again.broken == broken
        assert sorted(one.part for one in again.best.parts()) == ["a", "b"]


def test_a_sawn_sheet_stays_as_it_was_and_the_rest_is_laid_out() -> None:
    """Part a was sawn 1000 long: that it should be 1100 by now changes nothing on its sheet."""
    first = laid_out(PAIR, METRIC)
    (sawn,) = kept_of(first.fewest_sheets)
    parts = (PAIR[0]._replace(length=Mm(1100)), PAIR[1], Part("c", Mm(700), Mm(300)))
    again = laid_out(parts, METRIC, (), (sawn._replace(sawn=PAIR),))
    assert again.sawn == 1
    for way in (again.fewest_sheets, again.fewest_settings):
        assert way.sheets[0] == first.fewest_sheets.sheets[0]
        assert [one.part for one in way.parts()] == [*(one.part for one in first.fewest_sheets.parts()), "c"]
    assert again.bound.sheets == 2


# ---- the search --------------------------------------------------------------------------------------------------


PATIENCE = 30
"""Seconds, for what ends by itself where the least is found."""


def searched(parts: tuple[Part, ...], stock: Stock, seconds: float) -> list[tuple[Layout, int]]:
    found: list[tuple[Layout, int]] = []
    search(parts, stock, seconds, lambda layout, least: found.append((layout, least)))
    return found


@pytest.mark.skipif(not is_installed(), reason="the search wants Python 3.12 or newer")
@settings(max_examples=15, deadline=None)
@given(parts=DRAWN, stock=STOCKS)
def test_what_the_search_finds_can_be_cut_and_keeps_its_own_bound(parts: tuple[Part, ...], stock: Stock) -> None:
    fitting = tuple(part for part in parts if fits(part, stock))
    found = searched(parts, stock, 0.3)
    assert fitting or not found
    for layout, least in found:
        assert faults(layout, fitting, stock) == []
        assert len(layout.sheets) >= max(least, bound(fitting, stock).sheets)
        again = laid_out(fitting, stock, (), kept_of(layout))
        assert again.kept == layout


@settings(max_examples=30, deadline=None)
@given(parts=DRAWN, stock=STOCKS, stages=st.integers(2, 4))
def test_no_way_has_more_stages_than_the_saw_is_given(parts: tuple[Part, ...], stock: Stock, stages: int) -> None:
    limited = stock._replace(stages=stages)
    laid = laid_out(parts, limited)
    for way in (laid.fewest_sheets, laid.fewest_settings):
        assert faults(way, parts, limited) == []
        assert max((stages_of(sheet) for sheet in way.sheets), default=0) <= stages
        assert sorted(way.left) == sorted(part.name for part in parts if not fits(part, stock))


@settings(max_examples=30, deadline=None)
@given(parts=DRAWN, stages=st.integers(2, 4), size=st.tuples(st.integers(200, 1500), st.integers(100, 900)))
def test_offcuts_keep_to_the_stages_too(parts: tuple[Part, ...], stages: int, size: tuple[int, int]) -> None:
    stock = METRIC._replace(stages=stages)
    laid = laid_out(parts, stock, (Offcut("o", Mm(size[0]), Mm(size[1])),))
    assert all(stages_of(piece) <= stages for _, piece in laid.on_offcuts)


@pytest.mark.skipif(not is_installed(), reason="the search wants Python 3.12 or newer")
def test_the_search_keeps_to_the_stages_too() -> None:
    parts = parts_of(("16 3/4", "15 1/4", 16), ("30", "9", 5), ("12", "7", 9))
    assert searched(parts, SHEET._replace(stages=2), PATIENCE) == []
    for stages in (3, 4):
        found = [layout for layout, _ in searched(parts, SHEET._replace(stages=stages), PATIENCE)]
        assert found
        assert all(stages_of(sheet) <= stages for layout in found for sheet in layout.sheets)


def test_what_is_too_much_for_the_search_is_left_alone() -> None:
    """201 different sizes: nothing is searched, so nothing is found and nothing hangs; strips have laid them out."""
    many = tuple(Part(f"p{n}", Mm(100 + n), Mm(50)) for n in range(201))
    assert searched(many, METRIC, 5) == []
    assert laid_out(many, METRIC).fewest_sheets.sheets


def test_without_the_library_nothing_is_found_and_nothing_fails(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr("vasculum.cutting.search.LIBRARY", "not_installed_anywhere")
    assert searched(PAIR, METRIC, 0.1) == []


# ---- what is too short to be ripped ------------------------------------------------------------------------------


def test_short_pieces_are_not_ripped_where_that_is_not_wanted() -> None:
    """Beside 900 x 500 lie eight of 300 x 60 in what is left, 397 long: ripped from 300, or on a second sheet."""
    parts = (*(Part(f"p{at}", Mm(300), Mm(60)) for at in range(8)), Part("wide", Mm(900), Mm(500)))
    stock = Stock(Mm(1300), Mm(510), Mm(3))
    free, held = laid_out(parts, stock), laid_out(parts, stock._replace(least_ripped=Mm(400)))
    assert [len(one.fewest_sheets.sheets) for one in (free, held)] == [1, 2]
    assert min(shortest_ripped(sheet, Mm(400)) for sheet in free.fewest_sheets.sheets) < 400
    assert all(shortest_ripped(sheet, Mm(400)) == 400 for sheet in held.fewest_sheets.sheets)
    assert held.fewest_sheets.left == ()
    wrong = faults(free.fewest_sheets, parts, stock._replace(least_ripped=Mm(400)))
    assert wrong == ["a piece is ripped that is shorter than 400"]


def test_a_sheet_that_is_too_short_to_be_ripped_leaves_everything() -> None:
    laid = laid_out((Part("a", Mm(300), Mm(60)),), METRIC._replace(least_ripped=Mm(2441)))
    assert laid.fewest_sheets.left == ("a",)


@settings(max_examples=25, deadline=None)
@given(
    parts=DRAWN, stock=STOCKS, least=st.integers(1, 1600), size=st.tuples(st.integers(200, 1500), st.integers(100, 900))
)
def test_nothing_shorter_is_ripped_whatever_is_asked(
    parts: tuple[Part, ...], stock: Stock, least: int, size: tuple[int, int]
) -> None:
    held = stock._replace(least_ripped=Mm(2 * least + 1, 2))
    laid = laid_out(parts, held, (Offcut("o", Mm(size[0]), Mm(size[1])),))
    sawn = [*laid.fewest_sheets.sheets, *laid.fewest_settings.sheets, *(piece for _, piece in laid.on_offcuts)]
    assert all(shortest_ripped(sheet, held.least_ripped) == held.least_ripped for sheet in sawn)
    assert laid.fewest_settings.left == laid.fewest_sheets.left
