"""What the Wash bench shows and may do: the plate, its steps by how spent the baths are, what it carries in. No Qt here."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.domain.journal import BathChanged, Fact, Timing
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.post.emptying import UPRIGHT, Hollow, hollows, kept_ml
from numerus.post.wash import HANDS_MIN, LIMIT_MIN, Bath, WashStep, baths, clinging_ml, swirl_min, wash_plan
from numerus.progress.next_tasks import step

MOST_TOLD = 2
CHANGING_MIN = 10.0  # of hands, to settle, filter and fill up a bath (default)


class WashState(PlateStepsState):
    """``looked_at``: hollow parts by plate, as far as somebody looked."""

    wants = "printed"

    def __init__(self, answers: Answers) -> None:
        self.looked_at: dict[tuple[object, ...], list[Hollow]] = {}
        super().__init__(answers)

    @property
    def tubs(self) -> tuple[Bath, Bath]:
        return baths(self.answers.history.carried)

    @property
    def surface_cm2(self) -> float:
        return sum(p.surface_cm2 for p in self.parts)

    @property
    def carried_ml(self) -> float:
        """Resin this plate brings into the baths."""
        return clinging_ml(self.surface_cm2, self.plans.resin.film_mm) + kept_ml(self.hollow)

    @property
    def hollow(self) -> list[Hollow]:
        """Of the plate's parts those that keep something; none before they were looked at."""
        return self.looked_at.get(self.held_for, [])

    @property
    def held_for(self) -> tuple[object, ...]:
        """What it depends on."""
        return tuple((p.blob, p.pose.up if p.pose else UPRIGHT) for p in self.parts)

    @property
    def holding(self) -> str:
        """How each hollow part is held to run empty."""
        if self.parts and self.held_for not in self.looked_at:
            return "Looking for what stays in the parts …"
        return " ".join(f"{h.words}" for h in self.hollow[:MOST_TOLD])

    def emptying(self, mesh_of: Callable[[str], Mesh]) -> Callable[[Progress], list[Hollow]]:
        """The work of a job: what stays in every part."""
        named = [(p.label, p.blob, p.pose.up if p.pose else UPRIGHT) for p in self.parts]

        def work(progress: Progress) -> list[Hollow]:
            meshes = {blob: mesh_of(blob) for _, blob, _ in named}
            return hollows([(name, meshes[blob], up) for name, blob, up in named], progress)

        return work

    @property
    def plan(self) -> list[WashStep]:
        return wash_plan(self.surface_cm2, self.plans.resin.film_mm, self.hollow, *self.tubs)

    @property
    def verdict(self) -> str:
        soak = sum(round(s.minutes) for s in self.plan if "bath" in s.title and not s.hands)  # as the steps show them
        return f"{soak:.0f} min of soaking in all: under {LIMIT_MIN:.0f} (a default; see the resin's data sheet), or thin parts soften."

    @property
    def planned_min(self) -> float:
        return HANDS_MIN + swirl_min(self.hollow)

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact | None:
        if self.run is None:
            return None
        return step(
            "wash", (), minutes, now, subject=self.run.run_id, planned=self.planned_min,
            carried_ml=round(self.carried_ml, 2), timing=timing,
        )  # fmt: skip

    def changed_fact(self, bath: str, now: datetime) -> Fact:
        return Fact(now, BathChanged(), bath, (), CHANGING_MIN)
