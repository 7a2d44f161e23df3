"""Cautions that go with what stands in the way, each with its own number."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="from memory", per="in_the_way.pipe")
def pipes_are_left_to_the_licensed(projection: Mm) -> Finding | None:
    """A pipe is worked on by who is licensed to."""
    return Finding(
        "pipe",
        "caution",
        "A pipe stands in by {in_by}; screws beside it may meet it in the wall.",
        "Find where it runs before you drill. Gas and water lines are moved by a licensed person.",
        {"in_by": projection},
        ("projection",),
    )


@check(source="from memory", per="in_the_way.socket")
def plugs_need_room_and_air(projection: Mm) -> Finding | None:
    """A plug and its cord are neither pinched nor shut in hot."""
    return Finding(
        "socket",
        "caution",
        "Plug and cord stand in by {in_by}; wires run in the wall above or beside a socket.",
        "Keep the socket in reach, let no drawer press the cord, and look for the wires before you drill.",
        {"in_by": projection},
        ("projection",),
    )


@check(source="from memory", per="in_the_way.centre_stile")
def a_stile_carries_something(projection: Mm) -> Finding | None:
    """A centre stile that goes is replaced first."""
    return Finding(
        "centre-stile",
        "caution",
        "The centre stile, {in_by}, may carry the top: a stone top cracks when it loses its support.",
        "Put a stiffener in before you cut it out; doors need something to close against afterwards.",
        {"in_by": projection},
        ("projection",),
    )


@check(source="from memory", per="in_the_way.anchor")
def anchors_stay_usable(projection: Mm) -> Finding | None:
    """What is built in leaves the anchors free."""
    return Finding(
        "anchor",
        "note",
        "A floor anchor stands up by {in_by}: it bounds the box, and it is what the box is tied to.",
        "Leave room for a hand and a strap there.",
        {"in_by": projection},
        ("projection",),
    )


@check(source="from memory", per="in_the_way.missing_wall")
def a_partition_stands_where_no_wall_is(projection: Mm) -> Finding | None:
    """Where a side wall is missing, a partition carries the runners."""
    return Finding(
        "partition",
        "note",
        "No wall stands there: a partition {in_by} thick carries the runners instead.",
        "Fix it to floor and top before the runners go on, plumb and parallel to the other side.",
        {"in_by": projection},
        ("projection",),
    )


@check(source="from memory", per="in_the_way.stone_top")
def a_stone_top_stays_carried(projection: Mm) -> Finding | None:
    """A stone top keeps its support."""
    return Finding(
        "stone-top",
        "caution",
        "A stone top cracks when it loses support; its stiffener hangs {in_by} below it.",
        "Take no stile or rail out before another stiffener carries the span.",
        {"in_by": projection},
        ("projection",),
    )
