"""Runners that stay where they are: one deep box on the outermost pairs, clear of those that stay empty. Exact mm.

Where the pairs hang is told by ``kept_pairs``.
"""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.reasons import snap_up


@rule(source="common practice", per="drawer", when=("old_box_width",))
def box_width(old_box_width: Mm, empty_runner_pad: Mm) -> Mm:
    """On runners that stay, the box is the old box less a pad on both sides, so that it clears the empty pairs.

    Outside to outside; the pads go back under the used runners as shims.

    Raises:
        CannotDerive: ``no-room-for-box``.
    """
    width = old_box_width - 2 * empty_runner_pad
    if width <= 0:
        raise CannotDerive(
            "no-room-for-box",
            "Two pads of {pad} fill an old box {old} wide.",
            "Use thinner pads, or measure the old box again.",
            pad=empty_runner_pad,
            old=old_box_width,
        )
    return width


@rule(source="common practice", label="shim behind the runner, one side", per="drawer", when=("old_box_width",))
def shim_beside(empty_runner_pad: Mm) -> Mm:
    """The pad goes back under each used runner as its shim.

    One side.
    """
    return empty_runner_pad


@rule(source="common practice", per="drawer", when=("kept_runner_low", "kept_runner_top"))
def box_height(kept_runner_low: Mm, kept_runner_top: Mm, kept_runner_room: Mm) -> Mm:
    """On runners that stay, the box reaches from the bottom of the lowest kept runner to the top of the highest.

    And a little more.

    Raises:
        CannotDerive: ``runners-upside-down``.
    """
    if kept_runner_top <= kept_runner_low:
        raise CannotDerive(
            "runners-upside-down",
            "The top of the highest runner, {top}, is not above the bottom of the lowest, {low}.",
            "Measure both from the floor of the opening.",
            top=kept_runner_top,
            low=kept_runner_low,
        )
    return kept_runner_top - kept_runner_low + kept_runner_room


@rule(source="common practice", label="nominal length of the kept runner", per="drawer", when=("kept_runner_length",))
def kept_runner_nominal(kept_runner_length: Mm, nominal_step: Mm) -> Mm:
    """A steel runner read between two nominal lengths is of the next one up."""
    return snap_up(kept_runner_length, nominal_step)


@rule(source="common practice", label="runner length", per="rolling", when=("kept_runner_length",))
def runner_length(kept_runner_length: Mm, wanted_runner_length: Mm | None = None) -> Mm:
    """A runner that stays is as long as it was measured, unless the length of the member that mates was chosen."""
    return kept_runner_length if wanted_runner_length is None else wanted_runner_length
