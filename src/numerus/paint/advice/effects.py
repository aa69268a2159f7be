"""Effects as strokes: rust, glow, mud, snow, fur and their like, in the order they go on, with what is dangerous about them.

Colours are wanted, not pots: they are mixed from the rack as it is. Where painters part ways, both ways are here.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime

from numerus.domain.painting.paints import GUESSED, Paint, Parts
from numerus.domain.painting.recipes import Placing, RecipeStep
from numerus.paint.advice.starters import base_mixes
from numerus.paint.figure.schools import darker, lighter, school_step
from numerus.paint.rack.pots import Rack
from numerus.paint.techniques import TECHNIQUES

BASE, LIGHTER, DARKER, RESIST_FLUID = "base", "lighter", "darker", "resist fluid"
BEFORE, AFTER_BASE, LAST = "before", "after the base", "last"


@dataclass(frozen=True)
class EffectStroke:
    """A stroke of an effect. ``colour``: "#RRGGBB", or the zone's own: base, lighter, darker, or resist fluid. ``goes``: before the
    zone's own strokes, right after its base coat, or last.
    """

    name: str
    technique: str
    colour: str
    placing: Placing = Placing()
    thinner: float = -1.0
    dries_min: float = 20.0
    goes: str = LAST


@dataclass(frozen=True)
class Effect:
    """An effect: what it does, its strokes in order, what to mind. ``lit``: it comes from a point of light."""

    name: str
    what: str
    strokes: tuple[EffectStroke, ...]
    mind: str
    lit: bool = False


def _strewn(size_mm: float, seed: int, mask: str = "", amount: float = 1.0) -> Placing:
    return Placing(mask, size_mm=size_mm, seed=seed, amount=amount)


EFFECTS = (
    Effect(
        "chipping",
        "Paint knocked off the ridges down to metal, with a bright lower rim.",
        (
            EffectStroke("Chips", "chip", "#2A2522", _strewn(0.5, 11)),
            EffectStroke("Bright rims", "chip", "#9C9A95", _strewn(0.35, 12, "up", 0.6)),
        ),
        "Sponge most of it onto paper first; too many look like spots.",
    ),
    Effect(
        "resist chipping",
        "The undercoat shows through where a resist kept the paint off.",
        (
            EffectStroke("Undercoat", "base", "#5B3A26", Placing("everywhere"), goes=BEFORE),
            EffectStroke("Resist", "resist", RESIST_FLUID, _strewn(0.7, 21), dries_min=15.0, goes=BEFORE),
            EffectStroke("Rub back", "rub-back", RESIST_FLUID, Placing("everywhere"), goes=AFTER_BASE),
        ),
        "Let the undercoat dry through, or seal it. Rub with a wet brush within an hour or two of the base coat; later it holds.",
    ),
    Effect(
        "rust",
        "Old iron: brown all over, orange where water stands, streaks below.",
        (
            EffectStroke("Brown", "stipple", "#4E3020", _strewn(0.6, 31)),
            EffectStroke("Orange in the folds", "wash", "#A5541F", Placing("recess")),
            EffectStroke("Light spots", "stipple", "#C77A35", _strewn(0.35, 32, "recess")),
            EffectStroke("Streaks", "streak", "#8A4A22", _strewn(1.2, 33)),
        ),
        "Before varnish if pigments follow; pigment dust wants a mask.",
    ),
    Effect(
        "verdigris",
        "Copper gone green in its folds.",
        (
            EffectStroke("Green in the folds", "wash", "#6FB39B", Placing("recess")),
            EffectStroke("Dry bloom", "stipple", "#A9D3C0", _strewn(0.4, 41, "recess")),
        ),
        "Thin enough to run into the folds and no further.",
    ),
    Effect(
        "streaks",
        "What rain drew down the steep sides.",
        (
            EffectStroke("Dark streaks", "streak", "#3C3228", _strewn(1.0, 51)),
            EffectStroke("Pale streaks", "streak", "#B8AE98", _strewn(0.7, 52, "", 0.5)),
        ),
        "With oils or enamels: over varnish, wiped back downward with spirit; gloves, air, no flame.",
    ),
    Effect(
        "mud",
        "Earth thrown up from the ground.",
        (
            EffectStroke("Wet earth", "sponge", "#4A3A2A", _strewn(0.9, 61, "low")),
            EffectStroke("Dry earth", "stipple", "#8A7456", _strewn(0.5, 62, "low")),
        ),
        "After matt varnish; pigments want a mask and a fixer.",
    ),
    Effect(
        "dust",
        "Pale dust where the foot drags.",
        (EffectStroke("Dust", "dry-brush", "#B7A88A", Placing("low")),),
        "Last of all; varnish over it makes it vanish.",
    ),
    Effect(
        "snow",
        "Snow where it would lie.",
        (
            EffectStroke("Frost", "dry-brush", "#DDE6EC", Placing("up")),
            EffectStroke("Snow", "stipple", "#F4F7F8", _strewn(0.6, 71, "up")),
        ),
        "Snow paste after varnish; it yellows without.",
    ),
    Effect(
        "glow",
        "Light from a point: wide and deep, then narrow and pale, on what faces it.",
        (
            EffectStroke("Wide glow", "glow", "#9A3B1C", Placing(amount=0.9)),
            EffectStroke("Glow", "glow", "#E07A2B", Placing(amount=0.8)),
            EffectStroke("Heart of it", "glow", "#F4C95A", Placing(amount=0.45)),
        ),
        "Nothing that glows is lighter than its light: keep the source the palest. An airbrush wants extraction.",
        True,
    ),
    Effect(
        "cold glow",
        "The same, of a blue light.",
        (
            EffectStroke("Wide glow", "glow", "#1F3F6E", Placing(amount=0.9)),
            EffectStroke("Glow", "glow", "#3E86B8", Placing(amount=0.8)),
            EffectStroke("Heart of it", "glow", "#BFE3EE", Placing(amount=0.45)),
        ),
        "Nothing that glows is lighter than its light: keep the source the palest.",
        True,
    ),
    Effect(
        "stripes",
        "Stripes across, as wide as their gaps.",
        (EffectStroke("Stripes", "pattern", DARKER, Placing(size_mm=0.8, toward=(1.0, 0.0, 0.0))),),
        "Mark the ends lightly first; mask only when the base is dry.",
    ),
    Effect(
        "camouflage",
        "Blotches of two tones over the base.",
        (
            EffectStroke("Dark blotches", "blotch", DARKER, _strewn(2.2, 81)),
            EffectStroke("Pale blotches", "blotch", LIGHTER, _strewn(1.8, 82, "", 0.8)),
        ),
        "Putty masks lift paint that is not through-dry.",
    ),
    Effect(
        "fur by dry-brush",
        "Dark between, brushed across the hair, palest at the tips.",
        (
            EffectStroke("Dark between", "wash", DARKER),
            EffectStroke("Across the hair", "dry-brush", BASE),
            EffectStroke("Tips", "dry-brush", LIGHTER, Placing("up", amount=0.7)),
        ),
        "Quick and sure on deep fur; chalky on shallow.",
    ),
    Effect(
        "fur by painted light",
        "Light laid where it falls, hair by hair only on its edge.",
        (
            EffectStroke("Shade under", "glaze", DARKER, Placing("under")),
            EffectStroke("Light above", "layer", LIGHTER, Placing("lit")),
            EffectStroke("Hairs", "edge", LIGHTER),
        ),
        "Slow; smooth on shallow fur, where the dry brush is chalky.",
    ),
    Effect(
        "feathers",
        "Each vane edged, its root shaded.",
        (
            EffectStroke("Roots", "wash", DARKER, Placing("recess")),
            EffectStroke("Vanes", "layer", LIGHTER, Placing("open")),
            EffectStroke("Edges", "edge", LIGHTER),
        ),
        "With the run of the feather, never across.",
    ),
    Effect(
        "tinted metal",
        "A clear colour over metal: it stays metal.",
        (
            EffectStroke("Tint", "glaze", "#6A2E20"),
            EffectStroke("Heat, bluish", "glaze", "#2E4A7A", Placing("up", amount=0.5)),
        ),
        "Over varnished metal; opaque paint would kill the shine.",
    ),
    Effect(
        "wax",
        "Molten wax that ran and set.",
        (
            EffectStroke("Warm depth", "glaze", "#C98A3A", Placing("recess")),
            EffectStroke("Pale rim", "edge", "#F4EBD0"),
        ),
        "Gloss varnish at the very end, on it alone.",
    ),
    Effect(
        "lining",
        "A dark line wherever one thing ends on another, and in its own creases.",
        (
            EffectStroke("Lining", "glaze", "#2B211B", Placing("border"), thinner=0.5),
            EffectStroke("Pin wash in the creases", "wash", "#2B211B", _strewn(0.6, 0, "recess", 1.4)),
        ),
        "A pin wash with oils: over gloss varnish, spirit, air, no flame.",
    ),
)


@dataclass(frozen=True, eq=False)
class EffectSteps:
    """An effect's strokes for one zone, where each goes among the zone's own, and pots the rack has not got (to buy, guessed)."""

    steps: tuple[RecipeStep, ...]
    goes: tuple[str, ...]
    paints: tuple[Paint, ...]

    def among(self, own: Sequence[RecipeStep], base: RecipeStep) -> list[RecipeStep]:
        """The zone's own strokes with these in their places; ``base``: the coat that some follow at once."""
        at = {
            g: [s for s, goes in zip(self.steps, self.goes, strict=True) if goes == g]
            for g in (BEFORE, AFTER_BASE, LAST)
        }
        cut = own.index(base) + 1
        return [*at[BEFORE], *own[:cut], *at[AFTER_BASE], *own[cut:], *at[LAST]]


def effect_named(name: str) -> Effect:
    """Raises KeyError."""
    return {e.name: e for e in EFFECTS}[name]


def effect_steps(
    effect: Effect, base: Parts, rack: Rack, area_cm2: float, new_id: Callable[[], str], now: datetime,
    at: tuple[float, float, float] = (0.0, 0.0, 0.0),
) -> EffectSteps:  # fmt: skip
    """The effect on a zone of a base mix; ``at``: its point of light, or the ground under a figure, in the figure's mm.

    Raises PlanError for a base that cannot be mixed.
    """
    mixes, bought = base_mixes([s.colour for s in effect.strokes if s.colour.startswith("#")], rack, new_id)
    own = {BASE: base, LIGHTER: lighter(base, rack), DARKER: darker(base, rack), **mixes}
    if any(s.colour == RESIST_FLUID for s in effect.strokes):
        own[RESIST_FLUID], fluid = _resist(rack, new_id)
        bought = (*bought, *fluid)
    steps = []
    for stroke in effect.strokes:
        painted = area_cm2 * TECHNIQUES[stroke.technique].covers
        step = school_step(0, stroke.name, stroke.technique, own[stroke.colour], painted, thinner=stroke.thinner)
        placing = replace(stroke.placing, at=at)
        steps.append(replace(step, id=new_id(), level="good", since=now, placing=placing, dries_min=stroke.dries_min))
    return EffectSteps(tuple(steps), tuple(s.goes for s in effect.strokes), bought)


def _resist(rack: Rack, new_id: Callable[[], str]) -> tuple[Parts, tuple[Paint, ...]]:
    """The rack's resist fluid, else one to buy."""
    pot = next((p for p in rack.paints.values() if p.kind == "resist" and not p.gone), None)
    fluid = pot or Paint(new_id(), "Resist fluid, to buy", "", "#E9E7E0", 0.0, kind="resist", known=GUESSED)
    return ((fluid.id, 1.0),), () if pot else (fluid,)
