"""The figure of the bench by its films: what a job works out for its pictures."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from numerus.desk.view3d.painted import in_grey
from numerus.desk.view3d.renderer import Thing
from numerus.domain.painting.recipes import Scheme
from numerus.errors import Progress
from numerus.paint.figure.built import Built, painted_vertices
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

    def work(self, make: Callable[[Progress], Built]) -> Callable[[Progress], list[list[Thing]]]:
        whole = {r.zone: r.steps for r in self.scheme.recipes}
        now = {zone: tuple(s for s in steps if s.id in self.figure.painted) for zone, steps in whole.items()}
        primer = two_tone_primer(self.scheme)

        def painted(progress: Progress) -> list[list[Thing]]:
            built = make(progress)
            looks = [painted_vertices(built, steps, self.rack, primer) for steps in (now, whole)]
            looks.append([in_grey(colours) for colours in looks[1]])
            return [[Thing(p.mesh, c) for p, c in zip(self.parts, colours, strict=True)] for colours in looks]

        return painted
