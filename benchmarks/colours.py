"""Paint: how well mixes are foretold beside one figure a screen channel, and how long the whole rack takes."""

from __future__ import annotations

import numpy as np

from benchmarks.measuring import say, timed


def _one_figure_a_channel(lights: np.ndarray, shares: np.ndarray) -> np.ndarray:
    """How mixes were worked out before: K/S of linear sRGB, one figure a channel, added up by share: light (3,)."""
    reflectance = np.clip(lights, 0.004, 1)
    ratio = shares @ ((1 - reflectance) ** 2 / (2 * reflectance))
    return 1 + ratio - np.sqrt(ratio * ratio + 2 * ratio)


def mixes_against_one_figure_a_channel() -> None:
    """Mixes of simulated pigments foretold from swatches of one thin coat over black and white, beside one figure a channel (median ΔE2000)."""
    from numerus.colour.films import BLACK_GROUND, WHITE_GROUND, mixed, pigment_measured, pigments_that_hide
    from numerus.colour.light import delta_e, encoded, lab_of
    from numerus.colour.reflectance import hex_of_reflectance, light_of, reflectances
    from numerus.devices.simulated_pots import simulated_black, simulated_pigment, simulated_white

    rng = np.random.default_rng(12)
    pots = [simulated_pigment(n) for n in range(40)] + [simulated_white(), simulated_black()]
    seen = [reflectances([hex_of_reflectance(p.over(g, 8.0)) for p in pots]) for g in (BLACK_GROUND, WHITE_GROUND)]
    measured = [pigment_measured(dark, pale, 8.0) for dark, pale in zip(*seen, strict=True)]
    colours = [p.colour for p in pots]
    guessed = pigments_that_hide(reflectances(colours), np.full(len(pots), 45.0))
    apart = {"two constants, measured": [], "two constants, guessed": [], "one figure a channel": []}
    for _ in range(600):
        chosen = rng.choice(len(pots), rng.integers(2, 4), replace=False)
        shares = rng.dirichlet(np.ones(len(chosen)))
        true = mixed([pots[i] for i in chosen], shares).lab
        for name, known in (("two constants, measured", measured), ("two constants, guessed", guessed)):
            apart[name].append(float(delta_e(mixed([known[i] for i in chosen], shares).lab, true)))
        lights = np.stack([light_of(pots[i].hiding) for i in chosen])
        old = lab_of(encoded(_one_figure_a_channel(lights, shares)))
        apart["one figure a channel"].append(float(delta_e(old, true)))
    median = {name: float(np.median(found)) for name, found in apart.items()}
    for name, found in median.items():
        print(f"{name:<58} {found:8.2f} ΔE  {median['one figure a channel'] / found:.1f} times nearer")


def a_rack_of_150_pots() -> None:
    """All pots, pairs and triples of 150 in whole drops, beside plain NumPy on a hundredth of them."""
    from itertools import combinations

    from numerus.colour.light import delta_e, lab_of, rgb_of
    from numerus.colour.matching import Target, matches, proportions
    from numerus.devices.simulated_pots import simulated_pigment

    pots, target = [simulated_pigment(n) for n in range(150)], Target(lab_of(rgb_of("#8A6A3C")))
    matches(pots, target)  # compiled
    ours = timed(lambda: matches(pots, target))
    k, s = np.stack([p.absorption for p in pots]), np.stack([p.scattering for p in pots])
    drops = proportions(3)
    share = drops / drops.sum(axis=1, keepdims=True)
    some = list(combinations(range(150), 3))[::100]

    def plain() -> None:
        for chosen in some:
            delta_e(target.seen(share @ k[list(chosen)], share @ s[list(chosen)]), target.lab)

    whole = 100 * timed(plain, 1)
    say("plain NumPy, foretold from a hundredth", whole)
    say("every pair and triple of 150 pots", ours, f"{whole / ours:.0f} times as fast")
