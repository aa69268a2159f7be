"""What the bases of a unit are stacked of, how they are covered, layer by layer, and the decals its figures wear."""

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
class BasingRecipe:
    """Layers under a name, from below, by which several units are based."""

    name: str
    layers: tuple[BaseLayer, ...]


@dataclass(frozen=True)
class BasePiece:
    """One piece a base is stacked of: its ``material`` (one of assembly.stacked_base.MATERIALS), how high and wide, ``grams`` as weighed, 0
    by its size; what it cost.
    """

    name: str
    material: str
    high_mm: float
    wide_mm: float
    grams: float = 0.0
    pence: int = 0


@dataclass(frozen=True)
class Decal:
    """A decal every figure wears ``count`` times, so many mm wide and high; ``where`` in words."""

    name: str
    wide_mm: float
    high_mm: float
    count: int = 1
    where: str = ""
