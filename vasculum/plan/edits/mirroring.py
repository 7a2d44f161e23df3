"""A space once more, as its mirror image: the other half of a bed, the other side of a desk.

Readings, choices, things in the way and the layout are taken over with left and right exchanged; nothing that was
built or marked is. The copy is a space of its own from then on.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any

from vasculum.core.errors import NoSuchQuantity
from vasculum.core.lengths import Mm
from vasculum.plan.document import Choices, OwnPart, Plan, Scribe, Space
from vasculum.plan.document.patching import PatchStep
from vasculum.plan.edits.acts import Numbers, dumped, put
from vasculum.plan.laying.layout import chosen
from vasculum.plan.laying.own_parts import begins, reach_across

_OTHER = {
    "left": "right", "right": "left",
    "diagonal_rising_right": "diagonal_rising_left", "diagonal_rising_left": "diagonal_rising_right",
}  # fmt: skip


def mirrored_space(plan: Plan, space: str) -> list[PatchStep]:
    """The change that puts a mirror image of a space behind it.

    Raises:
        NoSuchQuantity: ``no-such-space``.
    """
    if space not in plan.spaces:
        raise NoSuchQuantity("no-such-space", f"There is no space {space!r} in this plan.")
    return list(_Mirror(plan, space).steps())


class _Mirror:
    """Ids of the copies, each given once."""

    def __init__(self, plan: Plan, space: str) -> None:
        self.plan, self.space, self.numbers = plan, space, Numbers(plan)
        self.copies: dict[str, str] = {}

    def copy_of(self, id_: str) -> str:
        if id_ not in self.copies:
            self.copies[id_] = self.numbers.fresh(id_.rpartition("-")[0])
        return self.copies[id_]

    def steps(self) -> Iterator[PatchStep]:
        space = self.plan.spaces[self.space]
        surveys = [one for one in (space.frame, space.case) if one is not None]
        for survey in surveys:
            yield put(f"/surveys/{self.copy_of(survey)}", dumped(self.plan.surveys[survey]))
        for id_ in self.plan.reading_order:
            if self.plan.readings[id_].survey in surveys:
                yield from self._reading(id_)
        yield from self._places(space.holds)
        for id_, one in self.plan.obstructions.items():
            if one.space == self.space:
                body = dumped(one) | {"space": self.copy_of(self.space), "on": _OTHER.get(one.on, one.on)}
                yield put(f"/obstructions/{self.copy_of(id_)}", body | self._across(one.from_left, one.width))
        for id_, strip in self.plan.scribes.items():
            if strip.space == self.space:
                yield put(f"/scribes/{self.copy_of(id_)}", self._strip(strip))
        for name in ("existing", "own_goods"):
            for id_, there in getattr(self.plan, name).items():
                if there.space == self.space:
                    yield put(f"/{name}/{self.copy_of(id_)}", dumped(there) | {"space": self.copy_of(self.space)})
        for id_, part in self.plan.own_parts.items():
            if part.space == self.space:
                yield put(f"/own_parts/{self.copy_of(id_)}", self._own_part(part))
        yield from self._told_by_space()
        yield from self._space(space)
        yield self.numbers.given()

    def _reading(self, id_: str) -> Iterator[PatchStep]:
        reading = self.plan.readings[id_]
        side = _OTHER.get(reading.side or "", reading.side)
        body = dumped(reading) | {"side": side, "of": _OTHER.get(reading.of, reading.of)}
        yield put(f"/readings/{self.copy_of(id_)}", body | {"survey": self.copy_of(reading.survey)})
        yield put("/reading_order/-", self.copy_of(id_))

    def _places(self, id_: str) -> Iterator[PatchStep]:
        place = self.plan.places[id_]
        for child in place.children:
            yield from self._places(child)
        children = [self.copy_of(child) for child in place.children]
        if place.holds == "columns":
            children.reverse()
        body = dumped(place) | {"children": children, "choices": _exchanged(place.choices)}
        if place.holds == "columns":
            body |= {"backwards": not place.backwards}
        yield put(f"/places/{self.copy_of(id_)}", body)

    def _space(self, space: Space) -> Iterator[PatchStep]:
        copy = self.copy_of(self.space)
        body = dumped(space) | {
            "name": f"{space.name}, mirrored"[:120],
            "frame": self.copy_of(space.frame) if space.frame else None,
            "case": self.copy_of(space.case),
            "holds": self.copy_of(space.holds),
            "choices": self._on_the_other_side(space.choices),
        }
        yield put(f"/spaces/{copy}", body)
        yield put("/space_order/-", copy)

    def _sided(self) -> Choices:
        """What the whole plan chose for one side: it holds for the other side in a mirror."""
        return {name: text for name, text in self.plan.choices.items() if name.rpartition("_")[2] in _OTHER}

    def _told_by_space(self) -> Iterator[PatchStep]:
        """What the whole plan chose for one side becomes a choice of each space, so that one may have it otherwise."""
        for name, text in self._sided().items():
            yield PatchStep(op="remove", path=f"/choices/{name}")
            for id_, space in self.plan.spaces.items():
                if name not in space.choices:
                    yield put(f"/spaces/{id_}/choices/{name}", text)

    def _on_the_other_side(self, own: Choices) -> Choices:
        """What holds for the space, with left and right exchanged."""
        found = _exchanged(self._sided() | own)
        if "door_width" in own.keys() | self.plan.choices.keys() and "door" not in own:
            levels = [own, self.plan.choices]
            found["door"] = _OTHER[chosen(self.plan, levels, "door")]
        return found

    def _width(self) -> Mm | None:
        """The narrowest width that was read of the opening."""
        outer = self.plan.spaces[self.space].frame or self.plan.spaces[self.space].case
        widths = [r for r in self.plan.readings.values() if r.survey == outer and r.of == "width"]
        return min((self.plan.length(reading.value) for reading in widths), default=None)

    def _across(self, from_left: str | None, width: str | None) -> dict[str, str]:
        """Where a stretch begins from the other edge, by the narrowest width that was read."""
        narrowest = self._width()
        if narrowest is None or (from_left is None and width is None):
            return {}
        begins = self.plan.length(from_left) if from_left is not None else Mm(0)
        if width is None:
            return {"from_left": "0 mm", "width": f"{narrowest - begins} mm"}
        return {"from_left": f"{narrowest - begins - self.plan.length(width)} mm"}

    def _own_part(self, part: OwnPart) -> dict[str, Any]:
        """A part of one's own from the other edge, by how far all of its kind reach across together."""
        body = dumped(part) | {"space": self.copy_of(self.space)}
        across, narrowest = reach_across(self.plan, part), self._width()
        if across is not None and narrowest is not None:
            from_left = narrowest - begins(self.plan, part)["across"] - across
            sides = [side for side in part.outward if side != "left"] + (["left"] if from_left < 0 else [])
            body |= {"from_left": f"{abs(from_left)} mm", "outward": sides}
        return body

    def _strip(self, strip: Scribe) -> dict[str, Any]:
        """A scribe strip on the other side; one over the top is read from its other end."""
        body = dumped(strip) | {"space": self.copy_of(self.space), "side": _OTHER.get(strip.side, strip.side)}
        width = self._width()
        if strip.side == "top" and width is not None:
            body["stations"] = [
                dumped(one) | {"at": f"{width - self.plan.length(one.at)} mm"} for one in reversed(strip.stations)
            ]
        return body


def _exchanged(choices: Choices) -> Choices:
    """Choices with left and right exchanged, in their names and where one is what was chosen."""
    names = {name: name.rpartition("_") for name in choices}
    return {
        f"{head}_{_OTHER[side]}" if side in _OTHER else name: _OTHER.get(choices[name], choices[name])
        for name, (head, _, side) in names.items()
    }
