"""Screws that go into one upright from both of its faces."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.rules.carcass.top_on_angles import UPRIGHT
from vasculum.core.rules.runners.posts_made import MADE


def _stagger(what: str, reach: Mm, thickness: Mm, least_wall_left: Mm, least_stagger: Mm, about: str) -> Finding | None:
    if 2 * reach <= thickness - least_wall_left:
        return None
    return Finding(
        "stagger-screws",
        "note",
        f"Screws of {what} on both faces of a divider reach {{reach}} into it, {{thickness}} thick: they would meet.",
        "Set those of one face {stagger} further along than those of the other.",
        {"reach": reach, "thickness": thickness, "stagger": least_stagger},
        (about,),
    )


@check(source="common practice", per=UPRIGHT)
def angle_screws_of_both_faces_stand_apart(
    upright_angle_wall_screw_length: Mm,
    angle_metal: Mm,
    divider_thickness: Mm,
    least_thin_cover: Mm,
    least_stagger: Mm,
) -> Finding | None:
    """An upright has an angle on both of its faces."""
    reach = upright_angle_wall_screw_length - angle_metal
    about = "upright_angle_wall_screw_length"
    return _stagger("angles", reach, divider_thickness, least_thin_cover, least_stagger, about)


@check(source="common practice", per=(*MADE, "right.divider", "posts_beyond"))
def post_screws_of_both_faces_stand_apart(
    post_screw_right: Mm, post_thickness: Mm, divider_thickness: Mm, least_thin_cover: Mm, least_stagger: Mm
) -> Finding | None:
    """A divider between two bays has posts on both of its faces."""
    reach = post_screw_right - post_thickness
    return _stagger("posts", reach, divider_thickness, least_thin_cover, least_stagger, "post_screw_right")
