"""What is bought rather than cut: runners in pairs, pulls, screws with the stack that they go through. No words."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import get_args

from vasculum.core.flow import GoodRule, Key, Wired
from vasculum.core.flow.things import GoodKind, GoodUnit, Holder
from vasculum.core.lengths import Mm
from vasculum.plan.document import OwnGood
from vasculum.plan.laying.layout import nearest_choice
from vasculum.plan.laying.places import levels_at
from vasculum.plan.laying.solving import SolvedPlan

ORDER = {kind: at for at, kind in enumerate(get_args(GoodKind))}


@dataclass(frozen=True, slots=True)
class Good:
    """So many of one thing, together over all places that want the same."""

    rule: GoodRule
    count: int
    size: Mm | None
    through: tuple[tuple[str, Mm], ...]
    """Names and thicknesses that it passes, in order; what is nothing here is left out."""
    into: tuple[tuple[str, Mm], ...]
    row: str | None
    """Its row in the library."""
    keys: tuple[Key, ...]
    gauge: Mm | None = None
    """How thick it is, where it comes in thicknesses."""
    bite: Mm | None = None
    """How deep it holds, where that is known."""
    own: OwnGood | None = None
    """What its owner says of it, where no rule asks for it."""

    @property
    def unit(self) -> GoodUnit:
        """What it is counted in."""
        return self.rule.unit if self.own is None else self.own.unit


def goods_of(plan: SolvedPlan) -> list[Good]:
    """Everything that is bought, the same things through the same stack counted together."""
    found: dict[object, list[Good]] = {}
    wanted = [one for one in plan.solved.wiring.things if isinstance(one.rule, GoodRule)]
    for wired in wanted:
        for good in _wanted(plan, wired):
            rule = good.rule
            passed, held = (tuple(size for _, size in stack) for stack in (good.through, good.into))
            own = good.own and (good.own.name, good.own.unit, good.own.price)
            same = (rule.what, rule.title, good.size, good.gauge, passed, held, rule.holds, good.row, good.bite, own)
            found.setdefault(same, []).append(good)
    together = [_together(goods) for goods in found.values()]
    return sorted(together, key=lambda one: (ORDER[one.rule.what], one.own.name if one.own else one.rule.title))


def _together(goods: list[Good]) -> Good:
    first = goods[0]
    keys = tuple(dict.fromkeys(key for one in goods for key in one.keys))
    count = sum(one.count for one in goods)
    return replace(first, count=count, keys=keys)


def _wanted(plan: SolvedPlan, wired: Wired) -> Iterator[Good]:
    """What one place wants; nothing while a size of it waits."""
    rule = wired.rule
    assert isinstance(rule, GoodRule)
    values = {name: plan.solved.value(*wired.feeds[name]) for name in rule.needs}
    if None in values.values() or any(values[name] <= 0 for name in (rule.where, rule.count) if name):
        return
    row = nearest_choice(levels_at(plan.plan, plan.laid, wired.place), rule.row) if rule.row else None
    through, into = (tuple((n, values[n]) for n in names if values[n] > 0) for names in (rule.through, rule.into))
    keys = [wired.feeds[name] for name in (rule.where or rule.count or rule.by, rule.size) if name]
    count = int(values[rule.count]) if rule.count else 1
    yield Good(
        rule, count, values.get(rule.size), through, into, row, tuple(keys), values.get(rule.gauge),
        _bite(rule, values), plan.plan.own_goods.get(wired.place),
    )  # fmt: skip


INTO_EDGES: tuple[Holder | None, ...] = (
    "next_board", "edges", "divider_ends", "walls", "layer_behind", "studs", "plugs", "cabinet", "top",
    "top_from_below",
)  # fmt: skip
"""Where a fastener goes straight in, and bites what is left of its length; a pocket screw goes in slantwise."""


def _bite(rule: GoodRule, values: dict[str, Mm]) -> Mm | None:
    if rule.bite:
        return values[rule.bite]
    if not rule.size or rule.holds not in INTO_EDGES or rule.what == "pocket_screw":
        return None
    return values[rule.size] - sum((values[name] for name in rule.through), Mm(0))
