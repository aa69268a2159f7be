"""Building a figure: the order of gluing, and what is painted before it is glued on."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass


@dataclass(frozen=True)
class BuildStep:
    title: str
    minutes: float
    detail: str


def build_plan(slots: Sequence[str], apart: Collection[str] = ()) -> list[BuildStep]:
    """Steps in the order of the slots; ``apart``: slots whose parts stay off until they are painted."""
    if len(slots) == 1:
        return [
            BuildStep("File the tips", 1.8, "One piece: nothing to glue"),
            BuildStep("Sand wet", 1.0, "Scars, and lines that show"),
        ]
    steps = [BuildStep("Dry fit, file the tips", 1.0 + 0.8 * len(slots), "Every joint closed before any glue")]
    for slot in slots[1:]:
        if slot in apart:
            steps.append(BuildStep(f"Keep the {slot} apart", 0.5, "On a stick: painted before it is glued on"))
        else:
            steps.append(BuildStep(f"Glue the {slot}", 1.0, "A drop in the socket; pin what bends"))
    return [*steps, BuildStep("Fill gaps, sand wet", 2.0, "Two-part putty cures overnight")]
