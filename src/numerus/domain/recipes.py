"""Recipes: the ordered steps that paint a zone, and the scheme of an army they belong to.

Steps have ids that last: the journal names them by these, whatever is put before them, renamed or moved about.
"""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime

from numerus.domain.paints import Parts


@dataclass(frozen=True)
class RecipeStep:
    """One step of a recipe: technique, pots or mixes with their parts, parts of thinner, tool, minutes a figure, drying, coats.

    ``level``: the lowest painting level that still does this step; ``since``: when it came into the scheme, None from the
    beginning. What was finished before is not asked for it.
    """

    id: str
    name: str
    technique: str
    mix: Parts
    thinner: float
    tool: str
    minutes: float
    dries_min: float
    level: str = "table"
    since: datetime | None = None
    coats: int = 1


@dataclass(frozen=True)
class Recipe:
    """The ordered steps that paint one zone (``zone``: its id)."""

    zone: str
    steps: tuple[RecipeStep, ...]


@dataclass(frozen=True)
class FinishStep:
    """One step after painting, for the whole figure: minutes of hands, and how long it dries."""

    id: str
    name: str
    minutes: float
    dries_min: float
    since: datetime | None = None


USUAL_FINISH = (
    FinishStep("matt-varnish", "Matt varnish", 2.0, 120.0),
    FinishStep("base-rim", "Base rim", 1.5, 20.0),
    FinishStep("tufts-and-mud", "Tufts and mud", 2.5, 60.0),
)


@dataclass(frozen=True)
class Scheme:
    """The recipes of an army, in the order zones are worked: inside out, messiest first."""

    id: str
    name: str
    recipes: tuple[Recipe, ...]
    primer: str = "pale grey"
    prime_minutes: float = 3.0
    prime_dries_min: float = 30.0
    finish: tuple[FinishStep, ...] = USUAL_FINISH
