"""One clock for the hands: which task when, over the evenings there are.

Several plans are built forward (see schedule.hand_walk), in small batches first; of those that come near what no plan is shorter
than, that one is taken which ends early and has its groups ready early.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import datetime

from numerus.errors import Cancelled, PlanError, Progress
from numerus.schedule.hand_tasks import HandInputs, TimedTask, hands_bound_min, window_min
from numerus.schedule.hand_walk import Walk
from numerus.schedule.hand_weights import GOOD, Weights

BATCHES = 8, 12, 24  # (default) groups that are begun together: as few as hands can do without opening every pot anew
SMALL_BATCHES = 2
LATE_COSTS = 4.0
TRIES = 5
MORE_TRIES, TASKS_TRIED = 500, 40_000  # of few tasks: as many as take no longer than a large army's
TASKS_AGAIN = 8_000  # when some of it is done: in a fraction of a second
NEAR_BOUND = 1.12  # of the hands' time there must be
NEAR_ENOUGH = 1.14  # for which others are not tried any more


@dataclass(frozen=True)
class Way:
    """How a plan was built: its batch, and which weights. The same way is walked again after a tick, in a moment."""

    batch: int = BATCHES[0]
    number: int = 0


FIRST_WAY = Way()


def plan_hands(
    inputs: HandInputs, tries: int = TRIES, until: datetime | None = None, progress: Progress | None = None
) -> list[TimedTask]:
    """All tasks in time, in order; up to ``until`` only, if that is given: the plan of ``best_way``.

    Raises PlanError where a task is longer than any evening or the evenings end first, Cancelled.
    """
    return best_way(inputs, tries, until, progress)[1]


def walked(inputs: HandInputs, way: Way, until: datetime | None = None) -> list[TimedTask]:
    """The plan by one way. Raises PlanError as ``plan_hands``."""
    if not inputs.tasks or not inputs.windows:
        return []
    _refuse_too_long(inputs)
    return Walk(replace(inputs, batch=way.batch), Weights.of_try(way.number), until).plan()


def gone_on(inputs: HandInputs, way: Way) -> tuple[Way, list[TimedTask]]:
    """The plan by the way found before; where what is left is not near its own least by it any more, by whichever of a few
    others suits better. Raises PlanError as ``plan_hands``.
    """
    least_min = hands_bound_min(inputs.tasks)[0] / max(inputs.people, 1)
    plan = walked(inputs, way)
    if _late_min(inputs, plan, NEAR_ENOUGH * least_min) <= 0:
        return way, plan
    others = range(max(len(GOOD), TASKS_AGAIN // max(len(inputs.tasks), 1)))
    plans = [(way, plan), *((w, walked(inputs, w)) for w in (Way(way.batch, n) for n in others))]
    return min(plans, key=lambda p: _cost(inputs, p[1], NEAR_BOUND * least_min))


def best_way(
    inputs: HandInputs, tries: int = TRIES, until: datetime | None = None, progress: Progress | None = None
) -> tuple[Way, list[TimedTask]]:
    """The way that suits best, with its plan. A batch that has no size gets one of ``BATCHES``: a larger one where none so far comes
    within ``NEAR_BOUND``. Of plans that do, that one is taken which ends early and has its groups ready early, on the mean.
    Raises as ``plan_hands``.
    """
    least_min = hands_bound_min(inputs.tasks)[0] / max(inputs.people, 1)
    sizes = [inputs.batch] if inputs.batch else [*BATCHES, max(len(inputs.tasks), 1)]
    best: tuple[float, Way, list[TimedTask]] = float("inf"), FIRST_WAY, []
    ways = _ways(sizes, tries, len(inputs.tasks))
    for number, way in enumerate(ways):
        asked = number >= SMALL_BATCHES * tries and number % tries == 0
        enough = NEAR_BOUND if number < len(sizes) * tries else NEAR_ENOUGH
        if asked and _late_min(inputs, best[2], enough * least_min) <= 0:
            break
        timed_tasks = walked(inputs, way, until)
        best = min(best, (_cost(inputs, timed_tasks, NEAR_BOUND * least_min), way, timed_tasks), key=lambda b: b[0])
        if progress is not None and not progress((number + 1) / len(ways)):
            raise Cancelled
    return best[1:]


def _ways(sizes: Sequence[int], tries: int, tasks: int) -> list[Way]:
    """By each size of batch the weights that did well; then, where tasks are few, others."""
    more = min(MORE_TRIES, TASKS_TRIED // max(tasks, 1)) if tries >= TRIES else 0
    tried = [Way(size, number) for size in sizes for number in range(tries)]
    return [*tried, *(Way(sizes[number % len(sizes)], number) for number in range(tries, more))]


def _cost(inputs: HandInputs, plan: Sequence[TimedTask], near_min: float) -> float:
    """Working minutes until the end and, on the mean, until a group is ready; those beyond what is near the bound count more."""
    if not plan:
        return 0.0
    ready = {t.task.group: t.end for t in plan}
    mean = sum(window_min(inputs.windows, end) for end in ready.values()) / len(ready)
    return window_min(inputs.windows, _ends(plan)) + mean + LATE_COSTS * max(_late_min(inputs, plan, near_min), 0.0)


def _late_min(inputs: HandInputs, plan: Sequence[TimedTask], near_min: float) -> float:
    return window_min(inputs.windows, _ends(plan)) - near_min if plan else 0.0


def _ends(plan: Sequence[TimedTask]) -> datetime:
    return max(t.end for t in plan)


def _refuse_too_long(inputs: HandInputs) -> None:
    longest = max(w.minutes for w in inputs.windows)
    task = max(inputs.tasks, key=lambda t: t.minutes + t.setup_min)
    if task.minutes + task.setup_min > longest:
        words = f"One step of {task.minutes + task.setup_min:.0f} min is longer than any evening, the longest has {longest:.0f}."
        raise PlanError("no-time", words, "Set more hobby time aside.")
