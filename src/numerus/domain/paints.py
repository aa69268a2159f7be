"""Paints: the pots on the rack."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class Paint:
    """A pot on the rack. ``ml`` None means nobody has written down how much is left."""

    id: str
    name: str
    maker: str
    colour: str
    ml: float | None
    price_pence: int = 300
    pot_ml: float = 18.0
    opacity: float = 0.8
