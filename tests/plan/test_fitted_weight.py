"""What is fitted inside a drawer weighs what its pieces do, and hangs on the runners with the rest."""

from __future__ import annotations

import pytest

from tests.helpers import drawer_of, frameless, solved
from vasculum.core.rules.organizers.grid import CROSSWISE, LENGTHWISE
from vasculum.core.rules.organizers.pocketed import PARTITIONS
from vasculum.core.rules.organizers.slotted import LOOSE
from vasculum.core.rules.organizers.upper_tray import TRAY
from vasculum.core.weights import CUBIC_MM
from vasculum.plan.making.pieces import pieces_of

INSIDE = {*LENGTHWISE, *CROSSWISE, *LOOSE, *PARTITIONS, *TRAY, "riser_left", "riser_right", "upper_bottom"}
FITTED: list[dict[str, str]] = [
    {"fitted": "grid"}, {"fitted": "grid", "grid_across": "1", "grid_deep": "5"}, {"fitted": "slotted_sides"},
    {"fitted": "slotted_front", "loose_dividers": "4"}, {"fitted": "upper_tray"}, {"fitted": "pockets"},
    {"fitted": "lanes", "wanted_pockets": "4 in; 3 in"},
]  # fmt: skip


@pytest.mark.parametrize("choices", FITTED, ids=lambda one: "-".join(one.values()))
def test_what_is_fitted_weighs_what_its_pieces_do(choices: dict[str, str]) -> None:
    """By the volumes of the parts list at one density, 600 kg/m³; no more and no less hangs on the runners."""
    plan = frameless("22 1/2", "9", "20", sheet_density="600", **choices)
    done, drawer = solved(plan), drawer_of(plan)
    pieces = [one for one in pieces_of(done) if one.role in INSIDE]
    volumes = [one.size[0] * one.size[1] * one.size[2] for one in pieces if one.size is not None]
    assert pieces
    assert len(volumes) == len(pieces)
    weight = done.solved.value(drawer, "fitted_weight")
    assert weight == pytest.approx(float(sum(volumes) * 600 / CUBIC_MM))
    empty = solved(frameless("22 1/2", "9", "20", sheet_density="600"))
    hung = [one.solved.value(drawer, "carried_weight") for one in (done, empty)]
    assert hung[0] - hung[1] == pytest.approx(weight)
