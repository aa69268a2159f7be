"""What the Wash bench shows and may do: the plate, its steps by how spent the baths are, what it carries in. No Qt here."""

from __future__ import annotations

from datetime import datetime

from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.domain.journal import BathChanged, Fact, Timing
from numerus.post.wash import HANDS_MIN, LIMIT_MIN, Bath, WashStep, baths, clinging_ml, wash_plan
from numerus.progress.next_tasks import step

CHANGING_MIN = 10.0  # of hands, to settle, filter and fill up a bath (default)


class WashState(PlateStepsState):
    wants = "printed"

    @property
    def tubs(self) -> tuple[Bath, Bath]:
        return baths(self.answers.history.carried)

    @property
    def surface_cm2(self) -> float:
        return sum(p.surface_cm2 for p in self.parts)

    @property
    def carried_ml(self) -> float:
        """Resin this plate brings into the baths."""
        return clinging_ml(self.surface_cm2, self.plans.resin.film_mm)

    @property
    def plan(self) -> list[WashStep]:
        return wash_plan(self.surface_cm2, self.plans.resin.film_mm, False, *self.tubs)

    @property
    def verdict(self) -> str:
        soak = sum(round(s.minutes) for s in self.plan if "bath" in s.title and not s.hands)  # as the steps show them
        return f"{soak:.0f} min of soaking in all: under {LIMIT_MIN:.0f} (a default; see the resin's data sheet), or thin parts soften."

    @property
    def planned_min(self) -> float:
        return HANDS_MIN

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact | None:
        if self.run is None:
            return None
        return step(
            "wash", (), minutes, now, subject=self.run.run_id, planned=self.planned_min,
            carried_ml=round(self.carried_ml, 2), timing=timing,
        )  # fmt: skip

    def changed_fact(self, bath: str, now: datetime) -> Fact:
        return Fact(now, BathChanged(), bath, (), CHANGING_MIN)
