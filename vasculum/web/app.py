"""Put the app together: store, endpoints, errors, the built front end, and what a browser may do."""

from __future__ import annotations

import logging
from http import HTTPStatus
from pathlib import Path

from flask import Flask, Response, request, send_from_directory
from werkzeug.exceptions import HTTPException
from werkzeug.security import safe_join

from vasculum.core.errors import (
    LengthRefused,
    NoSuchPlan,
    NoSuchQuantity,
    NoSuchRevision,
    NothingToUndo,
    PlanMovedOn,
    PlanRefused,
    VasculumError,
)
from vasculum.devices.protocol import DeviceRefused
from vasculum.plan.document.reading import FaultyPlan
from vasculum.store.database import NotKept, database_file, open_database
from vasculum.store.plans import Plans
from vasculum.web import devices, files, history, layouts, pairing, plans, proposals, racks, shop, things
from vasculum.web.desk import Desk, desk
from vasculum.web.endpoints import BodyRefused, Endpoints
from vasculum.web.files import NoSuchFile
from vasculum.web.messages import FaultShown, ProblemAnswer
from vasculum.web.network import Network, NoNetwork, NotPaired, is_guest

STATIC = Path(__file__).parent / "static"
MOST_BYTES = 2_500_000
"""Of one request; a plan file may have 2 MB."""
HOSTS = {"127.0.0.1", "localhost", "[::1]"}
"""Names this machine answers to: another name in the request means that a page elsewhere is asking."""
POLICY = (
    "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
    "connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"
)
STATUS: dict[type[VasculumError], int] = {
    NoSuchPlan: 404,
    NoSuchQuantity: 404,
    NoSuchFile: 404,
    NoSuchRevision: 404,
    PlanMovedOn: 409,
    NothingToUndo: 409,
    NotPaired: 403,
    NoNetwork: 503,
    DeviceRefused: 503,
    NotKept: 503,
    LengthRefused: 422,
    PlanRefused: 422,
}


MOST_BYTES_OF_GUESTS = 250_000
"""Of one request through the second door."""


def all_endpoints() -> list[Endpoints]:
    """Every group of endpoints."""
    groups = (plans, history, files, shop, pairing, devices, proposals, layouts, racks, things)
    return [group.endpoints for group in groups]


FOR_GUESTS = frozenset(name for group in all_endpoints() for name in group.for_guests)
"""What a paired phone may call."""


def create_app(data: Path | None = None, with_demo: bool = False) -> Flask:
    """The app over the database in a folder, or in this user's.

    Raises:
        StoreRefused: when the database cannot be opened.
    """
    app = Flask("vasculum", static_folder=None)
    app.config["MAX_CONTENT_LENGTH"] = MOST_BYTES
    file = database_file(data)
    app.extensions["desk"] = Desk(Plans(open_database(file)))
    for endpoints in all_endpoints():
        app.register_blueprint(endpoints.blueprint)
    app.register_blueprint(pairing.pages)
    app.extensions["network"] = Network(app, file.parent)
    app.extensions["bench"] = devices.Bench()
    app.before_request(_only_this_machine)
    app.after_request(_with_policy)
    app.register_error_handler(VasculumError, _refused)
    app.register_error_handler(HTTPException, _http_refused)
    app.register_error_handler(Exception, _failed)
    app.add_url_rule("/", "front", _front, defaults={"path": ""})
    app.add_url_rule("/<path:path>", "front", _front)
    if with_demo:
        app.extensions["desk"].lay_out_demo()
    return app


def _only_this_machine() -> Response | None:
    if is_guest():
        return _only_paired()
    host = request.host.rsplit(":", 1)[0] if not request.host.endswith("]") else request.host
    if host in HOSTS:
        return None
    return _problem(403, "wrong-host", "This app answers to this machine only.", "Open it at 127.0.0.1.")


def _only_paired() -> Response | None:
    """A guest of the second door gets the pairing page until it is paired; then it reads, and measures."""
    request.max_content_length = MOST_BYTES_OF_GUESTS
    pairing.network().check_address(request)
    if request.path in ("/pair", "/pair/style.css"):
        return None
    try:
        pairing.network().admit(request)
    except NotPaired:
        if request.path.startswith("/api/"):
            raise
        return Response(status=303, headers={"Location": "/pair"})
    if request.endpoint in FOR_GUESTS or request.endpoint in (None, "front"):
        return None
    raise NotPaired("not-for-guests", "A paired phone reads and measures.", "Do that at the machine itself.")


def _with_policy(response: Response) -> Response:
    response.headers.setdefault("Content-Security-Policy", POLICY)
    response.headers["X-Content-Type-Options"] = "nosniff"
    response.headers.setdefault("Referrer-Policy", "no-referrer")
    if not is_guest():  # without encryption a browser ignores it there, and complains
        response.headers["Cross-Origin-Opener-Policy"] = "same-origin"
    response.headers["Cross-Origin-Resource-Policy"] = "same-origin"
    if request.path.startswith("/api/"):
        response.headers["Cache-Control"] = "no-store"
    return response


# ---- errors -------------------------------------------------------------------------------------------------------


def _problem(status: int, code: str, detail: str, fix: str = "", **more: object) -> Response:
    answer = ProblemAnswer.model_validate(
        {
            "type": f"urn:vasculum:problem:{code}",
            "title": HTTPStatus(status).phrase,
            "status": status,
            "code": code,
            "detail": detail,
            "fix": fix,
            **more,
        }
    )
    return Response(answer.model_dump_json(), status, content_type="application/problem+json")


def _refused(refused: VasculumError) -> Response:
    status = next((code for kind, code in STATUS.items() if isinstance(refused, kind)), 500)
    more: dict[str, object] = {"where": refused.where}
    if isinstance(refused, (FaultyPlan, BodyRefused)):
        more["faults"] = [FaultShown(where=f.where, message=f.message) for f in refused.faults]
    if isinstance(refused, BodyRefused):
        status = refused.status
    if isinstance(refused, PlanMovedOn):
        plan_id = (request.view_args or {}).get("plan_id", "")
        more |= {"head": refused.head, "moved": desk().moved_between(plan_id, refused.base, refused.head)}
    return _problem(status, refused.code, refused.message, refused.fix, **more)


def _http_refused(refused: HTTPException) -> Response:
    status = refused.code or 500
    code = HTTPStatus(status).phrase.lower().replace(" ", "-")
    response = _problem(status, code, refused.description or HTTPStatus(status).phrase)
    if status == HTTPStatus.METHOD_NOT_ALLOWED:
        response.headers["Allow"] = ", ".join(getattr(refused, "valid_methods", None) or [])
    return response


def _failed(failure: Exception) -> Response:
    logging.getLogger("vasculum").exception("a request failed", exc_info=failure)
    return _problem(
        500, "our-fault", "Something went wrong here; nothing was changed.", "Please report how it came about."
    )


# ---- the front end ------------------------------------------------------------------------------------------------


def _is_built(path: str) -> bool:
    """Whether it is a file of the front end; of no other file anything is told."""
    try:
        within = safe_join(str(STATIC), path)
        return within is not None and Path(within).is_file()
    except (OSError, ValueError):  # a name that no file may have
        return False


def _front(path: str) -> Response:
    """A built file, or the page for every address that the page itself knows."""
    if path.startswith("api/"):
        return _problem(404, "not-found", "There is no such address.")
    if path and _is_built(path):
        return send_from_directory(STATIC, path, max_age=31_536_000 if path.startswith("assets/") else 0)
    if path.startswith("assets/"):
        return _problem(404, "not-found", "There is no such file.")
    if not (STATIC / "index.html").is_file():
        return Response("The front end is not built. Run: make front\n", 503, content_type="text/plain; charset=utf-8")
    return send_from_directory(STATIC, "index.html", max_age=0)
