"""What is held and what became otherwise make the whole: after any edit, after several, in either unit."""

from __future__ import annotations

from typing import Any

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.helpers import changed, drawer_of, frameless, kinds_in, share, solved, split, step
from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import Plan
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.outcome import OutcomeDelta, moved_keys, outcome_delta
from vasculum.solid.proof import Proof, prove

MANY = settings(max_examples=25)
CHOICES = {
    "joint": kinds_in("joint"),
    "back_joint": kinds_in("back"),
    "bottom": kinds_in("bottom"),
    "front": kinds_in("front"),
    "gap": ["2 mm", "3/32 in", "1/8 in"],
    "wanted_box_height": ["3 in", "60 mm", "90 in"],
}


def bank() -> Plan:
    """Two columns, one of them divided again."""
    plan, ids = split(frameless("36", "24", "20"), "place-2", "columns", share(1), share(2))
    plan, _ = split(plan, ids[0], "rows", share(1), share(1), share(1))
    return plan


DRAWERS = [id_.removeprefix("place-") for id_, place in bank().places.items() if place.holds == "drawer"]


@st.composite
def edits(draw: st.DrawFn) -> list[tuple[str, Any]]:
    """Choices for the plan or for one drawer of it, readings, names, the unit, a sheet in the hand."""
    found: list[tuple[str, Any]] = []
    for _ in range(draw(st.integers(1, 3))):
        what = draw(st.sampled_from(["plan", "place", "unit", "sheet", "name", "increment"]))
        if what in ("plan", "place"):
            name = draw(st.sampled_from(sorted(CHOICES)))
            at = "" if what == "plan" else f"/places/place-{draw(st.sampled_from(DRAWERS))}"
            found.append((f"{at}/choices/{name}", draw(st.sampled_from(CHOICES[name]))))
        elif what == "unit":
            found.append(("/units/length", draw(st.sampled_from(["in", "mm"]))))
        elif what == "sheet":
            found.append(("SHEET", draw(st.sampled_from(["15/32 in", "11.7 mm", "1/2 in"]))))
        elif what == "name":
            found.append(
                (f"/places/place-{draw(st.sampled_from(DRAWERS))}/name", draw(st.sampled_from(["Twine", "Labels"])))
            )
        else:
            found.append(("/units/increment", draw(st.sampled_from(["1/32 in", "1/16 in", "1 mm"]))))
    return found


def edited(plan: Plan, path: str, value: Any) -> Plan:
    if path == "SHEET":
        path = f"/library/sheets/{plan.choices['side_sheet']}/measured"
    return changed(plan, step(path, value, "replace" if path.endswith(("name", "length", "increment")) else "add"))


class Held:
    """What a caller holds who was told everything once, and afterwards only what became otherwise."""

    def __init__(self, told: OutcomeDelta) -> None:
        assert told.moved is None
        assert told.gone == []
        self.quantities = dict(told.quantities)
        self.parts = {} if told.parts is None else dict(told.parts.changed)
        self.order = [] if told.parts is None or told.parts.order is None else told.parts.order
        self.sections = self._sections(told)

    @staticmethod
    def _sections(told: OutcomeDelta) -> dict[str, Any]:
        values = {name: getattr(told, name) for name in OutcomeDelta.model_fields}
        return {n: v for n, v in values.items() if n not in ("quantities", "gone", "parts", "moved") and v is not None}

    def hear(self, told: OutcomeDelta) -> None:
        self.quantities.update(told.quantities)
        for key in told.gone:
            del self.quantities[key]
        if told.parts is not None:
            self.parts.update(told.parts.changed)
            self.order = self.order if told.parts.order is None else told.parts.order
        self.parts = {id_: self.parts[id_] for id_ in self.order}
        self.sections |= self._sections(told)


def told(before: tuple[SolvedPlan, Proof] | None, after: tuple[SolvedPlan, Proof]) -> OutcomeDelta:
    return outcome_delta(before[0] if before else None, after[0], (before[1] if before else None, after[1]))


def proved(plan: Plan) -> tuple[SolvedPlan, Proof]:
    done = solved(plan)
    return done, prove(done)


@MANY
@given(edits())
def test_what_is_held_and_what_became_otherwise_make_the_whole(changes: list[tuple[str, Any]]) -> None:
    plan = bank()
    before = proved(plan)
    held = Held(told(None, before))
    for path, value in changes:
        plan = edited(plan, path, value)
        after = proved(plan)
        held.hear(told(before, after))
        whole = Held(told(None, after))
        assert held.quantities == whole.quantities
        assert held.order == whole.order
        assert held.parts == whole.parts
        assert held.sections == whole.sections
        before = after


@MANY
@given(edits())
def test_a_plan_that_stays_as_it_is_answers_nothing(changes: list[tuple[str, Any]]) -> None:
    plan = bank()
    for path, value in changes:
        plan = edited(plan, path, value)
    one, other = proved(plan), proved(plan)
    again = told(one, other)
    assert again.quantities == {}
    assert again.gone == []
    assert again.parts is None
    assert Held._sections(again) == {}
    assert again.moved is None or again.moved.keys == []


@MANY
@given(st.sampled_from(["15/32 in", "0.47 in", "11.5 mm", "17/32 in"]))
def test_what_moved_is_what_reads_otherwise_and_parts_come_first(size: str) -> None:
    plan = bank()
    before, after = solved(plan), solved(edited(plan, "SHEET", size))
    moved = moved_keys(before, after)
    old, new = before.solved.quantities, after.solved.quantities
    otherwise = {key for key in new if key in old and old[key].value != new[key].value}
    assert moved
    assert set(moved) <= otherwise
    assert (drawer_of(plan), "box_height_cut") not in moved
    assert moved[0][1] in {name for piece in the_catalogue().pieces for name in piece.sizes}


@MANY
@given(edits())
def test_the_other_unit_moves_nothing(changes: list[tuple[str, Any]]) -> None:
    plan = bank()
    for path, value in changes:
        plan = edited(plan, path, value)
    other = "mm" if plan.units.length == "in" else "in"
    assert moved_keys(solved(plan), solved(edited(plan, "/units/length", other))) == []
