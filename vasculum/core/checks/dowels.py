"""Dowels that leave their boards whole, and keep clear of screws."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


@check(source="common practice", per="dowelled")
def dowels_stay_in_their_board(dowel_face_depth: Mm, dowelled_host: Mm, least_screw_cover: Mm) -> Finding | None:
    """Under a dowel hole in a face enough of the board is left."""
    left = dowelled_host - dowel_face_depth
    if left >= least_screw_cover:
        return None
    if left <= 0:
        return Finding(
            "dowel-hole-through",
            "stop",
            "Dowel holes {depth} deep come through a board {host} thick by {through}.",
            "Drill them less deep by {over}: set the stop of the drill anew for faces.",
            {"depth": dowel_face_depth, "host": dowelled_host, "through": -left, "over": least_screw_cover - left},
            ("dowel_face_depth",),
        )
    return Finding(
        "dowel-hole-near-the-face",
        "attention",
        "Dowel holes {depth} deep leave {left} of a board {host} thick; {least} is wanted.",
        "Drill them less deep by {over}.",
        {
            "depth": dowel_face_depth,
            "host": dowelled_host,
            "left": left,
            "least": least_screw_cover,
            "over": least_screw_cover - left,
        },
        ("dowel_face_depth",),
    )


@check(source="common practice", per="dowelled")
def edges_take_their_dowels(dowel_diameter: Mm, dowelled_edge: Mm) -> Finding | None:
    """A board is at least twice as thick as the dowels in its edge."""
    if 2 * dowel_diameter <= dowelled_edge:
        return None
    return Finding(
        "edge-too-thin-for-a-dowel",
        "attention",
        "The thinnest dowels there are, {diameter}, are more than half of an edge {edge} thick: it splits.",
        "Hold it by screws or angles, or take a thicker board.",
        {"diameter": dowel_diameter, "edge": dowelled_edge},
        ("dowel_diameter",),
    )


@check(source="common practice", per="case_joint.knock_down")
def dowels_keep_clear_of_screws(
    dowel_places: tuple[Mm, ...], hole_places: tuple[Mm, ...], dowel_diameter: Mm, edge_diameters: Mm
) -> Finding | None:
    """Dowels and screws of one joint stand three diameters apart, of the larger of the two."""
    apart = smallest(*(largest(dowel - hole, hole - dowel) for dowel in dowel_places for hole in hole_places))
    least = dowel_diameter * edge_diameters
    if apart >= least:
        return None
    return Finding(
        "dowels-near-screws",
        "attention",
        "Along the joints of the case a dowel stands {apart} from a screw; {least} is the least.",
        "Put the first screw further from the edge, or the screws further apart.",
        {"apart": apart, "least": least},
        ("dowel_places", "hole_places"),
    )


@check(source="geometry", per="dowelled", when=("jig_hole",))
def the_jig_reaches_the_middle(jig_packing: Mm, dowelled_edge: Mm) -> Finding | None:
    """A jig's hole can be packed out to the middle of a board, not in."""
    if jig_packing >= 0:
        return None
    return Finding(
        "jig-past-the-middle",
        "attention",
        "The hole of the jig stands {past} past the middle of a board {edge} thick.",
        "Take another jig, or drill all boards off the middle by {past}, from the same face.",
        {"past": -jig_packing, "edge": dowelled_edge},
        ("jig_packing",),
    )
