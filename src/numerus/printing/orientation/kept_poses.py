"""A search of poses as bytes, to be kept: a part that is looked at again need not be searched again."""

from __future__ import annotations

import json
import zipfile
from collections.abc import Sequence
from dataclasses import asdict
from io import BytesIO

import numpy as np

from numerus.printing.orientation.orientation_search import Search
from numerus.printing.orientation.pose_measures import PoseCost

FORM = 1  # of what is kept; another one where the search or the measures of a pose change
ARRAYS = ("ups", "costs", "weighted_cost", "rests")


def packed_poses(costs: Sequence[PoseCost], search: Search) -> bytes:
    """Measured poses and the search they came from."""
    told = np.frombuffer(json.dumps([asdict(c) for c in costs], default=float).encode(), np.uint8)
    packed = BytesIO()
    np.savez_compressed(packed, told=told, **{name: getattr(search, name) for name in ARRAYS})
    return packed.getvalue()


def unpacked_poses(data: bytes) -> tuple[list[PoseCost], Search] | None:
    """What was packed; None where the bytes are no such thing."""
    try:
        with np.load(BytesIO(data)) as kept:
            costs = [_pose(told) for told in json.loads(kept["told"].tobytes())]
            return costs, Search(*(kept[name] for name in ARRAYS))
    except (ValueError, KeyError, TypeError, OSError, EOFError, zipfile.BadZipFile):
        return None


def _pose(told: dict[str, object]) -> PoseCost:
    """Json knows no tuples."""
    return PoseCost(**{k: tuple(v) if isinstance(v, list) else v for k, v in told.items()})  # type: ignore[arg-type]
