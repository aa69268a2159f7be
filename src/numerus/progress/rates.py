"""How long this person really takes: actual minutes over planned ones, learned from the journal.

Log-ratios are taken as normal; a prior of ``PRIOR_N`` steps at ratio 1 and spread ``PRIOR_SD`` is updated with what was
logged (conjugate normal, known-spread form: Gelman et al., Bayesian Data Analysis, 2.5). Little known, little moved.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.domain.journal import Fact, StepDone

PRIOR_N, PRIOR_SD = 4.0, 0.30
RECENT = 10_000
GROUPS = {
    "wash": "wash and cure",
    "cure": "wash and cure",
    "build": "build",
    "prime": "prime",
    "stroke": "paint",
    "finish": "finish",
}


@dataclass(frozen=True)
class Rate:
    """Actual over planned on the mean, the spread of what is not known of it in logs, from how many logged steps."""

    factor: float
    spread: float
    logged: int


def rates(facts: Sequence[Fact]) -> dict[str, Rate]:
    """Rate per group of steps, from the last ``RECENT`` entries: hands get faster. Groups never logged have the prior."""
    logs: dict[str, list[float]] = {group: [] for group in GROUPS.values()}
    for fact in facts[-RECENT:]:
        done = fact.event
        if isinstance(done, StepDone) and done.measured and done.planned_min > 0 and fact.minutes > 0:
            logs[GROUPS[done.stage]].append(math.log(fact.minutes / done.planned_min))
    return {group: _posterior(np.array(values)) for group, values in logs.items()}


def rate_of(pairs: Iterable[tuple[float, float]]) -> Rate:
    """Rate of anything that was estimated and then came about: (true, estimated), both more than nothing."""
    return _posterior(np.array([math.log(true / estimated) for true, estimated in pairs]))


def _posterior(values: np.ndarray) -> Rate:
    n, before = len(values), -(PRIOR_SD**2) / 2  # the plan is right on the mean
    mean = (PRIOR_N * before + values.sum()) / (PRIOR_N + n)
    scatter = (PRIOR_N * PRIOR_SD**2 + ((values - mean) ** 2).sum()) / (PRIOR_N + n)
    # What is unknown of the mean, and half the scatter of steps: whole units do not average it away.
    spread = math.sqrt(scatter / (PRIOR_N + n) + scatter * 0.05)
    return Rate(math.exp(mean + scatter / 2), spread, n)  # minutes add up by their mean, not by what is usual


def failure_rate(failed: int, looked_at: int) -> tuple[float, float, float]:
    """Share of parts that fail: (middle, low, high) of a Beta with prior 1 in 16 (about the usual 2-15 %)."""
    from scipy.special import betaincinv

    a, b = 1.0 + failed, 15.0 + looked_at - failed
    return float(betaincinv(a, b, 0.5)), float(betaincinv(a, b, 0.1)), float(betaincinv(a, b, 0.9))
