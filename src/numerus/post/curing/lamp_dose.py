"""The light each place of parts gets under lamps while they turn: J/cm² from each lamp's power, distance, angle and shadow.

Lamps are points with mW/sr that fall off as a cosine's power from where they look; walls give a share of all light back from
everywhere. Parts turn about the vertical through the origin, lamps stand.
"""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, replace

import numpy as np

from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.surface.fields.painting_fields import sphere_directions

STEADY_STEPS = 48  # stops that stand for a steady turn
OFF_MM = 0.02
WALL_DIRECTIONS = 64
CM2_A_MM2 = 0.01
SAME_PLACE = 6  # decimals by which places are one


@dataclass(frozen=True)
class Lamp:
    """A point of light: mW/sr straight ahead, times the cosine to the ``exponent`` aside, none behind."""

    at_mm: tuple[float, float, float]
    mw_per_sr: float
    exponent: float
    toward: tuple[float, float, float]


@dataclass(frozen=True)
class Station:
    """Lamps round a table. ``steps``: equal stops of a turn, 0 for steadily; ``turns``: whether it turns at all;
    ``reflect``: share of the light that walls give back, 0..1. Resin is cured by the target and brittle from ``brittle_j_per_cm2`` on.
    """

    lamps: tuple[Lamp, ...]
    turns: bool = True
    steps: int = 0
    reflect: float = 0.0
    target_j_per_cm2: float = 1.2
    brittle_j_per_cm2: float = 8.0


@dataclass(frozen=True, eq=False)
class Skin:
    """Places of skin: points and normals (n, 3), mm² each stands for (n,)."""

    points: Floats
    normals: Floats
    mm2: Floats


def skin_of(mesh: Mesh) -> Skin:
    """Every vertex, with a third of the faces about it."""
    return Skin(mesh.vertices, mesh.vertex_normals, mesh.vertex_areas_mm2)


def dose_j_per_cm2(mesh: Mesh, station: Station, minutes: float) -> Floats:
    """J/cm² at every vertex (n,) after so many minutes; ∫ Σ I cosᵐ cos / r² · free · dt over the stops of a turn."""
    return minutes * dose_a_minute(skin_of(mesh), RayScene(mesh), station)


def dose_a_minute(
    skin: Skin, scene: RayScene, station: Station, steady_steps: int = STEADY_STEPS, progress: Progress = lambda _: True
) -> Floats:
    """J/cm² a minute at places of skin (n,), shaded by all of a scene. Raises Cancelled."""
    stops = _stops(station, steady_steps)
    lamps, total = _seen_over(station, stops), np.zeros(len(skin.points))
    with ThreadPoolExecutor(2) as pool:  # in order, so that sums are the same whatever the threads do
        for number, dose in enumerate(pool.map(lambda lamp: _from_lamp(skin.points, skin.normals, lamp, scene), lamps)):
            total += dose
            if not progress((number + 1) / len(lamps)):
                pool.shutdown(cancel_futures=True)
                raise Cancelled
    direct = total / len(stops) * 60 * 1e-3  # mW/cm² · s are 1e-3 J/cm²
    return direct + _from_walls(skin, scene, direct, station.reflect)


def _seen_over(station: Station, stops: Floats) -> list[Lamp]:
    """Every place a lamp is seen at over a turn, once: where several lamps come by, with the light of all of them."""
    seen: dict[tuple[float, ...], Lamp] = {}
    for turn in stops:
        for lamp in (_turned_back(lamp, turn) for lamp in station.lamps):
            place = *np.round(lamp.at_mm, SAME_PLACE), *np.round(lamp.toward, SAME_PLACE), lamp.exponent
            here = seen.get(place)
            seen[place] = replace(lamp, mw_per_sr=lamp.mw_per_sr + (here.mw_per_sr if here else 0.0))
    return list(seen.values())


def _stops(station: Station, steady_steps: int) -> Floats:
    """Angles the table stands at, radians."""
    if not station.turns:
        return np.zeros(1)
    many = station.steps or steady_steps
    return np.arange(many) * 2 * np.pi / many


def _turned_back(lamp: Lamp, turn: float) -> Lamp:
    """The lamp as parts turned by ``turn`` see it from where they stood."""
    cos, sin = np.cos(-turn), np.sin(-turn)
    turned = [
        tuple(float(v) for v in (cos * p[0] - sin * p[1], sin * p[0] + cos * p[1], p[2]))
        for p in (lamp.at_mm, lamp.toward)
    ]
    return Lamp(turned[0], lamp.mw_per_sr, lamp.exponent, turned[1])  # type: ignore[arg-type]


def _from_lamp(points: Floats, normals: Floats, lamp: Lamp, scene: RayScene) -> Floats:
    """mW/cm² at each point (n,), nothing between."""
    way = np.asarray(lamp.at_mm) - points
    far = np.linalg.norm(way, axis=1)
    way = way / np.maximum(far, 1e-9)[:, None]
    look = np.asarray(lamp.toward, float) / max(float(np.linalg.norm(lamp.toward)), 1e-9)
    facing, aside = np.einsum("ij,ij->i", way, normals), np.clip(-(way @ look), 0, 1)
    ask = np.flatnonzero((facing > 0) & (aside > 0))
    start = points[ask] + OFF_MM * normals[ask]
    clear = ~_blocked_before(scene, start, np.asarray(lamp.at_mm))
    reaching = np.zeros(len(points))
    power = lamp.mw_per_sr * aside[ask] ** lamp.exponent * facing[ask] / (far[ask] ** 2 * CM2_A_MM2)
    reaching[ask] = power * clear
    return reaching


def _blocked_before(scene: RayScene, start: Floats, lamp: Floats):  # type: ignore[no-untyped-def]
    """Whether anything stands between each start (n, 3) and the lamp; what stands behind the lamp does not count."""
    way = lamp - start
    far = np.linalg.norm(way, axis=1)
    return scene.blocked(start, way / np.maximum(far, 1e-9)[:, None], far)


def _from_walls(skin: Skin, scene: RayScene, direct: Floats, reflect: float) -> Floats:
    """What walls give back: the share of the mean that falls on the skin, from everywhere, as far as a place is open."""
    if reflect <= 0:
        return np.zeros(len(direct))
    mean = float((direct * skin.mm2).sum() / max(skin.mm2.sum(), 1e-12))
    normals, open_, asked = skin.normals, np.zeros(len(direct)), np.zeros(len(direct))
    start = skin.points + OFF_MM * normals
    for way in sphere_directions(WALL_DIRECTIONS):
        facing = normals @ way
        ask = np.flatnonzero(facing > 0)
        asked[ask] += facing[ask]
        open_[ask] += facing[ask] * ~scene.blocked(start[ask], np.broadcast_to(way, (len(ask), 3)))
    return reflect * mean * open_ / np.maximum(asked, 1e-9)


def under_target_mm2(mesh: Mesh, dose: Floats, target: float) -> float:
    """mm² of skin whose mean dose over a face is under the target."""
    return float(mesh.areas_mm2[dose[mesh.faces].mean(axis=1) < target].sum())
