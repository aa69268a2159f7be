"""Work of hands as the journal has it: what was planned beside what it took, and how that is known."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import datetime

from numerus.domain.journal import Fact, StepDone, Timing


def step(
    stage: str, figures: Sequence[str], minutes: float, at: datetime, key: str = "", subject: str = "",
    planned: float | None = None, carried_ml: float = 0.0, timing: Timing = "planned", lit: tuple[float, float] = (0.0, 0.0),
) -> Fact:  # fmt: skip
    """A journal entry for work of hands: the plan beside the minutes, and whether those were measured or are the plan's; ``lit``: light
    that reached a cured plate, and the most.
    """
    done = StepDone(stage, key, minutes if planned is None else planned, carried_ml, timing, *lit)
    return Fact(at, done, subject, tuple(figures), minutes)


def shared_out(
    stage: str, told: Mapping[str, float], minutes: float, at: datetime, key: str = "", timing: Timing = "planned"
) -> list[Fact]:
    """One entry for each figure of a stretch of work: its minutes shared out as they were ``told`` for each figure, by id."""
    whole = sum(told.values())
    shares = {f: own / whole if whole else 1 / len(told) for f, own in told.items()}
    return [step(stage, (f,), minutes * shares[f], at, key, planned=own, timing=timing) for f, own in told.items()]
