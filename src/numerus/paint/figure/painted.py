"""A zone's paint on a figure: its strokes as films one over the other, worked out once for every way they lie together."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.colour.films import Pigment, broken
from numerus.colour.light import lab_of_xyz
from numerus.colour.observer import XYZ_WEIGHTS
from numerus.colour.reflectance import light_of
from numerus.domain.painting.recipes import RecipeStep
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.figure.placing import Lying, Places, lying
from numerus.paint.rack.pots import Rack
from numerus.paint.techniques import RESIST, RUB_BACK

STEPS = 40  # films and shares are told in so many steps; finer is not seen
PRIMER_UM = 22.0
MOST_POSSIBLE = 64  # keys for each place, up to which a table of them all is quicker than sorting


@dataclass(frozen=True, eq=False)
class Primer:
    """What lies under the paint: one colour, or an upper one sprayed over a lower from a direction."""

    lower: Floats
    upper: Floats | None = None
    toward: tuple[float, float, float] = (0.0, 0.0, 1.0)

    def on(self, places: Places) -> tuple[Floats, Floats]:
        """Grounds (k, BANDS) and which of them each place has (n,)."""
        if self.upper is None:
            return self.lower[None], np.zeros(len(places), np.int64)
        way = np.asarray(self.toward, float)
        share = np.clip(0.5 + 0.65 * (places.normal @ (way / np.linalg.norm(way))), 0, 1) * np.clip(
            1.2 * places.openness, 0, 1
        )
        tones = np.linspace(0, 1, STEPS + 1)[:, None]
        return broken(self.upper, self.lower, tones), np.round(STEPS * share).astype(np.int64)


@dataclass(frozen=True, eq=False)
class PaintedZone:
    """Places of one zone: the looks (k, BANDS) there are, and which each place has (n,); how every stroke lies."""

    looks: Floats
    index: np.ndarray  # type: ignore[type-arg]
    strokes: tuple[Lying, ...]

    def light(self) -> Floats:
        """Linear sRGB of each place, (n, 3)."""
        return light_of(self.looks)[self.index]

    def lab(self) -> Floats:
        return lab_of_xyz(self.looks @ XYZ_WEIGHTS.T)[self.index]


def painted_zone(
    steps: Sequence[RecipeStep], rack: Rack, primer: Primer, places: Places, finest: int = STEPS
) -> PaintedZone:
    """A recipe's strokes on places of its zone. Strokes whose paint is gone are left out. A resist changes nothing until it is
    rubbed back: then what lay below it shows again.
    """
    bare = PaintedZone(*primer.on(places), ())
    return list(painted_steps(steps, rack, bare, places, finest))[-1] if steps else bare


def painted_steps(
    steps: Sequence[RecipeStep], rack: Rack, bare: PaintedZone, places: Places, finest: int = STEPS
) -> Iterator[PaintedZone]:
    """The zone after each of its strokes, begun from ``bare``, as it is primed; one whose paint is gone changes nothing."""
    zone, below_resist = bare, None
    for step in steps:
        paint = _pigment(step, rack)
        if paint is not None:
            laid = lying(step, places)
            if step.technique == RESIST:
                below_resist = zone, laid.covers
            if step.technique == RUB_BACK:
                laid = Lying(laid.film_um, laid.covers * (below_resist[1] if below_resist else 0.0))
            looks, index = _after(step, paint, laid, zone, below_resist[0] if below_resist else None, finest)
            zone = PaintedZone(looks, index, (*zone.strokes, laid))
        yield zone


def _pigment(step: RecipeStep, rack: Rack) -> Pigment | None:
    try:
        return rack.pigment(step.mix)
    except PlanError:
        return None


def _after(step, paint: Pigment, laid: Lying, zone: PaintedZone, kept: PaintedZone | None, finest: int):  # type: ignore[no-untyped-def]
    """Looks after a stroke: a resist changes nothing until it is rubbed back, then what was ``kept`` below it shows."""
    if step.technique == RUB_BACK and kept is not None:
        return _shown_again((kept.looks, kept.index), laid.covers, zone.looks, zone.index, finest)
    if step.technique in (RESIST, RUB_BACK):
        return zone.looks, zone.index
    return _laid_over(paint, laid, zone.looks, zone.index, finest)


def _shown_again(below, covers: Floats, looks: Floats, index, finest: int):  # type: ignore[no-untyped-def]
    """Looks where what lay below a resist shows again over a share of each place."""
    below_looks, below_index = below
    key = (index * len(below_looks) + below_index) * (finest + 1) + np.round(covers * finest).astype(np.int64)
    alike, back = _distinct(key)
    both, share = np.divmod(alike, finest + 1)
    now, then = np.divmod(both, len(below_looks))
    return _fewer(broken(below_looks[then], looks[now], share[:, None] / finest), back)


def _laid_over(paint: Pigment, laid: Lying, looks: Floats, index, finest: int):  # type: ignore[no-untyped-def]
    """Looks after a stroke: films and shares in steps, so that places that look alike are worked out once."""
    most = max(float(laid.film_um.max(initial=0.0)), 1e-9)
    film = np.round(laid.film_um / most * finest).astype(np.int64)
    share = np.round(laid.covers * finest).astype(np.int64)
    key = (index * (finest + 1) + film) * (finest + 1) + share
    alike, back = _distinct(key)
    share_of, rest = alike % (finest + 1), alike // (finest + 1)
    film_of, look_of = rest % (finest + 1), rest // (finest + 1)
    below = looks[look_of]
    over = paint.over(below, most / finest * film_of[:, None])
    return _fewer(broken(over, below, share_of[:, None] / finest), back)


def _distinct(key: NDArray[np.int64]) -> tuple[NDArray[Any], NDArray[Any]]:
    """Keys there are, in order, and which of them each is: as ``np.unique`` tells, by a table where few keys are possible."""
    possible = int(key.max(initial=0)) + 1
    if possible > MOST_POSSIBLE * len(key):
        return np.unique(key, return_inverse=True)
    there = np.zeros(possible, np.bool_)
    there[key] = True
    alike = np.flatnonzero(there)
    number = np.empty(possible, np.int32)
    number[alike] = np.arange(len(alike))
    return alike, number[key]


def _fewer(looks: Floats, index, most: int = 6000):  # type: ignore[no-untyped-def]
    """Looks that cannot be told apart made one, so that their number does not grow with every stroke."""
    if len(looks) <= most:
        return looks, index
    tone = np.round(lab_of_xyz(looks @ XYZ_WEIGHTS.T) / 0.7).astype(np.int64) + 400
    _, first, back = np.unique(tone @ [1_000_000, 1_000, 1], return_index=True, return_inverse=True)
    return looks[first], back[index]
