"""The web interface: what it answers, what it refuses, and what it tells the browser."""

from __future__ import annotations

import gzip
import io
import json
from typing import Any, get_args

import pypdf
import pytest
from flask.testing import FlaskClient

from tests.conftest import DEMO, Api, putting, sparse
from tests.helpers import framed
from vasculum.demo import DEMO_PLANS
from vasculum.plan.document.reading import write_plan
from vasculum.plan.telling.outcome import OutcomeDelta
from vasculum.plan.telling.solution import SECTIONS, SectionName, Solution

SIDES = "/library/sheets/sheet-6/measured"


@pytest.fixture
def sides(api: Api) -> str:
    """Where the thickness of the demo's sides is measured."""
    document = api.get(f"/plans/{DEMO}")["document"]
    return f"/library/sheets/{document['choices']['side_sheet']}/measured"


@pytest.fixture
def drawer(api: Api) -> str:
    document = api.get(f"/plans/{DEMO}")["document"]
    return str(document["spaces"][document["space_order"][0]]["holds"])


# ---- plans --------------------------------------------------------------------------------------------------------


def test_the_demo_is_there(api: Api) -> None:
    listed = api.get("/plans")
    assert [(p["id"], p["is_demo"]) for p in listed["plans"]] == [
        (DEMO, True),
        ("potting-bench", True),
        ("survey-van", True),
        ("night-bunk", True),
        ("packet-drawer", True),
    ]
    whole = api.get(f"/plans/{DEMO}")
    assert whole["document"]["name"] == "Scullery cupboard"
    assert whole["solution"]["parts"]
    assert [d["name"] for d in whole["drawings"]] == ["elevation"]


def test_other_sheets_are_drawn_when_asked_for(api: Api, drawer: str) -> None:
    for name, of in (("section", drawer), ("above", drawer), ("part", f"{drawer}/side_left")):
        assert api.get(f"/plans/{DEMO}/drawing?name={name}&of={of}")["strokes"]
    refused = api.client.get(f"/api/plans/{DEMO}/drawing?name=section&of=place-999")
    assert (refused.status_code, refused.json["code"]) == (404, "no-such-sheet")


def test_a_preview_draws_the_sheet_in_view(api: Api, drawer: str, sides: str) -> None:
    body = {
        "base": api.get(f"/plans/{DEMO}")["revision"],
        "act": putting((sides, "15/32 in")),
        "view": {"name": "section", "of": drawer},
    }
    shown = api.post(f"/plans/{DEMO}/preview", body)
    assert [d["name"] for d in shown["drawings"]] == ["section"], "the elevation is as it was"


def test_a_drag_is_shown_and_kept_by_the_same_act(api: Api) -> None:
    plan = api.get("/plans/potting-bench")
    rows = next(p for p in plan["document"]["places"].values() if p["holds"] == "rows")["children"]
    act = {"do": "drag", "place": rows[0], "by": 20.3}
    answer = api.post("/plans/potting-bench/preview", {"base": plan["revision"], "act": act})
    size = answer["outcome"]["quantities"][f"{rows[0]}/cell_height"]["value"]
    assert api.get("/plans/potting-bench")["revision"] == plan["revision"]
    kept = api.act("potting-bench", act)["change"]
    assert kept["outcome"]["quantities"][f"{rows[0]}/cell_height"]["value"] == size
    assert kept["label"] == f"{plan['document']['places'][rows[0]]['name']}: {size['text']} mm"


@pytest.mark.parametrize(
    ("way", "code"), [({"place": "place-999", "by": 1.0}, "nothing-to-move"), ({"by": 1e9}, "body-faulty")]
)
def test_a_drag_of_nothing_is_refused(api: Api, way: dict[str, Any], code: str) -> None:
    act = {"do": "drag", "place": "place-1", **way}
    body = {"base": api.get("/plans/potting-bench")["revision"], "act": act}
    response = api.client.post("/api/plans/potting-bench/preview", json=body)
    assert (response.status_code, response.json["code"]) == (422, code)


def test_two_plans_are_compared(api: Api) -> None:
    copy = api.post(f"/plans/{DEMO}/copy", {}, 201)
    alike = api.get(f"/compare?left={DEMO}&right={copy['id']}")
    assert not [line for line in alike["lines"] if line["differs"]]
    assert alike["left"]["elevations"][0]["strokes"] == alike["right"]["elevations"][0]["strokes"]
    other = api.get(f"/compare?left={DEMO}&right=potting-bench")
    assert [line for line in other["lines"] if line["differs"]]
    assert api.client.get(f"/api/compare?left={DEMO}&right=nothing").status_code == 404


def test_a_new_plan_is_made_from_three_numbers(api: Api) -> None:
    body = {
        "name": "Mine",
        "kind": "framed",
        "unit": "in",
        "width": "30 3/8 - 3 * 3/4",
        "height": "240 mm",
        "depth": "22",
    }
    made = api.post("/plans", body, 201)
    assert (made["revision"], made["document"]["name"]) == (1, "Mine")
    assert len(made["document"]["marks"]) == 6
    assert api.get(f"/plans/{made['id']}")["solution"] == made["solution"]


def test_a_preview_of_a_new_plan_keeps_nothing(api: Api) -> None:
    shown = api.post("/plans/preview", {"name": "Mine", "kind": "framed", "unit": "in", "width": "22"})
    assert {f["code"] for f in shown["outcome"]["findings"] if f["severity"] == "stop"} == {
        "no-height-read",
        "no-depth-read",
    }
    assert len(api.get("/plans")["plans"]) == len(DEMO_PLANS)


def test_copy_rename_delete_and_put_back(api: Api) -> None:
    copy = api.post(f"/plans/{DEMO}/copy", status=201)
    assert copy["document"]["name"] == "Copy of Scullery cupboard"
    api.edit(copy["id"], ("/name", "Jar shelf"))
    assert {p["name"] for p in api.get("/plans")["plans"]} >= {"Scullery cupboard", "Jar shelf"}
    assert api.client.delete(f"/api/plans/{copy['id']}").status_code == 204
    assert [p["name"] for p in api.get("/plans")["deleted"]] == ["Jar shelf"]
    api.get(f"/plans/{copy['id']}", 404)
    assert api.post(f"/plans/{copy['id']}/restore")["document"]["name"] == "Jar shelf"


def test_a_plan_file_goes_out_and_comes_back_in(api: Api) -> None:
    out = api.client.get(f"/api/plans/{DEMO}/files/plan.json")
    assert out.headers["Content-Disposition"] == 'attachment; filename="scullery-cupboard-1-plan.json"'
    response = api.client.post("/api/plans/import", data=out.data, content_type="application/json")
    assert response.status_code == 201
    back = response.get_json()
    assert back["id"] != DEMO
    assert back["document"] == api.get(f"/plans/{DEMO}")["document"]


@pytest.mark.parametrize(
    ("body", "code", "where"),
    [
        ("{", "plan-damaged", ""),
        ("[]", "not-a-plan", "/format"),
        (write_plan(framed()).replace('"22 1/2 in"', '"22 1/2"'), "plan-faulty", "/readings/reading-5/value"),
        (write_plan(framed()).replace('"version": 4', '"version": 99'), "plan-from-the-future", "/version"),
    ],
)
def test_a_damaged_or_foreign_file_is_refused_and_nothing_is_stored(api: Api, body: str, code: str, where: str) -> None:
    response = api.client.post("/api/plans/import", data=body, content_type="application/json")
    assert response.status_code == 422
    problem = response.get_json()
    assert (problem["code"], problem["where"]) == (code, where)
    assert problem["faults"][0]["where"] == where
    assert len(api.get("/plans")["plans"]) == len(DEMO_PLANS)


def test_the_demo_is_put_back_by_a_change_that_can_be_undone(api: Api) -> None:
    api.edit(DEMO, ("/name", "Changed"))
    assert api.post(f"/demo/{DEMO}")["document"]["name"] == "Scullery cupboard"
    undone = api.step(DEMO, "undo", 3)
    assert undone["document"]["name"] == "Changed"
    api.client.delete(f"/api/plans/{DEMO}")
    assert api.post(f"/demo/{DEMO}")["document"]["name"] == "Scullery cupboard"
    api.post("/demo/nothing", status=404)


# ---- changes ------------------------------------------------------------------------------------------------------


def moved_of(change: dict[str, Any]) -> list[str]:
    moved: list[str] = change["outcome"].get("moved", {}).get("keys", [])
    return moved


def test_a_change_answers_only_what_became_otherwise(api: Api, sides: str, drawer: str) -> None:
    before = api.get(f"/plans/{DEMO}")["solution"]["quantities"]
    change = api.edit(DEMO, (sides, "15/32 in"))
    after = api.get(f"/plans/{DEMO}")["solution"]["quantities"]
    assert change["revision"] == 2
    told = change["change"]["outcome"]
    assert told["quantities"] == {k: sparse(v) for k, v in after.items() if before.get(k) != v}
    assert "gone" not in told
    assert "shopping" not in told or told["shopping"] != before
    assert f"{drawer}/front_width_cut" not in told["quantities"]
    key = f"{drawer}/box_front_length_cut"
    assert key in moved_of(change["change"])
    assert (before[key]["value"]["text"], after[key]["value"]["text"]) == ("20 3/8", "20 7/16")
    assert not [one for one in change["change"]["patch"] if "measured" not in one["path"]]


CHANGES = [
    ("/choices/joint", "rabbet_in_ends"), ("/choices/gap", "1/16 in"), ("/units/length", "mm"), ("/choices/front", "none"),
    ("/name", "Other"), ("/choices/carcass", "new"),
]  # fmt: skip


@pytest.mark.parametrize(("path", "value"), CHANGES)
@pytest.mark.parametrize("plan_id", ["scullery-cupboard", "potting-bench", "survey-van"])
def test_what_the_caller_holds_and_the_answer_make_the_whole(api: Api, plan_id: str, path: str, value: str) -> None:
    """Document, words, parts, findings and strokes, after a change, its undo and its redo."""
    other = {"/units/length": {"in": "mm", "mm": "in"}}.get(path, {})
    length = api.get(f"/plans/{plan_id}")["document"]["units"]["length"]
    held = api.edit(plan_id, (path, other.get(length, value)))
    for way in ("", "undo", "redo") if held["can_undo"] else ("",):
        held = api.step(plan_id, way, held["revision"]) if way else held
        whole = api.get(f"/plans/{plan_id}")
        assert held["document"] == whole["document"]
        assert sparse(held["solution"]) == sparse(whole["solution"])
        assert sparse(held["drawings"]) == sparse(whole["drawings"])


def test_another_joint_says_which_quantities_came_and_went(api: Api, drawer: str) -> None:
    there = api.edit(DEMO, ("/choices/joint", "rabbet_in_ends"))["change"]["outcome"]
    assert f"{drawer}/rabbet_depth_front" in there["quantities"]
    back = api.edit(DEMO, ("/choices/joint", "butt_between"))["change"]["outcome"]
    assert f"{drawer}/rabbet_depth_front" in back["gone"]


def test_a_preview_stores_nothing(api: Api, sides: str) -> None:
    body = {"base": 1, "act": putting((sides, "15/32 in"))}
    shown = api.post(f"/plans/{DEMO}/preview", body)
    assert "plan/side_thickness" in moved_of(shown)
    assert api.get(f"/plans/{DEMO}")["revision"] == 1


def test_a_preview_is_of_the_plan_as_the_caller_saw_it(api: Api, sides: str, drawer: str) -> None:
    api.edit(DEMO, (sides, "15/32 in"))
    body = {"base": 1, "act": putting(("/choices/gap", "1/16 in"))}
    moved = moved_of(api.post(f"/plans/{DEMO}/preview", body))
    assert f"{drawer}/front_width" in moved
    assert "plan/side_thickness" not in moved
    assert api.post(f"/plans/{DEMO}/preview", body | {"base": 9}, 409)["code"] == "plan-moved-on"


def test_the_second_of_two_tabs_is_told_what_changed_and_can_make_its_change_again(api: Api, sides: str) -> None:
    api.edit(DEMO, (sides, "15/32 in"), base=1)
    problem = api.edit(DEMO, ("/choices/gap", "1/16 in"), base=1, status=409)
    assert (problem["code"], problem["head"]) == ("plan-moved-on", 2)
    assert any(m["label"] == "box front length, cut" for m in problem["moved"])
    again = api.edit(DEMO, ("/choices/gap", "1/16 in"), base=problem["head"])
    assert again["revision"] == 3
    assert again["document"]["library"]["sheets"][sides.split("/")[3]]["measured"] == "15/32 in"


def test_a_change_whose_answer_cannot_be_computed_is_not_kept(
    api: Api, sides: str, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Compute, then commit: the answer is whole before anything is on disk."""

    def fails(*_: object) -> None:
        raise RuntimeError("the drawing fails")

    monkeypatch.setattr("vasculum.web.desk.drawing_deltas", fails)
    api.edit(DEMO, (sides, "15/32 in"), status=500)
    monkeypatch.undo()
    assert api.get(f"/plans/{DEMO}")["revision"] == 1


def test_undo_and_redo_make_revisions(api: Api, sides: str) -> None:
    api.edit(DEMO, (sides, "15/32 in"))
    undone = api.step(DEMO, "undo", 2)
    assert (undone["revision"], undone["can_undo"], undone["can_redo"]) == (3, False, True)
    assert moved_of(undone["change"])
    redone = api.step(DEMO, "redo", 3)
    assert (redone["revision"], redone["can_undo"], redone["can_redo"]) == (4, True, False)
    assert api.post(f"/plans/{DEMO}/redo", {"base": 4}, 409)["code"] == "nothing-to-redo"
    assert api.post(f"/plans/{DEMO}/undo", {"base": 1}, 409)["code"] == "plan-moved-on"
    labels = [e["label"] for e in api.get(f"/plans/{DEMO}/history")["entries"]]
    assert labels == ["Redone: Changed", "Undone: Changed", "Changed", "The demo as it ships"]


def test_typing_in_one_field_is_one_undo_step(api: Api) -> None:
    for gap in ("1/16 in", "3/16 in", "1/4 in"):
        api.edit(DEMO, ("/choices/gap", gap), field="choices/gap")
    undone = api.step(DEMO, "undo", 4)
    assert "gap" not in undone["document"]["choices"]


def test_new_parts_get_marks_that_stay(api: Api, sides: str) -> None:
    marks = api.get(f"/plans/{DEMO}")["document"]["marks"]
    api.edit(DEMO, ("/choices/joint", "rabbet_in_ends"))
    change = api.edit(DEMO, (sides, "15/32 in"))
    assert change["document"]["marks"] == marks


def test_the_other_unit_answers_every_text_that_reads_otherwise_and_moves_nothing(api: Api) -> None:
    before = api.get(f"/plans/{DEMO}")["solution"]["quantities"]
    change = api.edit(DEMO, ("/units/length", "mm"))["change"]
    assert moved_of(change) == []
    after = api.get(f"/plans/{DEMO}")["solution"]["quantities"]
    lengths = [key for key, one in after.items() if (one["value"] or {}).get("mm")]
    assert len(lengths) > 100
    assert change["outcome"]["quantities"] == {k: sparse(v) for k, v in after.items() if before[k] != v}
    assert set(lengths) <= change["outcome"]["quantities"].keys()


@pytest.mark.parametrize("path", ["", "/units/length"])
def test_a_preview_says_what_is_on_the_screen_and_what_moved(api: Api, sides: str, drawer: str, path: str) -> None:
    """Of sections and quantities only those that are shown; of drawings only the sheet in view."""
    view = {"name": "section", "of": drawer}
    shows = {"sections": ["findings", "tape_checks"], "keys": [f"{drawer}/dry_gap_beside", f"{drawer}/front_width_cut"]}
    body = {"base": 1, "act": putting((path, "mm") if path else (sides, "0.47 in")), "view": view}
    whole, shown = (api.post(f"/plans/{DEMO}/preview", {**body, **more}) for more in ({}, {"shows": shows}))
    told, everything = shown["outcome"], whole["outcome"]
    assert "parts" in everything
    assert told.keys() - {"quantities", "moved"} == everything.keys() & {*shows["sections"]}
    assert told.get("moved") == everything.get("moved")
    asked = {*shows["keys"], *moved_of(shown)}
    assert told["quantities"] == {k: v for k, v in everything["quantities"].items() if k in asked}
    assert (len(told["quantities"]) == 2 < len(everything["quantities"])) == bool(path)
    assert [one["name"] for one in shown["drawings"]] == ["section"]


def test_sections_are_named_as_the_solution_has_them() -> None:
    assert {"quantities", *get_args(SectionName)} == {"quantities", *SECTIONS} == {*Solution.model_fields}
    assert {*SECTIONS} < {*OutcomeDelta.model_fields}


def test_the_printed_revision_says_how_much_has_changed_since(api: Api, sides: str) -> None:
    assert api.get(f"/plans/{DEMO}")["printed"] is None
    api.post(f"/plans/{DEMO}/printed", {"revision": 1})
    assert api.get(f"/plans/{DEMO}")["printed"] == {"revision": 1, "changed_since": 0}
    change = api.edit(DEMO, (sides, "15/32 in"))
    told = change["change"]["outcome"]["moved"]
    assert change["printed"] == {"revision": 1, "changed_since": len(told["keys"]) + told.get("more", 0)}


# ---- reasons and files --------------------------------------------------------------------------------------------


def test_every_quantity_answers_why(api: Api) -> None:
    for key in api.get(f"/plans/{DEMO}")["solution"]["quantities"]:
        chain = api.get(f"/plans/{DEMO}/why?key={key}")["chain"]
        assert chain[0]["key"] == key
        known = {link["key"] for link in chain}
        assert all(feed in known for link in chain for feed in link["inputs"])


@pytest.mark.parametrize("key", ["", "x", "a/b/c", "place-3/colour", "nowhere/box_width"])
def test_why_of_nothing_is_refused(api: Api, key: str) -> None:
    assert api.get(f"/plans/{DEMO}/why?key={key}", 404)["code"] == "no-such-key"


@pytest.mark.parametrize(
    ("name", "media", "begins"),
    [
        ("plan.json", "application/json", b"{"),
        ("parts.csv", "text/csv", b"marks,"),
        ("parts.xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", b"PK"),
        ("drawing.svg", "image/svg+xml", b"<svg"),
        ("drawing.dxf", "image/vnd.dxf", b"  0"),
        ("sheet.pdf", "application/pdf", b"%PDF"),
    ],
)
def test_files_come_with_their_type_and_a_plain_name(api: Api, name: str, media: str, begins: bytes) -> None:
    response = api.client.get(f"/api/plans/{DEMO}/files/{name}")
    assert response.status_code == 200
    assert response.mimetype == media
    assert response.data.startswith(begins)
    assert f"scullery-cupboard-1-{name}" in response.headers["Content-Disposition"]


def test_a_file_that_is_none_is_refused(api: Api) -> None:
    assert api.get(f"/plans/{DEMO}/files/parts.exe", 404)["code"] == "no-such-file"
    assert api.client.get(f"/api/plans/{DEMO}/files/..%2f..%2fsecret").status_code == 404


def test_the_measuring_sheet_needs_no_plan(api: Api) -> None:
    assert api.client.get("/api/measuring-sheet.pdf").data.startswith(b"%PDF")


def test_the_measuring_sheet_of_a_plan_is_on_its_paper(api: Api) -> None:
    """The scullery cupboard is in inches: Letter, 612 x 792 points; without a plan it is A4, 595 x 842."""
    for address, size in (
        (f"/api/plans/{DEMO}/measuring-sheet.pdf", (612, 792)),
        ("/api/measuring-sheet.pdf", (595, 842)),
    ):
        page = pypdf.PdfReader(io.BytesIO(api.client.get(address).data)).pages[0]
        assert (round(page.mediabox.width), round(page.mediabox.height)) == size
    assert api.client.get("/api/plans/plan-none/measuring-sheet.pdf").status_code == 404


def test_a_plan_at_a_glance(api: Api) -> None:
    seen = api.get(f"/plans/{DEMO}/glance")
    assert (seen["size"], seen["drawers"], seen["spaces"]) == ("22 1/2 × 9 7/16 × 22 7/8 in", 1, 1)
    assert (seen["stops"], seen["attention"], seen["worst"]) == (0, 0, "")
    assert {one["role"] for one in seen["picture"]["strokes"]}.isdisjoint({"dimension", "label", "reading", "cell"})
    api.edit(DEMO, ("/choices/wanted_box_height", "12 in"))
    then = api.get(f"/plans/{DEMO}/glance")
    assert then["stops"] > 0
    assert "Rack drawer" in then["worst"]


def test_the_catalogue_says_what_can_be_chosen_and_each_rules_sentence(api: Api) -> None:
    catalogue = api.get("/catalogue")
    joints = {a["value"] for a in catalogue["alternatives"] if a["family"] == "joint"}
    assert joints - {"integral"} == {a["value"] for a in catalogue["alternatives"] if a["family"] == "back"}
    assert {"butt_between", "rabbet_in_ends", "half_blind"} <= joints
    assert {one["what"] for one in catalogue["settings"]} == {one["what"] for one in catalogue["stations"]}
    gap = next(c for c in catalogue["choosables"] if c["name"] == "gap")
    assert (gap["default_in"], gap["default_mm"], gap["source"]) == ("1/8 in", "3 mm", "common practice")
    assert any(r["name"] == "box_width" and r["sentence"].startswith("The box is") for r in catalogue["rules"])
    assert {(g["space"], g["survey"]) for g in catalogue["stations"]} == {
        ("framed", "frame"),
        ("framed", "case"),
        ("frameless", "case"),
    }


@pytest.mark.parametrize(
    ("text", "unit", "kept", "shown", "other"),
    [
        ("14 11/16", "in", "14 11/16 in", "14 11/16", "373.1 mm"),
        ("30 3/8 - 3 * 3/4", "in", "(30 3/8 - 3 * 3/4) in", "28 1/8", "714.4 mm"),
        ("240", "mm", "240 mm", "240", "9 29/64 in"),
    ],
)
def test_a_typed_length_is_read(api: Api, text: str, unit: str, kept: str, shown: str, other: str) -> None:
    answer = api.post("/length", {"text": text, "unit": unit})
    assert (answer["read"]["kept"], answer["read"]["value"]["text"], answer["read"]["value"]["other"]) == (
        kept,
        shown,
        other,
    )


def test_the_reckoner_answers_exact_and_snapped(api: Api) -> None:
    answer = api.post("/length", {"text": "(30 3/8 - 3 * 3/4) / 4", "unit": "in", "increment": "1/16 in"})
    assert (answer["read"]["value"]["text"], answer["snapped"]["text"]) == ("7 1/32", "7 1/16")
    refused = api.post("/length", {"text": "7", "unit": "in", "increment": "0 in"})
    assert refused["refused"]["code"] == "length-zero"


def test_a_typed_length_that_is_none_is_refused_with_what_would_be_accepted(api: Api) -> None:
    answer = api.post("/length", {"text": "12..5", "unit": "in"})
    assert answer["read"] is None
    assert answer["refused"]["code"] == "length-unreadable"
    assert "14 11/16" in answer["refused"]["fix"]


# ---- bad requests -------------------------------------------------------------------------------------------------


NAMED = putting(("/name", "x"))
BAD_BODIES: list[tuple[Any, int, str]] = [
    ({"base": 1}, 422, "/act"),
    ({"base": 1, "act": {"patch": []}}, 422, "/act"),
    ({"base": 1, "act": {"do": "dance"}}, 422, "/act"),
    ({"base": 1, "act": {"do": "split", "place": "place-1"}}, 422, "/act/into"),
    ({"base": 1, "act": {"do": "split", "place": "place-1", "into": "thirds"}}, 422, "/act/into"),
    ({"base": 1, "act": {"do": "change", "patch": []}}, 422, "/act/patch"),
    ({"base": 0, "act": NAMED}, 422, "/base"),
    ({"base": "1", "act": NAMED}, 422, "/base"),
    ({"base": 1, "act": {"do": "change", "patch": [{"op": "move", "path": "/name"}]}}, 422, "/act/patch/0/op"),
    ({"base": 1, "act": NAMED, "more": 1}, 422, "/more"),
    ({"base": 1, "act": NAMED | {"more": 1}}, 422, "/act/more"),
    ({"base": 1, "act": putting(("/name", 5))}, 422, "/name"),
    ({"base": 1, "act": putting(("/readings/x/value", "1 in"))}, 422, ""),
    ({"base": 1, "act": putting(*[("/name", "x")] * 501)}, 422, "/act/patch"),
    ([], 422, ""),
]


@pytest.mark.parametrize(("body", "status", "where"), BAD_BODIES)
def test_a_faulty_body_is_refused_with_the_place_and_changes_nothing(
    api: Api, body: Any, status: int, where: str
) -> None:
    problem = api.post(f"/plans/{DEMO}/edits", body, status)
    assert problem["where"] == where
    assert problem["detail"]
    assert api.get(f"/plans/{DEMO}")["revision"] == 1


def test_damaged_json_is_refused(client: FlaskClient) -> None:
    response = client.post(f"/api/plans/{DEMO}/edits", data="{", content_type="application/json")
    assert (response.status_code, response.get_json()["code"]) == (400, "body-damaged")


@pytest.mark.parametrize("media", ["text/plain", "application/x-www-form-urlencoded", "multipart/form-data", ""])
def test_only_json_is_taken_so_that_no_page_elsewhere_can_post(client: FlaskClient, media: str) -> None:
    response = client.post(f"/api/plans/{DEMO}/copy", data="{}", content_type=media)
    assert (response.status_code, response.get_json()["code"]) == (415, "not-json")
    response = client.post("/api/plans/import", data=write_plan(framed()), content_type=media)
    assert response.status_code == 415


@pytest.mark.parametrize("host", ["evil.example", "127.0.0.1.evil.example:80", "10.0.0.1", "evil.example:8017"])
def test_another_host_name_is_refused(client: FlaskClient, host: str) -> None:
    assert client.get("/api/plans", headers={"Host": host}).status_code == 403
    assert client.get("/", headers={"Host": host}).status_code == 403


@pytest.mark.parametrize("host", ["127.0.0.1:8017", "localhost:1", "localhost", "[::1]:8017", "[::1]"])
def test_this_machines_names_are_taken(client: FlaskClient, host: str) -> None:
    assert client.get("/api/plans", headers={"Host": host}).status_code == 200


def test_a_body_that_is_too_large_is_refused(client: FlaskClient) -> None:
    response = client.post("/api/plans/import", data="x" * 2_600_000, content_type="application/json")
    assert (response.status_code, response.mimetype) == (413, "application/problem+json")


@pytest.mark.parametrize(("method", "path"), [("GET", "/api/nothing"), ("GET", "/api/plans/none"), ("POST", "/api/x")])
def test_what_is_not_there_is_a_problem(client: FlaskClient, method: str, path: str) -> None:
    response = client.open(path, method=method, json={})
    assert response.status_code in (404, 405)
    assert response.mimetype == "application/problem+json"
    assert {"type", "title", "status", "detail", "code", "fix"} <= response.get_json().keys()


def test_a_failure_of_ours_is_a_problem_without_its_inside(app: Any) -> None:
    app.add_url_rule("/api/broken", "broken", lambda: 1 / 0)
    response = app.test_client().get("/api/broken")
    assert response.status_code == 500
    assert "division" not in response.get_data(as_text=True)


def test_every_answer_carries_the_policy(client: FlaskClient) -> None:
    for path in ("/", "/api/plans", "/api/nothing", "/plans/x"):
        headers = client.get(path).headers
        policy = headers["Content-Security-Policy"]
        assert "default-src 'none'" in policy
        assert "script-src 'self'" in policy
        assert "unsafe" not in policy
        assert headers["X-Content-Type-Options"] == "nosniff"
    assert client.get("/api/plans").headers["Cache-Control"] == "no-store"


def test_no_file_outside_the_front_end_is_served(client: FlaskClient) -> None:
    for path in ("/../app.py", "/..%2fapp.py", "/assets/../../app.py", "/%2e%2e/app.py"):
        assert b"create_app" not in client.get(path).data


def test_every_address_of_the_page_answers_the_page(client: FlaskClient) -> None:
    page = client.get("/").data
    assert b'id="root"' in page
    assert b"<script>" not in page
    assert client.get(f"/plans/{DEMO}/cut").data == page


def test_the_description_is_valid_and_knows_every_route(app: Any, api: Api) -> None:
    described = api.get("/openapi.json")
    assert described["openapi"] == "3.1.0"
    routes = {
        str(rule).replace("<", "{").replace(">", "}")
        for rule in app.url_map.iter_rules()
        if str(rule).startswith("/api/")
    }
    assert routes == set(described["paths"])
    text = json.dumps(described)
    for name in {part.split('"')[0] for part in text.split("#/components/schemas/")[1:]}:
        assert name in described["components"]["schemas"]


def test_alternatives_are_weighed_and_an_unknown_family_is_refused(api: Api) -> None:
    answer = api.get("/plans/potting-bench/alternatives?family=bottom")
    assert [one["is_chosen"] for one in answer["alternatives"]].count(True) == 1
    refused = api.client.get("/api/plans/potting-bench/alternatives?family=colour")
    assert (refused.status_code, refused.get_json()["code"]) == (404, "no-such-family")


def test_a_push_is_shown_and_kept_by_the_same_act(api: Api) -> None:
    plan = api.get("/plans/survey-van")
    (thing,) = [id_ for id_, one in plan["document"]["obstructions"].items() if one["what"] == "anchor"]
    act = {"do": "push", "obstruction": thing, "across": 3, "in_steps": True}
    api.post("/plans/survey-van/preview", {"base": plan["revision"], "act": act})
    assert api.get("/plans/survey-van")["revision"] == plan["revision"]
    assert api.act("survey-van", act)["document"]["obstructions"][thing]["from_left"] == "481.5 mm"


def test_a_length_that_is_typed_is_read_and_shown_by_one_request(api: Api, sides: str) -> None:
    body = {"base": 1, "act": {"do": "enter", "path": sides, "text": "15/32"}}
    shown = api.post(f"/plans/{DEMO}/preview", body)
    read = shown["typed"]["read"]
    assert (read["kept"], read["value"]["text"], read["value"]["other"]) == ("15/32 in", "15/32", "11.9 mm")
    assert "plan/side_thickness" in moved_of(shown)
    half = api.post(f"/plans/{DEMO}/preview", {"base": 1, "act": {"do": "enter", "path": sides, "text": "15/"}})
    assert (half["typed"]["refused"]["code"], half["typed"]["read"]) == ("length-unreadable", None)
    assert (half["outcome"], half["drawings"]) == ({}, []), "half a text changes nothing"
    kept = api.act(DEMO, {"do": "enter", "path": sides, "text": "15/"}, status=422)
    assert kept["code"] == half["typed"]["refused"]["code"]


def test_what_was_typed_is_told_in_the_history_with_its_unit(api: Api, sides: str) -> None:
    act = {"do": "enter", "path": sides, "text": "15/32"}
    assert api.act(DEMO, act, label="Sides measured")["change"]["label"] == "Sides measured: 15/32 in"
    assert api.act(DEMO, act | {"text": None}, label="Sides not measured")["change"]["label"] == "Sides not measured"


def test_an_act_that_changes_nothing_is_no_step(api: Api, sides: str) -> None:
    act = {"do": "enter", "path": sides, "text": "15/32"}
    assert api.act(DEMO, act)["revision"] == 2
    assert api.act(DEMO, act)["revision"] == 2


def test_a_long_answer_is_packed_for_who_unpacks_and_is_the_same(client: FlaskClient) -> None:
    plain = client.get(f"/api/plans/{DEMO}")
    packed = client.get(f"/api/plans/{DEMO}", headers={"Accept-Encoding": "gzip"})
    short = client.get("/api/plans", headers={"Accept-Encoding": "gzip"})
    assert "Content-Encoding" not in plain.headers
    assert packed.headers["Content-Encoding"] == "gzip"
    assert "Accept-Encoding" in packed.headers["Vary"]
    assert gzip.decompress(packed.data) == plain.data
    assert len(packed.data) < len(plain.data) / 3
    assert len(short.data) < 8_000
    assert "Content-Encoding" not in short.headers
