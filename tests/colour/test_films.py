"""Paint as light: reflectances against an independent spectral library, films against the flow of light itself."""

from __future__ import annotations

import warnings
from itertools import product

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.linalg import expm

from numerus.colour.films import (
    BLACK_GROUND,
    CLEAR,
    WHITE_GROUND,
    Pigment,
    broken,
    coat_differences,
    coats_to_cover,
    mixed,
    pigment_measured,
    pigments_that_hide,
)
from numerus.colour.light import delta_e, hex_of, lab_of, rgb_of
from numerus.colour.observer import BANDS, LUMINANCE_WEIGHTS, WAVELENGTHS_NM
from numerus.colour.reflectance import hex_of_reflectance, lab_of_reflectance, reflectances
from numerus.devices.simulated_pots import simulated_pigment

levels = st.integers(0, 255)
colours = st.builds(lambda r, g, b: f"#{r:02X}{g:02X}{b:02X}", levels, levels, levels)
shares = st.floats(0.05, 20)
seeds = st.integers(0, 10_000)


def paint(colour: str, hides_um: float = 45.0) -> Pigment:
    return pigments_that_hide(reflectances([colour]), np.array([hides_um]))[0]


def test_every_colour_is_given_back_exactly_by_a_reflectance_within_0_and_1() -> None:
    """Corners and edges of the cube, too."""
    wanted = [f"#{r:02X}{g:02X}{b:02X}" for r, g, b in product((0, 1, 64, 128, 254, 255), repeat=3)]
    found = reflectances(wanted)
    assert [hex_of_reflectance(r) for r in found] == wanted
    assert found.min() > 0 and found.max() < 1


def test_colours_of_spectra_agree_with_an_independent_library() -> None:
    """Its own tables, its own sums over wavelengths, its own Lab: within 0.3 ΔE, the end of our bands."""
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        import colour

        observer = colour.MSDS_CMFS["CIE 1931 2 Degree Standard Observer"]
        daylight = colour.SDS_ILLUMINANTS["D65"]
        white = colour.CCS_ILLUMINANTS["CIE 1931 2 Degree Standard Observer"]["D65"]
        for seed in range(12):
            ours = simulated_pigment(seed).hiding
            spectrum = colour.SpectralDistribution(dict(zip(WAVELENGTHS_NM, ours, strict=True)))
            spectrum = spectrum.align(colour.SpectralShape(380, 730, 5))
            xyz = colour.sd_to_XYZ(spectrum, observer, daylight, method="Integration") / 100
            theirs = colour.XYZ_to_Lab(xyz, white)
            assert float(colour.delta_E(theirs, lab_of_reflectance(ours), method="CIE 2000")) < 0.3


@given(seeds, st.floats(0.5, 80), st.floats(0, 1))
@settings(max_examples=40, deadline=None)
def test_a_film_is_what_two_streams_of_light_make_of_it(seed: int, film_um: float, ground: float) -> None:
    """Light down and up, d/dx of both by K and S, solved as a matrix exponential from the ground: no formula of ours."""
    pigment = simulated_pigment(seed)
    ours = pigment.over(np.full(BANDS, ground), film_um)
    for band in (0, 17, 35):
        k, s = pigment.absorption[band], pigment.scattering[band]
        if (k + s) * film_um > 40:  # the exponential itself overflows
            continue
        through = expm(np.array([[k + s, -s], [s, -(k + s)]]) * film_um)
        down, up = through @ np.array([1.0, ground])
        assert ours[band] == pytest.approx(up / down, abs=1e-7)


@given(colours, st.floats(3, 900))
@settings(max_examples=60, deadline=None)
def test_a_paint_hides_where_it_is_said_to(colour: str, hides_um: float) -> None:
    """0.98 of Y over white is Y over black there; and it has its colour."""
    pigment = paint(colour, hides_um)
    dark, pale = (LUMINANCE_WEIGHTS @ pigment.over(g, hides_um) for g in (BLACK_GROUND, WHITE_GROUND))
    assert dark / pale == pytest.approx(0.98, abs=1e-3)
    assert pigment.hides_um == pytest.approx(hides_um, rel=1e-3)
    assert pigment.colour == colour


@given(seeds, st.floats(1, 40), st.floats(1, 40))
@settings(max_examples=40, deadline=None)
def test_two_coats_are_one_of_both(seed: int, one_um: float, other_um: float) -> None:
    """Each result is the next ground."""
    pigment = simulated_pigment(seed)
    assert pigment.over(pigment.over(WHITE_GROUND, one_um), other_um) == pytest.approx(
        pigment.over(WHITE_GROUND, one_um + other_um), abs=1e-9
    )


@given(colours, st.sampled_from([0.0, 0.3, 1.0]))
@settings(max_examples=60, deadline=None)
def test_more_coats_never_hide_less(colour: str, ground: float) -> None:
    """In every band the film goes from the ground to the hiding colour and never back."""
    pigment = paint(colour, 90)
    below = np.full(BANDS, ground)
    away = [np.abs(pigment.over(below, 15.0 * n) - pigment.hiding) for n in range(12)]
    assert all((b <= a + 1e-9).all() for a, b in zip(away, away[1:], strict=False))


@given(seeds, st.floats(2, 25), st.floats(0, 0.08), st.floats(0.7, 1))
@settings(max_examples=60, deadline=None)
def test_swatches_over_black_and_white_give_the_pigment_back(
    seed: int, film_um: float, black: float, white: float
) -> None:
    """As far as the grounds are told apart through it."""
    true = simulated_pigment(seed)
    over_black, over_white = true.over(np.full(BANDS, black), film_um), true.over(np.full(BANDS, white), film_um)
    found = pigment_measured(over_black, over_white, film_um, black, white)
    told = over_white - over_black > 0.01
    assert found.absorption[told] == pytest.approx(true.absorption[told], rel=1e-3)
    assert found.scattering[told] == pytest.approx(true.scattering[told], rel=1e-3)


@given(st.lists(st.tuples(seeds, shares), min_size=1, max_size=4))
@settings(max_examples=40, deadline=None)
def test_a_mix_is_the_mean_of_absorptions_over_that_of_scatterings(parts: list) -> None:
    """Band by band in plain arithmetic: K/S = Σ cK / Σ cS, R = 1 + K/S − √((K/S)² + 2K/S)."""
    pigments = [simulated_pigment(seed) for seed, _ in parts]
    found = mixed(pigments, [share for _, share in parts]).hiding
    for band in range(0, BANDS, 7):
        k = sum(c * p.absorption[band] for p, (_, c) in zip(pigments, parts, strict=True))
        s = sum(c * p.scattering[band] for p, (_, c) in zip(pigments, parts, strict=True))
        assert found[band] == pytest.approx(1 + k / s - ((k / s) ** 2 + 2 * k / s) ** 0.5, abs=1e-9)


@given(colours, shares)
@settings(max_examples=30, deadline=None)
def test_medium_thins_the_film_and_leaves_the_hiding_colour(colour: str, medium: float) -> None:
    """It takes room: the film that hides grows by as much."""
    plain = paint(colour)
    thinned = mixed([plain, CLEAR], [1, medium])
    assert thinned.colour == colour
    assert thinned.hides_um == pytest.approx(plain.hides_um * (1 + medium), rel=1e-3)


def test_red_and_white_are_pink_yellow_and_blue_a_living_green_and_black_is_shy() -> None:
    """As in the pot: hue, chroma and value of each."""
    red, white, yellow, blue, black = (paint(c) for c in ("#B02020", "#F4F2EC", "#E8C020", "#2040A0", "#17181B"))
    black = paint("#17181B", 4.0)
    lightness, a, b = mixed([red, white], [1, 1]).lab
    assert 50 < lightness < 72 and a > 30 and b < a
    _, a, b = mixed([yellow, blue], [1, 1]).lab
    assert a < -12 and np.hypot(a, b) > 15
    greys = [mixed([white, black], [10, n]).lab[0] for n in (0, 1, 10)]
    assert greys[0] > greys[1] > 60 and 25 < greys[2] < 60


def test_clear_paint_changes_nothing() -> None:
    """However thick."""
    ground = reflectances(["#A8412B"])[0]
    assert CLEAR.over(ground, 500.0) == pytest.approx(ground, abs=1e-9)
    assert CLEAR.hides_um == np.inf and coats_to_cover(CLEAR, WHITE_GROUND) is None


@given(st.floats(0, 1), colours, colours)
@settings(max_examples=30, deadline=None)
def test_broken_colour_is_averaged_as_light(covered: float, one: str, other: str) -> None:
    """The luminance of a dry-brushed place is the mean by area, which pigments mixed never are."""
    top, below = reflectances([one, other])
    made = LUMINANCE_WEIGHTS @ broken(top, below, covered)
    assert made == pytest.approx(covered * (LUMINANCE_WEIGHTS @ top) + (1 - covered) * (LUMINANCE_WEIGHTS @ below))


def test_coats_to_cover_is_the_first_under_two() -> None:
    """Yellow over black takes more than over white; the differences say so themselves."""
    yellow = paint("#E8C020", 90)
    over_black, over_white = (coats_to_cover(yellow, g) for g in (BLACK_GROUND, WHITE_GROUND))
    apart = coat_differences(yellow, BLACK_GROUND, 8)
    assert over_black is not None and over_white is not None and over_black >= over_white
    assert apart[over_black] < 2 <= apart[over_black - 1]
    last = yellow.over(BLACK_GROUND, 15.0 * over_black)
    assert float(delta_e(lab_of_reflectance(last), lab_of(rgb_of("#E8C020")))) < 2.05


@pytest.mark.parametrize("parts", [[], [0.0], [-1.0, 2.0], [float("nan"), 1.0], [float("inf")]])
def test_no_paint_is_no_mix(parts: list) -> None:
    """Said, not divided by."""
    with pytest.raises(ValueError, match="parts"):
        mixed([paint("#336699")] * len(parts), parts)
    assert hex_of(rgb_of("#336699")) == "#336699"
