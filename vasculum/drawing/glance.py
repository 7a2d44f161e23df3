"""A plan at a glance, for a list of plans: a small drawing, its size, its drawers, how far it is, what is wrong."""

from __future__ import annotations

from dataclasses import replace

from vasculum.core.lengths import show
from vasculum.drawing.opening import elevation
from vasculum.drawing.primitives import FOR_HANDS
from vasculum.drawing.shown import SheetShown, shown_sheet
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import Proof
from vasculum.plan.telling.solution import section_of
from vasculum.plan.telling.stages import Stages
from vasculum.plan.telling.words import NOT_YET

DRAWN = ("opening", "cells", "obstructions", "front", "box")
"""Layers that a small drawing has room for."""


class Glance(Model):
    """One plan of many."""

    size: str
    """Of its first space, in the plan's unit: width × height × depth."""
    spaces: int
    drawers: int
    stages: Stages
    stops: int
    attention: int
    worst: str
    """The gravest thing that was found, in words; empty where nothing speaks against cutting."""
    picture: SheetShown
    """Its first space from the front, without dimensions, names and readings."""


def glance_at(plan: SolvedPlan, proof: Proof) -> Glance:
    """What a list of plans shows of one."""
    space = plan.plan.space_order[0]
    sheet = elevation(plan, space)
    seen = [one for one in sheet.primitives if one.layer in DRAWN and one.role not in (*FOR_HANDS, "label")]
    findings = section_of(plan, "findings", proof)
    grave = [one for one in findings if one.severity in ("stop", "attention")]
    return Glance(
        size=_size(plan, space),
        spaces=len(plan.plan.space_order),
        drawers=len(boxes_of(plan.plan)),
        stages=section_of(plan, "stages", proof),
        stops=sum(one.severity == "stop" for one in grave),
        attention=sum(one.severity == "attention" for one in grave),
        worst=f"{grave[0].place_name}: {grave[0].message}" if grave else "",
        picture=shown_sheet(replace(sheet, primitives=seen)),
    )


def _size(plan: SolvedPlan, space: str) -> str:
    sizes = [plan.solved.value(space, name) for name in ("opening_width", "opening_height", "clear_depth")]
    unit = plan.plan.units.length
    said = [NOT_YET if size is None else show(size, unit) for size in sizes]
    return f"{' × '.join(said)} {unit}"
