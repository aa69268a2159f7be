"""Prepare the sculpted meshes as parts: measured, posed, supported, with a thumbnail. Part of ``./run sculpt``.

What takes seconds a part is done here once and shipped, so that the demo opens at once.
"""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from numerus.book.documents import written
from numerus.demo.scheme import ZONES
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pose
from numerus.formats.meshes.face_labels import unpack_labels
from numerus.formats.meshes.mesh_formats import MeshFile
from numerus.formats.meshes.packed_mesh import pack_mesh, unpack_mesh
from numerus.formats.plain_json import json_bytes
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.health import oriented
from numerus.kit.relations import relations
from numerus.kit.sorting import Shaped, part_from_file
from numerus.kit.thumbnails import thumbnail_png
from numerus.printing.orientation.pose_measures import PoseCost, candidates, measure, school_up
from numerus.printing.preparation.posed_and_supported import draft_of, first_caught, kept_pose
from numerus.printing.supports.placement import Supported
from numerus.surface.fields.part_fields import fields_of
from numerus.surface.zones import ZonedMesh, measured_zones

# Who stands flat on the plate by habit, whatever the search says.
STANDS = ("base_", "legs_standing", "legs_striding", "legs_braced", "legs_climbing", "legs_boy", "heron_base")


def _poses(name: str, mesh: Mesh, machine: Machine, resin: Resin) -> list[PoseCost]:
    """The poses to try, the wanted one first."""
    if name.startswith(STANDS):
        return [measure(mesh, fields_of(mesh), "stands", school_up("stands"), machine, resin)]
    return candidates(mesh, machine, resin)[0][::-1]


def _caught(name: str, mesh: Mesh, machine: Machine, resin: Resin) -> tuple[Pose, Supported]:
    """The first pose in which every island is caught, or else the one with the fewest left."""
    return first_caught(kept_pose(mesh, cost, machine, resin) for cost in _poses(name, mesh, machine, resin))


def relate(folder: Path) -> str:
    """Write what the parts of each kit are to each other as relations.json; in words, how much there was to say."""
    stated = {}
    for kit in ("heron", "wickmen"):
        names = sorted(p.stem for p in folder.glob("*.mesh") if p.stem.startswith("heron_") == (kit == "heron"))
        meshes = {n: oriented(unpack_mesh((folder / f"{n}.mesh").read_bytes()))[0] for n in names}
        stated[kit] = tuple(relations([Shaped(n, n, mesh) for n, mesh in meshes.items()]))
    (folder / "relations.json").write_bytes(json_bytes(stated))
    return f"{sum(map(len, stated.values()))} statements about {len(stated)} kits"


def prepare(folder: Path, name: str, machine: Machine, resin: Resin) -> str:
    """Write ``name``.json, .zones.json, .png and .supported beside ``name``.mesh and .zones; what came of it, in words."""
    mesh = unpack_mesh((folder / f"{name}.mesh").read_bytes())
    labels = unpack_labels((folder / f"{name}.zones").read_bytes(), len(mesh.faces))
    part_zones = measured_zones(name, "", ZonedMesh(mesh, tuple(z.id for z in ZONES), labels))
    (folder / f"{name}.zones.json").write_text(written(part_zones))
    part, _ = part_from_file(MeshFile(name, mesh), name, "")
    pose, supported = _caught(name, mesh, machine, resin)
    (folder / f"{name}.json").write_text(written(replace(part, pose=pose, draft=draft_of(pose, supported))))
    (folder / f"{name}.png").write_bytes(thumbnail_png(mesh))
    (folder / f"{name}.supported").write_bytes(pack_mesh(Mesh(supported.whole.vertices, supported.whole.faces), 9))
    left, unreached = len(supported.islands_left), len(supported.unreached)
    return f"{pose.school}, {pose.tips} tips, {pose.height_mm:.1f} mm, islands left {left}, unreached {unreached}"
