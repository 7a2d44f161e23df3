"""Solved plan → a model in binary glTF: every piece by its mark, in true sizes, with its grooves and holes."""

from __future__ import annotations

import trimesh
from trimesh.visual import TextureVisuals
from trimesh.visual.material import PBRMaterial

from vasculum.drawing.tints import tint_of
from vasculum.plan.laying.layout import numbers_of
from vasculum.plan.laying.solving import SolvedPlan
from vasculum.plan.telling.words import piece_name, place_name
from vasculum.solid.meshes import meshes

WOOD, METAL = (214, 190, 150, 255), (150, 154, 158, 255)


def glb(plan: SolvedPlan) -> bytes:
    """The model, metres, y up; nodes are named by mark, name and place."""
    scene = trimesh.Scene()
    numbers = numbers_of(plan.plan)
    for mesh in meshes(plan):
        piece = mesh.piece
        mark = plan.plan.marks.get(piece.id, "")
        name = f"{mark} {piece_name(plan.plan, piece)}, {place_name(plan.plan, piece.place)}".strip()
        number = numbers.get(piece.place, 0)
        colour = METAL if not piece.rule.stock else _tint(number) if number else WOOD
        made = trimesh.Trimesh(mesh.corners, mesh.faces, process=False)
        material = PBRMaterial(baseColorFactor=colour, metallicFactor=0.0, roughnessFactor=0.9)
        made.visual = TextureVisuals(material=material)
        scene.add_geometry(made, node_name=name, geom_name=piece.id)
    exported: bytes = scene.export(file_type="glb")
    return exported


def _tint(number: int) -> tuple[int, int, int, int]:
    text = tint_of(number).lstrip("#")
    return (int(text[0:2], 16), int(text[2:4], 16), int(text[4:6], 16), 255)
