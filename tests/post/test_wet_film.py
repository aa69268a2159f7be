"""The film on parts that drip off: against the flow itself, followed in small steps."""

from dataclasses import replace

import numpy as np
import pytest

from numerus.book.book import Book
from numerus.domain.printing.machines import Resin
from numerus.post.washing.wet_film import HALVES_C, USUAL_C, USUAL_DRAIN_MIN, film_mm, film_on, film_words

RESIN = Resin("r", "Resin")


def mean_film(minutes: float, runs: float = 1.0) -> float:
    """A thick film on a wall, running down by its own weight (dh/dt = -k h² dh/dz), in upwind steps; its mean, in no unit."""
    film, dz, t = np.full(200, 1.0), 1 / 200, 0.0
    while t < minutes:
        dt = min(0.8 * dz / (runs * film.max() ** 2), minutes - t)
        film = film - dt * runs * film**2 * np.diff(np.concatenate([[0.0], film])) / dz
        t += dt
    return float(film.mean())


@pytest.mark.parametrize("longer", [2.0, 4.0])
def test_a_film_grows_thinner_with_time_as_one_does_that_runs_down_a_wall(longer: float) -> None:
    """Twice as long, by the root of two; a profile's film is what it is after the usual time, in the usual room."""
    assert film_mm(RESIN, USUAL_DRAIN_MIN) == RESIN.film_mm == film_mm(RESIN, USUAL_DRAIN_MIN, USUAL_C)
    ran = mean_film(30.0 * longer) / mean_film(30.0)
    assert film_mm(RESIN, longer * USUAL_DRAIN_MIN) / RESIN.film_mm == pytest.approx(ran, rel=0.02)


def test_a_warm_room_leaves_less_and_a_cold_one_more() -> None:
    """Half as thick a resin runs twice as fast."""
    ran = mean_film(30.0, runs=2.0) / mean_film(30.0)
    assert film_mm(RESIN, USUAL_DRAIN_MIN, USUAL_C + HALVES_C) / RESIN.film_mm == pytest.approx(ran, rel=0.02)
    assert film_mm(RESIN, 5, 14) > film_mm(RESIN, 5, 22) > film_mm(RESIN, 5, 28)
    assert film_mm(RESIN, 0.0) == film_mm(RESIN, 0.5) < 4 * RESIN.film_mm, "lifted off at once it has dripped, too"


def test_the_film_is_told_by_the_room_of_the_machine_and_the_users_own_draining(demo: Book) -> None:
    plans = demo.plans
    machine = next(iter(plans.machines.values()))
    cold = replace(machine, room_c=16.0)
    patient = replace(plans, army=replace(plans.army, drain_min=20.0), machines={**plans.machines, machine.id: cold})
    expected = film_mm(plans.resin, 20.0, 16.0)
    assert film_on(patient, machine.id) == expected and f"{expected:.3f} mm" in film_words(patient, machine.id)
    assert "16 °C" in film_words(patient, machine.id)
    assert "a default" in film_words(replace(plans, machines={}), "gone")
