"""What parts beside each other want: the largest of them governs. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, taken


@rule(source="common practice", label="inside width wanted", per="wants_across.beside")
def wanted_across(each_wanted_across: tuple[Mm | None, ...]) -> Mm:
    """The part that wants most says how wide the inside has to be."""
    return largest(*taken(each_wanted_across))
