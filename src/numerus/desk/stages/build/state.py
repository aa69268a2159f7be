"""What the Build bench shows and may do: the figure, what stays apart, its order of gluing, whether it stands. No Qt here."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime

from numerus.assembly.balance import Balance, tipping_on_base_deg
from numerus.assembly.build_look import BuildLook
from numerus.assembly.gluing import BuildStep, build_plan, kept_apart
from numerus.assembly.joints import Joint
from numerus.assembly.stacked_base import stack_words
from numerus.assembly.sub_assemblies import WORTH_MM2_PER_MIN, KeptApart, worth_it
from numerus.desk.answers import Answers
from numerus.desk.stages.build.figure_parts import FigureParts, Key
from numerus.domain.army import Army, Figure, Unit
from numerus.domain.journal import Fact, Timing
from numerus.domain.parts import Part
from numerus.progress.done_facts import step
from numerus.progress.standing import FigureStanding
from numerus.surface.brush_reach import BRUSH

MOST_LOOKS = 40
LEAST_TOLD = 0.005  # of the skin: zones with less are not listed

LookKey = tuple[str, Key]


class BuildState:
    """``figure_id`` is the figure on the bench; ``together``: all is glued before it is painted; ``tried``: slots kept apart for a
    look, None for those the unit keeps; ``tried_worth``: while the slope is dragged; ``tool``: what the figure is painted with.
    """

    def __init__(self, answers: Answers) -> None:
        self.figure_id, self.together = "", False
        self.tried: tuple[str, ...] | None = None
        self.tried_worth = 0.0
        self.tool = BRUSH
        self._looks: dict[LookKey, BuildLook] = {}
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        if self.figure_id not in {f.figure.id for f in self.waiting}:
            self.choose(next((f.figure.id for f in self.waiting), ""))

    def follow(self, figure_id: str) -> None:
        """The figure chosen in the roll, where it waits here."""
        if figure_id != self.figure_id and figure_id in {f.figure.id for f in self.waiting}:
            self.choose(figure_id)

    def choose(self, figure_id: str) -> None:
        self.figure_id, self.tried = figure_id, None

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
    def own(self) -> FigureParts:
        """The figure's parts, and what looks at them depend on."""
        return FigureParts(self.answers, self.figure)

    @property
    def unit(self) -> Unit:
        return self.own.unit

    @property
    def kept(self) -> tuple[str, ...]:
        """Slots of this figure that its unit keeps apart."""
        return self.own.kept

    @property
    def parts(self) -> dict[str, Part]:
        """The printed parts of the figure, by slot."""
        return self.own.parts

    @property
    def key(self) -> Key:
        """What a look depends on."""
        return self.own.key

    @property
    def worth(self) -> float:
        """Skin that is worth a minute, mm²."""
        army = self.plans.army
        return self.tried_worth or (army.worth_mm2_per_min if army else WORTH_MM2_PER_MIN)

    def with_worth(self) -> Army | None:
        """The army with the worth that was tried, None where that is what it has."""
        army, worth = self.plans.army, self.tried_worth
        self.tried_worth = 0.0
        changed = worth and army and round(worth, 1) != army.worth_mm2_per_min
        return replace(army, worth_mm2_per_min=round(worth, 1)) if army and changed else None

    @property
    def look_key(self) -> LookKey:
        """What a look depends on, and the tool it is painted with."""
        return self.tool, self.key

    @property
    def known(self) -> BuildLook | None:
        return self._looks.get(self.look_key)

    def remember(self, key: LookKey, look: BuildLook) -> None:
        self._looks[key] = look
        while len(self._looks) > MOST_LOOKS:
            self._looks.pop(next(iter(self._looks)))

    @property
    def apart(self) -> tuple[str, ...]:
        """What is looked at as kept apart: what is tried, else what the unit keeps, else what is worth it."""
        if self.tried is not None:
            return self.tried
        return self.kept or (worth_it(self.known.ways, self.worth).parts if self.known else ())

    @property
    def hint(self) -> str:
        """That keeping parts apart is worth it, where the unit keeps none."""
        if self.known is None or self.kept:
            return ""
        way = worth_it(self.known.ways, self.worth)
        back = (way.easy_mm2 - self.known.ways[0].easy_mm2) / 100
        return f"{', '.join(way.parts)} apart would give the brush {back:.1f} cm² back" if way.parts else ""

    def toggle(self, slot: str) -> None:
        apart = self.apart
        self.tried = tuple(s for s in apart if s != slot) if slot in apart else (*apart, slot)

    def try_way(self, way: KeptApart) -> None:
        self.tried = way.parts

    def kept_changes_to(self, apart: tuple[str, ...]) -> list[Unit]:
        """The unit with these slots kept apart; those this figure has no part for stay as they were."""
        others = tuple(s for s in self.unit.apart if s not in self.parts)
        return [replace(self.unit, apart=(*apart, *others))]

    @property
    def zones(self) -> list[tuple[str, float, float, float]]:
        """Of each zone that counts its name, shares reached glued and apart, and cm² given back; most given back first."""
        if self.known is None:
            return []
        study = self.known.study
        glued, now = study.zones(), dict((n, e) for n, _, e in study.zones(self.apart))
        rows = [
            (self._zone_name(n), e / s, now[n] / s, (now[n] - e) / 100)
            for n, s, e in glued
            if s >= LEAST_TOLD * study.seen_mm2
        ]
        return sorted(rows, key=lambda r: -r[3])

    def _zone_name(self, zone: str) -> str:
        return self.plans.zones[zone].name if zone in self.plans.zones else "not named"

    @property
    def joints(self) -> list[tuple[str, Joint]]:
        """Joints by the part that comes to them, the most strained first."""
        look = self.known
        if look is None:
            return []
        first, last = look.order(self.apart)
        glued, rows = [look.body], []
        for slot in (*first, *last):
            joint = look.joint_to(slot, glued)
            glued.append(slot)
            if joint is not None:
                rows.append((slot, joint))
        return sorted(rows, key=lambda r: -r[1].strain)

    @property
    def plan(self) -> list[BuildStep]:
        """In the order of the slots; once the joints were looked at, from the body outward."""
        slots, look = [s for s in self.unit.slots if s in self.figure.build], self.known
        apart = () if self.together else self.unit.apart
        if look is None or len(self.parts) < 2:
            return build_plan(slots, apart)
        first, last = look.order([s for s in apart if s in self.parts])
        ordered = [look.body, *first, *last]
        ordered += [s for s in slots if s not in ordered]
        return build_plan(ordered, apart, {slot: _advice(joint) for slot, joint in self.joints})

    @property
    def planned_min(self) -> float:
        return sum(s.minutes for s in self.plan)

    def verdict(self, balance: Balance | None) -> str:
        """Whether it stands, on the base it is printed with or on the one it will get."""
        words = balance.description if balance else "nothing printed"
        if balance is not None and self.unit.stack:
            return f"{self.figure.name} {words}. {stack_words(balance, self.unit.stack, self.unit.base_mm)}"
        if "base" in self.parts:
            return f"{self.figure.name} on its base {words}."
        on_base = tipping_on_base_deg(balance, self.unit.base_mm / 2) if balance else 0.0
        return f"{self.figure.name} without its base {words}. On {self.unit.base_mm:g} mm: {on_base:.0f}° to tip."

    def done_fact(self, minutes: float, timing: Timing, now: datetime) -> Fact:
        kept = "" if self.together else kept_apart(self.figure.build, self.unit.apart)
        return step("build", (self.figure_id,), minutes, now, kept, planned=self.planned_min, timing=timing)


def _advice(joint: Joint) -> str:
    """What a step of gluing says of its joint, in a line."""
    pin = f"; {joint.advice.split(':')[0]}" if joint.pin_mm else ""
    return f"{joint.area_mm2:.0f} mm² touch{pin}" + (f"; {joint.filling}" if joint.filling else "; it closes")
