"""A size typed over in the drawing: where it is a choice the wish behind it follows, by as much as it was changed."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.errors import PlanRefused
from vasculum.core.flow import Key, read_key
from vasculum.core.lengths import Mm, read_length
from vasculum.plan.document import Plan
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Act, Typed
from vasculum.plan.edits.choosing import Choose
from vasculum.plan.edits.dragging import exactly
from vasculum.plan.edits.layout import SizeTo
from vasculum.plan.laying.asked import asked_at
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.words import label_of

PARTS = {"cell_width": "columns", "cell_height": "rows", "front_height_cut": "rows"}
"""Sizes of a part of a split that its own size decides, and of which split."""
WISHES = {
    "outside_height": ("wanted_box_height", "box_height"),
    "outside_depth": ("wanted_box_depth", "box_depth"),
    "runner_length": ("wanted_runner_length", "runner_length"),
    "runner_line_built": ("wanted_runner_line", "runner_line"),
}
"""Sizes of a box → the choice that wishes for one, and the size that the wish becomes."""


def may_be_typed_over(plan: SolvedPlan, key: Key) -> bool:
    """Whether a size is a choice, so that another one may be typed over it in the drawing.

    A result asks why, and so does what was built: no wish moves it.
    """
    place, name = key
    one = plan.solved.quantities.get(key)
    if place not in plan.plan.places or one is None or one.origin == "as built":
        return False
    if name in PARTS:
        split = plan.plan.places.get(plan.laid.places[place].parent or "")
        return split is not None and split.holds == PARTS[name]
    return name in WISHES and WISHES[name][0] in _asked(plan, place)


def _asked(plan: SolvedPlan, place: str) -> frozenset[str]:
    asked: dict[str, frozenset[str]] | None = plan.kept.get("asked")
    if asked is None:
        asked = plan.kept["asked"] = dict(asked_at(plan.plan, plan.laid))
    return asked.get(place, frozenset())


class TypeOver(Act):
    """Another length over a size that is drawn."""

    do: Literal["type-over"]
    key: Annotated[str, Field(max_length=200)]
    length: Typed | None
    """None takes the wish back."""

    def typed(self, plan: Plan) -> str | None:
        """The length."""
        return self.length

    def told(self, now: SolvedPlan) -> str:
        """The place and the size."""
        place, name = read_key(self.key)
        label = label_of(name, now.plan.defaults_edition)
        return f"{now.plan.places[place].name}: {label}" if place in now.plan.places else label

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The wish behind the size, changed by as much as was typed.

        Raises:
            PlanRefused: ``not-a-choice`` where the size is worked out; ``sizes-wait`` where it is not known yet.
        """
        key = place, name = read_key(self.key)
        if not may_be_typed_over(now, key):
            label = label_of(name, now.plan.defaults_edition)
            raise PlanRefused(
                "not-a-choice", f"{label} is worked out or built, not chosen.", "Ask why, and change that."
            )
        wish, becomes = WISHES.get(name, ("", name.replace("front_height_cut", "cell_height")))
        length = self._wished(now, place, becomes)
        if name in PARTS:
            yield from SizeTo(do="size", place=place, length=length).steps(now)
        else:
            at = place if len(boxes_of(now.plan)) > 1 else None
            yield from Choose(do="choose", at=at, name=wish, value=length).steps(now)

    def _wished(self, now: SolvedPlan, place: str, becomes: str) -> str | None:
        if self.length is None:
            return None
        unit = now.plan.units.length
        drawn: Mm | None = now.solved.value(*read_key(self.key))
        behind: Mm | None = now.solved.value(place, becomes)
        if drawn is None or behind is None:
            raise PlanRefused("sizes-wait", "This size is not known yet.", "Give the sizes that it rests on first.")
        return exactly(read_length(self.length, unit).mm + behind - drawn, unit)
