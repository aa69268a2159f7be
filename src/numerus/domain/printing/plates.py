"""Plates: which parts lie where on a machine, and what their run takes."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime
from typing import NamedTuple


@dataclass(frozen=True)
class Placed:
    """One part on a plate: its centre in mm from the plate's corner, turned about the vertical; for which figure.

    ``locked``: it stays where it lies when the plate is packed anew; ``pose``: in which of its part's poses.
    """

    id: str
    part_id: str
    figure_id: str
    slot: str
    x_mm: float
    y_mm: float
    turn_deg: float = 0.0
    locked: bool = False
    pose: int = 0

    @property
    def shape(self) -> str:
        """What has the same outline has the same word."""
        return f"{self.part_id}/{self.pose}"


class Laid(NamedTuple):
    """What is laid in one run: plastic with its supports, skin, and how many parts stand apart."""

    ml: float = 0.0
    skin_cm2: float = 0.0
    parts: int = 1


@dataclass(frozen=True)
class Plate:
    """What one run makes, and what that run takes. ``reach_mm``: how far its outlines go from the corner; ``pinned``: when it
    is to start, where that was put by hand.
    """

    id: str
    name: str
    machine_id: str
    resin_id: str
    placed: tuple[Placed, ...]
    height_mm: float
    minutes: float
    resin_ml: float
    order: int = 0
    reach_mm: tuple[float, float] = (0.0, 0.0)
    pinned: datetime | None = None
    skin_cm2: float = 0.0  # of all its parts, by which a nozzle's way is told

    @property
    def laid(self) -> Laid:
        """What a filament machine has to lay for it."""
        return Laid(self.resin_ml, self.skin_cm2, len(self.placed))

    def loads(self, at_once: int) -> int:
        """In how many goes its parts are washed or lit, so many at a time; one where it is empty."""
        return max(-(-len(self.placed) // at_once), 1)


@dataclass(frozen=True)
class Run:
    """A plan to print a plate; what really happened is in the journal."""

    id: str
    plate_id: str
    machine_id: str
    start: datetime
    end: datetime
