"""The app over a database of its own, and a client that speaks JSON."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import Any

import jsonpatch
import pytest
from flask import Flask
from flask.testing import FlaskClient
from hypothesis import settings

from vasculum.web.app import create_app
from vasculum.web.network import Network

DEMO = "scullery-cupboard"

settings.register_profile("same everywhere", deadline=None, derandomize=True)
settings.load_profile("same everywhere")


@pytest.fixture
def app(tmp_path: Path) -> Iterator[Flask]:
    made = create_app(tmp_path, with_demo=True)
    made.extensions["network"] = Network(made, tmp_path, address=lambda: "127.0.0.1")
    yield made
    made.extensions["network"].close()
    made.extensions["bench"].close()
    made.extensions["desk"].plans._engine.dispose()


@pytest.fixture
def client(app: Flask) -> FlaskClient:
    return app.test_client()


class Api:
    """Calls below /api that answer their JSON, and fail on another status than expected."""

    def __init__(self, client: FlaskClient) -> None:
        self.client = client

    def get(self, path: str, status: int = 200) -> Any:
        response = self.client.get("/api" + path)
        assert response.status_code == status, response.get_data(as_text=True)
        return response.get_json()

    def post(self, path: str, body: Any = None, status: int = 200) -> Any:
        response = self.client.post("/api" + path, json={} if body is None else body)
        assert response.status_code == status, response.get_data(as_text=True)
        return response.get_json()

    def edit(self, plan_id: str, *steps: tuple[str, Any], status: int = 200, base: int = 0, field: str = "") -> Any:
        return self.act(plan_id, putting(*steps), status=status, base=base, label="Changed", field=field)

    def act(self, plan_id: str, act: dict[str, Any], status: int = 200, base: int = 0, **more: str) -> Any:
        """Do one act to a plan as it is now, or as it was at ``base``."""
        before = self.get(f"/plans/{plan_id}")
        body = {"base": base or before["revision"], "act": act, **more}
        answer = self.post(f"/plans/{plan_id}/edits", body, status)
        return merged(before, answer) if status == 200 else answer

    def step(self, plan_id: str, way: str, base: int, status: int = 200) -> Any:
        """Undo or redo, as the caller holds the plan afterwards."""
        before = self.get(f"/plans/{plan_id}")
        answer = self.post(f"/plans/{plan_id}/{way}", {"base": base}, status)
        return merged(before, answer) if status == 200 else answer


def putting(*steps: tuple[str, Any]) -> dict[str, Any]:
    """The act that puts values at paths of a plan."""
    return {"do": "change", "patch": [{"op": "add", "path": path, "value": value} for path, value in steps]}


def merged(whole: dict[str, Any], answer: dict[str, Any]) -> dict[str, Any]:
    """A whole plan and the answer of a change, put together as a caller does; ``change`` is the bare answer."""
    outcome, solution = answer["outcome"], dict(whole["solution"])
    quantities = {k: q for k, q in solution["quantities"].items() if k not in outcome.get("gone", [])}
    parts = {row["ids"][0]: row for row in solution["parts"]} | outcome.get("parts", {}).get("changed", {})
    order = outcome.get("parts", {}).get("order") or [row["ids"][0] for row in solution["parts"]]
    rest = {k: v for k, v in outcome.items() if k not in ("quantities", "gone", "parts", "moved")}
    drawings = {(one["name"], one["place"]): one for one in whole["drawings"]}
    for sheet in answer["drawings"]:
        held = drawings.get((sheet["name"], sheet["place"]), {"strokes": []})
        strokes = [sheet["strokes"].get(str(n)) or held["strokes"][n] for n in range(sheet["count"])]
        frame = {k: v for k, v in sheet.items() if k != "count"}
        drawings[sheet["name"], sheet["place"]] = frame | {"strokes": strokes}
    return {
        **{k: v for k, v in answer.items() if k not in ("patch", "outcome")},
        "document": jsonpatch.JsonPatch(answer["patch"]).apply(whole["document"]),
        "solution": solution
        | rest
        | {"quantities": quantities | outcome.get("quantities", {}), "parts": [parts[i] for i in order]},
        "drawings": list(drawings.values()),
        "change": answer,
    }


def sparse(told: Any) -> Any:
    """What is as usual left out: nothing, no, no text, an empty list; so that whole and sparse tellings compare."""
    if isinstance(told, dict):
        return {k: sparse(v) for k, v in told.items() if v not in (None, False, "", [], 0, "worked out", "middle")}
    return [sparse(one) for one in told] if isinstance(told, list) else told


@pytest.fixture
def api(client: FlaskClient) -> Api:
    return Api(client)
