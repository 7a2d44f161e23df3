"""What is asked: which place is divided anew, and for which things. What stands and lives beside it stays."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.errors import NoSuchQuantity
from vasculum.plan.document import Plan, Thing
from vasculum.plan.edits.layout import below
from vasculum.plan.laying.layout import cells_of


class Asked(NamedTuple):
    """A plan, the place in it that is divided anew, its space, and the things that are to live there."""

    plan: Plan
    space: str
    root: str
    things: dict[str, Thing]


def asked(plan: Plan, space: str, place: str | None = None) -> Asked:
    """For a whole space, or for one place of it: everything that does not live in a cell that stays.

    Raises:
        NoSuchQuantity: ``no-such-space``; ``no-such-place`` where it is not in that space.
    """
    if space not in plan.spaces:
        raise NoSuchQuantity("no-such-space", f"There is no space {space!r} in this plan.")
    root = place or plan.spaces[space].holds
    if root not in below(plan, plan.spaces[space].holds):
        raise NoSuchQuantity("no-such-place", f"There is no place {root!r} in this space.")
    going = set(below(plan, root))
    things = {id_: one for id_, one in plan.things.items() if one.lives_in is None or one.lives_in in going}
    return Asked(plan, space, root, things)


def made_in(asked: Asked, after: Plan) -> list[str]:
    """The cells that a plan has where the place was divided anew, in order."""
    return [cell.id for cell in cells_of(after, asked.space) if cell.id not in asked.plan.places]
