"""The Lampwatch's scheme: tallow-yellow coats, wharf-black iron, verdigris bells, ember glow; invented paints and makers."""

from __future__ import annotations

from numerus.domain.paints import Paint
from numerus.domain.recipes import Recipe, RecipeStep, Scheme

PAINTS = (
    Paint("tallow", "Tallow coat", "Sedge & Daughters", "#C99A2E", 11, 3.2),
    Paint("candle", "Candle cream", "Sedge & Daughters", "#EBD9A6", 14, 3.2),
    Paint("peat", "Peat wash", "Sedge & Daughters", "#4A3524", 9, 3.6, 18, 0.45),
    Paint("wharf", "Wharf black", "Quayside Colour", "#23282E", 15, 2.8, 18, 0.95),
    Paint("slate", "Slate grey", "Quayside Colour", "#5A6268", 12, 2.8),
    Paint("pewter", "Old pewter", "Quayside Colour", "#8E9296", 7, 3.8),
    Paint("verdigris", "Verdigris", "Quayside Colour", "#5FA08A", 8, 3.0),
    Paint("coppergreen", "Deep copper green", "Quayside Colour", "#2C5A4E", 10, 3.0),
    Paint("ruddy", "Ruddy skin", "Lantern Row", "#B97A5C", 10, 3.0),
    Paint("pale", "Pale skin", "Lantern Row", "#E3B795", 10, 3.0),
    Paint("saddle", "Saddle brown", "Lantern Row", "#6E4728", 6, 3.0),
    Paint("eel", "Eel blue", "Lantern Row", "#2F4A66", 13, 3.0),
    Paint("ember", "Ember", "Lantern Row", "#E8762B", 5, 3.4, 18, 0.6),
    Paint("flame", "Flame yellow", "Lantern Row", "#F6CE4A", None, 3.4, 18, 0.6),
    Paint("oak", "Canal oak", "Quayside Colour", "#7B5B3C", 9, 2.8),
    Paint("cobble", "Cobble grey", "Quayside Colour", "#7C7A72", 1.5, 2.8),
    Paint("feather", "Heron grey", "Quayside Colour", "#77848D", 12, 2.8),
)


def _s(
    name: str, technique: str, mix: str, thinner: float, tool: str, minutes: float, dries: float, level: str = "table"
) -> RecipeStep:
    """A stroke; ``mix`` like "tallow 2 candle 1"."""
    words = mix.split()
    pairs = tuple((words[i], float(words[i + 1])) for i in range(0, len(words), 2))
    return RecipeStep(name, technique, pairs, thinner, tool, minutes, dries, level)


def _simple(zone: str, base: str, light: str, minutes: float) -> Recipe:
    """Base, wash and one layer: how most small zones are done."""
    return Recipe(
        zone,
        (
            _s("Base", "base", f"{base} 1", 0.5, "round 2", minutes, 20),
            _s("Shade", "wash", "peat 1", 0.3, "round 2", round(minutes * 0.5, 2), 45, "good"),
            _s("Layer", "layer", f"{light} 1 {base} 1", 0.5, "round 1", round(minutes * 0.8, 2), 20, "good"),
        ),
    )


RECIPES = (
    Recipe(
        "coat",
        (
            _s("Under-light", "spray", "candle 1 slate 1", 1.0, "airbrush", 1, 20),
            _s("Base", "base", "tallow 2 candle 0.3", 0.8, "wide flat", 6, 20),
            _s("Shade", "wash", "peat 1", 0.2, "round 2", 3, 45),
            _s("Layer", "layer", "tallow 3 candle 1", 0.6, "round 1", 6, 20, "good"),
            _s("Edges", "edge", "candle 3 tallow 0.3", 0.5, "round 0", 2, 15, "good"),
            _s("Lamp glow", "glaze", "ember 1", 3.0, "round 1", 1, 25, "parade"),
        ),
    ),
    _simple("scarf", "eel", "feather", 2.0),
    _simple("boots", "wharf", "saddle", 1.2),
    Recipe(
        "skin",
        (
            *_simple("skin", "ruddy", "pale", 2.0).strokes,
            _s("Eyes", "edge", "candle 1", 0.2, "round 0", 1.5, 10, "good"),
        ),
    ),
    _simple("hat", "wharf", "slate", 1.5),
    _simple("leather", "saddle", "oak", 2.0),
    _simple("rope", "candle", "candle", 1.0),
    _simple("wood", "oak", "candle", 1.5),
    Recipe(
        "iron",
        (
            _s("Base", "base", "wharf 1", 0.4, "round 2", 2, 20),
            _s("Worn edges", "dry-brush", "pewter 1", 0.0, "flat brush", 1, 10),
        ),
    ),
    Recipe(
        "brass",
        (
            _s("Base", "base", "coppergreen 2 verdigris 1", 0.5, "round 2", 2, 20),
            _s("Crust", "dry-brush", "verdigris 2 candle 1", 0.0, "flat brush", 1, 10),
            _s("Shade", "wash", "coppergreen 1", 1.5, "round 1", 0.8, 45, "good"),
        ),
    ),
    Recipe("wax", (_s("Base", "base", "candle 1", 0.4, "round 1", 0.5, 15),)),
    _simple("feathers", "feather", "candle", 6.0),
    Recipe(
        "base",
        (
            _s("Base", "base", "cobble 1", 0.5, "wide flat", 1.5, 20),
            _s("Stones", "dry-brush", "candle 1 cobble 1", 0.0, "flat brush", 1, 10),
        ),
    ),
    Recipe(
        "glass",
        (
            _s("Glow", "base", "flame 2 candle 1", 0.4, "round 1", 1, 15),
            _s("Ember", "glaze", "ember 1", 1.0, "round 1", 1, 20),
        ),
    ),
)

SCHEME = Scheme("lampwatch", "Lampwatch", RECIPES, "pale grey over black, from above")
