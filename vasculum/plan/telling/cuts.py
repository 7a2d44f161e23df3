"""What is cut into a piece, in words: face, end, distance, width, depth, and the passes of the blade."""

from __future__ import annotations

from itertools import pairwise
from typing import Any

from vasculum.core.flow import Key
from vasculum.core.flow.things import Datum
from vasculum.core.passing import pieces
from vasculum.plan.document import Model
from vasculum.plan.laying.solving import SolvedPlan, nearest_key
from vasculum.plan.making.housings import LOW_END
from vasculum.plan.making.piece import Cut, Piece
from vasculum.plan.making.regions import is_across
from vasculum.plan.telling.words import number_text

BY_THE_SAW = ("groove", "stopped_groove", "rabbet", "dado", "round")
"""Cuts that a blade makes in passes."""
MANY = 4
"""More holes in a row than are told one by one."""


class CutShown(Model):
    """Something cut into a piece or marked on it, in words."""

    kind: str
    text: str
    keys: list[str]


def in_words(plan: SolvedPlan, piece: Piece, cut: Cut) -> str:
    """Title, where, how wide and deep, from which face, in how many passes."""
    told = _Told(plan, piece, cut)
    return f"{cut.rule.title}: {told.text()}{told.passes()}"


class _Told:
    def __init__(self, plan: SolvedPlan, piece: Piece, cut: Cut) -> None:
        self.plan, self.piece, self.cut, self.rule = plan, piece, cut, cut.rule

    def text(self) -> str:
        """Everything but the title and the passes."""
        rule, face = self.rule, f"{self.rule.face} face"
        width, depth, length = (self.said(name) for name in (rule.width, rule.depth, rule.length))
        if rule.what == "line":
            return f"{self.said(rule.at)} {self.above()}"
        if rule.what == "holes" and self.is_across():
            along = f"{self.said(rule.holes)} from the {self.named(rule.holes_from)} edge"
            return f"centred {self.said(rule.at)} from the {self.ends()}, at {along}"
        if rule.what == "holes" and self.cut.stood:
            row = f"in a row {self.said(rule.at)} from the {self.named(rule.datums[0])} edge"
            return f"{row}, at {self.holes()} from the {self.named(rule.holes_from)} end, {depth} deep, {face}"
        if rule.what == "holes":
            at = f", {self.said(rule.at)} {self.above()}" if self.is_above_its_edge() else ""
            sunk = f", {depth} deep, {face}" if at and rule.depth else ""
            return f"{self.holes()} from the {self.named(rule.holes_from)} end{at}{sunk}"
        if rule.what == "hole" and rule.at:
            return f"{self.said(rule.at)} {self.above()}, {length} wide, {width} high, right through, {self.along()}"
        if rule.what == "hole":
            return f"{self.ends()}, {width} deep, {self.said(rule.begins)} above the lower edge, {length} high"
        if rule.what == "notch":
            edge = "back" if self.value(rule.begins) else "front"
            return f"{self.ends()}, {width} wide, {length} deep from the {edge} edge, right through"
        if rule.what == "notches":
            edge = "upper" if self.value(rule.begins) else "lower"
            at = f"middles {self.holes()} from the {self.named(rule.holes_from)} end"
            return f"{at}, {width} wide, {length} deep from the {edge} edge, right through"
        if rule.what == "slots":
            at = f"middles {self.holes()} from the {self.named(rule.holes_from)} end"
            return f"{at}, {width} wide, {depth} deep, {face}"
        if rule.what == "cutout":
            return f"{self.cut_out()}, right through"
        if rule.what == "bores":
            row = f"middles {self.said(rule.holes)} from the {self.named(rule.holes_from)} end"
            return f"{width} wide, {row}, {self.said(rule.at)} {self.above()}, right through"
        if rule.what == "mitre":
            return f"{self.ends()}, its long point outside"
        if rule.what == "round":
            return f"all round, {width} wide, {depth} deep, {face}"
        if rule.what == "tongue":
            return f"{self.ends()}, {width} long, {depth} off the outside face"
        if rule.what in ("fingers", "tails"):
            count = number_text(self.value(rule.count) or 0, self.plan.plan.units.length, "count")
            deep = depth if rule.depth else length
            each = f"each {width}" if rule.what == "fingers" else f"{width} from middle to middle"
            return f"{self.ends()}, {count} over the height, {each}, {deep} long"
        return (
            f"{self.where()}, {width} {'high' if self.is_edge_rabbet() else 'wide'}, {depth} deep, {face}{self.stops()}"
        )

    def cut_out(self) -> str:
        """From where to where along a piece, and how deep from its edge."""
        begins, near, far = (self.value(name) for name in (self.rule.at, self.rule.begins, self.rule.length))
        unit, end = self.plan.plan.units.length, begins + self.value(self.rule.width)
        edge = LOW_END[self.piece.stand.width] if self.piece.stand else "front"
        along = f"{number_text(begins, unit)} to {number_text(end, unit)} from the {self.ends()}"
        across = f"{number_text(far, unit)} deep from the {self.named(edge)} edge"
        return f"{along}, {across}{f', {number_text(near, unit)} behind it' if near else ''}"

    def where(self) -> str:
        """At an end, so far from one, or along an edge."""
        rule = self.rule
        if rule.at and self.is_across():
            middle = "centred " if rule.is_centred else ""
            edge = self.ends() if len(rule.datums) > 1 else f"the {self.ends()}"
            return f"{middle}{self.said(rule.at)} from {edge}"
        if rule.at:
            return f"{self.said(rule.at)} {self.above()}"
        if self.is_across():
            return self.ends()
        return f"along the {rule.datums[0]} edge"

    def holes(self) -> str:
        """Every hole, or of many that stand evenly the first, the step and the last."""
        places = self.value(self.rule.holes)
        if places is None:
            return "?"
        step = places[1] - places[0] if len(places) > 1 else 0
        if len(places) <= MANY or any(one + step != other for one, other in pairwise(places)):
            return self.said(self.rule.holes)
        unit = self.plan.plan.units.length
        first, each, last = (number_text(size, unit) for size in (places[0], step, places[-1]))
        return f"{first}, then every {each} up to {last} ({len(places)} {self.rule.what})"

    def stops(self) -> str:
        if self.rule.what == "dado" and self.rule.length:
            begins, runs = (self.value(name) for name in (self.rule.begins, self.rule.length))
            near, far = (number_text(size, self.plan.plan.units.length) for size in (begins, begins + runs))
            edge = LOW_END[self.piece.stand.width] if self.piece.stand else "front"
            return f", from {near} to {far} from the {self.named(edge)} edge"
        return ", from side to side" if self.rule.what == "stopped_groove" else ""

    def above(self) -> str:
        datum = self.rule.datums[0]
        return f"{'above' if datum == 'lower' else 'from'} the {self.named(datum)} edge"

    def ends(self) -> str:
        return "both ends" if len(self.rule.datums) > 1 else f"{self.named(self.rule.datums[0])} end"

    def named(self, datum: Datum) -> str:
        """An end or edge; of one that gets a band, that it is told from the band."""
        return f"banded {datum}" if datum in self.piece.bands else datum

    def is_edge_rabbet(self) -> bool:
        return self.rule.what == "rabbet" and self.rule.datums == ("lower",)

    def along(self) -> str:
        """Where an opening begins, unless it stands in the middle of its piece."""
        begins, wide = self.value(self.rule.begins), self.value(self.rule.length)
        if self.piece.size is None or begins is None or wide is None:
            return "in the middle"
        whole = self.piece.size[0] + self.piece.bands_along(0)
        return "in the middle" if 2 * begins + wide == whole else f"{self.said(self.rule.begins)} from the left end"

    def is_above_its_edge(self) -> bool:
        """Whether a row of holes says how high it stands; one on the line of a runner has it there already."""
        return self.rule.datums == ("lower",) and self.rule.face != "outside"

    def is_across(self) -> bool:
        """Whether it is measured from an end, and so runs across the piece."""
        return is_across(self.piece, self.rule.datums[0])

    def value(self, name: str) -> Any:
        return self.cut.value(self.plan, name)

    def said(self, name: str) -> str:
        value = self.value(name)
        return "?" if value is None else number_text(value, self.plan.plan.units.length)

    def passes(self) -> str:
        """What a narrow blade makes of it: so many passes, the last one overlapping."""
        rule = self.rule
        if rule.what not in BY_THE_SAW or self.is_edge_rabbet():
            return ""
        width = self.plan.solved.value(*self._key(rule.width))
        kerf = self.plan.solved.value(*nearest_key(self.plan, self._key(rule.depth)[0], "blade_kerf"))
        if width is None or kerf is None or kerf <= 0:
            return ""
        count = pieces(width, kerf)
        blade = number_text(kerf, self.plan.plan.units.length)
        return f"; {count} pass{'' if count == 1 else 'es'} of a blade of {blade}"

    def _key(self, name: str) -> Key:
        return self.cut.keys[name]
