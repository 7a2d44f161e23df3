"""Concealed under the box: its outside is worked out from the inside, for the runner hooks in between. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import rule
from vasculum.core.lengths import Mm


@rule(source="from memory", per="runner.undermount")
def beside_box(runner_side_clearance: Mm, side_thickness: Mm) -> Mm:
    """Beside the box stays what the runner takes up to its inside, less the thickness of the side.

    One side: with 21 mm to the inside the box is clear - 42 mm + twice the side.
    """
    return runner_side_clearance - side_thickness
