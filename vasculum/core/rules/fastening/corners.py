"""The corners of a butted box, at whichever ends are butted: brads, screws or pocket screws. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import good, rule
from vasculum.core.flow.things import GoodKind
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest, taken
from vasculum.core.rules.fastening.sold import brad_length, count_along, pocket_length, screw_for, shortest
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="height of the butted corners in front", per="butt_front")
def front_corner_height(front_wall_height_cut: Mm) -> Mm:
    """In front the corners are as high as the front."""
    return front_wall_height_cut


@rule(source="geometry", label="height of the butted corners at the back", per="butt_back")
def back_corner_height(back_wall_height_cut: Mm) -> Mm:
    """At the back the corners are as high as the back."""
    return back_wall_height_cut


@rule(source="geometry", label="fasteners of the corners in front pass", per="joint.butt_between")
def front_corner_passed(side_thickness: Mm) -> Mm:
    """Where the front stands between the sides, fasteners go through the sides."""
    return side_thickness


@rule(source="geometry", label="fasteners of the corners at the back pass", per="back.butt_between")
def back_corner_passed(side_thickness: Mm) -> Mm:
    """Where the back stands between the sides, fasteners go through the sides."""
    return side_thickness


@rule(source="geometry", label="fasteners of the corners pass", per="butt_corners")
def corner_passed(front_corner_passed: Mm = NOTHING, back_corner_passed: Mm = NOTHING) -> Mm:
    """The thicker of the parts that they go through counts."""
    return largest(front_corner_passed, back_corner_passed)


def _at_corners(front: Mm, back: Mm, margin: Mm, pitch: Mm) -> Mm:
    """At each butted end both corners, two fasteners at least in each."""
    return Mm(sum(2 * count_along(height, margin, pitch, 2) for height in (front, back) if height > 0))


@rule(source="common practice", label="brads in the corners", per=("butt_corners", "corner_held.brads"), unit="count")
def corner_brads(
    brad_margin: Mm, brad_pitch: Mm, front_corner_height: Mm = NOTHING, back_corner_height: Mm = NOTHING
) -> Mm:
    """Brads stand along both corners of a butted end, two at least, no further apart than was chosen."""
    return _at_corners(front_corner_height, back_corner_height, brad_margin, brad_pitch)


@rule(source="common practice", label="length of brads in the corners", per=("butt_corners", "corner_held.brads"))
def corner_brad_length(corner_passed: Mm, brad_bite: Mm, brad_lengths: tuple[Mm, ...]) -> Mm:
    """A brad is twice as long as what it goes through is thick, and bites beyond it; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return brad_length(corner_passed, brad_bite, brad_lengths)


@rule(source="common practice", label="screws in the corners", per=("butt_corners", "corner_held.screws"), unit="count")
def corner_screws(
    joint_screw_margin: Mm, joint_screw_pitch: Mm, front_corner_height: Mm = NOTHING, back_corner_height: Mm = NOTHING
) -> Mm:
    """Screws stand along both corners of a butted end, two at least, no further apart than was chosen."""
    return _at_corners(front_corner_height, back_corner_height, joint_screw_margin, joint_screw_pitch)


@rule(source="from memory", label="length of screws in the corners", per=("butt_corners", "corner_held.screws"))
def corner_screw_length(corner_passed: Mm, edge_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """A screw reaches through one part and bites into the edge of the other; the shortest that is sold.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, corner_passed + edge_bite, "screw")


@rule(
    source="common practice",
    label="pocket screws in the corners",
    per=("butt_corners", "corner_held.pocket"),
    unit="count",
)
def corner_pockets(
    pocket_margin: Mm, pocket_pitch: Mm, front_corner_height: Mm = NOTHING, back_corner_height: Mm = NOTHING
) -> Mm:
    """Pocket screws stand along both corners of a butted end, two at least, no further apart than was chosen."""
    return _at_corners(front_corner_height, back_corner_height, pocket_margin, pocket_pitch)


@rule(
    source="common practice", label="length of pocket screws in the corners", per=("butt_corners", "corner_held.pocket")
)
def corner_pocket_length(
    side_thickness: Mm, corner_drilled: Mm, pocket_thicknesses: tuple[Mm, ...], pocket_lengths: tuple[Mm, ...]
) -> Mm:
    """Pocket screws go by the thinner of the two parts."""
    return pocket_length(corner_drilled, side_thickness, pocket_thicknesses, pocket_lengths)


@rule(source="geometry", label="thinnest end that is drilled for pocket screws", per="butt_corners")
def corner_drilled(box_front_thickness: Mm, box_back_thickness: Mm) -> Mm:
    """Pockets are drilled into the ends; the thinner counts."""
    return smallest(box_front_thickness, box_back_thickness)


@rule(source="geometry", label="edge that holds the corners", per="butt_corners")
def corner_edge(front_corner_edge: Mm | None = None, back_corner_edge: Mm | None = None) -> Mm:
    """The thinnest edge that a screw bites into counts."""
    return smallest(*taken((front_corner_edge, back_corner_edge)))


@rule(source="geometry", label="edge that holds the corners in front", per="joint.butt_between")
def front_corner_edge(box_front_thickness: Mm) -> Mm:
    """Where the front stands between the sides, its ends hold."""
    return box_front_thickness


@rule(source="geometry", label="edge that holds the corners at the back", per="back.butt_between")
def back_corner_edge(box_back_thickness: Mm) -> Mm:
    """Where the back stands between the sides, its ends hold."""
    return box_back_thickness


@rule(source="common practice", label="diameter of screws in the corners", per=("butt_corners", "corner_held.screws"))
def corner_screw_diameter(corner_edge: Mm, screw_diameters: tuple[Mm, ...], edge_diameters: Mm) -> Mm:
    """As thick a screw as the edge takes."""
    return screw_for(corner_edge, screw_diameters, edge_diameters)


HELD: tuple[tuple[GoodKind, str, str], ...] = (
    ("brad", "brads", "Brad"),
    ("screw", "screws", "Screw"),
    ("pocket_screw", "pocket", "Pocket screw"),
)
for what, held, title in HELD:
    size = held.removesuffix("s")
    good(
        what,
        per=("butt_corners", f"corner_held.{held}"),
        title=f"{title} for box corners",
        count=f"corner_{size}s",
        size=f"corner_{size}_length",
        through=("corner_passed",),
        holds="next_board",
        gauge="corner_screw_diameter" if what == "screw" else "",
    )
