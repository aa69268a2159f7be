"""Zones a mesh file brings with it: its materials and groups by name, its colours by what they are called."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import hex_of_lab, lab_of, rgb_of
from numerus.colour.palettes import main_colours, nearest_of
from numerus.colour.words import words_of_colour
from numerus.domain.painting.zones import UNNAMED
from numerus.geometry.mesh import Mesh

MOST_COLOURS = 8  # of a file painted in shades: what is nearer to one of them is one zone
MOST_ZONES = 60  # more are no zones somebody named


@dataclass(frozen=True, eq=False)
class FileZones:
    """Names as the file has them, and a label for every face, uint8 (m,): UNNAMED where it tells none."""

    names: tuple[str, ...]
    labels: NDArray[np.uint8]


def zones_of_regions(mesh: Mesh, region: NDArray[np.int32], names: tuple[str, ...]) -> FileZones | None:
    """Zones from regions (m,) into ``names`` ("#RRGGBB" for a colour); None where they tell nothing apart."""
    colours = [n for n in names if n.startswith("#")]
    if len(colours) > MOST_COLOURS:
        region, names = _fewer_colours(region, names)
    face_labels = np.unique(region)
    if len(face_labels) < 2 or len(names) > MOST_ZONES:
        return None
    labels = np.where(region < 0, UNNAMED, region).astype(np.uint8)
    return FileZones(_in_words(names), labels)


def _fewer_colours(region: NDArray[np.int32], names: tuple[str, ...]) -> tuple[NDArray[np.int32], tuple[str, ...]]:
    """Colours put together with the nearest of a few that most of the surface is near to; other regions stay."""
    is_colour = np.array([n.startswith("#") for n in names])
    rgb = np.array([rgb_of(n) if n.startswith("#") else (0, 0, 0) for n in names])
    painted = (region >= 0) & is_colour[np.maximum(region, 0)]
    centres = main_colours(np.round(255 * rgb[region[painted]])[:, None].astype(np.uint8), MOST_COLOURS)
    kept = [n for n in names if not n.startswith("#")]
    nearest = nearest_of(lab_of(rgb), np.stack(centres)) + len(kept)
    number = np.array([nearest[k] if is_colour[k] else kept.index(n) for k, n in enumerate(names)], np.int32)
    return np.where(region < 0, -1, number[np.maximum(region, 0)]), (*kept, *(hex_of_lab(c) for c in centres))


def _in_words(names: tuple[str, ...]) -> tuple[str, ...]:
    """Colours by their words, every name once."""
    taken: dict[str, int] = {}
    zone_words = []
    for name in names:
        words = words_of_colour(name) if name.startswith("#") else " ".join(name.split()) or "unnamed material"
        taken[words] = taken.get(words, 0) + 1
        zone_words.append(f"{words} {taken[words]}" if taken[words] > 1 else words)
    return tuple(zone_words)
