"""Make the demo meshes again: ``./run sculpt``."""

from __future__ import annotations

import sys
import time
from pathlib import Path

from numerus.demo.prepare import prepare
from numerus.demo.sculptor import heron, wickmen
from numerus.demo.sculptor.carve import carve
from numerus.geometry.packed import pack_mesh
from numerus.resin.profiles import Machine, Resin


def main(folder: Path, only: str = "") -> None:
    for name, (shapes, cell_mm, faces) in {**wickmen.parts(), **heron.parts()}.items():
        if only not in name:
            continue
        begun = time.monotonic()
        mesh = carve(shapes, cell_mm, faces)
        data = pack_mesh(mesh)
        (folder / f"{name}.mesh").write_bytes(data)
        print(f"{name}: {len(mesh.faces)} faces, {len(data) >> 10} kB, {time.monotonic() - begun:.1f} s", flush=True)
        prepare(folder, name, Machine("m", "Demo machine"), Resin("r", "Demo resin"))


if __name__ == "__main__":
    main(Path(__file__).parents[1] / "meshes", *sys.argv[1:2])
