"""What was measured, what stands in the way, and what nobody has measured yet."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.platypus import Flowable

from vasculum.export.pdf.page import Cell, section, table
from vasculum.export.pdf.type import BIG, said
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.solution import Solution, shown
from vasculum.plan.telling.words import FATES, place_name, station_of


def measured(plan: SolvedPlan) -> Iterator[Flowable]:
    """Every reading, and which of them govern."""
    yield from section("Measured")
    rows: list[list[Cell]] = []
    for id_ in plan.plan.reading_order:
        reading = plan.plan.readings[id_]
        size = plan.solved.value(id_, reading.of)
        shown_size = shown(plan, size)
        is_smallest = size == plan.solved.value(reading.survey, f"governing_{reading.of}")
        margin = f" ± {reading.plus_minus}" if reading.plus_minus else ""
        rows.append(
            [
                place_name(plan.plan, reading.survey),
                station_of(reading),
                said(f"{reading.value}{margin}", BIG),
                shown_size.other if shown_size else "",
                "governs" if is_smallest else "",
            ]
        )
    if rows:
        yield table(("Where", "Station", "Reading", "Other unit", ""), rows, (2.2, 3.6, 2.6, 2, 1.3))
    else:
        yield said("Nothing has been measured yet.")


_STRETCHES = (
    ("projection_above", "at its upper end"), ("from_floor", "above the floor"), ("height", "high"),
    ("from_left", "from the left"), ("width", "wide"),
)  # fmt: skip


def in_the_way(plan: SolvedPlan) -> Iterator[Flowable]:
    """What stands in each space, how far, and over which stretch."""
    if not plan.plan.obstructions:
        return
    yield from section("In the way")
    rows: list[list[Cell]] = []
    for one in plan.plan.obstructions.values():
        stretches = [f"{getattr(one, name)} {words}" for name, words in _STRETCHES if getattr(one, name) is not None]
        where = f"{place_name(plan.plan, one.space)}, {one.on}"
        rows.append([one.name, where, said(one.projection, BIG), ", ".join(stretches)])
    yield table(("What", "Where", "Stands in", "Over"), rows, (2.4, 3, 1.8, 4))


def what_is_there(plan: SolvedPlan) -> Iterator[Flowable]:
    """What is there before anything is built, what becomes of it, and what stands in for it."""
    if not plan.plan.existing:
        return
    yield from section("What is there")
    rows: list[list[Cell]] = []
    for one in plan.plan.existing.values():
        sizes = " × ".join(size for size in (one.length, one.width, one.thickness) if size)
        stands_in = f"a {one.stand_in} stands in for it" if one.stand_in else ""
        count = f"{one.count} × " if one.count > 1 else ""
        where = place_name(plan.plan, one.space)
        rows.append(
            [f"{count}{one.name}", where, said(FATES[one.fate], BIG), ", ".join(filter(None, (sizes, stands_in)))]
        )
    yield table(("What", "Where", "What becomes of it", "Sizes, and what stands in"), rows, (2.4, 2.4, 2.4, 4))


def still_assumed(solution: Solution) -> Iterator[Flowable]:
    """What the sizes with a star rest on, with room to write what it measures."""
    if not solution.assumed:
        return
    yield from section("Still assumed: measure the piece in your hand")
    rows: list[list[Cell]] = [
        [a.label, said(f"{a.value.text} *", BIG), a.value.other, a.source, "________"] for a in solution.assumed
    ]
    yield table(("What", "Assumed", "Other unit", "From", "Measured"), rows, (3, 1.7, 1.7, 4, 1.6))
