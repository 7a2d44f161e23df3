"""Holes of the cabinet member, as the runner in hand has them. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(
    source="common practice",
    label="holes for the runner in the case, from the front",
    per=("screwed", "runner_holed_in_case"),
)
def case_holes(members_from_front: Mm, runner_case_holes: tuple[Mm, ...]) -> tuple[Mm, ...]:
    """In the case, each hole stands behind the front edge by where its member begins and its place on the member.

    From the front edge of the opening, on the runner line.
    """
    return tuple(members_from_front + hole for hole in runner_case_holes)
