"""The second road: what meets is found, with both pieces, where and by how much; and nothing else is."""

from __future__ import annotations

import itertools
import json
from pathlib import Path
from typing import Any

import pytest
from click.testing import CliRunner

from tests.helpers import (
    ANYWHERE,
    changed,
    codes,
    drawer_of,
    fixed,
    framed,
    frameless,
    kinds_in,
    mm,
    pinned,
    solved,
    space_of,
    split,
    step,
    with_readings,
    with_runner,
)
from vasculum.cli import main
from vasculum.core.lengths import read_length
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import write_plan
from vasculum.plan.making.meeting import Meeting
from vasculum.plan.telling.solution import findings_of, solution_of
from vasculum.solid.proof import carried, prove


def meetings(plan: Plan) -> list[Meeting]:
    return list(prove(solved(plan)).meetings)


def pairs(plan: Plan) -> set[tuple[str, str, str]]:
    """How, and the roles of what meets."""
    return {(m.how, m.first.split("/")[-1], m.second.split("/")[-1]) for m in meetings(plan)}


def side_by_side(**choices: str) -> Plan:
    plan, _ = split(frameless("36", "9", "20", **choices), "place-2", "columns", {}, {})
    return plan


@pytest.mark.parametrize("plan_id", DEMO_PLANS)
def test_every_demo_plan_is_assembled_and_nothing_meets(plan_id: str) -> None:
    plan = solved(demo_plan(plan_id))
    proof = prove(plan)
    assert proof.standing > 0
    assert not proof.waiting
    assert proof.meetings == ()
    solution = solution_of(plan, proof)
    assert solution.assembled is not None
    assert solution.assembled.says == "assembled: nothing meets"


LAPS = [
    # over a divider of 1/2 both fronts lap: twice the lap less the divider is what they share
    ("3/8 in", "1/4"),
    ("5/16 in", "1/8"),
    ("1/4 in", None),
    ("3/16 in", None),
]


@pytest.mark.parametrize(("lap", "shared"), LAPS)
def test_fronts_that_lap_over_one_divider_meet_by_what_they_lap_too_much(lap: str, shared: str | None) -> None:
    plan = side_by_side(front="partial", partial_lap=lap)
    found = meetings(plan)
    if shared is None:
        assert found == []
        return
    (one,) = found
    assert one.how == "meets"
    assert {one.first.split("/")[1], one.second.split("/")[1]} == {"front"}
    assert one.by[0] == pytest.approx(float(mm(shared)))
    assert one.by[1] == pytest.approx(float(mm("3/4")))
    assert one.at[0] == pytest.approx(float(mm("18"))), "in the middle of an opening of 36"


def test_what_meets_is_a_stop_that_names_both_where_and_by_how_much_and_says_what_helps() -> None:
    plan = solved(side_by_side(front="partial", partial_lap="3/8 in"))
    (found,) = [f for f in findings_of(plan, prove(plan)) if f.code == "pieces-meet"]
    marks = [plan.plan.marks[id_] for id_ in found.pieces]
    assert found.severity == "stop"
    assert len(marks) == 2
    for mark in marks:
        assert f"ront {mark} of" in found.message
    assert "they share 1/4 in across, 3/4 in front to back" in found.message
    assert "18 in from the left" in found.message
    assert "3/8 in before the front face" in found.message
    assert found.fix
    assert {f"{id_.split('/')[0]}/front_width_cut" for id_ in found.pieces} <= set(found.keys)
    assert all(key in {"/".join(k) for k in plan.solved.quantities} for key in found.keys)


@pytest.mark.parametrize(("joint", "bottom"), list(itertools.product(kinds_in("joint"), kinds_in("bottom"))))
def test_every_joint_and_bottom_goes_together(joint: str, bottom: str) -> None:
    """A front that overhangs its sides stands before the runners; a back that does is pulled into them, and said so."""
    plan = frameless("22 1/2", "9", "20", joint=joint, bottom=bottom)
    is_caught = joint == "sliding_dovetail"
    caught = {(how, "box_back", f"member_{hand}") for how in ("meets", "on its way") for hand in ("left", "right")}
    assert pairs(plan) <= (caught if is_caught else set())
    assert ("back-meets-runner" in codes(plan, "stop")) == bool(pairs(plan)) == is_caught


@pytest.mark.parametrize("front", kinds_in("front"))
@pytest.mark.parametrize("system", ANYWHERE)
def test_rows_beside_columns_go_together_on_every_runner_with_every_front(system: str, front: str) -> None:
    plan = frameless("48", "36", "20", front=front, partial_lap="3/16 in", lip_lap="3/16 in")
    plan, ids = split(plan, "place-2", "columns", {}, {})
    shelf = {"holds": "shelf", "size": {"by": "fixed", "length": "2 in"}}
    plan, _ = split(plan, ids[0], "rows", {}, {"holds": "false_front"}, shelf, {"holds": "tray"}, divider="board")
    plan, _ = split(plan, ids[1], "rows", {}, {})
    assert pairs(with_runner(plan, system)) == set()


CASES = list(itertools.product(*(kinds_in(f) for f in ("through", "case_joint", "case_back", "case_top"))))


@pytest.mark.parametrize("kinds", CASES, ids="-".join)
def test_every_new_case_goes_together_around_its_drawers(kinds: tuple[str, ...]) -> None:
    choices = dict(zip(("through", "case_joint", "case_back", "case_top"), kinds, strict=True))
    plan = side_by_side(carcass="new", front="overlay", plinth_height="4 in", **choices)
    plan = changed(plan, step("/choices/worktop_sheet", plan.choices["front_sheet"]))
    done = solved(plan)
    roles = {one.split("/")[1] for one in done.plan.marks}
    assert {"case_side_left", "case_bottom", "worktop", "toe_board_front"} <= roles
    meetings = prove(done).meetings
    assert all("top_rail" in (one.first + one.second) for one in meetings)
    assert bool(meetings) is bool({"box-meets-top-rail", "dividers-meet-top-rail"} & codes(done, "stop"))


def test_a_packed_frame_is_assembled_with_its_strips() -> None:
    inside = {"of": "width", "value": "24 in", "along": "front", "level": "low"}
    plan = with_readings(framed(frame_lip_left="1 in"), "case", inside)
    proof = prove(solved(plan))
    assert proof.meetings == ()
    assert proof.standing == 8


# ---- what does not go -------------------------------------------------------------------------------------------


def obstructed(plan: Plan, **one: Any) -> Plan:
    """The plan with something in the way that its rules do not ask about."""
    number = plan.next_id
    thing = {"name": "Pipe", "what": "pipe", "space": space_of(plan), "on": "back", "projection": "1 in", **one}
    return changed(plan, step(f"/obstructions/obstruction-{number}", thing), step("/next_id", number + 1, "replace"))


def test_a_divider_in_a_wheel_arch_is_found() -> None:
    """A lying divider keeps clear of what stands in from the sides; what reaches up to it from the floor it meets."""
    plan, _ = split(frameless("36", "20", "20"), "place-2", "rows", {}, {}, divider="board")
    plan = obstructed(
        plan, on="floor", projection="12 in", name="Arch", what="wheel_arch", from_left="0 in", width="6 in"
    )
    found = [m for m in meetings(plan) if m.first.endswith("/divider")]
    (one,) = found
    assert one.by[0] == pytest.approx(float(mm("6")))
    assert one.by[2] == pytest.approx(float(mm("1/2")))


def test_a_leaning_wall_is_a_wedge_and_not_a_box() -> None:
    """It stands in by nothing at the floor and by 2 at 20: a divider 1 in from the wall meets it from half-way up."""
    narrow = {**fixed("1 in"), "holds": "open"}
    plan, _ = split(frameless("36", "20", "20"), "place-2", "columns", narrow, {"holds": "open"})
    plan = obstructed(plan, on="left", projection="0 in", projection_above="2 in", name="Wall", what="other")
    (one,) = meetings(plan)
    assert one.by[2] == pytest.approx(float(mm("10")), abs=1)


def test_a_front_pinned_too_wide_meets_its_neighbour() -> None:
    plan, ids = split(frameless("36", "9", "20"), "place-2", "columns", {}, {})
    key = f"{ids[0]}/front_width_cut"
    wide = changed(plan, step(f"/as_built/{key.replace('/', '~1')}", "18 1/2 in"))
    assert ("meets", "front", "divider") in pairs(wide) | {(h, b, a) for h, a, b in pairs(wide)}


def test_a_back_cut_short_leaves_a_gap() -> None:
    plan = pinned(frameless(), box_back_length_cut="20 in")
    (left, right) = [m for m in meetings(plan) if m.how == "gapes"]
    width = solved(frameless()).solved.value(drawer_of(plan), "box_back_length_cut")
    assert (left.by[0], right.by[0]) == pytest.approx((float(width - mm("20")) / 2,) * 2)
    assert {left.first, right.first} == {f"{drawer_of(plan)}/box_back"}


def test_a_line_marked_elsewhere_does_not_meet_its_runner() -> None:
    plan = pinned(frameless(), runner_line_on_wall="3 in")
    found = [m for m in meetings(plan) if m.how == "lines differ"]
    assert len(found) == 2


def test_what_stands_before_a_drawer_on_its_way_is_found() -> None:
    """A lip at the front that the box was built past: it stands 3 in behind it, and meets it coming out."""
    plan = obstructed(
        frameless("36", "9", "22", front="none"),
        name="Lip", what="frame_lip", on="left", projection="3 in", from_front="0 in", depth="1/2 in",
    )  # fmt: skip
    assert meetings(plan) == []
    built = pinned(plan, set_back="3 in", taken_left="1/16 in")
    found = [m for m in meetings(built) if m.second.startswith("obstruction") or m.first.startswith("obstruction")]
    assert {m.how for m in found} == {"on its way"}
    assert f"{drawer_of(plan)}/side_left" in {m.first for m in found}


def test_a_plan_without_sizes_waits_and_says_nothing_false() -> None:
    plan = frameless("22 1/2", "1/4", "18")
    done = solved(plan)
    proof = prove(done)
    assert proof.meetings == ()
    assert proof.waiting
    assembled = solution_of(done, proof).assembled
    assert assembled is not None
    assert "nothing to assemble yet" in assembled.says or "wait" in assembled.says


# ---- the command line -------------------------------------------------------------------------------------------


def test_prove_prints_where_every_piece_stands_and_what_meets(tmp_path: Path) -> None:
    file = tmp_path / "plan.json"
    file.write_text(write_plan(solved(side_by_side(front="partial", partial_lap="3/8 in")).plan))
    told = CliRunner().invoke(main, ["prove", str(file)])
    assert told.exit_code == 1
    lines = told.output.splitlines()
    plan = json.loads(file.read_text())
    for mark in plan["marks"].values():
        assert any(f" {mark} of " in line for line in lines), mark
    assert "assembled: 1 meeting" in lines
    assert any(line.startswith("stop: Front") for line in lines)
    left = next(line for line in lines if line.startswith("box side, left"))
    at = left.split(": ")[1].split(" from the left")[0]
    assert read_length(at, None).mm == mm("1/2")


def test_prove_of_a_sound_plan_ends_well(tmp_path: Path) -> None:
    file = tmp_path / "plan.json"
    file.write_text(write_plan(demo_plan("potting-bench")))
    told = CliRunner().invoke(main, ["prove", str(file)])
    assert told.exit_code == 0
    assert "assembled: nothing meets" in told.output


def test_a_model_is_written_by_its_ending(tmp_path: Path) -> None:
    file, model = tmp_path / "plan.json", tmp_path / "model.glb"
    file.write_text(write_plan(demo_plan("night-bunk")))
    assert CliRunner().invoke(main, ["export", str(file), "--to", str(model)]).exit_code == 0
    assert model.read_bytes()[:4] == b"glTF"


# ---- while somebody types ---------------------------------------------------------------------------------------


def test_a_proof_that_is_carried_speaks_of_nothing_that_is_gone() -> None:
    """Two fronts meet; one of them is taken away while it is only looked at."""
    plan, (_, right) = split(
        frameless("36", "9", "20", front="partial", partial_lap="3/8 in"), "place-2", "columns", {}, {}
    )
    before = solved(plan)
    assert len(prove(before).meetings) == 1
    assert carried(before, before) == prove(before)
    without = solved(changed(plan, step(f"/places/{right}/holds", "shelf", "replace")))
    looked_at = carried(before, without)
    assert looked_at.meetings == ()
    assert not [f for f in findings_of(without, looked_at) if f.code == "pieces-meet"]


def test_a_proof_that_is_carried_keeps_what_meets_a_wall_or_a_thing_in_the_way() -> None:
    plan = pinned(frameless("22 1/2", "9", "20"), outside_width="24 in", box_front_length_cut="24 in")
    before = solved(plan)
    against_walls = [
        m for m in prove(before).meetings if m.first.endswith("wall_right") or m.second.endswith("wall_right")
    ]
    assert against_walls
    assert carried(before, solved(plan)).meetings == prove(before).meetings


# ---- a door before them ----------------------------------------------------------------------------------------------

DOORS = [
    # which side it hangs on, how far it opens, the front, what meets
    ("left", "90", "inset", set()),
    ("left", "110", "inset", set()),
    ("left", "80", "inset", {("on its way", "side_left", "door_open")}),
    ("right", "80", "inset", {("on its way", "side_right", "door_open")}),
    ("left", "0", "inset", {("on its way", "side_left", "door_open"), ("on its way", "side_right", "door_open")}),
    ("left", "90", "none", set()),
    ("right", "90", "overlay", {("meets", "front", "door_swing")}),
]


@pytest.mark.parametrize(("side", "opens", "front", "met"), DOORS, ids=["-".join(d[:3]) for d in DOORS])
def test_a_door_sweeps_past_fronts_and_stands_out_of_the_way(
    side: str, opens: str, front: str, met: set[tuple[str, str, str]]
) -> None:
    """22 1/2 wide: at 80 degrees the leaf stands in by cos 80 = 0.17 of its width, past the runner and the box's side."""
    plan = frameless("22 1/2", "9", "20", front=front, door=side, door_opens=opens, door_width="22 1/2 in")
    found = pairs(plan)
    assert met <= found
    assert bool(met) == bool(found)
    assert {name for _, _, name in found} <= {"door_open", "door_swing"}


def test_a_narrow_door_reaches_only_the_drawer_beside_its_hinge() -> None:
    plan = side_by_side(front="none", door="left", door_opens="60", door_width="12 in")
    names = {plan.places[one.first.partition("/")[0]].name for one in meetings(plan)}
    left, right = (plan.places[id_].name for id_ in plan.places["place-2"].children)
    assert names == {left}
    assert right not in names
    said = [f.message for f in findings_of(solved(plan), prove(solved(plan))) if f.code == "way-out-blocked"]
    assert any("the open door" in message for message in said)


# ---- fronts cover what they promise ----------------------------------------------------------------------------------


@pytest.mark.parametrize(("front", "narrow", "open_by"), [("inset", "21 3/4", "3/8"), ("overlay", "20", "1 1/4")])
def test_a_front_that_was_cut_too_narrow_leaves_its_opening_uncovered(front: str, narrow: str, open_by: str) -> None:
    """In the middle of an opening of 22 1/2: half of what is missing stands open on each side, of 3/4 and of 2 1/2."""
    plan = frameless("22 1/2", "9", "20", front=front)
    assert not meetings(plan)
    assert not meetings(pinned(plan, front_width_cut="22 1/4 in"))
    done = solved(pinned(plan, front_width_cut=f"{narrow} in"))
    found = [m for m in prove(done).meetings if m.how == "uncovers"]
    assert [m.by[0] for m in found] == pytest.approx([float(mm(open_by))] * 2)
    said = [f for f in findings_of(done, prove(done)) if f.code == "front-uncovers"]
    assert [(f.severity, len(f.pieces)) for f in said] == [("stop", 1)] * 2
    assert f"leaves {open_by} in of its opening uncovered" in said[0].message
