"""Jobs whose whole list of parts, positions and fasteners was worked by hand. Common practice, unless a row says else.

The locking box: outside 38 1/2 x 33 1/4 x 12 1/2 under raked seats. Boards of 23/32, bottom and boxes of 15/32; walls
and back between top and bottom, the back behind the walls; the top over faces and a stand-off of 1/8.
"""

from __future__ import annotations

from fractions import Fraction

import pytest

from tests.helpers import mm
from tests.jobs.test_jobs import job
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.piece import Piece
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.marking_out import marked_out

BOX = "17-locking-box"
PARTS = {
    BOX: {
        # part: how many, length, width, thickness
        "Case top": (1, "38 1/2", "33 1/4", "23/32"),
        "Case bottom": (1, "38 1/2", "32 13/32", "15/32"),
        "Case back": (1, "38 1/2", "11 5/16", "23/32"),
        "Case side, left": (1, "11 5/16", "31 11/16", "23/32"),
        "Case side, right": (1, "11 5/16", "31 11/16", "23/32"),
        "Divider": (1, "11 5/16", "31 11/16", "23/32"),
        "Box side, left": (2, "31", "9 19/32", "15/32"),
        "Box side, right": (2, "31", "9 19/32", "15/32"),
        "Box front": (2, "15 23/32", "9 19/32", "15/32"),
        "Box back": (2, "15 23/32", "9 19/32", "15/32"),
        "Box bottom": (2, "16 21/32", "31", "15/32"),
        "Front": (2, "19 3/16", "11 17/32", "23/32"),
    }
}
POSITIONS = {
    BOX: [
        # part, which of them, from the left outside, behind the front of the bottom, above the floor
        ("Case side, left", 0, "0", "0", "15/32"),
        ("Divider", 0, "18 57/64", "0", "15/32"),
        ("Case side, right", 0, "37 25/32", "0", "15/32"),
        ("Case back", 0, "0", "31 11/16", "15/32"),
        ("Case top", 0, "0", "-27/32", "11 25/32"),
        ("Front", 0, "0", "-27/32", "1/8"),
        ("Front", 1, "19 5/16", "-27/32", "1/8"),
        ("Box bottom", 0, "1 61/128", "0", "1 7/32"),
        ("Box bottom", 1, "20 47/128", "0", "1 7/32"),
    ]
}
MARKED = {
    BOX: [
        # board, measured, what ends on it, its nearer face, its middle
        ("Case bottom", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case bottom", "from the left end", "Case side, right", "37 25/32", "38 9/64"),
        ("Case top", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case back", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case bottom", "from the back edge", "Case back", "0", "23/64"),
    ]
}
FASTENERS = {
    BOX: [
        ("Screw for the case, No. 8 × 1 1/2 in", "through board 23/32 in into the end of the next, bites 25/32 in"),
        ("Screw for box corners, No. 6 × 1 1/4 in", "through wall 15/32 in into the end of the next, bites 25/32 in"),
        (
            "Screw for the bottom, No. 6 × 1 1/4 in",
            "through bottom 15/32 in into the edges that it closes, bites 25/32 in",
        ),
        (
            "Screw for the case back, No. 8 × 1 1/2 in",
            "through back 23/32 in into the edges that it closes, bites 25/32 in",
        ),
        ("Screw for the front, 1 in", "through box front 15/32 in, space 1/8 in into front 23/32 in"),
    ]
}


def place(text: str) -> Fraction:
    return -mm(text[1:]) if text.startswith("-") else mm(text)


def of_title(plan: SolvedPlan, title: str) -> list[Piece]:
    return [piece for piece in pieces_of(plan) if piece.rule.title == title]


@pytest.mark.parametrize("name", PARTS)
def test_every_part_is_there_with_its_sizes(name: str) -> None:
    plan = job(name)
    assert {piece.rule.title for piece in pieces_of(plan)} == set(PARTS[name])
    for title, (count, *sizes) in PARTS[name].items():
        found = of_title(plan, title)
        assert [piece.size for piece in found] == [tuple(map(mm, sizes))] * count, title


@pytest.mark.parametrize("name", POSITIONS)
def test_every_part_stands_where_it_was_worked_out(name: str) -> None:
    plan = job(name)
    (space,) = plan.plan.space_order
    left, floor = (plan.solved.value(space, one) for one in ("case_from_left", "niche_from_floor"))
    for title, number, across, back, up in POSITIONS[name]:
        stand = of_title(plan, title)[number].stand
        assert stand is not None
        assert (stand.across - left, stand.back, stand.up - floor) == (place(across), place(back), place(up)), title


@pytest.mark.parametrize("name", FASTENERS)
def test_every_fastener_is_listed_with_its_length_and_its_bite(name: str) -> None:
    bought = {(one.what, one.through) for one in hardware_of(job(name))}
    assert not set(FASTENERS[name]) - bought


@pytest.mark.parametrize("name", MARKED)
def test_every_line_is_marked_from_one_datum(name: str) -> None:
    """The back edges of top and bottom agree, so the same figures hold on both; their front edges do not."""
    boards = marked_out(job(name))
    lines = {
        (board.board.rpartition(" ")[0], board.measured, line.member.rpartition(" ")[0], line.near, line.middle)
        for board in boards for line in board.lines
    }  # fmt: skip
    assert not set(MARKED[name]) - lines
    runs = {(b.board, line.begins, line.ends) for b in boards for line in b.lines if b.run == "from the back edge"}
    assert {run[1:] for run in runs} == {("23/32", "32 13/32")}
