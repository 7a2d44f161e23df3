"""Files to take away: the plan, its parts, its drawing, its print pack, and the blank measuring sheet."""

from __future__ import annotations

import re

from flask import Response, request

from vasculum.core.errors import StoreRefused
from vasculum.core.tables import label_sheets
from vasculum.export.files import EXPORTS
from vasculum.plan.document.settings import setting_named
from vasculum.plan.telling.labels import labels_of, part_labels
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import PlanAnswer, Printed, TextLacking, UnprintableAnswer
from vasculum.web.pairing import network

endpoints = Endpoints("files")
route = endpoints.route


class NoSuchFile(StoreRefused):
    """No export by that name."""


@route("GET", "/plans/<plan_id>/files/<file_name>", media_type="application/octet-stream", refuses=(404,))
def plan_file(plan_id: str, file_name: str) -> Response:
    """One export of a plan as it is now."""
    if file_name not in EXPORTS:
        raise NoSuchFile("no-such-file", f"There is no file {file_name!r}.", f"There is {', '.join(EXPORTS)}.")
    revision = desk().plans.get(plan_id)
    export = EXPORTS[file_name]
    made = export.make(desk().solved(revision), revision.number)
    return _attached(made, export.media_type, f"{_plain(revision.plan.name)}-{revision.number}-{file_name}")


@route("GET", "/plans/<plan_id>/unprintable", UnprintableAnswer, refuses=(404,))
def unprintable_texts(plan_id: str) -> UnprintableAnswer:
    """What of the plan's own words the fonts for paper cannot print, before it is printed."""
    from vasculum.export.pdf.glyphs import unprintable

    found = unprintable(desk().plans.get(plan_id).plan)
    return UnprintableAnswer(texts=[TextLacking(text=one.text, signs=one.signs) for one in found])


@route("GET", "/measuring-sheet.pdf", media_type="application/pdf", query=("what",))
def measuring_sheet_file() -> Response:
    """A blank measuring sheet for one kind of space, or for a cabinet; needs no plan."""
    from vasculum.export.pdf.measuring import measuring_sheet

    setting = setting_named(request.args.get("what", ""))
    return _attached(measuring_sheet(setting), "application/pdf", f"measuring-sheet-{setting.what}.pdf")


@route("GET", "/plans/<plan_id>/measuring-sheet.pdf", media_type="application/pdf", refuses=(404,), query=("what",))
def measuring_sheet_of_plan(plan_id: str) -> Response:
    """The same, on the paper of a plan."""
    from vasculum.export.pdf.measuring import measuring_sheet

    setting, paper = setting_named(request.args.get("what", "")), desk().plans.get(plan_id).plan.printed_on
    return _attached(measuring_sheet(setting, paper), "application/pdf", f"measuring-sheet-{setting.what}.pdf")


@route("GET", "/plans/<plan_id>/labels.pdf", media_type="application/pdf", refuses=(404,), query=("size", "of"))
def labels_file(plan_id: str) -> Response:
    """Labels for the drawers of a plan, or of its *parts*, on the first size of its paper unless another is named.

    Each has a code that opens its page: through the second door where that is open, so that a phone finds it.
    """
    from vasculum.export.pdf.labels import labels

    revision = desk().plans.get(plan_id)
    known = {one.id: one for one in label_sheets()}
    usual = next(one.id for one in label_sheets() if one.paper == revision.plan.printed_on)
    size = request.args.get("size") or usual
    if size not in known:
        raise NoSuchFile("no-such-labels", f"There are no labels {size!r}.", f"There is {', '.join(known)}.")
    solved = desk().solved(revision)
    are_parts = request.args.get("of") == "parts"
    said_on = part_labels(solved) if are_parts else labels_of(solved.plan)
    made = labels(
        solved.plan.name,
        said_on,
        known[size],
        lambda place: cut_page(plan_id) if are_parts else page_of(plan_id, place),
    )
    named = f"{_plain(revision.plan.name)}-{'part-' if are_parts else ''}labels.pdf"
    return _attached(made, "application/pdf", named)


def page_of(plan_id: str, place: str) -> str:
    """Where the page of a drawer is: through the second door where that is open, so that a phone finds it."""
    return f"{_home()}plans/{plan_id}/drawer/{place}"


def cut_page(plan_id: str) -> str:
    """Where the parts of a plan stand."""
    return f"{_home()}plans/{plan_id}/cut"


def _home() -> str:
    return f"{network().origin}/" if network().is_on else request.host_url


@route("POST", "/plans/<plan_id>/printed", PlanAnswer, Printed, refuses=(404,))
def note_printed(plan_id: str, body: Printed) -> PlanAnswer:
    """Remember which revision was printed."""
    return desk().note_printed(plan_id, body.revision)


def _plain(name: str) -> str:
    return re.sub(r"[^a-z0-9]+", "-", name.lower()).strip("-") or "plan"


def _attached(made: bytes, media_type: str, name: str) -> Response:
    way = "inline" if media_type == "application/pdf" else "attachment"
    return Response(made, content_type=media_type, headers={"Content-Disposition": f'{way}; filename="{name}"'})
