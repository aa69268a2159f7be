"""Cards photographed by a simulated camera: what is read is true within its own error bar, or refused in words."""

from __future__ import annotations

import numpy as np
import pytest

from numerus.colour.films import pigment_measured
from numerus.colour.light import delta_e, encoded, hex_of, lab_of, linear, rgb_of
from numerus.colour.reflectance import light_of, reflectances
from numerus.colour.swatch_card import CardLayout, Sample, greys_typed, read_card, sampled_colour
from numerus.devices.simulated_pots import simulated_pigment
from numerus.devices.swatch_camera import Camera, Photograph, photograph
from numerus.errors import PictureError

LAYOUT, GROUNDS = CardLayout(5), (0.04, 0.85)


def card(seed: int, **how: float) -> tuple[Photograph, list[np.ndarray], list[np.ndarray]]:
    """A photograph, and the linear light of the swatches over black and over white that are on it."""
    pots = [simulated_pigment(10 * seed + n) for n in range(5)]
    dark, pale = ([light_of(p.over(np.full(36, ground), 15.0)) for p in pots] for ground in GROUNDS)
    return photograph(LAYOUT, dark, pale, GROUNDS, Camera(seed, **how)), dark, pale  # type: ignore[arg-type]


def test_nine_of_ten_swatches_are_within_their_own_error_bar() -> None:
    """Over uneven light, casts, noise, blur and gammas; and the bar is small enough to be of use."""
    apart, bars = [], []
    for seed in range(300, 310):
        taken, dark, pale = card(seed)
        found = read_card(taken.pixels, taken.corners, LAYOUT)
        for true, read in zip([*dark, *pale], [*found.over_black, *found.over_white], strict=True):
            apart.append(float(delta_e(lab_of(encoded(true)), read.lab)))
            bars.append(read.error)
    assert np.mean(np.array(apart) <= bars) >= 0.9
    assert np.median(bars) < 3


def test_a_measured_pot_tints_as_it_does() -> None:
    """From the photograph alone: over another ground and thickness its colour is foretold within 4 ΔE, half of all within 2."""
    apart = []
    for seed in range(12):
        taken, *_ = card(seed)
        found = read_card(taken.pixels, taken.corners, LAYOUT)
        for n, (dark, pale) in enumerate(zip(found.over_black, found.over_white, strict=True)):
            made = pigment_measured(*reflectances([dark.colour, pale.colour]), 15.0, found.black, found.white)
            true = simulated_pigment(10 * seed + n).over(np.full(36, 0.3), 8.0)
            apart.append(
                float(
                    delta_e(
                        lab_of(encoded(light_of(true))), lab_of(encoded(light_of(made.over(np.full(36, 0.3), 8.0))))
                    )
                )
            )
    assert np.median(apart) < 2 and np.quantile(apart, 0.9) < 4


@pytest.mark.parametrize(
    ("how", "code"), [({"exposure": 3.0}, "blown-out"), ({"exposure": 0.0005, "noise": 0.0}, "too-dark")]
)
def test_what_cannot_be_read_is_refused_with_the_reason(how: dict, code: str) -> None:
    """Too light or too dark for the camera."""
    taken, *_ = card(3, **how)
    with pytest.raises(PictureError) as refused:
        read_card(taken.pixels, taken.corners, LAYOUT)
    assert refused.value.code == code


def test_a_picture_without_the_card_is_refused() -> None:
    """Nothing grey where the greys should be; corners on one spot; corners outside."""
    taken, *_ = card(4)
    noise = np.random.default_rng(1).integers(60, 200, taken.pixels.shape).astype(np.uint8)
    for pixels, corners, code in (
        (noise, taken.corners, "no-greys"), (taken.pixels, np.tile(taken.corners[:1], (4, 1)), "no-card"),
        (taken.pixels, taken.corners + 400, "outside"), (taken.pixels, np.roll(taken.corners, 1, axis=0), "no-greys"),
    ):  # fmt: skip
        with pytest.raises(PictureError) as refused:
            read_card(pixels, corners, LAYOUT)
        assert refused.value.code == code


def test_a_place_of_any_picture_is_read_beside_its_grey_card() -> None:
    """A cast of a third is taken out; without the grey it stays; outside the picture is said."""
    true = rgb_of("#8A5A32")
    cast = np.array([1.0, 0.8, 0.62])
    picture = np.empty((60, 80, 3))
    picture[:, :40], picture[:, 40:] = linear(true) * cast, 0.18 * cast
    pixels = np.round(255 * encoded(picture)).astype(np.uint8)
    found = sampled_colour(pixels, Sample(20, 30, 8), Sample(60, 30, 8))
    assert float(delta_e(found.lab, lab_of(true))) < 1 and found.spread < 0.5
    assert float(delta_e(sampled_colour(pixels, Sample(20, 30, 8)).lab, lab_of(true))) > 3
    with pytest.raises(PictureError, match="outside"):
        sampled_colour(pixels, Sample(200, 30, 8))
    assert hex_of(true) == "#8A5A32"


@pytest.mark.parametrize(
    "typed", ["", "5, 85", "5 5 5 5", "5, 85, nan", "0, 50, 99", "5, 85, grey", "-5, 10, 20", "inf 1 2"]
)
def test_greys_that_are_none_are_refused(typed: str) -> None:
    """At least three different reflectances in percent, or words."""
    with pytest.raises(PictureError, match="greys"):
        greys_typed(typed)


def test_a_card_of_other_greys_is_read_by_its_own() -> None:
    """What the card's greys reflect is typed; read as the usual card it is refused, or wrong."""
    own = greys_typed("70 %, 12, 30, 8, 50")
    assert own == (0.7, 0.12, 0.3, 0.08, 0.5)
    dark = pale = [np.array([0.5, 0.2, 0.1]), np.array([0.1, 0.3, 0.5])]
    taken = photograph(CardLayout(2, own), dark, pale, (0.04, 0.85), Camera(3))
    read = read_card(taken.pixels, taken.corners, CardLayout(2, own))
    apart = delta_e(read.over_white[0].lab, lab_of(encoded(pale[0])))
    assert float(apart) < read.over_white[0].error + 0.5
    with pytest.raises(PictureError):
        read_card(taken.pixels, taken.corners, CardLayout(2))
