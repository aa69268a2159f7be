"""A whole plate layer by layer: area, pull, resin, when the vat must be filled up; and its layers at the machine's own pixels."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import cups
from numerus.geometry.solids.layers import layer_areas_mm2
from numerus.geometry.solids.sections import sections
from numerus.printing.orientation.pose_measures import layer_pulls_n

LOOK_PX_MM = 0.1  # coarse enough for a large plate, fine enough for its outlines


@dataclass(frozen=True, eq=False)
class PartLayers:
    """A supported part by itself, per layer, float64 (layers,): ``areas_mm2`` and ``pull_n``; ``volume_ml`` of all of it."""

    areas_mm2: Floats
    pull_n: Floats
    volume_ml: float


@dataclass(frozen=True, eq=False)
class PlateLayers:
    """Per layer of the machine, float64 (layers,): ``areas_mm2``, ``pull_n`` of all parts together, ``ml`` used by then.

    ``refill_mm``: the height at which the vat falls below its least, None where it lasts; ``weight_g`` of what is printed.
    """

    layer_mm: float
    areas_mm2: Floats
    pull_n: Floats
    ml: Floats
    refill_mm: float | None
    weight_g: float

    @property
    def height_mm(self) -> float:
        return len(self.areas_mm2) * self.layer_mm


def part_layers(mesh: Mesh, machine: Machine, resin: Resin) -> PartLayers:
    """Measured once for a supported part; equal parts on a plate are equal."""
    columns = plate_columns([mesh], LOOK_PX_MM, machine.layer_mm)
    pull = layer_pulls_n(sections(columns), cups(columns), machine, resin)
    return PartLayers(layer_areas_mm2(columns), pull, columns.volume_mm3 / 1000)


def plate_layers(parts: Sequence[tuple[PartLayers, int]], machine: Machine, resin: Resin) -> PlateLayers:
    """What lies on the plate, each part so many times: areas and pulls add up, since parts do not touch."""
    tall = max((len(p.areas_mm2) for p, _ in parts), default=0)
    areas, pull = np.zeros(tall), np.zeros(tall)
    for part, count in parts:
        areas[: len(part.areas_mm2)] += count * part.areas_mm2
        pull[: len(part.pull_n)] += count * part.pull_n
    ml = np.cumsum(areas) * machine.layer_mm / 1000 * (1 + resin.cling_share)
    low = np.flatnonzero(ml > machine.vat_full_ml - machine.vat_min_ml)
    refill = float(low[0] * machine.layer_mm) if len(low) else None
    weight = sum(count * p.volume_ml for p, count in parts) * resin.density_g_per_ml
    return PlateLayers(machine.layer_mm, areas, pull, ml, refill, weight)


def plate_columns(meshes: Iterable[Mesh], pixel_mm: float, layer_mm: float, scale_xy: float = 1.0) -> Columns:
    """Solid columns of everything on a plate; ``scale_xy``: each part so much larger about its own middle, by calibration."""
    soup = [_scaled(m.triangles, scale_xy) for m in meshes]
    return solid_columns(np.concatenate(soup) if soup else np.zeros((0, 3, 3)), pixel_mm, layer_mm)


def _scaled(triangles: Floats, factor: float) -> Floats:
    if factor == 1:
        return triangles
    corners = triangles.reshape(-1, 3)
    middle = (corners.min(axis=0) + corners.max(axis=0)) / 2 * [1, 1, 0]
    return np.asarray((triangles - middle) * [factor, factor, 1.0] + middle)
