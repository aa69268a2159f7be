"""Where tips are wanted, and how heavy: every island at its birth, edges of overhangs, then their inside at the spacing.

Of places within reach of each other the one is taken where a mark costs least: on glue faces, on what nobody sees, off
what was painted "keep off". Where "hold" was painted, tips stand closer.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Resin
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.bridges import bridged
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import overhangs
from numerus.printing.supports.posed_part import PosedPart
from numerus.printing.supports.style import BRIDGE_MM, SupportStyle
from numerus.surface.fields.part_fields import Fields

COARSE_MM = 0.4
COSTLY, CHEAP = 0.35, 0.05  # above, tips are fine; below, those near the first layers are heavy
BAND_MM = 0.6  # places nearer in height than this are one choice
HOLD_SHARE = 0.45  # of the spacing, where tips were asked for


@dataclass(frozen=True, eq=False)
class Wanted:
    """Places (n, 3), tip diameters (n,) and why each is there (n,), the most urgent first."""

    points: Floats
    tip_mm: Floats
    why: tuple[str, ...]

    def __len__(self) -> int:
        return len(self.points)


def wanted_tips(posed_part: PosedPart, resin: Resin, style: SupportStyle) -> Wanted:
    """Places to catch. Overhangs beyond the resin's reach count pixel by pixel; steep undersides on coarse columns only,
    so that texture finer than ``COARSE_MM``, which carries itself, asks for no tips. Of plastic nothing is held that is drawn
    from side to side.
    """
    columns = posed_part.columns
    born = np.array([(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in posed_part.born]).reshape(-1, 3)
    held = _held(posed_part, style)
    far = _hanging(columns, posed_part.beyond(style.reach_mm(resin)), style)
    coarse = solid_columns(posed_part.part.triangles, COARSE_MM, COARSE_MM)
    steep = _undersides(columns, _hanging(coarse, overhangs(coarse, style.steep_reach * COARSE_MM), style))
    points = np.concatenate([born, held, far, steep])
    why = np.array(
        ["island"] * len(born) + ["hold"] * len(held) + ["overhang"] * len(far) + ["span"] * len(steep), object
    )
    if not len(points):
        return Wanted(points, np.zeros(0), ())
    face = posed_part.face_at(points)
    fixed = len(born) + len(held)
    allowed = (np.arange(len(points)) < len(born)) | ~posed_part.fields.keep_off[face]
    order = np.concatenate(
        [np.arange(fixed), fixed + _cheapest_first(points[fixed:], posed_part.fields.scar_cost[face[fixed:]], style)]
    )
    order = order[allowed[order]]
    points, why, face = points[order], why[order], face[order]
    kept = _thinned(points, int((order < fixed).sum()), style)
    sizes = _sizes(points[kept], why[kept], face[kept], posed_part.fields, style)
    return Wanted(points[kept], sizes, tuple(why[kept]))


def _hanging(columns: Columns, pixels: NDArray[np.int32], style: SupportStyle) -> Floats:
    """Places of pixels that hang; of plastic without those on a span."""
    return places_mm(columns, pixels[~bridged(columns, pixels, BRIDGE_MM)] if style.dry else pixels)


def _held(posed_part: PosedPart, style: SupportStyle) -> Floats:
    """Places on painted "hold" faces that look down, thinned among themselves."""
    down = posed_part.fields.hold & (posed_part.part.normals[:, 2] < -0.1)
    points = posed_part.part.triangles[down].mean(axis=1)
    kept = _spread(points, np.full(len(points), HOLD_SHARE * style.spacing_mm), 0)
    return np.asarray(points[kept])


def _cheapest_first(points: Floats, scar_cost: Floats, style: SupportStyle) -> NDArray[np.int64]:
    """From below upward in bands; within a band where a mark costs least, and edges, which have fewer neighbours, first."""
    from scipy.spatial import cKDTree

    if not len(points):
        return np.zeros(0, np.int64)
    crowd = cKDTree(points).query_ball_point(points, style.spacing_mm / 2, return_length=True)
    band = np.floor((points[:, 2] - points[:, 2].min()) / BAND_MM)
    return np.lexsort((points[:, 2], crowd, np.round(scar_cost, 1), band))


def places_mm(columns: Columns, pixels: NDArray[np.int32]) -> Floats:
    """Millimetres of pixels (n, 3) of x, y, layer: float64 (n, 3)."""
    x, y = columns.grid.centre_mm(pixels[:, 0].astype(float), pixels[:, 1].astype(float))
    return np.stack([x, y, pixels[:, 2] * columns.grid.layer_mm], axis=1)


def _undersides(columns: Columns, points: Floats) -> Floats:
    """The points moved up or down to the nearest underside of fine columns; those without one nearby are left out."""
    g = columns.grid
    keys = columns.rows.astype(np.int64) * g.nx + columns.x
    places = []
    for x, y, z in points:
        key = int(y / g.pixel_mm - g.y0_px) * g.nx + int(x / g.pixel_mm - g.x0_px)
        here = slice(np.searchsorted(keys, key), np.searchsorted(keys, key, side="right"))
        lows = columns.low[here] * g.layer_mm
        lows = lows[lows > 0]
        if len(lows) and np.abs(lows - z).min() <= COARSE_MM:
            places.append((x, y, lows[np.abs(lows - z).argmin()]))
    return np.array(places).reshape(-1, 3)


def _thinned(points: Floats, fixed: int, style: SupportStyle) -> NDArray[np.int64]:
    """Greedy thinning in the order given: the first ``fixed`` stay, others only if nothing kept is nearer.

    Near the part's first layers tips stand closer, since that is where it tears off.
    """
    if not len(points):
        return np.zeros(0, np.int64)
    young = points[:, 2] < points[:, 2].min() + style.young_mm
    return _spread(points, np.where(young, style.young_share, 1.0) * style.spacing_mm, fixed)


def _spread(points: Floats, spacing: Floats, fixed: int) -> NDArray[np.int64]:
    from scipy.spatial import cKDTree

    if not len(points):
        return np.zeros(0, np.int64)
    neighbours, dropped = cKDTree(points), np.zeros(len(points), bool)
    for i in range(len(points)):
        if not dropped[i]:
            near = np.array(neighbours.query_ball_point(points[i], spacing[i]))
            dropped[near[(near > i) & (near >= fixed)]] = True
    return np.flatnonzero(~dropped)


def _sizes(
    points: Floats, why: NDArray[np.object_], face: NDArray[np.int64], fields: Fields, style: SupportStyle
) -> Floats:
    """Fine on what is seen, heavy on hidden skin near the first layers, else medium for what is born and fine between."""
    fine, medium, heavy = style.tips_mm
    scar_cost = fields.scar_cost[face]
    young = points[:, 2] < points[:, 2].min() + style.young_mm
    usual = np.where(np.isin(why, ("island", "hold")), medium, fine)
    return np.where(scar_cost > COSTLY, fine, np.where(young & (scar_cost < CHEAP), heavy, usual))
