"""What the rescue of a zone shows: the fault, the ways back with their pictures, what is written when one is taken. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.colour.words import colour_typed
from numerus.desk.answers import Answers
from numerus.desk.stages.paint.compared import Card, Row
from numerus.domain.army import Figure
from numerus.domain.journal import Fact
from numerus.domain.painting.recipes import Recipe, RecipeStep
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Floats
from numerus.paint.advice.rescue import BY_COLOUR, FAULTS, Spoilt, Way, spoilt, ways_back
from numerus.paint.figure.built import Built
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.shot import Shot
from numerus.paint.looks import EXPOSURE, figure_shot, scheme_light
from numerus.paint.priming.primer import two_tone_primer
from numerus.paint.rack.pots import Rack, rack_of
from numerus.progress.done_facts import step
from numerus.words import span

SHOWN, SIZE_PX, FINER = 4, (150, 200), 2
ROWS = (Row("ΔE to the goal"), Row("Hands, each"), Row("Paint, each"))


@dataclass(frozen=True, eq=False)
class Shown:
    """A way back with its pictures, in colour and in value, uint8 (h, w, 4)."""

    way: Way
    colour: NDArray[np.uint8]
    grey: NDArray[np.uint8]


class RescueState:
    """One zone of one figure; ``fault`` and ``colour`` as told."""

    def __init__(self, answers: Answers, figure: Figure, recipe: Recipe) -> None:
        self.answers, self.figure, self.recipe = answers, figure, recipe
        self.plans, self.rack = answers.plans, rack_of(answers.plans)
        self.fault, self.colour, self.chosen = FAULTS[0], "", 0
        self.shown: list[Shown] = []

    @property
    def needs_colour(self) -> bool:
        return self.fault in BY_COLOUR

    def tell(self, fault: str, colour: str) -> None:
        """What went wrong. Raises PlanError for words that are no colour."""
        self.fault, self.chosen = fault, 0
        self.colour = colour_typed(colour) if colour.strip() and fault in BY_COLOUR else ""

    def work(self, new_id: Callable[[], str]) -> Callable[[Built, Progress], list[Shown] | PlanError]:
        """The work of finding and painting the ways back, for a job; what cannot go wrong so is told, not raised."""
        recipe, rack, fault, colour, scheme = (
            self.recipe,
            self.rack,
            self.fault,
            self.colour,
            self.plans.scheme_for(self.figure),
        )
        assert scheme is not None
        area, primer = self.plans.zone_areas_cm2(self.figure).get(recipe.zone, 1.0), two_tone_primer(scheme)

        def made(built: Built, progress: Progress) -> list[Shown] | PlanError:
            try:
                state_of_paint = spoilt(built, recipe, rack, primer, fault, colour)
                ways = ways_back(state_of_paint, recipe, rack, area, new_id)[:SHOWN]
            except PlanError as error:
                return error
            shot = figure_shot(built, *SIZE_PX, FINER)
            rest = scheme_light(shot, built, scheme, rack, recipe.zone)
            own = np.flatnonzero(shot.zone == built.zones.index(recipe.zone))
            return [_shown(shot, rest, own, state_of_paint, way, rack) for way in ways]

        return made

    def cards(self) -> list[Card]:
        return [
            Card(
                letter, s.way.name, ", then ".join(n.name.lower() for n in s.way.steps) or "nothing to do", s.colour, s.grey,
                ((s.way.delta_e, f"{s.way.delta_e:.1f}"), (s.way.minutes, span(s.way.minutes)), (s.way.ml, f"{s.way.ml:.2f} ml")),
                s.way.risk,
            )
            for letter, s in zip("ABCD", self.shown, strict=False)
        ]  # fmt: skip

    @property
    def way(self) -> Way | None:
        return self.shown[self.chosen].way if self.chosen < len(self.shown) else None

    def facts(self, figures: Sequence[str]) -> list[Fact]:
        """The extra strokes as the journal keeps them: planned minutes, nothing measured."""
        if self.way is None:
            return []
        named = f"{self.recipe.zone}: {self.way.name}"  # no run's subject: it is told by its key
        return [
            step("rescue", tuple(figures), s.minutes * len(figures), self.answers.now, f"{named}, {s.name}")
            for s in self.way.steps
        ]


def _shown(shot: Shot, rest: Floats, own: NDArray[np.int64], state_of_paint: Spoilt, way: Way, rack: Rack) -> Shown:
    linear = rest.copy()
    linear[own] = _zone(state_of_paint.steps, way.steps, rack, state_of_paint.ground, shot, own)
    linear *= EXPOSURE * shot.light()[:, None]
    return Shown(way, shot.picture(linear), shot.picture(linear, grey=True))


def _zone(
    laid: Sequence[RecipeStep],
    more: Sequence[RecipeStep],
    rack: Rack,
    ground: Primer,
    shot: Shot,
    own: NDArray[np.int64],
) -> Floats:
    return painted_zone((*laid, *more), rack, ground, shot.places.some(own)).light()
