"""Parts laid on a turntable under a lamp, how many loads they make, and what each place of them gets on either side.

Every part rests on the face of its hull that is nearest to its middle, where it lies surest; turned over it lies on the other
side. All parts of a load shade each other. Places are asked for on a sample of the skin, spread by area.
"""

from __future__ import annotations

from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, replace
from functools import cached_property, partial

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Progress
from numerus.geometry.coarser import coarser
from numerus.geometry.mesh import Floats, Mesh, about_vertical, merged, rotation_matrix, turning_up
from numerus.geometry.rays import RayScene
from numerus.geometry.shadows import shadow
from numerus.geometry.solids.mass import centre_of_mass
from numerus.post.curing.cure_book import reached_dose
from numerus.post.curing.lamp_dose import OFF_MM, Skin, Station, dose_a_minute, skin_of
from numerus.printing.plates.nesting import Bed, shapes_of, turn_deg
from numerus.printing.plates.packing import outline_bitmap

TABLE_MM = 100.0  # (default) radius of the turntable
CELL_MM, APART_MM = 1.0, 4.0
LIT_CELLS = 10_000  # places a part's skin is told by under the lamp: about 0.4 mm of a figure's, lamps are centimetres wide
SAMPLES, MOST_SAMPLES = 900, 16_000  # places asked of a part, and of a load
STOPS = 16  # stops that stand for a steady turn: parts are small against their way round
REACHED = 0.8  # of the skin the lamp sees at all shall have its dose
UNLIT_SHARE = 0.02  # of what the best lit skin gets: less is none
SEEN_SHARE = 0.1  # of the median, under which a place counts as not seen by the lamp
MOST_MIN = 60.0
BRITTLE_SHARE = 0.01  # (default) of a part's skin that may get too much where the rest would have too little
BEYOND = 4  # cells past the table's edge that outlines are looked at in
THROUGH_MM = 0.5  # (default) of cured resin that lets 1/e of the light through
_OVER, _HALF_TURN = np.diag([1.0, -1.0, -1.0]), rotation_matrix(np.diag([-1.0, -1.0, 1.0]))


@dataclass(frozen=True, eq=False)
class LoadedPart:
    """A part as it lies on the table, in the table's mm; ``turned``: the same turned over in its place."""

    name: str
    mesh: Mesh
    turned: Mesh
    sample: NDArray[np.int64]

    def skin(self, over: bool) -> Skin:
        """The places that are asked for: drawn by area, so that each stands for as much of the part's skin."""
        mesh, many = (self.turned if over else self.mesh), len(self.sample)
        each = np.full(many, float(mesh.areas_mm2.sum()) / max(many, 1))
        return Skin(mesh.vertices[self.sample], mesh.vertex_normals[self.sample], each)


@dataclass(frozen=True, eq=False)
class PartDose:
    """J/cm² at a part's places (n,) after the first side and after both, mm² each place stands for, and the dose each is brittle from:
    less where it is thin, since light comes through from behind.
    """

    part: LoadedPart
    first: Floats
    both: Floats
    mm2: Floats
    limit: Floats

    @property
    def over_share(self) -> float:
        """Share of skin that is brittle after both sides."""
        return self._over(1.0)

    def _over(self, times: float) -> float:
        return float(self.mm2[times * self.both > self.limit].sum() / max(self.mm2.sum(), 1e-12))

    def does_after(self, times: float, target: float, short_share: float) -> bool:
        """Whether so many times the minutes leave no more skin than ``short_share`` under the target, and make none brittle that was
        not, or hardly any.
        """
        enough = self.share_under(times * self.both, target) <= short_share
        return enough and self._over(times) <= max(self.over_share, BRITTLE_SHARE)

    def share_under(self, dose: Floats, target: float) -> float:
        return float(self.mm2[dose < target].sum() / max(self.mm2.sum(), 1e-12))

    @property
    def unlit_share(self) -> float:
        """Share of skin that no lamp sees at all: the inside of hollows."""
        return self.share_under(self.both, UNLIT_SHARE * float(np.quantile(self.both, 0.9)))

    @property
    def spread(self) -> tuple[float, float, float]:
        """Least, median and most after both sides."""
        least, median, most = (float(v) for v in np.quantile(self.both, (0.0, 0.5, 1.0)))
        return least, median, most

    @cached_property
    def by_vertex(self) -> tuple[Floats, Floats, Floats]:
        """Both doses and the limit at every vertex (n,) of the part, from the nearest place that looks the same way."""
        from scipy.spatial import cKDTree

        mesh = self.part.mesh
        apart = (
            4.0 * np.linalg.norm(mesh.extents_mm) / 100
        )  # looking another way counts as far as a twenty-fifth of the part
        where = np.concatenate([mesh.vertices, apart * mesh.vertex_normals], axis=1)
        _, nearest = cKDTree(where[self.part.sample]).query(where)
        return self.first[nearest], self.both[nearest], self.limit[nearest]


@dataclass(frozen=True, eq=False)
class Cured:
    """One load: its parts with their doses, the worst first; ``minutes`` a side."""

    parts: tuple[PartDose, ...]
    minutes: float
    station: Station

    @property
    def got(self) -> tuple[float, float]:
        """Light that so much of what the lamp sees got as shall have its dose, and the most anywhere, J/cm², that of thin skin
        told as thick skin would have to get it.
        """
        doses = np.concatenate([p.both for p in self.parts])
        seen = doses[doses > SEEN_SHARE * np.median(doses)]
        strained = np.concatenate([p.both / p.limit for p in self.parts]).max()
        return reached_dose(seen, REACHED), float(strained * self.station.brittle_j_per_cm2)

    def share_under(self, both: bool) -> float:
        """Share of all skin under the target."""
        target = self.station.target_j_per_cm2
        short = sum(p.share_under(p.both if both else p.first, target) * p.mm2.sum() for p in self.parts)
        return float(short / max(sum(p.mm2.sum() for p in self.parts), 1e-12))


def at_rest(mesh: Mesh) -> Mesh:
    """The mesh on the face of its hull nearest to its middle, centred over the origin, standing on z = 0."""
    from scipy.spatial import ConvexHull

    hull = ConvexHull(mesh.vertices)
    middle, _ = centre_of_mass(mesh)
    far = -(hull.equations[:, :3] @ middle + hull.equations[:, 3])  # inside is negative
    down = hull.equations[int(np.argmin(far)), :3]
    return mesh.transformed(rotation_matrix(turning_up(-down))).dropped()


def _lit(mesh: Mesh) -> Mesh:
    """The mesh as the light is followed to it."""
    return coarser(mesh, LIT_CELLS).mesh if len(mesh.faces) > 3 * LIT_CELLS else mesh


def loads_of(parts: Sequence[tuple[str, Mesh]], table_mm: float = TABLE_MM) -> list[list[LoadedPart]]:
    """Parts, by name, laid on the table as far apart as they all have room, else in as many loads as they need, the large ones
    first. What is larger than the table lies alone. Dense parts are told by ``LIT_CELLS`` places.
    """
    there = [(name, mesh) for name, mesh in parts if len(mesh.faces)]
    with ThreadPoolExecutor(2) as pool:
        meshes = pool.map(at_rest, [_lit(mesh) for _, mesh in there])
        rested = [(name, mesh) for (name, _), mesh in zip(there, meshes, strict=True)]
    if not rested:
        return []
    for apart, share in ((14.0, 0.7), (14.0, 1.0), (8.0, 1.0)):
        loads = _filled(rested, share * table_mm, apart, once=True)
        if len(loads) == 1:
            return loads
    return _filled(rested, table_mm, APART_MM)


def _filled(
    rested: Sequence[tuple[str, Mesh]], table_mm: float, apart_mm: float, once: bool = False
) -> list[list[LoadedPart]]:
    """Loads one by one; none where they shall all go on at ``once`` and do not."""
    bitmaps = [outline_bitmap(mesh, CELL_MM, apart_mm) for _, mesh in rested]
    shapes = [shapes_of(b) for b in bitmaps]
    left = sorted(range(len(rested)), key=lambda i: -int(bitmaps[i].sum()))
    samples = max(min(SAMPLES, MOST_SAMPLES // len(rested)), 60)
    loads: list[list[LoadedPart]] = []
    while left:
        bed, load, kept = Bed(_round_table(table_mm)), list[LoadedPart](), list[int]()
        for index in left:
            where = bed.place(index, shapes[index], int(bitmaps[index].sum()))
            if where is None and once:
                return []
            if where is None and index == left[0]:
                kept = left[1:]
                load.append(_laid(*rested[index], samples, 0.0, (0.0, 0.0)))
                break
            if where is None:
                kept.append(index)
                continue
            turn, row, column = where
            at = ((column + 0.5) * CELL_MM - table_mm, (row + 0.5) * CELL_MM - table_mm)
            load.append(_laid(*rested[index], samples, turn_deg(turn), at))
        loads.append(_thin_ends_outward(_centred(load, table_mm), table_mm))
        left = kept
    return loads


def _centred(load: list[LoadedPart], table_mm: float) -> list[LoadedPart]:
    """The same about the table's middle, where the lamps are equally far, if nothing comes to lie beyond its edge."""
    ends = np.concatenate([p.mesh.bounds_mm for p in load])
    shift = np.array([*-(ends.min(axis=0) + ends.max(axis=0))[:2] / 2, 0.0])
    moved = [replace(p, mesh=p.mesh.moved(shift), turned=p.turned.moved(shift)) for p in load]
    farthest = max(float(np.hypot(*p.mesh.vertices[:, :2].T).max()) for p in moved)
    return moved if farthest <= table_mm else load


def _thin_ends_outward(load: list[LoadedPart], table_mm: float) -> list[LoadedPart]:
    """The same with every part whose thin end looks to the middle turned half round, where there is room for that: blades get the
    light of the rim then, and shade nothing.
    """
    side = int(2 * table_mm / CELL_MM) + 2 * BEYOND
    outlines = [_outline(p.mesh, table_mm, side) for p in load]
    turned = list(load)
    for number, part in enumerate(load):
        centre = part.mesh.bounds_mm.mean(axis=0)
        if _thin_end(part.mesh) @ centre[:2] >= 0:
            continue
        spun = replace(part, mesh=_half_turned(part.mesh, centre), turned=_half_turned(part.turned, centre))
        outline = _outline(spun.mesh, table_mm, side)
        others = np.any([o for n, o in enumerate(outlines) if n != number], axis=0)
        beyond = np.hypot(*spun.mesh.vertices[:, :2].T).max() > table_mm
        if not beyond and not (_grown(outline, APART_MM) & others).any():
            turned[number], outlines[number] = spun, outline
    return turned


def _thin_end(mesh: Mesh) -> Floats:
    """From the middle of a part's skin to what is farthest from it, seen from above: (2,) mm."""
    middle = mesh.areas_mm2 @ mesh.triangles.mean(axis=1)[:, :2] / max(float(mesh.areas_mm2.sum()), 1e-12)
    ways = mesh.vertices[:, :2] - middle
    return np.asarray(ways[np.argmax((ways**2).sum(axis=1))])


def _half_turned(mesh: Mesh, centre: Floats) -> Mesh:
    return mesh.transformed(_HALF_TURN).moved((2 * centre[0], 2 * centre[1], 0.0))


def _outline(mesh: Mesh, table_mm: float, side: int) -> NDArray[np.bool_]:
    return shadow(mesh.moved((table_mm, table_mm, 0.0)), CELL_MM, -BEYOND, -BEYOND, side, side)


def _grown(outline: NDArray[np.bool_], mm: float) -> NDArray[np.bool_]:
    from scipy.ndimage import binary_dilation

    return np.asarray(binary_dilation(outline, iterations=round(mm / CELL_MM)))


def _round_table(radius_mm: float) -> NDArray[np.bool_]:
    """Cells that are off the table."""
    many = int(2 * radius_mm / CELL_MM)
    at = (np.arange(many) + 0.5) * CELL_MM - radius_mm
    return np.asarray(np.hypot(at[:, None], at[None, :]) > radius_mm)


def _laid(name: str, mesh: Mesh, samples: int, degrees: float, at: tuple[float, float]) -> LoadedPart:
    about = rotation_matrix(about_vertical(degrees))
    turned = mesh.transformed(rotation_matrix(_OVER)).dropped()
    here, over = (m.transformed(about).moved((*at, 0.0)) for m in (mesh, turned))
    return LoadedPart(name, here, over, _spread(here, samples))


def _spread(mesh: Mesh, samples: int) -> NDArray[np.int64]:
    """Vertices that stand for the skin: drawn by their share of it, seeded."""
    mm2 = skin_of(mesh).mm2
    many = min(samples, int((mm2 > 0).sum()))
    drawn = np.random.default_rng(5).choice(len(mm2), many, replace=False, p=mm2 / mm2.sum())
    return np.sort(drawn)


def cured(
    load: Sequence[LoadedPart], station: Station, minutes: float = 0.0, progress: Progress = lambda _: True
) -> Cured:
    """What a load gets on its first side and turned over; ``minutes`` a side, 0 for as many as bring ``REACHED`` of what the lamp
    sees to its target on both. Raises Cancelled.
    """
    rates, limits = [], list[Floats]()
    pool = ThreadPoolExecutor(1)  # the second side is made ready while the first is lit
    scenes = [pool.submit(_scene, load, over) for over in (False, True)]
    pool.shutdown(wait=False)
    for number, over in enumerate((False, True)):
        scene = scenes[number].result()
        skins = [p.skin(over) for p in load]
        whole = Skin(*(np.concatenate([getattr(s, n) for s in skins]) for n in ("points", "normals", "mm2")))
        limits = limits or [_limit(s, scene, station) for s in skins]
        per_minute = dose_a_minute(whole, scene, station, STOPS, partial(_half, progress, number))
        rates.append(np.split(per_minute, np.cumsum([len(s.points) for s in skins])[:-1]))
    minutes = minutes or minutes_wanted(np.concatenate(rates[0]) + np.concatenate(rates[1]), station.target_j_per_cm2)
    doses = [
        PartDose(p, a * minutes, (a + b) * minutes, p.skin(False).mm2, limit)
        for p, a, b, limit in zip(load, *rates, limits, strict=True)
    ]
    target = station.target_j_per_cm2
    return Cured(tuple(sorted(doses, key=lambda d: -d.share_under(d.both, target))), minutes, station)


def _scene(load: Sequence[LoadedPart], over: bool) -> RayScene:
    """All parts of a load as they lie on one side."""
    return RayScene(merged([p.turned.bare() if over else p.mesh.bare() for p in load]))


def _limit(skin: Skin, scene: RayScene, station: Station) -> Floats:
    """J/cm² from which on each place is brittle (n,): what falls on the other side of its wall comes through as e^(-mm / THROUGH_MM)
    (Beer-Lambert), and is taken for as much as falls on this one.
    """
    wall_mm = scene.first_mm(skin.points - OFF_MM * skin.normals, -skin.normals) + OFF_MM
    return np.asarray(station.brittle_j_per_cm2 / (1 + np.exp(-wall_mm / THROUGH_MM)))


def _half(progress: Progress, number: int, share: float) -> bool:
    return progress((number + share) / 2)


def minutes_wanted(rate: Floats, target: float) -> float:
    """Half minutes after which ``REACHED`` of the places the lamp sees have their target; the most there is where it sees none."""
    seen = rate[rate > SEEN_SHARE * np.median(rate)]
    slow = float(np.quantile(seen, 1 - REACHED)) if len(seen) else 0.0
    return min(float(np.ceil(2 * target / slow) / 2), MOST_MIN) if slow > 0 else MOST_MIN
