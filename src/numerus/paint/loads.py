"""What must stand ready for a stroke: one mix in one tool, the minutes that takes, and how long it stays good."""

from __future__ import annotations

from collections.abc import Iterable

from numerus.domain.painting.recipes import RecipeStep
from numerus.paint.techniques import TECHNIQUES

POT_CHANGE_MIN = 1.5  # (default) a pot shaken and opened, drops on the palette, the brush rinsed after
PALETTE_MIN, CUP_MIN = 60.0, 40.0  # (default) how long a mix stays good on the palette, in an airbrush's cup


def load_of(step: RecipeStep) -> tuple[object, ...]:
    """One mix, thinned so, in one tool."""
    return step.mix, step.thinner, step.tool


def setup_min(step: RecipeStep) -> float:
    """Loading and cleaning an airbrush, or changing pots."""
    return TECHNIQUES[step.technique].setup_min or POT_CHANGE_MIN


def life_min(step: RecipeStep) -> float:
    return CUP_MIN if TECHNIQUES[step.technique].setup_min else PALETTE_MIN


def setups_min(steps: Iterable[RecipeStep]) -> float:
    """Each load set up once."""
    return sum({load_of(s): setup_min(s) for s in steps}.values())
