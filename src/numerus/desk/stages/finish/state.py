"""What the Finish bench shows and may do: the step in hand, who waits for it, who has had which. No Qt here."""

from __future__ import annotations

from datetime import datetime

from numerus.assembly.gluing import GLUE_IDS
from numerus.desk.answers import Answers
from numerus.domain.journal import Fact, Timing
from numerus.domain.painting.recipes import FinishStep
from numerus.paint.drying import Drying
from numerus.paint.finishing.finish_steps import order_warnings
from numerus.progress.done_facts import shared_out
from numerus.progress.standing import FigureStanding
from numerus.words import counted


class FinishState:
    """``step_id`` is the finishing step in hand."""

    def __init__(self, answers: Answers) -> None:
        self.step_id, self.figure_id = "", ""
        self.look(answers, "")

    def look(self, answers: Answers, figure_id: str) -> None:
        self.answers, self.plans, self.figure_id = answers, answers.plans, figure_id
        open_steps = [s.id for s in self.steps if self.waiting(s)]
        if self.step_id not in open_steps:
            self.step_id = next(iter(open_steps), "")

    @property
    def steps(self) -> tuple[FinishStep, ...]:
        """Those of every scheme that figures here are painted by, each once; the army's where nobody is here."""
        here = self.answers.standing.at("finish")
        asked = {step.id: step for f in here for step in f.finish}
        gluing_first = sorted(asked.values(), key=lambda s: not s.id.startswith(GLUE_IDS))
        return tuple(gluing_first) or (self.plans.scheme.finish if self.plans.scheme else ())

    @property
    def warnings(self) -> list[str]:
        """What will not hold in this order."""
        return order_warnings(self.steps)

    @property
    def chosen(self) -> FinishStep | None:
        return next((s for s in self.steps if s.id == self.step_id), None)

    def waiting(self, wanted: FinishStep) -> list[FigureStanding]:
        """Figures whose next finishing step it is."""
        return [f for f in self.answers.standing.at("finish") if f.finish_left[:1] == [wanted]]

    @property
    def choices(self) -> list[tuple[str, str]]:
        many = [(s, len(self.waiting(s))) for s in self.steps]
        return [(f"{s.name}, {counted(n, 'figure')}", s.id) for s, n in many if n]

    @property
    def shown(self) -> FigureStanding | None:
        """The figure in the picture: the one chosen in the roll, if it waits, or the first."""
        waiting = self.waiting(self.chosen) if self.chosen else []
        return next((f for f in waiting if f.figure.id == self.figure_id), next(iter(waiting), None))

    @property
    def figures(self) -> list[FigureStanding]:
        return [*self.answers.standing.at("finish"), *self.answers.standing.at("ready")]

    @property
    def planned_min(self) -> float:
        """For everyone who waits for the step in hand."""
        return sum(self._told_min(self.chosen).values()) if self.chosen else 0.0

    def done_facts(self, minutes: float, timing: Timing, now: datetime) -> list[Fact]:
        chosen = self.chosen
        if chosen is None:
            return []
        return shared_out("finish", self._told_min(chosen), minutes, now, chosen.id, timing)

    def _told_min(self, step: FinishStep) -> dict[str, float]:
        """By figure that waits for a step, its minutes there."""
        return {f.figure.id: f.finish_min(step) for f in self.waiting(step)}

    def dries_min(self, step: FinishStep) -> float:
        """In the air of the bench."""
        return Drying.of(self.answers.plans).finish_min(step)

    def minutes_of(self, step: FinishStep) -> float:
        """For everyone who waits for a step; of the usual figure where nobody does."""
        return sum(self._told_min(step).values()) or step.minutes
