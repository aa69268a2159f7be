"""Zones: the painted materials of an army in its owner's words, and which face of a part belongs to which.

They are documents of their own beside the meshes: naming a zone changes neither a part's shape nor how it is posed or printed.
"""

from __future__ import annotations

from dataclasses import dataclass

UNNAMED = 255
"""The label of a face that belongs to no zone yet."""


@dataclass(frozen=True)
class Zone:
    """A painted material. ``order``: where it stands among the others; ``focus``: eyes should go there."""

    id: str
    name: str
    order: int = 0
    focus: bool = False


@dataclass(frozen=True)
class PartZones:
    """Which zones a part has. ``id``: the part's; ``labels``: blob of a label for every face (see formats.face_labels).

    ``zones``: zone ids by label; ``area_cm2`` of each; ``borders_mm``: (zone, zone, length) where two of them touch on the part.
    """

    id: str
    labels: str
    zones: tuple[str, ...]
    area_cm2: tuple[float, ...]
    borders_mm: tuple[tuple[str, str, float], ...] = ()
