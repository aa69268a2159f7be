"""All work of the hands that is left, from wet plates to the last varnish, on one clock with the strokes of the army."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from contextlib import suppress
from dataclasses import dataclass, replace
from datetime import datetime, timedelta

from numerus.assembly.gluing import build_plan
from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER
from numerus.errors import PlanError, Progress
from numerus.kit.builds import printed_slots
from numerus.paint.figure.touching import Between
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke
from numerus.post.curing.cure import lamp_min
from numerus.post.washing.wash import DRY_MIN, TUB_MIN
from numerus.progress.pace.rates import Rate, rates_of
from numerus.progress.painting.painting_line import (
    NOT_LOOKED_AT,
    PaintBlock,
    StrokeOf,
    blocks_of,
    still_wet,
    stroke_tasks,
    strokes_by_figure,
    touching_by_figure,
)
from numerus.progress.printing.planned_runs import busy_until, next_runs
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.stores import estimates
from numerus.progress.washing import AS_USUAL, Washing
from numerus.progress.work import GROUP_OF
from numerus.schedule.attendance import Window, hobby_windows
from numerus.schedule.hand_plan import plan_hands
from numerus.schedule.hand_tasks import HandInputs, HandTask, TimedTask, Touching, free_hours

GLUE_MIN = 12 * 60.0  # (default) glue and putty cure overnight
BUILDING, PRIMING, FINISHING = 0, 1, 90
UNPLATED_DAYS = 3.0  # (default) after the last planned run, for what lies on no plate yet
HORIZON_DAYS = 400


@dataclass(frozen=True, eq=False)
class BenchPlan:
    """``tasks``: everything in time, in order; ``windows``: the evenings it lies in; ``touching``: by figure and zone;
    ``guessed``: figures of which something lies on no plate, so that when they come is a default.
    """

    tasks: tuple[TimedTask, ...]
    windows: tuple[Window, ...]
    touching: Touching
    guessed: frozenset[str]
    strokes_by_key: Mapping[StrokeOf, Stroke]

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
        return self.tasks[-1].end if self.tasks else None


def bench_plan(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, progress: Progress | None = None,
    between: Between = NOT_LOOKED_AT, washing: Washing = AS_USUAL,
) -> BenchPlan:  # fmt: skip
    """All of it. Raises PlanError where there is no army or no time,
    Cancelled.
    """
    if plans.army is None:
        raise PlanError("no-army", "There is no army in this book yet.", "Start one with Army, New army.")
    figures = [f for f in standing.figures.values() if f.stage != "ready"]
    windows = hobby_windows(plans.army, now, HORIZON_DAYS)
    if not windows:
        raise PlanError("no-hours", "No hobby time is set aside on any day.", "Set hours in the army's week.")
    rate, plates = rates_of(plans, facts), _plates_to_come(plans, standing, now)
    touching = touching_by_figure(figures, plans, between)
    strokes = strokes_by_figure(figures)
    tasks = [*_plate_tasks(plans, plates, rate, washing), *(t for f in figures for t in _figure_tasks(f, plans, rate))]
    after, guessed = _waits(figures, standing, plates)
    free_at = {_plate_group(plate): at for plate, at in plates.items()}
    last = max(plates.values(), default=now)
    free_at |= dict.fromkeys(guessed, last + timedelta(days=UNPLATED_DAYS))
    inputs = HandInputs(tasks, windows, touching, free_at, after, still_wet(facts, strokes, now))
    planned = plan_hands(inputs, progress=progress)
    return BenchPlan(tuple(planned), tuple(windows), touching, frozenset(guessed), strokes)


def _plate_group(plate: str) -> str:
    return f"plate {plate}"


def _plates_to_come(plans: Plans, standing: Standing, now: datetime) -> dict[str, datetime]:
    """Plates that are not cured yet, by id, and when each is taken off."""
    ends = busy_until(plans, standing, now, estimates(plans, standing).factors)
    coming: dict[str, datetime] = {}
    for run in standing.runs.values():
        if run.state in ("printing", "hanging", "printed", "washed") and run.plate_id in plans.plates:
            coming[run.plate_id] = ends.get(run.machine_id, now) if run.state == "printing" else now
    with suppress(PlanError):  # nobody is ever home: the watch bill says so
        coming |= {s.plate.id: s.taken_off for s in next_runs(plans, standing, now).scheduled_runs}
    return coming


def _plate_tasks(plans: Plans, plates: Iterable[str], rate: Mapping[str, Rate], washing: Washing) -> list[HandTask]:
    factor, tasks = rate["wash and cure"].factor, list[HandTask]()
    for plate in plates:
        group = _plate_group(plate)
        wash_min, off_min = (m * factor for m in washing.plate_hands_min(plans, plans.plates[plate]))
        tasks.append(HandTask(group, "wet", f"{plate}/wash", wash_min, TUB_MIN + DRY_MIN))
        tasks += _in_pieces(HandTask(group, "wet", f"{plate}/cure", off_min, lamp_min(plans.resin.dose_j_per_cm2)))
    return tasks


MOST_PIECE_MIN = 20.0  # what can be put down half way is, so that it fits into an evening


def _in_pieces(task: HandTask) -> list[HandTask]:
    many = max(int(-(-task.minutes // MOST_PIECE_MIN)), 1)
    pieces = [replace(task, minutes=task.minutes / many, dries_min=0.0)] * (many - 1)
    return [*pieces, replace(task, minutes=task.minutes / many)]


def _figure_tasks(figure: FigureStanding, plans: Plans, rate: Mapping[str, Rate]) -> list[HandTask]:
    """From building to the last finishing step, as far as it is not done."""
    scheme, own, tasks = plans.scheme_of(figure.unit.id), figure.figure.id, list[HandTask]()
    if figure.number <= NUMBER["build"]:
        minutes = sum(s.minutes for s in build_plan(list(figure.figure.build), figure.unit.apart))
        glued = GLUE_MIN if len(figure.figure.build) > 1 else 0.0
        build = HandTask(own, "", "build", minutes * rate["build"].factor, glued, "build", phase=BUILDING)
        tasks += _in_pieces(build)
    if scheme is not None and figure.number <= NUMBER["prime"]:
        prime = scheme.prime_minutes * figure.times * rate["prime"].factor
        tasks.append(HandTask(own, "", "prime", prime, scheme.prime_dries_min, "prime", phase=PRIMING))
    tasks += stroke_tasks([figure], rack_of(plans), rate["paint"])
    for step in figure.finish_left:
        minutes = figure.finish_min(step) * rate[GROUP_OF["finish"]].factor
        tasks.append(HandTask(own, "", step.id, minutes, step.dries_min, step.id, phase=FINISHING))
    return tasks


def _waits(
    figures: Sequence[FigureStanding], standing: Standing, plates: Mapping[str, datetime]
) -> tuple[dict[str, list[str]], set[str]]:
    """The plates each figure waits for, and figures of which something lies on no plate."""
    after: dict[str, list[str]] = {}
    guessed = set()
    for figure in (f for f in figures if f.number < NUMBER["prime"]):
        own = figure.figure.id
        for slot in printed_slots(figure.figure):
            copy = standing.copies.get((own, slot))
            if copy is not None and copy.plate_id in plates and copy.state != "cured":
                after.setdefault(own, []).append(_plate_group(copy.plate_id))
            elif copy is None or copy.state == "owed":
                guessed.add(own)
        if figure.stage in ("sort", "pose", "plate"):
            guessed.add(own)
    return after, guessed
