"""Change a plan by a JSON Patch (RFC 6902): whole, or not at all."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Annotated, Any, Literal

import jsonpatch
import jsonpointer
from pydantic import Field, JsonValue

from vasculum.core.errors import PlanRefused
from vasculum.plan.document import Model, Plan
from vasculum.plan.document.reading import Fault, FaultyPlan, plan_from

KEPT_BY_US = ("/marks", "/marks_given", "/format", "/version")


class PatchStep(Model):
    """One operation of a JSON Patch."""

    op: Literal["add", "remove", "replace", "test"]
    path: Annotated[str, Field(max_length=400)]
    value: JsonValue = None


Patch = Annotated[list[PatchStep], Field(min_length=1, max_length=500)]


def patched(plan: Plan, patch: Iterable[PatchStep]) -> Plan:
    """The plan with the patch applied.

    Raises:
        PlanRefused: ``patch-does-not-fit`` when a path leads nowhere; ``patch-reaches-too-far`` when it touches marks
            or the format.
        FaultyPlan: when what comes out is no plan; ``id-used-before`` when it would take an old id again.
    """
    steps = list(patch)
    for at, step in enumerate(steps):
        if any(step.path == kept or step.path.startswith(kept + "/") for kept in KEPT_BY_US) or not step.path:
            raise PlanRefused(
                "patch-reaches-too-far", f"{step.path or 'The whole plan'} is not changed by hand.", "", f"/{at}"
            )
    document = plan.model_dump(mode="json")
    try:
        changed: Any = jsonpatch.JsonPatch([_as_operation(s) for s in steps]).apply(document, in_place=True)
    except (jsonpatch.JsonPatchException, jsonpointer.JsonPointerException) as refused:
        raise PlanRefused(
            "patch-does-not-fit", f"The change does not fit this plan: {refused}.", "Load the plan again."
        ) from refused
    after = plan_from(changed)
    if faults := _reused_ids(plan, after):
        raise FaultyPlan("id-used-before", faults, "Take the number that next_id gives, and raise it.")
    return after


def _as_operation(step: PatchStep) -> dict[str, Any]:
    operation: dict[str, Any] = {"op": step.op, "path": step.path}
    return operation if step.op == "remove" else operation | {"value": step.value}


def _ids(plan: Plan) -> set[str]:
    return {id_ for things in plan.collections().values() for id_ in things}


def _reused_ids(before: Plan, after: Plan) -> list[Fault]:
    faults = [
        Fault(f"/{id_}", f"{id_!r} is new, but its number was given before; the next is {before.next_id}.")
        for id_ in sorted(_ids(after) - _ids(before))
        if int(id_.rpartition("-")[2]) < before.next_id
    ]
    if after.next_id < before.next_id:
        faults.append(Fault("/next_id", f"next_id went from {before.next_id} back to {after.next_id}."))
    return faults
