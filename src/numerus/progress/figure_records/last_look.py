"""The last look round a painted figure before varnish closes it: skin nothing painted, strokes that are missing, and what Build left in sight.

Each place with how it is seen round the table and the ways to deal with it, leaving it among them. Minutes are defaults.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.flaws import HIDDEN, LEAVE, SCAR, SEAM, STAIRS, Flaw, Way
from numerus.domain.painting.zones import UNNAMED
from numerus.geometry.mesh import Floats, Mesh, merged, xyz
from numerus.geometry.rays import RayScene
from numerus.progress.standing import FigureStanding
from numerus.surface.fields.exposure import table_exposure
from numerus.surface.zones import ZonedMesh

VIEWS = {"front": 0.0, "left": 90.0, "back": 180.0, "right": 270.0}
"""The walk round a figure: degrees it is turned about the vertical."""
UNPAINTED = "not painted"
IN_SIGHT = (HIDDEN, SCAR, SEAM, STAIRS)  # of what Build looks at, what can still be seen through paint
LOOKED = 200  # places of a zone that tell whether it is seen
LEAST_MM2, LEAST_SEEN = 2.0, 0.02  # skin in sight that is worth a word
SPOT_MIN = 1.5  # (default) to paint a spot again over what was mended
PAINTED_OVER = {
    HIDDEN: (
        Way("reach in with a long thin brush", 1.0, 0.0, 1, "steady both hands"),
        Way(LEAVE, costs="reads as shade"),
    ),
    SCAR: (
        Way("scrape, prime and paint the spot", 1.0 + SPOT_MIN, 20.0, 2, "a blade, away from fingers"),
        Way(LEAVE, costs="varnish makes it shine"),
    ),
    SEAM: (
        Way("run thin glue in, paint the spot", 1.5 + SPOT_MIN, 20.0, 2, "glue fogs varnish: before it"),
        Way(LEAVE, costs="shaded dark it reads as a fold"),
    ),
    STAIRS: (
        Way("glaze the mid-tone over it", SPOT_MIN, 10.0, 1, "thin, or it fills detail"),
        Way(LEAVE, costs="matt varnish quiets it"),
    ),
}
"""What is done about a place once it is painted."""


def last_flaws(
    found: Sequence[Flaw], figure: FigureStanding, parts: Mapping[str, ZonedMesh], names: Mapping[str, str]
) -> list[Flaw]:
    """Places of a painted figure, what is seen most first. ``found``: those of Build; ``parts`` by slot as they stand together;
    ``names`` of zones by id.
    """
    kept = [replace(f, ways=PAINTED_OVER[f.kind]) for f in found if f.kind in IN_SIGHT and f.seen >= LEAST_SEEN]
    listed = [*_unpainted(figure, parts, names), *kept]
    return sorted(listed, key=lambda f: (f.kind != UNPAINTED, -f.seen * min(f.size_mm, 1.0), f.key))


def _unpainted(figure: FigureStanding, parts: Mapping[str, ZonedMesh], names: Mapping[str, str]) -> list[Flaw]:
    """Zones in sight with strokes missing, or that no recipe paints, and skin of no zone."""
    whole = merged([p.mesh.bare() for p in parts.values()])
    zone, part = _zones(parts)
    flaws, scene = [], RayScene(whole)
    for name, own in sorted((n, np.flatnonzero(zone == n)) for n in set(zone.tolist())):
        words = _missing(figure, name, names)
        if words:
            flaws += _at_its_most_seen(name, own, words, whole, scene, list(parts), part)
    return flaws


def _zones(parts: Mapping[str, ZonedMesh]) -> tuple[NDArray[np.str_], NDArray[np.int64]]:
    """The zone of every vertex of all parts, "" for none, and which part it is of."""
    own = [np.array([*p.zones, *[""] * (UNNAMED + 1 - len(p.zones))])[p.vertex_labels] for p in parts.values()]
    counts = [len(o) for o in own]
    return np.concatenate(own), np.repeat(np.arange(len(counts)), counts)


def _missing(figure: FigureStanding, zone: str, names: Mapping[str, str]) -> str:
    """What is missing on a zone, "" for nothing."""
    if not zone:
        return "skin of no zone: it is still primer"
    wanted = [s for s in figure.strokes if s.zone == zone]
    if not wanted:
        return f"{names.get(zone, zone)}: no recipe paints it"
    left = [s.step.name.lower() for s in wanted if s.key not in figure.painted]
    return f"{names.get(zone, zone)}: {', '.join(left)} missing" if left else ""


def _at_its_most_seen(
    zone: str, own: NDArray[np.int64], words: str, whole: Mesh, scene: RayScene, slots: Sequence[str],
    part: NDArray[np.int64],
) -> list[Flaw]:  # fmt: skip
    """A place for it, where it is seen most; none where nobody sees it."""
    some = own[:: max(len(own) // LOOKED, 1)]
    seen: Floats = table_exposure(whole, whole.vertices[some], whole.vertex_normals[some], scene)
    area = float(whole.vertex_areas_mm2[own].sum())
    if seen.max() < LEAST_SEEN or area < LEAST_MM2:
        return []
    at = some[int(np.argmax(seen))]
    ways = (Way("paint it now", SPOT_MIN, 20.0, 1, "before varnish"), Way(LEAVE, costs="it stays as it is"))
    told = f"{words}, {area / 100:.1f} cm²" if area >= 100 else f"{words}, {area:.0f} mm²"
    return [
        Flaw(
            f"{UNPAINTED} {zone}", UNPAINTED, slots[part[at]], xyz(whole.vertices[at], 2), float(np.sqrt(area)), float(seen.max()), told,
            ways, xyz(whole.vertex_normals[at], 3),
        )
    ]  # fmt: skip
