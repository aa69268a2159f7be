"""Spans a nozzle draws through the air: what begins over nothing, between two sides that stand, in one layer."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.layers import layer_bitmap


def bridged(columns: Columns, pixels: NDArray[np.int32], most_mm: float) -> NDArray[np.bool_]:
    """Which of the pixels that hang, int (n, 3) of x, y, layer, lie on a straight span along x or y of at most ``most_mm`` between
    pixels of their layer that do not hang: bool (n,).
    """
    held, most_px = np.zeros(len(pixels), np.bool_), most_mm / columns.grid.pixel_mm
    for layer in np.unique(pixels[:, 2]):
        own = np.flatnonzero(pixels[:, 2] == layer)
        x, y = pixels[own, 0], pixels[own, 1]
        solid = layer_bitmap(columns, int(layer))
        hangs = np.zeros(solid.shape, np.bool_)
        hangs[y, x] = True
        stands = solid & ~hangs
        held[own] = _spanned(hangs, stands, most_px)[y, x] | _spanned(hangs.T, stands.T, most_px).T[y, x]
    return held


def _spanned(hangs: NDArray[np.bool_], stands: NDArray[np.bool_], most_px: float) -> NDArray[np.bool_]:
    """Along rows: pixels that hang in a run no longer than ``most_px`` with something that stands at either end, bool as given."""
    wide = hangs.shape[1]
    at = np.broadcast_to(np.arange(wide), hangs.shape)
    before = np.maximum.accumulate(np.where(hangs, -1, at), axis=1)
    after = np.minimum.accumulate(np.where(hangs, wide, at)[:, ::-1], axis=1)[:, ::-1]
    anchored = np.take_along_axis(stands, np.clip(before, 0, None), axis=1) & (before >= 0)
    anchored &= np.take_along_axis(stands, np.clip(after, None, wide - 1), axis=1) & (after < wide)
    return hangs & anchored & (after - before - 1 <= most_px)


RAYS = 8  # axes through each place


def on_a_span(columns: Columns, places_mm: Floats, most_mm: float) -> NDArray[np.bool_]:
    """Whether a straight line through each place (n, 3), level and inside the solid, ends on both sides over solid within
    ``most_mm`` altogether, bool (n,). Asked of points, in every direction: the check of what ``bridged`` takes for a span.
    """
    step, layer = columns.grid.pixel_mm, columns.grid.layer_mm
    far: Floats = np.arange(1, int(most_mm / step) + 1, dtype=float) * step
    found = np.zeros(len(places_mm), np.bool_)
    inside = places_mm + [0.0, 0.0, 0.5 * layer]
    for turn in np.arange(RAYS) * np.pi / RAYS:
        way: Floats = np.array([np.cos(turn), np.sin(turn), 0.0])
        reach = _stands_after(columns, inside, way, far, layer) + _stands_after(columns, inside, -way, far, layer)
        found |= reach <= most_mm
    return found


def _stands_after(columns: Columns, inside: Floats, way: Floats, far: Floats, layer_mm: float) -> Floats:
    """mm from each place along a way to the first point with solid below, infinite where the part ends before: float64 (n,)."""
    places = inside[:, None, :] + far[None, :, None] * way
    flat = places.reshape(-1, 3)
    solid = columns.holds(flat).reshape(len(inside), -1)
    below = columns.holds(flat - [0.0, 0.0, layer_mm]).reshape(len(inside), -1)
    unbroken = np.logical_and.accumulate(solid, axis=1)
    good = unbroken & below
    first = np.where(good.any(axis=1), far[np.argmax(good, axis=1)] if len(far) else 0.0, np.inf)
    return np.asarray(first)
