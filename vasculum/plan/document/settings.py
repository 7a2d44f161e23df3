"""What a space may be: in words, what to look for there, and which choices belong beside the tape."""

from __future__ import annotations

from typing import Literal

from vasculum.plan.document import Model, Setting

Side = Literal["left", "right", "back", "floor", "top"]


class Likely(Model):
    """Something that often stands in the way of such a space; ``what`` and ``on`` as an obstruction has them."""

    what: str
    on: Side
    name: str
    hint: str


class SettingShown(Model):
    """One kind of space."""

    what: Setting
    title: str
    about: str
    may_be_framed: bool
    look_for: list[Likely]
    asks: list[str]
    """Groups of choices, in order."""


def _likely(what: str, on: Side, name: str, hint: str) -> Likely:
    return Likely(what=what, on=on, name=name, hint=hint)


SETTINGS: tuple[SettingShown, ...] = (
    SettingShown(
        what="cabinet", title="Cabinet", may_be_framed=True,
        about="A cupboard or wall unit that stands: with a face frame or without, behind doors or open.",
        look_for=[
            _likely("hinge", "left", "Hinge", "How far it stands into the opening, and at which height."),
            _likely("door_edge", "left", "Edge of the open door", "Open it as far as it goes; doors that open square stand in least."),
            _likely("centre_stile", "back", "Centre stile", "Behind it bays can be merged, once the top has another support."),
            _likely("missing_wall", "left", "Missing side wall", "A partition carries the runner there: its thickness."),
            _likely("stone_top", "top", "Stone top", "What hangs below it: the stiffener that has to stay."),
            _likely("pipe", "back", "Pipe", "From the back to its nearest side, with its nut."),
            _likely("socket", "back", "Socket and plug", "With the plug in and its cord bent."),
        ],
        asks=["In front", "Way in"],
    ),
    SettingShown(
        what="alcove", title="Alcove", may_be_framed=True,
        about="Between two walls that are neither straight nor parallel.",
        look_for=[
            _likely("other", "left", "Wall out of plumb", "From a plumb line to the wall, low and high: what it leans in."),
            _likely("baseboard", "left", "Baseboard", "How far it stands out, and how high it is."),
            _likely("other", "right", "Casing", "Of a door or window beside it."),
            _likely("socket", "back", "Socket", "With the plug in."),
        ],
        asks=["Way in", "In front"],
    ),
    SettingShown(
        what="chest", title="Chest or tool chest", may_be_framed=False,
        about="Drawers are there already; the runners stay, or some of them do.",
        look_for=[
            _likely("runner", "left", "Pair that stays empty", "How far it stands in, and at which height."),
            _likely("lock", "top", "Lock bar", "With its bolt out."),
        ],
        asks=["Kept runners", "In front"],
    ),
    SettingShown(
        what="bench", title="Bench", may_be_framed=False,
        about="A frame with legs set back, a holed top, perhaps a shelf against dust.",
        look_for=[
            _likely("other", "left", "Leg set back", "From the edge of the top to the leg: pack it out flush."),
            _likely("dog_hole", "top", "Bench dog", "The longest one pushed through: what hangs below the top."),
            _likely("other", "back", "Stretcher", "How far it stands in, and how high."),
        ],
        asks=["Height to match", "In front"],
    ),
    SettingShown(
        what="bed", title="Bed", may_be_framed=False,
        about="Under a mattress: one side or two mirrored halves, a bay left open for a nightstand.",
        look_for=[
            _likely("other", "back", "Middle support", "What the boxes of both sides meet at."),
            _likely("other", "left", "Leg of the frame", "How far it stands in, and how high it is."),
        ],
        asks=["Bed", "In front", "Way in"],
    ),
    SettingShown(
        what="vehicle", title="Vehicle", may_be_framed=False,
        about="Wheel arches, raked seat backs, a hatch that is smaller than the inside.",
        look_for=[
            _likely("wheel_arch", "left", "Wheel arch", "Widest at the floor: a profile, or a box around it."),
            _likely("seat_back", "back", "Seat back", "Read it at two heights: it leans."),
            _likely("sill", "floor", "Sill", "What has to be lifted over."),
            _likely("anchor", "floor", "Floor anchor", "With its ring up: the box is tied to it."),
            _likely("other", "floor", "Uneven floor", "Its highest point: a bottom sheet evens the rest."),
        ],
        asks=["Way in", "Vehicle", "In front"],
    ),
    SettingShown(
        what="unit", title="Free unit", may_be_framed=False,
        about="Nothing stands there yet: it takes its height from a neighbour, on casters, on a cabinet, under a top.",
        look_for=[_likely("socket", "back", "Socket and cord", "A gap for the cord comes off the depth first.")],
        asks=["Height to match", "In front", "Way in"],
    ),
    SettingShown(
        what="drawer", title="Inside of a drawer", may_be_framed=False,
        about="A drawer that is there stays: trays, frames and grids are made to stand and slide in it.",
        look_for=[
            _likely("other", "back", "Block in a corner", "How far it stands in, and how high it is."),
            _likely("other", "top", "Rail or lock above", "What passes over the drawer as it shuts: how far it hangs down."),
        ],
        asks=[],
    ),
)  # fmt: skip
"""Every kind of space, in the order in which they are offered. Common practice."""


def setting_named(what: str) -> SettingShown:
    """The kind of space by its name, or the first where there is no such one."""
    return next((one for one in SETTINGS if one.what == what), SETTINGS[0])
