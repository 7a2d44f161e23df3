"""Faces cut in order from one panel, so that the figure runs on over all fronts of a column. Exact mm, along the panel.

Each cut costs a kerf: a panel that equals the sum of its faces does not yield them.
"""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import how_many, largest, taken, total
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "grain.matched",
    title="Runs on",
    about="All fronts of a column are cut in order from one panel.",
    order=2,
)


@rule(source="geometry", per="grain.matched", unit="count")
def faces_from_panel(each_front_height_cut: tuple[Mm | None, ...]) -> Mm:
    """So many faces come out of the panel, one for each front of the column."""
    return how_many(*taken(each_front_height_cut))


@rule(source="common practice", label="panel length that the fronts need", per="grain.matched")
def panel_length_needed(each_front_height_cut: tuple[Mm | None, ...], blade_kerf: Mm, panel_trim: Mm) -> Mm:
    """The panel is as long as all faces, and a kerf and any trim for each cut between two of them.

    With nothing left over; an offcut costs one kerf more.
    """
    faces = taken(each_front_height_cut)
    return total(*faces) + (len(faces) - 1) * (blade_kerf + panel_trim)


@rule(source="geometry", label="panel width that the fronts need", per="grain.matched")
def panel_width_needed(each_front_width_cut: tuple[Mm | None, ...]) -> Mm:
    """The panel is as wide as the widest face."""
    return largest(*taken(each_front_width_cut))


@rule(source="common practice", label="figure jumps at a joint by", per="grain.matched")
def figure_jumps_by(gap: Mm, blade_kerf: Mm, panel_trim: Mm, each_edge_allowance: tuple[Mm | None, ...]) -> Mm:
    """At each joint the figure jumps by the gap, and a pull on the edge below it, less what saw and trim took.

    The most of them, where some fronts have such a pull and others none.
    """
    on_edges = largest(NOTHING, *taken(each_edge_allowance[1:]))
    return gap + on_edges - (blade_kerf + panel_trim)


@rule(source="geometry", label="offcut of the panel", per="grain.matched", when=("panel_length",))
def panel_offcut(panel_length: Mm, panel_length_needed: Mm, blade_kerf: Mm) -> Mm:
    """Left of the panel is what the faces and their kerfs do not take, less the kerf that cuts it off.

    Less than nothing where the panel is too short; nothing where it yields the faces and no more.
    """
    left = panel_length - panel_length_needed
    if left <= 0:
        return left
    return left - blade_kerf if left > blade_kerf else Mm(0)
