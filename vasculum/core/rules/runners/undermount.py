"""Concealed under the box: its outside is worked out from the inside, for the runner hooks in between. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, rule
from vasculum.core.lengths import Mm

alternative(
    "runner.undermount",
    title="Undermount, concealed",
    about="Hidden below; the box's outside comes from its inside. The sheet that came with it comes first.",
    shares=(
        "rolling",
        "seated",
    ),
    order=4,
)


@rule(source="from memory", per="runner.undermount")
def beside_box(runner_side_clearance: Mm, side_thickness: Mm) -> Mm:
    """Beside the box stays what the runner takes up to its inside, less the thickness of the side.

    One side: with 21 mm to the inside the box is clear - 42 mm + twice the side.
    """
    return runner_side_clearance - side_thickness
