"""Scales people speak of, what turns one into another, and how tall a figure really is."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass

from numerus.domain.parts import Part
from numerus.errors import PlanError
from numerus.geometry.mesh import Mesh

EYES_MM = 1630.0  # a standing adult's eyes above the ground: 28 mm to the eyes is then 1:58
EYES_OF_HEAD = 0.5  # eyes lie half way between the neck's joint and the crown of a bare head
FAMILY_MM = (26.0, 36.0)  # eyes above the base of a foot figure of the 28-32 mm family, heroic ones included


def ratio_of(text: str, where: str = "scale") -> float:
    """How many times smaller than life: 56 for "1:56" and "1/56", 58.2 for "28 mm" (to the eyes). Raises PlanError."""
    match = re.fullmatch(r"\s*1\s*[:/]\s*(\d+(?:\.\d+)?)\s*", text)
    size = re.fullmatch(r"\s*(\d+(?:\.\d+)?)\s*mm\s*", text)
    ratio = float(match[1]) if match else EYES_MM / float(size[1]) if size and float(size[1]) > 0 else 0.0
    if not 1 <= ratio <= 1000:
        raise PlanError(
            "bad-scale", f"{where}: {text!r} is no scale.", "Write it like 1:56, or like 28 mm to the eyes."
        )
    return ratio


def factor_between(old: str, new: str) -> float:
    """By what a part made for one scale is multiplied for another: "1:48" to "1:56" is 48 / 56."""
    return ratio_of(old, "from") / ratio_of(new, "to")


def factor_of(text: str) -> float:
    """A factor as people write it: "110 %", "1.1", "1:48 to 1:56", "28 mm to 32 mm". Raises PlanError."""
    pair = re.split(r"\bto\b|→", text)
    if len(pair) == 2:
        return factor_between(*pair)
    match = re.fullmatch(r"\s*[×x]?\s*(\d+(?:\.\d+)?)\s*(%)?\s*", text)
    factor = float(match[1]) / (100 if match[2] else 1) if match else 0.0
    if not 0.01 <= factor <= 100:
        raise PlanError("bad-factor", f"{text!r} is no enlargement.", "Write 110 %, 1.1, or 1:48 to 1:56.")
    return factor


@dataclass(frozen=True)
class Heights:
    """Of a build as assembled, in mm above the top of its base: eyes (None without a head) and the highest point."""

    eyes_mm: float | None
    top_mm: float
    whole_mm: float

    @property
    def description(self) -> str:
        eyes = f"{self.eyes_mm:.1f} mm to the eyes, " if self.eyes_mm else ""
        family = ""
        if self.eyes_mm:
            low, high = FAMILY_MM
            inside = low <= self.eyes_mm <= high
            family = "; of the 28-32 mm family" if inside else f"; 1:{EYES_MM / self.eyes_mm:.0f} of an adult"
        return f"{eyes}{self.top_mm:.1f} mm to the top{family}"


def heights(build: Mapping[str, Mesh], neck_mm: float | None = None, crown_mm: float | None = None) -> Heights:
    """Heights of assembled parts by slot. ``neck_mm``: where the head is joined on, else its lowest point; ``crown_mm``:
    of a bare head in its place, else its highest.
    """
    low = min(m.bounds_mm[0, 2] for m in build.values())
    high = max(m.bounds_mm[1, 2] for m in build.values())
    ground = float(build["legs"].bounds_mm[0, 2]) if "legs" in build else float(low)
    eyes = None
    if "head" in build:
        foot, top = build["head"].bounds_mm[:, 2]
        neck, crown = (foot if neck_mm is None else neck_mm), (top if crown_mm is None else crown_mm)
        eyes = float(neck + EYES_OF_HEAD * (crown - neck)) - ground
    return Heights(eyes, float(high) - ground, float(high - low))


def unit_reason(part: Part) -> str:
    """Why a part's numbers are read as they are."""
    doubt = next((text for code, text in part.problems if code == "unit"), "")
    if doubt:
        return doubt
    return f"{max(part.extents_mm):.1f} long: millimetres, as a part of a figure should be"
