"""What the parts of a kit are to each other: from geometry first, from names where geometry leaves it open."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from numerus.domain.parts import Relation
from numerus.errors import Cancelled, Progress
from numerus.geometry.likeness import Core, Fit, alike, within
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.occupancy import Contact, Occupied, boxes_meet, cell_for, contact, occupied, shared_mm3
from numerus.kit.known_parts import KnownPart, core_name, known_part
from numerus.kit.recognise import LARGEST_MM, Supports, core_of
from numerus.kit.sorting import Shaped
from numerus.words import counted

SAME_SPACE = 0.35  # of the smaller part: shared by alternatives
SAME_JOINT = 0.6  # likeness given to parts that plug into the same place
LINKED = 0.3  # average likeness within a group of alternatives
LEAST_SHARED = 0.02
CLASH = 0.12
WHOLE_HOLDS, WHOLE_PARTS = 0.6, 3
JOINT_MM2 = 1.0
SURE_JOINT_MM2 = 5.0
SCALE_SAME = 0.006
LEAST_SKIN = 0.1  # of a supported copy's: long pillars and a raft may be most of it
UNLIKE_CORE, MOST_TRIED = 0.25, 8
INSIDE_SHARE, INSIDE_SURE = 0.88, 0.95
NOT_PLACED = 0.8  # of the parts: share centred on one point means that each was centred by itself


def relations(parts: Sequence[Shaped], progress: Progress = lambda _: True) -> list[Relation]:
    """All statements about a kit. Raises Cancelled when ``progress`` answers False."""

    def told(share: float) -> bool:
        if not progress(share):
            raise Cancelled
        return True

    known = []
    with ThreadPoolExecutor(2) as pool:
        for number, one in enumerate(pool.map(known_part, parts)):
            if not progress(0.45 * number / max(len(parts), 1)):
                pool.shutdown(cancel_futures=True)
                raise Cancelled
            known.append(one)
    plain = [k for k in known if k.supports is None]
    listed = _bases(plain) + _likenesses(known, lambda s: told(0.45 + 0.15 * s))
    listed += _supported(known, plain, lambda s: told(0.6 + 0.2 * s))
    of_figures = [k for k in plain if float(k.part.mesh.extents_mm.max(initial=0.0)) <= LARGEST_MM]
    return listed + _places(of_figures, listed, lambda s: told(0.8 + 0.2 * s))


def together(pairs: Iterable[Sequence[str]]) -> list[list[str]]:
    """Pairs that share a member, as groups."""
    groups: list[list[str]] = []
    for pair in pairs:
        met = [g for g in groups if set(g) & set(pair)]
        groups = [g for g in groups if g not in met] + [list(dict.fromkeys([*sum(met, []), *pair]))]
    return groups


def _bases(known: Iterable[KnownPart]) -> list[Relation]:
    return [Relation("base", (k.part.id,), 0.9, k.base.description, size_mm=k.base.size_mm) for k in known if k.base]


def _likenesses(known: Sequence[KnownPart], report_progress: Progress) -> list[Relation]:
    """Duplicates, mirror twins and scale copies, each part compared with the first of its kind."""
    listed: list[Relation] = []
    firsts: list[KnownPart] = []
    for number, one in enumerate(known):
        report_progress(number / len(known))
        for other in firsts:
            fit = alike(other.shape, one.shape) if (one.supports is None) == (other.supports is None) else None
            if fit:
                listed.append(_likeness(other, one, fit))
                if listed[-1].kind == "duplicate":
                    break
        else:
            firsts.append(one)
    return listed


def _likeness(one: KnownPart, other: KnownPart, fit: Fit) -> Relation:
    scaled = abs(fit.scale - 1) > SCALE_SAME
    kind = "scaled" if scaled else "mirror" if fit.mirrored else "duplicate"
    turned = ", turned" if kind == "duplicate" and np.trace(fit.matrix[:3, :3]) < 2.99 else ""
    cut = "" if len(one.part.mesh.faces) == len(other.part.mesh.faces) else ", remeshed"
    sure = float(np.clip(1 - 12 * fit.mean_mm / other.shape.diagonal_mm, 0.5, 0.99))
    size = (round(fit.scale, 4),) if scaled else ()
    return Relation(kind, (one.part.id, other.part.id), sure, f"{fit.description}{turned}{cut}", size_mm=size)


def _supported(known: Sequence[KnownPart], plain: Sequence[KnownPart], report_progress: Progress) -> list[Relation]:
    """Each copy on supports with the plain part that lies whole within it."""
    supported, copies = [], [k for k in known if k.supports]
    cores = {p.part.id: core_of(p.part.mesh) for p in plain} if copies else {}
    for number, copy in enumerate(copies):
        report_progress(number / len(copies))
        assert copy.supports is not None
        core = core_of(copy.part.mesh, copy.supports.from_mm)
        best = _best_within(copy, core, _candidates(copy, core, plain, cores), cores)
        supported.append(_supported_words(copy, copy.supports, *best))
    return supported


def _candidates(copy: KnownPart, core: Core, plain: Iterable[KnownPart], cores: dict[str, Core]) -> list[KnownPart]:
    """Plain parts that may lie in the copy: less skin, a core alike; those of its name first, then the likest."""
    skin = copy.shape.area_mm2
    may = [p for p in plain if LEAST_SKIN * skin < p.shape.area_mm2 < 1.02 * skin]
    named = [p for p in may if core_name(p.part.name) == core_name(copy.part.name)]
    others = [p for p in may if p not in named and cores[p.part.id].unlike(core) < UNLIKE_CORE]
    return named + sorted(others, key=lambda p: cores[p.part.id].unlike(core))[:MOST_TRIED]


def _best_within(
    copy: KnownPart, core: Core, candidates: Iterable[KnownPart], cores: dict[str, Core]
) -> tuple[float, KnownPart | None]:
    best: tuple[float, KnownPart | None] = (0.0, None)
    for one in candidates:
        tolerance = max(0.1, 0.005 * one.shape.diagonal_mm)
        share = within(one.shape, cores[one.part.id], copy.shape, core, tolerance).share
        best = max(best, (share, one), key=lambda b: b[0])
        if share > INSIDE_SURE:
            break
    return best


def _supported_words(copy: KnownPart, supports: Supports, share: float, plain: KnownPart | None) -> Relation:
    pillars = counted(supports.pillars, "pillar")
    if plain is None or share < INSIDE_SHARE:
        return Relation("supported", (copy.part.id,), 0.7, f"Stands on {pillars}; no plain part of it is in the kit")
    description = f"{pillars}; {share:.0%} of the plain part is found again"
    return Relation("supported", (plain.part.id, copy.part.id), min(share, 0.99), description)


@dataclass(frozen=True, eq=False)
class _Pair:
    shared: float  # of the smaller part
    touch: Contact | None

    @property
    def area_mm2(self) -> float:
        return self.touch.area_mm2 if self.touch else 0.0


def _places(plain: Sequence[KnownPart], joints: Sequence[Relation], report_progress: Progress) -> list[Relation]:
    """Alternatives, joints, clashes and wholes among parts in assembled coordinates."""
    if len(plain) < 2 or not _is_assembled([k.part.mesh for k in plain]):
        return []
    meshes = [k.part.mesh for k in plain]
    cell, floor = cell_for(meshes), min(float(m.bounds_mm[0, 2]) for m in meshes)
    cells = [occupied(m, cell, floor) for m in meshes]
    pairs: dict[tuple[int, int], _Pair] = {}
    for number, (i, j) in enumerate(combinations(range(len(plain)), 2)):
        report_progress(number / (len(plain) * (len(plain) - 1) / 2))
        if boxes_meet(meshes[i], meshes[j]):
            pairs[i, j] = _pair(plain, cells, i, j)
    wholes = _wholes(pairs, cells)
    own = _standing_for(plain, joints, pairs, wholes)
    groups = _alternatives(own, pairs, plain)
    return [
        *(_whole(plain[w], [plain[i] for i in inside]) for w, inside in wholes.items()),
        *(_group(plain, g, pairs) for g in groups if len(g) > 1), *_joints(plain, own, groups, pairs),
    ]  # fmt: skip


def _pair(plain: Sequence[KnownPart], cells: Sequence[Occupied], i: int, j: int) -> _Pair:
    shared = shared_mm3(cells[i], cells[j])
    least = max(min(cells[i].volume_mm3, cells[j].volume_mm3), 1e-9)
    # Alternatives lie within each other; where they touch says nothing.
    touch = contact(plain[i].shape, plain[j].shape) if shared < SAME_SPACE * least else None
    return _Pair(shared / least, touch)


def _is_assembled(meshes: Sequence[Mesh]) -> bool:
    """Whether parts stand where they belong, not each in the middle of its own world."""
    boxes = np.array([m.bounds_mm for m in meshes])
    sizes = np.linalg.norm(boxes[:, 1] - boxes[:, 0], axis=1)
    tolerance = 0.01 * float(np.median(sizes))
    for places in (boxes.mean(axis=1)[:, :2], boxes[:, 0]):
        centred = np.linalg.norm(places - np.median(places, axis=0), axis=1) < tolerance
        if len(meshes) > 2 and centred.mean() >= NOT_PLACED:
            return False
    return True


def _wholes(pairs: dict[tuple[int, int], _Pair], cells: Sequence[Occupied]) -> dict[int, list[int]]:
    """Parts that hold at least three others which lie apart: an assembled copy."""
    held: dict[int, list[int]] = {}
    for (i, j), pair in pairs.items():
        small, large = (i, j) if cells[i].volume_mm3 < cells[j].volume_mm3 else (j, i)
        if pair.shared >= WHOLE_HOLDS:
            held.setdefault(large, []).append(small)
    wholes = {}
    for large, inside in held.items():
        apart: list[int] = []
        for i in sorted(inside, key=lambda k: -len(cells[k].keys)):
            if all(_at(pairs, i, k).shared < LEAST_SHARED for k in apart):
                apart.append(i)
        together = sum(cells[i].volume_mm3 for i in apart)
        if len(apart) >= WHOLE_PARTS and together > 0.5 * cells[large].volume_mm3:
            wholes[large] = apart
    return wholes


_NOTHING = _Pair(0.0, None)


def _at(pairs: dict[tuple[int, int], _Pair], i: int, j: int) -> _Pair:
    return pairs.get((min(i, j), max(i, j)), _NOTHING)


def _standing_for(
    plain: Sequence[KnownPart], places: Sequence[Relation], pairs: dict[tuple[int, int], _Pair], wholes: Iterable[int]
) -> list[int]:
    """Indices of the parts that stand for themselves: of duplicates the one that fits its neighbours best.

    Copies that are joined in places of their own (two wheels, two equal arms) stand for themselves, too.
    """
    index = {k.part.id: i for i, k in enumerate(plain)}
    copies = together([r.parts for r in places if r.kind == "duplicate" and set(r.parts) <= set(index)])
    kin = {i: {index[p] for p in group} for group in copies for i in (index[p] for p in group)}
    left = set(range(len(plain))) - set(wholes)
    stands = set()
    for i in left:
        ranked = sorted(kin.get(i, {i}) & left, key=lambda k: (-_fits(pairs, k, kin.get(k, {k})), k))
        stands.add(ranked[0])
        stands |= {
            k for k in ranked[1:] if _fits(pairs, k, kin[k]) > 0 and _at(pairs, k, ranked[0]).shared < LEAST_SHARED
        }
    return sorted(stands)


def _fits(pairs: dict[tuple[int, int], _Pair], i: int, kin: set[int]) -> int:
    """Clean joints less clashes: a turned copy touches others by chance, deep or not at all."""
    others = [p for (a, b), p in pairs.items() if i in (a, b) and not {a, b} <= kin]
    clean = sum(1 for p in others if p.touch and p.touch.area_mm2 > JOINT_MM2 and p.shared < LEAST_SHARED)
    return clean - 2 * sum(1 for p in others if CLASH / 2 < p.shared < SAME_SPACE)


def _alternatives(
    own: Sequence[int], pairs: dict[tuple[int, int], _Pair], plain: Sequence[KnownPart]
) -> list[list[int]]:
    """Groups of parts that take each other's place, by average linkage (Sokal and Michener 1958)."""
    from scipy.cluster.hierarchy import fcluster, linkage

    if len(own) < 2:
        return [list(own)]
    likeness = [_alternative_likeness(pairs, i, j, own, plain) for i, j in combinations(own, 2)]
    label = fcluster(linkage(1 - np.minimum(likeness, 1.0), "average"), 1 - LINKED, "distance")
    return [[i for i, n in zip(own, label, strict=True) if n == k] for k in dict.fromkeys(label)]


def _alternative_likeness(
    pairs: dict[tuple[int, int], _Pair], i: int, j: int, own: Sequence[int], plain: Sequence[KnownPart]
) -> float:
    pair = _at(pairs, i, j)
    if pair.shared >= SAME_SPACE or pair.shared < LEAST_SHARED:
        return pair.shared
    reach = max(1.5, 0.12 * min(plain[i].shape.diagonal_mm, plain[j].shape.diagonal_mm))
    for k in own:
        one, other = _at(pairs, i, k), _at(pairs, j, k)
        if k not in (i, j) and max(one.shared, other.shared) < CLASH and _same_joint(one.touch, other.touch, reach):
            return max(SAME_JOINT, pair.shared)
    return pair.shared


def _same_joint(a: Contact | None, b: Contact | None, reach_mm: float) -> bool:
    return bool(a and b and max(a.area_mm2, b.area_mm2) > 2 * JOINT_MM2 and _apart(a, b) < reach_mm)


def _apart(a: Contact, b: Contact) -> float:
    return float(np.linalg.norm([a.x_mm - b.x_mm, a.y_mm - b.y_mm, a.z_mm - b.z_mm]))


def _group(plain: Sequence[KnownPart], group: Sequence[int], pairs: dict[tuple[int, int], _Pair]) -> Relation:
    shares = [_at(pairs, i, j).shared for i, j in combinations(group, 2)]
    description = f"{np.mean(shares):.0%} of their space is shared"
    sure = float(np.clip(0.55 + np.mean(shares) / 2, 0.5, 0.99))
    return Relation("alternative", tuple(plain[i].part.id for i in group), sure, description)


def _whole(whole: KnownPart, inside: Sequence[KnownPart]) -> Relation:
    description = f"Fills the place of {len(inside)} other parts at once: an assembled copy"
    return Relation("whole", (whole.part.id, *(k.part.id for k in inside)), 0.85, description)


def _joints(
    plain: Sequence[KnownPart], own: Sequence[int], groups: Sequence[Sequence[int]], pairs: dict[tuple[int, int], _Pair]
) -> list[Relation]:
    """Who touches whom, and who shares too much space for that."""
    group_of = {i: n for n, g in enumerate(groups) for i in g}
    apart = {(i, j): _at(pairs, i, j) for i, j in combinations(own, 2) if group_of[i] != group_of[j]}
    touch: dict[tuple[int, int], Contact | None] = {
        k: p.touch for k, p in apart.items() if p.touch and p.touch.area_mm2 >= JOINT_MM2 and p.shared < CLASH
    }
    deep = {k: p for k, p in apart.items() if p.shared >= CLASH}
    for i in own:
        # A part that would hang in the air is plugged in deep, without a socket: its least overlap is its joint.
        if not any(i in k and not any(plain[o].base for o in k) for k in touch):
            least = min((k for k in deep if i in k and deep[k].touch), key=lambda k: deep[k].shared, default=None)
            if least is not None:
                touch[least] = deep.pop(least).touch
    listed = [_joint(plain[i], plain[j], t) for (i, j), t in touch.items() if t]
    for (i, j), pair in deep.items():
        description = f"{pair.shared:.0%} of the smaller one is shared"
        listed.append(Relation("clash", (plain[i].part.id, plain[j].part.id), min(pair.shared * 3, 0.95), description))
    return listed


def _joint(one: KnownPart, other: KnownPart, touch: Contact) -> Relation:
    """The one that reaches into the other plugs into it."""
    place = np.array([touch.x_mm, touch.y_mm, touch.z_mm])
    if _outside(one.part.mesh, place) > _outside(other.part.mesh, place):
        one, other = other, one
    x, y, z = (round(float(v), 3) for v in place)
    description = f"Touch over {touch.area_mm2:.0f} mm² at ({x:.1f}, {y:.1f}, {z:.1f})"
    sure = float(1 - np.exp(-touch.area_mm2 / SURE_JOINT_MM2))
    # The part that stands out of the other's hull plugs into it: the joint lies deeper in the socket's owner.
    return Relation("joint", (other.part.id, one.part.id), sure, description, (x, y, z))


def _outside(mesh: Mesh, place: Floats) -> float:
    """How near the edge of a part's box a place lies, in shares of its half size: 0 in the middle, 1 at the edge."""
    low, high = mesh.bounds_mm
    shares: NDArray[np.float64] = np.abs(place - (low + high) / 2) / np.maximum((high - low) / 2, 1e-9)
    return float(shares.max())
