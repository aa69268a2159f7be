"""Under the watch bill: why the chosen run starts when it does, and beside it the runs to come, what would help, conflicts."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import timedelta

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.print.run_list import RunList
from numerus.desk.widgets.layout import Pages, button, column, label, panel, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import DoubleSpinBox
from numerus.diagnosis.wear import SOON, Stock, Wear
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.vat import Filling
from numerus.progress.stores import Estimates
from numerus.schedule.improving import BetterOrder
from numerus.schedule.run_queue import ColdMinutes, Conflict, Schedule, ScheduledRun, other_starts
from numerus.schedule.what_if import WhatIf, schedule_summary
from numerus.words import counted, span

RUNS, HELPS, CONFLICTS, STORES = "Runs to come", "What would help", "Conflicts", "Stores"


class PlannedPage(QWidget):
    """``freed``: the chosen run is given back to the planner; ``anew``: a plate that fits nowhere as it lies is to be laid
    anew; ``export``: the bill as a calendar; ``reordered``: the better order of plates is to be taken.
    """

    freed = pyqtSignal()
    reordered = pyqtSignal()
    anew = pyqtSignal()
    export = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.why, self.reasons, self.others = label("", "section", True), label("", "", True), label("", "note", True)
        self.free = button("Let the planner choose", self.freed.emit, "", "It was put at this time by hand")
        self.again = button("Lay it anew", self.anew.emit, "main", "On the first machine in service it fits")
        self.vat = DoubleSpinBox()
        self.vat.setSuffix(" ml")
        self.vat.setDecimals(0)
        self.vat.setAccessibleName("Resin in the vat when the run starts or goes on")
        self.vat.setToolTip("What stands in the vat when the run starts; the journal follows it from there")
        self.vat.valueChanged.connect(lambda _: self._say_vat())
        self.filling: Filling | None = None
        self.vat_of = ""  # the plate whose run the vat is asked for
        self.vat_says = label("", "", True)
        self.calendar = button(
            "As a calendar …", self.export.emit, "", "Starts and plates to take off, with reminders (iCalendar)"
        )
        self.runs = RunList(context)
        self.helps = PlaceList(context.theme, HELPS, "Nothing that was tried ends the printing half an hour earlier.")
        self.helps.chosen.connect(self._help_chosen)
        self.better: BetterOrder | None = None
        self.conflicts = PlaceList(context.theme, CONFLICTS, "None: every run is started and met by someone.")
        self.pages = Pages()
        self.tabs = {}
        self.stores = PlaceList(context.theme, STORES, "Nothing is written down yet: see Machines and stores.")
        pages = ((RUNS, self.runs), (HELPS, self.helps), (CONFLICTS, self.conflicts), (STORES, self.stores))
        for name, page in pages:
            self.pages.addWidget(page)
            self.tabs[name] = button(name, lambda n=name: self.open(n), "tab")
            self.tabs[name].setCheckable(True)
        self.before: list[str] = []  # what to do before the chosen run
        self.setLayout(self._body())
        self.open(RUNS)

    def _body(self):  # type: ignore[no-untyped-def]
        asked = row(label("In the vat"), self.vat, self.vat_says, gap=8)
        asked.setStretch(2, 1)
        self.vat_row = panel(asked)
        words = column(
            self.why, self.reasons, self.vat_row, self.others, -1, row(self.free, self.again, self.calendar, -1), gap=5
        )
        listed = column(row(*self.tabs.values(), -1, gap=2), self.pages, gap=2)
        listed.setStretch(1, 1)
        body = row(words, listed, gap=24, margins=(16, 8, 16, 8))
        body.setStretch(0, 5)
        body.setStretch(1, 6)
        return body

    def open(self, name: str) -> None:
        self.pages.setCurrentIndex(list(self.tabs).index(name))
        for title, tab in self.tabs.items():
            tab.setChecked(title == name)

    def _help_chosen(self, number: int) -> None:
        if self.better is not None and number == 0:
            self.reordered.emit()

    def show_helps(self, helps: Sequence[WhatIf], better: BetterOrder | None) -> None:
        """What would end the bill earlier; another order of the plates can be taken at once."""
        self.better = better
        order = (f"{better.description}: {span(better.saves_min)} earlier", "press to take it") if better else None
        others = [(f"{h.description}: {span(60 * h.saves_h)} earlier", h.cost) for h in helps]
        self.helps.show_lines([*([order] if order else []), *others])
        self.tabs[HELPS].setText(f"{HELPS} ({len(others) + 1})" if better else HELPS)

    def show_schedule(self, schedule: Schedule, conflicts: list[Conflict], plate_id: str) -> None:
        self.runs.show_runs(list(schedule.scheduled_runs), plate_id)
        self.conflicts.show_lines([(c.description, c.advice) for c in conflicts])
        self.tabs[CONFLICTS].setText(f"{CONFLICTS} ({len(conflicts)})" if conflicts else CONFLICTS)

    def show_stores(self, wear: Sequence[Wear], stock: Sequence[Stock], done: Estimates) -> None:
        """Resin, what wears, and how estimates came about."""
        machines = self.session.plans.machines
        lines = [(done.description, "what is planned goes by it")]
        lines += [(s.description, s.note) for s in stock]
        for one in wear[:3]:
            due = ": change it soon, under Machines and stores" if one.share > SOON else ""
            lines.append((f"{machines[one.machine_id].name}: {one.description}{due}", one.note))
        self.stores.show_lines(lines)

    def show_scheduled_run(
        self, scheduled: ScheduledRun, machine: Machine, vat: Filling, cold: ColdMinutes | None, changed: str = ""
    ) -> None:
        """Why a run starts when it does, and what other starts would waste; ``changed``: why it must be laid anew before."""
        army = self.session.plans.army
        self.free.setVisible(scheduled.plate.pinned is not None)
        self.again.setVisible(bool(changed))
        self.show_vat(scheduled.plate, vat, machine)
        self.why.setText(f"Why {scheduled.plate.name} starts {scheduled.start:%a %H:%M}")
        factors = self.session.answers.run_factors
        learned = f", by what {counted(factors.runs, 'run')} took" if factors.runs else ""
        tall = f"{scheduled.resin_ml:.0f} ml; the tallest, {scheduled.plate.height_mm:.1f} mm, sets the {scheduled.minutes / 60:.1f} h{learned}"
        first = f" First {', '.join(self.before)}." if self.before else ""
        stop = f"{changed[:1].upper()}{changed[1:]}. " if changed else ""
        self.reasons.setText(f"{stop}It {scheduled.why}. {tall}.{first}")
        if army is None:
            return
        free = scheduled.start - timedelta(minutes=scheduled.idle_min)
        starts = other_starts(scheduled, machine, army, free, cold=cold, factors=factors)
        short = [f"{o.start:%a %H:%M} hangs {span(o.hangs_min)}" for o in starts if o.start != scheduled.start]
        self.others.setText(f"Other starts: {'; '.join(short)}." if short else "")
        whole = (
            f"{o.start:%a %H:%M} to {o.end:%H:%M}: idle {o.idle_min:.0f} min, hangs {o.hangs_min:.0f} min"
            for o in starts
        )
        self.others.setToolTip("\n".join(whole))

    def show_vat(self, plate: Plate, vat: Filling, machine: Machine) -> None:
        """What stands in the vat and should, asked for as a plate's run starts or goes on; what was typed for it stays."""
        if (plate.id, vat) != (self.vat_of, self.filling):
            self.vat_of, self.filling = plate.id, vat
            self.vat.setRange(0, machine.vat_full_ml)
            self.vat.setValue(vat.start_ml)
        self.vat_row.setVisible(not machine.is_dry)
        self._say_vat()

    def vat_told(self) -> float | None:
        """ml that stand in the vat as a run starts or goes on; None for a machine that has none."""
        return None if self.vat_row.isHidden() else self.vat.value()

    def _say_vat(self) -> None:
        if self.filling is not None:
            self.vat_says.setText(self.filling.description_with(self.vat.value()))

    def show_words(self, why: str, reasons: str, others: str = "", lies_nowhere: bool = False) -> None:
        self.free.setVisible(False)
        self.again.setVisible(lies_nowhere)
        self.vat_row.setVisible(False)
        for line, words in ((self.why, why), (self.reasons, reasons), (self.others, others)):
            line.setText(words)

    def show_end(self, schedule: Schedule) -> str:
        """When the last plate comes off, against the date."""
        army = self.session.plans.army
        return schedule_summary(schedule, army) if army else ""
