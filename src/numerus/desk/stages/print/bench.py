"""Print: the watch bill, the machine at work, and taking a plate off part by part."""

from __future__ import annotations

from dataclasses import replace
from datetime import date, datetime
from pathlib import Path

from PyQt6.QtGui import QCursor
from PyQt6.QtWidgets import QBoxLayout, QFileDialog, QMenu

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.machines.profiles import show_profiles
from numerus.desk.session import ALL
from numerus.desk.stages.print.live import LiveRun
from numerus.desk.stages.print.planned import PlannedPage
from numerus.desk.stages.print.take_off import TakeOffPage
from numerus.desk.stages.print.watch_bill import WatchBill
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import Pages, button, column, panel, row
from numerus.devices.air import coming_air
from numerus.diagnosis.wear import Wear
from numerus.domain.clock import later
from numerus.domain.journal import Fact, PartOutcome, RunStarted
from numerus.domain.machines import Machine
from numerus.domain.plates import Plate, Run
from numerus.errors import BookError, NumerusError, PlanError
from numerus.printing.plates.hand_layout import repacked, troubles
from numerus.printing.plates.packing import outline_bitmap
from numerus.printing.runs.run_records import RunRecord, waiting_plates
from numerus.printing.runs.vat import Filling, filling, stands_in
from numerus.progress.cold_nights import cold_by
from numerus.progress.next_tasks import next_runs, schedule_inputs
from numerus.progress.stores import all_stock, all_wear, checks, estimates
from numerus.schedule.attendance import AWAY, up_late
from numerus.schedule.calendar_file import calendar_of
from numerus.schedule.run_queue import ColdMinutes, Conflict, Schedule, ScheduledRun, conflicts, moved_to
from numerus.schedule.wet_work import Wet, wet_work
from numerus.schedule.what_if import WhatIf, what_if
from numerus.words import counted

DAY_KINDS = ("away", "up until one", "as usual")
ROOM_C = 21.0  # of a room one lives in


class PrintBench(Bench):
    stage = "print"
    shows = ALL  # also the hour: runs go on

    def __init__(self, context: Context) -> None:
        self.planned_now, self.conflicts, self.wet = Schedule(), list[Conflict](), list[Wet]()
        self.helps: list[WhatIf] = []
        self.wear: list[Wear] = []
        self.plate_id, self.by_hand = "", False
        super().__init__(context)
        self.add_button(
            "Machines and stores …",
            lambda: show_profiles(self.context, self),
            "",
            "Profiles, calibration, film, screen, bottles",
        )
        self.start_button = self.add_button(
            "Start this run", self.start_run, "main", "Loads the plate now and writes it into the journal"
        )
        self.off_button = self.add_button(
            "Take it off", lambda: self._turn_to(1), "main", "Say of each part what became of it"
        )
        self.watch_bill.chosen.connect(self.choose)
        self.watch_bill.moved.connect(self.put_at)
        self.watch_bill.day_chosen.connect(self._ask_day)
        self.planned.runs.chosen.connect(self.choose)
        self.planned.conflicts.chosen.connect(lambda n: self.choose(self.conflicts[n].plate_id))
        self.planned.freed.connect(self.set_free)
        self.planned.anew.connect(self.lay_anew)
        self.planned.export.connect(self.export_calendar)
        self.off.recorded.connect(self._recorded)
        self.off.back.connect(lambda: self._turn_to(0))

    def build(self) -> QBoxLayout:
        self.watch_bill, self.planned, self.off = (
            WatchBill(self.context),
            PlannedPage(self.context),
            TakeOffPage(self.context),
        )
        self.live = LiveRun(self.context, self.planned.vat_told)
        side, drawer = panel(column(self.live, gap=0), "drawer"), panel(column(self.planned, gap=0), "drawer")
        hold(self.theme, side, "setFixedWidth", 244)
        hold(self.theme, drawer, "setFixedHeight", 236)
        main = column(row(self.watch_bill, margins=(16, 4, 12, 4)), drawer, gap=0)
        main.setStretch(0, 1)
        floor = row(main, side, gap=0)
        floor.setStretch(0, 1)
        self.body = Pages()
        self.body.addWidget(panel(floor, "bench"))
        self.body.addWidget(self.off)
        return column(self.body, gap=0)

    def _turn_to(self, page: int) -> None:
        """The watch bill, or taking off."""
        self.body.setCurrentIndex(page)
        self._show()

    @property
    def scheduled_runs(self) -> tuple[ScheduledRun, ...]:
        return self.planned_now.scheduled_runs

    @property
    def run(self) -> RunRecord | None:
        runs = [r for r in self.session.answers.standing.runs.values() if r.plate_id == self.plate_id]
        return runs[-1] if runs else None

    @property
    def plate(self) -> Plate | None:
        return self.session.plans.plates.get(self.plate_id)

    @property
    def cold(self) -> ColdMinutes:
        return cold_by(coming_air(self.session.now))

    def refresh(self) -> None:
        plans = self.session.plans
        self.title.setText("Watch bill")
        if not plans.plates:
            self.show_empty(
                "No plates yet. Runs are planned here so that a finished plate is met by someone.",
                button("Go to Plate", lambda: self.session.go("plate"), "main"),
            )
            return
        self.show_full()
        try:
            self._plan()
            machine_h = sum(s.plate.minutes for s in self.scheduled_runs) / 60
            runs = f"{counted(len(self.scheduled_runs), 'run')}, {machine_h:.1f} h of machine. "
            self.subtitle.setText((runs if self.scheduled_runs else "") + self.planned.show_end(self.planned_now))
        except PlanError as error:
            self.planned_now, self.conflicts, self.wet = Schedule(), [], []
            self.subtitle.setText(f"{error.message} {error.advice}")
        answers = self.session.answers
        told = plans, answers.standing
        self.wear = all_wear(*told, answers.facts, answers.now)
        self.planned.show_stores(self.wear, all_stock(*told, answers.now), estimates(*told))
        if self._done_with_plate():
            self.plate_id, self.by_hand = self._first_plate(), False
            self.body.setCurrentIndex(0)
        self._show()

    def _plan(self) -> None:
        """The bill from now on, its conflicts, tub and lamp; what would help is worked out beside."""
        plans, standing, now, army = (
            self.session.plans,
            self.session.answers.standing,
            self.session.now,
            self.session.plans.army,
        )
        self.planned_now = next_runs(plans, standing, now, self.cold)
        if army is None:
            return
        floor = schedule_inputs(plans, army, standing, now, self.cold)
        self.conflicts = conflicts(self.planned_now, floor)
        self.wet = wet_work(self.scheduled_runs, army, now)
        waiting = waiting_plates(plans.plates, standing.runs)
        self.context.jobs.start(
            "helps", "Looking for what would help",
            lambda _: what_if(waiting, floor), self._helped,
        )  # fmt: skip

    def _helped(self, helps: list[WhatIf]) -> None:
        self.helps = helps
        self.planned.show_schedule(self.planned_now, self.conflicts, helps, self.plate_id)

    def _done_with_plate(self) -> bool:
        """Whether another plate may take the place of the shown one: it is gone, or off the machine and not asked for."""
        off = self.run is not None and self.run.state not in ("printing", "hanging")
        return self.plate is None or (off and not self.by_hand)

    def _first_plate(self) -> str:
        """What wants looking at: a hanging plate, a printing one, the next to start."""
        runs = self.session.answers.standing.runs.values()
        wanted = [r.plate_id for state in ("hanging", "printing") for r in runs if r.state == state]
        wanted += [s.plate.id for s in self.scheduled_runs] + list(self.session.plans.plates)
        return wanted[0] if wanted else ""

    def choose(self, plate_id: str) -> None:
        if plate_id != self.plate_id:
            self.plate_id, self.by_hand = plate_id, True
            self.body.setCurrentIndex(0)
        self._show()

    def _show(self) -> None:
        plate, run = self.plate, self.run
        self.watch_bill.show_schedule(
            list(self.scheduled_runs), self.wet, {c.plate_id for c in self.conflicts}, self.plate_id
        )
        self.planned.show_schedule(self.planned_now, self.conflicts, self.helps, self.plate_id)
        scheduled = next((s for s in self.scheduled_runs if s.plate.id == self.plate_id), None)
        printing = run is not None and run.state == "printing"
        ended = run is not None and not printing
        self.start_button.setVisible(scheduled is not None)
        self.off_button.setVisible(ended and self.body.currentIndex() == 0)
        self.title.setText(f"Taken off: {plate.name}" if plate and self.body.currentIndex() else "Watch bill")
        self.off_button.setText("Take it off" if ended and run and run.state == "hanging" else "Look at it again")
        machine = (
            self.session.plans.machines.get(scheduled.machine_id if scheduled else plate.machine_id) if plate else None
        )
        self.live.show_run(plate, run, machine)
        if machine is not None:
            worn = [(w.what.capitalize(), f"{w.share:.0%} worn") for w in self.wear if w.machine_id == machine.id]
            hangs = "will hang" if run is None else "hangs" if run.state == "hanging" else "hung"
            self.live.view.show_rest(self._stands_in(machine), worn, hangs)
        if scheduled is not None and machine is not None:
            now = self.session.now
            celsius = ROOM_C if not machine.unheated else coming_air(now)[0].celsius
            self.planned.before = checks(self.session.plans, self.session.answers.standing, machine.id, celsius, now)
            self.planned.show_scheduled_run(scheduled, machine, self._vat(scheduled.plate, machine), self.cold)
        elif plate is not None and run is not None:
            self._show_run(plate, run)
        elif plate is not None:
            why = next((why for left, why in self.planned_now.left if left.id == plate.id), "Nobody is ever at home.")
            self.planned.show_words(f"{plate.name} is not planned", why, lies_nowhere=bool(self.planned_now.left))

    def _stands_in(self, machine: Machine) -> float | None:
        runs, plates = self.session.answers.standing.runs.values(), self.session.plans.plates
        return stands_in(machine, runs, plates, self.session.now, self.session.plans.time_zone)

    def _vat(self, plate: Plate, machine: Machine) -> Filling:
        """What to pour in before a run."""
        return filling(plate, machine, self._stands_in(machine))

    def _show_run(self, plate: Plate, run: RunRecord) -> None:
        machine, rest = self.live.machine, self.live.rest()
        if run.paused:
            careful = "Refill or look at it first: gloves, lid closed. Going on leaves a line where it stood; what stood long may let go."
            self.planned.show_words(f"{plate.name} stands still", f"{run.paused[:1].upper()}{run.paused[1:]}.", careful)
            if machine is not None and rest is not None:
                self.planned.show_vat(plate, rest, machine)
            return
        if run.state == "printing":
            end = later(run.started, plate.minutes, self.session.plans.time_zone)
            said = (
                f"Started {run.started:%a %H:%M}, {len(plate.placed)} parts. It ends {end:%a %H:%M}.{self._lasts(rest)}"
            )
            careful = "Keep the lid down: daylight cures resin. The simulated machine may let a part go, lose power or run dry."
            self.planned.show_words(f"{plate.name} is printing", said, careful)
            return
        self.off.show_run(run, plate, self._seen(plate, run))
        waits = "has ended and waits to be taken off" if run.state == "hanging" else f"was taken off; {run.state}"
        self.planned.show_words(f"{plate.name} {waits}", self.off.counts.text() + ".")

    def _lasts(self, rest: Filling | None) -> str:
        """Until when what stands in the vat lasts, where it does not to the end."""
        low = rest.low_min(rest.stands_ml or 0.0) if rest is not None else None
        if low is None:
            return ""
        return f" The vat runs low {later(self.session.now, low, self.session.plans.time_zone):%a %H:%M}: pause it and fill it up before."

    def _seen(self, plate: Plate, run: RunRecord) -> dict[str, PartOutcome]:
        """What the journal holds, or what was said so far; for a plate not yet looked at, what the machine shows."""
        if run.outcomes:
            return dict(run.outcomes)
        if self.off.run is not None and self.off.run.run_id == run.run_id and self.off.outcomes:
            return self.off.outcomes
        link = self.live.link
        return {o.placed: o for o in link.outcomes()} if link else {}

    def start_run(self) -> None:
        """Start the chosen plate now."""
        scheduled = next((s for s in self.scheduled_runs if s.plate.id == self.plate_id), None)
        if scheduled is None:
            return
        busy = [
            r
            for r in self.session.answers.standing.runs.values()
            if r.machine_id == scheduled.machine_id and r.state in ("printing", "hanging")
        ]
        if busy:
            self.session.failed.emit(
                NumerusError(
                    "busy",
                    "That machine still holds a plate.",
                    "Take it off first, or choose a plate for another machine.",
                )
            )
            return
        now = self.session.clock()
        run = Run(
            new_id(),
            scheduled.plate.id,
            scheduled.machine_id,
            now,
            later(now, scheduled.plate.minutes, self.session.plans.time_zone),
        )
        fact = Fact(now, RunStarted(scheduled.plate.id, scheduled.machine_id, self.planned.vat_told()), run.id, (), 10)
        self.session.commit(f"start {scheduled.plate.name}", [run, replace(scheduled.plate, pinned=None)], [fact])

    def put_at(self, plate_id: str, when: datetime, machine_id: str) -> None:
        """A run put at a time by hand, on its machine or another it fits; the others go round it."""
        plate, machine = self.session.plans.plates.get(plate_id), self.session.plans.machines.get(machine_id)
        if plate is None or machine is None:
            return
        try:
            plate = plate if machine_id == plate.machine_id else self._laid_on(plate, machine)
        except PlanError as error:
            self.session.failed.emit(error)
            return
        self.session.commit(f"{plate.name} put at {when:%a %H:%M}", [replace(plate, pinned=when)])

    def _laid_on(self, plate: Plate, machine: Machine) -> Plate:
        """The plate for another machine: as it lies where it can, else laid anew. Raises PlanError where it does not fit."""
        if not machine.in_service or plate.height_mm > machine.height_mm:
            why = "it is too tall" if machine.in_service else "that is out of service"
            raise PlanError(
                "does-not-fit", f"{plate.name} does not fit {machine.name}: {why}.", "It stays where it was."
            )
        poses = {p.shape: pose for p in plate.placed if (pose := self.session.plans.pose_of(p)) is not None}
        shapes = {shape: outline_bitmap(self.session.mesh(pose.supported_blob)) for shape, pose in poses.items()}
        moved = moved_to(plate, machine)
        try:
            return repacked(moved, shapes, machine) if troubles(moved, shapes, machine) else moved
        except PlanError as error:
            description = f"{plate.name} does not fit {machine.name}: {error.message}"
            raise PlanError(
                "does-not-fit", description, "Take it apart in Plate and make it for that machine."
            ) from error

    def lay_anew(self) -> None:
        """A plate whose machine is gone, laid on the first in service that it fits."""
        plate, said = self.plate, PlanError("does-not-fit", "No machine is in service.", "See Machines and stores.")
        for machine in self.session.plans.machines.values():
            try:
                laid = self._laid_on(plate, machine) if plate is not None else None
            except PlanError as error:
                said = error if machine.in_service else said
                continue
            if laid is not None:
                self.session.commit(f"{laid.name} laid anew on {machine.name}", [replace(laid, pinned=None)])
            return
        self.session.failed.emit(said)

    def _ask_day(self, day: date) -> None:
        """What a day is to be like."""
        menu = QMenu(self)
        for kind in DAY_KINDS:
            menu.addAction(f"{day:%a %d %b}: {kind}", lambda k=kind: self.set_day(day, k))
        menu.exec(QCursor.pos())

    def set_day(self, day: date, kind: str) -> None:
        """Away, up late, or as its weekday is; everything is planned anew."""
        army = self.session.plans.army
        if army is not None:
            like = {DAY_KINDS[0]: AWAY, DAY_KINDS[1]: up_late(army.week[day.weekday()])}.get(kind)
            self.session.commit(f"{day:%a %d %b} {kind}", [army.with_day(day, like)])

    def set_free(self) -> None:
        if self.plate is not None:
            self.session.commit(f"{self.plate.name} planned again", [replace(self.plate, pinned=None)])

    def export_calendar(self) -> None:
        name, _ = QFileDialog.getSaveFileName(
            self, "The watch bill as a calendar", "watch-bill.ics", "Calendar (*.ics)"
        )
        if name:
            self.write_calendar(Path(name))

    def write_calendar(self, path: Path) -> None:
        plans = self.session.plans
        if plans.army is None:
            return
        try:
            path.write_bytes(calendar_of(self.scheduled_runs, plans.machines, plans.army, self.session.now))
        except OSError as error:
            self.session.failed.emit(BookError("unwritable", f"{path.name} cannot be written: {error.strerror}."))

    def _recorded(self) -> None:
        self.by_hand = False
        self.body.setCurrentIndex(0)
