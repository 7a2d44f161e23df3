"""The kinds of a case: one that exists, or a new one around its layout, with what the layout says of its inside."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Literal

from vasculum.plan.document import Dimension, Place, Plan, Space
from vasculum.plan.laying.layout import chosen

Axis = Literal["up", "across", "deep"]
AXES: dict[Dimension, Axis] = {"height": "up", "width": "across", "depth": "deep"}
"""Which way each reading runs."""
IN_ORDER = {"rows": "up", "columns": "across"}
"""Which way the parts of a split follow each other."""
OF_CASE = ("case_sheet", "case_back_sheet", "worktop_sheet")


def is_new(plan: Plan, space: Space) -> bool:
    """Whether a case is built around what the space holds."""
    return space.kind == "frameless" and chosen(plan, [space.choices, plan.choices], "carcass") == "new"


def has_new_case(plan: Plan) -> bool:
    return any(is_new(plan, space) for space in plan.spaces.values())


def by_layout(plan: Plan, space: Space) -> set[Dimension]:
    """The sizes that nobody read, and that what goes in says."""
    if not is_new(plan, space):
        return set()
    read = {one.of for one in plan.readings.values() if one.survey == space.case}
    return {of for of, axis in AXES.items() if of not in read and wants(plan, plan.places[space.holds], axis)}


def wants(plan: Plan, place: Place, axis: Axis) -> bool:
    """Whether what stands there says how large it has to be along one axis: a bin does, and absolute rows do."""
    children = [plan.places[id_] for id_ in place.children]
    if place.holds == "bin":
        return True
    if IN_ORDER.get(place.holds) == axis:
        return all(child.size.by == "fixed" or _is_sized_by_bin(child) for child in children)
    return any(wants(plan, child, axis) for child in children)


def _is_sized_by_bin(place: Place) -> bool:
    return place.size.by == "contents" and place.holds == "bin"


def wanting_kinds(plan: Plan, place: Place) -> set[str]:
    """How a place of a new case answers what it wants, along each axis."""
    if place.holds == "bin":
        return {"wants.bin"}
    axes = [axis for axis in AXES.values() if wants(plan, place, axis)]
    return {f"wants_{a}.{'in_order' if IN_ORDER.get(place.holds) == a else 'beside'}" for a in axes}


def inside_kinds(plan: Plan, space: Space) -> set[str]:
    """Where the sizes of the inside come from."""
    layout = by_layout(plan, space)
    dimensions: Iterable[Dimension] = ("depth",) if space.kind == "framed" else AXES
    return {f"inside_{of}.{'by_layout' if of in layout else 'read'}" for of in dimensions}


def carcass_kinds(plan: Plan, space: Space) -> set[str]:
    """The alternatives that a new case is built by."""
    if not is_new(plan, space):
        return {"carcass.existing"}
    levels = [space.choices, plan.choices]
    families = ("through", "case_joint", "case_top", "case_back")
    found = {"carcass.new", *(f"{name}.{chosen(plan, levels, name)}" for name in families)}
    return found
