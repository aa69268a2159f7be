"""What the Wash bench shows and may do: the plate, its steps by how spent the baths are, what it carries in. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.domain.army import Army
from numerus.domain.journal import BathFilled, BathSettled, BathsSwapped, Fact, Timing, WashVerdict
from numerus.domain.parts import Part
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Mesh
from numerus.post.washing.bath_book import (
    CLEAN,
    CLEAN_PART,
    DIRTY,
    TACKY,
    WHITE,
    Carried,
    SpentAt,
    corrected,
    corrected_limit,
    film_by,
    shares_to_come,
    spent_when,
)
from numerus.post.washing.emptying import Hollow, hanging, hollows, packed_known, unpacked_known
from numerus.post.washing.wash import LIMIT_MIN, Bath, WashStep, baths, dry_min, wash_plan
from numerus.post.washing.wash_queue import Queue, queue_of
from numerus.post.washing.wash_ways import Way, WetPlate, advised
from numerus.post.washing.wet_film import USUAL_DRAIN_MIN, film_words
from numerus.printing.runs.run_records import RunRecord
from numerus.progress.done_facts import step
from numerus.progress.planning.task_kinds import parts_come_out
from numerus.progress.printing.planned_runs import next_runs

MOST_TOLD, MOST_KNOWN = 2, 500  # hollow parts told in the line; shapes of which a book keeps how they run empty
WATER_WASHABLE = "water-washable"
VERDICTS = (CLEAN_PART, TACKY, WHITE)
SOFTENS_MM = 0.5  # (default) walls that do
CHANGING_MIN = 10.0  # of hands, to settle, filter and fill up a bath (default)


class WashState(PlateStepsState):
    """``looked_at``: hollow parts by plate, as far as somebody looked."""

    wants = "printed"

    def __init__(self, answers: Answers) -> None:
        self.looked_at: dict[tuple[object, ...], list[Hollow]] = {}
        self._coming: tuple[Answers, list[tuple[datetime, str, float]]] | None = None
        super().__init__(answers)

    @property
    def tubs(self) -> tuple[Bath, Bath]:
        return baths(self.told)

    @property
    def told(self) -> Carried:
        """The bath book as the journal has it."""
        return self.answers.history.carried

    @property
    def carried(self) -> Carried:
        """The bath book, corrected by what came out of the baths."""
        return corrected(self.told)

    @property
    def limit(self) -> SpentAt:
        return corrected_limit(self.told.judged)

    @property
    def coming(self) -> list[tuple[datetime, str, float]]:
        """Plates that will go through the baths: those that wait, then those to be printed, with ml each carries in."""
        if self._coming is None or self._coming[0] is not self.answers:
            self._coming = self.answers, self._plates_to_come()
        return self._coming[1]

    def _plates_to_come(self) -> list[tuple[datetime, str, float]]:
        plans, now = self.plans, self.answers.now
        waiting = [
            r
            for r in self.answers.standing.runs.values()
            if r.state in ("hanging", "printed") and r.plate_id in plans.plates and not r.dry
        ]
        rows = [(now, plans.plates[r.plate_id].name, self._way_of(r).carried_ml) for r in waiting]
        try:
            planned = next_runs(plans, self.answers.standing, now).scheduled_runs
        except PlanError:  # nobody is ever at home: the watch bill says so
            planned = ()
        for run in (r for r in planned if not plans.is_dry(r.machine_id)):
            parts = [plans.parts[p.part_id] for p in run.plate.placed if p.part_id in plans.parts]
            rows.append((run.taken_off, run.plate.name, self._way(parts, run.machine_id).carried_ml))
        return rows

    def _way(self, parts: Sequence[Part], machine_id: str) -> Way:
        washing = self.answers.washing
        return washing.way(self.plans, washing.wet_plate(self.plans, parts, machine_id))

    def _way_of(self, run: RunRecord) -> Way:
        return self._way(parts_come_out(self.plans, run), run.machine_id)

    @property
    def shares(self) -> list[tuple[datetime, str, float]]:
        return shares_to_come(self.carried, self.coming)

    @property
    def outlook(self) -> str:
        """When the dirty bath will be spent, and what to do before it; what does not fit the resin."""
        liquid, wanted = self.carried.liquid[DIRTY], "water" if self.plans.resin.cure == WATER_WASHABLE else ""
        if wanted and liquid != "water":
            return f"{self.plans.resin.name} washes in water: {liquid} turns it white and soft."
        if not wanted and liquid == "water":
            return f"Water does not clean {self.plans.resin.name}: fill the baths with what its data sheet asks for."
        if self.tubs[0].spent >= 1:
            return "The dirty bath is spent: settle and filter it, or let the clean one become the dirty one."
        spent, clean = (spent_when(self.carried, self.limit, self.coming, bath) for bath in (DIRTY, CLEAN))
        if spent is None:
            return "No plate that is planned spends either bath."
        days = [f"{d:%-d %b}" if d else "later" for d in (spent.earliest, spent.latest)]
        other = f" The clean one is spent {clean.at:%a %-d %b} by {clean.plate}." if clean else ""
        return f"Spent {spent.at:%a %-d %b} by {spent.plate} ({days[0]} to {days[1]}). Before it: the clean one becomes the dirty one.{other}"

    @property
    def unjudged(self) -> RunRecord | None:
        """The plate to be asked about: the first washed after the last one judged; where none was ever judged, the last."""
        washed, judged, runs = list(self.carried.washed_at), self.carried.judged_runs, self.answers.standing.runs
        last = max((n for n, run in enumerate(washed) if run in judged), default=len(washed) - 2)
        return next((runs[run] for run in washed[last + 1 :] if run in runs), None)

    def verdict_fact(self, verdict: str, now: datetime) -> Fact | None:
        run = self.unjudged
        return Fact(now, WashVerdict(verdict), run.run_id) if run else None

    @property
    def wet(self) -> WetPlate:
        """The plate as it comes to the baths."""
        machine = self.run.machine_id if self.run else ""
        return self.answers.washing.wet_plate(self.plans, self.parts, machine, self.hollow)

    @property
    def ways(self) -> dict[str, Way]:
        """Both ways into the baths, by their keys."""
        return self.answers.washing.ways(self.plans, self.wet)

    @property
    def way(self) -> Way:
        return self.answers.washing.way(self.plans, self.wet)

    @property
    def advised(self) -> str:
        return advised(self.ways)

    @property
    def queue(self) -> Queue | None:
        """All plates that wait, one behind the other; None for one alone."""
        if len(self.waiting) < 2:
            return None
        first = sorted(self.waiting, key=lambda r: r.run_id != self.run_id)
        return queue_of([(self.plans.plates[r.plate_id].name, self._way_of(r)) for r in first], *self.tubs)

    @property
    def film(self) -> str:
        words, by = (
            film_words(self.plans, self.run.machine_id if self.run else ""),
            film_by(self.told.judged).description,
        )
        return f"{words}; {by}: {self.wet.film_mm:.3f} mm" if by else words

    @property
    def drains_min(self) -> float:
        return self.plans.army.drain_min if self.plans.army else USUAL_DRAIN_MIN

    @property
    def carried_ml(self) -> float:
        """Resin this plate brings into the baths."""
        return self.way.carried_ml

    def with_habit(self, **habit: object) -> Army | None:
        """The army washing otherwise: another way in, longer draining, other tubs. Raises PlanError where it makes no sense."""
        army = self.plans.army
        changed = replace(army, **habit) if army else None  # type: ignore[arg-type]
        return changed if changed != army else None

    @property
    def hollow(self) -> list[Hollow]:
        """Of the plate's parts those that keep something; none before they were looked at."""
        return self.looked_at.get(self.held_for, [])

    @property
    def held_for(self) -> tuple[object, ...]:
        """What it depends on."""
        return tuple(h.key for h in hanging(self.parts))

    @property
    def holding(self) -> str:
        """How each hollow part is held to run empty."""
        if self.parts and self.held_for not in self.looked_at:
            return "Looking for what stays in the parts …"
        return " ".join(f"{h.words}" for h in self.hollow[:MOST_TOLD])

    def emptying(
        self, mesh_of: Callable[[str], Mesh], kept: bytes | None = None
    ) -> Callable[[Progress], tuple[list[Hollow], bytes]]:
        """The work of a job: what stays in every part, and what is known of shapes now; ``kept``: what was."""
        parts = hanging(self.parts)

        def work(progress: Progress) -> tuple[list[Hollow], bytes]:
            known = unpacked_known(kept)
            listed = hollows(parts, mesh_of, progress, known)
            return listed, packed_known(dict(list(known.items())[-MOST_KNOWN:]))

        return work

    @property
    def plan(self) -> list[WashStep]:
        return wash_plan(self.wet, self.way, *self.tubs, self.drains_min, dry_min(self.carried.judged, self.wet))

    @property
    def verdict(self) -> str:
        soak = sum(round(s.minutes) for s in self.plan if "bath" in s.title and not s.hands)  # as the steps show them
        limit = f"under {LIMIT_MIN:.0f} (a default; see the resin's data sheet)"
        return f"{soak:.0f} min of soaking in all: {limit}, or thin parts soften{self._softens}."

    @property
    def _softens(self) -> str:
        """The thinnest parts of the plate by name."""
        thin = sorted((p for p in self.parts if 0 < p.thinnest_mm < SOFTENS_MM), key=lambda p: p.thinnest_mm)
        names = list(dict.fromkeys(p.label for p in thin))[:MOST_TOLD]
        return f" ({', '.join(names)})" if names else ""

    @property
    def planned_min(self) -> float:
        return self.way.hands_min

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact | None:
        if self.run is None:
            return None
        return step(
            "wash", (), minutes, now, subject=self.run.run_id, planned=self.planned_min,
            carried_ml=self.answers.washing.told_ml(self.carried_ml), timing=timing,
        )  # fmt: skip

    def bath_fact(self, event: BathFilled | BathSettled | BathsSwapped, bath: str, now: datetime) -> Fact:
        return Fact(now, event, bath, (), CHANGING_MIN)
