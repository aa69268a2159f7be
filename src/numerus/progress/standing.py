"""Where every figure stands on the march: a fold of the plans and the journal, so that it cannot drift."""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from functools import cached_property

from numerus.assembly.gluing import GLUE_IDS, glued_later, kept_apart
from numerus.domain.army import Figure, Unit
from numerus.domain.painting.recipes import FinishStep, RecipeStep, Scheme
from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER, STAGES
from numerus.kit.builds import printed_slots, unfilled
from numerus.kit.completeness import Copy
from numerus.paint.drying import Drying
from numerus.paint.scheme import Stroke, strokes_for
from numerus.paint.stroke_minutes import sizes_by_figure
from numerus.printing.runs.run_records import CopyState, RunRecord, copy_states
from numerus.progress.history import History

_STAGE_OF_COPY = {
    "owed": "plate",
    "plated": "print",
    "printing": "print",
    "printed": "wash",
    "washed": "cure",
    "cured": "build",
}


@dataclass(frozen=True)
class FigureStanding:
    """One figure: its stage, what is done of it in words, its strokes and finishing steps; what was ``painted`` and ``finished``, by
    the ids of steps; ``built_keys``: of each time it was built, what was kept apart; ``times``: minutes of what is done to the whole of
    it over those told for the usual figure.
    """

    figure: Figure
    unit: Unit
    stage: str
    detail: str
    strokes: tuple[Stroke, ...]
    painted: frozenset[str]
    finished: frozenset[str]
    finish: tuple[FinishStep, ...] = ()
    built_keys: frozenset[str] = frozenset()
    failures: int = 0
    times: float = 1.0

    @property
    def number(self) -> int:
        return NUMBER[self.stage]

    @property
    def on_sticks(self) -> tuple[str, ...]:
        """Slots whose parts are primed and painted on holders of their own: kept apart when it was built, not glued on yet."""
        return self.apart if self.built_keys else ()

    @cached_property
    def apart(self) -> tuple[str, ...]:
        """Slots whose parts are glued on after painting, built or not yet."""
        return tuple(s.id.removeprefix(GLUE_IDS) for s in self.finish_left if s.id.startswith(GLUE_IDS))

    @cached_property
    def finish_left(self) -> list[FinishStep]:
        return [step for step in self.finish if step.id not in self.finished]

    def finish_min(self, step: FinishStep) -> float:
        """Minutes of a finishing step on this figure; gluing a part on takes as long on every one."""
        return step.minutes * (1.0 if step.id.startswith(GLUE_IDS) else self.times)

    @cached_property
    def next_strokes(self) -> list[Stroke]:
        return [s for s in self.strokes if s.key not in self.painted]


@dataclass(frozen=True)
class Standing:
    """Every figure's standing by id, the state of every copy, every run; minutes of hands spent on each figure."""

    figures: dict[str, FigureStanding]
    copies: dict[Copy, CopyState]
    runs: dict[str, RunRecord]
    hands: dict[str, float]

    def at(self, stage: str, unit_id: str = "") -> list[FigureStanding]:
        return [f for f in self._by_stage.get(stage, ()) if unit_id in ("", f.unit.id)]

    def of_unit(self, unit_id: str) -> list[FigureStanding]:
        return list(self._by_unit.get(unit_id, ()))

    @cached_property
    def _by_stage(self) -> Mapping[str, list[FigureStanding]]:
        return _grouped(self.figures.values(), lambda f: f.stage)

    @cached_property
    def _by_unit(self) -> Mapping[str, list[FigureStanding]]:
        return _grouped(self.figures.values(), lambda f: f.unit.id)

    def strokes_of(self, figure_id: str) -> tuple[Stroke, ...]:
        return self.figures[figure_id].strokes

    def counts(self) -> dict[str, int]:
        counts = dict.fromkeys(STAGES, 0)
        for figure in self.figures.values():
            counts[figure.stage] += 1
        return counts


def _grouped(
    figures: Iterable[FigureStanding], key: Callable[[FigureStanding], str]
) -> Mapping[str, list[FigureStanding]]:
    groups = defaultdict[str, list[FigureStanding]](list)
    for figure in figures:
        groups[key(figure)].append(figure)
    return groups


def wanted_copies(plans: Plans) -> dict[Copy, str]:
    """The part of every printed copy that builds ask for, in the roll's order."""
    return {
        (figure.id, slot): part
        for unit in plans.units_in_order()
        for figure in plans.figures_of(unit.id)
        for slot, part in printed_slots(figure).items()
    }


def standing(plans: Plans, history: History) -> Standing:
    """Plans and what happened, folded over the whole army."""
    records = history.runs.records()
    copies = copy_states(plans.plates, records, wanted_copies(plans))
    failures = Counter[str]()
    for (figure_id, _), state in copies.items():
        failures[figure_id] += state.failures
    figures, painting = {}, _Painting(plans)
    for unit in plans.units_in_order():
        for figure in plans.figures_of(unit.id):
            figures[figure.id] = _stand(figure, unit, plans, copies, history, painting, failures[figure.id])
    return Standing(figures, copies, records, {f: history.hands.get(f, 0.0) for f in plans.figures})


class _Painting:
    """The strokes figures are asked for, told once for those that are built alike and wear the same."""

    def __init__(self, plans: Plans) -> None:
        self.plans, self.sizes, self.drying = plans, sizes_by_figure(plans), Drying.of(plans)
        self._known = dict[tuple[int, str, tuple[str, ...]], list[Stroke]]()

    def strokes(self, figure: Figure, unit: Unit, scheme: Scheme | None) -> list[Stroke]:
        if scheme is None:
            return []
        key = id(scheme), unit.level, tuple(figure.build.values())  # of a size are those of one scheme that are built alike
        if key not in self._known:
            zones, sizes = self.plans.zone_areas_cm2(figure), self.sizes[figure.id].zones
            self._known[key] = strokes_for(scheme, zones, unit.level, sizes, self.drying.stroke_min)
        return self._known[key]


def _stand(
    figure: Figure, unit: Unit, plans: Plans, copies: dict[Copy, CopyState], history: History, painting: _Painting, failures: int,
) -> FigureStanding:  # fmt: skip
    done, last = history.steps.get(figure.id, set()), history.finished_at.get(figure.id)
    scheme = plans.scheme_on(figure)
    strokes = tuple(s for s in painting.strokes(figure, unit, scheme) if _was_there(s.step, last))
    painted = frozenset(key for stage, key in done if stage == "stroke")
    finished = frozenset(key for stage, key in done if stage == "finish")
    finish = (*_glued_later(figure, unit, done), *_asked(scheme.finish if scheme else (), finished, last))
    steps = {stage for stage, _ in done}
    built = frozenset(key for stage, key in done if stage == "build")
    stage, detail = _made_stage(figure, unit, plans, copies)
    times = painting.sizes[figure.id].whole_times
    made = FigureStanding(figure, unit, stage, detail, strokes, painted, finished, finish, built, failures, times)
    if stage != "build" or "build" not in steps:
        return made
    stage, detail = _painted_stage(made, plans, "prime" in steps)
    return replace(made, stage=stage, detail=detail)


def _glued_later(figure: Figure, unit: Unit, done: set[tuple[str, str]]) -> tuple[FinishStep, ...]:
    """Parts that were kept apart when it was built; of a figure not built yet those that will be."""
    built = [key for stage, key in done if stage == "build"]
    kept = built or ([kept_apart(figure.build, unit.apart)] if len(figure.build) > 1 else [])
    return tuple({step.id: step for key in kept for step in glued_later(key)}.values())


def _was_there(step: RecipeStep | FinishStep, last: datetime | None) -> bool:
    """Whether a step is asked of a figure whose last finishing step was then: what came later does not send it back."""
    return last is None or step.since is None or step.since <= last


def _asked(finish: Sequence[FinishStep], finished: frozenset[str], last: datetime | None) -> tuple[FinishStep, ...]:
    """The finishing steps of a figure; those put into the scheme after it was ready are not asked of it."""
    earlier = tuple(step for step in finish if _was_there(step, last))
    return earlier if last is not None and all(step.id in finished for step in earlier) else tuple(finish)


def _made_stage(figure: Figure, unit: Unit, plans: Plans, copies: dict[Copy, CopyState]) -> tuple[str, str]:
    """Up to building: the stage of the part that is furthest behind, named."""
    empty = unfilled(figure, unit)
    lost = [slot for slot, part in printed_slots(figure).items() if part not in plans.parts]
    if empty or lost:
        return "sort", "no " + (empty + lost)[0]
    unposed = [slot for slot, part in printed_slots(figure).items() if plans.parts[part].pose is None]
    if unposed:
        return "pose", f"{unposed[0]} not posed"
    states = {slot: copies.get((figure.id, slot), CopyState("owed")) for slot in printed_slots(figure)}
    behind = min(states, key=lambda slot: NUMBER[_STAGE_OF_COPY[states[slot].state]], default="")
    if not behind:
        return "build", "nothing to print"
    state = states[behind]
    if state.state == "owed":
        return "plate", f"{behind} failed, owed again" if state.failures else f"{behind} on no plate"
    words = {"plated": "waits for a run", "printing": "is printing", "printed": "unwashed", "washed": "uncured"}
    return _STAGE_OF_COPY[
        state.state
    ], f"{behind} {words[state.state]}" if state.state != "cured" else "all parts cured"


def _painted_stage(figure_standing: FigureStanding, plans: Plans, primed: bool) -> tuple[str, str]:
    if not primed:
        return "prime", "built"
    done = sum(s.key in figure_standing.painted for s in figure_standing.strokes)
    if done < len(figure_standing.strokes):
        return "paint", f"{done} of {len(figure_standing.strokes)} strokes"
    if (
        plans.scheme_of(figure_standing.unit.id) is not None
        and not figure_standing.finished
        and (unnamed := plans.unnamed_parts(figure_standing.figure))
    ):
        return "paint", f"{plans.parts[unnamed[0]].label}: zones not named"
    left = figure_standing.finish_left
    return ("finish", f"{left[0].name.lower()} left") if left else ("ready", "ready")


def furthest_stage_share(standings: list[FigureStanding]) -> list[float]:
    """For the unit's road: the share of figures that have passed each stage."""
    at = Counter(f.number for f in standings)
    passed = [sum(many for stage, many in at.items() if stage > n) for n in range(len(STAGES) - 1)]
    return [many / max(len(standings), 1) for many in (*passed, at[len(STAGES) - 1])]


def outcomes_by_part(plans: Plans, standing: Standing) -> list[tuple[str, str]]:
    """(outcome, part id) of everything that was looked at."""
    return [
        (run.outcomes[placed.id].outcome, placed.part_id)
        for run in standing.runs.values()
        if run.plate_id in plans.plates
        for placed in plans.plates[run.plate_id].placed
        if placed.id in run.outcomes
    ]


def kit_record(plans: Plans, standing: Standing, kit_id: str) -> str:
    """How well a kit's prints have done so far, in words."""
    own = {p.id for p in plans.parts.values() if p.kit_id == kit_id}
    outcomes = [outcome for outcome, part in outcomes_by_part(plans, standing) if part in own]
    if not outcomes:
        return "Nothing of this kit was printed yet."
    good = outcomes.count("good")
    return f"Of {len(outcomes)} parts printed so far {good} were good, {outcomes.count('flawed')} flawed, {outcomes.count('failed')} failed."
