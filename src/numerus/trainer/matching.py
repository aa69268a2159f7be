"""Mixing to match: a colour that two pots make, to be met by drops of your own; then what a third pot would have done."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from numerus.colour.films import mixed
from numerus.colour.light import delta_e, value_of
from numerus.colour.matching import Target
from numerus.colour.reflectance import hex_of_reflectance, lab_of_reflectance
from numerus.domain.painting.paints import Paint
from numerus.geometry.mesh import Floats
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.matching import mixes_for, strong_pigment
from numerus.trainer.exercise import MIX, Card, Exercise, Mark

MATCHED, FAR = 2.0, 15.0  # ΔE (CIEDE2000) that nobody sees at arm's length; that counts as nothing
POTS = (0, 3, 4, 5)  # by level: how many stand there
MOST_DROPS = 8


def usable(paints: Sequence[Paint]) -> list[Paint]:
    """Opaque pots that are there."""
    return [p for p in paints if not p.gone and not kind_of(p).clear]


def mix_to_match(seed: int, level: int, paints: Sequence[Paint]) -> Exercise:
    """A target that two of a few pots make in whole drops. Raises ValueError where there are too few pots."""
    pots = usable(paints)
    if len(pots) < POTS[level]:
        raise ValueError("too few pots")
    dice = np.random.default_rng([seed, level, 6])
    shown = [pots[n] for n in dice.permutation(len(pots))[: POTS[level]]]
    truth = [int(dice.integers(1, 5)), int(dice.integers(1, 5)), *([0] * (len(shown) - 2))]
    target = _hiding(shown, truth)

    def mark(drops: Sequence[float]) -> Mark:
        return mark_mix(shown, target, drops, truth)

    cards = (Card("target", (), hex_of_reflectance(target)), *(Card(p.name, (p.kind,), p.colour) for p in shown))
    names = tuple(p.name for p in shown)
    return Exercise(MIX, seed, level, "Mix the target: so many drops of each.", cards, 0, mark, "drops", names)


def _hiding(pots: Sequence[Paint], drops: Sequence[float]) -> Floats:
    """The reflectance of a mix where it hides."""
    used = [(p, d) for p, d in zip(pots, drops, strict=True) if d > 0]
    return np.asarray(mixed([strong_pigment(p) for p, _ in used], [d for _, d in used]).hiding)


def mark_mix(pots: Sequence[Paint], target: Floats, drops: Sequence[float], truth: Sequence[float]) -> Mark:
    """By ΔE and value; the nearest of up to three of these pots beside it."""
    if not any(d > 0 for d in drops):
        return Mark(0.0, "No drop of anything is no mix.")
    lab = lab_of_reflectance(target)
    own = _hiding(pots, drops)
    far = float(delta_e(lab_of_reflectance(own), lab))
    value = value_of(hex_of_reflectance(own)) - value_of(hex_of_reflectance(target))
    lighter = "as light" if abs(value) < 1 else f"{abs(value):.0f} L* {'lighter' if value > 0 else 'darker'}"
    made = ", ".join(f"{d:g} {p.name}" for p, d in zip(pots, truth, strict=True) if d)
    words = f"ΔE {far:.1f}, {lighter}. The target is {made}."
    best = mixes_for(pots, Target(lab), 3)
    third = next((m for m in best if len(m.parts) == 3), None)
    if third is not None:
        words += f" Three pots come within ΔE {third.delta_e:.1f}."
    return Mark(float(np.clip((FAR - far) / (FAR - MATCHED), 0, 1)), words)
