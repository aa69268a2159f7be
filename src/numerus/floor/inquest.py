"""Why did it fail? Causes ranked from what was seen, before anyone blames the angle.

Naive Bayes over a few plain observations: prior odds of each cause times how likely it shows each thing seen. The
likelihoods are the table below, from how such failures look; they are few, so that they can be read and argued with.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass

from numerus.floor.runs import FAILED, RunRecord
from numerus.resin.plate import Plate

CAUSES = {
    "Power, resin or file: everything stops at one height": 0.10,
    "Nothing stuck to the plate: level, bottom exposure, cold": 0.15,
    "Weak spot of screen, light or film at that place": 0.20,
    "Tips too light for the pull": 0.45,
    "Cold or unstirred resin": 0.10,
}
# How often each cause shows the observation; the rest of the time it does not.
_SEEN = {
    "all failed": (0.9, 0.8, 0.02, 0.03, 0.3),
    "same height": (0.95, 0.3, 0.05, 0.10, 0.1),
    "in the first 2 mm": (0.1, 0.95, 0.2, 0.10, 0.4),
    "same place as an earlier failure": (0.05, 0.1, 0.8, 0.08, 0.05),
    "one part alone": (0.02, 0.05, 0.5, 0.7, 0.3),
}  # fmt: skip
TESTS = (
    "Look at the room's power and at the vat's level; check the file's last layer.",
    "Level the plate again and print one bottom test square.",
    "Light the whole screen with the vat off and lay white paper over it: a dim place shows at once. Do not look into the light.",
    "Print the same part with tips one size heavier beside the old ones.",
    "Warm the resin to 22 °C or more, stir it, and print one small part.",
)
NEAR_MM = 18.0


@dataclass(frozen=True)
class Cause:
    name: str
    share: float
    evidence: tuple[str, ...]
    test: str


def observations(record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]]) -> dict[str, bool]:
    """What was seen on a run, as the table's observations."""
    failed = {p.id: record.outcomes[p.id][1] for p in plate.placed if record.outcomes.get(p.id, ("",))[0] == FAILED}
    heights = list(failed.values())
    return {
        "all failed": len(failed) == len(plate.placed) and len(failed) > 1,
        "same height": len(heights) > 1 and max(heights) - min(heights) < 0.5,
        "in the first 2 mm": bool(heights) and max(heights) <= 2.0,
        "same place as an earlier failure": _same_place(record, plate, earlier),
        "one part alone": len(failed) == 1,
    }


def _failed_places(record: RunRecord, plate: Plate) -> list[tuple[float, float]]:
    return [(p.x_mm, p.y_mm) for p in plate.placed if record.outcomes.get(p.id, ("",))[0] == FAILED]


def _same_place(record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]]) -> bool:
    here = _failed_places(record, plate)
    there = [
        place
        for r, p in earlier
        if r.machine_id == record.machine_id and r.run_id != record.run_id
        for place in _failed_places(r, p)
    ]
    return any((a - x) ** 2 + (b - y) ** 2 < NEAR_MM**2 for a, b in here for x, y in there)


def inquest(record: RunRecord, plate: Plate, earlier: Iterable[tuple[RunRecord, Plate]]) -> list[Cause]:
    """Causes, likeliest first, with what speaks for them; empty if nothing failed."""
    if not _failed_places(record, plate):
        return []
    seen = observations(record, plate, list(earlier))
    odds = []
    for index, prior in enumerate(CAUSES.values()):
        for name, yes in seen.items():
            prior *= _SEEN[name][index] if yes else 1 - _SEEN[name][index]
        odds.append(prior)
    total = sum(odds)
    found = [
        Cause(name, odds[i] / total, tuple(n for n, yes in seen.items() if yes and _SEEN[n][i] >= 0.4), TESTS[i])
        for i, name in enumerate(CAUSES)
    ]
    return sorted(found, key=lambda c: -c.share)
