"""Skids on felt pads: smooth sheet on smooth sheet. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.skid",
    title="Skid on felt pads",
    about="Smooth sheet on smooth sheet; any length. Heavy boxes want rolling runners.",
    shares=(
        "sliding",
        "clearing",
        "seated",
    ),
    order=7,
)
