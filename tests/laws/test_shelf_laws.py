"""Laws of shelves on pins: each lies on a hole of every row, in both boards beside it, whatever the case is made like."""

from __future__ import annotations

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from tests.helpers import changed, codes, drawer_of, kinds_in, solved, space_of, split, step
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.housings import box_of
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.making.pin_holes import TITLE
from vasculum.plan.making.regions import points
from vasculum.solid.proof import prove

SOME = settings(
    max_examples=60, deadline=None, suppress_health_check=[HealthCheck.too_slow, HealthCheck.data_too_large]
)
FAMILIES = ("through", "case_joint", "case_back", "case_bottom", "marking_datum", "case_edges")
HAIR = 1e-9


@st.composite
def towers(draw: st.DrawFn) -> SolvedPlan:
    """One or two columns of shelves in a new case, of uneven stock, banded or not, its holes anywhere."""
    unit = draw(st.sampled_from(["in", "mm"]))
    plan = new_plan("Any", "frameless", unit, "1200 mm", "2100 mm", "600 mm", "cabinet", "of_outside")
    sizes = {"width": (5000, 9000), "height": (7000, 15000), "depth": (2500, 4500)}
    chosen = {family: draw(st.sampled_from(kinds_in(family))) for family in FAMILIES}
    chosen |= {"shelf_rests": "pins", "shelf_count": draw(st.sampled_from("123")), "pin_hole_depth": "4 mm"}
    lengths = {
        "pin_first": (500, 2000),
        "pin_last_below": (500, 2000),
        "pin_pitch": (200, 600),
        "pin_row_inset": (200, 600),
    }
    chosen |= {name: f"{draw(st.integers(*most))}/10 mm" for name, most in lengths.items()}
    thick = {"front_sheet": draw(st.integers(120, 230)), "side_sheet": draw(st.integers(110, 220))}
    space, number = space_of(plan), plan.next_id
    plan = changed(
        plan,
        *(
            step(f"/spaces/{space}/choices/wanted_outside_{of}", f"{draw(st.integers(*most))}/10 mm")
            for of, most in sizes.items()
        ),
        *(step(f"/library/sheets/{plan.choices[s]}/measured", f"{t}/10 mm") for s, t in thick.items()),
        *(step(f"/choices/{name}", value) for name, value in chosen.items()),
    )
    if draw(st.booleans()):
        band = {"name": "Band", "thickness": f"{draw(st.integers(3, 20))}/10 mm"}
        plan = changed(
            plan,
            step(f"/library/bands/band-{number}", band),
            step("/next_id", number + 1, "replace"),
            step("/choices/case_band", f"band-{number}"),
        )
    shelf = {"holds": "shelf"}
    if draw(st.booleans()):
        plan, _ = split(plan, drawer_of(plan), "columns", shelf, shelf)
    else:
        plan = changed(plan, step(f"/places/{drawer_of(plan)}/holds", "shelf", "replace"))
    return solved(plan)


@SOME
@given(towers())
def test_every_shelf_lies_on_a_hole_of_each_row_on_both_sides(done: SolvedPlan) -> None:
    if codes(done, "stop"):
        return
    assert prove(done).meetings == ()
    pieces = [one for one in pieces_of(done) if box_of(one)]
    bored = [
        (box["across"], float(box["back"][0] + across + one.low_band(1)), float(box["up"][0] + along + one.low_band(0)))
        for one in pieces
        for box in [box_of(one)]
        for cut in one.cuts
        if cut.rule.title == TITLE
        for along, across in points(done, one, cut)
    ]
    shelves = [one for one in pieces if one.rule.title == "Shelf"]
    assert shelves
    for shelf in shelves:
        box, place = box_of(shelf), shelf.id.partition("/")[0]
        radius = done.solved.value("plan", "pin_diameter") / 2
        at = float(box["up"][0] - radius)
        for row in done.solved.value(place, "pin_rows"):
            for is_left in (True, False):
                assert any(
                    (across[1] <= box["across"][0] if is_left else across[0] >= box["across"][1])
                    and abs(back - float(row)) < HAIR and abs(up - at) < HAIR
                    for across, back, up in bored
                )  # fmt: skip
