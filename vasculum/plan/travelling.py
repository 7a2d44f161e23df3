"""How a case that comes apart travels: how many pieces, the largest, the heaviest, and what they weigh together."""

from __future__ import annotations

from vasculum.core.weights import weight_of
from vasculum.plan.joinery import nearest_key
from vasculum.plan.part import Part
from vasculum.plan.solving import SolvedPlan
from vasculum.plan.words import number_text


def weight_of_part(plan: SolvedPlan, part: Part) -> float | None:
    """Kilograms of one piece; None while a size waits, or where it is of no sheet."""
    sizes = [plan.solved.value(*key) for key in (part.length, part.width, part.thickness)]
    place, thickness = part.thickness
    density = plan.solved.value(*nearest_key(plan, place, thickness.replace("_thickness", "_density")))
    if part.sheet is None or density is None or None in sizes:
        return None
    length, width, thick = sizes
    return weight_of(length * width * thick, density)


def travels(plan: SolvedPlan, parts: list[Part]) -> str:
    """The packing list of the cases that come apart, in one sentence; empty where none does."""
    apart = [id_ for id_ in plan.plan.space_order if "case_joint.knock_down" in plan.laid.places[id_].kinds]
    boards = [p for p in parts if p.place in apart and (weight_of_part(plan, p) or 0) > 0]
    if not boards:
        return ""
    unit = plan.plan.units.length
    largest = max(boards, key=lambda p: plan.solved.value(*p.length) * plan.solved.value(*p.width))
    heaviest = max(boards, key=lambda p: weight_of_part(plan, p) or 0)
    sizes = " × ".join(number_text(plan.solved.value(*key), unit) for key in (largest.length, largest.width))
    return (
        f"Apart, the case travels as {len(boards)} pieces of "
        f"{number_text(sum(weight_of_part(plan, p) or 0 for p in boards), unit, 'kg')} together: "
        f"the largest is {_named(plan, largest)}, {sizes}; "
        f"the heaviest is {_named(plan, heaviest)}, {number_text(weight_of_part(plan, heaviest), unit, 'kg')}."
    )


def _named(plan: SolvedPlan, part: Part) -> str:
    return f"{plan.plan.marks.get(part.id, '')} {part.name.lower()}".strip()
