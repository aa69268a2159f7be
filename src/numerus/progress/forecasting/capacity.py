"""How many minutes of hands there will have been by the end of each day, and on which day a sum of them is reached."""

from __future__ import annotations

from datetime import date

import numpy as np
from numpy.typing import NDArray

from numerus.domain.army import Army
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.schedule.attendance import hobby_minutes_per_day

LEAST_KEPT, KEPT_SPREAD = 0.05, 0.08  # of the evenings planned


class Capacities:
    """Of one kind of draws: their ``evenings``, uniform (draws, days), the same in all that is asked. What was worked out for a
    week and evenings kept is not worked out again.
    """

    def __init__(self, evenings: Floats) -> None:
        self.evenings = evenings
        self._known: dict[tuple[Army, date, bytes], Floats] = {}

    def of(self, army: Army, today: date, slack: Floats, extra_evening_min: float = 0.0) -> Floats:
        """Minutes by the end of each day, (draws, days), never less than the day before; ``slack``: standard normals (draws,) of how
        well evenings are kept; ``extra_evening_min``: a week's minutes beside the army's. Raises PlanError where there is no time.
        """
        key = (army, today, slack.tobytes())
        if key not in self._known:
            self._known[key] = self._kept(army, today, slack)
        kept = self._known[key]
        if not kept[:, -1].any() and extra_evening_min <= 0:
            raise PlanError("no-hours", "No hobby time is set aside on any day.", "Set hours in the army's week.")
        return kept + np.arange(1, kept.shape[1] + 1) * extra_evening_min / 7 if extra_evening_min else kept

    def _kept(self, army: Army, today: date, slack: Floats) -> Floats:
        day = np.array(hobby_minutes_per_day(army, today, self.evenings.shape[1]), float)
        kept = np.clip(army.evenings_kept + KEPT_SPREAD * slack, LEAST_KEPT, 1.0)
        return np.cumsum((self.evenings < kept[:, None]) * day, axis=1)


def day_of(capacity: Floats, need: Floats) -> Floats:
    """Fractional day (…, draws) on which ``capacity`` (draws, days), which never falls, reaches ``need`` (…, draws); the last day where
    it never does.
    """
    rows = np.arange(len(capacity))
    index = np.minimum(_first_that_reaches(capacity, need), capacity.shape[1] - 1)
    before = np.where(index > 0, capacity[rows, index - 1], 0.0)
    gained = np.maximum(capacity[rows, index] - before, 1e-9)
    return index + np.clip((need - before) / gained, 0, 1)


def _first_that_reaches(capacity: Floats, need: Floats) -> NDArray[np.int64]:
    """All at once, by binary search with steps that are the same for each (Knuth, The Art of Computer Programming 3, 6.2.1, algorithm C
    as Shar starts it): a power of two of days from the beginning or the end, then always half of that.
    """
    draws, days = capacity.shape
    begins, told = np.arange(draws) * days, capacity.ravel()
    step = 1 << (days.bit_length() - 1)
    at = begins + (told[begins + step - 1] < need) * (days - step)
    while step := step // 2:
        at += (told.take(at + (step - 1)) < need) * step
    return at - begins + (told.take(at) < need)
