"""Two versions side by side."""

from __future__ import annotations

from tests.helpers import changed, drawer_of, frameless, mm, solved, split, step
from vasculum.plan.telling.comparing import area_text, compared


def lines(topic: str, *plans: object) -> dict[str, tuple[str, str, bool]]:
    left, right = (solved(plan) for plan in plans)
    return {one.what: (one.left, one.right, one.differs) for one in compared(left, right) if one.topic == topic}


def test_a_plan_is_like_itself() -> None:
    plan = frameless()
    assert not any(one.differs for one in compared(solved(plan), solved(plan)))


def test_two_drawers_for_one_take_more_parts_and_hold_less() -> None:
    one = frameless()
    two, _ = split(one, drawer_of(one), "columns", {}, {})
    whole = lines("whole", one, two)
    assert whole["Boxes that are pulled out"] == ("1", "2", True)
    assert whole["Parts to cut"] == ("6", "13", True)
    left, right, _ = whole["Inside volume of all boxes"]
    assert float(left.split()[0]) > float(right.split()[0])
    runners = lines("hardware", one, two)
    assert any("runner" in what and sides[:2] == ("1", "2") for what, sides in runners.items())


def test_only_parts_that_differ_are_listed() -> None:
    one = frameless()
    other = changed(one, step("/choices/bottom", "planted"))
    listed = lines("parts", one, other)
    assert not any(what.startswith("Front,") for what in listed)
    assert {what.split(",")[0] for what in listed} >= {"Box bottom"}
    assert all(differs for _, _, differs in listed.values())


def test_sheet_area_is_the_sum_of_the_parts() -> None:
    """One front, 22 1/4 x 9 3/16 inches: 204.4 square inches, 1.4 square feet. Worked here."""
    one = frameless()
    without = changed(one, step("/choices/front", "none"))
    front = {what: sides for what, sides in lines("sheets", one, without).items() if "3/4" in what}
    assert list(front.values()) == [("1.4 sq ft", "", True)]


def test_the_second_is_said_in_the_unit_of_the_first() -> None:
    one = frameless()
    metric = changed(one, step("/units/length", "mm", "replace"))
    assert not any(one.differs for one in compared(solved(one), solved(metric)))


def test_areas_are_read_in_the_plan_s_unit() -> None:
    assert area_text(mm("12") * mm("18"), "in") == "1.5 sq ft"
    assert area_text(mm("500 mm") * mm("250 mm"), "mm") == "0.12 m²"


def test_findings_of_one_only_are_listed() -> None:
    one = frameless()
    tight = changed(one, step(f"/as_built/{drawer_of(one)}~1front_width_cut", "23 in"))
    found = lines("findings", one, tight)
    assert any(what.startswith("stop") and sides[:2] == ("", "1") for what, sides in found.items())
