"""What always holds, over random drawers."""

from __future__ import annotations

from fractions import Fraction

import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from tests.helpers import changed, drawer_of, mm, step, value
from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import LengthRefused
from vasculum.core.flow import read_key
from vasculum.core.lengths import read_length, show
from vasculum.core.reasons import snap_down, snap_up
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import read_plan, write_plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan, solve_plan
from vasculum.plan.making.marking import marked
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.why import tell

MANY = settings(max_examples=60)

inch_increments = st.sampled_from(["1/16 in", "1/32 in", "1/64 in"])
mm_increments = st.sampled_from(["1 mm", "0.5 mm"])


def sixty_fourths(low: int, high: int) -> st.SearchStrategy[str]:
    """Sizes between two numbers of inches, in 64ths, as text."""
    return st.integers(low * 64, high * 64).map(lambda n: f"{show(Fraction(n, 64) * mm('1'), 'in')} in")


def tenths(low: int, high: int) -> st.SearchStrategy[str]:
    return st.integers(low * 10, high * 10).map(lambda n: f"{n // 10}.{n % 10} mm")


JOINTS, BOTTOMS = (
    [kind.partition(".")[2] for kind in the_catalogue().alternatives(family)] for family in ("joint", "bottom")
)


@st.composite
def drawers(draw: st.DrawFn) -> SolvedPlan:
    """Drawers of any size, stock, joint, bottom and increment that leave room for a box."""
    is_metric = draw(st.booleans())
    sizes = (
        (draw(tenths(200, 900)), draw(tenths(90, 500)), draw(tenths(270, 800)))
        if is_metric
        else (draw(sixty_fourths(9, 36)), draw(sixty_fourths(4, 20)), draw(sixty_fourths(11, 32)))
    )
    kind = draw(st.sampled_from(["framed", "frameless"]))
    plan = new_plan("Any", kind, "mm" if is_metric else "in", *sizes)  # type: ignore[arg-type]
    thin = draw(
        tenths(9, 19) if is_metric else st.sampled_from(["3/8 in", "15/32 in", "1/2 in", "31/64 in", "23/32 in"])
    )
    bottom = draw(tenths(3, 9) if is_metric else st.sampled_from(["1/8 in", "7/32 in", "1/4 in", "15/32 in"]))
    return solve_plan(
        changed(
            plan,
            step("/units/increment", draw(mm_increments if is_metric else inch_increments), "replace"),
            step(f"/library/sheets/{plan.choices['side_sheet']}/measured", thin),
            step(f"/library/sheets/{plan.choices['bottom_sheet']}/measured", bottom),
            step("/choices/joint", draw(st.sampled_from(JOINTS))),
            step("/choices/bottom", draw(st.sampled_from(BOTTOMS))),
        )
    )


@MANY
@given(drawers())
def test_box_runners_and_play_fill_the_clear_width(plan: SolvedPlan) -> None:
    runners = 2 * value(plan, "beside_box")
    play = value(plan, "runner_play_built")
    assert value(plan, "outside_width") + runners + play == value(plan, "clear_width")
    assert 0 <= play < value(plan, "increment") + value(plan, "runner_play")


@MANY
@given(drawers())
def test_front_and_gaps_fill_the_opening(plan: SolvedPlan) -> None:
    assert value(plan, "front_width_cut") + 2 * value(plan, "gap_beside") == value(plan, "opening_width")
    assert value(plan, "front_height_cut") + 2 * value(plan, "gap_above_below") == value(plan, "opening_height")
    assert value(plan, "gap_beside") >= value(plan, "gap")
    assert value(plan, "gap_above_below") >= value(plan, "gap")


@MANY
@given(drawers())
def test_the_box_goes_in_on_all_three_axes(plan: SolvedPlan) -> None:
    assert value(plan, "outside_width") < value(plan, "clear_width")
    assert value(plan, "outside_height") + value(plan, "play_below") + value(plan, "play_above") <= value(
        plan, "clear_height"
    )
    assert value(plan, "outside_depth") + value(plan, "set_back") <= value(plan, "clear_depth")


@MANY
@given(drawers())
def test_a_bottom_fits_its_grooves_and_never_falls_out(plan: SolvedPlan) -> None:
    """In grooves it has its play and reaches into each; flush or planted it lies within the walls, held by their whole width."""
    drawer = drawer_of(plan.plan)
    if "bottom.none" in plan.laid.places[drawer].kinds:
        assert plan.solved.value(drawer, "bottom_width_cut") is None
        return
    if plan.solved.value(drawer, "groove_depth_side") is None:
        is_held = plan.solved.value(drawer, "edge_rabbet_side") is not None
        for way in ("width", "depth"):
            cut, inside, outside = (
                value(plan, f"{kind}_{way}{end}") for kind, end in (("bottom", "_cut"), ("inside", ""), ("outside", ""))
            )
            in_face = "joint.integral" in plan.laid.places[drawer].kinds and way == "depth"
            assert cut <= outside + (value(plan, "front_thickness") if in_face else 0)
            assert cut > inside - value(plan, "increment")
            assert not is_held or cut > inside
        return
    is_slid = plan.solved.value(drawer, "groove_depth_back") is None
    for play, depth in (("bottom_play_across", "groove_depth_side"), ("bottom_play_along", "groove_depth_front")):
        left, wanted = value(plan, play), value(plan, "bottom_play")
        wanted = wanted / 2 if is_slid and play == "bottom_play_along" else wanted
        assert wanted <= left < wanted + value(plan, "increment")
        assert left < value(plan, depth)


@MANY
@given(drawers())
def test_every_cut_size_is_a_multiple_of_the_increment_and_no_larger_than_exact(plan: SolvedPlan) -> None:
    increment = value(plan, "increment")
    for (place, name), one in plan.solved.quantities.items():
        exact = plan.solved.value(place, name.removesuffix("_cut"))
        if name.endswith("_cut") and one.value is not None:
            is_alone = name == "box_back_length_cut" and plan.solved.value(place, "front_housing") is not None
            assert one.value % (value(plan, "thickness_increment") if is_alone else increment) == 0, name
            assert exact - increment < one.value <= exact, name


@MANY
@given(drawers())
def test_every_number_answers_why_with_a_sum_that_gives_it(plan: SolvedPlan) -> None:
    for place, name in plan.solved.quantities:
        task = plan.solved.wiring.task((place, name))
        if task is None or not task.rule.is_check:
            chain = tell(plan, (place, name))
            assert chain[0].key == f"{place}/{name}"
            ends = [link for link in chain if not link.inputs and link.origin == "worked out"]
            for link in ends:
                end = plan.solved.wiring.task(read_key(link.key))
                assert end is not None, "a sum ends at the tape, or at a rule that asks for nothing"
                assert not set(end.rule.needs) - end.rule.optional


@MANY
@given(drawers())
def test_a_plan_file_reads_as_it_was_written_and_solves_the_same(plan: SolvedPlan) -> None:
    again = read_plan(write_plan(plan.plan))
    assert again == plan.plan
    assert solve_plan(again).solved.quantities == plan.solved.quantities


@MANY
@given(drawers(), sixty_fourths(1, 3))
def test_solving_a_change_agrees_with_solving_anew(plan: SolvedPlan, gap: str) -> None:
    """Quantities and pieces, of which what did not change is taken over."""
    made_of(plan)
    after = changed(plan.plan, step("/choices/bottom_play", "1/32 in"), step("/choices/gap", gap))
    again, anew = solve_plan(after, plan), solve_plan(after)
    assert again.solved.quantities == anew.solved.quantities
    assert made_of(again) == made_of(anew)


@pytest.mark.parametrize("plan_id", DEMO_PLANS)
def test_pieces_follow_their_stock_though_no_size_changed(plan_id: str) -> None:
    """A sheet as thick as the one before, another grain, a band: pieces are of it."""
    plan = marked(demo_plan(plan_id))
    made_of(plan)
    sheets = plan.plan.library.sheets
    first = plan.plan.choices["side_sheet"]
    twin = f"sheet-{plan.plan.next_id}"
    path = f"/library/sheets/{twin}"
    steps = [step(path, sheets[first].model_dump(mode="json")), step("/choices/side_sheet", twin)]
    steps += [step(f"/library/sheets/{one}/grain", "free") for one in sheets]
    after = changed(plan.plan, *steps, step("/next_id", plan.plan.next_id + 1))
    again, anew = solve_plan(after, plan), solve_plan(after)
    assert again.solved.wiring is plan.solved.wiring
    assert made_of(again) == made_of(anew) != made_of(plan)
    assert {piece.sheet for piece in pieces_of(again)} & {twin}


# ---- lengths ------------------------------------------------------------------------------------------------------

lengths = st.fractions(min_value=0, max_value=5000, max_denominator=1000)
increments = st.sampled_from([mm("1/16"), mm("1/32"), mm("1/64"), Fraction(1), Fraction(1, 2)])


@given(lengths, increments, st.sampled_from(["in", "mm"]))
def test_reading_what_was_shown_gives_the_same_length_at_every_increment(
    length: Fraction, increment: Fraction, unit: str
) -> None:
    snapped = snap_down(length, increment)
    text = show(snapped, unit)  # type: ignore[arg-type]
    assume(not text.startswith("≈"))
    assert read_length(text, unit).mm == snapped  # type: ignore[arg-type]


@given(st.integers(0, 3900 * 64))
def test_inch_marks_are_always_shown_exactly(marks: int) -> None:
    length = Fraction(marks, 64) * mm("1")
    assert read_length(show(length, "in"), "in").mm == length


@given(lengths, increments)
def test_snapping_stays_within_one_increment(length: Fraction, increment: Fraction) -> None:
    assert (
        length - increment < snap_down(length, increment) <= length <= snap_up(length, increment) < length + increment
    )


@given(st.text(max_size=60))
def test_any_text_is_read_or_refused_in_words(text: str) -> None:
    try:
        read = read_length(text, "in")
    except LengthRefused as refused:
        assert refused.message
        assert refused.fix
    else:
        assert read.mm >= 0
        assert read_length(read.kept, None).mm == read.mm


@MANY
@given(drawers())
def test_the_solution_can_always_be_said(plan: SolvedPlan) -> None:
    for unit in ("in", "mm"):
        shown: Plan = changed(plan.plan, step("/units/length", unit, "replace"))
        solution = solution_of(solve_plan(shown))
        assert all(quantity.value for quantity in solution.quantities.values())
