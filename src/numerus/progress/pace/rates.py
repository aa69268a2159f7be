"""How long this person really takes: actual minutes over planned ones, learned from the journal.

Minutes that were timed or typed teach their own group of steps. Steps that were only ticked say nothing of their minutes, but
something of a week: the hobby time it had over the work that was ticked off in it.

Log-ratios are taken as normal; a prior of ``PRIOR_N`` steps at the plan, or at what all of this person's steps tell, and spread
``PRIOR_SD`` is updated with what was logged (conjugate normal, known-spread form: Gelman et al., Bayesian Data Analysis, 2.5).
Little known, little moved.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from types import MappingProxyType

import numpy as np

from numerus.domain.army import Army
from numerus.domain.journal import Fact, StepDone
from numerus.domain.plans import Plans
from numerus.progress.pace.evenings import RECENT, evenings_kept
from numerus.words import counted

PRIOR_N, PRIOR_SD = 4.0, 0.30
HALVED = 45  # times between 0 and 1, until a place is known as well as its chances are
EIGHT_IN_TEN = 1.2816  # standard deviations on either side
ENOUGH_MEASURED = 8  # steps of a group, after which weeks no longer count for it
LEAST_FILLED = 0.25
STEPS_A_WEEK_TELLS = 4  # a week's pace is worth so many steps
PLAN_LOG = -(PRIOR_SD**2) / 2  # the plan is right on the mean
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
    """Actual over planned on the mean, the spread of what is not known of it in logs, from how many measured steps, or
    from how many weeks in which work was ticked off; ``common``: the share of that spread
    which all groups have in common, since it is one person's pace; ``mean_log``: the middle of what is known, in logs;
    ``techniques``: of painting, what is known of each technique that was measured.
    """

    factor: float
    spread: float
    logged: int
    weeks: int = 0
    common: float = 0.0
    mean_log: float = 0.0
    techniques: Mapping[str, Rate] = field(default_factory=dict)

    def factor_of(self, technique: str) -> float:
        """Of a technique, the group's where it was never measured by itself."""
        return self.techniques[technique].factor if technique in self.techniques else self.factor

    @property
    def range(self) -> tuple[float, float]:
        """(low, high) between which the factor lies eight times in ten."""
        return self.factor * math.exp(-EIGHT_IN_TEN * self.spread), self.factor * math.exp(EIGHT_IN_TEN * self.spread)


def technique_words(paint: Rate) -> list[str]:
    """This painter's minutes over the told ones by technique, the most measured first, each with the range that holds eight times in ten."""
    listed = sorted(paint.techniques.items(), key=lambda t: -t[1].logged)
    return [
        f"{name.capitalize()} {rate.factor:.2f} times as told ({rate.range[0]:.2f} to {rate.range[1]:.2f}), "
        f"{counted(rate.logged, 'stroke')} measured"
        for name, rate in listed
    ]


def rates_of(plans: Plans, facts: Sequence[Fact]) -> dict[str, Rate]:
    """Rate per group of steps of this army's painter, of painting also by technique."""
    steps = {s.id: s.technique for scheme in plans.schemes.values() for r in scheme.recipes for s in r.steps}
    return rates(facts, plans.army, steps)


def rates(
    facts: Sequence[Fact], army: Army | None = None, techniques: Mapping[str, str] = MappingProxyType({})
) -> dict[str, Rate]:
    """Rate per group of steps, from the last ``RECENT`` entries: hands get faster. Groups of which nothing is known have the
    prior. ``army``: whose evenings they were; without one, what was only ticked teaches nothing. ``techniques``: of strokes, by key.
    """
    recent = facts[-RECENT:]
    logs: dict[str, list[float]] = {group: [] for group in GROUPS.values()}
    own: dict[str, list[float]] = {}
    for done, log in measured_logs(recent):
        logs[GROUPS[done.stage]].append(log)
        if done.stage == "stroke" and done.key in techniques:
            own.setdefault(techniques[done.key], []).append(log)
    weeks = ticked_weeks(recent, army) if army is not None else []
    pooled = _posterior(np.array([log for values in logs.values() for log in values]))
    known = {group: _rate(values, weeks, pooled.mean_log) for group, values in logs.items()}
    paint = known[GROUPS["stroke"]]
    by_technique = {name: _posterior(np.array(values), paint.mean_log) for name, values in own.items()}
    return known | {GROUPS["stroke"]: replace(paint, techniques=by_technique)}


def measured_logs(facts: Iterable[Fact]) -> Iterator[tuple[StepDone, float]]:
    """Every step whose minutes were measured, with the log of those over the planned ones."""
    for fact in facts:
        done = fact.event
        if (
            isinstance(done, StepDone)
            and done.measured
            and done.stage in GROUPS
            and min(done.planned_min, fact.minutes) > 0
        ):
            yield done, math.log(fact.minutes / done.planned_min)


def _rate(measured: list[float], weeks: list[float], usual_log: float) -> Rate:
    """A group's own steps about what all of this person's steps tell; weeks count where little was measured."""
    if len(measured) >= ENOUGH_MEASURED or not weeks:
        return _posterior(np.array(measured), usual_log)
    logs = np.array(measured + weeks * STEPS_A_WEEK_TELLS)
    return replace(_posterior(logs, usual_log), logged=len(measured), weeks=len(weeks), common=1.0)


def ticked_weeks(facts: Sequence[Fact], army: Army) -> list[float]:
    """For every seven days with ticked work, from the first such day on, the log of the hobby minutes likely kept over the
    minutes planned for that work.

    A week of which less than ``LEAST_FILLED`` was planned work is taken for one that had other work, or none.
    """
    planned: dict[date, float] = {}
    for fact in facts:
        done = fact.event
        if isinstance(done, StepDone) and not done.measured:
            planned[fact.at.date()] = planned.get(fact.at.date(), 0.0) + done.planned_min * max(len(fact.figures), 1)
    if not planned:
        return []
    kept = evenings_kept(facts, army).share
    first, whole = min(planned), ((max(planned) - min(planned)).days + 1) // 7
    weeks = []
    for week in range(whole):
        days = [first + timedelta(days=7 * week + n) for n in range(7)]
        there = sum(army.hands_min(d) for d in days) * kept
        done_min = sum(planned.get(d, 0.0) for d in days)
        if done_min >= LEAST_FILLED * there > 0:
            weeks.append(math.log(there / done_min))
    return weeks


def rate_of(pairs: Iterable[tuple[float, float]]) -> Rate:
    """Rate of anything that was estimated and then came about: (true, estimated), both more than nothing."""
    return _posterior(np.array([math.log(true / estimated) for true, estimated in pairs]))


def _posterior(values: np.ndarray, usual_log: float | None = None) -> Rate:
    """``usual_log``: about what it is taken to lie before anything is known, the plan unless it is said."""
    n, before = len(values), PLAN_LOG if usual_log is None else usual_log
    mean = (PRIOR_N * before + values.sum()) / (PRIOR_N + n)
    scatter = (PRIOR_N * PRIOR_SD**2 + ((values - mean) ** 2).sum()) / (PRIOR_N + n)
    # What is unknown of the mean, and half the scatter of steps: whole units do not average it away.
    spread = math.sqrt(scatter / (PRIOR_N + n) + scatter * 0.05)
    return Rate(
        math.exp(mean + scatter / 2), spread, n, mean_log=mean
    )  # minutes add up by their mean, not by what is usual


def failure_rate(failed: int, looked_at: int) -> tuple[float, float, float]:
    """Share of parts that fail: (middle, low, high) of a Beta with prior 1 in 16 (about the usual 2-15 %)."""
    a, b = 1 + failed, 15 + looked_at - failed
    return beta_quantile(a, b, 0.5), beta_quantile(a, b, 0.1), beta_quantile(a, b, 0.9)


def beta_quantile(a: int, b: int, chance: float) -> float:
    """The share a Beta(a, b) of whole numbers lies below with that chance, 0 to 1, to 1e-8 of itself.

    It lies below x as often as a + b - 1 trials of chance x succeed a times or more (Abramowitz & Stegun 26.5.24), and the
    place is halved in. SciPy has it for any numbers, but takes a tenth of a second to import, and every start asks for it.
    """
    trials = a + b - 1
    at = np.arange(a)  # successes that are too few
    ways = np.concatenate([[0.0], np.cumsum(np.log(trials - at[:-1]) - np.log(at[:-1] + 1))])
    low, high = 0.0, 1.0
    for _ in range(HALVED):
        middle = (low + high) / 2
        too_few = np.exp(ways + at * math.log(middle) + (trials - at) * math.log1p(-middle)).sum()
        low, high = (middle, high) if 1 - too_few < chance else (low, middle)
    return (low + high) / 2
