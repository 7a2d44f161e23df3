"""Pieces and bodies where they stand, seen from one side. From the clear front lower left corner of their space."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import Literal, NamedTuple

from vasculum.core.flow import TOWARDS, Stand, key_text
from vasculum.core.flow.things import AXES, Axis
from vasculum.core.lengths import Mm
from vasculum.drawing.primitives import Layer, Point, Rect, Role
from vasculum.drawing.sizes import Sizes
from vasculum.plan.making.piece import STRIPS, Piece
from vasculum.plan.making.pieces import made_of

ZERO = Fraction(0)
Side = Literal["front", "side", "above"]
SEEN: dict[Side, tuple[Axis, Axis]] = {"front": ("across", "up"), "side": ("back", "up"), "above": ("across", "back")}
"""The axes that one looks along the paper: to the right, and up."""


MEMBERS = ("divider", "cross_wall", "shelf_behind", "cleat_left", "cleat_right")
"""What divides a space, or carries what divides it."""


class Standing(NamedTuple):
    """One of them: from where, and how far along each axis it reaches, bands and all; None while that size waits."""

    piece: Piece
    low: dict[Axis, Mm]
    reach: dict[Axis, Mm | None]
    keys: dict[Axis, str]

    @property
    def is_carrier(self) -> bool:
        """Whether it carries a box, or what carries it: the room of a runner's member, a post, a strip."""
        return not self.piece.rule.stock or self.piece.rule.stock in STRIPS

    @property
    def thin(self) -> Axis:
        """The axis of its thickness."""
        return next(axis for axis, key in self.keys.items() if key == key_text(self.piece.thickness))

    def spans(self, axis: Axis, at: Mm | None) -> bool:
        """Whether it is there at a place along an axis."""
        low, reach = self.low[axis], self.reach[axis]
        return at is not None and reach is not None and low <= at < low + reach

    def seen(
        self, side: Side, role: Role, layer: Layer, size: Axis | str, shift: Point = (ZERO, ZERO), tint: int = 0
    ) -> Iterator[Rect]:
        """Its outline; nothing while it waits.

        Args:
            size: the axis of the size that it tells, or the key of another quantity.
            shift: how far the drawing has its origin from the space's.
        """
        right, up = SEEN[side]
        width, height = self.reach[right], self.reach[up]
        if width is not None and height is not None:
            corner = (self.low[right] - shift[0], self.low[up] - shift[1])
            key = next((key for axis, key in self.keys.items() if axis == size), size)
            yield Rect(role, layer, corner, width, height, key, tint)


def standing(at: Sizes, *roles: str) -> list[Standing]:
    """The pieces and bodies of a place, or those with some roles, as far as anybody can say where they stand."""
    of_place = made_of(at.plan).by_place.get(at.place, [])
    return [
        _standing(at, one, one.stand) for one in of_place if one.stand is not None and (not roles or one.role in roles)
    ]


def own_parts(at: Sizes, space: str) -> list[Standing]:
    """The parts of a person's own that stand in a space, where it is said where."""
    own = [id_ for id_, part in at.plan.plan.own_parts.items() if part.space == space]
    places = (place for id_ in own for place in at.plan.laid.places[id_].children)
    return [one for place in places for one in standing(Sizes(at.plan, place, at.sheet))]


def _standing(at: Sizes, piece: Piece, stand: Stand) -> Standing:
    axes: dict[Axis, tuple[str, str]] = {
        stand.length: piece.length, stand.width: piece.width, stand.thick: piece.thickness
    }  # fmt: skip
    reach: dict[Axis, Mm | None] = {axis: at.plan.solved.value(*key) for axis, key in axes.items()}
    for edge in piece.bands:
        axis = TOWARDS[edge][0]
        core = reach[axis]
        reach[axis] = None if core is None else core + piece.banded_by
    low = dict(zip(AXES, (stand.across, stand.back, stand.up), strict=True))
    return Standing(piece, low, reach, {axis: key_text(key) for axis, key in axes.items()})
