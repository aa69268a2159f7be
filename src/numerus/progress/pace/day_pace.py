"""What of a person's pace lies in the day: the first figure of a stroke is slower than the tenth, a late hour than an early one.

The logarithm of measured over planned minutes is taken as linear in how often the same stroke was done that day already, in doublings
as practice goes (Wright 1936), and in hours since the day's first. Both slopes have a prior about nothing, so that little known is
little told (ridge regression: Hoerl and Kennard 1970).
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime

import numpy as np

from numerus.domain.journal import Fact, StepDone
from numerus.geometry.mesh import Floats
from numerus.progress.pace.evenings import RECENT
from numerus.progress.pace.rates import EIGHT_IN_TEN, measured_logs

NOISE_SD, SLOPE_SD = 0.3, 0.1  # (defaults) of a step's log; of what a doubling or an hour may do
TENTH = math.log2(10)
LEAST_TOLD = 0.03


@dataclass(frozen=True)
class DayPace:
    """Times a first figure takes over the tenth, and a step two hours in over one at the beginning, each with the range that holds
    it eight times in ten; from so many ``measured`` strokes.
    """

    first: tuple[float, float, float]
    late: tuple[float, float, float]
    measured: int

    @property
    def words(self) -> list[str]:
        """What is surely other than nothing."""
        told = []
        for times, what in (
            (self.first, "The first figure of a stroke takes"),
            (self.late, "Two hours into an evening a stroke takes"),
        ):
            low, middle, high = times
            if low > 1 + LEAST_TOLD or high < 1 - LEAST_TOLD:
                told.append(f"{what} {middle:.2f} times as long ({low:.2f} to {high:.2f}).")
        return told


def day_pace(facts: Sequence[Fact]) -> DayPace:
    """Learned from strokes whose minutes were measured."""
    rows, logs = _rows(facts[-RECENT:])
    if not len(logs):
        return DayPace((1.0, 1.0, 1.0), (1.0, 1.0, 1.0), 0)
    x, y = rows - rows.mean(axis=0), logs - logs.mean()
    precision = x.T @ x / NOISE_SD**2 + np.eye(2) / SLOPE_SD**2
    spread = np.linalg.inv(precision)
    slopes = spread @ (x.T @ y) / NOISE_SD**2
    first, late = (_told(slopes[k], math.sqrt(spread[k, k]), reach) for k, reach in ((0, -TENTH), (1, 2.0)))
    return DayPace(first, late, len(logs))


def _told(slope: float, sd: float, reach: float) -> tuple[float, float, float]:
    ends = [math.exp(reach * (slope + z * sd)) for z in (-EIGHT_IN_TEN, 0.0, EIGHT_IN_TEN)]
    return min(ends), ends[1], max(ends)


def _rows(facts: Sequence[Fact]) -> tuple[Floats, Floats]:
    """Of every measured stroke: doublings of the same stroke that day and hours since the day's first entry (n, 2); logs (n,)."""
    many: dict[tuple[date, str], int] = {}
    begun: dict[date, datetime] = {}
    rows, logs = [], []
    for fact in facts:
        done = fact.event
        if not isinstance(done, StepDone) or done.stage != "stroke":
            continue
        day = fact.at.date()
        start = begun.setdefault(day, fact.at)
        many[day, done.key] = many.get((day, done.key), 0) + 1
        for _, log in measured_logs([fact]):
            rows.append((math.log2(min(many[day, done.key], 10)), (fact.at - start).total_seconds() / 3600))
            logs.append(log)
    return np.array(rows, float).reshape(-1, 2), np.array(logs, float)
