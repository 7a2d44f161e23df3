"""A plan is told in the words and units of the edition of defaults that it was made with."""

from __future__ import annotations

from dataclasses import replace

import pytest

from tests.conftest import Api
from tests.helpers import frameless, solved
from vasculum.core.tables import NEWEST_EDITION, Choosable, choosables
from vasculum.plan.telling import words
from vasculum.plan.telling.solution import label_at

OLD = "1999-01"


@pytest.fixture
def older(monkeypatch: pytest.MonkeyPatch) -> str:
    """An edition in which the gap had another name, and was weighed."""

    def known(edition: str = NEWEST_EDITION) -> dict[str, Choosable]:
        now = choosables(NEWEST_EDITION)
        if edition != OLD:
            return now
        return now | {"gap": replace(now["gap"], title="Reveal", kind="weight")}

    monkeypatch.setattr(words, "choosables", known)
    return OLD


def test_titles_and_units_are_those_of_the_edition(older: str) -> None:
    assert words.label_of("gap", older) == "reveal"
    assert words.label_of("gap_cut", older) == "reveal, cut"
    assert words.label_of("gap", NEWEST_EDITION) != "reveal"
    assert (words.unit_of("gap", older), words.unit_of("gap", NEWEST_EDITION)) == ("kg", "mm")
    plan = solved(frameless())
    then = replace(plan, plan=plan.plan.model_copy(update={"defaults_edition": older}))
    assert (label_at(then, ("plan", "gap")), label_at(plan, ("plan", "gap"))) == ("reveal", "gap round the front")


def test_the_catalogue_is_asked_for_one_edition(api: Api) -> None:
    newest = api.get("/catalogue")
    assert newest["edition"] == NEWEST_EDITION
    assert api.get(f"/catalogue?edition={NEWEST_EDITION}") == newest
    refused = api.get(f"/catalogue?edition={OLD}", 404)
    assert (refused["code"], NEWEST_EDITION in refused["fix"]) == ("no-such-edition", True)
