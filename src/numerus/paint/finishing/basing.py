"""What a unit's bases and decals take: paste by thickness, tufts by number, what is strewn by where it lies, rims by their length."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from numerus.domain.basing import BaseLayer, Decal
from numerus.domain.typed_rows import number_in_row
from numerus.errors import PlanError
from numerus.geometry.mesh import Mesh
from numerus.geometry.rays import RayScene

FEET_SHARE = 0.25  # (default) of a base's top that feet and what is sculpted on it take
RIM_MM = 3.2  # (default) height of a base's rim
RIM_FILM_UM, RIM_SOLIDS = 15.0, 0.35  # (defaults) of one coat of paint on it
LIES_TO_DEG = 45.0  # (default) what is strewn slides off anything steeper
OFF_MM, DECAL_EDGE_MM, SHEET_MM = 0.05, 2.0, 190.0
MOST_AMOUNT = 1000.0


class Kind(NamedTuple):
    """``unit`` of the layer's amount, ``of`` what is needed; ``lies``: only where something strewn would lie."""

    unit: str
    of: str
    usual: float
    lies: bool = False


KINDS = {
    "texture": Kind("mm thick", "ml", 1.0), "water": Kind("mm thick", "ml", 1.5), "sand": Kind("g/cm²", "g", 0.12),
    "tufts": Kind("a figure", "tufts", 3.0), "snow": Kind("g/cm²", "g", 0.05, True), "leaves": Kind("g/cm²", "g", 0.03, True),
    "rim": Kind("coats", "ml", 2.0),
}  # fmt: skip
"""(defaults) Kinds of layer with their usual amounts."""
COLUMNS = ("Layer", "Kind", "Amount", "Share of the free top")
DECAL_COLUMNS = ("Decal", "Wide, mm", "High, mm", "On each figure", "Where")


@dataclass(frozen=True)
class Need:
    """What one layer takes of a batch."""

    layer: BaseLayer
    amount: float

    @property
    def words(self) -> str:
        kind = KINDS[self.layer.kind]
        number = f"{self.amount:.0f}" if kind.of == "tufts" else f"{self.amount:.1f}"
        return f"{number} {kind.of}"


def layer_need(layer: BaseLayer, base_mm: float, figures: int, lying_mm2: float | None = None) -> Need:
    """For so many round bases. ``lying_mm2``: skin of one figure on which something strewn would lie, as measured; else the base's."""
    top_mm2 = math.pi * (base_mm / 2) ** 2 * (1 - FEET_SHARE)
    if KINDS[layer.kind].lies and lying_mm2 is not None:
        top_mm2 = lying_mm2
    each = {
        "ml": top_mm2 * layer.share * layer.amount / 1000,
        "g": top_mm2 * layer.share * layer.amount / 100,
        "tufts": layer.amount,
    }[KINDS[layer.kind].of]
    if layer.kind == "rim":
        each = math.pi * base_mm * RIM_MM * layer.amount * RIM_FILM_UM * 1e-6 / RIM_SOLIDS
    return Need(layer, each * figures)


def lies_on(mesh: Mesh, scene: RayScene | None = None) -> NDArray[np.bool_]:
    """Faces on which something strewn from above comes to lie: not steeper than ``LIES_TO_DEG``, and nothing over them. bool (n,)"""
    flat = mesh.normals[:, 2] > math.cos(math.radians(LIES_TO_DEG))
    scene = scene or RayScene(mesh)
    above = np.zeros(len(mesh.faces), bool)
    origins = mesh.triangles[flat].mean(axis=1) + OFF_MM * mesh.normals[flat]
    above[flat] = ~scene.blocked(origins, np.tile([0.0, 0.0, 1.0], (int(flat.sum()), 1)))
    return above


def layer_rows(layers: Sequence[BaseLayer]) -> list[list[str]]:
    return [[r.name, r.kind, f"{r.amount:g}", f"{r.share:g}"] for r in layers]


def layers_from_rows(rows: Sequence[Sequence[str]]) -> tuple[BaseLayer, ...]:
    """Layers of edited rows. Raises PlanError for what cannot be read, naming the row."""
    layers = []
    for number, (name, kind, amount, share) in enumerate(rows, 1):
        kind = kind.strip().lower()
        if kind not in KINDS:
            raise PlanError("no-kind", f"Row {number}: {kind!r} is no kind of layer.", f"Kinds are {', '.join(KINDS)}.")
        read = number_in_row(amount, MOST_AMOUNT, number), number_in_row(share, 1.0, number)
        layers.append(BaseLayer(" ".join(name.split()) or kind.capitalize(), kind, *read))
    return tuple(layers)


def decal_rows(decals: Sequence[Decal]) -> list[list[str]]:
    return [[d.name, f"{d.wide_mm:g}", f"{d.high_mm:g}", str(d.count), d.where] for d in decals]


def decals_from_rows(rows: Sequence[Sequence[str]]) -> tuple[Decal, ...]:
    """Decals of edited rows. Raises PlanError for what cannot be read, naming the row."""
    decals = []
    for number, (name, wide, high, count, where) in enumerate(rows, 1):
        across, up = (number_in_row(words, SHEET_MM - 2 * DECAL_EDGE_MM, number) for words in (wide, high))
        many = int(number_in_row(count, 99, number))
        if not name.strip() or min(across, up, many) <= 0:
            raise PlanError("no-decal", f"Row {number}: a decal has a name, a size and a number.", "Fill them in.")
        decals.append(Decal(" ".join(name.split()), across, up, many, " ".join(where.split())))
    return tuple(decals)


def cut_list(decals: Sequence[Decal], figures: int) -> list[tuple[Decal, int]]:
    """How many of each decal are cut, the largest first."""
    return sorted(((d, d.count * figures) for d in decals), key=lambda c: -c[0].wide_mm * c[0].high_mm)


class Cut(NamedTuple):
    """A decal on the sheet, its lower left corner in mm from the sheet's."""

    decal: Decal
    x_mm: float
    y_mm: float


def cut_sheet(decals: Sequence[Decal], figures: int) -> list[Cut]:
    """Every decal laid in rows on a sheet ``SHEET_MM`` wide, the highest first, ``DECAL_EDGE_MM`` apart."""
    wanted = [d for d, many in cut_list(decals, figures) for _ in range(many)]
    cuts: list[Cut] = []
    x = y = high = 0.0
    for decal in sorted(wanted, key=lambda d: -d.high_mm):
        if x and x + decal.wide_mm > SHEET_MM:
            x, y, high = 0.0, y + high + DECAL_EDGE_MM, 0.0
        cuts.append(Cut(decal, x, y))
        x, high = x + decal.wide_mm + DECAL_EDGE_MM, max(high, decal.high_mm)
    return cuts


def cut_sheet_svg(cuts: Sequence[Cut]) -> str:
    """The sheet as SVG at 1:1, a frame a decal with its name."""
    from html import escape

    high = max((c.y_mm + c.decal.high_mm for c in cuts), default=1.0)
    frames = "".join(
        f'<rect x="{c.x_mm:g}" y="{c.y_mm:g}" width="{c.decal.wide_mm:g}" height="{c.decal.high_mm:g}" fill="none" stroke="black" '
        f'stroke-width="0.1"><title>{escape(c.decal.name)}</title></rect>'
        for c in cuts
    )
    size = f'width="{SHEET_MM:g}mm" height="{high:g}mm" viewBox="0 0 {SHEET_MM:g} {high:g}"'
    return f'<svg xmlns="http://www.w3.org/2000/svg" {size}>{frames}</svg>\n'
