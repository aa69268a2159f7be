"""What became of runs and of every part on them: folds over the journal."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace
from datetime import datetime

from numerus.domain.clock import minutes_between
from numerus.domain.journal import PART_OUTCOME, RUN_ENDED, RUN_PAUSED, RUN_RESUMED, RUN_STARTED, STEP, Fact
from numerus.domain.plates import Plate
from numerus.kit.completeness import Copy

GOOD, FLAWED, FAILED = "good", "flawed", "failed"
COPY_STATES = ("owed", "plated", "printing", "printed", "washed", "cured")


@dataclass(frozen=True)
class RunRecord:
    """A run as the journal knows it. ``outcomes``: placed id -> (outcome, height it failed at, words)."""

    run_id: str
    plate_id: str
    machine_id: str
    started: datetime
    ended: datetime | None
    outcomes: dict[str, tuple[str, float, str]]
    washed: bool
    cured: bool
    breaks: tuple[tuple[datetime, datetime | None, str], ...] = ()  # paused since, until (None: still), and why
    fills: tuple[
        tuple[datetime, float, float | None], ...
    ] = ()  # told what stands in the vat: when, ml, after what minutes
    used_ml: float = 0.0  # as the machine told it, 0 where it did not
    took_min: float = 0.0  # likewise
    celsius: float | None = None

    @property
    def paused(self) -> str:
        """Why it stands still, "" while it goes on."""
        return self.breaks[-1][2] if self.breaks and self.breaks[-1][1] is None and self.ended is None else ""

    def minutes_at(self, now: datetime, zone: str = "") -> float:
        """Minutes it had printed by then, without those it stood still."""
        since = ((a, min(b or now, now)) for a, b, _ in self.breaks if a < now)
        return minutes_between(self.started, now, zone) - sum(minutes_between(a, b, zone) for a, b in since)

    @property
    def state(self) -> str:
        """printing, hanging (ended, not yet looked at), printed, washed or cured."""
        if self.ended is None:
            return "printing"
        if not self.outcomes:
            return "hanging"
        return "cured" if self.cured else "washed" if self.washed else "printed"


@dataclass
class _Told:
    """What the journal tells of one run; it may tell of its end before its start was put back."""

    plate_id: str = ""
    machine_id: str = ""
    started: datetime | None = None
    ended: datetime | None = None
    outcomes: dict[str, tuple[str, float, str]] = field(default_factory=dict)
    done: set[str] = field(default_factory=set)
    breaks: list[tuple[datetime, datetime | None, str]] = field(default_factory=list)
    fills: list[tuple[datetime, float, float | None]] = field(default_factory=list)
    end: dict[str, float] = field(default_factory=dict)

    def went(self, fact: Fact) -> None:
        kind, data = fact.kind, fact.data
        if "vat_ml" in data:
            self.fills.append((fact.at, data["vat_ml"], data.get("minutes")))
        if kind == RUN_STARTED:
            self.plate_id, self.machine_id, self.started = data["plate"], data["machine"], fact.at
        elif kind == RUN_ENDED:
            self.ended, self.end = fact.at, dict(data)
        elif kind == RUN_PAUSED:
            self.breaks.append((fact.at, None, data["why"]))
        elif self.breaks:
            since, _, why = self.breaks.pop()
            self.breaks.append((since, fact.at, why))

    def record(self, run: str, started: datetime) -> RunRecord:
        return RunRecord(
            run, self.plate_id, self.machine_id, started, self.ended, dict(self.outcomes), "wash" in self.done,
            "cure" in self.done, tuple(self.breaks), tuple(self.fills), self.end.get("used_ml", 0.0),
            self.end.get("minutes", 0.0), self.end.get("celsius"),
        )  # fmt: skip


@dataclass
class RunFold:
    """Runs kept up as entries are added: ``take`` those that are new, ``records`` tells all runs."""

    told: dict[str, _Told] = field(default_factory=dict)

    def __post_init__(self) -> None:
        self._records: dict[str, RunRecord] = {}
        self._touched = dict.fromkeys(self.told)

    def take(self, facts: Iterable[Fact]) -> None:
        for fact in facts:
            _, kind, run, _, _, data, _ = fact
            if kind == PART_OUTCOME:
                seen = data["outcome"], data.get("height_mm", 0.0), data.get("looks", "")
                self._of(run).outcomes[data["placed"]] = seen
            elif kind == STEP and run:
                self._of(run).done.add(data["stage"])
            elif kind in (RUN_STARTED, RUN_ENDED, RUN_PAUSED, RUN_RESUMED):
                self._of(run).went(fact)

    def _of(self, run: str) -> _Told:
        self._touched[run] = None
        found = self.told.get(run)
        if found is None:
            found = self.told[run] = _Told()
        return found

    def records(self) -> dict[str, RunRecord]:
        """Every run that was started, by id, in order of their first entries."""
        for run in self._touched:
            told = self.told[run]
            if told.started is not None:
                self._records[run] = told.record(run, told.started)
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


def copy_states(plates: Mapping[str, Plate], records: Mapping[str, RunRecord]) -> dict[Copy, CopyState]:
    """State of every copy that was ever plated; a failed one is owed again until a newer plate holds it."""
    by_plate: dict[str, list[RunRecord]] = {}
    for record in records.values():
        by_plate.setdefault(record.plate_id, []).append(record)
    states: dict[Copy, CopyState] = {}
    for plate in sorted(plates.values(), key=lambda p: p.order):
        runs = by_plate.get(plate.id, [])
        for placed in plate.placed:
            if not placed.figure_id:
                continue
            copy = (placed.figure_id, placed.slot)
            before = states.get(copy, CopyState("owed"))
            found = _state_on(plate, placed.id, runs, before.failures)
            if before.state == "owed" or COPY_STATES.index(found.state) > COPY_STATES.index(before.state):
                states[copy] = found
    return states | _from_spares(states, plates, by_plate)


def _from_spares(
    states: Mapping[Copy, CopyState], plates: Mapping[str, Plate], by_plate: Mapping[str, list[RunRecord]]
) -> dict[Copy, CopyState]:
    """Failed copies whose place a good spare of the same part takes, each spare once."""
    spares: dict[str, list[CopyState]] = {}
    part_of: dict[Copy, str] = {}
    for plate in plates.values():
        for placed in plate.placed:
            if placed.figure_id:
                part_of[placed.figure_id, placed.slot] = placed.part_id
            elif (found := _state_on(plate, placed.id, by_plate.get(plate.id, []), 0)).outcome in (GOOD, FLAWED):
                spares.setdefault(placed.part_id, []).append(found)
    failed = [c for c, s in states.items() if s.state == "owed" and s.failures]
    return {
        copy: replace(spares[part_of[copy]].pop(0), failures=states[copy].failures)
        for copy in failed
        if spares.get(part_of[copy])
    }


def _state_on(plate: Plate, placed_id: str, runs: list[RunRecord], failures: int) -> CopyState:
    best = CopyState("owed" if runs else "plated", plate.id, failures=failures)
    for run in runs:
        outcome = run.outcomes.get(placed_id, ("", 0.0, ""))[0]
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
    found = []
    for record in records.values():
        plate = plates.get(record.plate_id)
        if plate is None or record.machine_id != but.machine_id or record.run_id == but.run_id:
            continue
        here = [(p.x_mm, p.y_mm) for p in plate.placed if record.outcomes.get(p.id, ("",))[0] == FAILED]
        found += here if len(here) < len(plate.placed) else []
    return found


def failure_counts(records: Iterable[RunRecord]) -> tuple[int, int]:
    """(failed, all) parts looked at so far."""
    outcomes = [o[0] for r in records for o in r.outcomes.values()]
    return outcomes.count(FAILED), len(outcomes)


def machine_layers(
    records: Iterable[RunRecord], plates: Mapping[str, Plate], layer_mm: Mapping[str, float]
) -> dict[str, int]:
    """Layers each machine has exposed: the wear of its film and screen."""
    layers: dict[str, int] = {}
    for record in records:
        plate = plates.get(record.plate_id)
        if plate is not None and record.ended is not None:
            layers[record.machine_id] = layers.get(record.machine_id, 0) + round(
                plate.height_mm / layer_mm.get(record.machine_id, 0.05)
            )
    return layers
