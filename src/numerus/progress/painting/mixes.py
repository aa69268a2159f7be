"""Mixes of the army as they are used: how much one is still wanted, what is left in its cup, and who wears it as it was before."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

from numerus.colour.light import delta_e
from numerus.domain.journal import Fact, StepDone
from numerus.domain.painting.paints import Mix, Parts
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.rack.batches import bases_covered
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import Stroke, stroke_ml, strokes_for
from numerus.progress.painting.paint_stock import done_strokes
from numerus.progress.standing import FigureStanding, Standing
from numerus.words import counted

ALIKE = 1e-6


@dataclass(frozen=True)
class MixDemand:
    """Figures that still want a zone painted, its cm² on all of them; wet ml and number of the strokes that want this very mix."""

    figures: int
    cm2: float
    strokes: int
    ml: float


def mix_demand(
    standing: Standing, plans: Plans, parts: Parts, zone: str = "", level: str = "", of_all: bool = False
) -> MixDemand:
    """What figures still want of a mix at their units' levels, or all at one ``level``. ``zone``: "" for any zone that is painted
    with it. ``of_all``: as if nothing were painted yet. Raises PlanError for parts that cannot be mixed.
    """
    rack = rack_of(plans)
    wanted, known = rack.shares(parts), dict[Parts, bool]()

    def same(mix: Parts) -> bool:  # figures of an army share few mixes
        if mix not in known:
            known[mix] = _alike(rack, mix, wanted)
        return known[mix]

    figures, cm2, ml, steps = 0, 0.0, 0.0, set[str]()
    for figure in standing.figures.values():
        areas = plans.zone_areas_cm2(figure.figure)
        strokes = _strokes(figure, plans, level, of_all)
        own = [s for s in strokes if s.zone == (zone or s.zone) and same(s.step.mix)]
        zones = {s.zone for s in strokes if s.zone == zone} if zone else {s.zone for s in own}
        figures += bool(zones)
        cm2 += sum(areas.get(z, 0.0) for z in zones)
        ml += sum(_mixed_ml(s.step, areas.get(s.zone, 0.0), rack) for s in own)
        steps |= {s.key for s in own}
    return MixDemand(figures, cm2, len(steps), ml)


def _strokes(figure: FigureStanding, plans: Plans, level: str, of_all: bool) -> Sequence[Stroke]:
    at_level, scheme = figure.strokes, plans.scheme_on(figure.figure)
    if level and scheme is not None:
        at_level = tuple(strokes_for(scheme, plans.zone_areas_cm2(figure.figure), level))
    return at_level if of_all else [s for s in at_level if s.key not in figure.painted]


def _alike(rack: Rack, mix: Parts, wanted: Mapping[str, float]) -> bool:
    """Whether two mixes come to the same pots in the same shares."""
    try:
        own = rack.shares(mix)
    except PlanError:
        return False
    return own.keys() == wanted.keys() and all(abs(own[p] - share) < ALIKE for p, share in wanted.items())


def _mixed_ml(step: RecipeStep, area_cm2: float, rack: Rack) -> float:
    """ml of a stroke's mix before it is thinned at the brush."""
    whole = sum(amount for _, amount in step.mix)
    return stroke_ml(step, area_cm2, rack) * whole / (whole + step.thinner)


def cups_left(plans: Plans, facts: Sequence[Fact]) -> dict[str, float]:
    """ml still in the cup of every mix whose ml were told, less what strokes since have taken from it."""
    cups = {m.id: m for m in plans.mixes.values() if m.ml is not None and m.ml_told is not None}
    left, rack = {m: cup.ml or 0.0 for m, cup in cups.items()}, rack_of(plans)
    since = min((m.ml_told for m in cups.values() if m.ml_told), default=None)
    for fact in reversed(facts):
        if since is None or fact.at <= since:
            break
        for stroke, area in done_strokes(fact, plans):
            for pot, amount in stroke.step.mix:
                moment = cups[pot].ml_told if pot in cups else None
                if moment is not None and fact.at > moment:
                    share = amount / sum(n for _, n in stroke.step.mix)
                    left[pot] -= share * _mixed_ml(stroke.step, area, rack)
    return {m: max(ml, 0.0) for m, ml in left.items()}


@dataclass(frozen=True)
class MixChange:
    """A mix that is poured otherwise now: ΔE2000 from before (None where a paint of before is gone); figures that ``wear`` it as it
    was, figures ``to_come``.
    """

    mix: Mix
    delta_e: float | None
    wear: int
    to_come: int

    @property
    def words(self) -> str:
        when = f" since {self.mix.changed:%a %-d %b}" if self.mix.changed else ""
        worn = f"{counted(self.wear, 'figure')} {'wears' if self.wear == 1 else 'wear'} it as it was"
        apart = f", ΔE {self.delta_e:.1f}" if self.delta_e is not None else ""
        return f"{self.mix.name} is poured otherwise{when}{apart}: {worn}, {self.to_come} to come."


def mix_changes(plans: Plans, standing: Standing, facts: Sequence[Fact], zone: str) -> list[MixChange]:
    """Changed mixes that a zone's strokes use, while figures not yet ready wear the zone as it was or are still to get it."""
    rack = rack_of(plans)
    steps = [s for scheme in plans.schemes.values() for r in scheme.recipes if r.zone == zone for s in r.steps]
    changes = []
    for mix in (m for m in plans.mixes.values() if m.changed is not None):
        own = {s.id for s in steps if _made_with(rack, s.mix, mix.id)}
        worn = _worn(mix, own, facts)
        there = [f for f in standing.figures.values() if f.stage != "ready" and any(s.key in own for s in f.strokes)]
        wear = sum(f.figure.id in worn for f in there)
        to_come = sum(any(s.key in own for s in f.next_strokes) for f in there)
        if wear or to_come:
            changes.append(MixChange(mix, _apart(rack, mix), wear, to_come))
    return changes


def changed_mix_words(plans: Plans, standing: Standing, facts: Sequence[Fact], zones: Iterable[str]) -> str:
    """The first changed mix that strokes of these zones use, in words; "" where there is none."""
    changes_by_zone = (mix_changes(plans, standing, facts, zone) for zone in dict.fromkeys(zones))
    return next((changes[0].words for changes in changes_by_zone if changes), "")


def _worn(mix: Mix, own: set[str], facts: Sequence[Fact]) -> set[str]:
    """Figures painted with a mix by its steps before it was changed; what was painted before there was one does not count."""
    worn: set[str] = set()
    for fact in reversed(facts):
        if mix.made is not None and fact.at.date() < mix.made:
            break
        if mix.changed is not None and fact.at <= mix.changed and _key(fact) in own:
            worn.update(fact.figures)
    return worn


def _key(fact: Fact) -> str:
    return fact.event.key if isinstance(fact.event, StepDone) and fact.event.stage == "stroke" else ""


def _made_with(rack: Rack, parts: Parts, mix: str) -> bool:
    """Whether a mix is in these parts, or in a mix that is."""
    return any(p == mix or (p in rack.mixes and _made_with(rack, rack.mixes[p].parts, mix)) for p, _ in parts)


def _apart(rack: Rack, mix: Mix) -> float | None:
    """ΔE2000 between a mix as it was and as it is; None where its old paints are gone."""
    try:
        return float(delta_e(rack.pigment(mix.parts).lab, rack.pigment(mix.before).lab))
    except PlanError:
        return None


def leftover_words(standing: Standing, rack: Rack, parts: Parts, left_ml: float) -> str:
    """What is left over of a mix, and for how many bases it does, "" where it does for none."""
    bases = sorted(f.unit.base_mm for f in standing.figures.values() if f.finish_left)
    enough = bases_covered(left_ml, bases, rack.solids(parts, 0.0))
    return f"{left_ml:.1f} ml are left over: a coat for {counted(enough, 'base')}." if enough else ""
