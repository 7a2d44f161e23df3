"""What every quantity is called: said once, beside its rule, in a woodworker's words."""

from __future__ import annotations

import re

import pytest

from tests.any_plan import any_plan
from tests.helpers import solved
from vasculum.core.catalogue import the_catalogue
from vasculum.core.errors import Unwired
from vasculum.core.flow import Catalogue
from vasculum.core.tables import choosables
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.telling.words import GIVEN_SIZES, label_of

EDITION = "2026-11"
ENDINGS = ("_cut", "_built", "_here")


def test_every_rule_has_a_label_and_nothing_else_says_it_again() -> None:
    chosen, labels = choosables(EDITION), the_catalogue().labels
    for name in the_catalogue().rules:
        assert name in labels or name in chosen or name in GIVEN_SIZES or name.endswith(ENDINGS), name
    assert not labels.keys() & chosen.keys()
    assert not labels.keys() & GIVEN_SIZES.keys()


def test_two_quantities_are_never_called_the_same() -> None:
    called: dict[str, str] = {}
    for name in (*the_catalogue().rules, *choosables(EDITION), *GIVEN_SIZES):
        label = label_of(name, EDITION)
        assert called.setdefault(label, name) == name or {name, called[label]} in SAME, (name, called[label], label)


SAME = [
    {"box_height", "wanted_box_height"}, {"box_depth", "wanted_box_depth"}, {"runner_length", "wanted_runner_length"},
    {"packing_left", "wanted_packing_left"}, {"packing_right", "wanted_packing_right"}, {"projection", "stands_in"},
    {"groove_width", "wanted_groove_width"}, {"row_size", "wanted_row_size"}, {"strip_station", "scribe_at"},
    {"runner_groove_depth", "wanted_runner_groove"},
]  # fmt: skip
"""A size, and what was wished for it."""


def test_no_label_is_an_identifier_and_none_is_long() -> None:
    for name in (*the_catalogue().rules, *choosables(EDITION), *GIVEN_SIZES):
        label = label_of(name, EDITION)
        assert "_" not in label, name
        assert len(label) <= 60, (name, label)
        assert not re.match(r"(wanted|clear stands|side loss|governing)\b", label), (name, label)


@pytest.mark.parametrize("plan", [*DEMO_PLANS, *range(8)])
def test_everything_that_a_plan_holds_has_a_name(plan: str | int) -> None:
    done = solved(demo_plan(plan) if isinstance(plan, str) else any_plan(plan))
    names = {key[1] for key in (*done.solved.quantities, *done.solved.given)}
    assert len(names) > 100
    assert all(label_of(name, done.plan.defaults_edition) for name in names)


def test_a_second_label_for_a_name_and_a_name_without_one_are_refused() -> None:
    def any_rule() -> int:
        """One."""
        return 1

    catalogue = Catalogue()
    catalogue.rule(source="geometry", per="box", label="one")(any_rule)
    with pytest.raises(Unwired, match="two labels"):
        catalogue.rule(source="geometry", per="cell", label="other")(any_rule)
    with pytest.raises(Unwired, match="nobody says"):
        label_of("never_heard_of", EDITION)
