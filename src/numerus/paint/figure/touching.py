"""Where zones touch from part to part of a built figure: worked out once for a build, and kept."""

from __future__ import annotations

import hashlib
import json
from collections.abc import Callable, Mapping
from itertools import combinations

from numerus.domain.army import Figure
from numerus.domain.plans import Plans
from numerus.errors import Cancelled, Progress
from numerus.surface.zones import ZonedMesh, contact_mm2

FORM = 1  # of what is kept
ROUND_MM = 4.0  # (default) border round a place where two parts meet, before it is measured
ZonePairs = tuple[tuple[str, str], ...]
Between = Mapping[str, ZonePairs]
"""Zones that touch from part to part, by ``touching_key``."""


def touching_key(plans: Plans, figure: Figure) -> str:
    """What it depends on: the figure's meshes, which lie in their places, and the zones on them."""
    zoned = [(p, plans.part_zones.get(p)) for p in figure.build.values() if p in plans.parts]
    words = " ".join(f"{plans.parts[p].blob} {zones.labels if zones else ''}" for p, zones in zoned)
    return f"touching {FORM} {hashlib.blake2b(words.encode(), digest_size=16).hexdigest()}"


def zones_between(
    plans: Plans, figures: Mapping[str, Figure], zoned: Callable[[str], ZonedMesh], progress: Progress = lambda _: True
) -> dict[str, ZonePairs]:
    """Of one figure for each key; two parts that are in many builds are looked at once. Raises Cancelled."""
    known: dict[tuple[str, str], ZonePairs] = {}
    between: dict[str, ZonePairs] = {}
    for number, (key, figure) in enumerate(figures.items()):
        parts = [p for p in dict.fromkeys(figure.build.values()) if p in plans.parts and p in plans.part_zones]
        pairs: set[tuple[str, str]] = set()
        for one, other in combinations(sorted(parts), 2):
            if (one, other) not in known:
                known[one, other] = tuple(contact_mm2(zoned(one), zoned(other)))
            pairs.update(known[one, other])
        between[key] = tuple(sorted(pairs))
        if not progress((number + 1) / len(figures)):
            raise Cancelled
    return between


def borders_of(plans: Plans, figure: Figure, between: Between) -> dict[tuple[str, str], float]:
    """How far zones of a figure border on each other, mm: along its parts' skin; where parts are known to touch, ``ROUND_MM``."""
    borders: dict[tuple[str, str], float] = {}
    for part in figure.build.values():
        for a, b, mm in plans.part_zones[part].borders_mm if part in plans.part_zones else ():
            borders[a, b] = borders.get((a, b), 0.0) + mm
    for pair in between.get(touching_key(plans, figure), ()):
        borders[pair] = borders.get(pair, 0.0) + ROUND_MM
    return borders


def packed_pairs(pairs: ZonePairs) -> bytes:
    return json.dumps(pairs).encode()


def unpacked_pairs(data: bytes) -> ZonePairs:
    """What was kept; nothing where it cannot be read."""
    try:
        return tuple((str(a), str(b)) for a, b in json.loads(data))
    except (ValueError, TypeError):
        return ()
