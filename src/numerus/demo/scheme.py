"""The Lampwatch's scheme: tallow-yellow coats, wharf-black iron, verdigris bells, ember glow."""

from __future__ import annotations

from numerus.domain.painting.recipes import Scheme
from numerus.starter.schemes import recipe, simple_steps, step, zones_named

ZONES = zones_named(
    "coat",
    "skin",
    "hat",
    "iron",
    "brass",
    "leather",
    "rope",
    "wood",
    "wax",
    "glass",
    "feathers",
    "base",
    "scarf",
    "boots",
)
"""In the order of the labels the demo's meshes are made with."""

RECIPES = (
    recipe(
        "coat",
        step("Under-light", "spray", "candle 1 slate 1", 1.0, "airbrush", 1, 20),
        step("Base", "base", "tallow 2 candle 0.3", 0.8, "wide flat", 6, 20, coats=2),
        step("Shade", "wash", "peat 1", 0.2, "round 2", 3, 45),
        step("Layer", "layer", "tallow 3 candle 1", 0.6, "round 1", 6, 20, "good"),
        step("Edges", "edge", "candle 3 tallow 0.3", 0.5, "round 0", 2, 15, "good"),
        step("Lamp glow", "glaze", "ember 1", 3.0, "round 1", 1, 25, "parade"),
    ),
    recipe("scarf", *simple_steps("eel", "feather", 2.0)),
    recipe("boots", *simple_steps("wharf", "saddle", 1.2)),
    recipe(
        "skin",
        *simple_steps("ruddy", "pale", 2.0),
        step("Eyes", "edge", "candle 1", 0.2, "round 0", 1.5, 10, "good"),
    ),
    recipe("hat", *simple_steps("wharf", "slate", 1.5)),
    recipe("leather", *simple_steps("saddle", "oak", 2.0)),
    recipe("rope", *simple_steps("candle", "candle", 1.0)),
    recipe("wood", *simple_steps("oak", "candle", 1.5)),
    recipe(
        "iron",
        step("Base", "base", "wharf 1", 0.4, "round 2", 2, 20),
        step("Worn edges", "dry-brush", "pewter 1", 0.0, "flat brush", 1, 10),
    ),
    recipe(
        "brass",
        step("Base", "base", "coppergreen 2 verdigris 1", 0.5, "round 2", 2, 20),
        step("Crust", "dry-brush", "verdigris 2 candle 1", 0.0, "flat brush", 1, 10),
        step("Shade", "wash", "coppergreen 1", 1.5, "round 1", 0.8, 45, "good"),
    ),
    recipe("wax", step("Base", "base", "candle 1", 0.4, "round 1", 0.5, 15)),
    recipe("feathers", *simple_steps("feather", "candle", 6.0)),
    recipe(
        "base",
        step("Base", "base", "cobble 1", 0.5, "wide flat", 1.5, 20),
        step("Stones", "dry-brush", "candle 1 cobble 1", 0.0, "flat brush", 1, 10),
    ),
    recipe(
        "glass",
        step("Glow", "base", "flame 2 candle 1", 0.4, "round 1", 1, 15),
        step("Ember", "glaze", "ember 1", 1.0, "round 1", 1, 20),
    ),
)

SCHEME = Scheme("lampwatch", "Lampwatch", RECIPES, "pale grey over black, from above")
