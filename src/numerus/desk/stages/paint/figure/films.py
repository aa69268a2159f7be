"""The figure of the bench by its films: what a job works out for its pictures."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from typing import NamedTuple

import numpy as np

from numerus.desk.view3d.renderer import Thing
from numerus.domain.painting.recipes import RecipeStep, Scheme
from numerus.errors import Progress
from numerus.paint.figure.built import Built, painted_vertices
from numerus.paint.looks import metal_by_zone
from numerus.paint.priming.primer import two_tone_primer
from numerus.paint.rack.pots import Rack
from numerus.paint.zone_colours import in_grey
from numerus.progress.standing import FigureStanding


class Shown(NamedTuple):
    """The figure as far as it is painted, as it will be, and that in value only."""

    now: list[Thing]
    whole: list[Thing]
    grey: list[Thing]


@dataclass(frozen=True, eq=False)
class Films:
    """A figure to be shown by its strokes as films: as far as it is painted, as it will be, and that in value only."""

    figure: FigureStanding
    scheme: Scheme
    rack: Rack

    def work(self, make: Callable[[Progress], Built]) -> Callable[[Progress], Shown]:
        """The work of a job: all that is shown of the figure that ``make`` makes ready."""

        def work(progress: Progress) -> Shown:
            built = make(progress)
            return Shown(self.now(built), *self.whole(built))

        return work

    def now(self, built: Built) -> list[Thing]:
        """As far as it is painted."""
        painted = self.figure.painted
        return self._things(
            built, {z: tuple(s for s in steps if s.id in painted) for z, steps in self._recipes.items()}
        )

    def whole(self, built: Built) -> tuple[list[Thing], list[Thing]]:
        """As it will be, in colour and in value."""
        done = self._things(built, self._recipes)
        return done, [Thing(t.mesh, in_grey(t.colours)) for t in done]

    @property
    def _recipes(self) -> dict[str, tuple[RecipeStep, ...]]:
        return {r.zone: r.steps for r in self.scheme.recipes}

    def _things(self, built: Built, recipes: Mapping[str, Sequence[RecipeStep]]) -> list[Thing]:
        """Every part in its colours, and how far each place is metal."""
        colours = painted_vertices(built, recipes, self.rack, two_tone_primer(self.scheme))
        metal = metal_by_zone(built.zones, recipes, self.rack)[built.figure.vertex_zone]
        shine = np.split(np.round(255 * metal).astype(np.uint8), np.cumsum(built.counts)[:-1])
        return [Thing(p, c, shine=s) for p, c, s in zip(built.parts, colours, shine, strict=True)]
