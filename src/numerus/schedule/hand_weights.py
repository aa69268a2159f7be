"""What counts in choosing which load hands take up next."""

from __future__ import annotations

import random
import zlib
from collections.abc import Hashable
from dataclasses import dataclass

GOOD = ((0.1, 0.3, 0.5, 0.1), (1.0, 0.6, 0.5, 0.1), (1.0, 0.1, 0.3, 0.1), (1.0, 0.6, 0.3, 0.3), (0.6, 0.0, 0.3, 0.3))


@dataclass(frozen=True)
class Weights:
    """What counts in choosing a load beside how much of the time with it is work: ``whole``, that all of it is ready; ``tail``, how
    long what follows it takes, of which ``even`` is what its figure has still to come. ``least``: worth below which the next
    batch is begun.
    """

    whole: float
    tail: float
    least: float
    even: float
    shake_load: float = 0.0
    shake_task: float = 0.0
    seed: int = 0

    @staticmethod
    def of_try(number: int) -> Weights:
        """Those that did well on many armies first, then seeded others of the same size."""
        if number < len(GOOD):
            return Weights(*GOOD[number])
        dice = random.Random(number)
        whole, tail, least, even, load, task = (dice.uniform(0, most) for most in (1.2, 0.8, 0.6, 1.0, 0.8, 0.7))
        return Weights(whole, tail, least, even, load, task, number)

    def load_more(self, load: Hashable, left: int) -> float:
        """What a load is worth beside what it is, with so many tasks left of it."""
        return self.shake_load * self._chance((load, left)) if self.shake_load else 0.0

    def task_times(self, *task: Hashable) -> float:
        """By how much what follows a task, named so, counts more."""
        return 1 + self.shake_task * self._chance(task) if self.shake_task else 1.0

    def _chance(self, what: Hashable) -> float:
        """-1..1, the same whenever it is asked for."""
        return float(2 * zlib.crc32(repr((self.seed, what)).encode()) / 2**32 - 1)
