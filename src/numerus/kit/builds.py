"""Builds: which part fills each slot of each figure."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from numerus.kit.plan import BOUGHT, NONE, Figure, Part, Unit


def alternatives(parts: Iterable[Part], unit: Unit) -> dict[str, list[Part]]:
    """The parts of the unit's kit for each of its slots, by name."""
    own = sorted((p for p in parts if p.kit_id == unit.kit_id), key=lambda p: p.name)
    return {slot: [p for p in own if p.slot == slot] for slot in unit.slots}


def spread_builds(figures: list[Figure], choices: dict[str, list[Part]]) -> list[Figure]:
    """Fill every empty slot so that figures differ: slot s of figure i takes alternative i * step(s) of its list.

    Steps are staggered by slot (mixed radix), so that as many figures differ as there are combinations.
    """
    changed = []
    for i, figure in enumerate(figures):
        build, rest = dict(figure.build), i
        for slot, options in choices.items():
            if slot not in build and options:
                build[slot] = options[rest % len(options)].id
                rest = rest // len(options) + rest
        changed.append(replace(figure, build=build))
    return changed


def printed_slots(figure: Figure) -> dict[str, str]:
    """Slot -> part id of what must come from a machine."""
    return {slot: part for slot, part in figure.build.items() if part not in (NONE, BOUGHT)}


def unfilled(figure: Figure, unit: Unit) -> list[str]:
    """Slots of the unit for which this figure has neither a part nor a decision."""
    return [slot for slot in unit.slots if slot not in figure.build]
