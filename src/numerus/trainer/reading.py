"""Reading the value: six colours from dark to light, and the two neighbours that melt into each other."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import combinations

import numpy as np

from numerus.colour.light import hex_of_lab, value_of
from numerus.trainer.exercise import MELT, VALUE, Card, Exercise, Mark

SAME_L = 1.5  # L* that no eye is asked to tell apart
APART_L = (0.0, 14.0, 8.0, 5.0)  # by level: between neighbours in lightness
MELTS_L, CLEAR_L = (0.0, 3.0, 4.0, 5.0), (0.0, 14.0, 10.0, 8.0)  # by level: the melting pair, and every other


def _colour(dice: np.random.Generator, lightness: float) -> str:
    """Any hue and strength a screen can show at a lightness."""
    for _ in range(40):
        hue, chroma = dice.uniform(0, 2 * np.pi), dice.uniform(10, 60)
        shown = hex_of_lab(np.array([lightness, chroma * np.cos(hue), chroma * np.sin(hue)]))
        if abs(value_of(shown) - lightness) < 0.6:
            return shown
    return hex_of_lab(np.array([lightness, 0.0, 0.0]))


def values(seed: int, level: int) -> Exercise:
    """Six colours whose hues mislead, to be put from dark to light."""
    dice = np.random.default_rng([seed, level, 1])
    step = APART_L[level]
    lowest = dice.uniform(12, 90 - 5 * step)
    lights = dice.permutation(lowest + step * np.arange(6) + dice.uniform(-0.2, 0.2, 6) * step)
    colours = [_colour(dice, float(light)) for light in lights]

    def mark(order: Sequence[float]) -> Mark:
        return mark_order([value_of(c) for c in colours], [int(n) for n in order])

    return Exercise(
        VALUE,
        seed,
        level,
        "Press them from the darkest to the lightest.",
        tuple(Card("", (), c) for c in colours),
        6,
        mark,
    )


def mark_order(lights: Sequence[float], order: Sequence[int]) -> Mark:
    """By pairs that stand the wrong way round; pairs closer than ``SAME_L`` stand right either way."""
    pairs = [(a, b) for a, b in combinations(order, 2) if abs(lights[a] - lights[b]) >= SAME_L]
    wrong = [(a, b) for a, b in pairs if lights[a] > lights[b]]
    told = ", ".join(f"{lights[n]:.0f}" for n in sorted(range(len(lights)), key=lights.__getitem__))
    words = f"L* from dark to light: {told}."
    if wrong:
        a, b = max(wrong, key=lambda p: lights[p[0]] - lights[p[1]])
        words += f" You had {lights[a]:.0f} before {lights[b]:.0f}: strong colours look lighter than they are."
    return Mark(1 - len(wrong) / max(len(pairs), 1), words)


def melting(seed: int, level: int) -> Exercise:
    """Five zones, each touching every other; one pair is too near in lightness to be told apart across a table."""
    dice = np.random.default_rng([seed, level, 2])
    clear, melts = CLEAR_L[level], MELTS_L[level]
    lowest = dice.uniform(10, 92 - 3 * clear - melts)
    steps = dice.permutation([melts, clear, clear, clear]) * dice.uniform(1.0, 1.1, 4)
    lights = dice.permutation(lowest + np.concatenate([[0.0], np.cumsum(steps)]))
    colours = [_colour(dice, float(light)) for light in lights]

    def mark(chosen: Sequence[float]) -> Mark:
        return mark_pair([value_of(c) for c in colours], [int(n) for n in chosen])

    cards = tuple(Card(name, (), c) for name, c in zip(("coat", "hat", "belt", "sleeve", "boot"), colours, strict=True))
    return Exercise(MELT, seed, level, "Which two melt into each other across the table?", cards, 2, mark)


def mark_pair(lights: Sequence[float], chosen: Sequence[int]) -> Mark:
    """Right is the pair nearest in lightness, and any as near to within ``SAME_L``."""
    apart = {pair: abs(lights[pair[0]] - lights[pair[1]]) for pair in combinations(range(len(lights)), 2)}
    least, own = min(apart.values()), apart[min(chosen), max(chosen)]
    a, b = min(apart, key=apart.__getitem__)
    words = f"L* {lights[a]:.0f} and {lights[b]:.0f} are {least:.0f} apart; yours are {own:.0f}. Hue does not part them at arm's length."
    return Mark(float(own <= least + SAME_L), words)
