"""Dowels: how thick, how deep in the face and in the edge, and where the drill stops. Exact mm.

Two at least in a joint, a third to half as thick as the board whose edge they go into.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import longest_not_over, smallest, snap_down


@rule(source="common practice", label="diameter of the dowels", per="dowelled")
def dowel_diameter(dowelled_edge: Mm, dowel_diameters: tuple[Mm, ...]) -> Mm:
    """As thick as half the board that they go into allows; the thinnest there is in a thinner board."""
    found = longest_not_over(dowelled_edge / 2, dowel_diameters)
    return smallest(*dowel_diameters) if found is None else found


@rule(source="common practice", label="dowel holes go into faces by", per="dowelled")
def dowel_face_depth(
    dowelled_host: Mm, dowel_share: Mm, increment: Mm, wanted_dowel_face_depth: Mm | None = None
) -> Mm:
    """Two thirds of the board, down to the shop's increment, or as deep as was chosen."""
    return (
        snap_down(dowelled_host * dowel_share, increment)
        if wanted_dowel_face_depth is None
        else wanted_dowel_face_depth
    )


@rule(source="common practice", label="dowel holes go into edges by", per="dowelled")
def dowel_edge_depth(dowel_length: Mm, dowel_face_depth: Mm, dowel_spare: Mm) -> Mm:
    """The edge takes the rest of the dowel, and a little more for glue and dust."""
    return dowel_length - dowel_face_depth + dowel_spare


@rule(source="geometry", label="drill stop for dowel holes in faces", per="dowelled", when=("jig_plate",))
def drill_stop_face(dowel_face_depth: Mm, jig_plate: Mm) -> Mm:
    """Through the plate of a jig the drill goes deeper by the plate."""
    return dowel_face_depth + jig_plate


@rule(source="geometry", label="drill stop for dowel holes in edges", per="dowelled", when=("jig_plate",))
def drill_stop_edge(dowel_edge_depth: Mm, jig_plate: Mm) -> Mm:
    """Through the plate of a jig the drill goes deeper by the plate."""
    return dowel_edge_depth + jig_plate


@rule(source="geometry", label="packing between jig and fence", per="dowelled", when=("jig_hole",))
def jig_packing(dowelled_edge: Mm, jig_hole: Mm) -> Mm:
    """Packed by so much, the hole of a jig stands over the middle of the board; less than nothing: it cannot."""
    return dowelled_edge / 2 - jig_hole
