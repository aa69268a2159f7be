"""A stand-in workshop in which things go wrong: weeks of runs on a simulated machine with one known fault, sometimes two.

It knows nothing of how failures are judged: what fails follows from the light that reaches a place, how green layers hold, what tips
bear and what pulls, and from chance. Its user looks wrongly one time in five. The same seed tells the same week.
"""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from datetime import datetime, timedelta

import numpy as np

from numerus.domain.journal import PartOutcome, RunEnded
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.domain.printing.poses import Pose
from numerus.printing.runs.run_records import FAILED, FLAWED, GOOD, RunRecord, VatLevel

FAULTS = (
    "power", "resin", "adhesion", "cold", "film", "screen", "tips", "cup", "exposure", "overexposure", "shift", "jump", "file",
    "flake", "warp", "thin",
)  # fmt: skip
LASTING = {"cold", "film", "screen", "exposure", "overexposure", "tips", "cup", "jump", "file", "warp", "thin"}
RUNS, KINDS_OF_PART = 5, 7
TWO_FAULTS, LOOKS_WRONGLY, BY_CHANCE, ANSWERS_WRONGLY = 0.10, 0.20, 0.025, 0.10
FIRST = datetime(2026, 3, 2, 19)
LEVEL, TORN, SOFT, BARE = "stops level all round", "torn off its supports", "soft and half made", "nothing there"
STEP, SWOLLEN, MISSING = "a step all round", "swollen, detail filled", "fine bits missing"
BENT, HOLE = "bent, edges lifted", "a hole or tear in it"
ANY_LOOK = (LEVEL, TORN, SOFT, BARE, STEP, SWOLLEN, MISSING, BENT, HOLE)
Place = tuple[float, float, float]  # x, y and how far it reaches, mm


@dataclass
class Sculpt:
    """A part as it is; what a program has measured of it comes near that."""

    id: str
    height_mm: float
    holds: float  # tips over pull, in good light and warmth
    cup_mm2: float
    leap_mm2: float
    leap_at_mm: float
    thinnest_mm: float
    long_mm: float
    wrong_at_mm: float = 0.0  # where its sliced layers are wrong


@dataclass
class Workshop:
    """What is true of a machine in one week."""

    celsius: float
    light: float = 1.0
    gap_mm: float = 0.02  # between plate and screen where it should be none
    dents: list[Place] = field(default_factory=list)
    dim: list[Place] = field(default_factory=list)
    film_layers: int = 20_000


@dataclass(frozen=True)
class StruckRun:
    """One run: its record as its user tells it, its plate, and which faults were at work in it."""

    record: RunRecord
    plate: Plate
    faults: frozenset[str]


@dataclass(frozen=True)
class Week:
    """``told_c``: warmth, where its user has a thermometer; ``facts``: what a check would find, by plain names."""

    faults: tuple[str, ...]
    runs: tuple[StruckRun, ...]
    parts: dict[str, Part]
    machine: Machine
    film_layers: int
    told_c: float | None
    facts: frozenset[str]
    seed: int

    @property
    def struck(self) -> StruckRun | None:
        """The last run in which its first fault hurt something."""
        hurt = [
            r
            for r in self.runs
            if self.faults[0] in r.faults and any(o.outcome != GOOD for o in r.record.outcomes.values())
        ]
        return hurt[-1] if hurt else None

    def check(self, fact: str, number: int = 0) -> bool:
        """Whether a check finds a fact; a tenth of the time whoever looks is wrong."""
        wrong = np.random.default_rng([self.seed, 7, number]).uniform() < ANSWERS_WRONGLY
        return (fact in self.facts) != wrong


def week(seed: int, machine: Machine | None = None) -> Week:
    """One seeded week."""
    return _Weeks(seed, machine or Machine("m", "Stand-in")).week()


class _Weeks:
    def __init__(self, seed: int, machine: Machine) -> None:
        self.seed, self.machine, self.dice = seed, machine, np.random.default_rng([seed, 16])
        many = 2 if self.dice.uniform() < TWO_FAULTS else 1
        self.faults = tuple(str(f) for f in self.dice.choice(FAULTS, many, replace=False))
        self.shop = Workshop(float(self.dice.normal(23.5, 1.0)), film_layers=int(self.dice.uniform(0, 40_000)))
        self.sculpts = [self._sculpt(k) for k in range(KINDS_OF_PART)]
        self.flakes: list[Place] = []
        self._strike()

    def _sculpt(self, number: int) -> Sculpt:
        dice = self.dice
        height = float(dice.uniform(12, 48))
        return Sculpt(
            f"part-{number}", height, float(dice.lognormal(1.05, 0.3)), 0.0, float(abs(dice.normal(0, 3))),
            float(dice.uniform(3, height)), float(dice.uniform(0.5, 1.6)), float(dice.uniform(10, 38)),
        )  # fmt: skip

    def _strike(self) -> None:
        """Faults that last all week, or sit in one of the sculpts."""
        victim = self.sculpts[int(self.dice.integers(KINDS_OF_PART))]
        for fault in self.faults:
            self._strike_shop(fault)
            self._strike_sculpt(fault, victim)

    def _strike_shop(self, fault: str) -> None:
        dice, shop = self.dice, self.shop
        if fault == "cold":
            shop.celsius = float(dice.uniform(13, 18))
        elif fault == "film":
            shop.dents, shop.film_layers = [self._place(8, 16)], int(dice.uniform(35_000, 70_000))
        elif fault == "screen":
            shop.dim = [self._place(12, 24)]
        elif fault == "exposure":
            shop.light = float(dice.uniform(0.55, 0.72))
        elif fault == "overexposure":
            shop.light = float(dice.uniform(1.5, 2.0))

    def _strike_sculpt(self, fault: str, victim: Sculpt) -> None:
        dice = self.dice
        if fault == "tips":
            victim.holds = float(dice.uniform(0.7, 1.05))
        elif fault == "cup":
            victim.cup_mm2 = float(dice.uniform(60, 300))
        elif fault == "jump":
            victim.leap_mm2 = float(dice.uniform(40, 200))
        elif fault == "file":
            victim.wrong_at_mm = float(dice.uniform(0.2, 0.9)) * victim.height_mm
        elif fault == "warp":
            victim.long_mm, victim.height_mm = float(dice.uniform(50, 80)), float(dice.uniform(5, 14))
        elif fault == "thin":
            victim.thinnest_mm = float(dice.uniform(0.06, 0.25))

    def _place(self, least: float, most: float) -> Place:
        machine, dice = self.machine, self.dice
        x, y = dice.uniform(15, machine.plate_x_mm - 15), dice.uniform(15, machine.plate_y_mm - 15)
        return float(x), float(y), float(dice.uniform(least, most))

    def week(self) -> Week:
        struck = int(self.dice.integers(1, RUNS))
        runs = tuple(
            self._run(n, frozenset(f for f in self.faults if f in LASTING or n == struck)) for n in range(RUNS)
        )
        told_c = round(self.shop.celsius, 1) if self.dice.uniform() < 0.6 else None
        parts = {s.id: self._measured(s) for s in self.sculpts}
        return Week(
            self.faults, runs, parts, self.machine, self.shop.film_layers, told_c, frozenset(self.faults), self.seed
        )

    def _measured(self, sculpt: Sculpt) -> Part:
        """What a program would have measured, near the truth."""
        dice, half = self.dice, sculpt.long_mm / 2
        margin = sculpt.holds * float(dice.lognormal(0, 0.2))
        pose = Pose(
            (0, 0, 1), "measured", sculpt.height_mm, 100, 2, 0.5, 8, 60, margin=margin, cups_mm2=sculpt.cup_mm2,
            hull_mm=((-half, -5), (half, -5), (half, 5), (-half, 5)), leap_mm2=sculpt.leap_mm2, leap_at_mm=sculpt.leap_at_mm,
        )  # fmt: skip
        hair = 2.0 if sculpt.thinnest_mm < 0.4 else 0.0
        return Part(
            sculpt.id, "kit", sculpt.id, "body", "", 9, (10, 10, sculpt.height_mm), 2, 9, True, 1, 0, "mm",
            pose=pose, thinnest_mm=sculpt.thinnest_mm, hair_mm2=hair,
        )  # fmt: skip

    def _run(self, number: int, faults: frozenset[str]) -> StruckRun:
        run = _OneRun(self, number, faults)
        outcomes = {p.id: self._as_told(seen) for p, seen in run.outcomes()}
        failed = [p for p in run.plate.placed if outcomes[p.id].outcome == FAILED]
        loose = [p for p in failed if self.dice.uniform() < 0.15]
        self.flakes = [(p.x_mm, p.y_mm, 9.0) for p in loose]
        at = FIRST + timedelta(days=number)
        record = RunRecord(
            f"r{number}", run.plate.id, self.machine.id, at, at, outcomes, False, False,
            vat_levels=(VatLevel(at, run.vat_ml, None),), end=RunEnded(run.minutes, 0.0),
        )  # fmt: skip
        return StruckRun(record, run.plate, faults)

    def _as_told(self, seen: PartOutcome) -> PartOutcome:
        """What the user writes down of it: looks and height wrong one time in five."""
        dice = self.dice
        if seen.outcome == GOOD or dice.uniform() > LOOKS_WRONGLY:
            return seen
        height = seen.height_mm * float(dice.uniform(0.6, 1.5))
        return replace(seen, looks=str(dice.choice(ANY_LOOK)), height_mm=round(height, 1))


class _OneRun:
    """One plate printed in a workshop."""

    def __init__(self, weeks: _Weeks, number: int, faults: frozenset[str]) -> None:
        self.weeks, self.shop, self.dice, self.machine, self.faults = (
            weeks,
            weeks.shop,
            weeks.dice,
            weeks.machine,
            faults,
        )
        self.sculpt_of: dict[str, Sculpt] = {}
        many = int(self.dice.integers(8, 20))
        placed = tuple(self._placed(number, k) for k in range(many))
        tall = max(self.sculpt_of[p.id].height_mm for p in placed)
        thirsty = "resin" in faults
        self.vat_ml = float(self.dice.uniform(160, 300))
        need = self.vat_ml * float(self.dice.uniform(0.96, 1.2) if thirsty else self.dice.uniform(0.1, 0.7))
        self.plate = Plate(f"p{number}", f"Plate {number}", self.machine.id, "r", placed, tall, 6 * tall, need)
        self.flake = [weeks._place(6, 12)] if "flake" in faults else list(weeks.flakes)
        self.stops_mm, self.why = self._stop(tall, thirsty)
        self.shift_mm = float(self.dice.uniform(0.15, 0.8)) * tall if "shift" in faults else 0.0
        self.minutes = 6 * (self.stops_mm if self.why == "power" else tall)

    def _placed(self, number: int, k: int) -> Placed:
        x, y, _ = self.weeks._place(1, 2)
        sculpt = self.sculpt_of[f"{number}-{k}"] = self.weeks.sculpts[k % KINDS_OF_PART]
        return Placed(f"{number}-{k}", sculpt.id, f"f{k}", "body", x, y)

    def _stop(self, tall: float, thirsty: bool) -> tuple[float, str]:
        if "power" in self.faults:
            return float(self.dice.uniform(0.15, 0.8)) * tall, "power"
        if thirsty:
            return float(self.dice.uniform(0.55, 0.9)) * tall, "resin"
        return np.inf, ""

    def outcomes(self) -> list[tuple[Placed, PartOutcome]]:
        return [(p, PartOutcome(p.id, *self._of(p, self.sculpt_of[p.id]))) for p in self.plate.placed]

    def _of(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str]:
        """What befalls a part first, from the plate upward: outcome, height and looks."""
        steps = (
            self._first_layers, self._light_there, self._film_there, self._flake_there, self._pull, self._sliced, self._stopped,
            self._shaken, self._detail, self._bent, self._chance,
        )  # fmt: skip
        happened = [h for step in steps if (h := step(placed, sculpt)) is not None]
        failed = [h for h in happened if h[0] == FAILED]
        worst = min(failed, key=lambda h: h[1]) if failed else happened[0] if happened else (GOOD, 0.0, "")
        return worst[0], round(worst[1], 1), worst[2]

    def _hit(self, chance: float) -> bool:
        return bool(self.dice.uniform() < chance)

    def _first_layers(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        """A gap grows towards one side of the plate; in the cold even good first layers hold less."""
        tilt = placed.x_mm / self.machine.plate_x_mm
        gap = (0.12 + 0.25 * tilt) if "adhesion" in self.faults else self.shop.gap_mm
        chill = 0.1 if self.shop.celsius < 18 else 0.0
        if not self._hit(min(max((gap - 0.08) * 5, 0.0), 0.95) + chill):
            return None
        return FAILED, float(self.dice.uniform(0.1, 1.6)), BARE if self._hit(0.75) else TORN

    def _light_there(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        """Where too little light comes layers stay soft."""
        light = self.shop.light * (0.55 if _within(placed, self.shop.dim) else 1.0)
        if light > 0.75:
            return None
        weak = (0.75 - light) / 0.3
        if self._hit(0.4 + 0.5 * weak):
            looks = SOFT if self._hit(0.7) else BARE if self._hit(0.4) else TORN
            return FAILED, float(self.dice.uniform(0.5, sculpt.height_mm)), looks
        return FLAWED, 0.0, MISSING if self._hit(0.7) else SOFT

    def _film_there(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        if not _within(placed, self.shop.dents) or not self._hit(0.8):
            return None
        looks = str(self.dice.choice([HOLE, TORN, SOFT, BARE], p=[0.45, 0.25, 0.2, 0.1]))
        return FAILED, float(self.dice.uniform(0.5, sculpt.height_mm)), looks

    def _flake_there(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        near = _within(placed, self.flake) or ("flake" in self.faults and placed == self._nearest_flake())
        if not near or not self._hit(0.85):
            return None
        return FAILED, float(self.dice.exponential(6) + 0.3), HOLE if self._hit(0.75) else TORN

    def _nearest_flake(self) -> Placed:
        x, y, _ = self.flake[0]
        return min(self.plate.placed, key=lambda p: (p.x_mm - x) ** 2 + (p.y_mm - y) ** 2)

    def _pull(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        """Tips against the pull, which cups, leaps and thick cold resin make harder, on a day's luck."""
        thick = 1.0 + 0.12 * max(20 - self.shop.celsius, 0.0)
        green = min(self.shop.light, 1.0)
        pull = thick * (1 + sculpt.cup_mm2 / 60) * (1 + sculpt.leap_mm2 / 400) * float(self.dice.lognormal(0, 0.18))
        if sculpt.holds * green > pull:
            return self._leaps(sculpt)
        sealed, thick_resin = sculpt.cup_mm2 > 0, thick > 1.2
        looks = HOLE if sealed and self._hit(0.25) else SOFT if self._hit(0.5 if thick_resin else 0.12) else TORN
        return FAILED, float(self.dice.uniform(1.5, 0.7 * sculpt.height_mm)), looks

    def _leaps(self, sculpt: Sculpt) -> tuple[str, float, str] | None:
        return (FLAWED, sculpt.leap_at_mm, STEP) if sculpt.leap_mm2 > 30 and self._hit(0.9) else None

    def _sliced(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        if not sculpt.wrong_at_mm:
            return None
        return FAILED, sculpt.wrong_at_mm, LEVEL if self._hit(0.5) else HOLE

    def _stopped(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        """A run that ends early leaves short parts whole; a vat runs dry not everywhere at once."""
        at = self.stops_mm + (float(self.dice.normal(0, 0.5)) if self.why == "resin" else 0.0)
        if sculpt.height_mm <= at:
            return None
        return FAILED, at, SOFT if self.why == "resin" and self._hit(0.2) else LEVEL

    def _shaken(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        return (FLAWED, self.shift_mm, STEP) if 0 < self.shift_mm < sculpt.height_mm else None

    def _detail(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        """Too much light fills detail; what the screen cannot make is missing."""
        if self.shop.light > 1.3:
            return (FLAWED, 0.0, SWOLLEN) if self._hit(0.9) else None
        return (
            (FLAWED if self._hit(0.5) else FAILED, 0.0, MISSING)
            if sculpt.thinnest_mm < 0.3 and self._hit(0.9)
            else None
        )

    def _bent(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        flat = sculpt.long_mm > 45 and sculpt.height_mm < 18
        return (FLAWED, 0.0, BENT) if flat and self._hit(0.8) else None

    def _chance(self, placed: Placed, sculpt: Sculpt) -> tuple[str, float, str] | None:
        if not self._hit(BY_CHANCE):
            return None
        return FAILED, float(self.dice.uniform(0.5, sculpt.height_mm)), str(self.dice.choice([TORN, HOLE, SOFT]))


def _within(placed: Placed, places: list[Place]) -> bool:
    return any((placed.x_mm - x) ** 2 + (placed.y_mm - y) ** 2 < (r + 6) ** 2 for x, y, r in places)
