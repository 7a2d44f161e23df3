"""Bodies that come in and go out. The OpenAPI document and the front end's types come from these."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.flow import MeasureUnit
from vasculum.core.lengths import Unit
from vasculum.drawing.shown import SheetShown
from vasculum.plan.document import Model, Name, Plan
from vasculum.plan.patching import Patch
from vasculum.plan.solution import (
    Assumed,
    FindingShown,
    Hardware,
    Moved,
    PartShown,
    Problem,
    QuantityShown,
    Shown,
    Solution,
    TapeCheck,
)
from vasculum.plan.stages import Stages
from vasculum.plan.stations import StationGroup
from vasculum.plan.telling import ReasonShown

LengthTyped = Annotated[str, Field(max_length=140)]
RevisionNumber = Annotated[int, Field(ge=1, le=2**31 - 1)]


class Nothing(Model):
    """An empty body."""


class NewPlan(Model):
    """A new plan: what kind of opening, and up to three numbers as typed."""

    name: Name
    kind: Literal["framed", "frameless"]
    unit: Unit
    width: LengthTyped | None = None
    height: LengthTyped | None = None
    depth: LengthTyped | None = None


class Base(Model):
    """The revision that the caller last saw."""

    base: RevisionNumber


class Edit(Base):
    """One change: a JSON Patch against the revision last seen."""

    patch: Patch
    label: Annotated[str, Field(max_length=200)] = "Changed"
    """What a person would call it, for the history."""
    field: Annotated[str, Field(max_length=400)] = ""
    """What is edited: consecutive edits of one field are one undo step."""


class Typed(Model):
    """A length as a person types it; a bare number takes ``unit``."""

    text: Annotated[str, Field(max_length=400)]
    unit: Unit
    increment: Annotated[str, Field(max_length=140)] | None = None
    """Where given, the length is also answered at the nearest multiple of it."""


class LengthAnswer(Model):
    """A length as read: the text to keep in the plan, and both readings; or why it could not be read."""

    kept: str | None
    value: Shown | None
    snapped: Shown | None
    refused: Problem | None


class Printed(Model):
    """The revision that was printed."""

    revision: RevisionNumber


class PrintState(Model):
    """The revision last printed, and how many sizes have changed since; None where that state is no longer kept."""

    revision: int
    changed_since: int | None


class AtRevision(Model):
    """A plan at one revision, and what can be done from here."""

    id: str
    revision: int
    kept_at: str
    label: str
    can_undo: bool
    can_redo: bool
    printed: PrintState | None
    document: Plan
    drawings: list[SheetShown]


class PlanAnswer(AtRevision):
    """A plan, whole: document, solution and drawings."""

    solution: Solution


class ChangeAnswer(AtRevision):
    """What a change did: the new revision, only the quantities that changed, and what is made of them."""

    changed: dict[str, QuantityShown]
    gone: list[str]
    moved: list[Moved]
    parts: list[PartShown]
    hardware: list[Hardware]
    findings: list[FindingShown]
    tape_checks: list[TapeCheck]
    assumed: list[Assumed]
    stages: Stages


class PreviewAnswer(Model):
    """What a change would do; nothing is kept."""

    solution: Solution
    moved: list[Moved]
    drawings: list[SheetShown]


class ListedPlan(Model):
    """A plan in the list."""

    id: str
    name: str
    revision: int
    changed_at: str
    is_demo: bool


class PlanList(Model):
    """The plans, last changed first, and those that can be put back."""

    plans: list[ListedPlan]
    deleted: list[ListedPlan]


class WhyAnswer(Model):
    """The chain of reasons: the asked quantity first, then what it rests on."""

    chain: list[ReasonShown]


class HistoryAnswer(Model):
    """Revisions, newest first."""

    entries: list[HistoryLine]


class HistoryLine(Model):
    """One revision."""

    number: int
    kind: str
    label: str
    made_at: str


class ChoosableShown(Model):
    """Something that may be chosen, with the default of the newest edition in both systems."""

    name: str
    kind: str
    group: str
    title: str
    about: str
    is_thing: bool
    default_in: str | None
    default_mm: str | None
    source: str


class AlternativeShown(Model):
    """One kind of a family, such as a joint."""

    kind: str
    family: str
    value: str
    title: str
    about: str


class RuleShown(Model):
    """One rule's sentence."""

    name: str
    kind: str
    unit: MeasureUnit
    sentence: str
    source: str


class CatalogueAnswer(Model):
    """What can be chosen, and every rule's sentence, once."""

    version: str
    edition: str
    choosables: list[ChoosableShown]
    alternatives: list[AlternativeShown]
    rules: list[RuleShown]
    stations: list[StationGroup]


class FaultShown(Model):
    """One thing wrong, with its place."""

    where: str
    message: str


class ProblemAnswer(Model):
    """What was refused (RFC 9457), with what would help."""

    type: str
    title: str
    status: int
    code: str
    detail: str
    fix: str
    where: str = ""
    faults: list[FaultShown] = Field(default_factory=list)
    head: int | None = None
    """With ``plan-moved-on``: the newest revision."""
    moved: list[Moved] = Field(default_factory=list)
    """With ``plan-moved-on``: what changed since the revision last seen."""


HistoryAnswer.model_rebuild()
