"""What the Cure bench shows and may do: the plate, supports off by the chosen school, the lamp by side. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.domain.journal import Fact, Timing
from numerus.domain.parts import Part
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.post.cure import OFF_MIN_PER_TIP, SUPPORT_SCHOOLS, WANTED_J_PER_CM2, CureStep, Lamp, cure_plan
from numerus.progress.next_tasks import step
from numerus.surface.exposure import lamp_dose, shaded_share
from numerus.words import counted


@dataclass(frozen=True, eq=False)
class Lit:
    """A part under the lamp: what each vertex gets, and how much of its skin stays in the shade."""

    part: Part
    mesh: Mesh
    dose: Floats
    shaded: float


class CureState(PlateStepsState):
    wants = "washed"

    def __init__(self, answers: Answers) -> None:
        self.school, self.lamp = SUPPORT_SCHOOLS[0], Lamp()
        super().__init__(answers)

    @property
    def thickest_mm(self) -> float:
        return max((sorted(p.extents_mm)[0] for p in self.parts), default=5.0)

    @property
    def tips(self) -> int:
        return sum(p.pose.tips for p in self.parts if p.pose)

    @property
    def plan(self) -> list[CureStep]:
        return cure_plan(self.thickest_mm, self.tips, self.school, self.lamp)

    @property
    def sides(self) -> list[CureStep]:
        return [s for s in self.plan if not s.hands]

    @property
    def planned_min(self) -> float:
        return max(1.0, round(sum(s.minutes for s in self.plan if s.hands)))

    @property
    def verdict(self) -> str:
        each = f"{60 * OFF_MIN_PER_TIP[self.school]:.0f} s a tip is a default; what you time or type counts instead"
        return f"{counted(self.tips, 'tip')} to take off {counted(len(self.parts), 'part')}; {each}."

    @property
    def light(self) -> str:
        """How the lamp's minutes come about."""
        lamp, side = self.lamp, self.sides[0]
        return (
            f"Pale is lit, dark is not. {len(self.sides)} × {side.minutes:.1f} min, turned in between: {lamp.mw_per_cm2:g} mW/cm² "
            f"at {lamp.distance_mm:g} mm (a default lamp) make {WANTED_J_PER_CM2:.1f} J/cm² a side (a default dose: the resin's "
            f"data sheet comes first). What stays dark wants turning over, or daylight."
        )

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact | None:
        if self.run is None:
            return None
        return step("cure", (), minutes, now, subject=self.run.run_id, planned=self.planned_min, timing=timing)

    def kinds(self) -> dict[str, Part]:
        """The plate's parts, each kind once."""
        return {p.blob: p for p in self.parts}


def most_shaded(
    parts: Mapping[str, Part], mesh_of: Callable[[str], Mesh], turns: int, progress: Progress
) -> Lit | None:
    """The part of which the lamp leaves most in the shade; takes a second for a full plate. Raises Cancelled."""
    worst: Lit | None = None
    for number, (blob, part) in enumerate(parts.items()):
        if not progress(number / len(parts)):
            raise Cancelled
        mesh = mesh_of(blob)
        if not len(mesh.faces):
            continue
        dose = lamp_dose(mesh, turns)
        shaded = shaded_share(mesh, dose)
        if worst is None or shaded > worst.shaded:
            worst = Lit(part, mesh, dose, shaded)
    return worst
