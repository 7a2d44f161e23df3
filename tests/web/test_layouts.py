"""Layouts looked for over the wire: found beside the server, kept by their patch, stopped."""

from __future__ import annotations

import time
from pathlib import Path
from typing import Any

import pytest

from tests.conftest import DEMO, Api
from vasculum.cutting.search import is_installed

JOB = Path(__file__).parent.parent / "jobs/03-pocket-bank.json"
PATIENCE = 60
"""Seconds until a test gives the search up."""


def job_03(api: Api) -> str:
    told = api.client.post("/api/plans/import", data=JOB.read_bytes(), content_type="application/json").json
    return str(told["id"])


def ended(api: Api, plan: str, job: str) -> dict[str, Any]:
    begun = time.monotonic()
    while time.monotonic() - begun < PATIENCE:
        answer: dict[str, Any] = api.get(f"/plans/{plan}/layouts/{job}")
        if answer["state"] != "working":
            return answer
        time.sleep(0.1)
    raise AssertionError("it never ended")


@pytest.mark.skipif(not is_installed(), reason="the search wants Python 3.12 or newer")
def test_a_sheet_less_is_found_and_kept(api: Api) -> None:
    """Three backs and three bottoms of 1/4 in strips take two sheets; three stages of cuts have them on one."""
    plan = job_03(api)
    before = {row["name"]: row for row in api.get(f"/plans/{plan}/sheets")["rows"]}["Plywood 1/4"]
    assert before["could_be_fewer"]
    answer = ended(api, plan, api.client.post(f"/api/plans/{plan}/layouts").json["job"])
    assert answer["state"] == "done"
    (found,) = answer["found"]["rows"]
    assert (found["name"], found["sheets"]) == ("Plywood 1/4", 1)
    act = {"do": "change", "patch": found["patch"]}
    view = {"name": "cut_sheet", "of": f"{found['row']}:kept:1"}
    looked = api.post(f"/plans/{plan}/preview", {"base": answer["base"], "act": act, "label": "", "view": view})
    assert [one["place"] for one in looked["drawings"]] == [view["of"]]  # drawn before it is kept
    api.post(f"/plans/{plan}/edits", {"base": answer["base"], "act": act, "label": "kept"})
    after = {row["name"]: row for row in api.get(f"/plans/{plan}/sheets")["rows"]}["Plywood 1/4"]
    assert (after["aim"], after["could_be_fewer"]) == ("kept", False)
    assert after["says"].startswith("1 sheet;")
    lines = api.get(f"/plans/{plan}")["solution"]["shopping"]["lines"]
    assert next(line["buy"] for line in lines if line["what"] == "Plywood 1/4").startswith("1 of")


def test_it_is_stopped_and_nobody_else_finds_it(api: Api) -> None:
    plan = job_03(api)
    job = api.client.post(f"/api/plans/{plan}/layouts").json["job"]
    stopped = api.client.delete(f"/api/plans/{plan}/layouts/{job}").json
    assert stopped["state"] in ("stopped", "done")
    for path in (
        f"/api/plans/{DEMO}/layouts/{job}",
        f"/api/plans/{plan}/layouts/none",
        f"/api/plans/{plan}/proposals/{job}",
    ):
        assert api.client.get(path).status_code == 404


def test_without_the_search_it_says_so(api: Api, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr("vasculum.cutting.search.LIBRARY", "not_installed_anywhere")
    begun = api.client.post(f"/api/plans/{job_03(api)}/layouts").json
    assert begun["found"] == {"can_search": False, "rows": [], "less": [], "otherwise": []}
