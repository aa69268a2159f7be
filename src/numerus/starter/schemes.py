"""A scheme and a rack a new army begins with: invented paints and makers; zones in words that suit most armies."""

from __future__ import annotations

from dataclasses import replace

from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.painting.zones import Zone

_SEDGE, _QUAYSIDE, _LANTERN = "Sedge & Daughters", "Quayside Colour", "Lantern Row"
PAINTS = (
    Paint("tallow", "Tallow coat", _SEDGE, "#C99A2E", 11, 320, kind="semi-opaque"),
    Paint("candle", "Candle cream", _SEDGE, "#EBD9A6", 14, 320),
    Paint("peat", "Peat wash", _SEDGE, "#4A3524", 9, 360, kind="wash"),
    Paint("wharf", "Wharf black", _QUAYSIDE, "#23282E", 15, 280),
    Paint("slate", "Slate grey", _QUAYSIDE, "#5A6268", 12, 280),
    Paint("pewter", "Old pewter", _QUAYSIDE, "#8E9296", 7, 380, kind="metallic"),
    Paint("verdigris", "Verdigris", _QUAYSIDE, "#5FA08A", 8, 300),
    Paint("coppergreen", "Deep copper green", _QUAYSIDE, "#2C5A4E", 10, 300),
    Paint("ruddy", "Ruddy skin", _LANTERN, "#B97A5C", 10, 300),
    Paint("pale", "Pale skin", _LANTERN, "#E3B795", 10, 300),
    Paint("saddle", "Saddle brown", _LANTERN, "#6E4728", 6, 300),
    Paint("eel", "Eel blue", _LANTERN, "#2F4A66", 13, 300),
    Paint("ember", "Ember", _LANTERN, "#E8762B", 5, 340, kind="translucent"),
    Paint("flame", "Flame yellow", _LANTERN, "#F6CE4A", None, 340, kind="semi-opaque"),
    Paint("oak", "Canal oak", _QUAYSIDE, "#7B5B3C", 9, 280),
    Paint("cobble", "Cobble grey", _QUAYSIDE, "#7C7A72", 1.5, 280),
    Paint("feather", "Heron grey", _QUAYSIDE, "#77848D", 12, 280),
    Paint("medium", "Lock medium", _SEDGE, "#E9E7E0", 30, 420, 60.0, "medium"),
)


def step(
    name: str, technique: str, mix: str, thinner: float, tool: str, minutes: float, dries: float, level: str = "table",
    coats: int = 1,
) -> RecipeStep:  # fmt: skip
    """A step; ``mix`` like "tallow 2 candle 1". Its id comes with its recipe."""
    words = mix.split()
    pairs = tuple((words[i], float(words[i + 1])) for i in range(0, len(words), 2))
    return RecipeStep("", name, technique, pairs, thinner, tool, minutes, dries, level, coats=coats)


def recipe(zone: str, *steps: RecipeStep) -> Recipe:
    """The steps with ids of their own: the same whenever a scheme is begun with."""
    return Recipe(zone, tuple(replace(s, id=f"{zone}/{number}") for number, s in enumerate(steps)))


def simple_steps(base: str, light: str, minutes: float) -> tuple[RecipeStep, ...]:
    """Base, wash and one layer: how most small zones are done."""
    return (
        step("Base", "base", f"{base} 1", 0.5, "round 2", minutes, 20, coats=2),
        step("Shade", "wash", "peat 1", 0.3, "round 2", round(minutes * 0.5, 2), 45, "good"),
        step(
            "Layer",
            "layer",
            f"{light} 1 {base} 1" if light != base else f"{base} 1",
            0.5,
            "round 1",
            round(minutes * 0.8, 2),
            20,
            "good",
        ),
    )


def zones_named(*names: str) -> tuple[Zone, ...]:
    return tuple(Zone(name, name, order) for order, name in enumerate(names))


ZONES = zones_named("cloth", "lining", "skin", "leather", "metal", "wood", "base")
SCHEME = Scheme(
    "first-scheme",
    "First scheme",
    (
        recipe("cloth", *simple_steps("tallow", "candle", 4.0)),
        recipe("lining", *simple_steps("eel", "feather", 2.0)),
        recipe("skin", *simple_steps("ruddy", "pale", 2.0)),
        recipe("leather", *simple_steps("saddle", "oak", 2.0)),
        recipe(
            "metal",
            step("Base", "base", "wharf 1", 0.4, "round 2", 2, 20),
            step("Worn edges", "dry-brush", "pewter 1", 0.0, "flat brush", 1, 10),
        ),
        recipe("wood", *simple_steps("oak", "candle", 1.5)),
        recipe(
            "base",
            step("Base", "base", "cobble 1", 0.5, "wide flat", 1.5, 20),
            step("Stones", "dry-brush", "candle 1 cobble 1", 0.0, "flat brush", 1, 10),
        ),
    ),
    primer="pale grey",
)
