"""What the Prime bench shows and may do: a unit at once, by which school, when the air allows. No Qt here."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime

import numpy as np

from numerus.desk.answers import Answers
from numerus.domain.army import Army
from numerus.domain.journal import Fact, Timing
from numerus.domain.painting.recipes import Scheme
from numerus.domain.parts import Part
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.paint.figure.lost_light import LostLight, lost_light, lost_light_words
from numerus.paint.loads import POT_CHANGE_MIN
from numerus.paint.priming.base_coats import BaseCoat, base_coats
from numerus.paint.priming.primer import (
    FILLER_DRIES_MIN,
    SCHOOLS,
    PrimeStep,
    deep_stair_um,
    filler_coats_for,
    pays_from,
    prime_min,
    prime_plan,
    schools_compared,
)
from numerus.paint.priming.weather import Air, first_fit
from numerus.paint.priming.weather_file import air_text
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import can_be_mixed, stroke_ml
from numerus.progress.done_facts import shared_out
from numerus.progress.figure_records.primer_hold import primer_hold
from numerus.progress.standing import FigureStanding
from numerus.schedule.attendance import home_windows
from numerus.words import counted

DAYS = 14  # of weather that are looked at
LINES_SEEN_MM = 0.08  # (default) layers above which lines are seen under paint


@dataclass(frozen=True)
class FirstColour:
    """``ways`` to lay it on so many figures, the quickest first."""

    title: str = ""
    ways: tuple[BaseCoat, ...] = ()
    figures: int = 0
    currency: str = ""
    note: str = (
        "The brush by the recipe's minutes; rates and losses of sprays and a can's price are defaults. What else a spray hits is "
        "painted over."
    )

    @property
    def brush(self) -> BaseCoat:
        return next(w for w in self.ways if w.name == "brush")


class PrimeState:
    """``unit_id`` is the unit on the bench; ``airs``: the coming hours, ``told`` by the user or simulated."""

    def __init__(self, answers: Answers) -> None:
        self.unit_id = ""
        self.airs: Sequence[Air] = ()
        self.told = False
        self.tacked = False
        self.lost: tuple[LostLight, ...] = ()
        self.stairs_um: dict[object, float] = {}
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        self.airs, self.told = answers.air
        units = [unit_id for _, unit_id in self.choices]
        if self.unit_id not in units:
            self.unit_id = next(iter(units), "")

    @property
    def scheme(self) -> Scheme | None:
        """What the unit on the bench is painted by."""
        return self.plans.scheme_of(self.unit_id) if self.unit_id else None

    @property
    def school(self) -> str:
        """How the primer goes on, as the scheme has it."""
        return self.scheme.prime_school if self.scheme else next(iter(SCHOOLS))

    def with_school(self, school: str) -> Scheme | None:
        """The scheme primed otherwise, None where it is so already."""
        scheme = self.scheme
        return replace(scheme, prime_school=school) if scheme and scheme.prime_school != school else None

    def with_filler(self, coats: int) -> Scheme | None:
        scheme = self.scheme
        return replace(scheme, filler_coats=coats) if scheme and scheme.filler_coats != coats else None

    @property
    def looked_at(self) -> FigureStanding | None:
        """The figure in the picture: the first that waits."""
        return next(iter(self.waiting), None)

    @property
    def stairs_for(self) -> object:
        """What its stairs depend on; None where nothing of it was posed."""
        parts = self.printed
        return tuple((p.blob, p.pose.up if p.pose else None) for p in parts) if parts else None

    @property
    def printed(self) -> list[Part]:
        """Parts of the figure in the picture that were posed."""
        figure = self.looked_at
        parts = [self.plans.parts[p] for p in figure.figure.build.values() if p in self.plans.parts] if figure else []
        return [p for p in parts if p.pose is not None]

    def stairs_work(self, meshes: Mapping[str, Mesh]) -> Callable[[Progress], float]:
        """Work for a job: how deep the stairs are that a twentieth of the figure's skin exceeds, µm. ``meshes`` by part id."""
        own = [(p.pose.up, self.plans.layer_mm_of(p.id), meshes[p.id]) for p in self.printed if p.pose]

        def work(_: Progress) -> float:
            ups, layers = [np.array(up) for up, _, _ in own], [mm for _, mm, _ in own]
            return deep_stair_um([m.normals for *_, m in own], [m.areas_mm2 for *_, m in own], ups, layers)

        return work

    @property
    def stairs_words(self) -> str:
        """Whether filler is worth it, and what it costs on this batch."""
        stair, scheme, figure = self.stairs_um.get(self.stairs_for), self.scheme, self.looked_at
        if stair is None or scheme is None or figure is None:
            return ""
        wanted = filler_coats_for(stair)
        said = f"Stairs of {stair:.0f} µm on a twentieth of {figure.figure.name}'s skin: "
        if not wanted:
            return f"{said}two coats of primer hide them."
        plan = [replace(scheme, filler_coats=n) for n in (0, wanted)]
        times = sum(f.times for f in self.waiting)
        more = sum(prime_min(s, times) * (1 if n else -1) for n, s in enumerate(plan))
        waits = wanted * FILLER_DRIES_MIN
        filler = f"{said}{counted(wanted, 'sanded coat')} of filler would hide them, {more:.0f} min and {waits:.0f} min of drying (defaults)."
        return filler + self._washes_words(figure)

    def _washes_words(self, figure: FigureStanding) -> str:
        """Washes run into lines that are left, where layers are so high that they are seen."""
        layer_mm = max((self.plans.layer_mm_of(p.id) for p in self.printed), default=0.0)
        washes = sum(s.step.technique == "wash" for s in figure.strokes)
        if layer_mm <= LINES_SEEN_MM or not washes:
            return ""
        return (
            f" Without it {counted(washes, 'wash')} would gather in the lines: layers and thicker base coats hide them."
        )

    @property
    def first_colour(self) -> FirstColour:
        """Ways to lay the first colour of the largest zone on all that wait."""
        figures, rack, areas = self.waiting, rack_of(self.plans), Counter[str]()
        for f in figures:
            areas.update(self.plans.zone_areas_cm2(f.figure))
        first = {s.zone: s for f in figures for s in reversed(f.strokes) if can_be_mixed(s.step, rack)}
        zone = max((z for z in areas if z in first), key=areas.__getitem__, default="")
        if not zone:
            return FirstColour()
        stroke, many = first[zone], len(figures)
        minutes = sum(s.minutes for f in figures for s in f.strokes if s.key == stroke.key) / many
        pots = [(self.plans.paints[p], share) for p, share in rack.shares(stroke.step.mix).items()]
        pence, each = sum(share * pot.price_pence / pot.pot_ml for pot, share in pots), areas[zone] / many
        ways = base_coats(many, each, POT_CHANGE_MIN, minutes, stroke_ml(stroke.step, each, rack), pence)
        whole = areas[zone] / sum(areas.values())
        title = f"First colour on {self.plans.zone_name(zone)}, {whole:.0%} of the skin: {ways[0].name} is quickest"
        return FirstColour(title, tuple(ways), many, self.plans.army.currency if self.plans.army else "")

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
        held = "; ".join(hold.words for hold in primer_hold(self.answers.history))
        return (
            f"{'; '.join(c.description for c in costs)} (losses: defaults).{beside}{f' So far {held}.' if held else ''}"
        )

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
        return shared_out("prime", told, minutes, now, self.school, timing)
