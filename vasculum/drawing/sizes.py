"""Sizes of one place by name, None while they wait, and dimensions that show them."""

from __future__ import annotations

from vasculum.core.flow import key_text
from vasculum.core.lengths import Mm, show
from vasculum.drawing.primitives import Dimension, Layer, Point, Sheet, Way
from vasculum.plan.edits.typing_over import may_be_typed_over
from vasculum.plan.laying.solving import SolvedPlan, nearest_key


class Sizes:
    """The sizes of one place; a name that it lacks is looked up further out."""

    def __init__(self, plan: SolvedPlan, place: str, sheet: Sheet) -> None:
        self.plan, self.place, self.sheet = plan, place, sheet

    def key(self, name: str) -> str:
        """The key that a name means here."""
        return key_text(nearest_key(self.plan, self.place, name))

    def of(self, name: str) -> Mm | None:
        """The value of a name, or None while it waits."""
        value: Mm | None = self.plan.solved.value(*nearest_key(self.plan, self.place, name))
        return value

    def own(self, name: str) -> Mm | None:
        """The value of a name of this very place."""
        value: Mm | None = self.plan.solved.value(self.place, name)
        return value

    def all_of(self, *names: str) -> tuple[Mm, ...] | None:
        """All values, or None while any of them waits."""
        values = [self.of(name) for name in names]
        return tuple(v for v in values if v is not None) if None not in values else None

    def dimension(self, name: str, way: Way, offset: Mm, start: Point, end: Point, layer: Layer = "dimensions") -> None:
        """Draw a dimension that shows one quantity."""
        key = nearest_key(self.plan, self.place, name)
        one = self.plan.solved.quantities[key]
        text = show(one.value, self.plan.plan.units.length)
        origin = "assumed" if one.rests_on and one.origin == "worked out" else one.origin
        is_choice = may_be_typed_over(self.plan, key)
        self.sheet.add(Dimension(layer, start, end, way, offset, text, key_text(key), origin, is_choice))
