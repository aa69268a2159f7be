"""What the Build bench shows and may do: the figure, its order of gluing, whether it will stand. No Qt here."""

from __future__ import annotations

from datetime import datetime

from numerus.assembly.balance import Balance, tipping_on_base_deg
from numerus.assembly.gluing import BuildStep, build_plan
from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.journal import Fact, Timing
from numerus.domain.parts import Part
from numerus.kit.builds import printed_slots
from numerus.progress.next_tasks import step
from numerus.progress.standing import FigureStanding


class BuildState:
    """``figure_id`` is the figure on the bench; ``together``: all is glued before it is painted."""

    def __init__(self, answers: Answers) -> None:
        self.figure_id, self.together = "", False
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        if self.figure_id not in {f.figure.id for f in self.waiting}:
            self.figure_id = next((f.figure.id for f in self.waiting), "")

    @property
    def waiting(self) -> list[FigureStanding]:
        return self.answers.standing.at("build")

    @property
    def choices(self) -> list[tuple[str, str]]:
        return [(f"{f.figure.name}, {f.unit.name}", f.figure.id) for f in self.waiting]

    @property
    def figure(self) -> Figure:
        return self.plans.figures[self.figure_id]

    @property
    def unit(self) -> Unit:
        return self.plans.units[self.figure.unit_id]

    @property
    def plan(self) -> list[BuildStep]:
        slots = [s for s in self.unit.slots if s in self.figure.build]
        return build_plan(slots, () if self.together else self.unit.apart)

    @property
    def planned_min(self) -> float:
        return sum(s.minutes for s in self.plan)

    @property
    def parts(self) -> dict[str, Part]:
        """The printed parts of the figure, by slot."""
        return {s: self.plans.parts[p] for s, p in printed_slots(self.figure).items() if p in self.plans.parts}

    def verdict(self, balance: Balance | None) -> str:
        """Whether it stands, on the base it is printed with or on the one it will get."""
        words = balance.description if balance else "nothing printed"
        if "base" in self.parts:
            return f"{self.figure.name} on its base {words}."
        on_base = tipping_on_base_deg(balance, self.unit.base_mm / 2) if balance else 0.0
        return f"{self.figure.name} without its base {words}. On {self.unit.base_mm:g} mm: {on_base:.0f}° to tip."

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact:
        return step("build", (self.figure_id,), minutes, now, planned=self.planned_min, timing=timing)
