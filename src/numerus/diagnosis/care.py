"""What was done to a machine and when, and how its parts fared before and after."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime

import numpy as np

from numerus.domain.journal import Fact, FilmChanged, MachineCared, ScreenChanged
from numerus.printing.runs.run_records import FAILED, RunRecord

DRAWS, SEED, SURE = 4000, 21, 0.9


@dataclass(frozen=True)
class Fared:
    """How many parts were looked at, and how many of them failed."""

    parts: int
    failed: int

    @property
    def words(self) -> str:
        return f"{self.failed} of {self.parts} failed" if self.parts else "no part"


@dataclass(frozen=True)
class Care:
    """One event: when and what; how parts fared since the event before, and from it until the next."""

    at: datetime
    what: str
    before: Fared
    after: Fared

    @property
    def verdict(self) -> str:
        """What the two shares allow to say, by draws from beta distributions with a flat prior."""
        if not self.before.parts or not self.after.parts:
            return "nothing to compare yet"
        better = chance_of_less(self.after, self.before)
        if better >= SURE:
            return "fewer fail since"
        return "more fail since" if better <= 1 - SURE else "no difference can be told yet"


def chance_of_less(one: Fared, other: Fared) -> float:
    """How likely the share of failures is less in one than in the other (Gelman et al. 2013, Bayesian Data Analysis, section 3.7)."""
    rng = np.random.default_rng(SEED)
    a, b = (rng.beta(1 + f.failed, 1 + f.parts - f.failed, DRAWS) for f in (one, other))
    return float((a < b).mean())


def care_of(machine_id: str, runs: Iterable[RunRecord], facts: Iterable[Fact]) -> list[Care]:
    """All that was done to a machine, the newest first."""
    events = sorted(((f.at, what) for f in facts if f.subject == machine_id and (what := _what(f))), key=lambda e: e[0])
    own = sorted((r for r in runs if r.machine_id == machine_id), key=lambda r: r.started)
    ends = [datetime.min, *(at for at, _ in events), datetime.max]
    fared = [_fared([r for r in own if a <= r.started < b]) for a, b in zip(ends, ends[1:], strict=False)]
    return [Care(at, what, fared[n], fared[n + 1]) for n, (at, what) in enumerate(events)][::-1]


def _what(fact: Fact) -> str:
    if isinstance(fact.event, FilmChanged):
        return "film changed"
    if isinstance(fact.event, ScreenChanged):
        return "screen changed"
    return fact.event.what if isinstance(fact.event, MachineCared) else ""


def _fared(runs: Sequence[RunRecord]) -> Fared:
    outcomes = [o.outcome for r in runs for o in r.outcomes.values()]
    return Fared(len(outcomes), outcomes.count(FAILED))
