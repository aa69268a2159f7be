"""The machine the chosen plate is on, beside the watch bill: what it shows, stopping it, letting it go on."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.print.machine_picture import MachineView
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import CheckBox
from numerus.devices.link import MachineLink, link_for
from numerus.devices.printer import Reading
from numerus.domain.journal import Fact, RunEnded, RunPaused, RunResumed
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord
from numerus.printing.runs.vat import Filling, left_after, rest_of

TICK_MS, MINUTES_PER_TICK = 200, 4.0
STILL_TICKS = 25  # at once where less is to move


class LiveRun(QWidget):
    """``vat_told``: asked for what stands in the vat when a run goes on."""

    def __init__(self, context: Context, vat_told: Callable[[], float | None]) -> None:
        super().__init__()
        self.session, self.vat_told = context.session, vat_told
        self.plate: Plate | None = None
        self.run: RunRecord | None = None
        self.machine: Machine | None = None
        self.ahead_min = 0.0
        self.title, self.view = label("", "section"), MachineView(context)
        self.fast = CheckBox("Run it fast")
        self.fast.setToolTip("The simulated machine: twenty minutes a second, with its seeded faults")
        self.ended_button = button("It has ended", self.end, "main")
        self.pause_button = button(
            "Pause", self.pause_or_go_on, "", "Stop the run, or let it go on from where it stands"
        )
        self.timer = QTimer(self)
        self.timer.timeout.connect(self.tick)
        self.fast.toggled.connect(self._run_fast)
        buttons = row(self.pause_button, -1, self.ended_button)
        self.look = label("", "note", True)
        body = column(self.title, self.view, self.look, self.fast, buttons, gap=8, margins=(14, 8, 14, 12))
        body.setStretch(1, 1)
        self.setLayout(body)

    def show_run(self, plate: Plate | None, run: RunRecord | None, machine: Machine | None) -> None:
        """What is on a machine, or what is to go on it."""
        if plate is None or self.plate is None or plate.id != self.plate.id:
            self.ahead_min = 0.0
            self.fast.setChecked(False)
        self.plate, self.run, self.machine = plate, run, machine
        printing, still = run is not None and run.state == "printing", run.paused if run is not None else ""
        self.title.setText(machine.name if machine else "")
        self.fast.setVisible(printing and not still)
        self.pause_button.setVisible(printing)
        self.pause_button.setText("Go on" if still else "Pause")
        self.ended_button.setVisible(printing)
        reading = self.reading() if printing else None
        self.view.show_reading(
            machine, plate, replace(reading, state="stopped", description=still) if reading and still else reading
        )

    @property
    def link(self) -> MachineLink | None:
        plate, run, machine = self.plate, self.run, self.machine
        return link_for(plate, machine, run, self.session.plans.time_zone) if plate and machine and run else None

    @property
    def elapsed_min(self) -> float:
        run = self.run
        return (
            0.0 if run is None else run.minutes_at(self.session.clock(), self.session.plans.time_zone) + self.ahead_min
        )

    def reading(self) -> Reading | None:
        return self.link.reading(self.elapsed_min) if self.link is not None else None

    def rest(self) -> Filling | None:
        """What the rest of a run takes, where there is a vat; what stands in it by the machine if it tells, else by the journal."""
        plate, run, machine, reading = self.plate, self.run, self.machine, self.reading()
        if plate is None or run is None or machine is None or machine.is_dry:
            return None
        known = reading.resin_ml if reading is not None else math.nan
        factors = self.session.answers.run_factors
        by_journal = left_after(run, plate, machine, self.session.now, self.session.plans.time_zone, factors)
        stands = by_journal if math.isnan(known) else known
        return rest_of(plate, machine, self.elapsed_min, stands, factors)

    def _run_fast(self, on: bool) -> None:
        """Smoothly, or in a few large steps where less is to move."""
        still = self.view.theme.still
        self.timer.start(TICK_MS * STILL_TICKS if still else TICK_MS) if on else self.timer.stop()

    def tick(self) -> None:
        """The simulated machine a little further; what ends or stops then is written into the journal."""
        self.ahead_min += MINUTES_PER_TICK * max(self.timer.interval() // TICK_MS, 1)
        reading = self.reading()
        if reading is None or reading.state == "printing":
            self.view.show_reading(self.machine, self.plate, reading)
            return
        self.fast.setChecked(False)
        self.end() if reading.state == "finished" else self._pause(reading.description)

    def pause_or_go_on(self) -> None:
        """Stop a run for a while, or let it go on from where it stands."""
        run = self.run
        if run is not None and run.paused:
            fact = Fact(self.session.clock(), RunResumed(round(self.elapsed_min, 2), self.vat_told()), run.run_id)
            self.session.commit("run goes on", facts=[fact])
        else:
            self._pause("paused by hand")

    def _pause(self, why: str) -> None:
        run, plate = self.run, self.plate
        if run is not None and plate is not None and run.state == "printing":
            fact = Fact(self.session.clock(), RunPaused(why), run.run_id)
            self.session.commit(f"{plate.name} stands still", facts=[fact])

    def end(self) -> None:
        run, plate = self.run, self.plate
        if run is not None and plate is not None and run.state == "printing":
            reading = self.reading()
            # Let run fast, it printed more minutes than the clock knows of: the vat is emptier by all of them.
            left = reading.minutes_left if reading is not None else 0.0
            # Ended while it stands still it is given up; else that it ended may only have been told early or late.
            given_up = bool(run.paused)
            minutes = min(self.elapsed_min, plate.minutes - left) if self.ahead_min > 0 or given_up else 0.0
            fact = Fact(self.session.clock(), RunEnded(round(minutes, 2), aborted=given_up), run.run_id)
            self.session.commit(f"{plate.name} ended", facts=[fact])
