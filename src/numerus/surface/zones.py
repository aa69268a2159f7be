"""Zones on a mesh: their areas, where they touch, on one part and from part to part of a built figure."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from numerus.domain.painting.zones import UNNAMED, PartZones
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.repair.health import edges_of, neighbours

ATTRIBUTE = "zone"
"""The face attribute under which labels travel with a mesh while it is mended, cut or scaled."""
CONTACT_MM = 0.5  # skin nearer than this to another part touches it once it is built

Labels = NDArray[np.uint8]


@dataclass(frozen=True, eq=False)
class ZonedMesh:
    """A part's mesh with the zone of every face: ``labels`` uint8 (m,) into ``zones``, UNNAMED for none."""

    mesh: Mesh
    zones: tuple[str, ...]
    labels: Labels

    @cached_property
    def vertex_labels(self) -> Labels:
        """A label for every vertex, uint8 (n,): of the last face it belongs to."""
        labels = np.full(len(self.mesh.vertices), UNNAMED, np.uint8)
        labels[self.mesh.faces.ravel()] = np.repeat(self.labels, 3)
        return labels

    def coloured(self, colours: Mapping[str, NDArray[np.uint8]], ground: NDArray[np.uint8]) -> NDArray[np.uint8]:
        """Vertex colours uint8 (n, 3): those of zones that have one, the ``ground`` (n, 3) elsewhere."""
        coloured, labels = ground.copy(), self.vertex_labels
        for number, zone in enumerate(self.zones):
            if zone in colours:
                coloured[labels == number] = colours[zone]
        return coloured


def zoned(mesh: Mesh, zones: tuple[str, ...], labels: Labels | None) -> ZonedMesh:
    """The mesh with its labels, or all of it unnamed."""
    return ZonedMesh(mesh, zones, np.full(len(mesh.faces), UNNAMED, np.uint8) if labels is None else labels)


def measured_zones(part_id: str, blob: str, zoned_mesh: ZonedMesh) -> PartZones:
    """What is told of a part's zones: those that have any skin, their areas and borders. ``blob``: where the labels are kept."""
    area = np.bincount(zoned_mesh.labels, zoned_mesh.mesh.areas_mm2, 256)[: len(zoned_mesh.zones)] / 100
    areas = tuple(round(float(a), 3) for a in area)
    borders = tuple((a, b, round(mm, 2)) for (a, b), mm in sorted(borders_mm(zoned_mesh).items()))
    return PartZones(part_id, blob, zoned_mesh.zones, areas, borders)


def borders_mm(zoned_mesh: ZonedMesh) -> dict[tuple[str, str], float]:
    """Length of the border between every two zones that share edges of the mesh, mm, by their ids in order."""
    edges = edges_of(zoned_mesh.mesh)
    pairs, halves = neighbours(edges)
    ends = np.stack([edges.start[halves[:, 0]], edges.end[halves[:, 0]]], axis=1)
    left, right = zoned_mesh.labels[pairs[:, 0]], zoned_mesh.labels[pairs[:, 1]]
    between = (left != right) & (left != UNNAMED) & (right != UNNAMED)
    length = np.linalg.norm(zoned_mesh.mesh.vertices[ends[:, 0]] - zoned_mesh.mesh.vertices[ends[:, 1]], axis=1)
    total: dict[tuple[str, str], float] = {}
    for a, b, mm in zip(left[between], right[between], length[between], strict=True):
        one, other = sorted((zoned_mesh.zones[a], zoned_mesh.zones[b]))
        total[one, other] = total.get((one, other), 0.0) + float(mm)
    return total


def touching_mm(parts: Sequence[tuple[ZonedMesh, PartZones]]) -> dict[tuple[str, str], float]:
    """How long any two zones of a built figure border on each other, mm: along edges of its parts, and round the places where
    two parts touch (taken as round: the outline of a disc of the same area).
    """
    total: dict[tuple[str, str], float] = {}
    for _, part_zones in parts:
        for a, b, mm in part_zones.borders_mm:
            total[a, b] = total.get((a, b), 0.0) + mm
    for (one, _), (other, _) in combinations(parts, 2):
        for pair, mm2 in contact_mm2(one, other).items():
            total[pair] = total.get(pair, 0.0) + float(2 * np.sqrt(np.pi * mm2))
    return total


def contact_mm2(one: ZonedMesh, other: ZonedMesh) -> dict[tuple[str, str], float]:
    """Area of the first's faces that lie at the second's skin, by the two zones that meet there."""
    from scipy.spatial import cKDTree

    mine = _near(one.mesh, other.mesh)
    theirs = _near(other.mesh, one.mesh)
    if not len(mine) or not len(theirs):
        return {}
    tree = cKDTree(other.mesh.triangles[theirs].mean(axis=1))
    far, index = tree.query(one.mesh.triangles[mine].mean(axis=1), distance_upper_bound=CONTACT_MM)
    met = np.isfinite(far)
    a, b = one.labels[mine[met]].astype(np.int64), other.labels[theirs[index[met]]]
    area = np.bincount(256 * a + b, one.mesh.areas_mm2[mine[met]])
    contact: dict[tuple[str, str], float] = {}
    for a_label, b_label in (divmod(int(code), 256) for code in np.flatnonzero(area)):
        if UNNAMED not in (a_label, b_label) and one.zones[a_label] != other.zones[b_label]:
            pair = min(one.zones[a_label], other.zones[b_label]), max(one.zones[a_label], other.zones[b_label])
            contact[pair] = contact.get(pair, 0.0) + float(area[256 * a_label + b_label])
    return contact


def _near(mesh: Mesh, other: Mesh) -> NDArray[np.int64]:
    """Faces of a mesh within reach of another's box."""
    (low, high), (own_low, own_high) = other.bounds_mm, mesh.bounds_mm
    if np.any(own_low > high + CONTACT_MM) or np.any(own_high < low - CONTACT_MM):
        return np.zeros(0, np.int64)
    centres: Floats = mesh.triangles.mean(axis=1)
    return np.flatnonzero(np.all((centres > low - CONTACT_MM) & (centres < high + CONTACT_MM), axis=1))
