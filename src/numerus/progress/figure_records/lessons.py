"""What a unit taught: where its estimates were off, what failed and broke, and what its painter will do otherwise next time."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Fact, LessonNoted, PartBroke
from numerus.domain.plans import Plans
from numerus.domain.stages import TITLES
from numerus.printing.runs.run_records import FAILED
from numerus.progress.history import History
from numerus.progress.standing import Standing
from numerus.words import counted, span

TOLD_STAGES = {"build": "Building", "prime": "Priming", "stroke": "Painting", "finish": "Finishing"}
STAGE_OF = {"stroke": "paint"}
OFF = 0.1  # of an estimate: less than that is not worth a word


@dataclass(frozen=True)
class Estimated:
    """Work of one kind on a unit: minutes planned and measured, from so many steps that were measured."""

    stage: str
    planned_min: float
    measured_min: float
    steps: int

    @property
    def words(self) -> str:
        times = self.measured_min / self.planned_min
        how = "as planned" if abs(times - 1) < OFF else f"{times:.2f} times as long as planned"
        told = f"{span(self.measured_min)} for {span(self.planned_min)}, {counted(self.steps, 'step')} measured"
        return f"{TOLD_STAGES[self.stage]} took {how}: {told}."


@dataclass(frozen=True)
class UnitReview:
    """How a unit went: ``estimates`` that were off most first; copies that ``failed`` of those ``looked_at``; what ``broke`` on whom."""

    unit_id: str
    ready: bool
    estimates: tuple[Estimated, ...]
    failed: int
    looked_at: int
    broke: tuple[str, ...]

    @property
    def words(self) -> list[str]:
        told = [e.words for e in self.estimates] or [
            "No minutes were measured: nothing is known of how estimates held."
        ]
        if self.looked_at:
            told.append(f"{self.failed} of {counted(self.looked_at, 'part')} failed.")
        if self.broke:
            told.append(f"Broke later: {', '.join(self.broke)}.")
        return told

    @property
    def stage(self) -> str:
        """Where a lesson is most likely: at what was off most."""
        return STAGE_OF.get(self.estimates[0].stage, self.estimates[0].stage) if self.estimates else "paint"


def unit_review(plans: Plans, standing: Standing, history: History, unit_id: str) -> UnitReview:
    """What the journal tells of a unit, as far as it has come."""
    own = standing.of_unit(unit_id)
    ids = {f.figure.id for f in own}
    failed, looked_at = _outcomes(plans, standing, ids)
    broke = [
        f"{f.event.slot} of {plans.figures[figure].name}"
        for f in history.facts
        if isinstance(f.event, PartBroke)
        for figure in f.figures
        if figure in ids
    ]
    ready = bool(own) and all(f.stage == "ready" for f in own)
    return UnitReview(unit_id, ready, _estimates(history, ids), failed, looked_at, tuple(broke))


def _estimates(history: History, figures: Iterable[str]) -> tuple[Estimated, ...]:
    sums: dict[str, list[tuple[float, float, int]]] = {}
    for figure in figures:
        for stage, timed in history.timed.get(figure, {}).items():
            sums.setdefault(stage, []).append(timed)
    told = [
        Estimated(stage, *(sum(column) for column in zip(*rows, strict=True)))  # type: ignore[arg-type]
        for stage, rows in sums.items()
        if stage in TOLD_STAGES
    ]
    return tuple(sorted((e for e in told if e.planned_min > 0), key=lambda e: -abs(e.measured_min - e.planned_min)))


def _outcomes(plans: Plans, standing: Standing, figures: set[str]) -> tuple[int, int]:
    """Copies for these figures that failed, and all that were looked at."""
    outcomes = [
        run.outcomes[placed.id].outcome
        for run in standing.runs.values()
        if run.plate_id in plans.plates
        for placed in plans.plates[run.plate_id].placed
        if placed.id in run.outcomes and placed.figure_id in figures
    ]
    return outcomes.count(FAILED), len(outcomes)


@dataclass(frozen=True)
class Lesson:
    """What somebody will do otherwise at a stage, and of which unit it was learned."""

    at: datetime
    unit: str
    words: str

    @property
    def description(self) -> str:
        return f"Next time: {self.words} ({self.unit}, {self.at:%-d %b})"


def lessons_at(plans: Plans, facts: Sequence[Fact], stage: str, unit_id: str = "") -> list[Lesson]:
    """What was noted for a stage, the latest first; not to the unit it was learned of."""
    told = [f for f in facts if isinstance(f.event, LessonNoted) and f.event.stage == stage and f.subject != unit_id]
    return [
        Lesson(f.at, plans.units[f.subject].name if f.subject in plans.units else "a unit that is gone", f.event.words)
        for f in reversed(told)
        if isinstance(f.event, LessonNoted)
    ]


def lesson_words(lessons: Sequence[Lesson]) -> str:
    """The latest, and how many more there are."""
    if not lessons:
        return ""
    more = f"  And {len(lessons) - 1} more." if len(lessons) > 1 else ""
    return f"{lessons[0].description}.{more}"


def noted(unit_id: str, stage: str, words: str, now: datetime) -> Fact:
    """The entry for the journal. Raises ValueError for a stage there is not."""
    if stage not in TITLES:
        raise ValueError(stage)
    return Fact(now, LessonNoted(stage, words.strip()), unit_id)
