"""What is left of every pot, what the whole army still needs of it at its levels, when it runs out, and what to buy.

A pot's ml are as they were last told, less what the strokes done since have used. Primer, varnish, thinner and medium are
counted like paint; where there is no pot of such a kind they are needed all the same.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, datetime, timedelta
from math import ceil

from numerus.domain.journal import Fact, StepDone
from numerus.domain.painting.paints import Paint
from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER
from numerus.paint.priming.primer import primer_ml, varnish_ml
from numerus.paint.rack.kinds import KINDS, kind_of
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import Stroke, can_be_mixed, paint_needed_ml, stroke_ml
from numerus.progress.history import History
from numerus.progress.standing import FigureStanding, standing


@dataclass(frozen=True)
class PotStock:
    """One pot, or a kind that is needed and has none (then its id is ""). ``by_unit``: ml each unit still needs;
    ``runs_out``: the day it will, None where it lasts or nobody knows what is left.
    """

    paint: Paint
    ml_left: float | None
    by_unit: Mapping[str, float]
    runs_out: date | None

    @property
    def need_ml(self) -> float:
        return sum(self.by_unit.values())

    @property
    def lacking_ml(self) -> float:
        """ml more than are known to be left."""
        return max(self.need_ml - (self.ml_left or 0.0), 0.0)

    @property
    def pots_to_buy(self) -> int:
        """Whole pots; none where what is left is not known, since weighing comes first."""
        unknown = self.ml_left is None and bool(self.paint.id)
        return 0 if unknown else ceil(self.lacking_ml / self.paint.pot_ml - 1e-9)


def paint_stock(
    plans: Plans, history: History, now: datetime, ready: Mapping[str, date] | None = None
) -> list[PotStock]:
    """Every pot of the rack and every kind needed without one, what lacks first. ``ready``: when each unit will be ready by
    the forecast; without it the army's date.
    """
    rack = rack_of(plans)
    left = ml_left(plans, history.facts)
    need = needed_by_unit(plans, history, rack)
    listed = []
    for paint in (*plans.paints.values(), *_without_pot(plans, need)):
        key = paint.id or paint.kind
        by_unit = {unit: ml for unit, told in need.items() if (ml := told.get(key, 0.0)) > 0}
        there = left.get(paint.id) if paint.id else 0.0
        listed.append(PotStock(paint, there, by_unit, _runs_out(there, by_unit, plans, now.date(), ready or {})))
    return sorted(listed, key=lambda s: (-s.pots_to_buy, -s.lacking_ml, s.paint.name))


def ml_left(plans: Plans, facts: Sequence[Fact]) -> dict[str, float | None]:
    """ml in every pot now: as told, less what strokes since took (as far back as the journal keeps single entries)."""
    left = {p.id: p.ml for p in plans.paints.values()}
    when_told = {p.id: p.ml_told for p in plans.paints.values() if p.ml is not None and p.ml_told is not None}
    if not when_told:
        return left
    rack, since = rack_of(plans), min(when_told.values())
    for fact in reversed(facts):
        if fact.at <= since:
            break
        for paint, ml in paint_needed_ml(done_strokes(fact, plans), rack).items():
            if paint in when_told and fact.at > when_told[paint]:
                left[paint] = max((left[paint] or 0.0) - ml, 0.0)
    return left


def done_strokes(fact: Fact, plans: Plans) -> list[tuple[Stroke, float]]:
    """The stroke an entry of the journal tells of, with the cm² of its zone, on each figure, by the scheme that figure has now."""
    done, strokes = fact.event, list[tuple[Stroke, float]]()
    if not isinstance(done, StepDone) or done.stage != "stroke":
        return strokes
    for figure in (plans.figures[f] for f in fact.figures if f in plans.figures):
        scheme = plans.scheme_for(figure)
        own = next((r for r in (scheme.recipes if scheme else ()) if any(s.id == done.key for s in r.steps)), None)
        if own is not None:
            recipe_step = next(s for s in own.on_figure(figure.order).steps if s.id == done.key)
            strokes.append((Stroke(own.zone, recipe_step), plans.zone_areas_cm2(figure).get(own.zone, 0.0)))
    return strokes


def needed_by_unit(plans: Plans, history: History, rack: Rack) -> dict[str, dict[str, float]]:
    """ml still needed by unit and pot; by kind where no pot of the kind is on the rack."""
    needs: dict[str, dict[str, float]] = {}
    for figure in standing(plans, history).figures.values():
        unit_needs = needs.setdefault(figure.unit.id, {})
        areas = plans.zone_areas_cm2(figure.figure)
        strokes = [(s, areas.get(s.zone, 0.0)) for s in figure.next_strokes]
        for key, ml in [*paint_needed_ml(strokes, rack).items(), *_supplies(figure, plans, strokes, rack)]:
            unit_needs[key] = unit_needs.get(key, 0.0) + ml
    return needs


def _supplies(
    figure: FigureStanding, plans: Plans, strokes: Iterable[tuple[Stroke, float]], rack: Rack
) -> list[tuple[str, float]]:
    """Primer, varnish, thinner and medium a figure still takes, by the pot they come from or by kind."""
    build = [plans.parts[p] for p in figure.figure.build.values() if p in plans.parts]
    cm2 = sum(p.surface_cm2 for p in build)
    supplies = []
    if figure.number <= NUMBER["prime"] and build:
        supplies.append((_pot_of("primer", rack), primer_ml(cm2)))
    if any("varnish" in step.name.lower() for step in figure.finish_left):
        supplies.append((_pot_of("varnish", rack), varnish_ml(cm2)))
    for stroke, area in strokes:
        step = stroke.step
        if step.thinner > 0 and can_be_mixed(step, rack):
            whole = sum(parts for _, parts in step.mix) + step.thinner
            supplies.append(
                (_pot_of(_thinned_with(stroke, rack), rack), stroke_ml(step, area, rack) * step.thinner / whole)
            )
    return [(pot, ml) for pot, ml in supplies if pot]


def _thinned_with(stroke: Stroke, rack: Rack) -> str:
    """The kind of pot a mix is thinned from: medium, thinner, "" for plain water."""
    main = max(rack.shares(stroke.step.mix).items(), key=lambda s: s[1])[0]
    wanted = kind_of(rack.paints[main]).thinner
    return "" if wanted == "water" else "medium" if "medium" in wanted else "thinner"


def _pot_of(kind: str, rack: Rack) -> str:
    """The fullest pot of a kind, or the kind itself."""
    pots = [p for p in rack.paints.values() if p.kind == kind and not p.gone]
    return max(pots, key=lambda p: p.ml or 0.0).id if pots else kind


def _without_pot(plans: Plans, need: Mapping[str, Mapping[str, float]]) -> list[Paint]:
    kinds = dict.fromkeys(key for told in need.values() for key in told if key not in plans.paints)
    return [Paint("", f"Any {kind}", "", "#E9E7E0", None, kind=kind, pot_ml=60.0) for kind in kinds if kind in KINDS]


def _runs_out(
    left: float | None, by_unit: Mapping[str, float], plans: Plans, today: date, ready: Mapping[str, date]
) -> date | None:
    """The day on which units, each using its need evenly until it is ready, have used what is left."""
    if left is None or sum(by_unit.values()) <= left or plans.army is None:
        return None
    ends = {u: max((ready.get(u, plans.army.ready_by) - today).days, 1) for u in by_unit}
    for day in range(max(ends.values()) + 1):
        if sum(ml * min(day / ends[u], 1.0) for u, ml in by_unit.items()) > left:
            return today + timedelta(days=day)
    return today + timedelta(days=max(ends.values()))
