"""Random plans of every kind, assembled: what the rules size goes together in space, whatever stands beside it.

Known and said elsewhere: ends that overhang their sides meet the runner (sliding dovetails), and laps wider than their
half of a divider meet each other; both are drawn only where they go.
"""

from __future__ import annotations

from fractions import Fraction
from typing import Any

from hypothesis import assume, given, settings
from hypothesis import strategies as st

from tests.helpers import ANYWHERE, changed, drawer_of, kinds_in, share, solved, split, step, with_runner
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import pieces_of
from vasculum.solid.proof import prove

MANY = settings(max_examples=50)
JOINTS = [joint for joint in kinds_in("joint") if joint != "sliding_dovetail"]
BACKS = [joint for joint in kinds_in("back") if joint != "sliding_dovetail"]
LAPS = {"partial_lap": "4 mm", "lip_lap": "4 mm"}
HOLDS = ["drawer", "drawer", "drawer", "tray", "shelf", "open", "false_front", "blocked"]
SIZINGS: list[dict[str, Any]] = [share(1), share(2), {"size": {"by": "graduated"}}, {"size": {"by": "left"}}]


@st.composite
def choices_of_one(draw: st.DrawFn) -> dict[str, str]:
    """How one drawer is made."""
    return {
        "joint": draw(st.sampled_from(JOINTS)),
        "back_joint": draw(st.sampled_from(BACKS)),
        "bottom": draw(st.sampled_from(kinds_in("bottom"))),
    }


@st.composite
def rows(draw: st.DrawFn) -> list[dict[str, Any]]:
    made = []
    for _ in range(draw(st.integers(2, 4))):
        own = draw(choices_of_one()) if draw(st.booleans()) else {}
        made.append({**draw(st.sampled_from(SIZINGS)), "holds": draw(st.sampled_from(HOLDS)), "choices": own})
    return made


@st.composite
def plans(draw: st.DrawFn, is_walled: bool = False) -> SolvedPlan:
    """A bank in either unit, of uneven stock, cut coarsely or finely, framed or not, in a new case or an old one."""
    unit = draw(st.sampled_from(["in", "mm"]))
    framed = not is_walled and draw(st.booleans())
    size = [draw(st.integers(*span)) for span in ((700, 1300), (500, 900), (430, 620))]
    texts = [f"{Fraction(one * 16, 25) // 1}/16 in" if unit == "in" else f"{one} mm" for one in size]
    plan: Plan = new_plan("Any", "framed" if framed else "frameless", unit, *texts)
    increment = draw(st.sampled_from({"in": ["1/16 in", "1/8 in", "1/32 in"], "mm": ["0.5 mm", "1 mm", "2 mm"]}[unit]))
    thick = {"side_sheet": (90, 130), "front_sheet": (150, 190), "bottom_sheet": (40, 65)}
    steps = [step("/units/increment", increment, "replace")]
    for choice, span in thick.items():
        steps.append(step(f"/library/sheets/{plan.choices[choice]}/measured", f"{draw(st.integers(*span))}/10 mm"))
    chosen = (
        draw(choices_of_one()) | LAPS | {"front": "inset" if is_walled else draw(st.sampled_from(kinds_in("front")))}
    )
    if not framed and draw(st.booleans()):
        families = ("through", "case_joint", "case_back", "case_top", "case_bottom")
        # a rail takes of the depth behind what stands before it, which a rule says
        chosen |= {"carcass": draw(st.sampled_from(["new", "in_space"]))} | {
            family: draw(st.sampled_from([one for one in kinds_in(family) if one != "rail"])) for family in families
        }
    plan = changed(plan, *steps, *(step(f"/choices/{name}", value) for name, value in chosen.items()))
    is_in_the_way = draw(st.booleans())
    systems = [one for one in ANYWHERE if one != "hung"] if is_in_the_way else ANYWHERE
    plan = with_runner(plan, draw(st.sampled_from(systems)))
    plan, columns = split(plan, drawer_of(plan), "columns", *[{} for _ in range(draw(st.integers(1, 3)))])
    for column in columns:
        if draw(st.booleans()):
            divider = draw(st.sampled_from(["board", "open"]))
            plan, _ = split(plan, column, "rows", *draw(rows()), divider=divider)
    if is_in_the_way:
        plan = _with_something_in_the_way(
            plan, draw(st.sampled_from(["left", "right"])), (draw(st.integers(5, 40)), size[1])
        )
    done = solved(plan)
    assume(not any(one.refusal for one in done.solved.quantities.values()))
    return done


def _with_something_in_the_way(plan: Plan, side: str, size: tuple[int, int]) -> Plan:
    """A hinge high up on one side, above where a strip behind a runner would be; rails under a top are there."""
    projection, high = size
    thing = {
        "name": "Hinge", "what": "hinge", "space": plan.space_order[0], "on": side, "projection": f"{projection} mm",
        "from_floor": f"{high - 16} mm", "height": "12 mm", "from_front": "60 mm", "depth": "40 mm",
    }  # fmt: skip
    return changed(
        plan,
        step(f"/obstructions/obstruction-{plan.next_id}", thing),
        step("/next_id", plan.next_id + 1, "replace"),
    )


@MANY
@given(plans())
def test_a_random_plan_goes_together_and_every_drawer_comes_out(plan: SolvedPlan) -> None:
    proof = prove(plan)
    assert not proof.waiting
    assert [(m.how, m.first, m.second, m.by) for m in proof.meetings] == []


@MANY
@given(plans(is_walled=True), st.data())
def test_a_piece_moved_into_its_neighbour_is_found(plan: SolvedPlan, data: st.DataObject) -> None:
    """The proof does not pass everything: an inset front noted as much wider than its cell meets what stands beside it."""
    fronts = [one for one in pieces_of(plan) if one.role == "front"]
    assume(fronts)
    front = data.draw(st.sampled_from(fronts))
    assert front.size is not None
    wide = front.size[0] + 40
    key = f"{front.length[0]}~1front_width_cut"
    again = solved(changed(plan.plan, step(f"/as_built/{key}", f"{wide} mm")))
    found = [m for m in prove(again).meetings if front.id in (m.first, m.second)]
    assert found
