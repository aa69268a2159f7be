"""A simulated plate comes off hurt: look, choose tests that cost minutes, name the cause."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from numerus.devices.failing_weeks import Week, week
from numerus.diagnosis.likelihoods import CheapCheck, usual
from numerus.diagnosis.observations import Circumstances, observations
from numerus.domain.printing.machines import Resin
from numerus.trainer.exercise import Mark

FINDS = {  # which fault of a week each test finds; printing again with a change cures what it names
    "log": {"power"}, "vat": {"resin"}, "screw": {"shift"}, "layers": {"file"}, "film": {"film"}, "paper": {"screen"},
    "filter": {"flake"}, "edge": {"warp"}, "level": {"adhesion"}, "warm": {"cold"}, "square": {"exposure"},
    "slots": {"overexposure"}, "gauge": {"thin"}, "elsewhere": {"film", "screen"}, "heavier": {"tips"}, "vent": {"cup"},
    "slower": {"jump"},
}  # fmt: skip
EASY = {"power", "resin", "adhesion", "shift", "overexposure", "thin"}
FREE_MIN, DEAR_MIN = 15.0, 240.0  # of tests that cost no marks; that cost half


@dataclass
class FailedPlate:
    """``made``: tests and what they said, in order; the cause is among ``causes`` by key."""

    seed: int
    level: int
    week: Week
    made: dict[str, bool] = field(default_factory=dict)

    @property
    def causes(self) -> Mapping[str, str]:
        return {key: name for key, (name, _) in usual().causes.items()}

    @property
    def tests(self) -> Mapping[str, CheapCheck]:
        """Those not made yet."""
        return {key: test for key, test in usual().tests.items() if key not in self.made and key in FINDS}

    @property
    def seen(self) -> list[str]:
        """What can be seen without a test, in the inquest's words; what is not known is left out."""
        struck = self.week.struck
        assert struck is not None
        earlier = [(r.record, r.plate) for r in self.week.runs if r.record.started < struck.record.started]
        about = Circumstances(
            self.week.parts, self.week.machine, Resin("r", "Resin"), self.week.film_layers, self.week.told_c
        )
        found = observations(struck.record, struck.plate, earlier, about)
        return [words for words, yes in found.yes.items() if yes] + [
            f"not: {words}" for words, yes in found.yes.items() if yes is False
        ]

    @property
    def minutes(self) -> float:
        return sum(usual().tests[key].minutes for key in self.made)

    def test(self, key: str) -> bool:
        """Make a test: what it says, wrong one time in ten."""
        wrong = self.week.check("nothing", sum(map(ord, key)))
        self.made[key] = bool(FINDS[key] & set(self.week.faults)) != wrong
        return self.made[key]

    def name(self, cause: str) -> Mark:
        """Right where it is a fault that was at work; minutes beyond a quarter of an hour cost."""
        faults, names = set(self.week.faults), self.causes
        true = ", ".join(names[f] for f in self.week.faults)
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
    """The first week from a seed on in which something was hurt: at first by faults that are plain to see, later by any."""
    number = 1000 * seed
    while True:
        found = week(number)
        easy = level > 1 or found.faults[0] in EASY
        if found.struck is not None and easy and len(found.faults) <= max(level - 1, 1):
            return FailedPlate(seed, level, found)
        number += 1
