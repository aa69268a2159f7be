"""Kits and their parts: where meshes came from, what they are to each other, what was measured of each."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import date

from numerus.domain.printing.poses import Draft, Pose
from numerus.words import mesh_name


@dataclass(frozen=True)
class Relation:
    """What parts are to each other, with the evidence and how sure it is (0..1).

    ``kind``: "duplicate", "mirror", "scaled", "alternative" (parts in one place), "joint" (the first plugs into the
    second at ``place_mm``), "clash" (they share space and cannot be built together), "supported" (plain, supported),
    "base" (``size_mm``: one diameter or two), "whole" (an assembled copy of other parts). ``overruled`` by the user.
    """

    kind: str
    parts: tuple[str, ...]
    confidence: float
    evidence: str
    place_mm: tuple[float, float, float] | None = None
    size_mm: tuple[float, ...] = ()
    overruled: bool = False


LICENCES = {"personal": "personal use only", "sell-prints": "prints may be sold", "unknown": "terms unknown"}


STRICT = ("personal", "unknown", "sell-prints")  # what binds most first


@dataclass(frozen=True)
class Kit:
    """Where parts came from: source, licence terms (one of LICENCES), price paid, day it was got, remarks; what its parts are to each
    other; its designer's ``papers``: words, pages and pictures by their names in the archive, as blobs; ``considered`` while it is weighed
    against others and no unit prints it, ``shelved`` with the reason why it is not printed.
    """

    id: str
    name: str
    source: str = ""
    price_pence: int = 0
    licence: str = "unknown"
    got: date | None = None
    remarks: str = ""
    relations: tuple[Relation, ...] = ()
    papers: tuple[tuple[str, str], ...] = ()
    considered: bool = False
    shelved: str = ""


def stricter(kits: Mapping[str, Kit], one: str, other: str) -> str:
    """Which of two kits' terms bind what is made of both; the first where they bind alike."""
    return min((one, other), key=lambda k: STRICT.index(kits[k].licence) if k in kits else 1)


@dataclass(frozen=True)
class Part:
    """A mesh of a kit. ``blob``: its packed mesh; ``unit_mm``: what one unit of the file is; ``pose`` None until chosen.

    ``thinnest_mm``: its thinnest wall (0 where none was measured); ``hair_mm2`` and ``weak_mm2``: surface of walls that
    hardly print and of walls that do not survive play. ``needed``: False for what no build wants (copies, doubles).
    ``original``: the mesh as it came, where ``blob`` was mended, cut or thickened. ``doubt``: 0..1 of its slot.
    ``draft``: the pose being worked on; ``others``: poses it may lie in, too,
    where a plate is better for it. ``supports_off``: "before" the lamp or "after" it, "" where nobody chose for this part.
    ``scale``: how many times as large as it came, units apart.
    ``material``: "resin" or "filament" it is to be printed of, "" for what the army's first machine prints with.
    """

    id: str
    kit_id: str
    name: str
    slot: str
    blob: str
    triangles: int
    extents_mm: tuple[float, float, float]
    volume_ml: float
    surface_cm2: float
    watertight: bool
    shells: int
    holes: int
    unit: str
    unit_mm: float = 1.0
    problems: tuple[tuple[str, str], ...] = ()
    thumbnail: str = ""
    pose: Pose | None = None
    thinnest_mm: float = 0.0
    hair_mm2: float = 0.0
    weak_mm2: float = 0.0
    needed: bool = True
    original: str = ""
    doubt: float = 0.0
    draft: Draft | None = None
    others: tuple[Pose, ...] = ()
    supports_off: str = ""
    material: str = ""
    scale: float = 1.0

    def of_material(self, material: str) -> Part:
        """To be printed of something else: what it was posed and supported for is gone."""
        return replace(self, material=material, pose=None, draft=None, others=())

    def also_lying(self, pose: Pose) -> Part:
        """With a pose beside the one that was kept first; one of the same school gives way."""
        return replace(self, others=(*(o for o in self.others if o.school != pose.school), pose))

    @property
    def wall_mm(self) -> float:
        """Its mean wall: twice its volume over its skin, as for a plate."""
        return 20 * self.volume_ml / self.surface_cm2 if self.surface_cm2 else 0.0

    def lying(self, number: int) -> Pose | None:
        """The pose kept first (0), or one of the ``others``."""
        return self.pose if number == 0 else self.others[number - 1] if number <= len(self.others) else None

    @property
    def label(self) -> str:
        """Its name without folders and the ending of a mesh file."""
        return mesh_name(self.name)
