"""Why did it fail? Causes ranked from what was seen, before anyone blames the angle; and the cheap test that tells most.

Naive Bayes over plain observations: prior odds of each cause times how likely it shows each thing seen. What is not known
takes no part. A test's worth is the entropy it is expected to take away (Lindley 1956, On a measure of the information
provided by an experiment), for the minutes it takes.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from numerus.diagnosis.likelihoods import LOOKED, Likelihoods, Seen, usual
from numerus.diagnosis.observations import Circumstances, Earlier, hurt_parts, observations
from numerus.domain.printing.plates import Plate
from numerus.geometry.mesh import Floats
from numerus.printing.runs.run_records import RunRecord

TELLS = 0.4  # evidence is named for a cause that shows it at least so often
LEAST_BITS = 0.02


@dataclass(frozen=True)
class Cause:
    key: str
    name: str
    share: float
    evidence: tuple[str, ...]


@dataclass(frozen=True)
class CheapTest:
    """``bits``: how much it is expected to tell; ``yes``: what a yes means."""

    key: str
    description: str
    yes: str
    minutes: float
    bits: float


@dataclass(frozen=True)
class FailureDiagnosis:
    """Causes, the likeliest first; tests, the one that tells most for its minutes first; what was seen.

    ``confirmed``: the cause the user is sure of, if any; ``cases``: confirmed cases the table has learned from.
    """

    causes: tuple[Cause, ...] = ()
    tests: tuple[CheapTest, ...] = ()
    seen: Seen = Seen({})
    confirmed: str = ""
    cases: int = 0


def diagnose_failure(
    record: RunRecord, plate: Plate, earlier: Earlier, about: Circumstances | None = None,
    answers: Mapping[str, bool] | None = None, table: Likelihoods | None = None,
) -> FailureDiagnosis:  # fmt: skip
    """The inquest of a run; no causes if nothing failed. ``answers``: tests made since, and whether they said yes."""
    if not hurt_parts(record, plate):
        return FailureDiagnosis()
    return judged(observations(record, plate, list(earlier), about or Circumstances()), answers or {}, table or usual())


def judged(seen: Seen, answers: Mapping[str, bool], table: Likelihoods) -> FailureDiagnosis:
    """Causes and tests from what was seen and what tests said."""
    odds = np.log([prior for _, prior in table.causes.values()])
    for name, yes in seen.yes.items():
        if yes is not None and name in table.seen and not name.startswith(LOOKED):
            odds += np.log(_shows(table.seen[name], yes))
    odds += _looks_say(seen.looks, table)
    for key, yes in answers.items():
        if key in table.tests:
            odds += np.log(_shows(table.tests[key].shows, yes))
    share = np.exp(odds - odds.max())
    share /= share.sum()
    return FailureDiagnosis(_causes(table, share, seen, answers), _tests(table, share, answers), seen)


def _shows(row: Mapping[str, float], yes: bool) -> Floats:
    often = np.array(list(row.values()))
    return often if yes else 1 - often


def _looks_say(looks: Mapping[str, int], table: Likelihoods) -> Floats:
    """Log odds by what parts looked like, float64 (causes,).

    Looks are answers to one question, so what was not seen says nothing more. Parts of one run fail together: many of them
    weigh as the root of their number.
    """
    words = {k: n for k, n in looks.items() if LOOKED + k in table.seen}
    many = sum(words.values())
    weighed = [n / np.sqrt(many) * np.log(_shows(table.seen[LOOKED + k], True)) for k, n in words.items()]
    return np.asarray(sum(weighed, np.zeros(len(table.causes))))


def _causes(table: Likelihoods, share: Floats, seen: Seen, answers: Mapping[str, bool]) -> tuple[Cause, ...]:
    ranked = []
    for k, (key, (name, _)) in enumerate(table.causes.items()):
        evidence = [o for o, yes in seen.yes.items() if yes and o in table.seen and table.seen[o][key] >= TELLS]
        said_yes = (table.tests[t] for t, yes in answers.items() if yes and t in table.tests)
        evidence += [test.yes for test in said_yes if test.shows[key] >= TELLS]
        ranked.append(Cause(key, name, float(share[k]), tuple(evidence)))
    return tuple(sorted(ranked, key=lambda c: -c.share))


def _tests(table: Likelihoods, share: Floats, answers: Mapping[str, bool]) -> tuple[CheapTest, ...]:
    """Tests not made yet that tell something, most bits for the root of their minutes first."""
    worth = []
    for key, test in table.tests.items():
        bits = expected_bits(share, np.array(list(test.shows.values())))
        if key not in answers and bits >= LEAST_BITS:
            worth.append(CheapTest(key, test.description, test.yes, test.minutes, bits))
    return tuple(sorted(worth, key=lambda t: -t.bits / np.sqrt(t.minutes)))


def expected_bits(share: Floats, says_yes: Floats) -> float:
    """Entropy of the causes a test is expected to take away, in bits; ``says_yes``: how often each cause lets it say yes."""
    chance = float(share @ says_yes)
    after = [p * _entropy(q) for p, q in ((chance, share * says_yes), (1 - chance, share * (1 - says_yes))) if p > 0]
    return _entropy(share) - sum(after)


def _entropy(weights: Floats) -> float:
    p = weights / weights.sum()
    p = p[p > 0]
    return float(-(p * np.log2(p)).sum())
