"""What a search has proved of a row of stock is kept with the plan, and holds while the same parts are cut from it."""

from __future__ import annotations

from fractions import Fraction
from hashlib import sha256

from vasculum.core.lengths import Mm
from vasculum.cutting.sold import bought
from vasculum.plan.document import Plan, Proved
from vasculum.plan.making.on_stock import OnStock, compared


def proof_of(one: OnStock, least: Mm) -> Proved | None:
    """What is kept of a proof; nothing where it holds only beside sheets that are sawn, or offcuts."""
    if one.laid.sawn or one.laid.on_offcuts or least <= 0:
        return None
    return Proved(least=str(least), of=_parts_and_stock(one))


def is_proved(plan: Plan, one: OnStock) -> bool:
    """Whether it was proved that nothing less can be bought; never beside what was sawn for nothing."""
    proof = plan.proved.get(one.row)
    if proof is None or proof.of != _parts_and_stock(one):
        return False
    known = {part.name: part for part in one.parts}
    if any(leaf.part not in known for leaf in one.laid.best.parts()):
        return False
    return bought(one.laid.best.sheets, known, compared(one.stock)) <= Fraction(proof.least)


def _parts_and_stock(one: OnStock) -> str:
    """A short text that is another as soon as any size is: of what a proof speaks."""
    sizes = sorted((part.length, part.width, part.may_turn) for part in one.parts)
    return sha256(repr((sizes, compared(one.stock))).encode()).hexdigest()[:32]
