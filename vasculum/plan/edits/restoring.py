"""Bring an earlier state of a plan back without giving a number or a mark a second time."""

from __future__ import annotations

from vasculum.plan.document import Plan


def brought_back(then: Plan, now: Plan) -> Plan:
    """The plan as it was, with every number and mark that has been given since still taken."""
    return then.model_copy(
        update={
            "next_id": max(then.next_id, now.next_id),
            "marks": {**now.marks, **then.marks},
            "marks_given": max(then.marks_given, now.marks_given),
        }
    )
