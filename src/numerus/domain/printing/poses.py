"""How a part lies on a machine: poses kept and worked on, their supports, what was brushed onto the part for posing."""

from __future__ import annotations

from dataclasses import dataclass

Point = tuple[float, float, float]
DAB_KINDS = ("show", "hide", "keep off", "hold")


@dataclass(frozen=True)
class BrushDab:
    """A dab of the brush on a part, in the part's own coordinates: what it says of the skin within ``radius_mm``.

    ``kind`` one of DAB_KINDS: seen by everyone, seen by no one, no tip here, a tip here.
    """

    kind: str
    at: Point
    radius_mm: float


@dataclass(frozen=True)
class BrushStroke:
    """One stroke of the posing brush over a part, as dabs in order. ``blob``: the mesh it was brushed on; on another it counts
    no more. ``order``: where it stands among the part's strokes; a later one replaces an earlier one.
    """

    id: str
    part_id: str
    blob: str
    order: int
    dabs: tuple[BrushDab, ...]


@dataclass(frozen=True)
class Pillar:
    """One support, in mm as the part hangs over the plate: the tip touches the part, a cone widens to ``joint``, a bar
    leans to ``knee`` and stands on ``foot``. ``lands``: "plate", "part" or "pillar" (a branch); ``why`` it stands there.
    """

    tip: Point
    joint: Point
    knee: Point
    foot: Point
    tip_mm: float
    lands: str = "plate"
    why: str = "overhang"


@dataclass(frozen=True)
class Draft:
    """A pose and its supports as they stand on the bench, changed by hand or not; ``style`` names how they were placed."""

    up: Point
    school: str
    style: str
    pillars: tuple[Pillar, ...]


@dataclass(frozen=True)
class Pose:
    """How a part lies on the machine: the direction of the part that looks up, by which school, and its supports.

    ``margin``: the least of what its tips hold over what the film pulls, 0 where that is not known; ``hull_mm``: the plain
    outline of all of it on the plate, round the mesh's own origin; ``cups_mm2``: area of cups that tell, ``leap_mm2`` and
    ``leap_at_mm``: the largest change of area from layer to layer and its height, None where they were not measured;
    ``brim_mm``: round what is laid of plastic.
    """

    up: tuple[float, float, float]
    school: str
    height_mm: float
    footprint_mm2: float
    volume_ml: float
    support_ml: float
    tips: int
    peak_area_mm2: float
    supported_blob: str = ""
    note: str = ""
    margin: float = 0.0
    hull_mm: tuple[tuple[float, float], ...] = ()
    cups_mm2: float | None = None
    leap_mm2: float | None = None
    leap_at_mm: float = 0.0
    brim_mm: float = 0.0
