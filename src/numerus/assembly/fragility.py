"""Where a part snaps: limbs by how thin they are and how far they reach, and what has broken before.

A limb is a bar fixed where it is thinnest for what hangs beyond: a force at its end bends it there, and it snaps where force times
lever over the section's modulus w t²/6 comes to what the resin bears (Gere and Goodno, Mechanics of Materials, ch. 5).
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import exp

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh, xyz
from numerus.geometry.thickness import EDGE_MM, thickness

Place = tuple[float, float, float]

THIN_MM, SHORT_MM = 0.8, 1.5  # (default) walls that may snap; what reaches no farther is no limb
BEARS_N_PER_MM2 = 55.0  # (default) bending strength of a cured resin
# (defaults) of a figure in use: knocks are as hard as this on average, and so often they meet a limb
KNOCK_N, MOST_CHANCE = 0.6, 0.4
SURE_AS_FIGURES = 5.0  # (default) the foretold chance weighs as much as so many figures seen
SAME_MM = 3.0  # breaks nearer than that are of one place
BAND_MM = 0.5  # beside a section, skin that tells how wide it is
MOST_PLACES, LEAST_PATCH_MM2 = 3, 0.2  # told of a part; thin skin that is no speck


@dataclass(frozen=True)
class Fragile:
    """A place where a part snaps: wall and width of its section, how far what hangs on it reaches, mm; ``force_n`` there snaps it (0: not
    worked out); ``broke`` of ``figures`` that have it did.
    """

    at_mm: Place
    wall_mm: float
    width_mm: float
    lever_mm: float
    force_n: float
    broke: int = 0
    figures: int = 0

    @property
    def foretold(self) -> float:
        """The chance that it snaps on one figure, by its section alone: knocks harder than it bears, exponentially fewer."""
        return MOST_CHANCE * exp(-self.force_n / KNOCK_N) if self.force_n else 0.0

    @property
    def chance(self) -> float:
        """The same with what was seen: mean of a beta distribution over what was foretold."""
        seen = max(self.figures, self.broke)
        return (SURE_AS_FIGURES * self.foretold + self.broke) / (SURE_AS_FIGURES + seen)

    @property
    def words(self) -> str:
        section = f"{self.wall_mm:.2f} mm thin, {self.lever_mm:.0f} mm from its end: {self.force_n:.1f} N there snap it"
        told = [section] if self.force_n else []
        if self.broke:
            told.append(f"broke here {'once' if self.broke == 1 else f'{self.broke} times'} on {self.figures} built")
        return ", ".join(told)


def fragile_places(mesh: Mesh) -> list[Fragile]:
    """Limbs of a part, the weakest first."""
    wall = _vertex_walls(mesh)
    edges = np.unique(
        np.sort(np.concatenate([mesh.faces[:, :2], mesh.faces[:, 1:], mesh.faces[:, ::2]]), axis=1), axis=0
    )
    thin = wall < THIN_MM
    piece = _pieces(len(mesh.vertices), edges[thin[edges[:, 0]] == thin[edges[:, 1]]])
    joins = np.unique(np.sort(piece[edges[thin[edges[:, 0]] != thin[edges[:, 1]]]], axis=1), axis=0)
    beside = _beside(joins)
    size = np.bincount(piece, mesh.vertex_areas_mm2).astype(float)
    found = [
        place
        for patch in np.unique(piece[thin])
        if size[patch] > LEAST_PATCH_MM2
        and (place := _limb(mesh, wall, piece == patch, _beyond(int(patch), beside, size, piece))) is not None
    ]
    return _apart(sorted(found, key=lambda f: f.force_n))[:MOST_PLACES]


def _apart(places: Sequence[Fragile]) -> list[Fragile]:
    """Both faces of a wall are one place: the weaker is kept."""
    kept: list[Fragile] = []
    for place in places:
        if all(np.linalg.norm(np.subtract(place.at_mm, k.at_mm)) > SAME_MM for k in kept):
            kept.append(place)
    return kept


def with_breaks(places: Sequence[Fragile], broke_at: Sequence[Place], figures: int) -> list[Fragile]:
    """Places with what broke at each of them, on so many figures; a break elsewhere is a place of its own. The likeliest first."""
    listed = [replace(p, figures=figures) for p in places]
    for at in broke_at:
        far = [float(np.linalg.norm(np.subtract(p.at_mm, at))) for p in listed]
        if far and min(far) <= SAME_MM:
            n = far.index(min(far))
            listed[n] = replace(listed[n], broke=listed[n].broke + 1)
        else:
            listed.append(Fragile(at, 0.0, 0.0, 0.0, 0.0, 1, figures))
    return sorted(listed, key=lambda p: -p.chance)


def _vertex_walls(mesh: Mesh) -> Floats:
    """The least wall of the faces about each vertex (n,)."""
    of_faces = thickness(mesh).without_edges(EDGE_MM).of_faces(len(mesh.faces))
    wall = np.full(len(mesh.vertices), np.inf)
    np.minimum.at(wall, mesh.faces.ravel(), np.repeat(of_faces, 3))
    return wall


def _pieces(count: int, edges: NDArray[np.int32]) -> NDArray[np.int32]:
    from scipy.sparse import coo_matrix
    from scipy.sparse.csgraph import connected_components

    graph = coo_matrix((np.ones(len(edges)), (edges[:, 0], edges[:, 1])), shape=(count, count))
    return np.asarray(connected_components(graph, directed=False)[1])


def _beside(joins: NDArray[np.int32]) -> dict[int, set[int]]:
    """Of each piece of skin those it borders on, from pairs (k, 2)."""
    beside: dict[int, set[int]] = {}
    for one, other in joins.tolist():
        beside.setdefault(one, set()).add(other)
        beside.setdefault(other, set()).add(one)
    return beside


def _beyond(patch: int, beside: Mapping[int, set[int]], size: Floats, piece: NDArray[np.int32]) -> NDArray[np.bool_]:
    """Vertices (n,) of a thin patch and of all that hangs on it alone: what is left of its surroundings without the largest piece."""
    around = beside.get(patch, set())
    held = max(around, key=lambda k: size[k], default=-1)
    met, ahead = {patch, held}, [p for p in around if p != held]
    while ahead:
        one = ahead.pop()
        met.add(one)
        ahead += beside[one] - met
    return np.isin(piece, list(met - {held}))


def _limb(mesh: Mesh, wall: Floats, thin: NDArray[np.bool_], beyond: NDArray[np.bool_]) -> Fragile | None:
    """The section of a thin patch that snaps first, for a force at the end of what hangs on it; None for what reaches nowhere."""
    own, far = mesh.vertices[thin], mesh.vertices[beyond]
    root = own[np.argmax(np.linalg.norm(own - far.mean(axis=0), axis=1))]
    end = far[np.argmax(np.linalg.norm(far - root, axis=1))]
    lever = np.linalg.norm(own - end, axis=1)
    if lever.max() < SHORT_MM:
        return None
    n = int(np.argmax(lever / wall[thin] ** 2))
    thick, at = float(wall[thin][n]), own[n]
    wide = max(_width_mm(far, at, end), thick)
    force = BEARS_N_PER_MM2 * wide * thick**2 / 6 / float(lever[n])
    return Fragile(xyz(at, 2), thick, wide, float(lever[n]), force)


def _width_mm(skin: Floats, at: Floats, end: Floats) -> float:
    """How wide the section through a place is, across the way to the end."""
    along = (end - at) / max(float(np.linalg.norm(end - at)), 1e-9)
    beside = skin[np.abs((skin - at) @ along) < BAND_MM] - at
    across = beside - np.outer(beside @ along, along)
    spread = across - across.mean(axis=0)
    most = np.linalg.eigh(spread.T @ spread)[1][:, -1]
    return float(np.ptp(spread @ most))
