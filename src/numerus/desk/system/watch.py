"""Keeps an eye on the machines: what ended or stopped is written into the journal by itself and told, also what did so while the
program was closed.
"""

from __future__ import annotations

from PyQt6.QtCore import QObject, pyqtSignal

from numerus.desk.session import Session
from numerus.devices.link import MachineLink, link_for
from numerus.domain.clock import later
from numerus.domain.journal import Fact, RunEnded, RunPaused
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord
from numerus.printing.runs.vat import levels


class RunWatch(QObject):
    """``told``: something a person wants to know who is not looking."""

    told = pyqtSignal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session

    def look(self) -> None:
        """At every machine that prints; all that happened is told at once."""
        plans, seen = self.session.plans, []
        for run in self.session.answers.standing.runs.values():
            plate, machine = plans.plates.get(run.plate_id), plans.machines.get(run.machine_id)
            if run.state == "printing" and not run.paused and plate is not None and machine is not None:
                seen += self._look_at(run, plate, link_for(plate, machine, run, plans.time_zone), machine)
        words = " ".join(description for _, description in seen)
        if seen and self.session.tell(words, [fact for fact, _ in seen]):
            self.told.emit(words)

    def _look_at(self, run: RunRecord, plate: Plate, link: MachineLink, machine: Machine) -> list[tuple[Fact, str]]:
        """What happened, if anything did, as the journal keeps it and in words."""
        now, zone = self.session.clock(), self.session.plans.time_zone
        done = run.minutes_at(now, zone)
        reading = link.reading(done)
        if reading.state == "printing":
            return []
        over = max(done - (plate.minutes - reading.minutes_left), 0.0)  # how long ago that was
        at = later(now, -over, zone)
        if reading.state == "finished":
            stood = levels(run, machine, zone)
            used = stood[0][1] - reading.resin_ml if len(stood) == 1 else 0.0  # filled up on the way, it cannot be told
            # What the stand-in plays is no measurement: only a linked machine tells how warm it was.
            warm = round(reading.celsius, 2) if machine.link and reading.celsius > 0 else None
            fact = Fact(at, RunEnded(round(done - over, 2), round(used, 2) if used > 0 else 0.0, warm), run.run_id)
            words = f"{plate.name} on {machine.name} is done: take it off."
        else:
            fact = Fact(at, RunPaused(reading.description or "it stopped"), run.run_id)
            words = f"{plate.name} on {machine.name} stands still: {reading.description}."
        return [(fact, words)]
