"""Lists of things: read from a table, and found again, whichever plan they are in."""

from __future__ import annotations

from flask import request

from vasculum.core.errors import PlanRefused
from vasculum.export.files import WORKBOOK
from vasculum.plan.document import Model
from vasculum.plan.edits.things_csv import COLUMNS, read_things, things_headings, things_taken_in
from vasculum.plan.edits.workbook import table_of
from vasculum.plan.telling.contents import ThingFound, things_found
from vasculum.web.desk import desk
from vasculum.web.endpoints import BodyRefused, Endpoints
from vasculum.web.messages import PastedThings, TableAnswer, ThingsAnswer

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


@route("POST", "/plans/<plan_id>/things", ThingsAnswer, PastedThings, refuses=(404,))
def read_pasted_things(plan_id: str, body: PastedThings) -> ThingsAnswer:
    """Read a table of things that go in, row by row; what to do with it is for the person to decide."""
    plan = desk().plans.get(plan_id).plan
    answer = ThingsAnswer(
        headings=things_headings(body.text, body.said), columns=list(COLUMNS), problem="", rows=[], patch=[]
    )
    try:
        rows = read_things(plan, body.text, body.said, body.unit)
    except PlanRefused as refused:
        if refused.code != "no-table":
            raise
        return answer.model_copy(update={"problem": f"{refused.message} Say which of its columns that is."})
    return answer.model_copy(update={"rows": rows, "patch": things_taken_in(plan, rows)})


@route("POST", "/workbook", TableAnswer, refuses=(413, 415))
def read_workbook() -> TableAnswer:
    """The first sheet of a workbook, as a table that can be pasted; nothing is kept."""
    if request.mimetype != WORKBOOK:
        raise BodyRefused("not-a-workbook", "The body does not say that it is a workbook.", f"Send {WORKBOOK}.", 415)
    return TableAnswer(text=table_of(request.get_data()))
