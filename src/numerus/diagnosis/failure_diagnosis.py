"""Why did it fail? Causes ranked from what was seen, before anyone blames the angle; and the cheap test that tells most.

Naive Bayes over plain observations: prior odds of each cause times how likely it shows each thing seen. What is not known
takes no part. The likelihoods lie in ``likelihoods.json``, from how such failures look; they are few, so that they can be
read, argued with and replaced. A test's worth is the entropy it is expected to take away (Lindley 1956, On a measure of the
information provided by an experiment), for the minutes it takes.
"""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from functools import cache
from pathlib import Path
from typing import Any

import numpy as np

from numerus.domain.machines import Machine
from numerus.domain.parts import Part
from numerus.domain.plates import Plate
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.printing.runs.run_records import FAILED, RunRecord

TABLE = Path(__file__).with_name("likelihoods.json")
NEAR_MM = 18.0
TOGETHER_MM = 45.0
THIN_MARGIN = 1.5
COLD_C = 22.0
FILM_SHARE, VAT_SHARE = 0.8, 0.95
TELLS = 0.4  # evidence is named for a cause that shows it at least so often
LEAST_BITS = 0.02


@dataclass(frozen=True)
class Likelihoods:
    """``causes``: key -> (name, prior); ``seen``: observation -> cause -> how often; ``tests``: key -> what, minutes, what a
    yes is, and cause -> how often it says yes.
    """

    causes: Mapping[str, tuple[str, float]]
    seen: Mapping[str, Mapping[str, float]]
    tests: Mapping[str, tuple[str, float, str, Mapping[str, float]]]


def likelihoods(text: str) -> Likelihoods:
    """The table from its JSON. Raises PlanError where it is no such table or a share is not between 0 and 1."""
    try:
        raw: dict[str, Any] = json.loads(text)
        causes = {k: (str(c["name"]), float(c["prior"])) for k, c in raw["causes"].items()}
        seen = {o: {k: float(row[k]) for k in causes} for o, row in raw["seen"].items()}
        tests = {
            k: (str(t["says"]), float(t["minutes"]), str(t["yes"]), {c: float(t["shows"][c]) for c in causes})
            for k, t in raw["tests"].items()
        }
    except (ValueError, KeyError, TypeError, AttributeError) as error:
        raise PlanError(
            "bad-likelihoods", f"That is no table of likelihoods: {error}.", "The usual one is used."
        ) from error
    shares = [p for _, p in causes.values()] + [
        v for row in [*seen.values(), *(t[3] for t in tests.values())] for v in row.values()
    ]
    if not causes or not all(0 < v < 1 for v in shares):
        raise PlanError("bad-likelihoods", "Shares must lie between 0 and 1.", "The usual table is used.")
    return Likelihoods(causes, seen, tests)


def table_text(table: Likelihoods) -> str:
    """The table as its JSON, to be read, changed and read back."""
    told = {
        "causes": {k: {"name": name, "prior": prior} for k, (name, prior) in table.causes.items()},
        "seen": table.seen,
        "tests": {k: {"says": s, "minutes": m, "yes": y, "shows": c} for k, (s, m, y, c) in table.tests.items()},
    }
    return json.dumps(told, indent=1)


@cache
def usual() -> Likelihoods:
    """The table that is shipped."""
    return likelihoods(TABLE.read_text())


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
    """Causes, the likeliest first; tests, the one that tells most for its minutes first; what was seen, None: not known."""

    causes: tuple[Cause, ...]
    tests: tuple[CheapTest, ...]
    seen: Mapping[str, bool | None]


@dataclass(frozen=True)
class Circumstances:
    """What is known besides the run itself; None where it is not."""

    parts: Mapping[str, Part] | None = None
    machine: Machine | None = None
    film_layers: int | None = None
    celsius: float | None = None


def observations(
    record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]], about: Circumstances
) -> dict[str, bool | None]:
    """What was seen on a run, as the table's observations."""
    failed = {p.id: record.outcomes[p.id] for p in plate.placed if _failed(record, p.id)}
    heights = [f.height_mm for f in failed.values()]
    looks = {f.looks for f in failed.values() if f.looks}
    machine = about.machine
    film = (
        None if machine is None or about.film_layers is None else about.film_layers > FILM_SHARE * machine.film_layers
    )
    return {
        "all failed": len(failed) == len(plate.placed) and len(failed) > 1,
        "same height": len(heights) > 1 and max(heights) - min(heights) < 0.5,
        "in the first 2 mm": bool(heights) and max(heights) <= 2.0,
        "in the upper half": bool(heights) and min(heights) > plate.height_mm / 2,
        "same place as an earlier failure": _same_place(record, plate, earlier),
        "failed ones stand together, others do not": _together(record, plate),
        "one part alone": len(failed) == 1,
        "its supports held less than 1.5 times the pull": _thin(record, plate, about.parts),
        "the film is near its end": film,
        "it was colder than 22 degrees": None if about.celsius is None else about.celsius < COLD_C,
        "the plate took nearly all the vat held": None if machine is None else _thirsty(record, plate, machine),
        **{f"looked: {look}": (look in looks) if looks else None for look in LOOKS},
    }


def _thirsty(record: RunRecord, plate: Plate, machine: Machine) -> bool:
    """Whether what stood in the vat at the start was hardly enough, or not."""
    told = record.vat_levels[0].ml if record.vat_levels else machine.vat_full_ml
    return plate.resin_ml > VAT_SHARE * told


LOOKS = ("stops level all round", "torn off its supports", "soft and half made", "nothing there")


def _failed(record: RunRecord, placed_id: str) -> bool:
    return record.outcome_of(placed_id) == FAILED


def _failed_places(record: RunRecord, plate: Plate) -> list[tuple[float, float]]:
    return [(p.x_mm, p.y_mm) for p in plate.placed if _failed(record, p.id)]


def _same_place(record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]]) -> bool:
    here = _failed_places(record, plate)
    there = [
        place
        for r, p in earlier
        if r.machine_id == record.machine_id and r.run_id != record.run_id and len(_failed_places(r, p)) < len(p.placed)
        for place in _failed_places(r, p)
    ]
    return any((a - x) ** 2 + (b - y) ** 2 < NEAR_MM**2 for a, b in here for x, y in there)


def _together(record: RunRecord, plate: Plate) -> bool | None:
    """Several failed within a small part of a plate that is larger; not to be told from one."""
    here = np.array(_failed_places(record, plate))
    every = np.array([(p.x_mm, p.y_mm) for p in plate.placed])
    if len(here) < 2 or len(here) == len(every):
        return None if len(here) < 2 else False
    wide, whole = (float(np.linalg.norm(np.ptp(points, axis=0))) for points in (here, every))
    return wide < min(TOGETHER_MM, 0.6 * whole)


def _thin(record: RunRecord, plate: Plate, parts: Mapping[str, Part] | None) -> bool | None:
    """Whether a part that failed had thin supports, as far as its pose tells."""
    margins = [
        pose.margin for p in plate.placed if _failed(record, p.id) and parts is not None and (part := parts.get(p.part_id)) is not None
        and (pose := part.lying(p.pose)) is not None and pose.margin > 0
    ]  # fmt: skip
    return min(margins) < THIN_MARGIN if margins else None


def diagnose_failure(
    record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]], about: Circumstances | None = None,
    answers: Mapping[str, bool] | None = None, table: Likelihoods | None = None,
) -> FailureDiagnosis:  # fmt: skip
    """The inquest of a run; no causes if nothing failed. ``answers``: tests made since, and whether they said yes."""
    table, answers = table or usual(), answers or {}
    if not _failed_places(record, plate):
        return FailureDiagnosis((), (), {})
    seen = observations(record, plate, list(earlier), about or Circumstances())
    odds = np.array([prior for _, prior in table.causes.values()])
    for name, yes in seen.items():
        if yes is not None and name in table.seen:
            odds = odds * _shows(table.seen[name], yes)
    for key, yes in answers.items():
        if key in table.tests:
            odds = odds * _shows(table.tests[key][3], yes)
    share = odds / odds.sum()
    return FailureDiagnosis(_causes(table, share, seen, answers), _tests(table, share, answers), seen)


def _shows(row: Mapping[str, float], yes: bool) -> Floats:
    often = np.array(list(row.values()))
    return often if yes else 1 - often


def _causes(
    table: Likelihoods, share: Floats, seen: Mapping[str, bool | None], answers: Mapping[str, bool]
) -> tuple[Cause, ...]:
    found = []
    for k, (key, (name, _)) in enumerate(table.causes.items()):
        evidence = [o for o, yes in seen.items() if yes and o in table.seen and table.seen[o][key] >= TELLS]
        evidence += [
            table.tests[t][2]
            for t, yes in answers.items()
            if yes and t in table.tests and table.tests[t][3][key] >= TELLS
        ]
        found.append(Cause(key, name, float(share[k]), tuple(evidence)))
    return tuple(sorted(found, key=lambda c: -c.share))


def _tests(table: Likelihoods, share: Floats, answers: Mapping[str, bool]) -> tuple[CheapTest, ...]:
    """Tests not made yet that tell something, most bits for the root of their minutes first."""
    found = []
    for key, (description, minutes, yes, shows) in table.tests.items():
        bits = expected_bits(share, np.array(list(shows.values())))
        if key not in answers and bits >= LEAST_BITS:
            found.append(CheapTest(key, description, yes, minutes, bits))
    return tuple(sorted(found, key=lambda t: -t.bits / np.sqrt(t.minutes)))


def expected_bits(share: Floats, says_yes: Floats) -> float:
    """Entropy of the causes a test is expected to take away, in bits; ``says_yes``: how often each cause lets it say yes."""
    chance = float(share @ says_yes)
    after = [p * _entropy(q) for p, q in ((chance, share * says_yes), (1 - chance, share * (1 - says_yes))) if p > 0]
    return _entropy(share) - sum(after)


def _entropy(weights: Floats) -> float:
    p = weights / weights.sum()
    p = p[p > 0]
    return float(-(p * np.log2(p)).sum())
