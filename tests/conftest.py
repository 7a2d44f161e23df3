"""The app over a database of its own, and a client that speaks JSON."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import Any

import pytest
from flask import Flask
from flask.testing import FlaskClient

from vasculum.web.app import create_app
from vasculum.web.network import Network

DEMO = "scullery-cupboard"


@pytest.fixture
def app(tmp_path: Path) -> Iterator[Flask]:
    made = create_app(tmp_path, with_demo=True)
    made.extensions["network"] = Network(made, address=lambda: "127.0.0.1")
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
        patch = [{"op": "add", "path": path, "value": value} for path, value in steps]
        base = base or self.get(f"/plans/{plan_id}")["revision"]
        body = {"base": base, "patch": patch, "label": "Changed", "field": field}
        return self.post(f"/plans/{plan_id}/edits", body, status)


@pytest.fixture
def api(client: FlaskClient) -> Api:
    return Api(client)
