"""What was found in a plan, on paper: what stops before anything is cut, the rest further on."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from reportlab.platypus import Flowable

from vasculum.core.flow import Severity
from vasculum.export.pdf.glyphs import unprintable
from vasculum.export.pdf.page import section
from vasculum.export.pdf.type import FINE, said
from vasculum.plan.document import Plan
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.solution import Solution, alike

MOST_NAMES = 8
"""Names of places in one line; of more the first, and how many more."""
MOST_FIRST = 6
"""Lines of stops above the parts; where there are more, all of them stand under *Found*."""
_TITLES: dict[Severity, str] = {"attention": "Asks for attention", "note": "Notes", "caution": "Cautions"}


def several(names: Sequence[str]) -> str:
    """Names in a row; of many the first, and how many more."""
    shown = ", ".join(names[:MOST_NAMES])
    return f"{shown} and {len(names) - MOST_NAMES} more" if len(names) > MOST_NAMES else shown


def settle_first(solution: Solution) -> Iterator[Flowable]:
    """What stops, in full, and how much asks for attention: before anything is cut."""
    stops = _of(solution, "stop")
    others = len(_of(solution, "attention"))
    if stops:
        yield from section("Settle before cutting")
    for group in stops[:MOST_FIRST]:
        yield said(f"■ {_line(group)}")
    if len(stops) > MOST_FIRST:
        yield said(f"■ {len(stops) - MOST_FIRST} more, under Found.")
    if others:
        asks = "One thing asks" if others == 1 else f"{others} things ask"
        yield said(f"– {asks} for attention: read Found before cutting.")


def found(solution: Solution) -> Iterator[Flowable]:
    """Everything that was found, the gravest first; stops again only where not all stand above the parts."""
    stops = _of(solution, "stop")
    rest = {severity: _of(solution, severity) for severity in _TITLES}
    if any(rest.values()) or len(stops) > MOST_FIRST:
        yield from section("Found")
    for group in stops if len(stops) > MOST_FIRST else ():
        yield said(f"■ {_line(group)}")
    for severity, groups in rest.items():
        if groups:
            yield said(_TITLES[severity], FINE)
        yield from (said(f"– {_line(group)}") for group in groups)


def _of(solution: Solution, severity: Severity) -> list[list[FindingShown]]:
    return alike(one for one in solution.findings if one.severity == severity)


def _line(group: list[FindingShown]) -> str:
    one, *others = group
    more = f" And {len(others)} more like it." if others else ""
    return f"{several(one.place_name.split(', '))}: {one.message} {one.fix}".rstrip() + more


def signs_without_print(plan: Plan) -> Iterator[Flowable]:
    """What of the plan's words the fonts cannot print."""
    lacking = unprintable(plan)
    if lacking:
        codes = dict.fromkeys(f"U+{ord(sign):04X}" for one in lacking for sign in one.signs)
        yield said(f"□ stands for signs that no font here has: {several(list(codes))}.", FINE)
