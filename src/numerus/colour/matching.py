"""Which paints of a rack, in how many whole drops, come nearest to a colour: every pot, pair and triple is looked at.

Sets of pots are first ranked by few proportions on few bands, in a metric that stands for ΔE2000 near the target; the best are
then worked out in all proportions on all bands, and the best of those by ΔE2000 itself. A small rack skips the first step.
"""

from __future__ import annotations

import os
from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from functools import cache, partial
from itertools import combinations, product
from math import comb, gcd

import numpy as np
from numpy.typing import NDArray

from numerus.colour.films import COAT_UM, Pigment, film, hiding_reflectance
from numerus.colour.light import delta_e
from numerus.colour.matching_kernels import nearest_beside, nearest_proportions, pair_sums, rank_triples
from numerus.colour.observer import BANDS, WHITE_XYZ, XYZ_WEIGHTS
from numerus.colour.reflectance import lab_of_reflectance
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats

MOST_DROPS = 12
FEW_TRIPLES = 10_000  # so many are worked out whole: a rack of 40 pots
NEAR_TRIPLES, KEPT_TRIPLES, FINALISTS = 40_000, 5_000, 200  # by coarse proportions, by those beside the best, by all
COARSE, BESIDE = 18, 26  # proportions every triple is tried in, and those tried about the best of them
COARSE_BANDS = 9
_ROOT_STEPS = 4_800  # a little past white

Indices = NDArray[np.int64]
_Optics = tuple[Floats, Floats]


@dataclass(frozen=True)
class Match:
    """A mix that comes near: pots by their place in the rack, whole drops of each, and how far it is off."""

    pots: tuple[int, ...]
    drops: tuple[int, ...]
    delta_e: float


@dataclass(frozen=True, eq=False)
class Target:
    """The colour wanted, and over what: hiding, or as one film of ``film_um`` on a ``ground`` (BANDS,)."""

    lab: Floats
    ground: Floats | None = None
    film_um: float = COAT_UM

    def seen(self, absorption: Floats, scattering: Floats) -> Floats:
        """How mixes (..., BANDS) look: Lab (..., 3)."""
        if self.ground is None:
            return lab_of_reflectance(hiding_reflectance(absorption, scattering))
        return lab_of_reflectance(film(absorption, scattering, self.ground, self.film_um))


@cache
def proportions(paints: int) -> Indices:
    """Whole drops of so many paints, at most ``MOST_DROPS`` together, each proportion once: int64 (m, paints)."""
    drops = product(range(1, MOST_DROPS), repeat=paints) if paints > 1 else [(1,)]
    return np.array([d for d in drops if sum(d) <= MOST_DROPS and gcd(*d) == 1], np.int64)


def matches(
    rack: Sequence[Pigment], target: Target, most: int = 3, keep: int = 24, progress: Progress | None = None
) -> list[Match]:
    """The best proportion of every set of up to ``most`` pots, the ``keep`` nearest sets, nearest first.

    Raises Cancelled when ``progress`` says so.
    """
    optics = np.stack([p.absorption for p in rack]), np.stack([p.scattering for p in rack])
    listed = []
    for paints in range(1, min(most, len(rack)) + 1):
        sets = _sets(optics, target, paints, progress)
        listed += _worked_out(optics, target, sets)
    return sorted(listed, key=lambda m: m.delta_e)[:keep]


def _sets(optics: _Optics, target: Target, paints: int, progress: Progress | None) -> Indices:
    """The sets of so many pots worth working out: all of few, else the best by a metric, int64 (n, paints)."""
    pots = len(optics[0])
    if paints == 3 and comb(pots, 3) > FEW_TRIPLES:
        sets = _ranked_triples(optics, target, progress)
    else:
        sets = np.array(list(combinations(range(pots), paints)), np.int64)
    if len(sets) <= FINALISTS:
        return sets
    near = _in_threads(partial(_nearest, optics, target), np.array_split(sets, 2 * _workers()))
    return sets[np.argsort(np.concatenate(near), kind="stable")[:FINALISTS]]


def _nearest(optics: _Optics, target: Target, sets: Indices) -> NDArray[np.float32]:
    """Squared distance of each set's best proportion from the target on all bands."""
    return np.asarray(
        nearest_proportions(
            *_singles(optics, BANDS), sets, _shares(proportions(sets.shape[1])), *_target(target, BANDS)
        )
    )


def _worked_out(optics: _Optics, target: Target, sets: Indices) -> list[Match]:
    """Every proportion of each set by ΔE2000; the best of each."""
    drops = proportions(sets.shape[1])
    share = drops / drops.sum(axis=1, keepdims=True)
    apart = delta_e(target.seen(share @ optics[0][sets], share @ optics[1][sets]), target.lab)
    best = apart.argmin(axis=1)
    return [
        Match(tuple(map(int, pots)), tuple(map(int, drops[b])), float(row[b]))
        for pots, b, row in zip(sets, best, apart, strict=True)
    ]


def _ranked_triples(optics: _Optics, target: Target, progress: Progress | None) -> Indices:
    """The triples that come nearest in few proportions on few bands."""
    pots, workers = len(optics[0]), _workers()
    (first, *others), beside = _coarse_proportions()
    k, s = _singles(optics, COARSE_BANDS)
    goal = _target(target, COARSE_BANDS)
    pairs = np.array(list(combinations(range(pots), 2)), np.int64)
    one = partial(_rank_from, (k, s, *(pair_sums(v, *others) for v in (k, s)), pairs, first, *goal))
    listed: list[tuple[NDArray[np.generic], ...]] = []
    steps = np.array_split(np.arange(pots - 2), max(pots // 8, 1))
    for number, firsts in enumerate(steps):
        listed += _in_threads(one, [firsts[w::workers] for w in range(workers)])
        if progress is not None and not progress((number + 1) / len(steps)):
            raise Cancelled
    sets, far, at = _nearest_rows([np.concatenate(column) for column in zip(*listed, strict=True)], NEAR_TRIPLES)
    beside_best = _in_threads(
        lambda rows: nearest_beside(sets[rows], at[rows], beside, k, s, *goal),
        np.array_split(np.arange(len(sets)), 2 * _workers()),
    )
    best = _least(np.minimum(far, np.concatenate(beside_best)), KEPT_TRIPLES)
    return sets[best[np.lexsort(sets[best].T[::-1])]]


def _rank_from(tried, firsts: Indices):  # type: ignore[no-untyped-def]
    """Triples whose first pot is one of ``firsts``, their distance, and by which proportion: the nearest of them."""
    return _nearest_rows(rank_triples(firsts, *tried), NEAR_TRIPLES)


def _nearest_rows(columns, many: int):  # type: ignore[no-untyped-def]
    """Columns sets, distance, proportion: the rows of the ``many`` least distances."""
    rows = _least(columns[1], many)
    return tuple(column[rows] for column in columns)


def _least(far: NDArray[np.float32], many: int) -> Indices:
    """Where the ``many`` least are, in no order; all where there are fewer."""
    return np.argpartition(far, many)[:many] if len(far) > many else np.arange(len(far))


def _singles(optics: _Optics, bands: int) -> tuple[NDArray[np.float32], NDArray[np.float32]]:
    """K and S on so many bands, each the mean of those it stands for, float32 (n, bands)."""
    many = len(optics[0])
    k, s = (np.ascontiguousarray(a.reshape(many, bands, -1).mean(axis=2), np.float32) for a in optics)
    return k, s


@cache
def _roots() -> NDArray[np.float32]:
    """The cube roots of the squares of 0, 1/4000 … 1.2: cube roots by place of a square root."""
    return np.asarray(((np.arange(_ROOT_STEPS + 1) / 4000) ** 2) ** (1 / 3), np.float32)


def _target(target: Target, bands: int):  # type: ignore[no-untyped-def]
    """What kernels measure against: weights of the bands, ground, film (0 for hiding), Lab, metric, cube roots."""
    weights = (XYZ_WEIGHTS / WHITE_XYZ[:, None]).reshape(3, bands, -1).sum(axis=2)
    ground = np.zeros(BANDS) if target.ground is None else target.ground
    thick = 0.0 if target.ground is None else target.film_um
    below = ground.reshape(bands, -1).mean(axis=1)
    return (
        *(np.ascontiguousarray(a, np.float32) for a in (weights, below)), np.float32(thick),
        target.lab.astype(np.float32), _metric(target.lab).astype(np.float32), _roots(),
    )  # fmt: skip


def _metric(lab: Floats, step: float = 0.25) -> Floats:
    """(3, 3): G with ΔE2000² ≈ dᵀ G d for small differences d of Lab about a colour."""
    corners = np.array(
        [np.eye(3)[i] * s + np.eye(3)[j] * t for i in range(3) for j in range(3) for s in (1, -1) for t in (1, -1)]
    )
    squared = (delta_e(lab + step * corners, lab) ** 2).reshape(3, 3, 2, 2)
    mixed = (squared[..., 0, 0] + squared[..., 1, 1] - squared[..., 0, 1] - squared[..., 1, 0]) / (8 * step * step)
    return np.asarray(mixed)


def _shares(drops: Indices) -> NDArray[np.float32]:
    """Drops (m, paints) as shares of the mix, float32 (paints, m)."""
    return np.ascontiguousarray((drops / drops.sum(axis=1, keepdims=True)).T, np.float32)


@cache
def _coarse_proportions() -> tuple[NDArray[np.float32], NDArray[np.float32]]:
    """Shares of three paints tried first, (3, c): well spread, small shares too; and the nearest beside each, (c, 3, m)."""
    shares = _shares(proportions(3))
    spread = np.sqrt(shares.T)
    first = [int(np.argmin(((spread - spread.mean(axis=0)) ** 2).sum(axis=1)))]
    far = ((spread - spread[first[0]]) ** 2).sum(axis=1)
    while len(first) < COARSE:
        first.append(int(far.argmax()))
        far = np.minimum(far, ((spread - spread[first[-1]]) ** 2).sum(axis=1))
    apart = ((spread[None] - spread[first][:, None]) ** 2).sum(axis=2)
    beside = np.argsort(apart, axis=1, kind="stable")[:, 1:BESIDE]
    return np.ascontiguousarray(shares[:, first]), np.ascontiguousarray(shares[:, beside].swapaxes(0, 1))


def _workers() -> int:
    return max(os.cpu_count() or 1, 1)


def _in_threads(act, pieces):  # type: ignore[no-untyped-def]
    """Kernels give the interpreter's lock back, so that pieces run beside each other."""
    with ThreadPoolExecutor(_workers()) as pool:
        return list(pool.map(act, [p for p in pieces if len(p)]))
