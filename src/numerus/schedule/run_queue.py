"""The queue of runs: which plate on which machine when, so that finished runs are met by someone.

One rule: the machine that is free first takes, of all plates waiting for it and all moments someone is there within the
next day, the pair that wastes least. Waste is idle time before the start, hanging time after the end until someone comes,
minutes in the cold, and plates passed over. Long plates so fall into nights and working days by themselves, because there
they waste least. What was put at a time by hand stays there; the others go round it.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime, timedelta
from functools import cached_property
from itertools import pairwise

from numerus.domain.army import Army
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.hand_layout import lies_on
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors
from numerus.printing.runs.vat import filling
from numerus.schedule.attendance import Hours, hours_of
from numerus.words import span

STEP = timedelta(minutes=10)
LOOK_AHEAD = timedelta(hours=26)
LOOKED_AT = 8  # plates in the order wanted, of which the next is chosen
ORDER_WORTH_MIN = 25.0  # waste accepted to keep the wanted order of plates, per place skipped
COLD_WORTH = 2.0  # a minute in the cold is worse than an idle one: the run may be lost
LONG_HANG_MIN = 8 * 60.0

ColdMinutes = Callable[[datetime, datetime], float]
"""Minutes between two moments in which a machine without heating stands too cold for resin."""
Fits = Callable[[Plate, Machine], bool]
"""Whether a plate can be printed on another machine as it lies."""


def within(plate: Plate, machine: Machine) -> bool:
    """As ``lies_on`` where no outline of a part is known."""
    return lies_on(plate, machine, lambda _: ())


@dataclass(frozen=True)
class ScheduleInputs:
    """What runs are planned into: the machines, whose hours, from when on. ``busy``: until when a machine still runs."""

    machines: Sequence[Machine]
    army: Army
    now: datetime
    busy: Mapping[str, datetime] = field(default_factory=dict)
    cold: ColdMinutes | None = None
    fits: Fits = within
    factors: RunFactors = AS_ESTIMATED

    @cached_property
    def hours(self) -> Hours:
        """When someone is there, from now on."""
        return hours_of(self.army, self.now)


@dataclass(frozen=True)
class ScheduledRun:
    """A run placed in time: ``taken_off``: when someone takes the plate off; ``hangs_min``, ``idle_min``, ``cold_min``: what it
    wastes; ``minutes`` and ``resin_ml`` it likely takes, by what earlier runs took.
    """

    plate: Plate
    machine_id: str
    start: datetime
    end: datetime
    taken_off: datetime
    idle_min: float
    hangs_min: float
    minutes: float
    resin_ml: float
    cold_min: float = 0.0

    @property
    def why(self) -> str:
        end = f"{self.end:%H:%M}" if self.end.date() == self.start.date() else f"{self.end:%a %H:%M}"
        when = f"starts {self.start:%H:%M}, as soon as it can, and ends {end}"
        if self.plate.pinned is not None:
            when = f"was put at {self.start:%H:%M} by hand and ends {end}"
        elif self.idle_min >= 1:
            when = f"starts {self.start:%H:%M} so that it ends {end}"
        cold = f"; {span(self.cold_min)} of it too cold for resin by the simulated air" if self.cold_min >= 1 else ""
        return f"{when}; {self.hanging}{cold}"

    @property
    def hanging(self) -> str:
        """What becomes of the plate when the run ends."""
        return "someone is there when it ends" if self.hangs_min < 1 else f"the plate hangs {span(self.hangs_min)}"

    @property
    def waste_min(self) -> float:
        return self.idle_min + self.hangs_min + COLD_WORTH * self.cold_min


@dataclass(frozen=True)
class Schedule:
    """Runs in order of their start, and plates no machine can take, each with the reason."""

    scheduled_runs: tuple[ScheduledRun, ...] = ()
    left: tuple[tuple[Plate, str], ...] = ()

    @property
    def ends(self) -> datetime | None:
        """When the last plate is taken off."""
        return max((s.taken_off for s in self.scheduled_runs), default=None)


@dataclass(frozen=True)
class Conflict:
    """Something about a run that wants a decision, and what can be done."""

    plate_id: str
    description: str
    advice: str = "drag the run on the bill, or change the day above it"


@dataclass(eq=False)
class _Planning:
    """The planner's state: until when machines are busy, and when hands turn one round."""

    hours: Hours
    machines: Mapping[str, Machine]
    free: dict[str, datetime]
    cold: ColdMinutes | None
    factors: RunFactors = AS_ESTIMATED
    turning: list[tuple[datetime, datetime]] = field(default_factory=list)

    def slotted(self, plate: Plate, machine: Machine, start: datetime) -> ScheduledRun:
        free = self.free[machine.id]
        minutes = self.factors.minutes_of(plate, machine.id)
        end = self.hours.later(start, minutes)
        taken_off = self._met(end, machine)
        cold = self.cold(start, end) if self.cold and machine.unheated else 0.0
        idle, hangs = self.hours.minutes(free, start), self.hours.minutes(end, taken_off)
        ml = self.factors.ml_of(plate)
        return ScheduledRun(plate, machine.id, start, end, taken_off, max(idle, 0.0), hangs, minutes, ml, cold)

    def _met(self, end: datetime, machine: Machine) -> datetime:
        """When someone is there with hands free until the machine is turned round: no plate is left half way for another's."""
        moment, turn = self.hours.next(end), timedelta(minutes=machine.turn_round_min)
        for since, until in sorted(self.turning):
            if since < moment + turn and moment < until:
                moment = self.hours.next(until)
        return moment

    def meet_busy(self, busy: Mapping[str, datetime]) -> None:
        """Machines that print are turned round, too, when someone is there: hands and machine are free only after that."""
        for machine_id, until in sorted(busy.items(), key=lambda b: b[1]):
            if machine_id in self.machines and until > min(self.free.values()):
                self._turn(self._met(until, self.machines[machine_id]), machine_id)

    def take(self, scheduled: ScheduledRun) -> None:
        self._turn(scheduled.taken_off, scheduled.machine_id)

    def _turn(self, taken_off: datetime, machine_id: str) -> None:
        turned = taken_off + timedelta(minutes=self.machines[machine_id].turn_round_min)
        self.turning.append((taken_off, turned))
        self.free[machine_id] = max(turned, self.free[machine_id])

    def best(self, waiting: Sequence[Plate], machine: Machine, until: datetime | None) -> ScheduledRun | None:
        """The pair of plate and start that wastes least, off the plate and turned round by ``until``."""
        best: tuple[float, ScheduledRun] | None = None
        moments = self.hours.starts(self.free[machine.id], LOOK_AHEAD, STEP)
        turn = timedelta(minutes=machine.turn_round_min)
        for rank, plate in enumerate(waiting[:LOOKED_AT]):
            for start in moments:
                idle = self.hours.minutes(self.free[machine.id], start) + rank * ORDER_WORTH_MIN
                if best is not None and idle >= best[0] - 1e-9:
                    break  # later starts waste more still
                scheduled_run = self.slotted(plate, machine, start)
                waste = scheduled_run.waste_min + rank * ORDER_WORTH_MIN
                if (best is None or waste < best[0] - 1e-9) and (
                    until is None or scheduled_run.taken_off + turn <= until
                ):
                    best = waste, scheduled_run
        return best[1] if best else None


def plan_runs(plates: Sequence[Plate], floor: ScheduleInputs) -> Schedule:
    """Every plate placed in time on its machine.

    Plates of a machine that is gone or out of service go to another one they fit, or are left with the reason; one that is mended by a
    day takes runs from then on. Raises
    PlanError where nobody is ever at home.
    """
    now = floor.now
    serves = {m.id: since for m in floor.machines if (since := m.serves_from(now)) is not None}
    serving = {m.id: m for m in floor.machines if m.id in serves}
    placed, left = _housed(plates, serving, floor.fits)
    if not placed:
        return Schedule((), tuple(left))
    free = {m: max(serves[m], floor.busy.get(m, now)) for m in serving}
    planning = _Planning(floor.hours, serving, free, floor.cold, floor.factors)
    planning.meet_busy(floor.busy)
    waiting = {m: [p for p in placed if p.machine_id == m] for m in serving}
    scheduled_runs: list[ScheduledRun] = []
    while any(waiting.values()):
        machine = serving[min((m for m in waiting if waiting[m]), key=lambda m: planning.free[m])]
        scheduled = _next(planning, machine, waiting[machine.id], now)
        planning.take(scheduled)
        scheduled_runs.append(scheduled)
        waiting[machine.id].remove(scheduled.plate)
    return Schedule(tuple(sorted(scheduled_runs, key=lambda s: s.start)), tuple(left))


def _next(planning: _Planning, machine: Machine, waiting: Sequence[Plate], now: datetime) -> ScheduledRun:
    """The next run of a machine: before the next one put at a time by hand if one fits, else that one."""
    pinned = min((p for p in waiting if p.pinned is not None), key=lambda p: p.pinned or now, default=None)
    loose = [p for p in waiting if p.pinned is None]
    until = pinned.pinned if pinned else None
    scheduled_run = planning.best(loose, machine, until) if until is None or until > planning.free[machine.id] else None
    if scheduled_run is not None:
        return scheduled_run
    assert pinned is not None and pinned.pinned is not None
    return planning.slotted(pinned, machine, max(pinned.pinned, planning.free[machine.id]))


def _housed(
    plates: Sequence[Plate], serving: Mapping[str, Machine], fits_on: Fits
) -> tuple[list[Plate], list[tuple[Plate, str]]]:
    """Plates on machines that serve, and those no machine can take."""
    placed: list[Plate] = []
    left = []
    load = dict.fromkeys(serving, 0.0)
    for plate in plates:
        fits = [m for m in serving.values() if fits_on(plate, m)]
        if plate.machine_id in serving:
            placed.append(plate)
        elif fits:
            placed.append(
                moved_to(plate, min(fits, key=lambda m: load[m.id] + run_minutes(plate.height_mm, m, plate.laid)))
            )
        else:
            left.append((plate, f"{plate.name} fits no machine in service as it lies: lay it anew."))
            continue
        load[placed[-1].machine_id] += placed[-1].minutes
    return placed, left


def moved_to(plate: Plate, machine: Machine) -> Plate:
    return replace(plate, machine_id=machine.id, minutes=run_minutes(plate.height_mm, machine, plate.laid))


def conflicts(schedule: Schedule, floor: ScheduleInputs) -> list[Conflict]:
    """What about the bill wants a decision, run by run."""
    army, hours = floor.army, floor.hours
    machines = {m.id: m for m in floor.machines}
    clashes = _hands_asked_twice(schedule.scheduled_runs, machines)
    for scheduled in schedule.scheduled_runs:
        clashes += _runs_low(scheduled, machines[scheduled.machine_id], hours, floor.factors)
        pinned = scheduled.plate.pinned
        if pinned is not None and not hours.attended(scheduled.start):
            clashes.append(
                Conflict(
                    scheduled.plate.id,
                    f"{scheduled.plate.name} starts {scheduled.start:%a %H:%M}, when nobody is there.",
                )
            )
        if pinned is not None and scheduled.start > pinned:
            late = f"the machine is not free before {scheduled.start:%a %H:%M}"
            clashes.append(
                Conflict(scheduled.plate.id, f"{scheduled.plate.name} cannot start {pinned:%a %H:%M}: {late}.")
            )
        if scheduled.hangs_min >= LONG_HANG_MIN:
            hang = f"{scheduled.plate.name} ends {scheduled.end:%a %H:%M} and hangs {span(scheduled.hangs_min)}: it dries on."
            clashes.append(Conflict(scheduled.plate.id, hang))
        if scheduled.taken_off.date() > army.ready_by:
            clashes.append(
                Conflict(
                    scheduled.plate.id,
                    f"{scheduled.plate.name} comes off {scheduled.taken_off:%a %d %b}, after the date.",
                    "see what would help",
                )
            )
    return clashes + [Conflict(plate.id, why, "choose it here, then lay it anew") for plate, why in schedule.left]


def _hands_asked_twice(runs: Sequence[ScheduledRun], machines: Mapping[str, Machine]) -> list[Conflict]:
    """Plates that would come off while another machine is still being turned round: there is one pair of hands."""
    clashes, met = [], sorted(runs, key=lambda s: s.taken_off)
    for first, second in pairwise(met):
        turned = first.taken_off + timedelta(minutes=machines[first.machine_id].turn_round_min)
        if second.taken_off < turned and second.machine_id != first.machine_id:
            both = f"{first.plate.name} and {second.plate.name} both come off at {second.taken_off:%a %H:%M}"
            clashes.append(
                Conflict(second.plate.id, f"{both}, and there is one pair of hands.", "put one of them at another time")
            )
    return clashes


def _runs_low(scheduled: ScheduledRun, machine: Machine, hours: Hours, factors: RunFactors) -> list[Conflict]:
    """A run that takes more than a full vat holds, where nobody is there when it must be filled up."""
    after = (
        filling(scheduled.plate, machine, None, factors).low_min(machine.vat_full_ml) if not machine.is_dry else None
    )
    low = hours.later(scheduled.start, after) if after is not None else None
    if low is None or hours.attended(low):
        return []
    there = hours.last(low)
    fill = f"fill it up {there:%H:%M}" if there is not None and there > scheduled.start else "start it at another time"
    description = f"{scheduled.plate.name} takes {scheduled.resin_ml:.0f} ml: a full vat runs low {low:%a %H:%M}, when nobody is there; {fill}."
    return [
        Conflict(scheduled.plate.id, description, "be there then, start it at another time, or make the plate smaller")
    ]


def other_starts(
    chosen: ScheduledRun, machine: Machine, army: Army, free: datetime, limit: int = 3, cold: ColdMinutes | None = None,
    factors: RunFactors = AS_ESTIMATED,
) -> list[ScheduledRun]:  # fmt: skip
    """What starting at other moments would waste: the chosen one among the nearest good alternatives, for comparison."""
    planning = _Planning(hours_of(army, free), {machine.id: machine}, {machine.id: free}, cold, factors)
    options = [planning.slotted(chosen.plate, machine, s) for s in planning.hours.starts(free, LOOK_AHEAD, STEP)]
    picked = [chosen]
    for option in sorted(options, key=lambda o: o.waste_min):
        if len(picked) < limit and all(abs(option.start - p.start) >= timedelta(hours=1) for p in picked):
            picked.append(option)
    return sorted(picked, key=lambda s: s.start)
