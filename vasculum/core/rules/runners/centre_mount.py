"""One rail below the middle of a narrow box. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.centre_mount",
    title="Centre-mount",
    about="One rail below the middle; for narrow and light boxes.",
    shares=(
        "rolling",
        "clearing",
        "seated",
    ),
    order=5,
)
