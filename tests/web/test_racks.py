"""The rack of one plan seen from another: of the same stock alone, taken over, and gone there."""

from __future__ import annotations

from typing import Any

from tests.conftest import Api

CUPBOARD, VAN, BENCH = "scullery-cupboard", "survey-van", "potting-bench"


def sheet_called(api: Api, plan: str, name: str) -> str:
    sheets: dict[str, Any] = api.get(f"/plans/{plan}")["document"]["library"]["sheets"]
    return next(id_ for id_, row in sheets.items() if row["name"] == name)


def edited(api: Api, plan: str, act: dict[str, Any]) -> None:
    base = api.get(f"/plans/{plan}/head")["revision"]
    api.post(f"/plans/{plan}/edits", {"base": base, "act": act, "label": ""})


def offered(api: Api, plan: str) -> list[dict[str, Any]]:
    found: list[dict[str, Any]] = api.get(f"/plans/{plan}/racks")["offcuts"]
    return found


def test_an_offcut_is_offered_where_its_stock_is_known_and_taken_over(api: Api) -> None:
    sheet = sheet_called(api, VAN, "Plywood 12 mm")
    edited(api, VAN, {"do": "add-offcut", "sheet": sheet, "length": "600", "width": "400", "where": "by the door"})
    assert offered(api, VAN) == []
    assert offered(api, CUPBOARD) == []  # it is in inches, of other sheets
    (one,) = offered(api, BENCH)
    assert (one["plan"], one["offcut"]["where"]) == (VAN, "by the door")
    assert one["offcut"]["row"] == sheet_called(api, BENCH, "Plywood 12 mm")
    edited(api, VAN, {"do": "take-offcut-out", "offcut": one["offcut"]["offcut"]})
    edited(api, BENCH, {"do": "change", "patch": one["patch"]})
    assert offered(api, BENCH) == []
    (back,) = offered(api, VAN)
    assert (back["plan"], back["offcut"]["length"]) == (BENCH, "600 mm")
    rows = {row["name"]: row for row in api.get(f"/plans/{BENCH}/sheets")["rows"]}
    assert len(rows["Plywood 12 mm"]["offcuts"]) == 1


def test_another_thickness_or_name_is_another_stock(api: Api) -> None:
    sheet = sheet_called(api, VAN, "Plywood 12 mm")
    edited(api, VAN, {"do": "add-offcut", "sheet": sheet, "length": "600", "width": "400"})
    for field, value in (("name", "Birch 12 mm"), ("nominal", "11 mm")):
        path = f"/library/sheets/{sheet}/{field}"
        before = api.get(f"/plans/{VAN}")["document"]["library"]["sheets"][sheet][field]
        edited(api, VAN, {"do": "change", "patch": [{"op": "replace", "path": path, "value": value}]})
        assert offered(api, BENCH) == []
        edited(api, VAN, {"do": "change", "patch": [{"op": "replace", "path": path, "value": before}]})
    assert len(offered(api, BENCH)) == 1
