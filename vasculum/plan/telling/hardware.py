"""What is bought, in words: runners, pulls, screws with the stack that they go through."""

from __future__ import annotations

from collections.abc import Iterable

from vasculum.core.flow import key_text
from vasculum.core.flow.things import GoodUnit, Holder
from vasculum.core.lengths import Mm, Unit, show_with_unit
from vasculum.core.tables import screw_gauges
from vasculum.plan.document import Model
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.making.goods import Good, goods_of

STACK = {
    "box_front_thickness": "box front", "front_thickness": "front", "side_thickness": "side",
    "before_box_front": "space", "runner_metal": "metal", "pad_under_members": "pad",
    "case_screwed_through": "board", "case_screwed_edge": "board",
    "corner_passed": "wall", "bottom_thickness": "bottom", "plinth_thickness": "plinth board",
    "case_back_passed": "back",
    "divider_thickness": "divider", "divider_passed": "board", "angle_metal": "metal", "cleat_thickness": "cleat",
    **{f"packing_{number}_{side}": "packing" for number in ("first", "second", "third") for side in ("left", "right")},
    "stand_in_thickness": "stiffener", "front_strip": "strip", "base_height": "foot", "case_bottom_counts": "bottom",
    "low_end_host": "board", "case_top_thickness": "rail", "post_thickness": "post",
    "post_packing_left": "packing", "post_packing_right": "packing", "case_side_thickness": "side",
    "fixing_passed": "what is before it", "own_good_passed": "what is before it", "own_good_into": "what holds it",
    "behind_left": "packing", "behind_right": "packing", "pull_thread": "the pull", "flush_metal": "flange",
    "grid_thickness": "bottom", "keeper_width": "cleat", "parts_strip": "strip", "hanging_thickness": "plate",
    "rack_thickness": "top", "carrier_out": "carrier",
    "dowel_face_depth": "the face", "dowel_edge_depth": "the edge",
}  # fmt: skip
"""What a thickness in a stack is called."""
HOLDERS: dict[Holder, str] = {
    "case": "the case", "next_board": "the end of the next", "edges": "the edges that it closes",
    "divider_ends": "the ends of the dividers", "walls": "the walls", "layer_behind": "the layer behind it",
    "studs": "the studs", "plugs": "their plugs", "cabinet": "the cabinet", "top": "the top over it",
    "top_from_below": "the top from below", "blocks": "the blocks",
}  # fmt: skip
"""What holds a fastener beside a thickness."""


class Hardware(Model):
    """Something to buy rather than cut."""

    what: str
    through: str
    """Of a screw: what it passes, what holds it, and how deep it bites there."""
    count: int
    unit: GoodUnit
    amount: str
    """Count and unit as a person says them."""
    keys: list[str]


def hardware_of(plan: SolvedPlan) -> list[Hardware]:
    """Runners, then pulls, then screws; the same things through the same stack counted together."""
    return [hardware_shown(plan, good) for good in goods_of(plan)]


def hardware_shown(plan: SolvedPlan, good: Good) -> Hardware:
    """One good in the plan's words and unit."""
    unit, rule = plan.plan.units.length, good.rule
    title = f"{plan.plan.library.runners[good.row].name} {rule.title}" if good.row else rule.title
    title = title if good.own is None else good.own.name
    size = "" if good.size is None else f", {_gauge(good, unit)}{show_with_unit(good.size, unit)}"
    return Hardware(
        what=f"{title}{size}{' at least' if rule.at_least else ''}",
        through=_through(good, unit),
        count=good.count,
        unit=good.unit,
        amount=f"{good.count} {good.unit}{'' if good.count == 1 or good.unit == 'ml' else 's'}",
        keys=[key_text(key) for key in good.keys],
    )


def _gauge(good: Good, unit: Unit) -> str:
    """*No. 6 × *, or *3.5 mm × *: how thick a screw is, as it is asked for; of other things their size."""
    gauge = next((one for one in screw_gauges() if one.diameter == good.gauge), None)
    if gauge is None:
        return "" if good.gauge is None else f"{show_with_unit(good.gauge, unit)} × "
    return f"No. {gauge.number} × " if unit == "in" else f"{gauge.metric_name} × "


def _through(good: Good, unit: Unit) -> str:
    """*through metal 1/16 in into side 1/2 in, and into the case*."""
    said = _stack(good.through, unit)
    if good.into and good.into[-1][0] == "pull_thread" and len(said) > 1:
        passed = f"{', '.join(said[:-1])} and {said[-1]}"
    else:
        passed = ", ".join(said)
    into = _stack(good.into, unit) + ([HOLDERS[good.rule.holds]] if good.rule.holds else [])
    if not passed and not into:
        return ""
    said_of = [f"through {passed}"] if passed else []
    said_of += [f"into {', and into '.join(into)}"] if into else []
    return f"{' '.join(said_of)}{_bite(good, unit)}"


def _bite(good: Good, unit: Unit) -> str:
    """*, bites 25/32 in*, where it is known."""
    return "" if good.bite is None else f", bites {show_with_unit(good.bite, unit)}"


def _stack(sizes: Iterable[tuple[str, Mm]], unit: Unit) -> list[str]:
    return [f"{STACK[name]} {show_with_unit(size, unit)}" for name, size in sizes]
