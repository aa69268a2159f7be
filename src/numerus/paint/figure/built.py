"""A figure of the army made ready for paint: its parts as one skin with its fields, worked out once and kept."""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import encoded
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.painting.zones import UNNAMED
from numerus.errors import Progress
from numerus.geometry.coarser import coarser
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import Camera
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.shot import Figure, Shot
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import can_be_mixed
from numerus.surface.fields.coarse_fields import coarse_fields
from numerus.surface.fields.in_threads import in_threads
from numerus.surface.fields.painting_fields import (
    BRUSHED_RIDGE_MM,
    PaintingFields,
    packed_painting_fields,
    painting_fields,
    unpacked_painting_fields,
)
from numerus.surface.zones import ZonedMesh

FORM = 2  # of what is kept
MOST_KNOWN, MOST_SHOTS = 120, 4
SKETCHED, FEWEST = 16_000, 400  # cells of the skin a sketch is told by, and of its least part
CLOSED_LIGHT = 0.5  # light in a place that is not open at all, of one that is


@dataclass(frozen=True, eq=False)
class Built:
    """A figure as its painting sees it, its zones by number; the parts it is of, in order; light of zones once worked out."""

    figure: Figure
    zones: tuple[str, ...]
    parts: tuple[Mesh, ...]
    known: dict[tuple[object, ...], Floats] = field(default_factory=dict)
    shots: dict[tuple[object, ...], Shot] = field(default_factory=dict)

    def shot(self, camera: Camera, width: int, height: int, finer: int) -> Shot:
        """What a camera sees of it; the last few are kept with what was painted on them."""
        key = (camera, width, height, finer)
        if key not in self.shots:
            while len(self.shots) >= MOST_SHOTS:
                self.shots.pop(next(iter(self.shots)))
            self.shots[key] = Shot(self.figure, camera, width, height, finer)
        return self.shots[key]

    @property
    def counts(self) -> tuple[int, ...]:
        """Vertices of each part."""
        return tuple(len(p.vertices) for p in self.parts)

    def zone_light(self, number: int, steps: Sequence[RecipeStep], rack: Rack, primer: Primer) -> Floats:
        """Linear light of a zone's vertices (n, 3) by its strokes; the same is not worked out twice."""
        key = painted_key(number, steps, rack, primer)
        if key not in self.known:
            if len(self.known) > MOST_KNOWN:
                self.known.clear()
            own = self.figure.places.some(np.flatnonzero(self.figure.vertex_zone == number))
            self.known[key] = painted_zone(steps, rack, primer, own).light()
        return self.known[key]


def painted_key(number: int, steps: Sequence[RecipeStep], rack: Rack, primer: Primer) -> tuple[object, ...]:
    """All that the paint of a zone, by number, depends on beside its places."""
    pots = tuple(rack.paints[p] for s in steps if can_be_mixed(s, rack) for p in rack.shares(s.mix))
    mixes = tuple(rack.mixes[p] for s in steps for p, _ in s.mix if p in rack.mixes)
    upper = b"" if primer.upper is None else primer.upper.tobytes()
    return number, tuple(steps), pots, mixes, primer.lower.tobytes(), upper, primer.toward


def fields_key(blobs: Sequence[str]) -> str:
    """What the fields of a build depend on: its parts' meshes, which lie in their places."""
    return f"painting {FORM} {hashlib.blake2b(' '.join(blobs).encode(), digest_size=16).hexdigest()}"


def sketched_figure(zoned: Sequence[ZonedMesh]) -> Built:
    """A figure ready to be looked at, of fewer vertices where it has very many, with coarse fields, while its own are worked out."""
    whole = sum(len(z.mesh.vertices) for z in zoned)
    if whole < 2 * SKETCHED:
        return _assembled(zoned, coarse_fields)
    with in_threads(lambda z: _lighter(z, SKETCHED * len(z.mesh.vertices) // whole), zoned, 2) as lighter:
        return _assembled(list(lighter), coarse_fields)


def _lighter(zoned: ZonedMesh, cells: int) -> ZonedMesh:
    """A part of fewer vertices."""
    few, _, faces = coarser(zoned.mesh, max(cells, FEWEST))
    return ZonedMesh(few, zoned.zones, zoned.labels[faces])


def _assembled(zoned: Sequence[ZonedMesh], fields_of: Callable[[Mesh], PaintingFields]) -> Built:
    """One mesh of all parts with its fields, each face's zone by number."""
    zones = tuple(dict.fromkeys(zone for z in zoned for zone in z.zones))
    numbers = np.concatenate([_numbers(z, zones) for z in zoned])
    mesh = merged([z.mesh for z in zoned])
    return Built(Figure(mesh, fields_of(mesh), numbers), zones, tuple(z.mesh for z in zoned))


def built_figure(zoned: Sequence[ZonedMesh], kept: bytes | None, progress: Progress) -> tuple[Built, bytes | None]:
    """A figure ready for paint, and its fields to be kept where they were not. Raises Cancelled."""
    counts = tuple(len(z.mesh.vertices) for z in zoned)
    known = unpacked_painting_fields(kept, sum(counts)) if kept else None

    def anew(mesh: Mesh) -> PaintingFields:
        return painting_fields(
            mesh, ridge_mm=BRUSHED_RIDGE_MM, progress=lambda share: progress(0.3 * share), parts=counts
        )

    built = _assembled(zoned, lambda mesh: known or anew(mesh))
    return built, None if known else packed_painting_fields(built.figure.fields)


def _numbers(zoned: ZonedMesh, zones: tuple[str, ...]) -> NDArray[np.int64]:
    """Each face's zone by its number among all, -1 for none."""
    table = np.full(256, -1)
    for label, zone in enumerate(zoned.zones):
        table[label] = zones.index(zone)
    table[UNNAMED] = -1
    return table[zoned.labels]


def painted_vertices(
    built: Built, recipes: Mapping[str, Sequence[RecipeStep]], rack: Rack, primer: Primer
) -> list[NDArray[np.uint8]]:
    """Colours of every part's vertices, uint8 (n, 3) each, by the strokes of each zone; darker where little light comes."""
    figure = built.figure
    linear = np.zeros((len(figure.mesh.vertices), 3))
    for number in np.unique(figure.vertex_zone):
        own = np.flatnonzero(figure.vertex_zone == number)
        steps = recipes.get(built.zones[number], ()) if number >= 0 else ()
        linear[own] = built.zone_light(int(number), steps, rack, primer)
    shade = CLOSED_LIGHT + (1 - CLOSED_LIGHT) * np.asarray(figure.fields.openness, float)[:, None]
    painted = np.round(255 * encoded(np.clip(linear * shade, 0, 1))).astype(np.uint8)
    return np.split(painted, np.cumsum(built.counts)[:-1])
