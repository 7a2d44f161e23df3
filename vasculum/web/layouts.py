"""Better layouts of sheets: looked for while one looks at what there is, and stopped."""

from __future__ import annotations

from vasculum.plan.document import Model
from vasculum.plan.document.reading import write_plan
from vasculum.proposing.sheets import SECONDS, LayoutsFound, nothing_yet
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.jobs import Job, State, jobs, known_job

endpoints = Endpoints("layouts")
route = endpoints.route
MODULE = "vasculum.proposing.sheets"


class LayoutsAnswer(Model):
    """Where the search stands, and what it has so far."""

    job: str
    base: int
    """The revision of the plan that it is for."""
    state: State
    seconds: int
    """So long it looks at most."""
    found: LayoutsFound


@route("POST", "/plans/<plan_id>/layouts", LayoutsAnswer, refuses=(404,))
def begin_layouts(plan_id: str) -> LayoutsAnswer:
    """Begin to look for layouts with fewer sheets. Nothing is changed."""
    head = desk().plans.get(plan_id)
    told, first = write_plan(head.plan).encode(), nothing_yet().model_dump_json()
    return _answer(jobs().start(f"{plan_id}/sheets", head.number, MODULE, (str(SECONDS),), told, first))


@route("GET", "/plans/<plan_id>/layouts/<job>", LayoutsAnswer, refuses=(404,))
def layouts_so_far(plan_id: str, job: str) -> LayoutsAnswer:
    """What was found so far."""
    return _answer(known_job(plan_id, job, MODULE))


@route("DELETE", "/plans/<plan_id>/layouts/<job>", LayoutsAnswer, refuses=(404,))
def stop_layouts(plan_id: str, job: str) -> LayoutsAnswer:
    """Stop looking; what was found stays."""
    known = known_job(plan_id, job, MODULE)
    known.stop()
    return _answer(known)


def _answer(job: Job) -> LayoutsAnswer:
    state = job.state  # asked first: what was told before it ended is there by then
    found = LayoutsFound.model_validate_json(job.latest)
    return LayoutsAnswer(job=job.id, base=job.base, state=state, seconds=SECONDS, found=found)
