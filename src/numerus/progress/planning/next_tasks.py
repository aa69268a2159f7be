"""The orders: what to do next, in sequence, with minutes, what must be at hand, and the caution of that step.

What is wet cannot wait and comes first; the rest is this evening of the one plan of the hands (see planning.bench_plan), with plates
that come off or go on in it. Ticking an order appends the facts it carries.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from itertools import groupby

from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.drying import Drying
from numerus.paint.figure.touching import Between
from numerus.paint.priming.weather import Air
from numerus.progress.painting.painting_line import NOT_LOOKED_AT, blocks_of
from numerus.progress.planning import task_kinds as kinds
from numerus.progress.planning.bench_plan import tonight
from numerus.progress.planning.bench_tasks import (
    ALL_KNOWN,
    BUILD,
    CURE,
    LIFT,
    PRIME,
    STRINGS,
    WASH,
    Appointment,
    ToDo,
    to_do,
)
from numerus.progress.planning.evening_pieces import work_kind
from numerus.progress.planning.task_kinds import BATCH_MOST, Task
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.washing import AS_USUAL, Washing
from numerus.schedule.attendance import Window
from numerus.schedule.hand_plan import FIRST_WAY, Way
from numerus.schedule.hand_tasks import TimedTask


@dataclass(frozen=True)
class TaskList:
    """What fits into the next stretch of hobby time, how long that is, and how much of it is work, setting up included."""

    listed: tuple[Task, ...]
    start: datetime
    minutes: float
    work_min: float = 0.0


def orders(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, between: Between = NOT_LOOKED_AT,
    washing: Washing = AS_USUAL, airs: Sequence[Air] = ALL_KNOWN, way: Way = FIRST_WAY,
) -> TaskList:  # fmt: skip
    """What to do in the next stretch of hobby time."""
    try:
        work = to_do(plans, facts, standing, now, between, washing, airs)
    except PlanError:
        return without_hours(plans, standing, now, washing)
    return orders_of(work, plans, standing, now, washing, way)


def without_hours(plans: Plans, standing: Standing, now: datetime, washing: Washing) -> TaskList:
    """What is wet cannot wait even where no hobby time is set aside."""
    return TaskList(tuple(_wet(plans, standing, now, washing)), now, 0.0)


def orders_of(work: ToDo, plans: Plans, standing: Standing, now: datetime, washing: Washing, way: Way) -> TaskList:
    """The orders of what there is to do, by a way the plan was found."""
    wet, window = _wet(plans, standing, now, washing), work.evenings[0]
    try:
        timed = tonight(work, way, window.end)
    except PlanError:  # its bench says why
        timed = []
    evening = _Evening(plans, standing, now, work)
    rest = [*evening.by_the_clock(window), *evening.tasks(timed)]
    listed = (*wet, *sorted(rest, key=lambda t: max(t.start or now, window.start)))
    there = window.minutes * work.inputs.people
    return TaskList(listed, window.start, there, _work_min(timed, work, window))


def _work_min(timed: Sequence[TimedTask], work: ToDo, window: Window) -> float:
    plates = (a.end - a.start for a in work.appointments if window.start <= a.start < window.end)
    return sum(d.total_seconds() / 60 for d in (*(t.end - t.begun for t in timed), *plates))


def _wet(plans: Plans, standing: Standing, now: datetime, washing: Washing) -> list[Task]:
    """What wet plates ask for now: to be lifted, washed, cured."""
    runs = sorted(standing.runs.values(), key=lambda r: r.state)  # hanging, printed, washed
    tasks = []
    for run in (r for r in runs if r.plate_id in plans.plates):
        plate = plans.plates[run.plate_id]
        if run.state == "hanging":
            tasks.append(kinds.lift_task(plans, run, plate))
        elif run.state == "printed":
            tasks.append(kinds.wash_task(plans, run, plate, now, washing))
        elif run.state == "washed":
            tasks.append(kinds.cure_task(plans, run, plate, now))
    return tasks


@dataclass(frozen=True)
class _Evening:
    """Makes tasks to be ticked of an evening's plan."""

    plans: Plans
    standing: Standing
    now: datetime
    work: ToDo

    def by_the_clock(self, window: Window) -> Iterator[Task]:
        """Plates that come off and go on until the evening ends."""
        hanging = {r.plate_id for r in self.standing.runs.values() if r.state == "hanging"}
        for one in (a for a in self.work.appointments if a.start <= window.end):
            if one.kind == LIFT and one.plate_id in hanging:
                continue  # it is among what is wet
            if one.kind == LIFT:
                yield kinds.coming_off_task(self.plans, self.plans.plates[one.plate_id], one.machine_id, one.start)
            elif self._is_free(one):
                yield kinds.start_task(self.plans, self.standing, self.work.runs[one.plate_id], self.now)

    def _is_free(self, one: Appointment) -> bool:
        """The first run of its machine that waits; those after it are started when it is off."""
        running = {r.machine_id for r in self.standing.runs.values() if r.state in ("printing", "hanging")}
        first = next((a for a in self.work.appointments if a.machine_id == one.machine_id), None)
        return one.machine_id not in running and first == one

    def tasks(self, timed: Sequence[TimedTask]) -> Iterator[Task]:
        """One for each piece of work, in the plan's order."""
        seen: set[object] = set()
        open_zones: set[str] = set()
        wanted = Counter(s.key for f in self.standing.figures.values() for s in f.next_strokes)
        for is_paint, own in groupby(timed, key=lambda t: t.task.holds):
            pieces = list(own)
            if is_paint:
                yield from self._painting(pieces, wanted, open_zones)
            else:
                yield from self._others(timed, pieces, seen)

    def _painting(self, pieces: Sequence[TimedTask], wanted: Counter[str], open_zones: set[str]) -> Iterator[Task]:
        """A zone whose colour was left open is decided on before it is painted."""
        for block in blocks_of(pieces, self.work.strokes):
            recipe = kinds.left_open(self.plans, block)
            if recipe is None:
                yield kinds.painting_task(block, self.plans, wanted)
            elif recipe.zone not in open_zones:
                open_zones.add(recipe.zone)
                yield replace(kinds.decide_task(self.plans, recipe), start=block.start)

    def _others(self, timed: Sequence[TimedTask], pieces: Sequence[TimedTask], seen: set[object]) -> Iterator[Task]:
        """Each kind of work once: all of a unit's figures that come to it this evening together."""
        for piece in pieces:
            kind = work_kind(piece, self.standing)
            if kind not in seen:
                seen.add(kind)
                same = [t for t in timed if work_kind(t, self.standing) == kind]
                yield from self._task(piece, same)

    def _task(self, piece: TimedTask, same: Sequence[TimedTask]) -> Iterator[Task]:
        kind, key = work_kind(piece, self.standing), piece.task.key
        if kind[0] == "screen":
            own = [self.standing.figures[t.task.group.partition(" ")[2]] for t in same]
            yield replace(kinds.screen_task(key, own, sum(t.task.minutes for t in same)), start=piece.start)
        elif kind[0] == "plate":
            yield from self._plate(piece, same)
        else:
            yield replace(self._of_unit(key, [self.standing.figures[t.task.group] for t in same]), start=piece.start)

    def _plate(self, piece: TimedTask, same: Sequence[TimedTask]) -> Iterator[Task]:
        """Of plates that are not there yet; for those that are, there is an order already."""
        plate_id, _, turn = piece.task.key.rpartition("/")
        bench = "print" if turn == STRINGS else turn
        state = next((r.state for r in self.standing.runs.values() if r.plate_id == plate_id), "")
        if bench != {"printed": WASH, "washed": CURE}.get(state):
            minutes = sum(t.task.minutes for t in same)
            yield kinds.coming_task(self.plans.plates[plate_id], bench, piece.start, minutes)

    def _of_unit(self, key: str, figures: list[FigureStanding]) -> Task:
        here = list({f.figure.id: f for f in figures}.values())
        unit = here[0].unit
        if key == BUILD:
            return kinds.build_task(here[0], self.now)
        scheme = self.plans.scheme_of(unit.id)
        if key == PRIME and scheme is not None:
            return kinds.prime_task(scheme, unit, here, self.now)
        wanted = next(s for f in here for s in f.finish_left if s.id == key)
        return kinds.finish_task(wanted, unit, here, self.now, Drying.of(self.plans).finish_min(wanted))


def paint_batch(standing: Standing) -> list[FigureStanding]:
    """The figures to paint together: the unit that is furthest behind among those at Paint, up to a batch."""
    at = standing.at("paint")
    if not at:
        return []
    unit = min(at, key=lambda f: (f.unit.order, f.figure.order)).unit.id
    return [f for f in at if f.unit.id == unit][:BATCH_MOST]
