"""How far each stage of a plan is: empty, in hand, settled, or needing attention."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Literal

from vasculum.plan.document import Model, Plan

State = Literal["empty", "in hand", "settled", "needs attention"]


class Stages(Model):
    """The stages that there are, in the order of the work."""

    measure: State
    fill: State
    make: State
    cut: State


def stages_of(plan: Plan, findings: Iterable[tuple[str, str]], is_assumed: bool, is_ready: bool) -> Stages:
    """The state of each stage.

    Args:
        findings: place and severity of each finding.
        is_assumed: something is still assumed.
        is_ready: every part has all its sizes.
    """
    spaces_and_surveys = {*plan.spaces, *plan.surveys}
    grave = [(place, severity) for place, severity in findings if severity in ("stop", "attention")]
    is_doubted = any(place in spaces_and_surveys and severity == "note" for place, severity in findings)
    has_grave_survey = any(place in spaces_and_surveys for place, _ in grave)
    if not plan.readings:
        measure: State = "empty"
    else:
        measure = "needs attention" if has_grave_survey else "in hand" if is_doubted else "settled"
    splits = {id_ for id_, place in plan.places.items() if place.children}
    is_over = any(place in splits for place, _ in grave)
    fill: State = "empty" if not plan.readings else "needs attention" if is_over else "settled"
    if any(place in plan.places and place not in splits for place, _ in grave):
        make: State = "needs attention"
    else:
        make = "empty" if not is_ready else "in hand" if is_assumed else "settled"
    cut: State = "empty" if not is_ready else "needs attention" if grave else "in hand" if is_assumed else "settled"
    return Stages(measure=measure, fill=fill, make=make, cut=cut)
