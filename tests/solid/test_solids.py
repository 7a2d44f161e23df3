"""Pieces as solids: their volumes are what is left of the board, worked by hand; they stand where they say."""

from __future__ import annotations

import io

import pytest
import trimesh

from tests.helpers import drawer_of, frameless, measured, mm, solved, with_choices
from vasculum.export.glb import glb
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.solid.solids import Solid, solid_of


def box(**choices: str) -> SolvedPlan:
    """Nominal 1/2 walls 4 1/2 high, 18 deep, 21 1/2 wide over all, a bottom of 1/4."""
    return solved(with_choices(frameless("22 1/2", "4 7/8", "18 3/4"), wanted_box_height="4 1/2 in", **choices))


def of_role(plan: SolvedPlan, role: str) -> tuple[Piece, Solid]:
    piece = next(one for one in pieces_of(plan) if one.role == role)
    solid = solid_of(plan, piece)
    assert solid is not None
    return piece, solid


CUBIC_INCHES = [
    # what is left of it, in cubic inches; worked here from the board less what is cut out
    ({"joint": "butt_between", "bottom": "planted"}, "side_left", 18 * 4.25 * 0.5),
    ({"joint": "butt_between", "bottom": "between"}, "side_left", 18 * 4.5 * 0.5),
    ({"joint": "butt_between"}, "side_left", 18 * 4.5 * 0.5 - 18 * 0.25 * 0.25),
    ({"joint": "dado", "bottom": "between"}, "side_right", 18 * 4.5 * 0.5 - 2 * 0.5 * 4.5 * 0.25),
    ({"joint": "rabbet_in_ends", "bottom": "between"}, "box_front", 21.5 * 4.5 * 0.5 - 2 * 0.5 * 4.5 * 0.25),
    ({"joint": "dado_tongue", "bottom": "between"}, "box_front", 21 * 4.5 * 0.5 - 2 * 0.25 * 4.5 * 0.25),
    # nine fingers of 1/2: the side loses four of them at each end, the front five
    ({"joint": "finger", "bottom": "between"}, "side_left", 18 * 4.5 * 0.5 - 2 * 4 * 0.5 * 0.5 * 0.5),
    ({"joint": "finger", "bottom": "between"}, "box_front", 21.5 * 4.5 * 0.5 - 2 * 5 * 0.5 * 0.5 * 0.5),
    # groove and rabbet cross nowhere: 3/8 up, and at the ends
    (
        {"joint": "rabbet_in_sides"},
        "side_left",
        18 * 4.5 * 0.5 - 18 * 0.25 * 0.25 - 2 * 0.5 * 4.5 * 0.25 + 2 * 0.5 * 0.25 * 0.25,
    ),
]


@pytest.mark.parametrize(("choices", "role", "left"), CUBIC_INCHES, ids=range(len(CUBIC_INCHES)))
def test_a_piece_keeps_what_its_cuts_leave(choices: dict[str, str], role: str, left: float) -> None:
    _, solid = of_role(box(**choices), role)
    assert solid.built().volume() / float(mm("1")) ** 3 == pytest.approx(left)


def test_a_groove_lies_on_the_inside_of_both_sides() -> None:
    """The middle of what is left of a side with a groove is nearer to its outside."""
    plan = box(joint="butt_between")
    (_, left), (_, right) = of_role(plan, "side_left"), of_role(plan, "side_right")
    for solid, is_left in ((left, True), (right, False)):
        (cut,) = solid.shape.taken
        middle = (cut.low[0] + cut.high[0]) / 2
        assert (middle > solid.shape.extent[0] / 2) == is_left
        assert cut.low[2] == pytest.approx(float(mm("3/8")))


def banded(plan: Plan) -> Plan:
    from tests.helpers import changed, step

    number = plan.next_id
    return changed(
        plan,
        step(f"/library/bands/band-{number}", {"name": "Veneer", "thickness": "1/32 in"}),
        step("/choices/front_band", f"band-{number}"),
        step("/next_id", number + 1, "replace"),
    )


def test_a_banded_front_stands_as_large_as_one_without() -> None:
    plain, edged = (solved(p) for p in (frameless(), banded(frameless())))
    (_, without), (piece, with_band) = of_role(plain, "front"), of_role(edged, "front")
    assert with_band.box.low == pytest.approx(without.box.low)
    assert with_band.box.high == pytest.approx(without.box.high)
    assert piece.size is not None
    assert piece.size[0] == edged.solved.value(drawer_of(edged.plan), "front_width_cut") - 2 * mm("1/32")


def test_the_model_reads_back_with_every_piece_by_its_mark_in_true_size() -> None:
    plan = solved(measured(frameless(joint="rabbet_in_ends"), side_sheet="15/32 in"))
    scene = trimesh.load(io.BytesIO(glb(plan)), file_type="glb")
    marks = {plan.plan.marks[piece.id] for piece in pieces_of(plan)}
    nodes = {name.split(" ")[0]: name for name in scene.graph.nodes_geometry}
    assert marks <= nodes.keys()
    piece, solid = of_role(plan, "side_left")
    transform, geometry = scene.graph[nodes[plan.plan.marks[piece.id]]]
    read = scene.geometry[geometry].copy().apply_transform(transform)
    across, back, up = (value / 1000 for value in solid.shape.extent)
    assert read.extents == pytest.approx((across, up, back), abs=1e-5)
    assert read.volume == pytest.approx(solid.built().volume() / 1e9, rel=1e-4)
    assert read.is_watertight


def test_holes_of_the_runner_are_drilled_in_the_model() -> None:
    from tests.helpers import changed, step

    plan = frameless()
    row = plan.choices["runner"]
    holed = changed(
        plan,
        step(f"/library/runners/{row}/case_holes", ["1 in", "9 in"]),
        step(f"/library/runners/{row}/box_holes", ["1 1/2 in", "10 in"]),
    )
    volumes = []
    for one in (plan, holed):
        done = solved(one)
        piece, _ = of_role(done, "side_left")
        scene = trimesh.load(io.BytesIO(glb(done)), file_type="glb")
        volumes.append(scene.geometry[piece.id].volume)
    assert volumes[1] < volumes[0]
