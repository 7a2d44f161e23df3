"""What holds joints: lengths and numbers worked by hand, and laws. Common practice, unless a row says else."""

from __future__ import annotations

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.helpers import codes, frameless, measured, mm, solved, value, with_choices
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Unit
from vasculum.core.rules.fastening.sold import brad_length, count_along, pocket_length, screw_for, shortest
from vasculum.core.tables import SoldFastener, screw_gauges, sold_fasteners
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.telling.hardware import hardware_of

LEAST_BITE: dict[Unit, Fraction] = {"in": mm("5/8"), "mm": Fraction(16)}
EDGE_BITE: dict[Unit, Fraction] = {"in": mm("3/4"), "mm": Fraction(20)}


def sold(kind: str, system: Unit) -> SoldFastener:
    return next(one for one in sold_fasteners(system) if one.kind == kind)


BRADS: list[tuple[Unit, str, str]] = [
    # through, length: twice the thickness, and 5/8 in or 16 mm beyond it
    ("in", "7/32", "1"),  # 27/32
    ("in", "15/32", "1 1/4"),  # 1 3/32
    ("in", "23/32", "1 1/2"),  # 1 7/16
    ("mm", "6 mm", "25 mm"),  # 22
    ("mm", "15 mm", "35 mm"),  # 31
]


@pytest.mark.parametrize(("system", "through", "length"), BRADS)
def test_a_brad_is_as_long_as_its_stock_asks(system: Unit, through: str, length: str) -> None:
    assert brad_length(mm(through), LEAST_BITE[system], sold("brad", system).lengths) == mm(length)


POCKETS: list[tuple[Unit, str, str, str]] = [
    # drilled, into, length
    ("in", "1/2", "1/2", "1"),
    ("in", "5/8", "5/8", "1"),
    ("in", "3/4", "3/4", "1 1/4"),
    ("in", "1 1/2", "1 1/2", "2 1/2"),
    ("in", "23/32", "23/32", "1 1/4"),
    ("in", "3/4", "1/2", "1"),
    ("in", "3/4", "11/16", "1"),  # what holds it is the thinner: the next row down
    ("in", "2", "2", "2 1/2"),
    ("mm", "17.5 mm", "17.5 mm", "32 mm"),
    ("mm", "11.5 mm", "17.5 mm", "25 mm"),
]


@pytest.mark.parametrize(("system", "through", "into", "length"), POCKETS)
def test_a_pocket_screw_goes_by_the_thinner_part(system: Unit, through: str, into: str, length: str) -> None:
    row = sold("pocket", system)
    assert pocket_length(mm(through), mm(into), row.for_thickness, row.lengths) == mm(length)


@pytest.mark.parametrize(
    ("run", "margin", "pitch", "count"),
    [("12", "1", "5", 3), ("11", "1", "5", 3), ("7", "1", "5", 2), ("2", "1", "5", 1), ("18", "1", "3 1/2", 6)],
)
def test_so_many_stand_along_a_joint(run: str, margin: str, pitch: str, count: int) -> None:
    """12 less two margins of 1 is 10: two spaces of 5, three brads."""
    assert count_along(mm(run), mm(margin), mm(pitch)) == count


LENGTHS = st.fractions(min_value=Fraction(3), max_value=Fraction(30), max_denominator=64)


@given(LENGTHS, st.sampled_from(["in", "mm"]))
def test_every_fastener_bites_and_is_one_that_is_sold(through: Fraction, system: Unit) -> None:
    brads, screws = sold("brad", system).lengths, sold("screw", system).lengths
    length = shortest(screws, through + EDGE_BITE[system], "screw")
    assert length in screws
    assert length - through >= EDGE_BITE[system]
    assert not [one for one in screws if one < length and one - through >= EDGE_BITE[system]]
    try:
        brad = brad_length(through, LEAST_BITE[system], brads)
    except CannotDerive as refused:
        assert refused.code == "no-fastener-so-long"
        assert 2 * through > max(brads) or through + LEAST_BITE[system] > max(brads)
    else:
        assert brad - through >= LEAST_BITE[system]
        assert brad >= 2 * through


@given(LENGTHS, st.sampled_from(["in", "mm"]))
def test_a_pocket_screw_never_gets_longer_for_thinner_stock(through: Fraction, system: Unit) -> None:
    row = sold("pocket", system)
    thin, thick = (pocket_length(t, t, row.for_thickness, row.lengths) for t in (through, through + 3))
    assert thin <= thick


def box(**choices: str) -> Plan:
    """Butted at both ends, walls of 1/2, 9 high outside; a bottom of 1/4 planted under it."""
    return with_choices(frameless("22 1/2", "9 3/8", "20", bottom="planted", **choices), wanted_box_height="9 in")


def bought(plan: Plan) -> dict[str, tuple[int, str]]:
    return {one.what: (one.count, one.through) for one in hardware_of(solved(plan))}


def test_what_holds_a_box_is_counted_and_tells_how_deep_it_bites() -> None:
    """Walls of 8 3/4: 6 3/4 between margins, three in each of four corners. Bottom 21 1/2 x 18: 7 and 6 along its edges."""
    found = bought(box())
    assert value(box(), "wall_height_cut") == mm("8 3/4")
    assert found["Brad for box corners, 1 1/4 in"] == (
        12,
        "through wall 1/2 in into the end of the next, bites 3/4 in",
    )
    assert found["Brad for the bottom, 1 in"] == (
        26,
        "through bottom 1/4 in into the edges that it closes, bites 3/4 in",
    )


def test_each_way_of_holding_has_its_own_line_and_glue_has_none() -> None:
    screws = bought(box(corner_held="screws", bottom_held="screws"))
    assert {"Screw for box corners, No. 8 × 1 1/4 in", "Screw for the bottom, No. 8 × 1 in"} <= set(screws)
    assert "Pocket screw for box corners, 1 in" in bought(box(corner_held="pocket"))
    glued = bought(box(corner_held="glue", bottom_held="glue"))
    assert not [what for what in glued if "corner" in what or "bottom" in what]


def test_where_one_end_interlocks_only_the_other_is_held() -> None:
    """Half-blind in front, butted at the back: two corners instead of four."""
    found = bought(box(joint="half_blind", back_joint="butt_between"))
    assert found["Brad for box corners, 1 1/4 in"][0] == 6
    assert not [what for what in bought(box(joint="finger", back_joint="finger")) if "corners" in what]


def test_the_thicker_part_decides_how_long_a_fastener_is() -> None:
    """Sides between ends: through front and back; a front of 3/4 wants 1 1/2."""
    plan = box(joint="butt_around", back_joint="butt_around", box_front_sheet=box().choices["front_sheet"])
    assert "Brad for box corners, 1 1/2 in" in bought(measured(plan, front_sheet="3/4 in"))


@pytest.mark.parametrize(
    ("edge", "number"),
    [("15/32", "6"), ("1/2", "8"), ("23/32", "8"), ("11.5 mm", "6"), ("17.5 mm", "8"), ("3/8", "6")],
)
def test_an_edge_takes_so_thick_a_screw(edge: str, number: str) -> None:
    """Three diameters: 0.414 in for a No. 6, 0.492 in for a No. 8; under that the thinnest, and a finding."""
    gauges = {one.number: one.diameter for one in screw_gauges()}
    assert screw_for(mm(edge), tuple(gauges.values()), Fraction(3)) == gauges[number]


def test_the_diameter_of_a_screw_follows_from_its_number() -> None:
    """0.060 + 0.013 x number, in inches: ASME B18.6.1."""
    for one in screw_gauges():
        assert one.diameter == (Fraction(60, 1000) + Fraction(13, 1000) * int(one.number)) * mm("1")


def test_an_edge_that_would_split_is_found() -> None:
    thin = measured(box(corner_held="screws"), side_sheet="3/8 in")
    assert "edge-too-thin-for-a-screw" in codes(thin, "attention")
    assert "edge-too-thin-for-a-screw" not in codes(box(corner_held="screws"))
    metric = with_choices(new_plan("M", "frameless", "mm", "600", "240", "500"), corner_held="screws")
    assert "Screw for box corners, No. 6" not in str(bought(metric))
    assert any(what.startswith("Screw for box corners, 3.5 mm × ") for what in bought(metric))
