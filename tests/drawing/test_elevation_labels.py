"""Names of cells never lie on lines: clear of the runner line, the pull and the box's upper edge."""

from __future__ import annotations

import pytest

from vasculum.demo import DEMO_PLANS, demo_plan
from vasculum.drawing.opening import CAPITAL, elevation
from vasculum.drawing.primitives import Text
from vasculum.plan.laying.layout import BOXES
from vasculum.plan.laying.solving import nodes_in
from vasculum.plan.making.marking import marked


@pytest.mark.parametrize("name", DEMO_PLANS)
def test_a_label_stands_between_the_runner_line_and_the_edge_of_its_box(name: str) -> None:
    plan = marked(demo_plan(name))
    value, seen = plan.solved.value, 0
    for space in plan.plan.space_order:
        sheet = elevation(plan, space)
        labels = {
            one.key.partition("/")[0]: one for one in sheet.primitives if isinstance(one, Text) and one.role == "label"
        }
        for node in nodes_in(plan, space):
            if node.place.holds not in BOXES:
                continue
            label = labels[node.id]
            floor = value(node.id, "room_from_floor") + value(node.id, "room_below_box")
            top = label.at[1] + label.height * CAPITAL * sheet.scale
            assert top < floor + value(node.id, "outside_height")
            line = value(node.id, "box_runner_line")  # what rides on its seat has none
            assert line is None or label.at[1] > floor + line
            assert label.at[0] > value(node.id, "box_from_left")
            seen += 1
    assert seen > 0
