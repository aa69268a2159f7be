"""Building a figure: the order of gluing, what is painted before it is glued on, and that it is glued on later."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass

from numerus.domain.painting.recipes import FinishStep

GLUE_MIN, STICK_MIN = 1.0, 0.5  # (defaults)
LATER_MIN, LATER_DRIES_MIN = 2.0, 10.0  # (defaults) paint scraped off the joint, glued, touched up
GLUE_IDS = "glue-on:"


@dataclass(frozen=True)
class BuildStep:
    title: str
    minutes: float
    detail: str


PUTTY_MIX_MIN, PUTTY_LIFE_MIN = 2.0, 45.0  # (defaults) to knead two-part putty, and for how long it can be shaped


def build_plan(
    slots: Sequence[str], apart: Collection[str] = (), advice: Mapping[str, str] | None = None
) -> list[BuildStep]:
    """Steps in the order of the slots; ``apart``: slots whose parts stay off until they are painted; ``advice``: of a slot's joint,
    where its shape was looked at.
    """
    if len(slots) == 1:
        return [
            BuildStep("File the tips", 1.8, "One piece: nothing to glue"),
            BuildStep("Sand wet", 1.0, "Scars, and lines that show"),
        ]
    told, kept = advice or {}, [s for s in slots if s in apart]
    steps = [BuildStep("Dry fit, file the tips", 1.0 + 0.8 * len(slots), "Every joint closed before any glue")]
    for slot in slots[1:]:
        if slot in kept:
            steps.append(BuildStep(f"Keep the {slot} apart", STICK_MIN, "On a stick: painted before it is glued on"))
        else:
            steps.append(
                BuildStep(f"Glue the {slot}", GLUE_MIN, told.get(slot, "A drop in the socket; pin what bends"))
            )
    return [*steps, BuildStep("Fill gaps, sand wet", 2.0, "Two-part putty cures overnight")]


def kept_apart(slots: Collection[str], apart: Collection[str]) -> str:
    """What of a figure was kept apart when it was built, as its entry in the journal is keyed."""
    return ",".join(s for s in apart if s in slots)


def glued_later(kept: str) -> tuple[FinishStep, ...]:
    """Finishing steps of a figure of which parts were ``kept_apart``: each is glued on once it is painted, before any varnish."""
    slots = [s for s in kept.split(",") if s]
    return tuple(
        FinishStep(f"{GLUE_IDS}{s}", f"Glue on the {s}", LATER_MIN, LATER_DRIES_MIN, kind="glue") for s in slots
    )
