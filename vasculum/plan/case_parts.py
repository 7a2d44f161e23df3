"""The boards of a new case: sides, top or stretchers, bottom, back, plinth and worktop."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from vasculum.core.flow import Key
from vasculum.plan.carcass import OF_CASE, is_new
from vasculum.plan.joinery import Joinery, nearest_key
from vasculum.plan.layout import nearest_choice
from vasculum.plan.part import Hand, Part, Role
from vasculum.plan.places import LIKE
from vasculum.plan.solving import SolvedPlan

SIDES: tuple[tuple[Role, Hand], ...] = (("case_side_left", "L"), ("case_side_right", "R"))


def case_parts(plan: SolvedPlan, space: str) -> Iterator[Part]:
    """Every board of the case around a space, or none where it exists already."""
    if not is_new(plan.plan, plan.plan.spaces[space]):
        return
    case = _Case(plan, space)
    deep = "case_panel_depth_core" if case.has("case_panel_depth_core") else "case_panel_depth_cut"
    sides, across = case.joinery()
    for role, hand in SIDES:
        side = case.part(role, "Case side", "case_side_length_cut", deep, "case_sheet")
        yield replace(side, hand=hand, joinery=sides, name=f"Case side, {'left' if hand == 'L' else 'right'}")
    board = case.part("case_bottom", "Case bottom", "case_across_length_cut", deep, "case_sheet")
    yield replace(board, joinery=across)
    if case.has("stretcher_width_cut"):
        for role in ("stretcher_front", "stretcher_back"):
            yield case.part(role, "Stretcher", "case_across_length_cut", "stretcher_width_cut", "case_sheet")
    else:
        yield replace(board, id=f"{space}/case_top", role="case_top", name="Case top")
    if case.has("case_back_width_cut"):
        yield case.part("case_back", "Case back", "case_back_width_cut", "case_back_height_cut", "case_back_sheet")
    yield from _plinth(case)
    if case.has("worktop_length_cut"):
        yield case.part("worktop", "Worktop", "worktop_length_cut", "worktop_depth_cut", "worktop_sheet")


def _plinth(case: _Case) -> Iterator[Part]:
    if not case.has("toe_board_length_cut"):
        return
    long = case.part("toe_board_front", "Toe board", "toe_board_length_cut", "toe_board_height_cut", "case_sheet")
    yield long
    if case.has("toe_end_length_cut"):
        yield replace(long, id=f"{case.space}/toe_board_back", role="toe_board_back")
        for role in ("toe_end_left", "toe_end_right"):
            yield case.part(role, "Toe board, end", "toe_end_length_cut", "toe_board_height_cut", "case_sheet")


class _Case:
    def __init__(self, plan: SolvedPlan, space: str) -> None:
        self.plan, self.space = plan, space
        self.levels = [plan.plan.spaces[space].choices, plan.plan.choices]

    def has(self, name: str) -> bool:
        return (self.space, name) in self.plan.solved.quantities

    def key(self, name: str) -> Key:
        return (self.space, name) if self.has(name) else nearest_key(self.plan, self.space, name)

    def part(self, role: Role, name: str, length: str, width: str, sheet: str) -> Part:
        assert sheet in OF_CASE
        of = nearest_choice(self.levels, sheet) or nearest_choice(self.levels, LIKE.get(sheet, sheet))
        thickness = self.key(sheet.replace("_sheet", "_thickness"))
        band = nearest_choice(self.levels, "case_band") if width == "case_panel_depth_core" else None
        return Part(
            f"{self.space}/{role}", self.space, role, name, self.key(length), self.key(width), thickness, of,
            bands=("front",) if band else (), band=band,
        )  # fmt: skip

    def joinery(self) -> tuple[tuple[Joinery, ...], tuple[Joinery, ...]]:
        """What is cut into the sides, and what into top and bottom: whichever runs through takes the others."""
        kinds = self.plan.laid.places[self.space].kinds
        through: list[Joinery] = []
        for name, what in (("low", "lower"), ("high", "upper")):
            line = self.key(f"hole_line_{name}")
            if "case_screwed" in kinds:
                through.append(Joinery("hole_line", f"Holes, {what} end", line, self.key("hole_places")))
            else:
                depth = self.key("case_housed")
                through.append(Joinery("case_dado", f"Dado, {what} end", line, self.key("case_thickness"), depth))
        rabbet: tuple[Joinery, ...] = ()
        if self.has("case_back_rabbet"):
            width, depth = self.key("case_back_thickness"), self.key("case_back_rabbet")
            rabbet = (Joinery("back_rabbet", "Rabbet for the back", None, width, depth),)
        if "through.sides" in kinds:
            return (*through, *rabbet), rabbet
        return rabbet, (*through, *rabbet)
