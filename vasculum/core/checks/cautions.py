"""Cautions that belong beside the work, each with the number that makes it matter."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


@check(source="from memory", per="drawer")
def small_parts_at_the_saw(wall_height_cut: Mm, box_back_length_cut: Mm, small_part: Mm) -> Finding | None:
    """Pieces that are short both ways are cut against a stop block."""
    short = largest(box_back_length_cut, wall_height_cut)
    if short >= small_part:
        return None
    return Finding(
        "small-parts",
        "caution",
        "A piece {short} across is small at a table saw.",
        "Never let it sit between fence and blade: use a stop block and a sled, and keep it long until last.",
        {"short": short},
        ("wall_height_cut", "box_back_length_cut"),
    )


@check(source="from memory", per="case_width.read")
def thin_strips_at_the_saw(packing_left: Mm, packing_right: Mm, thin_strip: Mm) -> Finding | None:
    """Thin strips are ripped so that they fall free."""
    strips = [strip for strip in (packing_left, packing_right) if 0 < strip < thin_strip]
    if not strips:
        return None
    thin = smallest(*strips)
    return Finding(
        "thin-strips",
        "caution",
        "A packing strip {thin} thick is thin to rip.",
        "Rip it so that the strip falls on the free side of the blade, with a push stick and eyes covered.",
        {"thin": thin},
        ("packing_left", "packing_right"),
    )
