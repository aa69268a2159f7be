"""The demo's prepared meshes, and the parts and zones made from them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import cache
from pathlib import Path

from numerus.book.documents import read
from numerus.domain.painting.zones import PartZones
from numerus.domain.parts import Part
from numerus.formats.meshes.face_labels import unpack_labels
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.geometry.mesh import Mesh
from numerus.surface.zones import ATTRIBUTE

MESHES = Path(__file__).parent / "meshes"
UNPOSED = ("heron_body", "heron_head", "heron_platform")
_HERON_SLOT = {"wing_L": "left wing", "wing_R": "right wing"}


@cache
def mesh(name: str) -> Mesh:
    return unpack_mesh((MESHES / f"{name}.mesh").read_bytes())


@cache
def labelled(name: str) -> Mesh:
    """A mesh whose faces carry their zones, by the order of ``ZONES``."""
    built = mesh(name)
    return built.with_face_attribute(
        ATTRIBUTE, unpack_labels((MESHES / f"{name}.zones").read_bytes(), len(built.faces))
    )


@cache
def supported(name: str) -> Mesh:
    return unpack_mesh((MESHES / f"{name}.supported").read_bytes())


def names() -> list[str]:
    return sorted(p.stem for p in MESHES.glob("*.mesh"))


def demo_part(name: str, keep: Callable[[bytes], str]) -> Part:
    """A prepared part with its blobs put into the book."""
    part: Part = read("part", (MESHES / f"{name}.json").read_text())
    heron = name.startswith("heron_")
    slot = _HERON_SLOT.get(name[6:], name[6:]) if heron else part.slot
    assert part.pose is not None
    pose = replace(part.pose, supported_blob=keep((MESHES / f"{name}.supported").read_bytes()))
    blobs = {kind: keep((MESHES / f"{name}.{kind}").read_bytes()) for kind in ("mesh", "png")}
    return replace(
        part, kit_id="heron" if heron else "wickmen", slot=slot, blob=blobs["mesh"], thumbnail=blobs["png"],
        pose=None if name in UNPOSED else pose,
        draft=None if name in UNPOSED else part.draft,
    )  # fmt: skip


def demo_zones(name: str, keep: Callable[[bytes], str]) -> PartZones:
    part_zones: PartZones = read("part_zones", (MESHES / f"{name}.zones.json").read_text())
    return replace(part_zones, labels=keep((MESHES / f"{name}.zones").read_bytes()))
