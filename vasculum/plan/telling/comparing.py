"""Two versions of a plan side by side: parts, inside volume, sheet area, hardware, findings.

Both are said in the unit of the first.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Iterable, Mapping, Sequence
from fractions import Fraction
from typing import Literal, TypeVar

from vasculum.core.lengths import UNIT_MM, Unit
from vasculum.plan.document import Model
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.meeting import Proof
from vasculum.plan.making.pieces import pieces_of
from vasculum.plan.telling.solution import PartShown, Solution, solution_of
from vasculum.plan.telling.words import NOT_YET, number_text

T = TypeVar("T")
Topic = Literal["whole", "sheets", "hardware", "parts", "findings"]
SQUARE_METRE, SQUARE_FOOT = Fraction(1_000_000), (12 * UNIT_MM["in"]) ** 2


class Compared(Model):
    """One line: what both have, or one of them lacks; empty where it does."""

    topic: Topic
    what: str
    left: str
    right: str
    differs: bool


def compared(
    left: SolvedPlan, right: SolvedPlan, proofs: tuple[Proof | None, Proof | None] = (None, None)
) -> list[Compared]:
    """Every line that tells two plans apart or says that they are alike, topic by topic.

    Of parts and findings only those are listed that one of them lacks or has in another number.
    """
    right = right if right.plan.units == left.plan.units else _in_unit_of(left, right)
    solutions = (solution_of(left, proofs[0]), solution_of(right, proofs[1]))
    unit = left.plan.units.length
    return [
        *_whole((left, right), solutions),
        *_lines("sheets", [_areas(one) for one in (left, right)], lambda area: area_text(area, unit)),
        *_lines(
            "hardware",
            [{", ".join(filter(None, (h.what, h.through))): h.count for h in one.hardware} for one in solutions],
            str,
        ),
        *_only_different(_lines("parts", [_parts(one.parts) for one in solutions], str)),
        *_only_different(_lines("findings", [_findings(one) for one in solutions], str)),
    ]


def _in_unit_of(left: SolvedPlan, right: SolvedPlan) -> SolvedPlan:
    """The same solution, said in the other plan's unit."""
    units = right.plan.units.model_copy(update={"length": left.plan.units.length})
    return SolvedPlan(right.plan.model_copy(update={"units": units}), right.laid, right.solved)


def area_text(area: Fraction, unit: Unit) -> str:
    """An area of mm² as a person reads it: square feet or square metres."""
    return f"{float(area / SQUARE_FOOT):.1f} sq ft" if unit == "in" else f"{float(area / SQUARE_METRE):.2f} m²"


def _whole(plans: tuple[SolvedPlan, SolvedPlan], solutions: tuple[Solution, Solution]) -> Iterable[Compared]:
    unit = plans[0].plan.units.length
    counts = [str(sum(part.count for part in one.parts)) for one in solutions]
    kinds = [str(len(one.parts)) for one in solutions]
    boxes = [str(len(boxes_of(one.plan))) for one in plans]
    volumes = [number_text(volume_of(one), unit, "litre") for one in plans]
    for what, (left, right) in (
        ("Boxes that are pulled out", boxes),
        ("Inside volume of all boxes", volumes),
        ("Parts to cut", counts),
        ("Different parts", kinds),
    ):
        yield Compared(topic="whole", what=what, left=left, right=right, differs=left != right)


def volume_of(plan: SolvedPlan) -> Fraction:
    """Litres inside all boxes that have their sizes."""
    found = (plan.solved.value(node.id, "inside_volume") for node in boxes_of(plan.plan))
    return sum((v for v in found if v is not None), Fraction(0))


def _areas(plan: SolvedPlan) -> dict[str, Fraction]:
    """Net area of the parts of each sheet, mm²: without kerf and waste."""
    areas: dict[str, Fraction] = {}
    for part in pieces_of(plan):
        length, width = plan.solved.value(*part.length), plan.solved.value(*part.width)
        if part.sheet is not None and length is not None and width is not None:
            name = plan.plan.library.stock(part.sheet).name
            areas[name] = areas.get(name, Fraction(0)) + length * width
    return areas


def _parts(parts: Iterable[PartShown]) -> Counter[str]:
    counted: Counter[str] = Counter()
    for part in parts:
        sizes = " × ".join(s.value.text if s.value else NOT_YET for s in (part.length, part.width, part.thickness))
        # a mirrored pair is two different parts
        hand = f" ({part.hand})" if part.hand else ""
        counted[f"{part.name}{hand}, {sizes}, {part.material}"] += part.count
    return counted


def _findings(solution: Solution) -> Counter[str]:
    return Counter(f"{one.severity}: {one.place_name}: {one.message}" for one in solution.findings)


def _lines(topic: Topic, sides: Sequence[Mapping[str, T]], said: Callable[[T], str]) -> list[Compared]:
    left, right = sides
    return [
        Compared(
            topic=topic,
            what=what,
            left=said(left[what]) if what in left else "",
            right=said(right[what]) if what in right else "",
            differs=left.get(what) != right.get(what),
        )
        for what in dict.fromkeys([*left, *right])
    ]


def _only_different(lines: list[Compared]) -> list[Compared]:
    return [line for line in lines if line.differs]
