"""The same core without a window: JSON on standard output, exit status 2 where something was refused."""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Sequence
from dataclasses import asdict
from datetime import datetime
from pathlib import Path
from typing import Any

from numerus.errors import BookError, NumerusError, PlanError

Result = dict[str, Any]


def _refused(name: str, error: NumerusError) -> Result:
    return {"file": name, "ok": False, "error": error.as_dict()}


def _inspected(name: str, found: Any, below_mm: float) -> Result:
    from numerus.bench.build import balance
    from numerus.geometry.files import Refusal
    from numerus.geometry.health import inspect
    from numerus.geometry.thickness import thickness

    if isinstance(found, Refusal):
        return _refused(name, found.error)
    health, mesh = inspect(found)
    walls, stands = thickness(mesh), balance([mesh])
    thinnest = walls.thinnest_mm
    return {
        "file": name, "ok": True, **asdict(health), "thinnest_mm": round(thinnest, 4) if thinnest < 1e6 else None,
        "thin_area_mm2": round(walls.area_below_mm2(below_mm), 4), "below_mm": below_mm,
        "centre_of_mass_mm": [round(c, 4) for c in stands.centre_mm], "tipping_deg": round(stands.tipping_deg, 3),
    }  # fmt: skip


def inspect_files(args: argparse.Namespace) -> list[Result]:
    """Every mesh of every file, folder or zip named."""
    from numerus.geometry.files import read_any

    results = []
    for path in args.files:
        inside = path.is_dir() or path.suffix.lower() == ".zip"
        try:
            for found in read_any(path, whole=True):
                results.append(_inspected(f"{path}/{found.name}" if inside else str(path), found, args.below_mm))
        except NumerusError as error:
            results.append(_refused(str(path), error))
    return results


def kit_of(args: argparse.Namespace) -> list[Result]:
    """What an archive or folder holds and what its parts are to each other; sizes in mm after the unit was read."""
    from numerus.geometry.files import Refusal, read_any
    from numerus.geometry.formats import MeshFile
    from numerus.geometry.health import UNIT_FACTORS
    from numerus.kit.assembly import propose
    from numerus.kit.relations import relations, together
    from numerus.kit.sorting import shaped

    found = list(read_any(args.path))
    pairs = [shaped(f, f.name) for f in found if isinstance(f, MeshFile)]
    parts = [one for one, _ in pairs]
    said = relations(parts)
    slots = propose(parts, said)
    copies = {r.parts[-1]: r for r in said if r.kind == "supported"}
    listed = [{
        "file": p.id, "name": p.name.rpartition("/")[2], "unit": h.unit, "extents_mm": [round(float(e), 4) for e in p.mesh.extents_mm],
        "volume_ml": h.volume_ml * UNIT_FACTORS[h.unit] ** 3, "watertight": h.watertight, "holes": h.holes, "supported": p.id in copies,
        "slot": slots[p.id].slot, "slot_confidence": round(slots[p.id].confidence, 2), "slot_reason": slots[p.id].reason,
        "problems": [asdict(q) for q in h.problems],
    } for p, h in pairs]  # fmt: skip

    def named(kind: str) -> list[list[str]]:
        return [list(r.parts) for r in said if r.kind == kind]

    def sizes(r: Any) -> Any:
        return r.size_mm[0] if len(r.size_mm) == 1 else list(r.size_mm)

    joints = [{"a": r.parts[0], "b": r.parts[1], **dict(zip(("x_mm", "y_mm", "z_mm"), r.place_mm, strict=True)),
               "confidence": round(r.confidence, 2)} for r in said if r.kind == "joint" and r.place_mm]  # fmt: skip
    return [{
        "file": str(args.path), "ok": bool(parts), "parts": listed, "duplicates": together(named("duplicate")),
        "mirrors": named("mirror"), "alternatives": named("alternative"), "supported_copies": [p for p in named("supported") if len(p) == 2],
        "joints": joints, "bases": [{"file": r.parts[0], "size_mm": sizes(r)} for r in said if r.kind == "base"],
        "scaled": [{"a": r.parts[0], "b": r.parts[1], "times": r.size_mm[0]} for r in said if r.kind == "scaled"],
        "clashes": named("clash"), "wholes": named("whole"), "refused": [_refused(f.name, f.error) for f in found if isinstance(f, Refusal)],
    }]  # fmt: skip


def _rounded(value: Any) -> Result:
    return {k: round(v, 6) for k, v in asdict(value).items()}


def layers_of(args: argparse.Namespace) -> list[Result]:
    from numerus.geometry.columns import solid_columns
    from numerus.geometry.files import read_mesh
    from numerus.geometry.health import oriented, without_degenerate
    from numerus.geometry.layers import islands, layer_areas_mm2
    from numerus.geometry.pockets import cups, trapped
    from numerus.geometry.sections import sections, specks
    from numerus.resin.pose import layer_pulls_n
    from numerus.resin.profiles import Machine, Resin

    try:
        mesh, turned = oriented(without_degenerate(read_mesh(args.file).mesh)[0])
        mesh = mesh.dropped() if args.drop else mesh
        columns = solid_columns(mesh.triangles, args.pixel_mm, args.layer_mm)
        found, sealed, shut = islands(columns), cups(columns), trapped(columns)
    except NumerusError as error:
        return [_refused(str(args.file), error)]
    areas = layer_areas_mm2(columns)
    listed = [{k: round(getattr(i, k), 6) for k in ("z_mm", "x_mm", "y_mm", "area_mm2")} for i in found]
    return [{
        "file": str(args.file), "ok": True, "layers": columns.layers, "layer_mm": args.layer_mm, "pixel_mm": args.pixel_mm,
        "volume_ml": columns.volume_mm3 / 1000, "area_mm2": [round(float(a), 6) for a in areas],
        "islands": listed, "cups": [_rounded(c) for c in sealed], "trapped": [_rounded(t) for t in shut],
        "pull_n": [round(float(n), 4) for n in layer_pulls_n(sections(columns), sealed, Machine("m", "usual"), Resin("r", "usual"))],
        "specks": len(specks(columns)), "doubtful_columns": columns.doubtful, "turned_shells": turned,
    }]  # fmt: skip


def poses_of(args: argparse.Namespace) -> list[Result]:
    """Ways to lie on the machine, the least regret first."""
    from numerus.resin.judgement import judged_poses
    from numerus.resin.profiles import Machine, Resin

    mesh = _sound(args.file)
    found = judged_poses(mesh, Machine("m", "usual"), Resin("r", "usual"), args.school)
    listed = [{
        "direction": [round(v, 6) for v in j.cost.up], "school": j.cost.school, "height_mm": round(j.cost.height_mm, 3),
        "support_area_mm2": round(j.cost.support_mm2, 3), "scar_mm2": round(j.cost.scar_mm2, 3),
        "peak_area_mm2": round(j.cost.peak_mm2, 3), "islands": j.cost.islands, "cups": j.cost.cups,
        "minutes": round(j.cost.minutes, 1), "score": round(j.score, 5),
    } for j in found]  # fmt: skip
    return [{"file": str(args.file), "ok": True, "candidates": listed}]


def support_of(args: argparse.Namespace) -> list[Result]:
    """A supported copy, platform at z = 0, raft included, and what its check says."""
    from numerus.geometry.writing import write_stl
    from numerus.resin.judgement import supported_part
    from numerus.resin.profiles import Machine, Resin

    mesh = _sound(args.file)
    made = supported_part(mesh, Machine("m", "usual"), Resin("r", "usual"), args.keep_pose, args.school)
    write_stl(made.made.whole, args.out)
    margin, proof = made.worst_margin if made.worst_margin < 1e9 else None, made.proof
    return [{
        "file": str(args.file), "ok": True, "out": str(args.out), "transform": [round(float(v), 9) for v in made.transform.reshape(-1)],
        "tips": len(made.made.pillars), "pillars": sum(p.lands != "part" for p in made.made.pillars), "volume_ml": round(made.volume_ml, 6),
        "islands_left": len(proof.islands_left), "unsupported_mm2": round(proof.unsupported_mm2, 4), "worst_margin": margin,
        "scar_show_mm2": round(proof.scar_show_mm2, 4), "cleaning_minutes": round(proof.cleaning_minutes, 1),
        "too_light": len(proof.too_light), "swinging": len(proof.swings), "touching": len(proof.touches),
    }]  # fmt: skip


def hollow_of(args: argparse.Namespace) -> list[Result]:
    """A hollow copy with drains, in the file's own coordinates."""
    from numerus.geometry.writing import write_stl
    from numerus.resin.hollow import hollow

    made = hollow(_sound(args.file), args.wall_mm, args.drain_mm)
    write_stl(made.mesh, args.out)
    return [{
        "file": str(args.file), "ok": True, "out": str(args.out), "saved_ml": round(made.saved_ml, 6),
        "min_wall_mm": round(made.min_wall_mm, 4), "drains": [asdict(d) for d in made.drains], "trapped_ml": round(made.trapped_ml, 6),
    }]  # fmt: skip


def _sound(path: Path) -> Any:
    """One file's mesh in mm, whole shells turned right. Raises MeshFileError."""
    from numerus.geometry.files import read_mesh
    from numerus.kit.sorting import shaped

    return shaped(read_mesh(path), path.name)[0].mesh


def write_demo(args: argparse.Namespace) -> list[Result]:
    from numerus.demo.army import make_demo

    if args.out.exists():
        raise BookError("exists", f"{args.out} exists already.", "It was left as it is; choose another name.")
    book = make_demo(args.out, args.now or datetime.now())
    plans = book.plans
    book.close()
    return [
        {
            "file": str(args.out),
            "ok": True,
            "units": len(plans.units),
            "figures": len(plans.figures),
            "parts": len(plans.parts),
        }
    ]


def write_messy(args: argparse.Namespace) -> list[Result]:
    """The demo kit as a careless archive, to try Sort on."""
    from numerus.demo.messy import files, write_archive

    if args.out.exists():
        raise BookError("exists", f"{args.out} exists already.", "It was left as it is; choose another name.")
    write_archive(args.out)
    return [{"file": str(args.out), "ok": True, "entries": len(files())}]


def status(args: argparse.Namespace) -> list[Result]:
    """Counts per stage, bottleneck, forecast."""
    from numerus.book.book import Book
    from numerus.ledger.forecast import forecast
    from numerus.ledger.rates import rates
    from numerus.ledger.standing import standing
    from numerus.ledger.work import bottleneck, gates

    book = Book.open(args.book)
    now, found = args.now or datetime.now(), standing(book.plans, book.facts)
    gate = bottleneck(gates(book.plans, found, rates(book.facts)))
    seen = forecast(book.plans, book.facts, now, found)
    days = {"p10": seen.dots[1], "p50": seen.middle, "p90": seen.dots[17]}
    told = {
        "ready_by": seen.ready_by.isoformat(), "in_time_of_20": seen.in_time, "hands_left_h": round(seen.hands_left_min / 60, 2),
        "hands_there_h": round(seen.hands_there_min / 60, 2), **{k: d.isoformat() for k, d in days.items()},
    }  # fmt: skip
    narrowest = {"stage": gate.stage, "figures_per_week": round(gate.per_week, 2)} if gate else None
    army = book.plans.army.name if book.plans.army else ""
    return [
        {
            "file": str(args.book),
            "ok": True,
            "army": army,
            "stages": found.counts(),
            "bottleneck": narrowest,
            "forecast": told,
            "notices": book.notices,
        }
    ]


def _machine_named(machines: dict[str, Any], name: str) -> Any:
    """A machine by its id or name, or a profile's file; the examples are known, too. Raises PlanError, naming those there are."""
    from numerus.resin.profilefile import read_profile, shipped_profiles
    from numerus.resin.profiles import Machine

    if name.endswith(".json") and isinstance(told := read_profile(Path(name)), Machine):
        return told
    machines = {m.id: m for m in shipped_profiles() if isinstance(m, Machine)} | machines
    found = next((m for m in machines.values() if name in (m.id, m.name)), None)
    if found is None:
        known = ", ".join(f"{m.name} ({m.id})" for m in machines.values()) or "none"
        raise PlanError("no-machine", f"There is no machine {name}.", f"Known: {known}.")
    return found


def plates_made(args: argparse.Namespace) -> list[Result]:
    """Plates for all a book is owed, or for mesh files each posed and supported, packed by silhouette, written as 3MF."""
    from numerus.geometry.writing import write_3mf
    from numerus.resin.plate import covered

    args.out.mkdir(parents=True, exist_ok=True)
    book = args.items[0] if len(args.items) == 1 and args.items[0].suffix == ".numerus" else None
    plates, machine, shapes = (
        _plates_of_book(book, args.machine) if book else _plates_of_files(args.items, args.machine)
    )
    listed = []
    for number, (plate, meshes) in enumerate(plates, 1):
        path = args.out / f"plate-{number:02d}.3mf"
        write_3mf(meshes, path)
        listed.append({
            "file": str(path), "name": plate.name, "parts": [name for name, _ in meshes], "minutes": round(plate.minutes, 1),
            "ml": round(plate.resin_ml, 3), "density": round(covered(plate, shapes, machine), 4), "height_mm": round(plate.height_mm, 3),
        })  # fmt: skip
    return [{"file": str(args.items[0]), "ok": True, "machine": machine.name, "plates": listed}]


Made = tuple[list[tuple[Any, list[tuple[str, Any]]]], Any, dict[str, Any]]
"""Plates with their named meshes, the machine, and the parts' silhouettes."""


def _plates_of_book(path: Path, machine_name: str) -> Made:
    from numerus.book.book import Book
    from numerus.book.intake import new_id
    from numerus.geometry.packed import unpack_mesh
    from numerus.ledger.plating import outlines_for, owed_copies, owed_spares, plate_meshes
    from numerus.ledger.standing import standing
    from numerus.resin.plate import pack, plates_of

    book = Book.open(path)
    plans, found = book.plans, standing(book.plans, book.facts)
    machine = _machine_named(dict(plans.machines), machine_name)
    cache: dict[str, Any] = {}

    def mesh_of(blob: str) -> Any:
        return cache.setdefault(blob, unpack_mesh(book.blob(blob)))

    units = plans.units_in_order()
    outlines = [
        o
        for u in units
        for o in outlines_for(plans, owed_copies(plans, found, u.id), mesh_of, owed_spares(plans, u.id))
    ]
    made = plates_of(pack(outlines, [machine]), outlines, plans.resin, "Plate", new_id) if outlines else []
    return [(p, plate_meshes(p, plans, mesh_of)) for p in made], machine, {o.part_id: o.bitmap for o in outlines}


def _plates_of_files(paths: Sequence[Path], machine_name: str) -> Made:
    """Each file in its best pose with its supports; machines are those of the demo, or a usual one."""
    from numerus.demo.army import RESIN
    from numerus.resin.plate import Outline, outline_bitmap, pack, placed_mesh, plates_of
    from numerus.resin.posing import best_kept
    from numerus.resin.profiles import Machine

    machine = _machine_named({"usual": Machine("usual", "usual")}, machine_name)
    outlines, meshes = [], {}
    for number, path in enumerate(paths):
        pose, made = best_kept(_sound(path), machine, RESIN)
        key = f"{number}"
        meshes[key] = made.whole
        ml = made.hanging.columns.volume_mm3 / 1000 + pose.support_ml
        outlines.append(Outline(key, "", path.name, outline_bitmap(made.whole), pose.height_mm, ml))
    ids = iter(range(10**6))
    plates = plates_of(pack(outlines, [machine]), outlines, RESIN, "Plate", lambda: str(next(ids)))
    named = [(p, [(s.slot, placed_mesh(meshes[s.part_id], s)) for s in p.placed]) for p in plates]
    return named, machine, {o.part_id: o.bitmap for o in outlines}


def printed_layers(args: argparse.Namespace) -> list[Result]:
    """A layer archive read back, counted, and printed on the simulated machine."""
    from numerus.devices.link import ArchivePrinter
    from numerus.resin.layerfile import LayerArchive

    archive = LayerArchive.open(args.file)
    told, ml = archive.manifest, archive.check()
    printer = ArchivePrinter(archive, args.vat_ml)
    end = printer.reading(told.minutes)
    return [{
        "file": str(args.file), "ok": True, "name": told.name, "machine": told.machine, "layers": told.layers, "ml": round(ml, 3),
        "minutes": told.minutes, "state": end.state, "resin_left_ml": round(end.resin_ml, 2), "says": end.says,
    }]  # fmt: skip


def schedule_of(args: argparse.Namespace) -> list[Result]:
    """Every waiting plate on its machine in time, and when the army will be ready."""
    from numerus.book.book import Book
    from numerus.ledger.forecast import finish_dates
    from numerus.ledger.orders import next_runs
    from numerus.ledger.standing import standing

    book, now = Book.open(args.book), args.now or datetime.now()
    found = standing(book.plans, book.facts)
    machines = {m.id: m.name for m in book.plans.machines.values()}
    runs = [{
        "machine": machines[s.machine_id], "plate": s.plate.name, "start": s.start.isoformat(), "end": s.end.isoformat(),
        "met": s.met.isoformat(), "why": s.why,
    } for s in next_runs(book.plans, found, now).slots]  # fmt: skip
    finish = {k: d.isoformat() for k, d in finish_dates(book.plans, book.facts, now, found).items()}
    return [{"file": str(args.book), "ok": True, "runs": runs, "finish": finish}]


def inquests_of(args: argparse.Namespace) -> list[Result]:
    """Every run that failed in part: likely causes with their evidence, and the tests that would tell most."""
    from numerus.book.book import Book
    from numerus.floor.runs import failure_counts
    from numerus.ledger.inquiry import inquest_of
    from numerus.ledger.standing import standing

    book = Book.open(args.book)
    runs = standing(book.plans, book.facts).runs
    listed = []
    for record in runs.values():
        if record.plate_id not in book.plans.plates or not failure_counts([record])[0]:
            continue
        found = inquest_of(record, book.plans, runs, book.facts)
        listed.append({
            "run": record.run_id, "plate": book.plans.plates[record.plate_id].name, "started": record.started.isoformat(),
            "causes": [{"cause": c.key, "name": c.name, "share": round(c.share, 4), "evidence": list(c.evidence)} for c in found.causes],
            "tests": [{"test": t.key, "says": t.says, "minutes": t.minutes, "bits": round(t.bits, 4)} for t in found.tests],
        })  # fmt: skip
    return [{"file": str(args.book), "ok": True, "inquests": listed}]


def add_files(args: argparse.Namespace) -> list[Result]:
    """Read files into a kit of a book, as the Sort bench does."""
    from numerus.book.book import Book
    from numerus.book.intake import take_in

    book = Book.open(args.book)
    parts, refused = take_in(book, args.files, args.kit)
    read = [
        {"file": p.name, "ok": True, "slot": p.slot, "unit": p.unit, "extents_mm": list(p.extents_mm)} for p in parts
    ]
    return [*read, *(_refused(r.name, r.error) for r in refused)]


def _moment(text: str) -> datetime:
    return datetime.fromisoformat(text)


def _positive(text: str) -> float:
    value = float(text)
    if not 0 < value < 1e6:
        raise argparse.ArgumentTypeError("must be above zero")
    return value


def parser() -> argparse.ArgumentParser:
    made = argparse.ArgumentParser(prog="run cli", description="Numerus without a window.")
    commands = made.add_subparsers(required=True, metavar="COMMAND")

    def command(name: str, run: Any, says: str) -> argparse.ArgumentParser:
        sub = commands.add_parser(name, help=says, description=says)
        sub.add_argument("--json", action="store_true", help="JSON output (always so; kept for scripts)")
        sub.set_defaults(run=run)
        return sub

    sub = command("inspect", inspect_files, "health and size of mesh files, folders or zips")
    sub.add_argument("files", nargs="+", type=Path, metavar="FILE")
    sub.add_argument("--below-mm", type=_positive, default=0.4, help="walls under this are thin_area_mm2 (0.4)")
    sub = command("kit", kit_of, "what the parts of an archive or folder are to each other")
    sub.add_argument("path", type=Path, metavar="PATH")
    sub = command("layers", layers_of, "layer areas, volume and islands of a mesh in its own coordinates")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--layer-mm", type=_positive, default=0.05)
    sub.add_argument("--pixel-mm", type=_positive, default=0.05)
    sub.add_argument("--drop", action="store_true", help="centre it over the origin and stand it on z = 0 first")
    schools = ("standing", "tilted", "lying", "measured")
    sub = command("pose", poses_of, "ways a part could lie on the machine, best first")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--school", choices=schools, default="")
    sub = command("support", support_of, "a posed and supported copy of a part, checked")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--out", type=Path, required=True, metavar="STL")
    sub.add_argument("--keep-pose", action="store_true", help="leave it as it stands")
    sub.add_argument("--school", choices=schools, default="")
    sub = command("hollow", hollow_of, "a hollow copy of a part, with drains")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--wall-mm", type=_positive, default=2.0)
    sub.add_argument("--drain-mm", type=_positive, default=3.0)
    sub.add_argument("--out", type=Path, required=True, metavar="STL")
    sub = command("demo", write_demo, "write the demo book")
    sub.add_argument("--out", type=Path, required=True, metavar="BOOK")
    sub.add_argument("--now", type=_moment, help="tell the army's story as of this moment")
    sub = command("messy", write_messy, "write the demo kit as a badly kept archive, to try Sort on")
    sub.add_argument("--out", type=Path, required=True, metavar="ZIP")
    sub = command("status", status, "where everything stands and whether it will be ready")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--now", type=_moment)
    sub = command("plate", plates_made, "plates for a book, or for mesh files posed and supported, as 3MF")
    sub.add_argument("items", nargs="+", type=Path, metavar="BOOK|FILE")
    sub.add_argument("--machine", required=True, metavar="NAME")
    sub.add_argument("--out", type=Path, required=True, metavar="DIR")
    sub = command("print", printed_layers, "read a layer archive back and print it on the simulated machine")
    sub.add_argument("file", type=Path, metavar="ARCHIVE")
    sub.add_argument("--vat-ml", type=float, default=450.0)
    sub = command("schedule", schedule_of, "which plate runs when, and when the army will be ready")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--now", type=_moment)
    sub = command("inquest", inquests_of, "why runs failed, and what would tell more")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub = command("add", add_files, "read mesh files, folders or zips into a kit of a book")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("files", nargs="+", type=Path, metavar="FILE")
    sub.add_argument("--kit", default="New kit")
    return made


def main(argv: Sequence[str] | None = None) -> int:
    args = parser().parse_args(argv)
    try:
        results = args.run(args)
    except NumerusError as error:
        results = [
            _refused(
                str(next((getattr(args, a) for a in ("book", "path", "file", "out") if hasattr(args, a)), "")), error
            )
        ]
    print(json.dumps(results[0] if len(results) == 1 else results))
    return 0 if results and all(r["ok"] for r in results) else 2


if __name__ == "__main__":
    sys.exit(main())
