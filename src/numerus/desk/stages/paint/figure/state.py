"""What the Paint bench shows and may do: the batch, the zone in hand, its steps and how far they are. No Qt here."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from datetime import datetime

import numpy as np

from numerus.desk.answers import Answers
from numerus.domain.journal import Fact, Timing
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.painting.zones import UNNAMED, Zone
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import ml_text, paint_needed_ml, shopping
from numerus.progress.done_facts import shared_out
from numerus.progress.planning.next_tasks import paint_batch
from numerus.progress.planning.task_kinds import BATCH_MOST
from numerus.progress.standing import FigureStanding
from numerus.surface.zones import ZonedMesh


class PaintState:
    """``look`` at the book as it is; ``zone_id`` stays chosen while the batch has it."""

    def __init__(self, answers: Answers) -> None:
        self.zone_id = ""
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        at = answers.standing.at("paint", unit_id)
        self.batch = at[:BATCH_MOST] or paint_batch(answers.standing)
        self.figure_id = figure_id
        self._asked = {s.key for f in self.batch for s in f.strokes}
        self._lack = Counter(key for f in self.batch for key in {s.key for s in f.next_strokes})
        if self.zone_id not in self.zone_ids:
            self.zone_id = self.next_zone() or next(iter(self.zone_ids), "")

    @property
    def scheme(self) -> Scheme | None:
        return self.plans.scheme_of(self.batch[0].unit.id) if self.batch else self.plans.scheme

    @property
    def model(self) -> FigureStanding:
        """The figure shown: the one chosen in the roll, or the first of the batch."""
        return next((f for f in self.batch if f.figure.id == self.figure_id), self.batch[0])

    @property
    def zone_ids(self) -> list[str]:
        """Zones the batch is painted on, in the scheme's order."""
        wanted = {s.zone for f in self.batch for s in f.strokes}
        return [r.zone for r in self.scheme.recipes if r.zone in wanted] if self.scheme else []

    def zone_name(self, zone_id: str) -> str:
        return self.plans.zone_name(zone_id)

    def recipe(self, zone_id: str) -> Recipe | None:
        """The zone's steps that the batch's level asks for."""
        recipe = next((r for r in self.scheme.recipes if r.zone == zone_id), None) if self.scheme else None
        return replace(recipe, steps=tuple(s for s in recipe.steps if s.id in self._asked)) if recipe else None

    def steps(self, zone_id: str) -> tuple[RecipeStep, ...]:
        recipe = self.recipe(zone_id)
        return recipe.steps if recipe else ()

    def figures_done(self, step_id: str) -> int:
        """Figures of the batch that have a step, or are not asked for it."""
        return len(self.batch) - self._lack[step_id]

    def is_done(self, recipe_step: RecipeStep) -> bool:
        return self.figures_done(recipe_step.id) >= len(self.batch)

    def next_step(self, zone_id: str) -> RecipeStep | None:
        return next((s for s in self.steps(zone_id) if not self.is_done(s)), None)

    def next_zone(self) -> str:
        """The first zone that is not done, "" when all are."""
        return next((z for z in self.zone_ids if self.next_step(z) is not None), "")

    def figures_for(self, step_id: str) -> list[FigureStanding]:
        """Figures of the batch that want a step and have not had it."""
        return [f for f in self.batch if step_id not in f.painted and any(s.key == step_id for s in f.strokes)]

    def planned_min(self, recipe_step: RecipeStep) -> float:
        return sum(self._told_min(recipe_step.id).values())

    def _told_min(self, step_id: str) -> dict[str, float]:
        """By figure that wants a step, its minutes there."""
        return {f.figure.id: next(s for s in f.strokes if s.key == step_id).minutes for f in self.figures_for(step_id)}

    def done_facts(self, recipe_step: RecipeStep, minutes: float, timing: Timing, now: datetime) -> list[Fact]:
        """A step written for every figure that wants it; ``minutes`` for all of them together."""
        return shared_out("stroke", self._told_min(recipe_step.id), minutes, now, recipe_step.id, timing)

    def needs(self) -> str:
        """What paint the zone in hand still takes, and what to buy for the batch, in words."""
        paints = self.plans.paints
        areas = {f.figure.id: self.plans.zone_areas_cm2(f.figure) for f in self.batch}
        left = [(s, areas[f.figure.id].get(s.zone, 0.0)) for f in self.batch for s in f.next_strokes]
        rack = rack_of(self.plans)
        need = paint_needed_ml(left, rack)
        here = paint_needed_ml([(s, a) for s, a in left if s.zone == self.zone_id], rack)
        words = ", ".join(f"{paints[p].name} {ml_text(ml)}" for p, ml in here.items() if p in paints)
        buy = shopping({p: ml for p, ml in need.items() if p in paints}, paints)
        whole = f"Still needed here: {words}. " if words else "This zone is done. "
        changed = self.answers.changed_mix([self.zone_id])
        return whole + " ".join(filter(None, [changed, *(b.description for b in buy[:2])]))

    def largest_zones(self, figure: FigureStanding) -> list[str]:
        """Ids of a figure's zones, the largest first."""
        areas = self.plans.zone_areas_cm2(figure.figure)
        return sorted(areas, key=lambda z: -areas[z])

    def unnamed(self) -> list[str]:
        """Ids of the batch's parts whose skin is not all named yet."""
        return list(dict.fromkeys(p for f in self.batch for p in self.plans.unnamed_parts(f.figure)))

    def zone_called(self, name: str, new_id: str) -> tuple[Zone, bool]:
        """The zone of a name, and whether it is new to the army."""
        zone = next((z for z in self.plans.zones.values() if z.name.lower() == name.strip().lower()), None)
        return (zone, False) if zone else (Zone(new_id, name.strip(), len(self.plans.zones)), True)


def named_rest(zoned_mesh: ZonedMesh, zone_id: str) -> ZonedMesh:
    """A part with all its unnamed faces given to a zone."""
    zones = zoned_mesh.zones if zone_id in zoned_mesh.zones else (*zoned_mesh.zones, zone_id)
    labels = np.where(zoned_mesh.labels == UNNAMED, zones.index(zone_id), zoned_mesh.labels).astype(np.uint8)
    return ZonedMesh(zoned_mesh.mesh, zones, labels)
