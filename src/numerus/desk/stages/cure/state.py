"""What the Cure bench shows and may do: the plate, supports off by the chosen school, the lamp by side. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.domain.army import Army
from numerus.domain.journal import CureVerdict, Fact, Timing
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Resin
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.post.curing.cure import CureStep, cure_plan
from numerus.post.curing.lamp_load import Cured, PartDose, cured, loads_of
from numerus.post.curing.lamps import lamp_of
from numerus.post.snipping import Snipping, snippings, supported_parts
from numerus.post.supports_off import (
    AFTER,
    BEFORE,
    BY_PART,
    SCHOOLS,
    Held,
    SupportsOff,
    held,
    school_of,
    supports_off,
    tips_off,
)
from numerus.printing.runs.run_records import RunRecord
from numerus.progress.done_facts import step
from numerus.words import counted

MOST_NAMED = 4
MOST_SNIPPED = 2  # parts whose order is told
INSIDE_SHARE = 0.1  # of a part's skin without any light that is worth a word
LONGER = (1.5, "Half as long again does for"), (2.0, "Twice as long does for")
SHORT_SHARE = 0.1  # of a part's skin under its dose that wants another turn


class CureState(PlateStepsState):
    wants = "washed"

    def __init__(self, answers: Answers) -> None:
        self.cured: list[Cured] = []
        self.snippings: dict[object, list[Snipping]] = {}  # by what is on the plate
        super().__init__(answers)

    @property
    def school(self) -> str:
        return self.plans.army.supports_off if self.plans.army else BEFORE

    @property
    def held(self) -> list[Held]:
        """The plate's parts on their supports."""
        return held(self.parts)

    def with_school(self, school: str) -> Army | None:
        """The army whose supports come off otherwise, None where they already do."""
        army = self.plans.army
        return replace(army, supports_off=school) if army and army.supports_off != school else None

    def toggled(self, name: str) -> list[Part]:
        """The plate's parts of a name, their supports off on the other side of the lamp."""
        own = {p.id: p for p in self.parts if p.label == name}
        other = {BEFORE: AFTER, AFTER: BEFORE}
        now = {h.name: school_of(h, self.school) for h in self.held}
        return [replace(p, supports_off=other[now[name]]) for p in own.values()]

    @property
    def off_when(self) -> dict[str, str]:
        """Before the lamp or after it, by the name of the part; empty where one school is for all."""
        return {h.name: school_of(h, BY_PART) for h in self.held} if self.school == BY_PART else {}

    @property
    def thickest_mm(self) -> float:
        return max((p.wall_mm for p in self.parts), default=0.0)

    @property
    def tips(self) -> int:
        return sum(p.pose.tips for p in self.parts if p.pose)

    @property
    def plan(self) -> list[CureStep]:
        cured_parts = self.cured
        side_min = max((c.minutes for c in cured_parts), default=0.0)
        dose = self.answers.targets.target.dose
        tips = tips_off(self.held, self.school)
        return cure_plan(self.thickest_mm, tips, dose, max(len(cured_parts), 1), side_min)

    @property
    def sides(self) -> list[CureStep]:
        return [s for s in self.plan if not s.hands]

    @property
    def planned_min(self) -> float:
        return max(1.0, round(sum(s.minutes for s in self.plan if s.hands)))

    @property
    def schools(self) -> list[SupportsOff]:
        """All ways to take this plate's supports off, the chosen one first."""
        shown = {s.name: s.shown for s in self.snippings.get(self.tips_of, ())}
        return [supports_off(school, self.held, shown) for school in sorted(SCHOOLS, key=lambda s: s != self.school)]

    @property
    def verdict(self) -> str:
        each = "seconds a tip are a default; what you time or type counts instead"
        return f"{counted(self.tips, 'tip')} to take off {counted(len(self.parts), 'part')}; {each}."

    @property
    def light(self) -> str:
        """How many loads, how long, what stays under its dose and what too much."""
        if not self.cured:
            return "Laying the parts on the table and following the light …" if self.parts else ""
        target = self.cured[0].station.target_j_per_cm2
        first, both = (self._share_under(over) for over in (False, True))
        minutes = max(c.minutes for c in self.cured)
        return (
            f"{counted(len(self.cured), 'load')}, {minutes:g} min a side: after the first {first:.0%} of the skin has less than "
            f"{target:g} J/cm², turned over {both:.0%}. {self._sources()}"
        )

    def _sources(self) -> str:
        """Where the numbers come from."""
        if self.answers.targets.verdicts:
            return f"{self.answers.targets.description} The resin's data sheet comes first."
        resin, usual = self.plans.resin, Resin("", "")
        told = (resin.dose_j_per_cm2, resin.brittle_j_per_cm2) != (usual.dose_j_per_cm2, usual.brittle_j_per_cm2)
        doses = (
            "The doses are as you told them" if told else "The doses are defaults, to be told under Machines and stores"
        )
        return f"The lamp's light is as its file says. {doses}; the resin's data sheet comes first."

    def _share_under(self, both: bool) -> float:
        area = [sum(float(p.mm2.sum()) for p in c.parts) for c in self.cured]
        return sum(c.share_under(both) * a for c, a in zip(self.cured, area, strict=True)) / max(sum(area), 1e-12)

    def advice(self) -> list[str]:
        """What would reach the parts that stay under their dose."""
        if not self.cured:
            return []
        target = self.cured[0].station.target_j_per_cm2
        short = [p for p in self.worst if p.share_under(p.both, target) > SHORT_SHARE]
        words = []
        if short:
            words += self._reached_by(short)
        words += self._inside()
        words += self._brittle()
        return words or ["Two sides reach all of it."]

    def _reached_by(self, short: Sequence[PartDose]) -> list[str]:
        """What brings parts to their dose: half as long again or twice as long where that does, without making anything brittle; else
        another side, or a torch from within.
        """
        left, words, target = list(short), [], self.cured[0].station.target_j_per_cm2
        for times, told in LONGER:
            does = [p for p in left if p.does_after(times, target, SHORT_SHARE)]
            left = [p for p in left if p not in does]
            words += [f"{told}: {_names(does)}."] if does else []
        return [*words, *([f"On their side as well, or under a torch from within: {_names(left)}."] if left else [])]

    def _brittle(self) -> list[str]:
        """Skin that gets too much, thin skin first."""
        over = [p for p in self.worst if p.over_share > 0]
        if not over:
            return []
        most = max(over, key=lambda p: p.over_share)
        least = float(most.limit[most.both > most.limit].min())
        others = f" and {counted(len(over) - 1, 'other')}" if len(over) > 1 else ""
        return [
            f"Brittle and yellow on {most.over_share:.0%} of {most.part.name}{others}: over {least:.1f} J/cm² where it is thinnest; "
            "cover it for the second side."
        ]

    def _inside(self) -> list[str]:
        """Hollows that no lamp sees into."""
        inside = [p for p in self.worst if p.unlit_share > INSIDE_SHARE]
        if not inside:
            return []
        most = max(inside, key=lambda p: p.unlit_share)
        others = f" and {counted(len(inside) - 1, 'other')}" if len(inside) > 1 else ""
        return [f"No light comes to {most.unlit_share:.0%} of {most.part.name}{others}: a torch through the drain."]

    @property
    def worst(self) -> list[PartDose]:
        """Parts of all loads, those with most skin under its dose first."""
        target = self.cured[0].station.target_j_per_cm2 if self.cured else 0.0
        return sorted((p for c in self.cured for p in c.parts), key=lambda p: -p.share_under(p.both, target))

    @property
    def tips_of(self) -> tuple[tuple[str, str], ...]:
        """What the order of snipping depends on: shapes and their prints, each as often as it is on the plate."""
        return tuple((p.blob, p.pose.supported_blob) for p in self.parts if p.pose and p.pose.supported_blob)

    def snipping_work(self, mesh_of: Callable[[str], Mesh]) -> Callable[[Progress], list[Snipping]]:
        """The work of a job: at which tips each part of the plate is thin."""
        plans, plate, parts = self.plans, self.plate, self.parts
        return lambda progress: snippings(supported_parts(plans, plate, parts, mesh_of), progress)

    @property
    def snipping(self) -> str:
        """Which tips come off first and last, part by part, those with most thin ones first."""
        listed = self.snippings.get(self.tips_of)
        if listed is None:
            return "Looking where tips hold thin skin …" if self.tips_of else ""
        thin = [s for s in listed if s.thin]
        if not thin:
            return "Snip: no tip holds thin skin." if listed else ""
        more = f" And {counted(len(thin) - MOST_SNIPPED, 'part')} more." if len(thin) > MOST_SNIPPED else ""
        return f"Snip: {'. '.join(s.words for s in thin[:MOST_SNIPPED])}.{more}"

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact | None:
        if self.run is None:
            return None
        return step(
            "cure", (), minutes, now, subject=self.run.run_id, planned=self.planned_min, timing=timing, lit=self.got
        )

    @property
    def got(self) -> tuple[float, float]:
        """Light that reached the least lit of the loads, and the most anywhere, J/cm²; 0 where it was not followed yet."""
        got = [load.got for load in self.cured]
        return (round(min(g[0] for g in got), 3), round(max(g[1] for g in got), 3)) if got else (0.0, 0.0)

    @property
    def unjudged(self) -> RunRecord | None:
        """The plate to be asked about: the one cured last that nobody judged."""
        return self.answers.standing.runs.get(self.answers.history.lit.unjudged)

    def verdict_fact(self, verdict: str, now: datetime) -> Fact | None:
        run = self.unjudged
        return Fact(now, CureVerdict(verdict), run.run_id) if run else None

    @property
    def loaded_for(self) -> tuple[object, ...]:
        """What the doses depend on."""
        return (*(p.blob for p in self.parts), lamp_of(self.plans.army, self.answers.targets))

    @property
    def lamp(self) -> str:
        """The name of the lamp in use."""
        return lamp_of(self.plans.army, self.answers.targets)[0]

    def curing(self, mesh_of: Callable[[str], Mesh]) -> Callable[[Progress], list[Cured]]:
        """The work of a job: parts laid on the table in loads, and the light followed."""
        named = [(p.label, p.blob) for p in self.parts]
        _, station = lamp_of(self.plans.army, self.answers.targets)

        def work(progress: Progress) -> list[Cured]:
            loads = loads_of([(name, mesh_of(blob)) for name, blob in named])
            share = 1 / max(len(loads), 1)
            return [
                cured(load, station, progress=lambda part, n=n: progress((n + part) * share))  # type: ignore[misc]
                for n, load in enumerate(loads)
            ]

        return work


def _names(parts: Sequence[PartDose]) -> str:
    """The first few by name."""
    return ", ".join(dict.fromkeys(p.part.name for p in parts[:MOST_NAMED]))
