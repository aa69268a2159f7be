"""What the page of a unit's bases shows: what its layers and decals take, and where something strewn would lie. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.assembly.stacked_base import stack_dries_min, stack_of
from numerus.desk.answers import Answers
from numerus.domain.army import Army, Figure, Unit
from numerus.domain.basing import BaseLayer, BasePiece, BasingRecipe, Decal
from numerus.errors import PlanError, Progress
from numerus.formats.tables import csv_text
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import RayScene
from numerus.paint.drying import bench_air, water_times
from numerus.paint.finishing.basing import KINDS, Need, cut_list, layer_need, lies_on
from numerus.words import counted, span


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
        return sum(f.stage != "ready" for f in self.answers.standing.of_unit(self.unit_id))

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
        return [layer_need(r, unit.base_mm, self.waiting, known.base_mm2 if known else None) for r in self.layers]

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

    @property
    def layers(self) -> tuple[BaseLayer, ...]:
        return self.plans.basing_of(self.unit) if self.unit else ()

    @property
    def recipe(self) -> BasingRecipe | None:
        """The army's recipe this unit goes by."""
        return self.plans.basing_recipe_of(self.unit) if self.unit else None

    @property
    def recipe_words(self) -> str:
        """By which recipe, and who else goes by it."""
        recipe = self.recipe
        if recipe is None:
            return ""
        others = [u.name for u in self._going_by(recipe.name) if u.id != self.unit_id]
        return f"By the army's {recipe.name}" + (f", as {', '.join(others)}." if others else ".")

    def _going_by(self, name: str) -> list[Unit]:
        return [u for u in self.plans.units_in_order() if u.basing_recipe == name]

    def with_layers(self, layers: Sequence[BaseLayer]) -> list[Army | Unit]:
        """Of the recipe, and so of every unit that goes by it; of this unit alone where it goes by none."""
        if self.recipe is not None:
            return self._with_recipe(BasingRecipe(self.recipe.name, tuple(layers)))
        return [replace(self.unit, basing=tuple(layers))] if self.unit else []

    def _with_recipe(self, recipe: BasingRecipe) -> list[Army | Unit]:
        army = self.plans.army
        if army is None:
            return []
        others = [r for r in army.basings if r.name != recipe.name]
        return [replace(army, basings=tuple(sorted([*others, recipe], key=lambda r: r.name)))]

    def named(self, name: str) -> list[Army | Unit]:
        """This unit's layers as a recipe of the army, by which it goes from now on. Raises PlanError for no name, or one that is taken."""
        words, army = " ".join(name.split()), self.plans.army
        if not words or self.unit is None or not self.layers:
            raise PlanError(
                "no-recipe", "A recipe has a name and layers.", "Lay the layers down first, then name them."
            )
        if army is not None and any(r.name == words for r in army.basings):
            raise PlanError("same-name", f"There is a recipe {words} already.", "Take another name, or go by that one.")
        return [*self._with_recipe(BasingRecipe(words, self.layers)), replace(self.unit, basing_recipe=words)]

    def going_by(self, name: str, all_units: bool = False) -> list[Army | Unit]:
        """This unit, or every unit, by a recipe of the army; by "" each keeps the layers it has now as its own."""
        units = self.plans.units_in_order() if all_units else [u for u in (self.unit,) if u]
        own = [u if name else replace(u, basing=self.plans.basing_of(u)) for u in units]
        return [replace(u, basing_recipe=name) for u in own]

    def without_recipe(self) -> list[Army | Unit]:
        """The recipe this unit goes by forgotten; who went by it keeps its layers."""
        army, recipe = self.plans.army, self.recipe
        if army is None or recipe is None:
            return []
        kept = [replace(u, basing=recipe.layers, basing_recipe="") for u in self._going_by(recipe.name)]
        return [replace(army, basings=tuple(r for r in army.basings if r.name != recipe.name)), *kept]

    def with_stack(self, pieces: Sequence[BasePiece]) -> list[Army | Unit]:
        return [replace(self.unit, stack=tuple(pieces))] if self.unit else []

    @property
    def stack_words(self) -> str:
        """What a stacked base adds under every figure; "" where bases are one piece."""
        if self.unit is None or not self.unit.stack:
            return ""
        made, wet_min = stack_of(self.unit.stack), stack_dries_min(self.unit.stack, water_times(bench_air(self.plans)))
        dries = f" What is laid wet dries {span(wet_min)} (default) before the next." if wet_min else ""
        return f"Stacked of {counted(len(self.unit.stack), 'piece')}: {made.high_mm:.1f} mm high, {made.grams:.1f} g.{dries}"

    def with_decals(self, decals: Sequence[Decal]) -> list[Army | Unit]:
        return [replace(self.unit, decals=tuple(decals))] if self.unit else []

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
