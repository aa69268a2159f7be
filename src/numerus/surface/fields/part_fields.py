"""What matters where on a part: how much is seen of it, where it has detail, what glue will cover, what was brushed on.

Worked out in the figure's own stance with the other parts of its build in place, once per part and build.
"""

from __future__ import annotations

import zlib
from collections.abc import Iterable, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.poses import BrushDab
from numerus.errors import GeometryError
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.pairs import cell_ids
from numerus.geometry.rays import RayScene
from numerus.geometry.solids.columns import solid_columns
from numerus.surface.fields.exposure import table_exposure

LARGEST_MM = 260.0  # a little more than the largest machine takes; beyond it the checks would outgrow memory
GLUE_MM = 0.35  # skin nearer than this to another part is covered once it is built
INSIDE_PX_MM = 0.2
MOST_ACROSS = 1500  # pixels across a neighbour
NEIGHBOUR_POINTS = 20_000
FRONT, BACK = 1.0, 0.6  # what is painted with most care looks forward (-y): face and chest over backs
MOST_LOOKED_AT = 20_000  # faces from which sight is traced
STEPS = 255  # what is seen and detailed is told in so many steps: it goes into a byte and comes back the same
FORM = 1


@dataclass(frozen=True, eq=False)
class Fields:
    """Per face (m,): ``show`` and ``detail`` float64 0..1; ``glue``, ``keep_off`` and ``hold`` bool."""

    show: Floats
    detail: Floats
    glue: NDArray[np.bool_]
    keep_off: NDArray[np.bool_]
    hold: NDArray[np.bool_]

    @property
    def scar_cost(self) -> Floats:
        """How dear a mark on each face is, 0..1: what is seen, more so where it has detail; nothing where glue comes."""
        return np.where(self.glue, 0.0, self.show * (0.7 + 0.3 * self.detail))


def fields_of(mesh: Mesh, others: Sequence[Mesh] = (), dabs: Iterable[BrushDab] = ()) -> Fields:
    """The fields of a part; ``others``: the other parts of its build, in place; ``dabs``: what was brushed onto it."""
    if float(mesh.extents_mm.max(initial=0.0)) > LARGEST_MM:
        size = " × ".join(f"{e:.0f}" for e in mesh.extents_mm)
        raise GeometryError(
            "too-large",
            f"{size} mm is more than can be posed; {LARGEST_MM:.0f} mm is the most.",
            "Scale it, or cut it in Sort.",
        )
    centres = mesh.triangles.mean(axis=1)
    scene = RayScene(merged([mesh, *others])) if others else None
    show = _exposure(mesh, centres, scene) * importance(mesh)
    glue = covered(centres, mesh.normals, others)
    brushed = {kind: np.zeros(len(centres), np.bool_) for kind in ("show", "hide", "keep off", "hold")}
    for dab in dabs:  # in order: a later dab replaces an earlier one
        near = np.linalg.norm(centres - dab.at, axis=1) <= dab.radius_mm
        for kind in ("show", "hide") if dab.kind in ("show", "hide") else ("keep off", "hold"):
            brushed[kind] = np.where(near, kind == dab.kind, brushed[kind])
    show = np.where(brushed["show"], 1.0, np.where(brushed["hide"], 0.0, np.where(glue, 0.0, show)))
    return Fields(_stepped(show), _stepped(detail_of(mesh)), glue, brushed["keep off"], brushed["hold"])


def _exposure(mesh: Mesh, centres: Floats, scene: RayScene | None) -> Floats:
    """What viewers round a table see of each face. Of a dense mesh evenly chosen faces are looked at, and the others take the
    share of their nearest that looks much the same way: faces are smaller there than what hides them.
    """
    from scipy.spatial import cKDTree

    if len(centres) <= MOST_LOOKED_AT:
        return table_exposure(mesh, centres, mesh.normals, scene)
    cell = float(np.sqrt(mesh.areas_mm2.sum() / MOST_LOOKED_AT))
    facing = np.round(mesh.normals).astype(np.int64) + 1
    # In one cell faces that look different ways are chosen apart.
    _, chosen = np.unique(cell_ids(centres, cell) * 27 + facing @ [9, 3, 1], return_index=True)
    seen = table_exposure(mesh, centres[chosen], mesh.normals[chosen], scene)
    # A normal turned by a radian counts as one cell aside, so that a ridge's two sides keep their own shares.
    beside = np.column_stack([centres, cell * mesh.normals])
    return np.asarray(seen[cKDTree(beside[chosen]).query(beside, workers=2)[1]])


def _stepped(share: Floats) -> Floats:
    return np.round(np.clip(share, 0, 1) * STEPS) / STEPS


def packed_fields(fields: Fields) -> bytes:
    """The fields as compressed bytes: ``show`` and ``detail``, then the three yes-or-no ones."""
    numbers = [np.round(f * STEPS).astype(np.uint8) for f in (fields.show, fields.detail)]
    return zlib.compress(np.concatenate([*numbers, fields.glue, fields.keep_off, fields.hold]).tobytes())


def unpacked_fields(data: bytes, faces: int) -> Fields | None:
    """The fields that were packed; None where the bytes are not those of so many faces."""
    try:
        rows = np.frombuffer(zlib.decompress(data), np.uint8).reshape(5, faces)
    except (ValueError, zlib.error):
        return None
    return Fields(rows[0] / STEPS, rows[1] / STEPS, *(row.astype(np.bool_) for row in rows[2:]))


def importance(mesh: Mesh) -> Floats:
    """What viewers look at: fronts over backs; float64 (m,) up to 1."""
    return np.asarray((FRONT + BACK) / 2 - (FRONT - BACK) / 2 * mesh.normals[:, 1])


def detail_of(mesh: Mesh) -> Floats:
    """How much the skin turns round each face, 0..1: one less the length of the mean of the normals there."""
    area, turned = np.zeros(len(mesh.vertices)), np.zeros((len(mesh.vertices), 3))
    for corner in range(3):
        area += np.bincount(mesh.faces[:, corner], mesh.areas_mm2, len(area))
        for axis in range(3):
            turned[:, axis] += np.bincount(mesh.faces[:, corner], mesh.crosses[:, axis] / 2, len(area))
    spread = 1 - np.linalg.norm(turned, axis=1) / np.maximum(area, 1e-300)
    # A right angle's edge spreads its normals by 0.3: that and more is full detail.
    return np.minimum(spread[mesh.faces].mean(axis=1) / 0.3, 1.0)


def covered(centres: Floats, normals: Floats, others: Sequence[Mesh]) -> NDArray[np.bool_]:
    """Places of the skin (n, 3), with its normals, that touch another part or lie within it: glue covers them."""
    from scipy.spatial import cKDTree

    mask = np.zeros(len(centres), np.bool_)
    for other in others:
        low, high = other.bounds_mm
        near = np.flatnonzero(np.all((centres > low - GLUE_MM) & (centres < high + GLUE_MM), axis=1) & ~mask)
        if not len(near):
            continue
        floor = other.bounds_mm[0, 2]
        pixel = max(INSIDE_PX_MM, float(other.extents_mm.max()) / MOST_ACROSS)  # one of metres is looked at coarsely
        columns = solid_columns(other.moved((0, 0, -floor)).triangles, pixel, pixel)
        within = columns.holds(centres[near] + 0.05 * normals[near] - [0, 0, floor])
        points, facing = even_points(other, NEIGHBOUR_POINTS)
        far, index = cKDTree(points).query(centres[near], distance_upper_bound=2 * GLUE_MM, workers=2)
        index = np.minimum(index, len(points) - 1)
        across = np.abs(np.einsum("ij,ij->i", centres[near] - points[index], facing[index]))
        mask[near] = within | (np.isfinite(far) & (across <= GLUE_MM))
    return mask


def two_tone(mesh: Mesh) -> Floats:
    """How much of a pale coat from above each vertex gets over a dark one, 0..1: by how far it looks up (Lambert 1760)."""
    return np.clip(0.5 + 0.65 * mesh.vertex_normals[:, 2], 0, 1)
