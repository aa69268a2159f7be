"""What the plans use up of things that are only bought and used, day by day, and what is left of them by the ledger and the journal."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import date, datetime

from numerus.domain.army import BOUGHT
from numerus.domain.journal import Fact, Purchased, RunStarted, StepDone
from numerus.domain.plans import Plans
from numerus.domain.purchases import purchases
from numerus.errors import PlanError
from numerus.kit.builds import printed_slots
from numerus.paint.finishing.basing import layer_need
from numerus.post.washing.wash_ways import SOLVENT_L_PER_BATH_ML, clinging_ml
from numerus.printing.machines.timing import off_reel
from numerus.progress.planning.bench_tasks import BUILD, FINISHING, WASH
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import Standing
from numerus.schedule.hand_tasks import TimedTask

GLUE_G_A_JOINT, PUTTY_G_A_FIGURE, BLADES_A_FIGURE = 0.05, 0.3, 0.05  # (defaults)
THING_OF_LAYER = {
    "texture": "texture", "water": "texture", "sand": "strewn", "snow": "strewn", "leaves": "strewn", "tufts": "tufts",
}  # fmt: skip

Use = tuple[date, str, float]
"""A day, a kind of thing, how much of it."""


def coming_uses(plans: Plans, timed: Iterable[TimedTask]) -> list[Use]:
    """What the plan's tasks use up, by the day they are done: solvent by the skin that is washed, a pair of gloves an evening with wet
    resin, glue by joints, putty and blades by figures, a base for each that is bought, what lies on it when finishing begins.
    """
    uses: list[Use] = []
    gloved, built, based = set[date](), set[str](), set[str]()
    for one in timed:
        day, key = one.end.date(), one.task.key
        if one.task.urgent:
            gloved.add(day)
        if key.endswith(f"/{WASH}"):
            uses.append((day, "solvent", _solvent_l(plans, key.rpartition("/")[0])))
        if key == BUILD and one.task.group not in built:
            built.add(one.task.group)
            uses += [(day, thing, amount) for thing, amount in build_uses(plans, one.task.group).items()]
        if one.task.phase == FINISHING and one.task.group not in based:
            based.add(one.task.group)
            uses += [(day, thing, amount) for thing, amount in basing_uses(plans, one.task.group).items()]
    return sorted([*uses, *((day, "gloves", 1.0) for day in gloved)])


def _solvent_l(plans: Plans, plate_id: str) -> float:
    plate = plans.plates.get(plate_id)
    parts = [plans.parts[p.part_id] for p in plate.placed if p.part_id in plans.parts] if plate else []
    return clinging_ml(sum(p.surface_cm2 for p in parts), plans.resin.film_mm) * SOLVENT_L_PER_BATH_ML


def build_uses(plans: Plans, figure_id: str) -> dict[str, float]:
    """Glue, putty, blades and bases one figure takes when it is built."""
    figure = plans.figures.get(figure_id)
    if figure is None:
        return {}
    joints = max(len(printed_slots(figure)) - 1, 0)
    uses = {"glue": GLUE_G_A_JOINT * joints, "putty": PUTTY_G_A_FIGURE if joints else 0.0, "blades": BLADES_A_FIGURE}
    return uses | {"bases": float(sum(part == BOUGHT for part in figure.build.values()))}


def basing_uses(plans: Plans, figure_id: str) -> dict[str, float]:
    """What lies on one figure's base, by its unit's recipe; paint of rims is counted with the pots."""
    figure = plans.figures.get(figure_id)
    unit = plans.units.get(figure.unit_id) if figure else None
    uses: dict[str, float] = {}
    for layer in plans.basing_of(unit) if unit else ():
        if layer.kind in THING_OF_LAYER and unit:
            thing = THING_OF_LAYER[layer.kind]
            uses[thing] = uses.get(thing, 0.0) + layer_need(layer, unit.base_mm, 1).amount
    return uses


def reel_uses(plans: Plans, army_standing: Standing, now: datetime) -> list[Use]:
    """Grams off the reel of every plate of plastic that waits, by the day its run starts."""
    try:
        runs = next_runs(plans, army_standing, now).scheduled_runs
    except PlanError:  # nobody is ever there: its bench says so
        return []
    dry = ((r, plans.machines[r.machine_id]) for r in runs if plans.is_dry(r.machine_id))
    return [(r.start.date(), "plastic", off_reel(machine, r.plate.laid).grams) for r, machine in dry]


def used_since(plans: Plans, facts: Sequence[Fact], thing: str, since: datetime) -> float:
    """How much of a thing the journal has used since then: washed plates, figures built, days with wet resin."""
    done = [f for f in facts if isinstance(f.event, StepDone) and f.at >= since]
    if thing == "gloves":
        return float(len({f.at.date() for f in done if _stage(f) in ("wash", "cure")}))
    if thing == "solvent":
        washed = (f.event.carried_ml or 0.0 for f in done if isinstance(f.event, StepDone) and f.event.stage == WASH)
        return sum(washed) * SOLVENT_L_PER_BATH_ML
    if thing == "plastic":
        return sum(_off_reel_g(plans, f.event) for f in facts if isinstance(f.event, RunStarted) and f.at >= since)
    if thing in THING_OF_LAYER.values():
        based = {figure for f in done if _stage(f) == "finish" for figure in f.figures}
        return sum(basing_uses(plans, figure).get(thing, 0.0) for figure in based)
    return sum(build_uses(plans, figure).get(thing, 0.0) for f in done if _stage(f) == BUILD for figure in f.figures)


def _off_reel_g(plans: Plans, started: RunStarted) -> float:
    """Of a run of plastic as its plate is told; 0 of any other, and where plate or machine is gone."""
    plate, machine = plans.plates.get(started.plate), plans.machines.get(started.machine)
    return off_reel(machine, plate.laid).grams if plate and machine and machine.is_dry else 0.0


def _stage(fact: Fact) -> str:
    return fact.event.stage if isinstance(fact.event, StepDone) else ""


def in_store(plans: Plans, facts: Sequence[Fact], thing: str) -> float | None:
    """What is left of a counted thing; None where none was ever bought with its amount."""
    own = [
        f for f in purchases(facts) if isinstance(f.event, Purchased) and f.event.thing == thing and f.event.amount > 0
    ]
    if not own:
        return None
    bought = sum(f.event.amount for f in own if isinstance(f.event, Purchased))
    return max(bought - used_since(plans, facts, thing, own[0].at), 0.0)
