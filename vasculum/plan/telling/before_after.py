"""The arrangement that is there against the one that is planned: places, floor and room, all cells together."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

from vasculum.core.flow import MeasureUnit
from vasculum.core.reasons import litres
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import every_cell
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.rooms import room_of, sizes_of
from vasculum.plan.telling.words import number_text


class BeforeAfter(Model):
    """One figure of all cells together: before, after, and how much more that is."""

    what: str
    before: str
    after: str
    more: str


def before_and_after(plan: SolvedPlan) -> Iterator[BeforeAfter]:
    """Three figures; none where nothing was measured before, or a cell still waits."""
    former, length = plan.plan.former.values(), plan.plan.length
    rooms = [room for node in every_cell(plan.plan) if sizes_of(node) for room in [room_of(plan, node)]]
    if not former or None in rooms:
        return
    known = [room for room in rooms if room is not None]
    then = [(length(one.width) * length(one.depth), length(one.height), one.count) for one in former]
    nothing = Fraction(0)
    places = sum((Fraction(many) for *_, many in then), nothing), Fraction(len(known))
    floor_before = sum((floor * many for floor, _, many in then), nothing)
    floor_now = sum((one.width * one.depth for one in known), nothing)
    room_before = sum((floor * high * many for floor, high, many in then), nothing)
    room_now = sum((one.width * one.depth * one.sides for one in known), nothing)
    figures: list[tuple[str, tuple[Fraction, Fraction], MeasureUnit]] = [
        ("places", places, "count"), ("floor", (floor_before, floor_now), "area"),
        ("room", (litres(room_before), litres(room_now)), "litre"),
    ]  # fmt: skip
    for what, (before, after), measure in figures:
        said = [number_text(one, plan.plan.units.length, measure) for one in (before, after)]
        yield BeforeAfter(what=what, before=said[0], after=said[1], more=f"{float(after / before - 1):+.0%}")
