"""Sorting a kit: names to slots, files to parts, and the unit a file was probably drawn in."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.parts import Part
from numerus.formats.meshes.mesh_formats import MeshFile
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.health import UNIT_FACTORS, Health, inspect
from numerus.geometry.thickness import Thickness, thickness

HAIR_MM, WEAK_MM = 0.4, 0.8  # walls that hardly print, and walls that do not survive a game (default)

# Tried in order; the first that matches decides. Arms before weapons: "arm_R_hook" is an arm that holds one.
_HINTS = (
    ("base", r"\b(base|disc|plinth|socle|rim)\b"),
    ("left arm", r"(\b(l|left|lh)\b.*\b(arm|hand)s?\b)|(\b(arm|hand)s?\b.*\b(l|left|lh)\b)|\b(larm|lhand|armleft|handleft)\b"),
    ("right arm", r"(\b(r|right|rh)\b.*\b(arm|hand)s?\b)|(\b(arm|hand)s?\b.*\b(r|right|rh)\b)|\b(rarm|rhand|armright|handright)\b"),
    ("head", r"\b(head|helm|helmet|hat|hood|face|neck)\b"),
    ("legs", r"\b(leg|legs|feet|foot|boots|lower)\b"),
    ("torso", r"\b(torso|body|chest|coat|trunk|upper)\b"),
    ("weapon", r"\b(wpn|weapon|sword|pole|spear|axe|bow|staff|knife|hook|club|cudgel)\b"),
    ("back", r"\b(pack|backpack|back|cape|cloak|wing|wings|quiver)\b"),
    ("right arm", r"\b(arm|arms|hand)\b"),
)  # fmt: skip


def _tokens(name: str) -> list[str]:
    """Words and numbers of a file name: ``R_armHook03_v2-FINAL.stl`` -> r, arm, hook, 03, v, 2, final."""
    stem = re.sub(r"\.\w{2,4}$", "", name.replace("\\", "/").rpartition("/")[2])
    return re.findall(r"[a-z]+|\d+", re.sub(r"([a-z])([A-Z])", r"\1 \2", stem).lower())


def words_of(name: str) -> str:
    """A file name as separate lower-case words without its numbers: ``r arm hook v final``."""
    return " ".join(token for token in _tokens(name) if token.isalpha())


def telling_words(names: Sequence[str], most: int = 12) -> list[str]:
    """What tells each of some names from the others, in at most so many letters: the words and numbers not all of them share.

    The last of them that fit, since names go from what is common to what is special; a name that has none is itself.
    """
    tokens = [_tokens(name) for name in names]
    shared = set.intersection(*map(set, tokens)) if len(tokens) > 1 else set()
    return [
        _last_words([t for t in own if t not in shared] or own, most) or name[:most]
        for own, name in zip(tokens, names, strict=True)
    ]


def _last_words(tokens: Sequence[str], most: int) -> str:
    words = ""
    for token in reversed(tokens):
        longer = f"{token} {words}".strip()
        if len(longer) > most:
            break
        words = longer
    return words or (tokens[-1][:most] if tokens else "")


def guess_slot(name: str) -> str:
    """The slot a name hints at, or "extra": a guess to be corrected by dragging."""
    words = words_of(name)
    return next((slot for slot, hint in _HINTS if re.search(hint, words)), "extra")


@dataclass(frozen=True, eq=False)
class Shaped:
    """A part to be compared with others: ``mesh`` in mm, whole shells turned right."""

    id: str
    name: str
    mesh: Mesh


def shaped(mesh_file: MeshFile, part_id: str) -> tuple[Shaped, Health]:
    """A file's mesh in mm, by the unit its numbers are probably in, and its health in its own numbers."""
    health, mesh = inspect(mesh_file.mesh, mesh_file.declared)
    factor = UNIT_FACTORS.get(health.unit, 1.0) if not mesh_file.declared else 1.0
    return Shaped(part_id, mesh_file.name, mesh.scaled(factor)), health


def part_from_file(mesh_file: MeshFile, part_id: str, kit_id: str, blob: str = "") -> tuple[Part, Mesh]:
    """A part and its mended mesh, in the file's own numbers; its unit is only noted, to be offered."""
    health, mesh = inspect(mesh_file.mesh, mesh_file.declared)
    return part_of(mesh_file.name, health, mesh, part_id, kit_id, blob), mesh


def part_of(name: str, health: Health, mesh: Mesh, part_id: str, kit_id: str, blob: str) -> Part:
    walls = thickness(mesh)
    part = Part(
        part_id, kit_id, name, guess_slot(name), blob, health.triangles, health.extents_mm, round(health.volume_ml, 9),
        round(health.surface_cm2, 6), health.watertight, health.shells, health.holes, health.unit,
        problems=tuple((p.code, p.text) for p in health.problems),
    )  # fmt: skip
    return with_walls(part, walls)


def with_walls(part: Part, walls: Thickness) -> Part:
    """The part with what is kept of its walls."""
    thinnest = round(walls.thinnest_mm, 3) if np.isfinite(walls.thinnest_mm) else 0.0
    hair, weak = (round(walls.area_below_mm2(limit), 2) for limit in (HAIR_MM, WEAK_MM))
    return replace(part, thinnest_mm=thinnest, hair_mm2=hair, weak_mm2=weak)


def remeasured(part: Part, mesh: Mesh, blob: str) -> Part:
    """The part with a changed mesh (mended, cut, thickened, scaled): measured anew, its pose asked for again.

    The mesh it came with is kept as ``original``; slot, unit and what was decided about it stay.
    """
    health, sound = inspect(mesh, "millimeter")
    new = part_of(part.name, health, sound, part.id, part.kit_id, blob)
    return replace(
        new, slot=part.slot, original=part.original or part.blob, needed=part.needed, unit_mm=part.unit_mm,
        thumbnail=part.thumbnail, material=part.material, supports_off=part.supports_off, scale=part.scale,
    )  # fmt: skip


def rescaled(part: Part, mesh: Mesh, factor: float) -> tuple[Part, bytes]:
    """The part ``factor`` times as large, with everything measured on it; its pose is asked for again."""
    bigger = mesh.scaled(factor)
    x, y, z = (round(e * factor, 4) for e in part.extents_mm)
    changed = replace(
        part, extents_mm=(x, y, z), volume_ml=round(part.volume_ml * factor**3, 6),
        surface_cm2=round(part.surface_cm2 * factor**2, 3), unit="mm", unit_mm=part.unit_mm * factor,
        problems=tuple(p for p in part.problems if p[0] != "unit"), pose=None, others=(),
    )  # fmt: skip
    return with_walls(changed, thickness(bigger)), pack_mesh(bigger)


def offered_factor(part: Part) -> float:
    """What would bring the part to millimetres if its noted unit is right; 1 where nothing is to offer."""
    return UNIT_FACTORS.get(part.unit, 1.0) if any(code == "unit" for code, _ in part.problems) else 1.0
