"""How the bases of a unit are covered, layer by layer, and the decals its figures wear."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class BaseLayer:
    """``kind``: one of paint.finishing.basing.KINDS; ``share`` of what is free of a base's top, 1 for all of it; ``amount`` in the kind's unit."""

    name: str
    kind: str
    amount: float
    share: float = 1.0


@dataclass(frozen=True)
class Decal:
    """A decal every figure wears ``count`` times, so many mm wide and high; ``where`` in words."""

    name: str
    wide_mm: float
    high_mm: float
    count: int = 1
    where: str = ""
