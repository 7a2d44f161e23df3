"""Undo, redo, and what happened to a plan; why a size is what it is."""

from __future__ import annotations

from flask import request

from vasculum.core.flow import read_key
from vasculum.plan.telling.why import tell
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import Base, ChangeAnswer, HistoryAnswer, HistoryLine, WhyAnswer

endpoints = Endpoints("history")
route = endpoints.route


@route("POST", "/plans/<plan_id>/undo", ChangeAnswer, Base, refuses=(404, 409), is_sparse=True)
def undo(plan_id: str, body: Base) -> ChangeAnswer:
    """Go one step back, as a new revision."""
    return desk().step(plan_id, body.base, "undo")


@route("POST", "/plans/<plan_id>/redo", ChangeAnswer, Base, refuses=(404, 409), is_sparse=True)
def redo(plan_id: str, body: Base) -> ChangeAnswer:
    """Take one undo back, as a new revision."""
    return desk().step(plan_id, body.base, "redo")


@route("GET", "/plans/<plan_id>/history", HistoryAnswer, refuses=(404,))
def history(plan_id: str) -> HistoryAnswer:
    """The revisions of a plan, newest first."""
    return HistoryAnswer(
        entries=[
            HistoryLine(number=e.number, kind=e.kind, label=e.label, made_at=e.made.isoformat())
            for e in desk().plans.history(plan_id)
        ]
    )


@route("GET", "/plans/<plan_id>/why", WhyAnswer, refuses=(404,), query=("key",))
def why(plan_id: str) -> WhyAnswer:
    """The chain of reasons behind one size, back to the tape."""
    solved = desk().solved(desk().plans.get(plan_id))
    return WhyAnswer(chain=tell(solved, read_key(request.args.get("key", ""))))
