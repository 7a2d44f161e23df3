"""Proposals over the wire: begun in a process of their own, better while they are looked at, stopped, and left if it dies."""

from __future__ import annotations

import time
from typing import Any

import pytest

from tests.conftest import DEMO, Api
from vasculum.web.jobs import Job, Jobs

LIST = "name,length,width,height,count,use\nRack,12,8,3,1,daily\nJar,4,4,6,2,weekly\nPot,9,9,x,1,\n"
PATIENCE = 60
"""Seconds until a test gives a process up."""


def listed(api: Api) -> str:
    """The demo with two more things on its list; its space."""
    whole = api.get(f"/plans/{DEMO}")
    read = api.post(f"/plans/{DEMO}/things", {"text": LIST})
    assert [row["problem"] == "" for row in read["rows"]] == [True, True, False]
    act = {"do": "change", "patch": read["patch"]}
    api.post(f"/plans/{DEMO}/edits", {"base": whole["revision"], "act": act, "label": "two things"})
    return str(whole["document"]["space_order"][0])


def ended(api: Api, job: str) -> dict[str, Any]:
    begun = time.monotonic()
    while time.monotonic() - begun < PATIENCE:
        answer: dict[str, Any] = api.get(f"/plans/{DEMO}/proposals/{job}")
        if answer["state"] != "working":
            return answer
        time.sleep(0.1)
    raise AssertionError("it never ended")


def test_proposals_are_worked_out_beside_the_server_and_can_be_taken(api: Api) -> None:
    space = listed(api)
    begun = api.post(f"/plans/{DEMO}/proposals", {"space": space})
    assert begun["state"] in ("working", "done")
    answer = ended(api, begun["job"])
    assert answer["state"] == "done"
    assert answer["found"]["done"]
    first = answer["found"]["proposals"][0]
    assert first["title"] == "Fewest drawers"
    assert sorted(name for drawer in first["lies"] for name in drawer["things"]) == [
        "Drying rack",
        "Funnel",
        "Jar",
        "Rack",
    ]
    act = {"do": "change", "patch": first["patch"]}
    taken = api.post(f"/plans/{DEMO}/edits", {"base": answer["base"], "act": act, "label": "taken"})
    assert taken["revision"] > answer["base"]
    homes = {one["lives_in"] for one in api.get(f"/plans/{DEMO}")["document"]["things"].values()}
    assert None not in homes


def test_a_search_is_stopped_and_keeps_what_it_had(api: Api) -> None:
    space = listed(api)
    begun = api.post(f"/plans/{DEMO}/proposals", {"space": space})
    stopped = api.client.delete(f"/api/plans/{DEMO}/proposals/{begun['job']}").json
    assert stopped["state"] in ("stopped", "done")
    assert api.get(f"/plans/{DEMO}/proposals/{begun['job']}")["state"] == stopped["state"]


@pytest.mark.parametrize(("body", "status", "code"), [
    ({"space": "space-99"}, 404, "no-such-space"), ({"space": ""}, 404, "no-such-space"),
])  # fmt: skip
def test_what_cannot_be_proposed_is_refused(api: Api, body: dict[str, str], status: int, code: str) -> None:
    refused = api.client.post(f"/api/plans/{DEMO}/proposals", json=body)
    assert (refused.status_code, refused.json["code"]) == (status, code)


def test_an_empty_list_is_asked_for_first(api: Api) -> None:
    sizes = {"unit": "in", "width": "20", "height": "20", "depth": "20"}
    empty = api.client.post("/api/plans", json={"name": "Empty", "kind": "frameless", **sizes}).json
    body = {"space": empty["document"]["space_order"][0]}
    refused = api.client.post(f"/api/plans/{empty['id']}/proposals", json=body)
    assert (refused.status_code, refused.json["code"]) == (422, "nothing-goes-in")


def test_a_job_of_another_plan_or_none_is_not_found(api: Api) -> None:
    begun = api.post(f"/plans/{DEMO}/proposals", {"space": listed(api)})
    for path in (f"/api/plans/potting-bench/proposals/{begun['job']}", f"/api/plans/{DEMO}/proposals/none"):
        assert api.client.get(path).status_code == 404
    api.client.delete(f"/api/plans/{DEMO}/proposals/{begun['job']}")


# ---- jobs -------------------------------------------------------------------------------------------------------------------


def waited(job: Job) -> str:
    begun = time.monotonic()
    while job.state == "working" and time.monotonic() - begun < PATIENCE:
        time.sleep(0.05)
    return job.state


def test_what_a_process_told_before_it_died_stays() -> None:
    """A module that prints two answers and half a third, and breaks."""
    jobs = Jobs()
    job = jobs.start("a plan", 1, "tests.web.told_and_died", ("2",), b"what it was told", "first")
    assert waited(job) == "died"
    assert job.latest == '{"answer": 2, "of": "what it was told"}\n'
    fine = jobs.start("another", 1, "tests.web.told_and_died", ("0",), b"", "first")
    assert waited(fine) == "done"
    assert fine.latest == "first"


def test_the_same_work_begun_again_ends_the_first_and_few_work_at_once() -> None:
    jobs = Jobs()
    first = jobs.start("a plan", 1, "tests.web.told_and_died", ("wait",), b"", "first")
    second = jobs.start("a plan", 2, "tests.web.told_and_died", ("wait",), b"", "first")
    assert (first.state, second.state) == ("stopped", "working")
    others = [
        jobs.start(f"plan {number}", 1, "tests.web.told_and_died", ("wait",), b"", "first") for number in range(2)
    ]
    assert [one.state for one in (second, *others)] == ["stopped", "working", "working"]
    for one in others:
        one.stop()
    assert jobs.get(others[1].id, "tests.web.told_and_died") is others[1]
    assert jobs.get(others[1].id, "another.module") is None
    assert jobs.get("none", "tests.web.told_and_died") is None
