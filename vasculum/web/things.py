"""Things across plans: where something is kept, whichever plan it is in."""

from __future__ import annotations

from flask import request

from vasculum.plan.document import Model
from vasculum.plan.telling.contents import ThingFound, things_found
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints

endpoints = Endpoints("things")
route = endpoints.route

MOST_FOUND = 60
"""More than these are only counted: more words find fewer."""


class FoundIn(Model):
    """A thing that was found, and its plan."""

    plan: str
    plan_name: str
    thing: ThingFound


class FoundAnswer(Model):
    """What was found, the plan that is in hand first, then the plans as they were changed last."""

    found: list[FoundIn]
    more: int


@route("GET", "/things", FoundAnswer, query=("words", "first"))
def find_things() -> FoundAnswer:
    """Things of any plan by the words of their name, note, or what they belong with."""
    words, first = request.args.get("words", "")[:200], request.args.get("first", "")
    found = []
    if words.split():
        for listed in sorted(desk().plans.listed(), key=lambda one: one.id != first):
            plan = desk().plans.get(listed.id).plan
            found += [FoundIn(plan=listed.id, plan_name=plan.name, thing=one) for one in things_found(plan, words)]
    return FoundAnswer(found=found[:MOST_FOUND], more=max(0, len(found) - MOST_FOUND))
