"""Every act that a person may do to a plan, and one of them worked out."""

from __future__ import annotations

import re
from typing import Annotated

from pydantic import Field

from vasculum.plan.document import Plan
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.blanks import CutApart, CutSpare, CutTogether
from vasculum.plan.edits.by_hand import LayAnew, LayThing
from vasculum.plan.edits.choosing import AsInThePlan, Carry, Choose, Have, LieOn
from vasculum.plan.edits.dragging import Drag, Push
from vasculum.plan.edits.existing import NoteExisting, TakeExistingOut
from vasculum.plan.edits.fields import Change, Enter
from vasculum.plan.edits.former import AddFormer, TakeFormerOut
from vasculum.plan.edits.in_the_way import LastPointOut, Obstruct, Outline, PointField, Straighten, TakeAway
from vasculum.plan.edits.laying_out import KeepLayout, LayOutAnew, MovePart, RackOffcuts, SawSheet, SettingsDone
from vasculum.plan.edits.layout import Copy, Graduate, Hold, SizeAll, SizeBy, SizeTo, Split, TakeOut
from vasculum.plan.edits.measuring import CutAs, Measure
from vasculum.plan.edits.offcuts import AddBadPlace, AddOffcut, AddPanelSize, TakeOffcutOut
from vasculum.plan.edits.own_parts import AddOwn, TakeOwnOut
from vasculum.plan.edits.scribing import AddScribe, AddStation, TakeScribeAway
from vasculum.plan.edits.spaces import AddSpace, CopySpace, Mirror, TakeSpaceOut
from vasculum.plan.edits.stocking import AddStock, MeasureRunner, NameStock, TakeStockOut
from vasculum.plan.edits.things import AddThing, PutThing, TakeThingOut, TickThing
from vasculum.plan.edits.typing_over import TypeOver
from vasculum.plan.laying.solving import SolvedPlan

Verb = Annotated[
    Change | Enter | Choose | Carry | AsInThePlan | LieOn | Have
    | Split | Copy | TakeOut | Hold | SizeTo | SizeBy | SizeAll | Graduate | Drag
    | AddSpace | CopySpace | TakeSpaceOut | Mirror | Measure | CutAs
    | Obstruct | TakeAway | Outline | PointField | LastPointOut | Straighten | Push
    | NoteExisting | TakeExistingOut | AddOwn | TakeOwnOut
    | AddThing | PutThing | TickThing | LayThing | LayAnew | TakeThingOut
    | AddFormer | TakeFormerOut
    | AddScribe | TakeScribeAway | AddStation
    | AddStock | NameStock | TakeStockOut | MeasureRunner | TypeOver
    | CutSpare | CutTogether | CutApart | AddOffcut | AddBadPlace | TakeOffcutOut | RackOffcuts | AddPanelSize
    | KeepLayout | LayOutAnew | SawSheet | MovePart | SettingsDone,
    Field(discriminator="do"),
]  # fmt: skip
"""One act, told apart by ``do``."""


_MEASURED = re.compile(
    r"/(readings|obstructions|scribes|existing|as_built)/.+|/reading_order/.+|/next_id|/library/(sheets|boards)/[^/]+/measured"
    r"|/library/runners/.+"
)
"""What somebody who only measures puts into a plan, by JSON pointer."""


def only_measures(now: SolvedPlan, verb: Verb) -> bool:
    """Whether an act puts down what was measured, cut, or where a thing is, and neither takes out nor chooses."""
    if isinstance(verb, SettingsDone | PutThing | TickThing | LayThing):
        return True
    steps = list(verb.steps(now))
    return all(step.op in ("add", "replace", "test") and _MEASURED.fullmatch(step.path) for step in steps)


def acted(now: SolvedPlan, verb: Verb) -> Plan:
    """The plan after an act.

    Raises:
        VasculumError: whatever the act or the plan refuses; a plan is whole or not at all.
    """
    return patched(now.plan, verb.steps(now))
