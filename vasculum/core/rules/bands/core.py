"""What a banded part is cut to: its finished size less the bands on its edges. Exact mm."""

from __future__ import annotations

from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm


def core_of(finished: Mm, bands: Mm) -> Mm:
    """The finished size less the bands on its edges, both together.

    Raises:
        CannotDerive: ``bands-fill-the-part``.
    """
    core = finished - bands
    if core <= 0:
        raise CannotDerive(
            "bands-fill-the-part",
            "Bands of {bands} fill a part of {finished}.",
            "Use a thinner band, or leave it off.",
            bands=bands,
            finished=finished,
        )
    return core
