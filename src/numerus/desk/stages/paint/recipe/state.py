"""What the Recipe page shows and may do: the strokes of a zone in order, each changed by itself, and whether they cover. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.colour.films import coat_differences
from numerus.colour.light import encoded, lab_of, linear, rgb_of
from numerus.desk.answers import Answers
from numerus.desk.stages.paint.recipe.stroke_fields import EDITS
from numerus.domain.army import Figure as ArmyFigure
from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import Placing, Recipe, RecipeStep, Scheme
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import xyz
from numerus.kit.thumbnails import fitted_camera
from numerus.paint.advice.colourways import base_step
from numerus.paint.advice.effects import Effect, effect_steps
from numerus.paint.covering import Covering, covering
from numerus.paint.figure.built import Built, painted_vertices
from numerus.paint.figure.by_hand import DrawnOnFigure
from numerus.paint.figure.lost_light import lost_light, lost_light_words
from numerus.paint.figure.overspray import Overspray, masks_words, overspray
from numerus.paint.figure.painted import PaintedZone, painted_steps
from numerus.paint.looks import EXPOSURE, scheme_light, with_recipe
from numerus.paint.priming.primer import primed_ground, two_tone_primer
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.parts_text import parts_text, with_part
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import Laid, drawn_where_it_must, laid_strokes, laid_um, mix_colour
from numerus.progress.painting.mixes import mix_changes
from numerus.surface.zones import ZonedMesh

FRAME_PX, FINER = (104, 132), 2
MOST_STROKES = 12
NEW_MINUTES, NEW_DRIES = 3.0, 20.0


def _middle_of(zoned: Sequence[ZonedMesh], zone: str) -> tuple[float, float, float]:
    """The middle of a zone's skin on a figure, where its light comes from; of the figure where it has none."""
    own = [m.mesh.triangles[m.labels == m.zones.index(zone)].reshape(-1, 3) for m in zoned if zone in m.zones]
    places = np.concatenate(own or [m.mesh.vertices for m in zoned] or [np.zeros((1, 3))])
    return xyz(places.mean(axis=0), 2)


def _lowest(zoned: Sequence[ZonedMesh]) -> float:
    return min((float(m.mesh.bounds_mm[0][2]) for m in zoned), default=0.0)


@dataclass(frozen=True, eq=False)
class Frame:
    """The figure after a stroke, the other zones greyed: uint8 (h, w, 4); ``note``: what its spray would hit, "" for nothing."""

    step: RecipeStep
    image: NDArray[np.uint8]
    note: str = ""


@dataclass(frozen=True, eq=False)
class Canvas:
    """A figure to draw a step on: its lines so far, its vertices' colours without it (n, 3) and the colour it draws in (3,), uint8."""

    drawn: DrawnOnFigure
    colours: NDArray[np.uint8]
    ink: NDArray[np.uint8]


class RecipeState:
    """``look`` at the book; ``step_id`` stays chosen while the zone has it."""

    def __init__(self, answers: Answers) -> None:
        self.zone_id, self.step_id = "", ""
        self.frames: list[Frame] = []
        self._lost: dict[tuple[object, ...], str] = {}
        self._sprayed: dict[tuple[object, ...], list[Overspray]] = {}
        self.figure: ArmyFigure | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.figure = self.plans.figure_or_first(unit_id, figure_id)
        if self.zone_id not in self.zone_ids:
            self.zone_id = next(iter(self.zone_ids), "")
        if self.step_id not in {s.id for s in self.steps}:
            self.step_id = next((s.id for s in self.steps), "")

    @property
    def rack(self) -> Rack:
        return rack_of(self.plans)

    @property
    def zone_ids(self) -> list[str]:
        """Zones of the army in the scheme's order, those without a recipe last."""
        scheme = self.plans.scheme_for(self.figure)
        ordered = [r.zone for r in scheme.recipes] if scheme else []
        rest = sorted((z for z in self.plans.zones.values() if z.id not in ordered), key=lambda z: z.order)
        return [*ordered, *(z.id for z in rest)]

    @property
    def recipe(self) -> Recipe | None:
        scheme = self.plans.scheme_for(self.figure)
        return next((r for r in scheme.recipes if r.zone == self.zone_id), None) if scheme else None

    @property
    def steps(self) -> tuple[RecipeStep, ...]:
        return self.recipe.steps if self.recipe else ()

    @property
    def step(self) -> RecipeStep | None:
        return next((s for s in self.steps if s.id == self.step_id), None)

    def laid(self) -> dict[str, Laid]:
        """Each stroke over what lies below it, by its id."""
        scheme = self.plans.scheme_for(self.figure)
        if scheme is None or self.recipe is None:
            return {}
        return {s.step.id: s for s in laid_strokes(self.recipe, self.rack, primed_ground(scheme))}

    def covers(self) -> Covering | None:
        """How the chosen stroke covers what lies below it."""
        laid = self.laid().get(self.step_id)
        return covering(laid, self.rack) if laid else None

    def coats_curve(self, ground: NDArray[np.float64]) -> list[float]:
        """ΔE to the hiding colour of the chosen stroke's mix after 0 to 5 coats of its own film on a ground."""
        step = self.step
        if step is None:
            return []
        return [float(v) for v in coat_differences(self.rack.pigment(step.mix), ground, 5, laid_um(step) / step.coats)]

    def warnings(self) -> list[str]:
        """What will not do in this recipe: strokes that do not cover, pots that are gone, kinds that want other care."""
        warnings = [
            change.words for change in mix_changes(self.plans, self.answers.standing, self.answers.facts, self.zone_id)
        ]
        warnings += [f"{f.step.name}: {f.note}" for f in self.frames if f.note and f.step in self.steps]
        for step in self.steps:
            laid = self.laid().get(step.id)
            if laid is None:
                warnings.append(f"{step.name}: a paint of it is gone from the rack.")
                continue
            if not drawn_where_it_must(step):
                warnings.append(f"{step.name}: nothing is drawn yet. Draw it … puts it on the figure.")
            cover = covering(laid, self.rack)
            if cover.warning:
                warnings.append(f"{step.name}: {cover.warning}")
            kinds = {
                kind_of(self.rack.paints[p]).name: kind_of(self.rack.paints[p]).warning
                for p in self.rack.shares(step.mix)
            }
            warnings += [f"{step.name}: {warning}" for warning in kinds.values() if warning]
        return warnings

    def mix_words(self, step: RecipeStep) -> str:
        return parts_text(step.mix, self.rack.names)

    def changed(self, name: str, text: str) -> Scheme | None:
        """The scheme with a field of the chosen stroke as typed, None where that changes nothing. Raises PlanError."""
        step = self.step
        if step is None:
            return None
        new = EDITS[name](step, text.strip(), self.rack)
        return self._with([new if s.id == step.id else s for s in self.steps]) if new != step else None

    def poured(self, pot: str) -> Scheme | None:
        """The scheme with one part more of a pot or mix in the chosen stroke. Raises PlanError where it is not on the rack."""
        step = self.step
        if step is None:
            return None
        parts = with_part(step.mix, pot)
        self.rack.shares(parts)
        return self._with([replace(s, mix=parts) if s.id == step.id else s for s in self.steps])

    def added(self, new_id: str) -> Scheme | None:
        """A stroke more after the chosen one: a layer of its mix. Raises PlanError where there is no pot."""
        before = self.step
        pot = max(self.plans.paints.values(), key=lambda p: p.ml or 0.0, default=None)
        if pot is None:
            raise PlanError("no-paint", "There is no pot on the rack.", "Add one there first.")
        mix = before.mix if before else ((pot.id, 1.0),)
        technique = "layer" if before else "base"
        recipe_step = RecipeStep(
            new_id,
            technique.capitalize(),
            technique,
            mix,
            0.5,
            "round 2",
            NEW_MINUTES,
            NEW_DRIES,
            since=self.answers.now,
        )
        at = self.steps.index(before) + 1 if before else 0
        self.step_id = new_id
        return self._with([*self.steps[:at], recipe_step, *self.steps[at:]])

    def with_effect(
        self, effect: Effect, zoned: Sequence[ZonedMesh], source: str, new_id: Callable[[], str]
    ) -> list[Scheme | Paint]:
        """The scheme with an effect's strokes after the zone's own, and pots it lacks. ``zoned``: the figure's parts, which tell
        where the light and the ground are. Raises PlanError where the zone has no colour yet.
        """
        if self.recipe is None:
            raise PlanError("no-recipe", "An effect goes over paint.", "Give the zone its base coat first.")
        area = self.plans.zone_areas_cm2(self.figure).get(self.zone_id, 1.0) if self.figure else 1.0
        at = _middle_of(zoned, source) if source else (0.0, 0.0, _lowest(zoned))
        base = base_step(self.recipe, self.rack)
        steps = effect_steps(effect, base.mix, self.rack, area, new_id, self.answers.now, at)
        self.step_id = steps.steps[0].id
        return [self._with(steps.among(self.steps, base)), *steps.paints]

    def canvas(self, built: Built, step: RecipeStep) -> Canvas | PlanError:
        """The figure as it is to be drawn on; what stands in the way where it has nothing of the zone."""
        scheme = self.plans.scheme_for(self.figure)
        if scheme is None or self.zone_id not in built.zones:
            return PlanError("no-zone", "This figure has nothing of that zone.", "Choose another figure in the roll.")
        recipes = {r.zone: [s for s in r.steps if s.id != step.id] for r in scheme.recipes}
        colours = np.concatenate(painted_vertices(built, recipes, self.rack, two_tone_primer(scheme)))
        ink = np.round(255 * rgb_of(mix_colour(step, self.rack))).astype(np.uint8)
        return Canvas(DrawnOnFigure(built, self.zone_id, step), colours, ink)

    def placed(self, step: RecipeStep, placing: Placing) -> Scheme:
        """The scheme with a stroke put where it was drawn."""
        return self._with([replace(s, placing=placing) if s.id == step.id else s for s in self.steps])

    def rescued(self, all_of_unit: bool) -> list[str]:
        """Figures a rescue is for: the one shown, or all of its unit on which a stroke of the zone lies."""
        if self.figure is None or not all_of_unit:
            return [self.figure.id] if self.figure else []
        own, there = {s.id for s in self.steps}, self.answers.standing.figures
        of_unit = [f.id for f in self.plans.figures_of(self.figure.unit_id)]
        return [f for f in of_unit if f in there and there[f].painted & own] or [self.figure.id]

    def taken_away(self) -> Scheme | None:
        return self._with([s for s in self.steps if s.id != self.step_id]) if self.step else None

    def moved(self, by: int) -> Scheme | None:
        """The chosen stroke one place sooner (-1) or later (1)."""
        step = self.step
        if step is None:
            return None
        steps = list(self.steps)
        at = steps.index(step)
        to = at + by
        if not 0 <= to < len(steps):
            return None
        steps[at], steps[to] = steps[to], steps[at]
        return self._with(steps)

    def _with(self, steps: list[RecipeStep]) -> Scheme:
        scheme = self.plans.scheme_for(self.figure) or Scheme("scheme", "Own scheme", ())
        return with_recipe(scheme, replace(self.recipe or Recipe(self.zone_id, ()), steps=tuple(steps)))

    def filmstrip(self, built: Built, progress: Progress) -> list[Frame]:
        """The figure after each stroke of the zone. Raises Cancelled."""
        scheme = self.plans.scheme_for(self.figure)
        if scheme is None or self.zone_id not in built.zones:
            return []
        wide, high = FRAME_PX
        camera = fitted_camera(built.figure.mesh, 22, 9, 1.02, wide / high)
        shot = built.shot(camera, wide, high, FINER)
        light = EXPOSURE * shot.light()[:, None]
        rest = _greyed(scheme_light(shot, built, scheme, self.rack, ""))
        own = np.flatnonzero(shot.zone == built.zones.index(self.zone_id))
        places, steps, frames = shot.places.some(own), self.steps[:MOST_STROKES], []
        bare = PaintedZone(*two_tone_primer(scheme).on(places), ())
        for n, (step, painted) in enumerate(zip(steps, painted_steps(steps, self.rack, bare, places), strict=True)):
            progress(0.3 + 0.7 * n / max(len(self.steps), 1))
            look = rest.copy()
            look[own] = painted.light()
            frames.append(Frame(step, shot.picture(look * light), self._overspray(built, step, scheme)))
        return frames

    def _overspray(self, built: Built, step: RecipeStep, scheme: Scheme) -> str:
        """What a sprayed stroke hits of zones that are painted before this one, and what light parts on sticks lose."""
        if step.technique != "spray":
            return ""
        return " ".join(filter(None, (self._hits(built, step, scheme), self._lost_light(built, step))))

    def _lost_light(self, built: Built, step: RecipeStep) -> str:
        figure = self.answers.standing.figures.get(self.figure.id) if self.figure else None
        if figure is None or not figure.on_sticks:
            return ""
        by_part = {p: slot for slot, p in reversed(figure.figure.build.items())}
        slots = [by_part[p] for p in dict.fromkeys(figure.figure.build.values()) if p in self.plans.parts]
        key = (built, figure.on_sticks, step.placing.toward)
        if key not in self._lost:
            parts = list(zip(slots, built.parts, strict=True))
            self._lost = {key: lost_light_words(lost_light(parts, figure.on_sticks, step.placing.toward))}
        return self._lost[key]

    def _hits(self, built: Built, step: RecipeStep, scheme: Scheme) -> str:
        order = [r.zone for r in scheme.recipes]
        finished = set(order[: order.index(self.zone_id)])
        key = (built, self.zone_id, step.placing.toward)
        if key not in self._sprayed:  # whatever else of the stroke is changed, its spray goes where it went
            self._sprayed = {key: overspray(built, self.zone_id, np.asarray(step.placing.toward, float))}
        oversprays = self._sprayed[key]
        return masks_words(oversprays, {z.id: z.name for z in self.plans.zones.values()}, finished)


def _greyed(light: NDArray[np.float64]) -> NDArray[np.float64]:
    """Pale and grey, so that what is in hand stands out."""
    value = lab_of(encoded(np.clip(light, 0, 1)))[:, :1] / 100
    return linear(np.repeat(0.45 + 0.45 * value, 3, axis=1))
