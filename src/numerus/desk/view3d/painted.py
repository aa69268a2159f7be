"""Figures in their colours: zones to the mixes of the scheme, as far as they are painted."""

from __future__ import annotations

from collections.abc import Callable, Mapping

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import rgb_of
from numerus.desk.session import Session
from numerus.desk.view3d.renderer import Thing
from numerus.domain.army import Figure
from numerus.domain.recipes import Recipe
from numerus.domain.zones import ZONES
from numerus.geometry.mesh import Mesh
from numerus.paint.scheme import zone_colour

Colours = NDArray[np.uint8]
PRIMER_LIGHT, PRIMER_DARK = np.array([205, 203, 198]), np.array([62, 62, 64])


def primed_colours(mesh: Mesh) -> Colours:
    """Dark below, pale from above: by how far each vertex looks up."""
    share = np.clip(0.5 + 0.65 * mesh.vertex_normals[:, 2:], 0, 1)
    return (PRIMER_DARK + (PRIMER_LIGHT - PRIMER_DARK) * share).astype(np.uint8)


def figure_things(session: Session, figure: Figure, colour_of: Callable[[Mesh], Colours]) -> list[Thing]:
    meshes = [session.mesh(session.plans.parts[p].blob) for p in figure.build.values() if p in session.plans.parts]
    return [Thing(m, colour_of(m)) for m in meshes]


def zone_colours(session: Session, painted: frozenset[str] | None = None) -> dict[str, str]:
    """Zone -> colour; with ``painted`` only by the strokes done, zones not begun are left out."""
    scheme, rack = session.plans.scheme, session.plans.paints
    found = {}
    for recipe in scheme.recipes if scheme else ():
        strokes = tuple(s for n, s in enumerate(recipe.strokes) if painted is None or f"{recipe.zone}/{n}" in painted)
        if strokes and all(p in rack for s in strokes for p, _ in s.mix):
            found[recipe.zone] = zone_colour(Recipe(recipe.zone, strokes), rack)
    return found


def painter_of(colours: Mapping[str, str], grey: bool = False) -> Callable[[Mesh], Colours]:
    """Vertex colours of a mesh; zones without a colour stay primed. ``grey`` keeps only the value."""
    from numerus.colour.light import lab_of

    def paint(mesh: Mesh) -> Colours:
        primed = primed_colours(mesh)
        zones = mesh.zones if len(mesh.zones) else np.zeros(len(mesh.vertices), np.uint8)
        made = primed.copy()
        for number, zone in enumerate(ZONES):
            if zone in colours:
                made[zones == number] = np.round(255 * rgb_of(colours[zone]))
        if grey:
            value = lab_of(made / 255)[:, :1] * 2.55
            made = np.repeat(value.clip(0, 255), 3, axis=1).astype(np.uint8)
        return made

    return paint
