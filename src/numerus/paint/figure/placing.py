"""Where paint lies on a figure: every technique as a film or a covered share, worked out from the skin's fields.

Works on any places of the skin, vertices or a picture's samples. Films are never negative, shares lie within 0..1.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from functools import cached_property

import numpy as np

from numerus.domain.painting.recipes import BY_HAND, Placing, RecipeStep
from numerus.geometry.mesh import Floats
from numerus.paint.figure.drawn import drawn_cover
from numerus.paint.scheme import laid_um
from numerus.paint.techniques import BROKEN, TECHNIQUES

GLOW_MM = 6.0  # how far from its point a glow has fallen to a quarter
LOW_MM = 12.0  # (default) how high above the ground what is thrown up from it reaches
POOL, FOLD, RIDGE_LEFT = 0.45, 2.6, 0.25  # a wash's film on flats that face up, in folds, on ridges, times its own


@dataclass(frozen=True, eq=False)
class Places:
    """Places of a figure's skin: ``position`` mm and ``normal`` (n, 3); fields (n,) 0..1."""

    position: Floats
    normal: Floats
    openness: Floats
    recess: Floats
    ridge: Floats
    lit: Floats
    meets: Floats
    border_of: Callable[[], Floats] | None = field(default=None, kw_only=True)

    @cached_property
    def border(self) -> Floats:
        """1 where another zone begins, falling to 0 a little beside; 0 where zones are not known. Worked out when it is asked for."""
        return np.zeros(len(self)) if self.border_of is None else self.border_of()

    def __len__(self) -> int:
        return len(self.openness)

    def some(self, chosen: np.ndarray) -> Places:  # type: ignore[type-arg]
        """Those of an index or mask."""
        own = (getattr(self, name)[chosen] for name in self.__dataclass_fields__ if name != "border_of")
        return Places(*own, border_of=None if self.border_of is None else lambda: self.border[chosen])


@dataclass(frozen=True, eq=False)
class Lying:
    """A stroke on places: dry ``film_um`` (n,) where it lies, and the share of each place it ``covers`` (n,)."""

    film_um: Floats
    covers: Floats

    @property
    def mean_um(self) -> Floats:
        """Dry film averaged over each place, (n,)."""
        return self.film_um * self.covers


def step_up(values: Floats, low: float, high: float) -> Floats:
    """0 below ``low``, 1 above ``high``, smooth between."""
    t = np.clip((values - low) / (high - low), 0, 1)
    return t * t * (3 - 2 * t)


def _toward(placing: Placing) -> Floats:
    way = np.asarray(placing.toward, float)
    return way / max(float(np.linalg.norm(way)), 1e-9)


RUBBED, FRONT, BORDER = "rubbed", "front", "border"
MASKS = ("everywhere", "up", "under", "recess", "ridge", "open", "lit", "low", FRONT, RUBBED, BORDER, BY_HAND)
"""What looks to the front half; where parts meet, and rub where they move; where zones end; what was drawn by hand."""


def mask_of(placing: Placing, places: Places) -> Floats:
    """How far a placing's mask holds at each place, 0..1 (n,); 1 where it names none."""
    up = places.normal[:, 2]
    masks = {
        "up": lambda: step_up(up, -0.1, 0.6), "under": lambda: step_up(-up, -0.1, 0.6),
        "recess": lambda: step_up(places.recess, 0.05, 0.35), "ridge": lambda: step_up(places.ridge, 0.08, 0.35),
        "open": lambda: step_up(places.openness, 0.35, 0.75), "lit": lambda: step_up(places.lit, 0.2, 0.7),
        "low": lambda: 1 - step_up(places.position[:, 2] - placing.at[2], LOW_MM / 4, LOW_MM),
        FRONT: lambda: step_up(-places.normal[:, 1], -0.35, 0.15), RUBBED: lambda: step_up(places.meets, 0.2, 0.8),
        BORDER: lambda: step_up(places.border, 0.55, 0.85),
        BY_HAND: lambda: drawn_cover(placing.drawn, places.position, places.normal),
    }  # fmt: skip
    return masks[placing.mask]() if placing.mask in masks else np.ones(len(places))


def lying(step: RecipeStep, places: Places) -> Lying:
    """How a stroke lies on places of its zone."""
    film_um, placing = laid_um(step), step.placing
    mask = mask_of(placing, places) * max(placing.amount, 0.0)
    if step.technique in BROKEN:
        share = np.clip(_COVERED[step.technique](places, placing) * mask, 0, 1)
        return Lying(np.full(len(places), film_um), share)
    times = _FILMS.get(step.technique, _even)(places, placing)
    return Lying(film_um * np.maximum(times * mask, 0), np.ones(len(places)))


def _even(places: Places, placing: Placing) -> Floats:
    return np.ones(len(places))


def _spray(places: Places, placing: Placing) -> Floats:
    """From a direction: by the cosine, where the way is free; as it is lit where it comes from above."""
    facing = np.clip(places.normal @ _toward(placing), 0, 1)
    return np.asarray(1.15 * facing * np.clip(places.openness * 1.3, 0.1, 1) + 0.06)


def _wash(places: Places, placing: Placing) -> Floats:
    """Runs off ridges into folds, and pools on flats that face up."""
    flat = (1 - step_up(places.recess, 0.02, 0.2)) * (1 - step_up(places.ridge, 0.02, 0.2))
    pooled = POOL * flat * step_up(places.normal[:, 2], 0.5, 1.0)
    folds = FOLD * step_up(places.recess, 0.03, 0.6) + 0.5 * (1 - places.openness)
    return np.asarray((0.55 + pooled + folds) * (1 - (1 - RIDGE_LEFT) * step_up(places.ridge, 0.03, 0.35)))


def _one_coat(places: Places, placing: Placing) -> Floats:
    """A translucent coat: gathers in folds and on flats, thin on ridges, but lies everywhere."""
    return np.asarray(0.45 + 0.35 * _wash(places, placing))


def _layer(places: Places, placing: Placing) -> Floats:
    """Where it is open and looks up, thinning out at its ends."""
    reach = 0.65 * places.openness + 0.35 * (0.5 + 0.5 * places.normal[:, 2])
    return np.asarray(step_up(reach, 0.38, 0.78) * (1 - step_up(places.recess, 0.05, 0.3)))


def _streak(places: Places, placing: Placing) -> Floats:
    """Down from a line: columns of the skin that got some, thinner the steeper they hang over."""
    turn = np.arctan2(places.position[:, 1], places.position[:, 0])
    columns = _noise(np.stack([turn * 6 / max(placing.size_mm, 0.05), 0 * turn, 0 * turn], axis=1), placing.seed)
    steep = 1 - np.abs(places.normal[:, 2])
    return np.asarray(step_up(columns, 0.55, 0.8) * steep)


def _glow(places: Places, placing: Placing) -> Floats:
    """From a point of light: by distance squared and cosine, on what faces it."""
    way = np.asarray(placing.at, float) - places.position
    far = np.linalg.norm(way, axis=1)
    facing = np.clip(np.einsum("ij,ij->i", way, places.normal) / np.maximum(far, 1e-6), 0, 1)
    return np.asarray(facing / (1 + (far / GLOW_MM) ** 2 * 3))


_FILMS = {"spray": _spray, "one-coat": _one_coat, "wash": _wash, "layer": _layer, "streak": _streak, "glow": _glow}


def _dry_brush(places: Places, placing: Placing) -> Floats:
    """On ridges and what stands against the stroke, broken by the bristles."""
    against = 0.5 + 0.5 * np.clip(places.normal @ _toward(placing), -1, 1)
    caught = 1.25 * step_up(places.ridge, 0.02, 0.3) + 0.35 * places.openness * against
    grain = _noise(places.position * 7.0, placing.seed)
    return np.asarray(
        step_up(caught - 0.55 * (1 - step_up(places.recess, 0.1, 0.02)) + 0.5 * (grain - 0.5), 0.15, 0.75)
    )


def _edge(places: Places, placing: Placing) -> Floats:
    """On ridges narrower than the brush."""
    return step_up(places.ridge, 0.14, 0.32)


def _stipple(places: Places, placing: Placing) -> Floats:
    return step_up(_noise(places.position / max(placing.size_mm, 0.05), placing.seed), 0.45, 0.6)


def _sponge(places: Places, placing: Placing) -> Floats:
    coarse = _noise(places.position / max(2.5 * placing.size_mm, 0.05), placing.seed)
    return np.asarray(step_up(0.6 * coarse + 0.4 * _noise(places.position * 4, placing.seed + 1), 0.5, 0.6))


def _chip(places: Places, placing: Placing) -> Floats:
    """Strewn over ridges."""
    strewn = _noise(places.position / max(placing.size_mm, 0.05), placing.seed)
    return np.asarray(step_up(strewn + 0.5 * step_up(places.ridge, 0.1, 0.35), 0.88, 0.95))


def _pattern(places: Places, placing: Placing) -> Floats:
    """Stripes across a direction, as wide as the gaps between them."""
    along = places.position @ _toward(placing)
    wave = np.abs((along / max(2 * placing.size_mm, 0.05)) % 1.0 - 0.5)
    return step_up(wave, 0.22, 0.28)


def _blotch(places: Places, placing: Placing) -> Floats:
    """Soft-edged patches as large as told, over about a third of the skin."""
    coarse = _noise(places.position / max(placing.size_mm, 0.05), placing.seed)
    fine = _noise(places.position / max(0.4 * placing.size_mm, 0.05), placing.seed + 1)
    return step_up(0.75 * coarse + 0.25 * fine, 0.53, 0.57)


def _line(places: Places, placing: Placing) -> Floats:
    """What was drawn; nothing where nothing is yet."""
    return drawn_cover(placing.drawn, places.position, places.normal)


def _resist(places: Places, placing: Placing) -> Floats:
    """Strewn as chips are; all of its mask where that is drawn by hand."""
    return np.ones(len(places)) if placing.mask == BY_HAND else _chip(places, placing)


def _rubbed_back(places: Places, placing: Placing) -> Floats:
    """All there is to rub: how much the resist below left is known where strokes lie on each other."""
    return np.ones(len(places))


_COVERED = {
    "line": _line,
    "resist": _resist,
    "rub-back": _rubbed_back,
    "dry-brush": _dry_brush,
    "edge": _edge,
    "stipple": _stipple,
    "sponge": _sponge,
    "chip": _chip,
    "pattern": _pattern,
    "blotch": _blotch,
}


def _noise(at: Floats, seed: int) -> Floats:
    """Smooth noise 0..1 over space (n, 3), one lump a unit: values at whole places, blended (Perlin 1985, An image synthesizer)."""
    cell = np.floor(at).astype(np.int64)
    part = at - cell
    blend = part * part * (3 - 2 * part)
    total = np.zeros(len(at))
    for corner in range(8):
        aside = np.array([corner >> 2 & 1, corner >> 1 & 1, corner & 1])
        weight = np.prod(np.where(aside, blend, 1 - blend), axis=1)
        total += weight * _hashed(cell + aside, seed)
    return total


def _hashed(cell: np.ndarray, seed: int) -> Floats:  # type: ignore[type-arg]
    """A number 0..1 of each whole place, the same for the same seed."""
    mixed = (cell[:, 0] * 73856093) ^ (cell[:, 1] * 19349663) ^ (cell[:, 2] * 83492791) ^ (seed * 2654435761)
    mixed = (mixed ^ (mixed >> 13)) * 1274126177 & 0x7FFFFFFF
    return np.asarray((mixed ^ (mixed >> 16)) % 65536 / 65535.0)


def stroke_laid_ml(step: RecipeStep, laid: Lying, area_mm2: Floats, solids: float) -> float:
    """Wet ml of a thinned mix: dry film over the skin, over the share that stays, and what is lost on the way."""
    dry_ml = float((laid.mean_um * area_mm2).sum()) * 1e-6  # µm · mm² are 1e-3 mm³
    return dry_ml * (1 + TECHNIQUES[step.technique].lost) / solids if solids > 0 else 0.0
