"""Offcuts in the racks of other plans, that are of some stock of this one."""

from __future__ import annotations

from vasculum.plan.document import Model
from vasculum.plan.document.patching import Patch
from vasculum.plan.telling.racks import OffcutElsewhere, offcuts_elsewhere, taken_over
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints

endpoints = Endpoints("racks")
route = endpoints.route


class OffcutOf(Model):
    """An offcut of another plan, and how it gets here; there it is taken out by an edit of that plan."""

    plan: str
    plan_name: str
    revision: int
    """Of that plan, as it was read."""
    offcut: OffcutElsewhere
    patch: Patch
    """Puts it into the rack here."""


class RacksAnswer(Model):
    """The plans as they were changed last."""

    offcuts: list[OffcutOf]


@route("GET", "/plans/<plan_id>/racks", RacksAnswer, refuses=(404,))
def other_racks(plan_id: str) -> RacksAnswer:
    """What stands in the racks of other plans and is of the same stock as something here. Nothing is changed."""
    plan, found = desk().plans.get(plan_id).plan, []
    for listed in desk().plans.listed():
        if listed.id == plan_id:
            continue
        other = desk().plans.get(listed.id)
        for one in offcuts_elsewhere(plan, other.plan):
            patch = taken_over(plan, other.plan, one.offcut)
            found.append(
                OffcutOf(
                    plan=listed.id, plan_name=other.plan.name, revision=other.number, offcut=one, patch=patch
                )
            )  # fmt: skip
    return RacksAnswer(offcuts=found)
