"""Jobs whose whole list of parts, positions and fasteners was worked by hand. Common practice, unless a row says else.

The bench frame: two drawers under a dust shelf, between steel legs 27 5/8 apart whose walls stand 30 apart: packed by
23/32 and 15/32. The shelf goes in past the legs. Its panels, bottom shelf and clamp rack are not in it.

The bench drawers: a case of 1409.5 x 594 x 580 without a top, boards of 17.5; over the drawers a shelf that catches
what falls, behind them a cross wall with a shelf of 120. Sizes are of cores: banded edges are 1 larger each.

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
from vasculum.plan.making.regions import regions
from vasculum.plan.telling.hardware import hardware_of
from vasculum.plan.telling.marking_out import marked_out

FRAME, BENCH, BOX = "05-bench", "16-bench-drawers", "17-locking-box"
PARTS = {
    FRAME: {
        "Divider": (1, "29 7/8", "20 5/16", "23/32"),
        "Packing board, left, first layer": (1, "18 1/4", "19 1/4", "23/32"),
        "Packing board, left, second layer": (1, "18 1/4", "19 1/4", "15/32"),
        "Packing board, right, first layer": (1, "18 1/4", "19 1/4", "23/32"),
        "Packing board, right, second layer": (1, "18 1/4", "19 1/4", "15/32"),
        "Box bottom": (2, "26 9/16", "18", "15/32"),
    },
    BENCH: {
        "Case side, left": (1, "594 mm", "578 mm", "17.5 mm"),
        "Case side, right": (1, "594 mm", "578 mm", "17.5 mm"),
        "Case bottom": (1, "1374.5 mm", "578 mm", "17.5 mm"),
        "Cross wall": (1, "1374.5 mm", "440 mm", "17.5 mm"),
        "Shelf behind": (1, "1374.5 mm", "119 mm", "17.5 mm"),
        "Box bottom": (6, "639.5 mm", "398 mm", "8.5 mm"),
    },
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
    },
}
OF_ROLE = {
    FRAME: {
        "Box side, left": [("18", "6 13/32", "23/32"), ("18", "9 27/32", "23/32")],
        "Box side, right": [("18", "6 13/32", "23/32"), ("18", "9 27/32", "23/32")],
        "Box front": [("25 1/8", "6 13/32"), ("25 1/8", "9 27/32")],
        "Box back": [("25 1/8", "6 13/32"), ("25 1/8", "9 27/32")],
        "Front": [("27 3/8", "7 21/32", "3/4"), ("27 3/8", "11 1/4", "3/4")],
    },
    BENCH: {
        # parts of one name and several sizes, from the top down: length, width, thickness
        "Divider": [
            ("119 mm", "578 mm", "17.5 mm"),
            ("1374.5 mm", "578 mm", "17.5 mm"),
            ("440 mm", "441.5 mm", "17.5 mm"),
        ],
        "Box side, left": [("400 mm", "71.5 mm"), ("400 mm", "119.5 mm"), ("400 mm", "207 mm")] * 2,
        "Box side, right": [("400 mm", "71.5 mm"), ("400 mm", "119.5 mm"), ("400 mm", "207 mm")] * 2,
        "Box back": [("630 mm", "71.5 mm"), ("630 mm", "119.5 mm"), ("630 mm", "207 mm")] * 2,
        "Front": [("670.5 mm", "79.5 mm"), ("670.5 mm", "127.5 mm"), ("670.5 mm", "215 mm")] * 2,
    },
}
POSITIONS = {
    BENCH: [
        # the floor is under the bottom, 17.5 below its upper face
        ("Divider", 0, "696 mm", "0 mm", "475 mm"),  # the fin, on the shelf over the drawers
        ("Divider", 1, "17.5 mm", "0 mm", "457.5 mm"),
        ("Divider", 2, "696 mm", "0 mm", "17.5 mm"),
        ("Cross wall", 0, "17.5 mm", "442.5 mm", "17.5 mm"),
        ("Shelf behind", 0, "17.5 mm", "460 mm", "267.5 mm"),
        ("Front", 0, "20.5 mm", "0 mm", "373 mm"),  # 355.5 above the bottom
        ("Front", 1, "20.5 mm", "0 mm", "240.5 mm"),  # 223
        ("Front", 2, "20.5 mm", "0 mm", "20.5 mm"),  # 3
        ("Box side, left", 0, "30.25 mm", "17.5 mm", "377 mm"),  # 359.5
        ("Box side, left", 1, "30.25 mm", "17.5 mm", "244.5 mm"),  # 227
        ("Box side, left", 2, "30.25 mm", "17.5 mm", "24.5 mm"),  # 7
        ("Box side, left", 3, "726.25 mm", "17.5 mm", "377 mm"),
    ],
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
    ],
}
OF_A_FRAME = [
    # part, which of them, from the left leg's face, behind the legs' fronts, above the bottom shelf
    ("Divider", 0, "-1 1/8", "0", "19 9/32"),
    ("Front", 0, "1/8", "0", "11 1/2"),
    ("Front", 1, "1/8", "0", "1/8"),
    ("Box bottom", 0, "17/32", "3/4", "11 13/16"),
    ("Box bottom", 1, "17/32", "3/4", "7/16"),
    ("Packing board, left, first layer", 0, "-1 3/16", "2 1/16", "0"),
    ("Packing board, left, second layer", 0, "-15/32", "2 1/16", "0"),
]
MARKED = {
    BENCH: [
        ("Case bottom", "from the left end", "Divider", "678.5", "687.25"),
        ("Case side, left", "from the lower end", "Divider", "457.5", "466.25"),
        ("Cross wall", "from the left end", "Divider", "678.5", "687.25"),
        ("Cross wall", "from the lower end", "Shelf behind", "250", "258.75"),
    ],
    BOX: [
        # board, measured, what ends on it, its nearer face, its middle
        ("Case bottom", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case bottom", "from the left end", "Case side, right", "37 25/32", "38 9/64"),
        ("Case top", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case back", "from the left end", "Divider", "18 57/64", "19 1/4"),
        ("Case bottom", "from the back edge", "Case back", "0", "23/64"),
    ],
}
FASTENERS = {
    FRAME: [
        ("Screw for packing boards, 1 1/4 in", "through packing 23/32 in into the walls"),
        ("Screw for packing boards, 1 in", "through packing 15/32 in into the layer behind it, bites 17/32 in"),
        ("Screw for the front, 1 1/4 in", "through box front 23/32 in into front 3/4 in"),
        ("Brad for the bottom, 1 1/4 in", "through bottom 15/32 in into the edges that it closes, bites 25/32 in"),
    ],
    BENCH: [
        ("Pocket screw for the case, 32 mm", "through board 17.5 mm into the end of the next"),
        ("Pocket screw for dividers, 32 mm", "through divider 17.5 mm into the end of the next"),
        ("Pocket screw for the cross wall, 32 mm", "through divider 17.5 mm into the end of the next"),
        ("Pocket screw for box corners, 25 mm", "through wall 11.5 mm into the end of the next"),
        (
            "Screw for dividers, 4 mm × 40 mm",
            "through board 17.5 mm into the ends of the dividers, bites 22.5 mm",
        ),
        (
            "Screw for the cross wall, into dividers, 4 mm × 40 mm",
            "through divider 17.5 mm into the edges that it closes, bites 22.5 mm",
        ),
    ],
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
    ],
}


def place(text: str) -> Fraction:
    return -mm(text[1:]) if text.startswith("-") else mm(text)


def of_title(plan: SolvedPlan, title: str) -> list[Piece]:
    return [piece for piece in pieces_of(plan) if piece.rule.title == title]


@pytest.mark.parametrize("name", PARTS)
def test_every_part_is_there_with_its_sizes(name: str) -> None:
    plan = job(name)
    assert {piece.rule.title for piece in pieces_of(plan)} == {*PARTS[name], *OF_ROLE.get(name, {})}
    for title, several in OF_ROLE.get(name, {}).items():
        found = of_title(plan, title)
        assert [one.size[: len(sizes)] if one.size else None for one, sizes in zip(found, several, strict=True)] == [
            tuple(map(mm, sizes)) for sizes in several
        ], title
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


@pytest.mark.parametrize(("title", "number", "across", "back", "up"), OF_A_FRAME)
def test_every_part_in_the_frame_stands_where_it_was_worked_out(
    title: str, number: int, across: str, back: str, up: str
) -> None:
    stand = of_title(job(FRAME), title)[number].stand
    assert stand is not None
    assert (stand.across, stand.back, stand.up) == (place(across), place(back), place(up))


def test_the_dust_shelf_is_notched_round_both_legs() -> None:
    """As wide as the packing, 2 of leg and 1/16 of play deep; 27 1/2 is left between the legs 27 5/8 apart."""
    plan = job(FRAME)
    (shelf,) = of_title(plan, "Divider")
    notches = [one for cut in shelf.cuts for one in regions(plan, shelf, cut)]
    assert [(one.along[1] - one.along[0], one.across) for one in notches] == [(mm("1 3/16"), (0, mm("2 1/16")))] * 2
    assert notches[1].along[0] - notches[0].along[1] == mm("27 1/2")


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


def test_lines_of_the_locking_box_run_from_its_back_edges() -> None:
    boards = marked_out(job(BOX))
    runs = {(b.board, line.begins, line.ends) for b in boards for line in b.lines if b.run == "from the back edge"}
    assert {run[1:] for run in runs} == {("23/32", "32 13/32")}


COUNTED = {
    FRAME: {
        # eight in each board; four a corner below and three above, four at each end of the shelf; 24 round a bottom
        "Screw for packing boards, 1 1/4 in": 16,
        "Screw for packing boards, 1 in": 16,
        "Pocket screw for box corners, 1 1/4 in": 28,
        "Pocket screw for dividers, 1 1/4 in": 8,
        "Brad for the bottom, 1 1/4 in": 48,
        "Screw for the front, 1 1/4 in": 8,
        "Side-mount ball-bearing runner, 18 in": 2,
    },
    BENCH: {
        # five a side in bottom and catch shelf, three down from the fin; three into each end of the divider
        "Pocket screw for the case, 32 mm": 10,
        "Pocket screw for dividers, 32 mm": 13,
        "Screw for dividers, 4 mm × 40 mm": 6,
        "Screw for the cross wall, into dividers, 4 mm × 40 mm": 3,
        "Side-mount ball-bearing runner, 400 mm": 6,
    },
}


@pytest.mark.parametrize("name", COUNTED)
def test_every_fastener_is_counted(name: str) -> None:
    bought = {one.what: one.count for one in hardware_of(job(name))}
    assert {what: bought[what] for what in COUNTED[name]} == COUNTED[name]
