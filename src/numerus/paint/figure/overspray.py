"""What a spray hits besides the zone it is meant for: cone, distance and shadow on the figure as it stands."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from numerus.geometry.mesh import Floats
from numerus.paint.figure.built import Built

CONE_DEG, DISTANCE_MM = 15.0, 60.0  # (default) of a small airbrush: half angle, and how far it is held
LEAST_MM2 = 3.0  # of a zone that is worth a word
TAPE_MIN, PUTTY_MIN, TOUCH_UP_MIN_CM2 = 4.0, 2.5, 1.2  # (default) masks a figure; brushed anew a cm² that was hit


@dataclass(frozen=True)
class Overspray:
    """mm² of a zone that a spray meant for another hits."""

    zone: str
    mm2: float


def overspray(
    built: Built, zone: str, toward: Floats, distance_mm: float = DISTANCE_MM, cone_deg: float = CONE_DEG
) -> list[Overspray]:
    """Other zones a spray from ``toward`` (3,) hits while it goes over all of a zone that faces it, the most first.

    The nozzle stands ``distance_mm`` from each place of the zone in turn (as many as are told apart); a place of another zone is
    hit where some cone has it inside, it faces the nozzle and nothing stands between.
    """
    figure, number = built.figure, built.zones.index(zone)
    way = np.asarray(toward, float) / max(float(np.linalg.norm(toward)), 1e-9)
    places, normals, free = figure.mesh.vertices, figure.mesh.vertex_normals, ~figure.fields.inside
    aims = np.flatnonzero((figure.vertex_zone == number) & (normals @ way > 0.2) & free)
    others = np.flatnonzero((figure.vertex_zone != number) & (figure.vertex_zone >= 0) & free)
    hit = np.zeros(len(places), bool)
    for aim in _spread(places[aims], distance_mm * np.tan(np.radians(cone_deg)) / 2):
        nozzle = aim + distance_mm * way
        _mark(hit, others, figure, nozzle, way, np.cos(np.radians(cone_deg)))
    area = np.bincount(figure.vertex_zone[hit], figure.mesh.vertex_areas_mm2[hit], len(built.zones))
    oversprays = [Overspray(built.zones[n], float(mm2)) for n, mm2 in enumerate(area) if mm2 >= LEAST_MM2]
    return sorted(oversprays, key=lambda o: -o.mm2)


def _spread(places: Floats, apart_mm: float) -> Floats:
    """One place of each cell of a grid, so that aims stand about so far apart."""
    if not len(places):
        return places
    _, first = np.unique(np.floor(places / apart_mm).astype(np.int64), axis=0, return_index=True)
    return places[np.sort(first)]


def _mark(hit, others, figure, nozzle: Floats, way: Floats, least_cos: float) -> None:  # type: ignore[no-untyped-def]
    """Tell which of the others one cone reaches."""
    ask = others[~hit[others]]
    to = nozzle - figure.mesh.vertices[ask]
    far = np.linalg.norm(to, axis=1)
    to /= np.maximum(far, 1e-9)[:, None]
    inside = (to @ way >= least_cos) & (np.einsum("ij,ij->i", to, figure.mesh.vertex_normals[ask]) > 0.1)
    ask, to = ask[inside], to[inside]
    start = figure.mesh.vertices[ask] + 0.05 * figure.mesh.vertex_normals[ask]
    hit[ask[~figure.scene.blocked(start, np.ascontiguousarray(to))]] = True


def masks_words(oversprays: list[Overspray], names: Mapping[str, str], finished: set[str]) -> str:
    """What to do about finished zones that would be hit: earlier, a mask, or touching up; "" where none is."""
    harmed = [o for o in oversprays if o.zone in finished]
    if not harmed:
        return ""
    cm2 = sum(o.mm2 for o in harmed) / 100
    hits = ", ".join(f"{names.get(o.zone, o.zone)} {o.mm2 / 100:.1f} cm²" for o in harmed[:3])
    return (
        f"Overspray on {hits}: spray it before them, or mask (tape {TAPE_MIN:g} min, lifts what is not dry; putty {PUTTY_MIN:g} min), "
        f"or touch up, {cm2 * TOUCH_UP_MIN_CM2:.0f} min a figure (defaults)."
    )
