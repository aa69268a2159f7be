"""What no longer fits after a part was scaled: parts it is joined to, the play of its pegs, holes for magnets and pins, its walls."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.joints import MAGNETS, PINS_MM
from numerus.domain.parts import Part
from numerus.geometry.cutting import attributes_from, mesh_of, solid_of
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.geometry.round_holes import RoundHole, round_holes
from numerus.kit.joined_parts import SAME_SCALE, names_of, other_sizes, size_words

SIZE, PLAY, HOLE, WALL = "size", "play", "hole", "wall"
FACING_MM, FACES = 0.7, -0.85  # skins so near that look at each other are those of a peg and its socket
ACROSS, ROUND_A_PEG = 0.3, 0.1  # cosine to its axis of a peg's sides; share of their normals in the lesser direction
TIGHT, LOOSE = 0.7, 2.5  # times the machine's play
LEAST_FACING = 40
LEAST_WALL_MM = 0.5  # (default) what does not survive a hand
NOMINAL_MM = tuple(sorted({*(m.across_mm for m in MAGNETS), *PINS_MM}))
AS_NOMINAL_MM, OFF_NOMINAL_MM = 0.2, 0.05


@dataclass(frozen=True)
class Misfit:
    """``kind``: one of SIZE, PLAY, HOLE, WALL; ``detail``: what it was; what a click does in ``deed``, "" where nothing is done at one;
    ``parts`` it is about beside this one; ``mm``: the play, or the width of the hole, it should have.
    """

    kind: str
    words: str
    detail: str
    deed: str
    parts: tuple[str, ...] = ()
    mm: float = 0.0
    hole: RoundHole | None = None


def misfits(part: Part, mesh: Mesh, joined: Sequence[tuple[Part, Mesh]], peg_play_mm: float) -> list[Misfit]:
    """Of a part that was scaled; none of one that is as it came. ``joined``: parts the kit joins to it, with their meshes."""
    if abs(part.scale - 1) <= SAME_SCALE:
        return []
    others = other_sizes(part, [p for p, _ in joined])
    found: list[Misfit] = []
    if others:
        ids = tuple(p.id for p in others)
        found.append(Misfit(SIZE, f"Made for {names_of(others)}", size_words(part, others), "Scale them along", ids))
    found += [m for p, other in joined if p not in others and (m := _of_play(part, mesh, p, other, peg_play_mm))]
    found += [m for hole in round_holes(mesh) if (m := _of_hole(part, hole))]
    if part.scale < 1 and 0 < part.thinnest_mm < LEAST_WALL_MM:
        was = f"{part.thinnest_mm / part.scale:.2f} mm as it came"
        found.append(Misfit(WALL, f"Its thinnest wall is {part.thinnest_mm:.2f} mm", was, "Look at its walls"))
    return found


def _of_play(part: Part, mesh: Mesh, other: Part, beside: Mesh, peg_play_mm: float) -> Misfit | None:
    play = play_mm(mesh, beside)
    if play is None:
        return None
    words, was = f"Peg with {other.label}: {play:.2f} mm of play", play / part.scale
    detail = f"{was:.2f} as they came; the machine wants {peg_play_mm:.2f}"
    tight, loose = TIGHT * peg_play_mm, LOOSE * peg_play_mm  # what was so as it came is its designer's choice
    if play < tight <= was:
        return Misfit(PLAY, words, detail, "Shave it to fit", (other.id,), peg_play_mm)
    return Misfit(PLAY, words, f"{detail}: thick glue fills it", "", (other.id,)) if play > loose >= was else None


def play_mm(mesh: Mesh, other: Mesh) -> float | None:
    """Median distance between the sides of a peg and of its socket, whichever of the two has the peg; None where no peg is."""
    points, normals = even_points(mesh, 60_000)
    far = RayScene(other).first_mm(points + 1e-3 * normals, normals)
    near = far < FACING_MM
    if near.sum() < LEAST_FACING:
        return None
    met = RayScene(other).first_hit(points[near] + 1e-3 * normals[near], normals[near])
    facing = (other.normals[met] * normals[near]).sum(axis=1) < FACES
    sides = _sides(normals[near][facing])
    return float(np.median(far[near][facing][sides])) if sides.sum() >= LEAST_FACING else None


def _sides(normals: Floats) -> NDArray[np.bool_]:
    """Of skins that face each other those of a peg's sides: all across one axis, and looking to several sides of it, bool (n,)."""
    best = np.zeros(len(normals), np.bool_)
    for axis in np.linalg.eigh(normals.T @ normals)[1].T:
        across = np.abs(normals @ axis) < ACROSS
        spread = np.linalg.eigvalsh(normals[across].T @ normals[across] / max(int(across.sum()), 1))
        if across.sum() > best.sum() and spread[1] > ROUND_A_PEG:
            best = across
    return best


def _of_hole(part: Part, hole: RoundHole) -> Misfit | None:
    """A hole that was for a usual magnet or pin and is not any more."""
    was = hole.across_mm / part.scale
    nominal = min(NOMINAL_MM, key=lambda n: abs(was - n) if was >= n - OFF_NOMINAL_MM else np.inf)
    if not -OFF_NOMINAL_MM <= was - nominal <= AS_NOMINAL_MM or abs(hole.across_mm - was) < OFF_NOMINAL_MM:
        return None
    words = f"A hole for {nominal:g} mm is {hole.across_mm:.2f} mm wide"
    return Misfit(HOLE, words, f"{was:.2f} as it came", "Bore it as it was", mm=was, hole=hole)


def shaved(mesh: Mesh, other: Mesh, by_mm: float) -> Mesh:
    """The part less what is nearer than so much to the other. Raises GeometryError where either is no solid.

    The other grown by a ball is taken for its copies moved that far in 26 directions: to a tenth of the distance for skins that are
    flat or round within it.
    """
    from manifold3d import Manifold, OpType

    solid, beside = solid_of(mesh), solid_of(other)
    copies = [beside.translate(tuple(by_mm * way)) for way in _ways()]
    return attributes_from(mesh_of(solid - Manifold.batch_boolean(copies, OpType.Add)), mesh)


def _ways() -> Floats:
    """26 unit directions: of a cube's faces, edges and corners."""
    steps = np.array(
        [(x, y, z) for x in (-1, 0, 1) for y in (-1, 0, 1) for z in (-1, 0, 1) if (x, y, z) != (0, 0, 0)], float
    )
    return np.asarray(steps / np.linalg.norm(steps, axis=1)[:, None])
