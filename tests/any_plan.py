"""A plan of any kind, by number: the same number gives the same plan, so that one that fails can be looked at again.

Any setting, framed or not, in either unit and any increment; up to forty cells of anything; every family of
alternatives chosen anew at any place; uneven stock, things in the way, sizes as built. Only what a plan may hold.
"""

from __future__ import annotations

from fractions import Fraction
from random import Random
from typing import Any, Literal, NamedTuple

from tests.helpers import (
    ANYWHERE,
    changed,
    kinds_in,
    solved,
    split,
    step,
    with_choices,
    with_obstruction,
    with_runner,
)
from vasculum.plan.document import UPRIGHT, Plan
from vasculum.plan.document.settings import SETTINGS
from vasculum.plan.document.starting import new_plan
from vasculum.plan.telling.assembled import CODES
from vasculum.plan.telling.solution import solution_of
from vasculum.solid.proof import prove

MOST_CELLS = 40
MET = set(CODES.values())
"""Codes of what the proof finds."""
HOLDS = ["drawer"] * 6 + ["tray", "shelf", "rack", "parts_tray", "hanging", "open", "bin", "false_front", "blocked"]
OF_A_PLACE = {
    "joint": "joint", "back_joint": "back", "bottom": "bottom", "front": "front", "face": "face", "pull": "pull", "pull_held": "pull_held", "fitted": "fitted",
}  # fmt: skip
OF_THE_PLAN = {
    "door": "door", "surplus": "surplus", "grain": "grain", "corner_held": "corner_held", "bottom_held": "bottom_held",
    "divider_held": "divider_held", "divider_joint": "divider_joint", "packing_made": "packing_made", "rail_reach": "rail_reach", "shelf_rests": "shelf_rests", "shelf_holds": "shelf_holds", "rack_made": "rack_made", "posts_are": "posts_are", "bottom_spans": "bottom_spans", "case_edges": "case_edges", "back_held": "back_held",
}  # fmt: skip
OF_A_CASE = {
    "through": "through",
    "case_back": "case_back",
    "case_joint": "case_joint",
    "case_top": "case_top",
    "case_bottom": "case_bottom",
    "top_held": "top_held",
    "base_skirt": "base_skirt",
}
LENGTHS = {
    "gap": (0, 6), "reveal": (0, 5), "runner_play": (0, 3), "runner_shim": (0, 3), "play_above": (0, 12),
    "play_below": (0, 12), "partial_lap": (2, 14), "lip_lap": (2, 14), "lock_stand_off": (0, 12), "dado_set_in": (4, 20),
    "divider_play": (0, 3), "divider_set_back": (0, 20), "divider_short_behind": (0, 40),
    "tray_set_back": (0, 12), "base_height": (20, 80), "bottom_set_back": (5, 60), "top_set_back": (5, 60), "wanted_front_wall_height": (30, 160), "pin_first": (20, 200), "pin_last_below": (20, 200), "pin_hole_depth": (4, 12),
    "posts_deep": (0, 60), "wiggle_width": (0, 6), "wiggle_height": (0, 6), "wiggle_depth": (0, 6), "edge_pull_allowance": (4, 16),
}  # fmt: skip
"""Choices of a length, and between how many mm they are drawn."""
THICK = {
    "side_sheet": (90, 190), "box_front_sheet": (90, 190), "box_back_sheet": (60, 190), "bottom_sheet": (32, 100),
    "front_sheet": (120, 220), "divider_sheet": (90, 250),
}  # fmt: skip
"""Sheets, and between how many tenths of a mm they measure."""
NEW = [kind for kind in kinds_in("carcass") if kind != "existing"]
INCREMENTS = {"in": ["1/32 in", "1/16 in", "1/8 in", "1/4 in"], "mm": ["0.5 mm", "1 mm", "2 mm", "5 mm"]}


def any_plan(number: int) -> Plan:
    """The plan of this number."""
    return _Drawn(Random(number)).plan


def any_plan_and_more(number: int) -> Plan:
    """The plan of this number with what is rarer: things of every kind and outline, holes that were said, kept runners."""
    random, plan = Random(number), any_plan(number)
    on = random.choice(["left", "right", "back", "floor", "top"])
    is_upright, is_side = on in UPRIGHT, on in ("left", "right")
    profile = [{"at": f"{at} mm", "projection": f"{by} mm"} for at, by in ((0, 50), (60, 45), (120, 10))]
    outlines: list[dict[str, Any]] = [
        {}, *([{"projection_above": "40 mm"}, {"profile": profile, "projection": "0 mm"}] if is_upright else []),
        *([{"both_sides": True}] if is_side else []),
        *([{"passes": "before", "from_front": "200 mm"}] if on != "back" else []),
    ]  # fmt: skip
    what = random.choice(["hinge", "wheel_arch", "sill", "baseboard", *["missing_wall"] * (4 if is_side else 0)])
    plan = with_obstruction(plan, on, **{"projection": "20 mm", "what": what, **random.choice(outlines)})
    runner = f"/library/runners/{plan.choices['runner']}"
    holes = {"case_holes": ["35 mm", "200 mm"], "box_holes": ["40 mm", "190 mm"]}
    plan = changed(plan, *(step(f"{runner}/{name}", at) for name, at in holes.items() if random.randrange(2)))
    kept = {
        "old_box_width": "400 mm", "kept_runner_low": "30 mm", "kept_runner_top": "150 mm",
        "kept_runner_length": "300 mm",
    }  # fmt: skip
    return with_choices(plan, **(kept if random.randrange(2) else {}))


class _Drawn:
    """One plan as it is drawn, from the space inwards."""

    def __init__(self, random: Random) -> None:
        self.random = random
        self.unit = random.choice(["in", "mm"])
        self.cells = 1
        self.size = [random.randint(*span) for span in ((380, 2400), (160, 1900), (330, 760))]
        setting = random.choice(SETTINGS)
        what, kind = setting.what, random.choice(["framed", "frameless"]) if setting.may_be_framed else "frameless"
        self.plan: Plan = new_plan("Any", kind, self.unit, *map(self.length, self.size), what=what)
        self.stock()
        self.chosen()
        self.case()
        self.divide(self.plan.spaces[self.plan.space_order[0]].holds, random.randint(1, MOST_CELLS), 0)
        self.in_the_way()
        self.as_built()

    def length(self, size: int | Fraction) -> str:
        """About so many mm, as it would be read off a tape of this plan."""
        return f"{round(size * 32 / Fraction(254, 10))}/32 in" if self.unit == "in" else f"{size} mm"

    def one_in(self, count: int) -> bool:
        return self.random.randrange(count) == 0

    def change(self, *steps: Any) -> None:
        self.plan = changed(self.plan, *steps)

    def choose(self, base: str, chosen: dict[str, str]) -> None:
        self.change(*(step(f"{base}/choices/{name}", value) for name, value in chosen.items()))

    def stock(self) -> None:
        """Each sheet a row of its own, measured unevenly; one runner of some system, and a second that places take."""
        steps = [step("/units/increment", self.random.choice(INCREMENTS[self.unit]), "replace")]
        number = self.plan.next_id
        rows = {**self.plan.library.sheets}
        for choice, span in THICK.items():
            like = rows[self.plan.choices.get(choice, self.plan.choices["side_sheet"])].model_dump(exclude_none=True)
            row = {**like, "measured": f"{self.random.randint(*span)}/10 mm"}
            steps += [step(f"/library/sheets/sheet-{number}", row), step(f"/choices/{choice}", f"sheet-{number}")]
            number += 1
        self.change(*steps, step("/next_id", number, "replace"))
        self.plan = with_runner(self.plan, self.random.choice(ANYWHERE))
        other = with_runner(self.plan, self.random.choice(ANYWHERE))
        self.runners = [self.plan.choices["runner"], other.choices["runner"]]
        self.plan = other
        self.choose("", {"runner": self.runners[0]})

    def chosen(self) -> None:
        """What holds for the whole plan: every family, and some lengths."""
        families = OF_A_PLACE | OF_THE_PLAN
        self.choose("", {name: self.random.choice(kinds_in(family)) for name, family in families.items()})
        edges = ("above", "below", "left", "right")
        self.choose("", {f"front_edge_{edge}": "inset" for edge in edges if self.one_in(6)})
        self.choose("", {"feet_in_a_row": self.random.choice("234")} if self.one_in(3) else {})
        lengths = {name: span for name, span in LENGTHS.items() if self.one_in(4)}
        self.choose("", {name: self.length(self.random.randint(*span)) for name, span in lengths.items()})

    def case(self) -> None:
        """A new case, where the space has no frame; the inside of a framed one, where it was read."""
        space = self.plan.spaces[self.plan.space_order[0]]
        if space.kind == "frameless" and (space.what == "unit" or self.one_in(2)):
            families = {name: self.random.choice(kinds_in(family)) for name, family in OF_A_CASE.items()}
            self.choose(f"/spaces/{self.plan.space_order[0]}", {**self.carcass(), **families})
        elif space.kind == "framed" and self.one_in(2):
            wide = self.size[0] + self.random.randint(-4, 90)
            self.read(space.case, "width", wide, level="middle", along="front")
            if self.one_in(2):
                self.read(space.case, "height", self.size[1] + self.random.randint(0, 60), side="left")
        if self.one_in(3):
            self.read(space.case, "width", self.size[0] + self.random.randint(-6, 8), level="low", along="back")

    def carcass(self) -> dict[str, str]:
        """What a new case takes its size from; where that is its outside, some sizes of it."""
        found = self.random.choice(NEW)
        if found == "new":
            return {"carcass": found}
        smaller = zip(("width", "height", "depth"), self.size, strict=True)
        said = {f"wanted_outside_{of}": self.length(size - self.random.randint(8, 40)) for of, size in smaller}
        return {
            "carcass": found,
            **{name: text for name, text in said.items() if found == "of_outside" or self.one_in(3)},
        }

    def read(self, survey: str, of: str, size: int, **station: str) -> None:
        number = self.plan.next_id
        row = {"survey": survey, "of": of, "value": self.length(size), **station}
        self.change(
            step(f"/readings/reading-{number}", row),
            step("/reading_order/-", f"reading-{number}"),
            step("/next_id", number + 1, "replace"),
        )

    def divide(self, place: str, room: int, deep: int) -> None:
        """Rows in columns in rows, until as many cells are there as were wanted, or are small."""
        if room < 2 or deep > 3:
            return
        count = self.random.randint(2, min(room, 6))
        how = self.random.choice(["rows", "columns"])
        sizing = self.random.choice(["share", "share", "graduated", "fixed"])
        parts = [self.part(sizing, at == 0) for at in range(count)]
        more = {"divider": self.random.choice(["board", "open"] if how == "rows" else ["board", "board", "none"])}
        if sizing == "graduated":
            more["step"] = self.length(self.random.randint(0, 20))
        self.plan, ids = split(self.plan, place, how, *parts, **more)
        self.cells += count - 1
        for id_ in ids:
            if self.plan.places[id_].holds == "drawer" and self.one_in(3):
                self.divide(id_, min(room // count, MOST_CELLS - self.cells), deep + 1)

    def part(self, sizing: str, is_first: bool) -> dict[str, Any]:
        """One cell: what it holds, how large it wants to be, and what was chosen for it alone."""
        holds, random = self.random.choice(HOLDS), self.random
        own: dict[str, str] = {}
        if self.one_in(3):
            own = {name: random.choice(kinds_in(family)) for name, family in OF_A_PLACE.items() if self.one_in(3)}
        if self.one_in(8):
            own["room_behind"] = self.length(random.randint(20, 120))
        if self.one_in(6):
            own["runner"] = self.runners[1]
        if holds == "bin":
            own |= {f"bin_{axis}": self.length(random.randint(90, 300)) for axis in ("width", "height", "depth")}
        sizes = {
            "share": {"by": "share", "share": random.randint(1, 3)},
            "graduated": {"by": "graduated"},
            "fixed": {"by": "left"} if is_first else {"by": "fixed", "length": self.length(random.randint(90, 260))},
        }
        return {"holds": holds, "size": sizes[sizing], "choices": own}

    def in_the_way(self) -> None:
        """Up to two things that stand in, on any side."""
        for _ in range(self.random.choice([0, 0, 0, 1, 2])):
            number, on = self.plan.next_id, self.random.choice(["left", "right", "back", "floor", "top"])
            thing: dict[str, Any] = {
                "name": "Thing", "what": "other", "space": self.plan.space_order[0], "on": on,
                "projection": self.length(self.random.randint(4, 50)),
            }  # fmt: skip
            if on in ("left", "right", "back") and self.one_in(2):
                thing |= {
                    "from_floor": self.length(self.random.randint(0, self.size[1] // 2)),
                    "height": self.length(self.random.randint(20, 200)),
                }
            if on != "back" and self.one_in(2):
                thing |= {"from_front": self.length(self.random.randint(30, 200)), "depth": self.length(50)}
            self.change(step(f"/obstructions/obstruction-{number}", thing), step("/next_id", number + 1, "replace"))

    def as_built(self) -> None:
        """Some sizes as they were really cut: a little off what was worked out."""
        if not self.one_in(4):
            return
        done = solved(self.plan)
        cut = [key for key in done.solved.quantities if key[1].endswith("_cut") and key[0] in self.plan.places]
        for place, name in self.random.sample(sorted(cut), min(2, len(cut))):
            value = done.solved.value(place, name)
            if value is not None and (size := round(value) + self.random.randint(-3, 3)) > 0:
                self.change(step(f"/as_built/{place}~1{name}", f"{size} mm"))


class Verdict(NamedTuple):
    """What became of a plan that was put together."""

    outcome: Literal["free", "free, with a stop", "stopped", "only met"]
    """``stopped`` where something clashes and a rule or a check says stop, ``only met`` where the proof alone does."""
    meetings: set[str]
    """What clashes: how, and what with what."""
    unnamed: set[str]
    """Clashes that no stop names: none, or the proof is not heard."""


def verdict_of(plan: Plan) -> Verdict:
    """Put a plan together; everything that a person would see of it is worked out on the way."""
    done = solved(plan)
    proof = prove(done)
    found = solution_of(done, proof).findings
    of_rules = {one.code for one in found if one.severity == "stop"} - MET
    named = {piece for one in found if one.severity == "stop" for piece in one.pieces}
    meetings = {f"{one.how}: {_role(one.first)}, {_role(one.second)}" for one in proof.meetings}
    unnamed = {f"{one.first}, {one.second}" for one in proof.meetings if not {one.first, one.second} & named}
    if proof.meetings:
        return Verdict("stopped" if of_rules else "only met", meetings, unnamed)
    return Verdict("free, with a stop" if of_rules else "free", meetings, unnamed)


def _role(piece: str) -> str:
    return piece.rpartition("/")[2].partition("-")[0]
