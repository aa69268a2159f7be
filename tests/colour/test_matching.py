"""Matches against trying everything with a loop of one's own."""

from __future__ import annotations

from itertools import combinations, product
from math import gcd

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.colour import matching
from numerus.colour.films import Pigment, mixed
from numerus.colour.light import delta_e, lab_of, rgb_of
from numerus.colour.matching import Target, matches, proportions
from numerus.colour.observer import BANDS
from numerus.colour.reflectance import lab_of_reflectance
from numerus.devices.simulated_pots import simulated_pigment
from numerus.errors import Cancelled

targets = st.builds(lambda r, g, b: lab_of(np.array([r, g, b]) / 255), *[st.integers(20, 235)] * 3)


def rack(many: int, first: int = 0) -> list[Pigment]:
    return [simulated_pigment(first + n) for n in range(many)]


def by_trying(pots: list[Pigment], target: Target, paints: int) -> float:
    """The least ΔE over every whole-drop mix of so many pots."""
    best = np.inf
    for chosen in combinations(pots, paints):
        for drops in product(range(1, 13), repeat=paints):
            if sum(drops) <= 12 and gcd(*drops) == 1:
                mix = mixed(list(chosen), drops)
                seen = mix.hiding if target.ground is None else mix.over(target.ground, target.film_um)
                best = min(best, float(delta_e(lab_of_reflectance(seen), target.lab)))
    return best


@given(targets, st.integers(0, 500), st.booleans())
@settings(max_examples=6, deadline=None)
def test_the_best_match_is_the_best_there_is(lab: np.ndarray, first: int, filmed: bool) -> None:
    """Hiding or as a film, over one, two and three pots."""
    pots, target = rack(5, first), Target(lab, np.full(BANDS, 0.3) if filmed else None)
    listed = matches(pots, target, keep=200)
    for paints in (1, 2, 3):
        found = min(m.delta_e for m in listed if len(m.pots) == paints)
        assert found == pytest.approx(by_trying(pots, target, paints), abs=1e-6)
    assert [m.delta_e for m in listed] == sorted(m.delta_e for m in listed)
    assert len({m.pots for m in listed}) == len(listed)


def test_no_proportion_is_tried_twice_and_none_is_left_out() -> None:
    """2 : 4 is 1 : 2."""
    pairs = {tuple(p) for p in proportions(2)}
    assert (1, 2) in pairs and (2, 4) not in pairs and len(pairs) == 45
    assert all(sum(p) <= 12 and gcd(*map(int, p)) == 1 for p in proportions(3))


@pytest.mark.parametrize("colour", ["#A08060", "#305020", "#808080"])
def test_ranking_first_leaves_out_none_of_the_best(colour: str, monkeypatch: pytest.MonkeyPatch) -> None:
    """The two dozen best of a rack of 44 are the same with and without the quick first look."""
    pots, target = rack(44), Target(lab_of(rgb_of(colour)))
    monkeypatch.setattr(matching, "FEW_TRIPLES", 10**9)
    whole = {m.pots for m in matches(pots, target)}
    monkeypatch.setattr(matching, "FEW_TRIPLES", 100)
    assert {m.pots for m in matches(pots, target)} == whole


def test_a_search_can_be_cancelled(monkeypatch: pytest.MonkeyPatch) -> None:
    """And tells how far it is, up to the end."""
    monkeypatch.setattr(matching, "FEW_TRIPLES", 100)
    told: list[float] = []
    target = Target(lab_of(rgb_of("#808080")))
    matches(rack(20), target, progress=lambda share: not told.append(share))
    assert told == sorted(told) and told[-1] == 1
    with pytest.raises(Cancelled):
        matches(rack(20), target, progress=lambda _: False)
