"""What the Print bench shows and may do: the watch bill from now on, its conflicts, the plate in hand. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import suppress
from dataclasses import replace
from datetime import date, datetime
from typing import Any

from numerus.desk.answers import Answers
from numerus.diagnosis.wear import Wear
from numerus.domain.army import Army
from numerus.domain.clock import later
from numerus.domain.journal import Fact, RunStarted
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate, Run
from numerus.errors import NumerusError, PlanError
from numerus.geometry.mesh import Mesh
from numerus.paint.priming.weather import Air
from numerus.printing.plates.hand_layout import repacked, troubles
from numerus.printing.plates.packing import outline_bitmap
from numerus.printing.runs.run_records import RunRecord, waiting_plates
from numerus.printing.runs.settings_trade import Setting
from numerus.printing.runs.vat import Filling, filling, stands_in
from numerus.progress.planning.bench_tasks import ToDo
from numerus.progress.planning.wet_turns import WetTurn, wet_turns
from numerus.progress.printing.looking import look_at, look_words
from numerus.progress.printing.planned_runs import cold_by, next_runs, schedule_inputs
from numerus.progress.printing.plating import changed_since_laid, measured_plate
from numerus.progress.stores import all_wear
from numerus.progress.work import RUN_HANDS_MIN
from numerus.schedule.attendance import AWAY, hours_of, up_late
from numerus.schedule.run_queue import (
    ColdMinutes,
    Conflict,
    Schedule,
    ScheduledRun,
    ScheduleInputs,
    conflicts,
    moved_to,
)
from numerus.words import counted

DAY_KINDS = ("away", "up until one", "as usual")
BUSY = ("printing", "hanging")


class PrintState:
    """``look`` plans everything anew; ``plate_id`` is the plate in hand, ``by_hand``: a person chose it."""

    def __init__(self, answers: Answers) -> None:
        self.answers, self.plans, self.airs = answers, answers.plans, list[Air]()
        self.schedule, self.conflicts, self.wet = Schedule(), list[Conflict](), list[WetTurn]()
        self.wear: list[Wear] = []
        self.plate_id, self.by_hand, self.trouble = "", False, ""

    def look(self, answers: Answers, airs: Sequence[Air]) -> None:
        """The bill from now on, its conflicts, tub and lamp. ``airs``: the coming hours, which cold nights are told by."""
        self.answers, self.plans, self.airs = answers, answers.plans, list(airs)
        self.wear = all_wear(self.plans, answers.standing, answers.facts, answers.now)
        try:
            self._plan()
        except PlanError as error:
            self.schedule, self.conflicts, self.wet = Schedule(), [], []
            self.trouble = f"{error.message} {error.advice}"

    def _plan(self) -> None:
        self.trouble = ""
        self.schedule = next_runs(self.plans, self.answers.standing, self.answers.now, self.cold)
        self.conflicts, inputs = [], self.inputs
        if inputs is not None:
            self.conflicts = [*self._changed(), *conflicts(self.schedule, inputs)]

    def seeing_to_wet(self) -> Callable[[], list[WetTurn]]:
        """The work of a job: tub and lamp by the plan of the hands; none where there is no hobby time to see to them."""
        answers = self.answers

        def work() -> list[WetTurn]:
            with suppress(PlanError):
                if isinstance(answers.to_do, ToDo):
                    return wet_turns(answers.to_do, answers.plans.plates, answers.way)
            return []

        return work

    def _changed(self) -> list[Conflict]:
        """Plates whose parts are no longer those they were laid for."""
        plates = [(p, changed_since_laid(p, self.plans)) for p in self.waiting]
        return [Conflict(p.id, f"{p.name}: {why}.", "choose it here, then lay it anew") for p, why in plates if why]

    @property
    def changed(self) -> str:
        """Why the plate in hand is to be laid anew before it is printed, "" where it is not."""
        plate = self.plate if self.run is None else None
        return changed_since_laid(plate, self.plans) if plate is not None else ""

    @property
    def inputs(self) -> ScheduleInputs | None:
        """What runs are planned into; None where there is no army."""
        army, standing = self.plans.army, self.answers.standing
        return schedule_inputs(self.plans, army, standing, self.answers.now, self.cold) if army else None

    @property
    def waiting(self) -> list[Plate]:
        return waiting_plates(self.plans.plates, self.answers.standing.runs)

    @property
    def cold(self) -> ColdMinutes:
        return cold_by(self.airs, self.plans.resin.least_c)

    @property
    def subtitle(self) -> str:
        """How many runs are planned and what they take."""
        if self.trouble or not self.scheduled_runs:
            return self.trouble
        machine_h = sum(s.minutes for s in self.scheduled_runs) / 60
        return f"{counted(len(self.scheduled_runs), 'run')}, {machine_h:.1f} h of machine. "

    @property
    def scheduled_runs(self) -> tuple[ScheduledRun, ...]:
        return self.schedule.scheduled_runs

    @property
    def runs(self) -> list[RunRecord]:
        return list(self.answers.standing.runs.values())

    @property
    def plate(self) -> Plate | None:
        return self.plans.plates.get(self.plate_id)

    @property
    def run(self) -> RunRecord | None:
        """The last run of the plate in hand."""
        own = [r for r in self.runs if r.plate_id == self.plate_id]
        return own[-1] if own else None

    @property
    def scheduled(self) -> ScheduledRun | None:
        return next((s for s in self.scheduled_runs if s.plate.id == self.plate_id), None)

    @property
    def look_words(self) -> str:
        """When a look at the run in hand, or the one that is planned, is worth its minutes; "" where there is none."""
        plate, run, army = self.plate, self.run, self.plans.army
        started = (
            run.started
            if run is not None and run.state == "printing"
            else self.scheduled.start
            if self.scheduled
            else None
        )
        if plate is None or army is None or started is None:
            return ""
        minutes = self.answers.run_factors.minutes_of(plate, plate.machine_id)
        hours = hours_of(army, self.answers.now)
        return look_words(look_at(self.plans, self.answers.standing, plate, started, minutes, self.answers.now, hours))

    @property
    def machine(self) -> Machine | None:
        """The machine the plate in hand is, or will be, printed on."""
        if self.plate is None:
            return None
        return self.plans.machines.get(self.scheduled.machine_id if self.scheduled else self.plate.machine_id)

    def choose(self, plate_id: str) -> bool:
        """Take another plate in hand; whether it is another."""
        other = plate_id != self.plate_id
        if other:
            self.plate_id, self.by_hand = plate_id, True
        return other

    def settle(self) -> bool:
        """Where the plate in hand is gone, or off its machine and not asked for, take the next; whether it was so."""
        off = self.run is not None and self.run.state not in BUSY
        if self.plate is not None and not (off and not self.by_hand):
            return False
        self.plate_id, self.by_hand = self.first_plate(), False
        return True

    def first_plate(self) -> str:
        """What wants looking at: a hanging plate, a printing one, the next to start."""
        wanted = [r.plate_id for state in ("hanging", "printing") for r in self.runs if r.state == state]
        wanted += [s.plate.id for s in self.scheduled_runs] + list(self.plans.plates)
        return wanted[0] if wanted else ""

    def not_planned_because(self) -> str:
        why = next((why for left, why in self.schedule.left if left.id == self.plate_id), "")
        return why or "Nobody is ever at home."

    def stands_in(self, machine: Machine) -> float | None:
        """What stands in a machine's vat, ml; None where no run of it is known."""
        factors = self.answers.run_factors
        return stands_in(machine, self.runs, self.plans.plates, self.answers.now, self.plans.time_zone, factors)

    def pouring(self, plate: Plate, machine: Machine) -> Filling:
        """What to pour in before a run."""
        return filling(plate, machine, self.stands_in(machine), self.answers.run_factors)

    def lasts(self, rest: Filling | None) -> str:
        """Until when what stands in the vat lasts, where it does not to the end."""
        low = rest.low_min(rest.stands_ml or 0.0) if rest is not None else None
        if low is None:
            return ""
        when = later(self.answers.now, low, self.plans.time_zone)
        return f" The vat runs low {when:%a %H:%M}: pause it and fill it up before."

    def worn(self, machine: Machine) -> list[tuple[str, str]]:
        return [(w.what.capitalize(), f"{w.share:.0%} worn") for w in self.wear if w.machine_id == machine.id]

    def started(self, run_id: str, now: datetime, vat_ml: float | None) -> tuple[list[Any], list[Fact]]:
        """Plans and entries of a run that starts now. Raises NumerusError where its machine still holds a plate."""
        scheduled = self.scheduled
        if scheduled is None:
            return [], []
        if self.changed:
            raise NumerusError("changed", f"{scheduled.plate.name}: {self.changed}.", "It is not started as it lies.")
        if any(r.machine_id == scheduled.machine_id and r.state in BUSY for r in self.runs):
            raise NumerusError(
                "busy", "That machine still holds a plate.", "Take it off first, or choose a plate for another machine."
            )
        plate = scheduled.plate
        run = Run(run_id, plate.id, scheduled.machine_id, now, later(now, scheduled.minutes, self.plans.time_zone))
        machine = self.plans.machines.get(scheduled.machine_id)
        settings = tuple(Setting.of(machine)) if machine and not machine.is_dry else ()
        event = RunStarted(plate.id, scheduled.machine_id, vat_ml, self.plans.is_dry(scheduled.machine_id), settings)
        return [run, replace(plate, pinned=None)], [Fact(now, event, run_id, (), RUN_HANDS_MIN)]

    def laid_on(self, plate: Plate, machine: Machine, mesh_of: Callable[[str], Mesh]) -> Plate:
        """The plate for another machine: as it lies where it can, else laid anew. Raises PlanError where it does not fit."""
        if not machine.in_service or plate.height_mm > machine.height_mm:
            why = "it is too tall" if machine.in_service else "that is out of service"
            raise PlanError(
                "does-not-fit", f"{plate.name} does not fit {machine.name}: {why}.", "It stays where it was."
            )
        if any(self.plans.pose_of(p) is None for p in plate.placed):
            raise PlanError(
                "no-pose", f"{plate.name}: {changed_since_laid(plate, self.plans)}.", "It stays as it lies."
            )
        poses = {p.shape: pose for p in plate.placed if (pose := self.plans.pose_of(p)) is not None}
        shapes = {shape: outline_bitmap(mesh_of(pose.supported_blob)) for shape, pose in poses.items()}
        moved = measured_plate(moved_to(plate, machine), machine, self.plans)
        try:
            return repacked(moved, shapes, machine) if troubles(moved, shapes, machine) else moved
        except PlanError as error:
            plate_id = f"{plate.name} does not fit {machine.name}: {error.message}"
            raise PlanError("does-not-fit", plate_id, "Take it apart in Plate and make it for that machine.") from error

    def laid_anew(self, mesh_of: Callable[[str], Mesh]) -> tuple[Plate, Machine]:
        """The plate in hand on its own machine, or the first in service that it fits. Raises PlanError where there is none."""
        refusal = PlanError("does-not-fit", "No machine is in service.", "See Machines and stores.")
        own = self.plans.machines.get(self.plate.machine_id) if self.plate else None
        for machine in dict.fromkeys([own, *self.plans.machines.values()]) if self.plate else ():
            if machine is None:
                continue
            try:
                return self.laid_on(self.plate, machine, mesh_of), machine  # type: ignore[arg-type]
            except PlanError as error:
                refusal = error if machine.in_service else refusal
        raise refusal

    def day_as(self, day: date, kind: str) -> Army | None:
        """The army with a day away, up until one, or as usual: as its weekday is."""
        army = self.plans.army
        if army is None:
            return None
        like = {DAY_KINDS[0]: AWAY, DAY_KINDS[1]: up_late(army.week[day.weekday()])}.get(kind)
        return army.with_day(day, like)
