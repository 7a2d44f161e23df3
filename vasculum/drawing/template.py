"""The template of a scribe strip, full size: a straight edge at the case, the wall on the other side."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import Line, Polyline, Sheet, Text
from vasculum.plan.laying.solving import SolvedPlan

ZERO = Fraction(0)
LETTER = Fraction(4)
"""Height of the text, mm."""


def templates(plan: SolvedPlan) -> list[Sheet]:
    """One sheet for each scribe strip that has its sizes."""
    sheets = (template(plan, id_) for id_ in plan.plan.scribes)
    return [sheet for sheet in sheets if sheet.primitives]


def template(plan: SolvedPlan, scribe: str) -> Sheet:
    """The strip standing up, its straight edge on the left, each station with its width."""
    one = plan.plan.scribes[scribe]
    sheet = Sheet("template", f"{one.name}, template, full size", 1, scribe)
    stations = sorted(_stations(plan, scribe))
    if len(stations) < 2:
        return sheet
    wall = [(width, at) for at, width, _ in stations]
    first, last = stations[0][0], stations[-1][0]
    outline = ((ZERO, first), *wall, (ZERO, last))
    sheet.add(Polyline("outline", "part", outline, is_closed=True, key=f"{scribe}/strip_width_cut"))
    for at, width, key in stations:
        sheet.add(Line("dimension", "dimensions", (ZERO, at), (width, at), key))
        text = show(width, plan.plan.units.length)
        sheet.add(Text("dimension", "dimensions", (width + LETTER / 2, at), text, LETTER, "start", key=key))
    return sheet


def _stations(plan: SolvedPlan, scribe: str) -> list[tuple[Mm, Mm, str]]:
    found = []
    for number in range(1, len(plan.plan.scribes[scribe].stations) + 1):
        place = f"{scribe}+{number}"
        at, width = plan.solved.value(place, "strip_station"), plan.solved.value(place, "strip_width_here")
        if at is not None and width is not None:
            found.append((at, width, key_text((place, "strip_width_here"))))
    return found
