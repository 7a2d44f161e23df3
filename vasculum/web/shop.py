"""What does not belong to one plan: the catalogue, the demo, the OpenAPI document."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import asdict

from flask import Response, json

from vasculum import __version__
from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import LengthRefused, NoSuchPlan
from vasculum.core.flow import family
from vasculum.core.lengths import Mm, Unit, read_increment, read_length
from vasculum.core.reasons import snap_nearest
from vasculum.core.tables import (
    NEWEST_EDITION,
    choosables,
    mattresses,
    stock_bands,
    stock_boards,
    stock_sheets,
    tools,
)
from vasculum.demo import DEMO_PLANS
from vasculum.plan.document.settings import SETTINGS
from vasculum.plan.document.starting import sheet_row
from vasculum.plan.document.stations import station_groups
from vasculum.plan.telling.solution import Problem, Shown
from vasculum.plan.telling.words import GIVEN_SIZES, label_of, length_texts
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import (
    AlternativeShown,
    CatalogueAnswer,
    ChoosableShown,
    LengthAnswer,
    MattressShown,
    Nothing,
    PlanAnswer,
    RuleShown,
    StockRow,
    ToolShown,
    Typed,
)
from vasculum.web.openapi import document

endpoints = Endpoints("shop")
route = endpoints.route


@route("GET", "/catalogue", CatalogueAnswer)
def catalogue() -> CatalogueAnswer:
    """What can be chosen, and every rule's sentence, once."""
    return CatalogueAnswer(
        version=__version__,
        edition=NEWEST_EDITION,
        choosables=[
            ChoosableShown(
                name=c.name, kind=c.kind, group=c.group, title=c.title, about=c.about, is_thing=c.is_thing,
                default_in=c.inch, default_mm=c.metric, source=c.source,
            )
            for c in choosables().values()
        ],
        alternatives=[
            AlternativeShown(
                kind=a.kind, family=family(a.kind), value=a.kind.partition(".")[2], title=a.title, about=a.about
            )
            for a in the_catalogue().in_order()
        ],
        rules=[
            RuleShown(name=r.name, kind=r.kind, unit=r.unit, sentence=r.sentence, source=r.source)
            for answers in the_catalogue().rules.values()
            for r in answers.values()
        ],
        labels={name: label_of(name) for name in (*the_catalogue().rules, *choosables(), *GIVEN_SIZES)},
        stations=station_groups(),
        settings=list(SETTINGS),
        mattresses=[MattressShown(**asdict(one)) for one in mattresses()],
        tools=[ToolShown(**asdict(one)) for one in tools()],
        stock=[*_stock()],
    )  # fmt: skip


def _stock() -> Iterator[StockRow]:
    for sheet in stock_sheets():
        yield StockRow(kind="sheets", system=sheet.system, name=sheet.name, row=sheet_row(sheet))
    for board in stock_boards():
        row = {name: getattr(board, name) for name in ("name", "thickness", "width", "length", "source")}
        yield StockRow(kind="boards", system=board.system, name=board.name, row=row)
    for band in stock_bands():
        row = {name: getattr(band, name) for name in ("name", "thickness", "length", "source")}
        yield StockRow(kind="bands", system=band.system, name=band.name, row=row)


@route("POST", "/length", LengthAnswer, Typed)
def read_typed_length(body: Typed) -> LengthAnswer:
    """Read a length or a sum as typed; half a text is no mistake, so a refusal is an answer too."""
    try:
        length = read_length(body.text, body.unit)
        increment = read_increment(body.increment, body.unit) if body.increment else None
    except LengthRefused as refused:
        problem = Problem(code=refused.code, message=refused.message, fix=refused.fix)
        return LengthAnswer(kept=None, value=None, snapped=None, refused=problem)
    snapped = None if increment is None else _read(snap_nearest(length.mm, increment), body.unit)
    return LengthAnswer(kept=length.kept, value=_read(length.mm, body.unit), snapped=snapped, refused=None)


def _read(mm: Mm, unit: Unit) -> Shown:
    text, other = length_texts(mm, unit)
    return Shown(mm=str(mm), text=text, other=other)


@route("POST", "/demo/<plan_id>", PlanAnswer, Nothing, refuses=(404,))
def put_demo_back(plan_id: str, body: Nothing) -> PlanAnswer:
    """Bring a demo plan back to how it ships; that can be undone."""
    if plan_id not in DEMO_PLANS:
        raise NoSuchPlan("no-such-plan", f"There is no demo plan {plan_id!r}.", f"There is {', '.join(DEMO_PLANS)}.")
    return desk().whole(desk().put_demo_back(plan_id))


@route("GET", "/openapi.json")
def openapi() -> Response:
    """This interface, described."""
    return Response(json.dumps(document()), content_type="application/json")
