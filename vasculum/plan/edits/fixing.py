"""Fixes by one press: a choice and the value with which a finding is gone and nothing new is; each was tried."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from fractions import Fraction
from math import ceil, floor

from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import VasculumError
from vasculum.core.flow import Finding, Key, read_key
from vasculum.core.lengths import Mm
from vasculum.core.tables import Choosable, choosables
from vasculum.plan.document import Model
from vasculum.plan.document.patching import patched
from vasculum.plan.edits.choosing import Choose
from vasculum.plan.edits.dragging import exactly
from vasculum.plan.laying.places import PLAN
from vasculum.plan.laying.solving import SolvedPlan, nearest_key, solve_plan
from vasculum.plan.making.meeting import Proof
from vasculum.plan.telling.finding import FindingShown
from vasculum.plan.telling.mending import ROWS, mends_of
from vasculum.plan.telling.solution import findings_of
from vasculum.plan.telling.weighing import lacking
from vasculum.plan.telling.words import label_of

MOST_FIXES, MOST_TRIED, MOST_MORE, MOST_ALIKE = 3, 24, 6, 4
"""So many are offered, of so many tried, and so many more once there is one.

Of findings of one kind at one place so many are asked for their fields.
"""
GRAVE = ("stop", "attention")
Prove = Callable[[SolvedPlan], Proof]


class Fix(Model):
    """A choice → value that mends a finding: what it is called, from what to what, and the act that does it."""

    label: str
    was: str
    """What holds now; empty where nobody chose."""
    value: str
    act: Choose


def fixes_of(plan: SolvedPlan, code: str, place: str, prove: Prove) -> list[Fix]:
    """What would mend a finding by one choice, the smallest change first; empty where nothing that was tried does.

    Each is worked out and put together in space: the finding is gone there, and nothing stops or asks for attention
    that did not before.

    Args:
        code: of the finding.
        place: one of its places.
        prove: puts a plan together in space.
    """
    now = _grave(plan, prove(plan))
    if (code, place) not in now:
        return []
    tried: list[Fix] = []
    left = MOST_TRIED
    for fix in _candidates(plan, now[code, place]):
        if left == 0 or len(tried) == MOST_FIXES:
            break
        left -= 1
        if any((fix.act.at, fix.act.name) == (one.act.at, one.act.name) for one in tried):
            continue
        try:
            after = solve_plan(patched(plan.plan, fix.act.steps(plan)), plan)
        except VasculumError:
            continue
        if _mends(after, None, now, (code, place)) and _mends(after, prove(after), now, (code, place)):
            tried.append(fix)
            left = min(left, MOST_MORE)
    return tried


def _mends(after: SolvedPlan, proof: Proof | None, now: Mapping[Key, object], gone: Key) -> bool:
    then = _grave(after, proof)
    return gone not in then and then.keys() <= now.keys()


def _grave(plan: SolvedPlan, proof: Proof | None) -> dict[Key, list[FindingShown]]:
    """What speaks against a plan, by code and place: one box may meet several pieces."""
    found: dict[Key, list[FindingShown]] = {}
    for one in findings_of(plan, proof):
        for place in one.places if one.severity in GRAVE else ():
            found.setdefault((one.code, place), []).append(one)
    return found


def _candidates(plan: SolvedPlan, findings: list[FindingShown]) -> Iterator[Fix]:
    """Values of the fields behind a finding: lengths by what it lacks, then the default, then every other kind."""
    known = choosables(plan.plan.defaults_edition)
    mends = [mend for one in findings[:MOST_ALIKE] for mend in mends_of(plan, map(read_key, one.keys))]
    fields = [read_key(key) for key in dict.fromkeys(mend.key for mend in mends)]
    chosen = [(at, known[name]) for at, name in fields if name in known]
    lacks = _lacks(plan, findings[0])
    for at, one in chosen:
        yield from _lengths(plan, at, one, lacks) if one.kind == "length" else ()
    for at, one in chosen:
        if one.kind not in ROWS and _said(plan, at, one.name) not in (None, one.default(plan.plan.defaults_system)):
            yield _fix(plan, at, one, None)
    for at, one in chosen:
        yield from _kinds(plan, at, one) if one.kind not in ROWS else ()


def _lacks(plan: SolvedPlan, finding: FindingShown) -> list[Mm]:
    """The lengths that the check itself speaks of, the smallest first: one of them is too much or too little."""
    found = [
        check.value
        for key, check in plan.solved.quantities.items()
        if isinstance(check.value, Finding) and check.value.code == finding.code and key[0] in finding.places
    ]
    no_lengths = ("_kg", "_n", "_count")
    numbers = [Fraction(n) for one in found for name, n in one.numbers.items() if not name.endswith(no_lengths)]
    return sorted({abs(number) for number in numbers if number})


def _lengths(plan: SolvedPlan, at: str, one: Choosable, lacks: list[Mm]) -> Iterator[Fix]:
    """More and less by what is lacking, out to the shop's increment."""
    now = plan.solved.value(*nearest_key(plan, at, one.name)) if _said(plan, at, one.name) else None
    if now is None:
        return
    step = plan.plan.length(plan.plan.units.increment)
    for by in lacks:
        for value in (floor((now - by) / step) * step, ceil((now + by) / step) * step):
            if value > 0 or (value == 0 and not one.is_above_zero):
                yield _fix(plan, at, one, exactly(value, plan.plan.units.length))


def _kinds(plan: SolvedPlan, at: str, one: Choosable) -> Iterator[Fix]:
    now = _said(plan, at, one.name)
    for kind in the_catalogue().alternatives(one.kind):
        value = kind.partition(".")[2]
        if value != now and not lacking(plan.plan, the_catalogue().known[kind]):
            yield _fix(plan, at, one, value)


def _said(plan: SolvedPlan, at: str, name: str) -> str | None:
    """What is chosen for a place, a space or the plan; the default where nothing is."""
    own = plan.plan.places.get(at) or plan.plan.spaces.get(at) or plan.plan
    return own.choices.get(name) or choosables(plan.plan.defaults_edition)[name].default(plan.plan.defaults_system)


def _fix(plan: SolvedPlan, at: str, one: Choosable, value: str | None) -> Fix:
    return Fix(
        label=label_of(one.name, plan.plan.defaults_edition),
        was=_called(one, _said(plan, at, one.name)),
        value=_called(one, value if value is not None else one.default(plan.plan.defaults_system)) or "as it follows",
        act=Choose(do="choose", at=None if at == PLAN else at, name=one.name, value=value),
    )


def _called(one: Choosable, value: str | None) -> str:
    """A kind by its title, a length as it is."""
    kind = the_catalogue().known.get(f"{one.kind}.{value}")
    return kind.title if kind is not None else value or ""
