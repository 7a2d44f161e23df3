"""Things found across plans, over the wire."""

from __future__ import annotations

from tests.conftest import Api

BENCH = "potting-bench"


def test_a_thing_is_found_in_whichever_plan_it_lies(api: Api) -> None:
    found = api.get("/things?words=seed+tray")["found"]
    assert next((one["plan"], one["thing"]["name"]) for one in found) == (BENCH, "Seed tray")
    assert found[0]["thing"]["place_name"] == "Trays"
    copy = api.client.post(f"/api/plans/{BENCH}/copy", json={}).json["id"]
    both = api.get(f"/things?words=seed+tray&first={BENCH}")["found"]
    assert [one["plan"] for one in both if one["thing"]["name"] == "Seed tray"] == [BENCH, copy]
    api.client.delete(f"/api/plans/{copy}")
    assert api.get("/things?words=seed+tray")["found"] == found
    assert api.get("/things?words=elephant") == {"found": [], "more": 0}
    assert api.get("/things?words=+")["found"] == []


def test_more_than_can_be_read_are_counted(api: Api) -> None:
    rows = "\n".join(f"Jar {number},2,2,3" for number in range(80))
    read = api.post(f"/plans/{BENCH}/things", {"text": f"name,length,width,height\n{rows}"})
    base = api.get(f"/plans/{BENCH}")["revision"]
    act = {"do": "change", "patch": read["patch"]}
    api.post(f"/plans/{BENCH}/edits", {"base": base, "act": act, "label": "jars"})
    answer = api.get("/things?words=jar")
    assert len(answer["found"]) + answer["more"] == 80
    assert answer["more"] > 0
