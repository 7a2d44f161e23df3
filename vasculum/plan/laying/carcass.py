"""The kinds of a case: one that exists, or a new one, and what says how large its inside is."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Literal

from vasculum.core.catalogue import the_catalogue
from vasculum.plan.document import Dimension, Place, Plan, Space
from vasculum.plan.laying.layout import chosen, nearest_choice

Axis = Literal["up", "across", "deep"]
AXES: dict[Dimension, Axis] = {"height": "up", "width": "across", "depth": "deep"}
"""Which way each reading runs."""
IN_ORDER = {"rows": "up", "columns": "across"}
"""Which way the parts of a split follow each other."""
FITS = {"vehicle": "vehicle"}
"""What a case is fitted between, by what its space is; else walls."""
OF_CASE = (
    "case_sheet", "case_side_sheet", "case_bottom_sheet", "case_top_sheet", "plinth_sheet", "case_back_sheet",
    "worktop_sheet",
)  # fmt: skip
"""Sheets that nothing is made of where a case exists."""


AROUND_INSIDE, IN_SPACE, OF_OUTSIDE = "new", "in_space", "of_outside"
"""What a new case takes its size from."""
From = Literal["read", "by_layout", "in_space", "of_outside"]
"""Where one size of an inside comes from: the tape, the layout, the space around the case, or the case's outside."""


def _carcass(plan: Plan, space: Space) -> str:
    is_framed = space.kind == "framed"  # a frame stands before a case that is there
    return "existing" if is_framed else chosen(plan, [space.choices, plan.choices], "carcass")


def is_new(plan: Plan, space: Space) -> bool:
    """Whether a case is built there."""
    return _carcass(plan, space) != "existing"


def has_niche(plan: Plan, space: Space) -> bool:
    """Whether what was measured is the space around a new case, and not the inside."""
    return _carcass(plan, space) in (IN_SPACE, OF_OUTSIDE)


def inside_from(plan: Plan, space: Space) -> dict[Dimension, From]:
    """Where each size of the inside comes from."""
    carcass, levels = _carcass(plan, space), [space.choices, plan.choices]
    if carcass == "existing":
        return dict.fromkeys(AXES, "read")
    if carcass == AROUND_INSIDE:
        return {of: "by_layout" if _is_by_layout(plan, space, of) else "read" for of in AXES}
    is_said = {of: carcass == OF_OUTSIDE or nearest_choice(levels, f"wanted_outside_{of}") is not None for of in AXES}
    return {of: "of_outside" if said else "in_space" for of, said in is_said.items()}


def _is_by_layout(plan: Plan, space: Space, of: Dimension) -> bool:
    """Whether nobody read a size that what goes in says."""
    return not _is_read(plan, space, of) and wants(plan, plan.places[space.holds], AXES[of])


def _is_read(plan: Plan, space: Space, of: Dimension) -> bool:
    return any(one.survey == space.case and one.of == of for one in plan.readings.values())


def unasked(plan: Plan, space: Space) -> set[Dimension]:
    """The sizes that the tape is not asked for: what goes in says them, or the outside that was chosen does."""
    found = inside_from(plan, space)
    return {
        of for of, by in found.items()
        if by == "by_layout" or (by == "of_outside" and not _is_read(plan, space, of))
    }  # fmt: skip


def niche_sizes(plan: Plan, space: Space) -> set[Dimension]:
    """The sizes of the space around a new case that are read."""
    return set(AXES) - unasked(plan, space) if has_niche(plan, space) else set()


def has_new_case(plan: Plan) -> bool:
    return any(is_new(plan, space) for space in plan.spaces.values())


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
    """Where the sizes of the inside come from, and which sizes of a space around it are known."""
    dimensions: Iterable[Dimension] = ("depth",) if space.kind == "framed" else AXES
    found = inside_from(plan, space)
    return {f"inside_{of}.{found[of]}" for of in dimensions} | {f"niche.{of}" for of in niche_sizes(plan, space)}


def top_oversails(plan: Plan, space: Space) -> bool:
    """Whether the fronts of a new case stand under its top."""
    levels = [space.choices, plan.choices]
    over = "upper.over" in the_catalogue().with_shared({f"through.{chosen(plan, levels, 'through')}"})
    return is_new(plan, space) and over and chosen(plan, levels, "case_top") == "oversailing"


def is_topless(plan: Plan, space: Space) -> bool:
    """Whether a new case has no board above."""
    kind = f"case_top.{chosen(plan, [space.choices, plan.choices], 'case_top')}"
    return is_new(plan, space) and "topless" in the_catalogue().with_shared({kind})


def is_railed(plan: Plan, space: Space) -> bool:
    """Whether a rail stands at the top of a new case."""
    return is_new(plan, space) and chosen(plan, [space.choices, plan.choices], "case_top") == "rail"


def is_skirted(plan: Plan, space: Space) -> bool:
    """Whether boards stand round the base of a new case."""
    return is_new(plan, space) and chosen(plan, [space.choices, plan.choices], "base_skirt") != "none"


def is_bottomless(plan: Plan, space: Space) -> bool:
    """Whether a new case has no board below."""
    return is_new(plan, space) and chosen(plan, [space.choices, plan.choices], "case_bottom") == "none"


def carcass_kinds(plan: Plan, space: Space) -> set[str]:
    """The alternatives that a new case is built by."""
    if not is_new(plan, space):
        return {"carcass.existing"}
    levels = [space.choices, plan.choices]
    families = (
        "through",
        "case_joint",
        "case_top",
        "case_bottom",
        "top_held",
        "base_skirt",
        "case_back",
        "back_held",
        "marking_datum",
        "case_edges",
        "fixed_to",
        "outside_shown",
    )
    found = {f"carcass.{_carcass(plan, space)}", f"fits.{FITS.get(space.what, 'walls')}"}
    found |= {f"{name}.{chosen(plan, levels, name)}" for name in families}
    is_set_back = nearest_choice(levels, "bottom_set_back") is not None and "case_bottom.panel" in found
    found |= {"bottom_set_back" if is_set_back else "bottom_flush"}
    may_stand_back = {"case_top.panel", "upper.between"} <= the_catalogue().with_shared(found)
    is_set_back = nearest_choice(levels, "top_set_back") is not None and may_stand_back
    found |= {"top_set_back" if is_set_back else "top_flush"}
    found |= {"has_plinth"} if nearest_choice(levels, "plinth_height") is not None else set()
    return found | ({"ends_by_board"} if nearest_choice(levels, "end_panel_thickness") is None else set())
