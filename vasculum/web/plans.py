"""Plans: list, make, import, copy, delete, change, preview."""

from __future__ import annotations

from flask import request

from vasculum.core.errors import NoSuchQuantity, PlanMovedOn
from vasculum.demo import DEMO_PLANS
from vasculum.drawing.alternatives import picture_of
from vasculum.drawing.glance import Glance, glance_at
from vasculum.drawing.shown import SheetShown, drawings_of, sheet_of
from vasculum.plan.document import Plan
from vasculum.plan.document.reading import read_plan
from vasculum.plan.document.starting import new_plan
from vasculum.plan.edits import runners_csv
from vasculum.plan.edits.fixing import fixes_of
from vasculum.plan.edits.library_file import library_taken_in, read_library
from vasculum.plan.edits.readings_csv import read_readings, taken_in
from vasculum.plan.edits.verbs import acted, only_measures
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.comparing import compared
from vasculum.plan.telling.marking_out import drilled, marked_out
from vasculum.plan.telling.outcome import OutcomeDelta
from vasculum.plan.telling.set_ups import set_ups_shown
from vasculum.plan.telling.sheets import rows_shown
from vasculum.plan.telling.solution import solution_of
from vasculum.plan.telling.weighing import WEIGHED, weighed_plans
from vasculum.solid.proof import prove
from vasculum.solid.shown import PlanInSpace, in_space
from vasculum.store.plans import Listed
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints, need_json
from vasculum.web.messages import (
    ChangeAnswer,
    Comparison,
    Edit,
    FixesAnswer,
    Head,
    LibraryAnswer,
    LibraryText,
    ListedPlan,
    MarkingAnswer,
    NewPlan,
    Nothing,
    PastedReadings,
    PastedRunners,
    PlanAnswer,
    PlanList,
    Preview,
    PreviewAnswer,
    ReadingsAnswer,
    RunnersAnswer,
    SheetsAnswer,
    TypedRead,
    Version,
    WeighedAnswer,
    WeighedShown,
)
from vasculum.web.network import NotPaired, is_guest

endpoints = Endpoints("plans")
route = endpoints.route


@route("GET", "/plans", PlanList)
def list_plans() -> PlanList:
    """The plans, last changed first, and those that can be put back."""
    keeper = desk().plans
    return PlanList(
        plans=[_listed(p) for p in keeper.listed()], deleted=[_listed(p) for p in keeper.listed(deleted=True)]
    )


def _listed(plan: Listed) -> ListedPlan:
    return ListedPlan(
        id=plan.id,
        name=plan.name,
        revision=plan.revision,
        changed_at=plan.changed.isoformat(),
        is_demo=plan.id in DEMO_PLANS,
    )


@route("GET", "/plans/<plan_id>/glance", Glance, refuses=(404,))
def glance(plan_id: str) -> Glance:
    """What the list of plans shows of one: a small drawing, its size, how far it is, what is wrong."""
    solved = desk().solved(desk().plans.get(plan_id))
    return glance_at(solved, prove(solved))


def _made(body: NewPlan) -> Plan:
    sizes = (body.width, body.height, body.depth)
    return new_plan(body.name, body.kind, body.unit, *sizes, what=body.what, carcass=body.carcass)


@route("POST", "/plans", PlanAnswer, NewPlan, status=201)
def make_plan(body: NewPlan) -> PlanAnswer:
    """Keep a new plan."""
    return desk().make(_made(body), "Measured anew")


@route("POST", "/plans/preview", PreviewAnswer, NewPlan, is_sparse=True)
def preview_new_plan(body: NewPlan) -> PreviewAnswer:
    """What a new plan would be; nothing is kept."""
    text = getattr(body, body.reading) if body.reading else None
    typed = None if text is None else TypedRead.of(text, body.unit)
    if typed and typed.refused:
        return PreviewAnswer(typed=typed, outcome=OutcomeDelta(), drawings=[])
    return desk().preview(None, _made(body)).model_copy(update={"typed": typed})


@route("POST", "/plans/import", PlanAnswer, status=201, refuses=(413, 415, 422))
def import_plan() -> PlanAnswer:
    """Keep a plan file, whole, or refuse it with every fault and its place."""
    return desk().make(read_plan(need_json()), "Imported")


@route("GET", "/plans/<plan_id>", PlanAnswer, refuses=(404,))
def get_plan(plan_id: str) -> PlanAnswer:
    """A plan as it is now, whole."""
    return desk().whole(desk().plans.get(plan_id))


@route("GET", "/plans/<plan_id>/head", Head, refuses=(404,))
def plan_head(plan_id: str) -> Head:
    """Which revision is the newest, for a screen that follows what another one measures."""
    return Head(revision=desk().plans.get(plan_id).number)


@route("POST", "/plans/<plan_id>/copy", PlanAnswer, Nothing, status=201, refuses=(404,))
def copy_plan(plan_id: str, body: Nothing) -> PlanAnswer:
    """Keep a copy under a name of its own."""
    plan = desk().plans.get(plan_id).plan
    name = f"Copy of {plan.name}"[:120]
    return desk().make(plan.model_copy(update={"name": name}), f"Copied from {plan.name}")


@route("DELETE", "/plans/<plan_id>", status=204, refuses=(404,))
def delete_plan(plan_id: str) -> None:
    """Put a plan out of sight; it can be put back."""
    desk().plans.delete(plan_id)


@route("POST", "/plans/<plan_id>/restore", PlanAnswer, Nothing, refuses=(404,))
def restore_plan(plan_id: str, body: Nothing) -> PlanAnswer:
    """Put a deleted plan back."""
    return desk().put_back(plan_id)


@route("POST", "/plans/<plan_id>/edits", ChangeAnswer, Edit, refuses=(403, 404, 409), is_sparse=True, for_guests=True)
def edit_plan(plan_id: str, body: Edit) -> ChangeAnswer:
    """Do one act to the plan as the caller last saw it; answer with the new revision and what changed."""
    if is_guest() and not only_measures(_seen(plan_id, body.base), body.act):
        raise NotPaired(
            "not-for-guests", "A paired phone measures: it takes nothing out and chooses nothing.",
            "Do that at the machine itself.",
        )  # fmt: skip
    return desk().edit(plan_id, body)


@route("POST", "/plans/<plan_id>/preview", PreviewAnswer, Preview, refuses=(404, 409), is_sparse=True, for_guests=True)
def preview_edit(plan_id: str, body: Preview) -> PreviewAnswer:
    """What an act would do to the plan as the caller last saw it; nothing is kept."""
    before = _seen(plan_id, body.base)
    text = body.act.typed(before.plan)
    typed = None if text is None else TypedRead.of(text, before.plan.units.length)
    if typed and typed.refused:
        return PreviewAnswer(typed=typed, outcome=OutcomeDelta(), drawings=[])
    made = desk().preview(before, acted(before, body.act), body.view, body.shows)
    return made.model_copy(update={"typed": typed})


@route("POST", "/plans/<plan_id>/readings", ReadingsAnswer, PastedReadings, refuses=(404,), for_guests=True)
def read_pasted(plan_id: str, body: PastedReadings) -> ReadingsAnswer:
    """Read a table of readings, row by row; what to do with it is for the person to decide."""
    plan = desk().plans.get(plan_id).plan
    rows = read_readings(plan, body.space, body.text)
    return ReadingsAnswer(rows=rows, patch=taken_in(plan, rows))


@route("POST", "/plans/<plan_id>/runners", RunnersAnswer, PastedRunners, refuses=(404,))
def read_pasted_runners(plan_id: str, body: PastedRunners) -> RunnersAnswer:
    """Read a table of runners, row by row; what to do with it is for the person to decide."""
    plan = desk().plans.get(plan_id).plan
    rows = runners_csv.read_runners(plan, body.text)
    return RunnersAnswer(rows=rows, patch=runners_csv.taken_in(plan, rows))


@route("POST", "/plans/<plan_id>/library", LibraryAnswer, LibraryText, refuses=(404,))
def read_library_file(plan_id: str, body: LibraryText) -> LibraryAnswer:
    """Read a library file, row by row; what to do with it is for the person to decide."""
    rows = read_library(body.text)
    return LibraryAnswer(rows=rows, patch=library_taken_in(desk().plans.get(plan_id).plan, rows))


@route("GET", "/plans/<plan_id>/alternatives", WeighedAnswer, refuses=(404,), query=("family",))
def alternatives(plan_id: str) -> WeighedAnswer:
    """What each joint, bottom, front or runner would cost and gain in this plan."""
    family = request.args.get("family", "")
    if family not in WEIGHED:
        raise NoSuchQuantity(
            "no-such-family", f"There is no family {family!r} to weigh.", f"There is {', '.join(WEIGHED)}."
        )
    found = weighed_plans(desk().solved(desk().plans.get(plan_id)), family)
    shown = [WeighedShown(**dict(one), picture=picture_of(then, family)) for one, then in found]
    return WeighedAnswer(alternatives=shown)


@route("GET", "/plans/<plan_id>/fixes", FixesAnswer, refuses=(404,), query=("code", "place"))
def fixes(plan_id: str) -> FixesAnswer:
    """What would mend a finding by one press; each was tried, nothing is kept."""
    code, place = (request.args.get(name, "") for name in ("code", "place"))
    return FixesAnswer(fixes=fixes_of(desk().solved(desk().plans.get(plan_id)), code, place, prove))


@route("GET", "/plans/<plan_id>/marking", MarkingAnswer, refuses=(404,))
def marking(plan_id: str) -> MarkingAnswer:
    """Where boards end on each other, as lines from one datum on each."""
    plan = desk().solved(desk().plans.get(plan_id))
    return MarkingAnswer(boards=marked_out(plan), drilled=drilled(plan))


@route("GET", "/plans/<plan_id>/sheets", SheetsAnswer, refuses=(404,))
def sheets(plan_id: str) -> SheetsAnswer:
    """Parts on the sheets that they are cut from, two ways beside each other."""
    plan = desk().solved(desk().plans.get(plan_id))
    return SheetsAnswer(rows=rows_shown(plan), set_ups=set_ups_shown(solution_of(plan)))


@route("GET", "/plans/<plan_id>/model", PlanInSpace, refuses=(404,))
def model(plan_id: str) -> PlanInSpace:
    """Every piece where it stands in space, as triangles."""
    return in_space(desk().solved(desk().plans.get(plan_id)))


@route("GET", "/plans/<plan_id>/drawing", SheetShown, refuses=(404,), query=("name", "of"))
def drawing(plan_id: str) -> SheetShown:
    """One sheet of a plan as it is now: an elevation, a section, a plan view or a part."""
    return sheet_of(desk().solved(desk().plans.get(plan_id)), request.args.get("name", ""), request.args.get("of", ""))


@route("GET", "/compare", Comparison, refuses=(404,), query=("left", "right"))
def compare() -> Comparison:
    """Two versions side by side: what each takes, and where they differ."""
    revisions = [desk().plans.get(request.args.get(side, "")) for side in ("left", "right")]
    left, right = (desk().solved(revision) for revision in revisions)
    versions = [
        Version(id=r.plan_id, name=r.plan.name, revision=r.number, elevations=drawings_of(desk().solved(r)))
        for r in revisions
    ]
    return Comparison(left=versions[0], right=versions[1], lines=compared(left, right, (prove(left), prove(right))))


def _seen(plan_id: str, base: int) -> SolvedPlan:
    """The plan as the caller last saw it, worked out."""
    revision = desk().plans.at(plan_id, base)
    if revision is None:
        raise PlanMovedOn(base, desk().plans.get(plan_id).number)
    return desk().solved(revision)
