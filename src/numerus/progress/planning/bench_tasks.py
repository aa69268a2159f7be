"""What the hands have left to do, as tasks: from the screen and wet plates to the last finishing step, strokes of the whole army between.

Every figure is a group of tasks; so is each plate that is not cured yet, and what is done of a figure at the screen. A figure waits for
its plates and for the screen. Plates come off and go on at the hours of the watch bill, which take their minutes of any evening
they fall into.
"""

from __future__ import annotations

from collections.abc import Generator, Iterable, Iterator, Mapping, Sequence
from contextlib import suppress
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from itertools import zip_longest
from typing import cast

from numerus.assembly.gluing import PUTTY_LIFE_MIN, PUTTY_MIX_MIN
from numerus.domain.army import Army
from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER
from numerus.errors import PlanError
from numerus.kit.builds import printed_slots
from numerus.paint.drying import Drying
from numerus.paint.figure.touching import Between
from numerus.paint.finishing.finish_steps import DAYLIGHT, kind_of_step
from numerus.paint.priming.primer import prime_setup_min
from numerus.paint.priming.weather import Air
from numerus.paint.scheme import Stroke
from numerus.paint.techniques import AIRBRUSH
from numerus.post.curing.cure import lamp_min
from numerus.post.washing.wash import DRY_MIN, TUB_MIN
from numerus.progress.pace.rates import Rate, rates_of
from numerus.progress.painting.painting_line import (
    NOT_LOOKED_AT,
    StrokeOf,
    still_wet,
    stroke_tasks,
    strokes_by_figure,
    touching_by_figure,
)
from numerus.progress.planning.hardening import hard_at, hard_min, primer_dries_min
from numerus.progress.printing.planned_runs import busy_until, next_runs
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.stores import estimates
from numerus.progress.washing import AS_USUAL, Washing
from numerus.progress.work import GROUP_OF, LIFT_PLATE_MIN, START_RUN_MIN, figure_hands
from numerus.schedule.attendance import Window, hobby_windows, hours_of
from numerus.schedule.daylight import in_daylight
from numerus.schedule.hand_tasks import HandInputs, HandTask, Touching
from numerus.schedule.run_queue import ScheduledRun

BUILDING, PRIMING, FINISHING = 0, 1, 90
UNPLATED_DAYS = 3.0  # (default) after the last planned run, for what lies on no plate yet
HORIZON_DAYS = 400
LEAST_LIT_SHARE = 0.1  # (default) of evenings: where fewer are in daylight, nothing waits for one
MOST_PIECE_MIN = 20.0  # what can be put down half way is, so that it fits into an evening
TUB, LAMP, OUTDOORS = "tub", "lamp", "outdoors"
LIFT, WASH, CURE, START, BUILD, PRIME = "lift", "wash", "cure", "start", "build", "prime"
PUTTY, STRINGS = "putty", "strings"
SCREEN = "sort", "pose", "plate"
ALL_KNOWN: Sequence[Air] = ()
"""No air was told: any hour is taken to be fit."""


@dataclass(frozen=True)
class Appointment:
    """A plate put on (``START``) or taken off (``LIFT``) at an hour of the watch bill."""

    plate_id: str
    machine_id: str
    kind: str
    start: datetime
    end: datetime


@dataclass(frozen=True, eq=False)
class ToDo:
    """``inputs`` for a plan of the hands, ``evenings`` before plates took their minutes out of them, ``appointments`` in order;
    ``guessed``: figures of which something lies on no plate, so that when they come is a default; ``strokes`` asked of each
    figure; ``runs``: of the watch bill, by plate.
    """

    inputs: HandInputs
    evenings: tuple[Window, ...]
    appointments: tuple[Appointment, ...]
    guessed: frozenset[str]
    strokes: Mapping[StrokeOf, Stroke]
    runs: Mapping[str, ScheduledRun]

    @property
    def touching(self) -> Touching:
        return self.inputs.touching


def to_do(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, between: Between = NOT_LOOKED_AT,
    washing: Washing = AS_USUAL, airs: Sequence[Air] = ALL_KNOWN, minutes_now: int = 0,
) -> ToDo:  # fmt: skip
    """All of it. ``airs``: the coming hours, as far as they were told; ``minutes_now``: that somebody has from now on, beside the hobby
    time; 0 as planned. Raises PlanError where there is no army or no time.
    """
    steps = to_do_in_steps(plans, facts, standing, now, between, washing, airs, minutes_now)
    while True:
        try:
            next(steps)
        except StopIteration as end:
            return cast(ToDo, end.value)


def to_do_in_steps(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, between: Between, washing: Washing, airs: Sequence[Air],
    minutes_now: int,
) -> Generator[None, None, ToDo]:  # fmt: skip
    """The same in steps of a figure or so, for who must not be held up by all of them."""
    if plans.army is None:
        raise PlanError("no-army", "There is no army in this book yet.", "Start one with Army, New army.")
    evenings = _evenings(plans.army, now, minutes_now)
    figures = [f for f in standing.figures.values() if f.stage != "ready"]
    rate, runs = rates_of(plans, facts), _scheduled(plans, standing, now)
    plates = _plates_to_come(plans, plans.army, standing, now, runs)
    strokes = strokes_by_figure(figures)
    yield
    tasks = [t for p, c in plates.items() for t in _plate_tasks(plans, plans.army, p, c, rate, washing)]
    drying = Drying.of(plans)
    for figure in figures:
        hands = figure_hands(figure, plans, rate)
        tasks += (*_screen_tasks(figure, hands), *_figure_tasks(figure, hands, plans, rate, drying))
        yield
    after, guessed = _waits(figures, standing, plates)
    appointments = _appointments(plates)
    drains = timedelta(minutes=plans.army.drain_min)
    dry = {p for p in plates if p in plans.plates and plans.is_dry(plans.plates[p].machine_id)}
    free_at = {
        _plate_group(a.plate_id): a.end + (timedelta() if a.plate_id in dry else drains)
        for a in appointments
        if a.kind == LIFT
    }
    last = max((coming.off for coming in plates.values()), default=now)
    free_at |= dict.fromkeys(guessed, last + timedelta(days=UNPLATED_DAYS))
    free_at |= hard_at(plans, facts, figures, drying, now)
    yield
    free = _without(evenings, appointments)
    inputs = HandInputs(
        list(_fitting(tasks, free)), free, touching_by_figure(figures, plans, between), free_at, after,
        still_wet(facts, strokes, now), usable=_usable(tasks, airs, evenings, now),
        people=plans.army.people,
    )  # fmt: skip
    return ToDo(inputs, tuple(evenings), tuple(appointments), frozenset(guessed), strokes, runs)


def _evenings(army: Army, now: datetime, minutes_now: int) -> list[Window]:
    """Hobby time over the horizon, after the minutes somebody has now. Raises PlanError where there is none."""
    evenings = hobby_windows(army, now, HORIZON_DAYS)
    if minutes_now:
        at_once = Window(now, now + timedelta(minutes=minutes_now))
        evenings = [at_once, *(Window(max(w.start, at_once.end), w.end) for w in evenings if w.end > at_once.end)]
    if not evenings:
        raise PlanError("no-hours", "No hobby time is set aside on any day.", "Set hours in the army's week.")
    return evenings


def _usable(
    tasks: Iterable[HandTask], airs: Sequence[Air], evenings: Sequence[Window], now: datetime
) -> dict[str, list[Window]]:
    """Hours fit for a can, where air was told; evenings in daylight, where it is wanted and there are any: else lamps must do."""
    usable = {OUTDOORS: fit_hours(airs, now)} if airs else {}
    if not any(t.device == DAYLIGHT for t in tasks):
        return usable
    lit = in_daylight(evenings)
    return usable | ({DAYLIGHT: lit} if len(lit) >= LEAST_LIT_SHARE * len(evenings) else {})


def fit_hours(airs: Sequence[Air], now: datetime) -> list[Window]:
    """When a can may be used outdoors: hours fit by the air that was told, and all after it."""
    spans = [
        Window(a.at, b.at if b else a.at + timedelta(hours=1)) for a, b in zip_longest(airs, airs[1:]) if a.fit_to_spray
    ]
    joined: list[Window] = []
    for span in spans:
        joins = joined and joined[-1].end == span.start
        joined = [*joined[:-1], Window(joined[-1].start, span.end)] if joins else [*joined, span]
    return [*joined, Window(airs[-1].at + timedelta(hours=1), now + timedelta(days=HORIZON_DAYS))]


@dataclass(frozen=True)
class _Coming:
    """A plate not cured yet: the state of its run, "" before it has begun; when it comes off, and when it begins if it has not."""

    machine_id: str
    state: str
    off: datetime
    begins: datetime | None = None


def _scheduled(plans: Plans, standing: Standing, now: datetime) -> dict[str, ScheduledRun]:
    """The watch bill by plate; empty where nobody is ever home, as the bill says itself."""
    with suppress(PlanError):
        return {s.plate.id: s for s in next_runs(plans, standing, now).scheduled_runs}
    return {}


def _plates_to_come(
    plans: Plans, army: Army, standing: Standing, now: datetime, runs: Mapping[str, ScheduledRun]
) -> dict[str, _Coming]:
    """Plates that are not cured yet, by id; one that prints comes off when somebody is there, if ever anybody is."""
    hours = hours_of(army, now)
    ends = busy_until(plans, standing, now, estimates(plans, standing).factors)
    coming: dict[str, _Coming] = {}
    for run in standing.runs.values():
        if run.state in ("printing", "hanging", "printed", "washed") and run.plate_id in plans.plates:
            off = ends.get(run.machine_id, now) if run.state == "printing" else now
            off = hours.next(off) if hours.windows else off
            coming[run.plate_id] = _Coming(run.machine_id, run.state, off)
    return coming | {plate: _Coming(s.machine_id, "", s.taken_off, s.start) for plate, s in runs.items()}


def _appointments(plates: Mapping[str, _Coming]) -> list[Appointment]:
    """Plates on and off, one after another on each machine: what hangs is lifted before the next is put on."""
    wanted: list[tuple[datetime, str, str, str, float]] = []
    for plate, coming in plates.items():
        if coming.begins:
            wanted.append((coming.begins, START, plate, coming.machine_id, START_RUN_MIN))
        if coming.state in ("", "printing", "hanging"):
            wanted.append((coming.off, LIFT, plate, coming.machine_id, LIFT_PLATE_MIN))
    made, free = list[Appointment](), dict[str, datetime]()
    for at, kind, plate, machine, minutes in sorted(wanted):
        start = max(at, free.get(machine, at))
        free[machine] = start + timedelta(minutes=minutes)
        made.append(Appointment(plate, machine, kind, start, free[machine]))
    return sorted(made, key=lambda a: a.start)


def _without(windows: Sequence[Window], appointments: Sequence[Appointment]) -> list[Window]:
    """What appointments leave of the evenings."""
    left: list[Window] = []
    for window in windows:
        at = window.start
        for taken in (a for a in appointments if a.start < window.end and a.end > window.start):
            if taken.start > at:
                left.append(Window(at, taken.start))
            at = max(at, taken.end)
        if at < window.end:
            left.append(Window(at, window.end))
    return left


def _plate_group(plate: str) -> str:
    return f"plate {plate}"


def _screen_group(figure_id: str) -> str:
    return f"screen {figure_id}"


def _plate_tasks(
    plans: Plans, army: Army, plate_id: str, coming: _Coming, rate: Mapping[str, Rate], washing: Washing
) -> list[HandTask]:
    """Through the baths, supports off and under the lamp, as far as it is not done; of plastic supports and strings off."""
    group, plate, tasks = _plate_group(plate_id), plans.plates[plate_id], list[HandTask]()
    factor = rate["wash and cure"].factor
    wash_min, off_min = (m * factor for m in washing.plate_hands_min(plans, plate))
    if plans.is_dry(plate.machine_id):
        return _in_pieces(HandTask(group, "dry", f"{plate_id}/{STRINGS}", off_min), MOST_PIECE_MIN)
    if coming.state != "washed":
        tub = TUB_MIN * plate.loads(army.tub_parts)
        washed = HandTask(group, "wet", f"{plate_id}/{WASH}", wash_min, tub + DRY_MIN, urgent=True)
        tasks.append(replace(washed, device=TUB, busy_min=tub))
    lit = lamp_min(plans.resin.dose_j_per_cm2) * plate.loads(army.lamp_parts)
    *pieces, last = _in_pieces(HandTask(group, "wet", f"{plate_id}/{CURE}", off_min, lit, urgent=True), MOST_PIECE_MIN)
    return [*tasks, *pieces, replace(last, device=LAMP, busy_min=lit)]


def _fitting(tasks: Iterable[HandTask], windows: Sequence[Window]) -> Iterator[HandTask]:
    """What no evening holds at once, in parts that the longest does; setting up is paid for each."""
    longest_min = max(w.minutes for w in windows)
    for task in tasks:
        room_min = longest_min - task.setup_min
        if 0 < room_min < task.minutes:
            parts = _in_pieces(task, room_min)
            yield from (replace(part, part=(n, len(parts))) for n, part in enumerate(parts, start=1))
        else:
            yield task


def _in_pieces(task: HandTask, most_min: float) -> list[HandTask]:
    many = int(-(-task.minutes // most_min))
    if many < 2:
        return [task]
    pieces = [replace(task, minutes=task.minutes / many, dries_min=0.0)] * (many - 1)
    return [*pieces, replace(task, minutes=task.minutes / many)]


def _screen_tasks(figure: FigureStanding, hands: Mapping[str, float]) -> list[HandTask]:
    """Sorting, posing and plating, one after another."""
    group = _screen_group(figure.figure.id)
    wanted = [(stage, hands.get(stage, 0.0)) for stage in SCREEN if figure.number <= NUMBER["plate"]]
    return [HandTask(group, "screen", stage, minutes, load=("screen", stage)) for stage, minutes in wanted if minutes]


def _figure_tasks(
    figure: FigureStanding, hands: Mapping[str, float], plans: Plans, rate: dict[str, Rate], drying: Drying
) -> list[HandTask]:
    """From building to the last finishing step, as far as it is not done."""
    scheme, own, tasks = plans.scheme_of(figure.unit.id), figure.figure.id, list[HandTask]()
    if BUILD in hands:
        hard = hard_min(figure, drying)
        putty = (PUTTY, PUTTY_MIX_MIN, PUTTY_LIFE_MIN) if hard else (BUILD, 0.0, PUTTY_LIFE_MIN)
        tasks += _in_pieces(HandTask(own, "", BUILD, hands[BUILD], hard, *putty, phase=BUILDING), MOST_PIECE_MIN)
    if scheme is not None and PRIME in hands:
        dries = primer_dries_min(scheme, drying)
        primed = HandTask(own, "", PRIME, hands[PRIME], dries, phase=PRIMING)
        load, device = (PRIME, scheme.id), {"can": OUTDOORS, "airbrush": AIRBRUSH}.get(scheme.prime_school, "")
        tasks.append(replace(primed, load=load, setup_min=prime_setup_min(scheme), device=device))
    tasks += stroke_tasks([figure], drying.rack, rate["paint"])
    for step in figure.finish_left:
        minutes = figure.finish_min(step) * rate[GROUP_OF["finish"]].factor
        light, dries = DAYLIGHT if kind_of_step(step) == DAYLIGHT else "", drying.finish_min(step)
        tasks.append(HandTask(own, "", step.id, minutes, dries, step.id, phase=FINISHING, device=light))
    return tasks


def _waits(
    figures: Sequence[FigureStanding], standing: Standing, plates: Iterable[str]
) -> tuple[dict[str, list[str]], set[str]]:
    """The plates and the work at the screen each figure waits for, and figures of which something lies on no plate."""
    after: dict[str, list[str]] = {}
    guessed, coming = set(), set(plates)
    for figure in (f for f in figures if f.number < NUMBER["prime"]):
        own = figure.figure.id
        after[own] = [_screen_group(own)]
        for slot in printed_slots(figure.figure):
            copy = standing.copies.get((own, slot))
            if copy is not None and copy.plate_id in coming and copy.state != "cured":
                after[own].append(_plate_group(copy.plate_id))
            elif copy is None or copy.state == "owed":
                guessed.add(own)
        if figure.stage in SCREEN:
            guessed.add(own)
    return after, guessed
