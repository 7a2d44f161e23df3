"""Things found across plans, over the wire."""

from __future__ import annotations

from tests.conftest import Api
from vasculum.export.files import WORKBOOK

BENCH = "potting-bench"


def test_a_thing_is_found_in_whichever_plan_it_lies(api: Api) -> None:
    found = api.get("/things?words=seed+tray")["found"]
    assert next((one["plan"], one["thing"]["thing"]["name"]) for one in found) == (BENCH, "Seed tray")
    assert found[0]["thing"]["place_name"] == "Trays"
    copy = api.client.post(f"/api/plans/{BENCH}/copy", json={}).json["id"]
    both = api.get(f"/things?words=seed+tray&first={BENCH}")["found"]
    assert [one["plan"] for one in both if one["thing"]["thing"]["name"] == "Seed tray"] == [BENCH, copy]
    api.client.delete(f"/api/plans/{copy}")
    assert api.get("/things?words=seed+tray")["found"] == found
    assert api.get("/things?words=elephant") == {"found": [], "more": 0}
    assert api.get("/things?words=+")["found"] == []


def test_a_workbook_is_read_as_a_table_and_anything_else_is_refused(api: Api) -> None:
    made = api.client.get(f"/api/plans/{BENCH}/files/things.xlsx").data
    kind = {"Content-Type": WORKBOOK}
    answer = api.client.post("/api/workbook", data=made, headers=kind)
    assert answer.status_code == 200
    read = api.post(f"/plans/{BENCH}/things", {"text": answer.json["text"]})
    assert [row["thing"]["name"] for row in read["rows"]][:2] == ["Label box", "Marker pens"]
    assert all(row["twice"] for row in read["rows"])
    refused = api.client.post("/api/workbook", data=b"no", headers=kind)
    assert (refused.status_code, refused.json["code"]) == (422, "no-workbook")
    assert api.client.post("/api/workbook", data=made, headers={"Content-Type": "text/plain"}).status_code == 415


def test_a_table_whose_columns_nobody_knows_is_asked_about(api: Api) -> None:
    text = "What,A,B,C\nJar,4,3,2"
    asked = api.post(f"/plans/{BENCH}/things", {"text": text})
    assert asked["rows"] == []
    assert "no column name" in asked["problem"] or "no column length" in asked["problem"]
    said = {"A": "length", "B": "width", "C": "height"}
    read = api.post(f"/plans/{BENCH}/things", {"text": text, "said": said | {"What": "name"}, "unit": "cm"})
    assert read["problem"] == ""
    assert read["rows"][0]["thing"]["length"] == "4 cm"


def test_more_than_can_be_read_are_counted(api: Api) -> None:
    rows = "\n".join(f"Jar {number},2,2,3" for number in range(80))
    read = api.post(f"/plans/{BENCH}/things", {"text": f"name,length,width,height\n{rows}"})
    base = api.get(f"/plans/{BENCH}")["revision"]
    act = {"do": "change", "patch": read["patch"]}
    api.post(f"/plans/{BENCH}/edits", {"base": base, "act": act, "label": "jars"})
    answer = api.get("/things?words=jar")
    assert len(answer["found"]) + answer["more"] == 80
    assert answer["more"] > 0
