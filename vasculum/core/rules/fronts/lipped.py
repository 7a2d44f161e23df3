"""Lipped front: a rabbet all round leaves a lip before the case, and the rest stands in the opening. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import half_depth

alternative(
    "front.lipped",
    title="Lipped",
    about="A lip covers the gap, and the rest stands in the opening; forgives a crooked frame.",
    needs="router|dado_set|table_saw",
    instead="Glue a larger thin board onto a smaller one: the edge that stands out is the lip.",
    shares=("lapping", "in_the_opening"),
    order=4,
)


@rule(source="common practice", label="lap over an end panel", per="front.lipped")
def end_lap(lip_lap: Mm) -> Mm:
    """At an end panel the lip laps by what was chosen."""
    return lip_lap


@rule(source="common practice", label="lap over a shared partition", per="front.lipped")
def shared_lap(lip_lap: Mm) -> Mm:
    """At a partition the lip laps by as much as elsewhere."""
    return lip_lap


@rule(source="common practice", label="width of the lip's rabbet", per="front.lipped")
def lip_rabbet_width(lip_lap: Mm, gap: Mm) -> Mm:
    """The rabbet is as wide as the lip laps, and the gap that the rest keeps in the opening."""
    return lip_lap + gap


@rule(source="common practice", label="depth of the lip's rabbet", per="front.lipped")
def lip_rabbet_depth(front_thickness: Mm, thickness_increment: Mm) -> Mm:
    """The rabbet is half as deep as the front is thick, down to the increment for thickness.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return half_depth(front_thickness, thickness_increment, None)


@rule(source="geometry", per="front.lipped")
def set_back(lip_rabbet_depth: Mm, lock_stand_off: Mm) -> Mm:
    """Behind the lip the rest of the front stands in the opening: runners begin behind it."""
    return lip_rabbet_depth + lock_stand_off


cut(
    "round",
    per="front.lipped",
    into="front",
    title="Rabbet that leaves the lip",
    datums=("left", "right", "lower", "upper"),
    width="lip_rabbet_width",
    depth="lip_rabbet_depth",
)
