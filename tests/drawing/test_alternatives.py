"""The pictures of alternatives come from the plan's own numbers."""

from __future__ import annotations

import pytest
from shapely import Polygon

from tests.helpers import RUNNER_SYSTEMS, frameless, measured, solved, with_runner
from vasculum.drawing.alternatives import Picture, picture_of
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.weighing import weighed_plans

FAMILIES = ("joint", "bottom", "runner", "front")


def drawn(plan: Plan | SolvedPlan, family: str) -> Picture:
    made = picture_of(plan if isinstance(plan, SolvedPlan) else solved(plan), family)
    assert made is not None
    return made


def in_view(picture: Picture) -> list[str]:
    """Roles of the pieces of which some part is in view."""
    left, top = picture.left, picture.top
    right, low = left + picture.width, top + picture.height
    window = Polygon([(left, top), (right, top), (right, low), (left, low)])
    return [s.role for s in picture.shapes if Polygon([(x, y) for x, y in s.points]).intersection(window).area > 0.5]


@pytest.mark.parametrize("family", FAMILIES)
def test_every_alternative_shows_its_pieces_and_no_two_look_alike(family: str) -> None:
    weighed = weighed_plans(solved(frameless("22 1/2", "9", "20")), family)
    pictures = [drawn(then, family) for _, then in weighed]
    for (one, _), picture in zip(weighed, pictures, strict=True):
        is_cut_through = family in ("joint", "bottom") and one.kind != "bottom.none"
        assert not is_cut_through or "end" in in_view(picture), one.kind
    for picture in pictures:
        assert "wood" in in_view(picture)
        assert all(Polygon([(x, y) for x, y in s.points]).is_valid for s in picture.shapes)
    # under a tray alone in its opening no riser stands: it looks like a box that stands
    pictures = [drawn(then, family) for one, then in weighed if one.kind != "runner.risers"]
    looks = [tuple((s.role, tuple(map(tuple, s.points))) for s in one.shapes) for one in pictures]
    assert len(set(looks)) == len(looks)


@pytest.mark.parametrize("system", [one for one in RUNNER_SYSTEMS if one not in ("friction", "standing", "risers")])
def test_what_carries_the_box_is_in_view(system: str) -> None:
    assert "metal" in in_view(drawn(with_runner(frameless("22 1/2", "9", "20"), system), "runner"))


def test_thinner_stock_makes_a_thinner_picture() -> None:
    """A side of 15/32 is drawn 11.91 mm thick, one of 1/2 is 12.7."""
    for plan, thick in ((frameless(), 12.7), (measured(frameless(), side_sheet="15/32 in"), 11.91)):
        wall = next(s for s in drawn(plan, "bottom").shapes if s.role == "wood")
        assert max(x for x, _ in wall.points) == pytest.approx(thick)


def test_without_sizes_or_a_box_there_is_no_picture() -> None:
    assert picture_of(solved(new_plan("Empty", "frameless", "in")), "joint") is None
    assert picture_of(solved(frameless()), "pull") is None
