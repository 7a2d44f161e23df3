"""A handle let into the front, flush with its face. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, good, rule
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest
from vasculum.core.rules.fastening.sold import cover_in, shortest
from vasculum.core.rules.obstructions.free import NOTHING
from vasculum.core.rules.pulls.holed import behind_it

alternative(
    "pull.flush",
    title="Flush handle",
    about="Let into the front: only its flange stands on the face.",
    shares=("holed",),
    order=4,
)


@rule(source="common practice", per="pull.flush")
def pull_hole_width(flush_width: Mm, flush_flange: Mm) -> Mm:
    """The cut-out is as wide as the outline of the handle less its flange on both sides."""
    return flush_width - 2 * flush_flange


@rule(source="common practice", per="pull.flush")
def pull_hole_height(flush_height: Mm, flush_flange: Mm) -> Mm:
    """The cut-out is as high as the outline of the handle less its flange above and below."""
    return flush_height - 2 * flush_flange


@rule(source="common practice", per="pull.flush")
def pull_hole_from_edge(front_height_cut: Mm, pull_hole_height: Mm, wanted_flush_middle: Mm | None = None) -> Mm:
    """The handle stands half-way up the front, or with its middle where it was wanted.

    The cut-out's lower edge, above the front's.
    """
    middle = front_height_cut / 2 if wanted_flush_middle is None else wanted_flush_middle
    return middle - pull_hole_height / 2


@rule(source="geometry", label="handle behind the front", per="pull.flush")
def flush_behind(flush_depth: Mm, front_thickness: Mm, before_box_front: Mm) -> Mm:
    """How far the handle reaches past the front, and any space behind it, into the box front."""
    return largest(flush_depth - front_thickness - before_box_front, NOTHING)


@rule(source="common practice", per=("pull.flush", "front_walled"))
def pull_hole_in_wall(
    flush_behind: Mm,
    front_from_floor: Mm,
    pull_hole_from_edge: Mm,
    pull_hole_height: Mm,
    walls_from_floor: Mm,
    front_wall_height_cut: Mm,
    pull_hole_from_wall_edge: Mm,
) -> Mm:
    """Behind a handle deeper than the front the box front has the same opening, right through; else it has none."""
    if flush_behind == 0:
        return NOTHING
    upper = front_from_floor + pull_hole_from_edge + pull_hole_height - walls_from_floor
    return behind_it(upper, front_wall_height_cut, pull_hole_from_wall_edge)


@rule(source="common practice", label="screw through the handle's flange", per="pull.flush")
def flush_screw_length(flush_metal: Mm, least_screw_bite: Mm, screw_lengths: tuple[Mm, ...]) -> Mm:
    """The shortest screw that bites enough behind the flange.

    Raises:
        CannotDerive: ``no-fastener-so-long``.
    """
    return shortest(screw_lengths, flush_metal + least_screw_bite, "screw")


@rule(source="common practice", label="bite of the flange's screws", per="pull.flush")
def flush_bite(flush_screw_length: Mm, flush_metal: Mm) -> Mm:
    """They bite what is left of their length behind the flange."""
    return flush_screw_length - flush_metal


@rule(source="common practice", label="left before the flange's screws", per="pull.flush")
def flush_cover(front_thickness: Mm, flush_bite: Mm) -> Mm:
    """Before their points stays what they do not reach of the front; less than nothing comes through."""
    return front_thickness - flush_bite


@rule(source="common practice", label="cover that the flange's screws want", per="pull.flush")
def flush_cover_wanted(front_thickness: Mm, thin_stock: Mm, least_thin_cover: Mm, least_screw_cover: Mm) -> Mm:
    """Before their points they want the least cover; in thin stock the smaller one, so that they still bite."""
    return cover_in(front_thickness, thin_stock, least_thin_cover, least_screw_cover)


for part, at, width, begins in (
    ("front", "pull_hole_from_edge", "pull_hole_height", "pull_hole_from_left"),
    ("box_front", "pull_hole_from_wall_edge", "pull_hole_in_wall", "pull_hole_from_wall_left"),
):
    cut(
        "hole",
        per="pull.flush" if part == "front" else ("pull.flush", "front_walled"),
        into=part,
        title="Cut-out for the handle",
        face="through",
        at=at,
        width=width,
        begins=begins,
        length="pull_hole_width",
    )
good("pull", per="pull.flush", title="Flush handle", by="pull_hole_width")
good(
    "screw",
    per="pull.flush",
    title="Screw for the flange of the handle",
    count="flush_screws",
    size="flush_screw_length",
    through=("flush_metal",),
    into=("front_thickness",),
    bite="flush_bite",
)
