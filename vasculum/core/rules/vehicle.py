"""A vehicle: what the load does to it, a lid's hinge line, mats, and a deck that slides out. Exact mm, kg, N."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.published import BRAKING, GRAVITY
from vasculum.core.reasons import largest
from vasculum.core.rules.obstructions.free import NOTHING


@rule(source="geometry", label="share of the payload", per="space", when=("payload", "load_weight"), unit="share")
def payload_share(load_weight: Fraction, payload: Fraction) -> Fraction:
    """What goes in takes this share of what the vehicle's papers allow."""
    return load_weight / payload


@rule(
    source="49 CFR 393.102",
    label="force on an anchor when braking",
    per="space",
    when=("tie_downs", "load_weight"),
    unit="N",
)
def anchor_force(load_weight: Fraction, tie_downs: Fraction) -> Fraction:
    """Braking hard, each anchor holds its part of 0.8 of the weight; a crash is far beyond this."""
    return load_weight * BRAKING * GRAVITY / tie_downs


@rule(source="common practice", label="hinge line behind the edge of the lid", per="space", when=("lid_thickness",))
def hinge_line(lid_thickness: Mm) -> Mm:
    """The hinge line is set back from the edge by the lid's thickness, so that the lid can stand open."""
    return lid_thickness


@rule(source="from memory", label="mat width", per="set.vehicle")
def mat_width(opening_width: Mm, mat_trim: Mm) -> Mm:
    """A mat is trimmed on both sides before it is glued."""
    return opening_width - 2 * mat_trim


@rule(source="from memory", label="mat length", per="set.vehicle")
def mat_length(clear_depth: Mm, mat_trim: Mm) -> Mm:
    """A mat is trimmed at both ends before it is glued."""
    return clear_depth - 2 * mat_trim


@rule(source="geometry", label="deck that stays inside", per="space", when=("deck_length", "deck_out"))
def deck_inside(deck_length: Mm, deck_out: Mm) -> Mm:
    """What stays on the rails of a deck that is pulled out.

    Raises:
        CannotDerive: ``deck-comes-off``.
    """
    inside = deck_length - deck_out
    if inside <= 0:
        raise CannotDerive(
            "deck-comes-off",
            "A deck {length} long comes off its rails at {out}.",
            "Set a stop before its end.",
            length=deck_length,
            out=deck_out,
        )
    return inside


@rule(
    source="geometry",
    label="force on the deck's keeper",
    per="space",
    when=("deck_length", "deck_out", "deck_weight"),
    unit="N",
)
def keeper_force(deck_length: Mm, deck_out: Mm, deck_inside: Mm, deck_weight: Fraction) -> Fraction:
    """Evenly loaded and out by more than half, a deck lifts its inner end: the keeper holds the turning over the rest.

    The weight, times what its middle is out, over what stays on the rails.
    """
    return deck_weight * GRAVITY * largest(NOTHING, deck_out - deck_length / 2) / deck_inside
