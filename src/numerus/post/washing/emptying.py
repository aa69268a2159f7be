"""What stays in the parts of a plate, and how each is held to pour it out: from the pockets of their own shapes."""

from __future__ import annotations

import contextlib
from collections import Counter
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass
from typing import NamedTuple

from msgspec import MsgspecError
from msgspec.json import decode

from numerus.domain.parts import Part
from numerus.errors import Cancelled, Progress
from numerus.formats.plain_json import json_bytes
from numerus.geometry.mesh import Mesh
from numerus.printing.hollow.tip import Tipping

UPRIGHT = (0.0, 0.0, 1.0)
KEPT_ML = 0.05  # (default) what keeps as much as it hangs is washed from within, too
DEEP_OPENNESS = 0.3  # (default) of the hemisphere, below which a place lies deep
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


class Hanging(NamedTuple):
    """A part on the plate: ``blob`` names its mesh, ``up`` is the side that looked up on the machine."""

    name: str
    blob: str
    up: tuple[float, float, float]
    surface_cm2: float = 0.0

    @property
    def key(self) -> str:
        return f"{self.blob}:{self.up}"


def hanging(parts: Iterable[Part]) -> list[Hanging]:
    """Parts as they hang by their poses, upright where there is none."""
    return [Hanging(p.label, p.blob, p.pose.up if p.pose else UPRIGHT, p.surface_cm2) for p in parts]


class Looked(NamedTuple):
    """What was seen in a part: how it runs empty, None where it keeps nothing; share of its skin that lies deep in recesses."""

    tipping: Tipping | None
    deep_share: float = 0.0


Known = dict[str, Looked]
"""By mesh and attitude."""
NOT_LOOKED_INTO: Mapping[str, Looked] = {}
SHAPES = "emptying"
"""Under this a book keeps what is known."""


def packed_known(known: Known) -> bytes:
    """As a book keeps it."""
    return json_bytes(known)


def unpacked_known(data: bytes | None) -> Known:
    """What is damaged is looked at again."""
    with contextlib.suppress(MsgspecError):
        return decode(data or b"{}", type=Known)
    return {}


def hollows(
    parts: Sequence[Hanging], mesh_of: Callable[[str], Mesh], progress: Progress = lambda _: True,
    known: Known | None = None,
) -> list[Hollow]:  # fmt: skip
    """Those parts that keep something, the fullest first. The same mesh again is counted, not looked at anew; what is ``known`` is not
    either, and what is looked at is added to it. Raises Cancelled.
    """
    from numerus.printing.hollow.venting import keeps_ml, tipping

    known = {} if known is None else known
    shapes = {part.key: part for part in parts}
    for done, (key, part) in enumerate(shapes.items()):
        if not progress(done / len(shapes)):
            raise Cancelled
        if key not in known:
            mesh = mesh_of(part.blob)
            hanging_ml, most_ml = keeps_ml(mesh, part.up)
            runs = tipping(mesh, part.up) if hanging_ml >= KEPT_ML or most_ml >= ROOM_ML else None
            known[key] = Looked(runs, deep_share(mesh))
    return known_hollows(parts, known)


def deep_share(mesh: Mesh) -> float:
    """Share of a part's skin that so little of the hemisphere is free for that a bath hardly moves there."""
    from numerus.surface.fields.coarse_fields import coarse_fields

    hidden = coarse_fields(mesh).openness < DEEP_OPENNESS
    return float(mesh.vertex_areas_mm2[hidden].sum() / max(mesh.vertex_areas_mm2.sum(), 1e-12))


def known_deep_share(parts: Sequence[Hanging], known: Mapping[str, Looked]) -> float:
    """The same of all parts together, as far as anybody looked into them."""
    deep = sum(known[p.key].deep_share * p.surface_cm2 for p in parts if p.key in known)
    return deep / max(sum(p.surface_cm2 for p in parts), 1e-12)


def known_hollows(parts: Sequence[Hanging], known: Mapping[str, Looked]) -> list[Hollow]:
    """Those parts that keep something, as far as anybody looked into them, the fullest first."""
    many, first = Counter(p.key for p in parts), {p.key: p.name for p in reversed(parts)}
    listed = [
        Hollow(first[k], n, tips) for k, n in many.items() if k in known and (tips := known[k].tipping) is not None
    ]
    return sorted(listed, key=lambda h: -h.tipping.hanging_ml)


def kept_ml(listed: Sequence[Hollow]) -> float:
    """Resin in all of them as they come off the plate."""
    return sum(h.count * h.tipping.hanging_ml for h in listed)
