"""A panel that yields its faces."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm


@check(source="geometry", per="grain.matched", when=("panel_length",))
def panel_is_long_enough(
    panel_length: Mm, panel_length_needed: Mm, faces_from_panel: Mm, blade_kerf: Mm
) -> Finding | None:
    """The panel yields every face, kerfs counted."""
    short = panel_length_needed - panel_length
    if short <= 0:
        return None
    kerfs = (faces_from_panel - 1) * blade_kerf
    why = "The faces alone would go: it is the kerfs that are missing." if short <= kerfs else "The faces do not go."
    return Finding(
        "panel-too-short",
        "stop",
        f"A panel {{length}} long is {{short}} short of {{faces_count}} faces, {{needed}} with their kerfs. {why}",
        "Take a longer panel, lower the fronts, or cut them from two.",
        {
            "length": panel_length,
            "short": short,
            "faces_count": faces_from_panel,
            "needed": panel_length_needed,
        },
        ("panel_length_needed",),
    )


@check(source="geometry", per="grain.matched", when=("panel_width",))
def panel_is_wide_enough(panel_width: Mm, panel_width_needed: Mm) -> Finding | None:
    """The panel is as wide as the fronts."""
    if panel_width >= panel_width_needed:
        return None
    return Finding(
        "panel-too-narrow",
        "stop",
        "A panel {width} wide does not yield fronts {needed} wide.",
        "Take a wider panel, or let the grain of the fronts run free.",
        {"width": panel_width, "needed": panel_width_needed},
        ("panel_width_needed",),
    )


@check(source="common practice", per="grain_unmatched")
def grain_has_nothing_to_run_over() -> Finding | None:
    """A figure runs on over several fronts of one column; where there is none, the choice does nothing."""
    return Finding(
        "grain-not-matched",
        "note",
        "The figure was to run on, but no column here has two fronts over each other.",
        "Divide into rows with fronts, or let the grain run free.",
    )
