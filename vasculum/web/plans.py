"""Plans: list, make, import, copy, delete, change, preview."""

from __future__ import annotations

from vasculum.core.errors import PlanMovedOn
from vasculum.demo import DEMO_PLANS
from vasculum.plan.document import Plan
from vasculum.plan.patching import marked, patched
from vasculum.plan.reading import read_plan
from vasculum.plan.starting import new_plan
from vasculum.store.plans import Listed
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints, need_json
from vasculum.web.messages import (
    ChangeAnswer,
    Edit,
    ListedPlan,
    NewPlan,
    Nothing,
    PlanAnswer,
    PlanList,
    PreviewAnswer,
)

endpoints = Endpoints("plans")
route = endpoints.route


@route("GET", "/plans", PlanList)
def list_plans() -> PlanList:
    """The plans, last changed first, and those that can be put back."""
    keeper = desk().plans
    return PlanList(
        plans=[_listed(p) for p in keeper.listed()], deleted=[_listed(p) for p in keeper.listed(deleted=True)]
    )


def _listed(plan: Listed) -> ListedPlan:
    return ListedPlan(
        id=plan.id,
        name=plan.name,
        revision=plan.revision,
        changed_at=plan.changed.isoformat(),
        is_demo=plan.id in DEMO_PLANS,
    )


def _made(body: NewPlan) -> Plan:
    return new_plan(body.name, body.kind, body.unit, body.width, body.height, body.depth)


@route("POST", "/plans", PlanAnswer, NewPlan, status=201)
def make_plan(body: NewPlan) -> PlanAnswer:
    """Keep a new plan."""
    plan = marked(_made(body)).plan
    return desk().whole(desk().plans.make(plan, "Measured anew"))


@route("POST", "/plans/preview", PreviewAnswer, NewPlan)
def preview_new_plan(body: NewPlan) -> PreviewAnswer:
    """What a new plan would be; nothing is kept."""
    return desk().preview(None, _made(body))


@route("POST", "/plans/import", PlanAnswer, status=201, refuses=(413, 415, 422))
def import_plan() -> PlanAnswer:
    """Keep a plan file, whole, or refuse it with every fault and its place."""
    plan = marked(read_plan(need_json())).plan
    return desk().whole(desk().plans.make(plan, "Imported"))


@route("GET", "/plans/<plan_id>", PlanAnswer, refuses=(404,))
def get_plan(plan_id: str) -> PlanAnswer:
    """A plan as it is now, whole."""
    return desk().whole(desk().plans.get(plan_id))


@route("POST", "/plans/<plan_id>/copy", PlanAnswer, Nothing, status=201, refuses=(404,))
def copy_plan(plan_id: str, body: Nothing) -> PlanAnswer:
    """Keep a copy under a name of its own."""
    plan = desk().plans.get(plan_id).plan
    name = f"Copy of {plan.name}"[:120]
    return desk().whole(desk().plans.make(plan.model_copy(update={"name": name}), f"Copied from {plan.name}"))


@route("DELETE", "/plans/<plan_id>", status=204, refuses=(404,))
def delete_plan(plan_id: str) -> None:
    """Put a plan out of sight; it can be put back."""
    desk().plans.delete(plan_id)


@route("POST", "/plans/<plan_id>/restore", PlanAnswer, Nothing, refuses=(404,))
def restore_plan(plan_id: str, body: Nothing) -> PlanAnswer:
    """Put a deleted plan back."""
    return desk().whole(desk().plans.restore(plan_id))


@route("POST", "/plans/<plan_id>/edits", ChangeAnswer, Edit, refuses=(404, 409))
def edit_plan(plan_id: str, body: Edit) -> ChangeAnswer:
    """Apply one JSON Patch to the plan as the caller last saw it; answer with the new revision and what changed."""
    before = desk().solved(desk().plans.get(plan_id))

    def change(plan: Plan) -> Plan:
        return marked(patched(plan, body.patch), before).plan

    revision = desk().plans.apply(plan_id, body.base, change, body.label, body.field)
    return desk().change(before, revision)


@route("POST", "/plans/<plan_id>/preview", PreviewAnswer, Edit, refuses=(404, 409))
def preview_edit(plan_id: str, body: Edit) -> PreviewAnswer:
    """What a change would do to the plan as the caller last saw it; nothing is kept."""
    plan = desk().plans.at(plan_id, body.base)
    if plan is None:
        raise PlanMovedOn(body.base, desk().plans.get(plan_id).number)
    before = desk().solved_at(plan_id, body.base, plan)
    return desk().preview(before, patched(plan, body.patch))
