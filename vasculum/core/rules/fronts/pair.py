"""One board that reads as two fronts: a groove as wide as the blade across its face. Exact mm."""

from __future__ import annotations

from vasculum.core.catalogue import alternative, cut, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.lengths import Mm
from vasculum.core.rules.joints.ends import within

alternative(
    "face.pair",
    title="A pair",
    about="A groove as wide as the blade makes one board read as two fronts.",
    order=2,
)


@rule(source="common practice", label="height of each half of the face", per="face.pair")
def face_half(front_height_cut: Mm, blade_kerf: Mm) -> Mm:
    """Each half of a false pair is half of what the groove leaves of the height.

    Raises:
        CannotDerive: ``no-room-for-a-pair``.
    """
    half = (front_height_cut - blade_kerf) / 2
    if half <= 0:
        raise CannotDerive(
            "no-room-for-a-pair",
            "A groove {kerf} wide leaves nothing of a front {height} high.",
            "Leave the front plain.",
            kerf=blade_kerf,
            height=front_height_cut,
        )
    return half


@rule(source="from memory", label="depth of the groove across the face", per="face.pair")
def face_groove_deep(face_groove_depth: Mm, front_thickness: Mm) -> Mm:
    """The groove across the face is as deep as was chosen, and not through it.

    Raises:
        CannotDerive: ``rabbet-through-the-end``.
    """
    return within(face_groove_depth, front_thickness, "groove")


@rule(source="geometry", label="number of fronts that the face reads as", per="face.pair", unit="count")
def faces_shown() -> Mm:
    """A front with a groove across it reads as two."""
    return Mm(2)


cut(
    "kerf",
    per="face.pair",
    into="front",
    title="Groove across the face",
    face="outside",
    at="face_half",
    width="blade_kerf",
    depth="face_groove_deep",
)
