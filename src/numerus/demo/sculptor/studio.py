"""Carving and preparing one part after another; by itself, so that worker processes can import it."""

from __future__ import annotations

import time
from pathlib import Path

from numerus.demo.prepare import prepare
from numerus.demo.sculptor import heron, wickmen
from numerus.demo.sculptor.modelling.carve import carve
from numerus.domain.printing.machines import Machine, Resin
from numerus.formats.meshes.face_labels import pack_labels
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.surface.zones import ATTRIBUTE


def recipes() -> dict[str, wickmen.Recipe]:
    return {**wickmen.parts(), **heron.parts()}


def sculpt(folder: Path, name: str) -> str:
    """Carve one part and prepare it; what was made, in words."""
    begun = time.monotonic()
    mesh = carve(*recipes()[name])
    data = pack_mesh(mesh, 9)
    (folder / f"{name}.mesh").write_bytes(data)
    (folder / f"{name}.zones").write_bytes(pack_labels(mesh.face_attributes[ATTRIBUTE]))
    carved = time.monotonic() - begun
    line = prepare(folder, name, Machine("m", "Demo machine"), Resin("r", "Demo resin"))
    whole = time.monotonic() - begun
    return (
        f"{name}: {len(mesh.faces)} faces, {len(data) >> 10} kB, carved in {carved:.1f} s, {whole:.1f} s in all; {line}"
    )
