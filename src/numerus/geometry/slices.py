"""Outlines of a mesh at every layer: exact sections by planes, as the 3MF slice extension holds them."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.geometry.cutting import solid_of
from numerus.geometry.mesh import Floats, Mesh

CLOSE_MM = 0.002  # corners nearer than this to the line between others say nothing


@dataclass(frozen=True, eq=False)
class Slice:
    """One layer: its upper face in mm, and closed outlines (k, 2) in mm; outer ones counter-clockwise, holes clockwise."""

    top_mm: float
    outlines: tuple[Floats, ...]

    @property
    def area_mm2(self) -> float:
        """By the shoelace formula."""
        return sum(
            float(np.sum(p[:, 0] * np.roll(p[:, 1], -1) - np.roll(p[:, 0], -1) * p[:, 1])) / 2 for p in self.outlines
        )


def slices_of(mesh: Mesh, layer_mm: float) -> list[Slice]:
    """Sections through the middle of every layer from z = 0 up to the mesh's top. Raises GeometryError where it is no solid."""
    solid = solid_of(mesh)
    slices = []
    for k in range(int(np.ceil(float(mesh.bounds_mm[1, 2]) / layer_mm - 1e-9))):
        section = solid.slice((k + 0.5) * layer_mm).simplify(CLOSE_MM)
        outlines = tuple(np.asarray(p, float) for p in section.to_polygons() if len(p) > 2)
        slices.append(Slice((k + 1) * layer_mm, outlines))
    return slices
