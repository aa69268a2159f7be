"""What one part of a kit tells by itself: its name without words for copies, its shape, supports and base."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace
from itertools import product

import numpy as np

from numerus.geometry.likeness import ShapePrint
from numerus.kit.recognise import Base, Supports, base_of, supports_of
from numerus.kit.sorting import Shaped

_COPY_WORDS = re.compile(r"\b(sup|sups|supported|support|supports|presup|pre|copy|final|hires|v|new|stl|kopie|raft)\b")
_SUPPORT_WORDS = re.compile(r"\b(sup|sups|supported|supports|presup)\b")


@dataclass(eq=False)
class KnownPart:
    """What was found out about one part by itself."""

    part: Shaped
    shape: ShapePrint
    supports: Supports | None
    base: Base | None


def core_words(name: str) -> str:
    """A file name without its folder and ending, as lower-case words."""
    stem = re.sub(r"\.\w{2,4}$", "", name.rpartition("/")[2])
    return re.sub(r"[^a-z0-9]+", " ", re.sub(r"([a-z])([A-Z])", r"\1 \2", stem).lower())


def core_name(name: str) -> str:
    """The words of a name without those that only tell copies apart."""
    return " ".join(_COPY_WORDS.sub(" ", core_words(name)).split())


def known_part(part: Shaped) -> KnownPart:
    part = replace(part, mesh=part.mesh.bare())
    supports = supports_of(part.mesh)
    if supports is None and _SUPPORT_WORDS.search(core_words(part.name)):
        part, supports = _lying_supports(part)
    return KnownPart(replace(part, mesh=part.mesh.bare()), ShapePrint(part.mesh), supports, base_of(part.mesh))


def _lying_supports(part: Shaped) -> tuple[Shaped, Supports | None]:
    """A part whose name speaks of supports, turned until it stands on them: some are saved lying."""
    for axis, flip in product(range(3), (np.eye(3), np.diag([1.0, -1, -1]))):
        turn = flip @ np.roll(np.eye(3), axis, axis=1)
        turned = part.mesh.with_vertices(part.mesh.vertices @ turn.T)
        supports = supports_of(turned)
        if supports is not None:
            return replace(part, mesh=turned), supports
    return part, None
