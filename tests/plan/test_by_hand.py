"""Every joint, bottom and runner by hand: inch and metric, nominal and measured stock. Common practice.

In inches an opening of 22 1/2 by 9 and 20 deep, side-mount runners, an inset front of 3/4: a box 21 1/2 wide on runners
18 long. In millimetres an opening of 600.4 by 220 and 560 deep: a box 575 wide on runners of 500. Both ends alike. A front
that reaches past the sides stands before its runners: the box is deeper by it.
"""

from __future__ import annotations

from fractions import Fraction

import pytest

from tests.helpers import RUNNER_SYSTEMS, frameless, measured, mm, solved, value, with_choices, with_runner
from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import Plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.making.pieces import pieces_of

JOINTS = {
    # sides, front: nominal 1/2 in; measured 15/32 in; nominal 12 mm; measured 11.7 mm
    "butt_between": ("18", "20 1/2", "18", "20 9/16", "500", "551", "500", "551.6"),
    "butt_around": ("17", "21 1/2", "17 1/16", "21 1/2", "476", "575", "476.6", "575"),
    "rabbet_in_sides": ("18", "21", "18", "21 1/32", "500", "563", "500", "563.2"),
    "rabbet_in_ends": ("17 1/2", "21 1/2", "17 17/32", "21 1/2", "488", "575", "488.2", "575"),
    "dado": ("18", "21", "18", "21 1/32", "500", "563", "500", "563.2"),
    "dado_tongue": ("18", "21", "18", "21 1/32", "500", "563", "500", "563.2"),
    "finger": ("18", "21 1/2", "18", "21 1/2", "500", "575", "500", "575"),
    "through_dovetail": ("18", "21 1/2", "18", "21 1/2", "500", "575", "500", "575"),
    "half_blind": ("17 3/4", "21 1/2", "17 3/4", "21 1/2", "494", "575", "494", "575"),
    "sliding_dovetail": ("18", "22 1/4", "18", "22 1/4", "500", "595", "499.9", "595"),
}
STOCK = ("1/2 in", "15/32 in", "12 mm", "11.7 mm")


def stocked(stock: str, **choices: str) -> Plan:
    if stock.endswith("in"):
        return measured(frameless("22 1/2", "9", "20", **choices), side_sheet=stock)
    plan = with_choices(new_plan("M", "frameless", "mm", "600.4", "220", "560"), **choices)
    return measured(plan, side_sheet=stock)


def size(text: str, stock: str) -> Fraction:
    return mm(text) if stock.endswith("in") else Fraction(text)


@pytest.mark.parametrize("at", range(4), ids=STOCK)
@pytest.mark.parametrize("joint", JOINTS)
def test_a_joint_by_hand(joint: str, at: int) -> None:
    done = solved(stocked(STOCK[at], joint=joint))
    sides, front = JOINTS[joint][2 * at : 2 * at + 2]
    assert value(done, "side_length") == size(sides, STOCK[at])
    assert value(done, "box_front_length") == size(front, STOCK[at])


def test_every_joint_is_worked_here_or_among_the_fronts() -> None:
    known = {kind.partition(".")[2] for kind in the_catalogue().alternatives("joint")}
    assert known == {*JOINTS, "integral"}


INSIDE = [("butt_between", "17"), ("dado", "16"), ("dado_tongue", "17"), ("half_blind", "17"), ("finger", "17")]


@pytest.mark.parametrize(("joint", "deep"), INSIDE)
def test_the_inside_depth_by_hand(joint: str, deep: str) -> None:
    """18 less two walls of 1/2; ends in dados are set in by 1/2 more each."""
    assert value(stocked("1/2 in", joint=joint), "inside_depth") == mm(deep)


BOTTOMS = {
    # across, along, lost below the inside: sides of 1/2 and a bottom of 1/4 in; sides of 12 and a bottom of 6 mm
    "grooved": ("20 15/16", "17 7/16", "5/8", "561.5", "486.5", "16"),
    "slid_in": ("20 15/16", "17 23/32", "5/8", "561.5", "493.25", "16"),
    "planted": ("21 1/2", "18", "1/4", "575", "500", "6"),
    "between": ("20 1/2", "17", "1/4", "551", "476", "6"),
    "in_rabbet": ("20 31/32", "17 15/32", "1/4", "562", "487", "6"),
}


@pytest.mark.parametrize("stock", ["1/2 in", "12 mm"])
@pytest.mark.parametrize("bottom", BOTTOMS)
def test_a_bottom_by_hand(bottom: str, stock: str) -> None:
    done = solved(stocked(stock, bottom=bottom))
    wanted = BOTTOMS[bottom][:3] if stock.endswith("in") else BOTTOMS[bottom][3:]
    found = [value(done, name) for name in ("bottom_width", "bottom_depth", "bottom_loss")]
    assert found == [size(text, stock) for text in wanted]


@pytest.mark.parametrize("stock", ["1/2 in", "12 mm"])
def test_without_a_bottom_by_hand(stock: str) -> None:
    """The walls are as high as the box, all of it is inside, and there is no bottom to cut or to weigh."""
    done = solved(stocked(stock, bottom="none"))
    assert value(done, "wall_height") == value(done, "box_height")
    assert value(done, "inside_height") == value(done, "outside_height") == value(done, "wall_height_cut")
    assert value(done, "bottom_loss") == 0
    assert "bottom" not in {one.role for one in pieces_of(done)}
    assert value(done, "box_weight") < value(solved(stocked(stock, bottom="between")), "box_weight")


def test_every_bottom_is_worked_here() -> None:
    assert {"bottom.none", *(f"bottom.{one}" for one in BOTTOMS)} == set(the_catalogue().alternatives("bottom"))


METRIC_RUNNERS = {
    # width of the box, its depth, play above, play below; in an opening of 600 by 220 and 560 deep
    "side_mount": ("574.6", "500", "6", "3"),
    "heavy_side_mount": ("561.8", "500", "6", "3"),
    "roller": ("574.6", "500", "19", "3"),
    "undermount": ("582", "500", "6", "14"),
    "centre_mount": ("590", "500", "6", "12"),
    "wooden": ("597", "536", "6", "3"),
    "skid": ("594", "536", "3", "12"),
    "friction": ("597", "536", "3", "0"),
    "standing": ("598", "536", "0", "0"),
    "batten": ("597", "536", "3", "18"),
    "hung": ("538.6", "500", "6", "3"),
    "one_side": ("575.3", "500", "6", "3"),
    "risers": ("598", "536", "0", "0"),
    "posts": ("500.6", "500", "6", "3"),
}


@pytest.mark.parametrize("system", METRIC_RUNNERS)
def test_a_runner_by_hand_in_millimetres(system: str) -> None:
    done = solved(with_runner(new_plan("M", "frameless", "mm", "600", "220", "560"), system))
    found = [value(done, name) for name in ("box_width", "box_depth", "play_above", "play_below")]
    assert found == [Fraction(text) for text in METRIC_RUNNERS[system]]


def test_every_runner_is_worked_in_millimetres() -> None:
    assert set(METRIC_RUNNERS) == set(RUNNER_SYSTEMS)
