"""Every front by hand: in an opening 22 1/2 wide and 9 7/16 high, a front of 3/4, gaps of 1/8. Provenance by row."""

from __future__ import annotations

import pytest

from tests.helpers import changed, codes, drawer_of, frameless, measured, mm, solved, split, step, value, with_choices
from vasculum.drawing.panel import panel_of
from vasculum.drawing.part import part_sheet
from vasculum.drawing.primitives import Line, Rect, Text
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

BY_HAND = [
    # front, width, height, set-back, provenance
    ("inset", "22 1/4", "9 3/16", "3/4", "common practice: clear less two gaps"),
    ("overlay", "23 7/8", "10 13/16", "0", "common practice: two laps of 3/4 less the reveal of 1/16"),
    ("partial", "23 1/4", "10 3/16", "0", "common practice: two laps of 3/8"),
    ("lipped", "23", "9 15/16", "3/8", "common practice: two lips of 1/4, half the thickness in the opening"),
]


@pytest.mark.parametrize(("front", "width", "height", "set_back", "provenance"), BY_HAND)
def test_a_front_by_hand(front: str, width: str, height: str, set_back: str, provenance: str) -> None:
    done = solved(frameless(front=front))
    sizes = [value(done, name) for name in ("front_width_cut", "front_height_cut", "set_back")]
    assert sizes == [mm(width), mm(height), mm(set_back)], provenance


METRIC = [
    ("inset", "594", "194", "18"),  # 600 - 2 x 3, 200 - 2 x 3
    ("overlay", "633", "233", "0"),  # 2 x (18 - 1.5)
    ("partial", "620", "220", "0"),  # 2 x 10
    ("lipped", "612", "212", "9"),  # 2 x 6, half of 18
]


@pytest.mark.parametrize(("front", "width", "height", "set_back"), METRIC)
def test_a_front_by_hand_in_millimetres(front: str, width: str, height: str, set_back: str) -> None:
    done = solved(with_choices(new_plan("M", "frameless", "mm", "600", "200", "520"), front=front))
    sizes = [value(done, name) for name in ("front_width_cut", "front_height_cut", "set_back")]
    assert sizes == [int(width), int(height), int(set_back)]


def test_the_true_thickness_of_the_front_decides_how_deep_a_lip_is_cut() -> None:
    """Half of 23/32 is 23/64; the lip of 1/4 and the gap of 1/8 make the rabbet 3/8 wide."""
    done = solved(measured(frameless(front="lipped"), front_sheet="23/32 in"))
    assert value(done, "lip_rabbet_depth") == mm("23/64")
    assert value(done, "lip_rabbet_width") == mm("3/8")
    front = next(p for p in pieces_of(done) if p.role == "front")
    assert [c.rule.what for c in front.cuts] == ["round"]
    assert any(isinstance(p, Rect) and p.role == "cut" for p in part_sheet(done, front).primitives)


def test_a_column_of_lapping_fronts_leaves_the_gap_between_them() -> None:
    for front in ("partial", "lipped"):
        plan, ids = split(frameless("22", "30", front=front), "place-2", "rows", {}, {}, {})
        done = solved(plan)
        tops = [done.solved.value(i, "front_from_floor") + done.solved.value(i, "front_height_cut") for i in ids]
        for upper, lower in ((0, 1), (1, 2)):
            assert done.solved.value(ids[upper], "front_from_floor") - tops[lower] == mm("1/8")
        lap = mm("3/8") if front == "partial" else mm("1/4")
        assert tops[0] - mm("30") == lap


def test_a_pair_reads_as_two_and_each_half_misses_half_the_blade() -> None:
    """9 3/16 less a blade of 1/8 is 9 1/16: 4 17/32 each. Common practice."""
    done = solved(frameless(face="pair"))
    assert value(done, "face_half") == mm("4 17/32")
    assert value(done, "faces_shown") == 2
    front = next(p for p in solution_of(done).parts if p.name == "Front")
    assert front.joinery[0].text.startswith("Groove across the face: 4 17/32 in above the lower edge, 1/8 in wide")
    assert "rabbet-through-the-end" in codes(frameless(face="pair", face_groove_depth="3/4 in"), "stop")


# ---- the face as the front of the box: 18 in runner, sides of 1/2, face of 3/4 -------------------------------------


def integral(**choices: str) -> Plan:
    return frameless("22 1/2", "9 7/16", "20", joint="integral", **choices)


def test_sides_of_an_integral_front_by_hand() -> None:
    """Runner 18 behind the face; housed 1/4 the sides are 18 1/4, butted 18; the back stands between them: 20 1/2."""
    housed, butted = solved(integral()), solved(integral(housing_depth="0 in"))
    assert value(housed, "side_length_cut") == mm("18 1/4")
    assert value(butted, "side_length_cut") == mm("18")
    for done in (housed, butted):
        assert value(done, "outside_depth") == mm("18")
        assert value(done, "inside_depth") == mm("17 1/2")
        assert value(done, "box_back_length_cut") == mm("20 1/2")
    roles = [p.role for p in pieces_of(housed)]
    assert "box_front" not in roles
    assert roles.count("front") == 1


def test_housings_and_groove_are_on_the_back_of_the_face() -> None:
    done = solved(integral())
    front = next(p for p in pieces_of(done) if p.role == "front")
    assert [c.rule.what for c in front.cuts] == ["stopped_groove", "dado", "dado"]
    edge, raised = value(done, "front_edge_to_box_edge"), value(done, "bottom_raise")
    assert value(done, "face_groove_from_edge") == edge + raised
    drawn = [p for p in part_sheet(done, front).primitives if isinstance(p, Line) and p.layer == "joinery"]
    assert len(drawn) == 8  # two lines for each of three cuts


def test_an_integral_front_takes_no_front_screws_and_its_pull_passes_one_board() -> None:
    what = {h.what: h.through for h in solution_of(solved(integral())).hardware}
    assert not [one for one in what if "for the front" in one]
    assert what["Screw for the pull, 1 1/8 in"] == "through front 3/4 in into the pull 3/8 in"


def test_without_a_front_the_sides_are_butted_to_a_box_front() -> None:
    done = solved(integral(front="none"))
    assert value(done, "side_loss_front") == mm("1/2")
    assert any(p.role == "box_front" for p in pieces_of(done))


def test_a_housing_through_the_face_is_refused() -> None:
    assert "rabbet-through-the-end" in codes(integral(housing_depth="3/4 in"), "stop")
    assert drawer_of(integral())


# ---- faces from one panel: three fronts over 30 in with gaps of 1/8 come to 29 1/2, a blade takes 1/8 ----------------


def matched(**choices: str) -> tuple[Plan, list[str]]:
    return split(frameless("22", "30", grain="matched", **choices), "place-2", "rows", {}, {}, {})


def test_a_panel_is_its_faces_and_a_kerf_between_each_two() -> None:
    """29 1/2 and two kerfs; the figure jumps by a gap of 1/8 less a kerf of 1/8. Common practice."""
    plan, _ = matched()
    done = solved(plan)
    assert done.solved.value("place-2", "panel_length_needed") == mm("29 3/4")
    assert done.solved.value("place-2", "panel_width_needed") == mm("21 3/4")
    assert done.solved.value("place-2", "figure_jumps_by") == 0
    assert solved(matched(panel_trim="1/32 in")[0]).solved.value("place-2", "figure_jumps_by") == -mm("1/32")


@pytest.mark.parametrize(
    ("length", "offcut", "code"),
    [
        ("29 1/2 in", "-1/4", "panel-too-short"),
        ("29 3/4 in", "0", None),
        ("30 in", "1/8", None),
        ("48 in", "18 1/8", None),
    ],
)
def test_an_offcut_costs_one_kerf_more(length: str, offcut: str, code: str | None) -> None:
    plan, _ = matched(panel_length=length)
    left = solved(plan).solved.value("place-2", "panel_offcut")
    assert left == (-mm(offcut[1:]) if offcut.startswith("-") else mm(offcut))
    assert codes(plan, "stop") == ({code} if code else set())


def test_the_sum_of_the_faces_is_not_enough_and_is_said_to_be_the_kerfs() -> None:
    said = solution_of(solved(matched(panel_length="29 1/2 in")[0])).findings
    assert "it is the kerfs that are missing" in next(f.message for f in said if f.code == "panel-too-short")
    said = solution_of(solved(matched(panel_length="20 in")[0])).findings
    assert "The faces do not go" in next(f.message for f in said if f.code == "panel-too-short")
    assert "panel-too-narrow" in codes(matched(panel_width="20 in")[0], "stop")


def test_the_faces_stand_on_the_panel_in_their_order_with_honest_kerfs() -> None:
    plan, ids = matched(panel_length="36 in")
    done = solved(plan)
    drawn = panel_of(done, ids[1])
    faces = [p for p in drawn.primitives if isinstance(p, Rect) and p.role == "fill"]
    assert [face.tint for face in faces] == [1, 2, 3]
    assert faces[0].corner[1] + faces[0].height == mm("36")
    for upper, lower in ((0, 1), (1, 2)):
        assert faces[upper].corner[1] - faces[lower].corner[1] - faces[lower].height == mm("1/8")
    marks = [p.text for p in drawn.primitives if isinstance(p, Text) and p.role == "label"]
    assert marks == [
        f"{n}  {plan.marks.get(f'{i}/front', done.plan.marks[f'{i}/front'])}" for n, i in enumerate(ids, 1)
    ]
    assert {p.grain for p in pieces_of(done) if p.role == "front"} == {"matched"}


def test_a_column_whose_figure_runs_free_has_no_panel() -> None:
    plan, ids = split(frameless("22", "30"), "place-2", "rows", {}, {})
    assert not panel_of(solved(plan), ids[0]).primitives
    assert {p.grain for p in pieces_of(solved(plan)) if p.role == "front"} == {"length"}


# ---- carried in: a face that belongs to the box comes with it ------------------------------------------------------


def test_a_box_with_its_face_is_carried_in_larger() -> None:
    """Box 21 1/2 by 9 1/16 by 18 with a face of 22 1/4 by 9 3/16 by 3/4; its front edge 0 to 1/16 below the box's."""
    mouth = {"mouth_width": "30 in", "mouth_height": "30 in"}
    bare, faced = frameless("22 1/2", "9 7/16", "20", **mouth), integral(**mouth)
    assert value(bare, "carried_width") == mm("21 1/2")
    assert value(faced, "carried_width") == mm("22 1/4")
    assert value(faced, "carried_depth") == value(faced, "outside_depth") + mm("3/4")
    assert value(faced, "carried_height") >= value(faced, "front_height_cut")


def test_a_front_that_reaches_past_its_sides_is_carried_in_too() -> None:
    assert value(frameless(joint="sliding_dovetail"), "carried_width") == mm("22 1/4")  # 21 1/2 and 3/8 on both sides


def test_a_sheet_without_grain_lets_its_parts_be_turned() -> None:
    plan = frameless()
    at = f"/library/sheets/{plan.choices['side_sheet']}/grain"
    free = solved(changed(plan, step(at, "free")))
    assert {p.grain for p in pieces_of(free) if p.role.startswith("side")} == {"free"}
    assert {p.grain for p in pieces_of(free) if p.role == "front"} == {"length"}
    side = next(p for p in pieces_of(free) if p.role == "side_left")
    assert "grain free" in [p.text for p in part_sheet(free, side).primitives if isinstance(p, Text)]


EDGES = [
    # front, the edge inside the opening, width and height of the front; reveal 1/16, gap 1/8, boards 3/4, opening 22 1/2 x 9
    ("overlay", "below", "23 7/8", "9 9/16"),  # 9 - 1/8 + 11/16
    ("overlay", "above", "23 7/8", "9 9/16"),
    ("overlay", "left", "23 1/16", "10 3/8"),  # 22 1/2 - 1/8 + 11/16
    ("overlay", "right", "23 1/16", "10 3/8"),
    ("partial", "below", "23 1/4", "9 1/4"),  # laps of 3/8
    ("partial", "left", "22 3/4", "9 3/4"),
]


@pytest.mark.parametrize(("front", "edge", "width", "height"), EDGES)
def test_a_front_that_laps_may_end_inside_the_opening_at_one_edge(
    front: str, edge: str, width: str, height: str
) -> None:
    plan = frameless("22 1/2", "9", "20", carcass="new", front=front, **{f"front_edge_{edge}": "inset"})
    done = solved(plan)
    assert (value(done, "front_width_cut"), value(done, "front_height_cut")) == (mm(width), mm(height))
    assert prove(done).meetings == ()
    (piece,) = (one for one in pieces_of(done) if one.role == "front")
    assert piece.stand is not None
    gap = {"below": piece.stand.up, "left": piece.stand.across}.get(edge)
    assert gap in (None, mm("1/8"))


def test_only_the_lowest_of_a_column_ends_above_the_bottom() -> None:
    plan = frameless("22 1/2", "18", "20", carcass="new", front="overlay", front_edge_below="inset")
    plan, (upper, lower) = split(plan, drawer_of(plan), "rows", {}, {})
    done = solved(plan)
    fronts = {one.place: one.stand for one in pieces_of(done) if one.role == "front"}
    assert fronts[lower] is not None
    assert fronts[lower].up == mm("1/8")
    assert prove(done).meetings == ()
    beside, _ = split(plan, upper, "columns", {}, {})
    assert prove(solved(beside)).meetings == ()


def test_a_lipped_front_has_its_lip_all_round() -> None:
    """Its rabbet runs along all four edges: no edge is left out."""
    plan = frameless("22 1/2", "9", "20", carcass="new", front="lipped")
    lipped = value(plan, "front_height_cut")
    assert value(with_choices(plan, front_edge_below="inset"), "front_height_cut") == lipped
