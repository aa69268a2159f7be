"""What to look at on a built figure before primer hides or shows it: seams, scars of tips, stairs of layers, thin ends, what no brush reaches.

Each with its place, how far across a table it is told apart, and the ways to deal with it, leaving it among them. Minutes and limits
are defaults; places and sizes are measured on this figure.
"""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from typing import TYPE_CHECKING

import numpy as np

from numerus.assembly.build_look import BuildLook
from numerus.assembly.fragility import SAME_MM, fragile_places, with_breaks
from numerus.assembly.joints import FILLER_MM, GLUE_FILLS_MM, PUTTY_MM, Joint
from numerus.colour.sight import ARC_MINUTE, TABLE_MM
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh, merged, xyz
from numerus.geometry.pairs import cell_ids
from numerus.geometry.rays import RayScene
from numerus.surface.fields.exposure import table_exposure
from numerus.surface.fields.painting_fields import layer_step_um

if TYPE_CHECKING:
    from scipy.spatial import cKDTree

SEAM, SCAR, STAIRS, THIN, HIDDEN, MARGIN = "seam", "scar", "layer lines", "thin", "out of reach", "little margin"
PINNED = "pinned by hand"
DEEP_UM = 40.0  # (default) stairs that primer alone does not hide
SCAR_MM = 0.45  # (default) across, of a tip snipped and not sanded
SURE_MARGIN = 1.2  # what tips hold over what pulls, below which a print may have shifted
MOST_OF_A_KIND = 6
UNREACHED_MM2 = 4.0  # (default) of skin in sight that no brush reaches, worth a word
BESIDE, BESIDE_MM = 16, 1.0  # vertices beside a place that tell whether it is seen
LITTLE_SEEN, UNSEEN = 0.05, 0.02  # of the looks from round the table
ROUND_MM = 6.0  # (default) a bend tighter than that is round
CURVE_MM, MOST_PAIRED = 2.0, 120  # skin beside a place, and how many places of it are paired
PRIMER_FILLS_MM = 0.15  # (default) what two coats of filler primer close
CELL_MM = 6.0  # unreached places nearer than that are one

Place = tuple[float, float, float]


@dataclass(frozen=True)
class Way:
    """One way to deal with a flaw: passes of what, minutes of hands, minutes it cures or dries in all, and what it costs."""

    name: str
    minutes: float = 0.0
    waits_min: float = 0.0
    passes: int = 0
    costs: str = ""


LEAVE = "leave it"


@dataclass(frozen=True)
class Flaw:
    """``key`` names it as long as the figure is built so; ``size_mm`` across; ``seen`` of it round the table, 0..1; ``ways``, the one
    advised first; ``facing``: the skin's normal there.
    """

    key: str
    kind: str
    slot: str
    at_mm: tuple[float, float, float]
    size_mm: float
    seen: float
    words: str
    ways: tuple[Way, ...]
    facing: tuple[float, float, float] = (0.0, 0.0, 0.0)

    @property
    def told_from_mm(self) -> float:
        """How far away an eye still tells it apart."""
        return self.size_mm / ARC_MINUTE

    @property
    def at_the_table(self) -> str:
        """Whether it is seen in play."""
        if self.seen < LITTLE_SEEN:
            return "hardly in sight"
        if self.kind == HIDDEN:
            return f"{self.seen:.0%} in sight round the table"
        far = f"told apart from {self.told_from_mm / 1000:.1f} m"
        return f"{far}, so across the table" if self.told_from_mm >= TABLE_MM else f"{far}, not across the table"


@dataclass(frozen=True, eq=False)
class PrintedPart:
    """A part as it stands in the figure, the way it was printed: ``up`` (3,), height of its layers, margin of its tips, 0 where that
    is not known; ``tips`` (k, 3) where they touched, in the figure's mm; ``broke_at``: where it broke on
    other ``figures`` built with it.
    """

    slot: str
    mesh: Mesh
    up: Floats
    layer_mm: float
    margin: float
    tips: Floats
    broke_at: tuple[tuple[float, float, float], ...] = ()
    figures: int = 0


def flaws_of(
    parts: Sequence[PrintedPart], look: BuildLook, apart: Collection[str] = (), progress: Progress = lambda _: True
) -> list[Flaw]:
    """What to look at, by how much of it is told apart at the table, the worst first. ``apart``: slots painted before they are glued on."""
    from scipy.spatial import cKDTree

    whole = merged([p.mesh.bare() for p in parts])
    skin = cKDTree(whole.vertices)
    found = [f for joint in look.joints if (f := _seam(joint, whole, skin)) is not None] + _unreached(look, apart)
    for n, part in enumerate(parts):
        progress(n / len(parts))
        found += [*_scars(part), *_stairs(part), *_thin(part), *_little_margin(part)]
    return _in_order(seen_round_the_table(found, whole))


def seen_round_the_table(flaws: list[Flaw], whole: Mesh) -> list[Flaw]:
    """With how much of each place is seen round the table: of the vertex beside it that is seen most, since a place may lie in a gap or
    within a wall.
    """
    from scipy.spatial import cKDTree

    if not flaws:
        return []
    at = np.array([f.at_mm for f in flaws])
    many = min(BESIDE, len(whole.vertices))
    far, near = cKDTree(whole.vertices).query(at, k=many)
    far, near = far.reshape(len(at), many), near.reshape(len(at), many)
    seen = table_exposure(
        whole, whole.vertices[near.ravel()], whole.vertex_normals[near.ravel()], RayScene(whole)
    ).reshape(far.shape)
    best = np.where(far <= np.maximum(BESIDE_MM, far[:, :1]), seen, 0.0)
    most = best.argmax(axis=1)
    normals = whole.vertex_normals[near[np.arange(len(at)), most]]
    return [
        replace(f, seen=float(s), facing=xyz(n, 3)) for f, s, n in zip(flaws, best.max(axis=1), normals, strict=True)
    ]


def _in_order(flaws: list[Flaw]) -> list[Flaw]:
    """The worst first, at most so many of a kind; what nobody sees only where it may have failed."""
    in_sight = [_advised(f) for f in flaws if f.seen >= UNSEEN or f.kind == MARGIN]
    ordered = sorted(in_sight, key=lambda f: (-f.seen * min(f.size_mm, 1.0), f.key))
    kinds = {kind: [f for f in ordered if f.kind == kind][:MOST_OF_A_KIND] for kind in {f.kind for f in ordered}}
    return [f for f in ordered if f in kinds[f.kind]]


def _advised(flaw: Flaw) -> Flaw:
    """What is hardly in sight is left, unless it may break."""
    if flaw.seen >= LITTLE_SEEN or flaw.kind in (MARGIN, THIN):
        return flaw
    return replace(flaw, ways=tuple(sorted(flaw.ways, key=lambda w: w.name != LEAVE)))


def pinned_flaw(slot: str, at_mm: Place, facing: Place, size_mm: float, seen: float, words: str) -> Flaw:
    """A place somebody pointed at: mended, hidden or left by how far across the table it is told apart (defaults)."""
    ways = (
        Way("fill or scrape, then sand", 2.0, 60.0, 1, "wet, with a mask"),
        Way("hide it: a strap, rubble, mud", 4.0, 60.0, 1, "only where that belongs there"),
        Way(LEAVE, 0.0, 0.0, 0, "nobody else will look there"),
    )
    flaw = Flaw(
        f"{PINNED} {slot} {at_mm} {size_mm:g}", PINNED, slot, at_mm, size_mm, seen, f"{slot}: {words}", ways, facing
    )
    across = flaw.told_from_mm >= TABLE_MM
    return _advised(flaw if across else replace(flaw, ways=(ways[-1], *ways[:-1])))


def _seam(joint: Joint, whole: Mesh, skin: cKDTree) -> Flaw | None:
    """A joint that leaves a gap: what fills it by how wide it is, and how round the skin beside it."""
    gap = joint.gap
    if gap.mean_mm < GLUE_FILLS_MM:
        return None
    radius_mm = radius_beside(whole, skin, gap.at_mm)
    on = f"on a curve of {radius_mm:.0f} mm" if radius_mm < ROUND_MM else "on flat skin"
    words = (
        f"{joint.a} to {joint.b}: {gap.mean_mm:.2f} mm open, {gap.most_mm:.2f} at most, {gap.area_mm2:.1f} mm², {on}"
    )
    key = f"{SEAM} {'+'.join(sorted((joint.a, joint.b)))}"
    return Flaw(key, SEAM, joint.a, gap.at_mm, gap.mean_mm, 0.0, words, seam_ways(gap.mean_mm, radius_mm))


def radius_beside(mesh: Mesh, skin: cKDTree, at_mm: Sequence[float]) -> float:
    """How round skin is beside a place, mm: the tightest bend, by how normals turn along it; infinite where it is flat. ``skin``: the
    mesh's vertices.
    """
    near = np.sort(skin.query_ball_point(at_mm, CURVE_MM))
    near = near[:: len(near) // MOST_PAIRED + 1]
    if len(near) < 2:
        return float("inf")
    place, normal = mesh.vertices[near], mesh.vertex_normals[near]
    one, other = np.triu_indices(len(near), 1)
    away = np.linalg.norm(place[one] - place[other], axis=1)
    same = (away > CURVE_MM / 8) & (np.einsum("ij,ij->i", normal[one], normal[other]) > 0)
    if not same.any():
        return float("inf")
    turn = np.linalg.norm(normal[one] - normal[other], axis=1)[same] / away[same]
    return 1 / max(float(np.percentile(turn, 90)), 1e-9)


def seam_ways(width_mm: float, radius_mm: float) -> tuple[Way, ...]:
    """Ways to close a seam so wide on skin so round, the one advised first (defaults): what must be sanded flush is for flat skin, what
    is shaped while it is soft for round.
    """
    is_round = radius_mm < ROUND_MM
    thick = Way("thick glue run in", 1.0, 10.0, 1, "sand flush; cyanoacrylate bonds skin")
    cured = Way("resin brushed in, cured by a torch", 2.0, 2.0, 1, "gloves, eyes off the light")
    primer = Way("filler primer, sanded between two coats", 3.0, 60.0, 2, "a mask; detail fills, too")
    wiped = "wiped with a wet finger, not sanded" if is_round else "shrinks: the second pass closes it"
    soft = Way("soft filler, two passes", 3.0, 60.0, 2, wiped)
    putty = Way(
        "two-part putty, tooled wet",
        5.0,
        180.0,
        1,
        "gloves; shaped while soft" if is_round else "gloves; sand wet when hard",
    )
    texture = Way("hide it: strap, fur or rubble over it", 4.0, 60.0, 1, "only where that belongs there")
    leave = Way(LEAVE, 0.0, 0.0, 0, "shade it dark and it reads as a fold")
    if width_mm < PRIMER_FILLS_MM and not is_round:
        return (primer, thick, cured, leave)
    if width_mm < FILLER_MM:
        return (cured, thick, soft, leave)
    fillers = (putty, soft) if is_round else (soft, putty)
    return (*fillers, texture, leave) if width_mm < PUTTY_MM else (putty, texture, leave)


def _scars(part: PrintedPart) -> list[Flaw]:
    """A place for every tip of its supports."""
    ways = (
        Way("snip flush and sand", 0.5, 0.0, 1, "wet, with a mask"), Way("scrape with a blade", 0.3, 0.0, 1, "away from fingers"),
        Way(LEAVE, 0.0, 0.0, 0, "primer shows it"),
    )  # fmt: skip
    return [
        Flaw(f"{SCAR} {part.slot} {n}", SCAR, part.slot, xyz(tip, 2), SCAR_MM, 0.0, f"a tip of {part.slot}", ways)
        for n, tip in enumerate(part.tips)
    ]


def _stairs(part: PrintedPart) -> list[Flaw]:
    """The largest patch of a part whose layers leave deep stairs, if there is one."""
    mesh = part.mesh
    step = layer_step_um(mesh.normals, part.up, part.layer_mm)
    deep = np.flatnonzero(step > DEEP_UM)
    if not len(deep):
        return []
    middle = mesh.triangles[deep].mean(axis=1)
    cells, place = np.unique(cell_ids(middle, CELL_MM), return_inverse=True)
    looked_at = mesh.areas_mm2[deep] * (1.1 + mesh.normals[deep, 2])  # what looks up is seen more
    own = place == int(np.argmax(np.bincount(place, looked_at, len(cells))))
    um, area = float(np.percentile(step[deep[own]], 90)), float(mesh.areas_mm2[deep].sum())
    at = middle[own][np.argmax(looked_at[own])]
    ways = (
        Way("filler primer, sanded between two coats", 3.0, 60.0, 2, "a mask; detail fills, too"),
        Way("sand here, wet, 400 then 800", 2.0, 0.0, 2, "a mask; keep off edges"),
        Way(LEAVE, 0.0, 0.0, 0, "thin washes and dry-brushing bring it out"),
    )
    words = f"{part.slot}: stairs of {um:.0f} µm in layers of {part.layer_mm:g} mm, {area:.0f} mm² of such skin"
    return [Flaw(f"{STAIRS} {part.slot}", STAIRS, part.slot, xyz(at, 2), part.layer_mm, 0.0, words, ways)]


def _thin(part: PrintedPart) -> list[Flaw]:
    """Limbs, blades and cords that a finger snaps, and where parts like this one broke: the two of a part that are likeliest to."""
    places = with_breaks(fragile_places(part.mesh), part.broke_at, part.figures)
    ways = (
        Way("look along it for cracks and bends", 0.5, 0.0, 1, "warm water straightens what is bent"),
        Way("stiffen with thin glue", 0.5, 10.0, 1, "vapour: air, gloves"), Way(LEAVE, 0.0, 0.0, 0, "touch it last, hold elsewhere"),
    )  # fmt: skip
    return [
        Flaw(
            f"{THIN} {part.slot} {n}", THIN, part.slot, place.at_mm, place.wall_mm or SAME_MM, 0.0, f"{part.slot}: {place.words}", ways
        )
        for n, place in enumerate(places[:2])
    ]  # fmt: skip


def _little_margin(part: PrintedPart) -> list[Flaw]:
    """Where tips held hardly more than what pulled, the lowest skin as it was printed may have shifted."""
    if not 0 < part.margin < SURE_MARGIN:
        return []
    at = part.mesh.vertices[np.argmin(part.mesh.vertices @ part.up)]
    words = f"{part.slot}: held with a margin of {part.margin:.2f}; look for missing layers"
    ways = (Way("look, and fill what is missing", 2.0, 60.0, 1, "or print it again"), Way(LEAVE, 0.0, 0.0, 0, ""))
    return [Flaw(f"{MARGIN} {part.slot}", MARGIN, part.slot, xyz(at, 2), part.layer_mm, 0.0, words, ways)]


def _unreached(look: BuildLook, apart: Collection[str]) -> list[Flaw]:
    """Skin in sight that no brush comes to, built as it is to be built: by patches."""
    study = look.study
    out = np.flatnonzero(~study.easy(apart))
    if not len(out):
        return []
    cells, place = np.unique(cell_ids(study.point[out], CELL_MM), return_inverse=True)
    area = np.bincount(place, study.area_mm2[out], len(cells))
    ways = (
        Way("paint it before gluing", 2.0, 0.0, 1, "keep the part in its way apart"), Way("prime it dark, leave it", 0.0, 0.0, 0, "reads as shade"),
    )  # fmt: skip
    flaws = []
    for n in np.argsort(-area)[:MOST_OF_A_KIND]:
        if area[n] >= UNREACHED_MM2:
            own = out[place == n]
            at, slot = study.point[own].mean(axis=0), study.names[int(np.bincount(study.part[own]).argmax())]
            nearest = study.point[own[np.argmin(np.linalg.norm(study.point[own] - at, axis=1))]]
            words = f"{slot}: {area[n]:.0f} mm² in sight where no brush comes"
            key = f"{HIDDEN} {slot} {xyz(nearest, 0)}"
            flaws.append(Flaw(key, HIDDEN, slot, xyz(nearest, 2), float(np.sqrt(area[n])), 0.0, words, ways))
    return flaws
