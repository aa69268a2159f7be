"""What the Schools page shows: one zone of a figure painted in four ways, with what each costs and shows. No Qt here."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.desk.answers import Answers
from numerus.desk.stages.paint.compared import Card, Row
from numerus.domain.army import Figure as ArmyFigure
from numerus.domain.painting.paints import Parts
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.errors import Progress
from numerus.geometry.mesh import Floats
from numerus.kit.thumbnails import fitted_camera
from numerus.paint.figure.built import Built
from numerus.paint.figure.painted import painted_zone
from numerus.paint.figure.schools import (
    Measures,
    School,
    break_even,
    difference_words,
    lines_words,
    measured,
    schools,
    surface_words,
)
from numerus.paint.looks import EXPOSURE, scheme_light, with_recipe
from numerus.paint.priming.primer import two_tone_primer
from numerus.paint.rack.parts_text import parts_from_text, parts_text
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import can_be_mixed
from numerus.words import span

SHOWN_PX = 208, 280
FINER = 2
PRESENT = "E"
TURN_DEG, RAISE_DEG = 22.0, 9.0


@dataclass(frozen=True, eq=False)
class Shown:
    """A school with its picture, in colour and in value only, uint8 (h, w, 4), and its measures."""

    school: School
    colour: NDArray[np.uint8]
    grey: NDArray[np.uint8]
    measures: Measures


class SchoolsState:
    """``look`` at the book; ``work`` makes what is shown, on any thread."""

    def __init__(self, answers: Answers) -> None:
        self.zone_id, self.chosen = "", 2
        self.own: dict[str, Parts] = {}  # colours typed, by zone
        self.shown: list[Shown] = []
        self.figure: ArmyFigure | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.figure = self.plans.figure_or_first(unit_id, figure_id)
        if self.zone_id not in self.zone_ids:
            areas = self.plans.zone_areas_cm2(self.figure) if self.figure else {}
            worn = [z for z in self.zone_ids if z != "base"] or self.zone_ids
            self.zone_id = max(worn, key=lambda z: areas.get(z, 0.0), default="")

    @property
    def rack(self) -> Rack:
        return rack_of(self.plans)

    @property
    def zone_ids(self) -> list[str]:
        """Zones of the figure, the largest first."""
        areas = self.plans.zone_areas_cm2(self.figure) if self.figure else {}
        return sorted(areas, key=lambda z: -areas[z])

    def recipe(self) -> Recipe | None:
        scheme = self.plans.scheme_for(self.figure)
        return next((r for r in scheme.recipes if r.zone == self.zone_id), None) if scheme else None

    def base(self) -> Parts:
        """The colour the zone is to have: typed, its recipe's base, its first stroke, or the fullest pot."""
        recipe, rack = self.recipe(), self.rack
        if self.zone_id in self.own and all(rack.holds(p) for p, _ in self.own[self.zone_id]):
            return self.own[self.zone_id]
        steps = [s for s in recipe.steps if all(rack.holds(p) for p, _ in s.mix)] if recipe else []
        chosen = next((s for s in steps if s.technique == "base"), steps[0] if steps else None)
        if chosen is not None:
            return chosen.mix
        pot = max(self.plans.paints.values(), key=lambda p: p.ml or 0.0, default=None)
        return ((pot.id, 1.0),) if pot else ()

    def type_base(self, text: str) -> None:
        """The zone's colour as a mix. Raises PlanError."""
        parts = parts_from_text(text, self.rack.by_name)
        self.rack.shares(parts)
        self.own[self.zone_id] = parts

    def base_words(self) -> str:
        return parts_text(self.base(), self.rack.names)

    def figures(self) -> int:
        """Figures of the unit that wear the zone."""
        own = self.plans.figures_of(self.figure.unit_id) if self.figure else []
        return max(sum(self.zone_id in self.plans.zone_areas_cm2(f) for f in own), 1)

    def print_up(self) -> tuple[Floats, float]:
        """Which way the part with most of the zone was printed, and its layer's height; upright in usual layers where not posed."""
        best, way, most = 0.0, np.array([0.0, 0.0, 1.0]), ""
        for part_id in self.figure.build.values() if self.figure else ():
            part_zones, part = self.plans.part_zones.get(part_id), self.plans.parts.get(part_id)
            area = (
                dict(zip(part_zones.zones, part_zones.area_cm2, strict=True)).get(self.zone_id, 0.0)
                if part_zones
                else 0.0
            )
            if part is not None and part.pose is not None and area > best:
                best, way, most = area, np.asarray(part.pose.up, float), part.id
        return way, self.plans.layer_mm_of(most)

    def worked(self, built: Built, progress: Progress) -> list[Shown]:
        """Every school's picture and measures. Raises Cancelled."""
        figure = built.figure
        wide, high = SHOWN_PX
        camera = fitted_camera(figure.mesh, TURN_DEG, RAISE_DEG, 1.05, wide / high)
        shot = built.shot(camera, wide, high, FINER)
        light = EXPOSURE * shot.light()[:, None]
        rest = scheme_light(shot, built, self.plans.scheme_for(self.figure), self.rack, self.zone_id)
        number = built.zones.index(self.zone_id)
        own = np.flatnonzero(shot.zone == number)
        area = self.plans.zone_areas_cm2(self.figure).get(self.zone_id, 1.0) if self.figure else 1.0
        up, layer = self.print_up()
        school_pictures = []
        compared = [*schools(self.base(), self.rack, area), *self.present()]
        for n, school in enumerate(compared):
            progress(0.3 + 0.7 * n / len(compared))
            linear = rest.copy()
            linear[own] = painted_zone(school.steps, self.rack, school.primer, shot.places.some(own)).light()
            measures = measured(school, figure, number, self.rack, self.figures(), up, layer)
            school_pictures.append(
                Shown(school, shot.picture(linear * light), shot.picture(linear * light, grey=True), measures)
            )
        return school_pictures

    def take(self, shown: list[Shown]) -> None:
        self.shown, self.chosen = shown, min(self.chosen, max(len(shown) - 1, 0))

    def present(self) -> list[School]:
        """The zone's recipe as it is, as one more way to paint it; none where there is none or a pot of it is gone."""
        scheme, recipe = self.plans.scheme_for(self.figure), self.recipe()
        if scheme is None or recipe is None or not all(can_be_mixed(s, self.rack) for s in recipe.steps):
            return []
        over = "over the army's primer"
        return [School(PRESENT, "Your recipe", over, two_tone_primer(scheme), recipe.steps, "as the Recipe page warns")]

    def cards(self) -> list[Card]:
        """What is shown of each."""
        return [
            Card(
                s.school.letter, s.school.name, s.school.over, s.colour, s.grey, _values(s.measures), s.school.goes_wrong,
                f"{s.school.letter}: {s.school.name}; {', '.join(step.name for step in s.school.steps)}",
            )
            for s in self.shown
        ]  # fmt: skip

    def sentences(self) -> list[str]:
        """The chosen school against its nearest rivals, and from how many figures the airbrush pays."""
        if len(self.shown) < 2:
            return []
        chosen = self.shown[self.chosen]
        others = [s for n, s in enumerate(self.shown) if n != self.chosen]
        near = sorted(others, key=lambda s: abs(s.measures.minutes - chosen.measures.minutes))[:2]
        sentences = [difference_words(chosen.measures, o.measures, chosen.school.letter, o.school.letter) for o in near]
        spray = next((s.school for s in self.shown if s.school.sprayed), None)
        if spray is not None and not chosen.school.sprayed:
            pays = break_even(spray, chosen.school)
            sentences.append(f"The airbrush pays from {pays} figures." if pays else "The airbrush never pays here.")
        up, layer = self.print_up()
        sentences += [surface_words(chosen.measures), lines_words(chosen.measures, layer, bool(up[2] < 1))]
        return [words for words in [*sentences, self.answers.changed_mix([self.zone_id])] if words]

    def kept(self, new_id: Callable[[], str]) -> Scheme | None:
        """The scheme with the chosen school's strokes in the zone; they are new steps, what was done of the old ones stays told."""
        scheme = self.plans.scheme_for(self.figure) or Scheme("scheme", "Own scheme", ())
        if not self.shown or self.shown[self.chosen].school.letter == PRESENT:  # it is painted so already
            return None
        school, since = self.shown[self.chosen].school, self.answers.now
        steps = tuple(replace(s, id=new_id(), since=since) for s in school.steps)
        return with_recipe(scheme, Recipe(self.zone_id, steps))


ROWS = (
    Row("Hands, all"), Row("Paint"), Row("Lines show"), Row("Blotches on flats"), Row("Fold to edge", "most"),
)  # fmt: skip
"""What is compared, as ``_values`` tells it."""


def _values(measures: Measures) -> tuple[tuple[float, str], ...]:
    shades = (measures.lines, measures.blotches, measures.contrast)
    return (
        (measures.minutes, span(measures.minutes)),
        (measures.ml, f"{measures.ml:.1f} ml"),
        *((v, f"{v:.1f} L*") for v in shades),
    )
