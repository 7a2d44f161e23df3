"""Heavy-duty side-mount runners: like side-mount ones, three quarters a side. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative

alternative(
    "runner.heavy_side_mount",
    title="Heavy-duty side-mount, locking",
    about="Three quarters a side; for vehicles and long heavy drawers; the lock stands off the front.",
    shares=(
        "rolling",
        "clearing",
        "lined",
        "line.halfway",
        "screwed",
    ),
    order=2,
)
