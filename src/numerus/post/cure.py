"""Supports off and curing: the dose by side, in minutes under this lamp."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.words import counted

WANTED_J_PER_CM2 = 1.2
OFF_MIN_PER_TIP = {"before": 0.03, "after": 0.06}  # warm and soft they fall away; cured they are cut one by one
OFF_LEAST_MIN = 2.0
USUAL_TIPS = 330  # on a plate that is not laid yet (default)
TURN_MIN = 1.0  # to turn a load between two sides
MOST_SIDES = 4
THICK_MM = 8.0  # above this the dose is doubled and the part turned half way
SUPPORT_SCHOOLS = ("before", "after")
SCHOOL_DESCRIPTION = {
    "before": "Supports off before curing: warm water at 40-60 °C, scars are smaller; the part is soft and irritant still.",
    "after": "Supports off after curing: cleaner for the skin; brittle, chips more.",
}


@dataclass(frozen=True)
class Lamp:
    """A curing lamp: light power at the part in mW/cm² at ``distance_mm``; falls with distance."""

    name: str = "Bench lamp"
    mw_per_cm2: float = 10.0
    distance_mm: float = 80.0

    def minutes_for(self, dose_j_per_cm2: float, distance_mm: float | None = None) -> float:
        """Dose = power x time; power falls with distance as a line of lights does, in proportion."""
        power = self.mw_per_cm2 * self.distance_mm / (distance_mm or self.distance_mm)
        return dose_j_per_cm2 * 1000 / power / 60


@dataclass(frozen=True)
class CureStep:
    title: str
    minutes: float
    hands: bool
    detail: str


def supports_off_min(tips: int, school: str) -> float:
    """Minutes of hands to take so many tips off, by school."""
    return max(OFF_LEAST_MIN, tips * OFF_MIN_PER_TIP[school])


def lamp_min(lamp: Lamp = Lamp()) -> float:
    """For how long one load holds the lamp at most: every side, and turning it."""
    return MOST_SIDES * (lamp.minutes_for(WANTED_J_PER_CM2) + TURN_MIN)


def cure_plan(thickest_mm: float, tips: int, school: str, lamp: Lamp) -> list[CureStep]:
    """Supports off by the chosen school, then the lamp from two sides or, for thick parts, twice from each."""
    minutes = lamp.minutes_for(WANTED_J_PER_CM2)
    turns = MOST_SIDES if thickest_mm > THICK_MM else 2
    sides = [
        CureStep(f"Lamp, side {1 + n % 2}", minutes, False, f"{WANTED_J_PER_CM2:.1f} J/cm², then turn")
        for n in range(turns)
    ]
    off = CureStep("Supports off", supports_off_min(tips, school), True, f"{counted(tips, 'tip')}, {school} the lamp")
    return [off, *sides] if school == "before" else [*sides, off]


LAMP_RAISE_DEG = 15.0  # a ring of lights stands a little above the turntable
LEAST_SHARE = 0.25  # of a facing surface's dose; below it a place stays soft


def lamp_dose(mesh: Mesh, turns: int) -> Floats:
    """What light reaches each vertex, float64 (n,), as a share of what one surface facing the lamp gets in one turn.

    The part stands upright and is turned by 360° / ``turns`` each time. Sum over turns of the cosine toward the lamp
    (Lambert 1760) where nothing of the part stands between.
    """
    scene, normals = RayScene(mesh), mesh.vertex_normals
    start = mesh.vertices + normals * (0.002 * float(np.linalg.norm(mesh.extents_mm)))
    dose = np.zeros(len(mesh.vertices))
    up = np.radians(LAMP_RAISE_DEG)
    for turn in np.arange(turns) * 2 * np.pi / turns:
        toward = np.array([-np.sin(turn) * np.cos(up), -np.cos(turn) * np.cos(up), np.sin(up)])
        facing = normals @ toward
        ask = np.flatnonzero(facing > 0)
        free = ~scene.blocked(start[ask], np.broadcast_to(toward, (len(ask), 3)))
        dose[ask] += facing[ask] * free
    return dose


def shaded_share(mesh: Mesh, dose: Floats) -> float:
    """Share of the surface that gets less than ``LEAST_SHARE``."""
    faces = dose[mesh.faces].mean(axis=1)
    return float(mesh.areas_mm2[faces < LEAST_SHARE].sum() / max(mesh.areas_mm2.sum(), 1e-12))
