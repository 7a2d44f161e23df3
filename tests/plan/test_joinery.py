"""Saw and router settings on the parts: face, end, distance, width, depth and passes, as worked by hand."""

from __future__ import annotations

import itertools

import pytest

from tests.helpers import frameless, solved, with_choices
from vasculum.core.catalogue import the_catalogue
from vasculum.drawing.part import part_sheet
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import merged, pieces_of
from vasculum.plan.telling.cuts import in_words

JOINTS, BOTTOMS = (
    [kind.partition(".")[2] for kind in the_catalogue().alternatives(family)] for family in ("joint", "bottom")
)


def notes(plan: SolvedPlan, role: str) -> list[str]:
    """What is cut into the part of one role, the groove and the runner line left out."""
    (part,) = [one for one in pieces_of(plan) if one.role == role]
    return [in_words(plan, part, one) for one in part.cuts if one.rule.what not in ("groove", "line")]


def box(**choices: str) -> SolvedPlan:
    """Nominal 1/2 walls, 4 7/16 high by their box, 18 deep."""
    return solved(with_choices(frameless("22 1/2", "4 7/8", "18 3/4"), wanted_box_height="4 1/2 in", **choices))


NOTES: list[tuple[dict[str, str], str, list[str]]] = [
    ({"joint": "butt_between"}, "side_left", []),
    ({"joint": "rabbet_in_sides", "back_joint": "butt_between"}, "side_left",
     ["Rabbet for the box front: front end, 1/2 in wide, 1/4 in deep, inside face; 4 passes of a blade of 1/8 in"]),
    ({"joint": "butt_between", "back_joint": "dado"}, "side_right",
     ["Dado for the box back: 1/2 in from the back end, 1/2 in wide, 1/4 in deep, inside face; 4 passes of a blade of 1/8 in"]),
    ({"joint": "half_blind", "back_joint": "dado_tongue"}, "side_left",
     ["Tails: front end, 3 over the height, 1 1/2 in from middle to middle, 3/8 in long",
      "Dado for the tongue of the box back: 1/4 in from the back end, 1/4 in wide, 1/4 in deep, inside face; 2 passes of a blade of 1/8 in"]),
    ({"joint": "half_blind", "back_joint": "dado_tongue"}, "box_front",
     ["Sockets for the tails: both ends, 3 over the height, 1 1/2 in from middle to middle, 3/8 in long"]),
    ({"joint": "half_blind", "back_joint": "dado_tongue"}, "box_back", ["Tongue: both ends, 1/4 in long, 1/4 in off the outside face"]),
    ({"joint": "finger"}, "box_front", ["Fingers: both ends, 9 over the height, each 1/2 in, 1/2 in long"]),
    ({"joint": "sliding_dovetail"}, "box_front",
     ["Dovetailed slot for the sides: 3/8 in from both ends, 1/2 in wide, 1/4 in deep, inside face"]),
    ({"joint": "butt_between", "bottom": "in_rabbet"}, "side_left", ["Rabbet for the bottom: along the lower edge, 1/4 in high, 1/4 in deep, inside face"]),
    ({"joint": "butt_between", "bottom": "slid_in"}, "box_back", []),
]  # fmt: skip


@pytest.mark.parametrize(("choices", "role", "told"), NOTES, ids=range(len(NOTES)))
def test_settings_stand_on_the_part(choices: dict[str, str], role: str, told: list[str]) -> None:
    assert notes(box(**choices), role) == told


def test_a_narrow_blade_takes_more_passes() -> None:
    thin = box(joint="rabbet_in_sides", back_joint="butt_between", blade_kerf="3/32 in")
    assert notes(thin, "side_left")[0].endswith("6 passes of a blade of 3/32 in")


def test_a_back_over_a_bottom_that_is_slid_in_is_lower_than_the_sides() -> None:
    """4 1/2 less 3/8 and 1/4."""
    plan = box(bottom="slid_in")
    sizes = {one.role: plan.solved.value(*one.width) for one in pieces_of(plan)}
    assert sizes["side_left"] - sizes["box_back"] == plan.plan.length("5/8 in")


@pytest.mark.parametrize(("joint", "bottom"), list(itertools.product(JOINTS, BOTTOMS)))
def test_every_part_is_drawn_with_what_is_cut_into_it_inside_its_outline(joint: str, bottom: str) -> None:
    plan = box(joint=joint, bottom=bottom)
    for part in [group[0] for group in merged(plan, pieces_of(plan))]:
        sheet = part_sheet(plan, part)
        length, width = (plan.solved.value(*key) for key in (part.length, part.width))
        cuts = [one for one in sheet.primitives if one.layer == "joinery"]
        assert bool(cuts) == bool(part.cuts)
        for cut in cuts:
            for x, y in (cut.start, cut.end):  # type: ignore[union-attr]
                assert 0 <= x <= length
                assert 0 <= y <= width


def test_left_and_right_sides_are_drawn_as_mirror_images() -> None:
    plan = box(joint="butt_between", back_joint="dado")
    sides = {one.hand: one for one in pieces_of(plan) if one.role in ("side_left", "side_right")}
    length = plan.solved.value(*sides["L"].length)
    across = {
        hand: sorted(
            one.start[0]
            for one in part_sheet(plan, part).primitives
            if one.layer == "joinery" and one.role == "cut" and one.start[0] == one.end[0]
        )  # type: ignore[union-attr]
        for hand, part in sides.items()
    }
    assert across["L"]
    assert across["R"] == sorted(length - x for x in across["L"])
