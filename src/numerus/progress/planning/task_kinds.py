"""What there is to do as tasks to be ticked: each kind with its words, its minutes, what must be at hand and what ticking writes."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from math import ceil

from numerus.assembly.gluing import kept_apart
from numerus.colour.words import words_of_colour
from numerus.domain.army import Unit
from numerus.domain.journal import Fact
from numerus.domain.painting.recipes import FinishStep, Recipe, Scheme
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import FILAMENT
from numerus.domain.printing.plates import Plate
from numerus.paint.priming.primer import on_sticks_words, prime_min, prime_setup_min
from numerus.paint.rack.batches import bulk
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke, can_be_mixed, stroke_ml
from numerus.post.cautions import cautions
from numerus.post.supports_off import AFTER, BEFORE, held, supports_off_min, tips_off
from numerus.post.washing.wash_ways import WHOLE
from numerus.printing.machines.timing import off_reel
from numerus.printing.runs.run_records import FAILED, RunRecord
from numerus.progress.done_facts import shared_out, step
from numerus.progress.painting.painting_line import PaintBlock, TimedStroke
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.stores import checks
from numerus.progress.washing import Washing
from numerus.progress.work import LIFT_PLATE_MIN, START_RUN_MIN, build_min
from numerus.schedule.run_queue import ScheduledRun
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
    warns: str = ""

    @property
    def cautions(self) -> tuple[str, ...]:
        """Those of its bench, or of what is worked with there."""
        return cautions(self.warns or self.bench)


def parts_come_out(plans: Plans, run: RunRecord) -> list[Part]:
    """Parts of a run's plate that came out, with repeats: what failed is neither washed nor cured."""
    plate = plans.plates.get(run.plate_id)
    placed = plate.placed if plate else ()
    return [plans.parts[p.part_id] for p in placed if run.outcome_of(p.id) != FAILED and p.part_id in plans.parts]


def lift_task(plans: Plans, run: RunRecord, plate: Plate) -> Task:
    """A plate whose run has ended."""
    ended = f"{counted(len(plate.placed), 'part')}, ended {run.ended:%H:%M}"
    title = f"Lift the plate, {_machine_name(plans, run.machine_id)}"
    return Task(
        title,
        LIFT_PLATE_MIN,
        ended,
        "print",
        _to_lift(plans, run.machine_id),
        asks="print",
        warns=_warns(plans, run.machine_id),
    )


def _warns(plans: Plans, machine_id: str) -> str:
    return FILAMENT if plans.is_dry(machine_id) else ""


def _to_lift(plans: Plans, machine_id: str) -> tuple[str, ...]:
    return (
        ("Cooled down, a flexible sheet bent or a spatula",) if plans.is_dry(machine_id) else ("Scraper, tray, gloves",)
    )


def _to_start(plans: Plans, standing: Standing, run: ScheduledRun, now: datetime) -> tuple[str, ...]:
    machine = plans.machines.get(run.machine_id)
    if machine is not None and machine.is_dry:
        grams, metres = off_reel(machine, run.plate.laid)
        return f"{grams:.0f} g, {metres:.1f} m of dry filament", "bed wiped, first layer watched"
    return (f"{run.resin_ml:.0f} ml of resin", *checks(plans, standing, run.machine_id, now), "vat checked for flakes")


def _machine_name(plans: Plans, machine_id: str) -> str:
    return plans.machines[machine_id].name if machine_id in plans.machines else "the machine"


def wash_task(plans: Plans, run: RunRecord, plate: Plate, now: datetime, washing: Washing) -> Task:
    parts = parts_come_out(plans, run)
    wet = washing.wet_plate(plans, parts, run.machine_id)
    way = washing.way(plans, wet)
    fact = step("wash", (), way.hands_min, now, subject=run.run_id, carried_ml=washing.told_ml(way.carried_ml))
    within = f", {counted(sum(h.count for h in wet.hollow), 'hollow one')} swirled" if wet.hollow else ""
    detail = f"{counted(len(parts), 'part')}{within}: dirty bath, clean bath, dry"
    ready = "Two baths, towel" if way.key == WHOLE else "Two baths, basket, towel"
    return Task(f"Wash {plate.name}", way.hands_min, detail, "wash", (ready,), (fact,))


def cure_task(plans: Plans, run: RunRecord, plate: Plate, now: datetime) -> Task:
    parts = parts_come_out(plans, run)
    tips = tips_off(held(parts), plans.army.supports_off if plans.army else BEFORE)
    minutes = max(1, round(supports_off_min(tips)))
    fact = step("cure", (), minutes, now, subject=run.run_id)
    later = f", {tips[AFTER]} of them after it" if tips[AFTER] else ""
    detail = f"{counted(len(parts), 'part')}, {counted(sum(tips.values()), 'tip')}{later}, two sides under the lamp"
    return Task(f"Supports off and cure {plate.name}", minutes, detail, "cure", ("Warm water, cutters, lamp",), (fact,))


def coming_task(plate: Plate, bench: str, start: datetime, minutes: float) -> Task:
    """Of a plate that is not there yet: told, not to be ticked."""
    words = {"wash": "Wash", "cure": "Supports off and cure", "print": "Supports and strings off"}[bench]
    return Task(f"{words} {plate.name}", minutes, "when it is there", bench, asks=bench, start=start)


def coming_off_task(plans: Plans, plate: Plate, machine_id: str, start: datetime) -> Task:
    """A plate that will have ended by then."""
    title = f"Lift the plate, {_machine_name(plans, machine_id)}"
    return Task(
        title, LIFT_PLATE_MIN, f"{plate.name}, likely ended by then", "print", _to_lift(plans, machine_id), asks="print", start=start,
        warns=_warns(plans, machine_id),
    )  # fmt: skip


def start_task(plans: Plans, standing: Standing, run: ScheduledRun, now: datetime) -> Task:
    """A run of the watch bill."""
    ready = _to_start(plans, standing, run, now)
    detail = run.why[0].upper() + run.why[1:]
    warns = _warns(plans, run.machine_id)
    return Task(
        f"Start {run.plate.name}", START_RUN_MIN, detail, "print", ready, asks="print", start=run.start, warns=warns
    )


def screen_task(stage: str, figures: Sequence[FigureStanding], minutes: float) -> Task:
    """Sorting, posing and plating: done at the screen, so it only opens its bench."""
    title = {"sort": "Fill the builds", "pose": "Choose poses", "plate": "Put owed parts on plates"}[stage]
    units = sorted({f.unit.name for f in figures})
    return Task(title, minutes, f"{counted(len(figures), 'figure')}: {', '.join(units)}", stage, asks=stage)


def build_task(figure: FigureStanding, now: datetime) -> Task:
    own, unit = figure.figure, figure.unit
    minutes = build_min(figure)
    detail = f"{unit.name}: {counted(len(own.build), 'part')}, dry fit first"
    fact = step("build", (own.id,), minutes, now, kept_apart(own.build, unit.apart))
    return Task(f"Build {own.name}", minutes, detail, "build", ("Glue, files, putty",), (fact,))


def prime_task(scheme: Scheme, unit: Unit, here: Sequence[FigureStanding], now: datetime) -> Task:
    """Figures of a unit together, set-up included as at the bench."""
    told = {f.figure.id: prime_min(scheme, f.times, len(f.apart)) for f in here}
    minutes = sum(told.values()) + prime_setup_min(scheme)
    shares = {f: m * minutes / sum(told.values()) for f, m in told.items()}
    facts = tuple(shared_out("prime", shares, minutes, now, scheme.prime_school))
    on_sticks = on_sticks_words(Counter(slot for f in here for slot in f.on_sticks))
    apart = f"; on sticks: {on_sticks}" if on_sticks else ""
    detail = f"{counted(len(here), 'figure')}, {scheme.primer} by {scheme.prime_school}, two thin coats{apart}"
    return Task(f"Prime {unit.name}", minutes, detail, "prime", ("Holder, mask",), facts)


def finish_task(
    wanted: FinishStep, unit: Unit, here: Sequence[FigureStanding], now: datetime, dries_min: float
) -> Task:
    """One finishing step on figures of a unit together."""
    facts = tuple(step("finish", (f.figure.id,), f.finish_min(wanted), now, wanted.id) for f in here)
    detail = f"{counted(len(here), 'figure')}, dries {dries_min:.0f} min"
    minutes = sum(fact.minutes for fact in facts)
    return Task(f"{wanted.name}, {unit.name}", minutes, detail, "finish", (), facts)


def left_open(plans: Plans, block: PaintBlock) -> Recipe | None:
    """The recipe of a block's zone where its colour is not decided."""
    scheme = plans.scheme_for(plans.figures[block.strokes[0].figure_id])
    own = (r for r in scheme.recipes if r.zone == block.stroke.zone and r.undecided) if scheme else iter(())
    return next(own, None)


def decide_task(plans: Plans, recipe: Recipe) -> Task:
    colours = " or ".join(("as it is", *(words_of_colour(a.name) for a in recipe.undecided)))
    detail = f"left open: {colours}; nothing of it is painted before"
    return Task(f"Decide the colour of {plans.zone_name(recipe.zone)}", DECIDE_MIN, detail, "paint", asks="paint")


def painting_task(block: PaintBlock, plans: Plans, wanted: Counter[str]) -> Task:
    """A stroke on figure after figure. ``wanted``: in how many figures each stroke is still to do."""
    stroke = block.stroke.step
    names = [plans.figures[d.figure_id].name for d in block.strokes]
    who = names[0] if len(names) == 1 else counted(len(names), "figure")
    facts = tuple(_stroke_done(block.stroke, timed) for timed in block.strokes)
    thinned = f", thinned {stroke.thinner:g}" if stroke.thinner else ""
    title = f"{stroke.name} on {plans.zone_name(block.stroke.zone)}, {who}"
    detail = f"{stroke.technique}, {block_drops(block, plans)}{thinned}{_again(block, wanted)}"
    detail = (
        f"{block.in_parts}: stop where a colour ends, tick it after the last; {detail}" if block.in_parts else detail
    )
    ready = (stroke.tool, f"dries {block.stroke.dries_min:.0f} min")
    return Task(title, sum(fact.minutes for fact in facts), detail, "paint", ready, facts, start=block.start)


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
