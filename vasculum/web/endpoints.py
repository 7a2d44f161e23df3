"""Endpoints that check their bodies by pydantic and describe themselves: one registry serves routing and OpenAPI."""

from __future__ import annotations

import gzip
import json
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from functools import wraps
from inspect import cleandoc
from typing import Any, TypeVar

from flask import Blueprint, Response, request
from pydantic import BaseModel, ValidationError

from vasculum.core.errors import VasculumError
from vasculum.plan.document.reading import Fault, pointer

Body = TypeVar("Body", bound=BaseModel)

WORTH_PACKING = 8_000
"""Longer answers are packed, in bytes, where the caller can unpack."""
BODY_CODES = (400, 413, 415, 422)
"""What a faulty body may be answered with."""


@dataclass(frozen=True)
class Described:
    """One endpoint, for the OpenAPI document."""

    method: str
    path: str
    name: str
    summary: str
    body: type[BaseModel] | None
    answer: type[BaseModel] | None
    media_type: str
    status: int
    refuses: tuple[int, ...]
    query: tuple[str, ...]
    is_sparse: bool
    """What is as usual is left out of its answers."""
    for_guests: bool
    """Whether a paired phone may call it: what only reads, and little else."""


class BodyRefused(VasculumError):
    """A body that is not what the endpoint takes."""

    def __init__(self, code: str, message: str, fix: str, status: int, faults: list[Fault] | None = None) -> None:
        super().__init__(code, message, fix, faults[0].where if faults else "")
        self.status = status
        self.faults = faults or []


class Endpoints:
    """A blueprint below ``/api`` whose routes are described as they are declared."""

    def __init__(self, name: str) -> None:
        self.blueprint = Blueprint(name, __name__, url_prefix="/api")
        self.described: list[Described] = []
        self.for_guests: set[str] = set()
        """Names of endpoints, as the app knows them."""

    def route(
        self,
        method: str,
        path: str,
        answer: type[BaseModel] | None = None,
        body: type[BaseModel] | None = None,
        status: int = 200,
        refuses: tuple[int, ...] = (),
        media_type: str = "application/json",
        query: tuple[str, ...] = (),
        is_sparse: bool = False,
        for_guests: bool | None = None,
    ) -> Callable[[Callable[..., Any]], Callable[..., Response]]:
        """Declare an endpoint: its function gets the checked body as ``body`` and returns a model or a Response.

        An answer that is sparse leaves out what has its default. Guests may call what only reads, unless it says so.
        """
        is_open = method == "GET" if for_guests is None else for_guests

        def register(function: Callable[..., Any]) -> Callable[..., Response]:
            @wraps(function)
            def view(**arguments: Any) -> Response:
                if body is not None:
                    arguments["body"] = _checked(body)
                made = function(**arguments)
                return made if isinstance(made, Response) else _json(made, status, is_sparse)

            summary = cleandoc(function.__doc__ or "").split("\n")[0]
            codes = refuses + (BODY_CODES if body is not None else ())
            self.described.append(
                Described(
                    method,
                    "/api" + path,
                    function.__name__,
                    summary,
                    body,
                    answer,
                    media_type,
                    status,
                    codes,
                    query,
                    is_sparse,
                    is_open,
                )
            )
            if is_open:
                self.for_guests.add(f"{self.blueprint.name}.{function.__name__}")
            self.blueprint.add_url_rule(path, function.__name__, view, methods=[method])
            return view

        return register


def _json(made: BaseModel | None, status: int, is_sparse: bool) -> Response:
    if made is None:
        return Response(status=204)
    body = made.model_dump_json(exclude_defaults=is_sparse).encode()
    answer = Response(body, status, content_type="application/json")
    if len(body) > WORTH_PACKING and request.accept_encodings.best_match(["gzip", "identity"]) == "gzip":
        answer.set_data(gzip.compress(body, compresslevel=1))
        answer.headers["Content-Encoding"] = "gzip"
        answer.vary.add("Accept-Encoding")
    return answer


def need_json() -> bytes:
    """The request's bytes, when they say that they are JSON.

    Raises:
        BodyRefused: 415 otherwise; a browser asks first before it sends JSON across sites.
    """
    if request.mimetype != "application/json":
        raise BodyRefused("not-json", "The body does not say that it is JSON.", "Send application/json.", 415)
    return request.get_data()


def _checked(model: type[Body]) -> Body:
    raw = need_json()
    try:
        return model.model_validate_json(raw)
    except ValidationError as refused:
        errors = refused.errors(include_url=False)
        faults = [Fault(pointer(_in_the_body(raw, e["loc"])), e["msg"]) for e in errors]
        if errors[0]["type"] == "json_invalid":
            raise BodyRefused("body-damaged", errors[0]["msg"], "Send whole JSON.", 400, faults) from refused
        message = f"{faults[0].message} (at {faults[0].where or 'the top'})"
        raise BodyRefused("body-faulty", message, "See the OpenAPI document.", 422, faults) from refused


def _in_the_body(raw: bytes, loc: tuple[int | str, ...]) -> Iterator[int | str]:
    """The steps of a fault's place that lead through the body; what only says which kind was tried is left out."""
    try:
        here: Any = json.loads(raw)
    except ValueError:
        return
    for at, step in enumerate(loc):
        is_there = step in here if isinstance(here, dict) else isinstance(here, list) and step in range(len(here))
        if is_there:
            here = here[step]
        if is_there or at == len(loc) - 1:
            yield step
