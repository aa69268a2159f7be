"""How many of the evenings set aside are kept: learned from the days on which work was written down.

The share typed in the army's settings is where it begins and weighs as much as ``TYPED_EVENINGS`` evenings (mean of a beta
distribution, as in Gelman et al. 2013, section 2.4). Weeks in which nothing was done at all say nothing: they were away, or had no
work.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, timedelta

from numerus.domain.army import Army
from numerus.domain.journal import Fact, StepDone

TYPED_EVENINGS = 12.0
LATEST_DAYS = 84
RECENT = 10_000


@dataclass(frozen=True)
class EveningsKept:
    """``share`` of evenings kept, learned from so many ``evenings``; 0: as it was typed."""

    share: float
    evenings: int


def evenings_kept(facts: Sequence[Fact], army: Army) -> EveningsKept:
    """Up to the last day of work, from the first of the last ``LATEST_DAYS``.

    Who writes a week's work down on one evening has kept more than one: minutes that were measured count, too, as far as they fill
    the hours set aside.
    """
    minutes = _minutes_by_day(facts)
    if not minutes:
        return EveningsKept(army.evenings_kept, 0)
    last = max(minutes)
    first = max(min(minutes), last - timedelta(days=LATEST_DAYS - 1))
    kept, there = 0.0, 0
    for week in _weeks(first, last):
        planned = [d for d in week if army.day(d).hobby_minutes > 0]
        worked = [d for d in week if d in minutes]
        if worked and planned:
            by_minutes = sum(minutes[d] for d in worked) / sum(army.hands_min(d) for d in planned) * len(planned)
            kept += min(max(float(len(worked)), by_minutes), len(planned))
            there += len(planned)
    share = (army.evenings_kept * TYPED_EVENINGS + kept) / (TYPED_EVENINGS + there)
    return EveningsKept(min(share, 1.0), there)


def _minutes_by_day(facts: Sequence[Fact]) -> dict[date, float]:
    """Measured minutes of hands on every day some work was written down, nothing where it was only ticked."""
    minutes_by_day: dict[date, float] = {}
    for fact in facts[-RECENT:]:
        if isinstance(fact.event, StepDone):
            day = fact.at.date()
            minutes_by_day[day] = minutes_by_day.get(day, 0.0) + (fact.minutes if fact.event.measured else 0.0)
    return minutes_by_day


def _weeks(first: date, last: date) -> list[list[date]]:
    """Whole weeks from the first day on; what is left at the end is a week of fewer days."""
    days = [first + timedelta(days=n) for n in range((last - first).days + 1)]
    return [days[k : k + 7] for k in range(0, len(days), 7)]
