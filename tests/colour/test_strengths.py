"""Strengths learned from swatches of known mixes."""

from __future__ import annotations

import numpy as np

from numerus.colour.films import mixed
from numerus.colour.strengths import KnownMix, learned_strengths
from numerus.devices.simulated_pots import simulated_pigment

POTS = {"red": simulated_pigment(3), "white": simulated_pigment(8), "blue": simulated_pigment(21)}


def swatch(rng: np.random.Generator, red_is: float) -> KnownMix:
    """A mix as the pots really are, seen with an error of half a ΔE."""
    shares = {
        "red": float(rng.uniform(0.2, 1)),
        "white": float(rng.uniform(0.5, 2)),
        "blue": float(rng.uniform(0, 0.5)),
    }
    seen = mixed([POTS[p] for p in shares], list(shares.values()), [red_is, 1.0, 1.0]).lab
    return KnownMix(shares, seen + rng.normal(0, 0.5, 3), 0.5)


def test_a_strong_red_is_found_and_the_error_shrinks_with_what_agrees() -> None:
    """1.8 times as strong against the others: several swatches say so, one alone is held back."""
    rng = np.random.default_rng(5)
    swatches = [swatch(rng, 1.8) for _ in range(8)]
    few, many = learned_strengths(POTS, swatches[:1]), learned_strengths(POTS, swatches)
    against = many["red"].value / many["white"].value
    assert 1.6 < against < 2.0
    assert few["red"].value / few["white"].value < against
    assert many["red"].error < few["red"].error and many["red"].swatches == 8


def test_pots_that_are_as_they_should_be_stay_so() -> None:
    """And without swatches nothing is learned."""
    rng = np.random.default_rng(6)
    found = learned_strengths(POTS, [swatch(rng, 1.0) for _ in range(6)])
    assert all(abs(np.log(s.value)) < 2 * s.error + 0.05 for s in found.values())
    assert learned_strengths(POTS, []) == {}
