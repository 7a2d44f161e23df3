"""Where pieces stand, worked by hand: from the left and the front face of the space, and up from its floor, in inches."""

from __future__ import annotations

import itertools
from typing import NamedTuple

import pytest

from tests.helpers import drawer_of, fixed, frameless, kinds_in, mm, pinned, solved, split, with_choices, with_runner
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.pieces import made_of, pieces_of
from vasculum.solid.solids import Box, solid_of


def one_drawer(**choices: str) -> Plan:
    """An opening of 22 1/2 by 4 7/8, 18 3/4 deep; walls of 1/2, 4 1/2 high; runners of 18 that take 1/2 a side."""
    return with_choices(frameless("22 1/2", "4 7/8", "18 3/4"), wanted_box_height="4 1/2 in", **choices)


def boxes_of(plan: SolvedPlan, place: str = "") -> dict[str, Box]:
    """Role → the room it takes, of one place or of all."""
    found = {}
    for piece in pieces_of(plan):
        solid = solid_of(plan, piece)
        if solid is not None and piece.id.startswith(place):
            found[piece.role] = solid.box
    return found


class Stands(NamedTuple):
    """From and to, across, front to back and up; and how that was worked."""

    role: str
    across: tuple[float, float]
    back: tuple[float, float]
    up: tuple[float, float]
    worked: str


BUTTED = [
    Stands(
        "side_left", (0.5, 1), (0.75, 18.75), (0.125, 4.625), "past the runner; behind a front of 3/4; play below 1/8"
    ),
    Stands("side_right", (21.5, 22), (0.75, 18.75), (0.125, 4.625), "its mirror image: 22 1/2 less 1/2"),
    Stands("box_front", (1, 21.5), (0.75, 1.25), (0.125, 4.625), "between the sides"),
    Stands("box_back", (1, 21.5), (18.25, 18.75), (0.125, 4.625), "between the sides, at their end"),
    Stands(
        "bottom",
        (1 - 1 / 4 + 1 / 32, 21.5 + 1 / 4 - 1 / 32),
        (1.25 - 1 / 4 + 1 / 32, 18.25 + 1 / 4 - 1 / 32),
        (0.5, 0.75),
        "3/8 over the lower edge, 1/4 into each wall less a play of 1/32",
    ),
    Stands("front", (0.125, 22.375), (0, 0.75), (0.125, 4.75), "inset, a gap of 1/8 all round"),
]
FINGERED = [
    Stands(
        "side_left", (0.5, 1), (0, 18), (0.375, 4.625), "an overlay front stands before the case; on a bottom of 1/4"
    ),
    Stands("side_right", (21.5, 22), (0, 18), (0.375, 4.625), "its mirror image"),
    Stands("box_front", (0.5, 22), (0, 0.5), (0.375, 4.625), "through both sides"),
    Stands("box_back", (0.5, 22), (17.5, 18), (0.375, 4.625), "through both sides, at their end"),
    Stands("bottom", (0.5, 22), (0, 18), (0.125, 0.375), "planted under all of the box"),
    Stands(
        "front",
        (-0.6875, 23.1875),
        (-0.75, 0),
        (-0.6875, 5.5625),
        "over case boards of 3/4 less half a gap of 1/8: 11/16 on each edge",
    ),
]
DADOED = [
    Stands("side_left", (0.5, 1), (0.75, 18.75), (0.125, 4.625), "past the runner"),
    Stands("box_front", (0.75, 21.75), (1.25, 1.75), (0.125, 4.625), "1/4 into each side, 1/2 behind its end"),
    Stands("box_back", (0.75, 21.75), (17.75, 18.25), (0.75, 4.625), "over the bottom that slides in under it"),
    Stands(
        "bottom",
        (1 - 1 / 4 + 1 / 32, 21.5 + 1 / 4 - 1 / 32),
        (1.5, 18.6875),
        (0.5, 0.75),
        "home in the groove of the front, and 1/16 short of the ends of the sides",
    ),
]
TABLES = {
    "butted": ({"joint": "butt_between"}, BUTTED),
    "fingered": ({"joint": "finger", "bottom": "planted", "front": "overlay"}, FINGERED),
    "dadoed": ({"joint": "dado", "bottom": "slid_in"}, DADOED),
}


@pytest.mark.parametrize(("table", "at"), [(name, at) for name, (_, rows) in TABLES.items() for at in range(len(rows))])
def test_a_piece_stands_where_it_was_worked_by_hand(table: str, at: int) -> None:
    """Provenance: geometry, from the sizes of the plan and the defaults that each row names."""
    choices, rows = TABLES[table]
    row = rows[at]
    box = boxes_of(solved(one_drawer(**choices)))[row.role]
    for axis, (low, high) in enumerate((row.across, row.back, row.up)):
        assert box.low[axis] == pytest.approx(low * 25.4, abs=1e-6), row.worked
        assert box.high[axis] == pytest.approx(high * 25.4, abs=1e-6), row.worked


CELLS = [
    # by columns, by rows: where the left and right side of each box begin, and how high; dividers of 1/2
    ("columns", [(0.5, 0.125), (18.75, 0.125)], "36 less a divider is 35 1/2; the second cell begins at 18 1/4"),
    ("rows", [(0.5, 12.375), (0.5, 0.125)], "24 less a divider is 23 1/2; the upper cell begins at 12 1/4"),
]


@pytest.mark.parametrize(("how", "stands", "worked"), CELLS, ids=[how for how, _, _ in CELLS])
def test_boxes_beside_and_over_each_other_stand_past_the_divider(
    how: str, stands: list[tuple[float, float]], worked: str
) -> None:
    plan, ids = split(frameless("36", "24", "20"), "place-2", how, {}, {}, divider="board")
    done = solved(plan)
    for id_, (across, up) in zip(ids, stands, strict=True):
        side = boxes_of(done, id_)["side_left"]
        assert side.low[0] == pytest.approx(across * 25.4), worked
        assert side.low[2] == pytest.approx(up * 25.4), worked


def test_a_fixed_row_moves_what_stands_under_it() -> None:
    """Rows are counted from the top: 24 less 6 less a divider of 1/2 leaves 17 1/2 below."""
    plan, (upper, lower) = split(frameless("36", "24", "20"), "place-2", "rows", fixed("6 in"), {}, divider="board")
    done = solved(plan)
    above, below = boxes_of(done, upper)["side_left"], boxes_of(done, lower)["side_left"]
    assert above.low[2] == pytest.approx((17.5 + 0.5 + 0.125) * 25.4)
    assert below.low[2] == pytest.approx(0.125 * 25.4)


KINDS = list(itertools.product(kinds_in("joint"), kinds_in("bottom")))


@pytest.mark.parametrize(("joint", "bottom"), KINDS, ids=["-".join(one) for one in KINDS])
def test_a_piece_takes_the_room_of_its_sizes_and_no_other(joint: str, bottom: str) -> None:
    """However it lies: what is on the parts list is what stands in space."""
    plan = solved(one_drawer(joint=joint, bottom=bottom))
    seen = 0
    for piece in pieces_of(plan):
        solid = solid_of(plan, piece)
        if solid is None or piece.size is None:
            continue
        room = sorted(high - low for low, high in zip(solid.box.low, solid.box.high, strict=True))
        assert room == pytest.approx(sorted(float(size) for size in piece.size)), piece.role
        seen += 1
    assert seen >= (4 if bottom == "none" else 5)


@pytest.mark.parametrize("joint", kinds_in("joint"))
def test_left_and_right_are_mirror_images(joint: str) -> None:
    boxes = boxes_of(solved(one_drawer(joint=joint)))
    left, right = boxes["side_left"], boxes["side_right"]
    width = float(mm("22 1/2"))
    assert (left.low[0], left.high[0]) == pytest.approx((width - right.high[0], width - right.low[0]))
    assert left.low[1:] == pytest.approx(right.low[1:])
    assert left.high[1:] == pytest.approx(right.high[1:])


def test_a_side_that_was_cut_shorter_stands_shorter() -> None:
    """What is noted as built is what stands there, and in the joint nothing else moves."""
    planned, built = one_drawer(), pinned(one_drawer(), side_length_cut="17 3/4 in")
    before, after = boxes_of(solved(planned))["side_left"], boxes_of(solved(built))["side_left"]
    assert before.high[1] - before.low[1] == pytest.approx(float(mm("18")))
    assert after.high[1] - after.low[1] == pytest.approx(float(mm("17 3/4")))
    assert after.low[0] == pytest.approx(before.low[0])


def test_a_clip_rail_stands_between_the_runner_and_the_room_of_its_post() -> None:
    """Posts of 3/4, rails of 1/2 and runners of 1/2 a side: the box begins at 1 3/4, its rail reaches from 3/4 to 1 1/4."""
    plan = with_runner(frameless("22 1/2", "9", "20", post_thickness="3/4 in", clip_rail_thickness="1/2 in"), "posts")
    done = solved(plan)
    made = {body.role: solid_of(done, body) for body in made_of(done).bodies}
    rail, member = made["clip_rail_left"], made["member_left"]
    assert rail is not None
    assert member is not None
    assert (rail.box.low[0], rail.box.high[0]) == pytest.approx((0.75 * 25.4, 1.25 * 25.4))
    assert rail.box.high[0] == pytest.approx(member.box.low[0])
    right = made["clip_rail_right"]
    assert right is not None
    assert right.box.high[0] == pytest.approx((22.5 - 0.75) * 25.4), "19 across leaves nothing over"


def test_posts_stand_in_the_corners_of_the_bay_where_the_rails_begin_and_end() -> None:
    """Posts of 3/4 square in a cell of 22 1/2 by 9, behind a front of 3/4; runners of 18 end at 18 3/4."""
    plan = with_runner(frameless("22 1/2", "9", "20", post_thickness="3/4 in"), "posts")
    done = solved(plan)
    made = {body.role: solid_of(done, body) for body in made_of(done).bodies}
    assert done.solved.value(drawer_of(plan), "runner_length") == mm("18")
    for role, across, back in (
        ("post_left_front", 0, 0.75), ("post_left_back", 0, 18), ("post_right_front", 21.75, 0.75),
        ("post_right_back", 21.75, 18),
    ):  # fmt: skip
        post = made[role]
        assert post is not None
        low, high = ([side / 25.4 for side in corner] for corner in post.box)
        assert low == pytest.approx([across, back, 0])
        assert high == pytest.approx([across + 0.75, back + 0.75, 9])
