"""Every direction a part could hang in, and what each costs by shape alone: the search under the pose chart.

Costs are worked on samples of the part, so that thousands of directions take seconds: its faces (what must be held,
marked, stepped), points of its inside (how large its layers are) and its coarse corners (where layers begin in mid-air
or close a cup). The candidates worth a look are then measured properly: see ``numerus.printing.orientation.pose_measures``.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, field, replace

import numpy as np

from numerus.domain.printing.machines import Machine
from numerus.errors import Cancelled, Progress
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.printing.machines.resting import LEVEL_COS, LIFT_MM, ON_PLATE_MM, flat_mm2, lies_flat
from numerus.printing.orientation.part_samples import Sampled, sampled
from numerus.printing.orientation.rests import rests
from numerus.surface.fields.part_fields import Fields

DIRECTIONS = 1500
BATCH = 300  # directions after which there is something to look at
# Of skin that looks down, cubed cosine and all, tips mark so much: fitted to 98 poses of seven parts with their real supports
# (correlation 0.89; eight in ten within 0.8 and 2.4 times). A default until a pose is supported.
SCAR_SHARE = 0.03
STEP_COS, FLAT_COS = np.cos(np.radians(50)), np.cos(np.radians(4))  # steps show on slopes, not on walls or flats
WARP_COS = np.cos(np.radians(12))
SLABS = 24  # heights the inside is counted in
REFINED, REFINE_DEG, AROUND = 6, (5.0, 2.5), 12
APART_DEG = 25.0

COSTS = ("scars", "supports", "steps", "time", "footprint", "pull", "jumps", "islands", "cups", "warp", "drain")
COST_DESCRIPTION = {
    "scars": "marks of tips on what is seen", "supports": "skin that must be held from below",
    "steps": "layer steps on what is seen", "time": "height, which is time", "footprint": "room on the plate",
    "pull": "the largest layer, which pulls most", "jumps": "sudden changes of layer, which leave lines",
    "islands": "places that begin in mid-air", "cups": "hollows that suck on the film",
    "warp": "thin sheets that lie level and curl", "drain": "hollows that keep resin as it hangs",
}  # fmt: skip

OF_A_FILM = ("pull", "jumps", "cups", "drain")


@dataclass(frozen=True)
class Weights:
    """How much each of COSTS counts, 0..5."""

    scars: float = 5.0
    supports: float = 3.0
    steps: float = 2.0
    time: float = 2.0
    footprint: float = 0.3
    pull: float = 1.0
    jumps: float = 0.3
    islands: float = 1.0
    cups: float = 1.0
    warp: float = 0.3
    drain: float = 0.3

    def on(self, machine: Machine) -> Weights:
        """As they count there: a nozzle has no film that pulls, and shuts nothing in."""
        return replace(self, **dict.fromkeys(OF_A_FILM, 0.0)) if machine.is_dry else self

    @property
    def row(self) -> Floats:
        """In the order of COSTS."""
        return np.array([getattr(self, name) for name in COSTS])


@dataclass(frozen=True, eq=False)
class Search:
    """Directions tried: ``ups`` (n, 3), their ``costs`` (n, 11) in the order of COSTS (areas mm², mm, counts), and their
    ``weighted_cost`` (n,): the weighted mean of each cost as a share of its range, least best;
    ``rests`` (k, 3): the ways it lies on the plate by itself, which are among them.
    """

    ups: Floats
    costs: Floats
    weighted_cost: Floats
    rests: Floats = field(default_factory=lambda: np.zeros((0, 3)))

    @property
    def best(self) -> int:
        return int(np.argmin(self.weighted_cost))

    @property
    def shares(self) -> Floats:
        """Each cost as a share of its range over all directions, 0..1, (n, 11)."""
        return shares(self.costs)

    def cost(self, name: str) -> Floats:
        return self.costs[:, COSTS.index(name)]

    def nearest(self, up: Floats | tuple[float, float, float]) -> int:
        return int(np.argmax(self.ups @ np.asarray(up)))

    def blended(self, weights: Weights) -> Search:
        """The same directions under other weights: at once, since nothing is measured again."""
        return replace(self, weighted_cost=weighted_cost(weights, self.costs))


def shares(costs: Floats) -> Floats:
    low = costs.min(axis=0)
    return (costs - low) / np.maximum(costs.max(axis=0) - low, 1e-12)


def weighted_cost(weights: Weights, costs: Floats) -> Floats:
    """Weighted mean of the shares; what is the same in every direction takes no part."""
    priced = weights.row * (np.ptp(costs, axis=0) > 1e-9)
    return np.asarray(shares(costs) @ priced / max(priced.sum(), 1e-9))


def directions(count: int = DIRECTIONS) -> Floats:
    """Evenly spread unit vectors (count, 3): a Fibonacci sphere (Gonzalez 2010, Measurement of areas on a sphere)."""
    i = np.arange(count) + 0.5
    z = 1 - 2 * i / count
    turn = np.pi * (1 + 5**0.5) * i
    r = np.sqrt(1 - z * z)
    return np.stack([r * np.cos(turn), r * np.sin(turn), z], axis=1)


@kernel
def _leaning(normals, ups, skin, count):  # type: ignore[no-untyped-def]
    """Adds up ``face_costs`` direction by direction, each face once."""
    for d in range(len(ups)):
        x, y, z = ups[d]
        scars, held, steps, curls, seen = 0.0, 0.0, 0.0, 0.0, 0.0
        for f in range(len(normals)):
            cosine = normals[f, 0] * x + normals[f, 1] * y + normals[f, 2] * z
            lean = abs(cosine)
            if cosine < 0:
                hang = -cosine * cosine * cosine
                scars += skin[f, 0] * hang
                held += skin[f, 1] * hang
            if STEP_COS < lean < FLAT_COS:
                steps += skin[f, 2] * (lean - STEP_COS) / (FLAT_COS - STEP_COS)
            if lean > WARP_COS:
                curls += skin[f, 3] * (lean - WARP_COS) / (1 - WARP_COS)
            seen += skin[f, 1] * lean
        count[d] = scars, held, steps, curls, seen / 2


def face_costs(normals: Floats, ups: Floats, marked: Floats, held: Floats, shown: Floats, sheet: Floats) -> Floats:
    """What the lean of faces costs in directions (n, 3), each face by areas of its own, (faces,): float64 (n, 5).

    ``marked`` and ``held`` where it must be held from below: the less the steeper, without a threshold that a pose could lie just
    beyond; ``shown`` as plainly as
    layer steps show: not on walls and flats, most just off level; ``sheet`` as nearly level as it lies; and the shadow of
    ``held``, for a convex part exact (Cauchy 1841), for others an upper bound.
    """
    skin, costs = np.stack([marked, held, shown, sheet], axis=1), np.zeros((len(ups), 5))
    _leaning(np.ascontiguousarray(normals, np.float64), np.ascontiguousarray(ups, np.float64), skin, costs)
    return costs


@kernel
def _layer_sizes(heights, slabs):  # type: ignore[no-untyped-def]
    """Per direction (a row of heights) the fullest slab and the largest step between neighbours, as shares of all points per
    slab height.
    """
    peak, jump = np.zeros(len(heights)), np.zeros(len(heights))
    counts = np.zeros(slabs + 2)
    for d in range(len(heights)):
        row = heights[d]
        low = row.min()
        size = max(row.max() - low, 1e-9)
        counts[:] = 0
        for height in row:
            counts[1 + min(int((height - low) / size * slabs), slabs - 1)] += 1
        for k in range(1, slabs + 1):
            peak[d] = max(peak[d], counts[k])
            jump[d] = max(jump[d], abs(counts[k] - counts[k - 1]))
        scale = slabs / (size * len(row))
        peak[d] *= scale
        jump[d] *= scale
    return peak, jump


@kernel
def _extremes(heights, facing, start, beside, born, cupped, pooled):  # type: ignore[no-untyped-def]
    """Per direction: corners lower than all neighbours that look down (islands) or up (cups), higher that look down (pools)."""
    for i in range(heights.shape[0]):
        if start[i] == start[i + 1]:
            continue
        for d in range(heights.shape[1]):
            lowest, highest = True, True
            for e in range(start[i], start[i + 1]):
                other = heights[beside[e], d]
                lowest = lowest and other > heights[i, d]
                highest = highest and other < heights[i, d]
                if not (lowest or highest):
                    break
            if lowest and facing[i, d] < 0:
                born[d] += 1
            elif lowest:
                cupped[d] += 1
            elif highest and facing[i, d] < 0:
                pooled[d] += 1


def costs_of(part: Sampled, ups: Floats) -> Floats:
    """The costs of directions (n, 3): float64 (n, 11) in the order of COSTS. Raised over the plate, as all but rests are."""
    scars, held, steps, curls, shadow = face_costs(
        part.normals, ups, part.scar_cost, part.area, part.show, part.sheet
    ).T
    height = np.ptp(part.hull @ ups.T, axis=0) + LIFT_MM
    peak, jump = _layer_sizes(ups @ part.inside.T, SLABS)
    born, cupped, pooled = np.zeros(len(ups)), np.zeros(len(ups)), np.zeros(len(ups))
    _extremes(part.corners @ ups.T, part.corner_normals @ ups.T, part.start, part.beside, born, cupped, pooled)
    return np.stack([
        scars * SCAR_SHARE, held, steps, height, shadow, peak * part.volume_mm3, jump * part.volume_mm3, born, cupped, curls, pooled,
    ], axis=1)  # fmt: skip


def rest_costs(part: Sampled, mesh: Mesh, ups: Floats) -> Floats:
    """The same for ways to lie on the plate. Where the face is large enough there is no lift, nothing of that face is seen or
    held, and the plate itself holds it: against pull on no more than the face, against curling, and where layers begin.
    """
    costs = costs_of(part, ups)
    for row, up in zip(costs, ups, strict=True):
        turned = mesh.transformed(rotation_matrix(turning_up(up)))
        if lies_flat(turned):
            row[:] = _on_plate(part, up, row, flat_mm2(turned))
    return costs


def _on_plate(part: Sampled, up: Floats, raised: Floats, face_mm2: float) -> Floats:
    """The costs of a direction raised over the plate as they are with a face of so much lying on it."""
    on_plate = part.places @ up - float((part.hull @ up).min()) <= ON_PLATE_MM
    free = ~(on_plate & (part.normals @ up < -LEVEL_COS))
    skin = (part.scar_cost * free, part.area * free, part.show * free, part.sheet)
    scars, held, steps, _, _ = face_costs(part.normals, up[None], *skin)[0]
    heights = part.inside @ up
    slab = max(float(np.ptp(heights)) / SLABS, 1e-9)
    areas = np.histogram(heights, SLABS)[0] / max(len(heights), 1) * part.volume_mm3 / slab
    new = {
        "scars": scars * SCAR_SHARE, "supports": held, "steps": steps, "time": raised[COSTS.index("time")] - LIFT_MM,
        "pull": max(raised[COSTS.index("pull")] - face_mm2, 0.0), "jumps": np.abs(np.diff(areas)).max(initial=0.0), "warp": 0.0,
    }  # fmt: skip
    return np.array([new.get(name, value) for name, value in zip(COSTS, raised, strict=True)])


def search(
    mesh: Mesh, fields: Fields, weights: Weights, count: int = DIRECTIONS,
    progress: Progress | None = None, met: Callable[[Search], object] | None = None,
) -> Search:  # fmt: skip
    """Score ``count`` directions, then more round the best, and every way the part rests by itself. ``met`` is told
    what is known so far, to be looked at.

    Raises Cancelled when ``progress`` answers False.
    """
    part = sampled(mesh, fields)
    ups, costs = np.zeros((0, 3)), np.zeros((0, len(COSTS)))
    for share, batch in _batches(count):
        if progress is not None and not progress(share):
            raise Cancelled
        ups, costs = np.concatenate([ups, batch]), np.concatenate([costs, costs_of(part, batch)])
        if met is not None:
            met(Search(ups, costs, weighted_cost(weights, costs)))
    for degrees in REFINE_DEG:
        more = _around(ups[apart(ups, weighted_cost(weights, costs), REFINED, APART_DEG)], degrees)
        ups, costs = np.concatenate([ups, more]), np.concatenate([costs, costs_of(part, more)])
    lying = rests(mesh)
    ups, costs = np.concatenate([ups, lying]), np.concatenate([costs, rest_costs(part, mesh, lying)])
    return Search(ups, costs, weighted_cost(weights, costs), lying)


def _batches(count: int) -> Iterator[tuple[float, Floats]]:
    """The sphere evenly in a few goes: each is spread over all of it."""
    every = max(count // BATCH, 1)
    ups = directions(count)
    for first in range(every):
        yield first / every, ups[first::every]


def apart(ups: Floats, cost: Floats, most: int, degrees: float, taken: Floats | None = None) -> list[int]:
    """Indices of the least costs whose directions differ by ``degrees`` from each other and from ``taken`` (k, 3)."""
    near, chosen = np.cos(np.radians(degrees)), []  # type: ignore[var-annotated]
    free = np.ones(len(ups), np.bool_) if taken is None or not len(taken) else ~(ups @ taken.T > near).any(axis=1)
    for k in np.argsort(cost, kind="stable"):
        if len(chosen) < most and free[k]:
            chosen.append(int(k))
            free &= ups @ ups[k] < near
    return chosen


def _around(ups: Floats, degrees: float) -> Floats:
    """A ring of directions round each."""
    turn = np.arange(AROUND) * 2 * np.pi / AROUND
    rows = []
    for up in ups:
        side = np.cross(up, np.eye(3)[int(np.argmin(np.abs(up)))])
        side /= np.linalg.norm(side)
        ring = np.outer(np.cos(turn), side) + np.outer(np.sin(turn), np.cross(up, side))
        rows.append(np.cos(np.radians(degrees)) * up + np.sin(np.radians(degrees)) * ring)
    return np.concatenate(rows) if rows else np.zeros((0, 3))
