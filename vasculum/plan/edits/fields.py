"""Plain changes of fields: a JSON Patch, and a length or a weight typed into one field."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.core.weights import kept_weight
from vasculum.plan.document import Plan, as_usual
from vasculum.plan.document.patching import Patch, PatchStep
from vasculum.plan.edits.acts import Act, Typed, as_kept, put
from vasculum.plan.laying.solving import SolvedPlan


class Change(Act):
    """A JSON Patch as it stands."""

    do: Literal["change"]
    patch: Patch

    def steps(self, now: SolvedPlan) -> Iterable[PatchStep]:
        """The patch."""
        return self.patch


class Enter(Act):
    """A text typed into one field: a length, several with semicolons between, or a weight; none empties it."""

    do: Literal["enter"]
    path: Annotated[str, Field(max_length=400)]
    """Where it stands in the document, as a JSON Pointer."""
    text: Typed | None
    reads: Literal["length", "lengths", "weight"] = as_usual("length")

    def typed(self, plan: Plan) -> str | None:
        """The text, where it is one length."""
        return self.text if self.reads == "length" else None

    def entered(self, plan: Plan) -> str | None:
        """What is kept, several with semicolons between."""
        kept = self._kept(plan)
        return "; ".join(map(str, kept)) if isinstance(kept, list) else kept

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The field with what is kept of the text."""
        yield put(self.path, self._kept(now.plan))

    def _kept(self, plan: Plan) -> str | list[str | None] | None:
        if self.reads == "lengths":
            return [as_kept(one, plan) for one in (self.text or "").split(";") if one.strip()]
        if self.reads == "weight" and self.text is not None:
            return kept_weight(self.text, plan.units.length)
        return as_kept(self.text, plan)
