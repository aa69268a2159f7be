"""How often each cause shows what is seen: the table failures are judged by, its file, and what confirmed cases teach it.

The shipped table (``likelihoods.json``) is a judgement of how such failures look, not a measurement; it is small, so that it can
be read, argued with and replaced. A user's confirmed cases move it: every share is the mean of a beta distribution whose prior
weighs as much as ``TABLE_CASES`` cases (Gelman et al. 2013, Bayesian Data Analysis, section 2.4).
"""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from functools import cache
from pathlib import Path
from typing import Any

from numerus.errors import PlanError

TABLE, PLASTIC_TABLE = (Path(__file__).with_name(name) for name in ("likelihoods.json", "plastic_likelihoods.json"))
LOOKED = "looked: "
LOOKS = (
    "stops level all round", "torn off its supports", "soft and half made", "nothing there", "a step all round",
    "swollen, detail filled", "fine bits missing", "bent, edges lifted", "a hole or tear in it",
)  # fmt: skip
PLASTIC_LOOKS = (
    "stops level all round", "off the bed", "a nest of threads", "strings and hairs", "lines with gaps", "a drooping underside",
    "corners lifted", "a step all round", "wrong in its shape",
)  # fmt: skip
TABLE_CASES, PRIOR_CASES = 8.0, 32.0  # confirmed cases that weigh as much as the table: of one cause, of all


@dataclass(frozen=True)
class CheapCheck:
    """Something to look at or try; ``yes``: what a yes means; ``shows``: cause -> how often it says yes."""

    description: str
    minutes: float
    yes: str
    shows: Mapping[str, float]


@dataclass(frozen=True)
class Likelihoods:
    """``causes``: key -> (name, share of failures before anything is seen); ``seen``: observation -> cause -> how often.

    Observations that begin with ``LOOKED`` are answers to one question, what a part looked like.
    """

    causes: Mapping[str, tuple[str, float]]
    seen: Mapping[str, Mapping[str, float]]
    tests: Mapping[str, CheapCheck]


@dataclass(frozen=True)
class Seen:
    """What was seen of a failure: ``yes`` observation -> whether, None where it is not known; how many parts had which looks."""

    yes: Mapping[str, bool | None]
    looks: Mapping[str, int] = field(default_factory=Counter)


@dataclass(frozen=True)
class ConfirmedCase:
    """A failure whose cause its user is sure of: what was seen, and what tests said."""

    cause: str
    seen: Seen
    answers: Mapping[str, bool]


def likelihoods(text: str) -> Likelihoods:
    """The table from its JSON; causes, rows and cells it leaves out are those of the shipped one.

    Raises PlanError where it is no such table or a share is not between 0 and 1.
    """
    try:
        return _checked(_table(json.loads(text), _shipped()))
    except (ValueError, KeyError, TypeError, AttributeError) as error:
        raise PlanError(
            "bad-likelihoods", f"That is no table of likelihoods: {error}.", "The usual one is used."
        ) from error


def _table(raw: Mapping[str, Any], base: Mapping[str, Any]) -> Likelihoods:
    raw = {part: {**base[part], **raw[part]} for part in ("causes", "seen", "tests")}
    causes = {k: (str(c["name"]), float(c["prior"])) for k, c in raw["causes"].items()}

    def shares(row: Mapping[str, Any], usual: Mapping[str, Any]) -> dict[str, float]:
        return {k: float({**usual, **row}[k]) for k in causes}

    seen = {o: shares(row, base["seen"].get(o, {})) for o, row in raw["seen"].items()}
    tests = {
        k: CheapCheck(
            str(t.get("description") or t["says"]), float(t["minutes"]), str(t["yes"]),
            shares(t["shows"], base["tests"].get(k, {}).get("shows", {})),
        )
        for k, t in raw["tests"].items()
    }  # fmt: skip
    return Likelihoods(causes, seen, tests)


def _checked(table: Likelihoods) -> Likelihoods:
    rows = [*table.seen.values(), *(t.shows for t in table.tests.values())]
    shares = [p for _, p in table.causes.values()] + [v for row in rows for v in row.values()]
    if not all(0 < v < 1 for v in shares):
        raise PlanError("bad-likelihoods", "Shares must lie between 0 and 1.", "The usual table is used.")
    return table


@cache
def _shipped() -> dict[str, Any]:
    return dict(json.loads(TABLE.read_text()))


def table_text(table: Likelihoods) -> str:
    """The table as its JSON, to be read, changed and read back."""
    raw = {
        "causes": {k: {"name": name, "prior": prior} for k, (name, prior) in table.causes.items()},
        "seen": table.seen,
        "tests": {
            k: {"description": t.description, "minutes": t.minutes, "yes": t.yes, "shows": t.shows}
            for k, t in table.tests.items()
        },
    }
    return json.dumps(raw, indent=1)


@cache
def usual() -> Likelihoods:
    """The table that is shipped."""
    return _table(_shipped(), _shipped())


@cache
def of_plastic() -> Likelihoods:
    """The table for machines of plastic, likewise a judgement; none of its rows is of resin."""
    raw = dict(json.loads(PLASTIC_TABLE.read_text()))
    return _checked(_table(raw, raw))


def learned(table: Likelihoods, cases: Iterable[ConfirmedCase]) -> Likelihoods:
    """The table moved by confirmed cases; without any it is as it was."""
    by_cause: dict[str, list[ConfirmedCase]] = {key: [] for key in table.causes}
    for case in cases:
        if case.cause in by_cause:
            by_cause[case.cause].append(case)
    total = sum(map(len, by_cause.values()))
    causes = {
        k: (name, (prior * PRIOR_CASES + len(by_cause[k])) / (PRIOR_CASES + total))
        for k, (name, prior) in table.causes.items()
    }
    seen = {o: {k: _moved(row[k], _told(o, by_cause[k])) for k in row} for o, row in table.seen.items()}
    tests = {
        key: CheapCheck(t.description, t.minutes, t.yes, {
            k: _moved(share, [float(c.answers[key]) for c in by_cause[k] if key in c.answers]) for k, share in t.shows.items()
        })
        for key, t in table.tests.items()
    }  # fmt: skip
    return Likelihoods(causes, seen, tests)


def _told(observation: str, cases: Iterable[ConfirmedCase]) -> list[float]:
    """What each case says of an observation, 0 to 1; of looks the share of its parts that had them."""
    if observation.startswith(LOOKED):
        looks = observation.removeprefix(LOOKED)
        return [c.seen.looks.get(looks, 0) / sum(c.seen.looks.values()) for c in cases if sum(c.seen.looks.values())]
    return [float(yes) for c in cases if (yes := c.seen.yes.get(observation)) is not None]


def _moved(share: float, shares: list[float]) -> float:
    return (share * TABLE_CASES + sum(shares)) / (TABLE_CASES + len(shares))
