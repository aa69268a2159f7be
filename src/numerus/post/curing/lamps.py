"""Lamps by name: examples to begin with, and the JSON files lamps are kept in."""

from __future__ import annotations

import json
import math
from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import Any

from numerus.domain.army import Army
from numerus.errors import PlanError
from numerus.post.curing.cure_book import Targets
from numerus.post.curing.lamp_dose import Lamp, Station

NOON_SUN_MW_PER_CM2 = 4.0  # (default) of the light that cures, across the beam of a high sun in clear air
CLOUD_TAKES = 0.75  # (default) of it under a closed cloud
SUN_AT_MM = 10_000.0  # so far off that its light is as good as parallel


def box() -> Station:
    """Four columns of three lights round a turning table, in a box with pale walls."""
    corners = ((0.7071, 0.7071), (-0.7071, 0.7071), (-0.7071, -0.7071), (0.7071, -0.7071))
    lamps = [Lamp((130 * x, 130 * y, z), 260.0, 1.0, (-x, -y, -0.2)) for x, y in corners for z in (25.0, 65.0, 105.0)]
    return Station(tuple(lamps), True, 0, 0.25)


def ring() -> Station:
    """Twelve lights in a ring above a turning table, shining down and in."""
    turns = [2 * math.pi * n / 12 for n in range(12)]
    lamps = [
        Lamp((110 * math.cos(t), 110 * math.sin(t), 140.0), 220.0, 1.0, (-math.cos(t), -math.sin(t), -1.0))
        for t in turns
    ]
    return Station(tuple(lamps), True, 0, 0.1)


def bar() -> Station:
    """One upright bar of five lights beside a turning table."""
    return Station(
        tuple(Lamp((0.0, -140.0, z), 420.0, 1.0, (0.0, 1.0, 0.0)) for z in (20.0, 50.0, 80.0, 110.0, 140.0)), True
    )


def torch() -> Station:
    """A torch held over parts that do not turn."""
    return Station((Lamp((0.0, -120.0, 160.0), 900.0, 4.0, (0.0, 0.6, -0.8)),), False)


def sun(height_deg: float = 45.0, cloud: float = 0.0) -> Station:
    """Daylight from a sun so high above the ground, under so much cloud (0..1), on a table that somebody turns now and then.

    Air takes more of a low sun's light: its strength falls with the sine of its height. Raises PlanError for a sun that is down
    or cloud that is no share.
    """
    if not 0 < height_deg <= 90 or not 0 <= cloud <= 1:
        raise PlanError("no-sun", "The sun stands 0 to 90 degrees high, and cloud is a share from 0 to 1.")
    up, side = math.sin(math.radians(height_deg)), math.cos(math.radians(height_deg))
    strength = NOON_SUN_MW_PER_CM2 * up * (1 - CLOUD_TAKES * cloud)
    place = (0.0, -SUN_AT_MM * side, SUN_AT_MM * up)
    return Station((Lamp(place, strength * (SUN_AT_MM / 10) ** 2, 0.0, (0.0, side, -up)),), True, 4, 0.1)


EXAMPLES: Mapping[str, Callable[[], Station]] = {
    "Box of twelve lights": box, "Ring above the table": ring, "One bar": bar, "Torch, not turned": torch,
    "Sun, high and clear": lambda: sun(55.0), "Sun under cloud": lambda: sun(40.0, 0.8),
}  # fmt: skip
"""Lamps of our own; what a lamp really gives stands in its papers."""


def lamp_text(name: str, station: Station) -> str:
    """A station as the JSON of a lamp file."""
    lamps = [
        {"at_mm": list(lamp.at_mm), "mw_per_sr": lamp.mw_per_sr, "exponent": lamp.exponent, "toward": list(lamp.toward)}
        for lamp in station.lamps
    ]
    table = {"rpm": 4 if station.turns else 0, "steps": station.steps}
    data = {"name": name, "target_j_per_cm2": station.target_j_per_cm2, "turntable": table, "reflect": station.reflect}
    return json.dumps({**data, "lamps": lamps}, indent=1)


def read_lamp(text: str, file_name: str = "This file") -> tuple[str, Station]:
    """Name and station of a lamp file. Raises PlanError for what is none."""
    try:
        data = json.loads(text)
        station = _station(data)
        _check(station)
    except (ValueError, TypeError, KeyError, AttributeError) as error:
        words = f"{file_name} tells of no lamps."
        raise PlanError("no-lamp", words, "See the handbook's page on curing for its form.") from error
    return str(data.get("name", "")) or file_name, station


def _station(data: Any) -> Station:
    lamps = tuple(
        Lamp(_place(one["at_mm"]), float(one["mw_per_sr"]), float(one["exponent"]), _place(one["toward"]))
        for one in data["lamps"]
    )
    table = data.get("turntable", {})
    turns, steps = float(table.get("rpm", 0)) > 0, int(table.get("steps", 0))
    return Station(lamps, turns, steps, float(data.get("reflect", 0)), float(data["target_j_per_cm2"]))


def _check(station: Station) -> None:
    """Raises ValueError for numbers that are none, or that no lamp has."""
    shine = [v for lamp in station.lamps for v in (*lamp.at_mm, lamp.mw_per_sr, lamp.exponent, *lamp.toward)]
    real = all(map(math.isfinite, (*shine, station.reflect, station.target_j_per_cm2)))
    positive = all(lamp.mw_per_sr >= 0 and lamp.exponent >= 0 for lamp in station.lamps)
    if not (station.lamps and real and positive and 0 <= station.reflect <= 1 and 0 <= station.steps <= 3600):
        raise ValueError


def _place(data: Any) -> tuple[float, float, float]:
    x, y, z = (float(v) for v in data)
    return x, y, z


def lamp_of(army: Army | None, targets: Targets) -> tuple[str, Station]:
    """The army's lamp with its name, the first of the examples where none was chosen; what it aims at is what the resin wants."""
    first = next(iter(EXAMPLES))
    name, station = read_lamp(army.lamp) if army is not None and army.lamp else (first, EXAMPLES[first]())
    return name, replace(station, target_j_per_cm2=targets.target.dose, brittle_j_per_cm2=targets.brittle.dose)
