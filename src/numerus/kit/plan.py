"""What should be: the army, its units and figures, the kits and parts they are built from.

Plain frozen values. Lengths in mm, money in the army's currency, clock times as minutes after midnight.
"""

from __future__ import annotations

import re
from dataclasses import dataclass, field, replace
from datetime import date

from numerus.errors import PlanError

SLOTS = ("base", "legs", "torso", "head", "left arm", "right arm", "weapon", "back", "extra")
BASES_MM = (25.0, 28.5, 32.0, 40.0, 50.0, 60.0, 80.0, 100.0)
NONE = "none"  # a slot deliberately left empty
BOUGHT = "bought"  # a slot filled by something that is not printed


@dataclass(frozen=True)
class Day:
    """One weekday: hobby time in minutes beginning at ``hobby_from``; at home and awake in ``home`` windows."""

    hobby_minutes: int = 90
    hobby_from: int = 20 * 60
    home: tuple[tuple[int, int], ...] = ((7 * 60, 8 * 60), (18 * 60, 23 * 60))


WEEKDAY = Day()
WEEKEND = Day(180, 14 * 60, ((8 * 60, 23 * 60),))


@dataclass(frozen=True)
class Army:
    """The army, when it must be ready and the time there is; ``week`` begins with Monday.

    ``days``: single days that are not like their weekday, away or up late. ``zone``: the time zone's name, "" for the
    computer's own. ``tub_parts``, ``lamp_parts``: how many parts are washed or cured at once.
    """

    id: str
    name: str
    ready_by: date
    week: tuple[Day, ...] = (WEEKDAY,) * 5 + (WEEKEND,) * 2
    evenings_kept: float = 0.8
    currency: str = "£"
    scheme_id: str = ""
    solvent_price_per_l: float = 6.0
    power_price_per_kwh: float = 0.3
    days: tuple[tuple[date, Day], ...] = ()
    zone: str = ""
    tub_parts: int = 24
    lamp_parts: int = 12
    likelihoods: str = ""  # the inquest's table where it was changed, as its JSON

    def __post_init__(self) -> None:
        if len(self.week) != 7:
            raise PlanError("bad-week", "A week has seven days.")
        if not 0 < self.evenings_kept <= 1:
            raise PlanError("bad-share", "The share of evenings kept lies between 0 and 1.")
        if min(self.tub_parts, self.lamp_parts) < 1:
            raise PlanError("bad-load", "At least one part is washed or cured at once.")

    def day(self, of: date) -> Day:
        """What a day is like."""
        return next((like for when, like in self.days if when == of), self.week[of.weekday()])

    def with_day(self, of: date, like: Day | None) -> Army:
        """The army with one day unlike its weekday, or None: as usual again."""
        others = {when: day for when, day in self.days if when != of}
        days = others if like is None else {**others, of: like}
        return replace(self, days=tuple(sorted(days.items(), key=lambda d: d[0])))


@dataclass(frozen=True)
class BuildRule:
    """``kind`` "needs": who has part ``a`` has ``b`` too; "apart": never both in one figure."""

    kind: str
    a: str
    b: str


@dataclass(frozen=True)
class Unit:
    """Figures that fight together. ``mark`` names the sign it is drawn by; ``level`` where painting stops.

    ``wanted``: part id -> in how many figures; ``spares``: part id -> how many to print besides what figures need.
    """

    id: str
    name: str
    order: int
    base_mm: float
    kit_id: str
    mark: str = "hat"
    level: str = "good"
    bought_price: float = 0.0
    slots: tuple[str, ...] = ("base", "legs", "torso", "head", "left arm", "right arm", "back")
    rules: tuple[BuildRule, ...] = ()
    wanted: dict[str, int] = field(default_factory=dict)
    spares: dict[str, int] = field(default_factory=dict)


@dataclass(frozen=True)
class Figure:
    """One model on one base; ``build`` maps a slot to a part's id, NONE or BOUGHT. A slot without entry is unfilled."""

    id: str
    unit_id: str
    name: str
    order: int
    build: dict[str, str] = field(default_factory=dict)


@dataclass(frozen=True)
class Relation:
    """What parts are to each other, with the evidence and how sure it is (0..1).

    ``kind``: "duplicate", "mirror", "scaled", "alternative" (parts in one place), "joint" (the first plugs into the
    second at ``place_mm``), "clash" (they share space and cannot be built together), "supported" (plain, supported),
    "base" (``size_mm``: one diameter or two), "whole" (an assembled copy of other parts). ``overruled`` by the user.
    """

    kind: str
    parts: tuple[str, ...]
    confidence: float
    evidence: str
    place_mm: tuple[float, float, float] | None = None
    size_mm: tuple[float, ...] = ()
    overruled: bool = False


LICENCES = {"personal": "personal use only", "sell-prints": "prints may be sold", "unknown": "terms unknown"}


@dataclass(frozen=True)
class Kit:
    """Where parts came from: source, licence terms (one of LICENCES), price paid, day it was got, remarks; and what
    its parts are to each other.
    """

    id: str
    name: str
    source: str = ""
    price: float = 0.0
    licence: str = "unknown"
    got: date | None = None
    remarks: str = ""
    relations: tuple[Relation, ...] = ()


Point = tuple[float, float, float]
STROKES = ("show", "hide", "keep off", "hold")


@dataclass(frozen=True)
class Stroke:
    """A dab of the brush on a part, in the part's own coordinates: what it says of the skin within ``radius_mm``.

    ``kind`` one of STROKES: seen by everyone, seen by no one, no tip here, a tip here.
    """

    kind: str
    at: Point
    radius_mm: float


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
    outline of all of it on the plate, round the mesh's own origin.
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


@dataclass(frozen=True)
class Part:
    """A mesh of a kit. ``blob``: its packed mesh; ``unit_mm``: what one unit of the file is; ``pose`` None until chosen.

    ``thinnest_mm``: its thinnest wall (0 where none was measured); ``hair_mm2`` and ``weak_mm2``: surface of walls that
    hardly print and of walls that do not survive play. ``needed``: False for what no build wants (copies, doubles).
    ``original``: the mesh as it came, where ``blob`` was mended, cut or thickened. ``doubt``: 0..1 of its slot.
    ``strokes``: what was brushed onto it for posing; ``draft``: the pose being worked on; ``others``: poses it may lie in, too,
    where a plate is better for it.
    """

    id: str
    kit_id: str
    name: str
    slot: str
    blob: str
    triangles: int
    extents_mm: tuple[float, float, float]
    volume_ml: float
    surface_cm2: float
    watertight: bool
    shells: int
    holes: int
    unit: str
    unit_mm: float = 1.0
    problems: tuple[tuple[str, str], ...] = ()
    zones: tuple[str, ...] = ()
    zone_cm2: tuple[float, ...] = ()
    thumbnail: str = ""
    pose: Pose | None = None
    thinnest_mm: float = 0.0
    hair_mm2: float = 0.0
    weak_mm2: float = 0.0
    needed: bool = True
    original: str = ""
    doubt: float = 0.0
    strokes: tuple[Stroke, ...] = ()
    draft: Draft | None = None
    others: tuple[Pose, ...] = ()

    def lying(self, number: int) -> Pose | None:
        """The pose kept first (0), or one of the ``others``."""
        return self.pose if number == 0 else self.others[number - 1] if number <= len(self.others) else None

    @property
    def label(self) -> str:
        """Its name without folders and the ending of a mesh file."""
        return re.sub(r"\.(stl|obj|ply|3mf|glb)$", "", self.name.rpartition("/")[2], flags=re.IGNORECASE)
