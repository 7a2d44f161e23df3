"""What is taken out, and what carries afterwards."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding


def _carried(what: str) -> Finding:
    return Finding(
        "taken-out-without-a-stand-in",
        "attention",
        f"A {what} comes out, and nothing stands in for it: doors, rails or a top may stand on it.",
        "Say what carries instead, a stiffener or a partition, and build that first; or let it stay.",
        {},
        (),
    )


@check(source="common practice", per=("existing.taken_out", "existing_is.stile", "stood_in.by_nothing"))
def a_stile_is_stood_in_for() -> Finding | None:
    """A stile carries its rail and its doors."""
    return _carried("stile")


@check(source="common practice", per=("existing.taken_out", "existing_is.rail", "stood_in.by_nothing"))
def a_rail_is_stood_in_for() -> Finding | None:
    """A rail ties what stands beside it."""
    return _carried("rail")


@check(source="common practice", per=("existing.taken_out", "existing_is.wall", "stood_in.by_nothing"))
def a_wall_is_stood_in_for() -> Finding | None:
    """A wall carries runners and a top."""
    return _carried("wall")


@check(source="common practice", per="stood_in.unsized")
def a_stand_in_has_its_sizes() -> Finding | None:
    """What stands in is cut once its three sizes were chosen."""
    return Finding(
        "stand-in-without-sizes",
        "attention",
        "What stands in for this part has no length, width or thickness yet, so it is on no list.",
        "Say all three.",
        {},
        (),
    )
