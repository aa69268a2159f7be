"""Prepare the sculpted meshes as parts: measured, posed, supported, with a thumbnail. Part of ``./run sculpt``.

What takes seconds a part is done here once and shipped, so that the demo opens at once.
"""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from numerus.book.documents import written
from numerus.geometry.files import MeshFile
from numerus.geometry.mesh import Mesh
from numerus.geometry.packed import pack_mesh, unpack_mesh
from numerus.kit.sorting import part_from_file
from numerus.kit.thumbnails import thumbnail_png
from numerus.resin.pose import candidates, fields_of, measure, school_up
from numerus.resin.posing import kept_pose
from numerus.resin.profiles import Machine, Resin

# Whose pose was chosen by habit rather than by the search.
CHOSEN = {"base_round": "stands", "legs_standing": "stands", "legs_striding": "stands", "heron_base": "stands"}


def prepare(folder: Path, name: str, machine: Machine, resin: Resin) -> None:
    """Write ``name``.json, .png and .supported beside ``name``.mesh."""
    mesh = unpack_mesh((folder / f"{name}.mesh").read_bytes())
    part, _ = part_from_file(MeshFile(name, mesh), name, "")
    if name in CHOSEN:
        cost = measure(mesh, fields_of(mesh), CHOSEN[name], school_up(CHOSEN[name]), machine, resin)
    else:
        cost = candidates(mesh, machine, resin)[0][-1]
    pose, made = kept_pose(mesh, cost, resin)
    (folder / f"{name}.json").write_text(written(replace(part, pose=pose)))
    (folder / f"{name}.png").write_bytes(thumbnail_png(mesh))
    (folder / f"{name}.supported").write_bytes(pack_mesh(Mesh(made.whole.vertices, made.whole.faces)))
    print(
        f"{name}: {pose.school}, {pose.tips} tips, {pose.height_mm:.1f} mm, left {len(made.islands_left)}, unreached {len(made.unreached)}",
        flush=True,
    )
