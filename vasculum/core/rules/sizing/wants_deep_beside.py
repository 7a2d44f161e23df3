"""What parts beside each other want: the largest of them governs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken


@rule(source="common practice", per="wants_deep.beside")
def wanted_deep(each_wanted_deep: tuple[Mm | None, ...]) -> Mm:
    """The part that wants most says how deep the inside has to be."""
    return largest(*taken(each_wanted_deep))
