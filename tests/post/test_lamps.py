"""Lamps by name and from files."""

from __future__ import annotations

import json
import math
from dataclasses import replace
from datetime import date

import numpy as np
import pytest

from numerus.domain.army import Army
from numerus.domain.printing.machines import Resin
from numerus.errors import PlanError
from numerus.geometry.mesh import Mesh
from numerus.post.curing.cure_book import targets_of
from numerus.post.curing.lamp_dose import dose_j_per_cm2
from numerus.post.curing.lamps import EXAMPLES, NOON_SUN_MW_PER_CM2, lamp_of, lamp_text, read_lamp, sun

FLAT = Mesh(np.array([[-1.0, -1, 0], [1, -1, 0], [0, 1, 0]]), np.array([[0, 1, 2]], np.int32))


@pytest.mark.parametrize("height_deg", [20.0, 55.0, 90.0])
@pytest.mark.parametrize("cloud", [0.0, 0.5])
def test_the_sun_on_level_ground_gives_its_strength_by_height_twice(height_deg: float, cloud: float) -> None:
    """Once for the air it comes through, once for its slant: mW/cm² × minutes."""
    wanted = NOON_SUN_MW_PER_CM2 * math.sin(math.radians(height_deg)) ** 2 * (1 - 0.75 * cloud) * 10 * 60 / 1000
    dose = dose_j_per_cm2(FLAT, replace(sun(height_deg, cloud), reflect=0.0), 10.0)
    assert dose == pytest.approx(np.full(3, wanted), rel=1e-3)


@pytest.mark.parametrize("height_deg, cloud", [(0.0, 0.0), (95.0, 0.0), (40.0, 1.2), (math.nan, 0.0)])
def test_no_sun_is_refused(height_deg: float, cloud: float) -> None:
    with pytest.raises(PlanError, match="sun"):
        sun(height_deg, cloud)


@pytest.mark.parametrize("name", EXAMPLES)
def test_a_lamp_file_gives_the_same_light_back(name: str) -> None:
    """Every example, written and read."""
    station = EXAMPLES[name]()
    assert read_lamp(lamp_text(name, station)) == (name, station)


def _changed(**more: object) -> str:
    return json.dumps({**json.loads(lamp_text("bar", EXAMPLES["One bar"]())), **more})


@pytest.mark.parametrize(
    "text",
    ["", "[]", "3", "{}", '{"lamps": []}', _changed(lamps=[{"at_mm": [0, 0]}]), _changed(reflect=2), _changed(lamps=7),
     _changed(turntable={"steps": 1e9}), _changed(target_j_per_cm2="much"), _changed(reflect=float("nan"))],
)  # fmt: skip
def test_what_is_no_lamp_file_is_refused_by_name(text: str) -> None:
    with pytest.raises(PlanError, match=r"mine\.json tells of no lamps"):
        read_lamp(text, "mine.json")


def test_an_army_s_lamp_aims_at_what_its_resin_wants() -> None:
    """The file's own target counts for files alone; without a lamp the first example is taken."""
    resin = Resin("r", "R", dose_j_per_cm2=2.0, brittle_j_per_cm2=5.0)
    army = Army("a", "A", date(2031, 1, 1), lamp=lamp_text("Mine", EXAMPLES["One bar"]()))
    name, station = lamp_of(army, targets_of(resin))
    assert (name, station.target_j_per_cm2, station.brittle_j_per_cm2) == ("Mine", 2.0, 5.0)
    assert lamp_of(None, targets_of(resin))[0] == next(iter(EXAMPLES))
