"""A simulated plate comes off hurt: look, choose tests that cost minutes, name the cause."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterable, Mapping
from dataclasses import dataclass, field
from functools import partial

from numerus.devices.failing_weeks import Week, week
from numerus.diagnosis.likelihoods import CheapCheck, ConfirmedCase, Seen, usual
from numerus.diagnosis.observations import Circumstances, observations
from numerus.domain.printing.machines import Resin
from numerus.trainer.exercise import LEVELS, Mark

FINDS = {  # which fault of a week each test finds; printing again with a change cures what it names
    "log": {"power"}, "vat": {"resin"}, "screw": {"shift"}, "layers": {"file"}, "film": {"film"}, "paper": {"screen"},
    "filter": {"flake"}, "edge": {"warp"}, "level": {"adhesion"}, "warm": {"cold"}, "square": {"exposure"},
    "slots": {"overexposure"}, "gauge": {"thin"}, "elsewhere": {"film", "screen"}, "heavier": {"tips"}, "vent": {"cup"},
    "slower": {"jump"},
}  # fmt: skip
EASY = {"power", "resin", "adhesion", "shift", "overexposure", "thin"}
OWN_SEED = 1_000_000  # of the first plate of one's own
FREE_MIN, DEAR_MIN = 15.0, 240.0  # of tests that cost no marks; that cost half


@dataclass
class FailedPlate:
    """``seen``: what can be seen without a test, in the inquest's words, what is so first; ``faults``: what was at work; ``says``: what a test
    answers; ``can``: tests that can be made; ``made``: those that were, in order.
    """

    seed: int
    level: int
    seen: list[str]
    faults: tuple[str, ...]
    says: Callable[[str], bool]
    can: Collection[str] = tuple(FINDS)
    made: dict[str, bool] = field(default_factory=dict)

    @property
    def causes(self) -> Mapping[str, str]:
        return {key: name for key, (name, _) in usual().causes.items()}

    @property
    def tests(self) -> Mapping[str, CheapCheck]:
        """Those not made yet."""
        return {key: test for key, test in usual().tests.items() if key in self.can and key not in self.made}

    @property
    def minutes(self) -> float:
        return sum(usual().tests[key].minutes for key in self.made)

    def test(self, key: str) -> bool:
        """Make a test: what it says."""
        self.made[key] = self.says(key)
        return self.made[key]

    def name(self, cause: str) -> Mark:
        """Right where it is a fault that was at work; minutes beyond a quarter of an hour cost."""
        faults, names = set(self.faults), self.causes
        true = ", ".join(names[f] for f in self.faults)
        spent = f" Tests took {self.minutes:.0f} min."
        if cause not in faults:
            return Mark(0.0, f"It was: {true}.{spent} {_would_find(faults)}")
        cost = 0.5 * min(max(self.minutes - FREE_MIN, 0.0) / (DEAR_MIN - FREE_MIN), 1.0)
        return Mark(1.0 - cost, f"Yes: {true}.{spent}")


def _would_find(faults: set[str]) -> str:
    tests = [usual().tests[key] for key, found in FINDS.items() if found & faults]
    quick = min(tests, key=lambda t: t.minutes, default=None)
    return f"Quickest to find it: {quick.description.rstrip('.').lower()}, {quick.minutes:.0f} min." if quick else ""


def failed_plate(seed: int, level: int) -> FailedPlate:
    """The first week from a seed on in which something was hurt: at first by faults that are plain to see, later by any. One test in ten says
    what is not so.
    """
    number = 1000 * seed
    while True:
        found = week(number)
        easy = level > 1 or found.faults[0] in EASY
        if found.struck is not None and easy and len(found.faults) <= max(level - 1, 1):
            return FailedPlate(seed, level, _seen_in(found), found.faults, partial(_says, found))
        number += 1


def _says(of: Week, key: str) -> bool:
    wrong = of.check("nothing", sum(map(ord, key)))
    return bool(FINDS[key] & set(of.faults)) != wrong


def _seen_in(of: Week) -> list[str]:
    struck = of.struck
    assert struck is not None
    earlier = [(r.record, r.plate) for r in of.runs if r.record.started < struck.record.started]
    about = Circumstances(of.parts, of.machine, Resin("r", "Resin"), of.film_layers, of.told_c)
    return _in_words(observations(struck.record, struck.plate, earlier, about))


def _in_words(found: Seen) -> list[str]:
    """What is not known is left out."""
    return [words for words, yes in found.yes.items() if yes] + [
        f"not: {words}" for words, yes in found.yes.items() if yes is False
    ]


def own_plates(cases: Iterable[ConfirmedCase]) -> list[FailedPlate]:
    """Plates of one's own whose cause is known, the oldest first: only tests that were made then can be made, and say what they said."""
    known = usual().causes
    listed = [c for c in cases if c.cause in known]
    return [
        FailedPlate(
            OWN_SEED + n,
            LEVELS,
            _in_words(c.seen),
            (c.cause,),
            partial(_said_then, c),
            [k for k in c.answers if k in FINDS],
        )
        for n, c in enumerate(listed)
    ]


def _said_then(case: ConfirmedCase, key: str) -> bool:
    return case.answers[key]
