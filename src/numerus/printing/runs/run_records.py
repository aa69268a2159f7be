"""What became of runs and of every part on them: folds over the journal."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace
from datetime import datetime
from typing import NamedTuple

from numerus.domain.clock import minutes_between
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunPaused, RunResumed, RunStarted, StepDone
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.kit.completeness import Copy
from numerus.printing.machines.timing import layer_count, layers_after

GOOD, FLAWED, FAILED = "good", "flawed", "failed"
COPY_STATES = ("owed", "plated", "printing", "printed", "washed", "cured")


class Pause(NamedTuple):
    """A run that stood still: since when, until when (None: still), and why."""

    since: datetime
    until: datetime | None
    why: str


class VatLevel(NamedTuple):
    """What was told to stand in the vat: when, how much, after what minutes printed (None: by the clock)."""

    at: datetime
    ml: float
    minutes: float | None


@dataclass(frozen=True)
class RunRecord:
    """A run as the journal knows it. ``outcomes``: by placed id; ``end``: as the machine told it; ``dry``:
    of plastic, which is neither washed nor lit; ``settings``: layer mm, seconds of light, lift speed, () where they are not known.
    """

    run_id: str
    plate_id: str
    machine_id: str
    started: datetime
    ended: datetime | None
    outcomes: Mapping[str, PartOutcome]
    washed: bool
    cured: bool
    pauses: tuple[Pause, ...] = ()
    vat_levels: tuple[VatLevel, ...] = ()
    end: RunEnded = RunEnded()
    dry: bool = False
    settings: tuple[float, ...] = ()

    @property
    def used_ml(self) -> float:
        """As the machine told it, 0 where it did not."""
        return self.end.used_ml

    @property
    def took_min(self) -> float:
        """Minutes it printed, likewise."""
        return self.end.minutes

    @property
    def paused(self) -> str:
        """Why it stands still, "" while it goes on."""
        return self.pauses[-1].why if self.pauses and self.pauses[-1].until is None and self.ended is None else ""

    def minutes_at(self, now: datetime, zone: str = "") -> float:
        """Minutes it had printed by then, without those it stood still."""
        still = ((p.since, min(p.until or now, now)) for p in self.pauses if p.since < now)
        return minutes_between(self.started, now, zone) - sum(minutes_between(a, b, zone) for a, b in still)

    def outcome_of(self, placed_id: str) -> str:
        """What became of a placed part, "" while nobody has looked."""
        seen = self.outcomes.get(placed_id)
        return seen.outcome if seen else ""

    @property
    def state(self) -> str:
        """printing, hanging (ended, not yet looked at), printed, washed or cured."""
        if self.ended is None:
            return "printing"
        if not self.outcomes:
            return "hanging"
        return "cured" if self.cured or self.dry else "washed" if self.washed else "printed"


@dataclass
class _Told:
    """What the journal tells of one run; it may tell of its end before its start was put back.

    ``good``: ids of placed parts of which nothing else is told than that they are good; most are, and a long journal is
    kept and read again in half the time so.
    """

    start: RunStarted | None = None
    started: datetime | None = None
    ended: datetime | None = None
    end: RunEnded = RunEnded()
    good: dict[str, None] = field(default_factory=dict)
    outcomes: dict[str, PartOutcome] = field(default_factory=dict)
    done: set[str] = field(default_factory=set)
    pauses: list[Pause] = field(default_factory=list)
    vat_levels: list[VatLevel] = field(default_factory=list)

    def went(self, at: datetime, event: RunStarted | RunEnded | RunPaused | RunResumed) -> None:
        if isinstance(event, RunStarted):
            self.start, self.started = event, at
            self._level(at, event.vat_ml, None)
        elif isinstance(event, RunEnded):
            self.ended, self.end = at, event
        elif isinstance(event, RunPaused):
            self.pauses.append(Pause(at, None, event.why))
        else:
            self._level(at, event.vat_ml, event.minutes)
            if self.pauses:
                self.pauses[-1] = self.pauses[-1]._replace(until=at)

    def _level(self, at: datetime, ml: float | None, minutes: float | None) -> None:
        if ml is not None:
            self.vat_levels.append(VatLevel(at, ml, minutes))

    def came_out(self, seen: PartOutcome) -> None:
        """The last word on a part counts."""
        plain = seen.outcome == GOOD and not seen.height_mm and not seen.looks
        (self.outcomes if plain else self.good).pop(seen.placed, None)
        if plain:
            self.good[seen.placed] = None
        else:
            self.outcomes[seen.placed] = seen

    def record(self, run: str, start: RunStarted, started: datetime) -> RunRecord:
        outcomes = {placed: PartOutcome(placed, GOOD) for placed in self.good} | self.outcomes
        return RunRecord(
            run, start.plate, start.machine, started, self.ended, outcomes, "wash" in self.done,
            "cure" in self.done, tuple(self.pauses), tuple(self.vat_levels), self.end, start.plastic, start.settings,
        )  # fmt: skip


@dataclass
class RunFold:
    """Runs kept up as entries are added: ``take`` those that are new, ``records`` tells all runs."""

    runs: dict[str, _Told] = field(default_factory=dict)

    def __post_init__(self) -> None:
        self._records: dict[str, RunRecord] = {}
        self._touched = dict.fromkeys(self.runs)

    def take(self, facts: Iterable[Fact]) -> None:
        for at, event, run, _, _, _ in facts:
            if isinstance(event, PartOutcome):
                self._of(run).came_out(event)
            elif isinstance(event, StepDone):
                if run:
                    self._of(run).done.add(event.stage)
            elif isinstance(event, RunStarted | RunEnded | RunPaused | RunResumed):
                self._of(run).went(at, event)

    def _of(self, run: str) -> _Told:
        self._touched[run] = None
        record = self.runs.get(run)
        if record is None:
            record = self.runs[run] = _Told()
        return record

    def records(self) -> dict[str, RunRecord]:
        """Every run that was started, by id, in order of their first entries."""
        for run in self._touched:
            told_runs = self.runs[run]
            if told_runs.start is not None and told_runs.started is not None:
                self._records[run] = told_runs.record(run, told_runs.start, told_runs.started)
        self._touched.clear()
        return dict(self._records)


def run_records(facts: Iterable[Fact]) -> dict[str, RunRecord]:
    """Every run that was started, by id, in order of their first entries."""
    fold = RunFold()
    fold.take(facts)
    return fold.records()


@dataclass(frozen=True)
class CopyState:
    """Where one printed part of one figure stands: its state, on which plate, by which run."""

    state: str
    plate_id: str = ""
    run_id: str = ""
    outcome: str = ""
    failures: int = 0


NOTHING_WANTED: Mapping[Copy, str] = {}


def copy_states(
    plates: Mapping[str, Plate], records: Mapping[str, RunRecord], wanted: Mapping[Copy, str] = NOTHING_WANTED
) -> dict[Copy, CopyState]:
    """State of every copy that was ever plated; a failed one is owed again until a newer plate holds it. ``wanted``: the part of every copy
    that builds ask for, in the roll's order: what is on no plate is taken from good spares that lie in the box, before it is printed.
    """
    by_plate = _by_plate(records)
    states = _plated_states(plates, by_plate)
    return states | _from_spares(states, plates, _good_spares(plates, by_plate), wanted)


def _plated_states(plates: Mapping[str, Plate], by_plate: Mapping[str, list[RunRecord]]) -> dict[Copy, CopyState]:
    """Of every copy that lies on a plate, spares left out."""
    states: dict[Copy, CopyState] = {}
    for plate in sorted(plates.values(), key=lambda p: p.order):
        runs = by_plate.get(plate.id, [])
        for placed in plate.placed:
            if not placed.figure_id:
                continue
            copy = (placed.figure_id, placed.slot)
            before = states.get(copy, CopyState("owed"))
            copy_state = _state_on(plate, placed.id, runs, before.failures)
            if before.state == "owed" or COPY_STATES.index(copy_state.state) > COPY_STATES.index(before.state):
                states[copy] = copy_state
    return states


def spares_left(
    plates: Mapping[str, Plate], records: Mapping[str, RunRecord], wanted: Mapping[Copy, str] = NOTHING_WANTED
) -> dict[str, int]:
    """By part the good spares that no build has taken."""
    by_plate = _by_plate(records)
    spares = _good_spares(plates, by_plate)
    _from_spares(_plated_states(plates, by_plate), plates, spares, wanted)
    return {part: len(left) for part, left in spares.items() if left}


def _by_plate(records: Mapping[str, RunRecord]) -> dict[str, list[RunRecord]]:
    by_plate: dict[str, list[RunRecord]] = {}
    for record in records.values():
        by_plate.setdefault(record.plate_id, []).append(record)
    return by_plate


def _good_spares(plates: Mapping[str, Plate], by_plate: Mapping[str, list[RunRecord]]) -> dict[str, list[CopyState]]:
    """By part those that came out, in the order of their plates."""
    spares: dict[str, list[CopyState]] = {}
    for plate in plates.values():
        for placed in (p for p in plate.placed if not p.figure_id):
            state = _state_on(plate, placed.id, by_plate.get(plate.id, []), 0)
            if state.outcome in (GOOD, FLAWED):
                spares.setdefault(placed.part_id, []).append(state)
    return spares


def _from_spares(
    states: Mapping[Copy, CopyState],
    plates: Mapping[str, Plate],
    spares: dict[str, list[CopyState]],
    wanted: Mapping[Copy, str],
) -> dict[Copy, CopyState]:
    """Copies that failed, then those on no plate, whose place a good spare of the same part takes, each spare once."""
    part_of = {(p.figure_id, p.slot): p.part_id for plate in plates.values() for p in plate.placed if p.figure_id}
    failed = [(c, part_of[c]) for c, s in states.items() if s.state == "owed" and s.failures]
    unplated = [(c, part) for c, part in wanted.items() if c not in states]
    nothing = CopyState("owed")
    return {
        copy: replace(spares[part].pop(0), failures=states.get(copy, nothing).failures)
        for copy, part in (*failed, *unplated)
        if spares.get(part)
    }


def _state_on(plate: Plate, placed_id: str, runs: list[RunRecord], failures: int) -> CopyState:
    best = CopyState("owed" if runs else "plated", plate.id, failures=failures)
    for run in runs:
        outcome = run.outcome_of(placed_id)
        if outcome == FAILED:
            best = CopyState("owed", plate.id, run.run_id, outcome, best.failures + 1)
        elif outcome:
            return CopyState(run.state, plate.id, run.run_id, outcome, best.failures)
        else:
            return CopyState(
                "printing" if run.state in ("printing", "hanging") else "owed", plate.id, run.run_id, "", best.failures
            )
    return best


def waiting_plates(plates: Mapping[str, Plate], records: Mapping[str, RunRecord]) -> list[Plate]:
    """Plates that no run was started for, in order."""
    run_for = {r.plate_id for r in records.values()}
    return sorted((p for p in plates.values() if p.id not in run_for), key=lambda p: p.order)


def failed_places(
    records: Mapping[str, RunRecord], plates: Mapping[str, Plate], but: RunRecord
) -> list[tuple[float, float]]:
    """Where parts failed on a run's machine in its other runs, in mm from the plate's corner; not where all of a plate did."""
    places = []
    for record in records.values():
        plate = plates.get(record.plate_id)
        if plate is None or record.machine_id != but.machine_id or record.run_id == but.run_id:
            continue
        here = [(p.x_mm, p.y_mm) for p in plate.placed if record.outcome_of(p.id) == FAILED]
        places += here if len(here) < len(plate.placed) else []
    return places


def failure_counts(records: Iterable[RunRecord]) -> tuple[int, int]:
    """(failed, all) parts looked at so far."""
    outcomes = [o.outcome for r in records for o in r.outcomes.values()]
    return outcomes.count(FAILED), len(outcomes)


def machine_layers(
    records: Iterable[RunRecord], plates: Mapping[str, Plate], machines: Mapping[str, Machine]
) -> dict[str, int]:
    """Layers each machine has exposed: the wear of its film."""
    layers: dict[str, int] = {}
    for record in records:
        plate = plates.get(record.plate_id)
        machine = machines.get(record.machine_id)
        if plate is not None and machine is not None and record.ended is not None:
            layers[machine.id] = layers.get(machine.id, 0) + layers_run(record, plate, machine)
    return layers


def layers_run(record: RunRecord, plate: Plate, machine: Machine) -> int:
    """Layers a run that has ended exposed: all of its plate, or those it ran where it was ended before its time."""
    if record.end.aborted:
        return layers_after(record.took_min, plate.height_mm, machine)
    return layer_count(plate.height_mm, machine.layer_mm)
