"""What the tape said at a station, and what was really cut."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field

from vasculum.plan.document import Plan, Reading, as_usual
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.document.reading import pointer
from vasculum.plan.document.stations import Station
from vasculum.plan.edits.acts import Act, Named, Numbers, Typed, as_kept, dumped, gone, put
from vasculum.plan.laying.solving import SolvedPlan

MARGINS = ("±", "+/-")
"""What stands between a reading and how far it may be off."""


class Measure(Act):
    """A reading at a station: the one that is told, else the first one there, else a new one; none takes it out."""

    do: Literal["measure"]
    survey: Named
    station: Station
    reading: Named | None = as_usual(None)
    value: Typed | None
    """As typed; how far it may be off may follow: ``22 1/2 ± 1/32``."""
    plus_minus: Typed | None = as_usual(None)
    """How far it may be off, where a device says so; else what was said of it stays."""
    note: Annotated[str, Field(max_length=200)] | None = as_usual(None)
    taken_by: Annotated[str, Field(max_length=60)] = as_usual("")
    taken_at: Annotated[str, Field(max_length=40)] | None = as_usual(None)

    def typed(self, plan: Plan) -> str | None:
        """What the tape said."""
        return self._parted()[0]

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return f"{self.station.of.replace('_', ' ').capitalize()} read"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The reading with who took it and when."""
        text, margin = self._parted()
        plan, value = now.plan, as_kept(text, now.plan)
        known = self._known(plan)
        if value is None:
            if known is not None:
                yield gone(f"/readings/{known}")
                yield gone(f"/reading_order/{plan.reading_order.index(known)}")
            return
        said = {"value": value, "taken_by": self.taken_by, "taken_at": self.taken_at}
        if margin is not None:
            said |= {"plus_minus": as_kept(margin, plan)}
        if self.note is not None:
            said |= {"note": self.note}
        if known is not None:
            yield from (put(f"/readings/{known}/{name}", one) for name, one in said.items())
            return
        numbers = Numbers(plan)
        id_ = numbers.fresh("reading")
        yield put(f"/readings/{id_}", dumped(self.station) | {"survey": self.survey} | said)
        yield put("/reading_order/-", id_)
        yield numbers.given()

    def _parted(self) -> tuple[str | None, str | None]:
        """The reading, and how far it may be off."""
        for sign in MARGINS if self.value else ():
            text, found, margin = (self.value or "").partition(sign)
            if found:
                return text, margin
        return self.value, self.plus_minus

    def _known(self, plan: Plan) -> str | None:
        if self.reading in plan.readings:
            return self.reading
        return next((id_ for id_ in plan.reading_order if self._is_at(plan.readings[id_])), None)

    def _is_at(self, reading: Reading) -> bool:
        where = dumped(self.station) | {"survey": self.survey}
        return all(getattr(reading, name) == said for name, said in where.items())


class CutAs(Act):
    """A size as it was really cut or found; none goes back to the plan."""

    do: Literal["cut-as"]
    key: Annotated[str, Field(max_length=200)]
    length: Typed | None

    def typed(self, plan: Plan) -> str | None:
        """The length."""
        return self.length

    def told(self, now: SolvedPlan) -> str:
        """As it is said."""
        return "As built" if self.length is not None else "No longer as built"

    def steps(self, now: SolvedPlan) -> Iterator[PatchStep]:
        """The note of what was built."""
        path = pointer(("as_built", self.key))
        if self.length is not None:
            yield put(path, as_kept(self.length, now.plan))
        elif self.key in now.plan.as_built:
            yield gone(path)
