"""Dividers and how they are joined: housed, on dowels, angles or cleats, set back, with play. Worked by hand."""

from __future__ import annotations

from fractions import Fraction

import pytest

from tests.helpers import changed, codes, drawer_of, measured, mm, solved, space_of, split, step, value, with_choices
from vasculum.core.rules.fastening.sold import places_between
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.regions import regions
from vasculum.plan.telling.cuts import in_words
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.marking_out import marked_out
from vasculum.solid.proof import prove


def case(width: str = "29", height: str = "19", depth: str = "18", **choices: str) -> Plan:
    """A new case of an outside, boards of 3/4, dividers of 1/2."""
    plan = new_plan("Case", "frameless", "in", "60 in", "60 in", "40 in", "cabinet", "of_outside")
    sizes = {"width": width, "height": height, "depth": depth}
    steps = [step(f"/spaces/{space_of(plan)}/choices/wanted_outside_{of}", f"{size} in") for of, size in sizes.items()]
    return with_choices(changed(plan, *steps), **choices)


def grid(plan: Plan, *parts: str) -> Plan:
    """Two rows with a board between them, each of two columns of what is said: open bays unless said."""
    plan, rows = split(plan, drawer_of(plan), "rows", {"name": "upper"}, {"name": "lower"}, divider="board")
    for row in rows:
        plan, cells = split(plan, row, "columns", {"name": f"{row} left"}, {"name": f"{row} right"})
        for cell, holds in zip(cells, parts or ("open", "open"), strict=True):
            plan = changed(plan, step(f"/places/{cell}/holds", holds, "replace"))
    return plan


def banded(plan: Plan, choice: str, thickness: str) -> Plan:
    """With an edge band for what a choice names."""
    number = plan.next_id
    return changed(
        plan,
        step(f"/library/bands/band-{number}", {"name": "Band", "thickness": thickness}),
        step("/next_id", number + 1, "replace"),
        step(f"/choices/{choice}", f"band-{number}"),
    )


def dividers(plan: SolvedPlan) -> list[Piece]:
    return [one for one in pieces_of(plan) if one.rule.title == "Divider"]


def cut_for_dividers(plan: SolvedPlan) -> dict[str, list[str]]:
    """By the title of the board: the dados that dividers ask of it."""
    return {
        one.rule.title: [in_words(plan, one, cut) for cut in one.cuts if cut.rule.title == "Dado for divider"]
        for one in pieces_of(plan)
        if any(cut.stood for cut in one.cuts)
    }


def bought(plan: Plan) -> dict[str, tuple[str, str]]:
    return {one.what: (one.amount, one.through) for one in hardware_of(solved(plan))}


# ---- housed ---------------------------------------------------------------------------------------------------------


def test_a_housed_divider_goes_a_third_into_the_thinner_board_at_each_end() -> None:
    """Uprights stand between the rail (1/2) and the case (3/4): a third of 1/2, down to 1/64, is 5/32."""
    done = solved(grid(case(divider_joint="housed")))
    upper, rail, lower = dividers(done)
    assert [one.size and one.size[0] for one in (upper, lower)] == [mm("8 13/16")] * 2  # 8 1/2 + 2 x 5/32
    assert rail.size is not None
    assert rail.size[0] == mm("27 15/16")  # 27 1/2 + 2 x 15/64, down to 1/16
    assert prove(done).meetings == ()
    dados = cut_for_dividers(done)
    assert dados["Case bottom"] == [
        "Dado for divider: 13 1/2 in from the left end, 1/2 in wide, 5/32 in deep, inside face; 4 passes of a blade of 1/8 in"
    ]
    assert [said.split(", ")[3].partition(";")[0] for said in dados["Divider"]] == ["inside face", "outside face"]
    assert {"Case top", "Case side, left", "Case side, right"} < set(dados)


def test_the_proof_finds_a_divider_longer_than_its_dados() -> None:
    """The dados come from where it stands, their depth does not: cut longer, it meets the boards it ends at."""
    plan = grid(case(divider_joint="housed"))
    longer = changed(plan, step(f"/as_built/{plan.spaces[space_of(plan)].holds}~1divider_length_cut", "28 1/4 in"))
    assert "meets" in {one.how for one in prove(solved(longer)).meetings}


def test_dados_stop_where_the_divider_stands_back() -> None:
    done = solved(grid(case(divider_joint="housed", divider_set_back="1/2 in", divider_short_behind="2 in")))
    assert all(one.size and one.size[1] == mm("15 1/4") for one in dividers(done))  # 17 3/4 - 1/2 - 2
    assert all(one.stand and one.stand.back == mm("1/2") for one in dividers(done))
    assert all("from 1/2 in to 15 3/4 in from the front edge" in said for said in cut_for_dividers(done)["Case top"])
    assert prove(done).meetings == ()


def test_a_dado_that_stops_is_told_from_the_banded_edge() -> None:
    """The band is part of the finished edge that 1/2 is measured from; on the core the dado lies nearer by it."""
    done = solved(banded(grid(case(divider_joint="housed", divider_set_back="1/2 in")), "case_band", "1/16 in"))
    bottom = next(one for one in pieces_of(done) if one.rule.title == "Case bottom")
    (dado,) = (cut for cut in bottom.cuts if cut.stood)
    assert "from 1/2 in to 17 3/4 in from the banded front edge" in in_words(done, bottom, dado)
    ((_, across, _),) = regions(done, bottom, dado)
    assert across[0] == mm("7/16")
    assert prove(done).meetings == ()


def test_a_dado_that_runs_out_goes_through_the_band() -> None:
    """Banded first, then cut: else the divider would meet the band."""
    plan = grid(case(divider_joint="housed"))
    plan = banded(plan, "case_band", "1/16 in")
    done = solved(plan)
    assert all(one.bands for one in dividers(done))
    assert prove(done).meetings == ()
    bottom = next(one for one in pieces_of(done) if one.rule.title == "Case bottom")
    (dado,) = (cut for cut in bottom.cuts if cut.stood)
    ((_, across, _),) = regions(done, bottom, dado)
    assert bottom.size is not None
    assert across == (0, bottom.size[1])


@pytest.mark.parametrize("carcass", ["existing", "new"])
def test_nothing_is_housed_in_what_exists(carcass: str) -> None:
    plan = new_plan("Case", "frameless", "in", "30 in", "20 in", "20 in", "cabinet", carcass)
    plan = grid(with_choices(plan, divider_joint="housed"))
    is_said = "nothing-to-be-let-into" in codes(plan)
    assert is_said == (carcass == "existing")
    assert any(cut.stood for one in pieces_of(solved(plan)) for cut in one.cuts) == (carcass == "new")


def test_an_upright_beside_a_row_without_a_board_ends_at_nothing() -> None:
    plan, rows = split(case(), drawer_of(case()), "rows", {"name": "upper"}, {"name": "lower"})
    plan, _ = split(plan, rows[1], "columns", {"name": "left"}, {"name": "right"})
    assert "divider-ends-at-nothing" in codes(plan)
    closed = changed(plan, step(f"/places/{plan.spaces[space_of(plan)].holds}/divider", "board"))
    assert "divider-ends-at-nothing" not in codes(closed)


# ---- the box under raked seats --------------------------------------------------------------------------------------


def raked_box(**choices: str) -> Plan:
    """Outside 41 x 35 x 13: a top of 3/4 over faces of 3/4, a bottom of 1/2, the back between top and bottom."""
    plan = new_plan("Box", "frameless", "in", "44 in", "30 in", "38 in", "vehicle", "of_outside")
    sizes = {"width": "41 in", "height": "13 in", "depth": "35 in"}
    plan = changed(plan, *(step(f"/spaces/{space_of(plan)}/choices/wanted_outside_{of}", s) for of, s in sizes.items()))
    plan = measured(plan, front_sheet="3/4 in", side_sheet="1/2 in", bottom_sheet="1/2 in")
    front, side = plan.choices["front_sheet"], plan.choices["side_sheet"]
    plan = with_choices(
        plan, through="top", case_top="oversailing", case_back="between", case_back_sheet=front, case_side_sheet=front,
        case_top_sheet=front, case_bottom_sheet=side, divider_sheet=front, front="overlay", gap="1/8 in",
        reveal="0 in", reveal_below="1/8 in", marking_datum="back", divider_joint="housed", **choices,
    )  # fmt: skip
    return split(plan, drawer_of(plan), "columns", {"name": "Left"}, {"name": "Right"})[0]


def test_the_upright_of_the_raked_box_is_housed_and_screwed() -> None:
    """Published for butted boards: uprights 11 3/4 x 33 1/2, bottom 34 1/4; housed, 5/32 longer at each end."""
    done = solved(raked_box())
    (upright,) = dividers(done)
    sizes = {one.rule.title: one.size for one in pieces_of(done)}
    assert sizes["Case side, left"] == (mm("11 3/4"), mm("33 1/2"), mm("3/4"))
    assert sizes["Case bottom"] == (mm("41"), mm("34 1/4"), mm("1/2"))
    assert upright.size == (mm("12 1/16"), mm("33 1/2"), mm("3/4"))
    assert prove(done).meetings == ()
    screws = bought(raked_box())["Screw for dividers, No. 8 × 1 1/2 in"]
    assert screws == ("14 pieces", "through board 19/32 in into the ends of the dividers, bites 29/32 in")
    lines = {
        (b.board.rpartition(" ")[0], b.measured, line.near, line.middle, line.holes)
        for b in marked_out(done)
        for line in b.lines
        if line.member.startswith("Divider")
    }
    at = {
        board: (near, middle, holes)
        for board, measured_from, near, middle, holes in lines
        if measured_from == "from the left end"
    }
    assert at["Case top"] == at["Case bottom"]  # from the back edge the same figures hold on both
    near, middle, holes = at["Case top"]
    assert (near, middle) == ("20 1/8", "20 1/2")  # the middle of 41
    assert holes.split(" · ")[0] == "1 3/4"  # 3/4 of back and 1 from the end of the upright


# ---- play, dowels, angles, cleats -----------------------------------------------------------------------------------


def test_play_comes_off_both_ends() -> None:
    done = solved(grid(case(divider_play="1/16 in")))
    upper, rail, _ = dividers(done)
    assert (upper.size and upper.size[0], rail.size and rail.size[0]) == (mm("8 3/8"), mm("27 3/8"))
    assert rail.stand is not None
    assert rail.stand.across - value(done, "cell_from_left") == mm("1/16")


def shelves(**choices: str) -> Plan:
    """Two rows of open bays over each other in a metric case of boards of 19, the shelf on what is chosen."""
    plan = new_plan("Cubby", "frameless", "mm", "354 mm", "415 mm", "300 mm", "cabinet", "new")
    plan = changed(plan, step("/units/increment", "1 mm", "replace"))
    plan = measured(plan, side_sheet="19 mm")
    plan = with_choices(plan, case_sheet=plan.choices["side_sheet"], case_back="none", front="none", **choices)
    plan, rows = split(plan, drawer_of(plan), "rows", {"name": "upper"}, {"name": "lower"}, divider="board")
    return changed(plan, *(step(f"/places/{row}/holds", "open", "replace") for row in rows))


def test_a_shelf_on_angles_has_its_angles_and_both_kinds_of_screws() -> None:
    """300 deep, 25 short in front and 15 at the back: 260. Through 2 of metal 16 bites 14 and leaves 5 of 19."""
    plan = shelves(divider_held="angles", divider_play="1 mm")
    (shelf,) = dividers(solved(plan))
    assert shelf.size == (Fraction(352), Fraction(300), Fraction(19))
    goods = bought(plan)
    assert goods["Angle for dividers, 15 mm × 260 mm"][0] == "2 pieces"
    assert goods["Screw for angles, into the wall, 16 mm"] == (
        "6 pieces",
        "through metal 2 mm into the walls, bites 14 mm",
    )
    assert goods["Screw for angles, into the divider, 16 mm"] == (
        "4 pieces",
        "through metal 2 mm into divider 19 mm, bites 14 mm",
    )
    assert not any("glue" in what and "divider" in what for what in goods)


def test_a_shelf_on_cleats_has_them_as_parts_that_stand_under_it() -> None:
    done = solved(shelves(divider_held="cleats", divider_play="1 mm"))
    left, right = (one for one in pieces_of(done) if one.rule.title.startswith("Cleat"))
    (shelf,) = dividers(done)
    assert left.size == right.size == (Fraction(275), Fraction(38), Fraction(19))
    assert left.stand is not None
    assert right.stand is not None
    assert shelf.stand is not None
    assert left.stand.up + 38 == right.stand.up + 38 == shelf.stand.up
    assert right.stand.across - left.stand.across == 354 - 19
    assert prove(done).meetings == ()
    # 19 of cleat and 19 of wall, less 3 before the point: 35
    assert (
        bought(shelves(divider_held="cleats"))["Screw for cleats, 35 mm"][1]
        == "through cleat 19 mm into the walls, bites 16 mm"
    )


def test_a_drawer_beside_cleats_meets_them() -> None:
    """Cleats narrow the room under a shelf: the proof says so."""
    plan = shelves(divider_held="cleats")
    lower = plan.places[plan.spaces[space_of(plan)].holds].children[1]
    done = solved(changed(plan, step(f"/places/{lower}/holds", "drawer", "replace")))
    assert any("cleat" in one.first + one.second for one in prove(done).meetings)


def test_uprights_do_not_rest_on_cleats() -> None:
    plan, _ = split(case(divider_held="cleats"), drawer_of(case()), "columns", {"name": "left"}, {"name": "right"})
    assert "uprights-on-cleats" in codes(plan)


def test_dowels_are_as_thick_and_as_deep_as_their_boards_ask() -> None:
    """Boards of 19: 8 is under its half; of the face two thirds, 12; the edge takes the rest of 40 and 1."""
    plan = shelves(divider_held="dowels", dowel_spare="1 mm")
    assert bought(plan)["Dowel for dividers, 8 mm × 40 mm"][0] == "8 pieces"  # four along 300, at both ends
    at = plan.spaces[space_of(plan)].holds
    done = solved(with_choices(plan, jig_plate="14 mm", jig_hole="8 mm"))
    found = {name: done.solved.value(at, name) for name in ("dowel_face_depth", "dowel_edge_depth", "jig_packing")}
    assert found == {"dowel_face_depth": 12, "dowel_edge_depth": 29, "jig_packing": mm("1.5 mm")}
    assert (done.solved.value(at, "drill_stop_face"), done.solved.value(at, "drill_stop_edge")) == (26, 43)


def test_a_case_that_comes_apart_has_dowels_clear_of_its_screws() -> None:
    """Screws 80 from both edges of 300; dowels 30 from them and midway between: 30, 150, 270 from either edge."""
    plan = shelves(case_joint="knock_down", case_hole_margin="80 mm", dowel_margin="30 mm", marking_datum="back")
    done = solved(plan)
    space = space_of(plan)
    assert done.solved.value(space, "dowel_places") == (30, 150, 270)
    assert done.solved.value(space, "lower_hole_places_from_back") == (80, 220)
    assert bought(plan)["Dowel for the case, 8 mm × 40 mm"][0] == "12 pieces"
    assert not {"dowels-near-screws", "dowel-hole-through"} & codes(plan)
    assert "dowels-near-screws" in codes(with_choices(plan, case_hole_margin="40 mm"))
    assert "dowel-hole-through" in codes(with_choices(plan, wanted_dowel_face_depth="29 mm"))


# ---- neighbours -----------------------------------------------------------------------------------------------------


@pytest.mark.parametrize("held", ["screws", "pocket", "dowels"])
def test_fasteners_from_both_sides_of_a_rail_stand_clear_of_each_other(held: str) -> None:
    """Uprights above and below a rail stand on one line: those of the lower row stand further back by 1/2."""
    assert "fasteners-meet" not in codes(grid(case(divider_held=held)))


def test_dowels_of_every_other_row_stand_midway_between_those_of_the_first() -> None:
    """Boards of 1/2 take dowels of 1/4: 3/4 from both sides of a rail. 17 3/4 deep: 3/4 to 17 in four steps, to 1/16."""
    plan = grid(case(divider_held="dowels"))
    done = solved(plan)
    upper, lower = (
        done.solved.value(id_, "divider_fixings") for id_ in plan.places[plan.spaces[space_of(plan)].holds].children
    )
    assert upper == tuple(map(mm, ("3/4", "4 13/16", "8 7/8", "12 15/16", "17")))
    assert all(one < other < next_one for one, other, next_one in zip(upper, lower, upper[1:], strict=False))
    assert min(abs(one - other) for one in upper for other in lower) >= 3 * mm("1/4")
    assert len(lower) == 4


@pytest.mark.parametrize(("places", "between"), [(("1", "4"), ("2", "3")), (("1", "3", "5 1/32"), ("2", "4"))])
def test_places_between_others(places: tuple[str, ...], between: tuple[str, ...]) -> None:
    """Two at thirds of two, else midway; to 1/16."""
    assert places_between(tuple(map(mm, places)), mm("1/16")) == tuple(map(mm, between))


def test_a_wall_that_stands_says_how_long_its_screws_may_be() -> None:
    """19 of cleat, and 3 before the point: into a wall of 16 goes 30, into one as thick as the shelf 35."""
    plan = new_plan("Cupboard", "frameless", "mm", "354 mm", "415 mm", "300 mm", "cabinet", "existing")
    plan = with_choices(measured(plan, side_sheet="19 mm"), divider_held="cleats", front="none")
    plan, rows = split(plan, drawer_of(plan), "rows", {"name": "upper"}, {"name": "lower"}, divider="board")
    plan = changed(plan, *(step(f"/places/{row}/holds", "open", "replace") for row in rows))
    assert "wall-not-measured" in codes(plan, "note")
    assert "Screw for cleats, 35 mm" in bought(plan)
    known = with_choices(plan, standing_wall="16 mm")
    assert "wall-not-measured" not in codes(known)
    assert "Screw for cleats, 30 mm" in bought(known)


def test_dados_from_both_faces_that_meet_cut_the_board_in_two() -> None:
    """Uprights over each other, each let in by 1/4: together all of a rail of 1/2. Beside each other they do not meet."""
    plan = grid(case(divider_joint="housed", wanted_housing_depth="1/4 in"))
    assert "dados-meet" in codes(plan, "stop")
    assert "dados-meet" not in codes(with_choices(plan, wanted_housing_depth="15/64 in"))
    upper = plan.places[plan.spaces[space_of(plan)].holds].children[0]
    first = plan.places[upper].children[0]
    aside = changed(plan, step(f"/places/{first}/size", {"by": "fixed", "length": "6 in"}, "replace"))
    assert "dados-meet" not in codes(aside)


def test_what_comes_out_holds_no_dado() -> None:
    """A drawer that a housed divider would run into is met, not cut."""
    plan = grid(case(divider_joint="housed"), "drawer", "open")
    assert not [one for one in pieces_of(solved(plan)) if one.rule.moves and any(cut.stood for cut in one.cuts)]


def test_fasteners_that_were_put_onto_each_other_are_named() -> None:
    """Screws begin 1 from the edge; of the lower row 1/2 further back, just where the upper ones were put."""
    plan = grid(case())
    upper = plan.places[plan.spaces[space_of(plan)].holds].children[0]
    onto = changed(plan, step(f"/places/{upper}/choices/joint_screw_margin", "1 1/2 in"))
    assert "fasteners-meet" in codes(onto, "attention")
    aside = changed(plan, step(f"/places/{upper}/choices/joint_screw_margin", "4 in"))
    assert "fasteners-meet" not in codes(aside)


# ---- cross walls, no top, both edges --------------------------------------------------------------------------------


def walled(**choices: str) -> Plan:
    """A drawer before a cross wall in a case of boards of 3/4, 17 3/4 deep inside; dividers and walls of 1/2."""
    plan = case(**choices)
    return changed(plan, step(f"/places/{drawer_of(plan)}/choices", {"room_behind": "4 in"}))


def test_a_place_ends_at_its_cross_wall() -> None:
    """17 3/4 less 4 of room and 1/2 of wall: 13 1/4 is left; the runner follows it."""
    done = solved(walled())
    assert value(done, "cell_depth") == mm("13 1/4")
    (wall,) = (one for one in pieces_of(done) if one.role == "cross_wall")
    assert wall.size == (mm("27 1/2"), mm("17 1/2"), mm("1/2"))
    assert wall.stand is not None
    assert wall.stand.back == mm("13 1/4")
    assert value(done, "runner_length") == mm("12")  # 13 1/4 less a front of 3/4
    assert prove(done).meetings == ()


def test_a_shelf_stands_behind_the_wall_where_one_is_wanted() -> None:
    plan = walled()
    assert not [one for one in pieces_of(solved(plan)) if one.role == "shelf_behind"]
    done = solved(changed(plan, step(f"/places/{drawer_of(plan)}/choices/shelf_behind", "6 in")))
    (shelf,) = (one for one in pieces_of(done) if one.role == "shelf_behind")
    assert shelf.size == (mm("27 1/2"), mm("4"), mm("1/2"))
    assert shelf.stand is not None
    assert (shelf.stand.back, shelf.stand.up) == (mm("13 3/4"), mm("6"))
    assert prove(done).meetings == ()


def test_a_wall_that_takes_all_of_the_depth_is_refused_with_the_sum() -> None:
    plan = walled()
    too_much = changed(plan, step(f"/places/{drawer_of(plan)}/choices/room_behind", "17 1/4 in", "replace"))
    assert "nothing-before-the-wall" in codes(too_much, "stop")


@pytest.mark.parametrize("through", ["sides", "top"])
@pytest.mark.parametrize("joint", ["butted", "housed", "knock_down", "pocket"])
def test_a_case_without_a_top_is_higher_inside_by_it(through: str, joint: str) -> None:
    """19 outside less a bottom of 3/4; nothing is screwed, let in or drilled above."""
    whole, topless = (
        solved(case(through=through, case_joint=joint, case_top=top, case_back="between")) for top in ("panel", "none")
    )
    assert value(topless, "opening_height") - value(whole, "opening_height") == mm("3/4")
    assert value(topless, "case_outside_height") == value(whole, "case_outside_height") == mm("19")
    assert not [one for one in pieces_of(topless) if one.role == "case_top"]
    assert prove(topless).meetings == ()
    count = {one.what.partition(",")[0]: one.count for one in hardware_of(topless)}
    of_whole = {one.what.partition(",")[0]: one.count for one in hardware_of(whole)}
    held = [what for what in of_whole if what.endswith("for the case")]
    assert all(2 * count[what] == of_whole[what] for what in held)
    assert bool(held) == (joint != "housed")
    for side in (one for one in pieces_of(topless) if one.role.startswith("case_side")):
        assert not [cut for cut in side.cuts if cut.rule.datums == ("upper",)]


def test_an_upright_in_a_case_without_a_top_is_held_below() -> None:
    plan, _ = split(case(case_top="none"), drawer_of(case()), "columns", {"name": "left"}, {"name": "right"})
    assert "divider-ends-at-nothing" not in codes(plan)
    counts = {
        top: bought(with_choices(plan, case_top=top))["Screw for dividers, No. 8 × 1 1/2 in"][0]
        for top in ("panel", "none")
    }
    assert counts == {"panel": "8 pieces", "none": "4 pieces"}


def test_boards_that_are_banded_at_the_back_too_are_cut_smaller_by_two_bands() -> None:
    plan = case()
    plan = banded(plan, "case_band", "1/16 in")
    for edges, depth, count in (("front", "17 11/16", 1), ("both", "17 5/8", 2)):
        done = solved(with_choices(plan, case_edges=edges))
        bottom = next(one for one in pieces_of(done) if one.role == "case_bottom")
        assert bottom.size is not None
        assert (bottom.size[1], len(bottom.bands)) == (mm(depth), count)
        assert prove(done).meetings == ()


def test_a_groove_in_a_banded_face_lies_where_its_bottom_goes_in() -> None:
    """Told from the finished edge, and so nearer to the edge of the core by the band."""
    plan = with_choices(case(), joint="integral", bottom="grooved", front="inset")
    plan = banded(plan, "front_band", "1/8 in")
    done = solved(plan)
    assert prove(done).meetings == ()
    front = next(one for one in pieces_of(done) if one.role == "front")
    groove = next(cut for cut in front.cuts if cut.rule.what == "stopped_groove")
    ((_, (low, _), _),) = regions(done, front, groove)
    assert low == value(done, "face_groove_from_edge") - mm("1/8")
    assert "above the banded lower edge" in in_words(done, front, groove)


# ---- columns without boards -----------------------------------------------------------------------------------------


def side_by_side(*holds: str) -> Plan:
    """Columns of a new case with nothing between them."""
    plan, cells = split(
        case(), drawer_of(case()), "columns", *({"name": f"part {n}"} for n in range(len(holds))), divider="none"
    )
    return changed(
        plan, *(step(f"/places/{cell}/holds", one, "replace") for cell, one in zip(cells, holds, strict=True))
    )


def test_bins_stand_side_by_side_without_a_board() -> None:
    """27 1/2 inside, shared by two without anything between them: 13 3/4 each."""
    done = solved(side_by_side("bin", "open"))
    assert not dividers(done)
    widths = [
        done.solved.value(cell, "cell_width")
        for cell in done.plan.places[done.plan.spaces[space_of(done.plan)].holds].children
    ]
    assert widths == [mm("13 3/4")] * 2
    assert "columns-want-boards" not in codes(done)
    assert prove(done).meetings == ()


@pytest.mark.parametrize("holds", ["drawer", "tray", "shelf", "false_front"])
def test_what_wants_a_wall_keeps_its_board(holds: str) -> None:
    done = solved(side_by_side(holds, "open"))
    assert len(dividers(done)) == 1
    assert "columns-want-boards" in codes(done)


# ---- faces that show, toe boards ------------------------------------------------------------------------------------

PIERCED = [
    # what shows, what runs through, how the case is joined, how its dividers are held: are faces pierced
    ("none", "sides", "butted", "screws", False),
    ("sides", "sides", "butted", "pocket", True),
    ("sides", "sides", "pocket", "pocket", False),
    ("sides", "sides", "pocket", "screws", True),  # of the lying dividers
    ("sides", "top", "butted", "pocket", False),
    ("top", "top", "butted", "pocket", True),
    ("top", "top", "housed", "dowels", False),
    ("top", "top", "housed", "screws", True),  # of the uprights
    ("sides_and_top", "top", "housed", "pocket", False),
]  # fmt: skip


@pytest.mark.parametrize(("shown", "through", "joint", "held", "is_pierced"), PIERCED)
def test_faces_that_show_take_no_screws(shown: str, through: str, joint: str, held: str, is_pierced: bool) -> None:
    plan = grid(case(outside_shown=shown, through=through, case_joint=joint, divider_held=held))
    assert ("screws-in-a-face-that-shows" in codes(plan, "attention")) == is_pierced


@pytest.mark.parametrize(("through", "count"), [("sides", "5 pieces"), ("top", "10 pieces")])
def test_toe_boards_are_held_by_pocket_screws(through: str, count: str) -> None:
    """27 1/2 or 29 long, no more than 7 apart: five in each; two long boards stand under a bottom."""
    goods = bought(case(through=through, plinth_height="4 in"))
    assert goods["Pocket screw for the toe boards, 1 1/4 in"] == (count, "through plinth board 3/4 in into the case")
    assert not [what for what in bought(case(through=through)) if "toe board" in what]
