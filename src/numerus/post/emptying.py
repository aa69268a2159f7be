"""What stays in the parts of a plate, and how each is held to pour it out: from the pockets of their own shapes."""

from __future__ import annotations

import contextlib
import hashlib
from collections.abc import Sequence
from dataclasses import dataclass
from functools import cache

import numpy as np
from pydantic import TypeAdapter, ValidationError

from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Mesh
from numerus.printing.hollow.venting import Tipping, keeps_ml, tipping

UPRIGHT = (0.0, 0.0, 1.0)
KEPT_ML = 0.05  # (default) what keeps as much as it hangs is washed from within, too
ROOM_ML = 0.5  # (default) and what has so much room in it


@dataclass(frozen=True)
class Hollow:
    """A part that keeps resin and solvent: what it keeps and how it is held, and how many of it are on the plate."""

    name: str
    count: int
    tipping: Tipping

    @property
    def words(self) -> str:
        many = f", {self.count} of them" if self.count > 1 else ""
        return f"{self.name}{many}: {self.tipping.description[0].lower()}{self.tipping.description[1:]}"


Known = dict[str, Tipping | None]
"""By shape and attitude: how a part runs empty, None where it keeps nothing."""


@cache
def _adapter() -> TypeAdapter[Known]:
    return TypeAdapter(Known)


def packed_known(known: Known) -> bytes:
    """As a book keeps it."""
    return _adapter().dump_json(known)


def unpacked_known(data: bytes | None) -> Known:
    """What is damaged is looked at again."""
    with contextlib.suppress(ValidationError):
        return _adapter().validate_json(data or b"{}")
    return {}


def _shape_key(mesh: Mesh, up: tuple[float, float, float]) -> str:
    shape = hashlib.sha256(np.ascontiguousarray(mesh.vertices).tobytes())
    shape.update(np.ascontiguousarray(mesh.faces).tobytes())
    return f"{shape.hexdigest()[:32]}:{up}"


def hollows(
    parts: Sequence[tuple[str, Mesh, tuple[float, float, float]]], progress: Progress = lambda _: True,
    known: Known | None = None,
) -> list[Hollow]:  # fmt: skip
    """Of parts by name with their mesh and the side that looked up on the machine those that keep something, the fullest first.
    The same mesh again is counted, not looked at anew; what is ``known`` is not either, and what is looked at is added to it.
    Raises Cancelled.
    """
    known = {} if known is None else known
    alike: dict[tuple[int, tuple[float, float, float]], list[int]] = {}
    for number, (_, mesh, up) in enumerate(parts):
        alike.setdefault((id(mesh), up), []).append(number)
    listed = []
    for done, own in enumerate(alike.values()):
        if not progress(done / len(alike)):
            raise Cancelled
        name, mesh, up = parts[own[0]]
        key = _shape_key(mesh, up)
        if key not in known:
            hanging_ml, most_ml = keeps_ml(mesh, up)
            known[key] = tipping(mesh, up) if hanging_ml >= KEPT_ML or most_ml >= ROOM_ML else None
        tips = known[key]
        if tips is not None:
            listed.append(Hollow(name, len(own), tips))
    return sorted(listed, key=lambda h: -h.tipping.hanging_ml)


def kept_ml(listed: Sequence[Hollow]) -> float:
    """Resin in all of them as they come off the plate."""
    return sum(h.count * h.tipping.hanging_ml for h in listed)
