"""Bodies that come in and go out. The OpenAPI document and the front end's types come from these."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, JsonValue

from vasculum.core.errors import LengthRefused, VasculumError
from vasculum.core.flow import MeasureUnit
from vasculum.core.lengths import Unit, read_length
from vasculum.drawing.alternatives import Picture
from vasculum.drawing.shown import SheetDelta, SheetShown, View
from vasculum.plan.document import Dimension, Model, Name, Plan, Setting, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.document.settings import SettingShown
from vasculum.plan.document.starting import Carcass
from vasculum.plan.document.stations import StationGroup
from vasculum.plan.edits.fixing import Fix
from vasculum.plan.edits.headings import HeadingRead, UnitOfTable
from vasculum.plan.edits.library_file import LibraryRow
from vasculum.plan.edits.readings_csv import ReadRow
from vasculum.plan.edits.runners_csv import RunnerRow
from vasculum.plan.edits.stocking import StockRow
from vasculum.plan.edits.things_csv import ThingRow
from vasculum.plan.edits.verbs import Verb
from vasculum.plan.telling.comparing import Compared
from vasculum.plan.telling.marking_out import BoardMarked
from vasculum.plan.telling.outcome import Moved, OnScreen, OutcomeDelta
from vasculum.plan.telling.set_ups import SetUpShown
from vasculum.plan.telling.sheets import RowShown
from vasculum.plan.telling.solution import Problem, Shown, Solution, length_shown
from vasculum.plan.telling.weighing import Weighed
from vasculum.plan.telling.why import ReasonShown

LengthTyped = Annotated[str, Field(max_length=140)]
RevisionNumber = Annotated[int, Field(ge=1, le=2**31 - 1)]


class Nothing(Model):
    """An empty body."""


class NewPlan(Model):
    """A new plan: what kind of opening, and up to three numbers as typed."""

    name: Name
    what: Setting = "cabinet"
    kind: Literal["framed", "frameless"]
    carcass: Carcass | None = None
    """What the three numbers are: of what exists, the space of a case, its outside, or its clear inside."""
    unit: Unit
    width: LengthTyped | None = None
    height: LengthTyped | None = None
    depth: LengthTyped | None = None
    reading: Literal["width", "height", "depth"] | None = None
    """Of a preview: which of them is being typed, and is answered as it was read."""


class Base(Model):
    """The revision that the caller last saw."""

    base: RevisionNumber


class Looking(Base):
    """What the caller last saw, and the sheet in view.

    An answer that is kept draws it beside the elevations, a preview alone.
    """

    view: View | None = as_usual(None)


class Edit(Looking):
    """One act on the plan as the caller last saw it."""

    act: Verb
    label: Annotated[str, Field(max_length=200)] = as_usual("")
    """What a person would call it, for the history; what was typed is added as it is kept."""
    field: Annotated[str, Field(max_length=400)] = as_usual("")
    """What is edited: consecutive edits of one field are one undo step."""


class Preview(Edit):
    """An act to be tried."""

    shows: OnScreen | None = as_usual(None)
    """What the caller has on its screen, and is told of; everything where it does not say."""


class PastedReadings(Model):
    """A table of readings for one space, as pasted."""

    space: Annotated[str, Field(max_length=60)]
    text: Annotated[str, Field(max_length=200_000)]


class ReadingsAnswer(Model):
    """Every row as it was read, and the change that takes the good ones in; nothing is kept."""

    rows: list[ReadRow]
    patch: list[PatchStep]


class PastedThings(Model):
    """A table of things that go in, as pasted; which column is which, and the unit of bare lengths."""

    text: Annotated[str, Field(max_length=1_000_000)]
    said: Annotated[dict[str, str], Field(max_length=60, default_factory=dict)]
    unit: UnitOfTable = "as the plan"


class ThingsAnswer(Model):
    """Every row as it was read, and the change that takes the good ones in; nothing is kept."""

    headings: list[HeadingRead]
    columns: list[str]
    """Those that there are."""
    problem: str
    """Why no row could be read: a column that nobody named; empty where they could."""
    rows: list[ThingRow]
    patch: list[PatchStep]


class TableAnswer(Model):
    """A workbook's first sheet, as text that can be pasted."""

    text: str


class PastedRunners(Model):
    """A table of runners, as pasted."""

    text: Annotated[str, Field(max_length=200_000)]


class RunnersAnswer(Model):
    """Every row as it was read, and the change that takes the good ones in; nothing is kept."""

    rows: list[RunnerRow]
    patch: list[PatchStep]


class LibraryText(Model):
    """A library file, as text."""

    text: Annotated[str, Field(max_length=500_000)]


class LibraryAnswer(Model):
    """Every row of a library file, and the change that takes the good ones in; nothing is kept."""

    rows: list[LibraryRow]
    patch: list[PatchStep]


class Typed(Model):
    """A length as a person types it; a bare number takes ``unit``."""

    text: Annotated[str, Field(max_length=400)]
    unit: Unit
    increment: Annotated[str, Field(max_length=140)] | None = None
    """Where given, the length is also answered at the nearest multiple of it."""


class LengthRead(Model):
    """A typed length: the text to keep, and both readings."""

    kept: str
    value: Shown


class TypedRead(Model):
    """How a typed length was read, or why it could not be: half a text is no mistake, so a refusal is an answer too."""

    read: LengthRead | None
    refused: Problem | None

    @classmethod
    def of(cls, text: str, unit: Unit) -> TypedRead:
        """What is said of a text while it is typed."""
        try:
            length = read_length(text, unit)
        except LengthRefused as refused:
            return cls(read=None, refused=problem_of(refused))
        return cls(read=LengthRead(kept=length.kept, value=length_shown(length.mm, unit)), refused=None)


class LengthAnswer(TypedRead):
    """A typed length as read, and at the nearest increment where one is asked for."""

    snapped: Shown | None


def problem_of(refused: VasculumError) -> Problem:
    """A refusal as an answer."""
    return Problem(code=refused.code, message=refused.message, fix=refused.fix)


class Printed(Model):
    """The revision that was printed."""

    revision: RevisionNumber


class TextLacking(Model):
    """A text of the plan, and the signs in it that no font for paper has."""

    text: str
    signs: str


class UnprintableAnswer(Model):
    """Every text that cannot be printed as it is; each sign comes out as a box."""

    texts: list[TextLacking]


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


class PlanAnswer(AtRevision):
    """A plan, whole: document, solution and drawings."""

    document: Plan
    solution: Solution
    drawings: list[SheetShown]


class ChangeAnswer(AtRevision):
    """What a change did to what the caller held: a JSON Patch of the document, and what became otherwise."""

    patch: list[dict[str, JsonValue]]
    outcome: OutcomeDelta
    drawings: list[SheetDelta]


class PreviewAnswer(Model):
    """What a change would do to the revision that the caller holds; nothing is kept."""

    typed: TypedRead | None = as_usual(None)
    """How the length was read, where the act has one that was typed; one that cannot be read changes nothing."""
    outcome: OutcomeDelta
    drawings: list[SheetDelta]


class WeighedShown(Weighed):
    """One alternative, and its picture drawn from the numbers it would have here."""

    picture: Picture | None


class WeighedAnswer(Model):
    """Every alternative of a family with what it would take and bring; nothing is kept."""

    alternatives: list[WeighedShown]


class FixesAnswer(Model):
    """Fixes by one press of one finding, the smallest change first."""

    fixes: list[Fix]


class MarkingAnswer(Model):
    """The lines to mark on each board, from its datum."""

    boards: list[BoardMarked]
    drilled: list[str]
    """How deep dowel holes are, where the stop of the drill stands, and how the jig is packed."""


class SheetsAnswer(Model):
    """Every row of stock that something is cut from, laid out."""

    rows: list[RowShown]
    set_ups: list[SetUpShown]
    """How parts are worked beside their outline: grooves, dados, rabbets, each setting with all its parts."""


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


class Version(Model):
    """One of two plans that are compared."""

    id: str
    name: str
    revision: int
    elevations: list[SheetShown]


class Comparison(Model):
    """Two plans side by side, in the unit of the first."""

    left: Version
    right: Version
    lines: list[Compared]


class TapeAsked(Model):
    """What the tape is held along."""

    of: Dimension


class TapeAnswer(Model):
    """What the tape said, as a plan keeps it."""

    value: str
    plus_minus: str
    device: str


class NetworkSwitch(Model):
    """Open the second door, or close it."""

    is_on: bool
    is_private: bool = as_usual(False)
    """Encrypted, with a certificate made on this machine."""


class PhoneShown(Model):
    """A phone that is paired."""

    id: str
    name: str
    address: str
    seen: int
    """Seconds since it was last heard of."""


class ShutOut(Model):
    """Who typed too many wrong codes, and for how long nothing is heard of it."""

    address: str
    seconds: int


class NetworkState(Model):
    """The second door: what a phone opens and types, who is paired, who is shut out. A guest is told little of it."""

    is_on: bool
    is_guest: bool
    is_private: bool
    """Whether nobody else in the network can read what goes through it."""
    fingerprint: str
    """Of the certificate, to be compared on both screens."""
    url: str
    code: str
    code_for: int
    """Seconds that the code still pairs."""
    phones: list[PhoneShown]
    shut_out: list[ShutOut]


class Head(Model):
    """The newest revision of a plan."""

    revision: int


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
    like: str | None = as_usual(None)
    """Of a sheet: the part whose sheet stands in where none was chosen."""


class AlternativeShown(Model):
    """One kind of a family, such as a joint."""

    kind: str
    family: str
    value: str
    title: str
    about: str


class MattressShown(Model):
    """A mattress as sold."""

    id: str
    name: str
    width: str
    length: str
    source: str


class ToolShown(Model):
    """A tool that some way of building asks for."""

    id: str
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
    labels: dict[str, str]
    """What every quantity is called, by its name."""
    stations: list[StationGroup]
    settings: list[SettingShown]
    mattresses: list[MattressShown]
    tools: list[ToolShown]
    stock: list[StockRow]


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
