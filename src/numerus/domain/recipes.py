"""Recipes: the ordered strokes that paint a zone, and the scheme of an army they belong to."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class RecipeStep:
    """One step of a recipe: technique, paints with their parts, thinning, tool, minutes a figure, drying.

    ``level``: the lowest painting level that still does this stroke.
    """

    name: str
    technique: str
    mix: tuple[tuple[str, float], ...]
    thinner: float
    tool: str
    minutes: float
    dries_min: float
    level: str = "table"


@dataclass(frozen=True)
class Recipe:
    """The ordered strokes that paint one zone."""

    zone: str
    strokes: tuple[RecipeStep, ...]


@dataclass(frozen=True)
class Scheme:
    """The recipes of an army, in the order zones are worked: inside out, messiest first."""

    id: str
    name: str
    recipes: tuple[Recipe, ...]
    primer: str = "pale grey"
    prime_minutes: float = 3.0
    prime_dries_min: float = 30.0
    finish: tuple[tuple[str, float, float], ...] = (
        ("Matt varnish", 2.0, 120.0),
        ("Base rim", 1.5, 20.0),
        ("Tufts and mud", 2.5, 60.0),
    )
