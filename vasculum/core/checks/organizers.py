"""What the inside of a drawer is fitted with, and whether it stays where it is."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest


@check(source="common practice", per="fitted.upper_tray")
def an_upper_tray_lies_on_both_risers(upper_bearing: Mm, upper_play_left: Mm, least_bearing: Mm) -> Finding | None:
    """Pushed to one side a tray still lies on the other riser."""
    if upper_bearing >= least_bearing:
        return None
    return Finding(
        "upper-tray-falls",
        "stop" if upper_bearing <= 0 else "attention",
        "Pushed to one side by its play of {play}, the tray lies on a riser by {bearing}; {least} is the least.",
        "Make the risers thicker, or its play smaller.",
        {"play": upper_play_left, "bearing": upper_bearing if upper_bearing > 0 else Mm(0), "least": least_bearing},
        ("upper_bearing",),
    )


@check(source="common practice", per="fitted.upper_tray")
def an_upper_tray_leaves_room_below(upper_travel: Mm, upper_depth_cut: Mm, inside_depth: Mm) -> Finding | None:
    """A tray that takes more than half of the depth hides some of what is below it, wherever it is pushed."""
    hidden = upper_depth_cut - upper_travel
    if hidden <= 0:
        return None
    return Finding(
        "upper-tray-hides",
        "note",
        "A tray {deep} deep in {inside} travels {travel}: {hidden} below it is never free.",
        "Make it half as deep as the drawer, or lift it out.",
        {"deep": upper_depth_cut, "inside": inside_depth, "travel": upper_travel, "hidden": hidden},
        ("upper_depth_cut",),
    )


@check(source="common practice", per="slotted")
def slots_leave_more_than_half_of_their_wall(slot_depth: Mm, slotted_wall: Mm) -> Finding | None:
    """A wall that is slotted deeper than half breaks where it is slotted."""
    if slot_depth * 2 < slotted_wall:
        return None
    return Finding(
        "slots-too-deep",
        "stop" if slot_depth >= slotted_wall else "attention",
        "Slots {deep} deep leave {left} of a wall {wall} thick.",
        "Take less than half of the wall.",
        {"deep": slot_depth, "left": largest(Mm(0), slotted_wall - slot_depth), "wall": slotted_wall},
        ("slot_depth",),
    )


@check(source="common practice", per="rack")
def dividers_stay_in_the_upper_strips(rack_engagement: Mm, least_engagement: Mm) -> Finding | None:
    """What stays of a divider in the upper strips keeps it upright."""
    if rack_engagement >= least_engagement:
        return None
    return Finding(
        "rack-divider-falls",
        "stop" if rack_engagement <= 0 else "attention",
        "Of a divider {stays} stays in the upper strips; {least} is the least.",
        "Raise the rack on packing behind the lip, or make the strips thicker.",
        {"stays": largest(Mm(0), rack_engagement), "least": least_engagement},
        ("rack_engagement",),
    )


@check(source="common practice", per="parts_tray")
def lips_lie_on_their_strips(parts_engagement: Mm, parts_strip: Mm, least_bearing: Mm) -> Finding | None:
    """Pushed to one wall a tray still lies on the other strip."""
    if parts_engagement >= least_bearing:
        return None
    return Finding(
        "parts-tray-falls",
        "stop" if parts_engagement <= 0 else "attention",
        "Pushed to one wall, a lip lies on its strip of {strip} by {bearing}; {least} is the least.",
        "Pack the strips out on both walls by half of what is missing, or cut the base longer.",
        {"strip": parts_strip, "bearing": largest(Mm(0), parts_engagement), "least": least_bearing},
        ("parts_engagement",),
    )


@check(source="geometry", per="parts_tray")
def a_tray_runs_between_its_strips(parts_body_play: Mm, parts_body: Mm) -> Finding | None:
    """The body of a tray runs between the strips on which its lips lie."""
    if parts_body_play > 0:
        return None
    return Finding(
        "parts-tray-jams",
        "stop",
        "The strips leave {between} for a tray {body} wide over its sides.",
        "Set the sides further in, or take thinner strips.",
        {"between": parts_body + parts_body_play, "body": parts_body},
        ("parts_body_play",),
    )


@check(source="common practice", per="parts_tray")
def a_base_is_not_cut_through(parts_housing: Mm, parts_thickness: Mm) -> Finding | None:
    """What is let into a base deeper than half leaves a lip that breaks off."""
    if parts_housing * 2 <= parts_thickness:
        return None
    return Finding(
        "parts-base-cut-through",
        "stop" if parts_housing >= parts_thickness else "attention",
        "Dadoes {deep} deep leave {left} of a base {thick} thick: its lips break off there.",
        "Let sides and back in by half of it at most.",
        {"deep": parts_housing, "left": largest(Mm(0), parts_thickness - parts_housing), "thick": parts_thickness},
        ("parts_housing",),
    )
