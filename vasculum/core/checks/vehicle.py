"""What a vehicle is told before it is driven."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="common practice", per="space", when=("payload", "load_weight"))
def load_stays_within_the_papers(load_weight: Fraction, payload: Fraction, payload_share: Fraction) -> Finding | None:
    """What goes in, with the people, stays within the payload of the vehicle's papers."""
    return Finding(
        "payload-over" if payload_share > 1 else "payload",
        "attention" if payload_share > 1 else "caution",
        "What is built in and carried weighs {load_kg} of the {payload_kg} that the papers allow, people not counted.",
        "Count the people and the fuel too; the vehicle's papers come first.",
        {"load_kg": load_weight, "payload_kg": payload},
        ("payload_share",),
    )


@check(source="49 CFR 393.102", per="space", when=("tie_downs", "load_weight"))
def anchors_hold_it(anchor_force: Fraction, tie_downs: Fraction) -> Finding | None:
    """What rides is tied to the vehicle's own anchors."""
    return Finding(
        "tie-down",
        "caution",
        "Braking hard, each of the {anchor_count} anchors holds {force_n}.",
        "A rule for commercial vehicles, without a crash in it: take straps and bolts rated well above, latch every "
        "drawer, and keep exits, airbags and seat belts free.",
        {"anchor_count": tie_downs, "force_n": anchor_force},
        ("anchor_force",),
    )


@check(source="geometry", per="space", when=("deck_length", "deck_out"))
def deck_stays_on_its_rails(deck_length: Mm, deck_out: Mm) -> Finding | None:
    """A deck that is pulled out stays level."""
    if deck_out <= deck_length / 2:
        return None
    return Finding(
        "deck-tips",
        "attention",
        "Out by {out}, more than half of {length}, a deck that is evenly loaded lifts its inner end.",
        "Give the rails keepers over the inner end, or a stop at half.",
        {"out": deck_out, "length": deck_length},
        ("deck_inside",),
    )
