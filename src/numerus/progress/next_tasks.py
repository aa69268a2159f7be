"""The orders: what to do next, in sequence, with minutes, what must be at hand, and the caution of that step.

Wet things first (a hanging plate, then wash, then lamp), then the machine (an idle one loses hours), then what hands
can do of the march in the time there is. Ticking an order appends the facts it carries.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from functools import partial
from math import ceil

from numerus.assembly.gluing import build_plan, kept_apart
from numerus.colour.words import words_of_colour
from numerus.domain.army import Figure, Unit
from numerus.domain.journal import Fact
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Plate
from numerus.errors import PlanError
from numerus.paint.figure.touching import Between
from numerus.paint.priming import on_sticks_words
from numerus.paint.rack.batches import bulk
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke, can_be_mixed, stroke_ml
from numerus.post.cautions import cautions
from numerus.post.supports_off import AFTER, BEFORE, held, supports_off_min, tips_off
from numerus.post.washing.wash_ways import WHOLE
from numerus.printing.runs.run_records import FAILED, RunRecord
from numerus.progress.done_facts import step
from numerus.progress.painting.painting_line import NOT_LOOKED_AT, PaintBlock, TimedStroke, paint_line
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.stores import checks
from numerus.progress.washing import AS_USUAL, Washing
from numerus.schedule.attendance import hobby_windows
from numerus.words import counted

BATCH_MOST = 10
DECIDE_MIN = 2.0  # (default) to look at colourways once more


@dataclass(frozen=True)
class Task:
    """One thing to do. ``facts`` are what ticking writes; ``bench`` is where it is done; ``asks`` opens a bench instead."""

    title: str
    minutes: float
    detail: str
    bench: str
    at_hand: tuple[str, ...] = ()
    facts: tuple[Fact, ...] = ()
    asks: str = ""
    start: datetime | None = None

    @property
    def cautions(self) -> tuple[str, ...]:
        return cautions(self.bench)


@dataclass(frozen=True)
class TaskList:
    """What fits into the next stretch of hobby time, and how long that is."""

    listed: tuple[Task, ...]
    start: datetime
    minutes: float

    @property
    def work_min(self) -> float:
        return sum(o.minutes for o in self.listed)


def _wet(plans: Plans, standing: Standing, now: datetime, washing: Washing) -> list[Task]:
    """What wet plates ask for: to be lifted, washed, cured."""
    asks: dict[str, Callable[[Plans, RunRecord, Plate, datetime], Task]] = {
        "hanging": _lift, "printed": partial(_wash, washing), "washed": _cure,
    }  # fmt: skip
    runs = sorted(standing.runs.values(), key=lambda r: r.state)  # hanging, printed, washed
    return [
        asks[r.state](plans, r, plans.plates[r.plate_id], now)
        for r in runs
        if r.state in asks and r.plate_id in plans.plates
    ]


def parts_come_out(plans: Plans, run: RunRecord) -> list[Part]:
    """Parts of a run's plate that came out, with repeats: what failed is neither washed nor cured."""
    plate = plans.plates.get(run.plate_id)
    placed = plate.placed if plate else ()
    return [plans.parts[p.part_id] for p in placed if run.outcome_of(p.id) != FAILED and p.part_id in plans.parts]


def _lift(plans: Plans, run: RunRecord, plate: Plate, _: datetime) -> Task:
    machine = plans.machines[run.machine_id].name if run.machine_id in plans.machines else "the machine"
    ended = f"{counted(len(plate.placed), 'part')}, ended {run.ended:%H:%M}"
    return Task(f"Lift the plate, {machine}", 6, ended, "print", ("Scraper, tray, gloves",), asks="print")


def _wash(
    washing: Washing, plans: Plans, run: RunRecord, plate: Plate, now: datetime
) -> Task:  # fmt: skip
    parts = parts_come_out(plans, run)
    wet = washing.wet_plate(plans, parts, run.machine_id)
    way = washing.way(plans, wet)
    fact = step("wash", (), way.hands_min, now, subject=run.run_id, carried_ml=washing.told_ml(way.carried_ml))
    within = f", {counted(sum(h.count for h in wet.hollow), 'hollow one')} swirled" if wet.hollow else ""
    detail = f"{counted(len(parts), 'part')}{within}: dirty bath, clean bath, dry"
    ready = "Two baths, towel" if way.key == WHOLE else "Two baths, basket, towel"
    return Task(f"Wash {plate.name}", way.hands_min, detail, "wash", (ready,), (fact,))


def _cure(plans: Plans, run: RunRecord, plate: Plate, now: datetime) -> Task:
    parts = parts_come_out(plans, run)
    tips = tips_off(held(parts), plans.army.supports_off if plans.army else BEFORE)
    minutes = max(1, round(supports_off_min(tips)))
    fact = step("cure", (), minutes, now, subject=run.run_id)
    later = f", {tips[AFTER]} of them after it" if tips[AFTER] else ""
    detail = f"{counted(len(parts), 'part')}, {counted(sum(tips.values()), 'tip')}{later}, two sides under the lamp"
    return Task(f"Supports off and cure {plate.name}", minutes, detail, "cure", ("Warm water, cutters, lamp",), (fact,))


def _loading(plans: Plans, standing: Standing, now: datetime, until: datetime) -> list[Task]:
    running = {r.machine_id for r in standing.runs.values() if r.state in ("printing", "hanging")}
    tasks = []
    for slot in next_runs(plans, standing, now).scheduled_runs:
        if slot.start <= until and slot.machine_id not in running:
            running.add(slot.machine_id)
            ready = (f"{slot.resin_ml:.0f} ml of resin", *checks(plans, standing, slot.machine_id, now))
            tasks.append(
                Task(
                    f"Start {slot.plate.name}",
                    10,
                    slot.why[0].upper() + slot.why[1:],
                    "print",
                    (*ready, "vat checked for flakes"),
                    asks="print",
                    start=slot.start,
                )
            )
    return tasks


def painting_block_orders(
    blocks: Sequence[PaintBlock], plans: Plans, standing: Standing, until: datetime
) -> list[Task]:
    """What the line says until then; a zone whose colour was left open is decided on before it is painted."""
    soon = [b for b in blocks if b.start < until]
    left_open = {r.zone: r for b in soon if (r := _left_open(plans, b)) is not None}
    wanted = Counter(s.key for f in standing.figures.values() for s in f.next_strokes)
    decided = [_painting_task(b, plans, wanted) for b in soon if b.stroke.zone not in left_open]
    return [*(_to_decide(plans, r) for r in left_open.values()), *decided]


def _left_open(plans: Plans, block: PaintBlock) -> Recipe | None:
    """The recipe of a block's zone where its colour is not decided."""
    scheme = plans.scheme_for(plans.figures[block.strokes[0].figure_id])
    own = (r for r in scheme.recipes if r.zone == block.stroke.zone and r.undecided) if scheme else iter(())
    return next(own, None)


def _to_decide(plans: Plans, recipe: Recipe) -> Task:
    colours = " or ".join(("as it is", *(words_of_colour(a.name) for a in recipe.undecided)))
    name = plans.zone_name(recipe.zone)
    return Task(
        f"Decide the colour of {name}",
        DECIDE_MIN,
        f"left open: {colours}; nothing of it is painted before",
        "paint",
        asks="paint",
    )


def _painting_task(block: PaintBlock, plans: Plans, wanted: Counter[str]) -> Task:
    stroke = block.stroke.step
    names = [plans.figures[d.figure_id].name for d in block.strokes]
    who = names[0] if len(names) == 1 else counted(len(names), "figure")
    facts = [_stroke_done(block.stroke, timed) for timed in block.strokes]
    thinned = f", thinned {stroke.thinner:g}" if stroke.thinner else ""
    return Task(
        f"{stroke.name} on {plans.zone_name(block.stroke.zone)}, {who}",
        sum(fact.minutes for fact in facts),
        f"{stroke.technique}, {block_drops(block, plans)}{thinned}{_again(block, wanted)}",
        "paint",
        (stroke.tool, f"dries {stroke.dries_min:.0f} min"),
        tuple(facts),
        start=block.start,
    )


def _stroke_done(stroke: Stroke, timed: TimedStroke) -> Fact:
    minutes = (timed.end - timed.start).total_seconds() / 60
    return step("stroke", (timed.figure_id,), minutes, timed.end, stroke.key, planned=timed.stroke.minutes)


def _again(block: PaintBlock, wanted: Counter[str]) -> str:
    """How often the same mix is wanted again, of the figures that want each stroke: those left when the block is done."""
    later = wanted[block.stroke.key] - len(block.strokes)
    if later <= 0:
        return ""
    return f"; the same for {counted(later, 'figure')} to come, {counted(ceil(later / BATCH_MOST), 'more session')}"


def block_drops(block: PaintBlock, plans: Plans) -> str:
    """What to drop together for a block: whole drops of every pot, with what never leaves palette or cup."""
    stroke, rack = block.stroke.step, rack_of(plans)
    if not can_be_mixed(stroke, rack):
        return "a paint of it is gone"
    figures = [plans.figures[d.figure_id] for d in block.strokes]
    cm2 = sum(plans.zone_areas_cm2(f).get(block.stroke.zone, 0.0) for f in figures)
    whole = sum(parts for _, parts in stroke.mix)
    wet = stroke_ml(stroke, cm2, rack) * whole / (whole + stroke.thinner)
    batch = bulk(stroke.mix, wet, rack, sprayed=stroke.technique == "spray")
    return " + ".join(f"{counted(n, 'drop')} {rack.name_of(pot)}" for pot, n in batch.drops.items())


def paint_batch(standing: Standing) -> list[FigureStanding]:
    """The figures to paint together: the unit that is furthest behind among those at Paint, up to a batch."""
    at = standing.at("paint")
    if not at:
        return []
    unit = min(at, key=lambda f: (f.unit.order, f.figure.order)).unit.id
    return [f for f in at if f.unit.id == unit][:BATCH_MOST]


def _handwork(plans: Plans, standing: Standing, now: datetime) -> list[Task]:
    """Finishing, priming and building, one order per unit and step."""
    tasks: list[Task] = []
    for unit in plans.units_in_order():
        scheme = plans.scheme_of(unit.id)
        if scheme is not None:
            tasks += _finishing(unit, standing.at("finish", unit.id), now)
            tasks += _priming(scheme, unit, standing.at("prime", unit.id), now)
        tasks += [_building(unit, f.figure, now) for f in standing.at("build", unit.id)]
    return tasks


def _finishing(unit: Unit, here: list[FigureStanding], now: datetime) -> list[Task]:
    tasks = []
    for wanted in dict.fromkeys(s for f in here for s in f.finish_left[:1]):
        own = [f for f in here if f.finish_left[:1] == [wanted]]
        if own:
            facts = tuple(step("finish", (f.figure.id,), f.finish_min(wanted), now, wanted.id) for f in own)
            detail = f"{counted(len(own), 'figure')}, dries {wanted.dries_min:.0f} min"
            minutes = sum(fact.minutes for fact in facts)
            tasks.append(Task(f"{wanted.name}, {unit.name}", minutes, detail, "finish", (), facts))
    return tasks


def _priming(scheme: Scheme, unit: Unit, here: list[FigureStanding], now: datetime) -> list[Task]:
    if not here:
        return []
    facts = tuple(step("prime", (f.figure.id,), scheme.prime_minutes * f.times, now) for f in here)
    sticks = on_sticks_words(Counter(slot for f in here for slot in f.on_sticks))
    apart = f"; on sticks: {sticks}" if sticks else ""
    detail = f"{counted(len(here), 'figure')}, {scheme.primer}, two thin coats{apart}"
    minutes = sum(fact.minutes for fact in facts)
    return [Task(f"Prime {unit.name}", minutes, detail, "prime", ("Holder, mask",), facts)]


def _building(unit: Unit, figure: Figure, now: datetime) -> Task:
    minutes = sum(s.minutes for s in build_plan(list(figure.build), unit.apart))
    detail = f"{unit.name}: {counted(len(figure.build), 'part')}, dry fit first"
    fact = step("build", (figure.id,), minutes, now, kept_apart(figure.build, unit.apart))
    return Task(f"Build {figure.name}", minutes, detail, "build", ("Glue, files, putty",), (fact,))


def _desk_work(standing: Standing) -> list[Task]:
    """Sorting, posing and plating: done at the screen, so they only open their bench."""
    words = {
        "sort": ("Fill the builds", 2.0),
        "pose": ("Choose poses", 4.0),
        "plate": ("Put owed parts on plates", 5.0),
    }
    tasks = []
    for stage, (title, minutes) in words.items():
        waiting = standing.at(stage)
        if waiting:
            units = sorted({f.unit.name for f in waiting})
            tasks.append(
                Task(title, minutes, f"{counted(len(waiting), 'figure')}: {', '.join(units)}", stage, asks=stage)
            )
    return tasks


def orders(
    plans: Plans, facts: Sequence[Fact], standing: Standing, now: datetime, between: Between = NOT_LOOKED_AT,
    washing: Washing = AS_USUAL,
) -> TaskList:  # fmt: skip
    """What to do in the next stretch of hobby time; the list ends where the time does."""
    if plans.army is None:
        return TaskList((), now, 0.0)
    windows = hobby_windows(plans.army, now, 14)
    if not windows:
        return TaskList(tuple(_wet(plans, standing, now, washing)), now, 0.0)
    until = windows[0].end
    wanted = _wet(plans, standing, now, washing) + _quietly(_loading, plans, standing, now, until)
    desk = _desk_work(standing)
    hand = _handwork(plans, standing, now)
    paint = painting_block_orders(
        _quietly(paint_line, plans, facts, paint_batch(standing), now, 60, between, until), plans, standing, until
    )
    listed = _fitted(wanted + desk[:1] + paint[:3] + hand + paint[3:] + desk[1:], windows[0].minutes)
    return TaskList(tuple(_timed(listed, windows[0].start)), windows[0].start, windows[0].minutes)


def _quietly(plan, *args):  # type: ignore[no-untyped-def]
    """A plan that cannot be made gives no orders; its bench says why."""
    try:
        return plan(*args)
    except PlanError:
        return []


def _fitted(listed: list[Task], minutes: float) -> list[Task]:
    kept: list[Task] = []
    used = 0.0
    for order in listed:
        if used + order.minutes <= minutes or not kept:
            kept.append(order)
            used += order.minutes
    return kept


def _timed(listed: list[Task], start: datetime) -> list[Task]:
    timed, moment = [], start
    for order in listed:
        timed.append(replace(order, start=moment))
        moment += timedelta(minutes=order.minutes)
    return timed
