"""Print: the watch bill, the machine at work, and taking a plate off part by part."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from datetime import timedelta
from zlib import crc32

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QBoxLayout, QCheckBox, QDoubleSpinBox, QStackedWidget, QWidget

from numerus.bench.cautions import cautions
from numerus.book.intake import new_id
from numerus.desk.benches.causes import InquestPanel
from numerus.desk.benches.machine import MachineView
from numerus.desk.benches.runlist import RunList
from numerus.desk.benches.watchbill import WatchBill
from numerus.desk.context import Context
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.platepicture import PlatePicture
from numerus.devices.printer import SimulatedPrinter
from numerus.errors import NumerusError, PlanError
from numerus.floor.queue import Bill, Run, Slotted, other_starts
from numerus.floor.runs import FAILED, FLAWED, GOOD, RunRecord
from numerus.kit.facts import INQUEST_TEST, PART_OUTCOME, RUN_ENDED, RUN_STARTED, Fact
from numerus.ledger.inquiry import inquest_of
from numerus.ledger.orders import next_runs
from numerus.resin.plate import Placed, Plate
from numerus.words import counted

TICK_MS, MINUTES_PER_TICK = 200, 4.0
NEXT_OUTCOME = {GOOD: FLAWED, FLAWED: FAILED, FAILED: GOOD}


class PrintBench(Bench):
    stage = "print"

    def __init__(self, context: Context) -> None:
        self.slots: list[Slotted] = []
        self.plate_id, self.ahead_min, self.by_hand = "", 0.0, False
        self.outcomes: dict[str, tuple[str, float, str]] = {}
        super().__init__(context)
        self.start_button = self.add_button(
            "Start this run", self.start_run, "main", "Loads the plate now and writes it into the journal"
        )
        self.timer = QTimer(self)
        self.timer.timeout.connect(self._run_fast)
        self.bill.chosen.connect(self.choose)
        self.coming.chosen.connect(self.choose)
        self.picture.tapped.connect(self.turn_outcome)
        self.picture.says = self._says

    def build(self) -> QBoxLayout:
        self.bill, self.machine = WatchBill(self.context), MachineView(self.context)
        self.fast = QCheckBox("Run it fast")
        self.fast.setToolTip("The simulated machine: twenty minutes a second, with its seeded faults")
        self.fast.toggled.connect(lambda on: self.timer.start(TICK_MS) if on else self.timer.stop())
        self.machine_title = label("", "section")
        self.ended_button = button("It has ended", self.end_run, "main")
        beside = column(
            self.machine_title, self.machine, row(self.fast, -1, self.ended_button), gap=8, margins=(14, 8, 14, 12)
        )
        beside.setStretch(1, 1)
        side = panel(beside, "drawer")
        hold(self.theme, side, "setFixedWidth", 244)
        self.why = label("", "section", True)
        self.reasons, self.others = label("", "", True), label("", "note", True)
        self.drawer = QStackedWidget()
        self.coming = RunList(self.context)
        words = column(self.why, self.reasons, self.others, -1, gap=6)
        planned = row(words, self.coming, gap=24, margins=(16, 12, 16, 8))
        planned.setStretch(0, 5)
        planned.setStretch(1, 6)
        self.drawer.addWidget(panel(planned, "drawer"))
        self.drawer.addWidget(self._outcome_page())
        hold(self.theme, self.drawer, "setFixedHeight", 236)
        main = column(row(self.bill, margins=(16, 4, 12, 4)), self.drawer, gap=0)
        main.setStretch(0, 1)
        body = row(main, side, gap=0)
        body.setStretch(0, 1)
        return body

    def _outcome_page(self) -> QWidget:
        """Tap the parts: good, flawed, failed; a height for what failed; likely causes beside."""
        self.picture = PlatePicture(self.context)
        self.height_at, self.tapped = QDoubleSpinBox(), label("Tap a part: good, flawed, failed in turn.", "note", True)
        self.height_at.setPrefix("failed at ")
        self.height_at.setSuffix(" mm")
        self.height_at.setRange(0, 400)
        self.height_at.setAccessibleName("Height it failed at")
        self.height_at.valueChanged.connect(self._set_height)
        self.causes, self.inquest = label("", "note"), InquestPanel(self.theme)
        self.inquest.answered.connect(self._answered)
        self.record_button = button("Plate is off: keep this", self.record, "main")
        caution = label(
            "; ".join(cautions("print")) + ". Check the vat for cured flakes before the next run.", "caution", True
        )
        head = row(label("Taken off", "section"), -1, self.height_at, self.record_button, gap=6)
        told = row(self.causes, 6, self.tapped)
        told.setStretch(2, 1)
        words = column(head, told, self.inquest, -1, caution, gap=1)
        made = row(self.picture, words, gap=16, margins=(16, 6, 16, 6))
        made.setStretch(0, 3)
        made.setStretch(1, 5)
        return panel(made, "drawer")

    @property
    def run(self) -> RunRecord | None:
        runs = [r for r in self.session.answers.standing.runs.values() if r.plate_id == self.plate_id]
        return runs[-1] if runs else None

    @property
    def plate(self) -> Plate | None:
        return self.session.plans.plates.get(self.plate_id)

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
            self.bill_now = next_runs(plans, self.session.answers.standing, self.session.now)
            self.slots = list(self.bill_now.slots)
            machine_h = sum(s.plate.minutes for s in self.slots) / 60
            self.subtitle.setText(f"{counted(len(self.slots), 'run')} to come, {machine_h:.1f} h of machine")
        except PlanError as error:
            self.bill_now, self.slots = Bill(), []
            self.subtitle.setText(f"{error.message} {error.advice}")
        if self._done_with_plate():
            self.plate_id, self.by_hand = self._first_plate(), False
        self._show()

    def _done_with_plate(self) -> bool:
        """Whether another plate may take the place of the shown one: it is gone, or off the machine and not asked for."""
        off = self.run is not None and self.run.state not in ("printing", "hanging")
        return self.plate is None or (off and not self.by_hand)

    def _first_plate(self) -> str:
        """What wants looking at: a hanging plate, a printing one, the next to start."""
        runs = self.session.answers.standing.runs.values()
        wanted = [r.plate_id for state in ("hanging", "printing") for r in runs if r.state == state]
        wanted += [s.plate.id for s in self.slots] + list(self.session.plans.plates)
        return wanted[0] if wanted else ""

    def choose(self, plate_id: str) -> None:
        if plate_id != self.plate_id:
            self.plate_id, self.ahead_min, self.outcomes, self.by_hand = plate_id, 0.0, {}, True
            self.fast.setChecked(False)
        self._show()

    def _show(self) -> None:
        plate, run = self.plate, self.run
        self.bill.show_runs(self.slots, self.plate_id)
        self.coming.show_runs(self.slots, self.plate_id)
        slot = next((s for s in self.slots if s.plate.id == self.plate_id), None)
        self.start_button.setVisible(slot is not None)
        printing = run is not None and run.state == "printing"
        self.fast.setVisible(printing)
        self.ended_button.setVisible(printing)
        machine = self.session.plans.machines.get(plate.machine_id) if plate else None
        self.machine_title.setText(machine.name if machine else "")
        printer = self._printer()
        self.machine.show_reading(machine, plate, printer.reading(self._elapsed()) if printer and printing else None)
        looking = run is not None and run.state != "printing"
        self.drawer.setCurrentIndex(1 if looking else 0)
        if looking and plate is not None and run is not None:
            self._show_outcomes(plate, run)
        elif slot is not None:
            self._show_why(slot)
        elif plate is not None and run is not None:
            self.why.setText(f"{plate.name} is printing")
            self.reasons.setText(
                f"Started {run.started:%a %H:%M}, {len(plate.placed)} parts. It ends {run.started + timedelta(minutes=plate.minutes):%a %H:%M}."
            )
            self.others.setText(
                "Keep the lid down: daylight cures resin. The simulated machine may let a part go, lose power or run dry."
            )

    def _show_why(self, slot: Slotted) -> None:
        self.why.setText(f"Why {slot.plate.name} starts {slot.start:%a %H:%M}")
        self.reasons.setText(
            f"It {slot.why}. {slot.plate.resin_ml:.0f} ml; the tallest, {slot.plate.height_mm:.1f} mm, sets the {slot.plate.minutes / 60:.1f} h."
        )
        army, machine = self.session.plans.army, self.session.plans.machines.get(slot.machine_id)
        if army is not None and machine is not None:
            free = slot.start - timedelta(minutes=slot.idle_min)
            lines = [
                f"{o.start:%a %H:%M} to {o.end:%H:%M}: idle {o.idle_min:.0f} min, hangs {o.hangs_min:.0f} min"
                for o in other_starts(slot, machine, army, free)
            ]
            self.others.setText("Other starts compared:\n" + "\n".join(lines))

    def _printer(self) -> SimulatedPrinter | None:
        plate, run = self.plate, self.run
        machine = self.session.plans.machines.get(plate.machine_id) if plate else None
        return SimulatedPrinter(plate, machine, crc32(run.run_id.encode())) if plate and machine and run else None

    def _elapsed(self) -> float:
        run = self.run
        return 0.0 if run is None else (self.session.clock() - run.started).total_seconds() / 60 + self.ahead_min

    def _run_fast(self) -> None:
        self.ahead_min += MINUTES_PER_TICK
        printer = self._printer()
        if printer is not None and printer.reading(self._elapsed()).state != "printing":
            self.fast.setChecked(False)
            self.end_run()
        else:
            self._show()

    def start_run(self) -> None:
        """Start the chosen plate now."""
        slot = next((s for s in self.slots if s.plate.id == self.plate_id), None)
        if slot is None:
            return
        busy = [
            r
            for r in self.session.answers.standing.runs.values()
            if r.machine_id == slot.machine_id and r.state in ("printing", "hanging")
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
        run = Run(new_id(), slot.plate.id, slot.machine_id, now, now + timedelta(minutes=slot.plate.minutes))
        fact = Fact(now, RUN_STARTED, run.id, (), 10, {"plate": slot.plate.id, "machine": slot.machine_id})
        self.session.commit(f"start {slot.plate.name}", [run], [fact])

    def end_run(self) -> None:
        run, plate = self.run, self.plate
        if run is not None and plate is not None and run.state == "printing":
            self.session.commit(f"{plate.name} ended", facts=[Fact(self.session.clock(), RUN_ENDED, run.run_id)])

    def _show_outcomes(self, plate: Plate, run: RunRecord) -> None:
        """What the journal holds; for a plate not yet looked at, what the simulated machine shows, to be corrected."""
        machine = self.session.plans.machines.get(plate.machine_id)
        if run.outcomes:
            self.outcomes = dict(run.outcomes)
        elif set(self.outcomes) != {p.id for p in plate.placed}:
            printer = self._printer()
            self.outcomes = (
                {o.placed_id: (o.outcome, o.height_mm, o.looks) for o in printer.outcomes()} if printer else {}
            )
        self.record_button.setVisible(run.state == "hanging")
        self.picture.show_plate(plate, machine, {i: o[0] for i, o in self.outcomes.items()})
        self._show_causes(plate, run)

    def _show_causes(self, plate: Plate, run: RunRecord) -> None:
        counts = {o: sum(v[0] == o for v in self.outcomes.values()) for o in (GOOD, FLAWED, FAILED)}
        self.causes.setText(f"{counts[GOOD]} good, {counts[FLAWED]} flawed, {counts[FAILED]} failed.")
        seen, answers = replace(run, outcomes=self.outcomes), self.session.answers
        self.inquest.show_inquest(inquest_of(seen, self.session.plans, answers.standing.runs, answers.facts))

    def _answered(self, test: str, yes: bool) -> None:
        """A cheap test was made: what it said counts from now on."""
        run = self.run
        if run is not None:
            fact = Fact(self.session.clock(), INQUEST_TEST, run.run_id, data={"test": test, "yes": yes})
            self.session.commit(f"inquest: {'yes' if yes else 'no'}", facts=[fact])

    def _says(self, placed: Placed) -> str:
        figure = self.session.plans.figures.get(placed.figure_id)
        return f"{figure.name if figure else 'spare'}, {placed.slot}"

    def turn_outcome(self, placed_id: str) -> None:
        """Tap: good, flawed, failed, good. What the journal already holds stays."""
        run, plate = self.run, self.plate
        if run is None or plate is None:
            return
        placed = next(p for p in plate.placed if p.id == placed_id)
        self.picture.chosen = placed_id
        if run.state == "hanging":
            outcome = NEXT_OUTCOME[self.outcomes[placed_id][0]]
            height = round(plate.height_mm / 2, 1) if outcome == FAILED else 0.0
            self.outcomes[placed_id] = (outcome, height, "")
        outcome, height, looks = self.outcomes.get(placed_id, (GOOD, 0.0, ""))
        self.tapped.setText(f"{self._says(placed)}: {outcome}{', ' + looks if looks else ''}")
        self.height_at.blockSignals(True)
        self.height_at.setValue(height)
        self.height_at.setEnabled(outcome == FAILED and run.state == "hanging")
        self.height_at.blockSignals(False)
        self._show_outcomes(plate, run)

    def _set_height(self, height: float) -> None:
        chosen = self.outcomes.get(self.picture.chosen)
        if chosen is not None and chosen[0] == FAILED:
            self.outcomes[self.picture.chosen] = (FAILED, height, chosen[2])

    def outcome_facts(self, run: RunRecord) -> Iterable[Fact]:
        now = self.session.clock()
        for placed_id, (outcome, height, looks) in self.outcomes.items():
            yield Fact(
                now,
                PART_OUTCOME,
                run.run_id,
                (),
                0,
                {"placed": placed_id, "outcome": outcome, "height_mm": height, "looks": looks},
            )

    def record(self) -> None:
        """Write every part's outcome; failed parts are owed again by themselves."""
        run, plate = self.run, self.plate
        if run is not None and plate is not None and run.state == "hanging":
            failed = sum(o[0] == FAILED for o in self.outcomes.values())
            self.by_hand = False
            self.session.commit(f"took off {plate.name}, {failed} failed", facts=list(self.outcome_facts(run)))
