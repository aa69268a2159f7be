"""Print: the watch bill, the machine at work, and taking a plate off part by part."""

from __future__ import annotations

from dataclasses import replace
from datetime import date, datetime
from pathlib import Path

from PyQt6.QtGui import QCursor
from PyQt6.QtWidgets import QBoxLayout

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.machines.profiles import show_profiles
from numerus.desk.session import ALL
from numerus.desk.stages.print.live import LiveRun
from numerus.desk.stages.print.planned import PlannedPage
from numerus.desk.stages.print.state import DAY_KINDS, PrintState
from numerus.desk.stages.print.take_off import TakeOffPage
from numerus.desk.stages.print.trade_dialog import TradeDialog
from numerus.desk.stages.print.watch_bill import WatchBill
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.later import Soon
from numerus.desk.widgets.layout import Pages, button, caution_line, column, panel, row, set_cautions
from numerus.desk.widgets.worded import FileDialog, Menu
from numerus.domain.clock import later
from numerus.domain.journal import PartOutcome
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.errors import BookError, NumerusError, PlanError
from numerus.printing.runs.run_records import RunRecord
from numerus.progress.planning.wet_turns import WetTurn
from numerus.progress.stores import all_stock, checks
from numerus.schedule.calendar_file import calendar_of
from numerus.schedule.improving import BetterOrder, better_order
from numerus.schedule.run_queue import ScheduledRun
from numerus.schedule.what_if import WhatIf, what_if

SOON_MS = 150  # what would help is looked for once the bench is seen


class PrintBench(Bench):
    stage = "print"
    shows = ALL  # also the hour: runs go on

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer = renderer
        self.state = PrintState(context.session.answers)
        self.helps: list[WhatIf] = []
        self._wet: list[WetTurn] = []
        self._asked: tuple[Plans, int, datetime] | None = None
        self._helped_for: tuple[Plans, int, datetime] | None = None
        self.better: BetterOrder | None = None
        super().__init__(context)
        self._help_soon = Soon(self, self._work_out_help, context.jobs.turns, SOON_MS)
        self.add_button(
            "Machines and stores …",
            lambda: show_profiles(self.context, self),
            "",
            "Profiles, calibration, film, screen, bottles",
        )
        self.start_button = self.add_button(
            "Start this run", self.start_run, "main", "Loads the plate now and writes it into the journal"
        )
        self.trade_button = self.add_button(
            "Faster or surer …",
            lambda: self.trade_dialog().exec(),
            "",
            "This plate by other lift speeds, layers and light",
        )
        self.off_button = self.add_button(
            "Take it off", lambda: self._turn_to(1), "main", "Say of each part what became of it"
        )
        self.watch_bill.chosen.connect(self.choose)
        self.watch_bill.moved.connect(self.put_at)
        self.watch_bill.day_chosen.connect(self._ask_day)
        self.planned.runs.chosen.connect(self.choose)
        self.planned.conflicts.chosen.connect(lambda n: self.choose(self.state.conflicts[n].plate_id))
        self.planned.freed.connect(self.set_free)
        self.planned.anew.connect(self.lay_anew)
        self.planned.reordered.connect(self.take_order)
        self.planned.export.connect(self.export_calendar)
        self.off.recorded.connect(self._recorded)
        self.off.back.connect(lambda: self._turn_to(0))

    def build(self) -> QBoxLayout:
        self.watch_bill, self.planned, self.off = (
            WatchBill(self.context),
            PlannedPage(self.context),
            TakeOffPage(self.context, self.renderer),
        )
        self.live = LiveRun(self.context, self.planned.vat_told)
        side, drawer = panel(column(self.live, gap=0), "drawer"), panel(column(self.planned, gap=0), "drawer")
        hold(self.theme, side, "setFixedWidth", 244)
        hold(self.theme, drawer, "setFixedHeight", 236)
        self.warned = caution_line("print")
        warned = row(self.warned, margins=(16, 0, 12, 4))
        main = column(row(self.watch_bill, margins=(16, 4, 12, 4)), warned, drawer, gap=0)
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
        state, answers = self.state, self.session.answers
        state.look(answers, answers.air[0])
        self.subtitle.setText(state.subtitle + ("" if state.trouble else self.planned.show_end(state.schedule)))
        self._look_for_help()
        basis = plans, answers.standing
        self.planned.show_stores(state.wear, all_stock(*basis, answers.now), answers.estimates)
        if state.settle():
            self.body.setCurrentIndex(0)
        self._show()

    def trade_dialog(self) -> TradeDialog:
        """For the plate that is chosen, while it waits."""
        assert self.state.plate is not None and self.state.machine is not None
        return TradeDialog(self.context, self.state.plate, self.state.machine, self)

    def _look_for_help(self) -> None:
        """What would bring the end of the bill forward, worked out beside once the bench is seen; nothing new where nothing changed."""
        answers = self.session.answers
        asked = answers.plans, len(answers.facts), answers.now
        if self._helped_for is not None and asked[0] is self._helped_for[0] and asked[1:] == self._helped_for[1:]:
            self._helped((self.helps, self.better, self._wet))
        else:
            self._asked = asked
            self._help_soon.ask()

    def _work_out_help(self) -> None:
        inputs, waiting = self.state.inputs, self.state.waiting
        seen_to = self.state.seeing_to_wet()
        if inputs is not None and not self.state.trouble:
            self.context.jobs.start(
                "helps", "Looking for what would help",
                lambda progress: (what_if(waiting, inputs), better_order(waiting, inputs, progress), seen_to()), self._helped,
            )  # fmt: skip

    def _helped(self, answers: tuple[list[WhatIf], BetterOrder | None, list[WetTurn]]) -> None:
        self.helps, self.better, self._wet = answers
        self._helped_for, self.state.wet = self._asked, self._wet
        self.planned.show_helps(self.helps, self.better)
        self.watch_bill.show_wet(self.state.wet)

    def take_order(self) -> None:
        """The plates in the order that ends the bill earlier."""
        if self.better is not None:
            self.session.commit("plates in a better order", self.better.changed())

    def choose(self, plate_id: str) -> None:
        if self.state.choose(plate_id):
            self.body.setCurrentIndex(0)
        self._show()

    def _show(self) -> None:
        state, plate, run = self.state, self.state.plate, self.state.run
        troubled = {c.plate_id for c in state.conflicts}
        self.watch_bill.show_schedule(list(state.scheduled_runs), state.wet, troubled, state.plate_id)
        self.planned.show_schedule(state.schedule, state.conflicts, state.plate_id)
        ended = run is not None and run.state != "printing"
        self.start_button.setVisible(state.scheduled is not None)
        machine = state.machine
        self.trade_button.setVisible(state.scheduled is not None and machine is not None and not machine.is_dry)
        self.off_button.setVisible(ended and self.body.currentIndex() == 0)
        self.title.setText(f"Taken off: {plate.name}" if plate and self.body.currentIndex() else "Watch bill")
        self.off_button.setText("Take it off" if ended and run and run.state == "hanging" else "Look at it again")
        self._show_machine(plate, run, state.machine)
        if state.scheduled is not None and state.machine is not None:
            self._show_scheduled(state.scheduled, state.machine)
        elif plate is not None and run is not None:
            self._show_run(plate, run)
        elif plate is not None:
            why, nowhere = state.not_planned_because(), bool(state.schedule.left)
            self.planned.show_words(f"{plate.name} is not planned", why, lies_nowhere=nowhere)

    def _show_machine(self, plate: Plate | None, run: RunRecord | None, machine: Machine | None) -> None:
        self.live.show_run(plate, run, machine)
        self.live.look.setText(self.state.look_words)
        if machine is not None:
            set_cautions(self.warned, "filament" if machine.is_dry else "print")
            hangs = "will hang" if run is None else "hangs" if run.state == "hanging" else "hung"
            self.live.view.show_rest(self.state.stands_in(machine), self.state.worn(machine), hangs)

    def _show_scheduled(self, scheduled: ScheduledRun, machine: Machine) -> None:
        now, state = self.session.now, self.state
        self.planned.before = checks(self.session.plans, state.answers.standing, machine.id, now)
        pouring = state.pouring(scheduled.plate, machine)
        self.planned.show_scheduled_run(scheduled, machine, pouring, state.cold, state.changed)

    def _show_run(self, plate: Plate, run: RunRecord) -> None:
        machine, rest, answers = self.live.machine, self.live.rest(), self.session.answers
        if run.paused:
            careful = "Refill or look at it first: gloves, lid closed. Going on leaves a line where it stood; what stood long may let go."
            self.planned.show_words(f"{plate.name} stands still", f"{run.paused[:1].upper()}{run.paused[1:]}.", careful)
            if machine is not None and rest is not None:
                self.planned.show_vat(plate, rest, machine)
            return
        if run.state == "printing":
            minutes = answers.run_factors.minutes_of(plate, run.machine_id)
            end = later(run.started, minutes, self.session.plans.time_zone)
            words = f"Started {run.started:%a %H:%M}, {len(plate.placed)} parts. It ends {end:%a %H:%M}.{self.state.lasts(rest)}"
            careful = "Keep the lid down: daylight cures resin. The simulated machine may let a part go, lose power or run dry."
            self.planned.show_words(f"{plate.name} is printing", words, careful)
            return
        self.off.show_run(run, plate, self._seen(plate, run))
        waits = "has ended and waits to be taken off" if run.state == "hanging" else f"was taken off; {run.state}"
        self.planned.show_words(f"{plate.name} {waits}", self.off.counts.text() + ".")

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
        try:
            documents, facts = self.state.started(new_id(), self.session.clock(), self.planned.vat_told())
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        if documents:
            self.session.commit(f"start {documents[1].name}", documents, facts)

    def put_at(self, plate_id: str, when: datetime, machine_id: str) -> None:
        """A run put at a time by hand, on its machine or another it fits; the others go round it."""
        plate, machine = self.session.plans.plates.get(plate_id), self.session.plans.machines.get(machine_id)
        if plate is None or machine is None:
            return
        try:
            plate = plate if machine_id == plate.machine_id else self.state.laid_on(plate, machine, self.session.mesh)
        except PlanError as error:
            self.session.failed.emit(error)
            return
        self.session.commit(f"{plate.name} put at {when:%a %H:%M}", [replace(plate, pinned=when)])

    def lay_anew(self) -> None:
        """A plate whose machine is gone, laid on the first in service that it fits."""
        try:
            laid, machine = self.state.laid_anew(self.session.mesh)
        except PlanError as error:
            self.session.failed.emit(error)
            return
        self.session.commit(f"{laid.name} laid anew on {machine.name}", [replace(laid, pinned=None)])

    def _ask_day(self, day: date) -> None:
        """What a day is to be like."""
        menu = Menu(self)
        for kind in DAY_KINDS:
            menu.addAction(f"{day:%a %d %b}: {kind}", lambda k=kind: self.set_day(day, k))
        menu.exec(QCursor.pos())

    def set_day(self, day: date, kind: str) -> None:
        """Away, up late, or as its weekday is; everything is planned anew."""
        army = self.state.day_as(day, kind)
        if army is not None:
            self.session.commit(f"{day:%a %d %b} {kind}", [army])

    def set_free(self) -> None:
        plate = self.state.plate
        if plate is not None:
            self.session.commit(f"{plate.name} planned again", [replace(plate, pinned=None)])

    def export_calendar(self) -> None:
        name, _ = FileDialog.getSaveFileName(self, "The watch bill as a calendar", "watch-bill.ics", "Calendar (*.ics)")
        if name:
            self.write_calendar(Path(name))

    def write_calendar(self, path: Path) -> None:
        plans = self.session.plans
        if plans.army is None:
            return
        try:
            path.write_bytes(calendar_of(self.state.scheduled_runs, plans.machines, plans.army, self.session.now))
        except OSError as error:
            self.session.failed.emit(BookError("unwritable", f"{path.name} cannot be written: {error.strerror}."))

    def _recorded(self) -> None:
        self.state.by_hand = False
        self.body.setCurrentIndex(0)
