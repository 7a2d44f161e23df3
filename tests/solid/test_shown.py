"""The plan in space as the screen turns it: the same solids as the proof, in mm, y up."""

from __future__ import annotations

import pytest

from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.making.marking import marked
from vasculum.plan.making.pieces import made_of
from vasculum.solid.shown import PieceInSpace, in_space
from vasculum.solid.solids import solid_of


def extent(piece: PieceInSpace) -> tuple[float, float, float]:
    """Width, height and depth of a piece."""
    across, up, near = (piece.corners[at::3] for at in range(3))
    return max(across) - min(across), max(up) - min(up), max(near) - min(near)


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_every_solid_is_there_once_and_as_large_as_it_is(name: str) -> None:
    plan = marked(demo_plan(name))
    solids = {one.id: solid for one in made_of(plan).by_id.values() if (solid := solid_of(plan, one)) is not None}
    shown = in_space(plan).pieces
    assert sorted(one.id for one in shown) == sorted(solids)
    for one in shown:
        low, high = solids[one.id].box.low, solids[one.id].box.high
        across, deep, up = (high[at] - low[at] for at in range(3))
        assert extent(one) == pytest.approx((across, up, deep), abs=0.02)
        assert max(one.faces) == len(one.corners) // 3 - 1


def test_only_what_moves_comes_out_and_as_far_as_its_runners_are_long() -> None:
    plan = marked(demo_plan("potting-bench"))
    rules = made_of(plan).by_id
    for one in in_space(plan).pieces:
        runner = plan.solved.value(one.id.partition("/")[0], "runner_length")
        assert one.travel == (float(runner) if rules[one.id].rule.moves else 0)


def test_a_front_stands_nearer_than_its_box() -> None:
    pieces = {one.id: one for one in in_space(marked(demo_plan("potting-bench"))).pieces}
    front = next(one for one in pieces.values() if one.is_front)
    back = pieces[f"{front.id.partition('/')[0]}/box_back"]
    assert min(front.corners[2::3]) > max(back.corners[2::3])
    assert front.mark
    assert front.number > 0


def test_what_it_is_built_into_stands_around_it_and_what_is_in_the_way_is_told_apart() -> None:
    """The survey van has two wheel arches, a leaning back and an anchor; its walls are five."""
    plan = marked(demo_plan("survey-van"))
    around = in_space(plan).around
    assert sum(one.is_wall for one in around) == 5
    assert len(around) - 5 >= len(plan.plan.obstructions)
    deepest = min(min(one.corners[2::3]) for one in around if one.is_wall)
    assert -deepest == pytest.approx(float(plan.solved.value(plan.plan.space_order[0], "depth_inside")) + 50, abs=0.1)
