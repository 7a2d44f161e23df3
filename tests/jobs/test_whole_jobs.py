"""Jobs whose whole list of parts, positions and fasteners was worked by hand. Common practice, unless a row says else.

The cubby: baskets of 342 x 292 x 186 size an open unit that comes apart; boards of 19, the top 20 over three edges,
held from below; on six feet, with boards round them.

The tool chest: one box on two pairs of runners that stay, clear of a pair between them; its pull is bought.

The bench frame: two drawers under a dust shelf, between steel legs 27 5/8 apart whose walls stand 30 apart: packed by
23/32 and 15/32. The shelf goes in past the legs. Its bottom shelf, notched round all four legs, panels and back are
parts of its maker's own, where the tape was held to; so is the clamp rack.

The bank in a pocket: three inset drawers in a case whose top lies on its sides, with stretchers below, between walls
7/16 nearer at the back: strips of 7/32 fill the front. Faces are of a board 9 1/4 wide. A tower of 44 with shelves
on pins stands on it. Its top is not tapered here; trim, long shelf, rod and screws into studs are its maker's own.

The pull-out shelves: six on posts in three bays that were five, their bottoms as long as their fronts; stiffeners and
partitions are said where they stand in, so they stand nowhere here. Cleats, kept halves of stiles, magnets and liner are
their maker's own.

The cupboard of pots: a pull-out box past a hinge, its front lower than its sides, beside the room of a tray rack that
is not in it; over it a shelf on cleats, set back behind the hinge. Heights are from the floor, 7/8 under the mouth.

The bench drawers: a case of 1409.5 x 594 x 580 without a top, boards of 17.5; over the drawers a shelf that catches
what falls, behind them a cross wall with a shelf of 120. Sizes are of cores: banded edges are 1 larger each. The tray
that is drawn from both sides stands on the shelf; it and the holders are their maker's own.

The locking box: outside 38 1/2 x 33 1/4 x 12 1/2 under raked seats. Boards of 23/32, bottom and boxes of 15/32; walls
and back between top and bottom, the back behind the walls; the top over faces and a stand-off of 1/8. Flush handles
go through the faces into the box fronts; table, dividers, ledges and stand-offs are its maker's own.

The second tier: in a drawer 19 9/16 x 17 9/16 x 5 1/4 inside whose back is cut down to 2 1/2 a tray slides back 11 1/2
over a snug frame with a grid of 4 x 3. Finger hollow and chamfer are made by hand.

The hung pans: a post under a plate of 170, lid boxes carried on both walls. Ends of the boxes stand before their bottoms
here, not on them, so they are not among its parts.

The parts trays: seven, nine and six of three heights on strips over two boxes, out of a sheet of 6 in a cupboard
517 x 868 x 283 inside. The boxes' corner bars are its maker's own and are not in it.
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
from vasculum.plan.telling.marking_out import drilled, marked_out
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.words import piece_name

CUBBY, CHEST, FRAME, BENCH, BOX = "01-cubby", "02-tool-chest", "05-bench", "16-bench-drawers", "17-locking-box"
POTS, BANK, SHELVES = "12-pot-drawer", "03-pocket-bank", "19-pull-out-shelves"
TIER, TRAYS, PANS = "21-second-tier", "18-parts-trays", "11-hung-pans"
PARTS = {
    CUBBY: {
        "Case bottom": (1, "765 mm", "300 mm", "19 mm"),
        "Case top": (1, "805 mm", "320 mm", "19 mm"),
        "Case side, left": (1, "632 mm", "300 mm", "19 mm"),
        "Case side, right": (1, "632 mm", "300 mm", "19 mm"),
        "Foot": (6, "38 mm", "38 mm", "38 mm"),
        "Board before the base": (1, "795 mm", "57 mm", "15 mm"),
        "Board beside the base, left": (1, "315 mm", "57 mm", "15 mm"),
        "Board beside the base, right": (1, "315 mm", "57 mm", "15 mm"),
    },
    CHEST: {
        "Box front": (1, "16 15/16", "8 5/8", "15/32"),
        "Box back": (1, "16 15/16", "8 5/8", "15/32"),
        "Box side, left": (1, "17 11/16", "8 5/8", "15/32"),
        "Box side, right": (1, "17 11/16", "8 5/8", "15/32"),
        "Box bottom": (1, "16 3/8", "17 5/8", "15/32"),
        "Pad between box and runner, left": (1, "17 1/2", "1 3/8", "7/32"),
        "Pad between box and runner, right": (1, "17 1/2", "1 3/8", "7/32"),
        "Pad between box and upper runner, left": (1, "17 1/2", "1 3/8", "7/32"),
        "Pad between box and upper runner, right": (1, "17 1/2", "1 3/8", "7/32"),
        "Front": (1, "18 1/8", "9 9/16", "23/32"),
    },
    FRAME: {
        "Divider": (1, "29 7/8", "20 5/16", "23/32"),
        "Packing board, left, first layer": (1, "18 1/4", "19 1/4", "23/32"),
        "Packing board, left, second layer": (1, "18 1/4", "19 1/4", "15/32"),
        "Packing board, right, first layer": (1, "18 1/4", "19 1/4", "23/32"),
        "Packing board, right, second layer": (1, "18 1/4", "19 1/4", "15/32"),
        "Box bottom": (2, "26 9/16", "18", "15/32"),
    },
    BANK: {
        "Stretcher": (2, "25 7/8", "2 1/2", "23/32"),
        "Case top": (1, "26 13/16", "15", "23/32"),
        "Box side, left": (3, "14", "7", "15/32"),
        "Box side, right": (3, "14", "7", "15/32"),
        "Box front": (3, "23 15/16", "7", "15/32"),
        "Box back": (3, "23 15/16", "7", "15/32"),
        "Box bottom": (3, "24 5/16", "13 7/16", "7/32"),
        "Shelf": (2, "25 3/4", "14 1/4", "23/32"),
        "Top rail": (1, "25 7/8", "2 1/2", "23/32"),
        "Case back": (1, "26 13/16", "44", "7/32"),
        "Front": (3, "25 1/2", "9 1/4", "3/4"),
    },
    SHELVES: {
        "Box side, left": (6, "512 mm", "70 mm", "15 mm"),
        "Box side, right": (6, "512 mm", "70 mm", "15 mm"),
        "Post, left, in front": (3, "520 mm", "40 mm", "17 mm"),
        "Post, left, behind": (3, "520 mm", "40 mm", "17 mm"),
        "Post, right, in front": (3, "520 mm", "40 mm", "17 mm"),
        "Post, right, behind": (3, "520 mm", "40 mm", "17 mm"),
        "Partition": (2, "140 mm", "520 mm", "17.5 mm"),
    },
    POTS: {
        "Box side, left": (1, "22", "6", "23/32"),
        "Box side, right": (1, "22", "6", "23/32"),
        "Box front": (1, "16 1/16", "3 1/2", "23/32"),
        "Box back": (1, "16 1/16", "6", "23/32"),
        "Box bottom": (1, "16 1/16", "20 9/16", "23/32"),
        "Packing strip, right, first layer": (1, "22", "3 7/8", "23/32"),
        "Packing strip, right, second layer": (1, "22", "3 7/8", "23/32"),
        "Cleat, left": (1, "19", "1 1/2", "3/4"),
        "Cleat, right": (1, "19", "1 1/2", "3/4"),
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
SHELF = ("352 mm", "300 mm", "19 mm")
PARTS[TIER] = {
    "Riser, left": (1, "17 9/16", "2 17/32", "7/32"),
    "Riser, right": (1, "17 9/16", "2 17/32", "7/32"),
    "Box bottom": (1, "19 1/2", "17 1/2", "7/32"),
    "Cleat over the tray, left": (1, "6", "1/2", "1/4"),
    "Cleat over the tray, right": (1, "6", "1/2", "1/4"),
}
PARTS[TRAYS] = {
    "Tray base": (22, "514 mm", "274 mm", "6 mm"),
    "Box side, left": (2, "280 mm", "112 mm", "6 mm"),
    "Box side, right": (2, "280 mm", "112 mm", "6 mm"),
    "Box front": (2, "502 mm", "112 mm", "6 mm"),
    "Box back": (2, "502 mm", "112 mm", "6 mm"),
    "Box bottom": (2, "507 mm", "273 mm", "6 mm"),
    "Batten, left": (1, "280 mm", "12 mm", "8 mm"),
    "Batten, right": (1, "280 mm", "12 mm", "8 mm"),
    "Start strip": (2, "274 mm", "12 mm", "8 mm"),
}
OF_ROLE = {
    TRAYS: {
        "Tray front": [("514 mm", "19 mm", "6 mm")] * 7 + [("514 mm", "25 mm")] * 9 + [("514 mm", "35 mm")] * 6,
        "Tray side": [("274 mm", "16 mm", "6 mm")] * 14 + [("274 mm", "22 mm")] * 18 + [("274 mm", "32 mm")] * 12,
        "Tray back": [("486 mm", "16 mm", "6 mm")] * 7 + [("486 mm", "22 mm")] * 9 + [("486 mm", "32 mm")] * 6,
        "Tray bar": [("13 mm", "6 mm", "6 mm")] * 14 + [("19 mm", "6 mm")] * 18 + [("29 mm", "6 mm")] * 12,
        "Keeper strip": [("274 mm", "14 mm", "8 mm")] * 14 + [("274 mm", "20 mm")] * 18 + [("274 mm", "30 mm")] * 12,
    },
    TIER: {
        "Box side, left": [("17 1/2", "2 7/32", "1/2"), ("17 9/16", "2 13/32", "1/2")],
        "Box side, right": [("17 1/2", "2 7/32", "1/2"), ("17 9/16", "2 13/32", "1/2")],
        "Box front": [("18 1/2", "2 7/32", "1/2"), ("18 1/8", "2 13/32", "1/2")],
        "Box back": [("18 1/2", "2 7/32", "1/2"), ("18 1/8", "2 13/32", "1/2")],
        "Grid strip, lengthwise": [("16 1/2", "1", "7/32")] * 2 + [("16 9/16", "2", "7/32")] * 3,
        "Grid strip, crosswise": [("18 1/8", "2", "7/32")] * 2,
    },
    CUBBY: {"Divider": [SHELF, SHELF, ("632 mm", "300 mm", "19 mm"), SHELF, SHELF]},
    FRAME: {
        "Box side, left": [("18", "6 13/32", "23/32"), ("18", "9 27/32", "23/32")],
        "Box side, right": [("18", "6 13/32", "23/32"), ("18", "9 27/32", "23/32")],
        "Box front": [("25 1/8", "6 13/32"), ("25 1/8", "9 27/32")],
        "Box back": [("25 1/8", "6 13/32"), ("25 1/8", "9 27/32")],
        "Front": [("27 3/8", "7 21/32", "3/4"), ("27 3/8", "11 1/4", "3/4")],
    },
    SHELVES: {
        "Box front": [("586 mm", "70 mm", "15 mm")] * 2 + [("258.5 mm", "70 mm")] * 2 + [("581.5 mm", "70 mm")] * 2,
        "Box back": [("536 mm", "70 mm", "15 mm")] * 2 + [("208.5 mm", "70 mm")] * 2 + [("531.5 mm", "70 mm")] * 2,
        "Box bottom": [("586 mm", "520 mm", "11.5 mm")] * 2
        + [("258.5 mm", "520 mm")] * 2
        + [("581.5 mm", "520 mm")] * 2,
        "Packing behind the post, left, in front": [("520 mm", "40 mm", "18.5 mm"), ("520 mm", "40 mm", "0.75 mm")],
        "Packing behind the post, left, behind": [("520 mm", "40 mm", "18.5 mm"), ("520 mm", "40 mm", "0.75 mm")],
        "Packing behind the post, right, in front": [("520 mm", "40 mm", "0.75 mm"), ("520 mm", "40 mm", "18.5 mm")],
        "Packing behind the post, right, behind": [("520 mm", "40 mm", "0.75 mm"), ("520 mm", "40 mm", "18.5 mm")],
        "Stiffener": [("674.5 mm", "50 mm", "25 mm"), ("639 mm", "50 mm", "25 mm")],
    },
    BANK: {
        "Case side, left": [("29 7/32", "14 3/4", "15/32"), ("44", "14 17/32", "15/32")],
        "Case side, right": [("29 7/32", "14 3/4", "15/32"), ("44", "14 17/32", "15/32")],
        "Strip at the front, left": [("29 7/32", "4 3/4", "7/32"), ("44", "4 3/4", "7/32")],
        "Strip at the front, right": [("29 7/32", "4 3/4", "7/32"), ("44", "4 3/4", "7/32")],
    },
    POTS: {"Divider": [("25 1/4", "22", "23/32"), ("19 7/8", "19 5/16", "23/32")]},
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
    PANS: [
        # from the left wall, behind the frame, above the floor: 715 less what is told below the top
        ("Plate of the hanging post", 0, "289 mm", "0 mm", "697 mm"),
        ("Rail of the hanging post, left", 0, "304.3 mm", "3 mm", "634 mm"),
        ("Rail of the hanging post, right", 0, "405.7 mm", "3 mm", "634 mm"),
        ("Hanging post", 0, "355 mm", "3 mm", "539 mm"),
        ("Box side, left", 0, "42.7 mm", "0 mm", "357 mm"),
        ("Box side, left", 1, "595.3 mm", "0 mm", "357 mm"),
        ("Partition", 0, "60.7 mm", "278 mm", "375 mm"),
        ("Carrier", 0, "12 mm", "0 mm", "357 mm"),
        ("Carrier", 1, "724 mm", "0 mm", "357 mm"),
    ],
    TRAYS: [
        # from the left wall, behind the front edge, above the floor of the cupboard; trays from above
        ("Batten, left", 0, "0 mm", "0 mm", "115 mm"),
        ("Start strip", 0, "0 mm", "7 mm", "242 mm"),
        ("Tray base", 21, "1.5 mm", "6 mm", "254 mm"),
        ("Tray base", 15, "1.5 mm", "6 mm", "476 mm"),
        ("Tray base", 6, "1.5 mm", "6 mm", "719 mm"),
        ("Keeper strip", 12, "0 mm", "7 mm", "726 mm"),
        ("Box side, left", 0, "1.5 mm", "0 mm", "127 mm"),
    ],
    TIER: [
        # from the left side, behind the front, above the bottom of the drawer; the tray as far forward as it goes
        ("Riser, left", 0, "0", "0", "0"),
        ("Riser, right", 0, "19 11/32", "0", "0"),
        ("Box bottom", 0, "1/32", "0", "2 17/32"),
        ("Cleat over the tray, left", 0, "0", "11 9/16", "5"),
        ("Cleat over the tray, right", 0, "19 1/16", "11 9/16", "5"),
        ("Box side, left", 1, "7/32", "0", "0"),
    ],
    CUBBY: [
        # from the left outside, behind the front of the bottom, above the floor
        ("Foot", 0, "0 mm", "0 mm", "0 mm"),
        ("Foot", 1, "363.5 mm", "0 mm", "0 mm"),
        ("Foot", 2, "727 mm", "0 mm", "0 mm"),
        ("Foot", 5, "727 mm", "262 mm", "0 mm"),
        ("Board before the base", 0, "-15 mm", "-15 mm", "0 mm"),
        ("Board beside the base, right", 0, "765 mm", "-15 mm", "0 mm"),
        ("Case bottom", 0, "0 mm", "0 mm", "38 mm"),
        ("Case top", 0, "-20 mm", "-20 mm", "689 mm"),
    ],
    BANK: [
        # from the left outside at the back, behind the front, above the floor: 23/32 under the upper face of the stretchers
        ("Case side, left", 0, "0", "0", "0"),
        ("Strip at the front, left", 0, "-7/32", "0", "0"),
        ("Strip at the front, right", 0, "26 13/16", "0", "0"),
        ("Stretcher", 0, "15/32", "0", "0"),
        ("Stretcher", 1, "15/32", "12 1/4", "0"),
        ("Case top", 0, "0", "-1/4", "29 7/32"),
        ("Front", 0, "21/32", "0", "19 25/32"),  # 19 1/16
        ("Front", 1, "21/32", "0", "10 11/32"),  # 9 5/8
        ("Front", 2, "21/32", "0", "29/32"),  # 3/16
        ("Box side, left", 0, "31/32", "3/4", "20 5/32"),  # 19 7/16
        ("Box side, left", 1, "31/32", "3/4", "10 23/32"),  # 10
        ("Box side, left", 2, "31/32", "3/4", "1 9/32"),  # 9/16
    ],
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
FROM_THE_MOUTH = {
    # part, which of them, from the left of the mouth, behind its front, above its lower edge
    FRAME: [
        ("Divider", 0, "-1 1/8", "0", "19 9/32"),
        ("Front", 0, "1/8", "0", "11 1/2"),
        ("Front", 1, "1/8", "0", "1/8"),
        ("Box bottom", 0, "17/32", "3/4", "11 13/16"),
        ("Box bottom", 1, "17/32", "3/4", "7/16"),
        ("Packing board, left, first layer", 0, "-1 3/16", "2 1/16", "0"),
        ("Packing board, left, second layer", 0, "-15/32", "2 1/16", "0"),
    ],
    POTS: [
        # the mouth begins 3/4 right of the wall; heights are from the cabinet floor
        ("Box side, left", 0, "14 13/32", "0", "1 1/8"),
        ("Box bottom", 0, "15 1/8", "23/32", "1 1/8"),
        ("Packing strip, right, first layer", 0, "33 5/32", "0", "0"),
        ("Packing strip, right, second layer", 0, "32 7/16", "0", "0"),
        ("Divider", 1, "13 15/16", "2 9/16", "21 5/32"),
        ("Cleat, left", 0, "13 7/8", "2 7/8", "19 21/32"),
        ("Cleat, right", 0, "33 1/8", "2 7/8", "19 21/32"),
    ],
}
MARKED = {
    CUBBY: [
        ("Case bottom", "from the left end", "Case side, left", "0", "9.5"),
        ("Case bottom", "from the left end", "Divider", "373", "382.5"),
        ("Case bottom", "from the left end", "Case side, right", "746", "755.5"),
        ("Case top", "from the left end", "Case side, left", "20", "29.5"),
        ("Case top", "from the left end", "Divider", "393", "402.5"),
        ("Case top", "from the left end", "Case side, right", "766", "775.5"),
        # angles end under the shelves
        ("Case side, left", "from the lower end", "Divider", "198", "207.5"),
        ("Case side, left", "from the lower end", "Divider", "415", "424.5"),
        ("Case side, right", "from the lower end", "Divider", "198", "207.5"),
        ("Divider", "from the lower end", "Divider", "415", "424.5"),
    ],
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
    TRAYS: [("Screw for the strips of trays, 20 mm", "through strip 8 mm into the walls, bites 12 mm")],
    TIER: [
        ("Brad for the bottom, 1 in", "through bottom 7/32 in into the edges that it closes, bites 25/32 in"),
        ("Brad for the cleats over the tray, 3/4 in", "through cleat 1/2 in into the walls, bites 1/4 in"),
        ("Brad for box corners, 1 1/4 in", "through wall 1/2 in into the end of the next, bites 3/4 in"),
    ],
    CUBBY: [
        ("Dowel for the case, 8 mm × 40 mm", "into the face 12 mm, and into the edge 29 mm"),
        ("Dowel for dividers, 8 mm × 40 mm", "into the face 12 mm, and into the edge 29 mm"),
        ("Screw for the case, 4 mm × 60 mm", "through board 19 mm into the end of the next, bites 41 mm"),
        ("Screw for angles, into the wall, 16 mm", "through metal 2 mm into the walls, bites 14 mm"),
        ("Screw for angles, into the divider, 16 mm", "through metal 2 mm into divider 19 mm, bites 14 mm"),
        ("Angle for dividers, 15 mm × 260 mm", ""),
        ("Screw for angles, into the top, 16 mm", "through metal 2 mm into the top from below, bites 14 mm"),
        ("Screw up into dividers, 60 mm", "through board 19 mm into divider 19 mm, bites 41 mm"),
        ("Screw for feet, 50 mm", "through foot 38 mm into bottom 19 mm, bites 12 mm"),
        ("Brad round the base, 35 mm", "through plinth board 15 mm into the edges that it closes, bites 20 mm"),
    ],
    CHEST: [
        (
            "Screw for the members on the box, 3/4 in",
            "through metal 1/16 in, pad 7/32 in into side 15/32 in, bites 13/32 in",
        ),
        ("Screw for the front, 1 in", "through box front 15/32 in into front 23/32 in, bites 17/32 in"),
        ("members on the box, for a runner that stays, 18 in", ""),
    ],
    FRAME: [
        (
            "Frame screw, with a washer, 3/4 in",
            "through what is before it 3/16 in into what holds it 23/32 in, bites 9/16 in",
        ),
        ("Screw for the pull, 1 in", "through front 3/4 in into the pull 3/8 in"),
        ("Screw for packing boards, 1 1/4 in", "through packing 23/32 in into the walls, bites 17/32 in"),
        ("Screw for packing boards, 1 in", "through packing 15/32 in into the layer behind it, bites 17/32 in"),
        ("Screw for the front, 1 1/4 in", "through box front 23/32 in into front 3/4 in, bites 17/32 in"),
        ("Brad for the bottom, 1 1/4 in", "through bottom 15/32 in into the edges that it closes, bites 25/32 in"),
    ],
    BANK: [
        ("Cabinet screw, No. 8, into studs, 2 1/2 in", "through what is before it 1 1/4 in, bites 1 1/4 in"),
        ("Brad for the trim, 1 in", "through what is before it 7/32 in, bites 25/32 in"),
        ("Pocket screw for box corners, 1 in", "through wall 15/32 in into the end of the next"),
        ("Pocket screw for the case, 1 in", "through board 15/32 in into the end of the next"),
        ("Screw for the front, 1 in", "through box front 15/32 in into front 3/4 in, bites 17/32 in"),
        ("Screw for the runner, 1/2 in", "through metal 1/16 in into side 15/32 in, and into the case, bites 3/8 in"),
        ("Pocket screw for the top rail, 1 in", "through rail 23/32 in into the end of the next"),
        ("Brad for the case back, 1 in", "through back 7/32 in into the edges that it closes, bites 25/32 in"),
        ("Shelf pin, 1/4 in × 3/8 in", ""),
    ],
    SHELVES: [
        (
            "Screw for the halves of the stiles, 30 mm",
            "through what is before it 19 mm into what holds it 19 mm, bites 11 mm",
        ),
        ("Screw for cleats, 30 mm", "through what is before it 17 mm into what holds it 16 mm, bites 13 mm"),
        ("Screw for posts, 45 mm", "through post 17 mm, packing 18.5 mm into the walls, bites 9.5 mm"),
        ("Screw for posts, 30 mm", "through post 17 mm, packing 0.75 mm into the walls, bites 12.25 mm"),
        ("Screw for posts, 30 mm", "through post 17 mm into the walls, bites 13 mm"),
        ("Clip rail", ""),
    ],
    POTS: [
        ("Screw for cleats, 1 1/4 in", "through cleat 3/4 in into the walls, bites 1/2 in"),
        ("Pocket screw for the bottom, 1 1/4 in", "through bottom 23/32 in into the end of the next"),
        ("Pocket screw for box corners, 1 1/4 in", "through wall 23/32 in into the end of the next"),
        ("Screw for the runner, 1/2 in", "through metal 1/16 in into side 23/32 in, and into the case, bites 7/16 in"),
    ],
    BENCH: [
        (
            "Screw for the hose base, 30 mm",
            "through what is before it 17.5 mm into what holds it 17.5 mm, bites 12.5 mm",
        ),
        ("Screw for the tray stop, 25 mm", "through what is before it 17.5 mm into what holds it 8.5 mm, bites 7.5 mm"),
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
        (
            "Screw for the ledges, No. 6, 1 in",
            "through what is before it 5/8 in into what holds it 15/32 in, bites 3/8 in",
        ),
        ("Screw for the flange of the handle, 1/2 in", "through flange 1/16 in into front 23/32 in, bites 7/16 in"),
        ("Screw for the box dividers, No. 6, 1 1/4 in", "through what is before it 15/32 in, bites 25/32 in"),
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
        ("Screw for the front, 1 in", "through box front 15/32 in, space 1/8 in into front 23/32 in, bites 13/32 in"),
    ],
}


def place(text: str) -> Fraction:
    return -mm(text[1:]) if text.startswith("-") else mm(text)


def of_title(plan: SolvedPlan, title: str) -> list[Piece]:
    return [piece for piece in pieces_of(plan) if piece.rule.title == title]


@pytest.mark.parametrize("name", PARTS)
def test_every_part_is_there_with_its_sizes(name: str) -> None:
    plan = job(name)
    ruled = {piece.rule.title for piece in pieces_of(plan) if piece.place not in plan.plan.own_parts}
    assert ruled == {*PARTS[name], *OF_ROLE.get(name, {})}
    for title, several in OF_ROLE.get(name, {}).items():
        found = of_title(plan, title)
        assert [one.size[: len(sizes)] if one.size else None for one, sizes in zip(found, several, strict=True)] == [
            tuple(map(mm, sizes)) for sizes in several
        ], title
    for title, (count, *sizes) in PARTS[name].items():
        found = of_title(plan, title)
        assert [piece.size for piece in found] == [tuple(map(mm, sizes))] * count, title


OWN_PARTS = {
    # what no rule makes: how many, length, width, thickness
    BANK: {
        "Long shelf": (1, "79 13/16", "13", "23/32"), "Small shelf": (1, "14 3/4", "14 1/4", "23/32"),
        "Trim, straight": (1, "73 15/16", "1/2", "7/32"), "Trim, scribed": (1, "73 15/16", "1 1/4", "7/32"),
    },
    FRAME: {
        "Bottom shelf": (1, "31 5/16", "21 3/32", "23/32"), "Side panel": (2, "23 11/16", "18 1/4", "23/32"),
        "Back": (1, "27 1/2", "23 11/16", "23/32"), "Clamp rack": (1, "17 1/4", "4", "23/32"),
    },
    SHELVES: {
        "Stiffener cleat": (3, "60 mm", "30 mm", "17 mm"), "Partition cleat": (4, "70 mm", "30 mm", "17 mm"),
        "Kept half of a stile": (4, "564 mm", "18.5 mm", "19 mm"),
    },
    BENCH: {
        "Tray face": (2, "676.5 mm", "90 mm", "11.5 mm"), "Tray side": (2, "553 mm", "90 mm", "11.5 mm"),
        "Tray bottom": (1, "663 mm", "562.5 mm", "8.5 mm"), "Tray stop": (1, "60 mm", "30 mm", "8.5 mm"),
        "Clamp panel": (1, "520 mm", "420 mm", "17.5 mm"), "Rod bracket": (4, "110 mm", "70 mm", "17.5 mm"),
        "Hose base": (1, "200 mm", "150 mm", "17.5 mm"), "Hose half-round": (5, "90 mm", "60 mm", "17.5 mm"),
        "Hose cap": (1, "120 mm", "100 mm", "17.5 mm"), "Sander plate": (1, "160 mm", "140 mm", "17.5 mm"),
        "Sander spacer": (2, "140 mm", "30 mm", "8.5 mm"),
    },
    BOX: {
        "Table": (1, "15 3/4", "15 21/32", "23/32"), "Box divider": (2, "15 23/32", "8", "15/32"),
        "Ledge": (2, "15 3/4", "3/4", "5/8"), "Lock stand-off": (4, "16 21/32", "1 1/2", "1/8"),
    },
}  # fmt: skip
PIECES = {BENCH: 61 - 2, BOX: 28 - 1}
"""Of whole lists: less two rods, and a metal trim, which are bought by the length."""


@pytest.mark.parametrize("name", OWN_PARTS)
def test_parts_of_its_maker_s_own_are_on_the_list_with_the_rest(name: str) -> None:
    plan = job(name)
    listed = {row.name: row for row in solution_of(plan).parts}
    for title, (count, *sizes) in OWN_PARTS[name].items():
        found = [piece for piece in pieces_of(plan) if piece_name(plan.plan, piece) == title]
        assert [piece.size for piece in found] == [tuple(map(mm, sizes))] * count, title
        assert listed[title].count == count, title
    assert len(pieces_of(plan)) == PIECES.get(name, len(pieces_of(plan)))


def test_the_bottom_shelf_is_notched_round_four_legs() -> None:
    """1 29/32 x 2 1/16 in front, 1 29/32 x 25/32 behind: 27 1/2 stays between the legs, and 18 1/4 from leg to leg."""
    plan = job(FRAME)
    shelf = next(piece for piece in pieces_of(plan) if piece_name(plan.plan, piece) == "Bottom shelf")
    assert shelf.size is not None
    taken = [one for cut in shelf.cuts for one in regions(plan, shelf, cut)]
    corners = {(one.along, one.across) for one in taken}
    wide, long = mm("1 29/32"), shelf.size[0]
    front, back = (0, mm("2 1/16")), (shelf.size[1] - mm("25/32"), shelf.size[1])
    assert corners == {(side, end) for side in ((0, wide), (long - wide, long)) for end in (front, back)}
    assert (long - 2 * wide, back[0] - front[1]) == (mm("27 1/2"), mm("18 1/4"))


def test_pulls_of_the_bench_are_sunk_where_their_screws_are_short() -> None:
    """Middles 6 27/32 from both ends, holes 1 7/8 beside them; 3/4 + 3/8 - 1 = 1/8."""
    plan = job(FRAME)
    (upper, lower) = of_title(plan, "Front")
    for front in (upper, lower):
        holes = [mm("6 27/32") - mm("1 7/8"), mm("6 27/32") + mm("1 7/8")]
        ends = [mm("27 3/8") - hole for hole in reversed(holes)]
        assert plan.solved.value(front.place, "pull_holes_from_left") == (*holes, *ends)
        assert plan.solved.value(front.place, "pull_counterbore") == mm("1/8")


def test_handles_of_the_box_go_through_faces_into_box_fronts() -> None:
    """4 1/2 x 3 1/8, their middles 4 3/4 up the face and 3 3/16 up the box front, 8 15/128 from the box's outer side."""
    plan = job(BOX)
    for number, (face, wall) in enumerate(zip(of_title(plan, "Front"), of_title(plan, "Box front"), strict=True)):
        cut_out, opening = (
            next(one for cut in piece.cuts if cut.rule.what == "hole" for one in regions(plan, piece, cut))
            for piece in (face, wall)
        )
        assert [high - low for low, high in cut_out[:2]] == [mm("4 1/2"), mm("3 1/8")]
        assert sum(cut_out.across) / 2 == mm("4 3/4")
        assert sum(opening.across) / 2 == mm("3 3/16")
        assert wall.size is not None
        from_left = sum(opening.along) / 2 + mm("15/32")
        outer = from_left if number == 0 else wall.size[0] + 2 * mm("15/32") - from_left
        assert outer == mm("8 15/128")


@pytest.mark.parametrize("name", POSITIONS)
def test_every_part_stands_where_it_was_worked_out(name: str) -> None:
    plan = job(name)
    space = plan.plan.space_order[0]
    left, floor = (plan.solved.value(space, one) or 0 for one in ("case_from_left", "niche_from_floor"))
    feet = plan.solved.value(space, "feet_from_floor")
    floor = floor if feet is None else feet
    for title, number, across, back, up in POSITIONS[name]:
        stand = of_title(plan, title)[number].stand
        assert stand is not None
        assert (stand.across - left, stand.back, stand.up - floor) == (place(across), place(back), place(up)), title


@pytest.mark.parametrize("name", FROM_THE_MOUTH)
def test_every_part_in_a_frame_stands_where_it_was_worked_out(name: str) -> None:
    plan = job(name)
    (space,) = plan.plan.space_order
    clear = plan.solved.value(space, "clear_stands_in")
    for title, number, across, back, up in FROM_THE_MOUTH[name]:
        stand = of_title(plan, title)[number].stand
        assert stand is not None
        assert (stand.across + clear, stand.back, stand.up) == (place(across), place(back), place(up)), title


def test_the_cubby_is_drilled_from_one_stick() -> None:
    """Dowels 30, 150 and 270 from the back edges, screws 80 and 220; stops 26 and 43, the jig packed by 1.5."""
    plan = job(CUBBY)
    space = plan.plan.space_order[0]
    found = [plan.solved.value(space, name) for name in ("dowel_places_from_back", "lower_hole_places_from_back")]
    assert found == [(30, 150, 270), (80, 220)]
    assert {told.partition(": ")[2] for told in drilled(plan)} == {
        "12 mm deep in faces with the stop at 26 mm, 29 mm deep in edges with the stop at 43 mm; "
        "pack the jig 1.5 mm off its fence."
    }
    runs = {line.holes for board in marked_out(plan) for line in board.lines if board.board.startswith("Case top")}
    assert runs == {"", "30 · 150 · 270"}


def test_the_box_stands_between_the_runners_that_stay() -> None:
    """An eighth below the lowest and above the highest; the face an eighth above the drawer below."""
    plan = job(CHEST)
    (front,), (side,) = (of_title(plan, title) for title in ("Front", "Box side, left"))
    assert front.stand is not None
    assert side.stand is not None
    assert side.size is not None
    assert (side.stand.up, side.stand.up + side.size[1]) == (mm("7/16"), mm("9 1/16"))
    assert front.stand.up == mm("1/8")


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
    PANS: {
        "Hook, 20 mm": 5,
        "On one side, two over each other runner, 550 mm": 2,
        "Side-mount ball-bearing runner, 550 mm": 1,
        "Screw for the carrier, 40 mm": 6,
        "Screw for the carrier, 35 mm": 6,
    },
    TRAYS: {"Screw for the strips of trays, 20 mm": 138},
    BANK: {
        # of one pocket
        "Cabinet screw, No. 8, into studs, 2 1/2 in": 6,
        "Cabinet screw, No. 8, into the sole plate, 2 1/2 in": 2,
        "Pocket screw for the small shelf, 1 1/4 in": 4,
        "Brad for the trim, 1 in": 26,
        "Rod, 48 3/8 in": 1,
    },
    SHELVES: {"Screw for cleats, 30 mm": 14, "Door magnet with its plate": 4, "Slip-resistant liner": 6},
    BOX: {
        "Screw for the box dividers, No. 6, 1 1/4 in": 12,
        "Flush handle": 2,
        "Strap": 4,
        "Eye for the straps": 8,
        "Aluminium angle 3/4 × 3/4 × 1/16, 38 1/2 in": 1,
    },
    CUBBY: {
        # three in each of six joints; an angle under each end of a shelf, three screws up its wall and two into it
        "Dowel for the case, 8 mm × 40 mm": 12,
        "Dowel for dividers, 8 mm × 40 mm": 6,
        "Angle for dividers, 15 mm × 260 mm": 8,
        "Angle under the top, 15 mm × 260 mm": 4,
        "Screw for angles, into the wall, 16 mm": 36,
        "Screw for angles, into the top, 16 mm": 8,
        # two up into each side, two into the upright, one through each foot
        "Screw for the case, 4 mm × 60 mm": 4,
        "Screw up into dividers, 60 mm": 2,
        "Screw for feet, 50 mm": 6,
        "Screw for angles, into the divider, 16 mm": 16,
    },
    CHEST: {
        # four in each of four members; the chest itself is not drilled
        "Screw for the members on the box, 3/4 in": 16,
        "Screw for the front, 1 in": 6,
        "members on the box, for a runner that stays, 18 in": 2,
    },
    FRAME: {
        # eight in each board; four a corner below and three above, four at each end of the shelf; 24 round a bottom
        "Screw for packing boards, 1 1/4 in": 16,
        "Screw for packing boards, 1 in": 16,
        "Pocket screw for box corners, 1 1/4 in": 28,
        "Pocket screw for dividers, 1 1/4 in": 8,
        "Brad for the bottom, 1 1/4 in": 48,
        "Screw for the front, 1 1/4 in": 8,
        "Side-mount ball-bearing runner, 18 in": 2,
        # twelve in the sides, six in the back, four under the bottom shelf
        "Frame screw, with a washer, 3/4 in": 22,
        "Screw for the pull, 1 in": 8,
        "Pull": 4,
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


SHELF_EDGES = [("A", "301", "13"), ("B", "333", "13"), ("C", "365", "13")]


@pytest.mark.parametrize(("bay", "high", "low"), SHELF_EDGES)
def test_shelves_hang_on_the_slots_of_their_posts(bay: str, high: str, low: str) -> None:
    """48 + 32 k less 35; fronts 5 behind the frame and in the middle between the posts, which stand at 30 and 430."""
    plan = job(SHELVES)
    space = next(id_ for id_, one in plan.plan.spaces.items() if one.name == f"Bay {bay}")
    bottoms = [one.stand for one in of_title(plan, "Box bottom") if one.space == space]
    assert [stand and stand.up for stand in bottoms] == [mm(f"{high} mm"), mm(f"{low} mm")]
    posts = [one for one in pieces_of(plan) if one.space == space and one.rule.title.startswith("Post,")]
    assert sorted(one.stand.back for one in posts if one.stand) == [30, 30, 430, 430]
    left, right = (next(one for one in posts if one.role == f"post_{side}_front") for side in ("left", "right"))
    front = next(one for one in of_title(plan, "Box front") if one.space == space)
    assert left.stand is not None
    assert right.stand is not None
    assert front.stand is not None
    assert front.size is not None
    assert left.size is not None
    assert front.stand.back == 5
    beside = front.stand.across - (left.stand.across + left.size[2])
    assert beside == right.stand.across - (front.stand.across + front.size[0]) == 4
    slots = {plan.solved.value(cut.keys[cut.rule.holes][0], cut.rule.holes) for one in posts for cut in one.cuts}
    assert slots == {tuple(48 + 32 * number for number in range(14))}


def test_the_tower_is_bored_for_its_pins_from_one_line() -> None:
    """Rows 1 1/2 from the front, and before the back edge of the shelf; 8, then every 1 1/4, up to 33: 21 holes, four rows."""
    plan = job(BANK)
    tower = [one for one in of_title(plan, "Case side, left") if one.size and one.size[0] == mm("44")]
    rows = [cut for one in tower for cut in one.cuts if cut.rule.title == "Holes for shelf pins"]
    assert [cut.value(plan, "row") for cut in rows] == [mm("1 1/2"), mm("12 3/4")]
    for cut in rows:
        holes = cut.value(plan, "holes")
        assert (holes[0], holes[1] - holes[0], holes[-1], len(holes)) == (mm("8"), mm("1 1/4"), mm("33"), 21)
