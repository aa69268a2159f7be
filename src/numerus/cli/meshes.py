"""Commands on mesh files: health, layers, kits, poses, supports, hollowing."""

from __future__ import annotations

import argparse
from dataclasses import asdict
from typing import Any

from numerus.cli.results import Result, load_oriented_mesh, refused
from numerus.errors import NumerusError


def _inspected(name: str, mesh_file: Any, below_mm: float) -> Result:
    from numerus.assembly.balance import balance
    from numerus.formats.meshes.mesh_files import Refusal
    from numerus.geometry.repair.health import inspect
    from numerus.geometry.thickness import thickness

    if isinstance(mesh_file, Refusal):
        return refused(name, mesh_file.error)
    health, mesh = inspect(mesh_file.mesh, mesh_file.declared)
    walls, stands = thickness(mesh), balance([mesh])
    thinnest = walls.thinnest_mm
    return {
        "file": name, "ok": True, **asdict(health), "thinnest_mm": round(thinnest, 4) if thinnest < 1e6 else None,
        "thin_area_mm2": round(walls.area_below_mm2(below_mm), 4), "below_mm": below_mm,
        "centre_of_mass_mm": [round(c, 4) for c in stands.centre_mm], "tipping_deg": round(stands.tipping_deg, 3),
    }  # fmt: skip


def inspect_files(args: argparse.Namespace) -> list[Result]:
    """Every mesh of every file, folder or zip named."""
    from numerus.formats.meshes.mesh_files import read_any

    results = []
    for path in args.files:
        inside = path.is_dir() or path.suffix.lower() == ".zip"
        try:
            for mesh_file in read_any(path, whole=True):
                results.append(
                    _inspected(f"{path}/{mesh_file.name}" if inside else str(path), mesh_file, args.below_mm)
                )
        except NumerusError as error:
            results.append(refused(str(path), error))
    return results


def kit_of(args: argparse.Namespace) -> list[Result]:
    """What an archive or folder holds and what its parts are to each other; sizes in mm after the unit was read."""
    from numerus.formats.meshes.mesh_files import Refusal, read_any
    from numerus.formats.meshes.mesh_formats import MeshFile
    from numerus.geometry.repair.health import UNIT_FACTORS
    from numerus.kit.assembly import propose
    from numerus.kit.relations import relations, together
    from numerus.kit.sorting import shaped

    mesh_files = list(read_any(args.path))
    pairs = [shaped(f, f.name) for f in mesh_files if isinstance(f, MeshFile)]
    parts = [one for one, _ in pairs]
    stated = relations(parts)
    slots = propose(parts, stated)
    copies = {r.parts[-1]: r for r in stated if r.kind == "supported"}
    listed = [{
        "file": p.id, "name": p.name.rpartition("/")[2], "unit": h.unit, "extents_mm": [round(float(e), 4) for e in p.mesh.extents_mm],
        "volume_ml": h.volume_ml * UNIT_FACTORS[h.unit] ** 3, "watertight": h.watertight, "holes": h.holes, "supported": p.id in copies,
        "slot": slots[p.id].slot, "slot_confidence": round(slots[p.id].confidence, 2), "slot_reason": slots[p.id].reason,
        "problems": [asdict(q) for q in h.problems],
    } for p, h in pairs]  # fmt: skip

    def named(kind: str) -> list[list[str]]:
        return [list(r.parts) for r in stated if r.kind == kind]

    def sizes(r: Any) -> Any:
        return r.size_mm[0] if len(r.size_mm) == 1 else list(r.size_mm)

    joints = [{"a": r.parts[0], "b": r.parts[1], **dict(zip(("x_mm", "y_mm", "z_mm"), r.place_mm, strict=True)),
               "confidence": round(r.confidence, 2)} for r in stated if r.kind == "joint" and r.place_mm]  # fmt: skip
    return [{
        "file": str(args.path), "ok": bool(parts), "parts": listed, "duplicates": together(named("duplicate")),
        "mirrors": named("mirror"), "alternatives": named("alternative"), "supported_copies": [p for p in named("supported") if len(p) == 2],
        "joints": joints, "bases": [{"file": r.parts[0], "size_mm": sizes(r)} for r in stated if r.kind == "base"],
        "scaled": [{"a": r.parts[0], "b": r.parts[1], "times": r.size_mm[0]} for r in stated if r.kind == "scaled"],
        "clashes": named("clash"), "wholes": named("whole"), "refused": [refused(f.name, f.error) for f in mesh_files if isinstance(f, Refusal)],
    }]  # fmt: skip


def _rounded(value: Any) -> Result:
    return {k: round(v, 6) for k, v in asdict(value).items()}


def layers_of(args: argparse.Namespace) -> list[Result]:
    from numerus.domain.printing.machines import Machine, Resin
    from numerus.formats.meshes.mesh_files import read_mesh
    from numerus.geometry.repair.health import oriented, without_degenerate
    from numerus.geometry.solids.columns import solid_columns
    from numerus.geometry.solids.cups import cups
    from numerus.geometry.solids.layers import islands, layer_areas_mm2
    from numerus.geometry.solids.pockets import trapped
    from numerus.geometry.solids.sections import sections, specks
    from numerus.printing.orientation.pose_measures import layer_pulls_n

    try:
        mesh, turned = oriented(without_degenerate(read_mesh(args.file).mesh)[0])
        mesh = mesh.dropped() if args.drop else mesh
        columns = solid_columns(mesh.triangles, args.pixel_mm, args.layer_mm)
        island_list, sealed, shut = islands(columns), cups(columns), trapped(columns)
    except NumerusError as error:
        return [refused(str(args.file), error)]
    areas = layer_areas_mm2(columns)
    listed = [{k: round(getattr(i, k), 6) for k in ("z_mm", "x_mm", "y_mm", "area_mm2")} for i in island_list]
    return [{
        "file": str(args.file), "ok": True, "layers": columns.layers, "layer_mm": args.layer_mm, "pixel_mm": args.pixel_mm,
        "volume_ml": columns.volume_mm3 / 1000, "area_mm2": [round(float(a), 6) for a in areas],
        "islands": listed, "cups": [_rounded(c) for c in sealed], "trapped": [_rounded(t) for t in shut],
        "pull_n": [round(float(n), 4) for n in layer_pulls_n(sections(columns), sealed, Machine("m", "usual"), Resin("r", "usual"))],
        "specks": len(specks(columns)), "doubtful_columns": columns.doubtful, "turned_shells": turned,
    }]  # fmt: skip


def poses_of(args: argparse.Namespace) -> list[Result]:
    """Ways to lie on the machine, the least weighted cost first."""
    from numerus.domain.printing.machines import Machine, Resin
    from numerus.printing.preparation.headless import ranked_poses

    mesh = load_oriented_mesh(args.file)
    poses = ranked_poses(mesh, Machine("m", "usual"), Resin("r", "usual"), args.school)
    listed = [{
        "direction": [round(v, 6) for v in j.cost.up], "school": j.cost.school, "height_mm": round(j.cost.height_mm, 3),
        "support_area_mm2": round(j.cost.support_mm2, 3), "scar_mm2": round(j.cost.scar_mm2, 3),
        "peak_area_mm2": round(j.cost.peak_mm2, 3), "islands": j.cost.islands, "cups": j.cost.cups,
        "minutes": round(j.cost.minutes, 1), "score": round(j.score, 5),
    } for j in poses]  # fmt: skip
    return [{"file": str(args.file), "ok": True, "candidates": listed}]


def support_of(args: argparse.Namespace) -> list[Result]:
    """A supported copy, platform at z = 0, raft included, and what its check says."""
    from numerus.domain.printing.machines import Machine, Resin
    from numerus.formats.meshes.mesh_writing import write_stl
    from numerus.printing.preparation.headless import supported_part

    mesh = load_oriented_mesh(args.file)
    report = supported_part(mesh, Machine("m", "usual"), Resin("r", "usual"), args.keep_pose, args.school)
    write_stl(report.supported.whole, args.out)
    margin, proof = report.worst_margin if report.worst_margin < 1e9 else None, report.proof
    return [{
        "file": str(args.file), "ok": True, "out": str(args.out), "transform": [round(float(v), 9) for v in report.transform.reshape(-1)],
        "tips": len(report.supported.pillars), "pillars": sum(p.lands != "part" for p in report.supported.pillars),
        "volume_ml": round(report.volume_ml, 6),
        "islands_left": len(proof.islands_left), "unsupported_mm2": round(report.unsupported_mm2, 4), "worst_margin": margin,
        "scar_show_mm2": round(proof.scar_show_mm2, 4), "cleaning_minutes": round(proof.cleaning_minutes, 1),
        "too_light": len(proof.too_light), "swinging": len(proof.swings), "touching": len(proof.touches),
    }]  # fmt: skip


def hollow_of(args: argparse.Namespace) -> list[Result]:
    """A hollow copy with drains, in the file's own coordinates."""
    from numerus.formats.meshes.mesh_writing import write_stl
    from numerus.printing.hollow.hollowing import hollow

    hollowed = hollow(load_oriented_mesh(args.file), args.wall_mm, args.drain_mm)
    write_stl(hollowed.mesh, args.out)
    return [{
        "file": str(args.file), "ok": True, "out": str(args.out), "saved_ml": round(hollowed.saved_ml, 6),
        "min_wall_mm": round(hollowed.min_wall_mm, 4), "drains": [asdict(d) for d in hollowed.drains], "trapped_ml": round(hollowed.trapped_ml, 6),
    }]  # fmt: skip
