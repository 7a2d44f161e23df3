"""Making over the web: alternatives with their pictures, tools, stock, libraries, shopping; what is refused."""

from __future__ import annotations

import csv
import io
import json
from typing import Any

import pytest

from tests.conftest import Api

BENCH = "/plans/potting-bench"


def edited(api: Api, *steps: tuple[str, Any]) -> dict[str, Any]:
    """The bench after one change."""
    found: dict[str, Any] = api.edit("potting-bench", *steps)
    return found


@pytest.mark.parametrize("family", ["joint", "bottom", "runner", "front"])
def test_every_alternative_comes_with_its_picture_and_what_it_takes(api: Api, family: str) -> None:
    found = api.get(f"{BENCH}/alternatives?family={family}")["alternatives"]
    for one in found:
        assert one["picture"]["shapes"], one["kind"]
        assert one["picture"]["width"] > one["picture"]["height"] > 0
        assert one["parts"] > 0
        assert one["height"].endswith(" mm")
        assert one["lacks"] == one["instead"] == ""
    assert [bool(one["patch"]) for one in found].count(False) == 1


def test_families_of_the_case_are_weighed_without_a_picture(api: Api) -> None:
    edited(api, ("/choices/carcass", "new"))
    found = api.get(f"{BENCH}/alternatives?family=case_back")["alternatives"]
    assert {one["picture"] for one in found} == {None}
    parts = {one["kind"]: one["parts"] for one in found}
    assert parts["case_back.none"] == parts["case_back.planted"] - 1


def test_tools_that_are_not_there_are_named_with_what_it_would_take(api: Api) -> None:
    edited(api, ("/tools", ["circular_saw"]))
    found = api.get(f"{BENCH}/alternatives?family=joint")["alternatives"]
    lacking = [one for one in found if one["lacks"]]
    assert lacking == found[-len(lacking) :]
    assert all(one["instead"] for one in lacking)
    known = {tool["id"] for tool in api.get("/catalogue")["tools"]}
    assert {"circular_saw", "router", "dado_set"} <= known


def test_an_unknown_tool_is_refused_and_nothing_is_kept(api: Api) -> None:
    base = api.get(BENCH)["revision"]
    assert "axe" in api.edit("potting-bench", ("/tools", ["axe"]), status=422)["detail"]
    assert api.get(BENCH)["revision"] == base


def test_stock_rows_go_into_the_library_as_they_are_offered(api: Api) -> None:
    document = api.get(BENCH)["document"]
    for number, one in enumerate(api.get("/catalogue")["stock"], document["next_id"]):
        kind = one["kind"]
        steps = [(f"/library/{kind}/{kind[:-1]}-{number}", one["row"]), ("/next_id", number + 1)]
        edited(api, *steps)
    library = api.get(BENCH)["document"]["library"]
    assert {"Board 1 × 4", "Board 21 × 45"} <= {row["name"] for row in library["boards"].values()}
    assert {"Thick edge band", "Solid edge band"} <= {row["name"] for row in library["bands"].values()}


def test_a_library_goes_out_and_is_read_again_row_by_row(api: Api) -> None:
    text = api.client.get(f"/api{BENCH}/files/library.json").get_data(as_text=True)
    library = json.loads(text)
    library["boards"] = [
        {"name": "Slat", "thickness": "20 mm", "width": "40 mm"},
        {"name": "No width", "thickness": "2 mm"},
    ]
    answer = api.post(f"{BENCH}/library", {"text": json.dumps(library)})
    bad = [row for row in answer["rows"] if row["row"] is None]
    assert [(row["kind"], row["line"], row["name"]) for row in bad] == [("boards", 2, "No width")]
    assert [step["path"].rpartition("/")[0] for step in answer["patch"][:-1]] == ["/library/boards"]
    edited(api, *((step["path"], step["value"]) for step in answer["patch"]))
    assert "Slat" in [row["name"] for row in api.get(BENCH)["document"]["library"]["boards"].values()]


@pytest.mark.parametrize("text", ["", "[]", '{"format": "vasculum-plan"}'])
def test_a_foreign_library_is_refused_whole(api: Api, text: str) -> None:
    assert api.post(f"{BENCH}/library", {"text": text}, 422)["code"] == "not-a-library"


def test_the_shopping_list_is_answered_with_each_change_and_goes_out_as_a_table(api: Api) -> None:
    sheet = api.get(BENCH)["document"]["choices"]["front_sheet"]
    before = api.get(BENCH)["solution"]["shopping"]
    answer = edited(api, (f"/library/sheets/{sheet}/price", "100"))
    after = answer["solution"]["shopping"]
    assert float(after["total"]) - float(before["total"]) == pytest.approx(100 - 64)
    table = api.client.get(f"/api{BENCH}/files/shopping.csv").get_data(as_text=True)
    rows = list(csv.DictReader(io.StringIO(table)))
    assert rows[-1]["cost"] == after["total"]
    assert [row["what"] for row in rows[:-1]] == [line["what"] for line in after["lines"]]


def test_how_a_case_travels_is_answered_with_each_change(api: Api) -> None:
    assert edited(api, ("/choices/carcass", "new"))["solution"]["travels"] == ""
    assert edited(api, ("/choices/case_joint", "knock_down"))["solution"]["travels"].startswith(
        "Apart, the case travels as 5"
    )


def test_the_panel_is_drawn_of_a_column_whose_figure_runs_on(api: Api) -> None:
    edited(api, ("/choices/grain", "matched"))
    document = api.get(BENCH)["document"]
    column = next(id_ for id_, place in document["places"].items() if place["holds"] == "rows")
    sheet = api.get(f"{BENCH}/drawing?name=panel&of={column}")
    assert sheet["strokes"]
    assert api.get(f"{BENCH}/drawing?name=panel&of={document['places'][column]['children'][0]}")["strokes"]
