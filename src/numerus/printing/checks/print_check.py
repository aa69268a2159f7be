"""A supported part judged as it will print, apart from how its supports were placed.

It is printed layer by layer: sections of the part grow out of each other, and groups of them that hang together are held
by the tips they have so far and pulled by what of them is being made. A group that pulls more than its tips hold tears
off; a tip that carries little could be finer and leave a smaller mark.

A mesh that came with its supports is judged by its sections alone: see ``weakest_section``.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.bridges import on_a_span
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import Cup, cups
from numerus.geometry.solids.layers import Island, islands, overhangs
from numerus.geometry.solids.sections import sections
from numerus.geometry.solids.united_columns import overlaps_mm
from numerus.printing.checks.standing_firm import brim_mm
from numerus.printing.checks.tip_loads import Loads, loads
from numerus.printing.checks.weakest_section import WeakestSection, weakest_section
from numerus.printing.orientation.pose_measures import is_significant_cup
from numerus.printing.supports.pillar_meshes import is_slender
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.posed_part import CHECK_MM, PosedPart
from numerus.printing.supports.style import BRIDGE_MM, SupportStyle
from numerus.printing.supports.tips import places_mm
from numerus.words import counted

TOO_HEAVY = 0.2  # of its strength: a tip that never carries more could be the next size down
GRAZE_MM = 1.0  # as far from its mark a cone may graze the skin it comes from
MOST_TOUCHES = 2000  # places looked at
FILE_S, FILE_S_PER_MM, PRY_S = 4.0, 18.0, 3.0  # cleaning one mark: by itself, by its size, and prying off what stands on the part


@dataclass(frozen=True, eq=False)
class PrintCheck:
    """What printing it layer by layer says. Numbers of pillars in ``too_light``, ``too_heavy``, ``swings``, ``touches``.

    ``unsupported`` (n, 3): places that hang farther than the resin's reach from the layer below with no tip near. ``brim_mm``: of
    plastic, the brim without which a knock of the nozzle tips it over.
    """

    islands_left: tuple[Island, ...]
    unsupported: Floats
    loads: Loads
    too_light: tuple[int, ...]
    too_heavy: tuple[int, ...]
    swings: tuple[int, ...]
    touches: tuple[int, ...]
    scar_show_mm2: float
    cleaning_minutes: float
    brim_mm: float = 0.0

    @property
    def sound(self) -> bool:
        """Nothing begins in mid-air, no tip is too light, nothing swings or touches."""
        return not (self.islands_left or self.too_light or self.swings or self.touches)


def check_print(supported: Supported, machine: Machine, resin: Resin) -> PrintCheck:
    """All that can be said of a supported part before it is printed."""
    posed_part, style, pillars = supported.posed_part, supported.style, supported.pillars
    tip_loads_found = loads(posed_part, pillars, machine, resin)
    on_part = np.array([p.lands == "part" for p in pillars], bool)
    light = np.flatnonzero(tip_loads_found.carried * style.margin > 1 + 1e-9)
    fine = np.array([p.tip_mm <= style.tips_mm[0] + 1e-9 or style.dry for p in pillars], bool)
    heavy = np.flatnonzero((tip_loads_found.carried * style.margin < TOO_HEAVY) & ~fine & ~on_part)
    beyond = unheld(posed_part, pillars, resin, style)
    scars, minutes = scar_bill(supported)
    brim = brim_mm(supported.whole_columns, float(supported.part.bounds_mm[1, 2])) if style.dry else 0.0
    return PrintCheck(
        supported.islands_left, beyond, tip_loads_found, tuple(light.tolist()),
        tuple(heavy.tolist()), _swinging(supported), touching(supported), scars, minutes, brim,
    )  # fmt: skip


def overhang_mm2(columns: Columns, reach_mm: float) -> float:
    """All that hangs farther than ``reach_mm`` from the layer below, bridged between tips or not."""
    return len(overhangs(columns, reach_mm)) * columns.grid.pixel_mm**2


def unheld(posed_part: PosedPart, pillars: Sequence[Pillar], resin: Resin, style: SupportStyle) -> Floats:
    """Overhang beyond the reach of resin or plastic with no tip within the usual spacing, as places: between tips of one field a layer
    bridges, and plastic between two sides.
    """
    from scipy.spatial import cKDTree

    far = places_mm(posed_part.columns, posed_part.beyond(style.reach_mm(resin)))
    if style.dry and len(far):
        whole_mm = BRIDGE_MM + 2 * style.line_mm  # a span hangs from one line beyond either side on
        far = far[~on_a_span(posed_part.columns, far, whole_mm)]
    if not len(far) or not pillars:
        return far
    near = cKDTree(np.array([p.tip for p in pillars])).query(far, distance_upper_bound=1.15 * style.spacing_mm)[0]
    return np.asarray(far[np.isinf(near)])


def _swinging(supported: Supported) -> tuple[int, ...]:
    return tuple(
        i
        for i, p in enumerate(supported.pillars)
        if p.lands != "pillar" and is_slender(p, supported.style) and i not in supported.steady
    )


def touching(supported: Supported) -> tuple[int, ...]:
    """Pillars that run into the part away from their marks, seen on the finished meshes layer by layer: where solid pixels of
    part and supports coincide farther from every mark than a cone grazes the skin.
    """
    from scipy.spatial import cKDTree

    if not supported.pillars:
        return ()
    x, y, low, high = overlaps_mm(supported.posed_part.fine, supported.support_columns).T
    shared = np.concatenate([np.stack([x, y, z], axis=1) for z in (low, (low + high) / 2, high)])
    deep = shared[cKDTree(marks(supported)[0]).query(shared)[0] > GRAZE_MM] if len(shared) else shared
    thinned = deep[:: max(len(deep) // MOST_TOUCHES, 1)]
    return tuple(sorted(set(_nearest_pillar(thinned, supported.pillars).tolist())))


def _nearest_pillar(points: Floats, pillars: Sequence[Pillar]) -> NDArray[np.int64]:
    """The pillar whose axis passes nearest each point."""
    axes = np.array([[p.tip, p.joint, p.knee, p.foot] for p in pillars])
    near = np.full((len(points), len(pillars)), np.inf)
    for part in range(3):
        start, way = axes[:, part], axes[:, part + 1] - axes[:, part]
        along = ((points[:, None] - start) * way).sum(axis=2) / np.maximum((way**2).sum(axis=1), 1e-12)
        foot = start + np.clip(along, 0, 1)[..., None] * way
        near = np.minimum(near, np.linalg.norm(points[:, None] - foot, axis=2))
    return np.asarray(near.argmin(axis=1))


def marks(supported: Supported) -> tuple[Floats, Floats, Floats]:
    """Every mark on the part: places (n, 3), areas in mm² (n,), and how much each is seen 0..1 (n,)."""
    places = [p.tip for p in supported.pillars] + [p.foot for p in supported.pillars if p.lands == "part"]
    sizes = [p.tip_mm for p in supported.pillars] + [p.tip_mm for p in supported.pillars if p.lands == "part"]
    points, size = np.array(places).reshape(-1, 3), np.array(sizes)
    shown = supported.posed_part.fields.show[supported.posed_part.face_at(points)] if len(points) else np.zeros(0)
    return points, np.pi * size**2 / 4, shown


def scar_bill(supported: Supported) -> tuple[float, float]:
    """Area of marks weighed by how much they are seen, mm², and minutes of cutting and filing all of them."""
    _, area, shown = marks(supported)
    size = np.sqrt(4 * area / np.pi)
    seconds = (FILE_S + FILE_S_PER_MM * size) * (1 + shown)
    on_part = sum(p.lands == "part" for p in supported.pillars)
    return float(area @ shown), float(seconds.sum() + PRY_S * on_part) / 60


@dataclass(frozen=True)
class MeshPrintCheck:
    """A mesh with its supports judged as one solid: islands, overhang beyond reach, cups and its weakest section."""

    islands: tuple[Island, ...]
    unsupported_mm2: float
    cups: tuple[Cup, ...]
    weakest: WeakestSection
    peak_mm2: float  # of its layers, the largest

    @property
    def description(self) -> str:
        born = f"{counted(len(self.islands), 'place')} in mid-air" + (
            f", the first at {min(i.z_mm for i in self.islands):.1f} mm" if self.islands else ""
        )
        sealed = [c for c in self.cups if is_significant_cup(c)]
        return (
            f"As a print: {born}; {self.weakest.description}; {self.unsupported_mm2:.0f} mm² beyond reach; "
            f"{counted(len(sealed), 'cup')}."
        )


def check_mesh_print(mesh: Mesh, machine: Machine, resin: Resin) -> MeshPrintCheck:
    """Ready-supported parts, and our own: no word of who placed what."""
    columns = solid_columns(mesh.triangles, CHECK_MM, CHECK_MM)
    grown = sections(columns)
    return MeshPrintCheck(
        tuple(islands(columns)),
        overhang_mm2(columns, resin.reach_mm),
        tuple(cups(columns)),
        weakest_section(grown, machine, resin),
        float(grown.of_layers(grown.area_mm2).max(initial=0.0)),
    )
