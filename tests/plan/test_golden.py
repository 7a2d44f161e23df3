"""One golden file per version: it loads, and it solves to the sizes it had when it was made."""

from __future__ import annotations

from pathlib import Path

import pytest

from tests.helpers import drawer_of, mm, solved
from vasculum.core.flow import read_key
from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.plan.document import VERSION
from vasculum.plan.reading import read_plan
from vasculum.plan.solution import findings_of

GOLDEN = Path(__file__).parent.parent / "golden"

SIZES: dict[str, dict[str, str]] = {
    # the middle of three drawers, beside a tray over a shelf; worked by hand: 20 13/16 of fronts over three
    "plan-v2.json": {
        "place-26/cell_width": "10 15/16", "place-26/cell_height": "7 1/16", "place-26/cell_from_floor": "7 1/8",
        "place-26/front_height_cut": "6 15/16", "place-26/front_from_floor": "7 3/16", "place-26/outside_width": "9 15/16",
    },
    "plan-v1.json": {
        "outside_width": "21 9/32", "outside_depth": "22", "outside_height": "9 1/16", "front_back_length_cut": "20 11/32",
        "side_length_cut": "22", "wall_height_cut": "8 13/16", "bottom_width_cut": "21 1/4", "bottom_depth_cut": "22",
        "front_width_cut": "22 1/4", "front_height_cut": "9 3/16", "runner_length": "22", "runner_line_built": "4 5/8",
    }
}  # fmt: skip


def test_there_is_one_golden_file_for_each_version() -> None:
    assert sorted(p.name for p in GOLDEN.glob("*.json")) == [f"plan-v{n}.json" for n in range(1, VERSION + 1)]


@pytest.mark.parametrize("name", SIZES)
def test_an_old_file_solves_to_its_sizes(name: str) -> None:
    done = solved(read_plan((GOLDEN / name).read_bytes()))
    drawer = drawer_of(done.plan)
    keys = {size: read_key(size if "/" in size else f"{drawer}/{size}") for size in SIZES[name]}
    found = {size: done.solved.value(*key) for size, key in keys.items()}
    assert found == {size: mm(text) for size, text in SIZES[name].items()}


@pytest.mark.parametrize("plan_id", DEMO_PLANS)
def test_every_demo_plan_is_whole_and_can_be_cut(plan_id: str) -> None:
    plan = demo_plan(plan_id)
    done = solved(plan)
    assert done.plan == plan, "marks are kept in the file"
    assert not [f for f in findings_of(done) if f.severity in ("stop", "attention")]
