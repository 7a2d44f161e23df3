"""What the rules make of a space divided into columns: its floors, its height, and what a row loses. By solving it."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.lengths import Mm, Unit
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.laying.layout import cells_of
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import solve_plan
from vasculum.proposing.layouts import LEFT, SHARE, Slot, divided

TRIED: dict[Unit, str] = {"in": "2 in", "mm": "50 mm"}
"""How high the things are in the rows that are tried: whole in any increment of the plan."""


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


def probed(plan: Plan, space: str, columns: int) -> Probe | None:
    """Divide a space into so many columns of three rows and read what comes out; none where it does not solve."""
    tall = TRIED[plan.units.length]
    wants = {"by": "contents", "length": tall}
    rows = (Slot("a", wants), Slot("b", wants), Slot("c", LEFT))
    tried = solve_plan(patched(plan, divided(plan, space, [rows] * columns)))
    cells = cells_of(tried.plan, space)[: len(rows)]
    width, depth = (tried.solved.value(cells[0].id, name) for name in ("inside_width", "inside_depth"))
    heights = [tried.solved.value(cell.id, "cell_height") for cell in cells]
    whole = solve_plan(patched(plan, divided(plan, space, [[Slot("a", SHARE)]] * columns)))
    height = whole.solved.value(cells_of(whole.plan, space)[0].id, "cell_height")
    if None in (width, depth, height, *heights):
        return None
    wished = (tried.solved.value(PLAN, name) for name in ("headroom", "finger_room", "increment"))
    between = (height - sum(heights)) / (len(rows) - 1)
    loss = max(heights[:-1]) - plan.length(tall) + between
    return Probe(columns, width, depth, height + between, loss, *wished)
