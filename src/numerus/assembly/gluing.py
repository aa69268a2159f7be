"""Building a figure: the order of gluing, and what stays apart for the brush."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

GLUE_ORDER = (
    "base",
    "legs",
    "body",
    "torso",
    "head",
    "neck",
    "left arm",
    "right arm",
    "left wing",
    "right wing",
    "bell",
    "platform",
    "weapon",
    "back",
    "extra",
)
APART = {
    "back": "hides the back of the coat",
    "bell": "no brush reaches round it once it hangs",
    "platform": "hides the roof under it",
}


@dataclass(frozen=True)
class BuildStep:
    title: str
    minutes: float
    detail: str


def build_plan(slots: Sequence[str], together: bool = False) -> list[BuildStep]:
    """Steps in gluing order; parts a brush could not get behind stay apart unless ``together``."""
    ordered = sorted(slots, key=lambda s: GLUE_ORDER.index(s) if s in GLUE_ORDER else len(GLUE_ORDER))
    steps = [BuildStep("Dry fit, file the tips", 1.0 + 0.8 * len(ordered), "Every joint closed before any glue")]
    for slot in ordered[1:]:
        if slot in APART and not together:
            steps.append(BuildStep(f"Keep the {slot} apart", 0.5, f"On a stick: it {APART[slot]}"))
        else:
            steps.append(BuildStep(f"Glue the {slot}", 1.0, "A drop in the socket; pin what bends"))
    return [*steps, BuildStep("Fill gaps, sand wet", 2.0, "Two-part putty cures overnight")]
