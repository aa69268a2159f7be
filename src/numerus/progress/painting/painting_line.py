"""The army's strokes as tasks for the hands, and the plan of them as work at the painting bench."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta

from numerus.domain.army import Figure
from numerus.domain.journal import Fact, StepDone
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.plans import Plans
from numerus.paint.figure.touching import Between, touching_key
from numerus.paint.loads import life_min, load_of, setup_min
from numerus.paint.rack.kinds import SPIRIT, kind_of
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import Stroke, can_be_mixed
from numerus.paint.techniques import AIRBRUSH, TECHNIQUES
from numerus.progress.pace.rates import GROUPS, Rate, rates_of
from numerus.progress.standing import FigureStanding, Standing
from numerus.schedule.attendance import hobby_windows
from numerus.schedule.hand_plan import plan_hands
from numerus.schedule.hand_tasks import HandInputs, HandTask, TimedTask, in_runs

NOT_LOOKED_AT: Between = {}
StrokeOf = tuple[str, str]
"""A figure and the key of a stroke on it."""
SPRAY = "spray"
SPRAYING, PAINTING = 9, 10  # phases of a figure's strokes; those in spirit come in phases of their own


@dataclass(frozen=True)
class TimedStroke:
    """One stroke on one figure: hands from ``start`` to ``end``, dry at ``dry``; ``part``: which of how many it is, of one that no
    evening holds at once.
    """

    figure_id: str
    stroke: Stroke
    start: datetime
    end: datetime
    dry: datetime
    part: tuple[int, int] = 1, 1


@dataclass(frozen=True)
class PaintBlock:
    """One stroke on figure after figure; ``setup_min``: of hands before it, 0 where its mix was in hand already."""

    stroke: Stroke
    strokes: tuple[TimedStroke, ...]
    setup_min: float = 0.0

    @property
    def start(self) -> datetime:
        return self.strokes[0].start

    @property
    def in_parts(self) -> str:
        """Which part of it this is, in words; empty for all of it."""
        part, of = self.strokes[0].part
        return f"part {part} of {of}, more than one evening holds" if of > 1 else ""

    @property
    def begun(self) -> datetime:
        """When hands are first busy with it."""
        return self.start - timedelta(minutes=self.setup_min)

    @property
    def end(self) -> datetime:
        return self.strokes[-1].end


AS_TOLD = Rate(1.0, 0.0, 0)


def stroke_tasks(figures: Iterable[FigureStanding], rack: Rack, rate: Rate = AS_TOLD) -> list[HandTask]:
    """Every stroke still needed, figure by figure, zones in the scheme's order. ``rate``: this painter's minutes over the
    recipe's.
    """
    return [
        _task(f.figure.id, stroke, phase, rate)
        for f in figures
        for stroke, phase in _in_solvent_order(f.next_strokes, rack)
    ]


def _task(figure: str, stroke: Stroke, phase: int, rate: Rate) -> HandTask:
    step = stroke.step
    setup, life = setup_min(step), life_min(step)
    return HandTask(
        figure,
        stroke.zone,
        stroke.key,
        stroke.minutes * rate.factor_of(step.technique),
        stroke.dries_min,
        load_of(step),
        setup,
        life,
        phase,
        True,
        AIRBRUSH if TECHNIQUES[step.technique].setup_min else "",
    )


def _in_solvent_order(strokes: Sequence[Stroke], rack: Rack) -> list[tuple[Stroke, int]]:
    """Each stroke with its phase: sprays that begin a zone come first, before anything they could drift onto is painted; where a
    zone goes from water to spirit or back, the whole figure must have come so far.
    """
    phases: dict[str, tuple[bool, int]] = {}
    in_order = []
    for stroke in strokes:
        spirit = _in_spirit(stroke.step, rack)
        if stroke.zone not in phases and stroke.step.technique == SPRAY and not spirit:
            in_order.append((stroke, SPRAYING))
            continue
        was, phase = phases.get(stroke.zone, (False, PAINTING))
        phase += spirit != was
        phases[stroke.zone] = spirit, phase
        in_order.append((stroke, phase))
    return in_order


def _in_spirit(step: RecipeStep, rack: Rack) -> bool:
    if not can_be_mixed(step, rack):
        return False
    return any(kind_of(rack.paints[p]).warning == SPIRIT for p in rack.shares(step.mix))


def touching_by_figure(
    figures: Iterable[FigureStanding], plans: Plans, between: Between
) -> dict[str, dict[str, frozenset[str]]]:
    """Zones that touch on each figure: along the edges of its parts, and ``between`` parts where that was looked at."""
    of_build = dict[tuple[str, ...], dict[str, frozenset[str]]]()  # the same for every figure that is built of the same parts
    touching = {}
    for standing in figures:
        build = tuple(standing.figure.build.values())
        if build not in of_build:
            of_build[build] = _neighbours(_touching_zones(standing.figure, plans, between))
        touching[standing.figure.id] = of_build[build]
    return touching


def _touching_zones(figure: Figure, plans: Plans, between: Between) -> set[tuple[str, str]]:
    zones = [plans.part_zones[p] for p in figure.build.values() if p in plans.part_zones]
    return {(a, b) for z in zones for a, b, _ in z.borders_mm} | set(between.get(touching_key(plans, figure), ()))


def _neighbours(pairs: Iterable[tuple[str, str]]) -> dict[str, frozenset[str]]:
    sets: dict[str, set[str]] = {}
    for a, b in pairs:
        sets.setdefault(a, set()).add(b)
        sets.setdefault(b, set()).add(a)
    return {zone: frozenset(others) for zone, others in sets.items()}


def strokes_by_figure(figures: Iterable[FigureStanding]) -> dict[StrokeOf, Stroke]:
    """Every stroke asked of each figure."""
    return {(f.figure.id, s.key): s for f in figures for s in f.strokes}


@dataclass(frozen=True)
class Wet:
    """A zone of a figure that is wet, and until when."""

    figure_id: str
    zone: str
    until: datetime


def wet_beside(
    figure: FigureStanding, zone: str, wet: Mapping[tuple[str, str], datetime], plans: Plans, between: Between
) -> Wet | None:
    """What is wet under a stroke on a zone, or beside it, the last to dry; ``wet`` by figure and zone."""
    own = figure.figure.id
    near = touching_by_figure([figure], plans, between).get(own, {}).get(zone, ())
    listed = [Wet(own, z, wet[own, z]) for z in (zone, *near) if (own, z) in wet]
    return max(listed, key=lambda w: w.until, default=None)


def wet_under(
    new: Iterable[Fact], plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, between: Between
) -> Wet | None:
    """What is wet where these strokes are said to have been put, the last to dry."""
    strokes = [
        (standing.figures[f], fact.event.key) for fact in new
        if isinstance(fact.event, StepDone) and fact.event.stage == "stroke" for f in fact.figures if f in standing.figures
    ]  # fmt: skip
    by_figure = strokes_by_figure({f.figure.id: f for f, _ in strokes}.values())
    wet = still_wet(facts, by_figure, now)
    zones = [(f, by_figure[f.figure.id, key].zone) for f, key in strokes if (f.figure.id, key) in by_figure]
    found = [w for f, zone in zones if (w := wet_beside(f, zone, wet, plans, between)) is not None]
    return max(found, key=lambda w: w.until, default=None)


def still_wet(
    facts: Sequence[Fact], strokes: Mapping[StrokeOf, Stroke], now: datetime
) -> dict[tuple[str, str], datetime]:
    """When zones painted lately are dry, by figure and zone."""
    wet = {}
    since = now - timedelta(minutes=max((s.dries_min for s in strokes.values()), default=0.0))
    for fact in (f for f in facts if f.at > since):
        done = fact.event
        for figure in fact.figures if isinstance(done, StepDone) and done.stage == "stroke" else ():
            stroke = strokes.get((figure, done.key)) if isinstance(done, StepDone) else None
            dry = fact.at + timedelta(minutes=stroke.dries_min if stroke else 0.0)
            if stroke and dry > now:
                wet[figure, stroke.zone] = dry
    return wet


def paint_line(
    plans: Plans, facts: Sequence[Fact], figures: Sequence[FigureStanding], now: datetime, days: int = 60,
    between: Between = NOT_LOOKED_AT, until: datetime | None = None,
) -> list[PaintBlock]:  # fmt: skip
    """These figures' strokes over the coming evenings, at this painter's pace; as far as ``until``, if that is given.

    Raises PlanError where the evenings do not hold them.
    """
    if plans.army is None or not figures:
        return []
    strokes = strokes_by_figure(figures)
    rate = rates_of(plans, facts)[GROUPS["stroke"]]
    inputs = HandInputs(
        stroke_tasks(figures, rack_of(plans), rate), hobby_windows(plans.army, now, days),
        touching_by_figure(figures, plans, between), dry_at=still_wet(facts, strokes, now), batch=len(figures),
    )  # fmt: skip
    return blocks_of(plan_hands(inputs, 1, until), strokes)


def blocks_of(plan: Sequence[TimedTask], strokes: Mapping[StrokeOf, Stroke]) -> list[PaintBlock]:
    """The strokes of a plan, one after another on figure after figure, in the order blocks begin."""
    blocks = [
        PaintBlock(
            strokes[run[0].task.group, run[0].task.key],
            tuple(
                TimedStroke(t.task.group, strokes[t.task.group, t.task.key], t.start, t.end, t.dry, t.task.part)
                for t in run
            ),
            run[0].setup_min,
        )
        for run in in_runs([t for t in plan if t.task.holds])
    ]
    return sorted(blocks, key=lambda b: b.start)


def used_drying_min(blocks: Sequence[PaintBlock]) -> tuple[float, float]:
    """(minutes something dries, minutes of those in which hands work on something else)."""
    drying = sorted((d.end, d.dry) for b in blocks for d in b.strokes)
    work = sorted((d.start, d.end) for b in blocks for d in b.strokes)
    merged: list[tuple[datetime, datetime]] = []
    for start, end in drying:
        if merged and start <= merged[-1][1]:
            merged[-1] = merged[-1][0], max(end, merged[-1][1])
        else:
            merged.append((start, end))
    total = sum((e - s).total_seconds() for s, e in merged) / 60
    overlap = sum(max(0.0, (min(e, we) - max(s, ws)).total_seconds()) for s, e in merged for ws, we in work) / 60
    return total, overlap
