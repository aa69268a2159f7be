"""What the page of a unit's bases shows: what its layers and decals take, and where something strewn would lie. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.assembly.stacked_base import stack_of
from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.basing import BaseLayer, BasePiece, Decal
from numerus.errors import Progress
from numerus.formats.tables import csv_text
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import RayScene
from numerus.paint.finishing.basing import KINDS, Need, cut_list, layer_need, lies_on
from numerus.words import counted


@dataclass(frozen=True, eq=False)
class Lying:
    """Where something strewn lies on a figure: mm² on its base, mm² elsewhere; by part how much of each vertex is under it (n,)."""

    base_mm2: float
    else_mm2: float
    shares: tuple[Floats, ...]


class BaseState:
    def __init__(self, answers: Answers) -> None:
        self.unit_id = self.figure_id = ""
        self.lying: dict[object, Lying] = {}
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans, self.unit_id, self.figure_id = answers, answers.plans, unit_id, figure_id

    @property
    def unit(self) -> Unit | None:
        return self.plans.units.get(self.unit_id)

    @property
    def waiting(self) -> int:
        """Figures of the unit that are not ready."""
        return sum(f.unit.id == self.unit_id and f.stage != "ready" for f in self.answers.standing.figures.values())

    @property
    def figure(self) -> Figure | None:
        return self.plans.figure_or_first(self.unit_id, self.figure_id)

    @property
    def lying_for(self) -> object:
        """What it depends on; None where the figure has no parts."""
        parts = self._parts()
        return tuple((slot, blob) for slot, blob, _ in parts) if parts else None

    def _parts(self) -> list[tuple[str, str, str]]:
        figure = self.figure
        built = figure.build.items() if figure else ()
        return [(slot, self.plans.parts[p].blob, p) for slot, p in built if p in self.plans.parts]

    def lying_work(self, meshes: Mapping[str, Mesh]) -> Callable[[Progress], Lying]:
        """Work for a job. ``meshes`` by part id."""
        parts = [(slot, meshes[p]) for slot, _, p in self._parts()]
        return lambda _: lying_on(parts)

    @property
    def needs(self) -> list[Need]:
        """What each layer takes of the figures that are not ready."""
        unit, known = self.unit, self.lying.get(self.lying_for)
        if unit is None:
            return []
        return [layer_need(r, unit.base_mm, self.waiting, known.base_mm2 if known else None) for r in unit.basing]

    @property
    def lying_words(self) -> str:
        known, figure = self.lying.get(self.lying_for), self.figure
        if known is None or figure is None:
            return ""
        else_words = f" and on {known.else_mm2:.0f} mm² of the figure itself" if known.else_mm2 >= 1 else ""
        return f"Strewn from above it lies on {known.base_mm2:.0f} mm² of {figure.name}'s base{else_words}."

    @property
    def heading(self) -> str:
        unit = self.unit
        return f"Bases of {unit.name}: {counted(self.waiting, 'figure')} to go, {unit.base_mm:g} mm" if unit else ""

    def with_layers(self, layers: Sequence[BaseLayer]) -> Unit | None:
        return replace(self.unit, basing=tuple(layers)) if self.unit else None

    def with_stack(self, pieces: Sequence[BasePiece]) -> Unit | None:
        return replace(self.unit, stack=tuple(pieces)) if self.unit else None

    @property
    def stack_words(self) -> str:
        """What a stacked base adds under every figure; "" where bases are one piece."""
        if self.unit is None or not self.unit.stack:
            return ""
        made = stack_of(self.unit.stack)
        return f"Stacked of {counted(len(self.unit.stack), 'piece')}: {made.high_mm:.1f} mm high, {made.grams:.1f} g."

    def with_decals(self, decals: Sequence[Decal]) -> Unit | None:
        return replace(self.unit, decals=tuple(decals)) if self.unit else None

    @property
    def cuts(self) -> list[tuple[Decal, int]]:
        """Decals of the figures that are not ready, how many of each."""
        return cut_list(self.unit.decals, self.waiting) if self.unit else []

    def cuts_csv(self) -> str:
        rows = [(d.name, f"{d.wide_mm:g}", f"{d.high_mm:g}", many, d.where) for d, many in self.cuts]
        return csv_text([("decal", "wide_mm", "high_mm", "pieces", "where"), *rows])

    def usual(self) -> tuple[BaseLayer, ...]:
        """To begin with: earth, tufts and a rim."""
        return tuple(
            BaseLayer(n, k, KINDS[k].usual) for n, k in (("Earth", "texture"), ("Tufts", "tufts"), ("Rim", "rim"))
        )


def lying_on(parts: Sequence[tuple[str, Mesh]]) -> Lying:
    """Of a figure's parts (slot, mesh) as they stand together."""
    whole = merged([mesh for _, mesh in parts])
    lies, areas = lies_on(whole, RayScene(whole)), whole.areas_mm2
    ends = np.cumsum([len(mesh.faces) for _, mesh in parts])
    shares, base, other = [], 0.0, 0.0
    for (slot, mesh), faces in zip(parts, np.split(np.arange(len(whole.faces)), ends[:-1]), strict=True):
        own, mm2 = lies[faces].astype(float), float(areas[faces][lies[faces]].sum())
        base, other = (base + mm2, other) if slot == "base" else (base, other + mm2)
        shares.append(_by_vertex(mesh, own))
    return Lying(base, other, tuple(shares))


def _by_vertex(mesh: Mesh, faces: Floats) -> Floats:
    """Share of the faces around each vertex."""
    corners = mesh.faces.ravel()
    many = np.maximum(np.bincount(corners, minlength=len(mesh.vertices)), 1)
    return np.bincount(corners, np.repeat(faces, 3), len(mesh.vertices)) / many
