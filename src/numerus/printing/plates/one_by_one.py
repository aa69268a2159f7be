"""Parts of a plate laid one after another, each to its top before the next is begun: no hops and no strings between them, and a part
that fails spoils no other. A filament machine can where its head clears what is finished.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations

import numpy as np

from numerus.domain.printing.machines import Machine
from numerus.geometry.mesh import Floats
from numerus.printing.machines.timing import LAYER_CHANGE_S, hop_seconds, layer_count


@dataclass(frozen=True)
class OneByOne:
    """``order``: numbers of parts, the lowest first; empty where it cannot be done, and ``why`` not; ``saves_min``: of hops."""

    order: tuple[int, ...]
    why: str
    saves_min: float = 0.0


def one_by_one(outlines: Sequence[Floats], heights_mm: Sequence[float], machine: Machine) -> OneByOne:
    """``outlines``: convex, (n, 2) in the plate's mm, as parts stand there."""
    if len(outlines) < 2:
        return OneByOne(tuple(range(len(outlines))), "one part stands alone")
    order = sorted(range(len(outlines)), key=lambda n: heights_mm[n])
    tall = heights_mm[order[-2]]
    if tall > machine.gantry_mm:
        return OneByOne(
            (), f"a part {tall:.0f} mm tall would stand in the way of a gantry that clears {machine.gantry_mm:.0f}"
        )
    near = min(_apart_mm(a, b) for a, b in combinations(outlines, 2))
    if near < machine.head_mm:
        return OneByOne((), f"parts stand {near:.0f} mm apart, the head needs {machine.head_mm:.0f}")
    return OneByOne(
        tuple(order), "the head clears all that is finished, the lowest first", _hops_min(heights_mm, machine)
    )


def _hops_min(heights_mm: Sequence[float], machine: Machine) -> float:
    """Minutes of hops and retractions between parts that fall away, less the layers that are changed anew for each."""
    layers = [layer_count(mm, machine.layer_mm) for mm in heights_mm]
    hops_s = max(layers) * len(layers) * hop_seconds(machine)
    return (hops_s - (sum(layers) - max(layers)) * LAYER_CHANGE_S) / 60


def _apart_mm(one: Floats, other: Floats) -> float:
    """Between two outlines, 0 where they overlap."""
    from shapely import Polygon

    return float(Polygon(np.asarray(one)).distance(Polygon(np.asarray(other))))
