"""A stroke or its mask drawn on a figure: lines that follow the skin, and how much of the zone they cover. Every line can be taken back."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from numerus.domain.painting.recipes import BY_HAND, DrawnLine, Placing, Point, RecipeStep
from numerus.geometry.mesh import Floats
from numerus.paint.figure.built import Built
from numerus.paint.figure.drawn import drawn_cover, drawn_mm2
from numerus.paint.techniques import LINE
from numerus.words import counted

STEPS_A_WIDTH = 2.0  # points of a line to its width, so that it follows the skin between places a hand went over


class DrawnOnFigure:
    """Lines of a step on a zone of a figure. ``lines`` grow by ``draw``; ``placing`` is the step's with them."""

    def __init__(self, built: Built, zone: str, step: RecipeStep) -> None:
        from scipy.spatial import cKDTree

        self.built, self.step = built, step
        self.lines: list[DrawnLine] = list(step.placing.drawn)
        figure = built.figure
        own = (figure.vertex_zone == built.zones.index(zone)) & ~figure.fields.inside
        self.own = np.flatnonzero(own)
        self.places, self.area_mm2 = figure.places.some(self.own), figure.mesh.vertex_areas_mm2[self.own]
        self._skin = cKDTree(figure.mesh.vertices)

    def draw(self, places: Sequence[Floats], width_mm: float) -> None:
        """A line over places (3,) in the order a hand went over them, laid onto the skin between."""
        at, facing = self._on_skin(_filled(np.asarray(places, float), width_mm / STEPS_A_WIDTH))
        self.lines.append(DrawnLine(_points(at, 3), width_mm, _points(facing, 2)))

    def take_back(self) -> None:
        """The last line, if there is one."""
        del self.lines[-1:]

    def _on_skin(self, points: Floats) -> tuple[Floats, Floats]:
        """Points moved onto the plane of the nearest vertex, and its normal, both (k, 3)."""
        mesh = self.built.figure.mesh
        _, nearest = self._skin.query(points)
        normal = mesh.vertex_normals[nearest]
        off = np.einsum("ij,ij->i", points - mesh.vertices[nearest], normal)
        return points - off[:, None] * normal, normal

    def shown(self) -> tuple[Floats, str]:
        """How far the lines cover each of the zone's vertices ``own`` (k,), and what is drawn in words."""
        cover = drawn_cover(self.lines, self.places.position, self.places.normal)
        return cover, self._described(float((cover * self.area_mm2).sum()))

    @property
    def length_mm(self) -> float:
        return sum(float(np.linalg.norm(np.diff(np.asarray(d.points), axis=0), axis=1).sum()) for d in self.lines)

    @property
    def covered_mm2(self) -> float:
        """Of the zone's skin."""
        return drawn_mm2(self.lines, self.places.position, self.places.normal, self.area_mm2)

    def placing(self) -> Placing:
        """Where the step goes now: along the lines if it is freehand, else within what they cover."""
        old, whole = self.step.placing, float(self.area_mm2.sum())
        share = self.covered_mm2 / whole if whole > 0 else 0.0
        mask = old.mask if self.step.technique == LINE else BY_HAND
        return replace(old, mask=mask, drawn=tuple(self.lines), drawn_share=round(share, 5))

    def _described(self, covered_mm2: float) -> str:
        if not self.lines:
            return "Nothing drawn yet."
        share = covered_mm2 / max(float(self.area_mm2.sum()), 1e-9)
        return f"{counted(len(self.lines), 'line')}, {self.length_mm:.0f} mm, {covered_mm2:.1f} mm² of this zone ({share:.0%})"


def _filled(places: Floats, apart_mm: float) -> Floats:
    """Places with others between them, no further apart than told."""
    pieces = [places[:1]]
    for a, b in zip(places, places[1:], strict=False):
        steps = max(int(np.ceil(np.linalg.norm(b - a) / apart_mm)), 1)
        pieces.append(a + (b - a) * (np.arange(1, steps + 1) / steps)[:, None])
    return np.concatenate(pieces)


def _points(rows: Floats, digits: int) -> tuple[Point, ...]:
    return tuple((float(x), float(y), float(z)) for x, y, z in np.round(rows, digits))
