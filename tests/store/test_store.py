"""The keeper of plans: revisions, undo and redo, history, thinning, damage."""

from __future__ import annotations

from collections.abc import Iterator
from datetime import UTC, datetime, timedelta
from pathlib import Path

import pytest
from sqlalchemy import text

from tests.helpers import changed, frameless, step, with_readings
from vasculum.core.errors import NoSuchPlan, NoSuchRevision, NothingToUndo, PlanMovedOn, PlanRefused, StoreRefused
from vasculum.plan.document import Plan
from vasculum.plan.document.marks import mark_text, with_marks
from vasculum.store.database import database_file, open_database
from vasculum.store.plans import Plans, Thinning


class Clock:
    """A clock that stands until it is moved."""

    def __init__(self) -> None:
        self.at = datetime(2026, 1, 1, tzinfo=UTC)

    def __call__(self) -> datetime:
        return self.at


@pytest.fixture
def clock() -> Clock:
    return Clock()


@pytest.fixture
def plans(tmp_path: Path, clock: Clock) -> Iterator[Plans]:
    engine = open_database(database_file(tmp_path))
    yield Plans(engine, clock)
    engine.dispose()


def named(name: str) -> object:
    return lambda plan: changed(plan, step("/name", name, "replace"))


def rename(plans: Plans, plan_id: str, name: str, field: str = "") -> int:
    head = plans.get(plan_id).number
    return plans.apply(plan_id, head, named(name), f"Named {name}", field).number  # type: ignore[arg-type]


@pytest.fixture
def plan_id(plans: Plans) -> str:
    return plans.make(frameless(), "Made").plan_id


def test_a_plan_is_kept_as_it_was_given(plans: Plans, plan_id: str) -> None:
    kept = plans.get(plan_id)
    assert (kept.plan, kept.number, kept.can_undo, kept.can_redo) == (frameless(), 1, False, False)


def test_each_change_is_a_revision(plans: Plans, plan_id: str) -> None:
    assert [rename(plans, plan_id, name) for name in "abc"] == [2, 3, 4]
    assert [e.label for e in plans.history(plan_id)] == ["Named c", "Named b", "Named a", "Made"]
    first = plans.at(plan_id, 2)
    assert first is not None
    assert first.plan.name == "a"


def test_a_change_that_changes_nothing_makes_no_revision(plans: Plans, plan_id: str) -> None:
    assert rename(plans, plan_id, "Frameless") == 1


def test_a_stale_base_is_refused_and_changes_nothing(plans: Plans, plan_id: str) -> None:
    rename(plans, plan_id, "a")
    with pytest.raises(PlanMovedOn) as refused:
        plans.apply(plan_id, 1, named("b"), "Late")  # type: ignore[arg-type]
    assert (refused.value.base, refused.value.head) == (1, 2)
    assert plans.get(plan_id).plan.name == "a"


def test_a_refused_change_keeps_nothing(plans: Plans, plan_id: str) -> None:
    def refuse(_: Plan) -> Plan:
        raise StoreRefused("no", "No.")

    with pytest.raises(StoreRefused):
        plans.apply(plan_id, 1, refuse, "Bad")
    assert plans.get(plan_id).number == 1


def names(plans: Plans, plan_id: str, ways: str) -> list[str]:
    """The plan's name after each step: u for undo, r for redo."""
    seen = []
    for way in ways:
        act = plans.undo if way == "u" else plans.redo
        seen.append(act(plan_id, plans.get(plan_id).number).plan.name)
    return seen


@pytest.mark.parametrize(
    ("ways", "expected"),
    [
        ("u", "b"),
        ("uu", "ba"),
        ("uur", "bab"),
        ("uurr", "babc"),
        ("ururur", "bcbcbc"),
        ("uurruu", "babcba"),
        ("uruurr", "bcbabc"),
    ],
)
def test_undo_and_redo_walk_back_and_forth(plans: Plans, plan_id: str, ways: str, expected: str) -> None:
    for name in "abc":
        rename(plans, plan_id, name)
    assert names(plans, plan_id, ways) == list(expected)


def test_five_undos_and_five_redos_come_back(plans: Plans, plan_id: str) -> None:
    for name in "abcde":
        rename(plans, plan_id, name)
    assert names(plans, plan_id, "uuuuu") == [*"dcba", "Frameless"]
    assert names(plans, plan_id, "rrrrr") == list("abcde")
    assert plans.get(plan_id).number == 16


def test_the_ends_of_the_history_refuse(plans: Plans, plan_id: str) -> None:
    with pytest.raises(NothingToUndo):
        plans.undo(plan_id, 1)
    with pytest.raises(NothingToUndo):
        plans.redo(plan_id, 1)
    rename(plans, plan_id, "a")
    with pytest.raises(PlanMovedOn):
        plans.undo(plan_id, 1)


def test_a_new_change_after_undo_ends_redo_and_loses_nothing(plans: Plans, plan_id: str) -> None:
    rename(plans, plan_id, "a")
    rename(plans, plan_id, "b")
    names(plans, plan_id, "u")
    rename(plans, plan_id, "c")
    assert not plans.get(plan_id).can_redo
    assert names(plans, plan_id, "uu") == ["a", "Frameless"]
    assert [p.plan.name for n in range(1, 6) if (p := plans.at(plan_id, n))] == ["Frameless", "a", "b", "a", "c"]


def test_consecutive_edits_of_one_field_are_one_undo_step(plans: Plans, plan_id: str) -> None:
    rename(plans, plan_id, "other")
    for name in ("x", "xy", "xyz"):
        rename(plans, plan_id, name, field="name")
    assert names(plans, plan_id, "ur") == ["other", "xyz"]


def test_another_field_between_ends_the_step(plans: Plans, plan_id: str) -> None:
    rename(plans, plan_id, "x", field="name")
    rename(plans, plan_id, "y", field="other")
    rename(plans, plan_id, "z", field="name")
    assert names(plans, plan_id, "uu") == ["y", "x"]


def test_history_survives_a_restart(tmp_path: Path, clock: Clock) -> None:
    engine = open_database(database_file(tmp_path))
    first = Plans(engine, clock)
    plan_id = first.make(frameless(), "Made").plan_id
    rename(first, plan_id, "a")
    rename(first, plan_id, "b")
    engine.dispose()
    again = open_database(database_file(tmp_path))
    try:
        assert names(Plans(again, clock), plan_id, "uurr") == ["a", "Frameless", "a", "b"]
    finally:
        again.dispose()


def test_a_deleted_plan_can_be_put_back(plans: Plans, plan_id: str) -> None:
    rename(plans, plan_id, "a")
    plans.delete(plan_id)
    assert plans.listed() == []
    assert [p.id for p in plans.listed(deleted=True)] == [plan_id]
    for act in (plans.get, plans.history, plans.delete):
        with pytest.raises(NoSuchPlan):
            act(plan_id)
    assert plans.restore(plan_id).plan.name == "a"
    assert names(plans, plan_id, "u") == ["Frameless"]


def test_what_never_was_cannot_be_put_back(plans: Plans) -> None:
    with pytest.raises(NoSuchPlan):
        plans.restore("plan-x")


def test_plans_are_listed_last_changed_first(plans: Plans, plan_id: str, clock: Clock) -> None:
    clock.at += timedelta(hours=1)
    other = plans.make(frameless(), "Made").plan_id
    assert [p.id for p in plans.listed()] == [other, plan_id]
    clock.at += timedelta(hours=1)
    rename(plans, plan_id, "a")
    assert [(p.id, p.name, p.revision) for p in plans.listed()] == [(plan_id, "a", 2), (other, "Frameless", 1)]


def test_the_revision_printed_is_remembered(plans: Plans, plan_id: str) -> None:
    plans.note_printed(plan_id, 1)
    rename(plans, plan_id, "a")
    assert plans.get(plan_id).printed == 1
    with pytest.raises(NoSuchRevision):
        plans.note_printed(plan_id, 3)


def test_undo_gives_no_number_and_no_mark_a_second_time(plans: Plans, plan_id: str) -> None:
    def with_more(plan: Plan) -> Plan:
        plan = with_readings(plan, "case", {"of": "width", "value": "22 in", "level": "low", "along": "back"})
        return with_marks(plan, ["place-2/side_left", "place-2/other"], plan.places)

    plans.apply(plan_id, 1, with_more, "More")
    undone = plans.undo(plan_id, 2).plan
    assert len(undone.readings) == 3
    assert undone.next_id == frameless().next_id + 1
    assert undone.marks == {"place-2/side_left": "A", "place-2/other": "B"}
    assert with_marks(undone, ["place-2/third"], undone.places).marks["place-2/third"] == "C"


SHORT = Thinning(kept_whole=30, once_in=10)
"""The same history, told in fewer revisions."""


@pytest.fixture
def thinned(tmp_path: Path, clock: Clock) -> Iterator[Plans]:
    engine = open_database(database_file(tmp_path))
    yield Plans(engine, clock, SHORT)
    engine.dispose()


def test_old_history_keeps_the_last_revision_of_each_day(thinned: Plans, clock: Clock) -> None:
    plans, plan_id = thinned, thinned.make(frameless(), "Made").plan_id
    for day in range(5):
        clock.at = datetime(2026, 1, 1 + day, 12, tzinfo=UTC)
        for at in range(10):
            rename(plans, plan_id, f"day {day} {at}")
    clock.at = datetime(2026, 2, 1, tzinfo=UTC)
    while plans.get(plan_id).number % SHORT.once_in or plans.get(plan_id).number < SHORT.kept_whole + 51:
        rename(plans, plan_id, f"late {plans.get(plan_id).number}")
    head = plans.get(plan_id).number
    old = [n for n in range(1, head - SHORT.kept_whole + 1) if plans.at(plan_id, n)]
    assert [p.plan.name for n in old if (p := plans.at(plan_id, n))][:5] == [f"day {d} 9" for d in range(5)]
    assert all(plans.at(plan_id, n) for n in range(head - SHORT.kept_whole + 1, head + 1))


def test_undo_ends_where_the_history_was_thinned_out(thinned: Plans) -> None:
    plans, plan_id = thinned, thinned.make(frameless(), "Made").plan_id
    for at in range(SHORT.kept_whole + 2 * SHORT.once_in):
        rename(plans, plan_id, f"n{at}")
    steps = 0
    while plans.get(plan_id).can_undo:
        plans.undo(plan_id, plans.get(plan_id).number)
        steps += 1
    assert SHORT.kept_whole - 1 <= steps <= SHORT.kept_whole + 2 * SHORT.once_in


def test_the_database_writes_ahead_and_waits_for_the_disk(tmp_path: Path) -> None:
    engine = open_database(database_file(tmp_path))
    with engine.connect() as connection:
        assert connection.execute(text("PRAGMA journal_mode")).scalar() == "wal"
        assert connection.execute(text("PRAGMA synchronous")).scalar() == 2
        assert connection.execute(text("PRAGMA foreign_keys")).scalar() == 1
    engine.dispose()


def test_the_migrated_tables_are_those_of_the_models(tmp_path: Path) -> None:
    from alembic.autogenerate import compare_metadata
    from alembic.migration import MigrationContext

    from vasculum.store.models import Base

    engine = open_database(database_file(tmp_path))
    with engine.connect() as connection:
        differences = compare_metadata(MigrationContext.configure(connection), Base.metadata)
    engine.dispose()
    assert differences == []


def test_a_file_that_is_no_database_is_refused_and_left_alone(tmp_path: Path) -> None:
    file = database_file(tmp_path)
    file.write_bytes(b"not a database at all, by any measure" * 100)
    with pytest.raises(StoreRefused) as refused:
        open_database(file)
    assert refused.value.code == "database-damaged"
    assert file.read_bytes().startswith(b"not a database")


# ---- nothing is lost, nothing is kept that cannot be opened -------------------------------------------------------


def test_a_field_changed_again_and_again_is_still_undone(thinned: Plans) -> None:
    """A held arrow key: one step of undo, however many revisions it took; and the steps before it."""
    plans, plan_id = thinned, thinned.make(frameless(), "Made").plan_id
    for name in ("first", "second"):
        rename(plans, plan_id, name)
    for at in range(SHORT.kept_whole + 2 * SHORT.once_in):
        rename(plans, plan_id, f"typed {at}", field="name")
    assert plans.undo(plan_id, plans.get(plan_id).number).plan.name == "second"
    for at in range(SHORT.kept_whole + 2 * SHORT.once_in):
        rename(plans, plan_id, f"again {at}", field="name")
    names = []
    while plans.get(plan_id).can_undo:
        names.append(plans.undo(plan_id, plans.get(plan_id).number).plan.name)
    assert names == ["second", "first", "Frameless"]


def test_the_revision_printed_is_never_thinned_out(thinned: Plans) -> None:
    plans, plan_id = thinned, thinned.make(frameless(), "Made").plan_id
    printed = rename(plans, plan_id, "printed")
    plans.note_printed(plan_id, printed)
    for at in range(SHORT.kept_whole + 2 * SHORT.once_in):
        rename(plans, plan_id, f"typed {at}", field="name")
    kept = plans.at(plan_id, printed)
    assert kept is not None
    assert kept.plan.name == "printed"


def test_what_reading_refuses_is_not_written(plans: Plans, plan_id: str) -> None:
    """A change made past every check still meets the reader before the disk."""
    too_many = {f"place-2/part_{at}": mark_text(at + 1) for at in range(20_001)}

    def with_too_many(plan: Plan) -> Plan:
        return plan.model_copy(update={"marks": too_many, "marks_given": len(too_many)})

    for change in (with_too_many, lambda plan: plan.model_copy(update={"next_id": 3})):
        with pytest.raises(PlanRefused):
            plans.apply(plan_id, 1, change, "Too far")
    with pytest.raises(PlanRefused):
        plans.make(with_too_many(frameless()), "Too far")
    assert [one.number for one in plans.history(plan_id)] == [1]
    assert [one.id for one in plans.listed()] == [plan_id]
