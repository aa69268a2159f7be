"""Commands that make plates of books and files, and print them on the simulated machine."""

from __future__ import annotations

import argparse
from collections.abc import Sequence
from functools import cache
from pathlib import Path
from typing import Any

from numerus.cli.results import Result, load_oriented_mesh
from numerus.errors import PlanError


def _machine_named(machines: dict[str, Any], name: str) -> Any:
    """A machine by its id or name, or a profile's file; the examples are known, too. Raises PlanError, naming those there are."""
    from numerus.domain.printing.machines import Machine
    from numerus.printing.machines.profile_files import read_profile
    from numerus.starter.shipped_profiles import shipped_profiles

    if name.endswith(".json") and isinstance(machine := read_profile(Path(name)), Machine):
        return machine
    machines = {m.id: m for m in shipped_profiles() if isinstance(m, Machine)} | machines
    matching = next((m for m in machines.values() if name in (m.id, m.name)), None)
    if matching is None:
        known = ", ".join(f"{m.name} ({m.id})" for m in machines.values()) or "none"
        raise PlanError("no-machine", f"There is no machine {name}.", f"Known: {known}.")
    return matching


def plates_made(args: argparse.Namespace) -> list[Result]:
    """Plates for all a book is owed, or for mesh files each posed and supported, packed by silhouette, written as 3MF."""
    from numerus.formats.meshes.mesh_writing import write_3mf
    from numerus.printing.plates.packing import covered

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
    from numerus.formats.meshes.packed_mesh import unpack_mesh
    from numerus.printing.plates.packing import pack, plates_of
    from numerus.progress.printing.plating import outlines_for, owed_copies, owed_spares, plate_meshes
    from numerus.progress.standing import standing

    book = Book.open(path)
    plans, army_standing = book.plans, standing(book.plans, book.history)
    machine = _machine_named(dict(plans.machines), machine_name)

    @cache
    def mesh_of(blob: str) -> Any:
        return unpack_mesh(book.blob(blob))

    units = plans.units_in_order()
    outlines = [
        o
        for u in units
        for o in outlines_for(plans, owed_copies(plans, army_standing, u.id), mesh_of, owed_spares(plans, u.id))
    ]
    plates = plates_of(pack(outlines, [machine]), outlines, plans.resin, "Plate", new_id) if outlines else []
    return [(p, plate_meshes(p, plans, mesh_of)) for p in plates], machine, {o.part_id: o.bitmap for o in outlines}


def _plates_of_files(paths: Sequence[Path], machine_name: str) -> Made:
    """Each file in its best pose with its supports; machines are those of the demo, or a usual one."""
    from numerus.demo.army import RESIN
    from numerus.domain.printing.machines import Machine
    from numerus.printing.plates.packing import Outline, outline_bitmap, pack, placed_mesh, plates_of
    from numerus.printing.preparation.posed_and_supported import best_kept

    machine = _machine_named({"usual": Machine("usual", "usual")}, machine_name)
    outlines, meshes = [], {}
    for number, path in enumerate(paths):
        pose, supported = best_kept(load_oriented_mesh(path), machine, RESIN)
        key = f"{number}"
        meshes[key] = supported.whole
        ml = supported.posed_part.columns.volume_mm3 / 1000 + pose.support_ml
        outlines.append(
            Outline(key, "", path.name, outline_bitmap(supported.whole), pose.height_mm, ml, name=path.name)
        )
    ids = iter(range(10**6))
    plates = plates_of(pack(outlines, [machine]), outlines, RESIN, "Plate", lambda: str(next(ids)))
    named = [(p, [(s.slot, placed_mesh(meshes[s.part_id], s)) for s in p.placed]) for p in plates]
    return named, machine, {o.part_id: o.bitmap for o in outlines}


def printed_layers(args: argparse.Namespace) -> list[Result]:
    """A layer archive read back, counted, and printed on the simulated machine."""
    from numerus.devices.link import ArchivePrinter
    from numerus.formats.layer_archive import LayerArchive

    archive = LayerArchive.open(args.file)
    manifest, ml = archive.manifest, archive.check()
    printer = ArchivePrinter(archive, args.vat_ml)
    end = printer.reading(manifest.minutes)
    return [{
        "file": str(args.file), "ok": True, "name": manifest.name, "machine": manifest.machine, "layers": manifest.layers, "ml": round(ml, 3),
        "minutes": manifest.minutes, "state": end.state, "resin_left_ml": round(end.resin_ml, 2), "says": end.description,
    }]  # fmt: skip
