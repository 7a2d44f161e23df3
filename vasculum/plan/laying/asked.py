"""Which choices are asked at each place: those that some answer of the catalogue reads there, or waits for.

It follows from the kinds of the place: what its rules, checks, pieces, cuts and goods need, and the families that it
has an alternative of. Nothing else is worth showing there.
"""

from __future__ import annotations

from collections.abc import Iterator
from functools import lru_cache

from vasculum.core.catalogue import the_catalogue
from vasculum.core.flow import family
from vasculum.core.tables import choosables
from vasculum.plan.document import Plan
from vasculum.plan.laying.places import THICKNESS_OF_SHEET, Laid, roles_behind

SHEET_OF = {thickness: sheet for sheet, thickness in THICKNESS_OF_SHEET.items()}


def asked_at(plan: Plan, laid: Laid) -> dict[str, frozenset[str]]:
    """Place → the names of the choices that are asked there, everything below it included."""
    found: dict[str, frozenset[str]] = {}
    for place in reversed(laid.places.values()):
        own = asked_of(place.kinds, plan.defaults_edition)
        for child in place.children:
            own |= found.get(child, frozenset())
        found[place.id] = own
    return found


@lru_cache(maxsize=1024)
def asked_of(kinds: frozenset[str], edition: str) -> frozenset[str]:
    """The choices that are asked of these kinds together."""
    known = choosables(edition)
    families = {family(kind) for kind in kinds}
    by_family = {name for name, one in known.items() if one.kind in families}
    by_need = {choice for need in _needs(kinds) for choice in choices_behind(need) if choice in known}
    return frozenset(by_family | by_need)


def _needs(kinds: frozenset[str]) -> Iterator[str]:
    catalogue = the_catalogue()
    for answers in (*catalogue.rules.values(), *catalogue.checks.values()):
        for rule in answers.values():
            if rule.kinds <= kinds:
                yield from rule.needs
                yield from rule.when
    for piece in catalogue.pieces:
        if piece.kinds <= kinds:
            yield from (*piece.needs, *piece.sizes, piece.where, piece.let_in, piece.fixed_at)
            yield from [piece.bands.choice] if piece.bands else []
    for cut in catalogue.cuts:
        yield from cut.needs if cut.kinds <= kinds else ()
    for good in catalogue.goods:
        yield from good.needs if good.kinds <= kinds else ()


def choices_behind(need: str) -> Iterator[str]:
    """The choice that gives a quantity: its own name, the sheet of a thickness, the band, the runner."""
    name = need.removeprefix("outer_").removeprefix("each_")
    yield name
    if name in SHEET_OF:
        yield from roles_behind(SHEET_OF[name])
    if name.endswith("_band_thickness"):
        yield name.removesuffix("_thickness")
    if name.startswith("runner_"):
        yield "runner"
    if name.endswith("_density"):
        yield "sheet_density"
