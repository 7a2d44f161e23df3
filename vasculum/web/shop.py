"""What does not belong to one plan: the catalogue, the demo, the OpenAPI document."""

from __future__ import annotations

from dataclasses import asdict

from flask import Response, json, request

from vasculum import __version__
from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import LengthRefused, NoSuchPlan, NoSuchQuantity
from vasculum.core.flow import family
from vasculum.core.lengths import read_increment, read_length
from vasculum.core.reasons import snap_nearest
from vasculum.core.tables import NEWEST_EDITION, choosables, editions, mattresses, tools
from vasculum.demo import DEMO_PLANS
from vasculum.plan.document.settings import SETTINGS
from vasculum.plan.document.stations import station_groups
from vasculum.plan.edits.stocking import stock_rows
from vasculum.plan.laying.places import LIKE
from vasculum.plan.telling.solution import length_shown
from vasculum.plan.telling.words import GIVEN_SIZES, label_of
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
    ToolShown,
    Typed,
    TypedRead,
    problem_of,
)
from vasculum.web.openapi import document

endpoints = Endpoints("shop")
route = endpoints.route


@route("GET", "/catalogue", CatalogueAnswer, refuses=(404,), query=("edition",))
def catalogue() -> CatalogueAnswer:
    """What can be chosen, as one edition has it, else the newest; and every rule's sentence, once."""
    edition = request.args.get("edition") or NEWEST_EDITION
    if edition not in editions():
        raise NoSuchQuantity(
            "no-such-edition", f"There is no edition {edition!r}.", f"There is {', '.join(editions())}."
        )
    known = choosables(edition)
    return CatalogueAnswer(
        version=__version__,
        edition=edition,
        choosables=[
            ChoosableShown(
                name=c.name, kind=c.kind, group=c.group, title=c.title, about=c.about, is_thing=c.is_thing,
                default_in=c.inch, default_mm=c.metric, source=c.source, like=LIKE.get(c.name),
            )
            for c in known.values()
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
        labels={name: label_of(name, edition) for name in (*the_catalogue().rules, *known, *GIVEN_SIZES)},
        stations=station_groups(),
        settings=list(SETTINGS),
        mattresses=[MattressShown(**asdict(one)) for one in mattresses()],
        tools=[ToolShown(**asdict(one)) for one in tools()],
        stock=[*stock_rows()],
    )  # fmt: skip


@route("POST", "/length", LengthAnswer, Typed, for_guests=True)
def read_typed_length(body: Typed) -> LengthAnswer:
    """Read a length or a sum as typed, for a field or for the reckoner."""
    typed = TypedRead.of(body.text, body.unit)
    if typed.read is None or body.increment is None:
        return LengthAnswer(read=typed.read, refused=typed.refused, snapped=None)
    try:
        increment = read_increment(body.increment, body.unit)
    except LengthRefused as refused:
        return LengthAnswer(read=None, refused=problem_of(refused), snapped=None)
    exact = read_length(body.text, body.unit).mm
    snapped = length_shown(snap_nearest(exact, increment), body.unit)
    return LengthAnswer(read=typed.read, refused=None, snapped=snapped)


@route("POST", "/demo/<plan_id>", PlanAnswer, Nothing, refuses=(404,))
def put_demo_back(plan_id: str, body: Nothing) -> PlanAnswer:
    """Bring a demo plan back to how it ships; that can be undone."""
    if plan_id not in DEMO_PLANS:
        raise NoSuchPlan("no-such-plan", f"There is no demo plan {plan_id!r}.", f"There is {', '.join(DEMO_PLANS)}.")
    return desk().put_demo_back(plan_id)


@route("GET", "/openapi.json")
def openapi() -> Response:
    """This interface, described."""
    return Response(json.dumps(document()), content_type="application/json")
