"""A new case around its layout, worked by hand in inches and millimetres. Common practice, unless a row says else."""

from __future__ import annotations

from typing import Any

import pytest

from tests.helpers import (
    changed,
    codes,
    drawer_of,
    fixed,
    frameless,
    kinds_in,
    measured,
    mm,
    solved,
    space_of,
    split,
    step,
    value,
    with_choices,
)
from tests.plan.test_shopping import BAND, with_rows
from vasculum.drawing.above import above
from vasculum.drawing.opening import elevation
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Arc, Rect
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.asked import asked_of
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import points
from vasculum.plan.telling.cuts import in_words
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.travelling import weight_of_piece
from vasculum.solid.proof import prove

CASE = ("case_side_length_cut", "case_across_length_cut", "case_panel_depth_cut")


def case(width: str = "30", height: str = "24", depth: str = "20", **choices: str) -> Plan:
    """Inside 30 by 24 by 20, case of 3/4, back of 1/4."""
    return frameless(width, height, depth, carcass="new", **choices)


def of_space(plan: Plan | SolvedPlan, *names: str) -> list[Any]:
    done = plan if isinstance(plan, SolvedPlan) else solved(plan)
    return [done.solved.value(space_of(done.plan), name) for name in names]


BY_HAND = [
    # choices, sides, boards across, depth, outside width, height, depth
    ({}, "25 1/2", "30", "20", "31 1/2", "25 1/2", "20 1/4"),
    ({"through": "top"}, "24", "31 1/2", "20", "31 1/2", "25 1/2", "20 1/4"),
    ({"case_joint": "housed"}, "25 1/2", "30 3/4", "20", "31 1/2", "25 1/2", "20 1/4"),
    ({"case_joint": "housed", "through": "top"}, "24 3/4", "31 1/2", "20", "31 1/2", "25 1/2", "20 1/4"),
    ({"case_back": "in_rabbet"}, "25 1/2", "30", "20 1/4", "31 1/2", "25 1/2", "20 1/4"),
    ({"case_back": "grooved"}, "25 1/2", "30", "20 3/4", "31 1/2", "25 1/2", "20 3/4"),
    ({"case_back": "none"}, "25 1/2", "30", "20", "31 1/2", "25 1/2", "20"),
    ({"plinth_height": "4 in"}, "29 1/2", "30", "20", "31 1/2", "29 1/2", "20 1/4"),
    ({"plinth_height": "4 in", "through": "top"}, "24", "31 1/2", "20", "31 1/2", "29 1/2", "20 1/4"),
]


@pytest.mark.parametrize(("choices", "side", "across", "deep", "width", "height", "depth"), BY_HAND)
def test_a_case_by_hand(
    choices: dict[str, str], side: str, across: str, deep: str, width: str, height: str, depth: str
) -> None:
    done = solved(case(**choices))
    assert of_space(done, *CASE) == [mm(side), mm(across), mm(deep)]
    assert of_space(done, "case_outside_width", "case_outside_height", "case_outside_depth") == [
        mm(width),
        mm(height),
        mm(depth),
    ]
    assert not [f for f in solution_of(done).findings if f.severity == "stop"]


def test_which_panel_runs_through_decides_the_lengths() -> None:
    """Outside height 13 with a top of 3/4 and a bottom of 1/2 leaves uprights of 11 3/4; here both boards are of 3/4."""
    done = solved(case(height="11 1/2", through="top"))
    assert of_space(done, "case_side_length_cut", "case_outside_height") == [mm("11 1/2"), mm("13")]


def test_the_true_thickness_makes_the_outside_and_not_the_inside() -> None:
    plan = measured(case(), front_sheet="23/32 in", bottom_sheet="7/32 in")
    assert of_space(plan, "case_outside_width", "case_outside_depth") == [mm("31 7/16"), mm("20 7/32")]
    assert of_space(plan, "case_across_length_cut") == [mm("30")]


def test_a_case_in_millimetres() -> None:
    plan = with_choices(new_plan("M", "frameless", "mm", "800", "600", "500"), carcass="new", case_back="in_rabbet")
    assert of_space(plan, *CASE) == [636, 800, 506]
    assert of_space(plan, "case_back_width_cut", "case_back_height_cut") == [817, 617]  # 800 + 2 x 9 - 1


def test_a_back_covers_the_case_or_reaches_into_its_rabbets() -> None:
    assert of_space(case(), "case_back_width_cut", "case_back_height_cut") == [mm("31 1/2"), mm("25 1/2")]
    in_rabbet = case(case_back="in_rabbet")  # 30 + 2 x 3/8 - 1/32, down to sixteenths
    assert of_space(in_rabbet, "case_back_width_cut", "case_back_height_cut") == [mm("30 11/16"), mm("24 11/16")]


def test_a_grooved_back_stands_before_the_back_edges_and_wants_no_fastener() -> None:
    """20 deep inside, the back 1/4 behind it, 1/2 of every board behind that; 3/8 deep all round."""
    done = solved(case(case_back="grooved"))
    assert of_space(done, "case_back_width_cut", "case_back_height_cut") == [mm("30 11/16"), mm("24 11/16")]
    cut = [in_words(done, p, c) for p in pieces_of(done) for c in p.cuts if c.rule.title == "Groove for the case back"]
    assert len(cut) == 4
    assert cut[0].startswith(
        "Groove for the case back: 1/2 in from the back edge, 1/4 in wide, 3/8 in deep, inside face"
    )
    (back,) = (p for p in pieces_of(done) if p.role == "case_back")
    assert back.stand is not None
    assert back.stand.back == mm("20")
    assert not [one.what for one in hardware_of(done) if "back" in one.what]
    assert prove(done).meetings == ()


@pytest.mark.parametrize("top", kinds_in("case_top"))
@pytest.mark.parametrize("through", kinds_in("through"))
def test_a_back_that_is_let_in_meets_nothing_whatever_lies_over_it(top: str, through: str) -> None:
    for back in ("grooved", "in_rabbet"):
        done = solved(case(case_back=back, case_top=top, through=through))
        assert prove(done).meetings == (), back


def test_the_parts_of_a_case_are_listed_with_their_hands_and_sheets() -> None:
    roles = {p.role: p for p in pieces_of(solved(case(case_top="stretchers", plinth_height="4 in", through="top")))}
    wanted = {"case_side_left", "case_side_right", "case_bottom", "stretcher_front", "stretcher_back", "case_back"}
    assert wanted | {"toe_board_front", "toe_board_back", "toe_end_left", "toe_end_right"} <= set(roles)
    assert "case_top" not in roles
    assert (roles["case_side_left"].hand, roles["case_side_right"].hand) == ("L", "R")
    assert roles["case_back"].sheet != roles["case_bottom"].sheet
    assert not [p for p in pieces_of(solved(frameless())) if p.role.startswith("case")]


def test_a_toe_board_between_sides_and_a_plinth_below_a_bottom() -> None:
    between = case(plinth_height="4 in")
    assert of_space(between, "toe_board_length_cut", "toe_board_height_cut") == [mm("30"), mm("3 7/8")]
    below = case(plinth_height="4 in", through="top")  # 20 1/4 - 2 1/2 - 1 1/2
    assert of_space(below, "toe_board_length_cut", "toe_end_length_cut") == [mm("31 1/2"), mm("16 1/4")]


def test_a_top_covers_the_fronts_before_the_case_and_overhangs() -> None:
    """31 1/2 and 1/2 at both ends; 20 1/4, a front of 3/4 before it, 1/2 overhang."""
    sheet = frameless().choices["front_sheet"]
    plan = case(front="overlay", worktop_sheet=sheet)
    assert of_space(plan, "worktop_length_cut", "worktop_depth_cut") == [mm("32 1/2"), mm("21 1/2")]
    assert of_space(case(worktop_sheet=sheet), "worktop_depth_cut") == [mm("20 3/4")]
    standing_off = with_choices(plan, lock_stand_off="1/4 in")
    assert of_space(standing_off, "worktop_depth_cut") == [mm("21 3/4")]


def test_overlay_fronts_lap_over_the_boards_of_the_case() -> None:
    plan = measured(case(front="overlay"), front_sheet="23/32 in")
    assert value(plan, "end_panel_thickness") == mm("23/32")
    assert value(plan, "front_width_cut") == mm("31 5/16")  # 30 + 2 (23/32 - 1/16)


def test_holes_from_one_datum_are_drawn_and_counted() -> None:
    """20 deep with margins of 2 and a pitch of at most 8: 2, 10, 18 from the front edge; 3 screws in each of 4 joints.

    On both lines of a side also four dowels: 3/4 from its edges, and midway between the screws.
    """
    done = solved(case(case_joint="knock_down"))
    assert of_space(done, "hole_places")[0] == tuple(map(mm, ("2", "10", "18")))
    assert of_space(done, "hole_line_low", "hole_line_high") == [mm("3/8"), mm("3/8")]
    side = next(p for p in pieces_of(done) if p.role == "case_side_left")
    assert len([p for p in part_sheet(done, side).primitives if isinstance(p, Arc)]) == 2 * (3 + 4)
    bought = {h.what: (h.count, h.through) for h in solution_of(done).hardware}
    assert bought["Screw for the case, No. 8 × 2 in"] == (
        12,
        "through board 3/4 in into the end of the next, bites 1 1/4 in",
    )
    assert bought["Dowel for the case, 3/8 in × 1 1/2 in"] == (16, "into the face 1/2 in, and into the edge 1 1/16 in")
    assert "case-screw-too-short" in codes(case(case_screw_length="1 in"), "attention")


@pytest.mark.parametrize("top", ["panel", "oversailing"])
def test_all_holes_of_a_case_are_told_from_one_edge(top: str) -> None:
    """Boards 20 deep, holes 3, 10 and 17 behind the front; a top over fronts of 3/4 agrees with them at the back only."""
    said: dict[str, set[str]] = {}
    for datum in ("front", "back"):
        plan = case(through="top", case_top=top, front="overlay", marking_datum=datum, case_hole_margin="3 in")
        done = solved(plan)
        for part in solution_of(done).parts:
            said.setdefault(datum, set()).update(
                one.text.partition(", at ")[2] for one in part.joinery if one.text.startswith("Holes:")
            )
        assert prove(done).meetings == ()
    assert said["back"] == {"3 in, 10 in, 17 in from the back edge"}
    front = {"3 in, 10 in, 17 in from the front edge"}
    over = {"3 3/4 in, 10 3/4 in, 17 3/4 in from the front edge"}
    assert said["front"] == (front if top == "panel" else front | over)


def test_a_top_over_the_fronts_is_banded_on_its_front_edge() -> None:
    """20 deep and fronts of 3/4 before it: 20 3/4, less a band of 1/8; its ends stay bare."""
    plan = with_rows(case(through="top", case_top="oversailing", front="overlay"), case_band=("bands", BAND))
    top = next(piece for piece in pieces_of(solved(plan)) if piece.role == "case_top")
    assert (top.bands, top.size) == (("front",), (mm("31 1/2"), mm("20 5/8"), mm("3/4")))


def test_housed_boards_are_on_the_part_that_runs_through() -> None:
    rows = {p.name: [j.text for j in p.joinery] for p in solution_of(solved(case(case_joint="housed"))).parts}
    assert rows["Case side, left"][0].startswith("Dado: centred 3/8 in from the lower end, 3/4 in wide, 3/8 in deep")
    assert rows["Case bottom, Case top"] == []


def test_stretchers_want_a_top_over_them() -> None:
    assert "stretchers-uncovered" in codes(case(case_top="stretchers"), "note")
    sheet = frameless().choices["front_sheet"]
    assert "stretchers-uncovered" not in codes(case(case_top="stretchers", worktop_sheet=sheet))


def test_a_unit_says_by_how_much_it_misses_its_neighbour() -> None:
    assert of_space(case(caster_height="3 in"), "standing_height") == [mm("28 1/2")]
    assert "unit-misses-its-neighbour" in codes(case(caster_height="3 in", matched_height="30 in"), "attention")
    assert "unit-misses-its-neighbour" not in codes(case(caster_height="3 in", matched_height="28 1/2 in"))


def test_the_case_stands_around_the_opening_in_every_view() -> None:
    done = solved(case())
    space, drawer = space_of(done.plan), drawer_of(done.plan)
    drawn = [p for p in elevation(done, space).primitives if isinstance(p, Rect) and p.layer == "opening"]
    boards = [p for p in drawn if "across_length" in p.key]
    assert {(b.corner[1], b.height) for b in boards} == {(-mm("3/4"), mm("3/4")), (mm("24"), mm("3/4"))}
    drawn = above(done, space, drawer, numbers_of(done.plan)).primitives
    assert len([p for p in drawn if isinstance(p, Rect) and p.key.endswith("case_side_depth_cut")]) == 2


# ---- bins size their cells, cells size the case --------------------------------------------------------------------


def baskets(columns: int, rows: int, **choices: str) -> Plan:
    """Baskets 10 wide, 9 high, 13 deep with 1/4 a side and 1/2 above; nothing else was measured."""
    bin_ = {"bin_width": "10 in", "bin_height": "9 in", "bin_depth": "13 in"}
    cell: dict[str, Any] = {"holds": "bin", "size": {"by": "contents"}, "choices": bin_}
    plan = with_choices(new_plan("Cubby", "frameless", "in", None, None, None, "unit"), carcass="new", **choices)
    row = cell if columns == 1 else fixed("9 1/2 in")
    plan, ids = split(plan, drawer_of(plan), "rows", *(row for _ in range(rows)), divider="board")
    for id_ in ids if columns > 1 else []:
        plan, _ = split(plan, id_, "columns", *(cell for _ in range(columns)))
    return plan


def test_baskets_size_the_case_that_holds_them() -> None:
    """Three rows of 9 1/2 and two dividers of 1/2: 29 1/2 high; 10 1/2 wide; 13 deep. Outside 31 by 12 by 13 1/4."""
    done = solved(baskets(1, 3))
    assert of_space(done, "opening_width", "opening_height", "clear_depth") == [mm("10 1/2"), mm("29 1/2"), mm("13")]
    assert of_space(done, "case_outside_width", "case_outside_height") == [mm("12"), mm("31")]
    assert not [f for f in solution_of(done).findings if f.severity == "stop"]


def test_two_columns_and_two_rows_of_baskets() -> None:
    """Outside is all cells and n + 1 boards: 2 x 10 1/2 + 1/2 + 2 x 3/4 across, 2 x 9 1/2 + 1/2 + 2 x 3/4 up."""
    done = solved(baskets(2, 2))
    assert of_space(done, "case_outside_width", "case_outside_height") == [mm("23"), mm("21")]
    assert not [f for f in solution_of(done).findings if f.severity == "stop"]


def test_what_was_read_governs_before_what_the_layout_wants() -> None:
    plan = baskets(1, 3)
    reading = {"survey": plan.spaces[space_of(plan)].case, "of": "depth", "value": "15 in", "side": "middle"}
    number = plan.next_id
    plan = changed(
        plan,
        step(f"/readings/reading-{number}", reading),
        step("/reading_order/-", f"reading-{number}"),
        step("/next_id", number + 1, "replace"),
    )
    assert of_space(plan, "clear_depth") == [mm("15")]


def test_a_layout_that_wants_nothing_is_asked_for_its_sizes() -> None:
    plan = with_choices(new_plan("Empty", "frameless", "in", None, None, None, "unit"), carcass="new")
    assert {"no-width-read", "no-height-read", "no-depth-read"} <= codes(plan, "stop")


def test_a_case_that_stays_together_must_pass_the_door() -> None:
    """31 1/2 by 25 1/2 by 20 1/4 through a mouth of 20 by 30: end on it shows 20 1/4 at least."""
    small = {"mouth_width": "20 in", "mouth_height": "30 in"}
    assert "case-does-not-pass" in codes(case(**small), "attention")
    assert "case-does-not-pass" not in codes(case(case_joint="knock_down", **small))
    assert "case-does-not-pass" not in codes(case(mouth_width="26 in", mouth_height="78 in"))


def test_a_case_that_comes_apart_says_how_it_travels() -> None:
    """Sides 25 1/2 by 20, boards 30 by 20, a back of 31 1/2 by 25 1/2; 600 kg in a cubic metre: the board weighs 9.75 lb."""
    said = solution_of(solved(case(case_joint="knock_down"))).travels
    assert said.startswith("Apart, the case travels as 5 pieces of ")
    assert "case back, 31 1/2 in × 25 1/2 in" in said
    assert "case bottom, 9.75 lb" in said
    assert solution_of(solved(case())).travels == ""


def test_a_top_that_was_said_for_the_height_to_match_stands_on_the_case() -> None:
    assert of_space(case(caster_height="3 in", top_thickness="1 1/2 in"), "standing_height") == [mm("30")]


def test_a_free_unit_begins_with_a_new_case_and_a_cabinet_with_the_one_that_is_there() -> None:
    unit = new_plan("Free", "frameless", "in", "30", "24", "20", "unit")
    assert of_space(unit, "case_outside_width") == [mm("31 1/2")]
    assert not [p for p in pieces_of(solved(new_plan("C", "frameless", "in", "30", "24", "20"))) if "case" in p.role]


CORNERS = [
    # through, bottom, sides, bottom board, top board, outside height; inside 30 x 24, boards 3/4
    ("sides", "panel", "25 1/2", "30", "30", "25 1/2"),
    ("top", "panel", "24", "31 1/2", "31 1/2", "25 1/2"),
    ("top_only", "panel", "24 3/4", "30", "31 1/2", "25 1/2"),
    ("bottom_only", "panel", "24 3/4", "31 1/2", "30", "25 1/2"),
    ("top_only", "none", "24", None, "31 1/2", "24 3/4"),
    ("sides", "none", "24 3/4", None, "30", "24 3/4"),
    ("top", "none", "24", None, "31 1/2", "24 3/4"),
]


@pytest.mark.parametrize(("through", "bottom", "side", "below", "above", "height"), CORNERS)
def test_at_each_corner_the_one_that_runs_through_covers_the_other(
    through: str, bottom: str, side: str, below: str | None, above: str, height: str
) -> None:
    done = solved(case(through=through, case_bottom=bottom))
    by_role = {one.role: one.size for one in pieces_of(done) if one.size}
    assert by_role["case_side_left"][0] == mm(side)
    assert ("case_bottom" in by_role) is (below is not None)
    assert below is None or by_role["case_bottom"][0] == mm(below)
    assert by_role["case_top"][0] == mm(above)
    assert of_space(done, "case_outside_width", "case_outside_height") == [mm("31 1/2"), mm(height)]
    assert prove(done).meetings == ()


def test_screws_of_unlike_corners_go_where_each_board_runs_through() -> None:
    """The top lies on the sides: its holes are 3/8 from its ends; the bottom stands between: holes 3/8 up the sides."""
    done = solved(case(through="top_only"))
    holes = {one.role: [in_words(done, one, c) for c in one.cuts if c.rule.what == "holes"] for one in pieces_of(done)}
    assert len(holes["case_top"]) == 2
    assert all(told.startswith("Holes: centred 3/8 in from the") for told in holes["case_top"])
    assert [told.split(",")[0] for told in holes["case_side_left"]] == ["Holes: centred 3/8 in from the lower end"]
    assert holes["case_bottom"] == []
    assert of_space(done, "case_screw_count") == [4 * 3]


def test_stretchers_below_lie_flat_on_the_floor_and_the_top_on_the_sides() -> None:
    """Inside 28 1/2 high, boards 23/32: sides 29 7/32, the whole 29 15/16; stretchers as long as the inside is wide."""
    plan = measured(
        case("25 7/8", "28 1/2", "14 3/4", through="top_only", case_bottom="stretchers", case_back="none"),
        front_sheet="23/32 in",
    )
    plan = with_choices(plan, stretcher_width="2 1/2 in", case_joint="pocket")
    done = solved(plan)
    assert of_space(done, "case_side_length_cut", "case_outside_height") == [mm("29 7/32"), mm("29 15/16")]
    below = [one for one in pieces_of(done) if one.role.startswith("bottom_stretcher")]
    assert [one.size for one in below] == [(mm("25 7/8"), mm("2 1/2"), mm("23/32"))] * 2
    assert [one.stand and (one.stand.back, one.stand.up) for one in below] == [
        (0, -mm("23/32")),
        (mm("12 1/4"), -mm("23/32")),
    ]
    assert prove(done).meetings == ()


@pytest.mark.parametrize("joint", kinds_in("case_joint"))
@pytest.mark.parametrize("bottom", kinds_in("case_bottom"))
@pytest.mark.parametrize("through", kinds_in("through"))
def test_whatever_runs_through_the_case_closes_and_nothing_meets(through: str, bottom: str, joint: str) -> None:
    """The outside is the inside and the boards, along both axes, with a divider that stands between them."""
    plan = case(through=through, case_bottom=bottom, case_joint=joint, divider_joint="housed")
    plan, _ = split(plan, drawer_of(plan), "columns", {}, {})
    done = solved(plan)
    assert prove(done).meetings == ()
    inside = of_space(done, "opening_width", "boards_across", "opening_height", "boards_up")
    outside = of_space(done, "case_outside_width", "case_outside_height")
    assert outside == [inside[0] + inside[1], inside[2] + inside[3]]


def test_a_case_without_a_bottom_says_what_then_has_no_hold() -> None:
    """Uprights hang from the top alone; without one, nothing holds them, and nothing holds the sides apart."""
    plan, _ = split(case(case_bottom="none"), drawer_of(case()), "columns", {}, {})
    divider = next(one for one in pieces_of(solved(plan)) if one.role == "divider")
    assert divider.size is not None
    assert divider.size[0] == mm("24")
    bottomless = {"divider-held-nowhere", "sides-not-held-apart"}
    assert not bottomless & codes(plan)
    assert bottomless <= codes(with_choices(plan, case_top="none"), "attention")
    assert "plinth-without-bottom" in codes(with_choices(plan, plinth_height="4 in"), "attention")
    assert "plinth-without-bottom" not in codes(with_choices(plan, plinth_height="4 in", case_bottom="stretchers"))


# ---- feet, boards round them, a top held from below -------------------------------------------------------------------


@pytest.mark.parametrize(
    ("count", "lefts"), [("2", ("0", "30")), ("3", ("0", "15", "30")), ("4", ("0", "10", "20", "30"))]
)
def test_feet_stand_flush_with_the_edges_and_share_out_the_rest(count: str, lefts: tuple[str, ...]) -> None:
    """Under 31 1/2, feet of 1 1/2: the outer ones 30 apart."""
    plan = case(base_height="2 in", feet_in_a_row=count)
    done = solved(plan)
    feet = [one for one in pieces_of(done) if one.rule.title == "Foot"]
    assert {one.size for one in feet} == {(mm("2"), mm("1 1/2"), mm("1 1/2"))}
    left = of_space(done, "case_from_left")[0]
    front = [one.stand.across - left for one in feet if one.stand and one.stand.back == 0]
    assert front == [mm(at) for at in lefts]
    assert len(feet) == 2 * len(lefts)
    assert of_space(done, "standing_height") == [mm("27 1/2")]
    assert prove(done).meetings == ()


@pytest.mark.parametrize(("count", "width"), [("1", "1 1/2 in"), ("6", "1 1/2 in"), ("3", "12 in")])
def test_feet_that_do_not_fit_are_refused(count: str, width: str) -> None:
    assert "feet-do-not-fit" in codes(case(base_height="2 in", feet_in_a_row=count, foot_width=width), "stop")


def test_boards_round_the_base_are_told_to_the_long_points_of_their_mitres() -> None:
    """31 1/2 and 20, of 3/4: 33 in front, 20 3/4 beside; 2 of base and 3/4 of bottom high; 1 1/2 wider, 3/4 deeper."""
    plan = case(base_height="2 in", feet_in_a_row="2", base_skirt="mitred", front="none", case_back="none")
    done = solved(plan)
    boards = {one.role: one.size for one in pieces_of(done) if one.role.startswith("skirt")}
    assert boards == {
        "skirt_front": (mm("33"), mm("2 3/4"), mm("3/4")),
        "skirt_left": (mm("20 3/4"), mm("2 3/4"), mm("3/4")),
        "skirt_right": (mm("20 3/4"), mm("2 3/4"), mm("3/4")),
    }
    assert of_space(done, "boards_across", "boards_deep") == [mm("3"), mm("3/4")]
    assert prove(done).meetings == ()
    told = [in_words(done, one, cut) for one in pieces_of(done) for cut in one.cuts if cut.rule.what == "mitre"]
    assert told == [
        "Mitre: both ends, its long point outside",
        "Mitre: front end, its long point outside",
        "Mitre: front end, its long point outside",
    ]


def test_a_front_that_laps_over_the_bottom_meets_the_boards_round_the_base() -> None:
    plan = case(base_height="2 in", base_skirt="mitred", front="overlay")
    assert "front-meets-skirt" in codes(plan, "stop")
    assert {"skirt_front"} <= {m.second.partition("/")[2] for m in prove(solved(plan)).meetings} | {
        m.first.partition("/")[2] for m in prove(solved(plan)).meetings
    }
    inside = with_choices(plan, front_edge_below="inset")
    assert "front-meets-skirt" not in codes(inside)
    assert prove(solved(inside)).meetings == ()


@pytest.mark.parametrize("top", ["panel", "oversailing"])
@pytest.mark.parametrize("through", kinds_in("through"))
def test_a_top_on_angles_is_pierced_by_nothing(through: str, top: str) -> None:
    """An angle at each side and on both faces of an upright: 4, three screws in each wall, two up into the top."""
    plan = case(through=through, case_top=top, top_held="angles", divider_held="dowels_screwed")
    plan, _ = split(plan, drawer_of(plan), "columns", {"holds": "open"}, {"holds": "open"})
    done = solved(plan)
    (board,) = (one for one in pieces_of(done) if one.role == "case_top")
    assert not [cut for cut in board.cuts if cut.rule.what == "holes"]
    upper = [
        cut for one in pieces_of(done) if one.role.startswith("case_side") for cut in one.cuts
        if cut.rule.what == "holes" and cut.rule.datums == ("upper",)
    ]  # fmt: skip
    assert upper == []
    goods = {one.what: one.count for one in hardware_of(done)}
    assert goods["Angle under the top, 3/4 in × 18 3/8 in"] == 4
    assert [goods[name] for name in goods if name.startswith("Screw for angles, into the top")] == [8]
    # into sides of 3/4 reaches 5/8 past the metal at most, into an upright of 1/2 less
    walls = {
        name.rpartition(", ")[2]: goods[name] for name in goods if name.startswith("Screw for angles, into the wall")
    }
    assert walls == {"5/8 in": 6, "1/2 in": 6}
    assert "stagger-screws" in codes(plan, "note")
    assert [goods[name] for name in goods if name.startswith("Screw up into dividers")] == [3]
    assert prove(done).meetings == ()


def test_a_top_that_shows_may_be_held_from_below() -> None:
    plan = case(through="top", outside_shown="top")
    assert "screws-in-a-face-that-shows" in codes(plan)
    assert "screws-in-a-face-that-shows" not in codes(with_choices(plan, top_held="angles"))


# ---- a bottom that stands back ---------------------------------------------------------------------------------------


@pytest.mark.parametrize("datum", kinds_in("marking_datum"))
@pytest.mark.parametrize("through", kinds_in("through"))
@pytest.mark.parametrize("joint", kinds_in("case_joint"))
def test_a_bottom_stands_back_and_its_fasteners_with_it(joint: str, through: str, datum: str) -> None:
    """3/4 less than 20 deep, its back edge with the others; holes a margin of 2 behind its own front edge."""
    plan = case(through=through, case_joint=joint, bottom_set_back="3/4 in", marking_datum=datum, front="none")
    done = solved(plan)
    (bottom,) = (one for one in pieces_of(done) if one.role == "case_bottom")
    assert bottom.stand is not None
    assert bottom.size is not None
    assert (bottom.size[1], bottom.stand.back) == (mm("19 1/4"), mm("3/4"))
    assert prove(done).meetings == ()
    below = of_space(done, "lower_hole_places")[0]
    if joint in ("butted", "knock_down"):
        assert (below[0], below[-1]) == (mm("2 3/4"), mm("18"))
    own = [
        place for cut in bottom.cuts if cut.rule.what == "holes" and cut.rule.title == "Holes"
        for place in done.solved.value(*cut.keys[cut.rule.holes])
    ]  # fmt: skip
    assert set(own) <= {mm("2"), mm("9 5/8"), mm("17 1/4")}
    assert all(0 < across < bottom.size[1] for cut in bottom.cuts for _, across in points(done, bottom, cut))


def test_the_dado_of_a_bottom_that_stands_back_is_stopped() -> None:
    done = solved(case(case_joint="housed", bottom_set_back="3/4 in"))
    (side,) = (one for one in pieces_of(done) if one.role == "case_side_left")
    lower, upper = (in_words(done, side, cut) for cut in side.cuts if cut.rule.title == "Dado")
    assert "from 3/4 in to 20 in from the front edge" in lower
    assert "from the front edge" not in upper


def test_a_bottom_that_stands_back_by_all_of_its_depth_is_refused() -> None:
    assert "nothing-left-of-divider" in codes(case(bottom_set_back="20 in"), "stop")
    stretchers = case(case_bottom="stretchers", bottom_set_back="3/4 in")
    assert prove(solved(stretchers)).meetings == ()


# ---- a top that stands back ----------------------------------------------------------------------------------------


@pytest.mark.parametrize("datum", kinds_in("marking_datum"))
@pytest.mark.parametrize("joint", kinds_in("case_joint"))
@pytest.mark.parametrize("held", kinds_in("top_held"))
def test_a_top_between_the_sides_stands_back_and_its_fasteners_with_it(joint: str, held: str, datum: str) -> None:
    """2 less than 20 deep, its back edge with the others; holes a margin of 2 behind its own front edge."""
    plan = case(case_joint=joint, top_set_back="2 in", marking_datum=datum, top_held=held, front="none")
    done = solved(plan)
    (top,) = (one for one in pieces_of(done) if one.role == "case_top")
    assert top.stand is not None
    assert top.size is not None
    assert (top.size[1], top.stand.back) == (mm("18"), mm("2"))
    assert prove(done).meetings == ()
    if joint in ("butted", "knock_down") and held == "alike":
        above = of_space(done, "upper_hole_places")[0]
        assert (above[0], above[-1]) == (mm("4"), mm("18"))
    if joint == "knock_down":
        dowels = of_space(done, "upper_dowel_places")[0]
        assert all(dowels[0] <= place for place in dowels)
        assert of_space(done, "upper_dowels") == [len(dowels)]
    (side,) = (one for one in pieces_of(done) if one.role == "case_side_left")
    assert all(0 < across < side.size[1] for cut in side.cuts for _, across in points(done, side, cut) if side.size)


def test_the_dado_of_a_top_that_stands_back_is_stopped_and_that_of_the_bottom_is_not() -> None:
    done = solved(case(case_joint="housed", top_set_back="2 in"))
    (side,) = (one for one in pieces_of(done) if one.role == "case_side_left")
    lower, upper = (in_words(done, side, cut) for cut in side.cuts if cut.rule.title == "Dado")
    assert "from the front edge" not in lower
    assert "from 2 in to 20 in from the front edge" in upper


@pytest.mark.parametrize("increment", ["1/16 in", "1/4 in", "5 mm", "2 mm"])
@pytest.mark.parametrize("back", kinds_in("case_back"))
@pytest.mark.parametrize("board", ["bottom", "top"])
def test_the_back_edges_agree_whatever_is_snapped_away(board: str, back: str, increment: str) -> None:
    """A coarse increment takes more off the front; a groove for the back runs on round all four boards."""
    plan = case(case_joint="housed", case_back=back, front="none", **{f"{board}_set_back": "16 mm"})
    done = solved(changed(plan, step("/units/increment", increment, "replace")))
    (one,) = (piece for piece in pieces_of(done) if piece.role == f"case_{board}")
    assert one.stand is not None
    assert one.size is not None
    assert one.stand.back + one.size[1] == of_space(done, "case_panel_depth_cut")[0]
    assert one.stand.back >= mm("16 mm")
    assert prove(done).meetings == ()


def test_a_top_over_the_sides_or_in_parts_does_not_stand_back() -> None:
    """It is asked of a whole top between the sides; elsewhere it holds nothing."""
    for choices in ({"through": "top"}, {"case_top": "stretchers"}, {"case_top": "none"}):
        asked = asked_of(solved(case(**choices)).laid.places[space_of(case())].kinds, case().defaults_edition)
        assert "top_set_back" not in asked, choices
    assert "nothing-left-of-divider" in codes(case(top_set_back="20 in"), "stop")


def test_a_strip_of_a_sheet_in_hand_weighs_what_that_sheet_weighs() -> None:
    """24 of inside and two boards of 3/4 long, 4 3/4 wide, 1/4 thick; 600 kg a cubic metre unless its row says."""
    plan = case(front_strip="1/4 in")
    done = solved(plan)
    (strip,) = (one for one in pieces_of(done) if one.role == "front_strip_left")
    volume = float(mm("25 1/2") * mm("4 3/4") * mm("1/4")) / 1e9
    assert weight_of_piece(done, strip) == pytest.approx(600 * volume)
    assert strip.sheet is not None
    heavy = solved(changed(plan, step(f"/library/sheets/{strip.sheet}/density", 800)))
    assert weight_of_piece(heavy, strip) == pytest.approx(800 * volume)
