"""Laws of members: whatever a divider is joined by, it is as long as its sum, ends at boards, and nothing meets."""

from __future__ import annotations

from fractions import Fraction

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.helpers import changed, codes, drawer_of, kinds_in, solved, space_of, split, step
from vasculum.core.tables import sold_fasteners
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.goods import goods_of
from vasculum.plan.making.housings import box_of, slack_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.solid.proof import prove

INCREMENTS = {"in": ["1/32 in", "1/16 in", "1/8 in"], "mm": ["0.5 mm", "1 mm", "2 mm"]}
SOME = settings(max_examples=60, deadline=None)
ENDS = ("divider_length_cut", "divider_housed", "divider_held_ends")


OF_A_CASE = ("through", "case_joint", "case_top", "case_bottom", "top_held", "divider_joint")


@st.composite
def grids(draw: st.DrawFn) -> SolvedPlan:
    """Open bays in rows and columns of a new case, of uneven stock, its dividers joined in any way."""
    unit = draw(st.sampled_from(["in", "mm"]))
    plan = new_plan("Any", "frameless", unit, "900 mm", "700 mm", "500 mm", "cabinet", "of_outside")
    sizes = {"width": draw(st.integers(5000, 8000)), "height": draw(st.integers(4000, 6000)), "depth": 4000}
    thick = {"front_sheet": draw(st.integers(120, 230)), "side_sheet": draw(st.integers(90, 220))}
    chosen = {f: draw(st.sampled_from(kinds_in(f))) for f in OF_A_CASE}
    chosen["divider_held"] = draw(st.sampled_from([one for one in kinds_in("divider_held") if one != "cleats"]))
    lengths = {"divider_play": (0, 20), "divider_set_back": (0, 300), "divider_short_behind": (0, 300)}
    chosen |= {name: f"{draw(st.integers(*most))}/10 mm" for name, most in lengths.items()}
    plan = changed(
        plan,
        step("/units/increment", draw(st.sampled_from(INCREMENTS[unit])), "replace"),
        *(step(f"/spaces/{space_of(plan)}/choices/wanted_outside_{of}", f"{size}/10 mm") for of, size in sizes.items()),
        *(step(f"/library/sheets/{plan.choices[s]}/measured", f"{t}/10 mm") for s, t in thick.items()),
        *(step(f"/choices/{name}", value) for name, value in chosen.items()),
    )
    bay = {"holds": "open"}
    plan, rows = split(plan, drawer_of(plan), "rows", bay, bay, divider="board")
    for row in rows:
        plan, _ = split(plan, row, "columns", *[bay] * draw(st.integers(2, 3)))
    return solved(plan)


@SOME
@given(grids())
def test_a_divider_is_as_long_as_its_sum(done: SolvedPlan) -> None:
    """The cell, and what it is let in at each end where it is held, less its play there; down to the increment."""
    increment = done.plan.length(done.plan.units.increment)
    play = done.plan.length(done.plan.choices["divider_play"])
    for id_, place in done.plan.places.items():
        if place.holds in ("rows", "columns"):
            length, housed, ends = (done.solved.value(id_, name) for name in ENDS)
            cell = done.solved.value(id_, "cell_width" if place.holds == "rows" else "cell_height")
            assert 0 <= cell + ends * (housed - play) - length < increment


@SOME
@given(grids())
def test_every_divider_ends_at_boards_and_nothing_meets(done: SolvedPlan) -> None:
    assert prove(done).meetings == () or "dividers-meet-top-rail" in codes(done)
    assert "fasteners-meet" not in codes(done)
    boards = [one for one in pieces_of(done) if box_of(one)]
    slack = slack_of(done) + 2 * done.plan.length(done.plan.choices["divider_play"])
    for one in boards:
        if one.role != "divider" or one.stand is None:
            continue
        axis = one.stand.length
        spans = [box_of(other)[axis] for other in boards if other.stand and other.stand.thick == axis]
        held = [any(low - slack <= at <= high + slack for low, high in spans) for at in box_of(one)[axis]]
        is_topless = axis == "up" and done.plan.choices["case_top"] in ("none", "rail")
        is_bottomless = axis == "up" and done.plan.choices["case_bottom"] == "none"
        assert held[0] or is_bottomless
        assert held[1] or is_topless


@SOME
@given(grids())
def test_every_fastener_is_sold_and_bites(done: SolvedPlan) -> None:
    sold = {one.kind: set(one.lengths) for one in sold_fasteners(done.plan.defaults_system)}
    kinds = {"brad": "brad", "screw": "screw", "pocket_screw": "pocket"}
    for good in goods_of(done):
        assert good.count > 0
        assert good.bite is None or good.bite > Fraction(0), good.rule.title
        if good.rule.what in kinds and good.rule.size != "case_screw_length":
            assert good.size in sold[kinds[good.rule.what]], good.rule.title
