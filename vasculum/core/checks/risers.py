"""A tray on risers over a back that is cut down: what is in the way of the saw; tipping, catching."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest

RISERS = "runner.risers"


@check(source="common practice", per=RISERS)
def a_tray_lies_on_both_risers(tray_bearing: Mm, tray_riser_play: Mm, least_bearing: Mm) -> Finding | None:
    """Pushed to one side a tray still lies on the other riser."""
    if tray_bearing >= least_bearing:
        return None
    return Finding(
        "tray-falls-off-risers",
        "stop" if tray_bearing <= 0 else "attention",
        "Pushed to one side by its play of {play}, the tray lies on a riser by {bearing}; {least} is the least.",
        "Make the risers thicker, or its play smaller.",
        {"play": tray_riser_play, "bearing": largest(Mm(0), tray_bearing), "least": least_bearing},
        ("tray_bearing",),
    )


@check(source="common practice", per=RISERS)
def risers_stand_over_the_rest_of_the_back(tray_riser_height: Mm, back_rest: Mm, riser_over_rest: Mm) -> Finding | None:
    """A tray that lies no higher than what is left of the back catches on it."""
    if tray_riser_height >= back_rest + riser_over_rest and back_rest > 0:
        return None
    return Finding(
        "tray-catches-on-the-back",
        "stop" if tray_riser_height < back_rest or back_rest <= 0 else "attention",
        "Risers {height} high over a rest of {rest}: {over} higher is wanted, or the tray catches on the back.",
        "Make the row below higher, or cut the back lower.",
        {"height": tray_riser_height, "rest": back_rest, "over": riser_over_rest},
        ("tray_riser_height", "back_rest"),
    )


@check(source="common practice", per=(RISERS, "tray_kept.freely"))
def a_free_tray_does_not_tip(tray_travel: Mm, tray_most_travel: Mm, outside_depth: Mm) -> Finding | None:
    """Nothing holds down a tray of which half is out."""
    if tray_travel <= tray_most_travel:
        return None
    return Finding(
        "tray-tips",
        "stop",
        "Pushed back {travel}, a tray {deep} deep tips: beyond {most} nothing holds it down.",
        "Let it go back {most}, or keep it down by cleats over its rim.",
        {"travel": tray_travel, "deep": outside_depth, "most": tray_most_travel},
        ("tray_travel",),
    )


@check(source="from memory", per=(RISERS, "tray_kept.cleats"))
def enough_of_a_tray_stays_under_its_cleats(tray_travel: Mm, tray_most_travel: Mm, keeper_length: Mm) -> Finding | None:
    """What is left under the cleats has to hold down what stands out."""
    if tray_travel <= tray_most_travel:
        return None
    return Finding(
        "little-under-cleats",
        "attention",
        "Pushed back {travel}, only {stays} of the tray stays under its cleats; it may go back {most}.",
        "Let it travel less, or make the tray deeper.",
        {"travel": tray_travel, "stays": keeper_length, "most": tray_most_travel},
        ("tray_travel",),
    )


@check(source="geometry", per=(RISERS, "tray_kept.cleats"))
def cleats_lap_the_rim(keeper_lap: Mm, least_bearing: Mm) -> Finding | None:
    """Pushed to the other side the tray is still under the cleat."""
    if keeper_lap >= least_bearing:
        return None
    return Finding(
        "cleat-misses-the-rim",
        "stop" if keeper_lap <= 0 else "attention",
        "Pushed to the other side, {lap} of the tray is under the cleat; {least} is the least.",
        "Make the cleats wider.",
        {"lap": largest(Mm(0), keeper_lap), "least": least_bearing},
        ("keeper_lap",),
    )


@check(source="common practice", per=(RISERS, "tray_kept.cleats"), when=("standing_wall",))
def brads_of_cleats_stay_inside(keeper_brad_length: Mm, keeper_width: Mm, standing_wall: Mm) -> Finding | None:
    """A brad that comes through the side of the drawer catches on what the drawer slides past."""
    past = keeper_brad_length - keeper_width - standing_wall
    if past < 0:
        return None
    return Finding(
        "cleat-brad-comes-through",
        "stop",
        "Brads of {length} through a cleat of {cleat} come out of a side of {wall}.",
        "Take shorter ones and more glue, or wider cleats.",
        {"length": keeper_brad_length, "cleat": keeper_width, "wall": standing_wall},
        ("keeper_brad_length",),
    )


@check(source="geometry", per=RISERS, when=("room_behind_open",))
def a_tray_has_room_behind_the_drawer(tray_travel: Mm, room_behind_open: Mm) -> Finding | None:
    """Behind the open drawer there is what it opens, and what is free behind it when it is shut."""
    if tray_travel <= room_behind_open:
        return None
    return Finding(
        "no-room-behind-for-tray",
        "stop",
        "Pushed back {travel}, the tray meets what stands behind: {room} is free there.",
        "Let it go back {room}.",
        {"travel": tray_travel, "room": room_behind_open},
        ("tray_travel",),
    )


@check(source="common practice", per=RISERS)
def a_tray_comes_forward_before_the_drawer_shuts(tray_travel: Mm, room_behind_open: Mm | None = None) -> Finding | None:
    """What hangs over the back of a drawer meets the cabinet as it shuts."""
    if room_behind_open is None:
        return Finding(
            "room-behind-not-said",
            "note",
            "The tray goes back {travel} over the drawer's back: nobody said how much room is behind the open drawer.",
            "Measure how far the drawer opens, and what is free behind it when it is shut; say both together.",
            {"travel": tray_travel},
            ("tray_travel",),
        )
    return Finding(
        "tray-first-then-shut",
        "note",
        "Left back {travel}, the tray meets what is behind after {closing} of closing.",
        "Bring it forward before the drawer shuts.",
        {"travel": tray_travel, "closing": largest(Mm(0), room_behind_open - tray_travel)},
        ("tray_travel",),
    )


@check(source="common practice", per=(RISERS, "old_back.over_ends"))
def a_back_over_the_ends_is_not_cut_flush(back_rest: Mm) -> Finding:
    """Cut down along the sides, its glue line on their ends is in the way."""
    return Finding(
        "back-over-the-ends",
        "stop",
        "The drawer's back stands over the ends of its sides: at {rest} the saw has to go through its glue line.",
        "Cut out only what is between the sides, and lower the sides behind it; or make a new drawer.",
        {"rest": back_rest},
        ("back_rest",),
    )


def said(heights: tuple[Mm, ...], name: str) -> tuple[str, dict[str, Mm]]:
    """Heights in a message: its words with a number each, and the numbers."""
    numbers = {f"{name}_{nth}": height for nth, height in enumerate(heights)}
    return ", ".join(f"{{{one}}}" for one in numbers), numbers


@check(source="common practice", per=(RISERS, "old_back.between"))
def a_cut_meets_no_fastener(
    back_rest: Mm,
    cut_clear: Mm,
    old_back_screws: tuple[Mm, ...] | None = None,
    old_back_brads: tuple[Mm, ...] | None = None,
) -> Finding | None:
    """The saw runs down both ends of the back to the line, and along it."""
    if old_back_screws is None and old_back_brads is None:
        return Finding(
            "fasteners-not-looked-for",
            "attention",
            "Nobody said what holds the ends of the drawer's back above {rest}: the saw may run into it.",
            "Find screws and brads with a magnet before any cut; note their heights.",
            {"rest": back_rest},
            ("back_rest",),
        )
    on_line = tuple(
        at for at in (*(old_back_screws or ()), *(old_back_brads or ())) if -cut_clear < at - back_rest < cut_clear
    )
    if not on_line:
        return None
    words, numbers = said(on_line, "at")
    return Finding(
        "fastener-on-the-cut",
        "stop",
        f"On the line at {{rest}} a fastener stands at {words}: the saw needs {{clear}} above or below it.",
        "Cut the back a little higher or lower, with the row below the tray.",
        {"rest": back_rest, "clear": cut_clear, **numbers},
        ("back_rest",),
    )


@check(source="common practice", per=(RISERS, "old_back.between"))
def fasteners_above_the_cut_come_out_first(
    back_rest: Mm,
    old_back_screws: tuple[Mm, ...] | None = None,
    old_back_brads: tuple[Mm, ...] | None = None,
) -> Finding | None:
    """Screws above the line come out before any saw, brads are sawn through with a blade for metal."""
    screws = tuple(at for at in old_back_screws or () if at > back_rest)
    brads = tuple(at for at in old_back_brads or () if at > back_rest)
    if not screws and not brads:
        return None
    (out, out_at), (sawn, sawn_at) = said(screws, "screw"), said(brads, "brad")
    parts = [f"screws at {out} out first"] if screws else []
    parts += [f"brads at {sawn} sawn through with a hacksaw blade"] if brads else []
    return Finding(
        "fasteners-above-the-cut",
        "note",
        f"Above the line at {{rest}}, in each end of the back: {', '.join(parts)}.",
        "Mark them before any saw.",
        {"rest": back_rest, **out_at, **sawn_at},
        ("back_rest",),
    )


@check(source="common practice", per=RISERS)
def what_is_cut_out_of_the_back_is_said(back_rest: Mm, cell_width: Mm, cell_from_floor: Mm, cell_height: Mm) -> Finding:
    """Of a drawer that stays a part of its back comes out."""
    return Finding(
        "back-is-cut-down",
        "note",
        "The drawer's back is cut down to {rest} above its bottom: a piece {wide} wide and {high} high comes out.",
        "Cut down flush with the sides first, then across between two drilled corners.",
        {"rest": back_rest, "wide": cell_width, "high": cell_from_floor + cell_height - back_rest},
        ("back_rest",),
    )


@check(source="geometry", per=RISERS)
def risers_stand_against_the_sides(
    cell_from_left: Mm, cell_width: Mm, opening_width: Mm, cell_from_floor: Mm
) -> Finding | None:
    """Risers are glued to the sides of the drawer and stand on its bottom; elsewhere nothing holds them."""
    if cell_from_left <= 0 and cell_from_left + cell_width >= opening_width and cell_from_floor > 0:
        return None
    return Finding(
        "risers-held-by-nothing",
        "stop",
        "A tray on risers reaches from side to side of its drawer, over a row below: this one, {wide} of {width}.",
        "Take it out of the columns, or give it a row below.",
        {"wide": cell_width, "width": opening_width},
        ("tray_riser_height",),
    )
