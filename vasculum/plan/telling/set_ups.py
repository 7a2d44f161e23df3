"""Set-ups: each way in which parts are worked, by number, with the parts that are worked so."""

from __future__ import annotations

from typing import NamedTuple

from vasculum.core.flow import read_key
from vasculum.plan.document import Model
from vasculum.plan.telling.solution import PartShown, Solution

RUNNERS = (
    ("runner_length", "Runner length"),
    ("members_from_front", "Set-back: front end of both members behind the face"),
    ("spacer_block_cut", "Spacer block under each cabinet member"),
    ("runner_line_built", "Runner line in the case, above its block's floor"),
    ("runner_from_floor", "Runner line in the case, above the opening's floor"),
    ("box_runner_line", "Runner line on the box, above its lower edge"),
    ("runner_line_on_wall", "Runner line on the side piece, above its lower edge"),
    ("front_edge_to_box_edge", "From the front's lower edge up to the box's"),
    ("front_overhang_left", "Front stands out beside the box, on the left"),
    ("front_overhang_right", "Front stands out beside the box, on the right"),
)
"""Sizes that stand with the positions of the runners, and what they are called there: no set-ups."""
_OF_RUNNERS = frozenset(name for name, _ in RUNNERS)


class SetUp(NamedTuple):
    """One setting of fence, blade or stop: what it says, and the parts that want it."""

    number: int
    text: str
    parts: list[PartShown]


class SetUpShown(Model):
    """A set-up in words: what is set, and the marks of the parts, with how many there are of each."""

    number: int
    text: str
    parts: list[str]


def set_ups_of(solution: Solution) -> list[SetUp]:
    """All of them; a runner line is none, for it stands with the positions."""
    found: dict[str, SetUp] = {}
    for part in solution.parts:
        for cut in part.joinery:
            if _OF_RUNNERS.isdisjoint(read_key(key)[1] for key in cut.keys):
                found.setdefault(cut.text, SetUp(len(found) + 1, cut.text, [])).parts.append(part)
    return list(found.values())


def set_ups_shown(solution: Solution) -> list[SetUpShown]:
    """All of them in words."""
    found = set_ups_of(solution)
    return [SetUpShown(number=one.number, text=one.text, parts=list(map(times, one.parts))) for one in found]


def times(part: PartShown) -> str:
    """The one mark of a group of alike pieces, and how many there are: *E ×6*."""
    return f"{part.marks[0]} ×{part.count}" if part.count > 1 else part.marks[0]
