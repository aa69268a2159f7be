"""What counts in choosing which load hands take up next."""

from __future__ import annotations

import random
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

    @staticmethod
    def of_try(number: int) -> Weights:
        """Those that did well on many armies first, then seeded others of the same size."""
        if number < len(GOOD):
            return Weights(*GOOD[number])
        dice = random.Random(number)
        choices = (0.1, 0.6, 1.0), (0.0, 0.1, 0.3, 0.6), (0.3, 0.5), (0.1, 0.3, 1.0)
        return Weights(*(dice.choice(c) for c in choices))
