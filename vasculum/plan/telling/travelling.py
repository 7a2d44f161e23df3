"""How a case that comes apart travels: how many pieces, the largest, the heaviest, and what they weigh together."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.weights import weight_of
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.piece import OF_ANY_ROW, Piece
from vasculum.plan.telling.words import number_text


def weight_of_piece(plan: SolvedPlan, piece: Piece) -> float | None:
    """Kilograms of one piece; None while a size waits, or where it is of no sheet."""
    sizes = [plan.solved.value(*key) for key in (piece.length, piece.width, piece.thickness)]
    density = _density(plan, piece)
    if density is None or None in sizes:
        return None
    length, width, thick = sizes
    return weight_of(length * width * thick, density)


def _density(plan: SolvedPlan, piece: Piece) -> Fraction | None:
    """Kilograms per cubic metre of what a piece is of: its part's, or of any sheet in hand that row's own."""
    if piece.sheet is None:
        return None
    place, thickness = piece.thickness
    name = thickness.replace("_thickness", "_density")
    if piece.rule.stock in OF_ANY_ROW:
        own = plan.plan.library.stock(piece.sheet).density
        if own is not None:
            return Fraction(own)
        name = "sheet_density"
    density: Fraction | None = plan.solved.value(*nearest_key(plan, place, name))
    return density


def travels(plan: SolvedPlan, pieces: list[Piece]) -> str:
    """The packing list of the cases that come apart, in one sentence; empty where none does."""
    apart = [id_ for id_ in plan.plan.space_order if "case_joint.knock_down" in plan.laid.places[id_].kinds]
    boards = [p for p in pieces if p.place in apart and (weight_of_piece(plan, p) or 0) > 0]
    if not boards:
        return ""
    unit = plan.plan.units.length
    largest = max(boards, key=lambda p: plan.solved.value(*p.length) * plan.solved.value(*p.width))
    heaviest = max(boards, key=lambda p: weight_of_piece(plan, p) or 0)
    sizes = " × ".join(number_text(plan.solved.value(*key), unit) for key in (largest.length, largest.width))
    return (
        f"Apart, the case travels as {len(boards)} pieces of "
        f"{number_text(sum(weight_of_piece(plan, p) or 0 for p in boards), unit, 'kg')} together: "
        f"the largest is {_named(plan, largest)}, {sizes}; "
        f"the heaviest is {_named(plan, heaviest)}, {number_text(weight_of_piece(plan, heaviest), unit, 'kg')}."
    )


def _named(plan: SolvedPlan, piece: Piece) -> str:
    return f"{plan.plan.marks.get(piece.id, '')} {piece.rule.title.lower()}".strip()
