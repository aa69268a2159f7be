"""How far up parts fail: failures a millimetre by height, learned from what came off the plates; when a look at a run is worth its minutes."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import NamedTuple

BANDS_MM = (0.0, 3.0, 8.0, 15.0, 30.0, 60.0, math.inf)
USUAL_MM = 400.0  # (default) of part for one failure: about one in sixteen of usual height
PRIOR_FAILURES = 0.5  # that the usual counts for in each band
LOOK_MIN, LEAST_SAVED = 3.0, 2.0  # (defaults) to look at a running plate; a look saves so many times that, or is not worth it
STOPPED, SEEN = 1.0, 3.0  # (default) of plates that lose a part, one in three is stopped: most of it is lost


class Printed(NamedTuple):
    """A part that came off: its height, and at which height it failed, None where it did not, 0 where nobody told."""

    height_mm: float
    failed_at_mm: float | None = None


@dataclass(frozen=True)
class Hazard:
    """By band of height: how many failed there, and how many mm of parts went through it."""

    failed: tuple[float, ...]
    through_mm: tuple[float, ...]

    def per_mm(self, band: int) -> float:
        """Failures a mm (a Gamma posterior's mean)."""
        return (self.failed[band] + PRIOR_FAILURES) / (self.through_mm[band] + PRIOR_FAILURES * USUAL_MM)

    def expected(self, height_mm: float) -> float:
        """Failures of one part up to a height."""
        return sum(self.per_mm(n) * mm for n, mm in enumerate(_through(height_mm)))

    def any_failed(self, heights_mm: Iterable[float], up_to_mm: float) -> float:
        """The chance that one of these parts has failed when the plate has come so far."""
        return 1 - math.exp(-sum(self.expected(min(h, up_to_mm)) for h in heights_mm))


def _through(height_mm: float) -> list[float]:
    """mm of each band up to a height."""
    pairs = zip(BANDS_MM, BANDS_MM[1:], strict=False)
    return [max(min(height_mm, high) - low, 0.0) for low, high in pairs]


def hazard_of(parts: Iterable[Printed]) -> Hazard:
    """From all that came off. Where nobody told how far up a part failed, half way is taken."""
    failed, through = [0.0] * (len(BANDS_MM) - 1), [0.0] * (len(BANDS_MM) - 1)
    for part in parts:
        at = part.height_mm if part.failed_at_mm is None else part.failed_at_mm or part.height_mm / 2
        for n, mm in enumerate(_through(at)):
            through[n] += mm
        if part.failed_at_mm is not None:
            failed[next(n for n in range(len(failed)) if at <= BANDS_MM[n + 1])] += 1
    return Hazard(tuple(failed), tuple(through))


@dataclass(frozen=True)
class Look:
    """When to look at a run, how likely it has lost a part by then, minutes that stopping it then saves, and saved on the mean."""

    at: datetime
    chance: float
    left_min: float
    saved_min: float


def best_look(
    hazard: Hazard, heights_mm: Sequence[float], moments: Iterable[tuple[datetime, float]], minutes: float,
    height_after: Callable[[float], float], stopped_share: float,
) -> Look | None:  # fmt: skip
    """Of moments at which somebody is there, with the run's minutes by then, that which saves most on the mean; None where none is worth
    a look. ``minutes``: of the whole run; ``height_after`` so many of them; ``stopped_share``: of plates that lose a part, those
    that are stopped.
    """
    looks = []
    for at, gone in moments:
        chance, left = hazard.any_failed(heights_mm, height_after(gone)), max(minutes - gone, 0.0)
        looks.append(Look(at, chance, left, chance * stopped_share * left))
    best = max(looks, key=lambda look: look.saved_min, default=None)
    return best if best is not None and best.saved_min >= LEAST_SAVED * LOOK_MIN else None


def stopped_share(lost: Iterable[tuple[int, int]]) -> float:
    """Of plates that lost parts (failed, looked at), the share that lost half or more: those one would stop."""
    counts = [failed * 2 >= many for failed, many in lost if failed]
    return (sum(counts) + STOPPED) / (len(counts) + SEEN)
