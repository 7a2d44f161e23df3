"""A bottom planted under a box: brads or screws all round, up into its walls. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.flow.things import GoodKind
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.fastening.sold import brad_length, count_along, screw_for, shortest


@rule(source="common practice", label="brads in a bottom", per=("bottom.planted", "bottom_held.brads"), unit="count")
def bottom_brads(bottom_width_cut: Mm, bottom_depth_cut: Mm, brad_margin: Mm, planted_pitch: Mm) -> Mm:
    """Brads stand along all four edges, closer than elsewhere: they carry what is in the box."""
    along = [count_along(run, brad_margin, planted_pitch) for run in (bottom_width_cut, bottom_depth_cut)]
    return Mm(2 * sum(along))


@rule(source="common practice", label="length of brads in a bottom", per=("bottom.planted", "bottom_held.brads"))
def bottom_brad_length(bottom_thickness: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """A brad is twice as long as the bottom is thick, and bites beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(bottom_thickness, brad_bite, brad_lengths)


@rule(source="common practice", label="screws in a bottom", per=("bottom.planted", "bottom_held.screws"), unit="count")
def bottom_screws(bottom_width_cut: Mm, bottom_depth_cut: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Screws stand along all four edges, no further apart than was chosen."""
    along = [count_along(run, joint_screw_margin, joint_screw_pitch) for run in (bottom_width_cut, bottom_depth_cut)]
    return Mm(2 * sum(along))


@rule(source="from memory", label="length of screws in a bottom", per=("bottom.planted", "bottom_held.screws"))
def bottom_screw_length(bottom_thickness: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through the bottom and bites into the edges of the walls; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, bottom_thickness + edge_bite, "screw")


@rule(source="geometry", label="edge that holds a planted bottom", per="bottom.planted")
def bottom_edge(side_thickness: Mm, box_front_thickness: Mm, box_back_thickness: Mm) -> Mm:
    """The thinnest wall that a screw bites into counts."""
    return smallest(side_thickness, box_front_thickness, box_back_thickness)


@rule(source="common practice", label="diameter of screws in a bottom", per=("bottom.planted", "bottom_held.screws"))
def bottom_screw_diameter(bottom_edge: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the edge takes."""
    return screw_for(bottom_edge, screw_diameters, edge_diameters)


HELD: tuple[tuple[GoodKind, str], ...] = (("brad", "Brad"), ("screw", "Screw"))
for held, title in HELD:
    good(
        held,
        per=("bottom.planted", f"bottom_held.{held}s"),
        title=f"{title} for the bottom",
        count=f"bottom_{held}s",
        size=f"bottom_{held}_length",
        through=("bottom_thickness",),
        holds="edges",
        gauge="bottom_screw_diameter" if held == "screw" else "",
    )
