"""How long a step of hands took: by a clock that ran, by what was typed, or, where neither was, as planned. No Qt here."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Timing


@dataclass
class StepClock:
    """Minutes of one step; ``about``: which one. What was timed or typed of another step is not taken for this one's."""

    planned_min: float = 0.0
    about: str = ""
    started: datetime | None = None
    typed_min: float = 0.0
    timed_min: float = 0.0

    def plan(self, about: str, planned_min: float) -> None:
        """Another step, or the same with another plan."""
        if about != self.about:
            self.about, self.started, self.typed_min, self.timed_min = about, None, 0.0, 0.0
        self.planned_min = planned_min

    def start(self, now: datetime) -> None:
        self.started = now

    def stop(self, now: datetime) -> None:
        """Minutes add up over several sittings."""
        if self.started is not None:
            self.timed_min += max((now - self.started).total_seconds() / 60, 0.0)
        self.started = None

    def elapsed_min(self, now: datetime) -> float:
        running = (now - self.started).total_seconds() / 60 if self.started is not None else 0.0
        return self.timed_min + max(running, 0.0)

    def taken(self, now: datetime) -> tuple[float, Timing]:
        """Minutes, and where they come from; what was typed is believed before the clock."""
        if self.typed_min > 0:
            return self.typed_min, "typed"
        if (elapsed := self.elapsed_min(now)) > 0:
            return elapsed, "timer"
        return self.planned_min, "planned"
