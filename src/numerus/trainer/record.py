"""What was practised, kept in a file of its own beside the settings: scores, what was missed and when it comes again."""

from __future__ import annotations

import contextlib
import json
import os
from dataclasses import asdict, dataclass, field
from datetime import datetime, timedelta
from pathlib import Path

from numerus.trainer.estimating import calibration
from numerus.trainer.exercise import ESTIMATE, GOOD, NAMES, level_of
from numerus.trainer.failed_plate import OWN_SEED

AGAIN_DAYS = (0.0, 1.0, 3.0, 7.0, 21.0)  # a missed one comes back at once, then later each time it is known


@dataclass(frozen=True)
class Practised:
    """One exercise as it was answered."""

    at: datetime
    kind: str
    seed: int
    level: int
    score: float
    detail: tuple[str, float] | None = None


@dataclass
class Record:
    """All of it, in order."""

    done: list[Practised] = field(default_factory=list)

    def of(self, kind: str) -> list[Practised]:
        return [p for p in self.done if p.kind == kind]

    def due(self, kind: str, now: datetime) -> list[Practised]:
        """Missed once and to be practised again by now, the longest due first: known, they wait longer and longer."""
        last: dict[tuple[int, int], tuple[Practised, int]] = {}
        for one in self.of(kind):
            _, known = last.get((one.seed, one.level), (one, -1))
            if one.score < GOOD:
                last[one.seed, one.level] = one, 0
            elif known >= 0:
                last[one.seed, one.level] = one, known + 1
        waiting = [
            (one.at + timedelta(days=AGAIN_DAYS[known]), one) for one, known in last.values() if known < len(AGAIN_DAYS)
        ]
        return [one for at, one in sorted(waiting, key=lambda w: w[0]) if at <= now]

    def next_of(self, kind: str, now: datetime) -> tuple[int, int]:
        """(seed, level) of the next exercise: one that was missed and is due, unless it was the very last; else a new one."""
        own = self.of(kind)
        due = [
            p for p in self.due(kind, now) if p.seed < OWN_SEED and (p.seed, p.level) != (own[-1].seed, own[-1].level)
        ]
        if due:
            return due[0].seed, due[0].level
        return 1 + max((p.seed for p in own if p.seed < OWN_SEED), default=0), level_of([p.score for p in own])

    def sheet(self, now: datetime) -> list[tuple[str, str, str]]:
        """(kind's name, how many and how well, what is due) of every kind."""
        rows = []
        for kind, name in NAMES.items():
            own = self.of(kind)
            lately = own[-10:]
            well = f"{len(own)}, lately {sum(p.score >= GOOD for p in lately)} of {len(lately)} right, level {level_of([p.score for p in own])}"
            rows.append(
                (name, well if own else "not yet", f"{len(self.due(kind, now))} again" if self.due(kind, now) else "")
            )
        return rows

    def calibration(self) -> list[str]:
        """How guesses lie."""
        return calibration(p.detail for p in self.of(ESTIMATE) if p.detail is not None)


def read_record(path: Path) -> Record:
    """What is there; a line that cannot be read is left out."""
    record = Record()
    with contextlib.suppress(OSError, UnicodeDecodeError):
        for line in path.read_text("utf-8").splitlines():
            with contextlib.suppress(ValueError, KeyError, TypeError):
                record.done.append(_practised(json.loads(line)))
    return record


def _practised(row: dict) -> Practised:  # type: ignore[type-arg]
    detail = (str(row["detail"][0]), float(row["detail"][1])) if row.get("detail") else None
    return Practised(
        datetime.fromisoformat(row["at"]), row["kind"], int(row["seed"]), int(row["level"]), float(row["score"]), detail
    )


def keep(path: Path, one: Practised) -> None:
    """Added to the file at once; where it cannot be written it is lost, not the exercise."""
    with contextlib.suppress(OSError):
        path.parent.mkdir(parents=True, exist_ok=True)
        with path.open("a", encoding="utf-8") as file:
            file.write(json.dumps({**asdict(one), "at": one.at.isoformat()}) + "\n")
            file.flush()
            os.fsync(file.fileno())
