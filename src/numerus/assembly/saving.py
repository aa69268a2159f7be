"""A failed part saved: what of it is lost by where it is broken, and what each way to make that good takes.

Lost geometry is cut out of the sculpt itself, so that its volume, skin and detail are those of this part and no guess.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.errors import GeometryError
from numerus.geometry.cutting import Plane, mesh_of, on_plane, solid_of
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.printing.runs.settings_trade import AGAIN_HANDS_MIN

END, BAND, CORNER = "an end", "a band in the middle", "a corner"
Point = tuple[float, float, float]
SKIN_POINTS, SKIN_MM, RELIEF_MM = 4000, 0.05, 1.0
FLAT, DETAILED = 0.04, 0.12  # (defaults) relief below which skin is smooth, from which it takes a sculptor
GUIDE_WALL_MM, GUIDE_PLAY_MM, GUIDE_HIGH_MM = 2.0, 0.25, 4.0
LEAST_MM3 = 0.05
PUTTY_G_PER_MM3 = 0.0019
SMALL_MM3, LARGE_MM3 = 60.0, 600.0
AGAIN_CHANCE = 0.93  # (default) that it prints well this time


@dataclass(frozen=True)
class Damage:
    """What is broken off, in the part's own mm: all beyond ``at`` in the direction ``toward`` (unit), a band ``wide_mm`` that way, or
    what lies within ``wide_mm`` of ``at``.
    """

    kind: str
    at: Point
    toward: Point
    wide_mm: float = 0.0


@dataclass(frozen=True, eq=False)
class Lost:
    """What is left and what is gone, as meshes; of what is gone its volume, own skin, how deep its relief is (0 smooth), and the faces it
    was broken off at.
    """

    left: Mesh
    gone: Mesh
    volume_mm3: float
    skin_mm2: float
    relief: float
    break_mm2: float

    @property
    def share(self) -> float:
        """Of the part's volume."""
        return self.volume_mm3 / max(self.volume_mm3 + self.left_mm3, 1e-9)

    @property
    def words(self) -> str:
        kind = "smooth" if self.relief < FLAT else "detailed" if self.relief > DETAILED else "with some detail"
        return (
            f"{self.volume_mm3:.0f} mm³ are lost, {self.share:.0%} of it; {self.skin_mm2:.0f} mm² of its skin, {kind}."
        )

    @property
    def left_mm3(self) -> float:
        return _volume(self.left)


def lost_of(mesh: Mesh, damage: Damage) -> Lost:
    """Raises GeometryError where the part is no solid, or nothing or all of it would be lost."""
    solid = solid_of(mesh)
    gone = solid ^ _region(mesh, damage)
    left = solid - gone
    if gone.volume() < LEAST_MM3 or left.volume() < LEAST_MM3:
        raise GeometryError("misses", "Nothing of the part is lost there, or nothing is left.", "Mark it elsewhere.")
    lost = mesh_of(gone)
    skin_share, relief = _own_skin(lost, mesh)
    area = float(lost.areas_mm2.sum())
    return Lost(mesh_of(left), lost, float(gone.volume()), area * skin_share, relief, area * (1 - skin_share))


def lies_within(damage: Damage, points: Floats) -> NDArray[np.bool_]:
    """Which places (n, 3) are lost, bool (n,)."""
    from_there = points - np.asarray(damage.at)
    if damage.kind == CORNER:
        return np.asarray(np.linalg.norm(from_there, axis=1) <= damage.wide_mm)
    along = from_there @ np.asarray(damage.toward)
    return np.asarray((along >= 0) & (along <= (damage.wide_mm if damage.kind == BAND else np.inf)))


def _region(mesh: Mesh, damage: Damage) -> Any:
    """The space in which all is lost."""
    from manifold3d import Manifold

    if damage.kind == CORNER:
        return Manifold.sphere(damage.wide_mm, 64).translate(damage.at)
    reach = float(np.linalg.norm(mesh.extents_mm)) * 2 + 10
    high = reach if damage.kind == END else damage.wide_mm
    box = Manifold.cube((2 * reach, 2 * reach, high)).translate((-reach, -reach, 0.0))
    return box.transform(np.column_stack([turning_up(damage.toward).T, np.asarray(damage.at)]))


def _own_skin(lost: Mesh, mesh: Mesh) -> tuple[float, float]:
    """Share of the lost piece's surface that is the part's own skin, and the relief of that: how far normals within a millimetre
    spread, 0 where they are one.
    """
    from scipy.spatial import cKDTree

    points, _ = even_points(lost, SKIN_POINTS)
    places, normals = even_points(mesh, 4 * SKIN_POINTS)
    own = _distance(points, mesh, cKDTree(places)) < SKIN_MM
    if not own.any():
        return 0.0, 0.0
    near = cKDTree(places).query_ball_point(points[own][:: max(int(own.sum()) // 400, 1)], RELIEF_MM)
    spread = [1 - float(np.linalg.norm(normals[n].mean(axis=0))) for n in near if len(n) > 3]
    return float(own.mean()), float(np.mean(spread)) if spread else 0.0


def _distance(points: Floats, mesh: Mesh, places: Any) -> Floats:
    """From each point to the mesh's skin: along the normal of the face whose place is nearest among a few."""
    near = places.query(points, k=4)[1]
    all_places, faces = places.data, mesh
    normals = even_points(faces, len(all_places))[1]
    along = np.abs(((points[:, None] - all_places[near]) * normals[near]).sum(axis=2))
    return np.asarray(along.min(axis=1))


def as_end(damage: Damage, mesh: Mesh) -> Damage:
    """The same as something to be sawn level: of a corner the end beyond a plane that takes all of it off."""
    if damage.kind != CORNER:
        return damage
    middle = mesh.bounds_mm.mean(axis=0)
    way = np.asarray(damage.at) - middle
    way = way / max(float(np.linalg.norm(way)), 1e-9)
    x, y, z = (float(v) for v in np.asarray(damage.at) - way * damage.wide_mm)
    return Damage(END, (x, y, z), (float(way[0]), float(way[1]), float(way[2])))


def saw_guide(mesh: Mesh, damage: Damage) -> Mesh:
    """A collar round what is left, its rim level with the cut: a saw laid on it cuts where the new piece ends. Stands as it is printed."""
    level = as_end(damage, mesh)
    solid = on_plane(solid_of(mesh), Plane(level.at, level.toward))
    below = solid.trim_by_plane((0.0, 0.0, -1.0), 0.0).trim_by_plane((0.0, 0.0, 1.0), -GUIDE_HIGH_MM)
    if below.is_empty():
        raise GeometryError("misses", "There is nothing left to put a saw guide on.", "Saw by eye.")
    outline = below.project()
    inner = outline.offset(GUIDE_PLAY_MM)
    ring = inner.offset(GUIDE_WALL_MM) - inner
    return mesh_of(ring.extrude(GUIDE_HIGH_MM))


@dataclass(frozen=True)
class Saving:
    """One way: what is done, minutes of hands, grams or ml it takes in words, days until it goes on, how likely it holds and looks right."""

    key: str
    description: str
    hands_min: float
    takes: str
    days: float
    chance: float


PUTTY, FORMER, PIECE, HIDE, WHOLE = "putty", "former", "end", "hide", "reprint"
IN_SHORT = {
    PUTTY: "shaped in putty",
    FORMER: "putty in a former",
    PIECE: "with a new piece",
    HIDE: "hidden",
    WHOLE: "printed again",
}


def ways_to_save(
    lost: Lost, touches: Sequence[str], hidden_share: float, days_to_next: float, piece_min: float, whole_min: float
) -> list[Saving]:
    """The most promising first; all of it defaults but what is measured of the part. ``touches``: slots whose parts the lost skin meets;
    ``hidden_share``: of it that nobody sees; ``piece_min``, ``whole_min``: of the machine for the piece alone, and for all of it.
    """
    size = min(lost.volume_mm3 / LARGE_MM3, 1.0)
    hard = min(max((lost.relief - FLAT) / (DETAILED - FLAT), 0.0), 1.0)
    grams = lost.volume_mm3 * PUTTY_G_PER_MM3
    takes = f"{lost.volume_mm3 / 1000:.2f} ml, {piece_min:.0f} min of machine"
    left = 1 - lost.share  # with little left there is little to save
    piece = (0.85 - 0.25 * (lost.volume_mm3 < SMALL_MM3)) * (
        0.5 + 0.5 * left
    )  # what is tiny is hard to hold and to pin
    putty = (0.9 - 0.5 * hard - 0.3 * size) * left
    hidden = min(0.25 + 0.7 * hidden_share, 0.95) * (1 - 0.5 * size) * left**2
    again = f"{(lost.volume_mm3 + lost.left_mm3) / 1000:.2f} ml, {whole_min:.0f} min of machine"
    minutes = 12 + 50 * size + 60 * hard
    ways = [
        Saving(PUTTY, "Build it up in two-part putty, shape it, sand it wet", minutes, f"{grams:.1f} g of putty", 1.0, putty),
        Saving(PIECE, "Saw it level, print just that piece, pin and glue it", 22.0, takes, days_to_next, piece),
        Saving(HIDE, "Hide it: base, mud, battle damage, stowage", 10.0, "nothing", 0.0, hidden),
        Saving(WHOLE, "Print all of it again", AGAIN_HANDS_MIN, again, days_to_next, AGAIN_CHANCE),
    ]  # fmt: skip
    if touches:
        ways.append(
            Saving(FORMER, f"Press putty against the {touches[0]}, wrapped in film", 18 + 30 * size,
                   f"{grams:.1f} g of putty", 1.0, (0.85 - 0.3 * hard) * left)
        )  # fmt: skip
    return sorted(ways, key=lambda w: (w.hands_min + 60 * w.days) / max(w.chance, 0.05))


def touching_slots(lost: Mesh, beside: Sequence[tuple[str, Mesh]], within_mm: float = 0.3) -> list[str]:
    """Slots whose parts come within so much of what is lost, the nearest first."""
    from scipy.spatial import cKDTree

    points = even_points(lost, SKIN_POINTS)[0]
    far = [(float(cKDTree(even_points(m, SKIN_POINTS)[0]).query(points)[0].min()), slot) for slot, m in beside]
    return [slot for mm, slot in sorted(far) if mm < within_mm]


def _volume(mesh: Mesh) -> float:
    return (
        abs(
            float(
                np.einsum("ij,ij->i", mesh.triangles[:, 0], np.cross(mesh.triangles[:, 1], mesh.triangles[:, 2])).sum()
            )
        )
        / 6
    )
