"""Why the governing sizes are what they are, for whoever doubts one of them."""

from __future__ import annotations

from collections.abc import Iterator

from reportlab.lib.styles import ParagraphStyle
from reportlab.platypus import Flowable

from vasculum.core.flow import read_key
from vasculum.export.pdf.page import in_columns, section
from vasculum.export.pdf.type import BIG, BODY, FINE, said
from vasculum.plan.laying.layout import boxes_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.why import ReasonShown, tell
from vasculum.plan.telling.words import NOT_YET, label_of

GOVERNING = (
    "box_width",
    "box_front_length",
    "box_back_length",
    "side_length",
    "wall_height",
    "bottom_width",
    "bottom_depth",
    "runner_length",
)
"""Sizes whose reasons are printed."""


BESIDE = ParagraphStyle("beside", parent=BODY, rightIndent=10)
"""Beside another column."""


def reasons(plan: SolvedPlan) -> Iterator[Flowable]:
    """The reasons of the first box; every further step is in the program."""
    yield from section("Why these sizes")
    keys = [(node.id, name) for node in boxes_of(plan.plan)[:1] for name in GOVERNING]
    yield from in_columns([_reason(plan, tell(plan, key)[0]) for key in keys if key in plan.solved.quantities])
    yield said(
        "Readings and defaults that these rest on stand under Measured and Still assumed; "
        "every further step is in the program.",
        FINE,
    )


def _reason(plan: SolvedPlan, one: ReasonShown) -> list[Flowable]:
    label = label_of(read_key(one.key)[1], plan.plan.defaults_edition)
    value = f"{one.value.text} ({one.value.other})" if one.value else NOT_YET
    lines: list[Flowable] = [said(f"{label[0].upper()}{label[1:]}: {value}", BIG)]
    lines.append(
        said(f"{one.sentence} {f'= {one.sum}.' if one.sum else ''} Source: {one.source}".replace("  ", " "), BESIDE)
    )
    if one.problem:
        lines.append(said(f"{one.problem.message} {one.problem.fix}", BESIDE))
    return lines
