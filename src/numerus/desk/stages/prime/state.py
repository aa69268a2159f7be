"""What the Prime bench shows and may do: a unit at once, by which school, when the air allows. No Qt here."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.domain.army import Army
from numerus.domain.journal import Fact, Timing
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.paint.figure.lost_light import LostLight, lost_light, lost_light_words
from numerus.paint.priming import SCHOOLS, PrimeStep, pays_from, prime_plan, schools_compared
from numerus.paint.weather import Air, first_fit
from numerus.paint.weather_file import air_text
from numerus.progress.done_facts import shared_out
from numerus.progress.standing import FigureStanding
from numerus.schedule.attendance import home_windows
from numerus.words import counted

DAYS = 14  # of weather that are looked at


class PrimeState:
    """``unit_id`` is the unit on the bench; ``airs``: the coming hours, ``told`` by the user or simulated."""

    def __init__(self, answers: Answers) -> None:
        self.unit_id, self.school = "", list(SCHOOLS)[1]
        self.airs: Sequence[Air] = ()
        self.told = False
        self.tacked = False
        self.lost: tuple[LostLight, ...] = ()
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        self.airs, self.told = answers.air
        units = [unit_id for _, unit_id in self.choices]
        if self.unit_id not in units:
            self.unit_id = next(iter(units), "")

    @property
    def choices(self) -> list[tuple[str, str]]:
        standing = self.answers.standing
        units = [(u, len(standing.at("prime", u.id))) for u in self.plans.units_in_order()]
        return [(f"{u.name}, {counted(many, 'figure')}", u.id) for u, many in units if many]

    @property
    def waiting(self) -> list[FigureStanding]:
        return self.answers.standing.at("prime", self.unit_id) if self.unit_id else []

    @property
    def plan(self) -> list[PrimeStep]:
        scheme = self.plans.scheme_of(self.unit_id)
        on_sticks = Counter(slot for f in self.waiting for slot in f.on_sticks)
        return (
            prime_plan(
                len(self.waiting), self.school, scheme, on_sticks, self.tacked, sum(f.times for f in self.waiting)
            )
            if scheme and self.waiting
            else []
        )

    @property
    def compared(self) -> str:
        """What every school costs on this batch, and from how many figures an airbrush pays."""
        scheme, waiting = self.plans.scheme_of(self.unit_id), self.waiting
        if scheme is None or not waiting:
            return ""
        cm2 = sum(
            self.plans.parts[p].surface_cm2 for f in waiting for p in f.figure.build.values() if p in self.plans.parts
        )
        costs = schools_compared(len(waiting), sum(f.times for f in waiting), cm2, scheme)
        pays = pays_from("airbrush", "brush", scheme)
        beside = f" Airbrush beats brush from {counted(pays, 'figure')} on." if pays else ""
        return f"{'; '.join(c.description for c in costs)} (losses: defaults).{beside}"

    @property
    def light(self) -> str:
        """What holders of their own lose of the light, "" for nothing worth a word or where it is kept."""
        return "" if self.tacked else lost_light_words(self.lost)

    @property
    def on_sticks(self) -> FigureStanding | None:
        """The first that waits with parts on sticks of their own."""
        return next((f for f in self.waiting if f.on_sticks), None)

    def light_work(
        self, standing: FigureStanding, meshes: Mapping[str, Mesh]
    ) -> Callable[[Progress], tuple[LostLight, ...]]:
        """Work for a job: what a figure's holders lose. ``meshes`` by part id."""
        parts = [(slot, meshes[p]) for slot, p in standing.figure.build.items() if p in meshes]
        return lambda _: tuple(lost_light(parts, standing.on_sticks))

    @property
    def planned_min(self) -> float:
        """Of hands, for all of them together."""
        return sum(s.minutes for s in self.plan if s.hands)

    @property
    def weather(self) -> str:
        """Whether and when a spray can may be used outdoors."""
        if not self.airs:
            return ""
        now = self.airs[0]
        when = "now" if now.fit_to_spray else self._when
        why = "" if now.fit_to_spray else f" Now {now.why_not}."
        by = "by the air you told" if self.told else "by simulated air, not yours"
        return f"Spray can outdoors, {by}: {when}.{why} Look outside first."

    @property
    def _when(self) -> str:
        """The next fit hour at which somebody is there; one at which nobody is, if there is no other."""
        army = self.plans.army
        there = [(w.start, w.end) for w in home_windows(army, self.airs[0].at, DAYS)] if army else []
        fit, anyway = first_fit(self.airs, there), first_fit(self.airs)
        if fit is not None:
            return f"{fit.at:%a %H:%M}"
        return f"only {anyway.at:%a %H:%M}, when nobody is there" if anyway else "not in the next days"

    def with_weather(self, airs: Sequence[Air]) -> Army | None:
        """The army with the air that was told; none: simulated again."""
        text = air_text(airs) if airs else ""
        return replace(self.plans.army, weather=text) if self.plans.army else None

    def done_facts(self, minutes: float, timing: Timing, now: datetime) -> list[Fact]:
        times = sum(f.times for f in self.waiting)
        told = {f.figure.id: self.planned_min * f.times / times for f in self.waiting}
        return shared_out("prime", told, minutes, now, timing=timing)
