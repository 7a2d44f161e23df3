"""What the rules make of a place divided into columns: its floors, its height, and what a row loses. By solving it."""

from __future__ import annotations

from fractions import Fraction
from typing import NamedTuple

from vasculum.core.lengths import Mm, Unit
from vasculum.plan.document.patching import patched
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key, solve_plan
from vasculum.proposing.asked import Asked, made_in
from vasculum.proposing.layouts import LEFT, SHARE, Slot, divided
from vasculum.proposing.shares import Carried

TRIED: dict[Unit, str] = {"in": "2 in", "mm": "50 mm"}
"""How high the things are in the rows that are tried: whole in any increment of the plan."""


class Reach(NamedTuple):
    """Where things are at hand, above the lower edge of the place, mm: from the knee to the shoulder."""

    low: Mm
    high: Mm


class Probe(NamedTuple):
    """One number of columns, mm."""

    columns: int
    width: Mm
    depth: Mm
    """Of the floor in each drawer."""
    height: Mm
    """Of a column, for all of its rows together."""
    loss: Mm
    """What a row is higher than the things in it: headroom, bottom, play, and what its front takes."""
    headroom: Mm
    """The part of it that is wished, not needed."""
    finger_room: Mm
    increment: Mm
    carries: Carried | None
    """What its runners carry well beside the drawer; none where their rating is not known."""
    reach: Reach | None
    """None where nobody said how high the space stands."""
    begins: Mm
    """The lower edge of the place above the floor of its space."""


def probed(asked: Asked, columns: int) -> Probe | None:
    """Divide a place into so many columns of three rows and read what comes out; none where it does not solve."""
    plan = asked.plan
    tall = TRIED[plan.units.length]
    wants = {"by": "contents", "length": tall}
    rows = (Slot("a", wants), Slot("b", wants), Slot("c", LEFT))
    tried = solve_plan(patched(plan, divided(asked, [rows] * columns)))
    cells = made_in(asked, tried.plan)[: len(rows)]
    width, depth = (tried.solved.value(cells[0], name) for name in ("inside_width", "inside_depth"))
    heights = [tried.solved.value(cell, "cell_height") for cell in cells]
    whole = solve_plan(patched(plan, divided(asked, [[Slot("a", SHARE)]] * columns)))
    cell = made_in(asked, whole.plan)[0]
    height = whole.solved.value(cell, "cell_height")
    if None in (width, depth, height, *heights):
        return None
    headroom, finger_room, increment = (
        tried.solved.value(PLAN, name) for name in ("headroom", "finger_room", "increment")
    )
    between = (height - sum(heights)) / (len(rows) - 1)
    loss = max(heights[:-1]) - plan.length(tall) + between
    low, high = ((_carries(tried, cell), tried.solved.value(cell, "inside_height")) for cell in (cells[0], cells[-1]))
    return Probe(
        columns, width, depth, height + between, loss, headroom, finger_room, increment,
        carried_by(low, high), _reach(whole, cell), whole.solved.value(cell, "cell_from_floor") or Mm(0),
    )  # fmt: skip


def carried_by(low: tuple[Fraction | None, Mm], high: tuple[Fraction | None, Mm]) -> Carried | None:
    """What is carried beside a low and a high drawer, kilograms with the height of each, mm, on one straight line."""
    (less, at), (more, far) = low, high
    if less is None or more is None or far <= at:
        return None
    per_mm = max(Fraction(0), (less - more) / (far - at)).limit_denominator(10**6)
    return Carried((less + per_mm * at).limit_denominator(10**6), per_mm)


def _carries(plan: SolvedPlan, cell: str) -> Fraction | None:
    """What is left of the rating once the drawer itself is carried, within the share of it that is not warned of."""
    of_rating = "most_runner_load_moving" if "rated_in_vehicle" in plan.laid.places[cell].kinds else "most_runner_load"
    rating, share, empty = (
        plan.solved.value(*nearest_key(plan, cell, name)) for name in ("runner_rating", of_rating, "carried_weight")
    )
    if rating is None or share is None or empty is None:
        return None
    left: Fraction = rating * share - Fraction(empty)
    return left


def _reach(plan: SolvedPlan, cell: str) -> Reach | None:
    """Knee and shoulder, counted from where the place begins."""
    names = ("space_above_floor", "reach_low", "reach_high")
    above, low, high = (plan.solved.value(*nearest_key(plan, cell, name)) for name in names)
    begins = plan.solved.value(cell, "cell_from_floor")
    if above is None or begins is None:
        return None
    return Reach(low - above - begins, high - above - begins)
