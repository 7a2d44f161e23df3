"""What is cut into the walls of a box, or marked on them: by key, never a copy of a size."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Literal

from vasculum.core.flow import Key
from vasculum.core.passing import pieces
from vasculum.plan.solving import SolvedPlan
from vasculum.plan.words import number_text

JoineryKind = Literal[
    "groove",
    "rabbet_ends",
    "line",
    "rabbet_end",
    "dado",
    "tongue",
    "fingers",
    "tails",
    "slot",
    "rabbet_edge",
    "runner_groove",
    "holes",
    "hand_hole",
    "housing",
    "stopped",
    "round",
    "face",
    "hole_line",
    "case_dado",
    "back_rabbet",
]
End = Literal["front", "back"]
ENDS: tuple[End, End] = ("front", "back")


@dataclass(frozen=True, slots=True)
class Joinery:
    """One thing cut or marked.

    ``from_edge`` is from the part's lower edge, or from its end where it is cut across, to the nearer side of the cut.
    ``end`` is the end of a side; without one it is cut at both ends. ``count`` is of fingers or tails.
    """

    kind: JoineryKind
    what: str
    from_edge: Key | None = None
    width: Key | None = None
    depth: Key | None = None
    end: End | None = None
    count: Key | None = None


def nearest_key(plan: SolvedPlan, place: str, name: str) -> Key:
    """The key that a bare name means at a place: its own, or the nearest further out."""
    at: str | None = place
    while at is not None:
        if (at, name) in plan.solved.quantities:
            return (at, name)
        at = plan.laid.places[at].parent
    return (place, name)


class WallJoinery:
    """The joinery of the walls of one box."""

    def __init__(self, plan: SolvedPlan, drawer: str) -> None:
        self.plan, self.drawer = plan, drawer

    def has(self, name: str) -> bool:
        return (self.drawer, name) in self.plan.solved.quantities

    def own(self, name: str) -> Key:
        return (self.drawer, name)

    def near(self, name: str) -> Key:
        return nearest_key(self.plan, self.drawer, name)

    def of_side(self) -> tuple[Joinery, ...]:
        """Into a side: the groove, what holds front and back, the runner line."""
        ends = (one for end in ENDS for one in self._for_end(end))
        return (*self._bottom("side"), *ends, *self._runner_line())

    def of_end(self, end: End) -> tuple[Joinery, ...]:
        """Into front or back: the groove, and what the sides sit in."""
        return (*self._bottom(end), *self._for_sides(end))

    def _for_end(self, end: End) -> Iterator[Joinery]:
        thickness = self.near(f"box_{end}_thickness")
        if self.has(f"side_rabbet_{end}"):
            yield Joinery("rabbet_end", f"Rabbet for the {end}", None, thickness, self.own(f"side_rabbet_{end}"), end)
        if self.has(f"tongue_{end}"):
            begins, width = self.own(f"dado_from_{end}"), self.own(f"tongue_{end}")
            yield Joinery("dado", f"Dado for the tongue, {end}", begins, width, self.own(f"dado_depth_{end}"), end)
        elif self.has(f"dado_depth_{end}"):
            begins = self.own(f"set_in_{end}")
            yield Joinery("dado", f"Dado for the {end}", begins, thickness, self.own(f"dado_depth_{end}"), end)
        yield from self._interlocking(end, "Tails", thickness, end)

    def _for_sides(self, end: End) -> Iterator[Joinery]:
        side = self.near("side_thickness")
        if self.has(f"rabbet_depth_{end}"):
            yield Joinery("rabbet_ends", "Rabbet for the sides", None, side, self.own(f"rabbet_depth_{end}"))
        if self.has(f"tongue_{end}"):
            reach, off = self.own(f"dado_depth_{end}"), self.own(f"dado_from_{end}")
            yield Joinery("tongue", "Tongue", None, reach, off)
        if self.has(f"slot_depth_{end}"):
            set_in = self.near("sliding_set_in")
            yield Joinery("slot", "Dovetailed slot for the sides", set_in, side, self.own(f"slot_depth_{end}"))
        pins = "Sockets for the tails" if self.has(f"socket_depth_{end}") else "Pins"
        yield from self._interlocking(end, pins, side, None)

    def _interlocking(self, end: End, tails: str, through: Key, at: End | None) -> Iterator[Joinery]:
        """Fingers or tails; they go through the part that they meet, or as deep as its sockets."""
        if self.has(f"finger_count_{end}"):
            width, count = self.own(f"finger_width_{end}"), self.own(f"finger_count_{end}")
            yield Joinery("fingers", "Fingers", None, width, through, at, count)
        if self.has(f"tail_count_{end}"):
            pitch, count = self.own(f"tail_pitch_{end}"), self.own(f"tail_count_{end}")
            depth = self.own(f"socket_depth_{end}") if self.has(f"socket_depth_{end}") else through
            yield Joinery("tails", tails, None, pitch, depth, at, count)

    def _bottom(self, wall: str) -> Iterator[Joinery]:
        if self.has(f"groove_depth_{wall}"):
            width, depth = self.own("groove_width"), self.own(f"groove_depth_{wall}")
            yield Joinery("groove", "Groove for the bottom", self.near("bottom_raise"), width, depth)
        if self.has(f"edge_rabbet_{wall}"):
            thickness = self.near("bottom_thickness")
            yield Joinery("rabbet_edge", "Rabbet for the bottom", None, thickness, self.own(f"edge_rabbet_{wall}"))

    def _runner_line(self) -> Iterator[Joinery]:
        if self.has("runner_groove_depth"):
            begins, width = self.own("runner_groove_from_edge"), self.own("runner_groove_width")
            yield Joinery("runner_groove", "Groove for the runner", begins, width, self.own("runner_groove_depth"))
        if self.has("runner_line_on_wall"):
            yield Joinery("line", "Runner line, outside face", self.own("runner_line_on_wall"))
        if self.has("side_holes") and self.has("runner_line_on_wall"):
            yield Joinery(
                "holes", "Holes for the runner, on its line", self.own("runner_line_on_wall"), self.own("side_holes")
            )


def front_joinery(plan: SolvedPlan, drawer: str) -> tuple[Joinery, ...]:
    """What is cut into a front: what holds the box it belongs to, a lip, a pair's groove, a hand-hole."""
    cut = WallJoinery(plan, drawer)
    found = []
    if cut.has("front_housing") and (plan.solved.value(drawer, "front_housing") or 0) > 0:
        side = cut.near("side_thickness")
        for hand in ("left", "right"):
            begins = cut.own(f"front_overhang_{hand}")
            found.append(Joinery("housing", f"Housing for the {hand} side", begins, side, cut.own("front_housing")))
    if cut.has("face_groove_from_edge"):
        begins, width = cut.own("face_groove_from_edge"), cut.own("groove_width")
        found.append(Joinery("stopped", "Groove for the bottom", begins, width, cut.own("groove_depth_front")))
    if cut.has("lip_rabbet_width"):
        width, depth = cut.own("lip_rabbet_width"), cut.own("lip_rabbet_depth")
        found.append(Joinery("round", "Rabbet that leaves the lip", None, width, depth))
    if cut.has("face_half"):
        depth = cut.own("face_groove_deep")
        found.append(Joinery("face", "Groove across the face", cut.own("face_half"), cut.near("blade_kerf"), depth))
    if cut.has("hand_hole_from_edge"):
        width, height = (cut.near(f"hand_hole_{name}") for name in ("width", "height"))
        found.append(Joinery("hand_hole", "Hand-hole", cut.own("hand_hole_from_edge"), width, height))
    return tuple(found)


def in_words(plan: SolvedPlan, one: Joinery) -> str:
    """Face, end, distance, width and depth; and how many passes the blade takes."""

    def said(key: Key | None) -> str:
        value = None if key is None else plan.solved.value(*key)
        return "?" if value is None else number_text(value, plan.plan.units.length)

    count = (
        "?" if one.count is None else number_text(plan.solved.value(*one.count) or 0, plan.plan.units.length, "count")
    )
    width, depth, begins = said(one.width), said(one.depth), said(one.from_edge)
    at = f"{one.end} end" if one.end else "both ends"
    texts = {
        "groove": f"{begins} above the lower edge, {width} wide, {depth} deep, inside face",
        "rabbet_ends": f"both ends, {width} wide, {depth} deep, inside face",
        "rabbet_end": f"{at}, {width} wide, {depth} deep, inside face",
        "dado": f"{begins} from the {at}, {width} wide, {depth} deep, inside face",
        "tongue": f"both ends, {width} long, {depth} off the outside face",
        "slot": f"{begins} from both ends, {width} wide, {depth} deep, inside face",
        "fingers": f"{at}, {count} over the height, each {width}, {depth} long",
        "tails": f"{at}, {count} over the height, {width} from middle to middle, {depth} long",
        "rabbet_edge": f"along the lower edge, {width} high, {depth} deep, inside face",
        "runner_groove": f"{begins} above the lower edge, {width} wide, {depth} deep, outside face",
        "line": f"{begins} above the lower edge",
        "holes": f"{width} from the front end",
        "housing": f"{begins} from that edge, {width} wide, {depth} deep, inside face",
        "stopped": f"{begins} above the lower edge, {width} wide, {depth} deep, inside face, from side to side",
        "round": f"all round, {width} wide, {depth} deep, inside face",
        "face": f"{begins} above the lower edge, {width} wide, {depth} deep, outside face",
        "hole_line": f"centred {begins} from it, at {width} from the front edge",
        "case_dado": f"centred {begins} from it, {width} wide, {depth} deep, inside face",
        "back_rabbet": f"along the back edge, {width} wide, {depth} deep, inside face",
        "hand_hole": f"{begins} above the lower edge, {width} wide, {depth} high, right through, in the middle",
    }
    return f"{one.what}: {texts[one.kind]}{_passes(plan, one)}"


def _passes(plan: SolvedPlan, one: Joinery) -> str:
    """What a narrow blade makes of it: so many passes, the last one overlapping."""
    if (
        one.kind
        not in (
            "groove",
            "runner_groove",
            "dado",
            "rabbet_end",
            "rabbet_ends",
            "housing",
            "stopped",
            "round",
            "case_dado",
            "back_rabbet",
        )
        or one.width is None
        or one.depth is None
    ):
        return ""
    width, kerf = plan.solved.value(*one.width), plan.solved.value(*nearest_key(plan, one.depth[0], "blade_kerf"))
    if width is None or kerf is None or kerf <= 0:
        return ""
    count = pieces(width, kerf)
    blade = number_text(kerf, plan.plan.units.length)
    return f"; {count} pass{'' if count == 1 else 'es'} of a blade of {blade}"
