"""Can the assembled box, and each board too, be brought in."""

from __future__ import annotations

from fractions import Fraction
from math import hypot

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.passing import Room, Sizes, Turn, Way, goes_through, is_free, pieces, way_in, ways_through
from vasculum.core.reasons import largest, smallest, total
from vasculum.core.rules.insertion import MOUTH

_WORDS = {"width": "its width", "height": "its height", "depth": "its depth"}


@check(source="common practice", per="drawer", when=MOUTH)
def box_is_brought_in(
    carried_width: Mm,
    carried_height: Mm,
    carried_depth: Mm,
    mouth_width: Mm,
    mouth_height: Mm,
    passes_flat: Mm,
    passes_upright: Mm,
    turning_across: Mm | None = None,
    turning_up: Mm | None = None,
    turning_along: Mm | None = None,
) -> Finding | None:
    """Assembled, the box passes the mouth and is turned into place about one axis at a time."""
    box: Sizes = {"width": carried_width, "height": carried_height, "depth": carried_depth}
    room: Room = {"across": turning_across, "up": turning_up, "along": turning_along}
    mouth = (mouth_width, mouth_height)
    way = way_in(box, mouth, room)
    if way is not None:
        return _as_it_goes(box, way) if way.turns else None
    through = ways_through(box, mouth)
    return _cannot_turn(box, room, through[0]) if through else _too_large(box, mouth, passes_flat, passes_upright)


def _sweep(box: Sizes, turn: Turn) -> Fraction:
    """The diagonal that a quarter turn sweeps."""
    return Fraction(hypot(*(box[size] for size in turn.sizes)))


def _as_it_goes(box: Sizes, way: Way) -> Finding:
    """It goes in, turned."""
    diagonal = largest(*(_sweep(box, turn) for turn in way.turns))
    return Finding(
        "goes-in-turned",
        "note",
        f"It goes in with {_WORDS[way.lies[0]]} across the mouth and {_WORDS[way.lies[1]]} upright, "
        f"{{across}} by {{up}}, then is turned {'once' if len(way.turns) == 1 else 'twice'} within {{needs}}.",
        "The picture of the way in shows the angles.",
        {"across": box[way.lies[0]], "up": box[way.lies[1]], "needs": diagonal},
        ("passes_flat", "passes_upright"),
    )


def _cannot_turn(box: Sizes, room: Room, way: Way) -> Finding:
    turn = next(turn for turn in way.turns if not is_free(turn, box, room))
    rooms = [r for r in (room[axis] for axis in turn.axes) if r is not None]
    return Finding(
        "box-cannot-be-turned",
        "attention",
        "It passes the mouth, but turned into place it sweeps {needs}; there are {room}.",
        "Glue it up inside, carry it in as parts, or make it shorter.",
        {"needs": _sweep(box, turn), "room": smallest(*rooms)},
        ("standing_up",),
    )


def _too_large(box: Sizes, mouth: tuple[Mm, Mm], flat: Mm, upright: Mm) -> Finding:
    narrow, wide = smallest(*mouth), largest(*mouth)
    across, up = pieces(box["width"], mouth[0]), pieces(box["height"], mouth[1])
    size, count, word = ("width", across, "side by side") if across > 1 else ("height", up, "one over the other")
    return Finding(
        "box-does-not-pass",
        "attention",
        "Assembled, the box shows {flat} by {upright} end on; the mouth is {narrow} by {wide}: {over} too much.",
        f"Glue it up inside, or split it into {{count}} boxes {word}, each up to {{piece}}.",
        {
            "flat": flat, "upright": upright, "narrow": narrow, "wide": wide,
            "over": largest(flat - narrow, upright - wide), "count": count,
            "piece": box["width" if size == "width" else "height"] / count,
        },
        ("passes_flat", "passes_upright"),
    )  # fmt: skip


@check(source="geometry", per="fronted", when=MOUTH)
def front_is_carried_in(
    front_width_cut: Mm, front_height_cut: Mm, front_thickness: Mm, mouth_width: Mm, mouth_height: Mm
) -> Finding | None:
    """A front passes the mouth as a board."""
    return _board((front_width_cut, front_height_cut, front_thickness), (mouth_width, mouth_height), "front_width_cut")


@check(source="geometry", per="divided.board", when=MOUTH)
def divider_is_carried_in(
    divider_length_cut: Mm, divider_depth_cut: Mm, divider_thickness: Mm, mouth_width: Mm, mouth_height: Mm
) -> Finding | None:
    """A divider passes the mouth as a board."""
    sizes = (divider_length_cut, divider_depth_cut, divider_thickness)
    return _board(sizes, (mouth_width, mouth_height), "divider_length_cut")


@check(source="geometry", per="shelf", when=MOUTH)
def shelf_is_carried_in(
    shelf_length_cut: Mm, shelf_depth_cut: Mm, shelf_thickness: Mm, mouth_width: Mm, mouth_height: Mm
) -> Finding | None:
    """A shelf passes the mouth as a board."""
    sizes = (shelf_length_cut, shelf_depth_cut, shelf_thickness)
    return _board(sizes, (mouth_width, mouth_height), "shelf_length_cut")


@check(source="geometry", per="box_bottomed", when=MOUTH)
def bottom_is_carried_in(
    bottom_width_cut: Mm, bottom_depth_cut: Mm, bottom_thickness: Mm, mouth_width: Mm, mouth_height: Mm
) -> Finding | None:
    """Taken apart, the bottom of a box passes the mouth as a board."""
    sizes = (bottom_width_cut, bottom_depth_cut, bottom_thickness)
    return _board(sizes, (mouth_width, mouth_height), "bottom_width_cut")


@check(source="geometry", per="drawer", when=MOUTH)
def side_is_carried_in(
    side_length_cut: Mm, wall_height_cut: Mm, side_thickness: Mm, mouth_width: Mm, mouth_height: Mm
) -> Finding | None:
    """Taken apart, the side of a box passes the mouth as a board."""
    return _board((side_length_cut, wall_height_cut, side_thickness), (mouth_width, mouth_height), "side_length_cut")


def _board(sizes: tuple[Mm, Mm, Mm], mouth: tuple[Mm, Mm], about: str) -> Finding | None:
    thin, long = smallest(*sizes), largest(*sizes)
    broad = total(*sizes) - thin - long
    if goes_through((broad, thin), mouth):
        return None
    return Finding(
        "board-does-not-pass",
        "attention",
        "Even as a loose board, {broad} by {thin} end on and tilted, it does not pass a mouth of {narrow} by {wide}.",
        "Joint it inside from two boards, or divide the space further.",
        {"broad": broad, "thin": thin, "narrow": smallest(*mouth), "wide": largest(*mouth)},
        (about,),
    )
