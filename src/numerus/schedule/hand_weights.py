"""What counts in choosing which load hands take up next."""

from __future__ import annotations

import random
from dataclasses import dataclass

GOOD = ((0.1, 0.3, 0.5, 0.1), (1.0, 0.6, 0.5, 0.1), (1.0, 0.1, 0.3, 0.1), (1.0, 0.6, 0.3, 0.3), (0.6, 0.0, 0.3, 0.3))


@dataclass(frozen=True)
class Weights:
    """What counts in choosing a load beside how much of the time with it is work: ``whole``, that all of it is ready; ``tail``, how
    long what follows it takes, of which ``even`` is what its figure has still to come. ``least``: worth below which the next
    batch is begun. Loads and tasks are worth more or less by chance, seeded, up to
    ``shake_load`` and by a share of up to ``shake_task``: what seems best at each moment is not always the best in the end.
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
        whole, tail, least, even, load, task = (dice.uniform(0, most) for most in (1.2, 0.8, 0.6, 1.0, 1.0, 1.0))
        return Weights(whole, tail, least, even, load, task, number)
