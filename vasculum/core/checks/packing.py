"""Packing that is made of the sheets in hand, and what stays for a shim."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import total

WORDS = ("first", "second", "third")


def _made_of(side: str, wanted: Mm, layers: tuple[Mm, ...], within: Mm) -> Finding | None:
    if wanted <= 0 or not layers:
        return None
    numbers = dict(zip(WORDS, layers, strict=False)) | {"wanted": wanted}
    stack = " + ".join(f"{{{word}}}" for word, _ in zip(WORDS, layers, strict=False))
    short = wanted - total(*layers)
    if -within <= short <= within:
        return Finding(
            "packing-of-sheets",
            "note",
            f"Packing of {{wanted}} on the {side} is made of sheets that measure {stack}.",
            "Check the stack against the leg or the lip with a straightedge before it is screwed on.",
            numbers,
            (f"packing_layers_{side}",),
        )
    return Finding(
        "packing-wants-a-shim",
        "note",
        f"No sheets in hand make a packing of {{wanted}} on the {side}: {stack} comes nearest, {{short}} short.",
        "Shim it by {short}, or plane a board to the thickness.",
        numbers | {"short": short},
        (f"packing_layers_{side}",),
    )


@check(source="common practice", per="packed")
def packing_on_the_left_is_made_of_sheets(
    packing_left: Mm, packing_layers_left: tuple[Mm, ...], tape_tolerance: Mm
) -> Finding | None:
    """Packing on the left is made of sheets in hand, or wants a shim."""
    return _made_of("left", packing_left, packing_layers_left, tape_tolerance)


@check(source="common practice", per="packed")
def packing_on_the_right_is_made_of_sheets(
    packing_right: Mm, packing_layers_right: tuple[Mm, ...], tape_tolerance: Mm
) -> Finding | None:
    """Packing on the right is made of sheets in hand, or wants a shim."""
    return _made_of("right", packing_right, packing_layers_right, tape_tolerance)
