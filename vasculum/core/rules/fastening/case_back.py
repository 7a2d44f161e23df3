"""The back of a case: brads or screws all round, into the edges of the boards that it closes. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.flow.things import GoodKind
from vasculum.core.lengths import Mm
from vasculum.core.reasons import smallest
from vasculum.core.rules.fastening.sold import brad_length, count_along, screw_for, shortest


@rule(source="common practice", label="brads in the case back", per=("back_fastened", "back_held.brads"), unit="count")
def case_back_brads(case_back_width_cut: Mm, case_back_height_cut: Mm, brad_margin: Mm, brad_pitch: Mm) -> Mm:
    """Brads stand along all four edges of the back, no further apart than was chosen."""
    along = [count_along(run, brad_margin, brad_pitch) for run in (case_back_width_cut, case_back_height_cut)]
    return Mm(2 * sum(along))


@rule(source="common practice", label="length of brads in the case back", per=("back_fastened", "back_held.brads"))
def case_back_brad_length(case_back_passed: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """A brad is twice as long as what it goes through, and bites beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(case_back_passed, brad_bite, brad_lengths)


@rule(
    source="common practice", label="screws in the case back", per=("back_fastened", "back_held.screws"), unit="count"
)
def case_back_screws(
    case_back_width_cut: Mm, case_back_height_cut: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm
) -> Mm:
    """Screws stand along all four edges of the back, no further apart than was chosen."""
    runs = (case_back_width_cut, case_back_height_cut)
    return Mm(2 * sum(count_along(run, joint_screw_margin, joint_screw_pitch, 2) for run in runs))


@rule(source="from memory", label="length of screws in the case back", per=("back_fastened", "back_held.screws"))
def case_back_screw_length(case_back_passed: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through and bites into an edge; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, case_back_passed + edge_bite, "screw")


@rule(source="geometry", label="fasteners of the case back pass", per="back_fastened")
def case_back_passed(case_back_thickness: Mm) -> Mm:
    """They go through the back into the boards before it."""
    return case_back_thickness


@rule(source="geometry", label="edge that holds the case back", per="back_fastened")
def case_back_edge(case_side_thickness: Mm, case_bottom_counts: Mm, case_top_counts: Mm) -> Mm:
    """The thinnest board that a screw bites into counts."""
    return smallest(case_side_thickness, case_bottom_counts, case_top_counts)


@rule(source="common practice", label="diameter of screws in the case back", per=("back_fastened", "back_held.screws"))
def case_back_screw_diameter(case_back_edge: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the edge takes."""
    return screw_for(case_back_edge, screw_diameters, edge_diameters)


HELD: tuple[tuple[GoodKind, str], ...] = (("brad", "Brad"), ("screw", "Screw"))
for held, title in HELD:
    good(
        held,
        per=("back_fastened", f"back_held.{held}s"),
        title=f"{title} for the case back",
        count=f"case_back_{held}s",
        size=f"case_back_{held}_length",
        through=("case_back_passed",),
        holds="edges",
        gauge="case_back_screw_diameter" if held == "screw" else "",
    )
