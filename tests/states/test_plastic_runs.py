"""A run on a filament machine is written as one of plastic when it starts."""

from __future__ import annotations

from dataclasses import replace

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.answers import Answers
from numerus.desk.stages.print.state import PrintState
from numerus.domain.journal import RunStarted
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.progress.printing.plating import measured_plate
from numerus.progress.standing import standing


def test_what_is_started_on_plastic_says_so(demo: Book) -> None:
    """By the machine it starts on; those of light in the demo do not."""
    plans, snail = demo.plans, Machine("snail", "Snail", 220, 220, 250, kind=FILAMENT)
    begun = {r.plate_id for r in standing(plans, demo.history).runs.values()}
    plate = next(p for p in plans.plates.values() if p.id not in begun)
    laid = measured_plate(replace(plate, machine_id="snail"), snail, plans)
    dry = replace(plans, machines={**plans.machines, "snail": snail}, plates={**plans.plates, plate.id: laid})
    state = PrintState(Answers(dry, demo.history, EVENING))
    state.look(state.answers, [])
    assert state.choose(laid.id) or state.plate_id == laid.id
    (event,) = [f.event for f in state.started("r", EVENING, None)[1] if isinstance(f.event, RunStarted)]
    assert event.plastic and event.machine == "snail"
    assert not any(f.event.plastic for f in demo.history.facts if isinstance(f.event, RunStarted))
