"""What is still to do: minutes of hands and of machines, by unit and stage."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from functools import lru_cache

from numerus.assembly.gluing import build_plan
from numerus.assembly.stacked_base import PIECE_MIN
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Laid, Plate
from numerus.domain.stages import NUMBER, STAGES
from numerus.kit.builds import printed_slots
from numerus.paint.loads import setups_min
from numerus.paint.priming.primer import prime_min, prime_setup_min
from numerus.post.curing.cure import lamp_min
from numerus.post.supports_off import STRINGS_OFF_MIN, USUAL_OFF_MIN
from numerus.post.washing import wash
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.unlaid import height_mm, plate_share, room_mm2
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.pace.rates import Rate
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.washing import AS_USUAL, Washing

SORT_MIN, POSE_MIN_PER_PART, PLATE_MIN = 2.0, 4.0, 1.0
START_RUN_MIN, LIFT_PLATE_MIN = 10.0, 6.0  # (defaults) resin in, vat looked at, plate on; the plate off
RUN_HANDS_MIN = START_RUN_MIN + LIFT_PLATE_MIN
GROUP_OF = {
    "wash": "wash and cure",
    "cure": "wash and cure",
    "build": "build",
    "prime": "prime",
    "paint": "paint",
    "finish": "finish",
}


@dataclass(frozen=True)
class StageWork:
    """Minutes at one stage: of figures standing there, and of those still to come."""

    hands_here: float = 0.0
    hands_to_come: float = 0.0
    machine_here: float = 0.0
    machine_to_come: float = 0.0

    @property
    def hands(self) -> float:
        return self.hands_here + self.hands_to_come

    @property
    def machine(self) -> float:
        return self.machine_here + self.machine_to_come


@dataclass(frozen=True)
class UnitWork:
    """Minutes left for one unit: hands by group of steps, machine in all; ``wet_runs``: how many are still to be washed and cured;
    ``outdoors``: it is primed by a can, when the air is fit.
    """

    unit_id: str
    hands: dict[str, float]
    machine: float
    wet_runs: float = 0.0
    outdoors: bool = False

    @property
    def hands_total(self) -> float:
        return sum(self.hands.values())


def build_min(figure: FigureStanding) -> float:
    """Told minutes to put a figure together and to stack its base, its parts kept apart left out."""
    return _glued_min(tuple(figure.figure.build), tuple(figure.unit.apart)) + PIECE_MIN * len(figure.unit.stack)


@lru_cache(1000)
def _glued_min(slots: tuple[str, ...], apart: tuple[str, ...]) -> float:
    """The same for every figure of a squad."""
    return sum(s.minutes for s in build_plan(slots, apart))


def figure_hands(figure: FigureStanding, plans: Plans, rate: dict[str, Rate]) -> dict[str, float]:
    """Minutes of hands still to do on one figure, by stage, without the runs it shares with others."""
    printed = printed_slots(figure.figure)
    scheme = plans.scheme_of(figure.unit.id)
    unposed = sum(1 for p in printed.values() if p in plans.parts and plans.parts[p].pose is None)
    raw = {
        "sort": SORT_MIN if figure.stage == "sort" else 0.0,
        "pose": POSE_MIN_PER_PART * unposed * 0.2,
        "plate": PLATE_MIN,
        "build": build_min(figure),
        "prime": prime_min(scheme, figure.times, len(figure.apart)) if scheme else 0.0,
        "paint": 0.0,
        "finish": sum(map(figure.finish_min, figure.finish_left)),
    }
    paced = {
        stage: minutes * (rate[GROUP_OF[stage]].factor if stage in GROUP_OF else 1.0) for stage, minutes in raw.items()
    }
    paced["paint"] = sum(s.minutes * rate["paint"].factor_of(s.step.technique) for s in figure.next_strokes)
    return {stage: minutes for stage, minutes in paced.items() if NUMBER[stage] >= figure.number}


def _pots_min(figures: Iterable[FigureStanding]) -> float:
    """Minutes to open every pot once for a unit, and to load every airbrush: a unit is painted together."""
    return setups_min(s.step for f in figures if f.number <= NUMBER["paint"] for s in f.next_strokes)


def _prime_setup_min(plans: Plans, figures: list[FigureStanding]) -> float:
    """Setting up to prime, once for all of a unit that is not primed."""
    waiting = any(f.number <= NUMBER["prime"] for f in figures)
    scheme = plans.scheme_of(figures[0].unit.id) if waiting else None
    return prime_setup_min(scheme) if scheme else 0.0


def _unplated_minutes(figures: list[FigureStanding], plans: Plans, standing: Standing) -> tuple[float, float, float]:
    """(machine minutes, runs of resin, runs of plastic) for copies on no plate."""
    owed = _on_no_plate(figures, plans, standing)
    minutes, wet, dry = 0.0, 0.0, 0.0
    for kind in dict.fromkeys(map(plans.material_of, owed)):
        own = [p for p in owed if plans.material_of(p) == kind]
        machine = plans.machine_for(own[0])
        if machine is not None:
            took, runs = _runs_for(own, machine)
            minutes, wet, dry = minutes + took, wet + runs * (not machine.is_dry), dry + runs * machine.is_dry
    return minutes, wet, dry


def _on_no_plate(figures: list[FigureStanding], plans: Plans, standing: Standing) -> list[Part]:
    return [
        plans.parts[part]
        for f in figures
        for slot, part in printed_slots(f.figure).items()
        if part in plans.parts
        and (state := standing.copies.get((f.figure.id, slot))) is None
        or (part in plans.parts and state is not None and state.state == "owed")
    ]


def _runs_for(owed: list[Part], machine: Machine) -> tuple[float, float]:
    """(minutes, runs): footprints on half-filled plates as tall as their tallest."""
    tallest = max(map(height_mm, owed))
    runs = plate_share(sum(map(room_mm2, owed)), machine)
    ml = sum(p.volume_ml + (p.pose.support_ml if p.pose else 0.0) for p in owed)
    many = max(runs, 0.25)
    each = Laid(ml / many, sum(p.surface_cm2 for p in owed) / many, round(len(owed) / many))
    return run_minutes(tallest, machine, each) * many, many


def work_by_unit(
    plans: Plans, standing: Standing, rate: dict[str, Rate], washing: Washing = AS_USUAL
) -> list[UnitWork]:
    """What each unit still asks for, in the roll's order; a plate's minutes go to units by their share of its parts."""
    return _units_work(plans, standing, rate, washing, _all_hands(plans, standing, rate))


def _all_hands(plans: Plans, standing: Standing, rate: dict[str, Rate]) -> dict[str, dict[str, float]]:
    """Minutes of hands left by stage, of each figure by id."""
    return {f.figure.id: figure_hands(f, plans, rate) for f in standing.figures.values()}


def _units_work(
    plans: Plans, standing: Standing, rate: dict[str, Rate], washing: Washing, of_figure: Mapping[str, Mapping[str, float]]
) -> list[UnitWork]:
    plate_share = _plate_shares(plans, standing, washing)
    units = []
    for unit in plans.units_in_order():
        figures = standing.of_unit(unit.id)
        hands: dict[str, float] = {}
        for figure in figures:
            for stage, minutes in of_figure[figure.figure.id].items():
                hands[stage] = hands.get(stage, 0.0) + minutes
        hands["paint"] = hands.get("paint", 0.0) + _pots_min(figures)
        hands["prime"] = hands.get("prime", 0.0) + _prime_setup_min(plans, figures)
        minutes, wet, dry = _unplated_minutes(figures, plans, standing)
        plated, factor = plate_share.get(unit.id, _Plated()), rate["wash and cure"].factor
        hands["print"] = (wet + dry + plated.waiting) * RUN_HANDS_MIN
        hands["wash"] = (wet * wash.HANDS_MIN + plated.wash_min) * factor
        hands["cure"] = (wet * USUAL_OFF_MIN + plated.off_min) * factor
        hands["print"] += dry * STRINGS_OFF_MIN + plated.strings_min
        hands = {s: m for s, m in hands.items() if m > 0}
        scheme = plans.scheme_of(unit.id)
        outdoors = scheme is not None and scheme.prime_school == "can" and "prime" in hands
        units.append(UnitWork(unit.id, hands, minutes + plated.machine_min, wet + plated.runs, outdoors))
    return units


@dataclass(frozen=True)
class _Plated:
    """A unit's share of plates: minutes of the machine, runs still to start and wet runs in all, minutes to wash and to take
    supports off, and what is of plastic supports and strings.
    """

    machine_min: float = 0.0
    waiting: float = 0.0
    runs: float = 0.0
    wash_min: float = 0.0
    off_min: float = 0.0
    strings_min: float = 0.0

    def more(self, share: float, plate: Plate, waiting: bool, hands: tuple[float, float], dry: bool) -> _Plated:
        wash_min, off_min = hands
        return _Plated(
            self.machine_min + plate.minutes * share * waiting,
            self.waiting + share * waiting,
            self.runs + share * (not dry),
            self.wash_min + wash_min * share,
            self.off_min + off_min * share * (not dry),
            self.strings_min + off_min * share * dry,
        )


def _plate_shares(plans: Plans, standing: Standing, washing: Washing) -> dict[str, _Plated]:
    """Per unit, of plates that wait and of those printed but not cured yet."""
    waiting = {p.id for p in waiting_plates(plans.plates, standing.runs)}
    wet = {r.plate_id for r in standing.runs.values() if r.state in ("printing", "hanging", "printed", "washed")}
    washed = {r.plate_id for r in standing.runs.values() if r.state == "washed"}
    shares: dict[str, _Plated] = {}
    for plate in plans.plates.values():
        if plate.id not in waiting and plate.id not in wet:
            continue
        owners = [plans.figures[p.figure_id].unit_id for p in plate.placed if p.figure_id in plans.figures]
        wash_min, off_min = washing.plate_hands_min(plans, plate)
        hands = 0.0 if plate.id in washed else wash_min, off_min
        for unit_id in set(owners):
            share = owners.count(unit_id) / len(owners)
            dry = plans.is_dry(plate.machine_id)
            shares[unit_id] = shares.get(unit_id, _Plated()).more(share, plate, plate.id in waiting, hands, dry)
    return shares


def work_by_stage(
    plans: Plans, standing: Standing, rate: dict[str, Rate], washing: Washing = AS_USUAL
) -> dict[str, StageWork]:
    """For the band: hours waiting at each stage, of figures here and to come."""
    of_figure = _all_hands(plans, standing, rate)
    units = _units_work(plans, standing, rate, washing, of_figure)
    work = {}
    for stage in STAGES:
        hands = sum(u.hands.get(stage, 0.0) for u in units)
        here = sum(of_figure[f.figure.id].get(stage, 0.0) for f in standing.at(stage))
        machine = {"print": sum(u.machine for u in units)}.get(stage, 0.0)
        if stage in ("wash", "cure"):
            held = wash.TUB_MIN + wash.DRY_MIN if stage == "wash" else lamp_min(plans.resin.dose_j_per_cm2)
            machine = held * sum(u.wet_runs for u in units)
        share = len(standing.at(stage)) / max(sum(f.number <= NUMBER[stage] for f in standing.figures.values()), 1)
        if stage in ("print", "wash", "cure"):
            here = hands * share
        work[stage] = StageWork(min(here, hands), max(hands - here, 0.0), machine * share, machine * (1 - share))
    return work


def uncounted(plans: Plans) -> list[str]:
    """Ids of figures without a part: none of their printing, and little of the rest, is in a forecast."""
    return [f.id for f in plans.figures.values() if not f.build]


@dataclass(frozen=True)
class StageThroughput:
    """How many figures a week a stage lets through with the hands and machines there are."""

    stage: str
    per_week: float


def stage_throughputs(
    plans: Plans, standing: Standing, rate: dict[str, Rate], kept: float | None = None, washing: Washing = AS_USUAL,
    known: Mapping[str, StageWork] | None = None,
) -> list[StageThroughput]:  # fmt: skip
    """Figures a week each stage would let through with all the week's hands at it, or with all the machines' hours.

    With work of m minutes still to do there for n figures, and h minutes of hands a week, that is n * h / m: the line as a
    whole lets less through, since hands are shared, but nowhere more than at its narrowest stage, the bottleneck. ``kept``: the
    share of evenings kept, as typed where it is not given; ``known``: the work by stage, where it was worked out.
    """
    if plans.army is None:
        return []
    week_hands = (
        plans.army.people
        * sum(d.hobby_minutes for d in plans.army.week)
        * (plans.army.evenings_kept if kept is None else kept)
    )
    work = known or work_by_stage(plans, standing, rate, washing)
    throughputs = []
    for stage in STAGES[1:-1]:
        coming = sum(f.number <= NUMBER[stage] for f in standing.figures.values())
        hands, machine = work[stage].hands, work[stage].machine
        by_hands = coming * week_hands / hands if hands > 0 else math.inf
        devices = max(len(plans.machines), 1) if stage == "print" else 1
        by_machine = coming * devices * 7 * 16 * 60 / machine if machine > 0 else math.inf
        if coming:
            throughputs.append(StageThroughput(stage, min(by_hands, by_machine)))
    return throughputs


def bottleneck(throughputs: list[StageThroughput]) -> StageThroughput | None:
    open_gates = [g for g in throughputs if math.isfinite(g.per_week)]
    return min(open_gates, key=lambda g: g.per_week, default=None)
