"""All work of the hands that is left, on one clock: the evenings planned, and what lies in each."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.errors import PlanError, Progress
from numerus.paint.figure.touching import Between
from numerus.paint.priming.weather import Air
from numerus.paint.scheme import Stroke
from numerus.progress.painting.painting_line import NOT_LOOKED_AT, PaintBlock, StrokeOf, blocks_of
from numerus.progress.planning.bench_tasks import ALL_KNOWN, Appointment, ToDo, to_do
from numerus.progress.standing import Standing
from numerus.progress.washing import AS_USUAL, Washing
from numerus.schedule.attendance import Window
from numerus.schedule.hand_plan import FIRST_WAY, Way, best_way, gone_on, walked
from numerus.schedule.hand_tasks import TimedTask, Touching, free_hours, hands_bound_min


@dataclass(frozen=True, eq=False)
class BenchPlan:
    """``tasks``: everything in time, in order, by a ``way`` that can be walked again; ``to_do``: what it was made of; not ``whole`` where
    it is more than the evenings there are hold, and only the first are planned.
    """

    tasks: tuple[TimedTask, ...]
    way: Way
    to_do: ToDo
    whole: bool = True

    @property
    def windows(self) -> Sequence[Window]:
        """The evenings it lies in, without the minutes plates take of them."""
        return self.to_do.inputs.windows

    @property
    def touching(self) -> Touching:
        return self.to_do.touching

    @property
    def guessed(self) -> frozenset[str]:
        return self.to_do.guessed

    @property
    def strokes_by_key(self) -> Mapping[StrokeOf, Stroke]:
        return self.to_do.strokes

    @property
    def strokes(self) -> list[TimedTask]:
        return [t for t in self.tasks if t.task.holds]

    @property
    def blocks(self) -> list[PaintBlock]:
        return blocks_of(self.tasks, self.strokes_by_key)

    @property
    def painting_hours(self) -> list[Window]:
        """What the evenings leave for painting, up to the last stroke."""
        others = [t for t in self.tasks if not t.task.holds]
        last = max((t.end for t in self.strokes), default=None)
        return [w for w in free_hours(self.windows, others) if last is not None and w.start < last]

    @property
    def painted(self) -> datetime | None:
        """When the last stroke is done."""
        return max((t.end for t in self.strokes), default=None)

    @property
    def ends(self) -> datetime | None:
        return max((t.end for t in self.tasks), default=None)

    def done_by(self, unit_of: Mapping[str, str]) -> dict[str, float]:
        """By unit the share of all its hands' minutes that is done when the unit's last figure is. ``unit_of``: by figure."""
        whole = sum((t.end - t.begun).total_seconds() for t in self.tasks) or 1.0
        done, shares = 0.0, dict[str, float]()
        for timed in sorted(self.tasks, key=lambda t: t.end):
            done += (timed.end - timed.begun).total_seconds()
            if timed.task.group in unit_of:
                shares[unit_of[timed.task.group]] = done / whole
        return shares if self.whole else {}

    def evenings(self) -> list[Evening]:
        """Every evening up to the last task, those with nothing to do too."""
        ends = self.ends
        return [
            Evening(
                window,
                tuple(t for t in self.tasks if window.start <= t.start < window.end),
                tuple(a for a in self.to_do.appointments if a.start < window.end and a.end > window.start),
            )
            for window in self.to_do.evenings
            if ends is not None and window.start < ends
        ]


@dataclass(frozen=True)
class Evening:
    """One stretch of hobby time with its tasks, and plates put on and taken off in it."""

    window: Window
    tasks: tuple[TimedTask, ...]
    appointments: tuple[Appointment, ...]

    @property
    def hands_min(self) -> float:
        """Setting up included."""
        tasks = sum((t.end - t.begun).total_seconds() for t in self.tasks)
        return (tasks + sum((a.end - a.start).total_seconds() for a in self.appointments)) / 60


FIRST_EVENINGS = 40  # of what no plan can hold


def planned(work: ToDo, progress: Progress | None = None) -> BenchPlan:
    """The best plan found; of what the evenings cannot hold the first of them. Raises PlanError where a task fits into none, Cancelled."""
    inputs = work.inputs
    there = sum(w.minutes for w in inputs.windows) * inputs.people
    if hands_bound_min(inputs.tasks)[0] > there:
        return _beginning(work)
    try:
        way, tasks = best_way(inputs, progress=progress)
    except PlanError:
        return _beginning(work)
    return BenchPlan(tuple(tasks), way, work)


def _beginning(work: ToDo) -> BenchPlan:
    until = work.inputs.windows[min(FIRST_EVENINGS, len(work.inputs.windows)) - 1].end
    return BenchPlan(tuple(tonight(work, FIRST_WAY, until)), FIRST_WAY, work, False)


def replanned(work: ToDo, way: Way) -> BenchPlan:
    """The plan as it was found before goes on: after a tick, in a moment. Raises PlanError where the evenings do not hold it."""
    way, tasks = gone_on(work.inputs, way)
    return BenchPlan(tuple(tasks), way, work)


def tonight(work: ToDo, way: Way, until: datetime) -> list[TimedTask]:
    """The plan up to a moment, by a way found before: made in a moment. Raises PlanError where a task fits into no evening."""
    return walked(work.inputs, way, until)


def bench_plan(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, progress: Progress | None = None,
    between: Between = NOT_LOOKED_AT, washing: Washing = AS_USUAL, airs: Sequence[Air] = ALL_KNOWN,
) -> BenchPlan:  # fmt: skip
    """All of it. Raises PlanError where there is no army, no time, or not enough of it, Cancelled."""
    plan = planned(to_do(plans, facts, standing, now, between, washing, airs), progress)
    if not plan.whole:
        raise PlanError("no-time", "The evenings planned do not hold all of this.", "Set more hobby time aside.")
    return plan
