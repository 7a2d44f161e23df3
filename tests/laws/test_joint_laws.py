"""For every joint at the front with every joint at the back: the parts as cut fill the walls, without overlap or gap.

The parts are set in joint coordinates and cut by hand here, from their sizes alone, and put together with an independent
geometry library. Where fingers or tails alternate, both of their layers are looked at. A back that is joined in another
way than the front closes its joints to the increment for thickness.
"""

from __future__ import annotations

import itertools
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import assume, given
from hypothesis import strategies as st
from shapely import Polygon, affinity, unary_union
from shapely import box as rectangle

from tests.helpers import changed, drawer_of, frameless, measured, solved, step, value, with_choices
from tests.laws.test_laws import MANY, drawers
from vasculum.core.catalogue import the_catalogue
from vasculum.drawing.primitives import Sheet
from vasculum.drawing.sizes import Sizes
from vasculum.drawing.walls import walls_from_above
from vasculum.plan.document.starting import new_plan
from vasculum.plan.laying.solving import SolvedPlan

FRONTS, BACKS = ([k.partition(".")[2] for k in the_catalogue().alternatives(family)] for family in ("joint", "back"))
PAIRS = list(itertools.product(FRONTS, BACKS))


def inches(front: str, back: str) -> SolvedPlan:
    """Nominal sides, a thicker front, true 15/32 at the back."""
    plan = with_choices(frameless("22 1/2", "9 7/16", "22 3/4"), joint=front, back_joint=back, bottom="planted")
    thick = {"name": "Front stock", "nominal": "3/4 in", "measured": "23/32 in"}
    thin = {"name": "Back stock", "nominal": "1/2 in", "measured": "15/32 in"}
    number = plan.next_id
    plan = changed(
        plan,
        step(f"/library/sheets/sheet-{number}", thick),
        step(f"/library/sheets/sheet-{number + 1}", thin),
        step("/choices/box_front_sheet", f"sheet-{number}"),
        step("/choices/box_back_sheet", f"sheet-{number + 1}"),
        step("/next_id", number + 2, "replace"),
    )
    return solved(plan)


def millimetres(front: str, back: str) -> SolvedPlan:
    plan = measured(new_plan("Any", "frameless", "mm", "612.3", "240", "571"), side_sheet="11.7 mm")
    return solved(with_choices(plan, joint=front, back_joint=back))


class Box:
    """Sizes as floats; one end after the other is cut, y from that end's outer face."""

    def __init__(self, plan: SolvedPlan) -> None:
        self.plan = plan
        self.width, self.depth = self.of("outside_width"), self.of("outside_depth")
        self.side = self.of("side_thickness")

    def of(self, name: str, otherwise: float | None = None) -> float:
        found: Any = self.plan.solved.value(drawer_of(self.plan.plan), name)
        if found is None and otherwise is not None:
            return otherwise
        return float(value(self.plan, name))

    def end(self, joint: str, end: str, is_tail: bool) -> tuple[Polygon, Polygon, list[Polygon]]:
        """The end piece, what is cut out of the left side there, and what the walls leave free or add outside."""
        if joint == "integral":
            return self.face()
        t, ts, half = self.of(f"box_{end}_thickness"), self.side, self.width / 2
        length, set_in = self.of(f"box_{end}_length_cut"), self.of(f"set_in_{end}", 0.0)
        piece = rectangle(half - length / 2, set_in, half + length / 2, set_in + t)
        cut, start = Polygon(), half - length / 2
        if joint == "rabbet_in_sides":
            cut = rectangle(ts - self.of(f"side_rabbet_{end}"), 0, ts, t)
        elif joint == "dado":
            cut = rectangle(ts - self.of(f"dado_depth_{end}"), set_in, ts, set_in + t)
        elif joint == "dado_tongue":
            begins = t - self.of(f"tongue_{end}")
            cut = rectangle(ts - self.of(f"dado_depth_{end}"), begins, ts, t)
            piece = self.both(piece, rectangle(start, 0, ts, begins))
        elif joint == "rabbet_in_ends":
            piece = self.both(piece, rectangle(0, t - self.of(f"rabbet_depth_{end}"), ts, t))
        elif joint in ("finger", "through_dovetail"):
            corner = rectangle(0, 0, ts, t)
            piece, cut = (self.both(piece, corner), cut) if is_tail else (piece, corner)
        elif joint == "half_blind":
            corner = rectangle(0, t - self.of(f"socket_depth_{end}"), ts, t)
            piece, cut = (self.both(piece, corner), cut) if is_tail else (piece, corner)
        elif joint == "sliding_dovetail":
            piece = self.both(piece, rectangle(0, t - self.of(f"slot_depth_{end}"), ts, t))
        ears = [rectangle(start, 0, 0, t), rectangle(self.width, 0, self.width - start, t)] if start < 0 else []
        return piece, cut, ears

    def face(self) -> tuple[Polygon, Polygon, list[Polygon]]:
        """The face stands before the box; the sides go into its back by the housing."""
        left, width = -self.of("front_overhang_left"), self.of("front_width_cut")
        whole = rectangle(left, -self.of("front_thickness"), left + width, 0)
        return self.both(whole, rectangle(0, -self.of("front_housing"), self.side, 0)), Polygon(), [whole]

    def both(self, piece: Polygon, cut: Polygon) -> Polygon:
        """Cut on the left, and its mirror image on the right."""
        return piece.difference(cut).difference(mirrored(cut, self.width))


def mirrored(shape: Polygon, width: float) -> Polygon:
    return affinity.affine_transform(shape, [-1, 0, 0, 1, width, 0])


def from_behind(shape: Polygon, depth: float) -> Polygon:
    return affinity.affine_transform(shape, [1, 0, 0, -1, 0, depth])


@pytest.mark.parametrize("make", [inches, millimetres])
@pytest.mark.parametrize(("front", "back"), PAIRS, ids=lambda joint: joint)
def test_the_parts_of_a_box_fill_its_walls_without_overlap_or_gap(make: Any, front: str, back: str) -> None:
    plan = make(front, back)
    assert not [k for k, q in plan.solved.quantities.items() if q.refusal]
    assert_filled(plan, front, back)


@MANY
@given(drawers(), st.sampled_from(BACKS))
def test_boxes_of_any_size_and_stock_are_filled_by_their_parts(one: SolvedPlan, back: str) -> None:
    plan = solved(with_choices(one.plan, back_joint=back))
    kinds = plan.laid.places[drawer_of(plan.plan)].kinds
    (front,) = [kind.partition(".")[2] for kind in kinds if kind.startswith("joint.")]
    assume(not [k for k, q in plan.solved.quantities.items() if q.refusal])
    assert_filled(plan, front, back)


def assert_filled(plan: SolvedPlan, front: str, back: str) -> None:
    """In both layers of fingers and tails the parts fill the walls without overlap, and without a gap but the joints'."""
    box = Box(plan)
    loss = box.of("side_loss_front")
    for is_tail in (True, False):
        ahead, cut, ears = box.end(front, "front", is_tail)
        behind, cut_behind, ears_behind = box.end(back, "back", is_tail)
        behind, cut_behind = (from_behind(one, box.depth) for one in (behind, cut_behind))
        left = rectangle(0, loss, box.side, loss + box.of("side_length_cut")).difference(cut).difference(cut_behind)
        pieces = [ahead, behind, left, mirrored(left, box.width)]
        inner = box.side, box.width - box.side
        inside = [
            rectangle(inner[0], box.of("set_in_front", 0.0) + box.of("front_wall"), inner[1],
                      box.depth - box.of("set_in_back", 0.0) - box.of("box_back_thickness")),
            rectangle(inner[0], 0, inner[1], box.of("set_in_front", 0.0)),
            rectangle(inner[0], box.depth - box.of("set_in_back", 0.0), inner[1], box.depth),
        ]  # fmt: skip
        walls = rectangle(0, 0, box.width, box.depth).difference(unary_union(inside))
        walls = unary_union([walls, *ears, *(from_behind(ear, box.depth) for ear in ears_behind)])
        together = unary_union(pieces)
        open_joints = 2 * box.of("box_back_thickness") * box.of("thickness_increment")
        assert together.difference(walls).area < 1e-6
        assert walls.difference(together).area < (1e-6 if front == back else open_joints)
        assert sum(one.area for one in pieces) == pytest.approx(together.area, abs=1e-6)
        assert inside[0].area == pytest.approx(box.of("inside_width") * box.of("inside_depth"))


@pytest.mark.parametrize(("front", "back"), PAIRS, ids=lambda joint: joint)
def test_the_plan_view_draws_the_pieces_as_they_are_joined(front: str, back: str) -> None:
    plan = inches(front, back)
    box = Box(plan)
    at = Sizes(plan, drawer_of(plan.plan), Sheet("above", ""))
    drawn = [Polygon([(float(x), float(y)) for x, y in one.points]) for one in walls_from_above(at, ORIGIN)]
    assert all(one.is_valid for one in drawn)
    ahead, cut, _ = box.end(front, "front", is_tail=True)
    behind, cut_behind, _ = box.end(back, "back", is_tail=True)
    behind, cut_behind = (from_behind(one, box.depth) for one in (behind, cut_behind))
    loss = box.of("side_loss_front")
    left = rectangle(0, loss, box.side, loss + box.of("side_length_cut")).difference(cut).difference(cut_behind)
    pieces = [*([] if front == "integral" else [ahead]), behind, left, mirrored(left, box.width)]
    assert len(drawn) == len(pieces)
    assert unary_union(drawn).symmetric_difference(unary_union(pieces)).area < 1e-6
    assert sum(one.area for one in drawn) == pytest.approx(unary_union(drawn).area, abs=1e-6)


ORIGIN = (Fraction(0), Fraction(0))
BOTTOMS = [kind.partition(".")[2] for kind in the_catalogue().alternatives("bottom") if kind != "bottom.none"]


@pytest.mark.parametrize("make", [inches, millimetres])
@pytest.mark.parametrize("joint", ["butt_between", "rabbet_in_ends", "dado", "half_blind", "integral"])
@pytest.mark.parametrize("bottom", BOTTOMS)
def test_a_bottom_lies_in_its_box_without_overlap_and_cannot_fall_out(bottom: str, joint: str, make: Any) -> None:
    """Across the box, and front to back: walls with what is cut into them, and the bottom anywhere in its play."""
    before = make(joint, "butt_between")
    plan = solved(with_choices(before.plan, bottom=bottom))
    box = Box(plan)
    high, thick, wall = box.of("outside_height"), box.of("bottom_thickness"), box.of("wall_height_cut")
    raised = box.of("bottom_raise") if bottom in ("grooved", "slid_in") else 0.0
    for size, inside, walls, cut in _across_and_along(box, bottom):
        start, end = (0.0, 0.0) if bottom == "planted" else (walls[0], walls[1])
        left = rectangle(0, high - wall, walls[0], high)
        right = rectangle(walls[0] + inside, high - wall, walls[0] + inside + walls[1], high)
        left = left.difference(rectangle(walls[0] - cut[0], raised, walls[0], raised + thick))
        right = right.difference(rectangle(walls[0] + inside, raised, walls[0] + inside + cut[1], raised + thick))
        room = inside + cut[0] + cut[1] + (walls[0] - start) + (walls[1] - end)
        play = room - size
        assert play >= -1e-9
        first = start - cut[0]
        for shift in (0.0, play):
            lying = rectangle(first + shift, raised, first + shift + size, raised + thick)
            assert lying.intersection(left).area < 1e-6
            assert lying.intersection(right).area < 1e-6
            if bottom in ("grooved", "slid_in") and cut[1] > 0:
                assert lying.bounds[0] < walls[0]
                assert lying.bounds[2] > walls[0] + inside
    taken = box.of("inside_height") + raised + (0 if bottom == "planted" else thick)
    assert taken == pytest.approx(wall if bottom == "planted" else high)


def _across_and_along(box: Box, bottom: str) -> list[tuple[float, float, tuple[float, float], tuple[float, float]]]:
    """Size of the bottom, inside between the walls, the walls, and how far each is cut for it: two ways."""
    front, back = box.of("front_stock"), box.of("box_back_thickness")
    side = box.of("groove_depth_side", box.of("edge_rabbet_side", 0.0))
    ends = tuple(box.of(f"groove_depth_{end}", box.of(f"edge_rabbet_{end}", 0.0)) for end in ("front", "back"))
    across = (box.of("bottom_width_cut"), box.of("inside_width"), (box.side, box.side), (side, side))
    if bottom in ("planted", "between", "slid_in"):
        return [across]
    return [across, (box.of("bottom_depth_cut"), box.of("inside_depth"), (front, back), (ends[0], ends[1]))]
