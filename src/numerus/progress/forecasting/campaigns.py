"""Seeded campaigns of a simulated painter, told day by day, to ask of the forecast: does its range hold the true date?

The painter has a pace, evenings and luck of their own, which the forecast sees only through what was logged. Machines run by
the planner with its nights and hanging plates; parts fail and are printed again; the work of a plate waits for it. Nothing of
this is the forecast's own arithmetic.
"""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from datetime import date, datetime, timedelta

import numpy as np

from numerus.domain.army import Army
from numerus.domain.journal import Fact, StepDone
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.geometry.mesh import Floats
from numerus.progress.forecasting.drawn_ends import Situation, draws, simulate
from numerus.progress.pace.rates import failure_rate, rates
from numerus.progress.work import GROUP_OF, UnitWork
from numerus.schedule.run_queue import ScheduleInputs, plan_runs

FIRST = datetime(2026, 3, 2, 18, 30)
STAGES_MIN = {"wash": 10.0, "cure": 12.0, "build": 22.0, "prime": 6.0, "paint": 75.0, "finish": 14.0}  # of one figure
STAGE_OF = {"wash": "wash", "cure": "cure", "build": "build", "prime": "prime", "paint": "stroke", "finish": "finish"}
LOGGED, LOOKED_AT = 40, 60  # steps measured and printed parts before the forecast is made
TICKED_DAYS = 28  # of work before it, where steps are only ticked
PACE_SD, STEP_SD, EVENINGS_SD = 0.25, 0.35, 0.07
FIGURES_PER_PLATE, PLATE_MIN = 4, (240.0, 560.0)
LAST_DRYING = timedelta(days=1)


@dataclass(frozen=True, eq=False)
class Painter:
    """Who they are, and nobody knows: pace by group of steps, share of evenings kept, share of plates' parts that fail."""

    pace: dict[str, float]
    kept: float
    fails: float

    @classmethod
    def drawn(cls, army: Army, dice: np.random.Generator) -> Painter:
        groups = dict.fromkeys(GROUP_OF.values())
        pace = {g: float(np.exp(PACE_SD * dice.standard_normal())) for g in groups}
        kept = float(np.clip(army.evenings_kept + EVENINGS_SD * dice.standard_normal(), 0.3, 1.0))
        return cls(pace, kept, float(dice.beta(1, 15)))

    def minutes(self, stage: str, planned: float, dice: np.random.Generator) -> float:
        return planned * self.pace[GROUP_OF[stage]] * float(np.exp(STEP_SD * dice.standard_normal()))


@dataclass(eq=False)
class _Figure:
    """What is left of one figure: minutes at each stage in turn; ``printed``: when its plate was taken off."""

    unit: int
    left: list[float]
    printed: datetime | None = None


@dataclass(eq=False)
class Campaign:
    """A small army to be made by a painter on some machines."""

    dice: np.random.Generator
    army: Army
    machines: list[Machine]
    units: list[int]
    pace: float | None = None  # of all steps, where it is not drawn
    measures: bool = True  # they time their steps, and do not only tick them
    painter: Painter = field(init=False)

    def __post_init__(self) -> None:
        drawn = Painter.drawn(self.army, self.dice)
        self.painter = drawn if self.pace is None else replace(drawn, pace=dict.fromkeys(drawn.pace, self.pace))
        count = sum(-(-n // FIGURES_PER_PLATE) for n in self.units)
        self.plate_min = self.dice.uniform(*PLATE_MIN, count)

    def situation(self) -> Situation:
        """What the forecast is told: the plan, and the record of what was done before."""
        low, middle, high = _reordered(failure_rate(int(self.dice.binomial(LOOKED_AT, self.painter.fails)), LOOKED_AT))
        known = rates(self._logged() if self.measures else self._ticked(), self.army)
        plates, units = iter(self.plate_min), []
        for number, figures in enumerate(self.units):
            machine = float(sum(next(plates) for _ in range(-(-figures // FIGURES_PER_PLATE))))
            hands = {s: m * figures * known[GROUP_OF[s]].factor for s, m in STAGES_MIN.items()}
            units.append(UnitWork(f"u{number}", hands, machine))
        fails = (middle, low, high)
        return Situation(FIRST.date(), self.army, tuple(units), known, fails, len(self.machines))

    def _ticked(self) -> list[Fact]:
        """What one who never takes the time has written in ``TICKED_DAYS``: each evening's steps ticked as planned."""
        facts: list[Fact] = []
        steps = [(s, m) for s, m in STAGES_MIN.items()]
        left, at = 0.0, 0
        for back in range(TICKED_DAYS, 0, -1):
            evening = FIRST - timedelta(days=back)
            minutes = self._hobby_minutes(evening.date())
            while minutes > 0:
                stage, planned = steps[at % len(steps)]
                left = left or self.painter.minutes(stage, planned, self.dice)
                spent = min(minutes, left)
                minutes, left = minutes - spent, left - spent
                if left <= 0:
                    facts.append(Fact(evening, StepDone(STAGE_OF[stage], planned_min=planned), minutes=planned))
                    at += 1
        return facts

    def _hobby_minutes(self, day: date) -> float:
        return float(self.army.day(day).hobby_minutes) if self.dice.uniform() < self.painter.kept else 0.0

    def _logged(self) -> list[Fact]:
        facts = []
        for stage, planned in STAGES_MIN.items():
            for _ in range(LOGGED // len(STAGES_MIN)):
                done = StepDone(STAGE_OF[stage], planned_min=planned, timing="timer")
                facts.append(Fact(FIRST, done, minutes=self.painter.minutes(stage, planned, self.dice)))
        return facts

    def lived(self) -> date:
        """The day the last figure is ready, as it comes about."""
        figures = [
            _Figure(u, [self.painter.minutes(s, m, self.dice) for s, m in STAGES_MIN.items()])
            for u, n in enumerate(self.units)
            for _ in range(n)
        ]
        self._print(figures)
        day = FIRST.date()
        while any(sum(f.left) > 0 for f in figures):
            self._evening(day, figures)
            day += timedelta(days=1)
        return day - timedelta(days=1) + LAST_DRYING

    def _print(self, figures: list[_Figure]) -> None:
        """Plates by the planner; a figure with a failed part waits for the plate that brings it again."""
        owed, now, free = self._plates(figures), FIRST, {m.id: FIRST for m in self.machines}
        while owed:
            schedule = plan_runs([p for p, _ in owed], ScheduleInputs(self.machines, self.army, now, free))
            again: list[_Figure] = []
            on = {p.id: mine for p, mine in owed}
            for scheduled in schedule.scheduled_runs:
                free[scheduled.machine_id] = scheduled.taken_off + timedelta(minutes=15)
                for figure in on[scheduled.plate.id]:
                    figure.printed = scheduled.taken_off
                    # A figure is seven parts or so: any of them may fail.
                    if self.dice.uniform() < 1 - (1 - self.painter.fails) ** 7:
                        again.append(figure)
            now = min(free.values())
            owed = [(self._plate(f"again{n}", float(self.dice.uniform(*PLATE_MIN))), again[n : n + 3 * FIGURES_PER_PLATE])
                    for n in range(0, len(again), 3 * FIGURES_PER_PLATE)]  # fmt: skip

    def _plates(self, figures: list[_Figure]) -> list[tuple[Plate, list[_Figure]]]:
        plates: list[tuple[Plate, list[_Figure]]] = []
        for unit in range(len(self.units)):
            own = [f for f in figures if f.unit == unit]
            for k in range(0, len(own), FIGURES_PER_PLATE):
                plates.append(
                    (self._plate(f"p{len(plates)}", float(self.plate_min[len(plates)])), own[k : k + FIGURES_PER_PLATE])
                )
        return plates

    def _plate(self, name: str, minutes: float) -> Plate:
        machine = self.machines[int(self.dice.integers(len(self.machines)))]
        return Plate(name, name, machine.id, "r", (), 30.0, minutes, 60.0)

    def _evening(self, day: date, figures: list[_Figure]) -> None:
        """Hands work in the roll's order on what is printed, while the evening lasts."""
        minutes = self._hobby_minutes(day)
        evening = datetime(day.year, day.month, day.day, 20)
        for figure in figures:
            if figure.printed is None or figure.printed > evening:
                continue
            for at in range(len(figure.left)):
                spent = min(minutes, figure.left[at])
                figure.left[at] -= spent
                minutes -= spent
                if minutes <= 0:
                    return


def _reordered(rate: tuple[float, float, float]) -> tuple[float, float, float]:
    middle, low, high = rate
    return low, middle, high


def campaign(seed: int, pace: float | None = None, measures: bool = True) -> Campaign:
    """Two to four units of three to ten figures on one machine or two; ``pace``: of this painter's steps over the plan."""
    dice = np.random.default_rng(seed)
    army = Army("army", "Trial", FIRST.date() + timedelta(days=60), evenings_kept=float(dice.uniform(0.6, 0.9)))
    machines = [Machine("a", "A"), replace(Machine("b", "B"), exposure_s=3.0)][: int(dice.integers(1, 3))]
    units = [int(n) for n in dice.integers(3, 11, int(dice.integers(2, 5)))]
    return Campaign(dice, army, machines, units, pace, measures)


def held(lived: Campaign, share: float = 0.8) -> tuple[date, date, date]:
    """The forecast's range in days, low and high, and the true day."""
    days: Floats = simulate(lived.situation(), draws())[""]
    low, high = np.quantile(days, [(1 - share) / 2, (1 + share) / 2])
    first = FIRST.date()
    return first + timedelta(days=int(low)), first + timedelta(days=int(high)), lived.lived()
