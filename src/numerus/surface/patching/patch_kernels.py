"""Joining faces into patches, in a compiled loop over the borders between them."""

from __future__ import annotations

import numpy as np

from numerus.geometry.kernels import kernel
from numerus.geometry.solids.union_find import find_root


@kernel
def flooded(pairs, height, saddle, order, area, depth, least):  # type: ignore[no-untyped-def]
    """Basin of every face, int64 (m,): borders (k, 2) are flooded from the lowest ``saddle`` (k,) on, and two basins become one
    where the shallower is less than ``depth`` deep there, or smaller than ``least`` (watershed with persistence: Edelsbrunner,
    Letscher & Zomorodian 2002, Topological persistence and simplification).
    """
    many = len(area)
    parent, size, low = np.arange(many), area.copy(), height.copy()
    for e in order:
        a, b = find_root(parent, pairs[e, 0]), find_root(parent, pairs[e, 1])
        if a != b and (saddle[e] - max(low[a], low[b]) < depth or min(size[a], size[b]) < least):
            parent[b] = a
            size[a] += size[b]
            low[a] = min(low[a], low[b])
    for n in range(many):
        parent[n] = find_root(parent, n)
    return parent
