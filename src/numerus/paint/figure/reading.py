"""How a painted figure reads: what is left of it across the table, where eyes go, what each zone's paint is worth there."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import lab_of_xyz
from numerus.colour.observer import SRGB_TO_XYZ
from numerus.colour.sight import FULL, TABLE_MM, blur_sigma_mm, seen_by
from numerus.geometry.mesh import Floats
from numerus.paint.figure.built import Built
from numerus.paint.figure.shot import Shot
from numerus.surface.fields.painting_fields import layer_step_um

MORE_WORK, LESS_WORK = "more work than is seen", "seen more than worked on"
TIMID, OVERDONE = 9.0, 55.0  # (default) L* between a zone's darkest and lightest twentieth across the table


@dataclass(frozen=True, eq=False)
class Reading:
    """A figure at a distance: linear light (h, w, 3) and how far the figure covers each pixel (h, w); L* (h, w) there, its local
    contrast (h, w) in L* a mm; by zone the share of all contrast, and of the picture's figure; darkest and lightest twentieth, L*.
    """

    linear: Floats
    cover: Floats
    value: Floats
    contrast: Floats
    drawn: Mapping[str, float]
    shown: Mapping[str, float]
    spans: Mapping[str, tuple[float, float]]


def reading(
    shot: Shot,
    linear: Floats,
    zones: tuple[str, ...],
    distance_mm: float = TABLE_MM,
    sight: str = FULL,
    ground: float = 0.35,
) -> Reading:
    """Linear light (s, 3) of a shot's samples as it reads from ``distance_mm`` (0: close up), before a ground of that light."""
    from scipy.ndimage import gaussian_filter, sobel

    light, cover = shot.pixels(linear)
    sigma = blur_sigma_mm(distance_mm) / mm_a_pixel(shot)
    behind = light + (1 - cover)[..., None] * ground
    seen = seen_by(np.stack([gaussian_filter(behind[..., k], sigma) for k in range(3)], axis=-1), sight)
    value = lab_of_xyz(seen @ SRGB_TO_XYZ.T)[..., 0]
    steep = np.hypot(sobel(value, 0), sobel(value, 1)) / 8 / mm_a_pixel(shot)
    zone = _zone_of_pixels(shot)
    inside = cover > 0.5
    contrast = np.where(inside, steep, 0.0)
    drawn, shown, spans = _by_zone(zone, inside, contrast, value, zones)
    return Reading(seen, cover, value, contrast, drawn, shown, spans)


def mm_a_pixel(shot: Shot) -> float:
    return shot.camera.height_mm / shot.height


def _zone_of_pixels(shot: Shot) -> NDArray[np.int64]:
    """The zone of a sample of each pixel, -1 where there is none."""
    wide = shot.width * shot.finer
    zones = np.full(shot.height * shot.width, -1)
    row, column = shot.hit // wide // shot.finer, shot.hit % wide // shot.finer
    zones[row * shot.width + column] = shot.zone
    return zones.reshape(shot.height, shot.width)


def _by_zone(zone, inside, contrast: Floats, value: Floats, zones: tuple[str, ...]):  # type: ignore[no-untyped-def]
    drawn, shown, spans = {}, {}, {}
    all_contrast, all_pixels = max(float(contrast.sum()), 1e-9), max(int(inside.sum()), 1)
    for number, name in enumerate(zones):
        own = inside & (zone == number)
        if own.any():
            drawn[name], shown[name] = float(contrast[own].sum()) / all_contrast, int(own.sum()) / all_pixels
            low, high = np.percentile(value[own], (5, 95))
            spans[name] = float(low), float(high)
    return drawn, shown, spans


def drawn_on(shot: Shot, read: Reading, flawed: NDArray[np.bool_], zones: tuple[str, ...]) -> dict[str, float]:
    """Share of all contrast that lies on flawed pixels (h, w), by zone, the most first."""
    zone, whole = _zone_of_pixels(shot), max(float(read.contrast.sum()), 1e-9)
    on_flaws = np.where(flawed & (zone >= 0), read.contrast, 0.0)
    shares = np.bincount(np.maximum(zone, 0).ravel(), on_flaws.ravel(), len(zones)) / whole
    return dict(sorted(zip(zones, map(float, shares), strict=True), key=lambda z: -z[1]))


def stairs_um(built: Built, print_ups: Sequence[Floats], layers_mm: Sequence[float]) -> Floats:
    """Depth of the layers' stairs at every vertex (n,), each part by the way it was printed and the height of its layers, as it stands
    now.
    """
    normals = np.split(built.figure.mesh.vertex_normals, np.cumsum(built.counts)[:-1])
    printed = zip(normals, print_ups, layers_mm, strict=True)
    return np.concatenate([layer_step_um(n, up, layer) for n, up, layer in printed])


def deepest_by_zone(built: Built, stairs: Floats) -> dict[str, float]:
    """µm that a twentieth of each zone's seen skin exceeds, the deepest zone first."""
    figure = built.figure
    weight = figure.mesh.vertex_areas_mm2 * np.asarray(figure.fields.seen, float)
    deepest = {}
    for number, zone in enumerate(built.zones):
        own = np.flatnonzero((figure.vertex_zone == number) & (weight > 0))
        if len(own):
            order = own[np.argsort(stairs[own])]
            passed = np.cumsum(weight[order])
            deepest[zone] = float(stairs[order[min(int(np.searchsorted(passed, 0.95 * passed[-1])), len(order) - 1)]])
    return dict(sorted(deepest.items(), key=lambda z: -z[1]))


@dataclass(frozen=True)
class Attention:
    """A zone's share of planned minutes, of what is seen and of what draws the eye; whether eyes should go there."""

    zone: str
    minutes: float
    seen: float
    drawn: float
    focus: bool

    @property
    def verdict(self) -> str:
        """ "" where work and sight agree."""
        if self.minutes > 2 * self.seen + 0.03:
            return MORE_WORK
        if self.seen > 2 * self.minutes + 0.03:
            return LESS_WORK
        return ""


def attention(
    minutes: Mapping[str, float], seen: Mapping[str, float], drawn: Mapping[str, float], focus: set[str]
) -> list[Attention]:
    """Every zone that is seen or worked on, what draws most first."""
    whole = max(sum(minutes.values()), 1e-9)
    zones = dict.fromkeys((*seen, *minutes, *drawn))
    listed = [Attention(z, minutes.get(z, 0.0) / whole, seen.get(z, 0.0), drawn.get(z, 0.0), z in focus) for z in zones]
    return sorted(listed, key=lambda a: -a.drawn)
