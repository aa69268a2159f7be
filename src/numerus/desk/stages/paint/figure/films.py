"""The figure of the bench by its films: what a job works out for its pictures."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.desk.view3d.painted import in_grey
from numerus.desk.view3d.renderer import Thing
from numerus.domain.painting.recipes import RecipeStep, Scheme
from numerus.errors import Progress
from numerus.paint.figure.built import Built, painted_vertices
from numerus.paint.figure.painted import Primer
from numerus.paint.looks import metal_by_zone
from numerus.paint.priming import two_tone_primer
from numerus.paint.rack.pots import Rack
from numerus.progress.standing import FigureStanding
from numerus.surface.zones import ZonedMesh


@dataclass(frozen=True, eq=False)
class Films:
    """A figure to be shown by its strokes as films: as far as it is painted, as it will be, and that in value only."""

    figure: FigureStanding
    parts: list[ZonedMesh]
    scheme: Scheme
    rack: Rack

    def job(self, make: Callable[[Progress], Built]) -> Callable[[Progress], list[list[Thing]]]:
        whole = {r.zone: r.steps for r in self.scheme.recipes}
        now = {zone: tuple(s for s in steps if s.id in self.figure.painted) for zone, steps in whole.items()}
        primer = two_tone_primer(self.scheme)

        def work(progress: Progress) -> list[list[Thing]]:
            built = make(progress)
            painted, done = (self._things(built, steps, primer) for steps in (now, whole))
            return [painted, done, [Thing(t.mesh, in_grey(t.colours)) for t in done]]

        return work

    def _things(self, built: Built, recipes: Mapping[str, Sequence[RecipeStep]], primer: Primer) -> list[Thing]:
        """Every part in its colours, and how far each place is metal."""
        colours = painted_vertices(built, recipes, self.rack, primer)
        metal = metal_by_zone(built.zones, recipes, self.rack)[built.figure.vertex_zone]
        shine = np.split(np.round(255 * metal).astype(np.uint8), np.cumsum(built.counts)[:-1])
        return [Thing(p.mesh, c, shine=s) for p, c, s in zip(self.parts, colours, shine, strict=True)]
