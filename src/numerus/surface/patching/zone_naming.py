"""Naming zones on a built figure: patches by clicking, all of it from seeds, other parts of the kit by what lies in the same place."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.domain.painting.zones import UNNAMED
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.surface.patching.patches import Patches, Seed, face_at, grown, patches_of
from numerus.surface.zones import ZonedMesh

NEAR_MM = 3.0  # votes from further away count hardly
MOST_VOTERS = 40_000
SAME_SHARE = 2e-3  # of an edge's length: what rounding in a file or in the book may do


@dataclass(frozen=True, eq=False)
class PatchedPart:
    """A part with its zones and the patches its skin falls into."""

    id: str
    zoned: ZonedMesh
    patches: Patches

    @property
    def unnamed_mm2(self) -> float:
        return float(self.zoned.mesh.areas_mm2[self.zoned.labels == UNNAMED].sum())

    def patch_at(self, face: int) -> NDArray[np.bool_]:
        """Faces of the patch a face belongs to."""
        return self.patches.labels == self.patches.labels[face]


def patched(part_id: str, zoned: ZonedMesh) -> PatchedPart:
    return PatchedPart(part_id, zoned, patches_of(zoned.mesh))


def with_zone(zoned: ZonedMesh, faces: NDArray[np.bool_], zone_id: str) -> ZonedMesh:
    """The mesh with some faces in a zone, "" for in none."""
    zones = zoned.zones if not zone_id or zone_id in zoned.zones else (*zoned.zones, zone_id)
    label = zones.index(zone_id) if zone_id else UNNAMED
    return replace(zoned, zones=zones, labels=np.where(faces, label, zoned.labels).astype(np.uint8))


def part_at(parts: Sequence[PatchedPart], place: Floats) -> tuple[int, int]:
    """The part whose skin is nearest to a place, and its face there."""
    candidates = []
    for number, part in enumerate(parts):
        low, high = part.zoned.mesh.bounds_mm
        if np.all(place > low - 0.5) and np.all(place < high + 0.5):
            face = face_at(part.zoned.mesh, (float(place[0]), float(place[1]), float(place[2])))
            corners = part.zoned.mesh.triangles[face]
            normal = part.zoned.mesh.normals[face]
            candidates.append((abs(float((place - corners[0]) @ normal)), number, face))
    if not candidates:
        return 0, face_at(parts[0].zoned.mesh, (float(place[0]), float(place[1]), float(place[2])))
    _, number, face = min(candidates)
    return number, face


def named_at(parts: Sequence[PatchedPart], places: Sequence[Floats], zone_id: str) -> dict[str, ZonedMesh]:
    """Parts whose patches under the places got a zone, by id; "" takes it back."""
    changed: dict[str, ZonedMesh] = {}
    for place in places:
        number, face = part_at(parts, place)
        part = parts[number]
        changed[part.id] = with_zone(changed.get(part.id, part.zoned), part.patch_at(face), zone_id)
    return changed


def grown_over(parts: Sequence[PatchedPart], seeds: Sequence[Seed]) -> dict[str, ZonedMesh]:
    """All skin of the parts by seeds, by part id; zones are ids."""
    whole, counts = merged([p.zoned.mesh.bare() for p in parts]), [len(p.zoned.mesh.faces) for p in parts]
    names, labels = grown(whole, patches_of(whole), seeds)
    spread, start = {}, 0
    for part, count in zip(parts, counts, strict=True):
        own = labels[start : start + count]
        spread[part.id] = ZonedMesh(part.zoned.mesh, names, own.astype(np.uint8))
        start += count
    return spread


@dataclass(frozen=True, eq=False)
class Proposal:
    """Zones proposed for a part that has none, and what share of the votes agree; nobody measured how often such are right
    until some were accepted or refused. ``exact``: it is the same shape as one that is named, mirrored or scaled perhaps.
    """

    part_id: str
    zoned: ZonedMesh
    agree: float
    exact: bool = False


def same_shape(one: Mesh, other: Mesh) -> bool:
    """Whether two meshes are the same face by face, turned, mirrored or scaled: every edge in one proportion."""
    if one.faces.shape != other.faces.shape or not len(one.faces):
        return False
    lengths = [np.linalg.norm(np.roll(m.triangles, -1, axis=1) - m.triangles, axis=2).ravel() for m in (one, other)]
    factor = float(np.median(lengths[1])) / max(float(np.median(lengths[0])), 1e-9)
    if _alike(lengths[0] * factor, lengths[1]):
        return True
    turned = lengths[0].reshape(-1, 3)[:, ::-1]  # a mirrored copy may list corners the other way round
    return any(_alike(np.roll(turned, k, axis=1).ravel() * factor, lengths[1]) for k in range(3))


def _alike(one: Floats, other: Floats) -> bool:
    return bool(np.all(np.abs(one - other) <= SAME_SHARE * np.maximum(other, np.median(other))))


def carried_over(named: Sequence[ZonedMesh], part_id: str, mesh: Mesh) -> Proposal | None:
    """Zones of a part from named ones that stand in the same place of the figure, or mirrored: each patch by its faces' votes."""
    from scipy.spatial import cKDTree

    twin = next((n for n in named if same_shape(n.mesh, mesh)), None)
    if twin is not None and (twin.labels != UNNAMED).any():
        return Proposal(part_id, ZonedMesh(mesh, twin.zones, twin.labels), 1.0, True)
    whole = merged([n.mesh.bare() for n in named])
    voted = np.concatenate([_ids(n) for n in named])
    known = voted != ""
    if not known.any():
        return None
    centre = whole.triangles.mean(axis=1)[known]
    chosen = np.linspace(0, len(centre) - 1, min(len(centre), MOST_VOTERS)).astype(int)
    tree, votes = cKDTree(centre[chosen]), voted[known][chosen]
    asked = mesh.triangles.mean(axis=1)
    ways = [tree.query(asked * mirror, workers=2) for mirror in (np.ones(3), np.array([-1.0, 1, 1]))]
    far, index = min(ways, key=lambda w: float(np.median(w[0])))
    zones = tuple(dict.fromkeys(votes))
    number = {z: n for n, z in enumerate(zones)}
    vote = np.array([number[z] for z in votes])[index]
    return _by_patches(part_id, mesh, zones, vote, mesh.areas_mm2 / (1 + (far / NEAR_MM) ** 2))


def _by_patches(part_id: str, mesh: Mesh, zones: tuple[str, ...], vote: NDArray[np.int64], weight: Floats) -> Proposal:
    patches = patches_of(mesh)
    held = np.zeros((len(patches), len(zones)))
    np.add.at(held, (patches.labels, vote), weight)
    labels = held.argmax(axis=1)[patches.labels].astype(np.uint8)
    agree = float(held.max(axis=1).sum() / max(held.sum(), 1e-12))
    return Proposal(part_id, ZonedMesh(mesh, zones, labels), agree)


def _ids(zoned: ZonedMesh) -> NDArray[np.str_]:
    """Zone id of every face, "" for none."""
    table = np.array([*zoned.zones, *[""] * (256 - len(zoned.zones))])
    return np.asarray(table[zoned.labels])


def areas_cm2(parts: Sequence[PatchedPart]) -> Mapping[str, float]:
    """cm² of each zone over the parts; "" is what has none."""
    total: dict[str, float] = {}
    for part in parts:
        held = np.bincount(part.zoned.labels, part.zoned.mesh.areas_mm2 / 100, 256)
        for label in np.flatnonzero(held):
            zone = part.zoned.zones[label] if label < len(part.zoned.zones) else ""
            total[zone] = total.get(zone, 0.0) + float(held[label])
    return total


BINS = (0.0, 0.7, 0.8, 0.9, 0.95, 1.01)  # of agreeing votes, within which right and wrong are counted together
Counted = tuple[tuple[int, int], ...]
"""Of each bin how many proposals were accepted and how many were refused."""


def none_counted() -> Counted:
    return ((0, 0),) * (len(BINS) - 1)


def counted_with(counts: Counted, agree: float, accepted: bool) -> Counted:
    """The counts with one proposal more."""
    own = _bin(agree)
    return tuple((a + accepted, r + (not accepted)) if n == own else (a, r) for n, (a, r) in enumerate(counts))


def share_right(counts: Counted, agree: float) -> tuple[float, int]:
    """How often proposals with such votes were right, 0..1, and of how many that is told (Laplace's rule of succession)."""
    accepted, refused = counts[_bin(agree)]
    return (accepted + 1) / (accepted + refused + 2), accepted + refused


def _bin(agree: float) -> int:
    return int(np.searchsorted(BINS, agree, side="right")) - 1
