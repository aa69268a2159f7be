"""The schools of painting as recipes for one zone in one colour, and what each costs and shows on a figure.

Minutes are defaults by technique and area; everything seen is worked out from the films.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from numerus.colour.light import delta_e, lab_of_xyz
from numerus.colour.observer import XYZ_WEIGHTS
from numerus.colour.reflectance import reflectances
from numerus.domain.painting.paints import Paint, Parts
from numerus.domain.painting.recipes import RecipeStep
from numerus.geometry.mesh import Floats
from numerus.paint.figure.painted import PaintedZone, Primer, painted_zone
from numerus.paint.figure.placing import stroke_laid_ml
from numerus.paint.figure.shot import Figure
from numerus.paint.rack.pots import Rack, pigment_of
from numerus.paint.techniques import BROKEN, TECHNIQUES
from numerus.surface.fields.painting_fields import layer_step_um

BLACK, GREY, PALE, DARK = "#1E1F22", "#8B8B88", "#D9D7D0", "#3A3A3C"
PACE_MIN_CM2 = {  # (default) minutes of hands a cm² of zone, beside half a minute to begin on each figure
    "base": 0.45, "one-coat": 0.35, "wash": 0.22, "layer": 0.6, "edge": 0.45, "dry-brush": 0.18, "spray": 0.06, "glaze": 0.4,
}  # fmt: skip
BEGIN_MIN, SPRAY_BEGIN_MIN = 0.5, 0.2
MUCH_FLAT, LITTLE_FLAT = 0.55, 0.25
SEEN_UM, DEEP_UM = 20.0, 45.0  # (default) stairs that a thin film leaves visible, that one coat of filler does not fill
FLAT_OPENNESS, FLAT_RECESS = 0.7, 0.03
FILLS = {"wash": 0.8, "one-coat": 0.5, "glaze": 0.6, "base": 0.18, "layer": 0.15, "spray": 0.03}
"""(default) Share of a stair's depth that a technique's film follows: it gathers at the foot and leaves the rim."""
LIGHTER, DEEPER = 16.0, 15.0  # (default) L* by which a light is lighter and a shade deeper than the base
SHARES = (0.05, 0.1, 0.2, 0.4, 0.8, 1.6)  # parts of the other pot to one of the base
CATCHES = 0.28  # (default) by how much more a dry brush or an edge catches the rim of a full stair than its foot


@dataclass(frozen=True, eq=False)
class School:
    """One way to paint a zone: its primer, strokes in order, and what tends to go wrong."""

    letter: str
    name: str
    over: str
    primer: Primer
    steps: tuple[RecipeStep, ...]
    goes_wrong: str

    @property
    def sprayed(self) -> bool:
        return any(s.technique == "spray" for s in self.steps)


@dataclass(frozen=True)
class Measures:
    """What a school comes to for one zone of a batch: minutes of hands and ml for all of it; in L*: how far layer lines show,
    blotches on flats, from folds to edges, the middle. ``flat``: share of the seen
    zone that is flat; ``stair_um``: stairs of the layers that a twentieth of it exceeds.
    """

    minutes: float
    ml: float
    lines: float
    blotches: float
    fold: float
    edge: float
    value: float
    flat: float = 0.0
    stair_um: float = 0.0

    @property
    def contrast(self) -> float:
        return self.edge - self.fold


def _ground(colour: str) -> Floats:
    return np.asarray(reflectances([colour])[0])


def school_step(
    number: int, name: str, technique: str, mix: Parts, area_cm2: float, coats: int = 1, thinner: float = -1.0
) -> RecipeStep:
    """A stroke with its usual thinning, tool and minutes for a zone of that area (defaults)."""
    how = TECHNIQUES[technique]
    begin = SPRAY_BEGIN_MIN if technique == "spray" else BEGIN_MIN
    minutes = round(coats * (begin + PACE_MIN_CM2.get(technique, 0.4) * area_cm2), 2)
    thin = how.thinned if thinner < 0 else thinner
    whole = sum(parts for _, parts in mix)
    tool = "airbrush" if technique == "spray" else "round 2"
    return RecipeStep(f"{number}", name, technique, mix, round(thin * whole, 2), tool, minutes, 20.0, coats=coats)


def schools(base: Parts, rack: Rack, area_cm2: float) -> list[School]:
    """Four schools for a zone of a base colour, from what the rack has. Raises PlanError for a base that cannot be mixed."""
    colour = rack.pigment(base)
    light, shade, wash, medium = lighter(base, rack), darker(base, rack), _wash_of(base, rack), _medium(rack)
    thin: Parts = ((base[0][0], 1.0), (medium, 3.0)) if medium and len(base) == 1 else base

    def made(*rows: tuple[str, str, Parts, int]) -> tuple[RecipeStep, ...]:
        return tuple(school_step(n, name, how, mix, area_cm2, coats) for n, (name, how, mix, coats) in enumerate(rows))

    two_tone = Primer(_ground(DARK), _ground(PALE))
    hides = 2 if colour.hides_um > 40 else 1
    rows = (
        ("A", "One thin coat", "over grey from above", two_tone, "pools; no second try",
         (("Colour", "one-coat", thin, 1), ("Edges", "edge", light, 1))),
        ("B", "Dry-brushed up", "from black", Primer(_ground(BLACK)), "chalky; hard to repeat",
         (("Shade", "base", shade, 1), ("Colour", "dry-brush", base, 2), ("Light", "dry-brush", light, 1))),
        ("C", "Base, wash, layer, edge", "over grey", Primer(_ground(GREY)), "longest; brush marks",
         (("Base", "base", base, hides), ("Shade", "wash", wash, 1), ("Layer", "layer", _between(base, light), 1), ("Edges", "edge", light, 1))),
        ("D", "Airbrushed fades", "from black", Primer(_ground(BLACK)), "three colours loaded; masks",
         (("Shade", "spray", shade, 2), ("Colour", "spray", base, 2), ("Light", "spray", light, 1))),
    )  # fmt: skip
    return [
        School(letter, name, over, primer, made(*strokes), wrong) for letter, name, over, primer, wrong, strokes in rows
    ]


def lighter(base: Parts, rack: Rack) -> Parts:
    """The base with what lightens it and keeps its hue best."""
    return _shifted(base, rack, LIGHTER)


def darker(base: Parts, rack: Rack) -> Parts:
    """The base with what darkens it and keeps its hue best: a deep pot of its own hue sooner than black, which greys."""
    return _shifted(base, rack, -DEEPER)


def _shifted(base: Parts, rack: Rack, lightness: float) -> Parts:
    """The base with a share of one other pot that comes nearest to it so many L* lighter, its a* and b* kept."""
    start = rack.pigment(base)
    wanted = start.lab + np.array([lightness, 0.0, 0.0])
    tried = [_with(base, pot, share) for pot in _others(base, rack) for share in SHARES]
    return min(tried, key=lambda parts: float(delta_e(rack.pigment(parts).lab, wanted)), default=base)


def _others(base: Parts, rack: Rack) -> list[Paint]:
    own = {p for p, _ in base}
    return [p for p in rack.paints.values() if p.kind in ("opaque", "semi-opaque") and p.id not in own and not p.gone]


def _with(base: Parts, paint: Paint, share: float) -> Parts:
    return (*base, (paint.id, round(share * sum(n for _, n in base), 3)))


def _between(base: Parts, light: Parts) -> Parts:
    """Half as light."""
    first = dict(base)
    return tuple((pot, amount if pot in first else amount / 2) for pot, amount in light)


def _wash_of(base: Parts, rack: Rack) -> Parts:
    """The wash of the rack whose hue is nearest and that is darker; a darkened base without one."""
    lab = rack.pigment(base).lab
    washes = [p for p in rack.paints.values() if p.kind in ("wash", "ink") and not p.gone]
    deeper = [p for p in washes if pigment_of(p).lab[0] < lab[0]]
    if not deeper:
        return darker(base, rack)
    return ((min(deeper, key=lambda p: float(np.hypot(*(pigment_of(p).lab[1:] - 0.4 * lab[1:])))).id, 1.0),)


def _medium(rack: Rack) -> str:
    return next((p.id for p in rack.paints.values() if p.kind == "medium" and not p.gone), "")


def measured(
    school: School, figure: Figure, zone: int, rack: Rack, figures: int, print_up: Floats, layer_mm: float
) -> Measures:
    """What a school comes to on every vertex of a zone; ``print_up`` (3,) is the way the part was printed, as it stands now."""
    own = np.flatnonzero((figure.vertex_zone == zone) & ~figure.fields.inside)
    places, area = figure.places.some(own), figure.mesh.vertex_areas_mm2[own]
    painted = painted_zone(school.steps, rack, school.primer, places)
    weight = area * np.maximum(figure.fields.seen[own], 1e-3)
    value = painted.lab()[:, 0]
    stair = layer_step_um(places.normal, print_up, layer_mm)
    lines = np.abs(
        _at_stair(school, places, painted, stair, rack, 1.0) - _at_stair(school, places, painted, stair, rack, -1.0)
    )
    flat = (places.openness > FLAT_OPENNESS) & (places.recess < FLAT_RECESS)
    low, middle, high = _quantiles(value, weight, (0.05, 0.5, 0.95))
    return Measures(
        _minutes(school, figures), figures * _ml(school, painted, area, rack), _mean(lines, weight),
        _spread(value[flat], weight[flat]), low, high, middle, _mean(flat.astype(float), weight),
        _quantiles(stair, weight, (0.95,))[0],
    )  # fmt: skip


def _minutes(school: School, figures: int) -> float:
    """Hands for all: each figure's own, and loading and cleaning once for every mix."""
    return sum(s.minutes * figures + TECHNIQUES[s.technique].setup_min for s in school.steps)


def _ml(school: School, painted: PaintedZone, area: Floats, rack: Rack) -> float:
    pairs = zip(school.steps, painted.strokes, strict=False)
    return sum(stroke_laid_ml(step, laid, area, rack.solids(step.mix, step.thinner)) for step, laid in pairs)


def _at_stair(school: School, places, painted: PaintedZone, stair_um: Floats, rack: Rack, foot: float) -> Floats:  # type: ignore[no-untyped-def]
    """L* at the foot (1) or the rim (-1) of the stairs: films gather there or are rubbed off, by technique."""
    looks, index = school.primer.on(places)
    under = looks[index]
    for step, laid in zip(school.steps, painted.strokes, strict=False):
        paint = rack.pigment(step.mix)
        if step.technique in BROKEN:
            share = np.clip(laid.covers * (1 - CATCHES * foot * stair_um / 50), 0, 1)[:, None]
            under = share * paint.over(under, laid.film_um[:, None]) + (1 - share) * under
        else:
            gathers = np.minimum(FILLS.get(step.technique, 0.2) * 0.5 * stair_um, 0.35 * laid.film_um)
            under = paint.over(under, np.maximum(laid.film_um + foot * gathers, 0)[:, None])
    return np.asarray(lab_of_xyz(under @ XYZ_WEIGHTS.T)[:, 0])


def _mean(values: Floats, weight: Floats) -> float:
    return float((values * weight).sum() / max(weight.sum(), 1e-12)) if len(values) else 0.0


def _spread(values: Floats, weight: Floats) -> float:
    """Standard deviation, weighted."""
    return float(np.sqrt(_mean((values - _mean(values, weight)) ** 2, weight))) if len(values) else 0.0


def _quantiles(values: Floats, weight: Floats, shares: Sequence[float]) -> list[float]:
    if not len(values):
        return [0.0] * len(shares)
    order = np.argsort(values)
    passed = np.cumsum(weight[order])
    return [float(values[order][min(int(np.searchsorted(passed, s * passed[-1])), len(values) - 1)]) for s in shares]


def difference_words(chosen: Measures, other: Measures, name: str, other_name: str) -> str:
    """The chosen school against another, in words made from the numbers."""
    minutes, ml = chosen.minutes - other.minutes, chosen.ml - other.ml
    time = f"{abs(minutes):.0f} min {'longer' if minutes > 0 else 'shorter'}"
    paint = f"{abs(ml):.1f} ml {'more' if ml > 0 else 'less'}"
    lines = ""
    if max(chosen.lines, other.lines) > 0.3:
        ratio = chosen.lines / max(other.lines, 1e-9)
        lines = f"; lines show {abs(1 - ratio):.0%} {'more' if ratio > 1 else 'less'}"
    return f"{name} against {other_name}: {time}, {paint}{lines}."


def surface_words(measures: Measures) -> str:
    """What the surface itself says about schools."""
    if measures.flat > MUCH_FLAT:
        return f"{measures.flat:.0%} of it is flat: washes and thin coats pool there."
    return f"Only {measures.flat:.0%} of it is flat: a busy surface forgives." if measures.flat < LITTLE_FLAT else ""


def lines_words(measures: Measures, layer_mm: float, posed: bool) -> str:
    """How deep the layers' stairs are, and what to do about them."""
    if measures.stair_um < SEEN_UM:
        return ""
    how = "as it was printed" if posed else "if it is printed upright"
    advice = (
        "filler primer and sanding, a thicker base"
        if measures.stair_um < DEEP_UM
        else "filler primer twice, sanding between"
    )
    return f"Stairs up to {measures.stair_um:.0f} µm {how} in layers of {layer_mm:g} mm: {advice}, or another pose next time."


def break_even(spray: School, brush: School) -> int | None:
    """From how many figures the sprayed school takes less of one's hands, None where it never does within a thousand."""
    return next((n for n in range(1, 1000) if _minutes(spray, n) < _minutes(brush, n)), None)
