"""A piece that was cut otherwise than planned, beside what it has to fill, cover or be held by. Exact mm.

What follows from a size that was noted as built follows it; these are sizes that nothing follows.
"""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding, Severity
from vasculum.core.lengths import Mm


def _off(
    what: str, is_now: Mm, wanted: Mm, allowed: Mm, about: str, fix: str, severity: Severity = "attention"
) -> Finding | None:
    """A piece that is larger than what it fills, or smaller by more than cutting leaves."""
    off = is_now - wanted
    if -allowed <= off <= 0:
        return None
    way = "more" if off > 0 else "less"
    return Finding(
        f"{about.removesuffix('_cut').replace('_', '-')}-off",
        severity,
        f"{what} is {{size}}, {{off}} {way} than the {{wanted}} it has to be.",
        fix,
        {"size": is_now, "off": off if off > 0 else -off, "wanted": wanted},
        (about,),
    )


@check(source="geometry", per="drawer")
def back_is_as_wide_as_its_front(box_back_length_cut: Mm, box_back_length: Mm, increment: Mm) -> Finding | None:
    """The back is as long as the width that the front makes asks of it: otherwise the sides are not parallel."""
    fix = "Cut the back anew, or both ends alike: the sides would not stand parallel."
    return _off("The back of the box", box_back_length_cut, box_back_length, increment, "box_back_length_cut", fix)


@check(source="geometry", per="drawer")
def back_is_as_high_as_its_sides_ask(back_wall_height_cut: Mm, back_wall_height: Mm, increment: Mm) -> Finding | None:
    """The back is as high as the sides, or as a bottom that slides in under it leaves."""
    fix = "Trim the back, or cut it anew."
    what = "The height of the back"
    return _off(what, back_wall_height_cut, back_wall_height, increment, "back_wall_height_cut", fix)


@check(source="geometry", per="divided.board")
def divider_reaches_what_holds_it(divider_length_cut: Mm, divider_length: Mm, increment: Mm) -> Finding | None:
    """A divider reaches from end to end of what it divides, and into what it is let into."""
    return _divider("long", divider_length_cut, divider_length, increment)


@check(source="geometry", per="divided.board")
def divider_fills_its_depth(
    divider_depth_cut: Mm, cell_depth: Mm, divider_set_back: Mm, divider_short_behind: Mm, increment: Mm
) -> Finding | None:
    """A divider is as deep as what it divides, but for what it stands back."""
    return _divider("deep", divider_depth_cut, cell_depth - divider_set_back - divider_short_behind, increment)


def _divider(way: str, size: Mm, wanted: Mm, increment: Mm) -> Finding | None:
    about = "divider_length_cut" if way == "long" else "divider_depth_cut"
    return _off(f"How {way} the divider", size, wanted, increment, about, "Cut the divider anew, or pack its end.")


@check(source="geometry", per="shelf")
def shelf_goes_between_its_walls(
    shelf_length_cut: Mm, free_width: Mm, shelf_length: Mm, increment: Mm
) -> Finding | None:
    """A shelf goes in, and still lies on what carries it."""
    fix = "Trim the shelf, or cut it anew."
    allowed = free_width - shelf_length + increment
    return _off("The length of the shelf", shelf_length_cut, free_width, allowed, "shelf_length_cut", fix)


@check(source="geometry", per="shelf")
def shelf_is_as_deep_as_is_free(shelf_depth_cut: Mm, shelf_depth: Mm, increment: Mm) -> Finding | None:
    """A shelf is as deep as is free."""
    fix = "Trim the shelf, or cut it anew."
    return _off("The depth of the shelf", shelf_depth_cut, shelf_depth, increment, "shelf_depth_cut", fix)


@check(source="geometry", per="carcass.new")
def boards_across_hold_the_inside_apart(
    case_across_length_cut: Mm, case_across_length: Mm, thickness_increment: Mm
) -> Finding | None:
    """Boards across a case hold its inside apart."""
    return _case_board("The boards across the case", case_across_length_cut, case_across_length, thickness_increment)


@check(source="geometry", per="carcass.new")
def sides_hold_the_inside_apart(
    case_side_length_cut: Mm, case_side_length: Mm, thickness_increment: Mm
) -> Finding | None:
    """The sides of a case hold its inside apart."""
    return _case_board("The sides of the case", case_side_length_cut, case_side_length, thickness_increment)


@check(source="geometry", per="carcass.new")
def panels_are_as_deep_as_the_inside(case_panel_depth_cut: Mm, case_panel_depth: Mm, increment: Mm) -> Finding | None:
    """The panels of a case are as deep as its inside."""
    return _case_board("The panels of the case", case_panel_depth_cut, case_panel_depth, increment, "case_panel_depth")


def _case_board(what: str, size: Mm, wanted: Mm, step: Mm, about: str = "case_outside_width") -> Finding | None:
    off = size - wanted
    if 0 <= off <= step:
        return None
    return Finding(
        "case-board-off",
        "attention",
        f"{what} measure {{size}}, {{off}} {'over' if off > 0 else 'short of'} the {{wanted}} they have to be.",
        "Cut them anew, or measure the inside as it is now and plan on from there.",
        {"size": size, "off": off if off > 0 else -off, "wanted": wanted},
        (about,),
    )


@check(source="geometry", per="bottom.between")
def bottom_between_goes_in_and_is_held(
    bottom_width_cut: Mm, inside_width: Mm, bottom_depth_cut: Mm, inside_depth: Mm, increment: Mm
) -> Finding | None:
    """A bottom between the walls goes in, and meets them."""
    return _held(
        ((bottom_width_cut, inside_width, increment), (bottom_depth_cut, inside_depth, increment)),
        "the walls it stands between",
    )


@check(source="geometry", per="bottom.planted")
def planted_bottom_covers_its_walls(
    bottom_width_cut: Mm, bottom_width: Mm, bottom_depth_cut: Mm, outside_depth: Mm, side_thickness: Mm
) -> Finding | None:
    """A planted bottom does not stand out, and still lies under the walls."""
    return _held(
        ((bottom_width_cut, bottom_width, side_thickness), (bottom_depth_cut, outside_depth, side_thickness)),
        "the walls it lies under",
    )


@check(source="geometry", per="bottom.in_rabbet")
def bottom_in_a_rabbet_goes_in_and_is_held(
    bottom_width_cut: Mm,
    inside_width: Mm,
    edge_rabbet_side: Mm,
    bottom_depth_cut: Mm,
    inside_depth: Mm,
    edge_rabbet_front: Mm,
    edge_rabbet_back: Mm,
) -> Finding | None:
    """A bottom in an open rabbet goes in, and pushed to one side still lies on the other."""
    across = inside_width + 2 * edge_rabbet_side
    along = inside_depth + edge_rabbet_front + edge_rabbet_back
    shallow = edge_rabbet_front if edge_rabbet_front < edge_rabbet_back else edge_rabbet_back
    return _held(((bottom_width_cut, across, edge_rabbet_side), (bottom_depth_cut, along, shallow)), "its rabbets")


def _held(ways: tuple[tuple[Mm, Mm, Mm], ...], where: str) -> Finding | None:
    """A bottom that is larger than its place, or smaller by as much as holds it; each way its size, room and hold."""
    for (size, room, hold), way in zip(ways, ("wide", "deep"), strict=True):
        if size > room or room - size >= hold:
            off = size - room
            return Finding(
                f"bottom-too-{way}" if off > 0 else "bottom-not-held",
                "stop",
                f"The bottom is {{size}} {way}: {{off}} {'more' if off > 0 else 'less'} than the {{room}} of {where}.",
                "Trim the bottom." if off > 0 else "Cut the bottom anew, or to a finer increment.",
                {"size": size, "off": off if off > 0 else -off, "room": room},
                ("bottom_width_cut", "bottom_depth_cut"),
            )
    return None
