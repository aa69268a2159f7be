"""A figure with one colour for each zone: its pictures before its films are laid, and where its zones' names point."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from PyQt6.QtGui import QImage

from numerus.desk.view3d.painted import things_of
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.strokes import colour_swatch
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.geometry.mesh import Floats
from numerus.paint.zone_colours import painter_of, zone_colours
from numerus.progress.standing import FigureStanding
from numerus.surface.zones import ZonedMesh

STROKE_PX = 156, 36
LABEL_POINTS = 2000  # of a zone are enough for a label to find its place


class FlatColours(NamedTuple):
    """Zones' colours when painted, a stroke of each, some places of each (n, 3), and where they are drawn the figure as far as it is
    painted, as it will be, and that in grey.
    """

    colours: dict[str, str]
    strokes: dict[str, QImage]
    skin: dict[str, Floats]
    things: list[list[Thing]]


def flat_colours(
    plans: Plans, worn: Scheme | None, figure: FigureStanding, parts: list[ZonedMesh], drawn: bool
) -> FlatColours:
    """The work of a job, for a figure by the scheme it wears."""
    now, whole = (zone_colours(plans, worn, painted) for painted in (figure.painted, None))
    painters = painter_of(now), painter_of(whole), painter_of(whole, grey=True)
    skin = {r.zone: _some_places(r.zone, parts) for r in (worn.recipes if worn else ())}
    strokes = {zone: colour_swatch(colour, *STROKE_PX) for zone, colour in whole.items()}
    return FlatColours(whole, strokes, skin, [things_of(parts, p) for p in painters] if drawn else [])


def _some_places(zone: str, parts: list[ZonedMesh]) -> Floats:
    own = [p for p in parts if zone in p.zones]
    places = [p.mesh.vertices[p.vertex_labels == p.zones.index(zone)] for p in own]
    mine = np.concatenate(places) if places else np.zeros((0, 3))
    return mine[:: max(len(mine) // LABEL_POINTS, 1)]
