"""The OpenAPI 3.1 document, from the endpoints and the pydantic models."""

from __future__ import annotations

import re
from collections.abc import Mapping
from http import HTTPStatus
from typing import Any, Literal

from pydantic import BaseModel
from pydantic.json_schema import models_json_schema

from vasculum import __version__
from vasculum.web.endpoints import Described
from vasculum.web.messages import ProblemAnswer

Mode = Literal["validation", "serialization"]
PROBLEM = "application/problem+json"
_ARGUMENT = re.compile(r"<(?:\w+:)?(\w+)>")


def document() -> dict[str, Any]:
    """The whole document as a dictionary."""
    from vasculum.web.app import all_endpoints

    described = [d for endpoints in all_endpoints() for d in endpoints.described]
    wanted: list[tuple[type[BaseModel], Mode]] = [(ProblemAnswer, "serialization")]
    for one in described:
        wanted += [(one.body, "validation")] if one.body else []
        wanted += [(one.answer, _mode(one))] if one.answer else []
    refs, schemas = models_json_schema(list(dict.fromkeys(wanted)), ref_template="#/components/schemas/{model}")
    paths: dict[str, dict[str, Any]] = {}
    for one in described:
        path = _ARGUMENT.sub(r"{\1}", one.path)
        paths.setdefault(path, {})[one.method.lower()] = _operation(one, refs)
    return {
        "openapi": "3.1.0",
        "info": {"title": "Vasculum", "version": __version__, "license": {"name": "MIT", "identifier": "MIT"}},
        "paths": dict(sorted(paths.items())),
        "components": {"schemas": dict(sorted(schemas["$defs"].items()))},
    }


def _mode(one: Described) -> Mode:
    """A sparse answer promises no more than what its model asks for."""
    return "validation" if one.is_sparse else "serialization"


def _operation(one: Described, refs: Mapping[Any, dict[str, Any]]) -> dict[str, Any]:
    problem = {PROBLEM: {"schema": refs[ProblemAnswer, "serialization"]}}
    good: dict[str, Any] = {"description": HTTPStatus(one.status).phrase}
    if one.answer is not None:
        good["content"] = {one.media_type: {"schema": refs[one.answer, _mode(one)]}}
    elif one.status != HTTPStatus.NO_CONTENT:
        good["content"] = {one.media_type: {"schema": {}}}
    responses = {str(one.status): good}
    for status in sorted({*one.refuses, 400}):
        responses[str(status)] = {"description": HTTPStatus(status).phrase, "content": problem}
    operation: dict[str, Any] = {"operationId": one.name, "summary": one.summary, "responses": responses}
    parameters = [
        {"name": name, "in": "path", "required": True, "schema": {"type": "string", "minLength": 1}}
        for name in _ARGUMENT.findall(one.path)
    ]
    parameters += [{"name": q, "in": "query", "required": True, "schema": {"type": "string"}} for q in one.query]
    if parameters:
        operation["parameters"] = parameters
    if one.body is not None:
        schema = refs[one.body, "validation"]
        operation["requestBody"] = {"required": True, "content": {"application/json": {"schema": schema}}}
    return operation
