"""Builds: which part fills each slot of each figure."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping
from dataclasses import replace
from itertools import islice, product

from numerus.kit.plan import BOUGHT, NONE, Figure, Part, Unit


def alternatives(parts: Iterable[Part], unit: Unit) -> dict[str, list[Part]]:
    """The parts of the unit's kit for each of its slots, by name."""
    own = sorted((p for p in parts if p.kit_id == unit.kit_id), key=lambda p: p.name)
    return {slot: [p for p in own if p.slot == slot] for slot in unit.slots}


MOST_COMBINATIONS = 2000  # looked through for each figure; more alternatives than that differ enough anyway


def spread_builds(figures: list[Figure], choices: dict[str, list[Part]]) -> list[Figure]:
    """Fill every empty slot so that figures differ: each takes the combination used least, then least like its
    neighbour's, then of the parts used least.
    """
    changed: list[Figure] = []
    used: Counter[tuple[str, ...]] = Counter()
    parts: Counter[str] = Counter()
    for figure in figures:
        before = changed[-1].build if changed else {}
        options = [[figure.build[s]] if s in figure.build else [p.id for p in choices[s]] or [""] for s in choices]
        combinations = islice(product(*options), MOST_COMBINATIONS)
        best = min(combinations, key=lambda c: (used[c], _alike(c, choices, before), sum(parts[p] for p in c)))
        used[best] += 1
        parts.update(best)
        build = {**figure.build, **{slot: part for slot, part in zip(choices, best, strict=True) if part}}
        changed.append(replace(figure, build=build))
    return changed


def _alike(combination: Iterable[str], slots: Iterable[str], build: Mapping[str, str]) -> int:
    """How many slots a combination shares with a build."""
    return sum(build.get(slot) == part for slot, part in zip(slots, combination, strict=True))


def printed_slots(figure: Figure) -> dict[str, str]:
    """Slot -> part id of what must come from a machine."""
    return {slot: part for slot, part in figure.build.items() if part not in (NONE, BOUGHT)}


def unfilled(figure: Figure, unit: Unit) -> list[str]:
    """Slots of the unit for which this figure has neither a part nor a decision."""
    return [slot for slot in unit.slots if slot not in figure.build]
