"""Proposals for a space: begun, looked at while they get better, stopped."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from vasculum.core.errors import PlanRefused
from vasculum.plan.document import Model
from vasculum.plan.document.reading import write_plan
from vasculum.proposing.asked import asked
from vasculum.proposing.proposals import at_once
from vasculum.proposing.told import Proposals
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.jobs import Job, State, jobs, known_job

endpoints = Endpoints("proposals")
route = endpoints.route
MODULE = "vasculum.proposing"


class ProposalsWanted(Model):
    """The space that is to be divided anew, or one place of it; what stands beside it stays."""

    space: Annotated[str, Field(max_length=60)]
    place: Annotated[str | None, Field(max_length=60)] = None


class ProposalsAnswer(Model):
    """Where the work stands, and what it has so far."""

    job: str
    base: int
    """The revision of the plan that they are for."""
    state: State
    found: Proposals


@route("POST", "/plans/<plan_id>/proposals", ProposalsAnswer, ProposalsWanted, refuses=(404,))
def begin_proposals(plan_id: str, body: ProposalsWanted) -> ProposalsAnswer:
    """Begin to look for ways to divide a space for the things of the plan; the first is there at once.

    Nothing is changed.
    """
    head = desk().plans.get(plan_id)
    wanted = asked(head.plan, body.space, body.place)
    if not wanted.things:
        raise PlanRefused("nothing-goes-in", "Nothing is on the list yet.", "List what goes in first.")
    told, first = write_plan(head.plan).encode(), at_once(wanted).model_dump_json()
    arguments = (wanted.space, wanted.root)
    job = jobs().start(f"{plan_id}/{body.space}", head.number, MODULE, arguments, told, first)
    return _answer(job)


@route("GET", "/plans/<plan_id>/proposals/<job>", ProposalsAnswer, refuses=(404,))
def proposals_so_far(plan_id: str, job: str) -> ProposalsAnswer:
    """What was found so far."""
    return _answer(known_job(plan_id, job, MODULE))


@route("DELETE", "/plans/<plan_id>/proposals/<job>", ProposalsAnswer, refuses=(404,))
def stop_proposals(plan_id: str, job: str) -> ProposalsAnswer:
    """Stop looking; what was found stays."""
    known = known_job(plan_id, job, MODULE)
    known.stop()
    return _answer(known)


def _answer(job: Job) -> ProposalsAnswer:
    state = job.state  # asked first: what was told before it ended is there by then
    return ProposalsAnswer(job=job.id, base=job.base, state=state, found=Proposals.model_validate_json(job.latest))
